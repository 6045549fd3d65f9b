import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useSettings } from '../../household/useMe';
import { minutesWords } from '../../measure/clock';
import { count, dateWithYear } from '../../measure/days';
import { sidesAsSeen } from '../../measure/facing';
import { earName, letter, ofSide, type Side } from '../../measure/side';
import { volumeWords, type VolumeUnit } from '../../measure/units';
import { methodWord } from '../load';
import { HandledTaps } from './HandledTaps';
import { LoadTiles } from './LoadTiles';
import { isComplete, touched, type GuidedSession, type Progress, type Tap } from './progress';
import { MAIN_TARGET } from './mainTarget';
import { SessionFrame } from './SessionFrame';
import { LIMITS } from '../../api/limits';

/** What was done, to be looked over once and saved. */
export function SummaryView({
  guided,
  progress,
  onTap,
  onBack,
  onForget,
  onSave,
}: {
  guided: GuidedSession;
  progress: Progress;
  onTap: (tap: Tap) => void;
  /** Back to the steps; undefined where they can no longer be gone on with. */
  onBack: (() => void) | undefined;
  onForget: () => void;
  onSave: (note: string) => void;
}) {
  const { facing, volumeUnit } = useSettings();
  const [note, setNote] = useState('');
  const practice = progress.purpose === 'PRACTICE';
  const complete = isComplete(progress);
  return (
    <SessionFrame
      title={`${guided.name}: summary`}
      head={<Box sx={{ height: 10, bgcolor: 'primary.main' }} aria-hidden="true" />}
      foot={
        <Box sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 1 }}>
          {onBack ? (
            <Button variant="outlined" onClick={onBack}>
              Back
            </Button>
          ) : (
            <Button variant="outlined" color="error" onClick={onForget}>
              Forget it
            </Button>
          )}
          <Button
            variant="contained"
            sx={{ ...MAIN_TARGET, ...(!complete && { opacity: 0.55 }) }}
            aria-disabled={!complete}
            autoFocus
            onClick={() => complete && onSave(note)}
          >
            {complete ? 'Save' : 'Say what is missing'}
          </Button>
        </Box>
      }
    >
      <Stack spacing={2} sx={{ maxWidth: 900, mx: 'auto' }}>
        <Typography variant="h1">
          {guided.name}: {minutesWords(progress.seconds)}
        </Typography>
        {!onBack && (
          <Alert severity="warning">
            This session of {dateWithYear(guided.today)} was not finished. Record it as far as it
            got; to go on today, look at the ears first.
          </Alert>
        )}
        {!practice && (
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
            {sidesAsSeen(facing).map((side) => (
              <EarSummary
                key={side}
                side={side}
                guided={guided}
                progress={progress}
                unit={volumeUnit}
                onTap={onTap}
              />
            ))}
          </Box>
        )}
        <Box>
          <Typography sx={{ fontWeight: 650, mb: 0.5 }}>How it took it</Typography>
          <HandledTaps
            value={progress.handled}
            onChange={(handled) => onTap({ type: 'handled', handled })}
          />
        </Box>
        {!practice && (
          <TextField
            label="Note"
            multiline
            value={note}
            onChange={(event) => setNote(event.target.value)}
            slotProps={{ htmlInput: { maxLength: LIMITS.Cleaning.note.length } }}
          />
        )}
        {!complete && (
          <Alert severity="info">
            {progress.handled === undefined
              ? 'How did it take it?'
              : 'Say what came out of each ear that was done.'}
          </Alert>
        )}
      </Stack>
    </SessionFrame>
  );
}

function EarSummary({
  side,
  guided,
  progress,
  unit,
  onTap,
}: {
  side: Side;
  guided: GuidedSession;
  progress: Progress;
  unit: VolumeUnit;
  onTap: (tap: Tap) => void;
}) {
  const taps = ofSide(progress, side);
  const { method } = ofSide(guided.session.ears, side);
  const done = touched(taps);
  return (
    <Box
      component="section"
      aria-label={earName(side)}
      sx={{ border: 1, borderColor: 'divider', borderRadius: 1, p: 1.5 }}
    >
      <Typography variant="h3" component="h2">
        {letter(side)} · {earName(side)}
      </Typography>
      {done && method ? (
        <>
          <Typography sx={{ mb: 1 }}>{facts(taps, method, unit)}</Typography>
          <LoadTiles
            ear={side}
            load={taps.load}
            onChange={(load) => onTap({ type: 'ear', side, taps: { load } })}
          />
        </>
      ) : (
        <Typography color="textSecondary">Left alone</Typography>
      )}
    </Box>
  );
}

/** "fill · 2 rounds · 13 mL · 5 wipes · squelched" */
function facts(
  taps: Progress['right'],
  method: Parameters<typeof methodWord>[0],
  unit: VolumeUnit,
): string {
  const measured = taps.pours.flatMap(({ millilitres }) => millilitres ?? []);
  const poured =
    measured.length > 0 && measured.length === taps.pours.length
      ? volumeWords(
          measured.reduce((sum, one) => sum + one, 0),
          unit,
        )
      : undefined;
  return [
    methodWord(method),
    taps.pours.length > 0 && count(taps.pours.length, 'round'),
    poured,
    count(taps.wipes, 'wipe'),
    taps.squelched && 'squelched',
  ]
    .filter(Boolean)
    .join(' · ');
}
