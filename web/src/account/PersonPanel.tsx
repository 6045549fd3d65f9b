import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMe } from '../household/useMe';
import { AddressForm } from './AddressForm';
import { NameForm } from './NameForm';
import { PasskeyList } from './PasskeyList';
import { PasswordForm } from './PasswordForm';
import { SignIns } from './SignIns';

/** The person's own name, address, password, passkeys and sessions. */
export function PersonPanel() {
  const me = useMe().data;
  if (!me) return null;
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="You">
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        You
      </Typography>
      <Stack spacing={2}>
        <NameForm key={`name ${me.name}`} present={me.name} />
        <AddressForm key={`email ${me.email}`} present={me.email} isConfirmed={me.emailConfirmed} />
        <PasswordForm />
        <PasskeyList />
        <Box>
          <SignIns />
        </Box>
      </Stack>
    </Paper>
  );
}
