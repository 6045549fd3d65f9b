import Alert from '@mui/material/Alert';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  useWatch,
  type Control,
  type FieldErrors,
  type UseFormRegister,
  type UseFormSetValue,
} from 'react-hook-form';
import {
  HAIR_SCHOOLS,
  MEDICINE_SCHOOLS,
  METHOD_SCHOOLS,
  SCHEDULING_SCHOOLS,
  SWAB_SCHOOLS,
  WIPE_SCHOOLS,
} from '../account/schools';
import { School } from '../account/School';
import { useSettings } from '../household/useMe';
import { RUNGS } from '../cleaning/rungs';
import { ChoiceField } from '../form/ChoiceField';
import { WORDS } from '../api/words';
import { FormChoice } from '../form/FormChoice';
import { SwitchField } from '../form/SwitchField';
import { dateWithYear, type Day } from '../measure/days';
import type { DogForm } from './dogForm';

/** A way of the household's first, then the others; nothing of its own is one of them. */
function own<V extends string>(schools: readonly { value: V; label: string }[], common: string) {
  const named = (school: { label: string }) => school.label.replace(' (default)', '');
  const usual = schools.find((school) => school.value === common);
  return [
    { value: '' as const, label: `as the others${usual ? `: ${named(usual)}` : ''}` },
    ...schools
      .filter((school) => school.value !== common)
      .map((school) => ({ value: school.value, label: named(school) })),
  ];
}

/** How the dog takes being handled, and what is done differently with it. */
export function HandlingFields({
  control,
  setValue,
  register,
  errors,
  today,
}: {
  control: Control<DogForm>;
  setValue: UseFormSetValue<DogForm>;
  register: UseFormRegister<DogForm>;
  errors: FieldErrors<DogForm>;
  today: Day;
}) {
  const settings = useSettings();
  const [rung, rungOn, bites, method, swabs, wipes, hair, medicineWait, scheduling] = useWatch({
    control,
    name: [
      'rung',
      'rungOn',
      'bites',
      'method',
      'swabs',
      'wipes',
      'hair',
      'medicineWait',
      'scheduling',
    ],
  });
  return (
    <Stack spacing={2.5}>
      <Typography variant="h2">Handling</Typography>
      <ChoiceField
        label="It stays calm at"
        hint={
          rungOn === ''
            ? 'The trust ladder starts here: below 5 it practises, at 5 it is wiped, at 6 cleaned.'
            : `As said on ${dateWithYear(rungOn)}; practices since then have moved it. Choose only to begin anew.`
        }
        choices={RUNGS}
        value={rung}
        onChange={(value) => {
          setValue('rung', value, { shouldDirty: true });
          setValue('rungOn', today);
        }}
      />
      <SwitchField control={control} name="bites" label="It bites when its ears are handled" />
      <SwitchField control={control} name="needsTwo" label="It takes two people" />
      <FormChoice
        control={control}
        name="held"
        label="How it is held"
        hint="As the session shows it."
        choices={[{ value: '', label: 'by its size' }, ...WORDS.HoldWay]}
      />
      {bites && (
        <Alert severity="warning">
          Muzzle on and a helper, or leave it to a vet or groomer. Never force it.
        </Alert>
      )}
      <FormChoice
        control={control}
        name="scheduling"
        label="When this dog is cleaned"
        hint="A hold or the vet’s word stands above every school."
        choices={own(SCHEDULING_SCHOOLS, settings.scheduling)}
      />
      <School
        school={SCHEDULING_SCHOOLS.find((one) => one.value === (scheduling || settings.scheduling))}
      />
      {(scheduling || settings.scheduling) === 'FIXED' && (
        <TextField
          label="Every so many days"
          type="number"
          placeholder={String(settings.fixedDays)}
          sx={{ maxWidth: 220 }}
          error={!!errors.fixedDays}
          helperText={errors.fixedDays?.message ?? 'Empty: as the others.'}
          {...register('fixedDays')}
        />
      )}
      <FormChoice
        control={control}
        name="method"
        label="How this dog is cleaned"
        hint="A check, an eardrum or the vet’s word can only narrow it."
        choices={own(METHOD_SCHOOLS, settings.method)}
      />
      <School school={METHOD_SCHOOLS.find((one) => one.value === (method || settings.method))} />
      <FormChoice
        control={control}
        name="swabs"
        label="Swabs"
        hint="Never down the canal."
        choices={own(SWAB_SCHOOLS, settings.swabs)}
      />
      <School school={SWAB_SCHOOLS.find((one) => one.value === (swabs || settings.swabs))} />
      <FormChoice
        control={control}
        name="wipes"
        label="What it is wiped with"
        hint="The nail is always covered."
        choices={own(WIPE_SCHOOLS, settings.wipes)}
      />
      <School school={WIPE_SCHOOLS.find((one) => one.value === (wipes || settings.wipes))} />
      <FormChoice
        control={control}
        name="hair"
        label="Its canal hair"
        hint="Never in a red ear."
        choices={own(HAIR_SCHOOLS, settings.hair)}
      />
      <School school={HAIR_SCHOOLS.find((one) => one.value === (hair || settings.hair))} />
      <FormChoice
        control={control}
        name="medicineWait"
        label="Wait before a medicine"
        hint="Your vet’s word stands above it."
        choices={own(MEDICINE_SCHOOLS, settings.medicineWait)}
      />
      <School
        school={MEDICINE_SCHOOLS.find(
          (one) => one.value === (medicineWait || settings.medicineWait),
        )}
      />
    </Stack>
  );
}
