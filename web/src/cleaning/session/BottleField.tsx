import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { RadioTiles } from '../../form/RadioTiles';
import { dateWithYear, shortDate } from '../../measure/days';
import { earName, ofSide, type Side } from '../../measure/side';
import { SuitsMark } from '../../solution/SuitsMark';
import { SUITS_WORDS } from '../../solution/suits';
import { answerOf, type BottleAtHand } from './bottles';
import { bottleOf, laidOutOf, type GuidedSession, type Progress, type Tap } from './progress';

const NONE = 'none';
const MOST = 4;

/** Which bottle is taken, for each ear where they have one each; none needs to be named. */
export function BottleField({
  guided,
  progress,
  onTap,
}: {
  guided: GuidedSession;
  progress: Progress;
  onTap: (tap: Tap) => void;
}) {
  const laid = laidOutOf(guided);
  const { order } = guided.session;
  const apart = order.length > 1 && laid.right !== laid.left;
  const missing = [guided.laidOut.right.missing, guided.laidOut.left.missing].find(Boolean);
  return (
    <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'center', height: '100%' }}>
      {missing && <Alert severity="warning">{missing.sentence}</Alert>}
      {apart ? (
        order.map((side) => (
          <Choice
            key={side}
            guided={guided}
            side={side}
            most={2}
            value={bottleOf(progress, side)}
            onTap={onTap}
          />
        ))
      ) : (
        <Choice
          guided={guided}
          most={MOST}
          value={bottleOf(progress, order[0] ?? 'RIGHT')}
          onTap={onTap}
        />
      )}
    </Box>
  );
}

/** The bottles of one ear, or of all that is done: what speaks against each stands on it. */
function Choice({
  guided,
  side,
  most,
  value,
  onTap,
}: {
  guided: GuidedSession;
  side?: Side;
  most: number;
  value: string | undefined;
  onTap: (tap: Tap) => void;
}) {
  const chosen = chosenOf(guided, side)?.supply.id;
  const bottles = [...guided.bottles]
    .sort((one, other) => Number(other.supply.id === chosen) - Number(one.supply.id === chosen))
    .slice(0, most);
  if (bottles.length === 0) return null;
  const what = bottles[0]?.supply.kind === 'WIPES' ? 'Which wipes' : 'Which bottle';
  const which = side ? `${what}, ${earName(side)}` : what;
  return (
    <Box sx={{ display: 'grid', gap: 0.75 }}>
      <Typography sx={{ fontWeight: 650 }}>{which}?</Typography>
      <RadioTiles
        label={which}
        columns={1}
        value={value ?? NONE}
        onChange={(id) =>
          onTap({
            type: 'cleaner',
            cleaner: id === NONE ? undefined : id,
            ...(side && { side }),
          })
        }
        tiles={[
          ...bottles.map((bottle) => ({
            value: bottle.supply.id,
            name: nameOf(guided, bottle, side),
            content: <Bottle guided={guided} bottle={bottle} side={side} />,
          })),
          ...(side ? [] : [{ value: NONE, name: 'no matter which', content: 'no matter which' }]),
        ]}
      />
    </Box>
  );
}

/** The bottle that is laid out for an ear, or for the first that is done. */
function chosenOf({ laidOut, session }: GuidedSession, side: Side | undefined) {
  return ofSide(laidOut, side ?? session.order[0] ?? 'RIGHT').chosen;
}

function nameOf(guided: GuidedSession, bottle: BottleAtHand, side: Side | undefined): string {
  const { suits } = answerOf(guided, bottle, side);
  const { name } = bottle.supply;
  return suits === 'OK' ? name : `${name}: ${SUITS_WORDS[suits]}`;
}

function Bottle({
  guided,
  bottle,
  side,
}: {
  guided: GuidedSession;
  bottle: BottleAtHand;
  side: Side | undefined;
}) {
  const { suits, reasons } = answerOf(guided, bottle, side);
  const chosen = chosenOf(guided, side);
  const { supply, useBy } = bottle;
  const says =
    suits === 'OK'
      ? chosen?.supply.id === supply.id
        ? chosen.reason.sentence.slice(supply.name.length + 2)
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
