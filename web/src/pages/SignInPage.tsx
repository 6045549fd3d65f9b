import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { Link as RouterLink, useLocation, useNavigate } from 'react-router';
import { EntryCard } from '../account/EntryCard';
import { passkeysWork, signInWithPasskey } from '../account/passkeys';
import { signIn } from '../account/session';
import { useSite } from '../account/useSite';

interface SignInForm {
  email: string;
  password: string;
}

/** Where the person wanted to go before they were asked to sign in. */
function destination(state: unknown): string {
  const from =
    typeof state === 'object' && state !== null && 'from' in state ? state.from : undefined;
  return typeof from === 'string' ? from : '/';
}

export function Component() {
  const { register, handleSubmit, formState } = useForm<SignInForm>();
  const location = useLocation();
  const navigate = useNavigate();
  const client = useQueryClient();
  const hasPasskeys = passkeysWork(useSite().data?.passkeysFor);
  const enter = useMutation({
    mutationFn: (form: SignInForm | undefined) =>
      form ? signIn(form.email, form.password) : signInWithPasskey(),
    onSuccess: async () => {
      client.clear();
      await navigate(destination(location.state), { replace: true });
    },
  });
  return (
    <EntryCard title="Sign in">
      <form noValidate onSubmit={(event) => void handleSubmit((form) => enter.mutate(form))(event)}>
        <Stack spacing={2}>
          {enter.isError && <Alert severity="error">{enter.error.message}</Alert>}
          <TextField
            label="E-mail"
            type="email"
            autoComplete="username"
            error={!!formState.errors.email}
            helperText={formState.errors.email?.message}
            {...register('email', { required: 'Your e-mail address is needed.' })}
          />
          <TextField
            label="Password"
            type="password"
            autoComplete="current-password"
            error={!!formState.errors.password}
            helperText={formState.errors.password?.message}
            {...register('password', { required: 'Your password is needed.' })}
          />
          <Button type="submit" variant="contained" size="large" loading={enter.isPending}>
            Sign in
          </Button>
          {hasPasskeys && (
            <Button
              variant="outlined"
              size="large"
              disabled={enter.isPending}
              onClick={() => enter.mutate(undefined)}
            >
              Sign in with a passkey
            </Button>
          )}
          <Link component={RouterLink} to="/forgotten">
            I forgot it
          </Link>
          <Typography color="textSecondary">
            New here?{' '}
            <Link component={RouterLink} to="/register">
              Make an account
            </Link>
          </Typography>
        </Stack>
      </form>
    </EntryCard>
  );
}
