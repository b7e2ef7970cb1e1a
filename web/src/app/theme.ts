import { createTheme } from '@mui/material/styles';

/** The colours of the bench: everything else takes them from here. */
export const bench = {
  linen: '#F3EEE4',
  paper: '#FBF8F2',
  ink: '#22292B',
  verdigris: '#2E6A5E',
  oxide: '#A2452B',
  ochre: '#B9832F',
  slate: '#4E5D65',
  line: '#D8CFBF',
} as const;

const serif = '"Bitter Variable", Georgia, serif';
const sans = '"Atkinson Hyperlegible Next Variable", "Bitter Variable", system-ui, sans-serif';

export const theme = createTheme({
  palette: {
    mode: 'light',
    background: { default: bench.linen, paper: bench.paper },
    text: { primary: bench.ink, secondary: bench.slate },
    primary: { main: bench.verdigris },
    secondary: { main: bench.oxide },
    error: { main: bench.oxide },
    warning: { main: '#8A5E17' },
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
        ':focus-visible': { outline: `3px solid ${bench.ochre}`, outlineOffset: 2 },
        '@media (prefers-reduced-motion: reduce)': { '*': { transition: 'none !important', animation: 'none !important' } },
      },
    },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: { defaultProps: { disableElevation: true }, styleOverrides: { root: { minHeight: 40 } } },
    MuiIconButton: { styleOverrides: { root: { borderRadius: 4, color: bench.ink } } },
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiDialog: { styleOverrides: { paper: { border: `2px solid ${bench.ink}`, borderRadius: 6 } } },
    MuiDialogTitle: { styleOverrides: { root: { fontFamily: serif, fontWeight: 650 } } },
    MuiTextField: { defaultProps: { size: 'small', fullWidth: true, slotProps: { inputLabel: { shrink: true } } } },
    MuiFormControl: { defaultProps: { size: 'small', fullWidth: true } },
    MuiOutlinedInput: {
      styleOverrides: { root: { background: '#FFFEFB' }, notchedOutline: { borderColor: '#8C8778' } },
    },
    MuiInputLabel: { styleOverrides: { root: { color: bench.slate } } },
    MuiTooltip: { styleOverrides: { tooltip: { fontSize: '0.875rem', background: bench.ink } } },
  },
});
