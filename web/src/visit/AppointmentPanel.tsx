import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useMayRecord } from '../household/useMe';
import type { Schemas } from '../api/client';
import { inWords, shortDate, type Day } from '../measure/days';
import { useAppointments, useReadCalendar, type AppointmentSaid } from './useAppointments';
import { LIMITS } from '../api/limits';
import { DayField } from '../form/DayField';
import { FileButton } from '../form/FileButton';

/** "Tue 8 Dec 15:30, in 13 days: booster" */
function appointmentWords(made: AppointmentSaid, today: Day): string {
  const time = made.time ? ` ${made.time.slice(0, 5)}` : '';
  return `${shortDate(made.on)}${time}, ${inWords(made.on, today)}: ${made.what}`;
}

/** When a vet is to see the dog: typed, or read from the file that the practice sent. */
export function AppointmentPanel({
  dogId,
  appointments,
  today,
}: {
  dogId: string;
  appointments: readonly Schemas['Appointment'][];
  today: Day;
}) {
  const mayRecord = useMayRecord();
  const [adding, setAdding] = useState(false);
  const { make, cancel, problem } = useAppointments(dogId, () => setAdding(false));
  if (!mayRecord && appointments.length === 0) return null;
  return (
    <Box component="section" aria-label="Appointments">
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        Appointments
      </Typography>
      <Stack direction="row" sx={{ flexWrap: 'wrap', gap: 0.75, alignItems: 'center' }}>
        {appointments.map((made) => {
          const words = appointmentWords(made, today);
          return mayRecord ? (
            <Chip
              key={made.id}
              variant="outlined"
              label={`${words} ×`}
              aria-label={`Cancel: ${words}`}
              onClick={() => cancel(made.id)}
            />
          ) : (
            <Chip key={made.id} variant="outlined" label={words} />
          );
        })}
        {mayRecord && !adding && (
          <Button onClick={() => setAdding(true)}>Note an appointment</Button>
        )}
      </Stack>
      {problem && <Alert severity="error">{problem.message}</Alert>}
      {adding && <AppointmentForm today={today} onMake={make} onCancel={() => setAdding(false)} />}
    </Box>
  );
}

function AppointmentForm({
  today,
  onMake,
  onCancel,
}: {
  today: Day;
  onMake: (said: AppointmentSaid) => void;
  onCancel: () => void;
}) {
  const [on, setOn] = useState('');
  const [time, setTime] = useState('');
  const [what, setWhat] = useState('');
  const read = useReadCalendar();

  return (
    <Stack spacing={1.5} sx={{ mt: 1, maxWidth: 720 }} role="group" aria-label="An appointment">
      <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 1.5 }}>
        <DayField
          size="small"
          label="Day"
          value={on}
          onChange={(event) => setOn(event.target.value)}
          slotProps={{ htmlInput: { min: today } }}
        />
        <TextField
          type="time"
          size="small"
          label="Time"
          value={time}
          onChange={(event) => setTime(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          size="small"
          label="What, or where"
          value={what}
          onChange={(event) => setWhat(event.target.value)}
          slotProps={{ htmlInput: { maxLength: LIMITS.Appointment.what.length } }}
          sx={{ flex: 1 }}
        />
      </Stack>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="contained"
          disabled={on === '' || what.trim() === ''}
          onClick={() => onMake({ on, what: what.trim(), ...(time !== '' && { time }) })}
        >
          Note it
        </Button>
        <FileButton
          label="Calendar file"
          accept=".ics,text/calendar"
          loading={read.isPending}
          onFile={(file) => file.text().then(read.mutate)}
        >
          From a calendar file (.ics)
        </FileButton>
        <Button onClick={onCancel}>Cancel</Button>
      </Stack>
      {read.isError && <Alert severity="error">{read.error.message}</Alert>}
      {read.data?.map((found) => (
        <Button
          key={`${found.on} ${found.time ?? ''} ${found.what}`}
          variant="outlined"
          sx={{ justifyContent: 'flex-start', textAlign: 'left' }}
          onClick={() => onMake(found)}
        >
          Take over: {appointmentWords(found, today)}
        </Button>
      ))}
    </Stack>
  );
}
