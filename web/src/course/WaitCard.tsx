import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { earName } from '../measure/side';

type Running = Schemas['Running'];

const MINUTE = 60_000;
const RADIUS = 18;
const AROUND = 2 * Math.PI * RADIUS;

/** How long an ear waits after its cleaning. */
export function WaitCard({ name, wait, now }: { name: string; wait: Running; now: number }) {
  const whole = Date.parse(wait.until) - Date.parse(wait.since);
  const left = Math.max(0, Date.parse(wait.until) - now);
  const minutes = Math.ceil(left / MINUTE);
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label={`${name} waits`}
      sx={{ p: 2, display: 'flex', gap: 2, alignItems: 'center' }}
    >
      <Box component="svg" viewBox="0 0 44 44" aria-hidden="true" sx={{ width: 52, flex: 'none' }}>
        <circle
          cx="22"
          cy="22"
          r={RADIUS}
          fill="none"
          stroke="var(--mui-palette-mark-lane)"
          strokeWidth="7"
        />
        <circle
          cx="22"
          cy="22"
          r={RADIUS}
          fill="none"
          stroke="var(--mui-palette-mark-water)"
          strokeWidth="7"
          strokeDasharray={`${(AROUND * left) / whole} ${AROUND}`}
          transform="rotate(-90 22 22)"
        />
      </Box>
      <Box>
        <Typography sx={{ fontSize: '1.15rem' }}>
          <strong role="timer">
            {name} waits {minutes} min
          </strong>{' '}
          after the cleaning of its {earName(wait.ear)}
        </Typography>
        <Typography color="textSecondary">cleaner left in the ear thins the medicine</Typography>
      </Box>
    </Paper>
  );
}
