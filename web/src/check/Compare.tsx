import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { count, dateWithYear, daysBetween, inWords, type Day } from '../measure/days';
import { letter, ofSide, type Side } from '../measure/side';
import { FoundInPair } from './FoundInPair';
import { VerdictMark } from './VerdictMark';

type CheckEntry = Schemas['CheckEntry'];

/** Two checks side by side, the earlier one first, with how the scores moved. */
export function Compare({
  entries,
  sides,
  today,
}: {
  entries: readonly CheckEntry[];
  sides: readonly Side[];
  today: Day;
}) {
  const [before, after] = entries;
  if (!before || !after) return null;
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label="Compared"
      sx={{ p: 2, borderColor: 'primary.main', borderWidth: 2 }}
    >
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        {sides.map((side) => moved(before, after, side)).join(' · ')} in{' '}
        {count(daysBetween(dayOf(before), dayOf(after)), 'day')}
      </Typography>
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' } }}>
        {entries.map((entry) => (
          <Box key={entry.check.id}>
            <Typography sx={{ fontWeight: 700 }}>
              {dateWithYear(dayOf(entry))}, {inWords(dayOf(entry), today)}
            </Typography>
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2, mb: 1 }}>
              {sides.map((side) => (
                <VerdictMark key={side} verdict={ofSide(entry.verdicts, side)} />
              ))}
            </Box>
            <FoundInPair check={entry.check} sides={sides} />
          </Box>
        ))}
      </Box>
    </Paper>
  );
}

function dayOf(entry: CheckEntry): Day {
  return entry.check.moment.day;
}

/** "R 5 → 2, better" */
function moved(before: CheckEntry, after: CheckEntry, side: Side): string {
  const from = ofSide(before.scores, side);
  const to = ofSide(after.scores, side);
  const words = to < from ? 'better' : to > from ? 'worse' : 'the same';
  return `${letter(side)} ${from} → ${to}, ${words}`;
}
