import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import type { Schemas } from '../api/client';
import { VerdictCard } from './VerdictCard';

/** What the latest check says, and the way to all others. */
export function LatestCheck({
  dog,
}: {
  dog: Pick<Schemas['DogInFull'], 'dog' | 'latest' | 'checked'>;
}) {
  return (
    <Box component="section" aria-label="Checks">
      <Stack direction="row" sx={{ alignItems: 'baseline', gap: 2, mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2">The latest check</Typography>
        <Link component={RouterLink} to={`/dogs/${dog.dog.id}/checks`}>
          All checks, compare two
        </Link>
        <Link component={RouterLink} to={`/dogs/${dog.dog.id}/visits`}>
          Visits to the vet
        </Link>
      </Stack>
      {dog.latest ? (
        <VerdictCard verdict={dog.latest} />
      ) : (
        <Typography color="textSecondary">
          No check yet. The first ones teach what is normal for this dog.
        </Typography>
      )}
    </Box>
  );
}
