import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { AskCard } from '../course/AskCard';
import { DayList } from '../course/DayList';
import { NowCard } from '../course/NowCard';
import { WaitCard } from '../course/WaitCard';
import { keptTicks, shown, toGiveNow, waitsOf, type Shown } from '../course/board';
import { useDoses, type DoseBoard } from '../course/useDoses';
import { useNow } from '../course/useNow';
import { useWaiting } from '../fact/queue';
import { useKnownMe } from '../household/useMe';
import { dayIn, longDate, timeIn } from '../measure/days';
import { TrialLine } from '../trial/TrialLine';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { Because } from '../ui/Because';

const EVERY_MS = 10_000;

/** The doses of today across all dogs: now, next, and given by whom. */
export function Component() {
  const doses = useDoses();
  const now = useNow(EVERY_MS);
  return (
    <Page
      title="Doses"
      aside={
        doses.data &&
        `${longDate(dayIn(doses.data.zone, new Date(now)))}, ${timeIn(doses.data.zone, new Date(now))}`
      }
    >
      {doses.isError && !doses.data && (
        <Failure error={doses.error} onRetry={() => void doses.refetch()} />
      )}
      {doses.isPending && (
        <Skeleton variant="rounded" height={240} role="status" aria-label="Loading" />
      )}
      {doses.data && <Board board={doses.data} now={now} />}
    </Page>
  );
}

function Board({ board, now }: { board: DoseBoard; now: number }) {
  const person = useKnownMe()?.id;
  const all = shown(board, keptTicks(useWaiting(person)), now);
  const due = toGiveNow(all);
  const next = all.find(({ status }) => status === 'AHEAD');
  if (board.courses.length === 0 && board.trials.length === 0) {
    return (
      <Typography>
        No course is going on. A vet’s medicine is written down on the dog’s page, under Courses.
      </Typography>
    );
  }
  return (
    <Box
      sx={{
        display: 'grid',
        gap: { xs: 2, md: 4 },
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 5fr) minmax(0, 6fr)' },
        alignItems: 'start',
      }}
    >
      <Stack spacing={2}>
        {due.map((one) => (
          <NowCard
            key={`${one.course.board.course.id} ${one.dose.dose.number}`}
            shown={one}
            now={now}
            last={lastWords(one, all, board)}
          />
        ))}
        {board.courses.flatMap((course) =>
          waitsOf(course, now).map((wait) => (
            <WaitCard
              key={`${course.board.course.id} ${wait.ear}`}
              name={course.name}
              wait={wait}
              now={now}
            />
          )),
        )}
        {due.length === 0 && next && (
          <Typography sx={{ fontSize: '1.25rem' }}>
            Nothing to give now. Next: <strong>{next.course.name}</strong>. {next.dose.later.AHEAD}
          </Typography>
        )}
        {board.courses.flatMap((course) =>
          course.board.doubles.map((dose) => (
            <Alert severity="warning" key={`${course.board.course.id} twice ${dose.dose.number}`}>
              <strong>{course.name}: perhaps given twice.</strong> {dose.todo.sentence}
            </Alert>
          )),
        )}
        {board.courses.map(
          (course) =>
            course.board.asks !== undefined && (
              <AskCard
                key={`${course.board.course.id} asks`}
                course={course}
                asks={course.board.asks}
              />
            ),
        )}
        {board.trials.map(({ dog, name, trial }) => (
          <TrialLine key={trial.trial.id} dog={dog} name={name} trial={trial} />
        ))}
        {board.courses.flatMap((course) =>
          course.board.reasons.map((reason) => (
            <Alert severity="info" key={`${course.board.course.id} ${reason.rule}`}>
              <strong>{course.name}:</strong> <Because reason={reason} />
            </Alert>
          )),
        )}
      </Stack>
      <DayList all={all} now={now} zone={board.zone} people={board.people} />
    </Box>
  );
}

/** "Given this morning 7:10 by Rill" of the dose before, where that was today. */
function lastWords(one: Shown, all: readonly Shown[], board: DoseBoard): string | undefined {
  const before = all
    .filter(
      ({ course, status, dose }) =>
        course.board.course.id === one.course.board.course.id &&
        status === 'GIVEN' &&
        dose.dose.number < one.dose.dose.number,
    )
    .at(-1);
  const giving = before?.dose.ears.find((ear) => ear.giving)?.giving;
  if (!giving) return undefined;
  const by = giving.name ?? (giving.by && board.people[giving.by]);
  return `The one before was given at ${timeIn(board.zone, new Date(giving.moment.at))}${by ? ` by ${by}` : ''}.`;
}
