import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import { Link } from 'react-router';
import type { RecipeSummary } from '../../api/api';
import { bench } from '../../theme/theme';
import { ChipTitle } from '../../ui/ChipTitle';
import { day } from '../../ui/words';
import { ChipPicture } from './ChipPicture';

type Props = {
  recipe: RecipeSummary;
  isChosen: boolean;
  onChoose: (isChosen: boolean) => void;
  onDuplicate: () => void;
  onArchive: () => void;
};

/** A recipe as a chip: its piece painted, under it what it is. Chosen ones are shown to a client together. */
export function RecipeChip({ recipe, isChosen, onChoose, onDuplicate, onArchive }: Props) {
  const { card } = recipe;
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
        <ChipPicture recipe={recipe} />
        <Box sx={{ p: 1.5, pb: 0.5 }}>
          <ChipTitle>{recipe.title}</ChipTitle>
          <Box sx={{ mt: 0.5 }}>
            {card.count > 1 ? `${card.count} × ` : ''}
            {card.piece} in {card.ground}
          </Box>
          <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
            {card.steps} {card.steps === 1 ? 'step' : 'steps'} · {recipe.head === 0 ? 'no revision' : `revision ${recipe.head}`}
            {recipe.head > 0 && recipe.changed ? ', unsaved changes in draft' : ''} ·{' '}
            {recipe.usedAt ? `used ${day(recipe.usedAt)}` : day(recipe.updatedAt)}
          </Box>
        </Box>
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', px: 0.75, pb: 0.75 }}>
        <Checkbox
          size="small"
          checked={isChosen}
          onChange={(e) => onChoose(e.target.checked)}
          slotProps={{ input: { 'aria-label': `Choose ${recipe.title}` } }}
        />
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
          Export
        </Button>
      </Box>
    </Box>
  );
}
