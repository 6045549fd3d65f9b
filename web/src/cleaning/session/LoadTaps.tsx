import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/words';
import { RadioTiles } from '../../form/RadioTiles';
import { earName, type Side } from '../../measure/side';
import { LOADS } from '../load';
import { COLOURS } from '../noticed';
import { PhotographButton } from '../../photo/PhotographButton';
import { FoundAlert } from './FoundTaps';
import { LoadTiles } from './LoadTiles';
import type { EarTaps } from './progress';

const HURT_TILES = [{ value: 'NO' as const, label: 'no' }, ...WORDS.Hurt].map(
  ({ value, label }) => ({
    value,
    name: label,
    content: label,
  }),
);

/** What came out of one ear: how much, and what it looked and smelled like where that was seen. */
export function LoadTaps({
  dogId,
  ear,
  taps,
  task,
  onChange,
}: {
  dogId: string;
  ear: Side;
  taps: EarTaps;
  task: Pick<Schemas['EarTask'], 'ordered' | 'finds'>;
  onChange: (taps: Partial<EarTaps>) => void;
}) {
  const name = earName(ear);
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.25,
        alignContent: { xs: 'start', md: 'center' },
        height: '100%',
      }}
    >
      <LoadTiles ear={ear} load={taps.load} onChange={(load) => onChange({ load })} />
      <Typography
        aria-live="polite"
        sx={{ fontWeight: 600, minHeight: '1.5em', textAlign: 'center' }}
      >
        {LOADS.find((load) => load.grade === taps.load)?.sentence}
      </Typography>
      <Box>
        <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between' }}>
          <Typography variant="body2" color="textSecondary">
            Colour, if you saw it
          </Typography>
          <PhotographButton small subject={{ dogId, shows: 'WIPES', ear }} />
        </Box>
        <RadioTiles
          label={`Colour of what came out of the ${name}`}
          columns={4}
          value={taps.colour}
          onChange={(colour) => onChange({ colour })}
          tiles={COLOURS.map(({ value, label }) => ({ value, name: label, content: label }))}
        />
      </Box>
      <Box>
        <Typography variant="body2" color="textSecondary">
          Smell
        </Typography>
        <RadioTiles
          label={`Smell of what came out of the ${name}`}
          columns={4}
          value={taps.odour === undefined ? undefined : taps.odour}
          onChange={(odour) => onChange({ odour })}
          tiles={WORDS.Odour.map(({ value, label }) => ({ value, name: label, content: label }))}
        />
      </Box>
      <Box>
        <Typography variant="body2" color="textSecondary">
          Did it hurt?
        </Typography>
        <RadioTiles
          label={`Whether it hurt, ${name}`}
          columns={3}
          value={taps.hurt ?? 'NO'}
          onChange={(hurt) => onChange({ hurt: hurt === 'NO' ? undefined : hurt })}
          tiles={HURT_TILES}
        />
      </Box>
      <FoundAlert ear={ear} noticed={taps} ordered={task.ordered} finds={task.finds} />
    </Box>
  );
}
