import MoreIcon from '@mui/icons-material/MoreHoriz';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Stack from '@mui/material/Stack';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useMayRecord } from '../../household/useMe';

interface Place {
  words: string;
  to: (dogId: string) => string;
  isRecording?: boolean;
}

const PLACES: readonly Place[] = [
  { words: 'Record a cleaning', to: (dog) => `/dogs/${dog}/clean`, isRecording: true },
  { words: 'Record a visit', to: (dog) => `/dogs/${dog}/visit`, isRecording: true },
  { words: 'Courses', to: (dog) => `/dogs/${dog}/courses` },
  { words: 'For the vet', to: (dog) => `/dogs/${dog}/vet` },
  { words: 'Hand over', to: (dog) => `/dogs/${dog}/hand-over` },
  { words: 'Photographs', to: (dog) => `/dogs/${dog}/photos` },
  { words: 'Trends', to: (dog) => `/trends?dog=${dog}` },
  { words: 'History', to: (dog) => `/dogs/${dog}/history` },
  { words: 'Edit', to: (dog) => `/dogs/${dog}/edit`, isRecording: true },
];

/** What is done with a dog: two buttons, and a menu of all the rest. */
export function DogActions({ dogId, name }: { dogId: string; name: string }) {
  const mayRecord = useMayRecord();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <Stack direction="row" sx={{ gap: 1, '@media print': { display: 'none' } }}>
      {mayRecord && (
        <>
          <Button component={RouterLink} to={`/dogs/${dogId}/check`} variant="outlined">
            Check
          </Button>
          <Button component={RouterLink} to={`/dogs/${dogId}/session`} variant="outlined">
            Clean
          </Button>
        </>
      )}
      <Button
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        aria-label={`More of ${name}`}
        startIcon={<MoreIcon />}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        More
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {PLACES.filter(({ isRecording }) => mayRecord || !isRecording).map(({ words, to }) => (
          <MenuItem key={words} component={RouterLink} to={to(dogId)} sx={{ minHeight: 48 }}>
            {words}
          </MenuItem>
        ))}
      </Menu>
    </Stack>
  );
}
