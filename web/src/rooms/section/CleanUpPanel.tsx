import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Material, Preview, Recipe, Vocabulary } from '../../api/api';
import { putMaterial, withoutUnused } from '../../recipe/edits';
import { CleanUpLines } from '../../ui/CleanUpLines';
import { Choice } from '../../ui/Field';

type Props = {
  document: Recipe;
  cleanUp: Preview['cleanUp'];
  vocabulary: Vocabulary;
  shelf: readonly Material[];
  onChange: (document: Recipe) => void;
};
type CleanUp = NonNullable<Recipe['cleanUp']>;

/** What brushes, rags and hands are cleaned with after which steps, and where the rags go. */
export function CleanUpPanel({ document, cleanUp, vocabulary, shelf, onChange }: Props) {
  const stated = document.cleanUp ?? {};
  const set = (patch: Partial<CleanUp>) => onChange(withoutUnused({ ...document, cleanUp: { ...stated, ...patch } }));
  const withIds = stated.with ?? [];
  const cleaners = shelf.filter((m) => ['cleaner', 'thinner', 'neutraliser', 'bleach'].includes(m.kind) && !withIds.includes(m.id));
  return (
    <Box component="section" aria-label="Clean-up" sx={{ pt: 2, display: 'grid', gap: 1.25 }}>
      <Typography variant="h3" component="h3">
        Clean-up
      </Typography>
      <CleanUpLines cleanUp={cleanUp} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
        <Choice
          label="Store rags"
          value={stated.rags ?? ''}
          options={[['', 'not set'] as const, ...vocabulary.rags.map((r) => [r.key, r.name] as const)]}
          onChange={(rags) => set({ rags: rags === '' ? null : (rags as NonNullable<CleanUp['rags']>) })}
        />
        <Choice
          label="Other cleaner"
          value=""
          options={[['', 'none'] as const, ...cleaners.map((m) => [m.id, m.name] as const)]}
          onChange={(id) => {
            const material = shelf.find((m) => m.id === id);
            if (material) onChange({ ...putMaterial(document, material), cleanUp: { ...stated, with: [...withIds, material.id] } });
          }}
        />
      </Box>
      {withIds.map((id) => (
        <Box key={id} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          {document.materials.find((m) => m.id === id)?.name ?? id}
          <Button size="small" onClick={() => set({ with: withIds.filter((other) => other !== id) })}>
            Remove
          </Button>
        </Box>
      ))}
    </Box>
  );
}
