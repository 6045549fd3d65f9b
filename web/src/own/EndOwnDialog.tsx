import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { LIMITS } from '../api/limits';
import { useSaveFact, useVersions } from '../fact/useFact';
import { useSettings } from '../household/useMe';
import { dayIn } from '../measure/days';
import type { OwnCourseNow } from './own';
import { DayField } from '../form/DayField';

/** Ends what somebody gives on their own: the last day, and why. */
export function EndOwnDialog({
  dogId,
  name,
  course,
  onClose,
}: {
  dogId: string;
  name: string;
  course: OwnCourseNow['course'];
  onClose: () => void;
}) {
  const { zone } = useSettings();
  const versions = useVersions('own-courses', course.id);
  const latest = versions.data?.[0];
  const today = dayIn(zone, new Date());
  const [to, setTo] = useState(today < course.from ? course.from : today);
  const [why, setWhy] = useState('');
  const save = useSaveFact('own-courses', course.id, latest?.version, onClose);
  const problem = versions.error ?? save.error;
  return (
    <Dialog open onClose={onClose} aria-labelledby="end-own-title" fullWidth maxWidth="sm">
      <DialogTitle id="end-own-title">
        {name}: {course.what} is over
      </DialogTitle>
      <DialogContent>
        <Stack spacing={2} sx={{ mt: 1 }}>
          <DayField label="Last day" value={to} onChange={({ target }) => setTo(target.value)} />
          <TextField
            label="Why"
            value={why}
            onChange={({ target }) => setWhy(target.value)}
            slotProps={{ htmlInput: { maxLength: LIMITS.OwnCourse.endWhy.length } }}
          />
          {problem && <Alert severity="error">{problem.message}</Alert>}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={!latest?.said || to < course.from}
          loading={save.isPending}
          onClick={() =>
            latest?.said &&
            save.mutate({
              ...latest.said,
              dogId,
              to,
              ...(why.trim() !== '' && { endWhy: why.trim() }),
            })
          }
        >
          It is over
        </Button>
      </DialogActions>
    </Dialog>
  );
}
