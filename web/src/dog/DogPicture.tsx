import Avatar from '@mui/material/Avatar';
import { useHousehold } from '../household/useMe';

/** A dog's picture, where it has one. */
export function DogPicture({
  dogId,
  name,
  sentAt,
  size,
}: {
  dogId: string;
  name: string;
  sentAt: string | undefined;
  size: number;
}) {
  const household = useHousehold().id;
  if (!sentAt) return null;
  return (
    <Avatar
      // the moment it was sent makes a browser fetch a new one
      src={`/api/households/${household}/dogs/${dogId}/picture?sent=${encodeURIComponent(sentAt)}`}
      alt={`Picture of ${name}`}
      variant="rounded"
      sx={{ width: size, height: size }}
    />
  );
}
