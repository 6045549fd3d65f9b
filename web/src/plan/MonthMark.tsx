import Box from '@mui/material/Box';
import type { ItemMark } from '../view/useToday';
import { KINDS } from './kinds';

const SIZE = 30;

/** What is planned, in the shapes of the ribbon: drops stand on the side of their ears. */
export function MonthMark({ item }: { item: ItemMark }) {
  return (
    <Box
      component="svg"
      aria-hidden="true"
      viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
      sx={{ width: SIZE, height: SIZE, display: 'block', pointerEvents: 'none' }}
    >
      {KINDS[item.kind].mark(item)}
    </Box>
  );
}
