import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { Page } from '../ui/Page';

export function Component() {
  return (
    <Page title="Nothing here">
      <Typography>
        There is no such page.{' '}
        <Link component={RouterLink} to="/">
          Go to today
        </Link>
        .
      </Typography>
    </Page>
  );
}
