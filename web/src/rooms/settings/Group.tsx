import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

const idOf = (title: string) => title.toLowerCase().replaceAll(' ', '-');

export function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" id={idOf(title)} aria-labelledby={`${idOf(title)}-title`} sx={{ scrollMarginTop: 84 }}>
      <Typography variant="h2" id={`${idOf(title)}-title`} sx={{ mb: 1.5 }}>
        {title}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(220px, 1fr))' }}>{children}</Box>
    </Box>
  );
}

/** All groups by their titles, each a press away. */
export function GroupIndex({ titles }: { titles: readonly string[] }) {
  return (
    <Box
      component="nav"
      aria-label="Groups of settings"
      sx={{
        position: { md: 'sticky' },
        top: 84,
        alignSelf: 'start',
        display: 'flex',
        flexDirection: { md: 'column' },
        flexWrap: 'wrap',
        columnGap: 2,
      }}
    >
      {titles.map((title) => (
        <Box
          key={title}
          component="a"
          href={`#${idOf(title)}`}
          sx={{
            py: 0.75,
            minHeight: 36,
            color: 'primary.main',
            fontWeight: 600,
            textDecoration: 'none',
            '&:hover': { textDecoration: 'underline' },
          }}
        >
          {title}
        </Box>
      ))}
    </Box>
  );
}
