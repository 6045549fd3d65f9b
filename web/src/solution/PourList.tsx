import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { labelled, numberOf, POURED_IN, type Ingredient, type Pour } from './pours';
import { useSettings } from '../household/useMe';
import { bottleUnit } from '../measure/units';

/** What is poured, line by line: everything that is typed counts at once. */
export function PourList({
  pours,
  shelf,
  inAll,
  onInAll,
  onChange,
}: {
  pours: readonly Pour[];
  shelf: readonly Ingredient[];
  /** How much is wanted, as it is typed, where something is told in parts. */
  inAll: string;
  onInAll: (typed: string) => void;
  onChange: (pours: Pour[]) => void;
}) {
  const unit = bottleUnit(useSettings().volumeUnit);
  const set = (at: number, change: Partial<Pour>) =>
    onChange(pours.map((pour, index) => (index === at ? { ...pour, ...change } : pour)));
  return (
    <Stack spacing={1.5} component="section" aria-label="What is poured">
      {pours.map((pour, at) => (
        <Line
          key={at}
          number={at + 1}
          pour={pour}
          shelf={shelf}
          onChange={(change) => set(at, change)}
          onRemove={() => onChange(pours.filter((_, index) => index !== at))}
        />
      ))}
      {pours.some(({ measure }) => measure === 'PART') && (
        <TextField
          size="small"
          label={`${unit} in all, for the parts`}
          value={inAll}
          error={numberOf(inAll) === undefined}
          slotProps={{ htmlInput: { inputMode: 'decimal' }, inputLabel: { shrink: true } }}
          onChange={({ target }) => onInAll(target.value)}
          sx={{ maxWidth: 220 }}
        />
      )}
      <Button
        variant="outlined"
        onClick={() =>
          onChange([
            ...pours,
            { ingredient: 'water', amount: '', measure: POURED_IN[unit], strength: '' },
          ])
        }
        sx={{ alignSelf: 'flex-start' }}
      >
        Pour something
      </Button>
    </Stack>
  );
}

function Line({
  number,
  pour,
  shelf,
  onChange,
  onRemove,
}: {
  number: number;
  pour: Pour;
  shelf: readonly Ingredient[];
  onChange: (change: Partial<Pour>) => void;
  onRemove: () => void;
}) {
  const unit = bottleUnit(useSettings().volumeUnit);
  const ingredient = shelf.find((one) => one.id === pour.ingredient);
  const powder = ingredient?.phase === 'SOLID';
  const label = labelled(ingredient);
  const isMany = Object.keys(ingredient?.strengths ?? {}).length > 1;
  const amount = numberOf(pour.amount);
  const wrong = pour.amount !== '' && (amount === undefined || amount < 0);
  const strength = numberOf(pour.strength);
  const rough = powder && pour.measure !== 'GRAM';
  return (
    <Box role="group" aria-label={`Line ${number}`} sx={{ position: 'relative' }}>
      <Box
        sx={{
          display: 'grid',
          gap: 1,
          gridTemplateColumns: '84px minmax(0, 1fr) minmax(0, 1fr)',
          alignItems: 'start',
        }}
      >
        <TextField
          select
          size="small"
          label="What"
          sx={{ gridColumn: '1 / -1', width: 'calc(100% - 52px)' }}
          value={pour.ingredient}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
          onChange={({ target }) => {
            const next = shelf.find((one) => one.id === target.value);
            const measure = next?.phase === 'SOLID' ? 'GRAM' : POURED_IN[unit];
            const keeps = (next?.phase === 'SOLID') === powder;
            onChange({
              ingredient: target.value,
              strength: '',
              ...(!keeps && { measure }),
            });
          }}
        >
          {shelf.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </TextField>
        <TextField
          size="small"
          label="Amount"
          value={pour.amount}
          error={wrong}
          helperText={wrong ? 'A number, please.' : undefined}
          slotProps={{ htmlInput: { inputMode: 'decimal' }, inputLabel: { shrink: true } }}
          onChange={({ target }) => onChange({ amount: target.value })}
        />
        <TextField
          select
          size="small"
          label="Of"
          value={pour.measure}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
          onChange={({ target }) => {
            const measure = WORDS.Measure.find((one) => one.value === target.value);
            if (measure) onChange({ measure: measure.value });
          }}
        >
          {WORDS.Measure.map(({ value, label: words }) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </TextField>
        {(pour.measure === 'CAPSULE' || pour.measure === 'DROP') && (
          <TextField
            size="small"
            label={pour.measure === 'DROP' ? 'drops in 1 mL' : `one holds, ${powder ? 'g' : 'mL'}`}
            value={pour.each ?? ''}
            error={pour.measure === 'CAPSULE' && numberOf(pour.each ?? '') === undefined}
            slotProps={{ htmlInput: { inputMode: 'decimal' }, inputLabel: { shrink: true } }}
            onChange={({ target }) => onChange({ each: target.value })}
          />
        )}
        {label && (
          <TextField
            size="small"
            label={isMany ? `% ${labelOf(WORDS.Active, label[0])} on its label` : '% on its label'}
            value={pour.strength}
            placeholder={String(label[1])}
            error={
              pour.strength !== '' && (strength === undefined || strength < 0 || strength > 100)
            }
            slotProps={{ htmlInput: { inputMode: 'decimal' }, inputLabel: { shrink: true } }}
            onChange={({ target }) => onChange({ strength: target.value })}
          />
        )}
        <IconButton
          sx={{ position: 'absolute', top: 0, right: 0 }}
          aria-label={`Take out ${ingredient?.name ?? 'this'}`}
          onClick={onRemove}
        >
          <CloseIcon />
        </IconButton>
      </Box>
      {rough && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
          A level spoon of powder is ± 20 %: weigh it.
        </Typography>
      )}
      {ingredient?.whyNot && (
        <Typography variant="body2" sx={{ mt: 0.5, color: 'error.main', fontWeight: 650 }}>
          Why not: {ingredient.whyNot}.
        </Typography>
      )}
      {ingredient?.caution && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
          {ingredient.caution}.
        </Typography>
      )}
    </Box>
  );
}
