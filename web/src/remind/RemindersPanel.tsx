import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { Unconfirmed } from './Unconfirmed';
import { turnNotices, useNoticesOn } from './notices';
import { Outbox } from './Outbox';
import { useReminders, useSaveReminders, type RemindersRequest } from './useReminders';
import { Fetched } from '../ui/Fetched';

type Answer = Schemas['RemindersAnswer'];

/** How I want to be reminded: by mail, on this device, and when nothing comes. */
export function RemindersPanel() {
  const reminders = useReminders();
  return (
    <Paper variant="outlined" sx={{ p: 3 }} component="section" aria-label="Reminders">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Reminders for me
      </Typography>
      <Fetched query={reminders} height={160}>
        {(known) => <Form answer={known} />}
      </Fetched>
    </Paper>
  );
}

const clock = (time: string | undefined) => time?.slice(0, 5) ?? '';

function Form({ answer }: { answer: Answer }) {
  const { byMail, doses, dailyAt, quiet } = answer.wishes;
  const [draft, setDraft] = useState({
    byMail,
    doses,
    dailyAt: clock(dailyAt),
    from: clock(quiet?.from),
    until: clock(quiet?.until),
  });
  const notices = useNoticesOn();
  const save = useSaveReminders();
  const set = (change: Partial<typeof draft>) => setDraft({ ...draft, ...change });
  const request = (): RemindersRequest => ({
    byMail: draft.byMail,
    doses: draft.doses,
    dailyAt: draft.dailyAt,
    ...(draft.from && draft.until && { quietFrom: draft.from, quietUntil: draft.until }),
  });
  const time = (name: 'dailyAt' | 'from' | 'until', label: string) => (
    <TextField
      type="time"
      label={label}
      value={draft[name]}
      onChange={({ target }) => set({ [name]: target.value })}
      slotProps={{ inputLabel: { shrink: true } }}
      sx={{ minWidth: 150 }}
    />
  );
  return (
    <Stack spacing={1.5}>
      <FormControlLabel
        control={<Switch checked={draft.byMail} onChange={(_, on) => set({ byMail: on })} />}
        label={`One mail a day, to ${answer.address}`}
      />
      {draft.byMail && (
        <>
          {!answer.isConfirmed && <Unconfirmed address={answer.address} />}
          <FormControlLabel
            control={<Switch checked={draft.doses} onChange={(_, on) => set({ doses: on })} />}
            label="And one for each dose, at its time, while nobody has given it"
          />
          <Stack direction="row" sx={{ flexWrap: 'wrap', gap: 1.5 }}>
            {time('dailyAt', 'The day’s mail at')}
            {time('from', 'Quiet from')}
            {time('until', 'until')}
          </Stack>
        </>
      )}
      {typeof Notification !== 'undefined' && (
        <FormControlLabel
          control={<Switch checked={notices} onChange={(_, on) => void turnNotices(on)} />}
          label="On this device: a notice of the day, and when a dose is due, while Even Lobe is open"
        />
      )}
      {save.isError && <Alert severity="error">{save.error.message}</Alert>}
      {save.isSuccess && <Alert severity="success">Saved.</Alert>}
      <Box>
        <Button
          variant="contained"
          loading={save.isPending}
          disabled={draft.dailyAt === '' || (draft.from === '') !== (draft.until === '')}
          onClick={() => save.mutate(request())}
        >
          Save reminders
        </Button>
      </Box>
      {answer.isSimulated && <Outbox />}
    </Stack>
  );
}
