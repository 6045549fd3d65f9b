import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { api } from '../api/client';
import { LIMITS } from '../api/limits';
import { answered } from '../api/problem';

/** What the person is called, where they like to be called otherwise. */
export function NameForm({ present }: { present: string }) {
  const [name, setName] = useState(present);
  const client = useQueryClient();
  const rename = useMutation({
    mutationFn: () => answered(api.PUT('/api/me', { body: { name } })),
    onSuccess: () => client.invalidateQueries(),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    rename.mutate();
  };
  return (
    <form onSubmit={submit}>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <TextField
          size="small"
          label="Name"
          autoComplete="name"
          value={name}
          onChange={({ target }) => setName(target.value)}
          slotProps={{ htmlInput: { maxLength: LIMITS.Name.name.length } }}
          sx={{ flex: 1, minWidth: 200 }}
        />
        {name.trim() !== '' && name.trim() !== present && (
          <Button type="submit" variant="outlined" loading={rename.isPending}>
            Change name
          </Button>
        )}
      </Stack>
      {rename.isError && <Alert severity="error">{rename.error.message}</Alert>}
    </form>
  );
}
