import Typography from '@mui/material/Typography';
import { useSite } from './useSite';

/** Which version runs. */
export function VersionLine() {
  const version = useSite().data?.version;
  return (
    <Typography color="textSecondary" sx={{ minHeight: '1.5em' }}>
      {version && `Even Lobe, version ${version}`}
    </Typography>
  );
}
