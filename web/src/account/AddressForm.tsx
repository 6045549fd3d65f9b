import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useState, type FormEvent } from 'react';
import { useMutation } from '@tanstack/react-query';
import { usePasswordAgain } from './usePasswordAgain';
import { useSendLink } from './useSendLink';

/** The address that the person signs in with; another one holds once its link is opened. */
export function AddressForm({ present, isConfirmed }: { present: string; isConfirmed: boolean }) {
  const [email, setEmail] = useState(present);
  const { dialog, withPassword } = usePasswordAgain();
  const link = useSendLink();
  const send = useMutation({
    mutationFn: (address: string) => withPassword(() => link.mutateAsync(address)),
  });
  const isOther = email.trim() !== present;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    send.mutate(email);
  };
  return (
    <form onSubmit={submit}>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <TextField
          size="small"
          type="email"
          label="E-mail"
          autoComplete="username"
          value={email}
          onChange={({ target }) => setEmail(target.value)}
          sx={{ flex: 1, minWidth: 200 }}
          helperText={!isOther && (isConfirmed ? 'Confirmed' : 'Not confirmed yet')}
        />
        {email.trim() !== '' && (isOther || !isConfirmed) && (
          <Button type="submit" variant="outlined" loading={send.isPending}>
            {isOther ? 'Change e-mail' : 'Confirm it'}
          </Button>
        )}
      </Stack>
      {send.isError && <Alert severity="error">{send.error.message}</Alert>}
      {send.isSuccess && (
        <Alert severity="success">
          A link is on its way to {send.variables}. It holds once you have opened it.
        </Alert>
      )}
      {dialog}
    </form>
  );
}
