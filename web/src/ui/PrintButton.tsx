import PrintIcon from '@mui/icons-material/PrintOutlined';
import Button from '@mui/material/Button';

/** Prints the page. */
export function PrintButton() {
  return (
    <Button startIcon={<PrintIcon />} onClick={() => window.print()}>
      Print
    </Button>
  );
}
