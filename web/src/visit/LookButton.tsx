import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Stack from '@mui/material/Stack';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useSay } from '../fact/useFact';
import { RadioTiles } from '../form/RadioTiles';
import { useSettings } from '../household/useMe';
import { sidesAsSeen } from '../measure/facing';
import { earName, letter, type Side } from '../measure/side';

type Looked = Schemas['LookedEarRequest'];
type Change = Looked['change'];

const CHANGES: readonly { value: Change; label: string }[] = [
  { value: 'BETTER', label: 'better' },
  { value: 'SAME', label: 'the same' },
  { value: 'WORSE', label: 'worse' },
];

/** Said of both ears at once: nothing hurts, and the dog is as usual. */
const BOTH: readonly { value: Change; label: string }[] = [
  { value: 'BETTER', label: 'Better' },
  { value: 'SAME', label: 'The same' },
];

const LARGE = { minHeight: 64, fontSize: '1.15rem' };

interface Look {
  right?: Looked;
  left?: Looked;
  dogIsWell: boolean;
}

/** A light look under a vet's care: how each ear does, whether it hurts, and the dog itself. */
export function LookButton({
  dogId,
  name,
  label,
  main,
}: {
  dogId: string;
  name: string;
  label: string;
  main: boolean;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        variant={main ? 'contained' : 'outlined'}
        size={main ? 'large' : 'medium'}
        aria-label={label}
        onClick={() => setOpen(true)}
        sx={{ whiteSpace: 'nowrap' }}
      >
        Look
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="look-title" fullWidth>
        {open && <LookForm dogId={dogId} name={name} onClose={() => setOpen(false)} />}
      </Dialog>
    </>
  );
}

function LookForm({ dogId, name, onClose }: { dogId: string; name: string; onClose: () => void }) {
  const sides = sidesAsSeen(useSettings().facing);
  const [changes, setChanges] = useState<Partial<Record<Side, Change>>>({});
  const [hurting, setHurting] = useState<readonly Side[]>([]);
  const [dogIsWell, setDogIsWell] = useState(true);
  const [inFull, setInFull] = useState(false);
  const say = useSay(
    'looks',
    (look: Look, when) => ({ dogId, ...when, ...look }),
    () => `Noted: a light look at ${name}.`,
    onClose,
    { id: dogId, name },
  );
  const ear = (side: Side): Looked | undefined => {
    const change = changes[side];
    return change && { change, hurts: hurting.includes(side) };
  };
  const alarms =
    !dogIsWell || hurting.length > 0 || Object.values(changes).some((change) => change === 'WORSE');
  const [right, left] = [ear('RIGHT'), ear('LEFT')];
  const both = (change: Change) => {
    const looked = { change, hurts: false };
    say.mutate({ right: looked, left: looked, dogIsWell: true });
  };
  if (!inFull) {
    return (
      <>
        <DialogTitle id="look-title">{name}: better or worse than yesterday?</DialogTitle>
        <DialogContent>
          <Stack spacing={1}>
            {BOTH.map(({ value, label }) => (
              <Button
                key={value}
                variant="outlined"
                size="large"
                loading={say.isPending}
                onClick={() => both(value)}
                sx={LARGE}
              >
                {label}
              </Button>
            ))}
            <Button
              variant="outlined"
              color="error"
              size="large"
              onClick={() => setInFull(true)}
              sx={LARGE}
            >
              Worse, or it hurts, or not as usual
            </Button>
            {say.isError && <Alert severity="error">{say.error.message}</Alert>}
          </Stack>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setInFull(true)}>Say each ear</Button>
          <Button onClick={onClose}>Cancel</Button>
        </DialogActions>
      </>
    );
  }
  return (
    <>
      <DialogTitle id="look-title">{name}: better or worse than yesterday?</DialogTitle>
      <DialogContent>
        <Stack spacing={2}>
          {sides.map((side) => (
            <Box key={side}>
              <Typography sx={{ fontWeight: 650, mb: 0.5 }}>
                {letter(side)} · {earName(side)}
              </Typography>
              <RadioTiles
                label={`How the ${earName(side)} does`}
                columns={3}
                value={changes[side]}
                onChange={(change) => setChanges({ ...changes, [side]: change })}
                tiles={CHANGES.map((change) => ({
                  value: change.value,
                  name: change.label,
                  content: <Typography sx={{ fontWeight: 650 }}>{change.label}</Typography>,
                }))}
              />
              <FormControlLabel
                control={
                  <Switch
                    checked={hurting.includes(side)}
                    onChange={(_, hurts) =>
                      setHurting(
                        hurts ? [...hurting, side] : hurting.filter((other) => other !== side),
                      )
                    }
                  />
                }
                label={`The ${earName(side)} hurts when it is touched`}
              />
            </Box>
          ))}
          <Box>
            <FormControlLabel
              control={<Switch checked={!dogIsWell} onChange={(_, ill) => setDogIsWell(!ill)} />}
              label={`${name} is not as usual: off food, dull, unsteady`}
            />
          </Box>
          {alarms && (
            <Alert severity="warning">
              Then a full check comes next. Nothing goes in before it is done.
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
          disabled={!right && !left}
          loading={say.isPending}
          onClick={() => say.mutate({ ...(right && { right }), ...(left && { left }), dogIsWell })}
        >
          Save
        </Button>
      </DialogActions>
    </>
  );
}
