import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link as RouterLink, useParams } from 'react-router';
import { useMayRecord, useSettings } from '../household/useMe';
import type { Schemas } from '../api/client';
import { dateWithYear, inWords, type Day } from '../measure/days';
import { sidesAsSeen } from '../measure/facing';
import { letter, ofSide, type Side } from '../measure/side';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { Compare } from '../check/Compare';
import { signsWords } from '../check/signs';
import { useChecks } from '../check/useCheck';
import { VerdictMark } from '../check/VerdictMark';

type CheckEntry = Schemas['CheckEntry'];

/** A dog's checks, to scan and to compare. */
export function Component() {
  const dogId = useParams().dog ?? '';
  const pages = useChecks(dogId);
  const [log] = pages.data?.pages ?? [];
  const checks = pages.data?.pages.flatMap((page) => page.checks) ?? [];
  const mayRecord = useMayRecord();
  return (
    <Page
      title={log ? `${log.name}: checks` : 'Checks'}
      aside={log && flareWords(log.flares)}
      actions={
        <Stack direction="row" spacing={1}>
          <Button component={RouterLink} to={`/dogs/${dogId}`}>
            Back to the dog
          </Button>
          {mayRecord && (
            <Button component={RouterLink} to={`/dogs/${dogId}/check`} variant="contained">
              Check
            </Button>
          )}
        </Stack>
      }
    >
      {pages.isError && <Failure error={pages.error} onRetry={() => void pages.refetch()} />}
      {pages.isPending && (
        <Skeleton variant="rounded" height={320} role="status" aria-label="Loading" />
      )}
      {log && <CheckList log={{ ...log, checks }} />}
      {pages.hasNextPage && (
        <Button loading={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
          Show earlier ones
        </Button>
      )}
    </Page>
  );
}

/** "2 flares on record, one goes on" */
function flareWords(flares: readonly Schemas['Flare'][]): string {
  if (flares.length === 0) return 'no flare on record';
  const going = flares.some((flare) => !flare.end) ? ', one goes on' : '';
  return `${flares.length} ${flares.length === 1 ? 'flare' : 'flares'} on record${going}`;
}

function CheckList({ log }: { log: Schemas['CheckLog'] }) {
  const [picked, setPicked] = useState<readonly string[]>([]);
  const sides = sidesAsSeen(useSettings().facing);
  if (log.checks.length === 0) {
    return (
      <Typography color="textSecondary">
        No check yet. The first ones teach what is normal for this dog.
      </Typography>
    );
  }
  // picked in the order of the list, which is the latest first
  const compared = log.checks.filter((entry) => picked.includes(entry.check.id)).reverse();
  const pick = (id: string) =>
    setPicked(picked.includes(id) ? picked.filter((one) => one !== id) : [...picked, id].slice(-2));
  return (
    <Stack spacing={2}>
      <Typography color="textSecondary">
        {compared.length === 2
          ? 'Two picked: they stand side by side below.'
          : 'Pick two to compare them.'}
      </Typography>
      {compared.length === 2 && <Compare entries={compared} sides={sides} today={log.today} />}
      <Stack component="ul" sx={{ p: 0, m: 0 }}>
        {log.checks.map((entry) => (
          <CheckLine
            key={entry.check.id}
            dogId={log.dogId}
            entry={entry}
            sides={sides}
            today={log.today}
            picked={picked.includes(entry.check.id)}
            onPick={() => pick(entry.check.id)}
          />
        ))}
      </Stack>
    </Stack>
  );
}

function CheckLine({
  dogId,
  entry,
  sides,
  today,
  picked,
  onPick,
}: {
  dogId: string;
  entry: CheckEntry;
  sides: readonly Side[];
  today: Day;
  picked: boolean;
  onPick: () => void;
}) {
  const { check } = entry;
  const day = check.moment.day;
  return (
    <Paper
      component="li"
      square
      variant="outlined"
      sx={{
        listStyle: 'none',
        borderWidth: '1px 0 0',
        display: 'grid',
        gridTemplateColumns: { xs: '44px 1fr', md: '44px 150px 1fr 1fr' },
        columnGap: 1.5,
        rowGap: 0.5,
        alignItems: 'center',
        py: 0.75,
        bgcolor: picked ? 'mark.chosen' : 'transparent',
      }}
    >
      <Checkbox
        checked={picked}
        onChange={onPick}
        slotProps={{ input: { 'aria-label': `Compare the check of ${dateWithYear(day)}` } }}
      />
      <Box>
        <Link component={RouterLink} to={`/dogs/${dogId}/checks/${check.id}`} underline="hover">
          {dateWithYear(day)}
        </Link>
        <Typography variant="body2" color="textSecondary">
          {inWords(day, today)}
        </Typography>
      </Box>
      {sides.map((side) => (
        <Box
          key={side}
          sx={{
            gridColumn: { xs: '1 / -1', md: 'auto' },
            pl: { xs: 1.5, md: 0 },
            display: 'grid',
            gridTemplateColumns: '20px 34px 118px 1fr',
            columnGap: 1,
            alignItems: 'center',
          }}
        >
          <Box component="span" sx={{ fontWeight: 700 }}>
            {letter(side)}
          </Box>
          <ScoreBar score={ofSide(entry.scores, side)} />
          <VerdictMark verdict={ofSide(entry.verdicts, side)} size={18} />
          <Typography variant="body2" color="textSecondary">
            {signsWords(ofSide(check.ears, side))}
          </Typography>
        </Box>
      ))}
    </Paper>
  );
}

/** The score as a number over a bar, so that a bad week stands out of a long list. */
function ScoreBar({ score }: { score: number }) {
  return (
    <Box component="span" sx={{ display: 'block' }}>
      <Box component="span" sx={{ fontWeight: score > 0 ? 700 : 400 }}>
        {score}
      </Box>
      <Box
        component="span"
        aria-hidden="true"
        sx={{ display: 'block', height: 5, bgcolor: 'divider', borderRadius: 0.5 }}
      >
        <Box
          component="span"
          sx={{
            display: 'block',
            height: 5,
            borderRadius: 0.5,
            width: `${(score / 12) * 100}%`,
            bgcolor: 'text.primary',
          }}
        />
      </Box>
    </Box>
  );
}
