import { across, fullHeight, height, type Frame, type Span } from './axis';
import type { DogTrends, Happening } from './series';

const percent = (fraction: number) => `${Math.min(1, Math.max(0, fraction)) * 100}%`;
const WAVE = 'M-9 2 q2.25 -6 4.5 0 t4.5 0 t4.5 0 t4.5 0';
const CROSS = 'M-2.5 -7 H2.5 V-2.5 H7 V2.5 H2.5 V7 H-2.5 V2.5 H-7 V-2.5 H-2.5 Z';
const DROP = 'M0 -9 C0.6 -6 3.2 -4.6 3.2 -2.2 A3.2 3.2 0 0 1 -3.2 -2.2 C-3.2 -4.6 -0.6 -6 0 -9 Z';
const PAPER = 'var(--mui-palette-background-paper)';

/** What happened to the dog, along the middle line: a wave for water, a drop for a cleaning. */
export function Happened({
  happenings,
  span,
  frame,
}: {
  happenings: readonly Happening[];
  span: Span;
  frame: Frame;
}) {
  return (
    <g aria-hidden="true">
      {happenings.map((one) =>
        one.kind === 'course' ? (
          <Course key={one.key} course={one} span={span} frame={frame} />
        ) : (
          <svg
            key={one.key}
            x={percent(across(one.day, span))}
            y={fullHeight(frame) / 2}
            overflow="visible"
          >
            <Sign kind={one.kind} ears={one.ears} />
          </svg>
        ),
      )}
    </g>
  );
}

function Sign({ kind, ears }: Pick<Happening, 'kind' | 'ears'>) {
  if (kind === 'wet') {
    return <path d={WAVE} fill="none" stroke="var(--mui-palette-mark-water)" strokeWidth="2.2" />;
  }
  if (kind === 'visited') {
    return <path d={CROSS} fill="var(--mui-palette-mark-course)" stroke={PAPER} strokeWidth="1" />;
  }
  if (kind === 'cleaned') {
    return ears.map((side) => (
      <path
        key={side}
        d={DROP}
        transform={side === 'RIGHT' ? '' : 'scale(1 -1)'}
        fill="var(--mui-palette-mark-load)"
        opacity="0.55"
      />
    ));
  }
  return (
    <rect
      x="-3"
      y="-3"
      width="6"
      height="6"
      transform="rotate(45)"
      fill={PAPER}
      stroke="var(--mui-palette-text-secondary)"
      strokeWidth="1.5"
    />
  );
}

const BAR = 7;

/** A course along the outer edge of its ear's half. */
function Course({ course, span, frame }: { course: Happening; span: Span; frame: Frame }) {
  const from = across(course.day, span);
  const to = across(course.to ?? course.day, span);
  return course.ears.map((side) => (
    <rect
      key={side}
      x={percent(from)}
      width={percent(Math.max(0.004, to - Math.max(0, from)))}
      y={side === 'RIGHT' ? 1 : fullHeight(frame) - BAR - 1}
      height={BAR}
      rx="2"
      fill="var(--mui-palette-mark-course)"
    />
  ));
}

/** The days of each flare behind the ears that it was in. */
export function FlareBands({
  trends,
  span,
  frame,
}: {
  trends: DogTrends;
  span: Span;
  frame: Frame;
}) {
  return (
    <g aria-hidden="true">
      {trends.flares
        .filter(({ flare }) => flare.start <= span.to && (flare.end ?? span.to) >= span.from)
        .flatMap(({ flare }) => {
          const from = across(flare.start, span);
          const to = across(flare.end ?? span.to, span);
          const ears = flare.ears.length > 0 ? flare.ears : (['RIGHT', 'LEFT'] as const);
          return ears.map((side) => (
            <rect
              key={`${flare.start} ${side}`}
              x={percent(from)}
              width={percent(Math.min(1, to) - Math.max(0, from))}
              y={side === 'RIGHT' ? 0 : height(0, 1, 'LEFT', frame)}
              height={height(0, 1, 'RIGHT', frame)}
              fill="var(--mui-palette-mark-stop)"
              opacity="0.1"
            />
          ));
        })}
    </g>
  );
}
