import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm, useWatch } from 'react-hook-form';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { PasswordField } from './PasswordField';
import { PASSWORD_RULES } from './passwordWords';

type PasswordRequest = Schemas['PasswordRequest'];

/** Another password. */
export function PasswordForm() {
  const client = useQueryClient();
  const { register, handleSubmit, formState, reset, control } = useForm<PasswordRequest>({
    defaultValues: { present: '', next: '' },
  });
  const typed = useWatch({ control, name: 'next' });
  const change = useMutation({
    mutationFn: (body: PasswordRequest) => answered(api.PUT('/api/me/password', { body })),
    onSuccess: async () => {
      reset();
      await client.invalidateQueries({ queryKey: ['sign-ins'] });
    },
  });
  return (
    <form noValidate onSubmit={(event) => void handleSubmit((form) => change.mutate(form))(event)}>
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
        <PasswordField
          size="small"
          label="Next password"
          typed={typed}
          error={formState.errors.next?.message}
          {...register('next', PASSWORD_RULES)}
        />
        <Box>
          <Button type="submit" variant="outlined" loading={change.isPending}>
            Change password
          </Button>
        </Box>
      </Stack>
    </form>
  );
}
