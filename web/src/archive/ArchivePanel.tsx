import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import LinearProgress from '@mui/material/LinearProgress';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useHousehold } from '../household/useMe';
import { count, dateWithYear } from '../measure/days';
import { Failure } from '../ui/Failure';
import { useArchive } from './useArchive';
import { useSaveArchive } from './useSaveArchive';
import { FileButton } from '../form/FileButton';

type Taken = Schemas['Taken'];

/** The household as one file, and such a file taken in: tried first, then all of it or nothing. */
export function ArchivePanel({ isEmpty }: { isEmpty: boolean }) {
  const household = useHousehold().id;
  const { dialog, save } = useSaveArchive();
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Archive">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Everything as one file
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        Every record with its earlier versions, photographs, papers from the vet and how you do
        things. It is yours: keep it, or take it to another household.
      </Typography>
      {save.isError && (
        <Box sx={{ mb: 1.5 }}>
          <Failure error={save.error} />
        </Box>
      )}
      <Button
        variant="contained"
        loading={save.isPending}
        onClick={() => save.mutate(`/api/households/${household}/archive`)}
      >
        Save the archive
      </Button>
      {dialog}
      <TakeIn isEmpty={isEmpty} />
    </Paper>
  );
}

function TakeIn({ isEmpty }: { isEmpty: boolean }) {
  const [settings, setSettings] = useState(isEmpty);
  const { send, restore, share } = useArchive();
  const busy = send.isPending || restore.isPending;
  const failed = send.error ?? restore.error;
  const sent = send.data;

  return (
    <>
      <Typography variant="h3" sx={{ mt: 3, mb: 0.5 }}>
        Take one in
      </Typography>
      <Typography>
        First you see what would come; what is here already stays as it stands.
      </Typography>
      <FormControlLabel
        control={
          <Checkbox
            checked={settings}
            disabled={busy || sent !== undefined}
            onChange={({ target }) => setSettings(target.checked)}
          />
        }
        label="Its name, units and ways of doing things as well"
      />
      <Box>
        <FileButton
          label="Archive file"
          accept=".zip,application/zip"
          disabled={busy}
          onAsk={() => send.reset()}
          onFile={(file) => {
            restore.reset();
            send.mutate({ file, settings });
          }}
        >
          Choose an archive
        </FileButton>
      </Box>
      {busy && (
        <Box sx={{ mt: 2 }}>
          <Typography role="status">
            {restore.isPending ? 'Taking it in' : 'Looking through it'}: {Math.round(share * 100)} %
          </Typography>
          <LinearProgress
            variant="determinate"
            value={share * 100}
            aria-label="How far it is"
            sx={{ mt: 0.5 }}
          />
        </Box>
      )}
      {failed && (
        <Box sx={{ mt: 2 }}>
          <Failure error={failed} />
        </Box>
      )}
      {restore.data && (
        <Alert severity="success" sx={{ mt: 2 }}>
          All of it is here: {brief(restore.data)}.
        </Alert>
      )}
      {sent && !restore.isPending && (
        <Found
          taken={sent.taken}
          onTake={() => restore.mutate(sent)}
          onLeave={() => send.reset()}
        />
      )}
    </>
  );
}

function sum(taken: Taken, what: 'added' | 'there'): number {
  return taken.kinds.reduce((all, kind) => all + kind[what], 0);
}

function brief(taken: Taken): string {
  const files = taken.filesAdded > 0 ? ` and ${count(taken.filesAdded, 'file')}` : '';
  return count(sum(taken, 'added'), 'record') + files;
}

function Found({
  taken,
  onTake,
  onLeave,
}: {
  taken: Taken;
  onTake: () => void;
  onLeave: () => void;
}) {
  const added = sum(taken, 'added') + taken.filesAdded;
  const there = sum(taken, 'there') + taken.filesThere;
  return (
    <Box component="section" aria-label="What would come" sx={{ mt: 2 }}>
      <Typography variant="h3">
        From {taken.from}, {dateWithYear(taken.madeAt.slice(0, 10))}
      </Typography>
      <Typography>
        {added === 0 ? 'Nothing in it is new here.' : `${brief(taken)} would come.`}
        {taken.dogs.length > 0 && ` Dogs: ${taken.dogs.join(', ')}.`}
        {there > 0 && ` ${count(there, 'other')} in it ${there === 1 ? 'is' : 'are'} here already.`}
      </Typography>
      <Stack direction="row" sx={{ gap: 1, mt: 1.5 }}>
        <Button variant="contained" disabled={added === 0} onClick={onTake}>
          Take all of it in
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </Stack>
    </Box>
  );
}
