import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useSettings } from '../household/useMe';
import { momentWords } from '../measure/units';
import { Failure } from '../ui/Failure';
import { useOwnErasure } from './useErasures';
import { usePasswordAgain } from '../account/usePasswordAgain';

/** Erasing one's own account: what becomes of each household is said first. */
export function EraseAccount() {
  const { dialog, withPassword } = usePasswordAgain();
  const { then, ask, takeBack } = useOwnErasure(withPassword);
  const { zone, hours } = useSettings();
  const failed = then.error ?? ask.error ?? takeBack.error;
  const at = then.data?.at;
  return (
    <Box component="details" {...(at && { open: true })}>
      <Box component="summary" sx={{ cursor: 'pointer', py: 0.5, color: 'error.main' }}>
        Erase my account
      </Box>
      <Stack spacing={1.5} sx={{ pt: 1 }}>
        {failed && <Failure error={failed} />}
        {then.data?.households.map(({ name, goes, ownerless }) => (
          <Typography key={name}>
            <strong>{name}</strong>:{' '}
            {goes
              ? 'nobody else shares it, so all of it goes too.'
              : ownerless
                ? 'you alone own it. Make somebody else an owner first.'
                : 'stays. What you said in it stays under “somebody who has left”.'}
          </Typography>
        ))}
        {at ? (
          <Alert
            severity="warning"
            action={
              <Button color="inherit" onClick={() => takeBack.mutate()}>
                Take it back
              </Button>
            }
          >
            Your account is erased on {momentWords(at, zone, hours)}.
          </Alert>
        ) : (
          <>
            <Typography>It is done in 30 days; until then you can take it back here.</Typography>
            <Box>
              <Button
                color="error"
                variant="outlined"
                loading={ask.isPending}
                onClick={() => ask.mutate()}
              >
                Erase my account in 30 days
              </Button>
            </Box>
          </>
        )}
      </Stack>
      {dialog}
    </Box>
  );
}
