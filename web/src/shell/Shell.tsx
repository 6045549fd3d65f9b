import AddIcon from '@mui/icons-material/Add';
import KeyboardIcon from '@mui/icons-material/KeyboardOutlined';
import HomeIcon from '@mui/icons-material/HomeOutlined';
import LogoutIcon from '@mui/icons-material/Logout';
import ContrastIcon from '@mui/icons-material/Contrast';
import TodayIcon from '@mui/icons-material/TodayOutlined';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import LinearProgress from '@mui/material/LinearProgress';
import { useColorScheme } from '@mui/material/styles';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useState, type ElementType, type ReactNode } from 'react';
import { Link, Navigate, Outlet, useLocation, useNavigate } from 'react-router';
import { Problem } from '../api/problem';
import { signOut } from '../account/session';
import { chooseHousehold, useChosenHousehold } from '../account/chosenHousehold';
import { useLiveChanges } from '../account/useLiveChanges';
import {
  HouseholdContext,
  useHousehold,
  useMayRecord,
  useMe,
  type Household,
} from '../account/useMe';
import { Failure } from './Failure';
import { useKeys } from './keys';
import { KeysDialog } from './KeysDialog';
import { Mark } from './Mark';

/** Around every page of a signed-in person: the rail, or the bar on a phone, and the keys. */
export function Shell() {
  const me = useMe();
  const location = useLocation();
  const household = useChosenHousehold(me.data?.households ?? []);
  if (me.isPending) return <LinearProgress aria-label="Loading" />;
  if (me.isError) {
    return me.error instanceof Problem && me.error.status === 401 ? (
      <Navigate to="/sign-in" replace state={{ from: location.pathname }} />
    ) : (
      <Failure error={me.error} onRetry={() => void me.refetch()} />
    );
  }
  if (!household) return <Failure error={new Error('You belong to no household any more.')} />;
  return (
    <HouseholdContext value={household}>
      <Frame households={me.data.households} />
    </HouseholdContext>
  );
}

function Frame({ households }: { households: Household[] }) {
  useLiveChanges(useHousehold().id);
  const navigate = useNavigate();
  const [keysOpen, setKeysOpen] = useState(false);
  const keys = useMemo(
    () => ({
      t: () => void navigate('/'),
      n: () => void navigate('/dogs/new'),
      '?': () => setKeysOpen(true),
    }),
    [navigate],
  );
  useKeys(keys);
  return (
    <Box
      sx={{
        display: 'grid',
        minHeight: '100dvh',
        gridTemplateColumns: { xs: '1fr', md: '84px 1fr' },
        gridTemplateRows: { xs: '1fr auto', md: '1fr' },
      }}
    >
      <Rail households={households} onKeys={() => setKeysOpen(true)} />
      <Box component="main" sx={{ order: { xs: 0, md: 1 }, minWidth: 0 }}>
        <Outlet />
      </Box>
      <KeysDialog open={keysOpen} onClose={() => setKeysOpen(false)} />
    </Box>
  );
}

function Rail({ households, onKeys }: { households: Household[]; onKeys: () => void }) {
  const household = useHousehold();
  const mayRecord = useMayRecord();
  const { pathname } = useLocation();
  const { mode, systemMode, setMode } = useColorScheme();
  const navigate = useNavigate();
  const client = useQueryClient();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';

  async function leave() {
    await signOut();
    client.clear();
    await navigate('/sign-in');
  }

  return (
    <Box
      component="nav"
      aria-label="Main"
      sx={{
        order: { xs: 1, md: 0 },
        position: 'sticky',
        bottom: 0,
        top: { md: 0 },
        height: { md: '100dvh' },
        zIndex: 2,
        display: 'flex',
        flexDirection: { xs: 'row', md: 'column' },
        justifyContent: { xs: 'space-around', md: 'flex-start' },
        gap: 0.5,
        p: 0.75,
        bgcolor: 'background.default',
        borderRight: { md: 1 },
        borderTop: { xs: 1, md: 0 },
        borderColor: { xs: 'divider', md: 'divider' },
      }}
    >
      <Box sx={{ display: { xs: 'none', md: 'block' }, textAlign: 'center', py: 1.5 }}>
        <Mark />
      </Box>
      <RailLink to="/" icon={<TodayIcon />} label="Today" current={pathname === '/'} />
      {mayRecord && (
        <RailLink
          to="/dogs/new"
          icon={<AddIcon />}
          label="Add a dog"
          current={pathname === '/dogs/new'}
        />
      )}
      <RailLink
        to="/household"
        icon={<HomeIcon />}
        label="Household"
        current={pathname === '/household'}
      />
      {households.length > 1 && (
        <TextField
          select
          size="small"
          label="In"
          value={household.id}
          onChange={(event) => {
            chooseHousehold(event.target.value);
            void navigate('/');
          }}
          slotProps={{ select: { native: true } }}
          sx={{ my: { md: 1 }, maxWidth: { xs: 96, md: 'none' } }}
        >
          {households.map((one) => (
            <option key={one.id} value={one.id}>
              {one.settings.name}
            </option>
          ))}
        </TextField>
      )}
      <Box sx={{ flex: 1, display: { xs: 'none', md: 'block' } }} />
      <RailButton icon={<KeyboardIcon />} label="Keys" onClick={onKeys} desktopOnly />
      <RailButton
        icon={<ContrastIcon />}
        label={dark ? 'Light' : 'Dark'}
        onClick={() => setMode(dark ? 'light' : 'dark')}
      />
      <RailButton icon={<LogoutIcon />} label="Sign out" onClick={() => void leave()} />
    </Box>
  );
}

const railItem = {
  display: 'flex',
  flexDirection: 'column',
  gap: 0.25,
  minWidth: 64,
  minHeight: 56,
  px: 0.5,
  borderRadius: 1,
} as const;

function RailLink(props: { to: string; icon: ReactNode; label: string; current: boolean }) {
  return (
    <ButtonBase
      component={Link as ElementType}
      to={props.to}
      aria-current={props.current ? 'page' : undefined}
      sx={{
        ...railItem,
        color: props.current ? 'primary.main' : 'text.secondary',
        bgcolor: props.current ? 'background.paper' : 'transparent',
      }}
    >
      {props.icon}
      <Typography
        component="span"
        sx={{ fontSize: '0.8rem', fontWeight: props.current ? 700 : 500 }}
      >
        {props.label}
      </Typography>
    </ButtonBase>
  );
}

function RailButton(props: {
  icon: ReactNode;
  label: string;
  onClick: () => void;
  desktopOnly?: boolean;
}) {
  return (
    <ButtonBase
      onClick={props.onClick}
      sx={{
        ...railItem,
        display: { xs: props.desktopOnly ? 'none' : 'flex', md: 'flex' },
        color: 'text.secondary',
      }}
    >
      {props.icon}
      <Typography component="span" sx={{ fontSize: '0.8rem' }}>
        {props.label}
      </Typography>
    </ButtonBase>
  );
}
