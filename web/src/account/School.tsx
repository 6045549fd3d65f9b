import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { SchoolChoice } from './schools';

/** What a school does, what its people say, and what its critics say. */
export function School({ school }: { school: SchoolChoice<string> | undefined }) {
  if (!school) return null;
  return (
    <Box sx={{ borderLeft: 3, borderColor: 'primary.main', pl: 1.5 }} aria-live="polite">
      <Typography>{school.rule}</Typography>
      <Typography variant="body2">
        <strong>For:</strong> {school.favour}
      </Typography>
      <Typography variant="body2">
        <strong>Against:</strong> {school.against}
      </Typography>
    </Box>
  );
}
