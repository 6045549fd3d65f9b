import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { longDate, shortDate, type Day } from '../measure/days';
import { itemWords } from './items';
import { ReasonField } from './ReasonField';
import { usePin } from './usePin';
import type { ItemMark } from '../view/useToday';

const USUAL = ['We are away', 'The dog is away', 'Nobody is there to help'];

/** Asks why an item goes on a day outside its window, and says what speaks against it. */
export function MoveDialog({
  dogId,
  name,
  item,
  day,
  onDone,
}: {
  dogId: string;
  name: string;
  item: ItemMark;
  day: Day;
  onDone: () => void;
}) {
  const [reason, setReason] = useState('');
  const pin = usePin(onDone);
  const { earliest, latest } = item.own;
  return (
    <Dialog open onClose={onDone} aria-labelledby="move-title" fullWidth>
      <DialogTitle id="move-title">
        {name}: {itemWords(item)} on {longDate(day)}?
      </DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1 }}>
          That day lies outside its window, {shortDate(earliest)} to {shortDate(latest)}.
        </Typography>
        <Alert severity="warning" sx={{ mb: 2 }}>
          {day < earliest
            ? 'Cleaned too often, skin is irritated and makes more wax.'
            : 'Left too long, what has gathered is harder to take out. Go on looking in between.'}
        </Alert>
        <ReasonField usual={USUAL} reason={reason} onChange={setReason} />
        {pin.isError && (
          <Alert severity="error" sx={{ mt: 2 }}>
            {pin.error.message}
          </Alert>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onDone}>Leave it where it was</Button>
        <Button
          variant="contained"
          disabled={reason.trim() === ''}
          loading={pin.isPending}
          onClick={() => pin.mutate({ dogId, item: item.id, on: day, reason: reason.trim() })}
        >
          Put it there
        </Button>
      </DialogActions>
    </Dialog>
  );
}
