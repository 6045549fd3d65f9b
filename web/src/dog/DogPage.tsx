import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { Link as RouterLink, useNavigate, useParams, useSearchParams } from 'react-router';
import { CleaningLog } from '../cleaning/CleaningLog';
import { PairDrawing } from '../ear/PairDrawing';
import { age, count } from '../measure/days';
import { Ribbon, RibbonAxis } from '../plan/Ribbon';
import { planWords, ribbonMarks } from '../plan/ribbon';
import { Failure } from '../shell/Failure';
import { useKeys } from '../shell/keys';
import { Page } from '../shell/Page';
import { useBreeds } from './breeds';
import { EarSummary } from './EarSummary';
import { NextCleaning } from './NextCleaning';
import { useDog, type DogInFull } from './useDog';

export function Component() {
  const dog = useDog(useParams().dog ?? '');
  if (dog.isError) {
    return (
      <Page title="Dog">
        <Failure error={dog.error} onRetry={() => void dog.refetch()} />
      </Page>
    );
  }
  if (dog.isPending) {
    return (
      <Page title=" ">
        <Skeleton variant="rounded" height={320} role="status" aria-label="Loading" />
      </Page>
    );
  }
  return <DogInFullView dog={dog.data} />;
}

function DogInFullView({ dog: inFull }: { dog: DogInFull }) {
  const { dog, plan } = inFull;
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const why = search.has('why');
  const keys = useMemo(
    () => ({
      c: () => void navigate(`/dogs/${dog.id}/clean`),
      y: () => setSearch(why ? {} : { why: '' }, { replace: true }),
    }),
    [dog.id, navigate, setSearch, why],
  );
  useKeys(keys);
  const [next] = plan.items;
  return (
    <Page
      title={dog.profile.name}
      aside={<About dog={inFull} />}
      actions={
        <Stack direction="row" spacing={1}>
          <Button component={RouterLink} to={`/dogs/${dog.id}/edit`}>
            Edit
          </Button>
          <Button component={RouterLink} to={`/dogs/${dog.id}/clean`} variant="contained">
            Record a cleaning
          </Button>
        </Stack>
      }
    >
      <Stack spacing={3}>
        {search.has('saved') && (
          <Alert severity="success" onClose={() => setSearch({}, { replace: true })}>
            Recorded.{' '}
            {next
              ? `Next: ${planWords(next, plan.today)}.`
              : 'No cleaning is planned: look and sniff every week.'}
          </Alert>
        )}
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
            gap: 3,
            alignItems: 'start',
          }}
        >
          <Paper variant="outlined" sx={{ p: 2 }}>
            <Box
              sx={{
                display: 'grid',
                gridTemplateColumns: { xs: '1fr 1fr', sm: '1fr auto 1fr' },
                gap: 1,
                alignItems: 'center',
              }}
            >
              <Box sx={{ order: { xs: 1, sm: 0 } }}>
                <EarSummary side="RIGHT" dog={inFull} />
              </Box>
              <Box sx={{ order: 0, gridColumn: { xs: '1 / -1', sm: 'auto' }, textAlign: 'center' }}>
                <PairDrawing traits={dog.profile.ears} height={190} />
              </Box>
              <Box sx={{ order: { xs: 2, sm: 0 } }}>
                <EarSummary side="LEFT" dog={inFull} />
              </Box>
            </Box>
          </Paper>
          <NextCleaning
            plan={plan}
            open={why}
            onToggle={(open) => setSearch(open ? { why: '' } : {}, { replace: true })}
          />
        </Box>
        <Box component="section" aria-label="Ribbon">
          <RibbonAxis today={plan.today} />
          <Ribbon
            name={dog.profile.name}
            today={plan.today}
            marks={ribbonMarks(plan.today, dog.cleanings, plan.items)}
            caption={next ? planWords(next, plan.today) : 'no cleaning is planned'}
            height={104}
          />
        </Box>
        <CleaningLog cleanings={dog.cleanings} today={plan.today} />
      </Stack>
    </Page>
  );
}

/** Breed, age and weight, as far as they are known. */
function About({ dog: { dog, plan } }: { dog: DogInFull }) {
  const breeds = useBreeds();
  const { profile } = dog;
  const names = profile.breeds.map(
    (id) => breeds.data?.find((breed) => breed.id === id)?.name ?? '…',
  );
  const facts = [
    names.join(' × '),
    profile.bornOn && age(profile.bornOn, plan.today),
    profile.weight !== undefined && `${profile.weight} kg`,
    count(dog.cleanings.length, 'cleaning'),
  ];
  return <Typography component="span">{facts.filter(Boolean).join(' · ')}</Typography>;
}
