import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useMe } from '../household/useMe';
import { discard, tryAgain, useIsUnstored, type Waiting } from './queue';
import { useSending } from './useSending';

/** What was done without a connection and is still to be stored; what was refused, and why. */
export function WaitingNotice({ onStored }: { onStored: (one: Waiting) => Promise<unknown> }) {
  const me = useMe();
  const waiting = useSending(me.data?.id, onStored);
  const isUnstored = useIsUnstored();
  const open = waiting.filter((one) => !one.refused);
  return (
    <>
      {isUnstored && (
        <Alert severity="warning" sx={{ borderRadius: 0 }}>
          This device keeps nothing more: leave this page open until what waits is sent.
        </Alert>
      )}
      {open.length > 0 && (
        <Alert severity="info" sx={{ borderRadius: 0 }}>
          {[...new Set(open.map((one) => one.name))].join(', ')}: recorded on this device, sent as
          soon as there is a connection.
        </Alert>
      )}
      {waiting
        .filter((one) => one.refused)
        .map((one) => (
          <Alert
            key={one.id}
            severity="error"
            sx={{ borderRadius: 0 }}
            action={
              <>
                <Button color="inherit" onClick={() => tryAgain(one.id)}>
                  Try again
                </Button>
                <Button color="inherit" onClick={() => discard(one.id)}>
                  Let it go
                </Button>
              </>
            }
          >
            {one.name}: the record{dayOf(one)} was refused: {one.refused} It is kept on this device
            until it is stored or you let it go.
          </Alert>
        ))}
    </>
  );
}

function dayOf({ what }: Waiting): string {
  return 'at' in what.body ? ` of ${what.body.at.slice(0, 10)}` : '';
}
