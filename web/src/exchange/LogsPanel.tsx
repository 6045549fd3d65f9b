import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useHousehold, useMayRecord } from '../household/useMe';
import { count } from '../measure/days';
import { Failure } from '../ui/Failure';
import { LOGS, useAddToLog, useLogPreview, type Log } from './logs';
import { FileButton } from '../form/FileButton';

/** One log at a time as a table: out, and in with a look at it first. */
export function LogsPanel() {
  const household = useHousehold().id;
  const mayRecord = useMayRecord();
  const [log, setLog] = useState<Log>('checks');
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Tables">
      <Typography variant="h2" sx={{ mb: 1 }}>
        One log as a table
      </Typography>
      <Typography sx={{ mb: 2 }}>
        CSV, a line for each record. What goes out comes in the same; a table of your own needs the
        name of the dog, when it was, and the columns that you know.
      </Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <TextField
          select
          size="small"
          label="Log"
          value={log}
          onChange={({ target }) => setLog(Object.keys(LOGS).find(is(target.value)) ?? 'checks')}
          slotProps={{ select: { native: true } }}
          sx={{ minWidth: 240 }}
        >
          {Object.entries(LOGS).map(([one, words]) => (
            <option key={one} value={one}>
              {words}
            </option>
          ))}
        </TextField>
        <Button
          variant="outlined"
          component="a"
          href={`/api/households/${household}/logs/${log}.csv`}
        >
          Save as CSV
        </Button>
        {mayRecord && <AddLines key={log} log={log} />}
      </Stack>
    </Paper>
  );
}

const is =
  (value: string) =>
  (log: string): log is Log =>
    log === value;

function AddLines({ log }: { log: Log }) {
  const [csv, setCsv] = useState('');
  const preview = useLogPreview(log);
  const add = useAddToLog(log);
  const failed = preview.error ?? add.error;
  return (
    <>
      <FileButton
        label="CSV file of a log"
        accept=".csv,text/csv"
        variant="text"
        loading={preview.isPending}
        onFile={async (file) => {
          add.reset();
          const text = await file.text();
          setCsv(text);
          preview.mutate(text);
        }}
      >
        Add from a file
      </FileButton>
      <Box sx={{ flexBasis: '100%' }}>
        {failed && <Failure error={failed} />}
        {add.data && <Alert severity="success">{count(add.data.added, 'record')} added.</Alert>}
        {preview.data && !add.data && (
          <Found
            found={preview.data}
            busy={add.isPending}
            onAdd={() => add.mutate(csv)}
            onLeave={() => preview.reset()}
          />
        )}
      </Box>
    </>
  );
}

function Found({
  found,
  busy,
  onAdd,
  onLeave,
}: {
  found: Schemas['LogAnswer'];
  busy: boolean;
  onAdd: () => void;
  onLeave: () => void;
}) {
  const { added, there, wrong, lines } = found;
  return (
    <Box component="section" aria-label="What would be added">
      <Typography variant="h3">
        {wrong > 0
          ? `${count(wrong, 'line')} to mend, then ${count(added, 'record')} and they are added`
          : `${count(added, 'record')} to add`}
      </Typography>
      {there > 0 && (
        <Typography>{count(there, 'line')} here already: left as they stand.</Typography>
      )}
      <Stack component="ul" sx={{ p: 0, my: 1, gap: 0.5 }}>
        {lines.map(({ number, errors }) => (
          <Typography
            component="li"
            key={number}
            sx={{ listStyle: 'none', color: 'error.main', overflowWrap: 'anywhere' }}
          >
            Line {number}: {errors.map(({ field, message }) => `${field} ${message}`).join('; ')}
          </Typography>
        ))}
      </Stack>
      <Stack direction="row" sx={{ gap: 1 }}>
        <Button
          variant="contained"
          disabled={wrong > 0 || added === 0}
          loading={busy}
          onClick={onAdd}
        >
          Add {count(added, 'record')}
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </Stack>
    </Box>
  );
}
