import MedicineIcon from '@mui/icons-material/MedicationOutlined';
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import type { ElementType } from 'react';
import { Link as RouterLink } from 'react-router';
import { FoldedLine } from '../form/FoldedLine';
import { inWords, longDate, type Day } from '../measure/days';
import type { Today } from '../view/useToday';
import { drawnOn } from './days';
import { doneOf } from './done';
import { itemWords } from './items';
import { KINDS, kindsThat, type Kind } from './kinds';
import { medicineWords } from './medicine';

const ORDER = kindsThat(() => true);

interface Line {
  key: string;
  dogId: string;
  name: string;
  icon: ElementType;
  /** Its place among the lines of a day. */
  order: number;
  words: string;
  done: boolean;
}

/** The days of a month one below the other, each with what is due; days without are left out. */
export function MonthList({
  today,
  first,
  last,
  kinds,
}: {
  today: Today;
  first: Day;
  last: Day;
  kinds: readonly Kind[];
}) {
  const days = linesOf(today, kinds);
  const shown = [...days].filter(([day]) => day >= first && day <= last);
  if (shown.length === 0) return <Typography>Nothing is planned in these weeks.</Typography>;
  const inOrder = shown.sort(([one], [other]) => one.localeCompare(other));
  const before = inOrder.filter(([day]) => day < today.today);
  return (
    <>
      {before.length > 0 && (
        <FoldedLine
          label="Earlier this week"
          value={`${before.reduce((sum, [, lines]) => sum + lines.length, 0)} done`}
        >
          <div>
            <Days days={before} today={today.today} />
          </div>
        </FoldedLine>
      )}
      <Box sx={{ mt: 1.5 }}>
        <Days days={inOrder.slice(before.length)} today={today.today} />
      </Box>
    </>
  );
}

function Days({ days, today }: { days: readonly [Day, Line[]][]; today: Day }) {
  return days.map(([day, lines]) => (
    <Box key={day} component="section" aria-label={longDate(day)} sx={{ mb: 1.5 }}>
      <Typography
        component="h2"
        sx={{
          fontWeight: 700,
          color: day < today ? 'text.secondary' : 'text.primary',
          borderBottom: 1,
          borderColor: day === today ? 'primary.main' : 'divider',
        }}
      >
        {longDate(day)}{' '}
        <Typography component="span" color="textSecondary">
          {inWords(day, today)}
        </Typography>
      </Typography>
      <Box component="ul" sx={{ m: 0, p: 0 }}>
        {lines.map((line) => (
          <DayLine key={line.key} line={line} />
        ))}
      </Box>
    </Box>
  ));
}

function DayLine({ line }: { line: Line }) {
  const Icon = line.icon;
  return (
    <Box component="li" sx={{ listStyle: 'none' }}>
      <Link
        component={RouterLink}
        to={`/dogs/${line.dogId}`}
        underline="none"
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          minHeight: 44,
          color: line.done ? 'text.secondary' : 'text.primary',
        }}
      >
        <Icon sx={{ fontSize: 20 }} aria-hidden="true" />
        <span>
          <strong>{line.name}</strong>: {line.words}
        </span>
      </Link>
    </Box>
  );
}

/** The days from today on that a course has a dose on. */
function dosesFrom({ doses }: Today['dogs'][number]['courses'][number], today: Day): Day[] {
  const days = doses.map((local) => local.slice(0, today.length)).filter((day) => day >= today);
  return [...new Set(days)];
}

const ofKind = (kind: Kind) => ({ icon: KINDS[kind].icon, order: ORDER.indexOf(kind) });

/** What is planned and what was done, by its day. */
function linesOf(today: Today, kinds: readonly Kind[]): Map<Day, Line[]> {
  const days = new Map<Day, Line[]>();
  const add = (day: Day, line: Line) => days.set(day, [...(days.get(day) ?? []), line]);
  for (const { id: dogId, profile, plan, ...record } of today.dogs) {
    const { name } = profile;
    for (const course of record.courses) {
      for (const day of dosesFrom(course, today.today)) {
        const key = `${course.id} ${day}`;
        const words = medicineWords(course);
        add(day, { key, dogId, name, icon: MedicineIcon, order: ORDER.length, words, done: false });
      }
    }
    for (const { key, day, kind, words } of doneOf(record)) {
      if (kinds.includes(kind)) add(day, { key, dogId, name, ...ofKind(kind), words, done: true });
    }
    for (const item of plan.items.filter(({ kind }) => kinds.includes(kind))) {
      const line = { key: item.id, dogId, name, ...ofKind(item.kind), words: itemWords(item) };
      add(drawnOn(item, today.today), { ...line, done: false });
    }
  }
  // the look before the cleaning, as everywhere
  for (const lines of days.values()) {
    lines.sort((one, other) => one.order - other.order);
  }
  return days;
}
