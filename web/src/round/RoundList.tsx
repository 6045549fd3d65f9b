import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import List from '@mui/material/List';
import ListItemButton from '@mui/material/ListItemButton';
import ListItemText from '@mui/material/ListItemText';
import { placeOf, type RoundRun, type RoundSheet } from './round';

/** Every dog of the round, and how far it is. */
export function RoundList({
  open,
  run,
  sheet,
  onClose,
  onGo,
  onEnd,
}: {
  open: boolean;
  run: RoundRun;
  sheet: RoundSheet;
  onClose: () => void;
  onGo: (dog: string) => void;
  onEnd: (() => void) | undefined;
}) {
  return (
    <Dialog open={open} onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="round-dogs">
      <DialogTitle id="round-dogs">All dogs</DialogTitle>
      <DialogContent sx={{ px: 0 }}>
        <List component="div" disablePadding>
          {run.order.map((dog) => {
            const place = placeOf(sheet, dog);
            const one = run.dogs[dog];
            const words =
              one?.over === 'DONE'
                ? 'done'
                : one?.over
                  ? 'not today'
                  : place?.last
                    ? 'to come, last'
                    : 'to come';
            return (
              <ListItemButton
                key={dog}
                selected={dog === run.at}
                onClick={() => onGo(dog)}
                sx={{ minHeight: 56 }}
              >
                <ListItemText primary={place?.name} secondary={words} />
              </ListItemButton>
            );
          })}
        </List>
      </DialogContent>
      <DialogActions>
        {onEnd && (
          <Button color="inherit" onClick={onEnd} sx={{ minHeight: 56 }}>
            End the round here
          </Button>
        )}
        <Button onClick={onClose} sx={{ minHeight: 56 }}>
          Go on
        </Button>
      </DialogActions>
    </Dialog>
  );
}
