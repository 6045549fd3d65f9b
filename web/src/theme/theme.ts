import { createTheme } from '@mui/material/styles';

declare module '@mui/material/styles' {
  interface Palette {
    /** What each kind of mark is drawn with; words never stand in these unless named "text". */
    mark: MarkColours;
  }
  interface PaletteOptions {
    mark: MarkColours;
  }
}

interface MarkColours {
  planned: string;
  plannedText: string;
  plannedShade: string;
  load: string;
  quiet: string;
  caution: string;
  stop: string;
  course: string;
  water: string;
  lane: string;
  /** Behind what is chosen. */
  chosen: string;
}

const SERIF = '"Fraunces Variable", Georgia, serif';
const SANS = '"Atkinson Hyperlegible Next Variable", "DejaVu Sans", sans-serif';

const heading = { fontFamily: SERIF, fontWeight: 600, letterSpacing: 0 };

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: {
    light: {
      palette: {
        background: { default: '#F7F4EE', paper: '#FFFEFA' },
        text: { primary: '#22303A', secondary: '#53606A' },
        divider: '#DAD5C8',
        primary: { main: '#1F5A57', contrastText: '#FFFFFF' },
        secondary: { main: '#9A4F14' },
        error: { main: '#A93F2E' },
        warning: { main: '#8A5F00' },
        success: { main: '#4F6A3A' },
        info: { main: '#35658F' },
        mark: {
          planned: '#D9803F',
          plannedText: '#9A4F14',
          plannedShade: '#F7E3D2',
          load: '#1F5A57',
          quiet: '#4F6A3A',
          caution: '#8A5F00',
          stop: '#A93F2E',
          course: '#6A4675',
          water: '#35658F',
          lane: '#CFC9BA',
          chosen: '#E3EEEB',
        },
      },
    },
    dark: {
      palette: {
        background: { default: '#161E22', paper: '#1E282D' },
        text: { primary: '#EDE9DF', secondary: '#B4BCBE' },
        divider: '#38444A',
        primary: { main: '#7CC0B8', dark: '#93D1C9', contrastText: '#10201F' },
        secondary: { main: '#EBA36A' },
        error: { main: '#F0907F' },
        warning: { main: '#E0B450' },
        success: { main: '#A5C48C' },
        info: { main: '#8DB9DF' },
        mark: {
          planned: '#E39A61',
          plannedText: '#EBB183',
          plannedShade: '#43352A',
          load: '#7CC0B8',
          quiet: '#A5C48C',
          caution: '#E0B450',
          stop: '#F0907F',
          course: '#C2A0CD',
          water: '#8DB9DF',
          lane: '#4A575D',
          chosen: '#244442',
        },
      },
    },
  },
  shape: { borderRadius: 10 },
  typography: {
    fontFamily: SANS,
    fontSize: 15,
    h1: { ...heading, fontSize: '2.1rem', lineHeight: 1.15 },
    h2: { ...heading, fontSize: '1.35rem', lineHeight: 1.25 },
    h3: { ...heading, fontSize: '1.15rem', lineHeight: 1.3 },
    button: { textTransform: 'none', fontWeight: 650 },
    overline: { letterSpacing: '0.06em', fontWeight: 700, lineHeight: 1.4, fontSize: '0.78rem' },
  },
  components: {
    MuiToggleButton: {
      styleOverrides: {
        root: {
          color: 'var(--mui-palette-text-primary)',
          textTransform: 'none',
          '&.Mui-selected, &.Mui-selected:hover': {
            backgroundColor: 'var(--mui-palette-mark-chosen)',
            color: 'var(--mui-palette-primary-main)',
            fontWeight: 700,
          },
        },
      },
    },
    MuiCssBaseline: {
      styleOverrides: {
        // nothing is pressed on paper
        '@media print': { '.MuiButton-root': { display: 'none !important' } },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': {
            transition: 'none !important',
            animation: 'none !important',
          },
        },
        body: { fontVariantNumeric: 'tabular-nums' },
        '#root': { minHeight: '100dvh' },
        ':focus-visible': {
          outline: '3px solid var(--mui-palette-primary-main)',
          outlineOffset: 2,
        },
      },
    },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: { root: { minHeight: 44, borderRadius: 10, paddingInline: 18 } },
    },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiPaper: {
      defaultProps: { elevation: 0 },
      styleOverrides: { root: { backgroundImage: 'none' } },
    },
    MuiTextField: { defaultProps: { fullWidth: true } },
    MuiLink: { defaultProps: { underline: 'always' } },
  },
});
