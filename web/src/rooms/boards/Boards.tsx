import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { answer, api, type BoardSummary } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { Pages } from '../../ui/Pages';
import { day } from '../../ui/words';
import { BeginBoard } from './BeginBoard';

/** All sample boards, drawn small with the colours that were read of them. */
export default function Boards() {
  const [archived, setArchived] = useState(false);
  const [params, setParams] = useSearchParams();
  const [page, setPage] = useState(1);
  const boards = useQuery({
    queryKey: keys.boardList(archived, page),
    queryFn: () => answer(api.GET('/api/boards', { params: { query: { archived, page } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  const list = boards.data;
  const queries = useQueryClient();
  const putAway = useMutation({
    mutationFn: (b: BoardSummary) =>
      answer(api.PUT('/api/boards/{id}/archive', { params: { path: { id: b.id } }, body: { archived: !b.archived } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.boards }),
  });
  if (boards.error && !boards.data) return <Failed error={boards.error} retry={() => void boards.refetch()} />;
  return (
    <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1320, width: '100%', mx: 'auto' }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 2.5 }}>
        <Typography variant="h1" sx={{ mr: 1 }}>
          Boards
        </Typography>
        <FormControlLabel
          control={<Switch checked={archived} onChange={(e) => [setArchived(e.target.checked), setPage(1)]} />}
          label="Show archived"
        />
        <Box sx={{ flex: 1 }} />
        <Button variant="contained" onClick={() => setParams({ begin: '' })}>
          New board
        </Button>
      </Box>
      {!list && <Loading what="the boards" />}
      {list?.boards.length === 0 && (
        <Box sx={{ p: 5, textAlign: 'center', border: '2px dashed', borderColor: 'divider', borderRadius: 1 }}>
          {archived ? 'Nothing archived' : 'No boards yet. Create one from a recipe: its steps on small patches, one variable at a time.'}
        </Box>
      )}
      <Box
        component="ul"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 2.5, gridTemplateColumns: 'repeat(auto-fill, minmax(290px, 1fr))' }}
      >
        {list?.boards.map((b) => (
          <Box component="li" key={b.id} sx={{ border: 1, borderColor: 'divider', bgcolor: 'background.paper', borderRadius: 1, p: 2 }}>
            <Box component={Link} to={`/boards/${b.id}`} sx={{ color: 'inherit', textDecoration: 'none', display: 'grid', gap: 1 }}>
              <Small board={b} />
              <Typography variant="h3" component="h2">
                {b.title}
              </Typography>
            </Box>
            <Box sx={{ color: 'text.secondary', lineHeight: 1.35, mt: 0.5 }}>
              {b.card.columns.name}
              {b.card.rows && `, against ${b.card.rows.name}`}
              <br />
              {state(b)}
              {b.recipeTitle && (
                <>
                  <br />
                  from “{b.recipeTitle}”
                </>
              )}
            </Box>
            <Button sx={{ mt: 1, ml: -1 }} onClick={() => putAway.mutate(b)}>
              {b.archived ? 'Restore' : 'Archive'}
            </Button>
          </Box>
        ))}
      </Box>
      {list && <Pages page={page} list={list} onPage={setPage} />}
      {params.get('begin') !== null && <BeginBoard recipe={params.get('recipe')} step={params.get('step')} onClose={() => setParams({})} />}
    </Box>
  );
}

function state(b: BoardSummary): string {
  const patches = b.card.patches.length;
  if (b.chosen) return `${b.chosen} applied to the recipe`;
  if (b.read > 0) return `${b.read} of ${patches} patches measured`;
  return b.appliedAt ? `applied ${day(b.appliedAt)}, ${patches} patches to measure` : `${patches} patches, not applied yet`;
}

function Small({ board: b }: { board: BoardSummary }) {
  return (
    <Box
      aria-hidden="true"
      sx={{
        display: 'grid',
        gridTemplateColumns: `repeat(${b.card.columns.heads.length}, 1fr)`,
        gap: '5px',
        p: '8px',
        border: `1.5px solid ${bench.ink}`,
        bgcolor: bench.pine,
        height: 132,
      }}
    >
      {b.card.patches
        .filter((p) => p.row !== null)
        .map((p) => (
          <Box
            key={p.label}
            sx={{
              bgcolor: b.observed[p.label] ?? 'rgba(255,254,251,.55)',
              border: b.observed[p.label] ? '1px solid rgba(34,41,43,.5)' : '1.5px dashed rgba(34,41,43,.5)',
              outline: b.chosen === p.label ? `3px solid ${bench.ink}` : undefined,
            }}
          />
        ))}
    </Box>
  );
}
