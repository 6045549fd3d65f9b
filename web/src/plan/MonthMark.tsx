import Box from '@mui/material/Box';
import type { PlanItem } from './useToday';

const DROP = 'M0 -14 C0.6 -10.5 5 -7.5 5 -3.5 A5 5 0 0 1 -5 -3.5 C-5 -7.5 -0.6 -10.5 0 -14 Z';
const CROSS = 'M-2.5 -7 H2.5 V-2.5 H7 V2.5 H2.5 V7 H-2.5 V2.5 H-7 V-2.5 H-2.5 Z';
const WAVE = 'M-9 2 q2.25 -6 4.5 0 t4.5 0 t4.5 0 t4.5 0';
const SIZE = 30;

/** What is planned, in the shapes of the ribbon: drops stand on the side of their ears. */
export function MonthMark({ item }: { item: PlanItem }) {
  const planned = 'var(--mui-palette-mark-planned)';
  const paper = 'var(--mui-palette-background-paper)';
  return (
    <Box
      component="svg"
      aria-hidden="true"
      viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
      sx={{ width: SIZE, height: SIZE, display: 'block', pointerEvents: 'none' }}
    >
      {item.kind === 'CLEAN' &&
        item.ears.map((side) => (
          <path
            key={side}
            d={DROP}
            transform={`scale(1 ${side === 'RIGHT' ? 1 : -1}) translate(0 -0.5)`}
            fill={paper}
            stroke={planned}
            strokeWidth="2"
          />
        ))}
      {(item.kind === 'CHECK' || item.kind === 'WATCH') && (
        <circle r="5" fill={paper} stroke={planned} strokeWidth="2" />
      )}
      {item.kind === 'WATCH' && <circle r="1.6" fill={planned} />}
      {item.kind === 'VISIT' && (
        <path d={CROSS} fill={paper} stroke="var(--mui-palette-mark-course)" strokeWidth="2" />
      )}
      {item.kind === 'DRY' && (
        <path d={WAVE} fill="none" stroke="var(--mui-palette-mark-water)" strokeWidth="2" />
      )}
      {item.kind === 'PRACTICE' && (
        <path d="M0 -5 L5 4 H-5 Z" fill={paper} stroke={planned} strokeWidth="2" />
      )}
    </Box>
  );
}
