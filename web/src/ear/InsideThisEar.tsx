import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Slider from '@mui/material/Slider';
import Stack from '@mui/material/Stack';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useId, useState } from 'react';
import { useSettings } from '../household/useMe';
import type { Schemas } from '../api/client';
import { sidesAsSeen } from '../measure/facing';
import { earName, letter, ofSide, type Side } from '../measure/side';
import { volumeRange, volumeWords } from '../measure/units';
import { CanalDrawing } from './CanalDrawing';
import { useCanal } from './useCanal';
import { Because } from '../ui/Because';

type Canals = NonNullable<Schemas['InsideTab']['canals']>;

const STEEPEST = 60;
/** The slider goes a little beyond what the canal holds, to show it run over. */
const BEYOND_FULL = 1.25;
const STEP_ML = 0.1;

/** What this dog's canal holds, and what pouring and tipping do in it. */
export function InsideThisEar({ canals }: { canals: Canals }) {
  const { facing, volumeUnit } = useSettings();
  const [side, setSide] = useState<Side>('RIGHT');
  const estimate = ofSide(canals, side);
  const [poured, setPoured] = useState(() => Math.round(estimate.volume * 10) / 10);
  const [tilt, setTilt] = useState(0);
  const preview = useCanal(estimate.volume, poured, tilt);
  const fluid = preview.data?.fluid;
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Inside this ear">
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, flexWrap: 'wrap', mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Inside this ear
        </Typography>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={side}
          aria-label="Which ear"
          onChange={(_, chosen: Side | null) => {
            if (chosen) setSide(chosen);
          }}
        >
          {sidesAsSeen(facing).map((one) => (
            <ToggleButton key={one} value={one} sx={{ px: 2, textTransform: 'none' }}>
              {letter(one)} · {earName(one)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      </Stack>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'minmax(0, 360px) 1fr' },
          gap: 3,
          alignItems: 'center',
        }}
      >
        <Box>
          {preview.data && (
            <CanalDrawing
              canal={preview.data.canal}
              fluid={preview.data.fluid}
              tilt={tilt}
              label={`The ${earName(side)}'s canal with ${volumeWords(poured, volumeUnit)} poured in`}
            />
          )}
        </Box>
        <Stack spacing={1.5}>
          <Typography sx={{ fontSize: '1.2rem', fontWeight: 650 }}>
            Holds {volumeWords(estimate.volume, volumeUnit)}
            {estimate.beyondPublished ? ' ±' : ''}
            <Typography component="span" color="textSecondary">
              {' '}
              · likely {volumeRange(estimate.low, estimate.high, volumeUnit)}
            </Typography>
          </Typography>
          <LabelledSlider
            label="Poured"
            words={volumeWords(poured, volumeUnit)}
            value={poured}
            max={Math.ceil(estimate.volume * BEYOND_FULL)}
            step={STEP_ML}
            onChange={setPoured}
          />
          <LabelledSlider
            label="Head tipped"
            words={`${tilt}°`}
            value={tilt}
            max={STEEPEST}
            step={1}
            onChange={setTilt}
          />
          <Box aria-live="polite" sx={{ minHeight: '4.5em' }}>
            {fluid?.reasons.map((reason) => (
              <Typography key={reason.rule} sx={{ fontWeight: 600 }}>
                <Because reason={reason} />
              </Typography>
            ))}
          </Box>
          <Stack component="ul" sx={{ m: 0, pl: 2.5, gap: 0.5 }}>
            <Typography component="li" variant="body2">
              Lift the flap up and away: it opens the canal and straightens the bend.
            </Typography>
            <Typography component="li" variant="body2">
              A few drops never rise above the bend: the wax down there stays as it was.
            </Typography>
            <Typography component="li" variant="body2">
              Keep the head level until you have massaged: tipped, it runs out again.
            </Typography>
            {estimate.reasons.map((reason) => (
              <Typography
                key={reason.sentence}
                component="li"
                variant="body2"
                color="textSecondary"
              >
                <Because reason={reason} />
              </Typography>
            ))}
          </Stack>
        </Stack>
      </Box>
    </Paper>
  );
}

function LabelledSlider(props: {
  label: string;
  words: string;
  value: number;
  max: number;
  step: number;
  onChange: (value: number) => void;
}) {
  const id = useId();
  return (
    <Box>
      <Stack direction="row" sx={{ justifyContent: 'space-between' }}>
        <Typography id={id}>{props.label}</Typography>
        <Typography sx={{ fontWeight: 650 }}>{props.words}</Typography>
      </Stack>
      <Slider
        aria-labelledby={id}
        value={props.value}
        min={0}
        max={props.max}
        step={props.step}
        getAriaValueText={() => props.words}
        onChange={(_, value) => props.onChange(value)}
      />
    </Box>
  );
}
