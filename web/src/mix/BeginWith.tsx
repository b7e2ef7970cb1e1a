import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { answer, api, type Material, type Mix } from '../api/api';
import { keys } from '../api/keys';
import { useVocabulary } from '../api/useVocabulary';
import type { MixBook } from '../recipe/edits';
import { Choice } from '../ui/Field';
import { RecipePick } from '../ui/RecipePick';

/** The step of the book a mix is for. */
export type StepOf = { recipe: string; step: string };

type Props = {
  shelf: readonly Material[];
  /** A book with the mix first, and how much of it is needed, where a step says so. */
  onBegin: (book: MixBook, of: StepOf | null, need?: string) => void;
};

/** What to begin with: a usual mix, or the mix of a step in the book with what that step needs. */
export function BeginWith({ shelf, onBegin }: Props) {
  const { data: vocabulary } = useVocabulary();
  const [said, setSaid] = useState('');
  const [params] = useSearchParams();
  const named = params.get('recipe') ?? '';
  const [recipe, setRecipe] = useState(named);
  const opened = useQuery({
    queryKey: keys.recipeOf(recipe, 'to-mix'),
    enabled: recipe !== '',
    queryFn: async () => {
      const { document } = await answer(api.GET('/api/recipes/{id}', { params: { path: { id: recipe } } }));
      const { preview } = await answer(api.POST('/api/preview', { body: { document } }));
      return { document, preview };
    },
  });
  const mixed = opened.data?.document.steps.filter((s) => s.uses?.mix) ?? [];
  const starts = vocabulary?.mixes ?? [];
  const usual = (name: string) => {
    const start = starts.find((m) => m.name === name);
    const materials = start?.parts.map((p) => shelf.find((m) => m.id === p.material)).filter((m) => m !== undefined) ?? [];
    if (!start || materials.length < start.parts.length) return setSaid('Ingredients missing from the shelf.');
    setSaid(start.how);
    const mix: Mix = { id: 'x', name, basis: 'volume', parts: start.parts.map((p) => ({ share: p.share, of: { material: p.material } })) };
    onBegin({ materials, mixes: [mix] }, null);
  };
  const ofStep = (id: string) => {
    const { document, preview } = opened.data ?? {};
    const main = document?.mixes?.find((m) => m.id === document.steps.find((s) => s.id === id)?.uses?.mix);
    if (!document || !main) return;
    const need = preview?.steps.find((s) => s.id === id)?.pour?.need;
    setSaid('');
    onBegin(
      { materials: document.materials, mixes: [main, ...(document.mixes ?? []).filter((m) => m.id !== main.id)] },
      { recipe, step: id },
      need && `${need.exact} ml`,
    );
  };
  const ready = opened.data !== undefined && recipe === named;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the step the address names is known
  useEffect(() => {
    const step = params.get('step');
    if (ready && step !== null) ofStep(step);
  }, [ready]);
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 1 }}>
        <Choice
          label="Start from"
          value=""
          options={[['', 'a common mix …'] as const, ...starts.map((m) => [m.name, m.name] as const)]}
          onChange={usual}
        />
        <RecipePick label="From a recipe" chosen={opened.data?.document.title} onPick={(r) => setRecipe(r.id)} />
      </Box>
      {recipe !== '' && opened.data && (
        <Choice
          label="Step"
          value=""
          options={[
            ['', mixed.length === 0 ? 'no mixes in it' : 'choose one'] as const,
            ...mixed.map((s) => {
              const worked = opened.data.preview.steps.find((w) => w.id === s.id);
              return [s.id, `${worked?.number}. ${worked?.name}, ${worked?.pour?.need.text}`] as const;
            }),
          ]}
          onChange={ofStep}
        />
      )}
      {said && <Box sx={{ borderLeft: 3, borderColor: 'divider', pl: 1, color: 'text.secondary' }}>{said}</Box>}
    </Box>
  );
}
