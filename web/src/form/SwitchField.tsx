import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { Controller, type Control, type FieldPathByValue, type FieldValues } from 'react-hook-form';

/** Yes or no. */
export function SwitchField<F extends FieldValues>({
  control,
  name,
  label,
}: {
  control: Control<F>;
  name: FieldPathByValue<F, boolean>;
  label: string;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <FormControlLabel
          control={
            <Switch checked={field.value} onChange={(_, checked) => field.onChange(checked)} />
          }
          label={label}
        />
      )}
    />
  );
}
