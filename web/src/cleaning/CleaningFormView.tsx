import { zodResolver } from '@hookform/resolvers/zod';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { Link as RouterLink } from 'react-router';
import type { Schemas } from '../api/client';
import { useSettings } from '../household/useMe';
import { useInsideTab } from '../view/useDogTab';
import { DayAndNote } from '../form/DayAndNote';
import { FormChoice } from '../form/FormChoice';
import type { DogInFull } from '../view/useDog';
import { useSaveFact } from '../fact/useFact';
import { count, daysBetween, type Day } from '../measure/days';
import { sidesAsSeen } from '../measure/facing';
import { earName, letter, ofSide, SIDES, type Side } from '../measure/side';
import { aboutVolume, earUnit, type VolumeUnit } from '../measure/units';
import {
  cleaningFormSchema,
  FIELDS_OF_SIDE,
  requestOf,
  type CleaningForm,
  type CleaningRequest,
} from './cleaningForm';
import { WORDS } from '../api/words';
import { METHODS } from './load';
import { NoticedFields } from './NoticedFields';
import { LoadPicker } from './LoadPicker';
import { useGoOn } from '../ui/useGoOn';

const HANDLED_CHOICES = [{ value: '', label: 'not said' }, ...WORDS.Handled];

/** Sooner than this after the last one, a cleaning irritates more than it helps. */
const TOO_SOON_DAYS = 5;

/** How many days before that day an ear was last cleaned, where that is too soon. */
function tooSoon(dog: DogInFull, day: Day): number | undefined {
  const since = SIDES.flatMap((side) => {
    const last = ofSide(dog.plan.ears, side).lastCleaned;
    return last ? daysBetween(last, day) : [];
  });
  const least = Math.min(...since);
  return least >= 0 && least < TOO_SOON_DAYS ? least : undefined;
}

type Canals = Schemas['InsideTab']['canals'];

/** What this ear's canal is thought to hold, beside the field for what was poured. */
function holds(canals: Canals, side: Side, unit: VolumeUnit): string {
  const canal = canals && ofSide(canals, side);
  return canal ? `holds ${aboutVolume(canal.volume, unit)}` : 'leave empty if not measured';
}

/** Why nothing, or no liquid, may go into an ear: said where it would be done. */
function ClosedEar({ side, ear }: { side: Side; ear: DogInFull['plan']['ears']['right'] }) {
  if (ear.hold) {
    return (
      <Alert severity="error" sx={{ mb: 1.5 }}>
        The {earName(side)} is held: do not clean it. {ear.hold.reasons[0]?.sentence} If it was
        cleaned all the same, record it.
      </Alert>
    );
  }
  if (ear.rhythm.reasons[0]?.rule === 'PLAN_VET') {
    return (
      <Alert severity={ear.rhythm.routine ? 'info' : 'error'} sx={{ mb: 1.5 }}>
        {ear.rhythm.reasons[0].sentence}
      </Alert>
    );
  }
  if (ear.mayGoIn === 'WIPE') {
    return (
      <Alert severity="warning" sx={{ mb: 1.5 }}>
        Wipe only what you can see of the {earName(side)}: pour nothing in.
      </Alert>
    );
  }
  return null;
}

/** What was done to each ear and what came out; a new cleaning, or one that is corrected. */
export function CleaningFormView({
  dog,
  cleaningId,
  begun,
  corrected,
}: {
  dog: DogInFull;
  cleaningId: string;
  begun: CleaningForm;
  corrected?: { version: number; said: CleaningRequest };
}) {
  const { profile, id: dogId } = dog.dog;
  const settings = useSettings();
  const canals = useInsideTab(dogId).data?.canals;
  const goOn = useGoOn();
  const unit = earUnit(settings.volumeUnit);
  const schema = useMemo(
    () => cleaningFormSchema(dog.plan.today, profile.bornOn, unit),
    [dog.plan.today, profile.bornOn, unit],
  );
  const { control, register, handleSubmit, formState } = useForm<CleaningForm>({
    defaultValues: begun,
    resolver: zodResolver(schema),
  });
  const back = corrected ? `/dogs/${dogId}/cleanings/${cleaningId}` : `/dogs/${dogId}`;
  const save = useSaveFact('cleanings', cleaningId, corrected?.version, () =>
    goOn(corrected ? back : `${back}?saved`),
  );
  const [day, method] = useWatch({ control, name: ['day', 'method'] });
  const since = corrected ? undefined : tooSoon(dog, day);

  return (
    <form
      noValidate
      onSubmit={(event) =>
        void handleSubmit((form) =>
          save.mutate(
            requestOf(form, { dogId, zone: dog.zone, now: new Date(), unit }, corrected?.said),
          ),
        )(event)
      }
    >
      <Stack spacing={2.5} sx={{ maxWidth: 980 }}>
        <Alert severity="warning">
          Red, swollen, sore or painful, a sweet or foul smell, anything but tan or brown wax: pour
          nothing into that ear, and call your vet.
        </Alert>
        {since !== undefined && (
          <Alert severity="info">
            {since === 0
              ? 'An ear was cleaned on that day already.'
              : `The last cleaning is only ${count(since, 'day')} back.`}{' '}
            Too often irritates the skin and brings more wax. If you cleaned, record it: the next
            date counts from it.
          </Alert>
        )}
        {save.isError && <Alert severity="error">{save.error.message}</Alert>}
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
          {sidesAsSeen(settings.facing).map((side) => (
            <Paper key={side} variant="outlined" sx={{ p: 2 }}>
              <ClosedEar side={side} ear={ofSide(dog.plan.ears, side)} />
              <Controller
                control={control}
                name={FIELDS_OF_SIDE[side].load}
                render={({ field }) => (
                  <LoadPicker
                    label={`${letter(side)} · ${earName(side)}`}
                    value={field.value}
                    onChange={field.onChange}
                  />
                )}
              />
              {method !== 'WIPE' && (
                <Stack direction="row" spacing={1.5} sx={{ mt: 2 }}>
                  <TextField
                    label={`Poured in all, ${unit}`}
                    type="number"
                    size="small"
                    slotProps={{ htmlInput: { step: 'any', inputMode: 'decimal' } }}
                    error={!!formState.errors[FIELDS_OF_SIDE[side].poured]}
                    helperText={
                      formState.errors[FIELDS_OF_SIDE[side].poured]?.message ??
                      holds(canals, side, settings.volumeUnit)
                    }
                    {...register(FIELDS_OF_SIDE[side].poured)}
                  />
                  <TextField
                    label="Fills"
                    type="number"
                    size="small"
                    sx={{ maxWidth: 110 }}
                    slotProps={{ htmlInput: { inputMode: 'numeric' } }}
                    error={!!formState.errors[FIELDS_OF_SIDE[side].fills]}
                    helperText={formState.errors[FIELDS_OF_SIDE[side].fills]?.message}
                    {...register(FIELDS_OF_SIDE[side].fills)}
                  />
                </Stack>
              )}
              <NoticedFields
                side={side}
                ordered={!!ofSide(dog.plan.ears, side).order?.instruction.howOften}
                control={control}
                register={register}
                errors={formState.errors}
              />
            </Paper>
          ))}
        </Box>
        {formState.errors.right && (
          <Typography color="error" role="alert">
            {formState.errors.right.message}
          </Typography>
        )}
        <FormChoice
          control={control}
          name="method"
          label="How"
          hint={METHODS.find((one) => one.value === method)?.sentence ?? ''}
          choices={METHODS}
        />
        <FormChoice
          control={control}
          name="handled"
          label="How it took it"
          hint="That it hurt is said of the ear: pain is no bad temper."
          choices={HANDLED_CHOICES}
        />
        <DayAndNote
          day={register('day')}
          note={register('note')}
          latest={dog.plan.today}
          errors={formState.errors}
        />
        <Stack direction="row" spacing={1}>
          <Button type="submit" variant="contained" size="large" loading={save.isPending}>
            Save
          </Button>
          <Button component={RouterLink} to={back} size="large">
            Cancel
          </Button>
        </Stack>
      </Stack>
    </form>
  );
}
