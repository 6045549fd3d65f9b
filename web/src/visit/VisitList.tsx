import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { useMayRecord, useSettings } from '../household/useMe';
import { dateWithYear, inWords, shortDate, type Day } from '../measure/days';
import { sidesAsSeen } from '../measure/facing';
import { earName, letter, ofSide } from '../measure/side';
import { Documents } from './Documents';
import type { VisitEntry } from './useVisits';
import { earVisitLines } from './visitWords';

/** Visits to the vet, the latest first. */
export function VisitList({
  dogId,
  visits,
  today,
}: {
  dogId: string;
  visits: readonly VisitEntry[];
  today: Day;
}) {
  if (visits.length === 0) {
    return (
      <Typography color="textSecondary">
        No visit yet. Record what the vet finds and says: it overrides every computed date.
      </Typography>
    );
  }
  return visits.map((entry) => (
    <VisitCard key={entry.visit.id} dogId={dogId} entry={entry} today={today} />
  ));
}

function VisitCard({ dogId, entry, today }: { dogId: string; entry: VisitEntry; today: Day }) {
  const { visit } = entry;
  const day = visit.moment.day;
  const sides = sidesAsSeen(useSettings().facing);
  const mayRecord = useMayRecord();
  return (
    <Paper variant="outlined" component="article" sx={{ p: 2 }}>
      <Stack direction="row" sx={{ alignItems: 'baseline', gap: 2 }}>
        <Typography variant="h3" component="h2">
          {dateWithYear(day)}
        </Typography>
        <Typography color="textSecondary" sx={{ flex: 1 }}>
          {inWords(day, today)}
        </Typography>
        {mayRecord && (
          <Button
            component={RouterLink}
            to={`/dogs/${dogId}/visits/${visit.id}/edit`}
            size="small"
            aria-label={`Correct the visit of ${dateWithYear(day)}`}
          >
            Correct
          </Button>
        )}
      </Stack>
      {visit.note && <Typography sx={{ mb: 1 }}>“{visit.note}”</Typography>}
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        {sides.map((side) => (
          <Box key={side}>
            <Typography sx={{ fontWeight: 700 }}>
              {letter(side)} · {earName(side)}
            </Typography>
            {earVisitLines(ofSide(visit.ears, side)).map((line) => (
              <Typography key={line}>{line}</Typography>
            ))}
          </Box>
        ))}
      </Box>
      {visit.next && (
        <Typography sx={{ mt: 1, fontWeight: 650 }}>
          Next visit {inWords(visit.next, today)}, {shortDate(visit.next)}
        </Typography>
      )}
      <Documents entry={entry} />
    </Paper>
  );
}
