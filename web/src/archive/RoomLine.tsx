import Alert from '@mui/material/Alert';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';

const MEGABYTE = 1_000_000;
const NEARLY_FULL = 0.8;

/** How much room the household's pictures and papers take; a warning before there is none left. */
export function RoomLine() {
  const household = useHousehold().id;
  const room = useQuery({
    queryKey: [household, 'room'],
    queryFn: () =>
      answered(api.GET('/api/households/{household}/room', { params: { path: { household } } })),
  }).data;
  if (!room) return null;
  const taken = Math.ceil(room.takenBytes / MEGABYTE);
  const most = Math.floor(room.mostBytes / MEGABYTE);
  const words = `Photographs and papers take ${taken} of ${most} MB.`;
  return room.takenBytes > NEARLY_FULL * room.mostBytes ? (
    <Alert severity="warning">
      {words} Soon no more fit: save what you want to keep, and ask whoever runs this server for
      more.
    </Alert>
  ) : (
    <Typography color="textSecondary">{words}</Typography>
  );
}
