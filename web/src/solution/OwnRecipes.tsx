import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { useRemoveFact, useSaveFact } from '../fact/useFact';
import { useMayRecord } from '../household/useMe';
import type { MixRequest } from './pours';
import { useOwnRecipes, type OwnRecipe } from './useMix';

type Parts = MixRequest['parts'];

/** The household's own recipes: what stands on the bench is kept, poured again, said anew. */
export function OwnRecipes({
  parts,
  poured,
  onPour,
}: {
  /** What stands on the bench. */
  parts: Parts | undefined;
  /** The one that stands poured, unchanged. */
  poured: string | undefined;
  onPour: (recipe: OwnRecipe) => void;
}) {
  const recipes = useOwnRecipes();
  const mayRecord = useMayRecord();
  const remove = useRemoveFact('recipes', 'Recipe thrown away.');
  if (!recipes.data) return null;
  return (
    <Paper variant="outlined" component="section" aria-label="Our own recipes" sx={{ p: 2 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Our own recipes
      </Typography>
      {recipes.data.length === 0 && (
        <Typography color="textSecondary">
          None yet. What stands on the bench can be kept under a name.
        </Typography>
      )}
      <Stack component="ul" sx={{ p: 0, m: 0, gap: 1 }}>
        {recipes.data.map((one) => (
          <Box
            key={one.id}
            component="li"
            sx={{
              listStyle: 'none',
              display: 'flex',
              gap: 1,
              alignItems: 'center',
              flexWrap: 'wrap',
            }}
          >
            <Typography sx={{ fontWeight: 650 }}>{one.name}</Typography>
            <Chip size="small" label={`version ${one.version}`} />
            <Button aria-label={`Pour ${one.name}`} onClick={() => onPour(one)}>
              Pour it
            </Button>
            {mayRecord && (
              <>
                {parts && poured !== one.id && <SayAnew recipe={one} parts={parts} />}
                <Button
                  color="error"
                  aria-label={`Throw away ${one.name}`}
                  onClick={() => remove.mutate({ id: one.id, version: one.version })}
                >
                  Throw away
                </Button>
              </>
            )}
          </Box>
        ))}
      </Stack>
      {mayRecord && parts && <Keep parts={parts} />}
    </Paper>
  );
}

function SayAnew({ recipe, parts }: { recipe: OwnRecipe; parts: Parts }) {
  const save = useSaveFact('recipes', recipe.id, recipe.version, () => undefined);
  return (
    <Button
      loading={save.isPending}
      aria-label={`${recipe.name} is what stands on the bench now`}
      onClick={() => save.mutate({ name: recipe.name, parts: parts })}
    >
      Is now as poured
    </Button>
  );
}

function Keep({ parts }: { parts: Parts }) {
  const [id, setId] = useState(() => newId());
  const [name, setName] = useState('');
  const save = useSaveFact('recipes', id, undefined, () => {
    setId(newId());
    setName('');
  });
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate({ name: name.trim(), parts: parts });
      }}
      sx={{ display: 'flex', gap: 1, mt: 1.5, flexWrap: 'wrap' }}
    >
      <TextField
        size="small"
        label="Keep what is poured as"
        value={name}
        onChange={({ target }) => setName(target.value)}
        slotProps={{ htmlInput: { maxLength: 80 } }}
      />
      <Button
        type="submit"
        variant="outlined"
        disabled={name.trim() === ''}
        loading={save.isPending}
      >
        Keep it
      </Button>
      {save.isError && <Alert severity="error">{save.error.message}</Alert>}
    </Box>
  );
}
