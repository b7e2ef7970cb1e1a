import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { ChangeList } from '../../recipe/ChangeList';
import { bench } from '../../theme/theme';
import { TextEntry } from '../../ui/Field';
import { moment } from '../../ui/words';
import { BoardGrid } from './BoardGrid';
import { type BoardProps, cellsOf, readingOf, woodOf } from './board';
import { Panels } from './Panels';
import { ReadColour } from './ReadColour';
import { ShareLinks } from './ShareLinks';
import { useBoardWork } from './useBoards';

/** The choice: by a client over a link, or by the painter; then into the recipe. */
export function ChooseView({ board, document, worked }: BoardProps) {
  const byClient = board.shares.find((s) => s.patch !== null);
  const [selected, setSelected] = useState<string | null>(board.chosen?.patch ?? byClient?.patch ?? null);
  const [share, setShare] = useState<string | null>(byClient?.id ?? null);
  const choose = (patch: string, by: string | null) => [setSelected(patch), setShare(by)];
  return (
    <Panels
      left="minmax(340px, 460px)"
      side={
        <>
          <BoardGrid
            cells={cellsOf(board, worked, (label) => {
              const clients = board.shares.filter((s) => s.patch === label).length;
              return label === board.chosen?.patch
                ? 'in the recipe'
                : clients > 0
                  ? clients > 1
                    ? `${clients} clients`
                    : 'client'
                  : undefined;
            })}
            columns={worked.columns.heads}
            rows={worked.rows?.heads ?? null}
            wood={woodOf(document)}
            shape={document.width / document.height}
            selected={selected}
            onSelect={(patch) => choose(patch, null)}
          />
          <ShareLinks board={board} onFollow={choose} />
        </>
      }
    >
      {board.chosen ? (
        <InRecipe board={board} />
      ) : selected ? (
        <Promote
          key={selected + share}
          board={board}
          patch={selected}
          share={share}
          says={worked.patches.find((p) => p.label === selected)?.says ?? []}
        />
      ) : (
        <Typography variant="h2" component="p">
          Choose a patch on the board, or send the client a link.
        </Typography>
      )}
    </Panels>
  );
}

/** What would become of the recipe, before it does. */
function Promote({
  board,
  patch,
  share,
  says,
}: {
  board: BoardProps['board'];
  patch: string;
  share: string | null;
  says: readonly string[];
}) {
  const comment = board.shares.find((s) => s.id === share)?.comment;
  const [reason, setReason] = useState(share ? `Chosen by the client${comment ? `: ${comment}` : ''}`.slice(0, 300) : '');
  const { promote } = useBoardWork(board.id);
  const reading = readingOf(board, patch);
  const would = useQuery({
    queryKey: keys.board(board.id, 'promotion', patch),
    queryFn: () => answer(api.GET('/api/boards/{id}/patches/{patch}/promotion', { params: { path: { id: board.id, patch } } })),
    staleTime: 0,
    retry: false,
  });
  return (
    <Box sx={{ display: 'grid', gap: 1.5, maxWidth: 720 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '170px 1fr', gap: 2, alignItems: 'center' }}>
        <ReadColour patch={patch} colour={reading?.colour} height={120} />
        <Box>
          <Typography variant="h2">
            {patch}: {says.join(' · ')}
          </Typography>
          {reading?.rating && <span style={{ color: bench.star, fontSize: 20 }}>{'★'.repeat(reading.rating)}</span>}
          {reading?.note && <Box>“{reading.note}”</Box>}
          {reading?.offTarget && <Box>Compared with the target: {reading.offTarget.inWords}</Box>}
        </Box>
      </Box>
      {would.error && <Alert severity="error">{wrongIn(would.error)}</Alert>}
      {would.data && (
        <>
          <Box>
            This will change in the draft of “{would.data.title}”:
            {would.data.changes.length === 0 ? (
              <p>No changes: the patch matches the recipe.</p>
            ) : (
              <ChangeList changes={would.data.changes} />
            )}
          </Box>
          {would.data.leftBehind.map((l) => (
            <Alert key={l} severity="warning">
              Not included: {l}
            </Alert>
          ))}
          <TextEntry label="Reason" value={reason} onChange={setReason} multiline error={wrongIn(promote.error)} />
          <Button
            variant="contained"
            sx={{ justifySelf: 'start' }}
            disabled={promote.isPending || reason.trim() === ''}
            onClick={() => promote.mutate({ patch, reason: reason.trim(), version: would.data.version, ...(share ? { share } : {}) })}
          >
            Apply {patch} to the recipe
          </Button>
        </>
      )}
    </Box>
  );
}

function InRecipe({ board }: { board: BoardProps['board'] }) {
  const { takeBack } = useBoardWork(board.id);
  const { chosen } = board;
  if (!chosen) return null;
  return (
    <Box data-testid="chosen" sx={{ display: 'grid', gap: 1.5, maxWidth: 720 }}>
      <Typography variant="h2">{chosen.patch} applied to the recipe</Typography>
      <Box sx={{ borderLeft: `4px solid ${bench.verdigris}`, pl: 1.5, fontSize: 18 }}>{chosen.reason}</Box>
      <Box>
        {moment(chosen.at)}
        {chosen.share && ', chosen by a client'}. Changes in the draft:
        <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
          {chosen.changes.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </Box>
        {chosen.changes.length === 0 && <p>No changes: the patch matched the recipe.</p>}
      </Box>
      {takeBack.error && <Alert severity="error">{wrongIn(takeBack.error)}</Alert>}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" component={Link} to={`/recipes/${board.recipe}`}>
          Open recipe
        </Button>
        <Button variant="outlined" color="secondary" disabled={takeBack.isPending} onClick={() => takeBack.mutate()}>
          Undo apply
        </Button>
      </Box>
    </Box>
  );
}
