import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { useMe } from '../household/useMe';

type PasswordForm = Schemas['PasswordRequest'];

/** The person's own password and sessions. */
export function PersonPanel() {
  const me = useMe().data;
  const client = useQueryClient();
  const navigate = useNavigate();
  const { register, handleSubmit, formState, reset } = useForm<PasswordForm>();
  const change = useMutation({
    mutationFn: (body: PasswordForm) => answered(api.PUT('/api/me/password', { body })),
    onSuccess: () => reset(),
  });
  const signOut = useMutation({
    mutationFn: () => answered(api.POST('/api/me/sign-out-everywhere')),
    onSuccess: async () => {
      client.clear();
      await navigate('/sign-in');
    },
  });
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="You">
      <Typography variant="h2">You</Typography>
      <Typography color="textSecondary" sx={{ mb: 1.5 }}>
        {me?.name}, {me?.email}
      </Typography>
      <form
        noValidate
        onSubmit={(event) => void handleSubmit((form) => change.mutate(form))(event)}
      >
        <Stack spacing={1.5}>
          {change.isError && <Alert severity="error">{change.error.message}</Alert>}
          {change.isSuccess && (
            <Alert severity="success">Changed. All your other sessions have ended.</Alert>
          )}
          <TextField
            label="Present password"
            type="password"
            size="small"
            autoComplete="current-password"
            error={!!formState.errors.present}
            helperText={formState.errors.present?.message}
            {...register('present', { required: 'Your present password is needed.' })}
          />
          <TextField
            label="Next password"
            type="password"
            size="small"
            autoComplete="new-password"
            error={!!formState.errors.next}
            helperText={formState.errors.next?.message ?? '10 characters or more'}
            {...register('next', {
              required: 'The next one is needed.',
              minLength: { value: 10, message: '10 characters or more, please.' },
            })}
          />
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            <Button type="submit" variant="outlined" loading={change.isPending}>
              Change password
            </Button>
            <Button color="error" onClick={() => signOut.mutate()}>
              Sign out everywhere
            </Button>
          </Stack>
        </Stack>
      </form>
    </Paper>
  );
}
