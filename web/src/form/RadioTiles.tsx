import Box from '@mui/material/Box';
import { useId, type ReactNode } from 'react';

export interface Tile<V extends string> {
  value: V;
  /** What a screen reader says. */
  name: string;
  content: ReactNode;
}

/** Bars that stick to the screen never hide the tile that has the focus. */
const HIDDEN_OVER_TILE = {
  position: 'absolute',
  inset: 0,
  opacity: 0,
  margin: 0,
  cursor: 'pointer',
  scrollMarginBlock: '170px 200px',
} as const;

/** One choice among drawn or worded tiles: one tab stop, the arrow keys move. */
export function RadioTiles<V extends string>({
  label,
  tiles,
  value,
  columns,
  onChange,
}: {
  label: string;
  tiles: readonly Tile<V>[];
  value: V | undefined;
  columns: number | { xs: number; md: number };
  onChange: (value: V) => void;
}) {
  const name = useId();
  const repeat = (count: number) => `repeat(${count}, minmax(0, 1fr))`;
  const grid =
    typeof columns === 'number'
      ? repeat(columns)
      : { xs: repeat(columns.xs), md: repeat(columns.md) };
  return (
    <Box
      role="radiogroup"
      aria-label={label}
      sx={{ display: 'grid', gridTemplateColumns: grid, gap: 0.5 }}
    >
      {tiles.map((tile) => (
        <Box
          key={tile.value}
          component="label"
          sx={{
            position: 'relative',
            display: 'flex',
            flexDirection: 'column',
            alignItems: 'center',
            justifyContent: 'center',
            minHeight: 44,
            p: '3px',
            textAlign: 'center',
            fontSize: columns === 5 ? { xs: '0.74rem', sm: '0.85rem' } : '0.85rem',
            lineHeight: 1.15,
            cursor: 'pointer',
            borderRadius: 1,
            border: 2,
            borderColor: tile.value === value ? 'primary.main' : 'divider',
            bgcolor: tile.value === value ? 'mark.chosen' : 'background.paper',
            fontWeight: tile.value === value ? 700 : 400,
            '&:has(:focus-visible)': {
              outline: '3px solid var(--mui-palette-primary-main)',
              outlineOffset: 2,
            },
            '& svg': { display: 'block', width: '100%', height: 'auto', maxWidth: 52 },
          }}
        >
          <input
            type="radio"
            name={name}
            value={tile.value}
            checked={tile.value === value}
            onChange={() => onChange(tile.value)}
            aria-label={tile.name}
            style={HIDDEN_OVER_TILE}
          />
          {tile.content}
        </Box>
      ))}
    </Box>
  );
}
