import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { DogTrends } from './series';
import { Because } from '../ui/Because';

/** The flares on record, the latest first. */
export function FlareList({ flares }: Pick<DogTrends, 'flares'>) {
  return (
    <Box component="section" aria-label="Flares">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Flares
      </Typography>
      {flares.length === 0 && <Typography>None on record.</Typography>}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {flares.map(({ flare, reason }) => (
          <Typography component="li" key={flare.start} sx={{ mb: 0.5 }}>
            <Because reason={reason} />
          </Typography>
        ))}
      </Box>
    </Box>
  );
}
