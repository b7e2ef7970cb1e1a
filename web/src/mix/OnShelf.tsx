import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { components } from '../api/api.gen';
import { bench } from '../theme/theme';

type Props = { pots: readonly components['schemas']['PotOffered'][]; need: components['schemas']['Amount'] };

/** Pots on the shelf that hold just this: what need not be mixed. */
export function OnShelf({ pots, need }: Props) {
  if (pots.length === 0) return null;
  const enough = pots.reduce((sum, p) => sum + p.takes.ml, 0) >= need.ml - 0.001;
  return (
    <Box
      data-testid="on-shelf"
      sx={{ borderLeft: `4px solid ${bench.verdigris}`, pl: 1, mt: 0.75, '& a': { color: bench.verdigris, fontWeight: 650 } }}
    >
      {pots.map((p) => (
        <div key={p.id}>
          <Link to={`/shelf/pots/${p.id}`}>{p.name}</Link> in stock: <b>{p.holds.text}</b>
        </div>
      ))}
      {enough ? 'Enough in stock, nothing to mix.' : `Mix only what is missing of ${need.text}.`}
    </Box>
  );
}
