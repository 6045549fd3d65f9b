import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Problem } from '../api/problem';
import { useMayRecord } from '../household/useMe';
import { amountWords, earsWords } from './amount';
import { earsToGive, numberWords, waitsOf, type Shown } from './board';
import { LeadMe } from './LeadMe';
import { NotGivenDialog, type Asking } from './NotGivenDialog';
import { useGive } from './useGive';

/** What is given now: one tap gives it. */
export function NowCard({
  shown,
  now,
  last,
}: {
  shown: Shown;
  now: number;
  /** When and by whom the one before was given. */
  last: string | undefined;
}) {
  const { course, dose, status } = shown;
  const mayRecord = useMayRecord();
  const [asking, setAsking] = useState<Asking | undefined>();
  const [leading, setLeading] = useState(false);
  const give = useGive(shown, () => setLeading(false));
  const ears = earsWords(earsToGive(shown));
  const waits = waitsOf(course, now).length > 0;
  const told = dose.ears.flatMap(({ perhaps }) => perhaps).at(-1);
  const first = course.board.ask[0];
  const { cleanFirst } = course.board.waiting;
  const says = cleanFirst.length > 0 ? dose.todo.sentence : dose.later[status];
  const taken = give.error instanceof Problem && give.error.status === 409;
  const name = `${course.name}${ears && `, ${ears}`}`;
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label={`Now: ${name}`}
      sx={{ p: 2, borderWidth: 2, borderColor: 'mark.course' }}
    >
      <Typography sx={{ color: 'mark.course', fontWeight: 700, letterSpacing: '0.06em' }}>
        {status === 'LATE' ? 'LATE' : 'NOW'}
      </Typography>
      <Typography variant="h2" sx={{ fontSize: '1.5rem' }}>
        {name}
      </Typography>
      <Typography sx={{ fontSize: '1.25rem' }}>
        <strong>{amountWords(dose.dose.amount)}</strong>, {numberWords(shown)}
      </Typography>
      <Typography color="textSecondary">{course.board.course.what}</Typography>
      <Typography sx={{ mb: 1.5, ...(status === 'LATE' && { color: 'warning.main' }) }}>
        {says} {last}
      </Typography>
      {first && (
        <Alert severity="warning" sx={{ mb: 1.5 }}>
          {first.reason.sentence}
        </Alert>
      )}
      {told && (
        <Alert severity="warning" sx={{ mb: 1.5 }}>
          Perhaps given already: {told.by} told so. Ask before you give it.
        </Alert>
      )}
      {give.isError && (
        <Alert severity={taken ? 'warning' : 'error'} sx={{ mb: 1.5 }}>
          {give.error.message}
        </Alert>
      )}
      {mayRecord && (
        <>
          <Button
            fullWidth
            variant="contained"
            size="large"
            aria-label={`Given: ${name}`}
            loading={give.isPending}
            onClick={() =>
              told
                ? setAsking('perhaps')
                : waits
                  ? setAsking('early')
                  : give.mutate({ given: true })
            }
            sx={{
              minHeight: 72,
              fontSize: '1.4rem',
              bgcolor: 'mark.course',
              color: 'background.paper',
              '&:hover': { bgcolor: 'mark.course' },
            }}
          >
            Given
          </Button>
          <Stack direction="row" sx={{ justifyContent: 'space-between', mt: 1 }}>
            <Button variant="outlined" onClick={() => setLeading(true)}>
              Lead me
            </Button>
            <Button variant="outlined" onClick={() => setAsking('why')}>
              Not given…
            </Button>
          </Stack>
        </>
      )}
      {asking && (
        <NotGivenDialog
          asking={asking}
          name={name}
          onClose={() => setAsking(undefined)}
          onSay={(why) => {
            setAsking(undefined);
            give.mutate({ given: asking !== 'why', why });
          }}
        />
      )}
      {leading && (
        <LeadMe
          name={name}
          steps={course.board.steps}
          failure={give.error?.message}
          onClose={() => setLeading(false)}
          onGiven={() => give.mutate({ given: true })}
        />
      )}
    </Paper>
  );
}
