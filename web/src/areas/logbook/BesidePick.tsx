import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { date } from '../../shared/words';
import { useRuns } from '../days/useDays';

/** Chooses the run to look at beside this one: those of the same recipe first. */
export function BesidePick({ id }: { id: string }) {
  const navigate = useNavigate();
  const runs = useRuns().data ?? [];
  const [at, setAt] = useState<HTMLElement | null>(null);
  const own = runs.find((r) => r.id === id);
  const others = runs.filter((r) => r.id !== id).sort((a, b) => Number(b.recipe === own?.recipe) - Number(a.recipe === own?.recipe));
  if (others.length === 0) return null;
  return (
    <>
      <Button variant="outlined" size="small" aria-haspopup="menu" onClick={(e) => setAt(e.currentTarget)}>
        Beside another run
      </Button>
      <Menu open={at !== null} anchorEl={at} onClose={() => setAt(null)}>
        {others.slice(0, 12).map((r) => (
          <MenuItem key={r.id} onClick={() => void navigate(`/logbook/${id}/beside/${r.id}`)}>
            {r.title}
            {r.revision !== null && `, revision ${r.revision}`}, {r.finishedAt ? `finished ${date(r.finishedAt)}` : 'on the bench'}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
