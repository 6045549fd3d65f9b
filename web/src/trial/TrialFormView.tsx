import Alert from '@mui/material/Alert';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { ChoiceField } from '../form/ChoiceField';
import type { Day } from '../measure/days';
import { EntryForm, type EntryState } from '../ui/EntryForm';
import { LABEL_WORDS, missing, requestOf, type DietTrialRequest, type TrialDraft } from './trial';
import { DayField } from '../form/DayField';

/** The two schools on how long a trial is. */
const LENGTHS = [
  { value: 30, label: '30 days' },
  { value: 42, label: '6 weeks' },
  { value: 56, label: '8 weeks' },
  { value: 84, label: '12 weeks' },
] as const;

/** A diet trial, as it is begun. */
export function TrialFormView({
  dogId,
  today,
  zone,
  pending,
  error,
  onSave,
  onCancel,
}: EntryState & {
  dogId: string;
  today: Day;
  zone: string;
  onSave: (request: DietTrialRequest) => void;
}) {
  const [draft, setDraft] = useState<TrialDraft>({
    protein: '',
    starch: '',
    foodsSoFar: '',
    allowed: '',
    startsOn: today,
    days: 56,
  });
  const field = (
    errors: Record<string, string>,
    name: 'protein' | 'starch' | 'foodsSoFar' | 'allowed',
    title: string,
    hint: string,
  ) => (
    <TextField
      fullWidth
      label={title}
      value={draft[name]}
      error={name in errors}
      helperText={errors[name] ?? hint}
      multiline={name === 'foodsSoFar' || name === 'allowed'}
      onChange={({ target }) => setDraft({ ...draft, [name]: target.value })}
    />
  );
  return (
    <EntryForm
      button="Begin it"
      pending={pending}
      error={error}
      onCancel={onCancel}
      missing={missing(draft)}
      onSubmit={() => onSave(requestOf(draft, { dogId, at: new Date().toISOString(), zone }))}
    >
      {(errors) => (
        <>
          <Typography>
            One new protein and one new starch, and nothing else: treats and flavoured tablets count
            as food. Talk with your vet first.
          </Typography>
          {field(
            errors,
            'foodsSoFar',
            'Fed so far',
            'One a line or with commas, so that what is new can be told',
          )}
          <Stack direction={{ xs: 'column', sm: 'row' }} spacing={2}>
            {field(
              errors,
              'protein',
              'The new protein',
              'Such as duck, horse, or what your vet prescribed',
            )}
            {field(errors, 'starch', 'The new starch', 'Such as millet or sweet potato')}
          </Stack>
          {field(
            errors,
            'allowed',
            'Allowed beside it',
            'Such as water, the vet’s unflavoured tablets',
          )}
          <ChoiceField
            label="How many clean days"
            hint="Two schools: 30 to 60 days, or 8 to 12 weeks. A shorter one misses those who get better late."
            choices={LENGTHS}
            value={draft.days}
            onChange={(days) => setDraft({ ...draft, days })}
          />
          <DayField
            label="First day"
            value={draft.startsOn}
            error={'startsOn' in errors}
            helperText={errors.startsOn}
            onChange={({ target }) => setDraft({ ...draft, startsOn: target.value })}
            sx={{ maxWidth: 240 }}
          />
          <Alert severity="info" icon={false}>
            On labels look for {LABEL_WORDS.join(', ')}: they hide what a trial must not hold.
          </Alert>
        </>
      )}
    </EntryForm>
  );
}
