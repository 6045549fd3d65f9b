import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { WORDS } from '../api/words';
import { RadioTiles } from '../form/RadioTiles';
import { TickTiles } from '../form/TickTiles';
import { capital } from '../measure/words';
import { addDays, dateWithYear } from '../measure/days';
import { Failure } from '../ui/Failure';
import { useTell, type ToldForm } from './useHandOver';

type Done = ToldForm['done'][number];
type Seen = ToldForm['seen'][number];
type Ear = 'RIGHT' | 'LEFT' | 'BOTH';

const LONGEST_NAME = 80;
const LONGEST_NOTE = 500;
const EARS: Record<Ear, string> = {
  RIGHT: 'its right ear',
  LEFT: 'its left ear',
  BOTH: 'both, or not sure',
};

/** A short form for whoever had the dog: ticks and a few words, without an account. */
export function TellForm({
  token,
  dog,
  today,
  from,
}: {
  token: string;
  dog: string;
  today: string;
  from: string;
}) {
  const [id, setId] = useState(() => crypto.randomUUID());
  const [by, setBy] = useState('');
  const [day, setDay] = useState(today);
  const [done, setDone] = useState<readonly Done[]>([]);
  const [seen, setSeen] = useState<readonly Seen[]>([]);
  const [ear, setEar] = useState<Ear>('BOTH');
  const [note, setNote] = useState('');
  const [opened] = useState(() => new Date());
  const tell = useTell(token);
  const empty = done.length === 0 && seen.length === 0 && !note.trim();

  if (tell.isSuccess) {
    return (
      <Alert
        severity="success"
        action={
          <Button
            color="inherit"
            onClick={() => {
              setId(crypto.randomUUID());
              setDone([]);
              setSeen([]);
              setNote('');
              tell.reset();
            }}
          >
            Say more
          </Button>
        }
      >
        Thank you: {dog}’s people see it now, under your name.
      </Alert>
    );
  }
  const days = [today, addDays(today, -1), addDays(today, -2)].filter((one) => one >= from);
  return (
    <Box
      component="form"
      aria-label="What you did and saw"
      onSubmit={(event) => {
        event.preventDefault();
        tell.mutate({
          id,
          form: {
            by: by.trim(),
            at: day === today ? opened.toISOString() : new Date(`${day}T12:00`).toISOString(),
            done: [...done],
            seen: [...seen],
            ...(ear !== 'BOTH' && seen.length > 0 && { ear }),
            ...(note.trim() && { note: note.trim() }),
          },
        });
      }}
    >
      <Stack spacing={2}>
        <Typography variant="h2">What you did and saw</Typography>
        <TextField
          label="Your name"
          required
          value={by}
          onChange={({ target }) => setBy(target.value)}
          slotProps={{ htmlInput: { maxLength: LONGEST_NAME, autoComplete: 'name' } }}
        />
        {days.length > 1 && (
          <TextField
            select
            label="When"
            value={day}
            onChange={({ target }) => setDay(target.value)}
            slotProps={{ select: { native: true } }}
          >
            {days.map((one) => (
              <option key={one} value={one}>
                {one === today ? 'Today' : dateWithYear(one)}
              </option>
            ))}
          </TextField>
        )}
        <TickTiles label="What you did" choices={WORDS.Done} chosen={done} onChange={setDone} />
        <TickTiles label="What you saw" choices={WORDS.Seen} chosen={seen} onChange={setSeen} />
        {seen.length > 0 && (
          <RadioTiles<Ear>
            label="Where"
            tiles={(Object.keys(EARS) as Ear[]).map((value) => ({
              value,
              name: EARS[value],
              content: capital(EARS[value]),
            }))}
            value={ear}
            columns={3}
            onChange={setEar}
          />
        )}
        <TextField
          label="Anything else"
          multiline
          minRows={2}
          value={note}
          onChange={({ target }) => setNote(target.value)}
          slotProps={{ htmlInput: { maxLength: LONGEST_NOTE } }}
        />
        {tell.error && <Failure error={tell.error} />}
        <Button
          type="submit"
          variant="contained"
          size="large"
          disabled={empty || !by.trim()}
          loading={tell.isPending}
        >
          Send it
        </Button>
      </Stack>
    </Box>
  );
}
