import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { sharedPhoto } from '../photo/shared';
import { SharedPhoto } from '../photo/SharedPhoto';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { useToday } from '../view/useToday';

/** A photograph that another app has shared, and whose ear it shows. */
export function Component() {
  const shared = useQuery({ queryKey: ['shared photo'], queryFn: sharedPhoto, staleTime: 0 });
  const today = useToday();
  return (
    <Page title="A photograph" aside="Kept on this device until you say whose ear it shows.">
      {today.isError && <Failure error={today.error} onRetry={() => void today.refetch()} />}
      {(shared.isPending || today.isPending) && (
        <Skeleton variant="rounded" height={240} role="status" aria-label="Loading" />
      )}
      {shared.data === null && (
        <Typography>
          Nothing was shared. Choose “share” for a picture in the camera or the gallery, and Even
          Lobe among the apps: it must be installed on the home screen.
        </Typography>
      )}
      {shared.data && today.data && <SharedPhoto picture={shared.data} dogs={today.data.dogs} />}
    </Page>
  );
}
