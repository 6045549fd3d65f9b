import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { Mark } from '../ui/Mark';

/** The frame of the pages before signing in. */
export function EntryCard({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      component="main"
      sx={{
        minHeight: '100dvh',
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
      }}
    >
      <Box
        sx={{
          bgcolor: 'background.default',
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'center',
          p: { xs: 3, md: 8 },
          gap: 2,
        }}
      >
        <Mark size={72} />
        <Typography component="p" variant="h1" sx={{ fontSize: { xs: '2rem', md: '3rem' } }}>
          Even Lobe
        </Typography>
        <Typography sx={{ fontSize: '1.2rem', maxWidth: 420 }} color="textSecondary">
          When to look, when to clean, when to leave it alone, and why that day: for each ear of
          each dog.
        </Typography>
      </Box>
      <Box sx={{ display: 'grid', placeItems: 'center', p: { xs: 2, md: 4 } }}>
        <Paper variant="outlined" sx={{ p: { xs: 2.5, md: 4 }, width: '100%', maxWidth: 440 }}>
          <Typography variant="h2" component="h1" sx={{ mb: 2 }}>
            {title}
          </Typography>
          {children}
        </Paper>
      </Box>
    </Box>
  );
}
