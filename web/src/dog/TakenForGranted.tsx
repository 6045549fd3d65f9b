import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import { DEAF_EARS, EARDRUMS, INFECTED_EARS } from '../ear/traits';
import { labelOf } from '../form/choice';
import { FoldedLine } from '../form/FoldedLine';
import { FormChoice } from '../form/FormChoice';
import { SwitchField } from '../form/SwitchField';
import { dateWithYear } from '../measure/days';
import { blankForm, type DogForm } from './dogForm';
import { faulty, type FormParts } from './formParts';
import { HandlingLines } from './HandlingLines';
import { LitterMate } from './LitterMate';
import { DayField } from '../form/DayField';

/** All that breed, weight and custom imply, each in a line with its value, opened to correct it. */
export function TakenForGranted({
  isNew,
  onCopy,
  ...parts
}: FormParts & { isNew: boolean; onCopy: (mate: DogForm) => void }) {
  return (
    <Box component="section" aria-label="Taken for granted">
      <Typography variant="h2">
        {isNew ? 'What I took for granted' : 'What is known of it'}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 0.5 }}>
        {isNew
          ? 'From the breed, and from what is usual. Open a line to correct it, now or later.'
          : 'What you said stands out; the rest comes with the breed or is usual. Open a line to correct it.'}
      </Typography>
      {isNew && <LitterMate day={parts.today} onCopy={onCopy} />}
      <EarLines {...parts} />
      <LifeLines {...parts} />
      <CareLines {...parts} />
      <HandlingLines {...parts} />
    </Box>
  );
}

const EARS = [
  {
    name: 'ears.canalHair',
    of: (form: DogForm) => form.ears.canalHair,
    label: 'Hair in the canal',
    hint: 'Lift the flap and look in: hair holds wax and water.',
    choices: WORDS.CanalHair,
  },
  {
    name: 'ears.feathering',
    of: (form: DogForm) => form.ears.feathering,
    label: 'Feathering of the flap',
    hint: 'Heavy feathering weighs the flap down over the canal.',
    choices: WORDS.Feathering,
  },
] as const;

const LIFE = [
  {
    name: 'life.water',
    of: (form: DogForm) => form.life.water,
    label: 'Water in the ears',
    hint: 'Swims and baths; a wet canal lets yeast and bacteria grow.',
    choices: WORDS.WaterHabit,
  },
  {
    name: 'life.ground',
    of: (form: DogForm) => form.life.ground,
    label: 'Ground and dust',
    hint: 'Dust and seed heads end up in the ear.',
    choices: WORDS.Ground,
  },
  {
    name: 'life.climate',
    of: (form: DogForm) => form.life.climate,
    label: 'Climate',
    hint: 'How fast does wet laundry dry where you live?',
    choices: WORDS.Climate,
  },
  {
    name: 'life.allergy',
    of: (form: DogForm) => form.life.allergy,
    label: 'Allergy',
    hint: 'What the vet said; inflamed skin makes more wax.',
    choices: WORDS.Allergy,
  },
] as const;

/** Traits that are one choice each; what is not usual stands out, where anything is usual. */
function ChoiceLines({
  form,
  control,
  lines,
  usual,
}: Pick<FormParts, 'form' | 'control'> & {
  lines: typeof EARS | typeof LIFE;
  usual?: DogForm;
}) {
  return lines.map(({ name, of, label, hint, choices }) => {
    const value = of(form);
    return (
      <FoldedLine
        key={name}
        label={label}
        value={labelOf<string>(choices, value)}
        differs={usual !== undefined && value !== of(usual)}
      >
        <FormChoice control={control} name={name} label={label} hint={hint} choices={choices} />
      </FoldedLine>
    );
  });
}

function EarLines({ form, control }: FormParts) {
  const { carriage, cropped } = form.ears;
  return (
    <>
      <FoldedLine
        label="The flap"
        value={`${labelOf(WORDS.Carriage, carriage)}${cropped ? ', cropped' : ''}`}
        differs={cropped}
      >
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
      </FoldedLine>
      <ChoiceLines control={control} form={form} lines={EARS} />
    </>
  );
}

function LifeLines({ form, control, register, errors, today }: FormParts) {
  const { life } = form;
  const usual = blankForm(today).life;
  return (
    <>
      <ChoiceLines control={control} form={form} usual={blankForm(today)} lines={LIFE} />
      <FoldedLine
        label="Ear infections in the last 12 months"
        value={labelOf(WORDS.InfectionHistory, life.infections)}
        differs={life.infections !== usual.infections}
        invalid={!!errors.infectedIn}
      >
        <FormChoice
          control={control}
          name="life.infections"
          label="Ear infections in the last 12 months"
          hint="Trouble that was there comes back."
          choices={WORDS.InfectionHistory}
        />
        {life.infections !== 'NONE' && (
          <>
            <TextField
              label="Month of the last one"
              type="month"
              slotProps={{
                inputLabel: { shrink: true },
                htmlInput: { max: today.slice(0, 7), placeholder: '2026-05' },
              }}
              sx={{ maxWidth: 260 }}
              {...faulty(errors, 'infectedIn')}
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
      </FoldedLine>
    </>
  );
}

function CareLines({ form, control, register, errors, today }: FormParts) {
  const day = { inputLabel: { shrink: true }, htmlInput: { max: today } };
  return (
    <>
      <FoldedLine
        label="Eardrums"
        value={labelOf(EARDRUMS, form.eardrum)}
        differs={form.eardrum !== 'NEVER_EXAMINED'}
        invalid={!!errors.eardrumOn}
      >
        <FormChoice
          control={control}
          name="eardrum"
          label="Eardrums"
          hint="What a vet saw. Where they are not whole, no liquid goes in."
          choices={EARDRUMS}
        />
        {form.eardrum !== 'NEVER_EXAMINED' && (
          <DayField
            label="Seen on"
            slotProps={day}
            sx={{ maxWidth: 260 }}
            {...faulty(errors, 'eardrumOn')}
            {...register('eardrumOn')}
          />
        )}
      </FoldedLine>
      <FoldedLine
        label="Born on"
        value={form.bornOn ? dateWithYear(form.bornOn) : 'not known'}
        differs={form.bornOn !== ''}
        invalid={!!errors.bornOn}
      >
        <DayField
          label="Born on"
          slotProps={day}
          sx={{ maxWidth: 260 }}
          {...faulty(errors, 'bornOn', 'Leave empty if not known')}
          {...register('bornOn')}
        />
        <SwitchField control={control} name="ageEstimated" label="This is a guess" />
      </FoldedLine>
      <FoldedLine
        label="After water"
        value={form.waterSensitive ? 'ear trouble follows it' : 'no trouble known'}
        differs={form.waterSensitive}
      >
        <SwitchField
          control={control}
          name="waterSensitive"
          label="Ear trouble follows water: watch the ears for two weeks after it"
        />
      </FoldedLine>
      <FoldedLine
        label="Hearing"
        value={labelOf(DEAF_EARS, form.deaf)}
        differs={form.deaf !== 'NONE'}
        invalid={!!errors.deafSince}
      >
        <FormChoice
          control={control}
          name="deaf"
          label="Deaf"
          hint="As its vet said. An ear that is known not to hear is not tried at each check."
          choices={DEAF_EARS}
        />
        {form.deaf !== 'NONE' && (
          <DayField
            label="Since"
            slotProps={day}
            sx={{ maxWidth: 260 }}
            {...faulty(errors, 'deafSince', 'Leave empty if not known')}
            {...register('deafSince')}
          />
        )}
      </FoldedLine>
      <FoldedLine
        label="Coat"
        value={form.lightCoat ? 'light: dyes stain it' : 'not light'}
        differs={form.lightCoat}
      >
        <SwitchField
          control={control}
          name="lightCoat"
          label="A light coat: dyes and brown wax stain it"
        />
      </FoldedLine>
      <FoldedLine
        label="Pregnant or nursing"
        value={form.litterFrom ? `from ${dateWithYear(form.litterFrom)}` : 'no'}
        differs={form.litterFrom !== ''}
        invalid={!!errors.litterUntil}
      >
        <Stack direction={{ xs: 'column', sm: 'row' }} spacing={2}>
          <DayField
            label="Pregnant or nursing from"
            helperText="Some cleaners may harm a litter."
            {...register('litterFrom')}
          />
          <DayField label="Until" {...faulty(errors, 'litterUntil')} {...register('litterUntil')} />
        </Stack>
      </FoldedLine>
      <FoldedLine
        label="Reactions"
        value={form.reactions || 'none known'}
        differs={form.reactions !== ''}
      >
        <TextField
          label="Reactions"
          multiline
          helperText="What stung, or left the ear redder the next day"
          {...register('reactions')}
        />
      </FoldedLine>
      <FoldedLine
        label="Normal for this dog"
        value={form.normal || 'as its looks will show'}
        differs={form.normal !== ''}
      >
        <TextField
          label="Normal for this dog"
          multiline
          helperText="So that everybody can tell a change: a little wax, a pink rim, a smell of nuts"
          {...register('normal')}
        />
      </FoldedLine>
    </>
  );
}
