import Chip from '@mui/material/Chip';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { LIMITS } from '../api/limits';

/** Why, in the person's own words, with the usual ones at hand. */
export function ReasonField({
  usual,
  reason,
  onChange,
}: {
  usual: readonly string[];
  reason: string;
  onChange: (reason: string) => void;
}) {
  return (
    <>
      <Stack direction="row" sx={{ flexWrap: 'wrap', gap: 1, mb: 2 }}>
        {usual.map((words) => (
          <Chip key={words} label={words} onClick={() => onChange(words)} />
        ))}
      </Stack>
      <TextField
        label="Why"
        value={reason}
        onChange={(event) => onChange(event.target.value)}
        slotProps={{ htmlInput: { maxLength: LIMITS.Skip.reason.length } }}
      />
    </>
  );
}
