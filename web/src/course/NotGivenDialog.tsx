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

/** Why a dose is left out, or given before its wait is over. */
export function NotGivenDialog({
  early,
  name,
  onClose,
  onSay,
}: {
  early: boolean;
  name: string;
  onClose: () => void;
  onSay: (why: string) => void;
}) {
  const [other, setOther] = useState('');
  const title = early ? 'Before the wait is over?' : 'Why is it left out?';
  return (
    <Dialog open onClose={onClose} aria-labelledby="not-given" fullWidth maxWidth="xs">
      <DialogTitle id="not-given">
        {name}: {title.toLowerCase()}
      </DialogTitle>
      <DialogContent>
        <Stack spacing={1}>
          <Typography color="textSecondary">
            {early
              ? 'Cleaner left in the ear thins the medicine. Say why it goes in now all the same.'
              : 'It stays on record. The next dose is as it is: never double.'}
          </Typography>
          {(early ? EARLY : LEFT_OUT).map((why) => (
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
          {early ? 'Given all the same' : 'Left out'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
