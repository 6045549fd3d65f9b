import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useEffect, useMemo, useState } from 'react';
import { RadioTiles } from '../form/RadioTiles';
import { useSettings } from '../household/useMe';
import { sidesAsSeen } from '../measure/facing';
import { earName, letter, type Side } from '../measure/side';
import type { DogToday } from '../view/useToday';
import type { Shows } from './photos';
import { forgetShared } from './shared';
import { useKeepPhoto } from './usePhotos';
import { useGoOn } from '../ui/useGoOn';

/** Whose ear a shared photograph shows: asked once, then it is kept like any other. */
export function SharedPhoto({
  picture,
  dogs,
}: {
  picture: Blob;
  dogs: readonly Pick<DogToday, 'id' | 'profile'>[];
}) {
  const goOn = useGoOn();
  const [dogId, setDog] = useState(dogs.length === 1 ? (dogs[0]?.id ?? '') : '');
  const [ear, setEar] = useState<Side>();
  const [shows, setShows] = useState<Shows>('EAR');
  const url = useMemo(() => URL.createObjectURL(picture), [picture]);
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  const sides = sidesAsSeen(useSettings().facing);
  const keep = useKeepPhoto({ dogId, shows, ear: ear ?? 'RIGHT' }, () => {
    void forgetShared();
    goOn(`/dogs/${dogId}/photos`);
  });
  const said = dogId !== '' && ear !== undefined;
  return (
    <Stack spacing={2} sx={{ maxWidth: 560 }}>
      <Box
        component="img"
        src={url}
        alt="The photograph that was shared"
        sx={{ maxWidth: '100%', maxHeight: '40vh', borderRadius: 1, objectFit: 'contain' }}
      />
      <TextField
        select
        label="Whose ear"
        value={dogId}
        onChange={(event) => setDog(event.target.value)}
        slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
      >
        <option value="" />
        {dogs.map(({ id, profile }) => (
          <option key={id} value={id}>
            {profile.name}
          </option>
        ))}
      </TextField>
      <RadioTiles
        label="Which ear"
        columns={2}
        value={ear}
        onChange={setEar}
        tiles={sides.map((side) => ({
          value: side,
          name: earName(side),
          content: <span style={{ padding: 14 }}>{`${letter(side)} · ${earName(side)}`}</span>,
        }))}
      />
      <RadioTiles
        label="What it shows"
        columns={2}
        value={shows}
        onChange={setShows}
        tiles={[
          { value: 'EAR', name: 'the ear', content: <span style={{ padding: 14 }}>the ear</span> },
          {
            value: 'WIPES',
            name: 'its wipes',
            content: <span style={{ padding: 14 }}>its wipes</span>,
          },
        ]}
      />
      {keep.isError && <Alert severity="error">{keep.error.message}</Alert>}
      <Button
        variant="contained"
        size="large"
        disabled={!said}
        loading={keep.isPending}
        onClick={() => keep.mutate(picture)}
        sx={{ minHeight: 56 }}
      >
        Keep it
      </Button>
    </Stack>
  );
}
