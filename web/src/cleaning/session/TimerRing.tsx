import Box from '@mui/material/Box';
import { clock } from '../../measure/clock';

const RADIUS = 44;
const AROUND = 2 * Math.PI * RADIUS;

/** What is left of a step's time, readable from across the room. */
export function TimerRing({
  left,
  whole,
  paused,
}: {
  left: number;
  whole: number;
  paused: boolean;
}) {
  const over = left === 0;
  return (
    <Box sx={{ height: '100%', minHeight: 0, display: 'grid', placeItems: 'center' }}>
      <Box
        component="svg"
        viewBox="0 0 100 100"
        role="timer"
        aria-label={over ? 'Time is up' : `${left} seconds left${paused ? ', paused' : ''}`}
        sx={{ height: '100%', maxHeight: 340, minHeight: 0, maxWidth: '100%' }}
      >
        <circle
          cx="50"
          cy="50"
          r={RADIUS}
          fill="none"
          stroke="var(--mui-palette-mark-lane)"
          strokeWidth="7"
        />
        <circle
          cx="50"
          cy="50"
          r={RADIUS}
          fill="none"
          stroke={over ? 'var(--mui-palette-mark-quiet)' : 'var(--mui-palette-primary-main)'}
          strokeWidth="7"
          strokeLinecap="round"
          strokeDasharray={AROUND}
          strokeDashoffset={over ? 0 : AROUND * (1 - left / whole)}
          transform="rotate(-90 50 50)"
        />
        <text
          x="50"
          y="50"
          textAnchor="middle"
          dominantBaseline="central"
          fontSize={over ? 17 : 28}
          fontWeight="700"
          fill="var(--mui-palette-text-primary)"
        >
          {over ? 'Time is up' : left < 60 ? left : clock(left)}
        </text>
        {paused && !over && (
          <text
            x="50"
            y="72"
            textAnchor="middle"
            fontSize="9"
            fill="var(--mui-palette-text-secondary)"
          >
            paused
          </text>
        )}
      </Box>
    </Box>
  );
}
