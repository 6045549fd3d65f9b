import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import type { Schemas } from '../api/client';
import { inWords, type Day } from '../measure/days';
import { VerdictCard } from './VerdictCard';

type Checks = Schemas['ChecksTab'];

/** What the latest check says, and the way to all others. */
export function LatestCheck({
  dogId,
  today,
  checks,
}: {
  dogId: string;
  today: Day;
  checks: Checks;
}) {
  const { latest, checkedOn, visitedSince } = checks;
  return (
    <Box component="section" aria-label="Checks">
      <Stack direction="row" sx={{ alignItems: 'baseline', gap: 2, mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2">
          The latest check{checkedOn && `, ${inWords(checkedOn, today)}`}
        </Typography>
        <Link component={RouterLink} to={`/dogs/${dogId}/checks`}>
          All checks, compare two
        </Link>
        <Link component={RouterLink} to={`/dogs/${dogId}/visits`}>
          Visits to the vet
        </Link>
      </Stack>
      {latest && <Since checks={checks} today={today} />}
      {latest ? (
        <VerdictCard verdict={latest} isOver={visitedSince !== undefined} />
      ) : (
        <Typography color="textSecondary">
          No check yet. The first ones teach what is normal for this dog.
        </Typography>
      )}
    </Box>
  );
}

/** What has happened since: what a check said is that check's, not today's word. */
function Since({ checks: { visitedSince, cleanedSince }, today }: { checks: Checks; today: Day }) {
  if (!visitedSince && !cleanedSince) return null;
  return (
    <Alert severity="info" sx={{ mb: 1 }}>
      {visitedSince &&
        `Since then a vet has spoken, ${inWords(visitedSince, today)}: go by that and by the plan above. Below is what the check said that day. `}
      {cleanedSince && `Cleaned since then, ${inWords(cleanedSince, today)}.`}
    </Alert>
  );
}
