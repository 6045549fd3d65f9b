import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import { Link as RouterLink, useParams, useSearchParams } from 'react-router';
import { useMayRecord } from '../household/useMe';
import type { Schemas } from '../api/client';
import { useDog } from '../view/useDog';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { useVisits } from '../visit/useVisits';
import { VisitList } from '../visit/VisitList';

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
        {dog.data && visits.data && (
          <VisitList dogId={dogId} visits={visits.data} today={dog.data.plan.today} />
        )}
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
