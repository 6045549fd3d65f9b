import CheckIcon from '@mui/icons-material/Check';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import ButtonBase from '@mui/material/ButtonBase';
import { Fragment, useState } from 'react';
import { Link as RouterLink } from 'react-router';
import Link from '@mui/material/Link';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { useMayRecord } from '../household/useMe';
import { dayIn, daysBetween, shortDate, timeIn, type Day } from '../measure/days';
import { amountWords, earLetters } from './amount';
import { DoseDialog } from './DoseDialog';
import type { Shown } from './board';

/** The day by its hours, across all dogs: given by whom, now, and what is next. */
export function DayList({
  all,
  now,
  zone,
  people,
}: {
  all: readonly Shown[];
  now: number;
  zone: string;
  people: Record<string, string>;
}) {
  const today = dayIn(zone, new Date(now));
  const next = all.findIndex(({ dose }) => Date.parse(dose.dose.at) > now);
  return (
    <Box component="section" aria-label="Today, all dogs">
      <Typography color="textSecondary" sx={{ mb: 1 }}>
        Today, all dogs
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {all.map((one, index) => (
          <Fragment key={`${one.course.board.course.id} ${one.dose.dose.number}`}>
            {index === next && <NowLine time={timeIn(zone, new Date(now))} />}
            <Line one={one} zone={zone} today={today} people={people} />
          </Fragment>
        ))}
        {next === -1 && <NowLine time={timeIn(zone, new Date(now))} />}
      </Box>
    </Box>
  );
}

function NowLine({ time }: { time: string }) {
  return (
    <Box component="li" sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.5 }}>
      <Typography sx={{ width: 72, fontWeight: 700 }}>{time}</Typography>
      <Box sx={{ flex: 1, height: 2, bgcolor: 'text.primary' }} />
      <Typography variant="body2" sx={{ fontWeight: 650 }}>
        now
      </Typography>
    </Box>
  );
}

/** "tomorrow", "yesterday" or the date. */
function dayWords(day: Day, today: Day): string {
  const away = daysBetween(today, day);
  return away === 1 ? 'tomorrow' : away === -1 ? 'yesterday' : shortDate(day);
}

function Line({
  one,
  zone,
  today,
  people,
}: {
  one: Shown;
  zone: string;
  today: Day;
  people: Record<string, string>;
}) {
  const { course, dose, status, kept } = one;
  const giving = dose.ears.find((ear) => ear.giving)?.giving;
  // what somebody told of carries their name
  const by = giving?.name ?? (giving?.by && people[giving.by]);
  const isDone = status === 'GIVEN';
  const says = kept
    ? 'kept on this device'
    : giving
      ? [timeIn(zone, new Date(giving.moment.at)), by, giving.why].filter(Boolean).join(' · ')
      : status === 'MISSED'
        ? dose.later.MISSED
        : '';
  const day = dayIn(zone, new Date(dose.dose.at));
  const words = status === 'LATE' ? 'late' : labelOf(WORDS.DoseStatus, status);
  const mayRecord = useMayRecord();
  const [open, setOpen] = useState(false);
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        py: 0.75,
        borderTop: 1,
        borderColor: 'divider',
      }}
    >
      <Box sx={{ width: 72, flex: 'none' }}>
        <Typography sx={{ fontVariantNumeric: 'tabular-nums' }}>
          {timeIn(zone, new Date(dose.dose.at))}
        </Typography>
        {day !== today && (
          <Typography variant="body2" color="textSecondary">
            {dayWords(day, today)}
          </Typography>
        )}
      </Box>
      <Link
        component={RouterLink}
        to={`/dogs/${course.dog}/courses`}
        sx={{ flex: 1, minWidth: 0, color: 'text.primary', textDecoration: 'none' }}
      >
        <Typography component="span" sx={{ fontWeight: 650 }}>
          {course.name} {earLetters(course.board.course.ears)}
        </Typography>{' '}
        {amountWords(dose.dose.amount)}
        {says && (
          <Typography
            component="span"
            variant="body2"
            color="textSecondary"
            sx={{ display: 'block' }}
          >
            {says}
          </Typography>
        )}
      </Link>
      <ButtonBase
        disabled={!mayRecord || kept}
        aria-label={`${course.name}, ${timeIn(zone, new Date(dose.dose.at))}: ${words}`}
        onClick={() => setOpen(true)}
        sx={{
          flex: 'none',
          gap: 0.5,
          px: 1,
          minHeight: 44,
          minWidth: 76,
          font: 'inherit',
          borderRadius: 1,
          border: 2,
          borderColor: status === 'LATE' || status === 'MISSED' ? 'warning.main' : 'mark.course',
          bgcolor: isDone ? 'mark.course' : 'transparent',
          color: isDone
            ? 'background.paper'
            : status === 'LATE' || status === 'MISSED'
              ? 'warning.main'
              : 'mark.course',
          fontWeight: 650,
        }}
      >
        {isDone && <CheckIcon aria-hidden="true" sx={{ fontSize: 18 }} />}
        {words}
      </ButtonBase>
      {open && <DoseDialog shown={one} zone={zone} onClose={() => setOpen(false)} />}
    </Box>
  );
}
