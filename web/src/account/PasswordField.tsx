import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { passwordWords } from './passwordWords';

/** A password that is chosen: what is typed is said to be enough, or what it lacks. */
export function PasswordField({
  typed,
  error,
  ...rest
}: { typed: string; error: string | undefined } & Omit<TextFieldProps, 'error' | 'helperText'>) {
  return (
    <TextField
      type="password"
      autoComplete="new-password"
      error={error !== undefined}
      helperText={error ?? passwordWords(typed)}
      slotProps={{ formHelperText: { 'aria-live': 'polite' } }}
      {...rest}
    />
  );
}
