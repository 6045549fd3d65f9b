import Box from '@mui/material/Box';
import FormHelperText from '@mui/material/FormHelperText';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { ChoiceField } from '../form/ChoiceField';
import { WEEKDAYS, type Weekday } from '../measure/weekdays';
import type { Before, CourseDraft } from './courseForm';

const BEFORE: readonly { value: Before; label: string }[] = [
  { value: 'NEVER', label: 'not said' },
  { value: 'EACH_DOSE', label: 'before each dose' },
  { value: 'TIMES_A_DAY', label: '… times a day' },
  { value: 'EVERY_DAYS', label: 'every … days' },
  { value: 'WEEKDAYS', label: 'on weekdays' },
  { value: 'UNTIL_CLEAN', label: 'each day until clean' },
];

/** Whether the ear is cleaned before its medicine, and how often. */
export function BeforeFields({
  draft,
  error,
  onChange,
}: {
  draft: CourseDraft;
  error: string | undefined;
  onChange: (change: Partial<CourseDraft>) => void;
}) {
  return (
    <Stack spacing={1.5}>
      <ChoiceField
        label="Is the ear cleaned first?"
        hint="Wax and pus hold the medicine off the skin. Its cleanings take the place of the planned ones."
        choices={BEFORE}
        value={draft.before}
        onChange={(before) => onChange({ before })}
      />
      {(draft.before === 'TIMES_A_DAY' || draft.before === 'EVERY_DAYS') && (
        <TextField
          label={draft.before === 'TIMES_A_DAY' ? 'Times a day' : 'Every … days'}
          value={draft.beforeNumber}
          error={error !== undefined}
          helperText={error}
          onChange={({ target }) => onChange({ beforeNumber: target.value })}
          slotProps={{ htmlInput: { inputMode: 'numeric' } }}
          sx={{ maxWidth: 200 }}
        />
      )}
      {draft.before === 'WEEKDAYS' && (
        <Box>
          <ToggleButtonGroup
            aria-label="On which days of the week"
            value={draft.beforeDays}
            onChange={(_, beforeDays: Weekday[]) => onChange({ beforeDays })}
            sx={{ flexWrap: 'wrap' }}
          >
            {WEEKDAYS.map(({ value, label, long }) => (
              <ToggleButton key={value} value={value} aria-label={long}>
                {label}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          {error && <FormHelperText error>{error}</FormHelperText>}
        </Box>
      )}
    </Stack>
  );
}
