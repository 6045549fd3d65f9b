import ExpandIcon from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';

/** Something in one line with its value, opened to correct it. */
export function FoldedLine({
  label,
  value,
  differs = false,
  invalid = false,
  children,
}: {
  label: ReactNode;
  value: string;
  /** Whether it is not as usual. */
  differs?: boolean;
  /** Whether something in it is wrong: then it stands open. */
  invalid?: boolean;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Accordion
      disableGutters
      elevation={0}
      square
      expanded={open || invalid}
      onChange={(_, expanded) => setOpen(expanded)}
      slotProps={{ heading: { component: 'div' }, transition: { unmountOnExit: true } }}
      sx={{
        bgcolor: 'transparent',
        borderBottom: 1,
        borderColor: 'divider',
        '&::before': { display: 'none' },
      }}
    >
      <AccordionSummary expandIcon={<ExpandIcon />} sx={{ px: 0, minHeight: 48 }}>
        <Typography
          component="span"
          sx={{
            display: 'grid',
            gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)',
            columnGap: 1.5,
            width: '100%',
            pr: 1,
          }}
        >
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {label}
          </Box>
          <Box component="span" sx={{ fontWeight: differs ? 700 : 400 }}>
            {value}
          </Box>
        </Typography>
      </AccordionSummary>
      <AccordionDetails sx={{ px: 0, pt: 0, pb: 2, display: 'grid', gap: 1.5 }}>
        {children}
      </AccordionDetails>
    </Accordion>
  );
}
