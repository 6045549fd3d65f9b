import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm, useWatch } from 'react-hook-form';
import { Link as RouterLink, useNavigate, useSearchParams } from 'react-router';
import { EntryCard } from '../account/EntryCard';
import { PasswordField } from '../account/PasswordField';
import { PASSWORD_RULES } from '../account/passwordWords';
import { register as registerPerson, signIn, type Registration } from '../account/session';
import { useSite } from '../account/useSite';
import { LIMITS } from '../api/limits';

const EMPTY = { name: '', household: '', email: '', password: '' };

/** Makes an account: with a household of one's own, or by an invitation to another. */
export function Component() {
  const [search] = useSearchParams();
  const invitation = search.get('invitation') ?? undefined;
  const site = useSite();
  const isClosed = site.data?.registration === 'INVITED' && !invitation;
  return (
    <EntryCard title="Make an account">
      {isClosed ? <ByInvitation /> : <Form invitation={invitation} />}
    </EntryCard>
  );
}

function ByInvitation() {
  return (
    <Stack spacing={2}>
      <Alert severity="info">
        Accounts are made here by invitation. Ask somebody who has one for a link: with it you make
        yours and arrive in their household, or ask whoever runs this server.
      </Alert>
      <Link component={RouterLink} to="/sign-in">
        Sign in
      </Link>
    </Stack>
  );
}

function Form({ invitation }: { invitation: string | undefined }) {
  const { register, handleSubmit, formState, control } = useForm({ defaultValues: EMPTY });
  const typed = useWatch({ control, name: 'password' });
  const navigate = useNavigate();
  const client = useQueryClient();
  const join = useMutation({
    mutationFn: async ({ household, ...form }: typeof EMPTY) => {
      const request: Registration = invitation ? { ...form, invitation } : { ...form, household };
      await registerPerson(request);
      await signIn(form.email, form.password);
    },
    onSuccess: async () => {
      client.clear();
      await navigate('/', { replace: true });
    },
  });
  const problem = (field: keyof typeof EMPTY) => ({
    error: !!formState.errors[field],
    helperText: formState.errors[field]?.message,
  });
  return (
    <form noValidate onSubmit={(event) => void handleSubmit((form) => join.mutate(form))(event)}>
      <Stack spacing={2}>
        {join.isError && <Alert severity="error">{join.error.message}</Alert>}
        <TextField
          label="Your name"
          autoComplete="name"
          {...problem('name')}
          {...register('name', {
            required: 'What are you called?',
            maxLength: LIMITS.Registration.name.length,
          })}
        />
        {!invitation && (
          <TextField
            label="Household"
            {...problem('household')}
            {...register('household', {
              required: 'What is your household called?',
              maxLength: LIMITS.Registration.household.length,
            })}
          />
        )}
        <TextField
          label="E-mail"
          type="email"
          autoComplete="username"
          {...problem('email')}
          {...register('email', { required: 'Your e-mail address is needed.' })}
        />
        <PasswordField
          label="Password"
          typed={typed}
          error={formState.errors.password?.message}
          {...register('password', PASSWORD_RULES)}
        />
        <Button type="submit" variant="contained" size="large" loading={join.isPending}>
          {invitation ? 'Make an account and join' : 'Make an account'}
        </Button>
        <Typography color="textSecondary">
          Have one already?{' '}
          <Link
            component={RouterLink}
            to="/sign-in"
            state={invitation && { from: `/join/${invitation}` }}
          >
            Sign in
          </Link>
        </Typography>
      </Stack>
    </form>
  );
}
