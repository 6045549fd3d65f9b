import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { dateWithYear } from '../measure/days';

/** What everybody who handles this dog should know. */
export function GoodToKnow({ profile }: { profile: Schemas['DogProfile'] }) {
  const { eardrum } = profile;
  const notes: [string, string | undefined][] = [
    ['Normal for this dog', profile.normal],
    ['Has reacted to', profile.reactions],
    [
      'Water',
      profile.waterSensitive ? 'trouble follows it: its ears are watched for two weeks' : undefined,
    ],
    ['Coat', profile.lightCoat ? 'light: dyes and brown wax stain it' : undefined],
    [
      'Eardrums',
      eardrum.status === 'SEEN_INTACT' && eardrum.on
        ? `seen intact on ${dateWithYear(eardrum.on)}`
        : eardrum.status === 'NEVER_EXAMINED'
          ? 'never examined: have them looked at once'
          : undefined,
    ],
  ];
  return (
    <Box component="section" aria-label="Good to know">
      {eardrum.status === 'NOT_INTACT' && (
        <Alert severity="error" sx={{ mb: 2 }}>
          An eardrum is not intact: pour nothing into these ears. Your vet says what may be done.
        </Alert>
      )}
      <Stack component="dl" sx={{ m: 0, gap: 0.5 }}>
        {notes.map(
          ([term, words]) =>
            words && (
              <Box key={term}>
                <Typography component="dt" sx={{ fontWeight: 650, display: 'inline', mr: 1 }}>
                  {term}:
                </Typography>
                <Typography component="dd" sx={{ display: 'inline', m: 0 }}>
                  {words}
                </Typography>
              </Box>
            ),
        )}
      </Stack>
    </Box>
  );
}
