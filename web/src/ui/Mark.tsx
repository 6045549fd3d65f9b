/** The mark of the product: an even pair, one filled, one open. */
export function Mark({ size = 40 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="4 4 24 24" aria-hidden="true">
      <path
        d="M15 7 C8 6 5 11 6 17 C7 22 9 26 11.5 26 C14.5 26 15 20 15 15 Z"
        fill="var(--mui-palette-primary-main)"
      />
      <path
        d="M17 7 C24 6 27 11 26 17 C25 22 23 26 20.5 26 C17.5 26 17 20 17 15 Z"
        fill="none"
        stroke="var(--mui-palette-primary-main)"
        strokeWidth="1.6"
      />
    </svg>
  );
}
