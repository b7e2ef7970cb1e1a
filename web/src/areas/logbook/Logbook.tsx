import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api } from '../../app/api';
import { bench } from '../../app/theme';
import { Failed, Loading } from '../../shared/Notice';
import { Pages } from '../../shared/Pages';
import { date } from '../../shared/words';
import { OwnFigures } from './OwnFigures';

/** What was made, the last put on the bench first. */
export default function Logbook() {
  const [page, setPage] = useState(1);
  const runs = useQuery({
    queryKey: ['runs', 'made', page],
    queryFn: () => answer(api.GET('/api/runs', { params: { query: { page } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  if (runs.error && !runs.data) return <Failed error={runs.error} retry={() => void runs.refetch()} />;
  return (
    <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1080, width: '100%', mx: 'auto' }}>
      <Typography variant="h1" sx={{ mb: 2 }}>
        Logbook
      </Typography>
      {!runs.data && <Loading what="the logbook" />}
      {runs.data?.runs.length === 0 && (
        <Box sx={{ p: 5, textAlign: 'center', border: '2px dashed', borderColor: 'divider', borderRadius: 1 }}>
          Nothing has been on the bench yet. What is noted there is told here, against what was planned.
        </Box>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {runs.data?.runs.map((run) => (
          <Box component="li" key={run.id} sx={{ borderTop: `1px solid ${bench.line}` }}>
            <Box
              component={Link}
              to={`/logbook/${run.id}`}
              sx={{
                display: 'grid',
                gridTemplateColumns: { sm: '170px 1fr auto' },
                gap: 1.5,
                py: 1.5,
                color: 'inherit',
                textDecoration: 'none',
              }}
            >
              <span>{run.finishedAt ? `finished ${date(run.finishedAt)}` : 'on the bench'}</span>
              <span>
                <b style={{ fontSize: 18 }}>{run.title}</b>
                {run.revision !== null && `, revision ${run.revision}`}
                {run.lesson && <span style={{ display: 'block', color: bench.slate }}>{run.lesson}</span>}
              </span>
              <span role="img" aria-label={run.rating ? `${run.rating} of 5` : 'not rated'} style={{ color: '#8A5E17', fontSize: 20 }}>
                {run.rating ? '★'.repeat(run.rating) : ''}
              </span>
            </Box>
          </Box>
        ))}
      </Box>
      {runs.data && <Pages page={page} list={{ total: runs.data.total, size: runs.data.size }} onPage={setPage} />}
      <OwnFigures />
    </Box>
  );
}
