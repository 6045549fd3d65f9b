import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useState } from 'react';
import { csv, type Table } from './table';

/** What a chart shows as a table, and the same as a file. */
export function ChartTable({ name, table, file }: { name: string; table: Table; file: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', '@media print': { display: 'none' } }}>
        <Button
          size="small"
          aria-expanded={open}
          aria-label={`${name} as a table`}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Hide the table' : 'As a table'}
        </Button>
        <Button
          size="small"
          aria-label={`${name} as CSV`}
          component="a"
          href={`data:text/csv;charset=utf-8,${encodeURIComponent(csv(table))}`}
          download={`${file}.csv`}
        >
          CSV
        </Button>
      </Stack>
      {open && (
        <Box
          tabIndex={0}
          role="region"
          aria-label={`${name}, table`}
          sx={{ maxHeight: 360, overflow: 'auto', my: 1, flexBasis: '100%' }}
        >
          <Rows table={table} />
        </Box>
      )}
    </>
  );
}

function Rows({ table: { columns, rows } }: { table: Table }) {
  return (
    <Box
      component="table"
      sx={{
        borderCollapse: 'collapse',
        '& td, & th': {
          textAlign: 'left',
          verticalAlign: 'top',
          pr: 2.5,
          py: 0.5,
          borderBottom: 1,
          borderColor: 'divider',
        },
      }}
    >
      <thead>
        <tr>
          {columns.map((column) => (
            <th key={column} scope="col">
              {column}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([first, ...others]) => (
          <tr key={first}>
            <th scope="row" style={{ fontWeight: 400, whiteSpace: 'nowrap' }}>
              {first}
            </th>
            {others.map((cell, at) => (
              <td key={columns[at + 1]}>{cell}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
