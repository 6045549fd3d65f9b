import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import Stack from '@mui/material/Stack';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { useHousehold, useMayRecord } from '../household/useMe';
import { capital } from '../measure/words';
import { MeasureDialog } from './MeasureDialog';
import { imagePath, photoWords, type PhotoSeen } from './photos';

type How = 'BESIDE' | 'OVER';

/** Two photographs, side by side or one laid over the other at one scale. */
export function ComparedPhotos({ one, other }: { one: PhotoSeen; other: PhotoSeen | undefined }) {
  const [how, setHow] = useState<How>('BESIDE');
  return (
    <Box component="section" aria-label="The chosen photographs">
      {other && (
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label="How they are compared"
          value={how}
          onChange={(_, chosen: How | null) => chosen && setHow(chosen)}
          sx={{ mb: 1.5 }}
        >
          <ToggleButton value="BESIDE">Side by side</ToggleButton>
          <ToggleButton value="OVER">Laid over</ToggleButton>
        </ToggleButtonGroup>
      )}
      {other && how === 'OVER' ? (
        <LaidOver under={one} over={other} />
      ) : (
        <Box
          sx={{
            display: 'grid',
            gap: 2,
            gridTemplateColumns: { xs: '1fr', sm: other ? '1fr 1fr' : '1fr' },
            maxWidth: other ? 'none' : 640,
          }}
        >
          <Single seen={one} />
          {other && <Single seen={other} />}
        </Box>
      )}
    </Box>
  );
}

function Single({ seen }: { seen: PhotoSeen }) {
  const household = useHousehold().id;
  const mayRecord = useMayRecord();
  const [measuring, setMeasuring] = useState(false);
  return (
    <Box component="figure" sx={{ m: 0, minWidth: 0 }}>
      <Box
        component="img"
        src={imagePath(household, seen.photo.image)}
        alt={photoWords(seen)}
        sx={{
          display: 'block',
          width: '100%',
          aspectRatio: '4 / 3',
          objectFit: 'contain',
          borderRadius: 1,
        }}
      />
      <Typography component="figcaption" sx={{ mt: 0.5, fontWeight: 650 }}>
        {capital(photoWords(seen))}
      </Typography>
      <Typography variant="body2">
        {seen.redness ? seen.redness.reason.sentence : 'Redness not measured.'}
        {seen.grade && ` The check of that day said: redness ${labelOf(WORDS.Grade, seen.grade)}.`}
      </Typography>
      {mayRecord && (
        <Button
          size="small"
          aria-label={`Measure the redness, ${photoWords(seen)}`}
          onClick={() => setMeasuring(true)}
        >
          {seen.redness ? 'Measure again' : 'Measure the redness'}
        </Button>
      )}
      {measuring && <MeasureDialog seen={seen} onClose={() => setMeasuring(false)} />}
    </Box>
  );
}

function LaidOver({ under, over }: { under: PhotoSeen; over: PhotoSeen }) {
  const household = useHousehold().id;
  const [share, setShare] = useState(50);
  const [scale, setScale] = useState(100);
  const path = (seen: PhotoSeen) => imagePath(household, seen.photo.image);
  return (
    <Box sx={{ maxWidth: 560 }}>
      <Box sx={{ position: 'relative', overflow: 'hidden', borderRadius: 1 }}>
        <Box
          component="img"
          src={path(under)}
          alt={photoWords(under)}
          sx={{ display: 'block', width: '100%' }}
        />
        <Box
          component="img"
          src={path(over)}
          alt={`laid over it: ${photoWords(over)}`}
          sx={{
            position: 'absolute',
            top: 0,
            left: 0,
            width: '100%',
            opacity: share / 100,
            transform: `scale(${scale / 100})`,
          }}
        />
      </Box>
      <Stack sx={{ mt: 1 }}>
        <Typography id="share-of-the-other">
          {share < 50 ? capital(photoWords(under)) : capital(photoWords(over))} shows through more
        </Typography>
        <Slider
          aria-labelledby="share-of-the-other"
          value={share}
          onChange={(_, value) => setShare(value)}
        />
        <Typography id="scale-of-the-other">The second at {scale} % of its size</Typography>
        <Slider
          aria-labelledby="scale-of-the-other"
          min={50}
          max={200}
          value={scale}
          onChange={(_, value) => setScale(value)}
        />
      </Stack>
    </Box>
  );
}
