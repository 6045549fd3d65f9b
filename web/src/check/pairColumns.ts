/** Two ears beside each other, and a wider gap between them. */
export const PAIR_COLUMNS = {
  display: 'grid',
  gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)',
  columnGap: { xs: 1.5, sm: 4 },
} as const;
