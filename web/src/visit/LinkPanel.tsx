import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { dateWithYear } from '../measure/days';
import { Failure } from '../ui/Failure';
import { useEndLink, useLinks } from './useLinks';

type SharedLink = Schemas['SharedLink'];

/** A link that is made, its address once, and those that still work. */
export function LinkPanel({
  dog,
  title,
  about,
  made,
  failed,
  shows,
  words,
  onEnd,
  children,
}: {
  dog: string;
  title: string;
  about: string;
  made: { path: string; lastDay: string } | undefined;
  failed: Error | null;
  /** Which of the dog's links stand here. */
  shows: (link: SharedLink) => boolean;
  words: (link: SharedLink) => string;
  onEnd: () => void;
  /** What a new one needs, and its button. */
  children: ReactNode;
}) {
  const links = useLinks(dog);
  const end = useEndLink(dog);
  const wrong = links.error ?? failed ?? end.error;
  return (
    <Box component="section" aria-label="By link">
      <Typography variant="h2">{title}</Typography>
      <Typography sx={{ mb: 1 }}>{about}</Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        {children}
      </Stack>
      {made && (
        <Alert severity="success" sx={{ my: 1.5 }}>
          Copy it now, it is shown this once. It works until {dateWithYear(made.lastDay)}.
          <TextField
            fullWidth
            label="Its address"
            value={window.location.origin + made.path}
            onFocus={({ target }) => target.select()}
            slotProps={{ htmlInput: { readOnly: true } }}
            sx={{ mt: 1.5 }}
          />
        </Alert>
      )}
      {wrong && <Failure error={wrong} onRetry={() => void links.refetch()} />}
      <Stack component="ul" sx={{ p: 0, my: 1.5, gap: 0.5 }}>
        {links.data?.filter(shows).map((link) => (
          <Box
            component="li"
            key={link.id}
            sx={{ listStyle: 'none', display: 'flex', gap: 1, alignItems: 'center' }}
          >
            <Typography>
              {words(link)}, works until {dateWithYear(link.lastDay)}
            </Typography>
            <Button
              size="small"
              sx={{ whiteSpace: 'nowrap' }}
              aria-label={`End the link that works until ${dateWithYear(link.lastDay)}`}
              loading={end.isPending && end.variables === link.id}
              // its address stays in sight until it is ended indeed
              onClick={() => end.mutate(link.id, { onSuccess: onEnd })}
            >
              End it
            </Button>
          </Box>
        ))}
      </Stack>
    </Box>
  );
}
