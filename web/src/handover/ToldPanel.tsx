import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { useRemoveFact } from '../fact/useFact';
import { useMayRecord } from '../household/useMe';
import { dateWithYear } from '../measure/days';
import { earName, ofSide, SIDES, type Side } from '../measure/side';
import { capital } from '../measure/words';

type Told = Schemas['Told'];

/** What those said who had the dog for a while, the latest first. */
export function ToldPanel({ told }: { told: readonly Told[] }) {
  if (told.length === 0) return null;
  return (
    <Paper variant="outlined" sx={{ p: 2 }} component="section" aria-label="Told by others">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Told by others
      </Typography>
      <Box component="ul" sx={{ m: 0, p: 0, display: 'grid', gap: 1 }}>
        {told.map((one) => (
          <Line key={one.id} told={one} />
        ))}
      </Box>
    </Paper>
  );
}

/** "right ear: it hurts, cleaned" */
function earWords(side: Side, { seen, cleaned }: Told['ears']['right']): string[] {
  const words = [...seen.map((one) => labelOf(WORDS.Seen, one)), ...(cleaned ? ['cleaned'] : [])];
  return words.length > 0 ? [`${earName(side)}: ${words.join(', ')}`] : [];
}

function Line({ told }: { told: Told }) {
  const mayRecord = useMayRecord();
  const remove = useRemoveFact('told', `What ${told.by} told is taken back`);
  const done = told.done.map((one) => labelOf(WORDS.Done, one)).join(', ');
  const seen = told.seen.map((one) => labelOf(WORDS.Seen, one)).join(', ');
  const ear = told.ear ? ` (${earName(told.ear)})` : '';
  const ofEars = SIDES.flatMap((side) => earWords(side, ofSide(told.ears, side)));
  return (
    <Box component="li" sx={{ listStyle: 'none', display: 'flex', gap: 1, alignItems: 'start' }}>
      <Typography sx={{ flex: 1, overflowWrap: 'anywhere' }}>
        <strong>
          {told.by}, {labelOf(WORDS.Taker, told.taker)}
        </strong>
        , {dateWithYear(told.moment.day)}
        {done && <>. {capital(done)}</>}
        {seen && <>. Saw: {seen + ear}</>}
        {ofEars.length > 0 && <>. {capital(ofEars.join('; '))}</>}
        {told.note && <>. “{told.note}”</>}
      </Typography>
      {mayRecord && (
        <Button
          size="small"
          aria-label={`Take back what ${told.by} told`}
          onClick={() => remove.mutate({ id: told.id })}
        >
          Take back
        </Button>
      )}
    </Box>
  );
}
