import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import { useMemo } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { useMayRecord, useSettings } from '../household/useMe';
import { CallCard } from '../check/CallCard';
import { HoldNotice } from '../hold/HoldNotice';
import type { Schemas } from '../api/client';
import { FoldedLine } from '../form/FoldedLine';
import { ofSide, SIDES } from '../measure/side';
import { PairDrawing } from '../ear/PairDrawing';
import { age, count } from '../measure/days';
import { sidesAsSeen } from '../measure/facing';
import { weightWords } from '../measure/units';
import { ComingUp } from '../plan/ComingUp';
import { nextOf } from '../plan/items';
import { Ribbon, RibbonAxis } from '../plan/Ribbon';
import { planWords, ribbonMarks } from '../plan/ribbon';
import { Failure } from '../ui/Failure';
import { useKeys } from '../ui/keys';
import { Page } from '../ui/Page';
import { ArchivedNotice } from '../dog/ArchivedNotice';
import { DogPicture } from '../dog/DogPicture';
import { EarSummary } from '../dog/EarSummary';
import { TornAlert } from '../dog/TornAlert';
import { useKnownDog } from '../view/useToday';
import { useDog, type DogInFull } from '../view/useDog';
import { DogActions } from './dog/DogActions';
import { DogTabs } from './dog/DogTabs';
import { whyNot } from '../api/problem';

const PICTURE = 56;
/** On a phone it takes two lines, known or not: nothing jumps. */
const ABOUT = { display: 'block', minHeight: { xs: '2lh', sm: '1lh' } } as const;

export function Component() {
  const { dog: id = '' } = useParams();
  const dog = useDog(id);
  const known = useKnownDog(id);
  useDogKeys(id);
  const failure = whyNot(dog);
  if (failure) {
    return (
      <Page title="Dog">
        <Failure error={failure} onRetry={() => void dog.refetch()} />
      </Page>
    );
  }
  const inFull = dog.data;
  const name = (inFull?.dog ?? known)?.profile.name;
  // one page before and after the dog has come: an open menu stays open, and the focus where it is
  return (
    <Page
      title={name ?? '\u00a0'}
      picture={
        <DogPicture
          dogId={id}
          name={name ?? ''}
          sentAt={(inFull ?? known)?.picture}
          size={PICTURE}
        />
      }
      aside={
        <Box component="span" sx={ABOUT}>
          {inFull && <About dog={inFull} />}
        </Box>
      }
      actions={<DogActions dogId={id} name={name ?? 'this dog'} />}
    >
      {inFull ? (
        <DogInFullView dog={inFull} />
      ) : (
        <Skeleton variant="rounded" height={320} role="status" aria-label="Loading" />
      )}
    </Page>
  );
}

/** The keys of a dog's page: they work before all of it has come. */
function useDogKeys(id: string) {
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const why = search.has('why');
  const mayRecord = useMayRecord();
  const keys = useMemo(
    () => ({
      ...(mayRecord && {
        c: () => void navigate(`/dogs/${id}/session`),
        k: () => void navigate(`/dogs/${id}/check`),
      }),
      w: () => {
        setSearch({ tab: 'water' }, { replace: true });
        // once it is drawn
        requestAnimationFrame(() => document.getElementById('panel-water')?.scrollIntoView());
      },
      y: () => setSearch(why ? {} : { why: '' }, { replace: true }),
    }),
    [id, mayRecord, navigate, setSearch, why],
  );
  useKeys(keys);
}

function DogInFullView({ dog: inFull }: { dog: DogInFull }) {
  const { dog, plan } = inFull;
  const [search, setSearch] = useSearchParams();
  const why = search.has('why');
  const next = nextOf(plan.items, 'CLEAN');
  const { facing } = useSettings();
  const [onLeft = 'RIGHT', onRight = 'LEFT'] = sidesAsSeen(facing);
  return (
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
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <ComingUp
          name={dog.profile.name}
          plan={plan}
          open={why}
          onToggle={(open) => setSearch(open ? { why: '' } : {}, { replace: true })}
        />
        <Stack spacing={2}>
          {SIDES.map((side) => {
            const { hold } = ofSide(plan.ears, side);
            return (
              hold && (
                <HoldNotice key={side} dogId={dog.id} side={side} hold={hold} today={plan.today} />
              )
            );
          })}
          <TornAlert ears={plan.ears} />
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
                <PairDrawing traits={dog.profile.ears} facing={facing} height={150} />
              </Box>
              <Box sx={{ order: { xs: 2, sm: 0 } }}>
                <EarSummary side={onRight} dog={inFull} />
              </Box>
            </Box>
          </Paper>
          {inFull.card && <ForTheVet card={inFull.card} plan={plan} />}
        </Stack>
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
      <DogTabs dog={inFull} />
    </Stack>
  );
}

/** What to tell the vet: open while that is what is to be done. */
function ForTheVet({ card, plan }: Pick<DogInFull, 'plan'> & { card: Schemas['CallCard'] }) {
  const visit = nextOf(plan.items, 'VISIT');
  return visit && visit.standing !== 'LATER' ? (
    <CallCard card={card} />
  ) : (
    <FoldedLine label="What to tell the vet" value="on one card">
      <CallCard card={card} />
    </FoldedLine>
  );
}

/** Breed, age and weight, as far as they are known. */
function About({ dog: inFull }: { dog: DogInFull }) {
  const { dog, plan } = inFull;
  const { weightUnit } = useSettings();
  const { profile } = dog;
  const weight = profile.weights.at(-1);
  const facts = [
    inFull.breed,
    profile.bornOn && `${profile.ageEstimated ? 'about ' : ''}${age(profile.bornOn, plan.today)}`,
    weight && weightWords(weight.weight, weightUnit),
    count(inFull.checked, 'check'),
    count(dog.cleaned, 'cleaning'),
  ];
  return facts.filter(Boolean).join(' · ');
}
