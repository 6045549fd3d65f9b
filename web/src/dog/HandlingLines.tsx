import Alert from '@mui/material/Alert';
import TextField from '@mui/material/TextField';
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
import { labelOf } from '../form/choice';
import { WORDS } from '../api/words';
import { FoldedLine } from '../form/FoldedLine';
import { FormChoice } from '../form/FormChoice';
import { SwitchField } from '../form/SwitchField';
import { dateWithYear } from '../measure/days';
import type { FormParts } from './formParts';

const BY_SIZE = [{ value: '' as const, label: 'by its size' }, ...WORDS.HoldWay];

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
export function HandlingLines(parts: FormParts) {
  return (
    <>
      <Handled {...parts} />
      <When {...parts} />
      <OwnWays {...parts} />
    </>
  );
}

function Handled({ form, control, setValue, today }: FormParts) {
  const { rung, rungOn, bites, needsTwo, held } = form;
  const known = [
    labelOf(RUNGS, rung),
    held !== '' && labelOf(BY_SIZE, held),
    needsTwo && 'two people',
    bites && 'bites',
  ].filter(Boolean);
  return (
    <FoldedLine
      label="Handling"
      value={known.join(', ')}
      differs={bites || needsTwo || held !== '' || rung !== 'FULL_SESSION'}
    >
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
        choices={BY_SIZE}
      />
      {bites && (
        <Alert severity="warning">
          Muzzle on and a helper, or leave it to a vet or groomer. Never force it.
        </Alert>
      )}
    </FoldedLine>
  );
}

function When({ form, control, register, errors }: FormParts) {
  const settings = useSettings();
  const choices = own(SCHEDULING_SCHOOLS, settings.scheduling);
  const { scheduling } = form;
  return (
    <FoldedLine
      label="When this dog is cleaned"
      value={labelOf(choices, scheduling)}
      differs={scheduling !== ''}
      invalid={!!errors.fixedDays}
    >
      <FormChoice
        control={control}
        name="scheduling"
        label="When this dog is cleaned"
        hint="A hold or the vet’s word stands above every school."
        choices={choices}
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
    </FoldedLine>
  );
}

const WAYS = [
  {
    name: 'method',
    label: 'How this dog is cleaned',
    hint: 'A check, an eardrum or the vet’s word can only narrow it.',
    schools: METHOD_SCHOOLS,
  },
  { name: 'swabs', label: 'Swabs', hint: 'Never down the canal.', schools: SWAB_SCHOOLS },
  {
    name: 'wipes',
    label: 'What it is wiped with',
    hint: 'The nail is always covered.',
    schools: WIPE_SCHOOLS,
  },
  { name: 'hair', label: 'Its canal hair', hint: 'Never in a red ear.', schools: HAIR_SCHOOLS },
  {
    name: 'medicineWait',
    label: 'Wait before a medicine',
    hint: 'Your vet’s word stands above it.',
    schools: MEDICINE_SCHOOLS,
  },
] as const;

/** What is done differently with it, each way with the reasons of both sides. */
function OwnWays({ form, control }: FormParts) {
  const settings = useSettings();
  return WAYS.map(({ name, label, hint, schools }) => {
    const choices = own(schools, settings[name]);
    const chosen = form[name];
    return (
      <FoldedLine
        key={name}
        label={label}
        value={labelOf<string>(choices, chosen)}
        differs={chosen !== ''}
      >
        <FormChoice control={control} name={name} label={label} hint={hint} choices={choices} />
        <School school={[...schools].find((one) => one.value === (chosen || settings[name]))} />
      </FoldedLine>
    );
  });
}
