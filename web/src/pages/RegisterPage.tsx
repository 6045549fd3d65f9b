import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { Link as RouterLink, useNavigate } from 'react-router';
import { EntryCard } from '../account/EntryCard';
import { register as registerPerson, signIn } from '../account/session';
import { LIMITS } from '../api/limits';

interface Registration {
  name: string;
  household: string;
  email: string;
  password: string;
}

export function Component() {
  const { register, handleSubmit, formState } = useForm<Registration>();
  const navigate = useNavigate();
  const client = useQueryClient();
  const join = useMutation({
    mutationFn: async (form: Registration) => {
      await registerPerson(form);
      await signIn(form.email, form.password);
    },
    onSuccess: async () => {
      client.clear();
      await navigate('/', { replace: true });
    },
  });
  const problem = (field: keyof Registration) => ({
    error: !!formState.errors[field],
    helperText: formState.errors[field]?.message,
  });
  return (
    <EntryCard title="Make an account">
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
          <TextField
            label="Household"
            {...problem('household')}
            {...register('household', {
              required: 'What is your household called?',
              maxLength: LIMITS.Registration.household.length,
            })}
          />
          <TextField
            label="E-mail"
            type="email"
            autoComplete="username"
            {...problem('email')}
            {...register('email', { required: 'Your e-mail address is needed.' })}
          />
          <TextField
            label="Password"
            type="password"
            autoComplete="new-password"
            error={!!formState.errors.password}
            helperText={formState.errors.password?.message ?? '10 characters or more'}
            {...register('password', {
              required: 'A password is needed.',
              minLength: { value: 10, message: '10 characters or more, please.' },
            })}
          />
          <Button type="submit" variant="contained" size="large" loading={join.isPending}>
            Make an account
          </Button>
          <Typography color="textSecondary">
            Have one already?{' '}
            <Link component={RouterLink} to="/sign-in">
              Sign in
            </Link>
          </Typography>
        </Stack>
      </form>
    </EntryCard>
  );
}
