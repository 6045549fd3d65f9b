import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { ElementType } from 'react';
import { Link, useSearchParams } from 'react-router';
import { addDays, dateWithYear, type Day } from '../measure/days';
import { ComparePanel } from '../trend/ComparePanel';
import { DriftAlert } from '../trend/DriftAlert';
import { FlareList } from '../trend/FlareList';
import { FollowsPanel } from '../trend/FollowsPanel';
import type { DogTrends, EarChoice } from '../trend/series';
import { TrendCharts } from '../trend/TrendCharts';
import { useTrends } from '../trend/useTrends';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { useToday, type Today } from '../view/useToday';
import { DayField } from '../form/DayField';

const SPANS = { '90': '3 months', '183': '6 months', '365': '12 months', '10957': 'All of it' };

const EARS: Record<EarChoice, string> = { BOTH: 'Both', RIGHT: 'Right', LEFT: 'Left' };

const isEar = (said: string | null): said is EarChoice => said !== null && said in EARS;

/** What the address says, where it makes sense. */
function known(said: string | null, makesSense: (said: string) => boolean): string | undefined {
  return said !== null && makesSense(said) ? said : undefined;
}

const isDay = (said: string) =>
  /^(19|20)\d\d-\d\d-\d\d$/.test(said) && !Number.isNaN(Date.parse(said));

/** What a dog's record shows over time; dog, ear and time stand in the address. */
export function Component() {
  const [asked, setAsked] = useSearchParams();
  const today = useToday();
  const dog = asked.get('dog') ?? today.data?.dogs[0]?.id;
  const days = known(asked.get('days'), (said) => said in SPANS) ?? '365';
  const to = known(asked.get('to'), isDay) ?? today.data?.today;
  const trends = useTrends(dog, to === undefined ? {} : { from: addDays(to, -Number(days)), to });
  const failed = today.error ?? trends.error;
  const name = trends.data?.name ?? today.data?.dogs.find(({ id }) => id === dog)?.profile.name;
  const said = asked.get('ear');
  const ear = isEar(said) ? said : 'BOTH';

  function ask(name: string, value: string) {
    setAsked(
      (known) => {
        const next = new URLSearchParams(known);
        next.set(name, value);
        return next;
      },
      { replace: true },
    );
  }

  return (
    <Page
      title={name === undefined ? 'Trends' : `${name}: trends`}
      aside={
        trends.data
          ? `${dateWithYear(trends.data.from)} to ${dateWithYear(trends.data.to)}`
          : '\u00a0'
      }
      actions={
        dog !== undefined && (
          <Button component={Link as ElementType} to={`/dogs/${dog}`}>
            To the dog
          </Button>
        )
      }
    >
      {failed && <Failure error={failed} onRetry={() => void trends.refetch()} />}
      {today.data?.dogs.length === 0 && (
        <Typography>Add a dog, and what its checks show over time stands here.</Typography>
      )}
      {today.data && dog !== undefined && (
        <Choices today={today.data} dog={dog} ear={ear} days={days} to={to ?? ''} onAsk={ask} />
      )}
      {!failed && trends.isPending && dog !== undefined && (
        <Skeleton variant="rounded" height={420} role="status" aria-label="Loading" />
      )}
      {trends.data && today.data && (
        <Shown
          trends={trends.data}
          ear={ear}
          today={today.data.today}
          statedWater={
            today.data.dogs.find(({ id }) => id === dog)?.profile.waterSensitive ?? false
          }
          turn={known(asked.get('turn'), isDay)}
          onTurn={(day) => ask('turn', day)}
        />
      )}
    </Page>
  );
}

function Choices({
  today,
  dog,
  ear,
  days,
  to,
  onAsk,
}: {
  today: Today;
  dog: string;
  ear: EarChoice;
  days: string;
  to: Day;
  onAsk: (name: string, value: string) => void;
}) {
  return (
    <Stack direction="row" sx={{ gap: 1.5, mb: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
      <TextField
        select
        size="small"
        label="Dog"
        value={dog}
        onChange={({ target }) => onAsk('dog', target.value)}
        slotProps={{ select: { native: true } }}
        sx={{ width: 150 }}
      >
        {today.dogs.every(({ id }) => id !== dog) && <option value={dog}>one that left</option>}
        {today.dogs.map(({ id, profile }) => (
          <option key={id} value={id}>
            {profile.name}
          </option>
        ))}
      </TextField>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label="Which ear"
        value={ear}
        onChange={(_, chosen: EarChoice | null) => chosen && onAsk('ear', chosen)}
      >
        {Object.entries(EARS).map(([value, label]) => (
          <ToggleButton key={value} value={value}>
            {label}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <TextField
        select
        size="small"
        label="How long"
        value={days}
        onChange={({ target }) => onAsk('days', target.value)}
        slotProps={{ select: { native: true } }}
        sx={{ width: 130 }}
      >
        {Object.entries(SPANS).map(([value, label]) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </TextField>
      <DayField
        size="small"
        label="Up to"
        value={to}
        onChange={({ target }) => target.value && onAsk('to', target.value)}
        slotProps={{ htmlInput: { max: today.today }, inputLabel: { shrink: true } }}
        sx={{ width: 190 }}
      />
    </Stack>
  );
}

function Shown({
  trends,
  ear,
  today,
  statedWater,
  turn,
  onTurn,
}: {
  trends: DogTrends;
  ear: EarChoice;
  today: Day;
  /** Whether the dog is known to be sensitive to water. */
  statedWater: boolean;
  turn: Day | undefined;
  onTurn: (day: Day) => void;
}) {
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', lg: '5fr 3fr' } }}>
      <Box sx={{ minWidth: 0 }}>
        <DriftAlert drifts={trends.drifts} />
        <TrendCharts trends={trends} ear={ear} />
      </Box>
      <Stack spacing={3} sx={{ minWidth: 0 }}>
        <FollowsPanel
          dog={trends.dog}
          name={trends.name}
          follows={trends.follows}
          isStated={(trigger) => trigger === 'WATER' && statedWater}
        />
        <FlareList flares={trends.flares} />
        <ComparePanel
          trends={trends}
          today={today}
          turn={turn ?? trends.turns[0]?.day ?? addDays(today, -55)}
          onTurn={onTurn}
        />
      </Stack>
    </Box>
  );
}
