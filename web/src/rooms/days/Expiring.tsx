import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { DaysPreview } from '../../api/api';
import { moment } from '../../ui/words';

/** Pots that will not keep for another week. */
export function Expiring({ pots }: { pots: DaysPreview['expires'] }) {
  if (pots.length === 0) return null;
  return (
    <Box component="section" aria-label="Expiring" sx={{ display: 'grid', gap: 0.5, mt: 2 }}>
      <b>Expiring</b>
      {pots.map((p) => (
        <span key={p.id}>
          <Link to={`/shelf/pots/${p.id}`}>{p.name}</Link>: {p.isOver ? 'expired' : 'use by'} {moment(p.until)}
        </span>
      ))}
    </Box>
  );
}
