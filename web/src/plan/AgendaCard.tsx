import DropIcon from '@mui/icons-material/WaterDropOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { useMayRecord } from '../account/useMe';
import type { Day } from '../measure/days';
import { earsName } from '../measure/side';
import { caution, whenWords } from './agenda';
import type { PlanItem } from './useToday';

const EDGES: Record<PlanItem['standing'], string> = {
  OVERDUE: 'mark.stop',
  DUE: 'primary.main',
  OPEN: 'mark.planned',
  LATER: 'divider',
};

/** One thing to do: what, when, why, and the button that goes on. The first one says its caution. */
export function AgendaCard({
  name,
  dogId,
  item,
  today,
  first,
}: {
  name: string;
  dogId: string;
  item: PlanItem;
  today: Day;
  first: boolean;
}) {
  const mayRecord = useMayRecord();
  const open = item.standing === 'OPEN';
  const why = item.reasons[0]?.sentence;
  return (
    <Paper
      component="li"
      variant="outlined"
      sx={{
        listStyle: 'none',
        display: 'grid',
        gridTemplateColumns: '6px 1fr',
        overflow: 'hidden',
        borderColor: first ? 'primary.main' : 'divider',
        borderWidth: first ? 2 : 1,
      }}
    >
      <Box sx={{ bgcolor: EDGES[item.standing] }} />
      <Box sx={{ p: first ? 2 : 1.5 }}>
        <Stack direction="row" sx={{ alignItems: 'flex-start', gap: 1 }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Stack
              direction="row"
              sx={{
                alignItems: 'center',
                gap: 0.5,
                color: open ? 'secondary.main' : 'primary.main',
              }}
            >
              <DropIcon sx={{ fontSize: 16 }} aria-hidden="true" />
              <Typography variant="overline" component="span">
                {open ? 'May be cleaned' : 'Clean'}
              </Typography>
            </Stack>
            <Typography variant="h2" component="h2" sx={{ fontSize: first ? '1.5rem' : '1.15rem' }}>
              {name}, {earsName(item.ears)}
            </Typography>
          </Box>
          {mayRecord && (
            <Button
              component={RouterLink}
              to={`/dogs/${dogId}/clean?ears=${item.ears.join(',')}`}
              variant={first ? 'contained' : 'outlined'}
              size={first ? 'large' : 'medium'}
              aria-label={`Record a cleaning of ${name}`}
            >
              Record
            </Button>
          )}
        </Stack>
        <Typography sx={{ fontWeight: open ? 400 : 600, mt: 0.25 }}>
          {whenWords(item, today)}
        </Typography>
        {why && !open && (
          <Typography variant="body2" color="textSecondary">
            {why}{' '}
            <Link
              component={RouterLink}
              to={`/dogs/${dogId}?why`}
              aria-label={`Why this day for ${name}`}
            >
              Why
            </Link>
          </Typography>
        )}
        {first && (
          <Typography variant="body2" sx={{ mt: 1, color: 'warning.main' }}>
            {caution(item)}
          </Typography>
        )}
      </Box>
    </Paper>
  );
}
