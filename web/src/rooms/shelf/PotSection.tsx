import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api, type Pot } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { askAgain, Failed, Loading } from '../../ui/Notice';
import { Pages } from '../../ui/Pages';
import { day } from '../../ui/words';
import { isPast, potColour } from './potLooks';

/** The pots with something in them, or the empty ones: those whose name holds what is searched for, the last mixed first. */
export function usePotList(query: string, inStock: boolean, page: number) {
  return useQuery({
    queryKey: keys.potList(query, inStock, page),
    queryFn: () => answer(api.GET('/api/pots', { params: { query: { query, inStock, page } } })),
    placeholderData: keepPreviousData,
  });
}

/** One of the two lists, page by page; nothing where there is none to show. */
export function PotSection({
  title,
  query,
  inStock,
  openId,
}: {
  title: string;
  query: string;
  inStock: boolean;
  openId: string | undefined;
}) {
  const [page, setPage] = useState(1);
  const pots = usePotList(query, inStock, page);
  if (pots.error) return <Failed error={pots.error} retry={askAgain(pots)} />;
  if (!pots.data) return <Loading what="the pots" />;
  if (pots.data.pots.length === 0) return null;
  return (
    <Box component="section" sx={{ mb: 2 }}>
      <Typography variant="h3" component="h2" sx={{ borderBottom: `2px solid ${bench.ink}`, mb: 0.5 }}>
        {title}
      </Typography>
      {pots.data.pots.map((p) => (
        <PotRow key={p.id} pot={p} open={p.id === openId} />
      ))}
      <Pages page={page} list={pots.data} onPage={setPage} />
    </Box>
  );
}

function PotRow({ pot, open }: { pot: Pot; open: boolean }) {
  const navigate = useNavigate();
  const past = isPast(pot.useBy);
  return (
    <Button
      fullWidth
      color="inherit"
      aria-current={open}
      onClick={() => navigate(`/shelf/pots/${pot.id}`)}
      sx={{
        display: 'grid',
        gridTemplateColumns: '30px 1fr auto',
        gap: 1.25,
        textAlign: 'left',
        fontWeight: open ? 700 : 500,
        bgcolor: open ? bench.chosen : undefined,
      }}
    >
      <span style={{ width: 30, height: 30, border: `1px solid ${bench.ink}`, borderRadius: '0 0 6px 6px', background: potColour(pot) }} />
      <span>
        {pot.name}
        <span style={{ display: 'block', fontSize: 14, fontWeight: 400, color: past ? bench.oxide : bench.slate }}>
          {pot.useBy ? `${past ? 'expired' : 'use by'} ${day(pot.useBy)}` : `mixed ${day(pot.madeAt)}`}
          {pot.place && `, ${pot.place}`}
        </span>
      </span>
      <span style={{ whiteSpace: 'nowrap' }}>{pot.holds?.holds.text ?? 'empty'}</span>
    </Button>
  );
}
