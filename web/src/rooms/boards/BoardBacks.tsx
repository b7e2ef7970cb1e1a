import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { PrintPage } from '../../ui/PrintPage';
import { date } from '../../ui/words';

/** What to write on the back of every patch, to be printed and glued on or copied. */
export default function BoardBacks() {
  const { id = '' } = useParams();
  const backs = useQuery({
    queryKey: keys.board(id, 'backs'),
    queryFn: async () => {
      const board = await answer(api.GET('/api/boards/{id}', { params: { path: { id } } }));
      return { board, worked: await answer(api.POST('/api/compute/board', { body: { document: board.document } })) };
    },
  });
  if (backs.error) return <Failed error={backs.error} retry={() => void backs.refetch()} />;
  if (!backs.data) return <Loading what="the labels" />;
  const { board, worked } = backs.data;
  const when = board.appliedAt ?? worked.rounds[0]?.start;
  return (
    <PrintPage to={`/boards/${id}`} back="Back to the board">
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(84mm, 1fr))', gap: '3mm' }}>
        {worked.patches.map((p) => (
          <Box
            key={p.label}
            data-testid="back"
            sx={{ border: `0.4mm solid ${bench.black}`, p: '3mm', breakInside: 'avoid', fontSize: '3.6mm', lineHeight: 1.3 }}
          >
            <Box sx={{ display: 'flex', gap: '3mm', alignItems: 'baseline' }}>
              <b style={{ fontSize: '8mm' }}>{p.label}</b>
              <span>
                <b>{board.document.title}</b>
                <br />
                {when && date(when)}
                {p.control && ' · as in the recipe (control)'}
              </span>
            </Box>
            <Box sx={{ fontWeight: 700, my: '1mm' }}>{p.says.join(' · ')}</Box>
            {p.back.map((line) => (
              <div key={line}>{line}</div>
            ))}
          </Box>
        ))}
      </Box>
    </PrintPage>
  );
}
