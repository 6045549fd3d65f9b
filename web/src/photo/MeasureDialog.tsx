import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useId, useRef, useState, type KeyboardEvent } from 'react';
import { putFact, versionsOf } from '../fact/facts';
import { useChange } from '../fact/useChange';
import { useHousehold } from '../household/useMe';
import { moved, patchAt, type Place } from './patch';
import { imagePath, type PhotoSeen } from './photos';

type Which = 'skin' | 'white';

const WORDS: Record<Which, string> = { skin: 'Skin', white: 'White' };

/** Marks a patch of skin and a patch of white, by which the redness of the skin is measured. */
export function MeasureDialog({ seen, onClose }: { seen: PhotoSeen; onClose: () => void }) {
  const { photo } = seen;
  const title = useId();
  const household = useHousehold().id;
  const image = useRef<HTMLImageElement>(null);
  const [which, setWhich] = useState<Which>('skin');
  const [places, setPlaces] = useState<Record<Which, Place>>({
    skin: photo.patches?.skin ?? { x: 0.3, y: 0.3 },
    white: photo.patches?.white ?? { x: 0.85, y: 0.85 },
  });
  const save = useChange(async (_: void, where) => {
    const pixels = pixelsOf(image.current);
    const one = { household: where.household, kind: 'photos', id: photo.id } as const;
    const latest = (await versionsOf(one))[0];
    if (!latest?.said) return [];
    const patches = {
      skin: patchAt(places.skin, pixels),
      white: patchAt(places.white, pixels),
    };
    return [await putFact(one, { ...latest.said, patches }, latest.version)];
  }, onClose);

  const put = (place: Place) => setPlaces({ ...places, [which]: place });

  function press(event: KeyboardEvent) {
    const next = moved(places[which], event.key, event.shiftKey ? 0.1 : 0.02);
    if (next.x === places[which].x && next.y === places[which].y) return;
    event.preventDefault();
    put(next);
  }

  return (
    <Dialog open onClose={onClose} aria-labelledby={title} fullWidth maxWidth="md">
      <DialogTitle id={title}>Measure how red it is</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1 }}>
          Choose skin or white, then tap it in the picture, or move its ring with the arrow keys. It
          measures the picture, not the disease.
        </Typography>
        <ToggleButtonGroup
          exclusive
          aria-label="What is marked"
          value={which}
          onChange={(_, chosen: Which | null) => chosen && setWhich(chosen)}
          onKeyDown={press}
          sx={{ mb: 1 }}
        >
          {(['skin', 'white'] as const).map((one) => (
            <ToggleButton key={one} value={one}>
              {WORDS[one]}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Box sx={{ position: 'relative', width: 'fit-content', maxWidth: '100%' }}>
          <Box
            component="img"
            ref={image}
            src={imagePath(household, photo.image)}
            alt={`Tap the ${WORDS[which].toLowerCase()}`}
            onClick={({ nativeEvent, currentTarget }) =>
              put({
                x: nativeEvent.offsetX / currentTarget.clientWidth,
                y: nativeEvent.offsetY / currentTarget.clientHeight,
              })
            }
            sx={{ display: 'block', maxWidth: '100%', maxHeight: '55vh', cursor: 'crosshair' }}
          />
          {(['skin', 'white'] as const).map((one) => (
            <Ring key={one} place={places[one]} word={WORDS[one]} isChosen={one === which} />
          ))}
        </Box>
        {save.isError && (
          <Alert severity="error" sx={{ mt: 1 }}>
            {save.error.message}
          </Alert>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" loading={save.isPending} onClick={() => save.mutate()}>
          Measure
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Ring({ place, word, isChosen }: { place: Place; word: string; isChosen: boolean }) {
  return (
    <Box
      aria-hidden="true"
      sx={{
        position: 'absolute',
        left: `${place.x * 100}%`,
        top: `${place.y * 100}%`,
        transform: 'translate(-50%, -50%)',
        width: 30,
        height: 30,
        borderRadius: '50%',
        border: isChosen ? '3px solid #fff' : '2px dashed #fff',
        outline: '2px solid #000',
        pointerEvents: 'none',
        color: '#fff',
        fontSize: '0.8rem',
        fontWeight: 700,
      }}
    >
      <Box
        component="span"
        sx={{
          position: 'absolute',
          top: 32,
          left: -4,
          px: 0.5,
          bgcolor: '#000',
          borderRadius: 0.5,
        }}
      >
        {word}
      </Box>
    </Box>
  );
}

function pixelsOf(image: HTMLImageElement | null): ImageData {
  const canvas = document.createElement('canvas');
  canvas.width = image?.naturalWidth ?? 1;
  canvas.height = image?.naturalHeight ?? 1;
  const context = canvas.getContext('2d');
  if (!image || !context) throw new Error('The picture is not there yet. Try again.');
  context.drawImage(image, 0, 0);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}
