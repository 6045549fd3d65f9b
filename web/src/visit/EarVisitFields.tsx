import Alert from '@mui/material/Alert';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { Controller, type Control, type FieldErrors, type UseFormRegister } from 'react-hook-form';
import { FormChoice } from '../form/FormChoice';
import { SwitchField } from '../form/SwitchField';
import { TickTiles } from '../form/TickTiles';
import { WORDS } from '../api/words';
import type { Schemas } from '../api/client';
import type { Day } from '../measure/days';
import { earName, letter, type Side } from '../measure/side';
import { OrderFields } from './OrderFields';
import type { EarVisitForm, VisitForm } from './visitForm';
import { DayField } from '../form/DayField';

const AMOUNTS = [
  { value: 'NONE', label: 'none' },
  { value: 'FEW', label: 'few' },
  { value: 'SOME', label: 'some' },
  { value: 'MANY', label: 'many' },
] as const;

const SEEN_BY_MICROSCOPE = [
  { field: 'yeast', label: 'Yeast' },
  { field: 'cocci', label: 'Round bacteria (cocci)' },
  { field: 'rods', label: 'Rods' },
] as const;

/** What a vet found and said of one ear. */
export function EarVisitFields({
  side,
  control,
  register,
  said,
  errors,
  day,
  held,
  under,
  drum,
  isCall,
}: {
  side: Side;
  control: Control<VisitForm>;
  register: UseFormRegister<VisitForm>;
  said: EarVisitForm;
  errors: FieldErrors<EarVisitForm> | undefined;
  day: Day;
  held: Schemas['Hold'] | undefined;
  /** Whether an order to clean is in force. */
  under: boolean;
  /** What is known of its eardrum so far. */
  drum: Schemas['EarPlan']['eardrum'];
  /** Whether the vet was asked on the telephone. */
  isCall: boolean;
}) {
  const ear = side === 'RIGHT' ? 'right' : 'left';
  return (
    <Stack spacing={2} component="section" aria-label={earName(side)}>
      <Typography variant="h3" component="h2">
        {letter(side)} · {earName(side)}
      </Typography>
      {!isCall && (
        <FormChoice
          control={control}
          name={`${ear}.eardrum`}
          label="Eardrum"
          hint="What was seen of it"
          choices={[
            { value: 'NOT_SEEN', label: 'not looked at' },
            { value: 'INTACT', label: 'intact' },
            { value: 'NOT_INTACT', label: 'not intact' },
          ]}
        />
      )}
      <FormChoice
        control={control}
        name={`${ear}.hold`}
        label="May it be cleaned again?"
        hint={
          held
            ? 'It is held. A yes opens it again; if nothing was said, it stays held.'
            : 'A hold means: no cleaning, no liquid, until a vet says otherwise.'
        }
        choices={[
          { value: 'NOTHING_SAID', label: 'nothing said' },
          { value: 'LIFTED', label: 'yes' },
          { value: 'SET', label: 'no, leave it alone' },
        ]}
      />
      {errors?.hold && <Alert severity="error">{errors.hold.message}</Alert>}
      <FormChoice
        control={control}
        name={`${ear}.instruction`}
        label="How to clean it"
        hint="The vet’s word overrides the plan from that day."
        choices={[
          { value: 'NOTHING_SAID', label: 'nothing said' },
          { value: 'CLEAN', label: 'clean it …' },
          { value: 'DO_NOT_CLEAN', label: 'leave it alone' },
        ]}
      />
      {said.instruction !== 'NOTHING_SAID' && (
        <OrderFields
          side={side}
          control={control}
          register={register}
          said={said}
          day={day}
          errors={errors}
          isClosed={held !== undefined}
          isTorn={
            said.eardrum === 'NOT_INTACT' || (said.eardrum === 'NOT_SEEN' && drum === 'NOT_INTACT')
          }
        />
      )}
      {under && said.instruction === 'NOTHING_SAID' && (
        <SwitchField
          control={control}
          name={`${ear}.goOn`}
          label="Told that it was worse, the vet said to go on as ordered"
        />
      )}
      {said.goOn && isCall && (
        <Controller
          control={control}
          name={`${ear}.named`}
          render={({ field }) => (
            <TickTiles
              label="What the vet was told of"
              choices={WORDS.Alarming}
              chosen={field.value}
              onChange={(chosen) => field.onChange([...chosen])}
            />
          )}
        />
      )}
      <SwitchField
        control={control}
        name={`${ear}.leftIn`}
        label="What is stuck, or a tick, was left in on purpose"
      />
      <DayField
        label="Medicine goes in until"
        size="small"
        error={!!errors?.medicineUntil}
        helperText={
          errors?.medicineUntil?.message ??
          'Until 3 days after it, what runs out is taken for the medicine.'
        }
        {...register(`${ear}.medicineUntil`)}
        sx={{ maxWidth: 320 }}
      />
      {!isCall && (
        <>
          <SwitchField control={control} name={`${ear}.cleaned`} label="The vet cleaned it" />
          <SwitchField control={control} name={`${ear}.smeared`} label="A smear was looked at" />
          {said.smeared &&
            SEEN_BY_MICROSCOPE.map(({ field, label }) => (
              <FormChoice
                key={field}
                control={control}
                name={`${ear}.${field}`}
                label={label}
                hint={`On the slide of the ${earName(side)}`}
                choices={AMOUNTS}
              />
            ))}
          <TextField
            label="Culture: what grew, or that it is to come"
            size="small"
            {...register(`${ear}.culture`)}
          />
        </>
      )}
      <TextField label="What was done" size="small" multiline {...register(`${ear}.done`)} />
    </Stack>
  );
}
