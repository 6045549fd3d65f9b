import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { ChoiceField } from '../form/ChoiceField';
import { WEEKDAYS, type Weekday } from '../measure/weekdays';
import {
  daysOfMonth,
  firstOf,
  fixedBy,
  FIXED_BY,
  secondWeekFrom,
  type NamedDays,
} from './namedDays';
import { DayField } from '../form/DayField';

/** The days of a fixed school: an interval, or days by the calendar. */
export function FixedDaysFields({
  value,
  interval,
  onChange,
}: {
  value: NamedDays | undefined;
  /** The field of the interval. */
  interval: ReactNode;
  onChange: (days: NamedDays | undefined) => void;
}) {
  const way = fixedBy(value);
  const [month, setMonth] = useState((value?.daysOfMonth ?? [1, 15]).join(', '));
  return (
    <Stack spacing={1.5}>
      <ChoiceField
        label="Which days"
        hint="By the calendar, a late cleaning shifts none of them."
        value={way}
        choices={FIXED_BY}
        onChange={(next) => onChange(firstOf(next))}
      />
      {way === 'INTERVAL' && interval}
      {way === 'WEEKDAY' && (
        <Box>
          <ToggleButtonGroup
            exclusive
            size="small"
            aria-label="On which day of the week"
            value={value?.weekday}
            onChange={(_, weekday: Weekday | null) => weekday && onChange({ weekday })}
            sx={{ flexWrap: 'wrap' }}
          >
            {WEEKDAYS.map(({ value: day, label, long }) => (
              <ToggleButton key={day} value={day} aria-label={long}>
                {label}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
      )}
      {way === 'SECOND_WEEK' && (
        <DayField
          size="small"
          label="One of these days"
          value={value?.from ?? ''}
          onChange={(event) => onChange(secondWeekFrom(event.target.value))}
          sx={{ maxWidth: 220 }}
        />
      )}
      {way === 'MONTH' && (
        <Box>
          <TextField
            size="small"
            label="Days of the month"
            placeholder="1, 15"
            value={month}
            onChange={(event) => {
              setMonth(event.target.value);
              onChange({ daysOfMonth: daysOfMonth(event.target.value) ?? [] });
            }}
            error={!daysOfMonth(month)}
            helperText={!daysOfMonth(month) && 'Days from 1 to 31, with commas between.'}
            sx={{ maxWidth: 320 }}
          />
          <Typography variant="body2" color="textSecondary">
            At least 5 days apart. The 31st is the last day of a shorter month.
          </Typography>
        </Box>
      )}
    </Stack>
  );
}
