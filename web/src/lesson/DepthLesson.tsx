import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { squelch } from '../cleaning/session/signals';

/** Percent of the way from the opening to the eardrum, along the canal. */
const FINGER = 22;
const BEND = 66;
const WORDS: readonly { to: number; words: string; colour: string }[] = [
  {
    to: FINGER,
    words: 'Here a wipe round a finger goes by itself: as deep as wiping goes.',
    colour: 'success.main',
  },
  {
    to: BEND,
    words: 'Too deep for anything but liquid: what is pushed in here packs the wax.',
    colour: 'warning.main',
  },
  {
    to: 100,
    words: 'Round the bend lies the eardrum. A swab here can pierce it; only liquid reaches it.',
    colour: 'error.main',
  },
];

/** The middle of the canal: down to the bend, then in to the eardrum. */
function place(percent: number): { x: number; y: number } {
  return percent <= BEND
    ? { x: 150, y: 60 + (percent / BEND) * 190 }
    : { x: 150 + ((percent - BEND) / (100 - BEND)) * 110, y: 250 };
}

/** Where the canal opens, how deep is too deep, and what a full one sounds like. */
export function DepthLesson() {
  const [depth, setDepth] = useState(10);
  const tip = place(depth);
  const here = WORDS.find(({ to }) => depth <= to) ?? WORDS[WORDS.length - 1];
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        gap: 3,
        alignItems: 'start',
      }}
    >
      <Box component="section" aria-label="How deep is too deep">
        <Typography variant="h2">How deep is too deep?</Typography>
        <svg
          viewBox="0 0 340 310"
          width="100%"
          style={{ maxHeight: 360 }}
          role="img"
          aria-label="An ear cut through: the canal opens below the flap, goes down the side of the head, turns at the bend, and ends at the eardrum"
        >
          <path
            d="M116 46 C92 22 62 10 20 20 C36 44 68 62 114 70 Z"
            fill="var(--mui-palette-mark-plannedShade)"
            stroke="var(--mui-palette-text-primary)"
            strokeWidth="3"
            strokeLinejoin="round"
          />
          <path
            d="M118 44 C128 120 134 190 134 268 H262 V232 H168 C168 170 172 110 184 44"
            fill="var(--mui-palette-mark-plannedShade)"
            stroke="none"
          />
          <path
            d="M118 44 C128 120 134 190 134 268 H262 M184 44 C172 110 168 170 168 232 H262"
            fill="none"
            stroke="var(--mui-palette-text-primary)"
            strokeWidth="4"
            strokeLinecap="round"
          />
          <path d="M262 228 V272" stroke="var(--mui-palette-mark-stop)" strokeWidth="6" />
          <g fill="var(--mui-palette-text-primary)" fontSize="15">
            <text x="196" y="56">
              opening
            </text>
            <text x="16" y="92">
              flap, held up
            </text>
            <text x="84" y="290">
              bend
            </text>
            <text x="240" y="296">
              eardrum
            </text>
          </g>
          <path
            d={
              depth <= BEND
                ? `M150 14 V${tip.y}`
                : `M150 14 V238 Q150 250 162 250 H${Math.max(162, tip.x)}`
            }
            fill="none"
            stroke="var(--mui-palette-primary-main)"
            strokeWidth="9"
            strokeLinecap="round"
          />
          <circle cx={tip.x} cy={tip.y} r="9" fill="var(--mui-palette-primary-main)" />
        </svg>
        <Slider
          aria-label="How deep the tip is"
          value={depth}
          min={0}
          max={100}
          step={2}
          getAriaValueText={(value) => `${value} % of the way to the eardrum`}
          onChange={(_, value: number | number[]) => setDepth([value].flat()[0] ?? 0)}
        />
        <Typography role="status" sx={{ minHeight: 48, fontWeight: 600, color: here?.colour }}>
          {here?.words}
        </Typography>
      </Box>
      <Box component="section" aria-label="Hear a squelch">
        <Typography variant="h2">What does it sound like?</Typography>
        <Typography sx={{ mb: 1.5 }}>
          Massaged at its base, a full canal squelches. If it only rubs, there is too little in it,
          or the fingers are at the flap and not down on the head.
        </Typography>
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
          <Button variant="contained" size="large" onClick={() => squelch(true)}>
            Hear it squelch
          </Button>
          <Button variant="outlined" size="large" onClick={() => squelch(false)}>
            Hear it only rub
          </Button>
        </Stack>
      </Box>
    </Box>
  );
}
