import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { answer, api, type LookPreview, type Recipe, type StackPreview } from '../../../api/api';
import { keys } from '../../../api/keys';
import { ChangeList } from '../../../recipe/ChangeList';
import { zoneNames } from '../../../recipe/face/panel';

type Props = {
  document: Recipe;
  now: LookPreview['target'];
  place: string | undefined;
  onTake: (document: Recipe) => void;
  onClose: () => void;
};

/** The look of the same place, as far as it is from the target. */
const offAt = (stacks: readonly StackPreview[], place: string | undefined) =>
  stacks.find((s) => place !== undefined && s.places.includes(place))?.look.target ?? [];

/** What of the recipe's own figures brings it closer to the target: shown before it is applied. */
export function CloserDialog({ document, now, place, onTake, onClose }: Props) {
  const { data, error } = useQuery({
    queryKey: keys.calculation('closer', JSON.stringify(document)),
    queryFn: () => answer(api.POST('/api/compute/closer', { body: { document } })),
    retry: false,
    gcTime: 0,
  });
  const then = offAt(data?.preview.stacks ?? [], place);
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="closer">
      <DialogTitle id="closer">Closer to the target</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }} data-testid="closer">
        {error && <Alert severity="error">{error.message}</Alert>}
        {!data && !error && <Box aria-busy="true">Trying other ratios, coats and hands …</Box>}
        {data && data.changes.length === 0 && (
          <Alert severity="info">No other ratio, coats, hand or dwell brings it closer without raising a new finding.</Alert>
        )}
        {data && data.changes.length > 0 && (
          <>
            <ChangeList changes={data.changes} />
            {then.map((t) => (
              <Box key={t.zone}>
                <b>{zoneNames[t.zone]}</b> now {now.find((n) => n.zone === t.zone)?.inWords ?? 'without a target'}; then {t.inWords}
              </Box>
            ))}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
        {data && data.changes.length > 0 && (
          <Button variant="contained" onClick={() => onTake(data.document)}>
            Apply
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
