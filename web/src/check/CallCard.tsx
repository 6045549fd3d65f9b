import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';

/** What to tell a vet on the phone. */
export function CallCard({ card }: { card: Schemas['CallCard'] }) {
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label="What to tell the vet"
      sx={{ p: 2, borderStyle: 'dashed', borderWidth: 2 }}
    >
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        What to tell the vet
      </Typography>
      <Box
        component="dl"
        sx={{
          m: 0,
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '130px 1fr' },
          columnGap: 2,
          rowGap: 0.5,
        }}
      >
        {card.points.map((point) => (
          <Box key={`${point.about} ${point.words}`} sx={{ display: 'contents' }}>
            <Typography component="dt" sx={{ fontWeight: 700 }}>
              {point.about}
            </Typography>
            <Typography component="dd" sx={{ m: 0, mb: { xs: 0.75, sm: 0 } }}>
              {point.words}
            </Typography>
          </Box>
        ))}
      </Box>
    </Paper>
  );
}
