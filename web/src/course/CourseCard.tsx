import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState, type ElementType } from 'react';
import { Link } from 'react-router';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { useMayRecord, useSettings } from '../household/useMe';
import { longDate, shortDate } from '../measure/days';
import { amountWords, earsWords } from './amount';
import { CourseBar } from './CourseBar';
import { StopDialog } from './StopDialog';
import type { CourseInFull } from './useDoses';
import { Because } from '../ui/Because';

type Point = CourseInFull['went'][number]['points'][number];

const LOOKS = { BETTER: 'better', SAME: 'the same', WORSE: 'worse' } as const;

/** "17 Nov 4" of a check, "18 Nov better" of a light look. */
function pointWords({ day, score, look }: Point): string {
  return `${shortDate(day)} ${look ? LOOKS[look] : score}`;
}

/** A course from its first dose to its end: the bar, the bottle, how it was kept to. */
export function CourseCard({
  dogId,
  name,
  course,
  zone,
  people,
}: {
  dogId: string;
  name: string;
  course: CourseInFull;
  zone: string;
  people: Record<string, string>;
}) {
  const { board, adherence, lasts, lastDay, went } = course;
  const { what, ears, kind, phases, startsOn, prescribedBy, recheck, id } = board.course;
  const { hours } = useSettings();
  const mayRecord = useMayRecord();
  const [stopping, setStopping] = useState(false);
  const early = course.lanes.some(({ status }) => ['AHEAD', 'DUE', 'LATE'].includes(status));
  const says = [
    ears.length > 0 && earsWords(ears),
    labelOf(WORDS.MedicineKind, kind),
    prescribedBy && `by ${prescribedBy}`,
  ].filter(Boolean);
  return (
    <Paper variant="outlined" component="section" aria-label={what} sx={{ p: 2.5 }}>
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2">{what}</Typography>
        <Typography sx={{ fontWeight: 650, color: 'mark.course' }}>
          {board.end
            ? `over: ${labelOf(WORDS.Cause, board.end.cause)}`
            : board.isOver
              ? 'the last dose is past'
              : 'going on'}
        </Typography>
      </Stack>
      <Typography color="textSecondary" sx={{ mb: 1 }}>
        {says.join(' · ')}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {phases
          .map(
            ({ amount, times, days }) =>
              `${amountWords(amount)} ${times.map((time) => time.slice(0, 5)).join(' and ')}${days === undefined ? ', until your vet says otherwise' : `, ${days} days`}`,
          )
          .join('; then ')}
        . From {shortDate(startsOn)}
        {lastDay && ` to ${longDate(lastDay)}`}.
      </Typography>
      <CourseBar course={course} zone={zone} hours={hours} people={people} />
      <Stack component="ul" spacing={0.5} sx={{ pl: 2.5, my: 1.5 }}>
        {adherence.map(({ ear, reason }) => (
          <li key={ear ?? 'dog'}>
            <Because reason={reason} />
          </li>
        ))}
        {went.map(({ ear, reason, points }) => (
          <li key={`went ${ear}`}>
            <Because reason={reason} />
            {points.length > 0 && (
              <Typography component="span" variant="body2" color="textSecondary">
                {' '}
                {points.map(pointWords).join(', ')}.
              </Typography>
            )}
          </li>
        ))}
        {lasts?.reasons.map(({ sentence }) => (
          <li key={sentence}>{sentence}</li>
        ))}
        <li>{recheck ? `Recheck on ${longDate(recheck)}.` : 'No recheck is noted.'}</li>
      </Stack>
      {board.reasons.map(({ sentence }) => (
        <Alert severity="info" key={sentence} sx={{ mb: 1 }}>
          {sentence}
        </Alert>
      ))}
      {mayRecord && (
        <Button
          component={Link as ElementType}
          to={`/dogs/${dogId}/courses/${id}/edit`}
          sx={{ mr: 1 }}
        >
          Correct it
        </Button>
      )}
      {mayRecord && !board.end && (
        <Button
          variant="outlined"
          color={early ? 'error' : 'primary'}
          onClick={() => setStopping(true)}
        >
          {early ? 'Stop it early…' : 'It is over…'}
        </Button>
      )}
      {stopping && (
        <StopDialog
          dogId={dogId}
          name={name}
          courseId={id}
          early={early}
          onClose={() => setStopping(false)}
        />
      )}
    </Paper>
  );
}
