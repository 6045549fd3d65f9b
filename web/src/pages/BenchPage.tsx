import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { WORDS } from '../api/words';
import { Glass, GLASS_HEIGHT } from '../solution/Glass';
import { AimPanel } from '../solution/AimPanel';
import { InIt } from '../solution/InIt';
import { MakingPanel } from '../solution/MakingPanel';
import { OwnRecipes } from '../solution/OwnRecipes';
import { PourList } from '../solution/PourList';
import {
  firstPours,
  inMeasures,
  millilitresOf,
  poured,
  read,
  refusedWords,
  requestOf,
  said,
  written,
  type Ingredient,
  type Pour,
} from '../solution/pours';
import { RecipeCards } from '../solution/RecipeCards';
import { useMix, useShelf } from '../solution/useMix';
import { WhoseEars } from '../solution/WhoseEars';
import { Page } from '../ui/Page';
import { useSettings } from '../household/useMe';
import { bottleUnit, volumeNumber } from '../measure/units';
import { Fetched } from '../ui/Fetched';

const USUAL_ML = 120;
const MEASURES = WORDS.Measure.map(({ value }) => value);

/** The bench: pour, and see at once what is in the bottle and whose ears it suits. */
export function Component() {
  const shelf = useShelf();
  return (
    <Page title="Bench" aside="Pour, and see what is really in the bottle">
      <Fetched query={shelf} height={320}>
        {(known) => <Bench shelf={known} />}
      </Fetched>
    </Page>
  );
}

function Bench({ shelf }: { shelf: readonly Ingredient[] }) {
  const unit = bottleUnit(useSettings().volumeUnit);
  const [search, setSearch] = useSearchParams();
  const [pours, setPours] = useState<readonly Pour[]>(() =>
    search.has('in') ? read(search.getAll('in'), MEASURES) : firstPours(unit),
  );
  const [inAll, setInAll] = useState(() =>
    volumeNumber(Number(search.get('of')) || USUAL_ML, unit),
  );
  const inAddress = (typed: string) => String(millilitresOf(typed, unit) ?? '');
  const isInParts = pours.some(({ measure }) => measure === 'PART');
  const request = requestOf(pours, shelf, isInParts ? millilitresOf(inAll, unit) : undefined);
  const mix = useMix(request);
  const pour = (next: Pour[], recipe?: { id: string; version: number }, typed: string = inAll) => {
    setPours(next);
    setInAll(typed);
    const parts = next.some(({ measure }) => measure === 'PART');
    setSearch(
      [
        ...written(next).map((line): [string, string] => ['in', line]),
        ...(parts ? [['of', inAddress(typed)] as [string, string]] : []),
        ...(recipe ? [['recipe', `${recipe.id}*${recipe.version}`] as [string, string]] : []),
      ],
      { replace: true },
    );
  };
  const address = new URLSearchParams([
    ...written(pours).map((line): [string, string] => ['in', line]),
    ...(isInParts ? [['of', inAddress(inAll)]] : []),
    ...search.getAll('recipe').map((recipe): [string, string] => ['recipe', recipe]),
  ]);
  return (
    <Stack spacing={3}>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '1.1fr 1fr 1fr' },
          alignItems: 'start',
        }}
      >
        <Paper variant="outlined" sx={{ p: 2 }}>
          {request &&
            (mix.data ? (
              <Glass mix={mix.data} />
            ) : (
              mix.isPending && <Skeleton variant="rounded" height={GLASS_HEIGHT} />
            ))}
          <Box sx={{ mt: 2 }}>
            <PourList
              pours={pours}
              shelf={shelf}
              inAll={inAll}
              onInAll={(typed) => pour([...pours], undefined, typed)}
              onChange={(next) => pour(next)}
            />
          </Box>
        </Paper>
        {mix.isError ? (
          <Alert severity="error">{refusedWords(mix.error, pours, shelf)}</Alert>
        ) : request && mix.data ? (
          <>
            <Paper variant="outlined" sx={{ p: 2 }}>
              <InIt mix={mix.data} />
            </Paper>
            <Paper variant="outlined" sx={{ p: 2 }}>
              <WhoseEars
                dogs={mix.data.dogs}
                request={request}
                onTake={({ parts }) => pour(poured(parts, pours, shelf))}
              />
            </Paper>
          </>
        ) : request ? (
          <>
            <Skeleton variant="rounded" height={480} role="status" aria-label="Loading" />
            <Skeleton variant="rounded" height={480} />
          </>
        ) : (
          <Typography color="textSecondary">Pour something: what is in it stands here.</Typography>
        )}
      </Box>
      {request && mix.data && !mix.isError && (
        <MakingPanel
          mix={mix.data}
          request={request}
          pours={pours}
          address={`/bench/make?${address}`}
          onPour={(next) => pour(next)}
        />
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '1fr 1fr' },
          alignItems: 'start',
        }}
      >
        <AimPanel
          pours={pours}
          shelf={shelf}
          millilitres={mix.data?.millilitres}
          onTake={({ parts }) => {
            pour(poured(parts, pours, shelf));
            window.scrollTo({ top: 0 });
          }}
        />
        <OwnRecipes
          parts={
            request && mix.data && isInParts
              ? inMeasures(request.parts, mix.data.poured)
              : request?.parts
          }
          poured={search.get('recipe')?.split('*')[0]}
          onPour={(recipe) => {
            pour(said(recipe.parts, shelf), recipe);
            window.scrollTo({ top: 0 });
          }}
        />
      </Box>
      <RecipeCards
        shelf={shelf}
        onPour={(parts) => {
          pour(poured(parts, [], shelf));
          window.scrollTo({ top: 0 });
        }}
      />
    </Stack>
  );
}
