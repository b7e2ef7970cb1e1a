import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { RecipeSummary } from '../../api/api';
import { bench } from '../../theme/theme';
import { day } from '../../ui/words';

/** A painted chip: the flat as it will look in the end, framed by the edges, with the pores in it. */
export function RecipeChip({ recipe, onDuplicate, onArchive }: { recipe: RecipeSummary; onDuplicate: () => void; onArchive: () => void }) {
  const { card } = recipe;
  const look: Readonly<Record<string, string | undefined>> = card.look;
  return (
    <Box
      component="li"
      sx={{
        bgcolor: 'background.paper',
        border: `1.5px solid ${bench.ink}`,
        borderRadius: '3px',
        display: 'flex',
        flexDirection: 'column',
        opacity: recipe.archived ? 0.75 : 1,
      }}
    >
      <Box
        component={Link}
        to={`/recipes/${recipe.id}`}
        sx={{ color: 'inherit', textDecoration: 'none', flex: 1, '&:hover h2': { textDecoration: 'underline' } }}
      >
        <Box
          aria-hidden="true"
          sx={{
            position: 'relative',
            height: 104,
            bgcolor: look.field,
            border: `7px solid ${look.edge}`,
            outline: `1.5px solid ${bench.ink}`,
            overflow: 'hidden',
          }}
        >
          <svg
            aria-hidden="true"
            width="100%"
            height="104"
            preserveAspectRatio="none"
            viewBox="0 0 200 104"
            style={{ position: 'absolute' }}
          >
            {look.pore &&
              [9, 22, 34, 47, 60, 72, 84, 96].map((y, i) => (
                <path
                  key={y}
                  d={`M${-6 + ((i * 37) % 30)} ${y}h200`}
                  stroke={look.pore}
                  strokeWidth="2"
                  strokeDasharray={`${16 + ((i * 7) % 12)} ${22 + ((i * 11) % 18)}`}
                  fill="none"
                />
              ))}
          </svg>
        </Box>
        <Box sx={{ p: 1.5, pb: 0.5 }}>
          <Box component="h2" sx={{ font: 'inherit', fontFamily: 'h1.fontFamily', fontWeight: 650, fontSize: 18, lineHeight: 1.25, m: 0 }}>
            {recipe.title}
          </Box>
          <Box sx={{ mt: 0.5 }}>
            {card.count > 1 ? `${card.count} × ` : ''}
            {card.piece} in {card.ground}
          </Box>
          <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
            {card.steps} {card.steps === 1 ? 'step' : 'steps'} · {recipe.head === 0 ? 'no revision' : `revision ${recipe.head}`}
            {recipe.head > 0 && recipe.changed ? ', unsaved changes in draft' : ''} · {day(recipe.updatedAt)}
          </Box>
        </Box>
      </Box>
      <Box sx={{ display: 'flex', px: 0.75, pb: 0.75 }}>
        <Button onClick={onDuplicate} aria-label={`Duplicate ${recipe.title}`}>
          Duplicate
        </Button>
        <Button onClick={onArchive} color="inherit" aria-label={`${recipe.archived ? 'Restore' : 'Archive'} ${recipe.title}`}>
          {recipe.archived ? 'Restore' : 'Archive'}
        </Button>
        <Button
          component="a"
          color="inherit"
          href={`/api/recipes/${recipe.id}/document`}
          download
          aria-label={`Export ${recipe.title} as a .json file`}
        >
          Export (.json)
        </Button>
      </Box>
    </Box>
  );
}
