import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { useSettings } from '../household/useMe';
import { count } from '../measure/days';
import { earsName } from '../measure/side';
import { volumeWords } from '../measure/units';
import { capital } from '../measure/words';
import { Because } from '../ui/Because';
import type { RoundSheet } from './round';

type Round = RoundSheet['round'];
type Cleaner = Round['tray']['cleaners'][number];

/** "Fen; Ash, left ear" */
function forWhom({ ears }: Cleaner): string {
  return ears
    .map(({ dog, ears: sides }) => (sides.length > 1 ? dog : `${dog}, ${earsName(sides)}`))
    .join('; ');
}

/** What is laid out once for all dogs, with amounts; where it does not suffice, that is said. */
export function TrayPanel({ round }: { round: Round }) {
  const { volumeUnit } = useSettings();
  const { tray } = round;
  const cleans = round.dogs.filter((dog) => dog.cleans).length;
  const amount = ({ supply, amount: much }: Cleaner) =>
    supply?.kind === 'WIPES' ? count(much, 'wipe') : volumeWords(much, volumeUnit);
  return (
    <Paper component="section" aria-label="Tray" variant="outlined" sx={{ p: 2 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        The tray
      </Typography>
      {cleans === 0 ? (
        <Typography>Only looks are due: a light, treats, and pads in case.</Typography>
      ) : (
        <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: '1.1rem' }}>
          {tray.wipes.map(({ material, words, count: many }) => (
            <li key={material}>
              <strong>{many}</strong> {words}
            </li>
          ))}
          {tray.cleaners.map((cleaner) => (
            <li key={`${cleaner.supply?.id} ${forWhom(cleaner)}`}>
              <strong>{amount(cleaner)}</strong> of{' '}
              {cleaner.supply?.name ?? 'cleaner: no bottle on record suits'}
              {cleaner.shake && ', shaken each time'}{' '}
              <Box component="span" sx={{ color: 'text.secondary' }}>{`(${forWhom(cleaner)})`}</Box>
              {cleaner.missing && (
                <Alert severity="warning" sx={{ py: 0 }}>
                  {cleaner.missing.sentence}
                </Alert>
              )}
            </li>
          ))}
          {tray.tools.map(({ what, dogs }) => (
            <li key={what}>
              {what}{' '}
              <Box component="span" sx={{ color: 'text.secondary' }}>{`(${dogs.join(', ')})`}</Box>
            </li>
          ))}
          {tray.ownCloths > 0 && (
            <li>
              {count(tray.ownCloths, 'cloth')} and gloves apart, for who comes last:{' '}
              {round.dogs
                .filter(({ last }) => last)
                .map(({ name }) => name)
                .join(', ')}
            </li>
          )}
          <li>Towel, dry pads, treats, a bin, water to wash your hands</li>
        </Box>
      )}
      {tray.cleaners
        .filter(({ suffices }) => !suffices)
        .map((cleaner) => (
          <Alert key={cleaner.supply?.id} severity="warning" sx={{ mt: 1 }}>
            {capital(cleaner.supply?.name ?? '')} holds{' '}
            {amount({ ...cleaner, amount: cleaner.left ?? 0 })}: not enough for all. Bring another.
          </Alert>
        ))}
      {[...tray.reasons, ...round.reasons].map((reason) => (
        <Typography key={reason.sentence} variant="body2" color="textSecondary" sx={{ mt: 1 }}>
          <Because reason={reason} />
        </Typography>
      ))}
    </Paper>
  );
}
