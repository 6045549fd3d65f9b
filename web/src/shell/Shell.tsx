import KeyboardIcon from '@mui/icons-material/KeyboardOutlined';
import MoreIcon from '@mui/icons-material/MoreHoriz';
import LogoutIcon from '@mui/icons-material/Logout';
import ContrastIcon from '@mui/icons-material/Contrast';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { useMemo, useState, type ElementType, type ReactNode } from 'react';
import { Link, Outlet, useLocation, useNavigate } from 'react-router';
import { ErasedNotice } from '../erase/ErasedNotice';
import { forgetDraftOf } from '../cleaning/session/forgetDraft';
import { WaitingNotice } from '../fact/WaitingNotice';
import { useLiveChanges } from '../household/useLiveChanges';
import { Notices } from '../remind/Notices';
import { useHousehold, useMayRecord } from '../household/useMe';
import { UndoHost } from '../fact/UndoHost';
import { useKeys } from '../ui/keys';
import { KeysDialog } from './KeysDialog';
import { Mark } from '../ui/Mark';
import { HouseholdChoice } from './HouseholdChoice';
import { isAt, isUnderMore, PLACES } from './places';
import { SignedIn } from './SignedIn';
import { useDark, useLeave } from './useLeave';

/** Around every page of a signed-in person: the rail, or the bar on a phone, and the keys. */
export function Shell() {
  return (
    <SignedIn>
      <UndoHost>
        <Frame />
      </UndoHost>
    </SignedIn>
  );
}

function Frame() {
  const cut = useLiveChanges(useHousehold().id);
  const navigate = useNavigate();
  const [keysOpen, setKeysOpen] = useState(false);
  const keys = useMemo(
    () => ({
      t: () => void navigate('/'),
      n: () => void navigate('/dogs/new'),
      m: () => void navigate('/month'),
      d: () => void navigate('/doses'),
      r: () => void navigate('/trends'),
      u: () => void navigate('/rulebook'),
      e: () => void navigate('/learn'),
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
        // without the rail the page has the paper to itself
        '@media print': { display: 'block' },
      }}
    >
      <Notices />
      <Rail onKeys={() => setKeysOpen(true)} />
      <Box component="main" sx={{ order: { xs: 0, md: 1 }, minWidth: 0 }}>
        {cut && (
          <Alert severity="warning" sx={{ borderRadius: 0 }}>
            The records cannot be reached just now. What you see is as it last was, and what you
            typed stays here; it goes on by itself.
          </Alert>
        )}
        <ErasedNotice />
        <WaitingNotice onStored={forgetDraftOf} />
        <Outlet />
      </Box>
      <KeysDialog open={keysOpen} onClose={() => setKeysOpen(false)} />
    </Box>
  );
}

function Rail({ onKeys }: { onKeys: () => void }) {
  const mayRecord = useMayRecord();
  const { pathname } = useLocation();
  const { dark, toggle } = useDark();
  const leave = useLeave();

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
        gap: { xs: 0.5, md: 0.25 },
        p: 0.75,
        bgcolor: 'background.default',
        borderRight: { md: 1 },
        borderTop: { xs: 1, md: 0 },
        borderColor: { xs: 'divider', md: 'divider' },
        '@media print': { display: 'none' },
      }}
    >
      <Box sx={{ display: { xs: 'none', md: 'block' }, textAlign: 'center', py: 1.5 }}>
        <Mark />
      </Box>
      {PLACES.map(({ to, icon: Icon, label, isRecording, isBelow }) =>
        isRecording && !mayRecord ? null : (
          <RailLink
            key={to}
            to={to}
            icon={<Icon />}
            label={label}
            current={isAt(to, pathname)}
            desktopOnly={!isBelow}
          />
        ),
      )}
      <RailLink
        to="/more"
        icon={<MoreIcon />}
        label="More"
        current={isUnderMore(pathname)}
        phoneOnly
      />
      <Box sx={{ display: { xs: 'none', md: 'block' }, my: 1 }}>
        <HouseholdChoice />
      </Box>
      <Box sx={{ flex: 1, display: { xs: 'none', md: 'block' } }} />
      <RailButton icon={<KeyboardIcon />} label="Keys" onClick={onKeys} />
      <RailButton icon={<ContrastIcon />} label={dark ? 'Light' : 'Dark'} onClick={toggle} />
      <RailButton icon={<LogoutIcon />} label="Sign out" onClick={leave} />
    </Box>
  );
}

const railItem = {
  display: 'flex',
  flexDirection: 'column',
  gap: 0.25,
  flex: { xs: '1 1 0', md: 'none' },
  minWidth: { xs: 0, md: 64 },
  minHeight: { xs: 56, md: 50 },
  px: { xs: 0, md: 0.5 },
  borderRadius: 1,
} as const;

const railWords = { fontSize: '0.8rem', whiteSpace: 'nowrap' } as const;

function RailLink(props: {
  to: string;
  icon: ReactNode;
  label: string;
  current: boolean;
  /** On a phone it is reached from elsewhere. */
  desktopOnly?: boolean;
  phoneOnly?: boolean;
}) {
  return (
    <ButtonBase
      component={Link as ElementType}
      to={props.to}
      aria-label={props.label}
      aria-current={props.current ? 'page' : undefined}
      sx={{
        ...railItem,
        display: {
          xs: props.desktopOnly ? 'none' : 'flex',
          md: props.phoneOnly ? 'none' : 'flex',
        },
        color: props.current ? 'primary.main' : 'text.secondary',
        bgcolor: props.current ? 'background.paper' : 'transparent',
      }}
    >
      {props.icon}
      <Typography component="span" sx={{ ...railWords, fontWeight: props.current ? 700 : 500 }}>
        {props.label}
      </Typography>
    </ButtonBase>
  );
}

function RailButton(props: { icon: ReactNode; label: string; onClick: () => void }) {
  return (
    <ButtonBase
      onClick={props.onClick}
      sx={{ ...railItem, display: { xs: 'none', md: 'flex' }, color: 'text.secondary' }}
    >
      {props.icon}
      <Typography component="span" sx={railWords}>
        {props.label}
      </Typography>
    </ButtonBase>
  );
}
