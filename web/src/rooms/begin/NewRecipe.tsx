import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '../../api/api';
import { useLines } from '../../api/useLines';
import { useSettings } from '../../api/useSettings';
import { useVocabulary } from '../../api/useVocabulary';
import { emptyRecipe } from '../../recipe/edits';
import { Choice } from '../../ui/Field';
import { Failed, Loading } from '../../ui/Notice';
import { startColours } from '../../ui/startColours';
import { counted } from '../../ui/words';
import { type Chip, FinishChip } from './FinishChip';
import { GroundPick } from './GroundPick';
import { firstGround, newPiece } from './newPiece';

type Shade = 'any' | 'light' | 'dark';

/** How light the flat is, 0 to 1. */
function lightness(chip: Chip): number {
  const colour = chip.stack.look.after[chip.stack.look.after.length - 1]?.zones[0]?.colour ?? startColours.grey;
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((i) => Number.parseInt(colour.slice(i, i + 2), 16) / 255);
  return 0.3 * r + 0.59 * g + 0.11 * b;
}

/** A wall of finishes, painted on the wood chosen: one press makes a whole recipe of one. */
export default function NewRecipe() {
  const navigate = useNavigate();
  const { data: vocabulary, error, refetch } = useVocabulary();
  const currency = useSettings().data?.settings.currency ?? '';
  const [ground, setGround] = useState(firstGround);
  const [shade, setShade] = useState<Shade>('any');
  const [hours, setHours] = useState<'any' | '2' | '4' | '8'>('any');
  const [shelf, setShelf] = useState<'any' | 'shelf'>('any');
  const piece = useMemo(() => vocabulary && newPiece(ground, vocabulary), [ground, vocabulary]);
  const { lines: chips, failed, busy, ask } = useLines<Chip>('/api/finishes/wall');
  useEffect(() => piece && ask({ piece }), [piece, ask]);
  const begin = useMutation({
    mutationFn: async (family: string | null) => {
      const document =
        family === null
          ? { ...emptyRecipe('Untitled recipe'), ...(piece ? { piece } : {}) }
          : (await answer(api.POST('/api/finishes', { body: { family, piece: piece as never } }))).document;
      return answer(api.POST('/api/recipes', { body: { document } }));
    },
    onSuccess: (made) => navigate(`/recipes/${made.id}`),
  });
  if (error && !vocabulary) return <Failed error={error} retry={() => void refetch()} />;
  if (!vocabulary) return <Loading what="the finishes" />;
  const shown = chips.filter(
    (c) =>
      (shade === 'any' || lightness(c) > 0.5 === (shade === 'light')) &&
      (hours === 'any' || c.minutes <= 60 * Number(hours)) &&
      (shelf === 'any' || c.buy === 0),
  );
  return (
    <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1320, width: '100%', mx: 'auto' }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 2 }}>
        <Typography variant="h1" sx={{ mr: 1 }}>
          New recipe
        </Typography>
        <Box sx={{ flex: 1 }} />
        <Button component={Link} to="/recipes/new/look" variant="contained">
          From a look or a photo
        </Button>
        <Button variant="outlined" onClick={() => begin.mutate(null)}>
          Empty recipe
        </Button>
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(160px, 1fr))', mb: 2 }}>
        <GroundPick ground={ground} vocabulary={vocabulary} onChange={setGround} />
        <Choice
          label="Shade"
          value={shade}
          options={[
            ['any', 'light or dark'],
            ['light', 'light'],
            ['dark', 'dark'],
          ]}
          onChange={setShade}
        />
        <Choice
          label="Work at most"
          value={hours}
          options={[
            ['any', 'any'],
            ['2', '2 hours'],
            ['4', '4 hours'],
            ['8', '8 hours'],
          ]}
          onChange={setHours}
        />
        <Choice
          label="Materials"
          value={shelf}
          options={[
            ['any', 'may be bought'],
            ['shelf', 'on the shelf'],
          ]}
          onChange={setShelf}
        />
      </Box>
      {(failed ?? begin.error) && (
        <Alert severity="error" sx={{ mb: 2 }}>
          {(failed ?? begin.error)?.message}
        </Alert>
      )}
      <Box role="status" sx={{ mb: 1, color: 'text.secondary' }} data-testid="wall-count">
        {!busy
          ? shown.length === 0
            ? 'No finish is left with these limits.'
            : `${counted(shown.length, 'finish', 'finishes')} for ${ground.species}`
          : `Painting … ${counted(shown.length, 'finish', 'finishes')}`}
      </Box>
      <Box
        component="ul"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 2, gridTemplateColumns: 'repeat(auto-fill, minmax(230px, 1fr))' }}
      >
        {shown.map((chip) => (
          <li key={chip.family}>
            <FinishChip chip={chip} currency={currency} onTake={() => begin.mutate(chip.family)} />
          </li>
        ))}
      </Box>
    </Box>
  );
}
