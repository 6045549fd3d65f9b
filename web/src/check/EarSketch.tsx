import { earSketch, type SketchedSigns } from './earSketch';

const RIM = '#6E5A50';
const CANAL = '#4A3630';

/** The skin around the opening of a canal, as it looks with these signs; on paper in either theme. */
export function EarSketch({ signs, size }: { signs: SketchedSigns; size: number | string }) {
  const sketch = earSketch(signs);
  return (
    <svg width={size} height={size} viewBox="0 0 48 48" aria-hidden="true">
      <rect x="1" y="1" width="46" height="46" rx="9" fill={sketch.skin} stroke={RIM} />
      {sketch.vessels.map((vessel) => (
        <path key={vessel} d={vessel} fill="none" stroke="#A3222A" strokeWidth="1.5" />
      ))}
      {sketch.folds.toReversed().map((fold) => (
        <ellipse
          key={fold.rx}
          cx="24"
          cy="24"
          rx={fold.rx}
          ry={fold.ry}
          fill={sketch.skin}
          stroke={RIM}
          strokeWidth="1.3"
        />
      ))}
      <ellipse
        cx="24"
        cy="24"
        rx={sketch.opening.rx}
        ry={sketch.opening.ry}
        fill={CANAL}
        stroke={RIM}
        strokeWidth="1.5"
      />
      {sketch.sores.map((sore) => (
        <ellipse
          key={`${sore.x} ${sore.y}`}
          cx={sore.x}
          cy={sore.y}
          rx={sore.rx}
          ry={sore.ry}
          fill="#8E1F1B"
          stroke="#F7D9A8"
          strokeWidth="1.2"
          strokeDasharray="1.6 1"
        />
      ))}
      {sketch.discharge.map((spot) => (
        <ellipse
          key={`${spot.x} ${spot.y}`}
          cx={spot.x}
          cy={spot.y}
          rx={spot.rx}
          ry={spot.ry}
          fill={sketch.dischargeColour}
        />
      ))}
      {sketch.specks.map((speck) => (
        <ellipse
          key={`${speck.x} ${speck.y}`}
          cx={speck.x}
          cy={speck.y}
          rx={speck.rx}
          ry={speck.ry}
          fill={sketch.dischargeColour}
          stroke="#E9DCCB"
          strokeWidth="0.4"
        />
      ))}
    </svg>
  );
}
