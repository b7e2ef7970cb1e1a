import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { answer, api, type Recipe } from '../../app/api';
import type { Conflict } from '../../shared/useDraft';
import { ChangeList } from './ChangeList';

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
    queryKey: ['conflict', conflict.version, mine],
    queryFn: () => answer(api.POST('/api/compute/compare', { body: { before: conflict.newer, after: mine } })),
    retry: false,
  });
  return (
    <Dialog open fullWidth maxWidth="sm" aria-labelledby="conflict">
      <DialogTitle id="conflict">A newer version was saved elsewhere</DialogTitle>
      <DialogContent>
        <p style={{ marginTop: 0 }}>Another window has saved this recipe in the meantime. Against that one, yours says:</p>
        {error ? <p>Yours cannot be compared: {error.message}</p> : <ChangeList changes={data?.changes} />}
      </DialogContent>
      <DialogActions>
        <Button variant="outlined" onClick={() => onSettle(false)}>
          Take the newer one (mine stays in undo)
        </Button>
        <Button variant="contained" onClick={() => onSettle(true)}>
          Keep mine
        </Button>
      </DialogActions>
    </Dialog>
  );
}
