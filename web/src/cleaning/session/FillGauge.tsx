import AddIcon from '@mui/icons-material/Add';
import RemoveIcon from '@mui/icons-material/Remove';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useSettings } from '../../household/useMe';
import { CanalDrawing } from '../../ear/CanalDrawing';
import { earName, ofSide, type Side } from '../../measure/side';
import { volumeWords } from '../../measure/units';
import { OpeningDrawing } from './OpeningDrawing';
import { pourOf, type GuidedSession, type Progress, type Step, type Tap } from './progress';

type Gauge = NonNullable<GuidedSession['canals']>['right'];

const STEP_ML = 0.5;
const MOST_ML = 60;

/** The fluid of the gauge that is nearest to what was poured. */
function fluidAt({ fluids, volume }: Gauge, millilitres: number) {
  const toFull = fluids.findIndex((fluid) => fluid.poured >= volume - 1e-6);
  const index = Math.round((millilitres / volume) * toFull);
  return fluids[Math.min(Math.max(index, 0), fluids.length - 1)];
}

/** The canal with what has been poured, and a count of it for who measures. */
export function FillGauge({
  guided,
  progress,
  step,
  ear,
  onTap,
}: {
  guided: GuidedSession;
  progress: Progress;
  step: Step;
  ear: Side;
  onTap: (tap: Tap) => void;
}) {
  const { volumeUnit } = useSettings();
  const gauge = guided.canals && ofSide(guided.canals, ear);
  const measured =
    pourOf(progress, step)?.millilitres ?? (step.kind === 'SYRINGE' ? step.volume : undefined);
  const usual = Math.max(STEP_ML, Math.round((step.volume ?? 5) / STEP_ML) * STEP_ML);
  const shown = measured ?? gauge?.volume;
  const fluid = gauge && shown !== undefined ? fluidAt(gauge, shown) : undefined;
  const set = (millilitres: number) =>
    onTap({ type: 'pour', millilitres: Math.min(Math.max(millilitres, STEP_ML), MOST_ML) });
  const words = measured === undefined ? 'not measured' : volumeWords(measured, volumeUnit);
  return (
    <Box
      sx={{
        height: '100%',
        minHeight: 0,
        display: 'grid',
        gridTemplateRows: 'minmax(0, 1fr) auto auto',
        rowGap: 1,
      }}
    >
      <Box
        sx={{
          minHeight: 0,
          display: 'grid',
          gap: 1,
          gridTemplateColumns: 'minmax(0, 2fr) minmax(0, 3fr)',
          gridTemplateRows: 'minmax(0, 1fr)',
          '& svg': { width: '100%', height: '100%' },
        }}
      >
        <OpeningDrawing ear={ear} />
        {gauge && fluid && (
          <CanalDrawing
            canal={gauge.canal}
            fluid={fluid}
            tilt={0}
            line
            label={`The ${earName(ear)}’s canal, ${
              measured === undefined ? 'filled to the line' : `${words} poured in`
            }`}
          />
        )}
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'center', gap: 1.5 }}>
        <IconButton
          onClick={() => set(measured === undefined ? usual - STEP_ML : measured - STEP_ML)}
          aria-label="Half a millilitre less"
          sx={TAP}
        >
          <RemoveIcon />
        </IconButton>
        <Typography aria-live="polite" sx={{ minWidth: 128, textAlign: 'center', fontWeight: 650 }}>
          {words}
        </Typography>
        <IconButton
          onClick={() => set(measured === undefined ? usual : measured + STEP_ML)}
          aria-label="Half a millilitre more"
          sx={TAP}
        >
          <AddIcon />
        </IconButton>
      </Box>
      {step.kind === 'SYRINGE' && (
        <Button
          variant="outlined"
          size="large"
          onClick={() => onTap({ type: 'cameBack' })}
          sx={{ minHeight: 56 }}
        >
          It came back out: full
        </Button>
      )}
    </Box>
  );
}

const TAP = { width: 56, height: 56, border: 1, borderColor: 'divider' } as const;
