import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import FormHelperText from '@mui/material/FormHelperText';
import MenuItem from '@mui/material/MenuItem';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { Control, FieldErrors, UseFormRegister } from 'react-hook-form';
import { Controller } from 'react-hook-form';
import { METHODS } from '../cleaning/load';
import { FormChoice } from '../form/FormChoice';
import { SwitchField } from '../form/SwitchField';
import { dateWithYear, type Day } from '../measure/days';
import { earName, type Side } from '../measure/side';
import { WEEKDAYS } from '../measure/weekdays';
import { useStock } from '../stock/useStock';
import { lastDay, type EarVisitForm, type VisitForm } from './visitForm';
import { DayField } from '../form/DayField';
import { TornChoice } from './TornChoice';

const HOW_OFTEN = [
  { value: 'TIMES_A_DAY', label: '… times a day' },
  { value: 'EVERY_DAYS', label: 'every … days' },
  { value: 'TIMES_A_WEEK', label: '… times a week' },
  { value: 'WEEKDAYS', label: 'on weekdays' },
  { value: 'ONCE', label: 'once' },
] as const;

const NUMBER_LABELS: Partial<Record<EarVisitForm['howOften'], string>> = {
  TIMES_A_DAY: 'Times a day',
  EVERY_DAYS: 'Every … days',
  TIMES_A_WEEK: 'Times a week',
};

const ENDS = [
  { value: 'DAYS', label: 'for … days' },
  { value: 'DAY', label: 'until a day' },
  { value: 'NEXT_VISIT', label: 'until the next visit' },
  { value: 'OPEN', label: 'until said otherwise' },
] as const;

/** A vet's order for one ear: how often, how, with what, until when; or to leave it alone. */
export function OrderFields({
  side,
  control,
  register,
  said,
  day,
  errors,
  isClosed,
  isTorn,
}: {
  side: Side;
  control: Control<VisitForm>;
  register: UseFormRegister<VisitForm>;
  said: EarVisitForm;
  day: Day;
  errors: FieldErrors<EarVisitForm> | undefined;
  isClosed: boolean;
  /** Whether its eardrum is not intact. */
  isTorn: boolean;
}) {
  const stock = useStock();
  const bottles = [
    ...new Set(
      (stock.data?.kinds ?? []).flatMap(({ supplies }) =>
        supplies.map(({ supply }) => supply.name),
      ),
    ),
  ];
  const ear = side === 'RIGHT' ? 'right' : 'left';
  const cleans = said.instruction === 'CLEAN';
  const until = lastDay(said, day);
  const numberLabel = NUMBER_LABELS[said.howOften];
  return (
    <Stack spacing={1.5}>
      {cleans && (
        <>
          <FormChoice
            control={control}
            name={`${ear}.howOften`}
            label="How often"
            hint="Twice a day is at 8 and at 20."
            choices={HOW_OFTEN}
          />
          <Stack direction="row" sx={{ gap: 1.5 }}>
            {numberLabel && (
              <TextField
                label={numberLabel}
                type="number"
                size="small"
                error={!!errors?.number}
                helperText={errors?.number?.message}
                {...register(`${ear}.number`)}
                sx={{ maxWidth: 200 }}
              />
            )}
            {said.howOften === 'TIMES_A_WEEK' && (
              <TextField
                label="Up to"
                type="number"
                size="small"
                error={!!errors?.atMost}
                helperText={errors?.atMost?.message ?? 'Leave empty if it was one number.'}
                {...register(`${ear}.atMost`)}
                sx={{ maxWidth: 260 }}
              />
            )}
          </Stack>
          {said.howOften === 'WEEKDAYS' && (
            <Controller
              control={control}
              name={`${ear}.weekdays`}
              render={({ field }) => (
                <Box>
                  <ToggleButtonGroup
                    aria-label={`On which days of the week, ${earName(side)}`}
                    value={field.value}
                    onChange={(_, chosen: EarVisitForm['weekdays']) => field.onChange(chosen)}
                    sx={{ flexWrap: 'wrap' }}
                  >
                    {WEEKDAYS.map(({ value, label, long }) => (
                      <ToggleButton key={value} value={value} aria-label={long}>
                        {label}
                      </ToggleButton>
                    ))}
                  </ToggleButtonGroup>
                  {errors?.weekdays && (
                    <FormHelperText error>{errors.weekdays.message}</FormHelperText>
                  )}
                </Box>
              )}
            />
          )}
          <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { sm: '1fr 1fr' } }}>
            <Controller
              control={control}
              name={`${ear}.method`}
              render={({ field }) => (
                <TextField select label="How" size="small" {...field}>
                  <MenuItem value="NOT_SAID">not said</MenuItem>
                  {METHODS.map((method) => (
                    <MenuItem key={method.value} value={method.value}>
                      {method.label}
                    </MenuItem>
                  ))}
                </TextField>
              )}
            />
            <TextField
              label="With what"
              size="small"
              helperText="Called as in your stock, it is known at the bench and in a session."
              slotProps={{ htmlInput: { list: `${ear}-bottles` } }}
              {...register(`${ear}.product`)}
            />
            <datalist id={`${ear}-bottles`}>
              {bottles.map((name) => (
                <option key={name} value={name} />
              ))}
            </datalist>
          </Box>
          <TextField
            label="Rounds"
            type="number"
            size="small"
            error={!!errors?.rounds}
            helperText={errors?.rounds?.message ?? 'Leave empty: until a wipe comes away clean.'}
            {...register(`${ear}.rounds`)}
            sx={{ maxWidth: 300 }}
          />
        </>
      )}
      <FormChoice
        control={control}
        name={`${ear}.end`}
        label="Until when"
        hint={until ? `Its last day is ${dateWithYear(until)}.` : 'It has no last day.'}
        choices={ENDS}
      />
      {said.end === 'DAYS' && (
        <TextField
          label="For … days"
          type="number"
          size="small"
          error={!!errors?.forDays}
          helperText={errors?.forDays?.message ?? 'The day of the visit is the first.'}
          {...register(`${ear}.forDays`)}
          sx={{ maxWidth: 260 }}
        />
      )}
      {said.end === 'DAY' && (
        <DayField
          label="Last day"
          size="small"
          error={!!errors?.until}
          helperText={errors?.until?.message}
          {...register(`${ear}.until`)}
          sx={{ maxWidth: 260 }}
        />
      )}
      {cleans && (
        <>
          {isTorn ? (
            <TornChoice ear={ear} control={control} />
          ) : (
            <SwitchField
              control={control}
              name={`${ear}.allTheSame`}
              label="On a held ear, or with a torn eardrum, all the same"
            />
          )}
          {isClosed && said.hold === 'NOTHING_SAID' && (
            <Alert severity="info">
              This order opens the {earName(side)} again: the hold that is on it ends with the
              visit.
            </Alert>
          )}
        </>
      )}
    </Stack>
  );
}
