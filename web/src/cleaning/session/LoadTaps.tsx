import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { RadioTiles } from '../../form/RadioTiles';
import { earName, type Side } from '../../measure/side';
import { LOADS } from '../load';
import { LoadTiles } from './LoadTiles';
import type { EarTaps } from './progress';

const COLOURS = [
  { value: 'TAN_WAX', label: 'tan' },
  { value: 'BROWN', label: 'brown' },
  { value: 'BLACK', label: 'black' },
  { value: 'COFFEE_GROUNDS', label: 'dark specks' },
  { value: 'WATERY', label: 'watery' },
  { value: 'YELLOW', label: 'yellow' },
  { value: 'GREEN', label: 'green' },
  { value: 'BLOODY', label: 'bloody' },
] as const;

const ODOURS = [
  { value: 'NONE', label: 'none' },
  { value: 'WAXY', label: 'waxy' },
  { value: 'SWEET', label: 'sweet' },
  { value: 'FOUL', label: 'foul' },
] as const;

/** Whether what came out is anything but wax of a healthy ear. */
function isTrouble({ colour, odour }: EarTaps): boolean {
  const wax = colour === undefined || colour === 'TAN_WAX' || colour === 'BROWN';
  return !wax || odour === 'SWEET' || odour === 'FOUL';
}

/** What came out of one ear: how much, and what it looked and smelled like where that was seen. */
export function LoadTaps({
  ear,
  taps,
  onChange,
}: {
  ear: Side;
  taps: EarTaps;
  onChange: (taps: Partial<EarTaps>) => void;
}) {
  const name = earName(ear);
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.25,
        alignContent: { xs: 'start', md: 'center' },
        height: '100%',
      }}
    >
      <LoadTiles ear={ear} load={taps.load} onChange={(load) => onChange({ load })} />
      <Typography
        aria-live="polite"
        sx={{ fontWeight: 600, minHeight: '1.5em', textAlign: 'center' }}
      >
        {LOADS.find((load) => load.grade === taps.load)?.sentence}
      </Typography>
      <Box>
        <Typography variant="body2" color="textSecondary">
          Colour, if you saw it
        </Typography>
        <RadioTiles
          label={`Colour of what came out of the ${name}`}
          columns={4}
          value={taps.colour}
          onChange={(colour) => onChange({ colour })}
          tiles={COLOURS.map(({ value, label }) => ({ value, name: label, content: label }))}
        />
      </Box>
      <Box>
        <Typography variant="body2" color="textSecondary">
          Smell
        </Typography>
        <RadioTiles
          label={`Smell of what came out of the ${name}`}
          columns={4}
          value={taps.odour === undefined ? undefined : taps.odour}
          onChange={(odour) => onChange({ odour })}
          tiles={ODOURS.map(({ value, label }) => ({ value, name: label, content: label }))}
        />
      </Box>
      {isTrouble(taps) && (
        <Alert severity="error" sx={{ py: 0 }}>
          That is not plain wax. Pour nothing more in, and check the ear.
        </Alert>
      )}
    </Box>
  );
}
