import { createTheme, type Theme } from '@mui/material/styles';
import { PALETTE, type Sheet } from './palette';

export const WORDS = '"Commissioner Variable", system-ui, sans-serif';
export const FIGURES = '"Overpass Variable", system-ui, sans-serif';
/** Below this a tablet is held upright: the card stands under the sheet. */
export const UPRIGHT = 1100;

/** Every colour, radius and type size the screens use. Nothing floats: no shadows, no rounding but a hair. */
export function themeOf(sheet: Sheet): Theme {
  const c = PALETTE[sheet];
  return createTheme({
    palette: {
      mode: sheet,
      primary: { main: c.tarn, contrastText: c.onTarn },
      error: { main: c.heather, contrastText: c.paper },
      text: { primary: c.ink, secondary: c.ink2 },
      background: { default: c.bench, paper: c.paper },
      divider: c.line,
    },
    shape: { borderRadius: 0 },
    shadows: Array(25).fill('none') as unknown as Theme['shadows'],
    typography: {
      fontFamily: FIGURES,
      fontSize: 15,
      h1: { fontFamily: WORDS, fontSize: 22, lineHeight: '29px', fontWeight: 680 },
      h2: { fontFamily: WORDS, fontSize: 18, lineHeight: '24px', fontWeight: 650 },
      h3: { fontFamily: WORDS, fontSize: 15.5, lineHeight: '22px', fontWeight: 640 },
      body1: { fontSize: 15, lineHeight: '21px', fontWeight: 450 },
      body2: { fontSize: 14, lineHeight: '19px', fontWeight: 450, color: c.ink2 },
      button: { fontFamily: WORDS, fontSize: 16, fontWeight: 620, textTransform: 'none' },
    },
    components: {
      MuiCssBaseline: { styleOverrides: pageStyles(c) },
      MuiButtonBase: { defaultProps: { disableRipple: true } },
      MuiButton: {
        styleOverrides: {
          root: {
            borderRadius: 3,
            minHeight: 44,
            paddingInline: 16,
            '&.Mui-focusVisible': { outline: `3px solid ${c.ink}`, outlineOffset: 2 },
          },
          text: { color: c.tarn, paddingInline: 8 },
          outlined: { borderColor: c.tarn, borderWidth: 1.5 },
        },
      },
      MuiIconButton: {
        styleOverrides: {
          root: { width: 44, height: 44, borderRadius: 3, color: c.ink, '&.Mui-disabled': { color: c.line } },
        },
      },
      MuiMenu: { styleOverrides: { paper: { border: `1.5px solid ${c.ink}`, backgroundImage: 'none' } } },
      MuiMenuItem: {
        // As high on a wide screen as on a phone: a finger finds it at the bench too.
        styleOverrides: { root: { minHeight: 44, '@media (min-width:600px)': { minHeight: 44 } } },
      },
      MuiDialog: { styleOverrides: { paper: { border: `1.5px solid ${c.ink}`, backgroundImage: 'none' } } },
      MuiInputBase: {
        styleOverrides: {
          root: { fontSize: 16, fontWeight: 620 },
          input: { height: 24, '&::placeholder': { color: c.ink2, opacity: 1 } },
        },
      },
    },
  });
}

const variables = (colours: Record<string, string>) =>
  Object.fromEntries(Object.entries(colours).map(([name, value]) => [`--${name}`, value]));

/** What holds of the whole page: its colours, its figures, how focus shows, and how it is printed. */
const pageStyles = (c: (typeof PALETTE)[Sheet]) => ({
  ':root': variables(c),
  body: {
    fontVariantNumeric: 'tabular-nums lining-nums',
    fontVariationSettings: '"FLAR" 50, "VOLM" 0',
  },
  // What is drawn wide shows its focus by its own line.
  '.own-focus:focus-visible': { outline: 'none !important' },
  '.own-focus:focus-visible path': { strokeWidth: 5 },
  '*:focus-visible': { outline: `3px solid ${c.ink}`, outlineOffset: 2 },
  '@media print': {
    ':root': variables(PALETTE.light),
    'body, main.sheet': { backgroundColor: '#FFF !important' },
    'nav, .answer, .strips, .card, .aside, .no-print': { display: 'none !important' },
    '.board, main.sheet': {
      display: 'block !important',
      height: 'auto !important',
      border: 'none !important',
    },
    // The large view fills the width of the paper, its two layers alike.
    '.view': { height: 'auto !important', aspectRatio: '1.42', maxHeight: '98vh' },
    '.view > svg': { width: '100% !important', height: 'calc(100% - 76px) !important' },
    '.view .title-block': { display: 'block !important' },
    '.print-only': { display: 'block !important' },
  },
  '.print-only': { display: 'none' },
  '.view .title-block': { display: 'none' },
  '.view[data-saving] .title-block': { display: 'block' },
  '@media (prefers-reduced-motion: reduce)': {
    '*': { transition: 'none !important', animation: 'none !important' },
  },
});
