import { glassLevels } from './glass';
import type { MixPreview } from './useMix';
import { useSettings } from '../household/useMe';
import { bottleUnit, bottleWords, volumeNumber } from '../measure/units';

const WIDTH = 300;
const HEIGHT = 260;
/** How high it is drawn at most. */
export const GLASS_HEIGHT = HEIGHT;
const FLOOR = 240;
const RIM = 16;
const LEFT = 90;
const RIGHT = 210;

const y = (share: number) => FLOOR - share * (FLOOR - RIM);

function figure(grams: number): string {
  return String(Math.round(grams * 10) / 10);
}

/** What was poured, drawn to scale: its layers, and what lies on the floor. */
export function Glass({ mix }: { mix: MixPreview }) {
  const { volumeUnit } = useSettings();
  const unit = bottleUnit(volumeUnit);
  const much = (millilitres: number) => bottleWords(millilitres, volumeUnit);
  const levels = glassLevels(mix, unit);
  const layered = mix.oil > 0 && levels.water > 0;
  const grit = mix.boric.grit + mix.salicylic.grit;
  const words = [
    much(mix.millilitres),
    layered && `${much(mix.oil)} of oil on top`,
    grit > 0 && `${figure(grit)} g of grit on the floor`,
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`The glass: ${words}`}
      style={{ display: 'block', width: '100%', maxHeight: GLASS_HEIGHT }}
    >
      {levels.marks.map((mark, at) => (
        <g key={mark}>
          <line
            x1={LEFT - 34}
            x2={LEFT - 6}
            y1={y((at + 1) / levels.marks.length)}
            y2={y((at + 1) / levels.marks.length)}
            stroke="var(--mui-palette-divider)"
            strokeWidth={2}
          />
          <text
            x={LEFT - 40}
            y={y((at + 1) / levels.marks.length) + 5}
            textAnchor="end"
            fontSize={14}
            fill="var(--mui-palette-text-secondary)"
          >
            {volumeNumber(mark, unit)}
          </text>
        </g>
      ))}
      {levels.water > 0 && (
        <rect
          x={LEFT}
          width={RIGHT - LEFT}
          y={y(levels.water)}
          height={FLOOR - y(levels.water)}
          fill="var(--mui-palette-mark-water)"
          opacity={0.28}
        />
      )}
      {mix.oil > 0 && (
        <rect
          x={LEFT}
          width={RIGHT - LEFT}
          y={y(levels.top)}
          height={y(levels.water) - y(levels.top)}
          fill="var(--mui-palette-mark-planned)"
          opacity={0.45}
        />
      )}
      {grit > 0 && (
        <rect
          x={LEFT}
          width={RIGHT - LEFT}
          y={y(levels.grit)}
          height={Math.max(3, FLOOR - y(levels.grit))}
          fill="var(--mui-palette-mark-caution)"
          opacity={0.8}
        />
      )}
      <path
        d={`M${LEFT - 4} ${RIM - 8} L${LEFT} ${FLOOR} H${RIGHT} L${RIGHT + 4} ${RIM - 8}`}
        fill="none"
        stroke="currentColor"
        strokeWidth={3}
        strokeLinejoin="round"
      />
      <text x={RIGHT + 14} y={y(levels.top) + 5} fontSize={15} fontWeight={700} fill="currentColor">
        {much(mix.millilitres)}
      </text>
      {layered && (
        <text
          x={RIGHT + 14}
          y={y((levels.top + levels.water) / 2) + 22}
          fontSize={14}
          fill="currentColor"
        >
          oil on top
        </text>
      )}
      {grit > 0 && (
        <text x={RIGHT + 14} y={FLOOR - 2} fontSize={14} fill="currentColor">
          {figure(grit)} g grit
        </text>
      )}
    </svg>
  );
}
