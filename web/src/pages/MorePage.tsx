import ContrastIcon from '@mui/icons-material/Contrast';
import LogoutIcon from '@mui/icons-material/Logout';
import RoundIcon from '@mui/icons-material/ChecklistOutlined';
import List from '@mui/material/List';
import ListItemButton from '@mui/material/ListItemButton';
import ListItemIcon from '@mui/material/ListItemIcon';
import ListItemText from '@mui/material/ListItemText';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import type { ElementType } from 'react';
import { Link } from 'react-router';
import { useMayRecord } from '../household/useMe';
import { HouseholdChoice } from '../shell/HouseholdChoice';
import { PLACES } from '../shell/places';
import { useDark, useLeave } from '../shell/useLeave';
import { Page } from '../ui/Page';

/** On a phone: every place that does not stand at the bottom, the theme, and the way out. */
export function Component() {
  const mayRecord = useMayRecord();
  const { dark, toggle } = useDark();
  const leave = useLeave();
  const places = PLACES.filter(
    ({ isBelow, isRecording }) => !isBelow && (mayRecord || !isRecording),
  );
  const round = { to: '/round', icon: RoundIcon, label: 'Round', words: 'Many dogs, one tray' };
  return (
    <Page title="More">
      <Stack spacing={2} sx={{ maxWidth: 560 }}>
        <HouseholdChoice />
        <Paper variant="outlined">
          <List component="div" disablePadding>
            {[...(mayRecord ? [round] : []), ...places].map(({ to, icon: Icon, label, words }) => (
              <ListItemButton
                key={to}
                component={Link as ElementType}
                to={to}
                divider
                sx={{ minHeight: 56 }}
              >
                <ListItemIcon>
                  <Icon />
                </ListItemIcon>
                <ListItemText primary={label} secondary={words} />
              </ListItemButton>
            ))}
            <ListItemButton onClick={toggle} divider sx={{ minHeight: 56 }}>
              <ListItemIcon>
                <ContrastIcon />
              </ListItemIcon>
              <ListItemText primary={dark ? 'Light' : 'Dark'} />
            </ListItemButton>
            <ListItemButton onClick={leave} sx={{ minHeight: 56 }}>
              <ListItemIcon>
                <LogoutIcon />
              </ListItemIcon>
              <ListItemText primary="Sign out" />
            </ListItemButton>
          </List>
        </Paper>
      </Stack>
    </Page>
  );
}
