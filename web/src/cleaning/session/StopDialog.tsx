import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { isTouched, type Progress } from './progress';

/** Stopping is always possible: record as far as it got, go on later, or forget it. */
export function StopDialog({
  open,
  progress,
  onStay,
  onRecord,
  onLeave,
  onThrowAway,
}: {
  open: boolean;
  progress: Progress;
  onStay: () => void;
  onRecord: () => void;
  onLeave: () => void;
  onThrowAway: () => void;
}) {
  const something = progress.purpose === 'PRACTICE' || isTouched(progress);
  return (
    <Dialog open={open} onClose={onStay} fullWidth maxWidth="xs">
      <DialogTitle>Stop here?</DialogTitle>
      <DialogContent>
        <Stack spacing={1.25}>
          <Typography>
            Stopping is fine. Give a treat for what went well; the clock is paused.
          </Typography>
          <Button variant="contained" size="large" onClick={onStay} autoFocus>
            Go on
          </Button>
          {something && (
            <Button variant="outlined" size="large" onClick={onRecord}>
              Record as far as it got
            </Button>
          )}
          <Button size="large" onClick={onLeave}>
            Go on later
          </Button>
          <Button size="large" color="error" onClick={onThrowAway}>
            Forget this session
          </Button>
        </Stack>
      </DialogContent>
    </Dialog>
  );
}
