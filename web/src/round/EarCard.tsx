import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { BottleCaution } from '../cleaning/session/BottleCaution';
import { doubtful } from '../cleaning/session/bottles';
import { FoundAlert, FoundTaps } from '../cleaning/session/FoundTaps';
import { LoadTiles } from '../cleaning/session/LoadTiles';
import { bottleOf, type EarTaps } from '../cleaning/session/progress';
import { methodWord } from '../cleaning/load';
import { count } from '../measure/days';
import { earName, letter, ofSide, type Side } from '../measure/side';
import { Massage } from './Massage';
import { mayFill, mayLeave, type DogNow, type DogRun, type RoundTap } from './round';

const CHIP = { minHeight: 56, px: 0.5, lineHeight: 1.1, fontSize: '0.98rem', minWidth: 0 } as const;

/** One ear of a dog in a round: what came out, and the rest by one tap each. */
export function EarCard({
  ear,
  now,
  one,
  onTap,
}: {
  ear: Side;
  now: DogNow;
  one: DogRun;
  onTap: (tap: RoundTap) => void;
}) {
  const [more, setMore] = useState(false);
  const task = ofSide(now.guided.session.ears, ear);
  const taps = ofSide(one.progress, ear);
  const name = earName(ear);
  const left = one.leftAlone.includes(ear);
  const bottle = doubtful(now.guided, bottleOf(one.progress, ear), ear);
  const hair = now.guided.session.steps.some((step) => step.kind === 'HAIR' && step.ear === ear);
  const found = (changed: Partial<EarTaps>) => onTap({ type: 'ear', side: ear, taps: changed });
  const toggled = (smell: 'SWEET' | 'FOUL') =>
    found({ odour: taps.odour === smell ? undefined : smell });
  return (
    <Paper component="section" aria-label={name} variant="outlined" sx={{ p: 1, pt: 0.5 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Typography component="h2" sx={{ fontWeight: 700, flex: 1 }}>
          {letter(ear)} · {task.method && methodWord(task.method)}
          {task.ordered && ', as ordered'}
        </Typography>
        {mayLeave(one, ear) && (
          <Button
            color="inherit"
            aria-pressed={left}
            aria-label={`Leave the ${name} alone`}
            onClick={() => onTap({ type: 'leave', side: ear })}
            sx={{ color: 'text.secondary', minHeight: 56, minWidth: 56, my: -0.75 }}
          >
            {left ? 'left alone' : 'leave it'}
          </Button>
        )}
      </Box>
      {!left && (
        <Box sx={{ display: 'grid', gap: 0.75 }}>
          {task.narrowed && task.reasons[0] && task.method === 'WIPE' && !task.mayFully && (
            <Typography variant="body2" sx={{ color: 'warning.main' }}>
              {task.reasons[0].sentence}
            </Typography>
          )}
          {hair && (
            <Alert severity="info" sx={{ py: 0 }}>
              Hair is to be done here: let it lead you through.
            </Alert>
          )}
          {bottle && (
            <BottleCaution
              guided={now.guided}
              bottle={bottle}
              ear={ear}
              onTap={(tap) => tap.type === 'cleaner' && onTap(tap)}
            />
          )}
          {task.method !== 'WIPE' && (
            <Fills ear={ear} now={now} one={one} onTap={onTap} onSquelched={found} />
          )}
          <LoadTiles ear={ear} load={taps.load} onChange={(load) => found({ load })} />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1.6fr 1fr 1fr 1fr', gap: 0.5 }}>
            <Wipes ear={ear} taps={taps} expected={task.habit.expectedWipes} onChange={found} />
            <Toggle
              on={taps.odour === 'SWEET'}
              name={`Sweet smell, ${name}`}
              onClick={() => toggled('SWEET')}
            >
              sweet smell
            </Toggle>
            <Toggle
              on={taps.odour === 'FOUL'}
              name={`Foul smell, ${name}`}
              onClick={() => toggled('FOUL')}
            >
              foul smell
            </Toggle>
            <Toggle on={more} name={`It hurt, or more, ${name}`} onClick={() => setMore(!more)}>
              it hurt …
            </Toggle>
          </Box>
          {more ? (
            <FoundTaps ear={ear} taps={taps} task={task} onChange={found} />
          ) : (
            <FoundAlert ear={ear} noticed={taps} ordered={task.ordered} finds={task.finds} />
          )}
        </Box>
      )}
    </Paper>
  );
}

/** The first tap says as many wipes as its last times took, each further one a wipe more. */
function Wipes({
  ear,
  taps,
  expected,
  onChange,
}: {
  ear: Side;
  taps: EarTaps;
  expected: number;
  onChange: (taps: Partial<EarTaps>) => void;
}) {
  const name = earName(ear);
  const said = taps.wipes > 0;
  const usual = Math.max(1, expected);
  return (
    <Box sx={{ display: 'flex', gap: 0.25, minWidth: 0 }}>
      {said && (
        <Button
          variant="outlined"
          aria-label={`One wipe less, ${name}`}
          onClick={() => onChange({ wipes: taps.wipes - 1 })}
          sx={{ ...CHIP, width: 40 }}
        >
          −
        </Button>
      )}
      <Toggle
        on={said}
        name={
          said
            ? `${count(taps.wipes, 'wipe')}, ${name}: one more`
            : `${count(usual, 'wipe')}, ${name}`
        }
        onClick={() => onChange({ wipes: said ? taps.wipes + 1 : usual })}
      >
        {said ? count(taps.wipes, 'wipe') : `${count(usual, 'wipe')}?`}
      </Toggle>
    </Box>
  );
}

function Toggle({
  on,
  name,
  onClick,
  children,
}: {
  on: boolean;
  name: string;
  onClick: () => void;
  children: string;
}) {
  return (
    <Button
      variant="outlined"
      aria-pressed={on}
      aria-label={name}
      onClick={onClick}
      sx={{
        ...CHIP,
        flex: 1,
        borderWidth: on ? 2 : 1,
        fontWeight: on ? 700 : 500,
        bgcolor: on ? 'mark.chosen' : undefined,
      }}
    >
      {children}
    </Button>
  );
}

/** Fills, each with its massage, and whether that squelched. */
function Fills({
  ear,
  now,
  one,
  onTap,
  onSquelched,
}: {
  ear: Side;
  now: DogNow;
  one: DogRun;
  onTap: (tap: RoundTap) => void;
  onSquelched: (taps: Partial<EarTaps>) => void;
}) {
  const taps = ofSide(one.progress, ear);
  const name = earName(ear);
  const filled = taps.pours.length;
  const may = mayFill(now, one, ear);
  const { massage } = one;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
      {filled > 0 && (
        <Button
          variant="outlined"
          aria-label={`One fill less, ${name}`}
          onClick={() => onTap({ type: 'takeBackFill', side: ear })}
          sx={{ ...CHIP, width: 56 }}
        >
          −
        </Button>
      )}
      <Button
        variant={filled === 0 ? 'contained' : 'outlined'}
        aria-disabled={!may}
        aria-label={filled === 0 ? `Filled: ${name}` : `Filled again: ${name}`}
        onClick={() => may && onTap({ type: 'fill', side: ear, now: new Date() })}
        sx={{ ...CHIP, flex: 1, opacity: may ? 1 : 0.55 }}
      >
        {filled === 0 ? 'Filled: massage' : `${count(filled, 'fill')}${may ? ', again' : ''}`}
      </Button>
      <Toggle
        on={taps.squelched === true}
        name={`It squelched, ${name}`}
        onClick={() => onSquelched({ squelched: taps.squelched ? undefined : true })}
      >
        squelched
      </Toggle>
      {massage?.ear === ear && (
        <Box sx={{ flexBasis: '100%' }}>
          <Massage key={massage.until} until={massage.until} seconds={massage.seconds} />
        </Box>
      )}
    </Box>
  );
}
