import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { RadioTiles } from '../../form/RadioTiles';
import { dateWithYear } from '../../measure/days';
import type { GuidedSession, Tap } from './progress';

const NONE = 'none';
const MOST = 4;

/** Which bottle is used, so that its rest is known; none needs to be named. */
export function BottleField({
  guided,
  value,
  onTap,
}: {
  guided: GuidedSession;
  value: string | undefined;
  onTap: (tap: Tap) => void;
}) {
  const bottles = guided.cleaners.slice(0, MOST);
  if (bottles.length === 0) return null;
  return (
    <Box sx={{ display: 'grid', gap: 0.75, alignContent: 'center', height: '100%' }}>
      <Typography sx={{ fontWeight: 650 }}>Which bottle?</Typography>
      <RadioTiles
        label="Which bottle"
        columns={1}
        value={value ?? NONE}
        onChange={(id) => onTap({ type: 'cleaner', cleaner: id === NONE ? undefined : id })}
        tiles={[
          ...bottles.map((bottle) => ({
            value: bottle.id,
            name: bottle.name,
            content: (
              <>
                <Typography component="span" sx={{ fontWeight: 600 }}>
                  {bottle.name}
                </Typography>
                <Typography component="span" variant="body2" color="textSecondary">
                  {bottle.openedOn ? `open since ${dateWithYear(bottle.openedOn)}` : 'not opened'}
                </Typography>
              </>
            ),
          })),
          { value: NONE, name: 'no matter which', content: 'no matter which' },
        ]}
      />
    </Box>
  );
}
