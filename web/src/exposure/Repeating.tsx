import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { useMayRecord } from '../household/useMe';
import type { Schemas } from '../api/client';
import { WEEKDAYS, type Weekday } from '../measure/weekdays';
import { isDoneFor, type Exposure } from './kinds';
import { MONTHS, months, repeatWords } from './season';
import { useExpect, useUnexpect } from './useWater';

/** What happens to the ears on the same days every week, in a part of the year. */
export function Repeating({
  dogId,
  expected,
}: {
  dogId: string;
  expected: readonly Schemas['ExpectedExposure'][];
}) {
  const mayRecord = useMayRecord();
  const [adding, setAdding] = useState(false);
  const unexpect = useUnexpect();
  return (
    <Box sx={{ mt: 1.5 }}>
      <Stack direction="row" sx={{ flexWrap: 'wrap', gap: 0.75, alignItems: 'center' }}>
        {expected.map((one) => {
          const label = labelOf(WORDS.ExposureKind, one.kind);
          const words = `${label}: every ${repeatWords(one)}`;
          return mayRecord ? (
            <Chip
              key={one.id}
              color="primary"
              variant="outlined"
              label={`${words} ×`}
              aria-label={`No longer: ${words}`}
              onClick={() => unexpect.mutate({ id: one.id })}
            />
          ) : (
            <Chip key={one.id} color="primary" variant="outlined" label={words} />
          );
        })}
        {mayRecord && !adding && (
          <Button onClick={() => setAdding(true)}>It repeats every week…</Button>
        )}
      </Stack>
      {unexpect.isError && <Alert severity="error">{unexpect.error.message}</Alert>}
      {adding && <RepeatForm dogId={dogId} onDone={() => setAdding(false)} />}
    </Box>
  );
}

function RepeatForm({ dogId, onDone }: { dogId: string; onDone: () => void }) {
  const [kind, setKind] = useState<Exposure['kind']>('SWIM');
  const [weekdays, setWeekdays] = useState<Weekday[]>([]);
  const [from, setFrom] = useState(1);
  const [until, setUntil] = useState(12);
  const expect = useExpect(dogId, onDone);
  return (
    <Stack spacing={1.5} sx={{ mt: 1, maxWidth: 620 }} role="group" aria-label="It repeats">
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        <Picked
          label="What"
          value={kind}
          onChange={(value) => setKind(value as Exposure['kind'])}
          options={WORDS.ExposureKind.filter(({ value }) => isDoneFor(value))}
        />
        <Picked
          label="From"
          value={String(from)}
          onChange={(value) => setFrom(Number(value))}
          options={MONTHS.map((label, index) => ({ value: String(index + 1), label }))}
        />
        <Picked
          label="To the end of"
          value={String(until)}
          onChange={(value) => setUntil(Number(value))}
          options={MONTHS.map((label, index) => ({ value: String(index + 1), label }))}
        />
      </Stack>
      <ToggleButtonGroup
        aria-label="On which days of the week"
        value={weekdays}
        onChange={(_, chosen: Weekday[]) => setWeekdays(chosen)}
        sx={{ flexWrap: 'wrap' }}
      >
        {WEEKDAYS.map(({ value, label, long }) => (
          <ToggleButton key={value} value={value} aria-label={long} sx={{ minWidth: 48 }}>
            {label}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Typography variant="body2" color="textSecondary">
        Each of these days is planned for drying, or for a look for seeds, and asked about
        afterwards: it counts only once you have said yes.
      </Typography>
      {expect.isError && <Alert severity="error">{expect.error.message}</Alert>}
      <Stack direction="row" sx={{ gap: 1 }}>
        <Button
          variant="contained"
          disabled={weekdays.length === 0}
          loading={expect.isPending}
          onClick={() => expect.mutate({ kind, weekdays, ...months(from, until) })}
        >
          Expect it
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </Stack>
    </Stack>
  );
}

function Picked({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly { value: string; label: string }[];
  onChange: (value: string) => void;
}) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
      sx={{ minWidth: 150 }}
    >
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.label}
        </option>
      ))}
    </TextField>
  );
}
