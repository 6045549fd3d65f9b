import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { School } from './School';
import type { SchoolChoice } from './schools';

/** The arguments of all sides of a choice, the chosen one first. */
export function Schools({
  schools,
  chosen,
}: {
  schools: readonly SchoolChoice<string>[];
  chosen: string;
}) {
  const inOrder = [...schools].sort(
    (one, other) => Number(other.value === chosen) - Number(one.value === chosen),
  );
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {inOrder.map((school) => (
        <Box key={school.value}>
          <Typography sx={{ fontWeight: school.value === chosen ? 700 : 500 }}>
            {school.label}
          </Typography>
          <School school={school} />
        </Box>
      ))}
    </Box>
  );
}
