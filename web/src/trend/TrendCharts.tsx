import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { HEAVIEST, loadWord } from '../cleaning/load';
import { count } from '../measure/days';
import { ChartTable } from './ChartTable';
import { FlareBands, Happened } from './Happened';
import { MirrorChart } from './MirrorChart';
import {
  happenings,
  intervals,
  loads,
  scores,
  tableOf,
  type DogTrends,
  type EarChoice,
} from './series';

const HIGHEST_SCORE = 12;
const SCORES = { half: 100, gap: 28 };
const SMALL = { half: 52, gap: 0 };

/** The scores of both ears with what happened, what came out of them, and the interval learned from it. */
export function TrendCharts({ trends, ear }: { trends: DogTrends; ear: EarChoice }) {
  const span = { from: trends.from, to: trends.to };
  const found = scores(trends, ear);
  const happened = happenings(trends, ear);
  const out = loads(trends, ear);
  const learned = intervals(trends, ear);
  const highest = found.some(({ value }) => value > HIGHEST_SCORE / 2)
    ? HIGHEST_SCORE
    : HIGHEST_SCORE / 2;
  const longest = Math.max(14, ...learned.map(({ high, value }) => Math.max(value, high ?? 0)));
  return (
    <Stack spacing={2}>
      <Chart
        title="Ear score"
        empty={found.length === 0 && 'No check in this time.'}
        table={
          <ChartTable
            name="Ear score"
            file={`${trends.name} ear score`}
            table={tableOf(found, ear, ({ value }) => String(value), happened)}
          />
        }
      >
        <MirrorChart
          name={`${trends.name}, ear score`}
          sentence={trends.leading.reason.sentence}
          points={found}
          most={highest}
          unit="of 12"
          span={span}
          frame={SCORES}
          behind={<FlareBands trends={trends} span={span} frame={SCORES} />}
          onTheLine={<Happened happenings={happened} span={span} frame={SCORES} />}
        />
        <Typography variant="body2" color="textSecondary">
          Full points are not quiet, shaded days a flare. On the line: a drop is a cleaning, a wave
          water, a diamond another day worth noting, a cross the vet; a bar at the edge a course.
        </Typography>
      </Chart>
      <Chart
        title="What came out"
        empty={out.length === 0 && 'No cleaning in this time.'}
        table={
          <ChartTable
            name="Loads"
            file={`${trends.name} loads`}
            table={tableOf(out, ear, ({ value }) => String(value))}
          />
        }
      >
        <MirrorChart
          name={`${trends.name}, loads`}
          sentence={`${count(out.length, 'load')}, the heaviest ${loadWord(Math.max(0, ...out.map(({ value }) => value)))}${out.some(({ isFull }) => !isFull) ? '; faint ones were wiped' : ''}.`}
          points={out}
          most={HEAVIEST}
          unit="load"
          span={span}
          frame={SMALL}
          drawn="bars"
        />
      </Chart>
      <Chart
        title="Days until a light load"
        empty={learned.length === 0 && 'Nothing learned in this time.'}
        table={
          <ChartTable
            name="Interval"
            file={`${trends.name} interval`}
            table={tableOf(
              learned,
              ear,
              ({ value, low, high }) => `${value} (${low ?? value} to ${high ?? value})`,
            )}
          />
        }
      >
        <MirrorChart
          name={`${trends.name}, learned interval in days`}
          sentence={learned.at(-1)?.words ?? ''}
          points={learned}
          most={longest}
          unit="days"
          span={span}
          frame={SMALL}
        />
      </Chart>
    </Stack>
  );
}

function Chart({
  title,
  empty,
  table,
  children,
}: {
  title: string;
  empty: string | false;
  table: ReactNode;
  children: ReactNode;
}) {
  return (
    <Box component="section" aria-label={title}>
      <Stack direction="row" sx={{ alignItems: 'baseline', columnGap: 2, flexWrap: 'wrap' }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          {title}
        </Typography>
        {!empty && table}
      </Stack>
      {empty ? <Typography color="textSecondary">{empty}</Typography> : children}
    </Box>
  );
}
