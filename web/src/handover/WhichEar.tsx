import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { RadioTiles } from '../form/RadioTiles';
import type { Where } from './telling';

const PLACES: readonly { value: Where; words: string }[] = [
  { value: 'RIGHT', words: 'Its right ear' },
  { value: 'LEFT', words: 'Its left ear' },
  { value: 'BOTH', words: 'Both, or not sure' },
];

/** In which of its ears something was. */
export function WhichEar({
  label,
  value,
  onChange,
}: {
  label: string;
  value: Where;
  onChange: (where: Where) => void;
}) {
  return (
    <Box>
      <Typography variant="body2" sx={{ mb: 0.5, fontWeight: 600 }}>
        {label}
      </Typography>
      <RadioTiles<Where>
        label={label}
        tiles={PLACES.map(({ value: place, words }) => ({
          value: place,
          name: words.toLowerCase(),
          content: words,
        }))}
        value={value}
        columns={3}
        onChange={onChange}
      />
    </Box>
  );
}
