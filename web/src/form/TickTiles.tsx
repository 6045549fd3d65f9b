import Box from '@mui/material/Box';
import { capital } from '../measure/words';
import type { Choice } from './choice';

/** Any of a few worded things: each a tile that is on or off. */
export function TickTiles<V extends string>({
  label,
  choices,
  chosen,
  onChange,
}: {
  label: string;
  choices: readonly Choice<V>[];
  chosen: readonly V[];
  onChange: (chosen: readonly V[]) => void;
}) {
  return (
    <Box component="fieldset" sx={{ m: 0, p: 0, border: 0, minWidth: 0 }}>
      <Box component="legend" sx={{ p: 0, mb: 0.5, fontWeight: 600 }}>
        {label}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'repeat(2, minmax(0, 1fr))', sm: 'repeat(3, minmax(0, 1fr))' },
          gap: 0.75,
        }}
      >
        {choices.map(({ value, label: words }) => {
          const on = chosen.includes(value);
          return (
            <Box
              key={value}
              component="button"
              type="button"
              aria-pressed={on}
              onClick={() =>
                onChange(on ? chosen.filter((one) => one !== value) : [...chosen, value])
              }
              sx={{
                minHeight: 48,
                px: 1,
                font: 'inherit',
                color: 'inherit',
                cursor: 'pointer',
                textAlign: 'center',
                borderRadius: 1,
                border: 2,
                borderColor: on ? 'primary.main' : 'divider',
                bgcolor: on ? 'mark.chosen' : 'background.paper',
                fontWeight: on ? 700 : 400,
                '&:focus-visible': {
                  outline: '3px solid var(--mui-palette-primary-main)',
                  outlineOffset: 2,
                },
              }}
            >
              {capital(words)}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
