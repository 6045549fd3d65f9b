import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import type { Ingredient } from './pours';
import { FoldedLine } from '../form/FoldedLine';
import { SUITS_WORDS } from './suits';
import { SuitsMark } from './SuitsMark';
import { useRecipes } from './useMix';
import { Because } from '../ui/Because';
import { useSettings } from '../household/useMe';
import { bottleWords, type VolumeUnit } from '../measure/units';

type Card = Schemas['RecipeCard'];
type Parts = Card['parts'];

/** "50 mL White vinegar, 2.2 g Boric acid powder" */
function partsWords(parts: Parts, shelf: readonly Ingredient[], unit: VolumeUnit): string {
  return parts
    .map(({ ingredient, amount }) => {
      const known = shelf.find((one) => one.id === ingredient);
      const much = known?.phase === 'SOLID' ? `${amount} g` : bottleWords(amount, unit);
      return `${much} ${known?.name ?? ingredient}`;
    })
    .join(', ');
}

/** What the schools mix, a line each; opened, both sides' arguments and what the rules say of it. */
export function RecipeCards({
  shelf,
  onPour,
}: {
  shelf: readonly Ingredient[];
  onPour: (parts: Parts) => void;
}) {
  const recipes = useRecipes();
  if (!recipes.data) return null;
  return (
    <Box component="section" aria-label="What the schools mix">
      <Typography variant="h2">What the schools mix</Typography>
      <Typography color="textSecondary" sx={{ mb: 1 }}>
        How each suits a quiet ear. Open one for what speaks for it and against it.
      </Typography>
      <Box
        component="ul"
        sx={{
          display: 'grid',
          columnGap: 4,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          alignItems: 'start',
          p: 0,
          m: 0,
        }}
      >
        {recipes.data.map((card) => (
          <RecipeCard key={card.id} card={card} shelf={shelf} onPour={onPour} />
        ))}
      </Box>
    </Box>
  );
}

function RecipeCard({
  card,
  shelf,
  onPour,
}: {
  card: Card;
  shelf: readonly Ingredient[];
  onPour: (parts: Parts) => void;
}) {
  const { volumeUnit } = useSettings();
  const { suits, reasons } = card.said;
  return (
    <Box component="li" sx={{ listStyle: 'none' }}>
      <FoldedLine
        label={
          <Box
            component="span"
            sx={{ display: 'flex', gap: 1, color: 'text.primary', '& svg': { flex: 'none' } }}
          >
            <SuitsMark suits={suits} into="ear" />
            {card.name}
          </Box>
        }
        value={SUITS_WORDS[suits]}
        differs={suits !== 'OK'}
      >
        <Typography color="textSecondary">{partsWords(card.parts, shelf, volumeUnit)}.</Typography>
        <Typography>
          <strong>For it:</strong> {card.favour}.
        </Typography>
        <Typography>
          <strong>Against it:</strong> {card.against}.
        </Typography>
        {reasons.map(({ reason }) => (
          <Typography key={reason.sentence} sx={{ color: 'warning.main' }}>
            <Because reason={reason} />
          </Typography>
        ))}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button
            variant="outlined"
            aria-label={`Pour it: ${card.name}`}
            onClick={() => onPour(card.parts)}
          >
            {suits === 'OK' ? 'Pour it' : 'See why not'}
          </Button>
          {suits !== 'OK' && card.nearest.length > 0 && (
            <Button
              aria-label={`The nearest that suits: ${card.name}`}
              onClick={() => onPour(card.nearest)}
            >
              The nearest that suits
            </Button>
          )}
        </Box>
      </FoldedLine>
    </Box>
  );
}
