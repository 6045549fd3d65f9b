import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink, useParams, useSearchParams } from 'react-router';
import { useMayRecord, useSettings } from '../household/useMe';
import type { Schemas } from '../api/client';
import { useDog } from '../view/useDog';
import { dateWithYear, inWords, shortDate, type Day } from '../measure/days';
import { sidesAsSeen } from '../measure/facing';
import { earName, letter, ofSide } from '../measure/side';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { Documents } from '../visit/Documents';
import { earVisitLines } from '../visit/visitWords';
import { useVisits, type VisitEntry } from '../visit/useVisits';

/** A dog's visits to the vet, the latest first. */
export function Component() {
  const dogId = useParams().dog ?? '';
  const visits = useVisits(dogId);
  const dog = useDog(dogId);
  const saved = useSearchParams()[0].has('saved');
  const mayRecord = useMayRecord();
  return (
    <Page
      title={dog.data ? `${dog.data.dog.profile.name}: visits to the vet` : 'Visits to the vet'}
      actions={
        <Stack direction="row" spacing={1}>
          <Button component={RouterLink} to={`/dogs/${dogId}`}>
            Back to the dog
          </Button>
          {mayRecord && (
            <Button component={RouterLink} to={`/dogs/${dogId}/visit`} variant="contained">
              Record a visit
            </Button>
          )}
        </Stack>
      }
    >
      {visits.isError && <Failure error={visits.error} onRetry={() => void visits.refetch()} />}
      {visits.isPending && (
        <Skeleton variant="rounded" height={240} role="status" aria-label="Loading" />
      )}
      <Stack spacing={2}>
        {saved && (
          <Alert severity="success">
            Recorded. {dog.data && <Overrides plan={dog.data.plan} />}
          </Alert>
        )}
        {visits.data?.length === 0 && (
          <Typography color="textSecondary">
            No visit yet. Record what the vet finds and says: it overrides every computed date.
          </Typography>
        )}
        {dog.data &&
          visits.data?.map((entry) => (
            <VisitCard
              key={entry.visit.id}
              dogId={dogId}
              entry={entry}
              today={dog.data.plan.today}
            />
          ))}
      </Stack>
    </Page>
  );
}

/** What the vet's word makes of the plan. */
function Overrides({ plan }: { plan: Schemas['DogPlan'] }) {
  const said = [plan.ears.right, plan.ears.left].flatMap((ear, index) =>
    ear.order ? `${index === 0 ? 'Right' : 'Left'} ear: ${ear.rhythm.reasons[0]?.sentence}` : [],
  );
  return <>{said.join(' ')}</>;
}

function VisitCard({ dogId, entry, today }: { dogId: string; entry: VisitEntry; today: Day }) {
  const { visit } = entry;
  const day = visit.moment.day;
  const sides = sidesAsSeen(useSettings().facing);
  const mayRecord = useMayRecord();
  return (
    <Paper variant="outlined" component="article" sx={{ p: 2 }}>
      <Stack direction="row" sx={{ alignItems: 'baseline', gap: 2 }}>
        <Typography variant="h3" component="h2">
          {dateWithYear(day)}
        </Typography>
        <Typography color="textSecondary" sx={{ flex: 1 }}>
          {inWords(day, today)}
        </Typography>
        {mayRecord && (
          <Button
            component={RouterLink}
            to={`/dogs/${dogId}/visits/${visit.id}/edit`}
            size="small"
            aria-label={`Correct the visit of ${dateWithYear(day)}`}
          >
            Correct
          </Button>
        )}
      </Stack>
      {visit.note && <Typography sx={{ mb: 1 }}>“{visit.note}”</Typography>}
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        {sides.map((side) => (
          <Box key={side}>
            <Typography sx={{ fontWeight: 700 }}>
              {letter(side)} · {earName(side)}
            </Typography>
            {earVisitLines(ofSide(visit.ears, side)).map((line) => (
              <Typography key={line}>{line}</Typography>
            ))}
          </Box>
        ))}
      </Box>
      {visit.next && (
        <Typography sx={{ mt: 1, fontWeight: 650 }}>
          Next visit {inWords(visit.next, today)}, {shortDate(visit.next)}
        </Typography>
      )}
      <Documents entry={entry} />
    </Paper>
  );
}
