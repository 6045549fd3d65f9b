import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { addDays, shortDate } from '../measure/days';
import { column, drawnOn, isIn, type DayRow } from './days';
import { KINDS } from './kinds';
import { MonthMark } from './MonthMark';
import { planWords } from './ribbon';

const DAYS = 61;
const HEIGHT = 58;

/** A plan's next 60 days in one row: the cleanings and the visits on their days. */
export function LongRow({ heading, plan }: { heading: string; plan: Schemas['DogPlan'] }) {
  const row: DayRow = { first: plan.today, days: DAYS };
  const percent = (at: number) => `${((at + 0.5) / DAYS) * 100}%`;
  const items = plan.items.filter(
    (item) => KINDS[item.kind].isLong && isIn(drawnOn(item, plan.today), row),
  );
  return (
    <Box>
      <Typography variant="overline" component="h3">
        {heading}
      </Typography>
      <Box
        sx={{
          position: 'relative',
          height: HEIGHT,
          border: 1,
          borderColor: 'divider',
          borderRadius: 1,
          bgcolor: 'background.default',
          overflow: 'hidden',
        }}
      >
        <Box
          aria-hidden="true"
          sx={{
            position: 'absolute',
            inset: `${HEIGHT / 2}px 0 auto 0`,
            borderTop: 1,
            borderColor: 'mark.lane',
          }}
        />
        {[0, 14, 28, 42].map((day) => (
          <Box
            key={day}
            aria-hidden="true"
            sx={{
              position: 'absolute',
              left: percent(day),
              top: 0,
              bottom: 0,
              borderLeft: 1,
              borderColor: day === 0 ? 'text.primary' : 'divider',
              pl: 0.5,
              fontSize: '0.72rem',
              color: 'text.secondary',
              whiteSpace: 'nowrap',
            }}
          >
            {day === 0 ? 'today' : shortDate(addDays(plan.today, day))}
          </Box>
        ))}
        {items.map((item) => (
          <Box
            key={item.id}
            role="img"
            aria-label={planWords(item, plan.today)}
            title={planWords(item, plan.today)}
            sx={{
              position: 'absolute',
              left: percent(column(drawnOn(item, plan.today), row)),
              top: '50%',
              transform: 'translate(-50%, -50%)',
            }}
          >
            <MonthMark item={item} />
          </Box>
        ))}
      </Box>
    </Box>
  );
}
