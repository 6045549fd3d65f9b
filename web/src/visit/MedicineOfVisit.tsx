import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { LIMITS } from '../api/limits';
import { understood, type CourseDraft } from '../course/courseForm';
import { KindAndEars } from '../course/KindAndEars';
import { LabelField } from '../course/LabelField';
import { PhaseFields } from '../course/PhaseFields';

/** The medicine that a vet gave at a visit: its course is begun with the visit, in one entry. */
export function MedicineOfVisit({
  draft,
  errors,
  onChange,
}: {
  /** The course; undefined where no medicine was given. */
  draft: CourseDraft | undefined;
  errors: Record<string, string>;
  onChange: (isGiven: boolean, change: Partial<CourseDraft>) => void;
}) {
  const set = (change: Partial<CourseDraft>) => onChange(true, change);
  return (
    <Paper variant="outlined" sx={{ p: 2 }} component="section" aria-label="Medicine">
      <FormControlLabel
        control={<Switch checked={!!draft} onChange={(_, isGiven) => onChange(isGiven, {})} />}
        label="The vet gave medicine: begin its course with this visit"
      />
      {draft && (
        <Stack spacing={2} sx={{ mt: 1 }}>
          <Box>
            <LabelField onUnderstood={(said) => set(understood(draft, said))} />
          </Box>
          <TextField
            label="What it is called"
            value={draft.what}
            error={'what' in errors}
            helperText={errors.what}
            onChange={({ target }) => set({ what: target.value })}
            slotProps={{ htmlInput: { maxLength: LIMITS.Course.what.length } }}
          />
          <KindAndEars draft={draft} error={errors.ears} onChange={set} />
          <PhaseFields
            phases={draft.phases}
            errors={errors}
            onChange={(phases) => set({ phases })}
          />
          <Typography variant="body2" color="textSecondary">
            Its bottle, its wait and what else the label says can be added under Courses.
          </Typography>
        </Stack>
      )}
    </Paper>
  );
}
