import { zodResolver } from '@hookform/resolvers/zod';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useEffect, useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { WORDS } from '../api/words';
import { useSettings } from '../household/useMe';
import { Problem } from '../api/problem';
import { EARDRUMS, INFECTED_EARS } from '../ear/traits';
import type { Day } from '../measure/days';
import { weightUnitWord } from '../measure/units';
import { BreedField } from './BreedField';
import { crossOf, useBreeds, type Breed } from './breeds';
import { FormChoice } from '../form/FormChoice';
import { dogFormSchema, formField, type DogForm } from './dogForm';
import { HandlingFields } from './HandlingFields';
import { IntervalPreview } from './IntervalPreview';
import { SwitchField } from '../form/SwitchField';
import { WeightFields } from './WeightFields';

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
  const { weightUnit } = useSettings();
  const schema = useMemo(() => dogFormSchema(today, weightUnit), [today, weightUnit]);
  const { register, control, handleSubmit, setValue, setError, formState } = useForm<DogForm>({
    defaultValues: start,
    resolver: zodResolver(schema),
  });
  const form = useWatch({ control }) as DogForm;

  useEffect(() => {
    if (!(problem instanceof Problem)) return;
    for (const { field, message } of problem.fields) {
      const named = formField(field);
      if (named) setError(named, { message });
    }
  }, [problem, setError]);

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

  const catalogue = useBreeds().data ?? [];
  const [first, second] = form.breeds.map((id) => catalogue.find((breed) => breed.id === id));

  const text = (
    field: 'name' | 'bornOn' | 'weightToday' | 'eardrumOn' | 'infectedIn' | 'litterUntil',
  ) => ({
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
            <Box>
              <TextField
                label="Born on"
                type="date"
                slotProps={{ inputLabel: { shrink: true }, htmlInput: { max: today } }}
                {...text('bornOn')}
                helperText={formState.errors.bornOn?.message ?? 'Leave empty if not known'}
                {...register('bornOn')}
              />
              <SwitchField control={control} name="ageEstimated" label="This is a guess" />
            </Box>
            <BreedField
              label="Breed"
              hint="Fills in the ears below; correct them for your dog"
              value={form.breeds[0]}
              onChange={(breed) => void chooseBreeds([breed ?? undefined, second])}
            />
            <BreedField
              label="Crossed with"
              hint="For a cross: the trait that closes the ear more counts"
              value={form.breeds[1]}
              onChange={(breed) => void chooseBreeds([first, breed ?? undefined])}
            />
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
                label={`Weight today, ${weightUnitWord(weightUnit)}`}
                type="number"
                slotProps={{ htmlInput: { step: '0.1', inputMode: 'decimal' } }}
                {...text('weightToday')}
                helperText={
                  formState.errors.weightToday?.message ??
                  'What the canal holds is estimated from it'
                }
                {...register('weightToday')}
              />
            </WeightFields>
          </Box>
          <Typography variant="h2">The ears</Typography>
          <FormChoice
            control={control}
            name="ears.carriage"
            label="The flap"
            hint="The more it closes the canal, the faster wax and damp gather."
            choices={WORDS.Carriage}
          />
          <SwitchField
            control={control}
            name="ears.cropped"
            label="Cropped: aired like an ear that stands up"
          />
          <FormChoice
            control={control}
            name="ears.canalHair"
            label="Hair in the canal"
            hint="Lift the flap and look in: hair holds wax and water."
            choices={WORDS.CanalHair}
          />
          <FormChoice
            control={control}
            name="ears.feathering"
            label="Feathering of the flap"
            hint="Heavy feathering weighs the flap down over the canal."
            choices={WORDS.Feathering}
          />
          <Typography variant="h2">Its life</Typography>
          <FormChoice
            control={control}
            name="life.water"
            label="Water in the ears"
            hint="Swims and baths; a wet canal lets yeast and bacteria grow."
            choices={WORDS.WaterHabit}
          />
          <FormChoice
            control={control}
            name="life.ground"
            label="Ground and dust"
            hint="Dust and seed heads end up in the ear."
            choices={WORDS.Ground}
          />
          <FormChoice
            control={control}
            name="life.climate"
            label="Climate"
            hint="How fast does wet laundry dry where you live?"
            choices={WORDS.Climate}
          />
          <FormChoice
            control={control}
            name="life.allergy"
            label="Allergy"
            hint="What the vet said; inflamed skin makes more wax."
            choices={WORDS.Allergy}
          />
          <FormChoice
            control={control}
            name="life.infections"
            label="Ear infections in the last 12 months"
            hint="Trouble that was there comes back."
            choices={WORDS.InfectionHistory}
          />
          {form.life.infections !== 'NONE' && (
            <>
              <TextField
                label="Month of the last one"
                type="month"
                slotProps={{
                  inputLabel: { shrink: true },
                  htmlInput: { max: today.slice(0, 7), placeholder: '2026-05' },
                }}
                sx={{ maxWidth: 260 }}
                {...text('infectedIn')}
                {...register('infectedIn')}
              />
              <FormChoice
                control={control}
                name="infectedEar"
                label="In which ear"
                hint="For a year after it that ear is only wiped, unless a vet saw its eardrum whole."
                choices={INFECTED_EARS}
              />
            </>
          )}
          <Typography variant="h2">Good to know</Typography>
          <FormChoice
            control={control}
            name="eardrum"
            label="Eardrums"
            hint="What a vet saw. Where they are not whole, no liquid goes in."
            choices={EARDRUMS}
          />
          {form.eardrum !== 'NEVER_EXAMINED' && (
            <TextField
              label="Seen on"
              type="date"
              slotProps={{ inputLabel: { shrink: true }, htmlInput: { max: today } }}
              sx={{ maxWidth: 260 }}
              {...text('eardrumOn')}
              {...register('eardrumOn')}
            />
          )}
          <SwitchField
            control={control}
            name="waterSensitive"
            label="Ear trouble follows water: watch the ears for two weeks after it"
          />
          <SwitchField
            control={control}
            name="lightCoat"
            label="A light coat: dyes and brown wax stain it"
          />
          <Stack direction={{ xs: 'column', sm: 'row' }} spacing={2}>
            <TextField
              label="Pregnant or nursing from"
              type="date"
              slotProps={{ inputLabel: { shrink: true } }}
              helperText="Some cleaners may harm a litter."
              {...register('litterFrom')}
            />
            <TextField
              label="Until"
              type="date"
              slotProps={{ inputLabel: { shrink: true } }}
              {...text('litterUntil')}
              {...register('litterUntil')}
            />
          </Stack>
          <TextField
            label="Reactions"
            multiline
            helperText="What stung, or left the ear redder the next day"
            {...register('reactions')}
          />
          <TextField
            label="Normal for this dog"
            multiline
            helperText="So that everybody can tell a change: a little wax, a pink rim, a smell of nuts"
            {...register('normal')}
          />
          <HandlingFields
            control={control}
            setValue={setValue}
            register={register}
            errors={formState.errors}
            today={today}
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
