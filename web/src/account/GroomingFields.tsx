import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { LIMITS } from '../api/limits';
import { DayField } from '../form/DayField';
import type { WeekForm } from './weekForm';

/** When the grooming days are. */
export function GroomingFields({
  form,
  set,
}: {
  form: WeekForm;
  set: (change: Partial<WeekForm>) => void;
}) {
  return (
    <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
      <DayField
        size="small"
        label="One of them"
        value={form.groomingFrom}
        onChange={(event) => set({ groomingFrom: event.target.value })}
        sx={{ maxWidth: 190 }}
      />
      <TextField
        type="number"
        size="small"
        label="Every so many days"
        value={form.groomingEveryDays}
        onChange={(event) => set({ groomingEveryDays: event.target.value })}
        slotProps={{ htmlInput: LIMITS.Grooming.everyDays }}
        sx={{ maxWidth: 190 }}
      />
    </Stack>
  );
}
