import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { letter, SIDES, type Side } from '../measure/side';
import { useRoving } from '../ui/useRoving';
import { across, fullHeight, height, months, type Frame, type Span } from './axis';
import type { Point } from './series';

const percent = (fraction: number) => `${fraction * 100}%`;
const WIDE = 1000;
/** So many points are drawn smaller. */
const MANY = 60;
const LINE = 'var(--mui-palette-mark-lane)';

/**
 * Both ears on one axis of time: the dog's right above the middle line, its left mirrored below.
 * One tab stop; the arrow keys go from point to point, and the caption says what the point under the
 * pointer or the focus means.
 */
export function MirrorChart({
  name,
  sentence,
  points,
  most,
  unit,
  span,
  frame,
  drawn = 'line',
  behind,
  onTheLine,
}: {
  name: string;
  /** What the whole of it comes to: read out, and shown while no point is looked at. */
  sentence: string;
  points: readonly Point[];
  most: number;
  /** What the ends of the axis are in. */
  unit: string;
  span: Span;
  frame: Frame;
  drawn?: 'line' | 'bars';
  behind?: ReactNode;
  onTheLine?: ReactNode;
}) {
  const full = fullHeight(frame);
  const dense = points.length > MANY;
  const roving = useRoving(points.length, points.length - 1);

  return (
    <Box sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '2.4em 1fr', columnGap: 0.5 }}>
        <Scale most={most} unit={unit} frame={frame} />
        <Box
          sx={{
            border: 1,
            borderColor: 'divider',
            borderRadius: 1,
            bgcolor: 'background.paper',
            overflow: 'hidden',
            display: 'flex',
          }}
        >
          <svg
            width="100%"
            height={full}
            role="group"
            aria-label={`${name}. ${sentence}`}
            {...roving.group}
          >
            {behind}
            <Grid span={span} frame={frame} />
            {drawn === 'line' &&
              SIDES.map((side) => (
                <Trace
                  key={side}
                  side={side}
                  points={points}
                  most={most}
                  span={span}
                  frame={frame}
                />
              ))}
            {onTheLine}
            {points.map((point, at) => (
              <svg
                key={point.key}
                x={percent(across(point.day, span))}
                y={height(point.value, most, point.side, frame)}
                overflow="visible"
              >
                <g role="img" aria-label={point.words} {...roving.mark(at)}>
                  <Dot
                    point={point}
                    size={dense ? 0.75 : 1}
                    toZero={
                      drawn === 'bars'
                        ? height(0, most, point.side, frame) -
                          height(point.value, most, point.side, frame)
                        : 0
                    }
                  />
                </g>
              </svg>
            ))}
          </svg>
        </Box>
        <span />
        <Axis span={span} />
      </Box>
      <Typography variant="body2" sx={{ minHeight: '1.45em' }} aria-live="polite">
        {roving.active === undefined ? sentence : points[roving.active]?.words}
      </Typography>
    </Box>
  );
}

function Dot({ point, size, toZero }: { point: Point; size: number; toZero: number }) {
  return (
    <>
      <rect x="-5" y="-10" width="10" height="20" fill="transparent" />
      {toZero !== 0 && (
        <line y2={toZero} stroke={point.colour} strokeWidth="5" opacity={point.isFull ? 1 : 0.45} />
      )}
      <circle
        r={size * (point.isFull ? 4.5 : 3)}
        fill={point.isFull ? point.colour : 'var(--mui-palette-background-paper)'}
        stroke={point.colour}
        strokeWidth="1.8"
      />
    </>
  );
}

/** One ear's points joined, with the band that each lies in. */
function Trace({
  side,
  points,
  most,
  span,
  frame,
}: {
  side: Side;
  points: readonly Point[];
  most: number;
  span: Span;
  frame: Frame;
}) {
  const mine = points.filter((point) => point.side === side);
  const at = (point: Point, value: number) =>
    `${across(point.day, span) * WIDE},${height(value, most, side, frame)}`;
  const banded = mine.filter((point) => point.low !== undefined && point.high !== undefined);
  return (
    <svg
      width="100%"
      height={fullHeight(frame)}
      viewBox={`0 0 ${WIDE} ${fullHeight(frame)}`}
      preserveAspectRatio="none"
    >
      {banded.length > 1 && (
        <polygon
          points={[
            ...banded.map((point) => at(point, point.high ?? 0)),
            ...banded.map((point) => at(point, point.low ?? 0)).reverse(),
          ].join(' ')}
          fill="var(--mui-palette-mark-load)"
          opacity="0.16"
        />
      )}
      <polyline
        points={mine.map((point) => at(point, point.value)).join(' ')}
        fill="none"
        stroke="var(--mui-palette-text-secondary)"
        strokeWidth="1.3"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

function Grid({ span, frame }: { span: Span; frame: Frame }) {
  const zeros = new Set(SIDES.map((side) => height(0, 1, side, frame)));
  return (
    <g aria-hidden="true">
      {months(span).map(({ day }) => (
        <line
          key={day}
          x1={percent(across(day, span))}
          x2={percent(across(day, span))}
          y2={fullHeight(frame)}
          stroke="var(--mui-palette-divider)"
        />
      ))}
      {[...zeros].map((y) => (
        <line key={y} x2="100%" y1={y} y2={y} stroke={LINE} strokeWidth="1.5" />
      ))}
    </g>
  );
}

function Scale({ most, unit, frame }: { most: number; unit: string; frame: Frame }) {
  const full = fullHeight(frame);
  const strong = {
    fontSize: 18,
    fontWeight: 700,
    fill: 'var(--mui-palette-text-primary)',
  } as const;
  const text = {
    x: '100%',
    textAnchor: 'end',
    fontSize: 13,
    fill: 'var(--mui-palette-text-secondary)',
  } as const;
  return (
    <svg width="100%" height={full} aria-hidden="true">
      <text y="14" {...text}>
        {most}
      </text>
      <text y={full / 2 + 5} {...text}>
        0
      </text>
      <text y={full - 5} {...text}>
        {most}
      </text>
      <text y={full / 4 + 6} {...strong}>
        {letter('RIGHT')}
      </text>
      <text y={(3 * full) / 4 + 6} {...strong}>
        {letter('LEFT')}
      </text>
      <title>{unit}</title>
    </svg>
  );
}

function Axis({ span }: { span: Span }) {
  return (
    <svg width="100%" height="20" aria-hidden="true" style={{ overflow: 'hidden' }}>
      {months(span).map(({ day, words }, at) => (
        <Box
          component="text"
          key={day}
          sx={{ display: { xs: at % 3 === 0 ? 'inline' : 'none', md: 'inline' } }}
          x={percent(across(day, span))}
          y="14"
          fontSize="13"
          fill="var(--mui-palette-text-secondary)"
        >
          {words}
        </Box>
      ))}
    </svg>
  );
}
