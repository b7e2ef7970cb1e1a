import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { coloursOf } from '../../recipe/BlendColours';
import { documentId } from '../../recipe/edits';
import { PreviewedPiece } from '../../recipe/face/PaintedPiece';
import { bench } from '../../theme/theme';
import { CleanUpLines } from '../../ui/CleanUpLines';
import { areaWords } from '../../ui/measures';
import { Failed, Loading } from '../../ui/Notice';
import { useSystem } from '../../ui/useSystem';
import { consumed, moment } from '../../ui/words';
import { SheetStep } from './SheetStep';

/** The bench sheet: big steps, amounts, marks, waits, and boxes to tick; made to be printed. */
export default function Sheet() {
  const system = useSystem();
  const { id = '' } = useParams();
  const sheet = useQuery({
    queryKey: keys.recipeOf(id, 'sheet'),
    queryFn: async () => {
      const recipe = await answer(api.GET('/api/recipes/{id}', { params: { path: { id } } }));
      const { preview } = await answer(api.POST('/api/preview', { body: { document: recipe.document } }));
      const vocabulary = await answer(api.GET('/api/vocabulary'));
      return { recipe, preview, vocabulary };
    },
    staleTime: 0,
    gcTime: 0,
  });
  if (sheet.error) return <Failed error={sheet.error} retry={() => void sheet.refetch()} />;
  if (!sheet.data) return <Loading what="the bench sheet" />;
  const { recipe, preview, vocabulary } = sheet.data;
  const revision = recipe.revisions[0];
  const draft = revision ? `draft from revision ${revision.number}` : 'draft';
  return (
    <Box
      component="main"
      sx={{ maxWidth: 860, mx: 'auto', p: 3, bgcolor: bench.white, color: bench.black, '@media print': { p: 0, maxWidth: 'none' } }}
    >
      <Box sx={{ display: 'flex', gap: 1, mb: 2, '@media print': { display: 'none' } }}>
        <Button component={Link} to={`/recipes/${id}`} variant="outlined">
          Back to the recipe
        </Button>
        <Button variant="contained" onClick={() => window.print()}>
          Print
        </Button>
      </Box>
      <Box component="header" sx={{ borderBottom: `3px solid ${bench.black}`, pb: 1, mb: 1 }}>
        <Box component="h1" sx={{ fontFamily: 'h1.fontFamily', fontSize: 30, m: 0, lineHeight: 1.15 }}>
          {preview.title}
        </Box>
        <Box sx={{ fontSize: 17 }}>
          {(recipe.document.piece.count ?? 1) > 1 ? `${recipe.document.piece.count} × ` : ''}
          {recipe.document.piece.name}, {areaWords(preview.area, system)} · {draft} · planned from{' '}
          {moment(preview.plan.coats[0]?.stretches[0]?.start ?? null)} · ready{' '}
          {preview.plan.stuck ? 'no date yet' : moment(preview.plan.readyOn)}
        </Box>
      </Box>
      <Box sx={{ breakInside: 'avoid', py: 1 }}>
        <PreviewedPiece document={recipe.document} preview={preview} label="The piece as it will look" width={420} height={230} />
      </Box>
      {preview.steps
        .filter((step) => step.id === documentId(step.id))
        .map((step) => {
          const written = recipe.document.steps.find((s) => s.id === step.id);
          return (
            <SheetStep
              key={step.id}
              step={step}
              written={written}
              colours={coloursOf(written, preview.steps)}
              vocabulary={vocabulary}
              coats={preview.plan.coats.filter((c) => c.stepId === step.id)}
              findings={preview.findings.filter((f) => f.steps[0] === step.id)}
            />
          );
        })}
      <Box component="h2" sx={{ fontFamily: 'h1.fontFamily', mt: 3, mb: 1, breakAfter: 'avoid' }}>
        Have ready
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 0, listStyle: 'none', fontSize: 17, columns: 2 }}>
        {preview.materials.map((m) => (
          <li key={m.materialId} style={{ breakInside: 'avoid', marginBottom: 4 }}>
            ☐ <b>{(m.most ?? m.amount).text}</b> {m.name}
          </li>
        ))}
        {preview.consumables.map((c) => (
          <li key={c.name} style={{ breakInside: 'avoid', marginBottom: 4 }}>
            ☐ {consumed(c)}
          </li>
        ))}
      </Box>
      <Box component="h2" sx={{ fontFamily: 'h1.fontFamily', mt: 3, mb: 1, breakAfter: 'avoid' }}>
        Clean-up
      </Box>
      <Box sx={{ fontSize: 17 }}>
        <CleanUpLines cleanUp={preview.cleanUp} />
        {recipe.document.cleanUp?.rags && (
          <div>
            Rags: <b>{vocabulary.rags.find((r) => r.key === recipe.document.cleanUp?.rags)?.name}</b>
          </div>
        )}
      </Box>
    </Box>
  );
}
