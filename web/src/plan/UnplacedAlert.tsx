import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useMayRecord } from '../household/useMe';
import type { Schemas } from '../api/client';
import { shortDate } from '../measure/days';
import { usePin } from './usePin';
import { Because } from '../ui/Because';

/** A cleaning that no day has room for, and the nearest way out. */
export function UnplacedAlert({ unplaced, name }: { unplaced: Schemas['Unplaced']; name: string }) {
  const mayRecord = useMayRecord();
  const pin = usePin();
  const { wayOut } = unplaced;
  return (
    <Alert
      severity="warning"
      sx={{ mt: 1.25 }}
      action={
        wayOut &&
        mayRecord && (
          <Button
            color="inherit"
            sx={{ whiteSpace: 'nowrap' }}
            loading={pin.isPending}
            aria-label={`Put ${name} on ${shortDate(wayOut)}`}
            onClick={() =>
              pin.mutate({
                dogId: unplaced.dogId,
                item: unplaced.item,
                on: wayOut,
                reason: 'no room in its window',
              })
            }
          >
            {shortDate(wayOut)}
          </Button>
        )
      }
    >
      {name}: <Because reason={unplaced.reason} />
      {pin.isError && ` ${pin.error.message}`}
    </Alert>
  );
}
