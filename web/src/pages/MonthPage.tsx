import Box from '@mui/material/Box';
import GlobalStyles from '@mui/material/GlobalStyles';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { dateWithYear, longDate, type Day } from '../measure/days';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { PrintButton } from '../ui/PrintButton';
import { daysOf, monday, type DayRow } from '../plan/days';
import { KINDS, kindsThat, type Kind } from '../plan/kinds';
import { MonthGrid } from '../plan/MonthGrid';
import { MonthList } from '../plan/MonthList';
import { UnplacedAlert } from '../plan/UnplacedAlert';
import { useToday, type Today } from '../view/useToday';
import { whyNot } from '../api/problem';

const ALL = kindsThat(() => true);
const USUAL = kindsThat((kind) => kind.isUsual);
const WEEKS = 5;
/** From there on five weeks stand side by side; below, the days stand one below the other. */
const WIDE = '@media (min-width: 700px)';

export function Component() {
  const today = useToday();
  const failure = whyNot(today);
  if (failure) {
    return (
      <Page title="Month">
        <Failure error={failure} onRetry={() => void today.refetch()} />
      </Page>
    );
  }
  if (today.data === undefined) {
    return (
      <Page title="Month">
        <Skeleton variant="rounded" height={420} role="status" aria-label="Loading" />
      </Page>
    );
  }
  return <Month today={today.data} />;
}

/** Five weeks of all dogs on one page. */
function Month({ today }: { today: Today }) {
  const [kinds, setKinds] = useState<readonly Kind[]>(USUAL);
  const row: DayRow = { first: monday(today.today), days: 7 * WEEKS };
  const days = daysOf(row);
  const last: Day = days.at(-1) ?? row.first;
  const names = new Map(today.dogs.map((dog) => [dog.id, dog.profile.name]));
  return (
    <Page
      title="Month"
      aside={`${dateWithYear(row.first)} to ${dateWithYear(last)}`}
      actions={
        <Stack
          direction="row"
          sx={{ gap: 1, flexWrap: 'wrap', '@media print': { display: 'none' } }}
        >
          <ToggleButtonGroup
            size="small"
            aria-label="What is shown"
            value={kinds}
            onChange={(_, chosen: Kind[]) => setKinds(chosen)}
            sx={{
              flexWrap: 'wrap',
            }}
          >
            {ALL.map((kind) => (
              <ToggleButton key={kind} value={kind}>
                {KINDS[kind].word}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <PrintButton />
        </Stack>
      }
    >
      <GlobalStyles styles={{ '@page': { size: 'landscape', margin: '8mm' } }} />
      {today.dogs.length === 0 ? (
        <Typography>Add a dog, and its month stands here.</Typography>
      ) : (
        <>
          <Box
            sx={{
              display: 'none',
              [WIDE]: { display: 'block' },
              '@media print': { display: 'block' },
            }}
          >
            <MonthGrid today={today} row={row} kinds={kinds} />
          </Box>
          <Box sx={{ [WIDE]: { display: 'none' }, '@media print': { display: 'none' } }}>
            <MonthList today={today} first={row.first} last={last} kinds={kinds} />
          </Box>
        </>
      )}
      <Box sx={{ '@media print': { display: 'none' } }}>
        {today.unplaced.map((one) => (
          <UnplacedAlert key={one.item} unplaced={one} name={names.get(one.dogId) ?? ''} />
        ))}
        {today.expiring.map(({ supply, useBy }) => (
          <Typography key={supply.id} sx={{ mt: 1 }}>
            {supply.name}: last day <strong>{useBy === undefined ? '' : longDate(useBy)}</strong>
          </Typography>
        ))}
        <Typography
          variant="body2"
          color="textSecondary"
          sx={{ mt: 1.5, display: 'none', [WIDE]: { display: 'block' } }}
        >
          What was done is filled and paler. A drop is a cleaning: up for the dog’s right ear, down
          for its left. A ring is a check, with a dot where it watches after water; a dot alone is a
          light look, a wave is drying, a leaf a look for seeds, strokes are hair care, a cross the
          vet, a square the diet trial, a bubble a talk with the vet, the bar at the foot medicine.
          Drag a cleaning, a check or hair care to another day; or give it the focus and press ← or
          → with Shift. Its window is shaded meanwhile; outside it you are asked why.
        </Typography>
      </Box>
    </Page>
  );
}
