import Box from '@mui/material/Box';
import type { DoneOn } from './done';
import { CROSS, DROP, dropAt } from './kinds';

const SIZE = 30;

/** What was done on a day, paler than what is planned, in the same shapes. */
export function DoneMark({ done, words }: { done: DoneOn; words: string }) {
  return (
    <Box
      component="svg"
      role="img"
      aria-label={words}
      viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
      sx={{ width: SIZE, height: SIZE, display: 'block', opacity: 0.5 }}
    >
      <title>{words}</title>
      {done.kind === 'CLEAN' &&
        done.ears.map((side) => (
          <path
            key={side}
            d={DROP}
            transform={dropAt(side, done.ears.length)}
            fill="var(--mui-palette-primary-main)"
          />
        ))}
      {done.kind === 'CHECK' && <circle r="4" fill="var(--mui-palette-mark-quiet)" />}
      {done.kind === 'VISIT' && <path d={CROSS} fill="var(--mui-palette-mark-course)" />}
    </Box>
  );
}
