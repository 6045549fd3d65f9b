import Box from '@mui/material/Box';

/** A dog's head from the side, level: the nozzle stands at the opening, the canal goes down and in. */
export function LevelHead() {
  return (
    <Box
      component="svg"
      viewBox="0 0 240 150"
      role="img"
      aria-label="The head held level, the flap up, the nozzle at the opening"
      sx={{
        width: '100%',
        maxWidth: 380,
        fill: 'none',
        stroke: 'var(--mui-palette-text-primary)',
        strokeWidth: 3,
        strokeLinecap: 'round',
        strokeLinejoin: 'round',
      }}
    >
      <path
        d="M70 118 C58 96 62 66 92 56 C118 48 138 54 150 66 L212 76 C222 78 222 94 212 97 L164 106 C140 118 110 126 70 118 Z"
        fill="var(--mui-palette-background-paper)"
      />
      <circle cx="150" cy="78" r="4" fill="var(--mui-palette-text-primary)" />
      <circle cx="215" cy="84" r="5" fill="var(--mui-palette-text-primary)" />
      <path
        d="M92 58 C70 40 60 26 64 12 C84 14 102 34 106 54"
        fill="var(--mui-palette-mark-lane)"
      />
      <path
        d="M98 58 L98 84 Q98 92 110 92 L120 92"
        stroke="var(--mui-palette-mark-course)"
        strokeWidth="5"
      />
      <path d="M98 50 L112 14 L128 20 L104 54 Z" fill="var(--mui-palette-background-default)" />
      <path d="M20 134 L228 134" strokeDasharray="2 9" stroke="var(--mui-palette-text-secondary)" />
    </Box>
  );
}
