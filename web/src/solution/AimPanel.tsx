import CloseIcon from '@mui/icons-material/Close';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import Paper from '@mui/material/Paper';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { WORDS } from '../api/words';
import { aimOf, FIRST_TARGET, targetsOf, type TargetLine } from './aim';
import { millilitresOf, typedVolume, type Ingredient, type Pour } from './pours';
import { useAim, type AimedMix } from './useMix';
import { useSettings } from '../household/useMe';
import { bottleUnit, bottleWords } from '../measure/units';

const USUAL = { mL: '120', 'fl oz': '4' };

/** The other way round: what it is to be, from what stands on the bench; locked lines stay. */
export function AimPanel({
  pours,
  shelf,
  millilitres,
  onTake,
}: {
  pours: readonly Pour[];
  shelf: readonly Ingredient[];
  /** How much stands poured. */
  millilitres: number | undefined;
  onTake: (found: AimedMix) => void;
}) {
  const { volumeUnit } = useSettings();
  const unit = bottleUnit(volumeUnit);
  const [volume, setVolume] = useState(() =>
    millilitres === undefined ? USUAL[unit] : typedVolume(millilitres, unit),
  );
  const [targets, setTargets] = useState<readonly TargetLine[]>([FIRST_TARGET]);
  const [locked, setLocked] = useState<readonly string[]>([]);
  const [found, setFound] = useState<AimedMix>();
  const ask = useAim(setFound);
  const request = aimOf(millilitresOf(volume, unit), targets, pours, shelf, locked);
  const set = (at: number, change: Partial<TargetLine>) =>
    setTargets(targets.map((line, index) => (index === at ? { ...line, ...change } : line)));
  const names = [...new Set(pours.map(({ ingredient }) => ingredient))];
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label="The other way round"
      sx={{ p: 2, display: 'grid', gap: 1.5, justifyItems: 'start' }}
    >
      <Box>
        <Typography variant="h2">The other way round</Typography>
        <Typography color="textSecondary">
          Say what it is to be: the amounts come of what stands on the bench, and water.
        </Typography>
      </Box>
      <TextField
        size="small"
        label={`${unit} in all`}
        value={volume}
        onChange={({ target }) => setVolume(target.value)}
        slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        sx={{ width: 140 }}
      />
      {targets.map((line, at) => (
        <Box
          key={at}
          role="group"
          aria-label={`Target ${at + 1}`}
          sx={{ display: 'flex', gap: 1, width: '100%', maxWidth: 520 }}
        >
          <TextField
            select
            size="small"
            label="What acts"
            value={line.active}
            slotProps={{ select: { native: true } }}
            sx={{ flex: 1, minWidth: 0 }}
            onChange={({ target }) => {
              const active = WORDS.Active.find(({ value }) => value === target.value);
              if (active) set(at, { active: active.value });
            }}
          >
            {WORDS.Active.map(({ value, label }) => (
              <option key={value} value={value}>
                {value === 'ETHANOL' ? 'alcohol, all of it' : label}
              </option>
            ))}
          </TextField>
          <TextField
            size="small"
            label="from %"
            value={line.least}
            onChange={({ target }) => set(at, { least: target.value })}
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
            sx={{ width: 84 }}
          />
          <TextField
            size="small"
            label="to %"
            value={line.most}
            onChange={({ target }) => set(at, { most: target.value })}
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
            sx={{ width: 84 }}
          />
          <IconButton
            aria-label={`Strike out target ${at + 1}`}
            onClick={() => setTargets(targets.filter((_, index) => index !== at))}
          >
            <CloseIcon />
          </IconButton>
        </Box>
      ))}
      <Button onClick={() => setTargets([...targets, FIRST_TARGET])}>One more target</Button>
      <Box role="group" aria-label="What stays as it is poured">
        {names.map((id) => (
          <FormControlLabel
            key={id}
            control={
              <Checkbox
                checked={locked.includes(id)}
                onChange={(_, on) =>
                  setLocked(on ? [...locked, id] : locked.filter((one) => one !== id))
                }
              />
            }
            label={`${shelf.find((one) => one.id === id)?.name ?? id} stays as it is`}
          />
        ))}
      </Box>
      <Button
        variant="contained"
        disabled={!request || targetsOf(targets).length === 0}
        loading={ask.isPending}
        onClick={() => request && ask.mutate(request)}
      >
        Work it out
      </Button>
      {ask.isError && <Alert severity="error">{ask.error.message}</Alert>}
      {found && (
        <Box
          role="group"
          aria-label="What comes of it"
          sx={{ p: 1.5, borderRadius: 1, bgcolor: 'mark.plannedShade', width: '100%' }}
        >
          {found.reasons.map(({ sentence }) => (
            <Typography key={sentence} sx={{ fontWeight: 650 }}>
              {sentence}
            </Typography>
          ))}
          <Typography>
            {found.isMet ? 'All of it is met: ' : found.parts.length > 0 ? 'The nearest: ' : ''}
            {found.parts
              .map(({ ingredient, amount }) => {
                const known = shelf.find((one) => one.id === ingredient);
                const much =
                  known?.phase === 'SOLID'
                    ? `${Number(amount.toPrecision(3))} g`
                    : bottleWords(amount, volumeUnit);
                return `${much} ${known?.name ?? ingredient}`;
              })
              .join(', ')}
          </Typography>
          {found.parts.length > 0 && (
            <Button variant="contained" sx={{ mt: 1 }} onClick={() => onTake(found)}>
              Pour that
            </Button>
          )}
        </Box>
      )}
    </Paper>
  );
}
