import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { api } from '../api/client';
import { answered } from '../api/problem';

/** Asks for the password once more. */
export function AskAgain({ onGiven, onLeave }: { onGiven: () => void; onLeave: () => void }) {
  const [present, setPresent] = useState('');
  const give = useMutation({
    mutationFn: () => answered(api.POST('/api/me/password-again', { body: { present } })),
    onSuccess: onGiven,
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    // the form that waits for this one hears it otherwise, and is sent a second time
    event.stopPropagation();
    give.mutate();
  };
  return (
    <Dialog open onClose={onLeave} aria-labelledby="password-again">
      <form onSubmit={submit}>
        <DialogTitle id="password-again">Your password, once more</DialogTitle>
        <DialogContent>
          <Typography sx={{ mb: 2 }}>
            This lets others in, takes everything out or cannot be taken back: so that nobody does
            it at a screen you left.
          </Typography>
          {give.isError && (
            <Alert severity="error" sx={{ mb: 2 }}>
              {give.error.message}
            </Alert>
          )}
          <TextField
            autoFocus
            fullWidth
            type="password"
            label="Present password"
            autoComplete="current-password"
            value={present}
            onChange={({ target }) => setPresent(target.value)}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onLeave}>Leave it</Button>
          <Button type="submit" variant="contained" loading={give.isPending} disabled={!present}>
            Go on
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
