import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useEffect, type ReactNode } from 'react';

/** A page's heading, a line beside it, what can be done there, and its content. */
export function Page({
  title,
  picture,
  aside,
  actions,
  children,
}: {
  title: string;
  picture?: ReactNode;
  aside?: ReactNode;
  actions?: ReactNode;
  children: ReactNode;
}) {
  useEffect(() => {
    document.title = `${title} · Even Lobe`;
  }, [title]);
  return (
    <Box sx={{ px: { xs: 2, md: 4 }, py: { xs: 2, md: 3 }, maxWidth: 1440, mx: 'auto' }}>
      <Stack
        direction="row"
        sx={{ alignItems: 'center', columnGap: 2, rowGap: 1, mb: 2, flexWrap: 'wrap' }}
      >
        {picture}
        <Typography variant="h1">{title}</Typography>
        {aside ? (
          <Typography color="textSecondary" sx={{ flex: '1 1 220px' }}>
            {aside}
          </Typography>
        ) : (
          <Box sx={{ flex: 1 }} />
        )}
        {actions}
      </Stack>
      {children}
    </Box>
  );
}
