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
import { ReactionPanel } from '../stock/ReactionPanel';
import { HairPanel } from '../cleaning/HairPanel';
import { TrustLadder } from '../cleaning/TrustLadder';
import { useMayRecord, useSettings } from '../household/useMe';
import { CallCard } from '../check/CallCard';
import { LatestCheck } from '../check/LatestCheck';
import { ToldPanel } from '../handover/ToldPanel';
import { ExposurePanel } from '../exposure/ExposurePanel';
import { HoldNotice } from '../hold/HoldNotice';
import { ofSide, SIDES } from '../measure/side';
import { PairDrawing } from '../ear/PairDrawing';
import { InsideThisEar } from '../ear/InsideThisEar';
import { age, count } from '../measure/days';
import { sidesAsSeen } from '../measure/facing';
import { weightWords } from '../measure/units';
import { ComingUp } from '../plan/ComingUp';
import { nextOf } from '../plan/items';
import { Ribbon, RibbonAxis } from '../plan/Ribbon';
import { planWords, ribbonMarks } from '../plan/ribbon';
import { AppointmentPanel } from '../visit/AppointmentPanel';
import { Failure } from '../ui/Failure';
import { useKeys } from '../ui/keys';
import { Page } from '../ui/Page';
import { useBreeds } from '../dog/breeds';
import { ArchivedNotice } from '../dog/ArchivedNotice';
import { DogPicture } from '../dog/DogPicture';
import { EarSummary } from '../dog/EarSummary';
import { GoodToKnow } from '../dog/GoodToKnow';
import { useDog, type DogInFull } from '../view/useDog';

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
  const mayRecord = useMayRecord();
  const keys = useMemo(
    () => ({
      ...(mayRecord && {
        c: () => void navigate(`/dogs/${dog.id}/session`),
        k: () => void navigate(`/dogs/${dog.id}/check`),
      }),
      w: () => document.getElementById('water')?.scrollIntoView(),
      y: () => setSearch(why ? {} : { why: '' }, { replace: true }),
    }),
    [dog.id, mayRecord, navigate, setSearch, why],
  );
  useKeys(keys);
  const next = nextOf(plan.items, 'CLEAN');
  const hairNext = nextOf(plan.items, 'HAIR');
  const { facing } = useSettings();
  const [onLeft = 'RIGHT', onRight = 'LEFT'] = sidesAsSeen(facing);
  return (
    <Page
      title={dog.profile.name}
      picture={
        <DogPicture dogId={dog.id} name={dog.profile.name} sentAt={inFull.picture} size={56} />
      }
      aside={<About dog={inFull} />}
      actions={
        <Stack
          direction="row"
          sx={{
            gap: { xs: 0.5, md: 1 },
            flexWrap: 'wrap',
            '& .MuiButton-text': { px: { xs: 1, md: 2.25 } },
          }}
        >
          {mayRecord && (
            <>
              <Button component={RouterLink} to={`/dogs/${dog.id}/check`} variant="contained">
                Check
              </Button>
              <Button component={RouterLink} to={`/dogs/${dog.id}/session`} variant="outlined">
                Clean
              </Button>
              <Button component={RouterLink} to={`/dogs/${dog.id}/clean`}>
                Record a cleaning
              </Button>
              <Button component={RouterLink} to={`/dogs/${dog.id}/visit`}>
                Record a visit
              </Button>
              <Button component={RouterLink} to={`/dogs/${dog.id}/edit`}>
                Edit
              </Button>
            </>
          )}
          <Button component={RouterLink} to={`/dogs/${dog.id}/courses`}>
            Courses
          </Button>
          <Button component={RouterLink} to={`/dogs/${dog.id}/vet`}>
            For the vet
          </Button>
          <Button component={RouterLink} to={`/dogs/${dog.id}/hand-over`}>
            Hand over
          </Button>
          <Button component={RouterLink} to={`/dogs/${dog.id}/photos`}>
            Photographs
          </Button>
          <Button component={RouterLink} to={`/trends?dog=${dog.id}`}>
            Trends
          </Button>
          <Button component={RouterLink} to={`/dogs/${dog.id}/history`}>
            History
          </Button>
        </Stack>
      }
    >
      <Stack spacing={3}>
        {inFull.leftOn && <ArchivedNotice dog={inFull} />}
        {search.has('saved') && (
          <Alert severity="success" onClose={() => setSearch({}, { replace: true })}>
            Recorded.{' '}
            {next
              ? `Next: ${planWords(next, plan.today)}.`
              : 'No cleaning is planned: look and sniff every week.'}
          </Alert>
        )}
        {SIDES.map((side) => {
          const { hold } = ofSide(plan.ears, side);
          return (
            hold && (
              <HoldNotice key={side} dogId={dog.id} side={side} hold={hold} today={plan.today} />
            )
          );
        })}
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
                alignItems: 'start',
              }}
            >
              <Box sx={{ order: { xs: 1, sm: 0 } }}>
                <EarSummary side={onLeft} dog={inFull} />
              </Box>
              <Box sx={{ order: 0, gridColumn: { xs: '1 / -1', sm: 'auto' }, textAlign: 'center' }}>
                <PairDrawing traits={dog.profile.ears} facing={facing} height={190} />
              </Box>
              <Box sx={{ order: { xs: 2, sm: 0 } }}>
                <EarSummary side={onRight} dog={inFull} />
              </Box>
            </Box>
          </Paper>
          <ComingUp
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
            marks={ribbonMarks(
              plan.today,
              {
                cleanings: dog.cleanings,
                checks: inFull.checks,
                visits: inFull.visits,
                exposures: inFull.exposures,
                courses: inFull.courses,
              },
              plan,
            )}
            caption={next ? planWords(next, plan.today) : 'no cleaning is planned'}
            height={104}
          />
        </Box>
        {plan.trust.rung !== 'FULL_SESSION' && <TrustLadder dogId={dog.id} trust={plan.trust} />}
        <ToldPanel told={inFull.told} />
        <LatestCheck dog={inFull} />
        {inFull.card && <CallCard card={inFull.card} />}
        <ExposurePanel
          dogId={dog.id}
          name={dog.profile.name}
          exposures={inFull.exposures}
          expected={inFull.expected}
          open={plan.open}
          today={plan.today}
          waterSensitive={dog.profile.waterSensitive}
        />
        {(dog.profile.ears.canalHair !== 'NONE' || inFull.hair.length > 0) && (
          <HairPanel
            dogId={dog.id}
            name={dog.profile.name}
            hair={inFull.hair}
            next={hairNext && planWords(hairNext, plan.today)}
            today={plan.today}
          />
        )}
        <ReactionPanel
          dogId={dog.id}
          name={dog.profile.name}
          reactions={inFull.reactions}
          said={dog.profile.reactions}
          today={plan.today}
        />
        <AppointmentPanel dogId={dog.id} appointments={inFull.appointments} today={plan.today} />
        {inFull.canals ? (
          <InsideThisEar canals={inFull.canals} />
        ) : (
          <Typography color="textSecondary">
            Add {dog.profile.name}’s weight to see what its ear canals hold.
          </Typography>
        )}
        <GoodToKnow profile={dog.profile} ears={plan.ears} />
        <CleaningLog dogId={dog.id} today={plan.today} />
      </Stack>
    </Page>
  );
}

/** Breed, age and weight, as far as they are known. */
function About({ dog: inFull }: { dog: DogInFull }) {
  const { dog, plan } = inFull;
  const breeds = useBreeds();
  const { weightUnit } = useSettings();
  const { profile } = dog;
  const weight = profile.weights.at(-1);
  const names = profile.breeds.map(
    (id) => breeds.data?.find((breed) => breed.id === id)?.name ?? '…',
  );
  const facts = [
    names.join(' × '),
    profile.bornOn && `${profile.ageEstimated ? 'about ' : ''}${age(profile.bornOn, plan.today)}`,
    weight && weightWords(weight.weight, weightUnit),
    count(inFull.checked, 'check'),
    count(dog.cleaned, 'cleaning'),
  ];
  return <Typography component="span">{facts.filter(Boolean).join(' · ')}</Typography>;
}
