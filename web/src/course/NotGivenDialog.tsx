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

const LEFT_OUT = ['It would not let me', 'The bottle is empty', 'We were not at home'];
const EARLY = ['The vet said so', 'It is dry already'];
const ASKED = ['I asked: it was not given', 'The vet said so'];

/** What a reason is asked for: a dose left out, given before its wait is over, or perhaps given. */
export type Asking = 'why' | 'early' | 'perhaps';

const WORDS: Record<Asking, { title: string; says: string; choices: string[]; save: string }> = {
  why: {
    title: 'why is it left out?',
    says: 'It stays on record. The next dose is as it is: never double.',
    choices: LEFT_OUT,
    save: 'Left out',
  },
  early: {
    title: 'before the wait is over?',
    says: 'Cleaner left in the ear thins the medicine. Say why it goes in now all the same.',
    choices: EARLY,
    save: 'Given all the same',
  },
  perhaps: {
    title: 'was it given already?',
    says: 'Somebody told of a dose that may have been this one. Ask first: never double.',
    choices: ASKED,
    save: 'Given all the same',
  },
};

/** Why a dose is left out, or given all the same. */
export function NotGivenDialog({
  asking,
  name,
  onClose,
  onSay,
}: {
  asking: Asking;
  name: string;
  onClose: () => void;
  onSay: (why: string) => void;
}) {
  const [other, setOther] = useState('');
  const { title, says, choices, save } = WORDS[asking];
  return (
    <Dialog open onClose={onClose} aria-labelledby="not-given" fullWidth maxWidth="xs">
      <DialogTitle id="not-given">
        {name}: {title}
      </DialogTitle>
      <DialogContent>
        <Stack spacing={1}>
          <Typography color="textSecondary">{says}</Typography>
          {choices.map((why) => (
            <Button
              key={why}
              variant="outlined"
              size="large"
              onClick={() => onSay(why)}
              sx={{ minHeight: 56 }}
            >
              {why}
            </Button>
          ))}
          <TextField
            label="Something else"
            value={other}
            onChange={({ target }) => setOther(target.value)}
            slotProps={{ htmlInput: { maxLength: LIMITS.Giving.why.length } }}
          />
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={other.trim() === ''}
          onClick={() => onSay(other.trim())}
        >
          {save}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
