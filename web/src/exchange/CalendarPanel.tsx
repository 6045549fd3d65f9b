import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useHousehold, useMayRecord, useSettings } from '../household/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useChange } from '../fact/useChange';
import { dateWithYear, dayIn } from '../measure/days';

/** The plan in a calendar: by secret link, or as a file. */
export function CalendarPanel() {
  const household = useHousehold().id;
  const { zone } = useSettings();
  const mayRecord = useMayRecord();
  const [address, setAddress] = useState('');
  const link = useQuery({
    queryKey: [household, 'calendar-link'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/calendar-link', { params: { path: { household } } }),
      ),
  });
  const renew = useChange(async (_: undefined, where) => {
    const fresh = await answered(
      api.POST('/api/households/{household}/calendar-link', {
        params: { path: { household: where.household } },
      }),
    );
    setAddress(`${window.location.origin}${fresh.path}`);
  });
  const end = useChange(async (_: undefined, where) => {
    await answered(
      api.DELETE('/api/households/{household}/calendar-link', {
        params: { path: { household: where.household } },
      }),
    );
    setAddress('');
  });
  const madeAt = link.data?.madeAt;
  const problem = renew.error ?? end.error;
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Calendar">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Calendar
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        Your calendar reads the plan by a secret link and moves its entries when the plan moves.
        Whoever has the link can read the plan.
      </Typography>
      {madeAt && !address && (
        <Typography color="textSecondary" sx={{ mb: 1 }}>
          There is a link since {dateWithYear(dayIn(zone, new Date(madeAt)))}. It is shown only when
          it is made.
        </Typography>
      )}
      {address && (
        <Alert severity="success" icon={false} sx={{ mb: 1.5 }}>
          <Typography component="output" sx={{ wordBreak: 'break-all', fontWeight: 650 }}>
            {address}
          </Typography>
          <Button color="inherit" onClick={() => void navigator.clipboard.writeText(address)}>
            Copy
          </Button>
        </Alert>
      )}
      {problem && <Alert severity="error">{problem.message}</Alert>}
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        {mayRecord && (
          <Button
            variant="outlined"
            loading={renew.isPending}
            onClick={() => renew.mutate(undefined)}
          >
            {madeAt ? 'Make a new link' : 'Make a calendar link'}
          </Button>
        )}
        {mayRecord && madeAt && (
          <Button loading={end.isPending} onClick={() => end.mutate(undefined)}>
            End the link
          </Button>
        )}
        <Button component="a" href={`/api/households/${household}/calendar.ics`} download>
          Download (.ics)
        </Button>
      </Stack>
    </Paper>
  );
}
