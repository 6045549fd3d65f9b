import CloseIcon from '@mui/icons-material/Close';
import PauseIcon from '@mui/icons-material/Pause';
import PlayIcon from '@mui/icons-material/PlayArrow';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useEffect, type ReactNode } from 'react';
import { clock } from '../../measure/clock';

/** The whole screen of a session: a thin head, what is shown, and the targets at the thumb. */
export function SessionFrame({
  title,
  head,
  children,
  foot,
}: {
  title: string;
  head: ReactNode;
  children: ReactNode;
  foot: ReactNode;
}) {
  useEffect(() => {
    document.title = `${title} · Even Lobe`;
  }, [title]);
  return (
    <Box
      component="main"
      sx={{
        height: '100dvh',
        display: 'grid',
        gridTemplateRows: 'auto minmax(0, 1fr) auto',
        bgcolor: 'background.default',
      }}
    >
      {head}
      <Box
        data-session-body
        sx={{ minHeight: 0, overflowY: 'auto', px: { xs: 2, md: 4 }, py: { xs: 1, md: 2 } }}
      >
        {children}
      </Box>
      <Box
        sx={{
          p: { xs: 1.5, md: 2 },
          borderTop: 1,
          borderColor: 'divider',
          display: 'grid',
          gap: 1,
          width: '100%',
          maxWidth: 1000,
          mx: 'auto',
        }}
      >
        {foot}
      </Box>
    </Box>
  );
}

/** Whose session it is, how far it is, how long it has been going; pausing and stopping. */
export function SessionHead({
  name,
  share,
  seconds,
  paused,
  onPause,
  onStop,
}: {
  name: string;
  share: number;
  seconds: number;
  paused: boolean;
  onPause: (paused: boolean) => void;
  onStop: () => void;
}) {
  return (
    <Box component="header">
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, px: { xs: 1, md: 3 }, py: 0.5 }}>
        <Button
          onClick={onStop}
          startIcon={<CloseIcon />}
          color="inherit"
          sx={{ color: 'text.secondary', px: 1 }}
        >
          Stop
        </Button>
        <Typography component="h1" sx={{ flex: 1, textAlign: 'center', fontWeight: 650 }}>
          {name}
        </Typography>
        <Typography
          color="textSecondary"
          aria-label={`Going for ${clock(seconds)}`}
          role="timer"
          sx={{ minWidth: '3.2em', textAlign: 'right' }}
        >
          {clock(seconds)}
        </Typography>
        <IconButton
          onClick={() => onPause(!paused)}
          aria-label={paused ? 'Go on' : 'Pause'}
          aria-pressed={paused}
          sx={{ width: 44, height: 44 }}
        >
          {paused ? <PlayIcon /> : <PauseIcon />}
        </IconButton>
      </Box>
      <LinearProgress
        variant="determinate"
        value={100 * share}
        aria-label="How far the session has got"
        sx={{ height: 6 }}
      />
    </Box>
  );
}
