import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { dateWithYear } from '../measure/days';
import { earsName, ofSide, SIDES } from '../measure/side';

/** What is known of the eardrums by the last that was said or seen. */
function eardrumWords(ears: Schemas['DogPlan']['ears']): string | undefined {
  const known = SIDES.filter((side) => ofSide(ears, side).eardrum === 'INTACT');
  const unknown = SIDES.filter((side) => ofSide(ears, side).eardrum === 'NOT_KNOWN');
  const words = [
    known.length > 0 && `seen intact within a year, ${earsName(known)}`,
    unknown.length > 0 &&
      `not known to be whole, ${earsName(unknown)}: ask your vet to look, at the next visit`,
  ].filter(Boolean);
  return words.length > 0 ? words.join('; ') : undefined;
}

function litterWords({ from, until }: NonNullable<Schemas['DogProfile']['litter']>): string {
  const end = until === undefined ? '' : ` to ${dateWithYear(until)}`;
  return `pregnant or nursing from ${dateWithYear(from)}${end}`;
}

/** What everybody who handles this dog should know. */
export function GoodToKnow({
  profile,
  ears,
}: {
  profile: Schemas['DogProfile'];
  ears: Schemas['DogPlan']['ears'];
}) {
  const notes: [string, string | undefined][] = [
    ['Normal for this dog', profile.normal],
    ['Has reacted to', profile.reactions],
    [
      'Water',
      profile.waterSensitive ? 'trouble follows it: its ears are watched for two weeks' : undefined,
    ],
    ['Litter', profile.litter && litterWords(profile.litter)],
    ['Coat', profile.lightCoat ? 'light: dyes and brown wax stain it' : undefined],
    ['Eardrums', eardrumWords(ears)],
  ];
  return (
    <Box component="section" aria-label="Good to know">
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
