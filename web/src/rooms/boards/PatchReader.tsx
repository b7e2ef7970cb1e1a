import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { answer, api, type BoardResponse, type PatchPreview, wrongIn } from '../../api/api';
import type { components } from '../../api/api.gen';
import { bench } from '../../theme/theme';
import { ColourEntry } from '../../ui/ColourEntry';
import { TextEntry } from '../../ui/Field';
import { PickColour } from '../../ui/PickColour';
import { readingOf } from './board';
import { ReadColour } from './ReadColour';
import { useBoardWork } from './useBoards';

type Props = { board: BoardResponse; patch: PatchPreview; target: { colour: string; name?: string } | null };

/** What is read of one patch. Everything is kept as it is entered. */
export function PatchReader({ board, patch, target }: Props) {
  const { read, addPhoto, putAway } = useBoardWork(board.id);
  const file = useRef<HTMLInputElement>(null);
  const reading = readingOf(board, patch.label);
  const [open, setOpen] = useState<string | null>(null);
  const [gone, setGone] = useState<string | null>(null);
  // one photo of the whole board does for all its patches
  const photos = board.readings.flatMap((r) => r.photos).sort((a, b) => Number(b.patch === patch.label) - Number(a.patch === patch.label));
  const photo = photos.find((p) => p.id === open) ?? photos.find((p) => p.id === reading?.photo) ?? photos[0];
  const keep = (change: Partial<components['schemas']['PatchReadingRequest']>) =>
    read.mutate({
      patch: patch.label,
      colour: reading?.colour ?? null,
      how: (reading?.how as 'typed' | 'photo' | null) ?? null,
      photo: reading?.photo ?? null,
      note: reading?.note ?? '',
      rating: reading?.rating ?? null,
      ...change,
    });
  const error = addPhoto.error ?? putAway.error;
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Box>
        <Typography variant="h2">{patch.label}</Typography>
        <Box sx={{ fontSize: 17 }}>{patch.says.join(' · ')}</Box>
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: { sm: '150px 1fr' }, gap: 2, alignItems: 'start' }}>
        <ReadColour patch={patch.label} colour={reading?.colour} height={118} />
        <Box sx={{ display: 'grid', gap: 1.25 }}>
          <ColourEntry
            label={reading?.how === 'photo' ? 'Colour (from the photo)' : 'Colour (by eye)'}
            value={reading?.colour}
            emptyAllowed
            onChange={(colour) => keep({ colour, how: colour === null ? null : 'typed', photo: null })}
            error={wrongIn(read.error)}
          />
          {reading?.offTarget && (
            <Box>
              Compared with the target{target?.name ? `, ${target.name}` : ''}: <b>{reading.offTarget.inWords}</b>
            </Box>
          )}
          <Box role="radiogroup" aria-label="Rating" sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
            {[1, 2, 3, 4, 5].map((n) => (
              <Button
                key={n}
                role="radio"
                aria-checked={reading?.rating === n}
                aria-label={`${n} of 5`}
                onClick={() => keep({ rating: reading?.rating === n ? null : n })}
                sx={{ minWidth: 44, fontSize: 22, color: n <= (reading?.rating ?? 0) ? bench.star : bench.slate }}
              >
                {n <= (reading?.rating ?? 0) ? '★' : '☆'}
              </Button>
            ))}
          </Box>
        </Box>
      </Box>
      <TextEntry label="Notes" value={reading?.note ?? ''} multiline onChange={(note) => keep({ note })} />
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography variant="h3" component="h2" sx={{ flex: 1 }}>
          Photos
        </Typography>
        <Button variant="contained" disabled={addPhoto.isPending} onClick={() => file.current?.click()}>
          {addPhoto.isPending ? 'Saving photo …' : 'Add a photo'}
        </Button>
        <input
          ref={file}
          type="file"
          accept="image/*"
          hidden
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            e.target.value = '';
            if (chosen) addPhoto.mutate({ patch: patch.label, file: chosen });
          }}
        />
      </Box>
      {error && <Alert severity="error">{wrongIn(error)}</Alert>}
      {photos.length === 0 && (
        <p style={{ margin: 0 }}>
          Put a grey card or white paper next to the board, in the same light, and photograph both. The colour of the light is then
          corrected.
        </p>
      )}
      {photos.length > 1 && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {photos.map((p) => (
            <Button
              key={p.id}
              aria-label={`Photo of ${p.patch}`}
              aria-pressed={p.id === photo?.id}
              onClick={() => setOpen(p.id)}
              sx={{ p: 0.5 }}
            >
              <img
                src={`/api/photos/${p.id}`}
                alt=""
                height={64}
                style={{ outline: p.id === photo?.id ? `3px solid ${bench.ink}` : 'none' }}
              />
            </Button>
          ))}
        </Box>
      )}
      {photo && (
        <>
          <PickColour
            key={photo.id}
            photo={{ ...photo, src: `/api/photos/${photo.id}` }}
            cards={['grey', 'white']}
            ask={(body) => answer(api.POST('/api/photos/{id}/colour', { params: { path: { id: photo.id } }, body }))}
            onTake={(colour) => keep({ colour, how: 'photo', photo: photo.id })}
          />
          {photo.patch !== patch.label && <Box sx={{ color: 'text.secondary' }}>Taken for {photo.patch}.</Box>}
          <Button
            color="secondary"
            sx={{ justifySelf: 'start' }}
            onClick={() => putAway.mutate({ photo: photo.id, away: true }, { onSuccess: () => setGone(photo.id) })}
          >
            Remove photo
          </Button>
        </>
      )}
      <Snackbar
        open={gone !== null}
        autoHideDuration={9000}
        onClose={() => setGone(null)}
        message="Photo removed"
        action={
          <Button color="inherit" onClick={() => gone && putAway.mutate({ photo: gone, away: false }, { onSuccess: () => setGone(null) })}>
            Undo
          </Button>
        }
      />
    </Box>
  );
}
