import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import type { Schemas } from '../api/client';
import { inWords } from '../measure/days';
import { VerdictCard } from './VerdictCard';

/** What the latest check says, and the way to all others. */
export function LatestCheck({
  dog,
}: {
  dog: Pick<
    Schemas['DogInFull'],
    'dog' | 'plan' | 'latest' | 'checkedOn' | 'visitedSince' | 'cleanedSince'
  >;
}) {
  return (
    <Box component="section" aria-label="Checks">
      <Stack direction="row" sx={{ alignItems: 'baseline', gap: 2, mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2">
          The latest check{dog.checkedOn && `, ${inWords(dog.checkedOn, dog.plan.today)}`}
        </Typography>
        <Link component={RouterLink} to={`/dogs/${dog.dog.id}/checks`}>
          All checks, compare two
        </Link>
        <Link component={RouterLink} to={`/dogs/${dog.dog.id}/visits`}>
          Visits to the vet
        </Link>
      </Stack>
      {dog.latest && <Since dog={dog} />}
      {dog.latest ? (
        <VerdictCard verdict={dog.latest} isOver={dog.visitedSince !== undefined} />
      ) : (
        <Typography color="textSecondary">
          No check yet. The first ones teach what is normal for this dog.
        </Typography>
      )}
    </Box>
  );
}

/** What has happened since: what a check said is that check's, not today's word. */
function Since({
  dog: { plan, visitedSince, cleanedSince },
}: {
  dog: Pick<Schemas['DogInFull'], 'plan' | 'visitedSince' | 'cleanedSince'>;
}) {
  if (!visitedSince && !cleanedSince) return null;
  return (
    <Alert severity="info" sx={{ mb: 1 }}>
      {visitedSince &&
        `Since then a vet has spoken, ${inWords(visitedSince, plan.today)}: go by that and by the plan above. Below is what the check said that day. `}
      {cleanedSince && `Cleaned since then, ${inWords(cleanedSince, plan.today)}.`}
    </Alert>
  );
}
