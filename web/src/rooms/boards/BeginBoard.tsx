import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api, type Recipe, type Step, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { useVocabulary } from '../../api/useVocabulary';
import { Choice, NumberEntry } from '../../ui/Field';
import { RecipePick } from '../../ui/RecipePick';

/** What boards are made for most: a ladder of strengths, and which comes first. */
const questions = [
  ['', 'anything its steps can tell'],
  ['colour-fraction', 'how strong: a ladder from weak to full'],
  ['order', 'in which order: a step earlier or later'],
  ['dwell', 'how long to leave it before wiping'],
  ['coats', 'how many coats'],
] as const;

type Props = { recipe: string | null; step: string | null; onClose: () => void };

/** Which recipe, on the wood of which part, which of its steps, how large: then the board is laid out. */
export function BeginBoard({ recipe: named, step: vary, onClose }: Props) {
  const navigate = useNavigate();
  const [id, setId] = useState(named ?? '');
  const [part, setPart] = useState('');
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [width, setWidth] = useState(100);
  const [height, setHeight] = useState(80);
  const [thing, setThing] = useState<(typeof questions)[number][0]>('');
  const { data: words } = useVocabulary();
  const recipe = useQuery({
    queryKey: keys.recipeOf(id, 'for a board'),
    queryFn: () => answer(api.GET('/api/recipes/{id}', { params: { path: { id } } })),
    enabled: id !== '',
    staleTime: 0,
  });
  const document = recipe.data?.document;
  const acts = Object.fromEntries(words?.techniques.map((t) => [t.key, t.profile.effect]) ?? []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: anew for every recipe
  useEffect(() => {
    setPart(document?.piece.parts[0]?.id ?? '');
    setLeft(new Set(document && vary ? after(document, vary) : []));
  }, [document?.title, id]);
  const steps = document?.steps ?? [];
  const nameOf = (s: Step) => s.title || words?.techniques.find((t) => t.key === s.technique)?.name || s.technique;
  const begin = useMutation({
    mutationFn: async () => {
      const chosen = steps.filter((s) => !left.has(s.id)).map((s) => s.id);
      const asked = {
        recipe: id,
        part,
        steps: chosen,
        width,
        height,
        ...(vary && chosen.includes(vary) ? { vary } : {}),
        ...(thing ? { thing } : {}),
      };
      const begun = await answer(api.POST('/api/compute/board/begin', { body: asked }));
      return answer(api.POST('/api/boards', { body: { document: begun.document } }));
    },
    onSuccess: (made) => navigate(`/boards/${made.id}`),
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="begin">
      <DialogTitle id="begin">New board from a recipe</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {begin.error && <Alert severity="error">{wrongIn(begin.error)}</Alert>}
        <RecipePick label="Recipe" chosen={document?.title} onPick={(r) => setId(r.id)} />
        <Choice label="To find out" value={thing} options={questions} onChange={setThing} />
        <Choice
          label="Same wood as"
          value={part}
          options={(document?.piece.parts ?? []).map(
            (p) => [p.id, `${p.name}: ${p.substrate.species} ${p.substrate.kind === 'solid' ? '' : p.substrate.kind}`] as const,
          )}
          onChange={setPart}
        />
        <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
          <Box component="legend" sx={{ color: 'text.secondary', fontSize: 14, p: 0 }}>
            Steps on each patch
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: { sm: '1fr 1fr' } }}>
            {steps.map((s, i) => (
              <FormControlLabel
                key={s.id}
                control={
                  <Checkbox
                    checked={!left.has(s.id)}
                    onChange={(e) => setLeft(e.target.checked ? without(left, s.id) : new Set([...left, s.id]))}
                  />
                }
                label={`${i + 1} ${nameOf(s)}${acts[s.technique] === 'waits' ? ' (waits)' : ''}`}
              />
            ))}
          </Box>
        </Box>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2 }}>
          <NumberEntry label="Patch width" unit="mm" value={width} whole least={20} onChange={(n) => setWidth(n ?? 100)} />
          <NumberEntry label="Patch height" unit="mm" value={height} whole least={20} onChange={(n) => setHeight(n ?? 80)} />
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={begin.isPending || steps.length === left.size || part === ''} onClick={() => begin.mutate()}>
          Create board
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** What comes after a step is not laid on a board that is about it. */
function after(document: Recipe, step: string): string[] {
  const at = document.steps.findIndex((s) => s.id === step);
  return at < 0 ? [] : document.steps.slice(at + 1).map((s) => s.id);
}

function without(set: ReadonlySet<string>, one: string): ReadonlySet<string> {
  return new Set([...set].filter((x) => x !== one));
}
