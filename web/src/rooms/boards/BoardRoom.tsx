import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, NavLink, useParams } from 'react-router';
import { answer, api, wrongIn } from '../../api/api';
import { useCalculation } from '../../api/useCalculation';
import { bench } from '../../theme/theme';
import { NewerAlert } from '../../ui/NewerAlert';
import { Failed, Loading } from '../../ui/Notice';
import { useVisited } from '../../ui/recent';
import { SavingState } from '../../ui/SavingState';
import { day } from '../../ui/words';
import { ChooseView } from './ChooseView';
import { CompareView } from './CompareView';
import { LayView } from './LayView';
import { PlanView } from './PlanView';
import { ReadView } from './ReadView';
import { useBoardDraft } from './useBoardDraft';
import { useBoard, useBoardWork } from './useBoards';

const views = [
  ['', 'Plan'],
  ['lay', 'Apply'],
  ['read', 'Results'],
  ['compare', 'Compare'],
  ['choose', 'Choose'],
] as const;

/** One sample board, from its plan to the patch that is chosen. */
export default function BoardRoom() {
  const { id = '', view = '' } = useParams();
  const board = useBoard(id);
  if (board.error && !board.data) return <Failed error={board.error} retry={() => void board.refetch()} />;
  if (!board.data) return <Loading what="the board" />;
  return <Opened key={id} board={board.data} view={view} />;
}

function Opened({ board, view }: { board: NonNullable<ReturnType<typeof useBoard>['data']>; view: string }) {
  const draft = useBoardDraft(board);
  const { document } = draft;
  useVisited(document.title, `/boards/${board.id}`);
  const { worked, violations, said } = useCalculation('board', { document }, (body, signal) =>
    answer(api.POST('/api/compute/board', { body, signal })),
  );
  const { lay } = useBoardWork(board.id);
  if (!worked) return violations.length > 0 ? <Alert severity="error">{violations[0]?.message}</Alert> : <Loading what="the board" />;
  const props = { board, document, worked, said, change: draft.edit };
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', height: { md: 'calc(100vh - 52px)' } }}>
      <Box
        sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', px: 2.5, py: 1, borderBottom: 1, borderColor: 'divider' }}
      >
        <Box sx={{ minWidth: 0, flex: '1 1 320px' }}>
          <Typography variant="h1" sx={{ fontSize: '1.4rem' }}>
            {document.title}
          </Typography>
          {!board.appliedAt && <SavingState saving={draft.saving} />}
        </Box>
        {document.from && (
          <Button component={Link} to={`/recipes/${document.from.recipe}`} title={document.from.title}>
            Open recipe
          </Button>
        )}
        <Box component="nav" aria-label="The board" sx={{ display: 'flex', gap: 0.5 }}>
          {views.map(([to, name]) => (
            <Button
              key={to}
              component={NavLink}
              to={`/boards/${board.id}${to && `/${to}`}`}
              end
              color="inherit"
              sx={{ minWidth: 0, '&.active': { bgcolor: bench.ink, color: bench.paper } }}
            >
              {name}
            </Button>
          ))}
        </Box>
        {(view === 'lay' || view === '') &&
          (board.appliedAt && board.readings.length > 0 ? (
            <span>applied {day(board.appliedAt)}</span>
          ) : (
            <Button
              variant={board.appliedAt ? 'outlined' : 'contained'}
              title={board.appliedAt ? 'Unlocks the plan' : 'Locks the plan'}
              disabled={lay.isPending || violations.length > 0}
              onClick={() => void draft.save().then((saved) => saved && lay.mutate(!board.appliedAt))}
            >
              {board.appliedAt ? 'Undo applied' : 'Mark applied'}
            </Button>
          ))}
      </Box>
      {lay.error && <Alert severity="error">{wrongIn(lay.error)}</Alert>}
      {draft.conflict && <NewerAlert what="this board" undo onTake={() => draft.settle(false)} onKeep={() => draft.settle(true)} />}
      {view === '' && <PlanView {...props} undo={draft.before ? draft.undo : null} redo={draft.after ? draft.redo : null} />}
      {view === 'lay' && <LayView {...props} />}
      {view === 'read' && <ReadView {...props} />}
      {view === 'compare' && <CompareView {...props} />}
      {view === 'choose' && <ChooseView {...props} />}
    </Box>
  );
}
