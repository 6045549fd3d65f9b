import DoneIcon from '@mui/icons-material/CheckCircle';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { useSettings } from '../household/useMe';
import type { GuidedSession } from '../cleaning/session/progress';
import { VerdictMark } from '../check/VerdictMark';
import { sidesAsSeen } from '../measure/facing';
import { earName, letter, ofSide } from '../measure/side';
import type { DogNow, DogRun, RoundTap } from './round';

/** The look: each ear as usual by one tap, or sign by sign where anything differs. */
export function LookTaps({
  guided,
  now,
  one,
  onAsEver,
  onDiffers,
}: {
  /** Its session as it was sent. */
  guided: GuidedSession;
  now: DogNow;
  one: DogRun;
  onAsEver: (side: Extract<RoundTap, { type: 'asEver' }>['side']) => void;
  onDiffers: () => void;
}) {
  const sides = sidesAsSeen(useSettings().facing);
  const { says } = now;
  const known = guided.session.check?.startsFrom !== undefined;
  if (!guided.session.check) {
    return <Typography color="textSecondary">Looked at today.</Typography>;
  }
  return (
    <Paper component="section" aria-label="Look" variant="outlined" sx={{ p: 1, pb: 0.5 }}>
      {known && (
        <Box sx={PAIR}>
          {sides.map((side) => {
            const said = one.asEver.includes(side);
            return (
              <Button
                key={side}
                variant="outlined"
                aria-pressed={said}
                aria-label={`Looked, sniffed: the ${earName(side)} is as usual`}
                aria-keyshortcuts={letter(side).toLowerCase()}
                startIcon={said ? <DoneIcon /> : undefined}
                onClick={() => onAsEver(side)}
                sx={{
                  minHeight: 64,
                  fontSize: '1.15rem',
                  borderWidth: 2,
                  bgcolor: said ? 'mark.chosen' : undefined,
                }}
              >
                {letter(side)} as usual
              </Button>
            );
          })}
        </Box>
      )}
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 60 }}>
        <Box sx={{ flex: 1 }} aria-live="polite">
          {says ? (
            <Box role="group" aria-label="What the look says" sx={PAIR}>
              {sides.map((side) => (
                <Typography key={side} component="div" sx={{ display: 'flex', gap: 0.75 }}>
                  <strong aria-label={earName(side)}>{letter(side)}</strong>
                  <VerdictMark verdict={ofSide(says, side).verdict} size={22} />
                </Typography>
              ))}
            </Box>
          ) : (
            <Typography variant="body2">
              {known
                ? 'Seen, sniffed, felt: the same as its normal, and the dog as usual.'
                : 'Its normal is not known, or it was not well last time: look for every sign.'}
            </Typography>
          )}
        </Box>
        <Button
          onClick={onDiffers}
          variant={known || says ? 'text' : 'contained'}
          sx={{ minHeight: 56, px: 1, lineHeight: 1.15 }}
        >
          {known ? 'Something differs' : says ? 'Look again' : 'Look sign by sign'}
        </Button>
      </Box>
    </Paper>
  );
}

const PAIR = { display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 } as const;
