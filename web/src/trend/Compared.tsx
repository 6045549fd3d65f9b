import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { shortDate } from '../measure/days';
import { Because } from '../ui/Because';

type Comparison = Schemas['PeriodsCompared'];
type Change = Schemas['Change'];

const number = (value: number | undefined) => (value === undefined ? '–' : String(value));

/** One time against another, as a table and in words. */
export function Compared({ comparison, heading }: { comparison: Comparison; heading: string }) {
  const { before, after, score, itch, reason } = comparison;
  const rows: [string, string, string, string][] = [
    ['Ear score, the middle one', ...told(score)],
    ['Itch, the middle one', ...told(itch)],
    ['Days with CAUTION or worse', String(before.badDays), String(after.badDays), ''],
    ['Checks', String(before.checks), String(after.checks), ''],
  ];
  return (
    <Box sx={{ my: 1.5 }}>
      <Typography variant="h3" sx={{ fontSize: '1.05rem' }}>
        {heading}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {shortDate(before.from)} to {shortDate(before.to)}, and {shortDate(after.from)} to{' '}
        {shortDate(after.to)}
      </Typography>
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          my: 1,
          '& td, & th': {
            textAlign: 'left',
            pr: 2.5,
            py: 0.5,
            borderBottom: 1,
            borderColor: 'divider',
          },
        }}
      >
        <thead>
          <tr>
            <td />
            <th scope="col">Before</th>
            <th scope="col">After</th>
            <th scope="col">So it is</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([what, was, is, so]) => (
            <tr key={what}>
              <th scope="row" style={{ fontWeight: 400 }}>
                {what}
              </th>
              <td>{was}</td>
              <td>{is}</td>
              <td>{so}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      {[score.reason, itch.reason, reason].map((one) => (
        <Typography key={one.sentence} variant="body2" color="textSecondary">
          <Because reason={one} />
        </Typography>
      ))}
    </Box>
  );
}

function told({ before, after, direction }: Change): [string, string, string] {
  return [number(before), number(after), labelOf(WORDS.Direction, direction)];
}
