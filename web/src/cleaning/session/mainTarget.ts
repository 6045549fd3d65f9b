/** The one large target that goes on. */
export const MAIN_TARGET = {
  minHeight: { xs: 76, md: 84 },
  fontSize: { xs: '1.35rem', md: '1.5rem' },
  lineHeight: 1.15,
} as const;
