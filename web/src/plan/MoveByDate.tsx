import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useState } from 'react';
import { addDays, type Day } from '../measure/days';
import { drawnOn, isWithin } from './days';
import { MoveDialog } from './MoveDialog';
import { usePin, useUnpin } from './usePin';
import type { ItemMark } from '../view/useToday';
import { DayField } from '../form/DayField';

const HORIZON_DAYS = 60;

/** Puts an item on another day by its date. */
export function MoveByDate({
  dogId,
  name,
  item,
  today,
}: {
  dogId: string;
  name: string;
  item: ItemMark;
  today: Day;
}) {
  const unpin = useUnpin();
  const [day, setDay] = useState(drawnOn(item, today));
  const [asking, setAsking] = useState(false);
  const pin = usePin();
  const last = addDays(today, HORIZON_DAYS);
  const possible = day >= today && day <= last && day !== item.window.best;
  return (
    <Stack direction="row" sx={{ gap: 1.5, alignItems: 'center', mt: 2, flexWrap: 'wrap' }}>
      <DayField
        size="small"
        label="Another day"
        value={day}
        onChange={(event) => setDay(event.target.value)}
        slotProps={{ htmlInput: { min: today, max: last } }}
        sx={{ maxWidth: 190 }}
      />
      <Button
        variant="outlined"
        disabled={!possible}
        loading={pin.isPending}
        onClick={() =>
          isWithin(day, item.own) ? pin.mutate({ dogId, item: item.id, on: day }) : setAsking(true)
        }
      >
        Put it there
      </Button>
      {item.pins.length > 0 && (
        <Button loading={unpin.isPending} onClick={() => unpin.mutate(item.pins)}>
          Back to its own day
        </Button>
      )}
      {unpin.isError && <Alert severity="error">{unpin.error.message}</Alert>}
      {pin.isError && <Alert severity="error">{pin.error.message}</Alert>}
      {asking && (
        <MoveDialog
          dogId={dogId}
          name={name}
          item={item}
          day={day}
          onDone={() => setAsking(false)}
        />
      )}
    </Stack>
  );
}
