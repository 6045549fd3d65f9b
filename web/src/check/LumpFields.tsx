import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { LIMITS } from '../api/limits';
import { WORDS } from '../api/words';
import { RadioTiles } from '../form/RadioTiles';
import { earName, type Side } from '../measure/side';
import { isSize, type EarForm } from './checkForm';

type Lump = NonNullable<EarForm['lump']>;

/** Where a lump sits and how large it is, so that it is seen whether it grows. */
export function LumpFields({
  side,
  lump,
  onChange,
}: {
  side: Side;
  lump: Lump;
  onChange: (lump: Lump) => void;
}) {
  const { place, millimetres } = lump;
  const wrong = millimetres !== undefined && !isSize(millimetres);
  return (
    <Stack spacing={1} sx={{ mt: 1 }}>
      <Typography variant="body2" color="textSecondary">
        The lump: where, and how wide? Its growth is followed.
      </Typography>
      <RadioTiles
        label={`Where the lump sits, ${earName(side)}`}
        columns={2}
        value={place}
        onChange={(chosen) => onChange({ ...lump, place: chosen })}
        tiles={WORDS.LumpPlace.map(({ value, label }) => ({ value, name: label, content: label }))}
      />
      <TextField
        label={`mm across, ${earName(side)}`}
        type="number"
        size="small"
        value={millimetres ?? ''}
        error={wrong}
        helperText={wrong ? '1 to 100 mm, please.' : undefined}
        slotProps={{ htmlInput: LIMITS.Lump.millimetres, inputLabel: { shrink: true } }}
        onChange={({ target }) => {
          const { millimetres: _, ...rest } = lump;
          onChange(target.value === '' ? rest : { ...rest, millimetres: Number(target.value) });
        }}
      />
    </Stack>
  );
}
