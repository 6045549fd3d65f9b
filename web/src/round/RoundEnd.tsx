import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { forgetDraftOf } from '../cleaning/session/forgetDraft';
import { MAIN_TARGET } from '../cleaning/session/mainTarget';
import { SessionFrame } from '../cleaning/session/SessionFrame';
import { useSending } from '../fact/useSending';
import { count } from '../measure/days';
import { placeOf, type RoundRun, type RoundSheet } from './round';

/** After the last dog: who was done, who was left out, and whether all of it is sent. */
export function RoundEnd({
  run,
  sheet,
  onEnd,
}: {
  run: RoundRun;
  sheet: RoundSheet;
  onEnd: () => void;
}) {
  const waiting = useSending(run.person, forgetDraftOf).filter((one) => !one.refused);
  const names = (over: 'DONE' | 'NOT_TODAY') =>
    run.order
      .filter((dog) => run.dogs[dog]?.over === over)
      .map((dog) => placeOf(sheet, dog)?.name ?? '');
  const done = names('DONE');
  const left = names('NOT_TODAY');
  return (
    <SessionFrame
      title="Round: done"
      head={<Box sx={{ height: 10, bgcolor: 'mark.quiet' }} aria-hidden="true" />}
      foot={
        <Button variant="contained" onClick={onEnd} autoFocus sx={MAIN_TARGET}>
          To Today
        </Button>
      }
    >
      <Stack spacing={2} sx={{ maxWidth: 720, mx: 'auto', pt: { xs: 2, md: 5 } }}>
        <Typography variant="h1">{count(done.length, 'dog')} done</Typography>
        {done.length > 0 && <Typography>{done.join(', ')}.</Typography>}
        {left.length > 0 && <Typography>Not today: {left.join(', ')}.</Typography>}
        <Typography>
          Wash your hands. Wipes away, cloths into the wash, the nozzle rinsed.
        </Typography>
        <Box aria-live="polite">
          {waiting.length > 0 ? (
            <Alert severity="info">
              {count(waiting.length, 'record')} kept on this device: sent, once, as soon as there is
              a connection.
            </Alert>
          ) : (
            <Alert severity="success">All of it is recorded.</Alert>
          )}
        </Box>
      </Stack>
    </SessionFrame>
  );
}
