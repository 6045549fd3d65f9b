import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { LIMITS } from '../api/limits';
import { WORDS } from '../api/words';
import { useSay } from '../fact/useFact';
import { RadioTiles } from '../form/RadioTiles';

type Cause = Schemas['CourseEndRequest']['cause'];

interface End {
  cause: Cause;
  note?: string;
}

const SAYS: Partial<Record<Cause, string>> = {
  REACTION:
    'Give no more of it and call your vet now: redder, more painful, deaf or unsteady after a dose is urgent.',
  HURTS: 'Give no more of it and call your vet: a dose that hurts may mean a torn eardrum.',
  OTHER:
    'Free of symptoms is not cured. Your vet would rather hear of it; the ear is looked at every 3 days for 2 weeks.',
};

/** Ends a course: why, and what that means. */
export function StopDialog({
  dogId,
  name,
  courseId,
  early,
  onClose,
}: {
  dogId: string;
  name: string;
  courseId: string;
  /** Whether doses are still to come. */
  early: boolean;
  onClose: () => void;
}) {
  const [cause, setCause] = useState<Cause | undefined>(early ? undefined : 'FINISHED');
  const [note, setNote] = useState('');
  const say = useSay(
    'course-ends',
    (end: End, when) => ({ dogId, ...when, courseId, ...end }),
    () => `${name}: the course is over.`,
    onClose,
    { id: dogId, name },
  );
  const causes = WORDS.Cause.filter(({ value }) => !early || value !== 'FINISHED');
  const says = cause && SAYS[cause];
  return (
    <Dialog open onClose={onClose} aria-labelledby="stop-title" fullWidth maxWidth="sm">
      <DialogTitle id="stop-title">
        {early ? 'Stop before the last dose: why?' : 'The course is over'}
      </DialogTitle>
      <DialogContent>
        <Stack spacing={1.5}>
          <RadioTiles
            label="Why it ends"
            columns={1}
            value={cause}
            onChange={setCause}
            tiles={causes.map(({ value, label }) => ({ value, name: label, content: label }))}
          />
          {says && <Alert severity={cause === 'OTHER' ? 'warning' : 'error'}>{says}</Alert>}
          <TextField
            label="More of it"
            value={note}
            onChange={({ target }) => setNote(target.value)}
            slotProps={{ htmlInput: { maxLength: LIMITS.CourseEnd.note.length } }}
          />
          {say.isError && <Alert severity="error">{say.error.message}</Alert>}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={!cause}
          loading={say.isPending}
          onClick={() =>
            cause && say.mutate({ cause, ...(note.trim() !== '' && { note: note.trim() }) })
          }
        >
          {early ? 'Stop it' : 'It is over'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
