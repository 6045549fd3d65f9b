import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { UndoContext, type Undoable } from './undo';

const SHOWN_MS = 12_000;

/** Around every page: what was just said stays for a while, with the way to take it back. */
export function UndoHost({ children }: { children: ReactNode }) {
  const [said, setSaid] = useState<Undoable>();
  // each stays as long as any other, though one was still shown when it was said
  const [number, setNumber] = useState(0);
  const takeBack = useMutation({
    mutationFn: (one: Undoable) => one.undo(),
    onSuccess: () => setSaid(undefined),
  });
  return (
    <UndoContext
      value={(one) => {
        takeBack.reset();
        setSaid(one);
        setNumber((before) => before + 1);
      }}
    >
      {children}
      <Snackbar
        key={number}
        open={said !== undefined}
        autoHideDuration={takeBack.isError ? null : SHOWN_MS}
        onClose={(_, reason) => {
          if (reason !== 'clickaway') setSaid(undefined);
        }}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}
        sx={{ mb: { xs: 8, md: 0 } }}
      >
        <Alert
          severity={takeBack.isError ? 'error' : 'success'}
          variant="outlined"
          sx={{ bgcolor: 'background.paper', alignItems: 'center', fontSize: '1rem' }}
          action={
            said && (
              <Button
                loading={takeBack.isPending}
                onClick={() => takeBack.mutate(said)}
                sx={{ minHeight: 44 }}
              >
                {takeBack.isError ? 'Try again' : 'Undo'}
              </Button>
            )
          }
        >
          {takeBack.error?.message ?? said?.words}
        </Alert>
      </Snackbar>
    </UndoContext>
  );
}
