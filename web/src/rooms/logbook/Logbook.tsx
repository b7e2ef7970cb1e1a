import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { useRunWork } from '../../log/useBench';
import { bench } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { Pages } from '../../ui/Pages';
import { date } from '../../ui/words';
import { PersonalFactors } from './PersonalFactors';

/** What was made, the last put on the bench first. */
export default function Logbook() {
  const [page, setPage] = useState(1);
  const [archived, setArchived] = useState(false);
  const { change } = useRunWork();
  const runs = useQuery({
    queryKey: keys.jobList('made', page, archived),
    queryFn: () => answer(api.GET('/api/runs', { params: { query: { page, archived } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  if (runs.error && !runs.data) return <Failed error={runs.error} retry={() => void runs.refetch()} />;
  return (
    <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1080, width: '100%', mx: 'auto' }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 2 }}>
        <Typography variant="h1">Logbook</Typography>
        <FormControlLabel
          control={
            <Switch
              checked={archived}
              onChange={(e) => {
                setArchived(e.target.checked);
                setPage(1);
              }}
            />
          }
          label="Show archived"
        />
        <Box sx={{ flex: 1 }} />
        <Button component={Link} to="/logbook/eye" variant="outlined">
          Train your eye
        </Button>
      </Box>
      {change.error && <Alert severity="error">{change.error.message}</Alert>}
      {!runs.data && <Loading what="the logbook" />}
      {runs.data?.runs.length === 0 && (
        <Box sx={{ p: 5, textAlign: 'center', border: '2px dashed', borderColor: 'divider', borderRadius: 1 }}>
          {archived ? 'Nothing archived' : 'No jobs yet. Start one in Days; its log is compared with the plan here.'}
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
              <span>{run.finishedAt ? `finished ${date(run.finishedAt)}` : 'in progress'}</span>
              <span>
                <b style={{ fontSize: 18 }}>{run.title}</b>
                {run.revision !== null && `, revision ${run.revision}`}
                {run.lesson && <span style={{ display: 'block', color: bench.slate }}>{run.lesson}</span>}
              </span>
              <span role="img" aria-label={run.rating ? `${run.rating} of 5` : 'not rated'} style={{ color: bench.star, fontSize: 20 }}>
                {run.rating ? '★'.repeat(run.rating) : ''}
              </span>
            </Box>
            {run.archived && <Button onClick={() => change.mutate({ run, to: { archived: false } })}>Restore</Button>}
          </Box>
        ))}
      </Box>
      {runs.data && <Pages page={page} list={{ total: runs.data.total, size: runs.data.size }} onPage={setPage} />}
      <PersonalFactors />
    </Box>
  );
}
