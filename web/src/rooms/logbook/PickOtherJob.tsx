import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { date } from '../../ui/words';

/** Chooses the run to look at beside this one: those of the same recipe first. */
export function BesidePick({ id, recipe }: { id: string; recipe: string | null }) {
  const navigate = useNavigate();
  const own = useRunsOf(recipe);
  const late = useRunsOf(null);
  const [at, setAt] = useState<HTMLElement | null>(null);
  const others = [...own, ...late.filter((r) => !own.some((o) => o.id === r.id))].filter((r) => r.id !== id);
  if (others.length === 0) return null;
  return (
    <>
      <Button variant="outlined" size="small" aria-haspopup="menu" onClick={(e) => setAt(e.currentTarget)}>
        Compare with another job
      </Button>
      <Menu open={at !== null} anchorEl={at} onClose={() => setAt(null)}>
        {others.slice(0, 12).map((r) => (
          <MenuItem key={r.id} onClick={() => void navigate(`/logbook/${id}/compare/${r.id}`)}>
            {r.title}
            {r.revision !== null && `, revision ${r.revision}`}, {r.finishedAt ? `finished ${date(r.finishedAt)}` : 'in progress'}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

/** The runs of late, of one recipe or of any. */
function useRunsOf(recipe: string | null) {
  const { data } = useQuery({
    queryKey: keys.jobList('of', recipe),
    queryFn: () => answer(api.GET('/api/runs', { params: { query: recipe === null ? {} : { recipe } } })),
  });
  return data?.runs ?? [];
}
