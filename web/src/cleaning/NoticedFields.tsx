import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import {
  Controller,
  useWatch,
  type Control,
  type FieldErrors,
  type UseFormRegister,
} from 'react-hook-form';
import { WORDS } from '../api/words';
import { earName, type Side } from '../measure/side';
import { FIELDS_OF_SIDE, type CleaningForm } from './cleaningForm';
import { COLOURS, type Noticed } from './noticed';
import { FoundAlert } from './session/FoundTaps';

const SELECTS = [
  { field: 'colour', label: 'Colour', choices: COLOURS },
  { field: 'odour', label: 'Smell', choices: WORDS.Odour },
  { field: 'hurt', label: 'Did it hurt?', choices: WORDS.Hurt },
  {
    field: 'squelched',
    label: 'Squelch',
    choices: [
      { value: 'yes', label: 'heard' },
      { value: 'no', label: 'not heard' },
    ],
  },
] as const;

/** What was noticed while one ear was cleaned; all of it may be left out. */
export function NoticedFields({
  side,
  ordered,
  control,
  register,
  errors,
}: {
  side: Side;
  ordered: boolean;
  control: Control<CleaningForm>;
  register: UseFormRegister<CleaningForm>;
  errors: FieldErrors<CleaningForm>;
}) {
  const name = FIELDS_OF_SIDE[side].noticed;
  const noticed = useWatch({ control, name });
  return (
    <Box sx={{ display: 'grid', gap: 1.5, mt: 2 }}>
      <Box
        role="group"
        aria-label={`What was noticed, ${earName(side)}`}
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: {
            xs: 'repeat(2, minmax(0, 1fr))',
            sm: 'repeat(4, minmax(0, 1fr))',
            md: 'repeat(2, minmax(0, 1fr))',
          },
        }}
      >
        {SELECTS.map(({ field, label, choices }) => (
          <Controller
            key={field}
            control={control}
            name={`${name}.${field}`}
            render={({ field: input }) => (
              <TextField select label={label} size="small" {...input}>
                <MenuItem value="">{field === 'hurt' ? 'no' : 'not said'}</MenuItem>
                {choices.map((choice) => (
                  <MenuItem key={choice.value} value={choice.value}>
                    {choice.label}
                  </MenuItem>
                ))}
              </TextField>
            )}
          />
        ))}
        <TextField
          label="Wipes"
          type="number"
          size="small"
          slotProps={{ htmlInput: { min: 0, max: 99, inputMode: 'numeric' } }}
          error={!!errors[name]?.wipes}
          helperText={errors[name]?.wipes?.message}
          {...register(`${name}.wipes`)}
        />
      </Box>
      <FoundAlert ear={side} noticed={noticed as Noticed} ordered={ordered} />
    </Box>
  );
}
