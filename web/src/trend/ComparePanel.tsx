import Box from '@mui/material/Box';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { dateWithYear, type Day } from '../measure/days';
import { Failure } from '../ui/Failure';
import { around, type Span } from './axis';
import { Compared } from './Compared';
import type { DogTrends } from './series';
import { useCompared } from './useTrends';
import { DayField } from '../form/DayField';

const DAYS = 56;

/** One time against as long a one before it: did it work? */
export function ComparePanel({
  trends,
  today,
  turn,
  onTurn,
}: {
  trends: DogTrends;
  today: Day;
  /** The day from which on something was different. */
  turn: Day;
  onTurn: (day: Day) => void;
}) {
  const { before, after } = around(turn, DAYS, today);
  return (
    <Box component="section" aria-label="Did it work">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Did it work?
      </Typography>
      <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 1.5, alignItems: 'flex-start' }}>
        <DayField
          label="Eight weeks before and from"
          value={turn}
          onChange={({ target }) => target.value && onTurn(target.value)}
          slotProps={{ htmlInput: { max: today }, inputLabel: { shrink: true } }}
          sx={{ maxWidth: 240 }}
        />
        {trends.turns.length > 0 && (
          <TextField
            select
            label="Something that began"
            value={trends.turns.some(({ day }) => day === turn) ? turn : ''}
            onChange={({ target }) => target.value && onTurn(target.value)}
            slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
            sx={{ maxWidth: 340 }}
          >
            <option value="">choose</option>
            {trends.turns.map(({ day, what }) => (
              <option key={`${day} ${what}`} value={day}>
                {what}, {dateWithYear(day)}
              </option>
            ))}
          </TextField>
        )}
      </Stack>
      <Answer dog={trends.dog} before={before} after={after} />
    </Box>
  );
}

function Answer({ dog, before, after }: { dog: string; before: Span; after: Span }) {
  const compared = useCompared(dog, before, after);
  if (compared.isError) return <Failure error={compared.error} />;
  if (compared.isPending)
    return <Skeleton variant="rounded" height={160} role="status" aria-label="Loading" />;
  return <Compared comparison={compared.data} heading="Before and from then on" />;
}
