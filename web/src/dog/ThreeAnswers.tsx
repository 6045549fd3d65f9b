import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useSettings } from '../household/useMe';
import { weightUnitWord } from '../measure/units';
import { BreedField } from './BreedField';
import { crossOf, useBreeds, type Breed } from './breeds';
import { faulty, type FormParts } from './formParts';
import { WeightFields } from './WeightFields';

/** Name, breed and weight: all that has to be asked of a dog. */
export function ThreeAnswers({ form, register, setValue, errors }: FormParts) {
  const { weightUnit } = useSettings();
  const [crossed, setCrossed] = useState(form.breeds.length > 1);
  const catalogue = useBreeds().data ?? [];
  const [first, second] = form.breeds.map((id) => catalogue.find((breed) => breed.id === id));

  /** Fills in the ears by the breed, or by what a cross of the two is expected to be like. */
  async function chooseBreeds(breeds: (Breed | undefined)[]) {
    const [one, two] = breeds.filter((breed) => breed !== undefined);
    setValue(
      'breeds',
      [one?.id, two?.id].filter((id) => id !== undefined),
    );
    if (!one) return;
    const expected = two ? await crossOf(one.id, two.id) : one;
    setValue('ears', expected.ears);
  }

  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
      <TextField label="Name" {...faulty(errors, 'name')} {...register('name')} />
      <Box>
        <BreedField
          label="Breed"
          hint="Its ears come with it"
          value={form.breeds[0]}
          onChange={(breed) => void chooseBreeds([breed ?? undefined, second])}
        />
        {!crossed && (
          <Button onClick={() => setCrossed(true)} sx={{ minHeight: 44 }}>
            It is a cross of two
          </Button>
        )}
      </Box>
      <WeightFields
        weights={form.weights}
        onRemove={(on) =>
          setValue(
            'weights',
            form.weights.filter((weighing) => weighing.on !== on),
          )
        }
      >
        <TextField
          fullWidth
          label={`Weight today, ${weightUnitWord(weightUnit)}`}
          type="number"
          slotProps={{ htmlInput: { step: '0.1', inputMode: 'decimal' } }}
          {...faulty(errors, 'weightToday', 'What the canal holds is estimated from it')}
          {...register('weightToday')}
        />
      </WeightFields>
      {crossed && (
        <BreedField
          label="Crossed with"
          hint="The trait that closes the ear more counts"
          value={form.breeds[1]}
          onChange={(breed) => void chooseBreeds([first, breed ?? undefined])}
        />
      )}
    </Box>
  );
}
