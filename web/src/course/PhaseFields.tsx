import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import type { PhaseDraft } from './courseForm';

/** How much, when and for how long: one phase after the other. */
export function PhaseFields({
  phases,
  errors,
  onChange,
}: {
  phases: readonly PhaseDraft[];
  errors: Record<string, string>;
  onChange: (phases: PhaseDraft[]) => void;
}) {
  const last = phases.at(-1);
  return (
    <Stack spacing={2}>
      {phases.map((phase, at) => {
        const set = (change: Partial<PhaseDraft>) =>
          onChange(phases.map((one, index) => (index === at ? { ...one, ...change } : one)));
        const field = (name: keyof PhaseDraft, label: string, hint?: string) => (
          <TextField
            label={label}
            value={phase[name]}
            error={`${name} ${at}` in errors}
            helperText={errors[`${name} ${at}`] ?? hint}
            onChange={({ target }) => set({ [name]: target.value })}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        );
        const title = phases.length === 1 ? 'How much, when, for how long' : `Phase ${at + 1}`;
        return (
          <Box key={at} role="group" aria-label={title}>
            <Stack direction="row" sx={{ alignItems: 'center', gap: 1, mb: 1 }}>
              <Typography sx={{ fontWeight: 650 }}>{title}</Typography>
              {phases.length > 1 && (
                <Button
                  size="small"
                  aria-label={`Take out phase ${at + 1}`}
                  onClick={() => onChange(phases.filter((_, index) => index !== at))}
                >
                  Take out
                </Button>
              )}
            </Stack>
            <Box
              sx={{
                display: 'grid',
                gap: 1.5,
                gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, minmax(0, 1fr))' },
              }}
            >
              {field('least', 'How much')}
              {field('most', 'at most', 'where it says a range')}
              <TextField
                select
                label="of"
                value={phase.unit}
                slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
                onChange={({ target }) => {
                  const unit = WORDS.DoseUnit.find(({ value }) => value === target.value);
                  if (unit) set({ unit: unit.value });
                }}
              >
                {WORDS.DoseUnit.map(({ value, label }) => (
                  <option key={value} value={value}>
                    {label}
                  </option>
                ))}
              </TextField>
              {field('times', 'At', 'such as 08:00 20:00')}
              {field('everyDays', 'Every how many days')}
              {field('days', 'For days', 'empty: until clear')}
              {field('mostDays', 'at most, days', 'where it says a range')}
            </Box>
          </Box>
        );
      })}
      <Button
        variant="outlined"
        onClick={() => last && onChange([...phases, { ...last, days: '', mostDays: '' }])}
        sx={{ alignSelf: 'flex-start' }}
      >
        Then …
      </Button>
    </Stack>
  );
}
