import type { AutocompleteRenderGroupParams } from '@mui/material/Autocomplete';
import ListSubheader from '@mui/material/ListSubheader';
import { createTheme } from '@mui/material/styles';
import type {} from '@mui/x-date-pickers/themeAugmentation';
import { createElement, type ElementType } from 'react';

/** The colours of the bench: everything else takes them from here. */
export const bench = {
  linen: '#F3EEE4',
  paper: '#FBF8F2',
  ink: '#22292B',
  verdigris: '#2E6A5E',
  oxide: '#A2452B',
  ochre: '#B9832F',
  brass: '#D9A550',
  slate: '#4E5D65',
  line: '#D8CFBF',
  white: '#fff',
  black: '#000',
  sheet: '#FFFEFB',
  sand: '#E8E1D3',
  stone: '#8C8778',
  chosen: '#E3EDE6',
  blush: '#F7E3DC',
  umber: '#7A5210',
  star: '#8A5E17',
  brassLight: '#E5B868',
  brick: '#C9694D',
  moss: '#7FA79B',
  straw: '#C9B48A',
  pine: '#DCC59D',
  clear: '#D5DEDD',
  clearLine: '#B7C6C5',
} as const;

/** What tells one piece on the bench from the next, beside its letter. */
export const pieceColours = ['#2E6A5E', '#8A4B2A', '#3F5877', '#7A6A1F', '#6B4668', '#4C6B2F', '#874040', '#3B6670'] as const;

/** A wait. */
export const hatched = (colour: string) => `repeating-linear-gradient(115deg, ${colour} 0 2px, transparent 2px 6px)`;

/** What is heard but not seen: a label that the row above already shows. */
export const heardOnly = {
  position: 'absolute',
  // in words, for bare numbers up to 1 are shares
  width: '1px',
  height: '1px',
  overflow: 'hidden',
  clipPath: 'inset(50%)',
  whiteSpace: 'nowrap',
} as const;

/** The same below a bar of the room's own: what is left of its height. */
export const twoColumnsBelow = (left: string) => ({ ...twoColumns(left), height: { md: 'auto' }, flex: 1, minHeight: 0 }) as const;

/** Two columns below the bar that scroll each by itself; one below the other where it is narrow. */
export const twoColumns = (left: string) =>
  ({
    display: 'grid',
    gridTemplateColumns: { xs: '1fr', md: `${left} 1fr` },
    gridTemplateRows: { md: 'minmax(0, 1fr)' },
    height: { md: 'calc(100vh - 52px)' },
  }) as const;

const serif = '"Bitter Variable", Georgia, serif';
const sans = '"Atkinson Hyperlegible Next Variable", "Bitter Variable", system-ui, sans-serif';

/** Options in groups that a screen reader names: the component's own are lists within a list of options, which it cannot tell. */
const renderGroup = ({ key, group, children }: AutocompleteRenderGroupParams) =>
  createElement(
    'li',
    { key, role: 'group', 'aria-label': group },
    createElement(ListSubheader as ElementType, { component: 'div', 'aria-hidden': true, sx: { top: -8 } }, group),
    createElement('ul', { role: 'presentation', style: { padding: '0 0 0 8px' } }, children),
  );

export const theme = createTheme({
  palette: {
    mode: 'light',
    background: { default: bench.linen, paper: bench.paper },
    text: { primary: bench.ink, secondary: bench.slate },
    primary: { main: bench.verdigris },
    secondary: { main: bench.oxide },
    error: { main: bench.oxide },
    warning: { main: bench.star },
    info: { main: bench.slate },
    divider: bench.line,
  },
  shape: { borderRadius: 4 },
  typography: {
    fontFamily: sans,
    fontSize: 15,
    h1: { fontFamily: serif, fontWeight: 650, fontSize: '1.75rem', lineHeight: 1.2 },
    h2: { fontFamily: serif, fontWeight: 650, fontSize: '1.25rem', lineHeight: 1.25 },
    h3: { fontFamily: serif, fontWeight: 600, fontSize: '1.05rem', lineHeight: 1.3 },
    body1: { fontSize: '1rem' },
    body2: { fontSize: '0.9375rem' },
    caption: { fontSize: '0.875rem', lineHeight: 1.35 },
    button: { textTransform: 'none', fontWeight: 600, fontSize: '0.95rem' },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        body: { fontVariantNumeric: 'tabular-nums', fontFeatureSettings: '"frac" 0' },
        'a:not([class])': { color: bench.verdigris },
        ':focus-visible': { outline: `3px solid ${bench.ochre}`, outlineOffset: 2 },
        '@media (prefers-reduced-motion: reduce)': { '*': { transition: 'none !important', animation: 'none !important' } },
      },
    },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: { defaultProps: { disableElevation: true }, styleOverrides: { root: { minHeight: 40 } } },
    MuiIconButton: { styleOverrides: { root: { borderRadius: 4, color: bench.ink } } },
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiAutocomplete: {
      defaultProps: { renderGroup },
      styleOverrides: { paper: { border: `1px solid ${bench.line}`, boxShadow: '0 4px 14px rgba(34,41,43,.18)' } },
    },
    MuiDialog: { styleOverrides: { paper: { border: `2px solid ${bench.ink}`, borderRadius: 6 } } },
    MuiDialogTitle: { styleOverrides: { root: { fontFamily: serif, fontWeight: 650 } } },
    MuiTextField: { defaultProps: { size: 'small', fullWidth: true, slotProps: { inputLabel: { shrink: true } } } },
    MuiFormControl: { defaultProps: { size: 'small', fullWidth: true } },
    // A field is a strip of paper with its name above it, large enough to be read at arm's length.
    MuiInputLabel: {
      styleOverrides: {
        root: {
          position: 'static',
          transform: 'none',
          maxWidth: '100%',
          marginBottom: 3,
          fontSize: '0.875rem',
          lineHeight: 1.2,
          color: bench.slate,
          whiteSpace: 'normal',
          '&.Mui-focused': { color: bench.ink },
        },
      },
    },
    MuiOutlinedInput: {
      styleOverrides: {
        root: { background: bench.sheet, borderRadius: 2 },
        input: { paddingTop: 7, paddingBottom: 7 },
        notchedOutline: { top: 0, borderColor: bench.stone, borderBottomWidth: 2, '& legend': { display: 'none' } },
      },
    },
    MuiPickersTextField: { defaultProps: { size: 'small', fullWidth: true } },
    MuiPickersOutlinedInput: {
      styleOverrides: {
        root: { background: bench.sheet, borderRadius: 2 },
        sectionsContainer: { padding: '7px 0', width: '100%' },
        notchedOutline: { top: 0, borderColor: bench.stone, borderBottomWidth: 2, '& legend': { display: 'none' } },
      },
    },
    MuiFormHelperText: { styleOverrides: { root: { margin: '3px 0 0', fontSize: '0.875rem', lineHeight: 1.3 } } },
    MuiTooltip: { styleOverrides: { tooltip: { fontSize: '0.875rem', background: bench.ink } } },
  },
});
