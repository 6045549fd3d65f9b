import AddIcon from '@mui/icons-material/Add';
import DosesIcon from '@mui/icons-material/MedicationLiquidOutlined';
import KeyboardIcon from '@mui/icons-material/KeyboardOutlined';
import BenchIcon from '@mui/icons-material/ScienceOutlined';
import HomeIcon from '@mui/icons-material/HomeOutlined';
import MonthIcon from '@mui/icons-material/CalendarMonthOutlined';
import LearnIcon from '@mui/icons-material/SchoolOutlined';
import LogoutIcon from '@mui/icons-material/Logout';
import ContrastIcon from '@mui/icons-material/Contrast';
import StockIcon from '@mui/icons-material/Inventory2Outlined';
import RulesIcon from '@mui/icons-material/MenuBookOutlined';
import TrendsIcon from '@mui/icons-material/TimelineOutlined';
import TodayIcon from '@mui/icons-material/TodayOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useColorScheme } from '@mui/material/styles';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useState, type ElementType, type ReactNode } from 'react';
import { Link, Outlet, useLocation, useNavigate } from 'react-router';
import { forgetDraftOf } from '../cleaning/session/forgetDraft';
import { WaitingNotice } from '../fact/WaitingNotice';
import { signOut } from '../account/session';
import { chooseHousehold } from '../household/chosenHousehold';
import { useLiveChanges } from '../household/useLiveChanges';
import { Notices } from '../remind/Notices';
import { useHousehold, useMayRecord, useMe, type Household } from '../household/useMe';
import { UndoHost } from '../fact/UndoHost';
import { useKeys } from '../ui/keys';
import { KeysDialog } from './KeysDialog';
import { Mark } from '../ui/Mark';
import { SignedIn } from './SignedIn';

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
  const households = useMe().data?.households ?? [];
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
      }}
    >
      <Notices />
      <Rail households={households} onKeys={() => setKeysOpen(true)} />
      <Box component="main" sx={{ order: { xs: 0, md: 1 }, minWidth: 0 }}>
        {cut && (
          <Alert severity="warning" sx={{ borderRadius: 0 }}>
            The records cannot be reached just now. What you see is as it last was, and what you
            typed stays here; it goes on by itself.
          </Alert>
        )}
        <WaitingNotice onStored={forgetDraftOf} />
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
      <RailLink to="/" icon={<TodayIcon />} label="Today" current={pathname === '/'} />
      <RailLink to="/doses" icon={<DosesIcon />} label="Doses" current={pathname === '/doses'} />
      {mayRecord && (
        <RailLink
          to="/dogs/new"
          icon={<AddIcon />}
          label="Add a dog"
          short="Add"
          current={pathname === '/dogs/new'}
        />
      )}
      <RailLink to="/month" icon={<MonthIcon />} label="Month" current={pathname === '/month'} />
      <RailLink
        to="/trends"
        icon={<TrendsIcon />}
        label="Trends"
        current={pathname === '/trends'}
        desktopOnly
      />
      <RailLink to="/bench" icon={<BenchIcon />} label="Bench" current={pathname === '/bench'} />
      <RailLink to="/stock" icon={<StockIcon />} label="Stock" current={pathname === '/stock'} />
      <RailLink
        to="/rulebook"
        icon={<RulesIcon />}
        label="Rules"
        current={pathname === '/rulebook'}
        desktopOnly
      />
      <RailLink
        to="/learn"
        icon={<LearnIcon />}
        label="Learn"
        current={pathname === '/learn'}
        desktopOnly
      />
      <RailLink
        to="/household"
        icon={<HomeIcon />}
        label="Household"
        short="House"
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
  flex: { xs: '1 1 0', md: 'none' },
  minWidth: { xs: 0, md: 64 },
  minHeight: { xs: 56, md: 50 },
  px: { xs: 0, md: 0.5 },
  borderRadius: 1,
} as const;

/** Small enough on a phone that all of them stand side by side. */
const railWords = { fontSize: { xs: '0.7rem', md: '0.8rem' }, whiteSpace: 'nowrap' } as const;

function RailLink(props: {
  to: string;
  icon: ReactNode;
  label: string;
  /** What stands on a phone. */
  short?: string;
  current: boolean;
  /** On a phone it is reached from elsewhere. */
  desktopOnly?: boolean;
}) {
  return (
    <ButtonBase
      component={Link as ElementType}
      to={props.to}
      aria-label={props.label}
      aria-current={props.current ? 'page' : undefined}
      sx={{
        ...railItem,
        display: { xs: props.desktopOnly ? 'none' : 'flex', md: 'flex' },
        color: props.current ? 'primary.main' : 'text.secondary',
        bgcolor: props.current ? 'background.paper' : 'transparent',
      }}
    >
      {props.icon}
      <Typography component="span" sx={{ ...railWords, fontWeight: props.current ? 700 : 500 }}>
        <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
          {props.label}
        </Box>
        <Box component="span" sx={{ display: { md: 'none' } }}>
          {props.short ?? props.label}
        </Box>
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
      <Typography component="span" sx={railWords}>
        {props.label}
      </Typography>
    </ButtonBase>
  );
}
