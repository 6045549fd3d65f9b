import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Stack from '@mui/material/Stack';
import type { ReactNode } from 'react';
import { useSettings } from '../household/useMe';
import { dateWithYear, type Day } from '../measure/days';
import { weightWords } from '../measure/units';

/** The field for today's weight, with those of earlier days below it. */
export function WeightFields({
  weights,
  onRemove,
  children,
}: {
  weights: readonly { on: Day; weight: number }[];
  onRemove: (on: Day) => void;
  children: ReactNode;
}) {
  const { weightUnit } = useSettings();
  return (
    <Box>
      {children}
      <Stack direction="row" sx={{ mt: 1, gap: 0.75, flexWrap: 'wrap' }}>
        {weights.map(({ on, weight }) => (
          <Chip
            key={on}
            label={`${weightWords(weight, weightUnit)} on ${dateWithYear(on)}`}
            onDelete={() => onRemove(on)}
          />
        ))}
      </Stack>
    </Box>
  );
}
