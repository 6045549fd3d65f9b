import LockIcon from '@mui/icons-material/LockOutlined';
import Box from '@mui/material/Box';

/** An ear that is held, in a word and a sign. */
export function HeldMark({ size = 16 }: { size?: number }) {
  return (
    <Box
      component="span"
      sx={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: 0.75,
        fontWeight: 700,
        color: 'error.main',
      }}
    >
      <LockIcon sx={{ fontSize: size }} aria-hidden="true" />
      held
    </Box>
  );
}
