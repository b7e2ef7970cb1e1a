import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { answer, api, type Preview, type Recipe, type Step, type Vocabulary } from '../../../api/api';
import { bench } from '../../../theme/theme';

type Props = { document: Recipe; preview: Preview; vocabulary: Vocabulary; onChange: (document: Recipe) => void };

/** What the piece needs before its first coat, each line with its reason; taken whole, line by line, or not at all. */
export function PrepPanel({ document, preview, vocabulary, onChange }: Props) {
  const taking = useMutation({
    mutationFn: (asked: { document: Recipe; take: string[] }) => answer(api.POST('/api/compute/prep', { body: asked })),
    onSuccess: (taken, asked) => {
      if (asked.document === document) onChange(taken.document);
    },
  });
  const take = (lines: Preview['prep']) => taking.mutate({ document, take: lines.map((l) => l.key) });
  const where = (parts: readonly string[]) =>
    parts.length === 0
      ? 'on the whole piece'
      : `on ${parts.map((id) => document.piece.parts.find((p) => p.id === id)?.name ?? id).join(', ')}`;
  return (
    <Box sx={{ maxWidth: 860 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', gap: 2, mb: 1 }}>
        <Typography variant="h2">Preparation</Typography>
        {preview.prep.length > 1 && (
          <Button variant="contained" onClick={() => take(preview.prep)} disabled={taking.isPending}>
            Add all {preview.prep.length}
          </Button>
        )}
      </Box>
      <Box sx={{ mb: 1.5 }}>
        {preview.prep.length === 0
          ? 'Nothing to suggest: the preparation is in the recipe, or no step applies a coat yet.'
          : 'Based on the survey, first coat and practice. Each line goes in the right place. Skip what you do differently.'}
      </Box>
      {taking.error && (
        <Box role="alert" sx={{ color: bench.oxide, mb: 1 }}>
          {taking.error.message}
        </Box>
      )}
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {preview.prep.map((line) => (
          <Box
            component="li"
            key={line.key}
            data-prep={line.step.technique}
            sx={{
              display: 'grid',
              gridTemplateColumns: '1fr auto',
              gap: 2,
              alignItems: 'center',
              py: 1,
              borderBottom: 1,
              borderColor: 'divider',
            }}
          >
            <Box>
              <b>{line.step.title}</b> {where(line.step.parts ?? [])}
              {passes(line.step, vocabulary)}
              {line.step.dwell ? `, dwell ${line.step.dwell} min` : ''}
              <Box sx={{ color: 'text.secondary' }}>{line.reason}</Box>
            </Box>
            <Button
              variant="outlined"
              onClick={() => take([line])}
              disabled={taking.isPending}
              aria-label={`Add to recipe: ${line.step.title}`}
            >
              Add to recipe
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function passes({ coats, repeat }: Pick<Step, 'coats' | 'repeat'>, vocabulary: Vocabulary): string {
  if (repeat) {
    const until = vocabulary.criteria.find((c) => c.key === repeat.until)?.name;
    return `, ${repeat.least} to ${repeat.most} passes, until ${until}`;
  }
  return (coats ?? 1) > 1 ? `, ${coats} passes` : '';
}
