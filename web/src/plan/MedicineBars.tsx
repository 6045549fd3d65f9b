import Box from '@mui/material/Box';
import { addDays, shortDate, type Day } from '../measure/days';
import { column, isIn, type DayRow } from './days';
import { medicineWords, type Course } from './medicine';

/** The days on which medicine goes in, as a bar along the foot of a dog's row. */
export function MedicineBars({ courses, row }: { courses: readonly Course[]; row: DayRow }) {
  const last: Day = addDays(row.first, row.days - 1);
  return courses
    .filter(({ from, to }) => from <= last && to >= row.first)
    .map((course) => {
      const from = isIn(course.from, row) ? column(course.from, row) : 0;
      const to = isIn(course.to, row) ? column(course.to, row) : row.days - 1;
      return (
        <Box
          key={course.id}
          role="img"
          aria-label={`${medicineWords(course)}: ${shortDate(course.from)} to ${shortDate(course.to)}`}
          sx={{
            gridRow: 1,
            gridColumn: `${from + 2} / ${to + 3}`,
            alignSelf: 'end',
            mb: '2px',
            height: 6,
            borderRadius: 3,
            bgcolor: 'mark.course',
            pointerEvents: 'none',
          }}
        />
      );
    });
}
