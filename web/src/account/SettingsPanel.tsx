import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useForm, useWatch } from 'react-hook-form';
import { FoldedLine } from '../form/FoldedLine';
import { useSaveSettings } from './useSaveSettings';
import { useHousehold, type Settings } from '../household/useMe';
import { LIMITS } from '../api/limits';
import { settingLines, unusual } from './settingLines';

const ZONES = Intl.supportedValuesOf('timeZone');

/** How the household likes things: what differs from the usual, and the usual folded away. */
export function SettingsPanel() {
  const household = useHousehold();
  const { control, register, handleSubmit, formState } = useForm<Settings>({
    values: household.settings,
  });
  const save = useSaveSettings();
  const form = useWatch({ control }) as Settings;
  const disabled = household.role !== 'OWNER';
  const lines = settingLines({ form, control, register, errors: formState.errors });
  // by what is stored, so that no line moves while it is open
  const stored = unusual(household.settings);
  const own = lines.filter(({ name }) => stored.has(name));
  const usual = lines.filter(({ name }) => !stored.has(name));
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="How you do things">
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        How you do things
      </Typography>
      <form
        noValidate
        onSubmit={(event) => void handleSubmit((settings) => save.mutate(settings))(event)}
      >
        <Stack component="fieldset" disabled={disabled} spacing={2} sx={{ border: 0, p: 0, m: 0 }}>
          {save.isError && <Alert severity="error">{save.error.message}</Alert>}
          <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
            <TextField
              label="Household"
              error={!!formState.errors.name}
              helperText={formState.errors.name?.message}
              {...register('name', {
                required: 'What is your household called?',
                maxLength: LIMITS.Settings.name.length,
              })}
            />
            <TextField
              select
              label="Time zone"
              slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
              {...register('zone')}
            >
              {[...new Set([household.settings.zone, ...ZONES])].map((zone) => (
                <option key={zone}>{zone}</option>
              ))}
            </TextField>
          </Stack>
          <div>
            {own.map(({ name, content, ...line }) => (
              <FoldedLine key={name} {...line}>
                {content}
              </FoldedLine>
            ))}
            <FoldedLine
              label={own.length === 0 ? 'All as usual' : 'The rest as usual'}
              value={`${usual.length} choices`}
              invalid={usual.some(({ invalid }) => invalid)}
            >
              <div>
                {usual.map(({ name, content, ...line }) => (
                  <FoldedLine key={name} {...line}>
                    {content}
                  </FoldedLine>
                ))}
              </div>
            </FoldedLine>
          </div>
          {disabled ? (
            <Typography color="textSecondary">Only an owner changes these.</Typography>
          ) : (
            <Button
              type="submit"
              variant="contained"
              loading={save.isPending}
              sx={{ alignSelf: 'flex-start', minWidth: 140 }}
            >
              Save
            </Button>
          )}
        </Stack>
      </form>
    </Paper>
  );
}
