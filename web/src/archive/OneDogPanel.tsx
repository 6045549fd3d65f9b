import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useHousehold } from '../household/useMe';
import { Failure } from '../ui/Failure';
import { useSaveArchive } from './useSaveArchive';

/** One dog out as a file, for when it moves. */
export function OneDogPanel({
  dogs,
}: {
  dogs: readonly { id: string; profile: { name: string } }[];
}) {
  const { id } = useHousehold();
  const { dialog, save } = useSaveArchive();
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="One dog">
      <Typography variant="h2" sx={{ mb: 1 }}>
        One dog as a file
      </Typography>
      <Typography sx={{ mb: 1 }}>
        For a dog that moves: its records, photographs and the bottles they name, and nothing of the
        others. It is taken in like an archive.
      </Typography>
      {save.isError && <Failure error={save.error} />}
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        {dogs.map(({ id: dog, profile }) => (
          <Button
            key={dog}
            variant="outlined"
            onClick={() => save.mutate(`/api/households/${id}/dogs/${dog}/archive`)}
          >
            {profile.name}
          </Button>
        ))}
      </Stack>
      {dialog}
    </Paper>
  );
}
