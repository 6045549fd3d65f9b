import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import type { FieldError, UseFormRegisterReturn } from 'react-hook-form';
import type { Day } from '../measure/days';
import { DayField } from './DayField';

/** The day on which something was, and the person's own words. */
export function DayAndNote({
  day,
  note,
  latest,
  errors,
}: {
  day: UseFormRegisterReturn;
  note: UseFormRegisterReturn;
  latest: Day;
  errors: { day?: FieldError; note?: FieldError };
}) {
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '205px 1fr' } }}>
      <DayField
        label="Day"
        slotProps={{ htmlInput: { max: latest } }}
        error={!!errors.day}
        helperText={errors.day?.message}
        {...day}
      />
      <TextField
        label="Note"
        multiline
        error={!!errors.note}
        helperText={errors.note?.message}
        {...note}
      />
    </Box>
  );
}
