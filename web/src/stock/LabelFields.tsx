import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import { WORDS } from '../api/words';
import { FormChoice } from '../form/FormChoice';
import { MADE_FOR_CHOICES, type SupplyForm } from './supplyForm';

/** What its label says: what acts in it, its pH, how long it keeps, for whom it is. */
export function LabelFields({
  form: { control, register, formState },
}: {
  form: UseFormReturn<SupplyForm>;
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'actives' });
  const { errors } = formState;
  return (
    <Stack spacing={2} role="group" aria-label="What its label says">
      <Typography variant="h3">What its label says</Typography>
      {fields.map((field, at) => (
        <Box
          key={field.id}
          role="group"
          aria-label={`Active ${at + 1}`}
          sx={{ display: 'flex', gap: 1 }}
        >
          <TextField
            select
            label="What acts in it"
            slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
            sx={{ flex: 1, minWidth: 0 }}
            {...register(`actives.${at}.active`)}
          >
            {WORDS.Active.map(({ value, label }) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </TextField>
          <TextField
            label="Percent"
            type="number"
            slotProps={{ htmlInput: { inputMode: 'decimal', step: 'any' } }}
            sx={{ width: 110 }}
            error={!!errors.actives?.[at]?.percent}
            helperText={errors.actives?.[at]?.percent?.message}
            {...register(`actives.${at}.percent`)}
          />
          <IconButton
            aria-label={`Strike out active ${at + 1}`}
            onClick={() => remove(at)}
            sx={{ width: 48, height: 48 }}
          >
            <CloseIcon />
          </IconButton>
        </Box>
      ))}
      <Button
        variant="outlined"
        onClick={() => append({ active: 'ACETIC_ACID', percent: '' })}
        sx={{ alignSelf: 'flex-start' }}
      >
        Something acts in it
      </Button>
      <Stack direction={{ xs: 'column', sm: 'row' }} spacing={2}>
        <TextField
          label="pH"
          type="number"
          slotProps={{ htmlInput: { inputMode: 'decimal', step: 'any' } }}
          error={!!errors.ph}
          helperText={errors.ph?.message ?? 'Left empty: not known.'}
          {...register('ph')}
        />
        <TextField
          label="Keeps for, days"
          type="number"
          slotProps={{ htmlInput: { inputMode: 'numeric' } }}
          error={!!errors.keepsDays}
          helperText={errors.keepsDays?.message ?? 'Once it is open.'}
          {...register('keepsDays')}
        />
      </Stack>
      <FormChoice
        control={control}
        name="madeFor"
        label="Made for"
        hint="One that is not for dogs' ears is not taken without your vet's word."
        choices={MADE_FOR_CHOICES}
      />
    </Stack>
  );
}
