import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Stack from '@mui/material/Stack';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useMayRecord, useSettings } from '../../household/useMe';
import { ChoiceField } from '../../form/ChoiceField';
import { count } from '../../measure/days';
import { sidesAsSeen } from '../../measure/facing';
import { earName, earsName, letter, ofSide, type Side } from '../../measure/side';
import { methodWord } from '../load';
import { RUNGS } from '../rungs';
import { keepSound, keptSound } from './device';
import { openStep, type GuidedSession, type Progress } from './progress';
import { FirstTime } from './FirstTime';
import { MAIN_TARGET } from './mainTarget';
import { SessionFrame } from './SessionFrame';
import { wakeSound } from './signals';

const WHO = [
  { value: true, label: 'with a helper' },
  { value: false, label: 'alone' },
] as const;

const EARS: readonly { value: string; sides: Side[] }[] = [
  { value: 'RIGHT,LEFT', sides: ['RIGHT', 'LEFT'] },
  { value: 'RIGHT', sides: ['RIGHT'] },
  { value: 'LEFT', sides: ['LEFT'] },
];

/** Before a session: what will be done and why, with whom, and with which signals. */
export function StartView({
  guided,
  ears,
  helper,
  begun,
  fresh,
  fully,
  onFully,
  onEars,
  onHelper,
  onBegin,
  onResume,
}: {
  guided: GuidedSession;
  ears: readonly Side[];
  helper: boolean;
  /** How far a session got that was begun before, here or on another device. */
  begun: Progress | undefined;
  /** Whether what is shown is how things stand now, so that a session may begin from it. */
  fresh: boolean;
  /** Whether quiet ears that are not due are cleaned fully all the same. */
  fully: boolean;
  onFully: (fully: boolean) => void;
  onEars: (ears: Side[]) => void;
  onHelper: (helper: boolean) => void;
  onBegin: () => void;
  onResume: () => void;
}) {
  const { session, name, dogId } = guided;
  const practice = session.purpose === 'PRACTICE';
  const mayRecord = useMayRecord();
  const at = begun && openStep(session, begun);
  const begin = () => {
    if (!fresh) return;
    wakeSound();
    onBegin();
  };
  return (
    <SessionFrame
      title={practice ? `Practise with ${name}` : `Clean with me: ${name}`}
      head={
        <Box sx={{ display: 'flex', p: 1 }}>
          <Button component={RouterLink} to={`/dogs/${dogId}`} color="inherit">
            Not now
          </Button>
        </Box>
      }
      foot={
        mayRecord ? (
          <>
            {at && (
              <Button
                variant="contained"
                sx={MAIN_TARGET}
                onClick={() => {
                  wakeSound();
                  onResume();
                }}
              >
                Go on at: {at.title}
              </Button>
            )}
            <Button
              variant={at ? 'outlined' : 'contained'}
              size="large"
              sx={at ? undefined : MAIN_TARGET}
              onClick={begin}
              aria-disabled={!fresh}
              autoFocus={!at}
            >
              {at ? 'Begin anew' : 'Begin'}
            </Button>
          </>
        ) : (
          <Typography>You look on in this household: a carer leads a session.</Typography>
        )
      }
    >
      <Stack spacing={2} sx={{ maxWidth: 760, mx: 'auto' }}>
        <Box>
          <Typography variant="h1">
            {practice ? `Practise with ${name}` : `Clean with me: ${name}`}
          </Typography>
          <Typography color="textSecondary">{lead(guided)}</Typography>
        </Box>
        {practice ? (
          <Alert severity="info">{session.trust.reasons[0]?.sentence}</Alert>
        ) : (
          <Stack spacing={1}>
            <FirstTime guided={guided} />
            <WhatIsDone guided={guided} />
            {(fully || session.ears.right.mayFully || session.ears.left.mayFully) && (
              <Box>
                <FormControlLabel
                  control={<Switch checked={fully} onChange={(_, all) => onFully(all)} />}
                  label="Clean it fully today all the same"
                />
              </Box>
            )}
            {session.reasons.map((reason) => (
              <Typography key={reason.sentence} variant="body2" color="textSecondary">
                {reason.sentence}
              </Typography>
            ))}
          </Stack>
        )}
        {!practice && (
          <ChoiceField
            label="Which ears"
            hint={
              isBetterKnown(guided) ? 'The better one comes first.' : 'The right one comes first.'
            }
            value={ears.length === 2 ? 'RIGHT,LEFT' : (ears[0] ?? 'RIGHT,LEFT')}
            choices={EARS.map(({ value, sides }) => ({ value, label: earsName(sides) }))}
            onChange={(value) => onEars(EARS.find((one) => one.value === value)?.sides ?? [])}
          />
        )}
        <ChoiceField
          label="Who is there"
          hint="It changes how the dog is held."
          value={helper}
          choices={WHO}
          onChange={onHelper}
        />
        <SoundSwitches />
      </Stack>
    </SessionFrame>
  );
}

/** Whether both ears have been looked at, so that one of them may be the better one. */
function isBetterKnown({ stands }: GuidedSession): boolean {
  return stands.right.looked && stands.left.looked;
}

function rungNumber({ trust }: GuidedSession['session']): number {
  return RUNGS.findIndex((rung) => rung.value === trust.rung) + 1;
}

function lead({ session }: GuidedSession): string {
  if (session.purpose === 'PRACTICE') {
    return `Step ${rungNumber(session)} of 6 to being cleaned. Two to three minutes, ended while it is calm.`;
  }
  const took = session.minutes;
  const steps = 'One step at a time; stop whenever you like.';
  return took === undefined ? steps : `About ${count(took, 'minute')}, as last time. ${steps}`;
}

function WhatIsDone({ guided }: { guided: GuidedSession }) {
  const { facing } = useSettings();
  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
      {sidesAsSeen(facing).map((side) => {
        const task = ofSide(guided.session.ears, side);
        return (
          <Box
            key={side}
            component="section"
            aria-label={earName(side)}
            sx={{
              border: 1,
              borderColor: task.narrowed ? 'mark.caution' : 'divider',
              borderRadius: 1,
              p: 1.25,
            }}
          >
            <Typography variant="h3" component="h2">
              {letter(side)} · {task.method ? methodWord(task.method) : 'left alone'}
            </Typography>
            {task.care.map((words) => (
              <Typography key={words} sx={{ fontWeight: 600 }}>
                {words}
              </Typography>
            ))}
            {task.reasons.map((reason) => (
              <Typography key={reason.sentence} variant="body2">
                {reason.sentence}
              </Typography>
            ))}
          </Box>
        );
      })}
    </Box>
  );
}

/** Tone and voice; in quiet mode there is no tone, and no voice unless it is asked for. */
function SoundSwitches() {
  const [sound, setSound] = useState(keptSound);
  const change = (next: typeof sound) => {
    setSound(next);
    keepSound(next);
  };
  return (
    <Box>
      <FormControlLabel
        control={
          <Switch
            checked={sound.quiet}
            onChange={(_, quiet) => change({ ...sound, quiet, voice: !quiet })}
          />
        }
        label="Quiet: no tone, the phone shakes instead"
      />
      <FormControlLabel
        control={
          <Switch checked={sound.voice} onChange={(_, voice) => change({ ...sound, voice })} />
        }
        label="Say each step aloud"
      />
      <FormControlLabel
        control={
          <Switch checked={sound.goesOn} onChange={(_, goesOn) => change({ ...sound, goesOn })} />
        }
        label="Go on by itself when the time of a step is up"
      />
    </Box>
  );
}
