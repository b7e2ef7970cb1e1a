import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { bench } from '../../theme/theme';

const ways = [
  {
    to: '/recipes/new',
    title: 'Choose a finish',
    says: 'Some forty finishes, painted on your wood. One press makes a whole recipe of one, with its preparation, amounts and days.',
  },
  {
    to: '/recipes/new/look',
    title: 'Start from a look or a photo',
    says: 'Choose which colours you want to see, and where. You get up to six recipes that come close, and what could go wrong with each.',
  },
  {
    to: '/settings',
    title: 'Set up your studio',
    says: 'Your working hours, your units, the measures and cups you own. Amounts, pour marks and the schedule follow them.',
  },
  {
    to: '/shelf',
    title: 'Look over your shelf',
    says: 'It starts with typical materials and a few plain colours. Enter what your labels say, and archive what you never use.',
  },
];

/** The book before its first recipe: where one can begin. */
export function EmptyBook({ onArchive }: { onArchive: () => void }) {
  return (
    <Box component="section" aria-label="Where to begin">
      <Typography variant="h2" sx={{ mb: 2 }}>
        No recipes yet
      </Typography>
      <Box
        component="ul"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 2, gridTemplateColumns: 'repeat(auto-fit, minmax(270px, 1fr))' }}
      >
        {ways.map(({ to, title, says }) => (
          <Box
            component="li"
            key={to}
            sx={{
              display: 'flex',
              flexDirection: 'column',
              gap: 1,
              p: 2.5,
              bgcolor: 'background.paper',
              border: 1,
              borderColor: bench.line,
              borderRadius: 1,
            }}
          >
            <Button component={Link} to={to} variant={to === '/recipes/new' ? 'contained' : 'outlined'} sx={{ alignSelf: 'start' }}>
              {title}
            </Button>
            <Box>{says}</Box>
          </Box>
        ))}
      </Box>
      <Button sx={{ mt: 2 }} onClick={onArchive}>
        Open the archive
      </Button>
    </Box>
  );
}
