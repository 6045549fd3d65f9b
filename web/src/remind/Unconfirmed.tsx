import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useSendLink } from '../account/useSendLink';

/** Nothing is mailed to an address that nobody has said to be theirs. */
export function Unconfirmed({ address }: { address: string }) {
  const send = useSendLink();
  if (send.isSuccess) {
    return (
      <Alert severity="success">
        A link is on its way to {address}. Open it within three days; reminders come from then on.
      </Alert>
    );
  }
  return (
    <Alert
      severity={send.isError ? 'error' : 'warning'}
      action={
        <Button color="inherit" loading={send.isPending} onClick={() => send.mutate(address)}>
          Send the link
        </Button>
      }
    >
      {send.error?.message ?? 'None is mailed until you have said, by a link, that it is yours.'}
    </Alert>
  );
}
