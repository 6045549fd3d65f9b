import { useDoses } from '../course/useDoses';
import { DueNow } from '../course/DueNow';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useMemo } from 'react';
import { Link as RouterLink, useNavigate } from 'react-router';
import { EarNow } from '../hold/EarNow';
import { DogPicture } from '../dog/DogPicture';
import { OpenDays } from '../exposure/OpenDays';
import { addDays, inWords, longDate, shortDate, type Day } from '../measure/days';
import { productOf } from '../stock/shopping';
import { letter, ofSide, SIDES } from '../measure/side';
import { useHousehold, useKnownMe, useMayRecord } from '../household/useMe';
import { isOfToday, ownRun } from '../round/device';
import { Failure } from '../ui/Failure';
import { useKeys, type KeyActions } from '../ui/keys';
import { Page } from '../ui/Page';
import { AgendaCard } from '../plan/AgendaCard';
import { Ribbon, RibbonAxis } from '../plan/Ribbon';
import { isForRound, itemWords, nextOf } from '../plan/items';
import { KINDS, kindsThat } from '../plan/kinds';
import { planWords, ribbonMarks } from '../plan/ribbon';
import { UnplacedAlert } from '../plan/UnplacedAlert';
import { isMany, othersOf } from './today/groups';
import { DogGroups } from './today/DogGroups';
import {
  useToday,
  type DogToday,
  type ItemMark,
  type PlanItem,
  type Today,
} from '../view/useToday';
import { whyNot } from '../api/problem';

/** Only an empty household needs it on this page. */
const AddDog = lazy(() => import('../dog/AddDog').then((file) => ({ default: file.AddDog })));

const NAMES_WIDTH = 150;
const MOST_COMING = 7;
const SOON_DAYS = 3;

export function Component() {
  const today = useToday();
  // what is given now stands above all else, and comes with it
  const doses = useDoses();
  const failure = whyNot(today);
  if (failure) {
    return (
      <Page title="Today">
        <Failure error={failure} onRetry={() => void today.refetch()} />
      </Page>
    );
  }
  // but Today does not wait for them while they fail
  const comes = doses.isLoading && doses.failureCount === 0;
  if (today.data === undefined || comes) return <TodaySkeleton />;
  return today.data.dogs.length === 0 ? <NoDogsYet /> : <TodayInFull today={today.data} />;
}

function TodayInFull({ today }: { today: Today }) {
  const navigate = useNavigate();
  const keys = useMemo<KeyActions>(
    () =>
      Object.fromEntries(
        today.dogs
          .slice(0, 9)
          .map((dog, line) => [String(line + 1), () => void navigate(`/dogs/${dog.id}`)]),
      ),
    [today.dogs, navigate],
  );
  useKeys(keys);
  return (
    <Page
      title="Today"
      aside={`${longDate(today.today)} · ${summary(today)}`}
      actions={<RoundButton today={today} />}
    >
      <DueNow />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: 'minmax(320px, 400px) 1fr' },
          gap: { xs: 3, md: 4 },
          alignItems: 'start',
        }}
      >
        <ToDo today={today} />
        <Ribbons today={today} />
      </Box>
    </Page>
  );
}

/** One round of all that are due, where that is more than one dog; or the way back into it. */
function RoundButton({ today }: { today: Today }) {
  const mayRecord = useMayRecord();
  const due = today.agenda.filter(({ item }) => isForRound(item)).map(({ dogId }) => dogId);
  const dogs = new Set(due).size;
  const run = ownRun(useHousehold().id, useKnownMe()?.id);
  const goesOn = run?.at !== undefined && isOfToday(run, today.zone, new Date());
  if (!mayRecord || (dogs < 2 && !goesOn)) return null;
  return (
    <Button
      component={RouterLink}
      to="/round"
      variant={goesOn ? 'contained' : 'outlined'}
      size="large"
    >
      {goesOn ? 'Go on with the round' : `Round of ${dogs} dogs`}
    </Button>
  );
}

/** "1 for the vet, 2 to check, 1 to clean", "nothing to do" */
function summary(today: Today): string {
  const due = today.agenda.filter((line) => line.item.standing !== 'OPEN');
  const counts = new Map<string, number>();
  for (const kind of kindsThat(() => true)) counts.set(KINDS[kind].toDo, 0);
  for (const { item } of due) {
    const { toDo } = KINDS[item.kind];
    counts.set(toDo, (counts.get(toDo) ?? 0) + 1);
  }
  const said = [...counts].flatMap(([words, number]) => (number > 0 ? `${number} ${words}` : []));
  return said.join(', ') || 'nothing that must be done';
}

/** The agenda's lines, which stand together by dog, as one entry for each dog. */
function byDog(agenda: Today['agenda']): { dogId: string; items: PlanItem[] }[] {
  const dogs = new Map<string, PlanItem[]>();
  for (const { dogId, item } of agenda) dogs.set(dogId, [...(dogs.get(dogId) ?? []), item]);
  return [...dogs].map(([dogId, items]) => ({ dogId, items }));
}

function ToDo({ today }: { today: Today }) {
  const names = new Map(today.dogs.map((dog) => [dog.id, dog.profile.name]));
  const many = isMany(today);
  const lines = many ? othersOf(today) : today.agenda;
  return (
    <Box component="section" aria-label="What to do now">
      {many && <DogGroups today={today} />}
      {today.agenda.length === 0 ? (
        <Paper variant="outlined" sx={{ p: 2.5 }}>
          <Typography variant="h2">Nothing to do now</Typography>
          <Typography color="textSecondary">Leave the ears alone until the next check.</Typography>
        </Paper>
      ) : (
        <Stack component="ul" spacing={1.25} sx={{ p: 0, m: 0 }}>
          {byDog(lines).map(({ dogId, items }, index) => (
            <AgendaCard
              key={dogId}
              name={names.get(dogId) ?? ''}
              dogId={dogId}
              items={items}
              today={today.today}
              first={index === 0 && !many}
            />
          ))}
        </Stack>
      )}
      {today.dogs.map((dog) => (
        <Box
          key={dog.id}
          sx={{ mt: dog.plan.open.some(({ day }) => day <= today.today) ? 1.25 : 0 }}
        >
          <OpenDays
            dogId={dog.id}
            name={dog.profile.name}
            open={dog.plan.open}
            today={today.today}
          />
        </Box>
      ))}
      {today.unplaced.map((one) => (
        <UnplacedAlert key={one.item} unplaced={one} name={names.get(one.dogId) ?? ''} />
      ))}
      {today.runningOut.map((kind) => (
        <Alert
          key={`${kind.kind} ${kind.product}`}
          severity="warning"
          sx={{ mt: 1.25 }}
          action={
            <Button
              component={RouterLink}
              to="/stock"
              color="inherit"
              sx={{ whiteSpace: 'nowrap' }}
            >
              To buy
            </Button>
          }
        >
          {productOf(kind)}: enough for {kind.sessions === 0 ? 'no more' : kind.sessions} cleaning
          {kind.sessions === 1 ? '' : 's'}
          {kind.runsOutOn && `, until ${shortDate(kind.runsOutOn)}`}.
        </Alert>
      ))}
      {today.expiring
        .filter(({ useBy }) => useBy !== undefined && useBy <= addDays(today.today, SOON_DAYS))
        .map(({ supply, useBy }) => (
          <Alert
            key={supply.id}
            severity={useBy !== undefined && useBy < today.today ? 'error' : 'warning'}
            sx={{ mt: 1.25 }}
          >
            {useBy !== undefined && useBy < today.today
              ? `${supply.name} is past its last day: throw it away.`
              : `${supply.name} keeps until ${useBy === undefined ? '' : longDate(useBy)}.`}
          </Alert>
        ))}
      <ComingUp today={today} />
    </Box>
  );
}

/** The next item of each kind of each dog that has not opened yet, soonest first. */
function upcoming(dogs: readonly DogToday[]): { dog: DogToday; item: ItemMark }[] {
  return dogs
    .flatMap((dog) =>
      kindsThat(({ isTold }) => isTold).flatMap((kind) => {
        const item = nextOf(dog.plan.items, kind);
        return item?.standing === 'LATER' ? [{ dog, item }] : [];
      }),
    )
    .sort((a, b) => a.item.window.best.localeCompare(b.item.window.best))
    .slice(0, MOST_COMING);
}

function ComingUp({ today }: { today: Today }) {
  const coming = upcoming(today.dogs);
  if (coming.length === 0) return null;
  return (
    <Box sx={{ mt: 2.5 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 0.5 }}>
        Coming up
      </Typography>
      <Stack component="ul" sx={{ p: 0, m: 0 }}>
        {coming.map(({ dog, item }) => (
          <Stack
            key={item.id}
            component="li"
            direction="row"
            sx={{ gap: 1, py: 0.75, borderTop: 1, borderColor: 'divider', listStyle: 'none' }}
          >
            <Typography sx={{ flex: 1, minWidth: 0 }}>
              {dog.profile.name}: {itemWords(item)}
            </Typography>
            <Typography sx={{ fontWeight: 600 }}>
              {inWords(item.window.best, today.today)}
            </Typography>
            <Typography color="textSecondary" sx={{ minWidth: 82, textAlign: 'right' }}>
              {shortDate(item.window.best)}
            </Typography>
          </Stack>
        ))}
      </Stack>
    </Box>
  );
}

function Ribbons({ today }: { today: Today }) {
  return (
    <Box component="section" aria-label="All dogs" sx={{ minWidth: 0 }}>
      <Box sx={{ ml: { xs: 0, sm: `${NAMES_WIDTH}px` }, display: { xs: 'none', sm: 'block' } }}>
        <RibbonAxis today={today.today} />
      </Box>
      <Stack spacing={1.25}>
        {today.dogs.map((dog, line) => (
          <Box
            key={dog.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: `${NAMES_WIDTH}px 1fr` },
              alignItems: 'start',
            }}
          >
            <DogLine dog={dog} line={line + 1} />
            <Ribbon
              name={dog.profile.name}
              today={today.today}
              marks={ribbonMarks(
                today.today,
                {
                  cleanings: dog.recent,
                  checks: dog.checks,
                  visits: dog.visits,
                  exposures: dog.exposures,
                  courses: dog.courses,
                },
                dog.plan,
              )}
              caption={caption(dog, today.today)}
            />
          </Box>
        ))}
      </Stack>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        Above the line the dog’s right ear, below it the left. A tick is a check, as high as its
        score, a dot where nothing was found; a drop is a cleaning, its fill what came out; a cross
        is the vet, a wave water. Outlines are planned; a hatched lane is held; a notched bar is
        medicine.
      </Typography>
    </Box>
  );
}

function caption(dog: DogToday, today: Day): string {
  const { items } = dog.plan;
  const next =
    items.find((item) => item.pressing) ??
    nextOf(items, 'CLEAN') ??
    nextOf(items, 'CHECK', 'WATCH') ??
    items[0];
  return next ? planWords(next, today) : '';
}

/** A dog's name and how each ear stands. */
function DogLine({ dog, line }: { dog: DogToday; line: number }) {
  return (
    <Box
      sx={{
        pr: 1.5,
        pt: { sm: 0.5 },
        display: { xs: 'flex', sm: 'block' },
        flexWrap: 'wrap',
        columnGap: 2,
        alignItems: 'baseline',
      }}
    >
      <Stack direction="row" sx={{ alignItems: 'center', gap: 1 }}>
        <DogPicture dogId={dog.id} name={dog.profile.name} sentAt={dog.picture} size={30} />
        <Link
          component={RouterLink}
          to={`/dogs/${dog.id}`}
          variant="h3"
          underline="hover"
          color="textPrimary"
          sx={{ display: 'block' }}
          aria-keyshortcuts={line <= 9 ? String(line) : undefined}
        >
          {dog.profile.name}
        </Link>
      </Stack>
      {SIDES.map((side) => {
        const ear = ofSide(dog.plan.ears, side);
        return (
          <Typography
            key={side}
            variant="body2"
            component="div"
            sx={{ whiteSpace: 'nowrap', display: 'flex', alignItems: 'center', gap: 0.75 }}
          >
            <Box component="span" sx={{ fontWeight: 700, minWidth: '0.8em' }}>
              {letter(side)}
            </Box>
            <EarNow ear={ear} size={16} />
          </Typography>
        );
      })}
    </Box>
  );
}

/** An empty household begins with its first dog, right here. */
function NoDogsYet() {
  const mayRecord = useMayRecord();
  return (
    <Page title="Today">
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        Begin with a dog
      </Typography>
      <Typography sx={{ mb: 2, maxWidth: 720 }}>
        Three answers, and Even Lobe says when to clean its ears and why that day. Each look and
        each cleaning that you record makes the next date better.
      </Typography>
      {mayRecord ? (
        <Suspense fallback={<Skeleton variant="rounded" height={320} />}>
          <AddDog />
        </Suspense>
      ) : (
        <Typography>A carer of this household adds it.</Typography>
      )}
    </Page>
  );
}

function TodaySkeleton() {
  return (
    <Page title="Today">
      <Box
        aria-label="Loading"
        role="status"
        sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '400px 1fr' }, gap: 4 }}
      >
        <Stack spacing={1.25}>
          <Skeleton variant="rounded" height={180} />
          <Skeleton variant="rounded" height={110} />
        </Stack>
        <Stack spacing={2}>
          {[1, 2, 3].map((row) => (
            <Skeleton key={row} variant="rounded" height={84} />
          ))}
        </Stack>
      </Box>
    </Page>
  );
}
