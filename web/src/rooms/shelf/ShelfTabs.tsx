import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { bench } from '../../theme/theme';

const parts = [
  ['materials', '/shelf', 'Materials'],
  ['pots', '/shelf/pots', 'Pots'],
  ['buy', '/shelf/buy', 'To buy'],
] as const;

/** The title of the shelf, and its three parts. */
export function ShelfTabs({ at }: { at: (typeof parts)[number][0] }) {
  return (
    <Box>
      <Typography variant="h1" gutterBottom>
        Shelf
      </Typography>
      <Box component="nav" aria-label="Parts of the shelf" sx={{ display: 'flex', gap: 0.5, mb: 1.5 }}>
        {parts.map(([key, to, name]) => (
          <Button
            key={key}
            component={Link}
            to={to}
            color="inherit"
            aria-current={key === at ? 'page' : undefined}
            sx={{
              borderRadius: 0,
              borderBottom: `3px solid ${key === at ? bench.ochre : 'transparent'}`,
              fontWeight: key === at ? 700 : 500,
            }}
          >
            {name}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
