import type { Grade } from './load';

/** Where the smears of each grade lie on a round wipe of radius 26: [x, y, width, height]. */
const SMEARS: Record<Grade, [number, number, number, number][]> = {
  0: [],
  1: [[30, 34, 9, 5]],
  2: [
    [24, 26, 14, 9],
    [36, 38, 9, 6],
  ],
  3: [
    [22, 22, 16, 11],
    [38, 32, 16, 11],
    [24, 42, 13, 8],
  ],
  4: [
    [22, 20, 19, 14],
    [40, 26, 19, 15],
    [22, 40, 18, 13],
    [40, 43, 14, 10],
    [30, 31, 22, 16],
  ],
};

const DARKNESS: Record<Grade, number> = { 0: 0, 1: 0.35, 2: 0.6, 3: 0.8, 4: 1 };

/** A wipe as it looks after a cleaning of that load. */
export function WipeDrawing({ grade, size = 56 }: { grade: Grade; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 60 60" aria-hidden="true">
      <circle cx="30" cy="30" r="27" fill="#FDFCF8" stroke="#7C8790" strokeWidth="1.6" />
      <circle
        cx="30"
        cy="30"
        r="22"
        fill="none"
        stroke="#B9C0C2"
        strokeWidth="1"
        strokeDasharray="2 3"
      />
      {SMEARS[grade].map(([x, y, width, height]) => (
        <ellipse
          key={`${x} ${y}`}
          cx={x}
          cy={y}
          rx={width / 1.6}
          ry={height / 1.6}
          fill="#6B4423"
          opacity={DARKNESS[grade]}
          transform={`rotate(${(x + y) % 40} ${x} ${y})`}
        />
      ))}
    </svg>
  );
}
