import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Collapse from '@mui/material/Collapse';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import type { Schemas } from '../api/client';
import { inWords, longDate, shortDate } from '../measure/days';
import type { ReactNode } from 'react';
import { caution } from './agenda';
import { ItemAction } from './ItemAction';
import { inOrder, itemWords, nextOf } from './items';
import { KINDS, kindsThat } from './kinds';
import { LoadFactorWhy, Reasons } from './Why';
import { Because } from '../ui/Because';

type DogPlan = Schemas['DogPlan'];
type PlanItem = Schemas['PlanItem'];

/** One look does for another: the sooner one is told. */
const LOOKS = kindsThat((kind) => kind.isNext && kind.ribbon === 'toCheck');
const NEXT = kindsThat((kind) => kind.isNext && kind.ribbon !== 'toCheck');

/** The next visit, check and cleaning of a dog, and on demand every reason that led to them. */
export function ComingUp({
  name,
  plan,
  open,
  onToggle,
}: {
  name: string;
  plan: DogPlan;
  open: boolean;
  onToggle: (open: boolean) => void;
}) {
  const looks = nextOf(plan.items, ...LOOKS);
  const others = NEXT.map((kind) => nextOf(plan.items, kind));
  const next = inOrder([...others, looks].filter((item) => item !== undefined));
  const cleaning = next.find(({ kind }) => kind === 'CLEAN');
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="What comes next">
      <Stack spacing={1.5}>
        {next.map((item, at) => (
          <Next
            key={item.id}
            heading={heading(item, at)}
            item={item}
            today={plan.today}
            main={at === 0}
            action={
              item.standing !== 'LATER' && (
                <ItemAction name={name} dogId={plan.dogId} item={item} main={at === 0} />
              )
            }
          />
        ))}
        {!cleaning && (
          <Box>
            <Typography variant="h3" component="h2">
              No cleaning is planned
            </Typography>
            <Typography>{plan.noCleaning && <Because reason={plan.noCleaning} />}</Typography>
          </Box>
        )}
      </Stack>
      {cleaning && (
        <Typography variant="body2" sx={{ mt: 1.5, color: 'warning.main' }}>
          {caution(cleaning)}
        </Typography>
      )}
      <Button
        onClick={() => onToggle(!open)}
        aria-expanded={open}
        aria-keyshortcuts="y"
        sx={{ mt: 1, ml: -2 }}
      >
        {open ? 'Hide why' : 'Why?'}
      </Button>
      <Button component={RouterLink} to={`/dogs/${plan.dogId}/why`} sx={{ mt: 1 }}>
        Every date, and what if
      </Button>
      <Collapse in={open} unmountOnExit>
        <Why plan={plan} items={next} />
      </Collapse>
    </Paper>
  );
}

/** "Next: check both ears", "Then: clean the right ear". */
function heading(item: PlanItem, at: number): string {
  return `${at === 0 ? 'Next' : 'Then'}: ${itemWords(item)}`;
}

function Next({
  heading,
  item,
  today,
  main,
  action,
}: {
  heading: string;
  item: PlanItem;
  today: string;
  /** Whether it is the first one: its reason stands beside it. */
  main: boolean;
  action: ReactNode;
}) {
  const { earliest, best, latest } = item.window;
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-end', flexWrap: 'wrap' }}>
      <Box sx={{ flex: '1 1 200px' }}>
        <Typography variant="overline" component="h2" color={item.pressing ? 'error' : 'secondary'}>
          {heading}
        </Typography>
        <Typography variant="h2" component="p" sx={{ fontSize: '1.45rem' }}>
          {longDate(best)}
        </Typography>
        <Typography sx={{ fontWeight: 600 }}>
          {item.standing === 'OVERDUE' ? 'Overdue: it was best ' : ''}
          {inWords(best, today)}
          {earliest !== latest && ` · good from ${shortDate(earliest)} to ${shortDate(latest)}`}
        </Typography>
        {main && item.reasons[0] && (
          <Typography variant="body2" color="textSecondary">
            <Because reason={item.reasons[0]} />
          </Typography>
        )}
      </Box>
      {action}
    </Box>
  );
}

function Why({ plan, items }: { plan: DogPlan; items: readonly PlanItem[] }) {
  return (
    <Box>
      {items.map((item) => (
        <Box key={item.id}>
          <Typography variant="h3">{KINDS[item.kind].why}</Typography>
          <Stack component="ul" sx={{ p: 0, mt: 0.5, mb: 2, gap: 0.75 }}>
            <Reasons reasons={item.reasons.filter((reason) => reason.rule !== 'PLAN_LOOK_FIRST')} />
          </Stack>
        </Box>
      ))}
      <Typography variant="h3">What it started from: breed and ear type</Typography>
      <LoadFactorWhy factor={plan.loadFactor} start={plan.start} />
    </Box>
  );
}
