import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Link from '@mui/material/Link';
import { useState } from 'react';
import { itemWords } from './items';
import { ReasonField } from './ReasonField';
import { SMALL_TARGET } from '../ui/smallTarget';
import { useSkip } from './useSkip';
import type { ItemMark } from '../view/useToday';

const USUAL = ['Not here that day', 'Not well enough to be handled', 'Done by somebody else'];

/** Skips a planned item; the reason stays with the plan. */
export function SkipButton({ dogId, name, item }: { dogId: string; name: string; item: ItemMark }) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const skip = useSkip(dogId, item.id, `${name}, ${itemWords(item)}`, () => setOpen(false));
  const said = reason.trim();
  return (
    <>
      <Link
        component="button"
        type="button"
        variant="body2"
        onClick={() => setOpen(true)}
        aria-label={`Skip for ${name}: ${itemWords(item)}`}
        sx={{ ...SMALL_TARGET, verticalAlign: 'baseline', ml: 0.5 }}
      >
        Skip
      </Link>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="skip-title" fullWidth>
        <DialogTitle id="skip-title">
          Skip for {name}: {itemWords(item)}
        </DialogTitle>
        <DialogContent>
          <ReasonField usual={USUAL} reason={reason} onChange={setReason} />
          {skip.isError && (
            <Alert severity="error" sx={{ mt: 2 }}>
              {skip.error.message}
            </Alert>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setOpen(false)}>Cancel</Button>
          <Button
            variant="contained"
            disabled={said === ''}
            loading={skip.isPending}
            onClick={() => skip.mutate(said)}
          >
            Skip it
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
