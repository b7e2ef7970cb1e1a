import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { coloursOf } from '../../recipe/BlendColours';
import { documentId } from '../../recipe/edits';
import { PreviewedPiece } from '../../recipe/face/PaintedPiece';
import { bench } from '../../theme/theme';
import { CleanUpLines } from '../../ui/CleanUpLines';
import { areaWords } from '../../ui/measures';
import { Failed, Loading } from '../../ui/Notice';
import { PrintPage } from '../../ui/PrintPage';
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
    <PrintPage to={`/recipes/${id}`} back="Back to the recipe" sx={{ maxWidth: 860, mx: 'auto' }}>
      <Box
        component="header"
        sx={{
          display: 'grid',
          gridTemplateColumns: '1fr auto',
          gap: 2,
          alignItems: 'end',
          borderBottom: `3px solid ${bench.black}`,
          pb: 1,
        }}
      >
        <Box>
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
        <PreviewedPiece document={recipe.document} preview={preview} label="The piece as it will look" width={230} height={150} />
      </Box>
      <Box component="h2" sx={{ fontFamily: 'h1.fontFamily', mt: 1.5, mb: 0.5, breakAfter: 'avoid' }}>
        Have ready
      </Box>
      <Box
        component="ul"
        sx={{ m: 0, pl: 0, pb: 1, listStyle: 'none', fontSize: 17, columns: 2, borderBottom: `1px solid ${bench.black}` }}
      >
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
      <Box sx={{ breakInside: 'avoid' }}>
        <Box component="h2" sx={{ fontFamily: 'h1.fontFamily', mt: 2, mb: 0.5 }}>
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
    </PrintPage>
  );
}
