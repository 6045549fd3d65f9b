import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { ElementType } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useHousehold, useMayRecord } from '../household/useMe';
import { SIDES } from '../measure/side';
import { ComparedPhotos } from '../photo/ComparedPhotos';
import { PhotographButton } from '../photo/PhotographButton';
import { imagePath, photoWords, type PhotoSeen } from '../photo/photos';
import { useRemovePhoto, usePhotos } from '../photo/usePhotos';
import { RednessChart } from '../trend/RednessChart';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';

const TWO = 2;

/** A dog's photographs, two of which are compared; the chosen ones stand in the address. */
export function Component() {
  const { dog: id = '' } = useParams();
  const photos = usePhotos(id);
  const mayRecord = useMayRecord();
  return (
    <Page
      title={`${photos.data?.name ?? ''}: photographs`}
      aside="Choose two to compare them"
      actions={
        <Button component={Link as ElementType} to={`/dogs/${id}`}>
          To the dog
        </Button>
      }
    >
      {photos.isError && <Failure error={photos.error} onRetry={() => void photos.refetch()} />}
      {mayRecord && (
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', mb: 2 }}>
          {SIDES.map((ear) => (
            <PhotographButton key={ear} subject={{ dogId: id, shows: 'EAR', ear }} />
          ))}
        </Stack>
      )}
      {photos.isPending && (
        <Skeleton variant="rounded" height={320} role="status" aria-label="Loading" />
      )}
      {photos.data?.photos.length === 0 && (
        <Typography>
          None yet. Take one at a check, or of the wipes when you have cleaned.
        </Typography>
      )}
      {photos.data && (
        <>
          <Album photos={photos.data.photos} />
          <RednessChart name={photos.data.name} photos={photos.data.photos} />
        </>
      )}
    </Page>
  );
}

/** The latest photograph, and the one before it of the same. */
function latestTwo(photos: readonly PhotoSeen[]): string[] {
  const latest = photos[0]?.photo;
  return photos
    .filter(({ photo }) => photo.of === latest?.of && photo.ear === latest.ear)
    .slice(0, TWO)
    .map(({ photo }) => photo.id);
}

function Album({ photos }: { photos: readonly PhotoSeen[] }) {
  const [asked, setAsked] = useSearchParams();
  const said = asked.getAll('photo').slice(0, TWO);
  const chosen = said.length > 0 ? said : latestTwo(photos);
  const [one, other] = chosen
    .flatMap((id) => photos.filter(({ photo }) => photo.id === id))
    .sort((a, b) => a.photo.moment.at.localeCompare(b.photo.moment.at));

  function choose(id: string) {
    const others = chosen.filter((known) => known !== id);
    const next = others.length < chosen.length ? others : [...others.slice(-1), id];
    setAsked(
      next.map((known): [string, string] => ['photo', known]),
      { replace: true },
    );
  }

  return (
    <>
      {one && <ComparedPhotos one={one} other={other} />}
      <Box
        component="ul"
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))',
          p: 0,
          mt: 3,
        }}
      >
        {photos.map((seen) => (
          <Tile
            key={seen.photo.id}
            seen={seen}
            isChosen={chosen.includes(seen.photo.id)}
            onChoose={() => choose(seen.photo.id)}
          />
        ))}
      </Box>
    </>
  );
}

function Tile({
  seen,
  isChosen,
  onChoose,
}: {
  seen: PhotoSeen;
  isChosen: boolean;
  onChoose: () => void;
}) {
  const household = useHousehold().id;
  const mayRecord = useMayRecord();
  const remove = useRemovePhoto(() => {});
  return (
    <Box component="li" sx={{ listStyle: 'none', minWidth: 0 }}>
      <Box
        component="button"
        type="button"
        aria-pressed={isChosen}
        aria-label={`Compare ${photoWords(seen)}`}
        onClick={onChoose}
        sx={{
          p: 0,
          width: '100%',
          border: 3,
          borderStyle: 'solid',
          borderColor: isChosen ? 'primary.main' : 'transparent',
          borderRadius: 1,
          bgcolor: 'transparent',
          cursor: 'pointer',
          overflow: 'hidden',
        }}
      >
        <Box
          component="img"
          src={imagePath(household, seen.photo.image)}
          alt=""
          loading="lazy"
          sx={{ display: 'block', width: '100%', aspectRatio: '4 / 3', objectFit: 'cover' }}
        />
      </Box>
      <Typography variant="body2">{photoWords(seen)}</Typography>
      {mayRecord && isChosen && (
        <Button
          size="small"
          aria-label={`Take away ${photoWords(seen)}`}
          onClick={() => remove.mutate(seen.photo.id)}
        >
          Take away
        </Button>
      )}
    </Box>
  );
}
