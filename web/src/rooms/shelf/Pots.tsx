import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useNavigate, useParams } from 'react-router';
import type { Pot } from '../../api/api';
import { usePots } from '../../mix/usePots';
import { bench, twoColumns } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { day } from '../../ui/words';
import { PotPanel } from './PotPanel';
import { isPast, potColour } from './potLooks';
import { ShelfTabs } from './ShelfTabs';

/** The pots on the shelf: those with something in them first; one of them open on the right. */
export default function Pots() {
  const { id } = useParams();
  const navigate = useNavigate();
  const pots = usePots();
  if (pots.error) return <Failed error={pots.error} retry={() => void pots.refetch()} />;
  if (!pots.data) return <Loading what="the pots" />;
  const full = pots.data.filter((p) => p.holds !== null);
  const empty = pots.data.filter((p) => p.holds === null);
  const open = pots.data.find((p) => p.id === id) ?? full[0];
  const list = (title: string, some: Pot[]) =>
    some.length > 0 && (
      <Box component="section" sx={{ mb: 2 }}>
        <Typography variant="h3" component="h2" sx={{ borderBottom: `2px solid ${bench.ink}`, mb: 0.5 }}>
          {title}
        </Typography>
        {some.map((p) => (
          <Button
            key={p.id}
            fullWidth
            color="inherit"
            aria-current={p.id === open?.id}
            onClick={() => navigate(`/shelf/pots/${p.id}`)}
            sx={{
              display: 'grid',
              gridTemplateColumns: '30px 1fr auto',
              gap: 1.25,
              textAlign: 'left',
              fontWeight: p.id === open?.id ? 700 : 500,
              bgcolor: p.id === open?.id ? bench.chosen : undefined,
            }}
          >
            <span
              style={{ width: 30, height: 30, border: `1px solid ${bench.ink}`, borderRadius: '0 0 6px 6px', background: potColour(p) }}
            />
            <span>
              {p.name}
              <span style={{ display: 'block', fontSize: 14, fontWeight: 400, color: isPast(p.useBy) ? bench.oxide : bench.slate }}>
                {p.useBy ? `${isPast(p.useBy) ? 'expired' : 'use by'} ${day(p.useBy)}` : `mixed ${day(p.madeAt)}`}
                {p.place && `, ${p.place}`}
              </span>
            </span>
            <span style={{ whiteSpace: 'nowrap' }}>{p.holds?.holds.text ?? 'empty'}</span>
          </Button>
        ))}
      </Box>
    );
  return (
    <Box
      sx={{
        ...twoColumns('400px'),
      }}
    >
      <Box sx={{ p: 2, borderRight: { md: 1 }, borderColor: { md: 'divider' }, overflowY: { md: 'auto' } }}>
        <ShelfTabs at="pots" />
        {pots.data.length === 0 && <p>No pot yet. Mix something in Mix and save it as a pot.</p>}
        {list('In stock', full)}
        {list('Empty', empty)}
      </Box>
      <Box sx={{ p: { xs: 2, md: 3 }, bgcolor: 'background.paper', overflowY: { md: 'auto' } }}>
        {open && <PotPanel key={open.id} pot={open} />}
      </Box>
    </Box>
  );
}
