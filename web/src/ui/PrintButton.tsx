import PrintIcon from '@mui/icons-material/PrintOutlined';
import Button from '@mui/material/Button';

/** Prints the page; it does not stand on the paper itself. */
export function PrintButton() {
  return (
    <Button
      startIcon={<PrintIcon />}
      onClick={() => window.print()}
      sx={{ '@media print': { display: 'none' } }}
    >
      Print
    </Button>
  );
}
