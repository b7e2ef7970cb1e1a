import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { answer, api, type Recipe } from '../../api/api';
import { keys } from '../../api/keys';
import type { Conflict } from '../../api/useDraft';
import { ChangeList } from '../../recipe/ChangeList';

/** Somebody else saved first: shows the difference, and lets the painter choose. Either way nothing is lost. */
export function ConflictDialog({
  conflict,
  mine,
  onSettle,
}: {
  conflict: Conflict<Recipe>;
  mine: Recipe;
  onSettle: (mine: boolean) => void;
}) {
  const { data, error } = useQuery({
    queryKey: keys.calculation('conflict', JSON.stringify([conflict.version, mine])),
    queryFn: () => answer(api.POST('/api/compute/compare', { body: { before: conflict.newer, after: mine } })),
    retry: false,
  });
  return (
    <Dialog open fullWidth maxWidth="sm" aria-labelledby="conflict">
      <DialogTitle id="conflict">Newer version found</DialogTitle>
      <DialogContent>
        <p style={{ marginTop: 0 }}>Your draft differs from the newer version:</p>
        {error ? <p>Can’t compare yours: {error.message}</p> : <ChangeList changes={data?.changes} />}
      </DialogContent>
      <DialogActions>
        <Button variant="outlined" onClick={() => onSettle(false)}>
          Use the newer version (undo brings yours back)
        </Button>
        <Button variant="contained" onClick={() => onSettle(true)}>
          Save mine over it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
