import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { LatestCheck } from '../../check/LatestCheck';
import { CleaningLog } from '../../cleaning/CleaningLog';
import { useCleanings } from '../../cleaning/useCleanings';
import { HairPanel } from '../../cleaning/HairPanel';
import { TrustLadder } from '../../cleaning/TrustLadder';
import { GoodToKnow } from '../../dog/GoodToKnow';
import { InsideThisEar } from '../../ear/InsideThisEar';
import { ExposurePanel } from '../../exposure/ExposurePanel';
import { ToldPanel } from '../../handover/ToldPanel';
import { nextOf } from '../../plan/items';
import { planWords } from '../../plan/ribbon';
import { ReactionPanel } from '../../stock/ReactionPanel';
import { Fetched } from '../../ui/Fetched';
import type { DogInFull } from '../../view/useDog';
import {
  useChecksTab,
  useInsideTab,
  useRecordTab,
  useVisitsTab,
  useWaterTab,
} from '../../view/useDogTab';
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

/** On a phone they stand in rows, none of them cut; the chosen one is underlined where it stands. */
const ALL_IN_SIGHT = {
  mb: 2,
  borderBottom: 1,
  borderColor: 'divider',
  '& [role="tablist"]': { flexWrap: 'wrap' },
  '& [role="tab"]': { flex: { xs: '1 0 30%', sm: '0 0 auto' }, px: { xs: 0.5, sm: 2 } },
  '& .MuiTabs-indicator': { display: 'none' },
  '& [aria-selected="true"]': { boxShadow: 'inset 0 -3px currentColor', fontWeight: 700 },
  '@media print': { display: 'none' },
} as const;

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
        aria-label={`What is known of ${dog.dog.profile.name}`}
        sx={ALL_IN_SIGHT}
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

function Record({ dog: { dog, plan } }: { dog: DogInFull }) {
  const record = useRecordTab(dog.id);
  // asked for together: what was told stands above it
  useCleanings(dog.id);
  const hairNext = nextOf(plan.items, 'HAIR');
  return (
    <Fetched query={record} height={320}>
      {({ told, hair, reactions }) => (
        <>
          <ToldPanel told={told} />
          <CleaningLog dogId={dog.id} today={plan.today} />
          {(dog.profile.ears.canalHair !== 'NONE' || hair.length > 0) && (
            <HairPanel
              dogId={dog.id}
              name={dog.profile.name}
              hair={hair}
              next={hairNext && planWords(hairNext, plan.today)}
              today={plan.today}
            />
          )}
          <ReactionPanel
            dogId={dog.id}
            name={dog.profile.name}
            reactions={reactions}
            said={dog.profile.reactions}
            today={plan.today}
          />
        </>
      )}
    </Fetched>
  );
}

function Checks({ dog: { dog, plan } }: { dog: DogInFull }) {
  return (
    <Fetched query={useChecksTab(dog.id)} height={320}>
      {(checks) => <LatestCheck dogId={dog.id} today={plan.today} checks={checks} />}
    </Fetched>
  );
}

function Visits({ dog: { dog, plan } }: { dog: DogInFull }) {
  const visits = useVisits(dog.id);
  return (
    <>
      <Fetched query={useVisitsTab(dog.id)} height={160}>
        {({ appointments }) => (
          <AppointmentPanel dogId={dog.id} appointments={appointments} today={plan.today} />
        )}
      </Fetched>
      <Fetched query={visits} height={240}>
        {(known) => <VisitList dogId={dog.id} visits={known} today={plan.today} />}
      </Fetched>
      <Box>
        <Button component={RouterLink} to={`/dogs/${dog.id}/visits`}>
          Visits to the vet, on a page of their own
        </Button>
      </Box>
    </>
  );
}

function Water({ dog: { dog, plan, exposures } }: { dog: DogInFull }) {
  return (
    <Fetched query={useWaterTab(dog.id)} height={240}>
      {({ expected }) => (
        <ExposurePanel
          dogId={dog.id}
          name={dog.profile.name}
          exposures={exposures}
          expected={expected}
          open={plan.open}
          today={plan.today}
          waterSensitive={dog.profile.waterSensitive}
        />
      )}
    </Fetched>
  );
}

function Inside({ dog: { dog } }: { dog: DogInFull }) {
  return (
    <Fetched query={useInsideTab(dog.id)} height={320}>
      {({ canals }) =>
        canals ? (
          <InsideThisEar canals={canals} />
        ) : (
          <Typography color="textSecondary">
            Add {dog.profile.name}’s weight to see what its ear canals hold.
          </Typography>
        )
      }
    </Fetched>
  );
}

function How({ dog: { dog, plan } }: { dog: DogInFull }) {
  return (
    <>
      <GoodToKnow profile={dog.profile} ears={plan.ears} />
      {plan.trust.rung !== 'FULL_SESSION' && <TrustLadder dogId={dog.id} trust={plan.trust} />}
    </>
  );
}
