import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { useSay } from '../fact/useFact';
import { ChoiceField } from '../form/ChoiceField';
import type { Choice } from '../form/choice';
import { useSettings } from '../household/useMe';
import { sidesAsSeen } from '../measure/facing';
import { instantOf, type Day } from '../measure/days';
import { earName, type Side } from '../measure/side';
import { useShelf } from '../solution/useMix';
import { useStock } from './useStock';
import { DayField } from '../form/DayField';

type Reaction = Schemas['Reaction'];
type Ears = Side | 'BOTH';

const WATER = 'water';

/** Says that an ear reacted: to what, how, which ear, when. */
export function ReactionButton({
  dogId,
  name,
  today,
}: {
  dogId: string;
  name: string;
  today: Day;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button variant="outlined" onClick={() => setOpen(true)} sx={{ whiteSpace: 'nowrap' }}>
        Note a reaction
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="reaction-title" fullWidth>
        {open && (
          <ReactionForm dogId={dogId} name={name} today={today} onClose={() => setOpen(false)} />
        )}
      </Dialog>
    </>
  );
}

function ReactionForm({
  dogId,
  name,
  today,
  onClose,
}: {
  dogId: string;
  name: string;
  today: Day;
  onClose: () => void;
}) {
  const { facing } = useSettings();
  const stock = useStock();
  const shelf = useShelf();
  const bottles = (stock.data?.kinds ?? []).flatMap(({ supplies }) =>
    supplies.map(({ supply }) => supply),
  );
  const [onLeft = 'RIGHT', onRight = 'LEFT'] = sidesAsSeen(facing);
  const [ear, setEar] = useState<Ears>('BOTH');
  const [kind, setKind] = useState<Reaction['kind']>('STUNG');
  const [to, setTo] = useState('');
  const [day, setDay] = useState(today);
  const isBottle = bottles.some(({ id }) => id === to);
  const say = useSay(
    'reactions',
    (_: void, { at, zone }) => ({
      dogId,
      zone,
      at: day === today ? at : instantOf(day, '12:00', zone).toISOString(),
      kind,
      ...(ear !== 'BOTH' && { ear }),
      ...(isBottle ? { supply: to } : { ingredient: to }),
    }),
    () => `Noted: ${name} reacted to it.`,
    onClose,
    { id: dogId, name },
  );
  const sides: readonly Choice<Ears>[] = [
    { value: onLeft, label: earName(onLeft) },
    { value: 'BOTH', label: 'both, or not known' },
    { value: onRight, label: earName(onRight) },
  ];
  return (
    <>
      <DialogTitle id="reaction-title">{name}: a reaction</DialogTitle>
      <DialogContent>
        <Stack spacing={2} sx={{ pt: 1 }}>
          <TextField
            select
            label="To what"
            value={to}
            onChange={(event) => setTo(event.target.value)}
            slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
            helperText="It is not offered again, nor is what is like it."
          >
            <option value="">choose</option>
            <optgroup label="In the house">
              {bottles.map(({ id, name: called }) => (
                <option key={id} value={id}>
                  {called}
                </option>
              ))}
            </optgroup>
            <optgroup label="On the shelf">
              {(shelf.data ?? [])
                .filter(({ id }) => id !== WATER)
                .map(({ id, name: called }) => (
                  <option key={id} value={id}>
                    {called}
                  </option>
                ))}
            </optgroup>
          </TextField>
          <ChoiceField
            label="How"
            hint="As you saw it."
            choices={WORDS.ReactionKind}
            value={kind}
            onChange={setKind}
          />
          <ChoiceField
            label="Which ear"
            hint="It counts for both."
            choices={sides}
            value={ear}
            onChange={setEar}
          />
          <DayField
            label="When"
            value={day}
            onChange={(event) => setDay(event.target.value)}
            slotProps={{ htmlInput: { max: today } }}
            sx={{ maxWidth: 260 }}
          />
          {say.isError && <Alert severity="error">{say.error.message}</Alert>}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={to === '' || day === '' || day > today}
          loading={say.isPending}
          onClick={() => say.mutate()}
        >
          Save
        </Button>
      </DialogActions>
    </>
  );
}
