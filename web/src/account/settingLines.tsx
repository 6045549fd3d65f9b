import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import type { Control, FieldErrors, UseFormRegister } from 'react-hook-form';
import { LIMITS } from '../api/limits';
import { labelOf } from '../form/choice';
import { FormChoice } from '../form/FormChoice';
import type { Settings } from '../household/useMe';
import {
  FACINGS,
  HAIR_SCHOOLS,
  DAY_ORDERS,
  HOURS,
  MEDICINE_SCHOOLS,
  METHOD_SCHOOLS,
  MIXING_SCHOOLS,
  SCHEDULING_SCHOOLS,
  SWAB_SCHOOLS,
  VOLUME_UNITS,
  WEIGHT_UNITS,
  WIPE_SCHOOLS,
} from './schools';
import { SchoolMore } from './SchoolMore';
import { Schools } from './Schools';

const USUAL_MASSAGE_SECONDS = 30;

/** What each line works with. */
export interface SettingParts {
  form: Settings;
  control: Control<Settings>;
  register: UseFormRegister<Settings>;
  errors: FieldErrors<Settings>;
}

/** One thing on which households differ. */
export interface SettingLine {
  name: string;
  label: string;
  value: string;
  differs: boolean;
  invalid: boolean;
  content: ReactNode;
}

const SCHOOLS = [
  {
    name: 'scheduling',
    label: 'When to clean',
    hint: "A hold or a vet's word stands above every school.",
    schools: SCHEDULING_SCHOOLS,
  },
  {
    name: 'method',
    label: 'How to clean',
    hint: 'What a look and a sniff find can only narrow it.',
    schools: METHOD_SCHOOLS,
  },
  {
    name: 'swabs',
    label: 'Swabs',
    hint: 'Never down the canal, whatever you choose.',
    schools: SWAB_SCHOOLS,
  },
  {
    name: 'wipes',
    label: 'What you wipe with',
    hint: 'The nail is always covered.',
    schools: WIPE_SCHOOLS,
  },
  {
    name: 'hair',
    label: 'Hair in the canal',
    hint: 'Never in a red ear.',
    schools: HAIR_SCHOOLS,
  },
  {
    name: 'medicineWait',
    label: 'Wait before a medicine',
    hint: 'Your vet’s word stands above it.',
    schools: MEDICINE_SCHOOLS,
  },
  {
    name: 'mixing',
    label: 'Cleaner',
    hint: 'A home mix is never for an ear that is not quiet.',
    schools: MIXING_SCHOOLS,
  },
] as const;

/** The names of the lines in which settings are not as usual: the first school of each is. */
export function unusual(settings: Settings): ReadonlySet<string> {
  const { massageSeconds = USUAL_MASSAGE_SECONDS, volumeUnit, weightUnit, hours } = settings;
  const isShownAsUsual =
    volumeUnit === 'ML' &&
    weightUnit === 'KG' &&
    hours === 'H24' &&
    settings.dayOrder !== 'MONTH_FIRST' &&
    settings.facing === 'FRONT';
  return new Set([
    ...SCHOOLS.filter(
      ({ name, schools: [usual] }) => (settings[name] ?? usual?.value) !== usual?.value,
    ).map(({ name }) => name),
    ...(settings.smallFill === undefined ? [] : ['method']),
    ...(massageSeconds === USUAL_MASSAGE_SECONDS ? [] : ['massage']),
    ...(isShownAsUsual ? [] : ['shown']),
  ]);
}

/** Every choice of a household in a line. */
export function settingLines(parts: SettingParts): SettingLine[] {
  const differing = unusual(parts.form);
  return [
    ...SCHOOLS.map((one) => schoolLine(one, parts)),
    massageLine(parts),
    shownLine(parts),
  ].map((line) => ({ ...line, differs: differing.has(line.name) }));
}

type Line = Omit<SettingLine, 'differs'>;

function schoolLine(
  { name, label, hint, schools }: (typeof SCHOOLS)[number],
  parts: SettingParts,
): Line {
  const { form, control, errors } = parts;
  const usual = schools[0]?.value ?? '';
  const chosen = form[name] ?? usual;
  return {
    name,
    label,
    value: labelOf<string>(schools, chosen).replace(' (default)', ''),
    invalid:
      (name === 'method' && !!errors.smallFill) ||
      (name === 'scheduling' && !!errors.fixedDays) ||
      (name === 'hair' && !!errors.hairWeeks),
    content: (
      <>
        <FormChoice control={control} name={name} label={label} hint={hint} choices={schools} />
        <SchoolMore name={name} {...parts} />
        <Schools schools={schools} chosen={chosen} />
      </>
    ),
  };
}

function massageLine({ form, register, errors }: SettingParts): Line {
  return {
    name: 'massage',
    label: 'Massage',
    value: `${form.massageSeconds ?? USUAL_MASSAGE_SECONDS} seconds`,
    invalid: !!errors.massageSeconds,
    content: (
      <TextField
        label="Massage, seconds"
        type="number"
        sx={{ maxWidth: 220 }}
        slotProps={{ htmlInput: LIMITS.Settings.massageSeconds, inputLabel: { shrink: true } }}
        error={!!errors.massageSeconds}
        helperText={
          errors.massageSeconds
            ? '15 to 60 seconds, please.'
            : 'Twice that, 60 at most, where the last load was heavy.'
        }
        {...register('massageSeconds', {
          valueAsNumber: true,
          required: true,
          ...LIMITS.Settings.massageSeconds,
        })}
      />
    ),
  };
}

/** Units, hours and which way drawings are seen. */
function shownLine({ form, control }: SettingParts): Line {
  return {
    name: 'shown',
    label: 'Units and drawings',
    value: [
      labelOf(VOLUME_UNITS, form.volumeUnit),
      labelOf(WEIGHT_UNITS, form.weightUnit),
      labelOf(HOURS, form.hours),
      labelOf(DAY_ORDERS, form.dayOrder ?? 'DAY_FIRST'),
      labelOf(FACINGS, form.facing),
    ].join(', '),
    invalid: false,
    content: (
      <>
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
          <FormChoice
            control={control}
            name="dayOrder"
            label="Dates"
            hint="On screens, in mails, files and calendars."
            choices={DAY_ORDERS}
          />
        </Stack>
      </>
    ),
  };
}
