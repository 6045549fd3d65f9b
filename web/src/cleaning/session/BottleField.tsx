import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { RadioTiles } from '../../form/RadioTiles';
import { dateWithYear, shortDate } from '../../measure/days';
import { SuitsMark } from '../../solution/SuitsMark';
import { SUITS_WORDS } from '../../solution/suits';
import { answerOf, type BottleAtHand } from './bottles';
import type { GuidedSession, Tap } from './progress';

const NONE = 'none';
const MOST = 4;

/** Which bottle is taken: what speaks against each stands on it; none needs to be named. */
export function BottleField({
  guided,
  value,
  onTap,
}: {
  guided: GuidedSession;
  value: string | undefined;
  onTap: (tap: Tap) => void;
}) {
  const chosen = guided.chosen?.supply.id;
  const bottles = [...guided.bottles]
    .sort((one, other) => Number(other.supply.id === chosen) - Number(one.supply.id === chosen))
    .slice(0, MOST);
  if (bottles.length === 0) return null;
  const which = bottles[0]?.supply.kind === 'WIPES' ? 'Which wipes' : 'Which bottle';
  return (
    <Box sx={{ display: 'grid', gap: 0.75, alignContent: 'center', height: '100%' }}>
      <Typography sx={{ fontWeight: 650 }}>{which}?</Typography>
      <RadioTiles
        label={which}
        columns={1}
        value={value ?? NONE}
        onChange={(id) => onTap({ type: 'cleaner', cleaner: id === NONE ? undefined : id })}
        tiles={[
          ...bottles.map((bottle) => ({
            value: bottle.supply.id,
            name: nameOf(guided, bottle),
            content: <Bottle guided={guided} bottle={bottle} />,
          })),
          { value: NONE, name: 'no matter which', content: 'no matter which' },
        ]}
      />
    </Box>
  );
}

function nameOf(guided: GuidedSession, bottle: BottleAtHand): string {
  const { suits } = answerOf(guided, bottle);
  const { name } = bottle.supply;
  return suits === 'OK' ? name : `${name}: ${SUITS_WORDS[suits]}`;
}

function Bottle({ guided, bottle }: { guided: GuidedSession; bottle: BottleAtHand }) {
  const { suits, reasons } = answerOf(guided, bottle);
  const { supply, useBy } = bottle;
  const says =
    suits === 'OK'
      ? guided.chosen?.supply.id === supply.id
        ? guided.chosen.reason.sentence.slice(supply.name.length + 2)
        : [
            supply.openedOn ? `open since ${dateWithYear(supply.openedOn)}` : 'not opened',
            useBy && `use by ${shortDate(useBy)}`,
          ]
            .filter(Boolean)
            .join(' · ')
      : (reasons[0]?.reason.sentence ?? '');
  return (
    <Box
      component="span"
      sx={{ display: 'flex', gap: 1, alignItems: 'center', width: '100%', px: 1 }}
    >
      <Box component="span" sx={{ flex: 1, minWidth: 0, textAlign: 'left' }}>
        <Typography component="span" sx={{ fontWeight: 600, display: 'block' }}>
          {supply.name}
        </Typography>
        <Typography
          component="span"
          variant="body2"
          color={suits === 'NO' ? 'error' : 'textSecondary'}
          sx={{ display: 'block' }}
        >
          {says}
        </Typography>
      </Box>
      <Box component="span" sx={{ flex: 'none', width: 28 }}>
        <SuitsMark suits={suits} into="ear" />
      </Box>
    </Box>
  );
}
