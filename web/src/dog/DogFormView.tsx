import { zodResolver } from '@hookform/resolvers/zod';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Stack from '@mui/material/Stack';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useEffect, useMemo } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { Problem } from '../api/problem';
import {
  ALLERGIES,
  CANAL_HAIRS,
  CARRIAGES,
  CLIMATES,
  FEATHERINGS,
  GROUNDS,
  INFECTIONS,
  WATERS,
} from '../ear/traits';
import type { Day } from '../measure/days';
import { BreedField } from './BreedField';
import type { Breed } from './breeds';
import { ChoiceField } from './ChoiceField';
import { dogFormSchema, isFormField, type DogForm } from './dogForm';
import { IntervalPreview } from './IntervalPreview';

/** The form for a dog; it keeps what was typed until it has been saved. */
export function DogFormView({
  start,
  today,
  save,
  saving,
  problem,
}: {
  start: DogForm;
  today: Day;
  save: (form: DogForm) => void;
  saving: boolean;
  problem: Error | null;
}) {
  const schema = useMemo(() => dogFormSchema(today), [today]);
  const { register, control, handleSubmit, setValue, setError, formState } = useForm<DogForm>({
    defaultValues: start,
    resolver: zodResolver(schema),
  });
  const form = useWatch({ control }) as DogForm;

  useEffect(() => {
    if (!(problem instanceof Problem)) return;
    for (const { field, message } of problem.fields) {
      if (isFormField(field)) setError(field, { message });
    }
  }, [problem, setError]);

  function chooseBreed(breed: Breed | null) {
    setValue('breeds', breed ? [breed.id] : []);
    if (breed) setValue('ears', breed.ears);
  }

  const text = (field: 'name' | 'bornOn' | 'weight') => ({
    error: !!formState.errors[field],
    helperText: formState.errors[field]?.message,
  });

  return (
    <form noValidate onSubmit={(event) => void handleSubmit(save)(event)}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: '1fr 400px' },
          gap: 4,
          alignItems: 'start',
        }}
      >
        <Stack spacing={2.5}>
          {problem && <Alert severity="error">{problem.message}</Alert>}
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
            <TextField label="Name" {...text('name')} {...register('name')} />
            <BreedField value={form.breeds[0]} onChange={chooseBreed} />
            <TextField
              label="Born on"
              type="date"
              slotProps={{ inputLabel: { shrink: true }, htmlInput: { max: today } }}
              {...text('bornOn')}
              helperText={formState.errors.bornOn?.message ?? 'Leave empty if not known'}
              {...register('bornOn')}
            />
            <TextField
              label="Weight, kg"
              type="number"
              slotProps={{ htmlInput: { step: '0.1', inputMode: 'decimal' } }}
              {...text('weight')}
              helperText={formState.errors.weight?.message ?? 'Leave empty if not known'}
              {...register('weight')}
            />
          </Box>
          <Typography variant="h2">The ears</Typography>
          <Controller
            control={control}
            name="ears.carriage"
            render={({ field }) => (
              <ChoiceField
                label="The flap"
                hint="The more it closes the canal, the faster wax and damp gather."
                choices={CARRIAGES}
                value={field.value}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="ears.cropped"
            render={({ field }) => (
              <FormControlLabel
                control={
                  <Switch
                    checked={field.value}
                    onChange={(_, checked) => field.onChange(checked)}
                  />
                }
                label="Cropped: aired like an ear that stands up"
              />
            )}
          />
          <Controller
            control={control}
            name="ears.canalHair"
            render={({ field }) => (
              <ChoiceField
                label="Hair in the canal"
                hint="Lift the flap and look in: hair holds wax and water."
                choices={CANAL_HAIRS}
                value={field.value}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="ears.feathering"
            render={({ field }) => (
              <ChoiceField
                label="Feathering of the flap"
                hint="Heavy feathering weighs the flap down over the canal."
                choices={FEATHERINGS}
                value={field.value}
                onChange={field.onChange}
              />
            )}
          />
          <Typography variant="h2">Its life</Typography>
          <Controller
            control={control}
            name="life.water"
            render={({ field }) => (
              <ChoiceField
                label="Water in the ears"
                hint="Swims and baths; a wet canal lets yeast and bacteria grow."
                choices={WATERS}
                value={field.value}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="life.ground"
            render={({ field }) => (
              <ChoiceField
                label="Ground and dust"
                hint="Dust and seed heads end up in the ear."
                choices={GROUNDS}
                value={field.value}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="life.climate"
            render={({ field }) => (
              <ChoiceField
                label="Climate"
                hint="How fast does wet laundry dry where you live?"
                choices={CLIMATES}
                value={field.value}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="life.allergy"
            render={({ field }) => (
              <ChoiceField
                label="Allergy"
                hint="What the vet said; inflamed skin makes more wax."
                choices={ALLERGIES}
                value={field.value}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="life.infections"
            render={({ field }) => (
              <ChoiceField
                label="Ear infections in the last 12 months"
                hint="Trouble that was there comes back."
                choices={INFECTIONS}
                value={field.value}
                onChange={field.onChange}
              />
            )}
          />
          <Button
            type="submit"
            variant="contained"
            size="large"
            loading={saving}
            sx={{ alignSelf: 'flex-start', minWidth: 160 }}
          >
            Save
          </Button>
        </Stack>
        <IntervalPreview form={form} />
      </Box>
    </form>
  );
}
