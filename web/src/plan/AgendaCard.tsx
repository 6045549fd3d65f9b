import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { useMayRecord } from '../household/useMe';
import type { Day } from '../measure/days';
import { earsName } from '../measure/side';
import { caution, whenWords } from './agenda';
import { ItemAction } from './ItemAction';
import { PLAN_KINDS } from '../api/planKinds';
import { KINDS } from './kinds';
import { SkipButton } from './SkipButton';
import type { PlanItem } from '../view/useToday';
import { Because } from '../ui/Because';
import { SMALL_TARGET } from '../ui/smallTarget';

const EDGES: Record<PlanItem['standing'], string> = {
  OVERDUE: 'mark.stop',
  DUE: 'primary.main',
  OPEN: 'mark.planned',
  LATER: 'divider',
};

/** The most pressing first. */
const STANDINGS: readonly PlanItem['standing'][] = ['OVERDUE', 'DUE', 'OPEN'];

/** What one dog needs now, the most pressing or the look first; the top card says its caution. */
export function AgendaCard({
  name,
  dogId,
  items,
  today,
  first,
}: {
  name: string;
  dogId: string;
  items: readonly PlanItem[];
  today: Day;
  first: boolean;
}) {
  const pressing = items.some((item) => item.pressing);
  const [standing = 'LATER'] = STANDINGS.filter((one) =>
    items.some((item) => item.standing === one),
  );
  const said = items.find((item) => caution(item));
  return (
    <Paper
      component="li"
      variant="outlined"
      sx={{
        listStyle: 'none',
        display: 'grid',
        gridTemplateColumns: '6px 1fr',
        overflow: 'hidden',
        borderColor: pressing ? 'mark.stop' : first ? 'primary.main' : 'divider',
        borderWidth: first || pressing ? 2 : 1,
      }}
    >
      <Box sx={{ bgcolor: pressing ? 'mark.stop' : EDGES[standing] }} />
      <Box sx={{ p: 1.75 }}>
        <Typography variant="h2" sx={{ fontSize: first ? '1.5rem' : '1.15rem' }}>
          {name}
        </Typography>
        <Stack spacing={1.25} sx={{ mt: 0.5 }}>
          {items.map((item, index) => (
            <Line
              key={item.id}
              name={name}
              dogId={dogId}
              item={item}
              today={today}
              main={first && index === 0}
            />
          ))}
        </Stack>
        {first && said && (
          <Typography variant="body2" sx={{ mt: 1, color: 'warning.main' }}>
            {caution(said)}
          </Typography>
        )}
      </Box>
    </Paper>
  );
}

/** One thing to do: what, when, why, and the button that goes on. */
function Line({
  name,
  dogId,
  item,
  today,
  main,
}: {
  name: string;
  dogId: string;
  item: PlanItem;
  today: Day;
  main: boolean;
}) {
  const mayRecord = useMayRecord();
  const open = item.standing === 'OPEN';
  const doing = KINDS[item.kind];
  const Icon = doing.icon;
  const ears = doing.ofEars ? `, ${earsName(item.ears)}` : '';
  return (
    <Stack direction="row" sx={{ alignItems: 'flex-start', gap: 1 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography
          variant="overline"
          component="h3"
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: 0.5,
            color: item.pressing ? 'error.main' : open ? 'secondary.main' : 'primary.main',
          }}
        >
          <Icon sx={{ fontSize: 16 }} aria-hidden="true" />
          {open ? doing.early : doing.now}
          {ears}
        </Typography>
        <Typography sx={{ fontWeight: open ? 400 : 600, lineHeight: 1.3 }}>
          {whenWords(item, today)}
        </Typography>
        {!open && (
          <Typography variant="body2" color="textSecondary" component="div">
            {item.reasons[0] && <Because reason={item.reasons[0]} />}{' '}
            <Box component="span" sx={{ whiteSpace: 'nowrap' }}>
              <Link
                component={RouterLink}
                to={`/dogs/${dogId}?why`}
                aria-label={doing.whyLink.label(name)}
                sx={SMALL_TARGET}
              >
                {doing.whyLink.text}
              </Link>
              {mayRecord && PLAN_KINDS[item.kind].skippable && (
                <SkipButton dogId={dogId} name={name} item={item} />
              )}
            </Box>
          </Typography>
        )}
      </Box>
      <ItemAction name={name} dogId={dogId} item={item} main={main} />
    </Stack>
  );
}
