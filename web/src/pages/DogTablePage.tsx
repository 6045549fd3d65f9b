import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useAddDogs, useDogTablePreview } from '../dog/useDogTable';
import { useHousehold } from '../household/useMe';
import { count } from '../measure/days';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { FileButton } from '../form/FileButton';

type Line = Schemas['DogLine'];

const EXAMPLE = {
  KG: 'name,breed,born,weight kg\nFen,beagle,2021-05-01,12.5',
  LB: 'name,breed,born,weight lb\nFen,beagle,2021-05-01,27.5',
};
const OUTCOME: Record<Line['outcome'], string> = {
  NEW: 'is added',
  THERE: 'is here already',
  WRONG: 'is wrong',
};

/** Many dogs at once from a table: first what would become of each line, then all of it or nothing. */
export function Component() {
  const {
    id: household,
    settings: { weightUnit },
  } = useHousehold();
  const [csv, setCsv] = useState('');
  const [added, setAdded] = useState<number>();
  const preview = useDogTablePreview();
  const add = useAddDogs((number) => {
    setAdded(number);
    setCsv('');
    preview.reset();
  });
  const lines = preview.data?.lines ?? [];
  const wrong = lines.filter(({ outcome }) => outcome === 'WRONG');

  function look(text: string) {
    setCsv(text);
    setAdded(undefined);
    add.reset();
    preview.mutate(text);
  }

  return (
    <Page
      title="Dogs from a table"
      aside="CSV, a line for each dog; only a name and a breed are needed"
    >
      <Stack spacing={2} sx={{ maxWidth: 860 }}>
        <TextField
          label="The table"
          multiline
          minRows={5}
          maxRows={14}
          placeholder={EXAMPLE[weightUnit]}
          value={csv}
          onChange={({ target }) => {
            setCsv(target.value);
            preview.reset();
          }}
          helperText="Columns: name, breed, second breed, born, weight kg (or weight lb), joined, flap, canal hair, feathering, water, ground, climate, allergy, infections"
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
          <FileButton
            label="CSV file"
            accept=".csv,text/csv"
            onFile={(file) => file.text().then(look)}
          >
            Choose a file
          </FileButton>
          <Button
            variant={preview.data ? 'outlined' : 'contained'}
            disabled={!csv.trim()}
            loading={preview.isPending}
            onClick={() => look(csv)}
          >
            See what would be added
          </Button>
          <Button component="a" href={`/api/households/${household}/dogs.csv`}>
            All dogs here as CSV
          </Button>
        </Stack>
        {added !== undefined && (
          <Alert severity="success">{count(added, 'dog')} added. They stand on Today.</Alert>
        )}
        {preview.error && <Failure error={preview.error} />}
        {add.error && <Failure error={add.error} />}
        {preview.data && (
          <Box component="section" aria-label="What would be added">
            <Typography variant="h2" sx={{ mb: 1 }}>
              {lines.length === 0
                ? 'No dog in it yet: write a line for each below the names of the columns'
                : wrong.length > 0
                  ? `${count(wrong.length, 'line')} to mend, then ${count(preview.data.added, 'dog')} and they are added`
                  : `${count(preview.data.added, 'dog')} to add`}
            </Typography>
            <Lines lines={[...wrong, ...lines.filter((line) => !wrong.includes(line))]} />
            <Button
              variant="contained"
              sx={{ mt: 2 }}
              disabled={wrong.length > 0 || preview.data.added === 0}
              loading={add.isPending}
              onClick={() => add.mutate(csv)}
            >
              Add {count(preview.data.added, 'dog')}
            </Button>
          </Box>
        )}
      </Stack>
    </Page>
  );
}

function Lines({ lines }: { lines: readonly Line[] }) {
  return (
    <Stack component="ul" sx={{ p: 0, m: 0, gap: 0.5 }}>
      {lines.map(({ number, name, outcome, errors }) => (
        <Typography
          component="li"
          key={number}
          sx={{ listStyle: 'none', color: outcome === 'WRONG' ? 'error.main' : undefined }}
        >
          Line {number}, {name || 'no name'}: {OUTCOME[outcome]}
          {errors.length > 0 &&
            ` (${errors.map(({ field, message }) => `${field} ${message}`).join('; ')})`}
        </Typography>
      ))}
    </Stack>
  );
}
