import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

/** Something that is asked once, with its answers below it. */
export function Question({ words, children }: { words: string; children: ReactNode }) {
  return (
    <Paper
      variant="outlined"
      sx={{ p: 1.5, display: 'grid', gap: 1, borderColor: 'primary.main', borderWidth: 2 }}
    >
      <Typography sx={{ fontWeight: 600 }}>{words}</Typography>
      {children}
    </Paper>
  );
}
