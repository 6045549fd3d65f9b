import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { FixedDaysFields } from './FixedDaysFields';
import { FormChoice } from '../form/FormChoice';
import {
  FACINGS,
  HAIR_SCHOOLS,
  HOURS,
  MEDICINE_SCHOOLS,
  MIXING_SCHOOLS,
  METHOD_SCHOOLS,
  SCHEDULING_SCHOOLS,
  SWAB_SCHOOLS,
  VOLUME_UNITS,
  WEIGHT_UNITS,
  WIPE_SCHOOLS,
} from './schools';
import { School } from './School';
import { useSaveSettings } from './useSaveSettings';
import { useHousehold, type Settings } from '../household/useMe';
import { LIMITS } from '../api/limits';

const ZONES = Intl.supportedValuesOf('timeZone');
const { min: FEWEST_DAYS, max: MOST_DAYS } = LIMITS.Settings.fixedDays;

/** How the household likes things, with what the schools say for and against themselves. */
export function SettingsPanel() {
  const household = useHousehold();
  const { control, register, handleSubmit, formState } = useForm<Settings>({
    values: household.settings,
  });
  const save = useSaveSettings();
  const [scheduling, method, swabs, wipes, hair, medicineWait, mixing] = useWatch({
    control,
    name: ['scheduling', 'method', 'swabs', 'wipes', 'hair', 'medicineWait', 'mixing'],
  });
  const disabled = household.role !== 'OWNER';
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="How you do things">
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        How you do things
      </Typography>
      <form
        noValidate
        onSubmit={(event) => void handleSubmit((settings) => save.mutate(settings))(event)}
      >
        <Stack
          component="fieldset"
          disabled={disabled}
          spacing={2.5}
          sx={{ border: 0, p: 0, m: 0 }}
        >
          {save.isError && <Alert severity="error">{save.error.message}</Alert>}
          <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
            <TextField
              label="Household"
              error={!!formState.errors.name}
              helperText={formState.errors.name?.message}
              {...register('name', {
                required: 'What is your household called?',
                maxLength: LIMITS.Settings.name.length,
              })}
            />
            <TextField
              select
              label="Time zone"
              slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
              {...register('zone')}
            >
              {[...new Set([household.settings.zone, ...ZONES])].map((zone) => (
                <option key={zone}>{zone}</option>
              ))}
            </TextField>
          </Stack>
          <FormChoice
            control={control}
            name="scheduling"
            label="When to clean"
            hint="A hold or a vet's word stands above every school."
            choices={SCHEDULING_SCHOOLS}
          />
          <School school={SCHEDULING_SCHOOLS.find((school) => school.value === scheduling)} />
          {scheduling === 'FIXED' && (
            <Controller
              control={control}
              name="namedDays"
              render={({ field }) => (
                <FixedDaysFields
                  value={field.value}
                  onChange={field.onChange}
                  interval={
                    <TextField
                      label="Every so many days"
                      type="number"
                      sx={{ maxWidth: 220 }}
                      error={!!formState.errors.fixedDays}
                      helperText={
                        formState.errors.fixedDays && `${FEWEST_DAYS} to ${MOST_DAYS} days, please.`
                      }
                      {...register('fixedDays', {
                        required: true,
                        min: FEWEST_DAYS,
                        max: MOST_DAYS,
                      })}
                    />
                  }
                />
              )}
            />
          )}
          <FormChoice
            control={control}
            name="method"
            label="How to clean"
            hint="What a look and a sniff find can only narrow it."
            choices={METHOD_SCHOOLS}
          />
          <School school={METHOD_SCHOOLS.find((school) => school.value === method)} />
          <TextField
            label="Massage, seconds"
            type="number"
            sx={{ maxWidth: 220 }}
            slotProps={{ htmlInput: LIMITS.Settings.massageSeconds, inputLabel: { shrink: true } }}
            error={!!formState.errors.massageSeconds}
            helperText={
              formState.errors.massageSeconds
                ? '15 to 60 seconds, please.'
                : 'Twice that, 60 at most, where the last load was heavy.'
            }
            {...register('massageSeconds', {
              valueAsNumber: true,
              required: true,
              ...LIMITS.Settings.massageSeconds,
            })}
          />
          {(
            [
              ['swabs', 'Swabs', 'Never down the canal, whatever you choose.', SWAB_SCHOOLS, swabs],
              ['wipes', 'What you wipe with', 'The nail is always covered.', WIPE_SCHOOLS, wipes],
              ['hair', 'Hair in the canal', 'Never in a red ear.', HAIR_SCHOOLS, hair],
              [
                'medicineWait',
                'Wait before a medicine',
                'Your vet’s word stands above it.',
                MEDICINE_SCHOOLS,
                medicineWait,
              ],
              [
                'mixing',
                'Cleaner',
                'A home mix is never for an ear that is not quiet.',
                MIXING_SCHOOLS,
                mixing,
              ],
            ] as const
          ).map(([name, label, hint, schools, value]) => (
            <Stack key={name} spacing={1}>
              <FormChoice
                control={control}
                name={name}
                label={label}
                hint={hint}
                choices={schools}
              />
              <School school={schools.find((school) => school.value === value)} />
              {name === 'hair' && hair !== 'LEAVE' && (
                <TextField
                  label="Every so many weeks"
                  type="number"
                  sx={{ maxWidth: 220 }}
                  slotProps={{ htmlInput: LIMITS.Settings.hairWeeks, inputLabel: { shrink: true } }}
                  error={!!formState.errors.hairWeeks}
                  helperText={formState.errors.hairWeeks && '1 to 52 weeks, please.'}
                  {...register('hairWeeks', {
                    valueAsNumber: true,
                    required: true,
                    ...LIMITS.Settings.hairWeeks,
                  })}
                />
              )}
            </Stack>
          ))}
          <FormChoice
            control={control}
            name="facing"
            label="Drawings are seen"
            hint="R and L are always the dog's own right and left."
            choices={FACINGS}
          />
          <Stack direction="row" sx={{ gap: 3, flexWrap: 'wrap' }}>
            <FormChoice
              control={control}
              name="volumeUnit"
              label="Volumes"
              hint="A teaspoon is 4.9 mL."
              choices={VOLUME_UNITS}
            />
            <FormChoice
              control={control}
              name="weightUnit"
              label="Weights"
              hint="Kept as kilograms."
              choices={WEIGHT_UNITS}
            />
            <FormChoice
              control={control}
              name="hours"
              label="Times"
              hint="As they are written."
              choices={HOURS}
            />
          </Stack>
          {disabled ? (
            <Typography color="textSecondary">Only an owner changes these.</Typography>
          ) : (
            <Button
              type="submit"
              variant="contained"
              loading={save.isPending}
              sx={{ alignSelf: 'flex-start', minWidth: 140 }}
            >
              Save
            </Button>
          )}
        </Stack>
      </form>
    </Paper>
  );
}
