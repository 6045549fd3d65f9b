import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Collapse from '@mui/material/Collapse';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { inWords, longDate, shortDate } from '../measure/days';
import { earsName } from '../measure/side';
import { caution } from '../plan/agenda';
import { LoadFactorWhy, Reasons } from '../plan/Why';

type DogPlan = Schemas['DogPlan'];

/** The rules under which nothing is planned. */
const NOTHING_PLANNED: readonly Schemas['Reason']['rule'][] = [
  'PLAN_EARDRUM',
  'PLAN_AS_NEEDED',
  'PLAN_CHECKS_ONLY',
];

/** Why no cleaning is planned. */
function whyNone(plan: DogPlan): string | undefined {
  return plan.ears.right.rhythm.reasons.find(({ rule }) => NOTHING_PLANNED.includes(rule))
    ?.sentence;
}

/** The next date with its window, the caution, and on demand every reason that led to it. */
export function NextCleaning({
  plan,
  open,
  onToggle,
}: {
  plan: DogPlan;
  open: boolean;
  onToggle: (open: boolean) => void;
}) {
  const [item] = plan.items;
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Next cleaning">
      {item ? (
        <>
          <Typography variant="overline" component="p" color="secondary">
            Next: clean {earsName(item.ears)}
          </Typography>
          <Typography variant="h2" sx={{ fontSize: '1.7rem' }}>
            {longDate(item.window.best)}
          </Typography>
          <Typography sx={{ fontWeight: 600 }}>
            {item.standing === 'OVERDUE' ? 'Overdue: it was best ' : ''}
            {inWords(item.window.best, plan.today)} · good from {shortDate(item.window.earliest)} to{' '}
            {shortDate(item.window.latest)}
          </Typography>
          <Typography variant="body2" sx={{ mt: 1, color: 'warning.main' }}>
            {caution(item)}
          </Typography>
        </>
      ) : (
        <>
          <Typography variant="h2">No cleaning is planned</Typography>
          <Typography sx={{ fontWeight: 600 }}>{whyNone(plan)}</Typography>
          <Typography>Look and sniff every week; leave a quiet ear alone.</Typography>
        </>
      )}
      <Button
        onClick={() => onToggle(!open)}
        aria-expanded={open}
        aria-keyshortcuts="y"
        sx={{ mt: 1, ml: -2 }}
      >
        {open ? 'Hide why' : 'Why?'}
      </Button>
      <Collapse in={open} unmountOnExit>
        <Why plan={plan} />
      </Collapse>
    </Paper>
  );
}

function Why({ plan }: { plan: DogPlan }) {
  const [item] = plan.items;
  const dated = item?.reasons.filter((reason) => reason.rule !== 'PLAN_LOOK_FIRST') ?? [];
  return (
    <Box>
      {dated.length > 0 && (
        <>
          <Typography variant="h3">How this day came about</Typography>
          <Stack component="ul" sx={{ p: 0, mt: 0.5, mb: 2, gap: 0.75 }}>
            <Reasons reasons={dated} />
          </Stack>
        </>
      )}
      <Typography variant="h3">What it started from: breed and ear type</Typography>
      <LoadFactorWhy factor={plan.loadFactor} start={plan.start} />
    </Box>
  );
}
