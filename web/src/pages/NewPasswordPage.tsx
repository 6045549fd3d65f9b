import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import { useMutation } from '@tanstack/react-query';
import { useForm, useWatch } from 'react-hook-form';
import { Link as RouterLink, useParams } from 'react-router';
import { EntryCard } from '../account/EntryCard';
import { PasswordField } from '../account/PasswordField';
import { PASSWORD_RULES } from '../account/passwordWords';
import { api } from '../api/client';
import { answered, Problem } from '../api/problem';

/** Where the link leads that a forgotten password brought. */
export function Component() {
  const { token = '' } = useParams();
  const { register, handleSubmit, formState, control } = useForm({ defaultValues: { next: '' } });
  const typed = useWatch({ control, name: 'next' });
  const renew = useMutation({
    mutationFn: (body: { next: string }) =>
      answered(api.PUT('/api/forgotten-passwords/{token}', { params: { path: { token } }, body })),
  });
  const isOver = renew.error instanceof Problem && renew.error.status === 404;
  return (
    <EntryCard title="A new password">
      <form noValidate onSubmit={(event) => void handleSubmit((form) => renew.mutate(form))(event)}>
        <Stack spacing={2}>
          {renew.isError && (
            <Alert severity="error">
              {isOver
                ? 'This link does not hold any more: it does for an hour, and once. Ask for another.'
                : renew.error.message}
            </Alert>
          )}
          {renew.isSuccess ? (
            <>
              <Alert severity="success">
                Set. All your sessions have ended: sign in with the new one.
              </Alert>
              <Button component={RouterLink} to="/sign-in" variant="contained" size="large">
                Sign in
              </Button>
            </>
          ) : (
            <>
              <PasswordField
                label="Next password"
                typed={typed}
                error={formState.errors.next?.message}
                {...register('next', PASSWORD_RULES)}
              />
              <Button type="submit" variant="contained" size="large" loading={renew.isPending}>
                Set it
              </Button>
              <Link component={RouterLink} to="/forgotten">
                Ask for another link
              </Link>
            </>
          )}
        </Stack>
      </form>
    </EntryCard>
  );
}
