import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { useState, type DragEvent, type KeyboardEvent } from 'react';
import { Link as RouterLink } from 'react-router';
import { useMayRecord, useSettings } from '../household/useMe';
import { addDays, dateParts, shortDate, type Day } from '../measure/days';
import {
  column,
  dayAt,
  daysOf,
  drawnOn,
  fitsOn,
  isIn,
  isWeekend,
  isWithin,
  type DayRow,
} from './days';
import { doneOf, doneWords, type DoneOn } from './done';
import { DoneMark } from './DoneMark';
import { PLAN_KINDS } from '../api/planKinds';
import { KINDS } from './kinds';
import { MedicineBars } from './MedicineBars';
import { MonthMark } from './MonthMark';
import { MoveDialog } from './MoveDialog';
import { planWords } from './ribbon';
import { usePin } from './usePin';
import type { DogToday, ItemMark, Today } from '../view/useToday';

const NAMES_WIDTH = 104;

/** How far apart marks stand that share a place in a cell. */
const BESIDE_PX = 14;
const LANE_HEIGHT = 88;
/** What is left for the lanes on a landscape page. */
const PRINTED_HEIGHT = 540;

/** An item that is held over another day. */
interface Held {
  dog: DogToday;
  item: ItemMark;
  over: Day;
  /** A pointer carries the mark itself; by keyboard the mark moves along its row. */
  carried: boolean;
}

/** Whether a person may put it on another day. */
function isMovable({ kind }: ItemMark): boolean {
  return PLAN_KINDS[kind].movable;
}

/** The dogs as rows and the days as columns; what may be moved is dragged along its row. */
export function MonthGrid({
  today,
  row,
  kinds,
}: {
  today: Today;
  row: DayRow;
  kinds: readonly ItemMark['kind'][];
}) {
  const mayRecord = useMayRecord();
  const [held, setHeld] = useState<Held>();
  const [asking, setAsking] = useState<Held>();
  const [caption, setCaption] = useState('');

  const pin = usePin();

  /** Inside its window an item is put there at once; outside, the person is asked why. */
  function drop(at: Held | undefined) {
    setHeld(undefined);
    if (!at || at.over < today.today || at.over === drawnOn(at.item, today.today)) return;
    if (isWithin(at.over, at.item.own)) {
      pin.mutate({ dogId: at.dog.id, item: at.item.id, on: at.over });
    } else {
      setAsking(at);
    }
  }

  return (
    <Box sx={{ overflowX: 'auto', pb: 0.5 }}>
      <Box
        sx={{
          minWidth: 940,
          border: 1,
          borderColor: 'divider',
          borderRadius: 1,
          bgcolor: 'background.paper',
          '@media print': { minWidth: 0 },
        }}
      >
        <Axis row={row} today={today.today} />
        {today.dogs.map((dog) => (
          <Lane
            key={dog.id}
            dog={dog}
            dogs={today.dogs.length}
            items={dog.plan.items.filter((item) => kinds.includes(item.kind))}
            done={doneOf(dog).filter(({ kind, day }) => kinds.includes(kind) && isIn(day, row))}
            row={row}
            today={today.today}
            held={held?.dog.id === dog.id ? held : undefined}
            mayMove={mayRecord}
            onHold={setHeld}
            onDrop={drop}
            onSay={setCaption}
          />
        ))}
        <Fullness today={today} row={row} />
      </Box>
      <Typography variant="body2" aria-live="polite" sx={{ mt: 0.5, minHeight: '1.45em' }}>
        {held ? `${held.dog.profile.name}: ${shortDate(held.over)}?` : caption}
      </Typography>
      {pin.isError && <Alert severity="error">{pin.error.message}</Alert>}
      {asking && (
        <MoveDialog
          dogId={asking.dog.id}
          name={asking.dog.profile.name}
          item={asking.item}
          day={asking.over}
          onDone={() => setAsking(undefined)}
        />
      )}
    </Box>
  );
}

const columns = (row: DayRow) => `${NAMES_WIDTH}px repeat(${row.days}, minmax(0, 1fr))`;

function Axis({ row, today }: { row: DayRow; today: Day }) {
  return (
    <Box aria-hidden="true" sx={{ display: 'grid', gridTemplateColumns: columns(row) }}>
      <span />
      {daysOf(row).map((day, index) => {
        const { weekday, date, month } = dateParts(day);
        return (
          <Box
            key={day}
            sx={{
              textAlign: 'center',
              py: 0.25,
              fontSize: '0.72rem',
              lineHeight: 1.15,
              color: day < today || isWeekend(day) ? 'text.secondary' : 'text.primary',
              bgcolor: day === today ? 'primary.main' : undefined,
              ...(day === today && { color: 'primary.contrastText' }),
              borderLeft: index % 7 === 0 ? 2 : 0,
              borderColor: 'divider',
            }}
          >
            <div>{weekday.slice(0, 2)}</div>
            <Box sx={{ fontSize: '0.9rem', fontWeight: 700 }}>{date}</Box>
            <div>{index === 0 || date === '1' ? month : '\u00a0'}</div>
          </Box>
        );
      })}
    </Box>
  );
}

/** How many cleanings each day has, and how many fit into it where that was said. */
function Fullness({ today, row }: { today: Today; row: DayRow }) {
  const { capacity } = useSettings();
  const counts = new Map<Day, number>();
  for (const { plan } of today.dogs) {
    for (const item of plan.items.filter(({ kind }) => kind === 'CLEAN')) {
      const day = drawnOn(item, today.today);
      counts.set(day, (counts.get(day) ?? 0) + 1);
    }
  }
  return (
    <Box
      role="group"
      aria-label="Cleanings on each day"
      sx={{
        display: 'grid',
        gridTemplateColumns: columns(row),
        borderTop: 2,
        borderColor: 'divider',
        py: 0.75,
        fontSize: '0.85rem',
        fontVariantNumeric: 'tabular-nums',
      }}
    >
      <Box sx={{ pl: 1, fontWeight: 700 }}>Cleanings</Box>
      {daysOf(row).map((day) => {
        const count = counts.get(day) ?? 0;
        const fits = capacity && fitsOn(day, capacity);
        const over = fits !== undefined && count > fits;
        return (
          <Box
            key={day}
            sx={{
              textAlign: 'center',
              whiteSpace: 'nowrap',
              color: over ? 'error.main' : count === 0 ? 'text.secondary' : 'text.primary',
              fontWeight: count === 0 ? 400 : 700,
            }}
          >
            {day < today.today ? '' : fits === undefined ? count || '' : `${count}/${fits}`}
          </Box>
        );
      })}
    </Box>
  );
}

function Lane({
  dog,
  dogs,
  items,
  done,
  row,
  today,
  held,
  mayMove,
  onHold,
  onDrop,
  onSay,
}: {
  dog: DogToday;
  dogs: number;
  items: readonly ItemMark[];
  done: readonly DoneOn[];
  row: DayRow;
  today: Day;
  held: Held | undefined;
  mayMove: boolean;
  onHold: (held: Held | undefined) => void;
  onDrop: (held: Held | undefined) => void;
  onSay: (words: string) => void;
}) {
  function place(item: ItemMark): Day {
    return held?.item.id === item.id && !held.carried ? held.over : drawnOn(item, today);
  }

  /** The day under the pointer. */
  function under(event: DragEvent<HTMLElement>): Day | undefined {
    const lane = event.currentTarget.getBoundingClientRect();
    return dayAt((event.clientX - lane.left - NAMES_WIDTH) / (lane.width - NAMES_WIDTH), row);
  }

  function dragOver(event: DragEvent<HTMLElement>) {
    event.preventDefault();
    const over = under(event);
    if (held && over && held.over !== over) onHold({ ...held, over });
  }

  function dropped(event: DragEvent<HTMLElement>) {
    event.preventDefault();
    const item = items.find(({ id }) => id === event.dataTransfer.getData('text/plain'));
    const over = under(event);
    onDrop(item && over ? { dog, item, over, carried: true } : undefined);
  }

  function key(item: ItemMark) {
    return (event: KeyboardEvent) => {
      const step = event.shiftKey ? { ArrowRight: 1, ArrowLeft: -1 }[event.key] : undefined;
      const at = place(item);
      if (step && isMovable(item)) {
        event.preventDefault();
        const over = addDays(at, step);
        // beyond the last week it would no longer be drawn, and the focus with it be gone
        if (isIn(over, row)) onHold({ dog, item, over, carried: false });
      } else if (held && event.key === 'Enter') {
        event.preventDefault();
        onDrop(held);
      } else if (held && event.key === 'Escape') {
        onHold(undefined);
      }
    };
  }

  return (
    <Box
      role="group"
      aria-label={dog.profile.name}
      onDragOver={dragOver}
      onDrop={dropped}
      sx={{
        display: 'grid',
        gridTemplateColumns: columns(row),
        minHeight: LANE_HEIGHT,
        '@media print': { minHeight: 0, height: printedHeight(dogs), breakInside: 'avoid' },
        borderTop: 1,
        borderColor: 'divider',
      }}
    >
      <Box sx={{ gridRow: 1, gridColumn: 1, alignSelf: 'center', pl: 1, minWidth: 0 }}>
        <Link
          component={RouterLink}
          to={`/dogs/${dog.id}`}
          underline="hover"
          color="textPrimary"
          sx={{ fontWeight: 700 }}
        >
          {dog.profile.name}
        </Link>
      </Box>
      {daysOf(row).map((day, index) => (
        <Box
          key={day}
          sx={{
            gridRow: 1,
            gridColumn: index + 2,
            borderLeft: index % 7 === 0 ? 2 : day === today ? 1 : 0,
            borderColor: day === today ? 'primary.main' : 'divider',
            bgcolor: cellColour(day, today, held),
          }}
        />
      ))}
      <MedicineBars courses={dog.courses} row={row} />
      {done.map((one) => (
        <Box
          key={one.key}
          sx={{
            gridRow: 1,
            gridColumn: column(one.day, row) + 2,
            alignSelf: KINDS[one.kind].cell,
            justifySelf: 'center',
          }}
        >
          <DoneMark done={one} words={doneWords(dog.profile.name, one)} />
        </Box>
      ))}
      {items
        .filter((item) => isIn(place(item), row))
        .map((item, _, shown) => {
          const at = place(item);
          const beside = shown.filter(
            (other) => place(other) === at && KINDS[other.kind].cell === KINDS[item.kind].cell,
          );
          const shift = beside.indexOf(item) - (beside.length - 1) / 2;
          const movable = mayMove && isMovable(item);
          return (
            <Box
              key={item.id}
              sx={{
                gridRow: 1,
                gridColumn: column(at, row) + 2,
                alignSelf: KINDS[item.kind].cell,
                justifySelf: 'center',
                transform: shift === 0 ? undefined : `translateX(${shift * BESIDE_PX}px)`,
                zIndex: 1,
                pointerEvents: held && held.item.id !== item.id ? 'none' : 'auto',
              }}
            >
              <ButtonBase
                component="div"
                draggable={movable}
                aria-label={`${dog.profile.name}: ${planWords(item, today)}`}
                onDragStart={(event: DragEvent) => {
                  event.dataTransfer.setData('text/plain', item.id);
                  event.dataTransfer.effectAllowed = 'move';
                  onHold({ dog, item, over: at, carried: true });
                }}
                onDragEnd={() => onHold(undefined)}
                onKeyDown={movable ? key(item) : undefined}
                onBlur={() => held && onHold(undefined)}
                onFocus={() => onSay(`${dog.profile.name}: ${planWords(item, today)}`)}
                onMouseEnter={() => onSay(`${dog.profile.name}: ${planWords(item, today)}`)}
                sx={{ borderRadius: 1, cursor: movable ? 'grab' : 'default' }}
              >
                <MonthMark item={item} />
              </ButtonBase>
            </Box>
          );
        })}
    </Box>
  );
}

/** All dogs on one landscape page. */
function printedHeight(dogs: number): number {
  return Math.min(LANE_HEIGHT, Math.floor(PRINTED_HEIGHT / Math.max(1, dogs)));
}

function cellColour(day: Day, today: Day, held: Held | undefined): string | undefined {
  if (held && day === held.over) return 'mark.chosen';
  if (held && isWithin(day, held.item.own) && day >= today) return 'mark.plannedShade';
  return isWeekend(day) ? 'action.hover' : undefined;
}
