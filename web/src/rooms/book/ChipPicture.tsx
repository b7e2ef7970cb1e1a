import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { answer, api, type RecipeSummary } from '../../api/api';
import { keys } from '../../api/keys';
import { PaintedPiece } from '../../recipe/face/PaintedPiece';
import { bench } from '../../theme/theme';
import { useSeen } from '../../ui/useSeen';

const height = 168;

/** The finished piece on its chip, painted when it comes into view; until then in the colour of its flat. */
export function ChipPicture({ recipe }: { recipe: RecipeSummary }) {
  const [box, isSeen] = useSeen<HTMLDivElement>();
  const painting = useQuery({
    queryKey: keys.painting(recipe.id, recipe.updatedAt),
    queryFn: () => answer(api.GET('/api/recipes/{id}/painting', { params: { path: { id: recipe.id } } })),
    enabled: isSeen,
    staleTime: Number.POSITIVE_INFINITY,
  }).data;
  const look: Readonly<Record<string, string | undefined>> = recipe.card.look;
  return (
    <Box
      ref={box}
      sx={{
        height,
        display: 'grid',
        placeItems: 'center',
        borderBottom: `1.5px solid ${bench.ink}`,
        bgcolor: bench.sand,
        overflow: 'hidden',
      }}
    >
      {painting ? (
        <PaintedPiece painting={painting} label={`${recipe.title}, finished`} width={250} height={height - 16} />
      ) : (
        <Box sx={{ width: 120, height: 90, bgcolor: look.field, border: `6px solid ${look.edge}` }} />
      )}
    </Box>
  );
}
