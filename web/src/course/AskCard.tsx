import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useMayRecord } from '../household/useMe';
import { count } from '../measure/days';
import { useGoOn } from './useGoOn';
import type { DogCourse } from './useDoses';

/** On the last planned day of a range: go on to the most, or done? */
export function AskCard({ course, asks }: { course: DogCourse; asks: number }) {
  const { id, what, phases } = course.board.course;
  const phase = phases[asks - 1];
  const mayRecord = useMayRecord();
  const go = useGoOn(id, asks);
  if (!phase?.days || !phase.mostDays) return null;
  return (
    <Alert severity="info" icon={false} role="group" aria-label={`${course.name}: go on?`}>
      <strong>{course.name}</strong>: today is the last planned day of {what}. The label says{' '}
      {phase.days} to {count(phase.mostDays, 'day')}: if it is not clear yet, go on; ask your vet
      where you are not sure.
      {go.isError && <div>{go.error.message}</div>}
      {mayRecord && (
        <Stack direction="row" sx={{ gap: 1, mt: 1, flexWrap: 'wrap' }}>
          <Button variant="contained" loading={go.isPending} onClick={() => go.mutate(true)}>
            Go on to {count(phase.mostDays, 'day')}
          </Button>
          <Button variant="outlined" disabled={go.isPending} onClick={() => go.mutate(false)}>
            Done after {phase.days}
          </Button>
        </Stack>
      )}
    </Alert>
  );
}
