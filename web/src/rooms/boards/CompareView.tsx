import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type BoardResponse } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { Choice } from '../../ui/Field';
import { type BoardProps, readingOf } from './board';
import { ReadColour } from './ReadColour';

/** Two patches side by side, large, with the target between them. */
export function CompareView({ board, document, worked }: BoardProps) {
  const read = worked.patches.filter((p) => readingOf(board, p.label));
  const order = [...read, ...worked.patches.filter((p) => !read.includes(p))];
  const [one, setOne] = useState(order[0]?.label ?? '');
  const [other, setOther] = useState(order[1]?.label ?? order[0]?.label ?? '');
  const compared = useQuery({
    queryKey: keys.board(board.id, 'comparison', one, other, board.readings),
    queryFn: () => answer(api.GET('/api/boards/{id}/compare', { params: { path: { id: board.id }, query: { one, other } } })),
    placeholderData: (before) => before,
  });
  const options = worked.patches.map((p) => [p.label, `${p.label}: ${p.says.join(', ')}`] as const);
  const target = document.target;
  return (
    <Box sx={{ p: { xs: 2, md: 2.5 }, display: 'grid', gap: 2, bgcolor: 'background.paper', flex: 1, alignContent: 'start' }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: target ? '1fr 150px 1fr' : '1fr 1fr', gap: 0, columnGap: 0 }}>
        <Box sx={{ pr: 2, pb: 1 }}>
          <Choice label="One" value={one} options={options} onChange={setOne} />
        </Box>
        {target && <Box sx={{ alignSelf: 'end', textAlign: 'center', pb: 1 }}>{target.name || 'Target'}</Box>}
        <Box sx={{ pl: 2, pb: 1 }}>
          <Choice label="The other" value={other} options={options} onChange={setOther} />
        </Box>
        <Large board={board} patch={one} />
        {target && (
          <Box
            role="img"
            aria-label={`Target ${target.colour}`}
            sx={{ height: 'min(38vh, 330px)', bgcolor: target.colour, borderBlock: `1px solid ${bench.ink}` }}
          />
        )}
        <Large board={board} patch={other} />
      </Box>
      {compared.data && (
        <Box aria-live="polite" data-testid="compared" sx={{ display: 'grid', gridTemplateColumns: { md: '1fr 1fr' }, gap: 3 }}>
          <Box>
            <Typography variant="h2">Measured</Typography>
            <Box sx={{ fontSize: 18, mt: 0.5 }}>
              {compared.data.seen ? `${one} and ${other}: ${compared.data.seen.inWords}` : 'Measure both patches to compare them.'}
            </Box>
            {target &&
              [[one, compared.data.oneOffTarget] as const, [other, compared.data.otherOffTarget] as const].map(
                ([label, off], i) =>
                  off && (
                    <Box key={`${i} ${label}`}>
                      {label} and the target: <b>{off.inWords}</b>
                    </Box>
                  ),
              )}
          </Box>
          <Box>
            <Typography variant="h2">Differences</Typography>
            {compared.data.done.length === 0 && <p>No differences</p>}
            <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
              {compared.data.done.map((d) => (
                <li key={d.what}>
                  {d.what}: <b>{d.one}</b> on {one}, <b>{d.other}</b> on {other}
                </li>
              ))}
            </Box>
            {compared.data.done.length > 1 && (
              <p style={{ margin: 0 }}>{compared.data.done.length} variables differ: you can’t tell which caused the change.</p>
            )}
          </Box>
        </Box>
      )}
    </Box>
  );
}

/** The colour that was read, over the photo if there is one. */
function Large({ board, patch }: { board: BoardResponse; patch: string }) {
  const reading = readingOf(board, patch);
  const photo = reading?.photos.at(-1);
  return (
    <Box>
      <ReadColour patch={patch} colour={reading?.colour} height="min(38vh, 330px)" />
      {photo && (
        <img
          src={`/api/photos/${photo.id}`}
          alt={`Patch ${patch} as it was taken`}
          style={{ width: '100%', maxHeight: 180, objectFit: 'contain', marginTop: 8 }}
        />
      )}
      {reading?.note && <Box sx={{ mt: 0.5, px: 1 }}>“{reading.note}”</Box>}
    </Box>
  );
}
