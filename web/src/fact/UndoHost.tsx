import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import Stack from '@mui/material/Stack';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { UndoContext, type Undoable, type Unsaved } from './undo';

const SHOWN_MS = 12_000;

/**
 * Around every page: what was just said stays for a while, with the way to take it back; what could
 * not be saved stays until somebody has read it.
 */
export function UndoHost({ children }: { children: ReactNode }) {
  const [said, setSaid] = useState<Undoable>();
  const [unsaved, setUnsaved] = useState<readonly Unsaved[]>([]);
  // each stays as long as any other, though one was still shown when it was said
  const [number, setNumber] = useState(0);
  const shown = unsaved[0] ?? said;
  const show = (change: () => void) => {
    act.reset();
    change();
    setNumber((before) => before + 1);
  };
  const drop = (one: Undoable | Unsaved | undefined) =>
    show(() => {
      setSaid((last) => (last === one ? undefined : last));
      setUnsaved((all) => all.filter((other) => other !== one));
    });
  const act = useMutation({
    mutationFn: async (one: Undoable | Unsaved) => {
      await ('undo' in one ? one.undo() : one.again?.());
    },
    onSuccess: (_, one) => drop(one),
  });
  const isUnsaved = shown !== undefined && 'again' in shown;
  const isWrong = act.isError || isUnsaved;
  const mayAct = shown && (!('again' in shown) || shown.again);
  return (
    <UndoContext
      value={(one) =>
        show(() => {
          if ('undo' in one) setSaid(one);
          else setUnsaved((all) => [...all, one]);
        })
      }
    >
      {children}
      <Snackbar
        key={number}
        open={shown !== undefined}
        autoHideDuration={isWrong ? null : SHOWN_MS}
        onClose={(_, reason) => {
          if (reason !== 'clickaway') drop(shown);
        }}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}
        sx={{ mb: { xs: 8, md: 0 } }}
      >
        <Alert
          severity={isWrong ? 'error' : 'success'}
          variant="outlined"
          sx={{
            bgcolor: 'background.paper',
            fontSize: '1rem',
            alignItems: isWrong ? 'flex-start' : 'center',
          }}
        >
          <Stack direction="row" sx={{ columnGap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
            <Box sx={{ flex: '1 1 auto' }}>
              {isUnsaved && 'Not saved. '}
              {act.error?.message ?? shown?.words}
            </Box>
            {mayAct && (
              <Button
                loading={act.isPending}
                onClick={() => act.mutate(shown)}
                sx={{ minHeight: 44 }}
              >
                {isWrong ? 'Try again' : 'Undo'}
              </Button>
            )}
            {isWrong && (
              <Button onClick={() => drop(shown)} sx={{ minHeight: 44 }}>
                Close
              </Button>
            )}
          </Stack>
        </Alert>
      </Snackbar>
    </UndoContext>
  );
}
