import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { LIMITS } from '../api/limits';
import { WORDS } from '../api/words';
import { ChoiceField } from '../form/ChoiceField';
import type { Day } from '../measure/days';
import { Failure } from '../ui/Failure';
import { BeforeFields } from './BeforeFields';
import {
  begunOn,
  draftOf,
  EARS,
  emptyCourse,
  hoursOf,
  requestOf,
  understood,
  wrong,
  type CourseDraft,
  type CourseRequest,
} from './courseForm';
import { LabelField } from './LabelField';
import { PhaseFields } from './PhaseFields';

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
}: {
  dogId: string;
  today: Day;
  zone: string;
  /** What is corrected; undefined for a new course. */
  said?: CourseRequest | undefined;
  pending: boolean;
  error: Error | null;
  onSave: (request: CourseRequest) => void;
  onCancel: () => void;
}) {
  const begun = (next: CourseDraft) => begunOn(next, next.startsOn, today, zone);
  const [draft, setDraft] = useState(() => (said ? draftOf(said) : begun(emptyCourse(today))));
  const [tried, setTried] = useState(false);
  const errors = tried ? wrong(draft) : {};
  const set = (change: Partial<CourseDraft>) => setDraft({ ...draft, ...change });
  const field = (name: keyof CourseDraft, title: string, more: object = {}) => (
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
    <Stack
      component="form"
      spacing={2.5}
      noValidate
      sx={{ maxWidth: 860 }}
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (Object.keys(wrong(draft)).length === 0) {
          onSave(requestOf(draft, said ?? { dogId, at: new Date().toISOString(), zone }));
        }
      }}
    >
      <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="The label">
        <Typography variant="h2" sx={{ mb: 1 }}>
          What does the label say?
        </Typography>
        <LabelField
          onUnderstood={(answer) => setDraft((before) => begun(understood(before, answer)))}
        />
      </Paper>
      {field('what', 'What it is called', {
        slotProps: {
          inputLabel: { shrink: true },
          htmlInput: { maxLength: LIMITS.Course.what.length },
        },
      })}
      <ChoiceField
        label="What it is"
        hint="A tablet is for the dog, not for an ear."
        choices={WORDS.MedicineKind}
        value={draft.kind}
        onChange={(kind) => set({ kind })}
      />
      {draft.kind !== 'TABLET' && (
        <Box>
          <ChoiceField
            label="Into which ear"
            hint="The dog’s own right and left."
            choices={EARS}
            value={draft.ears}
            onChange={(ears) => set({ ears })}
          />
          {errors.ears && <Typography color="error">{errors.ears}</Typography>}
        </Box>
      )}
      <PhaseFields
        phases={draft.phases}
        errors={errors}
        onChange={(phases) => setDraft(begun({ ...draft, phases }))}
      />
      <Stack direction={{ xs: 'column', md: 'row' }} spacing={2}>
        <TextField
          type="date"
          label="First dose on"
          value={draft.startsOn}
          onChange={({ target }) => setDraft(begun({ ...draft, startsOn: target.value }))}
          slotProps={{ inputLabel: { shrink: true } }}
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
        {field('prescribedBy', 'Prescribed by')}
        {field('recheck', 'Recheck on', { type: 'date' })}
      </Stack>
      {draft.kind !== 'TABLET' && (
        <>
          <BeforeFields draft={draft} error={errors.beforeNumber} onChange={set} />
          <Stack direction={{ xs: 'column', md: 'row' }} spacing={2}>
            {field('vetWait', 'Wait after a cleaning, min (the vet)')}
            {field('labelWait', 'The same by the label, min')}
            {field('staysDays', 'Acts for how many days after one go')}
          </Stack>
          <Stack direction={{ xs: 'column', md: 'row' }} spacing={2}>
            {field('bottle', 'In the bottle, mL')}
            {field('dropsPerMillilitre', 'Drops in 1 mL', { placeholder: '20' })}
            {field('openedOn', 'Opened on', { type: 'date' })}
            {field('keepsDays', 'Keeps once open, days')}
          </Stack>
        </>
      )}
      {error && <Failure error={error} />}
      {tried && Object.keys(errors).length > 0 && (
        <Alert severity="warning">Something is missing: see the fields in red.</Alert>
      )}
      <Stack direction="row" spacing={1}>
        <Button type="submit" variant="contained" size="large" loading={pending}>
          Save
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </Stack>
    </Stack>
  );
}
