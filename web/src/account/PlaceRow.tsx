import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';

/** A device that opens the account, what is known of it, and the button that ends that. */
export function PlaceRow({
  place,
  known,
  end,
}: {
  place: string;
  known: string;
  end?: { words: string; label: string; onClick: () => void };
}) {
  return (
    <Stack component="li" direction="row" sx={{ listStyle: 'none', alignItems: 'center', gap: 1 }}>
      <Typography sx={{ flex: 1 }}>
        {place}
        <Typography component="span" color="textSecondary">
          {` · ${known}`}
        </Typography>
      </Typography>
      {end && (
        <Button color="error" aria-label={end.label} onClick={end.onClick}>
          {end.words}
        </Button>
      )}
    </Stack>
  );
}
