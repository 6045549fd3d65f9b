import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { addDays, count, daysBetween, shortDate, type Day } from '../measure/days';
import type { DietTrialNow } from './trial';

/** The days of a trial, one cell each: full is clean, struck does not count, hollow is to come. */
export function TrialBar({ trial, today }: { trial: DietTrialNow; today: Day }) {
  const { startsOn, days } = trial.trial;
  const all = Array.from({ length: daysBetween(startsOn, trial.ends) + 1 }, (_, at) =>
    addDays(startsOn, at),
  );
  return (
    <Box>
      <Box
        role="img"
        aria-label={`${trial.clean} of ${days} clean days, ${count(trial.lost.length, 'day')} that do not count`}
        sx={{ display: 'grid', gridTemplateColumns: 'repeat(14, minmax(0, 1fr))', gap: '3px' }}
      >
        {all.map((day) => (
          <Box
            key={day}
            sx={{
              height: 18,
              borderRadius: '3px',
              border: 2,
              ...(trial.lost.includes(day)
                ? {
                    borderColor: 'warning.main',
                    borderStyle: 'dashed',
                    background:
                      'linear-gradient(to top right, transparent 46%, var(--mui-palette-warning-main) 46% 54%, transparent 54%)',
                  }
                : {
                    borderColor: 'mark.course',
                    bgcolor: day <= today && day <= trial.counted ? 'mark.course' : 'transparent',
                    opacity: day <= today ? 1 : 0.55,
                  }),
            }}
          />
        ))}
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
        {shortDate(startsOn)} to {shortDate(trial.ends)}, two weeks a line: full is clean, struck
        does not count.
      </Typography>
    </Box>
  );
}
