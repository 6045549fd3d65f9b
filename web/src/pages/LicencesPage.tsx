import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Paper from '@mui/material/Paper';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { useLicences, type Shipped } from '../licence/useLicences';

export function Component() {
  const licences = useLicences();
  return (
    <Page title="Licences" aside="What ships with Even Lobe, and under which terms">
      <Typography sx={{ mb: 2, maxWidth: '70ch' }}>
        Even Lobe itself is free under the Apache License 2.0. It stands on the work of others:
      </Typography>
      {licences.isPending && <LinearProgress aria-label="Loading" />}
      {licences.isError && (
        <Failure error={licences.error} onRetry={() => void licences.refetch()} />
      )}
      {licences.data && <ShippedTable shipped={licences.data} />}
    </Page>
  );
}

function ShippedTable({ shipped }: { shipped: Shipped[] }) {
  return (
    <Paper variant="outlined">
      <Table size="small" sx={{ tableLayout: 'fixed' }}>
        <TableHead>
          <TableRow>
            <TableCell>Name</TableCell>
            <TableCell>Licence</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {shipped.map((one) => (
            <TableRow key={`${one.name} ${one.version}`} sx={{ verticalAlign: 'top' }}>
              <TableCell component="th" scope="row" sx={{ overflowWrap: 'anywhere' }}>
                {one.name} <Box component="span">{one.version}</Box>
              </TableCell>
              <TableCell sx={{ overflowWrap: 'anywhere' }}>
                {one.text ? (
                  <details>
                    <summary>{one.licence}</summary>
                    <Box component="pre" sx={{ whiteSpace: 'pre-wrap', fontSize: '0.8rem' }}>
                      {one.text}
                    </Box>
                  </details>
                ) : (
                  one.licence
                )}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}
