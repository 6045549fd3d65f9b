import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useState, type ReactNode } from 'react';
import { Failure } from './Failure';

/** What every form of one entry is given. */
export interface EntryState {
  pending: boolean;
  error: Error | null;
  onCancel: () => void;
}

/** A form of one entry: its fields, what went wrong, and what to press. */
export function EntryForm({
  button = 'Save',
  pending,
  error,
  onCancel,
  missing,
  onSubmit,
  children,
}: EntryState & {
  button?: string;
  /** What is missing of it, by the name of the field. */
  missing: Record<string, string>;
  onSubmit: () => void;
  /** Its fields; what is missing is told once it was tried. */
  children: (errors: Record<string, string>) => ReactNode;
}) {
  const [tried, setTried] = useState(false);
  return (
    <Stack
      component="form"
      spacing={2.5}
      noValidate
      sx={{ maxWidth: 860 }}
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (Object.keys(missing).length === 0) onSubmit();
      }}
    >
      {children(tried ? missing : {})}
      {error && <Failure error={error} />}
      <Stack direction="row" spacing={1}>
        <Button type="submit" variant="contained" size="large" loading={pending}>
          {button}
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </Stack>
    </Stack>
  );
}
