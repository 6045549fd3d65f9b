import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { LIMITS } from '../api/limits';
import { useRemoveFact } from '../fact/useFact';
import { dayIn, instantOf, longDate, timeIn } from '../measure/days';
import { amountWords } from './amount';
import type { Shown } from './board';
import { useGive } from './useGive';

/** A dose that was given at another time than now, or ticked by mistake. */
export function DoseDialog({
  shown,
  zone,
  onClose,
}: {
  shown: Shown;
  zone: string;
  onClose: () => void;
}) {
  const { course, dose, status } = shown;
  const now = new Date();
  const due = new Date(dose.dose.at);
  const day = dayIn(zone, due);
  const [time, setTime] = useState(timeIn(zone, due < now ? due : now));
  const [why, setWhy] = useState('');
  const give = useGive(shown, onClose);
  const remove = useRemoveFact('givings', `${course.name}: the tick is taken back.`, onClose);
  const giving = dose.ears.find((ear) => ear.giving)?.giving;
  const early = status === 'AHEAD';
  const isDone = status === 'GIVEN' || status === 'LEFT_OUT';
  const problem = give.error ?? remove.error;
  const at = /^\d{2}:\d{2}$/.test(time)
    ? instantOf(dayOf(day, time, due, zone), time, zone)
    : undefined;
  return (
    <Dialog open onClose={onClose} aria-labelledby="dose-title" fullWidth maxWidth="xs">
      <DialogTitle id="dose-title">
        {course.name}: {amountWords(dose.dose.amount)}, {longDate(day)} {timeIn(zone, due)}
      </DialogTitle>
      <DialogContent>
        <Stack spacing={2} sx={{ mt: 1 }}>
          {isDone ? (
            <Typography>Ticked by mistake? Then it is to be given still, or was missed.</Typography>
          ) : (
            <>
              {early && <Typography>{dose.later.AHEAD} Sooner is early: wait.</Typography>}
              <TextField
                type="time"
                label="It was given at"
                value={time}
                onChange={({ target }) => setTime(target.value)}
                slotProps={{ inputLabel: { shrink: true } }}
              />
              <TextField
                label={early ? 'Why so early' : 'Why then (if you like)'}
                value={why}
                onChange={({ target }) => setWhy(target.value)}
                slotProps={{ htmlInput: { maxLength: LIMITS.Giving.why.length } }}
              />
            </>
          )}
          {problem && <Alert severity="error">{problem.message}</Alert>}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        {isDone ? (
          <Button
            variant="contained"
            color="error"
            loading={remove.isPending}
            disabled={!giving}
            onClick={() => giving && remove.mutate({ id: giving.id })}
          >
            Take the tick back
          </Button>
        ) : (
          <Button
            variant="contained"
            loading={give.isPending}
            disabled={!at || at > now || (early && why.trim() === '')}
            onClick={() =>
              at &&
              give.mutate({
                given: true,
                at: at.toISOString(),
                ...(why.trim() !== '' && { why: why.trim() }),
              })
            }
          >
            It was given
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

/** The day of that hour nearest to the dose: one at 23:00 may be given at 1 on the next day. */
function dayOf(day: string, time: string, due: Date, zone: string): string {
  const away = (one: string) => Math.abs(instantOf(one, time, zone).getTime() - due.getTime());
  const near = [-1, 0, 1].map((days) => dayIn(zone, new Date(due.getTime() + days * DAY_MS)));
  return near.reduce((best, one) => (away(one) < away(best) ? one : best), day);
}

const DAY_MS = 86_400_000;
