import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import type { MixPreview } from './useMix';
import { useMaking } from './useMix';
import { scaled, type MixRequest, type Pour } from './pours';
import { useSettings } from '../household/useMe';
import { bottleWords } from '../measure/units';

/** The same lines without parts: those are shares of another whole. */
function inMillilitres(pours: readonly Pour[], { poured }: MixPreview): Pour[] {
  return pours.map((pour, at) => {
    const amount = poured[at]?.amount;
    return pour.measure === 'PART' && poured.length === pours.length && amount !== undefined
      ? { ...pour, amount: String(amount), measure: 'MILLILITRE' }
      : pour;
  });
}

/** How much to make, by what the plan takes while it keeps; what it costs; and on to making it. */
export function MakingPanel({
  mix,
  request,
  pours,
  address,
  onPour,
}: {
  mix: MixPreview;
  request: MixRequest;
  pours: readonly Pour[];
  /** Of the page that leads through the making. */
  address: string;
  onPour: (pours: Pour[]) => void;
}) {
  const { volumeUnit } = useSettings();
  const making = useMaking(request);
  if (!making.data) return null;
  const { need, costs, readyMade } = making.data;
  const wanted = Math.round(need.millilitres);
  const isEnough = Math.abs(wanted - mix.millilitres) < 1;
  const kitchen = mix.kitchen.map(({ ingredient, measure, count }, at) => ({
    ingredient,
    measure,
    amount: String(count),
    strength: pours.find((pour) => pour.ingredient === ingredient)?.strength ?? '',
    at,
  }));
  const inKitchen = kitchen.some(({ measure }) => measure !== 'MILLILITRE' && measure !== 'GRAM');
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label="How much to make"
      sx={{ p: 2, display: 'grid', gap: 1 }}
    >
      <Typography variant="h2">How much to make</Typography>
      {need.reasons.map(({ sentence }) => (
        <Typography key={sentence}>{sentence}</Typography>
      ))}
      {costs !== undefined && (
        <Typography>
          By what such things cost as a rule, a cleaning with it is about {costs.toFixed(2)}
          {readyMade && `; with ${readyMade.name}, ready-made, ${readyMade.costs.toFixed(2)}`}.
        </Typography>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
        <Button variant="contained" component={RouterLink} to={address}>
          Make it
        </Button>
        {wanted > 0 && !isEnough && mix.millilitres > 0 && (
          <Button
            variant="outlined"
            onClick={() => onPour(scaled(inMillilitres(pours, mix), wanted / mix.millilitres))}
          >
            Scale it to {bottleWords(wanted, volumeUnit)}
          </Button>
        )}
        {inKitchen && (
          <Button
            variant="outlined"
            onClick={() =>
              onPour(
                kitchen.map(({ ingredient, measure, amount, strength }) => ({
                  ingredient,
                  measure,
                  amount,
                  strength,
                })),
              )
            }
          >
            In kitchen measures
          </Button>
        )}
      </Box>
    </Paper>
  );
}
