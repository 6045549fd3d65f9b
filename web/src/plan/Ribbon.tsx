import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import { HEAVIEST } from '../cleaning/load';
import type { Day } from '../measure/days';
import { capital } from '../measure/words';
import { useRoving } from '../ui/useRoving';
import { VERDICT_COLOURS } from '../check/verdicts';
import {
  hourPosition,
  position,
  weeks,
  type CheckedMark,
  type CourseMark,
  type DogMark,
  type DoneMark,
  type HeldMark,
  type PlannedMark,
  type RibbonMark,
  type WetMark,
} from './ribbon';

const DROP_WIDTH = 15;
const DROP_HEIGHT = 23;
const DROP = 'M0 -22 C1 -17 7 -13 7 -7 A7 7 0 0 1 -7 -7 C-7 -13 -1 -17 0 -22 Z';
const GAP = 4;
/** A wipe says less of the load than a cleaning of the canal. */
const FAINT = 0.45;
const HEIGHT_WITHOUT_MARKS = 44;
const TICK_WIDTH = 4;
const TICK_LEAST = 7;
const HIGHEST_SCORE = 12;
const WAVE = 'M-9 2 q2.25 -6 4.5 0 t4.5 0 t4.5 0 t4.5 0';
const CROSS = 'M-2.5 -7 H2.5 V-2.5 H7 V2.5 H2.5 V7 H-2.5 V2.5 H-7 V-2.5 H-2.5 Z';

const percent = (fraction: number) => `${fraction * 100}%`;

/**
 * A drop that stands on the middle line, upward for the right ear and downward for the left; it
 * fills from the line outward, so that uneven loads show as asymmetry.
 */
function Drop({ mark }: { mark: DoneMark | PlannedMark }) {
  const level = mark.kind === 'done' ? (mark.load / HEAVIEST) * (DROP_HEIGHT - 1) : 0;
  const planned = mark.kind === 'planned';
  const faint = mark.kind === 'done' && !mark.inCanal;
  const colour = planned ? 'var(--mui-palette-mark-planned)' : 'var(--mui-palette-mark-load)';
  return (
    <g transform={`scale(1 ${mark.side === 'RIGHT' ? 1 : -1}) translate(0 ${-GAP})`}>
      <path d={DROP} fill="var(--mui-palette-background-paper)" />
      {level > 0 && (
        // a nested svg clips what it holds
        <svg
          x={-DROP_WIDTH / 2}
          y={-level}
          width={DROP_WIDTH}
          height={level}
          opacity={faint ? FAINT : 1}
        >
          <path d={DROP} transform={`translate(${DROP_WIDTH / 2} ${level})`} fill={colour} />
        </svg>
      )}
      <path
        d={DROP}
        fill="none"
        stroke={colour}
        strokeWidth={planned ? 2.2 : 1.7}
        opacity={faint ? 0.7 : 1}
      />
    </g>
  );
}

/** A tick as high as the score, from the middle line outward; a dot where nothing was found. */
function Tick({ mark, height }: { mark: CheckedMark; height: number }) {
  const up = mark.side === 'RIGHT' ? -1 : 1;
  const most = height / 2 - 8;
  const length = TICK_LEAST + (mark.score / HIGHEST_SCORE) * (most - TICK_LEAST);
  const colour = `var(--mui-palette-${VERDICT_COLOURS[mark.verdict].replace('.', '-')})`;
  return (
    <>
      <rect
        x={-TICK_WIDTH}
        y={up < 0 ? -most : 0}
        width={2 * TICK_WIDTH}
        height={most}
        fill="transparent"
      />
      {mark.score === 0 ? (
        <circle cy={up * 5} r="2.6" fill={colour} />
      ) : (
        <line
          y1={up * 2}
          y2={up * length}
          stroke={colour}
          strokeWidth={TICK_WIDTH}
          strokeLinecap="round"
        />
      )}
    </>
  );
}

/** What concerns the whole dog, on the middle line: a ring to check, a cross for the vet. */
function OnTheLine({ mark }: { mark: DogMark }) {
  const paper = 'var(--mui-palette-background-paper)';
  const planned = 'var(--mui-palette-mark-planned)';
  if (mark.kind === 'toCheck') {
    return <circle r="5" fill={paper} stroke={planned} strokeWidth="2.2" />;
  }
  if (mark.kind === 'toDry') {
    return <path d={WAVE} fill="none" stroke={planned} strokeWidth="2" strokeDasharray="4 2" />;
  }
  const done = mark.kind === 'visited';
  return (
    <path
      d={CROSS}
      fill={done ? 'var(--mui-palette-mark-course)' : paper}
      stroke={done ? paper : planned}
      strokeWidth={done ? 1 : 2}
    />
  );
}

/** A wave for each wet day; it stands where the first one is, and repeats along the days. */
function Wave({ mark }: { mark: WetMark }) {
  const width = percent(position(mark.to, mark.day) - position(mark.day, mark.day));
  return (
    <>
      <path d={WAVE} fill="none" stroke="var(--mui-palette-mark-water)" strokeWidth="2.6" />
      {mark.to !== mark.day && (
        <svg overflow="visible" width="100%">
          <line
            x2={width}
            stroke="var(--mui-palette-mark-water)"
            strokeWidth="3"
            strokeDasharray="5 3"
          />
        </svg>
      )}
    </>
  );
}

/** A held ear's lane, hatched from the day it was closed. */
function HeldBand({
  mark,
  today,
  height,
  hatch,
}: {
  mark: HeldMark;
  today: Day;
  height: number;
  hatch: string;
}) {
  const start = position(mark.day, today);
  const middle = height / 2;
  return (
    <rect
      x={percent(start)}
      width={percent(1 - start)}
      y={mark.side === 'RIGHT' ? 0 : middle}
      height={middle}
      fill={`url(#${hatch})`}
    />
  );
}

const BAR = 8;

/** A course along the outer edge of its ear's lane, a notch for each dose. */
function CourseBand({ mark, today, height }: { mark: CourseMark; today: Day; height: number }) {
  const start = Math.max(0, hourPosition(`${mark.day}T00:00`, today));
  const end = Math.min(1, hourPosition(`${mark.to}T24:00`, today));
  const y = mark.side === 'RIGHT' ? 2 : height - BAR - 2;
  return (
    <g>
      <rect
        x={percent(start)}
        width={percent(end - start)}
        y={y}
        height={BAR}
        rx="2"
        fill="var(--mui-palette-mark-course)"
        opacity="0.22"
      />
      {mark.doses.map((dose) => (
        <line
          key={dose}
          x1={percent(hourPosition(dose, today))}
          x2={percent(hourPosition(dose, today))}
          y1={y + 1}
          y2={y + BAR - 1}
          stroke="var(--mui-palette-mark-course)"
          strokeWidth="2"
        />
      ))}
    </g>
  );
}

function WindowShade({ mark, today, height }: { mark: PlannedMark; today: Day; height: number }) {
  const start = Math.max(0, position(mark.from, today));
  const end = Math.min(1, position(mark.to, today));
  if (mark.to === mark.from || end <= start) return null;
  const middle = height / 2;
  return (
    <rect
      x={percent(start)}
      width={percent(end - start)}
      y={mark.side === 'RIGHT' ? 6 : middle + 2}
      height={middle - 8}
      rx="6"
      fill="var(--mui-palette-mark-plannedShade)"
    />
  );
}

function Grid({ today, height }: { today: Day; height: number }) {
  const middle = height / 2;
  return (
    <g aria-hidden="true">
      {weeks(today).map(({ week, day }) => (
        <line
          key={week}
          x1={percent(position(day, today))}
          x2={percent(position(day, today))}
          y1={week === 0 ? 0 : 6}
          y2={week === 0 ? height : height - 6}
          stroke={week === 0 ? 'var(--mui-palette-text-primary)' : 'var(--mui-palette-divider)'}
          strokeWidth={week === 0 ? 2 : 1}
        />
      ))}
      <line
        x1="0"
        x2="100%"
        y1={middle}
        y2={middle}
        stroke="var(--mui-palette-mark-lane)"
        strokeWidth="1.5"
      />
    </g>
  );
}

function HoldHatch({ id }: { id: string }) {
  return (
    <defs>
      <pattern
        id={id}
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line y2="7" stroke="var(--mui-palette-mark-stop)" strokeWidth="2" opacity="0.35" />
      </pattern>
    </defs>
  );
}

function isAhead(mark: RibbonMark): boolean {
  return ['planned', 'toCheck', 'toVisit', 'toDry'].includes(mark.kind);
}

function MarkDrawing({ mark, height }: { mark: RibbonMark; height: number }) {
  switch (mark.kind) {
    case 'done':
    case 'planned':
      return <Drop mark={mark} />;
    case 'checked':
      return <Tick mark={mark} height={height} />;
    case 'held':
      return (
        <path
          d="M-4 0 H4"
          transform={`translate(4 ${mark.side === 'RIGHT' ? -height / 2 + 5 : height / 2 - 5})`}
          stroke="var(--mui-palette-mark-stop)"
          strokeWidth="4"
        />
      );
    case 'course':
      return (
        <rect
          x="-4"
          y={mark.side === 'RIGHT' ? -height / 2 + 1 : height / 2 - BAR - 3}
          width="8"
          height={BAR + 2}
          rx="2"
          fill="var(--mui-palette-mark-course)"
        />
      );
    case 'wet':
      return <Wave mark={mark} />;
    default:
      return <OnTheLine mark={mark} />;
  }
}

/**
 * Six weeks back and four ahead, today as the line: right ear above the middle, left below. One tab
 * stop; the arrow keys go from mark to mark, and the caption says what the mark under the pointer or
 * the focus means.
 */
export function Ribbon({
  name,
  today,
  marks,
  caption,
  height: fullHeight = 76,
}: {
  name: string;
  today: Day;
  marks: readonly RibbonMark[];
  caption: string;
  height?: number;
}) {
  const height = marks.length === 0 ? HEIGHT_WITHOUT_MARKS : fullHeight;
  // each ribbon its own: an id stands once in a page
  const hatch = `held${useId().replace(/\W/g, '')}`;
  const roving = useRoving(marks.length, Math.max(0, marks.findIndex(isAhead)));
  const shown = roving.active === undefined ? undefined : marks[roving.active];

  return (
    <Box sx={{ minWidth: 0 }}>
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
          height={height}
          role="group"
          aria-label={`${name}: what was done and what is planned`}
          {...roving.group}
        >
          {marks
            .filter((mark) => mark.kind === 'planned')
            .map((mark) => (
              <WindowShade key={mark.key} mark={mark} today={today} height={height} />
            ))}
          <HoldHatch id={hatch} />
          {marks
            .filter((mark) => mark.kind === 'held')
            .map((mark) => (
              <HeldBand key={mark.key} mark={mark} today={today} height={height} hatch={hatch} />
            ))}
          {marks
            .filter((mark) => mark.kind === 'course')
            .map((mark) => (
              <CourseBand key={mark.key} mark={mark} today={today} height={height} />
            ))}
          <Grid today={today} height={height} />
          {marks.map((mark, index) => (
            <svg
              key={mark.key}
              x={percent(position(mark.day, today))}
              y={height / 2}
              overflow="visible"
            >
              <g role="img" aria-label={mark.words} {...roving.mark(index)}>
                <MarkDrawing mark={mark} height={height} />
              </g>
            </svg>
          ))}
        </svg>
      </Box>
      <Typography
        variant="body2"
        sx={{ mt: 0.25, minHeight: '1.45em', color: shown ? 'text.primary' : 'text.secondary' }}
        aria-live="polite"
      >
        {capital(shown?.words ?? caption)}
      </Typography>
    </Box>
  );
}

/** The weeks above a column of ribbons. */
export function RibbonAxis({ today }: { today: Day }) {
  return (
    <svg width="100%" height="22" aria-hidden="true" style={{ overflow: 'visible' }}>
      {weeks(today).map(({ week, day }) => (
        <Box
          component="text"
          key={week}
          sx={{ display: { xs: week % 2 === 0 ? 'inline' : 'none', sm: 'inline' } }}
          x={percent(position(day, today))}
          y="15"
          textAnchor="middle"
          fontSize="13"
          fontWeight={week === 0 ? 700 : 400}
          fill={
            week === 0 ? 'var(--mui-palette-text-primary)' : 'var(--mui-palette-text-secondary)'
          }
        >
          {week === 0 ? 'today' : `${week > 0 ? '+' : '−'}${Math.abs(week)} wk`}
        </Box>
      ))}
    </svg>
  );
}
