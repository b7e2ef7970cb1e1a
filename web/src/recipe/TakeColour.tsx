import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../api/api';
import { keys } from '../api/keys';
import { PickColour } from '../ui/PickColour';
import { Swatch } from '../ui/Swatch';
import { readColour, useTakenPhoto } from './takenPhoto';

type Taken = { colour: string; name: string };
type Props = { onTake: (taken: Taken) => void; onClose: () => void };

/** A target of what was read off a board: every patch with a colour. */
export function FromBoard({ onTake, onClose }: Props) {
  const { data, error } = useQuery({
    queryKey: keys.measuredBoards,
    queryFn: () => answer(api.GET('/api/boards', { params: { query: { measured: true } } })),
    staleTime: 0,
  });
  const read = data?.boards ?? [];
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="from-board">
      <DialogTitle id="from-board">A patch of a board</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {error && <Alert severity="error">{error.message}</Alert>}
        {data && read.length === 0 && <p style={{ margin: 0 }}>No colour measured on a board yet.</p>}
        {read.map((board) => (
          <Box key={board.id}>
            <b>{board.title}</b>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.75 }}>
              {Object.entries(board.observed).map(([patch, colour]) => (
                <Button
                  key={patch}
                  variant="outlined"
                  color="inherit"
                  onClick={() => onTake({ colour, name: `${patch} of ${board.title}`.slice(0, 80) })}
                  startIcon={<Swatch colour={colour} size={34} />}
                >
                  {patch}
                </Button>
              ))}
            </Box>
          </Box>
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

/** A target read from a photo; the photo is looked at and not kept. */
export function FromPhoto({ file, onTake, onClose }: Props & { file: File }) {
  const { photo, said } = useTakenPhoto(file);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="from-photo">
      <DialogTitle id="from-photo">Colour from a photo</DialogTitle>
      <DialogContent>
        {said && <Alert severity="error">{said}</Alert>}
        {photo && (
          <PickColour
            photo={photo}
            cards={['none', 'grey', 'white']}
            ask={(asked) => readColour(photo.blob, asked)}
            onTake={(colour) => onTake({ colour, name: file.name.replace(/\.\w+$/, '').slice(0, 80) })}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
