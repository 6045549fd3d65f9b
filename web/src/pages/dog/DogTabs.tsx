import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { LatestCheck } from '../../check/LatestCheck';
import { CleaningLog } from '../../cleaning/CleaningLog';
import { HairPanel } from '../../cleaning/HairPanel';
import { TrustLadder } from '../../cleaning/TrustLadder';
import { GoodToKnow } from '../../dog/GoodToKnow';
import { InsideThisEar } from '../../ear/InsideThisEar';
import { ExposurePanel } from '../../exposure/ExposurePanel';
import { ToldPanel } from '../../handover/ToldPanel';
import { nextOf } from '../../plan/items';
import { planWords } from '../../plan/ribbon';
import { ReactionPanel } from '../../stock/ReactionPanel';
import { Failure } from '../../ui/Failure';
import type { DogInFull } from '../../view/useDog';
import { AppointmentPanel } from '../../visit/AppointmentPanel';
import { useVisits } from '../../visit/useVisits';
import { VisitList } from '../../visit/VisitList';

const TABS = [
  { tab: 'record', label: 'Record', Panel: Record },
  { tab: 'checks', label: 'Checks', Panel: Checks },
  { tab: 'visits', label: 'Visits', Panel: Visits },
  { tab: 'water', label: 'Water', Panel: Water },
  { tab: 'inside', label: 'Inside the ear', Panel: Inside },
  { tab: 'how', label: 'How it is done', Panel: How },
] as const;

/** What else is known of a dog, each kind drawn and fetched when it is opened. */
export function DogTabs({ dog }: { dog: DogInFull }) {
  const [search, setSearch] = useSearchParams();
  const asked = search.get('tab');
  const { tab, Panel } = TABS.find((one) => one.tab === asked) ?? TABS[0];
  return (
    <Box>
      <Tabs
        value={tab}
        onChange={(_, chosen: string) => setSearch({ tab: chosen }, { replace: true })}
        variant="scrollable"
        allowScrollButtonsMobile
        aria-label={`What is known of ${dog.dog.profile.name}`}
        sx={{ borderBottom: 1, borderColor: 'divider', mb: 2, '@media print': { display: 'none' } }}
      >
        {TABS.map((one) => (
          <Tab
            key={one.tab}
            value={one.tab}
            label={one.label}
            id={`tab-${one.tab}`}
            aria-controls={one.tab === tab ? `panel-${one.tab}` : undefined}
            sx={{ minHeight: 48, textTransform: 'none', fontSize: '1rem' }}
          />
        ))}
      </Tabs>
      <Stack spacing={3} role="tabpanel" id={`panel-${tab}`} aria-labelledby={`tab-${tab}`}>
        <Panel dog={dog} />
      </Stack>
    </Box>
  );
}

function Record({ dog: inFull }: { dog: DogInFull }) {
  const { dog, plan } = inFull;
  const hairNext = nextOf(plan.items, 'HAIR');
  return (
    <>
      <ToldPanel told={inFull.told} />
      <CleaningLog dogId={dog.id} today={plan.today} />
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
    </>
  );
}

function Checks({ dog }: { dog: DogInFull }) {
  return <LatestCheck dog={dog} />;
}

function Visits({ dog: inFull }: { dog: DogInFull }) {
  const { dog, plan } = inFull;
  const visits = useVisits(dog.id);
  return (
    <>
      <AppointmentPanel dogId={dog.id} appointments={inFull.appointments} today={plan.today} />
      {visits.isError && <Failure error={visits.error} onRetry={() => void visits.refetch()} />}
      {visits.isPending && (
        <Skeleton variant="rounded" height={240} role="status" aria-label="Loading" />
      )}
      {visits.data && <VisitList dogId={dog.id} visits={visits.data} today={plan.today} />}
      <Box>
        <Button component={RouterLink} to={`/dogs/${dog.id}/visits`}>
          Visits to the vet, on a page of their own
        </Button>
      </Box>
    </>
  );
}

function Water({ dog: inFull }: { dog: DogInFull }) {
  const { dog, plan } = inFull;
  return (
    <ExposurePanel
      dogId={dog.id}
      name={dog.profile.name}
      exposures={inFull.exposures}
      expected={inFull.expected}
      open={plan.open}
      today={plan.today}
      waterSensitive={dog.profile.waterSensitive}
    />
  );
}

function Inside({ dog: inFull }: { dog: DogInFull }) {
  return inFull.canals ? (
    <InsideThisEar canals={inFull.canals} />
  ) : (
    <Typography color="textSecondary">
      Add {inFull.dog.profile.name}’s weight to see what its ear canals hold.
    </Typography>
  );
}

function How({ dog: inFull }: { dog: DogInFull }) {
  const { dog, plan } = inFull;
  return (
    <>
      <GoodToKnow profile={dog.profile} ears={plan.ears} />
      {plan.trust.rung !== 'FULL_SESSION' && <TrustLadder dogId={dog.id} trust={plan.trust} />}
    </>
  );
}
