/** Words in a line that are hit with a thumb: as tall as one, without moving the line apart. */
export const SMALL_TARGET = {
  display: 'inline-flex',
  alignItems: 'center',
  justifyContent: 'center',
  minHeight: 44,
  minWidth: 44,
  my: -1.25,
} as const;
