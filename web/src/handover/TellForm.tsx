import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { addDays, dateWithYear } from '../measure/days';
import { Failure } from '../ui/Failure';
import { DoneFields } from './DoneFields';
import { SeenFields } from './SeenFields';
import { formOf, nothingTold, saysNothing, type Telling } from './telling';
import { useTell, type HandOver } from './useHandOver';

const LONGEST_NAME = 80;
const LONGEST_NOTE = 500;

/** A short form for whoever had the dog: ticks and a few words, without an account. */
export function TellForm({ token, page, today }: { token: string; page: HandOver; today: string }) {
  const [id, setId] = useState(() => crypto.randomUUID());
  const [told, setTold] = useState(() => nothingTold(today));
  const [opened] = useState(() => new Date());
  const tell = useTell(token);
  const change = (some: Partial<Telling>) => setTold((before) => ({ ...before, ...some }));

  if (tell.isSuccess) {
    return (
      <Thanks
        dog={page.dog}
        onMore={() => {
          setId(crypto.randomUUID());
          setTold({ ...nothingTold(told.day), by: told.by });
          tell.reset();
        }}
      />
    );
  }
  const send = () => {
    const at = told.day === today ? opened : new Date(`${told.day}T12:00`);
    const gaveAt = told.gaveAt ? new Date(`${told.day}T${told.gaveAt}`) : undefined;
    tell.mutate({ id, form: formOf(told, page.known, at, gaveAt) });
  };
  return (
    <Box
      component="form"
      aria-label="What you did and saw"
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
    >
      <Stack spacing={2}>
        <Typography variant="h2">What you did and saw</Typography>
        <WhoAndWhen told={told} today={today} from={page.from} onChange={change} />
        <DoneFields told={told} onChange={change} />
        <SeenFields told={told} known={page.known} onChange={change} />
        <TextField
          label="Anything else"
          multiline
          minRows={2}
          value={told.note}
          onChange={({ target }) => change({ note: target.value })}
          slotProps={{ htmlInput: { maxLength: LONGEST_NOTE } }}
        />
        {tell.error && <Failure error={tell.error} />}
        <Button
          type="submit"
          variant="contained"
          size="large"
          disabled={saysNothing(told) || !told.by.trim()}
          loading={tell.isPending}
        >
          Send it
        </Button>
      </Stack>
    </Box>
  );
}

function Thanks({ dog, onMore }: { dog: string; onMore: () => void }) {
  return (
    <Alert
      severity="success"
      action={
        <Button color="inherit" onClick={onMore}>
          Say more
        </Button>
      }
    >
      Thank you: {dog}’s people see it now, under your name.
    </Alert>
  );
}

/** Who tells it, and of which day. */
function WhoAndWhen({
  told,
  today,
  from,
  onChange,
}: {
  told: Telling;
  today: string;
  from: string;
  onChange: (change: Partial<Telling>) => void;
}) {
  const days = [today, addDays(today, -1), addDays(today, -2)].filter((one) => one >= from);
  return (
    <>
      <TextField
        label="Your name"
        required
        value={told.by}
        onChange={({ target }) => onChange({ by: target.value })}
        slotProps={{ htmlInput: { maxLength: LONGEST_NAME, autoComplete: 'name' } }}
      />
      {days.length > 1 && (
        <TextField
          select
          label="When"
          value={told.day}
          onChange={({ target }) => onChange({ day: target.value })}
          slotProps={{ select: { native: true } }}
        >
          {days.map((one) => (
            <option key={one} value={one}>
              {one === today ? 'Today' : dateWithYear(one)}
            </option>
          ))}
        </TextField>
      )}
    </>
  );
}
