import Alert from '@mui/material/Alert';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { ChoiceField } from '../form/ChoiceField';
import { LIMITS } from '../api/limits';
import type { Day } from '../measure/days';
import { EntryForm, type EntryState } from '../ui/EntryForm';
import { BeforeFields } from './BeforeFields';
import {
  begunOn,
  draftOf,
  emptyCourse,
  hoursOf,
  requestOf,
  understood,
  wrong,
  type CourseDraft,
  type CourseRequest,
} from './courseForm';
import { KindAndEars } from './KindAndEars';
import { LabelField } from './LabelField';
import { PhaseFields } from './PhaseFields';
import { DayField } from '../form/DayField';

const KNOWS_TORN: readonly { value: CourseDraft['knowsTorn']; label: string }[] = [
  { value: 'NOT_SAID', label: 'not said' },
  { value: 'YES', label: 'clean all the same' },
  { value: 'NO', label: 'the vet does not know' },
];

/** A course as its label says it: typed as a sentence, shown as understood, corrected by fields. */
export function CourseFormView({
  dogId,
  today,
  zone,
  said,
  pending,
  error,
  onSave,
  onCancel,
}: EntryState & {
  dogId: string;
  today: Day;
  zone: string;
  /** What is corrected; undefined for a new course. */
  said?: CourseRequest | undefined;
  onSave: (request: CourseRequest) => void;
}) {
  const begun = (next: CourseDraft) => begunOn(next, next.startsOn, today, zone);
  const [draft, setDraft] = useState(() => (said ? draftOf(said) : begun(emptyCourse(today))));
  const set = (change: Partial<CourseDraft>) => setDraft({ ...draft, ...change });
  const field = (
    errors: Record<string, string>,
    name: keyof CourseDraft,
    title: string,
    more: object = {},
  ) => (
    <TextField
      label={title}
      value={draft[name]}
      error={name in errors}
      helperText={errors[name]}
      onChange={({ target }) => set({ [name]: target.value })}
      slotProps={{ inputLabel: { shrink: true } }}
      {...more}
    />
  );
  const hours = hoursOf(draft.phases[0]?.times ?? '') ?? [];
  return (
    <EntryForm
      pending={pending}
      error={error}
      onCancel={onCancel}
      missing={wrong(draft)}
      onSubmit={() =>
        onSave(requestOf(draft, said ?? { dogId, at: new Date().toISOString(), zone }))
      }
    >
      {(errors) => (
        <>
          <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="The label">
            <Typography variant="h2" sx={{ mb: 1 }}>
              What does the label say?
            </Typography>
            <LabelField
              onUnderstood={(answer) => setDraft((before) => begun(understood(before, answer)))}
            />
          </Paper>
          {field(errors, 'what', 'What it is called', {
            slotProps: {
              inputLabel: { shrink: true },
              htmlInput: { maxLength: LIMITS.Course.what.length },
            },
          })}
          <KindAndEars draft={draft} error={errors.ears} onChange={set} />
          <PhaseFields
            phases={draft.phases}
            errors={errors}
            onChange={(phases) => setDraft(begun({ ...draft, phases }))}
          />
          <Stack direction={{ xs: 'column', md: 'row' }} spacing={2}>
            <DayField
              label="First dose on"
              value={draft.startsOn}
              onChange={({ target }) => setDraft(begun({ ...draft, startsOn: target.value }))}
            />
            <TextField
              select
              label="at"
              value={draft.firstSlot}
              onChange={({ target }) => set({ firstSlot: Number(target.value) })}
              slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
            >
              {hours.map((hour, at) => (
                <option key={hour} value={at}>
                  {hour}
                </option>
              ))}
            </TextField>
            {field(errors, 'prescribedBy', 'Prescribed by')}
            {field(errors, 'recheck', 'Recheck on', { type: 'date' })}
          </Stack>
          {draft.kind !== 'TABLET' && (
            <>
              <BeforeFields draft={draft} error={errors.beforeNumber} onChange={set} />
              {draft.before !== 'NEVER' && (
                <>
                  <Stack direction={{ xs: 'column', md: 'row' }} spacing={2}>
                    {field(errors, 'cleanWith', 'Cleaned with, as your vet named it', {
                      slotProps: { htmlInput: { maxLength: LIMITS.Course.cleanWith.length } },
                    })}
                    {field(errors, 'seenOn', 'Your vet saw the ear on', { type: 'date' })}
                  </Stack>
                  <ChoiceField
                    label="Is an eardrum torn, and your vet knows?"
                    hint="A torn ear stays closed until a vet who knows of it says to clean all the same."
                    choices={KNOWS_TORN}
                    value={draft.knowsTorn}
                    onChange={(knowsTorn) => set({ knowsTorn })}
                  />
                </>
              )}
              <Stack direction={{ xs: 'column', md: 'row' }} spacing={2}>
                {field(errors, 'vetWait', 'Wait after a cleaning, min (the vet)')}
                {field(errors, 'labelWait', 'The same by the label, min')}
                {field(errors, 'staysDays', 'Acts for how many days after one go')}
                {draft.staysDays.trim() !== '' &&
                  field(errors, 'byVetOn', 'Put in by your vet on', { type: 'date' })}
              </Stack>
              <Stack direction={{ xs: 'column', md: 'row' }} spacing={2}>
                {field(errors, 'bottle', 'In the bottle, mL')}
                {field(errors, 'dropsPerMillilitre', 'Drops in 1 mL', { placeholder: '20' })}
                {field(errors, 'openedOn', 'Opened on', { type: 'date' })}
                {field(errors, 'keepsDays', 'Keeps once open, days')}
              </Stack>
            </>
          )}
          {Object.keys(errors).length > 0 && (
            <Alert severity="warning">Something is missing: see the fields in red.</Alert>
          )}
        </>
      )}
    </EntryForm>
  );
}
