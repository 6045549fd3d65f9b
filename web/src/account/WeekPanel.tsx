import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useSaveSettings } from './useSaveSettings';
import { useHousehold, type Settings } from '../household/useMe';
import { CapacityFields } from './CapacityFields';
import { GroomingFields } from './GroomingFields';
import { weekForm, weekSettings, type WeekForm } from './weekForm';
import { LIMITS } from '../api/limits';

/** What the plan is fitted to: water, grooming days, how much fits into a day, and the weather. */
export function WeekPanel() {
  const household = useHousehold();
  return <WeekFields key={household.version} settings={household.settings} />;
}

function WeekFields({ settings }: { settings: Settings }) {
  const [form, setForm] = useState(() => weekForm(settings));
  const save = useSaveSettings();
  const disabled = useHousehold().role !== 'OWNER';
  const set = (change: Partial<WeekForm>) => setForm({ ...form, ...change });
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Your week">
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        Your week
      </Typography>
      <Stack component="fieldset" disabled={disabled} spacing={2} sx={{ border: 0, p: 0, m: 0 }}>
        {save.isError && <Alert severity="error">{save.error.message}</Alert>}
        <Switched
          label="Clean every dog’s ears after water"
          hint="Else only those of dogs that are known to have trouble after it."
          checked={form.alwaysAfterWater}
          onChange={(alwaysAfterWater) => set({ alwaysAfterWater })}
        />
        <Switched
          label="Clean after a hike or in a new place"
          hint="Within two days of it, where something may be poured in."
          checked={form.cleanAfterOutings}
          onChange={(cleanAfterOutings) => set({ cleanAfterOutings })}
        />
        <Switched
          label="Go on practising"
          hint="Once a week, also with a dog that takes everything calmly."
          checked={form.practiseOn}
          onChange={(practiseOn) => set({ practiseOn })}
        />
        <Switched
          label="We have grooming days"
          hint="Nails, bath, brushing: a cleaning whose window holds that day is put on it."
          checked={form.grooms}
          onChange={(grooms) => set({ grooms })}
        />
        {form.grooms && <GroomingFields form={form} set={set} />}
        <Switched
          label="Only so many cleanings fit into a day"
          hint="Cleanings are then spread inside their windows, as near to their best days as can be."
          checked={form.limits}
          onChange={(limits) => set({ limits })}
        />
        {form.limits && <CapacityFields form={form} set={set} />}
        <TextField
          type="number"
          size="small"
          label="Latitude, ° north"
          helperText="The weather service that ships with the app is simulated by it. Empty: what you said of each dog counts."
          value={form.latitude}
          onChange={(event) => set({ latitude: event.target.value })}
          slotProps={{ htmlInput: LIMITS.Settings.latitude }}
          sx={{ maxWidth: 420 }}
        />
        {!disabled && (
          <Button
            variant="contained"
            loading={save.isPending}
            onClick={() => save.mutate(weekSettings(settings, form))}
            sx={{ alignSelf: 'flex-start', minWidth: 140 }}
          >
            Save the week
          </Button>
        )}
      </Stack>
    </Paper>
  );
}

function Switched({
  label,
  hint,
  checked,
  onChange,
}: {
  label: string;
  hint: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <Box>
      <FormControlLabel
        control={<Switch checked={checked} onChange={(_, on) => onChange(on)} />}
        label={label}
      />
      <Typography variant="body2" color="textSecondary">
        {hint}
      </Typography>
    </Box>
  );
}
