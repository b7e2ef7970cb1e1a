import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { answer, api, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { PaintedPiece } from '../../recipe/face/PaintedPiece';
import { bench } from '../../theme/theme';
import { TextEntry } from '../../ui/Field';
import { Loading, Notice } from '../../ui/Notice';
import { day } from '../../ui/words';

/** What a client sees who has a link: the finished pieces painted large, and one choice. */
export default function GuestChoose() {
  const { secret = '' } = useParams();
  const queries = useQueryClient();
  const [selected, setSelected] = useState<string | null>(null);
  const [comment, setComment] = useState('');
  const key = keys.clientPieces(secret);
  const look = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET('/api/choose/{secret}', { params: { path: { secret } } })),
    retry: false,
  });
  const choose = useMutation({
    mutationFn: (label: string) =>
      answer(api.POST('/api/choose/{secret}/choice', { params: { path: { secret } }, body: { label, comment } })),
    onSuccess: (pieces) => queries.setQueryData(key, pieces),
  });
  if (look.error) {
    return (
      <Notice title="This link has expired">
        <p>{wrongIn(look.error)}</p>
      </Notice>
    );
  }
  if (!look.data) return <Loading what="the pieces" />;
  const { title, pieces, chosen, openUntil } = look.data;
  const marked = chosen ?? selected;
  return (
    <Box component="main" sx={{ maxWidth: 1180, width: '100%', mx: 'auto', p: { xs: 1.5, md: 3 } }}>
      <Typography variant="h1">{title}</Typography>
      <Box sx={{ mb: 2 }}>
        {pieces.length > 1 ? 'Choose the one you like and say why. ' : ''}
        Screens change colours: ask for a sample board before you decide on a shade. This page is open until {day(openUntil)}.
      </Box>
      {chosen && (
        <Alert severity="success" sx={{ mb: 2, fontSize: 17 }}>
          You have chosen <b>{chosen}</b>
          {look.data.comment && <>: “{look.data.comment}”</>}. The studio sees it.
        </Alert>
      )}
      <Box
        component="ul"
        sx={{
          m: 0,
          p: 0,
          listStyle: 'none',
          display: 'grid',
          gap: 2.5,
          gridTemplateColumns: { md: pieces.length > 1 ? '1fr 1fr' : '1fr' },
        }}
      >
        {pieces.map((piece) => (
          <Box
            component="li"
            key={piece.label}
            sx={{
              bgcolor: 'background.paper',
              border: `${piece.label === marked ? 4 : 1.5}px solid ${piece.label === marked ? bench.verdigris : bench.ink}`,
              borderRadius: '3px',
              p: 1.5,
              display: 'grid',
              gap: 1,
              alignContent: 'start',
            }}
          >
            <PaintedPiece painting={piece.painting} label={`${piece.label}: ${piece.name}, painted`} width={520} height={420} />
            <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
              <Box sx={{ fontFamily: 'h1.fontFamily', fontWeight: 650, fontSize: 24 }}>{piece.label}</Box>
              <Box sx={{ flex: 1, fontSize: 18, lineHeight: 1.25 }}>{piece.name}</Box>
              {!chosen && (
                <Button
                  size="large"
                  variant={piece.label === selected ? 'contained' : 'outlined'}
                  aria-pressed={piece.label === selected}
                  onClick={() => setSelected(piece.label)}
                >
                  I like {piece.label}
                </Button>
              )}
              {piece.label === chosen && <b>chosen</b>}
            </Box>
            {!chosen && piece.label === selected && (
              <Box sx={{ display: 'grid', gap: 1.25 }}>
                <TextEntry
                  label={`Why ${selected}? (optional)`}
                  value={comment}
                  onChange={setComment}
                  multiline
                  error={wrongIn(choose.error)}
                />
                <Button variant="contained" size="large" disabled={choose.isPending} onClick={() => choose.mutate(selected)}>
                  Choose {selected}
                </Button>
                <Box>You can only choose once.</Box>
              </Box>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
