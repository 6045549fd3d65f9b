import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink, useParams, useSearchParams } from 'react-router';
import { useMayRecord, useSettings } from '../household/useMe';
import { useDog, type DogInFull } from '../view/useDog';
import { inWords, longDate } from '../measure/days';
import { sidesAsSeen } from '../measure/facing';
import { ofSide, SIDES, type Side } from '../measure/side';
import { planWords } from '../plan/ribbon';
import { nextOf } from '../plan/items';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { CallCard } from '../check/CallCard';
import { CheckVersions } from '../check/CheckVersions';
import { HairButton } from '../cleaning/HairButton';
import { FoundInPair } from '../check/FoundInPair';
import { useCheck, type CheckInFull } from '../check/useCheck';
import { VerdictCard } from '../check/VerdictCard';

/** What one check says: the verdict card, what to tell the vet, what was found. */
export function Component() {
  const { dog: dogId = '', check: checkId = '' } = useParams();
  const check = useCheck(dogId, checkId);
  const dog = useDog(dogId);
  const saved = useSearchParams()[0].has('saved');
  const mayRecord = useMayRecord();
  const name = dog.data?.dog.profile.name;
  return (
    <Page
      title={name ? `${name}: what the check says` : 'What the check says'}
      aside={check.data && dog.data && <When check={check.data} today={dog.data.plan.today} />}
      actions={
        <Stack direction="row" spacing={1}>
          {mayRecord && (
            <Button component={RouterLink} to={`/dogs/${dogId}/checks/${checkId}/edit`}>
              Correct
            </Button>
          )}
          <Button component={RouterLink} to={`/dogs/${dogId}/checks`}>
            All checks
          </Button>
          <Button component={RouterLink} to={`/dogs/${dogId}`} variant="outlined">
            {name ? `To ${name}` : 'To the dog'}
          </Button>
        </Stack>
      }
    >
      {check.isError && <Failure error={check.error} onRetry={() => void check.refetch()} />}
      {check.isPending && (
        <Skeleton variant="rounded" height={280} role="status" aria-label="Loading" />
      )}
      {check.data && (
        <Stack spacing={2.5}>
          {saved && dog.data && <Saved dog={dog.data} />}
          <Box
            sx={{
              display: 'grid',
              gap: 2.5,
              gridTemplateColumns: {
                xs: 'minmax(0, 1fr)',
                lg: check.data.card ? 'minmax(0, 1.35fr) minmax(0, 1fr)' : 'minmax(0, 1fr)',
              },
              alignItems: 'start',
            }}
          >
            <VerdictCard verdict={check.data.verdict} />
            {check.data.card && <CallCard card={check.data.card} />}
          </Box>
          {mayRecord && name && toDoFirst(check.data).length > 0 && (
            <Box>
              <HairButton
                dogId={dogId}
                name={name}
                ears={toDoFirst(check.data)}
                label={`Note hair care of ${name}`}
              >
                Combed or trimmed? Note it
              </HairButton>
            </Box>
          )}
          <Found check={check.data} />
          <CheckVersions dogId={dogId} checkId={checkId} />
        </Stack>
      )}
    </Page>
  );
}

/** The ears in which hair is to be seen to first. */
function toDoFirst({ check }: CheckInFull): readonly Side[] {
  return SIDES.filter((side) =>
    ofSide(check.ears, side).seen.some(
      (thing) => thing === 'HAIR_BLOCKING' || thing === 'MAT_UNDER_FLAP',
    ),
  );
}

function When({ check, today }: { check: CheckInFull; today: string }) {
  const day = check.check.moment.day;
  return (
    <>
      {longDate(day)}, {inWords(day, today)}
    </>
  );
}

function Saved({ dog }: { dog: DogInFull }) {
  const next = nextOf(dog.plan.items, 'CHECK', 'WATCH');
  return (
    <Alert severity="success">
      Recorded. {next && `Next: ${planWords(next, dog.plan.today)}.`}
    </Alert>
  );
}

function Found({ check }: { check: CheckInFull }) {
  const sides = sidesAsSeen(useSettings().facing);
  return (
    <Box component="section" aria-label="What was found">
      <Typography variant="h2" sx={{ mb: 1 }}>
        What was found
      </Typography>
      <FoundInPair check={check.check} sides={sides} />
      {check.check.note && <Typography sx={{ mt: 1 }}>“{check.check.note}”</Typography>}
    </Box>
  );
}
