import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { addDays } from '../measure/days';
import type { PhotoSeen } from '../photo/photos';
import { ChartTable } from './ChartTable';
import { MirrorChart } from './MirrorChart';
import { rednessPoints } from './redness';
import { tableOf } from './series';

const FRAME = { half: 70, gap: 0 };
const LEAST_TOP = 40;
const MARGIN_DAYS = 3;

/** What the pictures measured over time; nothing where fewer than two were measured. */
export function RednessChart({ name, photos }: { name: string; photos: readonly PhotoSeen[] }) {
  const points = rednessPoints(photos);
  const first = points[0];
  const last = points[points.length - 1];
  if (points.length < 2 || !first || !last) return null;
  const grades = new Map(photos.map(({ photo, grade }) => [photo.id, grade]));
  return (
    <Box component="section" aria-label="Redness over time" sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Redness over time
      </Typography>
      <MirrorChart
        name={`${name}, redness in pictures`}
        sentence={`${points.length} photographs measured, from a* ${first.value.toFixed(1)} to ${last.value.toFixed(1)}. It measures the picture, not the disease.`}
        points={points}
        most={Math.max(LEAST_TOP, ...points.map(({ value }) => Math.ceil(value / 10) * 10))}
        unit="a*"
        span={{ from: addDays(first.day, -MARGIN_DAYS), to: addDays(last.day, MARGIN_DAYS) }}
        frame={FRAME}
      />
      <Typography variant="body2" color="textSecondary">
        Full points have the grade of a check of that day beside them.
      </Typography>
      <ChartTable
        name="Redness"
        file={`${name} redness`}
        table={tableOf(points, 'BOTH', ({ key, value }) => {
          const grade = grades.get(key);
          return value.toFixed(1) + (grade ? `, ${labelOf(WORDS.Grade, grade)}` : '');
        })}
      />
    </Box>
  );
}
