import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { WORDS } from '../api/words';
import { useHousehold, useMayRecord } from '../household/useMe';
import { dayIn, longDate } from '../measure/days';
import { MakingSteps } from '../solution/MakingSteps';
import {
  inMeasures,
  read,
  requestOf,
  type Ingredient,
  type MixRequest,
  numberOf,
} from '../solution/pours';
import { useMaking, useMix, useShelf, type Making, type MixPreview } from '../solution/useMix';
import { useSaveSupply } from '../stock/useStock';
import { Page } from '../ui/Page';
import { bottleWords } from '../measure/units';
import { Fetched } from '../ui/Fetched';

const MEASURES = WORDS.Measure.map(({ value }) => value);

/** Leads through the making of a batch, step by step, and puts it into the house. */
export function Component() {
  const shelf = useShelf();
  return (
    <Page title="Make a batch" aside="Step by step, then a name and a label">
      <Fetched query={shelf} height={320}>
        {(known) => <Batch shelf={known} />}
      </Fetched>
    </Page>
  );
}

function Batch({ shelf }: { shelf: readonly Ingredient[] }) {
  const [search] = useSearchParams();
  const request = requestOf(
    read(search.getAll('in'), MEASURES),
    shelf,
    numberOf(search.get('of') ?? ''),
  );
  const [recipe, version] = (search.get('recipe') ?? '').split('*');
  const mix = useMix(request);
  const making = useMaking(request);
  const problem = mix.error ?? making.error;
  if (!request) {
    return (
      <Typography>
        Nothing is poured yet:{' '}
        <Link component={RouterLink} to="/bench">
          begin at the bench
        </Link>
        .
      </Typography>
    );
  }
  if (problem) return <Alert severity="error">{problem.message}</Alert>;
  if (!mix.data || !making.data) {
    return <Skeleton variant="rounded" height={320} role="status" aria-label="Loading" />;
  }
  return (
    <Made
      request={request}
      mix={mix.data}
      making={making.data}
      recipe={recipe && version ? { recipe, recipeVersion: Number(version) } : {}}
    />
  );
}

function Made({
  request,
  mix,
  making,
  recipe,
}: {
  request: MixRequest;
  mix: MixPreview;
  making: Making;
  recipe: { recipe?: string; recipeVersion?: number };
}) {
  const household = useHousehold();
  const mayRecord = useMayRecord();
  const [id] = useState(() => newId());
  const [name, setName] = useState('Our own');
  const [isSaved, setSaved] = useState(false);
  const save = useSaveSupply(() => setSaved(true));
  const suits = mix.dogs.filter(({ ears }) =>
    [ears.right, ears.left].some(({ inEar }) => inEar.suits !== 'NO'),
  );
  const today = dayIn(household.settings.zone, new Date());
  const put = () => {
    const size = Math.max(1, Math.round(mix.millilitres * 10) / 10);
    save.mutate({
      id,
      version: undefined,
      body: {
        kind: 'CLEANER',
        name: name.trim(),
        size,
        left: size,
        countedAt: new Date().toISOString(),
        openedOn: today,
        batch: { parts: inMeasures(request.parts, mix.poured), madeOn: today, ...recipe },
      },
    });
  };
  return (
    <Stack spacing={2.5} sx={{ maxWidth: 760 }}>
      {suits.length === 0 && (
        <Alert severity="error">
          It suits no ear of the household as they are: make it only for later, or not at all.
        </Alert>
      )}
      <MakingSteps steps={making.steps} />
      <Box component="section" aria-label="The batch" sx={{ display: 'grid', gap: 1.5 }}>
        <Typography variant="h2">The batch</Typography>
        <Typography>
          {bottleWords(mix.millilitres, household.settings.volumeUnit)}, made today, use by{' '}
          <strong>{longDate(making.useBy)}</strong>.
        </Typography>
        {save.isError && <Alert severity="error">{save.error.message}</Alert>}
        {isSaved ? (
          <Alert severity="success">
            {name.trim()} is in the house now.
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
              <Button
                variant="contained"
                component="a"
                href={`/api/households/${household.id}/batches/${id}/label.pdf`}
                download
              >
                Label to print (PDF)
              </Button>
              <Button component={RouterLink} to="/stock">
                To the stock
              </Button>
            </Box>
          </Alert>
        ) : (
          mayRecord && (
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
              <TextField
                label="What you call it"
                value={name}
                onChange={({ target }) => setName(target.value)}
                slotProps={{ htmlInput: { maxLength: 80 } }}
              />
              <Button
                variant="contained"
                size="large"
                disabled={name.trim() === ''}
                loading={save.isPending}
                onClick={put}
              >
                It is made
              </Button>
            </Box>
          )
        )}
      </Box>
    </Stack>
  );
}
