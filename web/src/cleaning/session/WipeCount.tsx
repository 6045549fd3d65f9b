import AddIcon from '@mui/icons-material/Add';
import RemoveIcon from '@mui/icons-material/Remove';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { count } from '../../measure/days';

/** Counts the wipes of one ear, against what its last sessions took. */
export function WipeCount({
  wipes,
  expected,
  mayRepeat,
  onChange,
}: {
  wipes: number;
  expected: number;
  /** Whether another round may follow, whose massage is longer then. */
  mayRepeat: boolean;
  onChange: (wipes: number) => void;
}) {
  return (
    <Box
      sx={{
        height: '100%',
        minHeight: 0,
        display: 'grid',
        placeContent: 'center',
        gap: 1.5,
        justifyItems: 'center',
      }}
    >
      <Typography
        aria-live="polite"
        aria-label={count(wipes, 'wipe')}
        sx={{ fontSize: { xs: '4.2rem', md: '6rem' }, fontWeight: 700, lineHeight: 1 }}
      >
        {wipes}
      </Typography>
      <Typography
        color={wipes > expected ? 'warning' : 'textSecondary'}
        sx={{ fontWeight: 600, textAlign: 'center' }}
      >
        {wipes > expected
          ? `more than the ${expected} expected${mayRepeat ? ': the next massage is longer' : ''}`
          : `of about ${expected} expected`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <IconButton
          onClick={() => onChange(wipes - 1)}
          disabled={wipes === 0}
          aria-label="One wipe less"
          sx={{ width: 56, height: 64, border: 1, borderColor: 'divider', borderRadius: 1 }}
        >
          <RemoveIcon />
        </IconButton>
        <Button
          variant="outlined"
          size="large"
          startIcon={<AddIcon />}
          onClick={() => onChange(wipes + 1)}
          aria-keyshortcuts="w"
          sx={{ minHeight: 64, minWidth: 200, fontSize: '1.25rem' }}
        >
          A wipe
        </Button>
      </Box>
    </Box>
  );
}
