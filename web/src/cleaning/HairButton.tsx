import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { useSay } from '../fact/useFact';
import { labelOf, type Choice } from '../form/choice';
import { RadioTiles } from '../form/RadioTiles';
import { useSettings } from '../household/useMe';
import { sidesAsSeen } from '../measure/facing';
import { earName, type Side } from '../measure/side';

type HairDone = Schemas['HairDone'];
type Ears = Side | 'BOTH';

/** Says that the hair of the ears was seen to: what, which ear, by whom. */
export function HairButton({
  dogId,
  name,
  ears,
  label,
  children,
}: {
  dogId: string;
  name: string;
  /** The ears that it is most likely of. */
  ears: readonly Side[];
  label: string;
  children: string;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        variant="outlined"
        aria-label={label}
        onClick={() => setOpen(true)}
        sx={{ whiteSpace: 'nowrap' }}
      >
        {children}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="hair-title" fullWidth>
        {open && <HairForm dogId={dogId} name={name} ears={ears} onClose={() => setOpen(false)} />}
      </Dialog>
    </>
  );
}

function HairForm({
  dogId,
  name,
  ears,
  onClose,
}: {
  dogId: string;
  name: string;
  ears: readonly Side[];
  onClose: () => void;
}) {
  const { facing, hair } = useSettings();
  const [onLeft = 'RIGHT', onRight = 'LEFT'] = sidesAsSeen(facing);
  const [ear, setEar] = useState<Ears>(ears.length === 1 && ears[0] ? ears[0] : 'BOTH');
  const [work, setWork] = useState<HairDone['work']>(hair === 'PLUCK' ? 'PLUCKED' : 'TRIMMED');
  const [by, setBy] = useState<HairDone['by']>('HOUSEHOLD');
  const say = useSay(
    'hair',
    (_: void, when) => ({ dogId, ...when, ...(ear !== 'BOTH' && { ear }), work, by }),
    () => `Noted: hair of ${name} ${labelOf(WORDS.HairWork, work)}.`,
    onClose,
    { id: dogId, name },
  );
  const sides: readonly Choice<Ears>[] = [
    { value: onLeft, label: earName(onLeft) },
    { value: 'BOTH', label: 'both ears' },
    { value: onRight, label: earName(onRight) },
  ];
  return (
    <>
      <DialogTitle id="hair-title">{name}: the hair of its ears</DialogTitle>
      <DialogContent>
        <Stack spacing={2}>
          <Tiles label="Which ear" choices={sides} value={ear} onChange={setEar} />
          <Tiles label="What was done" choices={WORDS.HairWork} value={work} onChange={setWork} />
          <Tiles label="By whom" choices={WORDS.HairBy} value={by} onChange={setBy} />
          {work === 'PLUCKED' && (
            <Alert severity="warning">
              Plucked skin is sore for a day: let nothing that stings touch it.
            </Alert>
          )}
          {say.isError && <Alert severity="error">{say.error.message}</Alert>}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          size="large"
          loading={say.isPending}
          onClick={() => say.mutate()}
        >
          Save
        </Button>
      </DialogActions>
    </>
  );
}

function Tiles<V extends string>({
  label,
  choices,
  value,
  onChange,
}: {
  label: string;
  choices: readonly Choice<V>[];
  value: V;
  onChange: (value: V) => void;
}) {
  return (
    <Box>
      <Typography sx={{ fontWeight: 650, mb: 0.5 }}>{label}</Typography>
      <RadioTiles
        label={label}
        columns={3}
        value={value}
        onChange={onChange}
        tiles={choices.map((choice) => ({
          value: choice.value,
          name: choice.label,
          content: <Typography sx={{ fontWeight: 650 }}>{choice.label}</Typography>,
        }))}
      />
    </Box>
  );
}
