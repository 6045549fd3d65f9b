import {
  below,
  bendOutline,
  horizontalOutline,
  pathOf,
  verticalOutline,
  type Canal,
  type Fluid,
} from './canalShape';

const MARGIN_CM = 0.5;
const STEEPEST_RADIANS = Math.PI / 3;
const LINE_CM = 0.05;
const LETTERS_CM = 0.42;

/**
 * A canal to scale, cut through its middle: down the side of the head, round the bend, in to the
 * eardrum. Tipped, it turns and the fluid's surface stays level.
 */
export function CanalDrawing({
  canal,
  fluid,
  tilt,
  label,
  line = false,
}: {
  canal: Canal;
  fluid: Fluid;
  tilt: number;
  label: string;
  /** Whether the line that a fill aims at is shown. */
  line?: boolean;
}) {
  const { vertical, horizontal } = canal;
  const swing = vertical.length * Math.sin(STEEPEST_RADIANS) + MARGIN_CM;
  const drum = vertical.narrow / 2 + horizontal.length;
  const top = -(vertical.length + MARGIN_CM + LETTERS_CM);
  const width = swing + drum + 2.2 * MARGIN_CM;
  const height = -top + horizontal.wide + MARGIN_CM + LETTERS_CM;
  const skin = 'var(--mui-palette-text-primary)';
  const water = 'var(--mui-palette-mark-water)';
  return (
    <svg viewBox={`${-swing} ${top} ${width} ${height}`} width="100%" role="img" aria-label={label}>
      <g transform={`rotate(${-tilt})`} strokeLinejoin="round" strokeWidth={LINE_CM}>
        {[
          verticalOutline(canal),
          bendOutline(canal),
          horizontalOutline(canal, horizontal.length),
        ].map((outline) => (
          <path
            key={pathOf(outline)}
            d={pathOf(outline)}
            fill="var(--mui-palette-mark-plannedShade)"
            stroke="none"
          />
        ))}
        <g fill={water} stroke={water} strokeWidth={LINE_CM / 2}>
          <path d={pathOf(horizontalOutline(canal, fluid.horizontalReach))} />
          {fluid.reachesBend && (
            <>
              <path d={pathOf(bendOutline(canal))} />
              <path d={pathOf(below(verticalOutline(canal), fluid.height, -tilt))} />
            </>
          )}
        </g>
        <path
          d={`M${-vertical.wide / 2} ${-vertical.length} L${-vertical.narrow / 2} 0 V${horizontal.wide} H${vertical.narrow / 2} L${drum} ${horizontal.wide / 2 + horizontal.narrow / 2} M${vertical.wide / 2} ${-vertical.length} L${vertical.narrow / 2} 0 L${drum} ${horizontal.wide / 2 - horizontal.narrow / 2}`}
          fill="none"
          stroke={skin}
          strokeWidth={LINE_CM * 1.6}
        />
        <path
          d={`M${drum} ${horizontal.wide / 2 - horizontal.narrow / 2} V${horizontal.wide / 2 + horizontal.narrow / 2}`}
          stroke="var(--mui-palette-mark-stop)"
          strokeWidth={LINE_CM * 3}
        />
      </g>
      {line && (
        <path
          d={`M${-vertical.wide} ${-vertical.length} H${vertical.wide}`}
          stroke={water}
          strokeWidth={LINE_CM * 1.4}
          strokeDasharray="0.14 0.1"
        />
      )}
      <g fill={skin} fontSize={LETTERS_CM}>
        <text
          x={-Math.sin((tilt * Math.PI) / 180) * vertical.length}
          y={
            -Math.cos((tilt * Math.PI) / 180) * vertical.length - vertical.wide / 2 + LETTERS_CM / 2
          }
          textAnchor="middle"
        >
          opening
        </text>
        <text x={-vertical.narrow} y={horizontal.wide} textAnchor="end">
          bend
        </text>
        <text x={drum + MARGIN_CM} y={horizontal.wide + LETTERS_CM * 1.4} textAnchor="end">
          eardrum
        </text>
      </g>
    </svg>
  );
}
