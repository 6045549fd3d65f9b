import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import { LIMITS } from '../api/limits';
import { WORDS } from '../api/words';
import { WEEKDAYS } from '../measure/weekdays';
import type { WeekForm } from './weekForm';

const DAYS = WEEKDAYS.map(({ value, label, long }) => ({ value, label, name: long }));

/** How much fits into a day, when two people are there, and when nobody is. */
export function CapacityFields({
  form,
  set,
}: {
  form: WeekForm;
  set: (change: Partial<WeekForm>) => void;
}) {
  return (
    <>
      <FitsOnEachDay fits={form.byWeekday} onChange={(byWeekday) => set({ byWeekday })} />
      <SomeOf
        label="Two people are there on"
        hint="Dogs that take two are put on these days. None chosen: any day."
        choices={DAYS}
        chosen={form.helperDays}
        onChange={(helperDays) => set({ helperDays })}
      />
      <SomeOf
        label="What takes hands besides cleanings"
        hint="Each of them takes the room of one cleaning on its day."
        choices={WORDS.Hands}
        chosen={form.counts}
        onChange={(counts) => set({ counts })}
      />
      <TextField
        size="small"
        label="Days off"
        placeholder="2026-12-24, 2026-12-25"
        helperText="As year-month-day, with commas between."
        value={form.daysOff}
        onChange={(event) => set({ daysOff: event.target.value })}
      />
    </>
  );
}

function FitsOnEachDay({
  fits,
  onChange,
}: {
  fits: readonly string[];
  onChange: (fits: string[]) => void;
}) {
  return (
    <Box
      role="group"
      aria-label="Cleanings on each day of the week"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'repeat(4, 1fr)', sm: 'repeat(7, 1fr)' },
        gap: 1,
      }}
    >
      {WEEKDAYS.map(({ value, label, long }, index) => (
        <TextField
          key={value}
          type="number"
          size="small"
          label={label}
          value={fits[index] ?? ''}
          onChange={({ target }) =>
            onChange(fits.map((before, at) => (at === index ? target.value : before)))
          }
          slotProps={{
            htmlInput: { ...LIMITS.Capacity.byWeekday.each, 'aria-label': `Cleanings on ${long}` },
          }}
        />
      ))}
    </Box>
  );
}

/** Any of a few, as a row of buttons. */
function SomeOf<V extends string>({
  label,
  hint,
  choices,
  chosen,
  onChange,
}: {
  label: string;
  hint: string;
  choices: readonly { value: V; label: string; name?: string }[];
  chosen: readonly V[];
  onChange: (chosen: V[]) => void;
}) {
  const id = useId();
  return (
    <Box>
      <Typography sx={{ fontWeight: 650 }} id={id}>
        {label}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 0.5 }}>
        {hint}
      </Typography>
      <ToggleButtonGroup
        size="small"
        aria-labelledby={id}
        value={chosen}
        onChange={(_, now: V[]) => onChange(now)}
        sx={{ flexWrap: 'wrap' }}
      >
        {choices.map(({ value, label: words, name }) => (
          <ToggleButton key={value} value={value} aria-label={name}>
            {words}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}
