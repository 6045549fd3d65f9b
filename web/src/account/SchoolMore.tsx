import TextField from '@mui/material/TextField';
import { Controller } from 'react-hook-form';
import { LIMITS } from '../api/limits';
import { canBeSmallFill } from './smallFill';
import { SmallFillField } from './SmallFillField';
import { FixedDaysFields } from './FixedDaysFields';
import type { SettingParts } from './settingLines';

const { min: FEWEST_DAYS, max: MOST_DAYS } = LIMITS.Settings.fixedDays;

/** What has to be said besides, where a school asks for it. */
export function SchoolMore({
  name,
  form,
  control,
  register,
  errors,
}: SettingParts & { name: string }) {
  if (name === 'scheduling' && form.scheduling === 'FIXED') {
    return (
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
                error={!!errors.fixedDays}
                helperText={errors.fixedDays && `${FEWEST_DAYS} to ${MOST_DAYS} days, please.`}
                {...register('fixedDays', { required: true, min: FEWEST_DAYS, max: MOST_DAYS })}
              />
            }
          />
        )}
      />
    );
  }
  if (name === 'method' && form.method === 'FILL') {
    return (
      <Controller
        control={control}
        name="smallFill"
        rules={{ validate: (typed) => typed === undefined || canBeSmallFill(typed) }}
        render={({ field }) => (
          <SmallFillField value={field.value} unit={form.volumeUnit} onChange={field.onChange} />
        )}
      />
    );
  }
  if (name === 'hair' && form.hair !== 'LEAVE') {
    return (
      <TextField
        label="Every so many weeks"
        type="number"
        sx={{ maxWidth: 220 }}
        slotProps={{ htmlInput: LIMITS.Settings.hairWeeks, inputLabel: { shrink: true } }}
        error={!!errors.hairWeeks}
        helperText={errors.hairWeeks && '1 to 52 weeks, please.'}
        {...register('hairWeeks', {
          valueAsNumber: true,
          required: true,
          ...LIMITS.Settings.hairWeeks,
        })}
      />
    );
  }
  return null;
}
