import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { Link as RouterLink } from 'react-router';
import { EntryCard } from '../account/EntryCard';
import { api } from '../api/client';
import { answered } from '../api/problem';

/** Asks for a link to a new password. */
export function Component() {
  const { register, handleSubmit, formState } = useForm<{ email: string }>();
  const ask = useMutation({
    mutationFn: (body: { email: string }) =>
      answered(api.POST('/api/forgotten-passwords', { body })),
  });
  return (
    <EntryCard title="A new password">
      <form noValidate onSubmit={(event) => void handleSubmit((form) => ask.mutate(form))(event)}>
        <Stack spacing={2}>
          {ask.isError && <Alert severity="error">{ask.error.message}</Alert>}
          {ask.isSuccess ? (
            <Alert severity="success">
              If that address has an account, a link is on its way to it. It holds for an hour. If
              none comes, ask whoever runs this server.
            </Alert>
          ) : (
            <>
              <Typography>
                A link comes to your address; with it you choose another password.
              </Typography>
              <TextField
                label="E-mail"
                type="email"
                autoComplete="username"
                error={!!formState.errors.email}
                helperText={formState.errors.email?.message}
                {...register('email', { required: 'Your e-mail address is needed.' })}
              />
              <Button type="submit" variant="contained" size="large" loading={ask.isPending}>
                Send the link
              </Button>
            </>
          )}
          <Link component={RouterLink} to="/sign-in">
            Back to signing in
          </Link>
        </Stack>
      </form>
    </EntryCard>
  );
}
