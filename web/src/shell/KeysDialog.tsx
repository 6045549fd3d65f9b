import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';

const KEYS: [string, string][] = [
  ['t', 'today'],
  ['1 – 9', 'today: the dog on that line'],
  ['m', 'month: all dogs on one page'],
  ['d', 'doses: what is given now'],
  ['r', 'trends: what a record shows over time'],
  ['Shift ← →', 'month: put the item on another day, then Enter'],
  ['n', 'add a dog'],
  ['k', 'a dog’s page: check the ears'],
  ['c', 'a dog’s page: clean with me'],
  ['space ⌫ r', 'in a session: next, back, another round'],
  ['w s p', 'in a session: a wipe, squelched, pause'],
  ['w', 'a dog’s page: water and dust'],
  ['y', 'a dog’s page: why this day'],
  ['← →', 'in a ribbon: from mark to mark'],
  ['u', 'the rulebook'],
  ['e', 'lessons'],
  ['?', 'these keys'],
];

export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent>
        <Table size="small">
          <TableBody>
            {KEYS.map(([key, action]) => (
              <TableRow key={key}>
                <TableCell
                  component="th"
                  scope="row"
                  sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}
                >
                  {key}
                </TableCell>
                <TableCell>{action}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
