import type { Suits } from './suits';

const COLOURS: Record<Suits, string> = {
  OK: 'var(--mui-palette-mark-quiet)',
  CARE: 'var(--mui-palette-mark-caution)',
  NO: 'var(--mui-palette-mark-stop)',
};

const DROP = 'M12 2 C13 7 19 11 19 16 A7 7 0 0 1 5 16 C5 11 11 7 12 2 Z';
const SQUARE = 'M4 4 H20 V20 H4 Z';

/** A drop for what goes in, a square for the pad: full suits, half with care, struck does not. */
export function SuitsMark({ suits, into }: { suits: Suits; into: 'ear' | 'pad' }) {
  const shape = into === 'ear' ? DROP : SQUARE;
  const colour = COLOURS[suits];
  const half = `half-${into}`;
  return (
    <svg viewBox="0 0 24 24" width={26} height={26} aria-hidden="true">
      <defs>
        <clipPath id={half}>
          <rect x="0" y="0" width="12" height="24" />
        </clipPath>
      </defs>
      <path
        d={shape}
        fill={suits === 'OK' ? colour : 'none'}
        stroke={colour}
        strokeWidth="2.2"
        strokeLinejoin="round"
      />
      {suits === 'CARE' && <path d={shape} fill={colour} clipPath={`url(#${half})`} />}
      {suits === 'NO' && <path d="M3 21 L21 3" stroke={colour} strokeWidth="2.6" />}
    </svg>
  );
}
