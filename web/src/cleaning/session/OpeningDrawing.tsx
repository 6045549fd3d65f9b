import { earName, type Side } from '../../measure/side';

const INK = 'var(--mui-palette-text-primary)';
const LIQUID = 'var(--mui-palette-primary-main)';

/** The head from its side, the flap lifted: where the canal opens. Its left ear is seen mirrored. */
export function OpeningDrawing({ ear }: { ear: Side }) {
  return (
    <svg
      viewBox="0 0 150 150"
      role="img"
      aria-label={`The flap of the ${earName(ear)} lifted: its canal opens to the front, by the cheek.`}
      fill="none"
      stroke={INK}
      strokeWidth="3"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <g transform={ear === 'LEFT' ? 'translate(150 0) scale(-1 1)' : undefined}>
        <path d="M14 142 C12 112 18 84 40 70 C54 61 72 60 86 68 C94 73 102 80 112 85 L140 96 C146 99 146 109 139 112 L114 119 C104 122 98 130 94 142" />
        <path d="M134 97 C138 98 141 101 141 104" strokeWidth="4" />
        <circle cx="103" cy="89" r="2.4" fill={INK} stroke="none" />
        <path
          d="M42 78 C28 60 22 36 32 14 C46 18 62 34 68 56 C71 66 70 74 66 82"
          fill="var(--mui-palette-mark-plannedShade)"
        />
        <path d="M48 74 C42 60 38 44 38 30" strokeWidth="1.6" opacity="0.6" />
        <ellipse cx="64" cy="87" rx="5.5" ry="8" fill={INK} stroke="none" />
        <path d="M106 30 C94 40 82 56 72 74" stroke={LIQUID} strokeWidth="4" />
        <path d="M72 62 L71 76 L84 71" stroke={LIQUID} strokeWidth="4" />
      </g>
    </svg>
  );
}
