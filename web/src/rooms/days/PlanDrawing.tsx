import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef } from 'react';
import type { DaysPreview, RunSummary, Settings } from '../../api/api';
import { axisOf } from '../../log/days/axis';
import { DayHeads, OpenHours, share } from '../../log/days/frame';
import { bench } from '../../theme/theme';
import { Lane, Legend } from './Lane';
import { Mark } from './NextUp';
import { useMove } from './useMove';

type Props = {
  plan: DaysPreview;
  /** As it is planned, where `plan` is only tried. */
  usual: DaysPreview | null;
  runs: readonly RunSummary[];
  settings: Settings;
  onDay: (date: string) => void;
};

const names = 216;
const row = { display: 'grid', gridTemplateColumns: `${names}px 1fr` } as const;

/**
 * All pieces over the days, by the place where they stand: when hands are at them, when they dry, when they wait for hands. A piece is
 * dragged to another place or another day, or moved by the arrow keys.
 */
export function PlanDrawing({ plan, usual, runs, settings, onDay }: Props) {
  const axis = axisOf(usual ? [plan, usual] : [plan], settings);
  const drawing = useRef<HTMLDivElement>(null);
  const places = [{ id: null, name: 'Studio' }, ...(settings.places ?? [])];
  const { move, moved, error, words, handlers } = useMove({ plan, runs, places, axis, drawing });
  const placeOf = (id: string) => runs.find((r) => r.id === id)?.place ?? null;
  return (
    <Box component="section" aria-label="Plan" sx={{ display: 'grid', gap: 1 }}>
      <Box ref={drawing} sx={{ overflowX: 'auto', bgcolor: bench.sheet, border: `1px solid ${bench.line}`, borderRadius: 1 }}>
        <Box sx={{ minWidth: names + 56 * axis.columns.length, userSelect: 'none' }} data-testid="plan">
          <Box sx={{ display: 'grid', gridTemplateColumns: `${names}px 1fr`, borderBottom: `2px solid ${bench.ink}` }}>
            <span />
            <Box data-scale="" sx={{ position: 'relative', height: 44 }}>
              <DayHeads columns={axis.columns} onDay={onDay} />
            </Box>
          </Box>
          {places.flatMap((place) => {
            const pieces = plan.pieces.filter((p) => placeOf(p.id) === place.id);
            const target = move?.place === place.id ? { bgcolor: bench.chosen } : {};
            return [
              <Box
                key={`at ${place.id}`}
                data-place={place.id ?? ''}
                sx={{ ...row, borderTop: `1px solid ${bench.stone}`, minHeight: pieces.length === 0 ? 34 : 24, ...target }}
              >
                <Box sx={{ px: 1, pt: 0.5, fontSize: 14, color: 'text.secondary', fontWeight: 600 }}>{place.name}</Box>
                <OpenHours columns={axis.columns} settings={settings} />
              </Box>,
              ...pieces.map((piece) => (
                <Box key={piece.id} data-place={place.id ?? ''} sx={{ ...row, ...target }}>
                  <Box
                    component="button"
                    type="button"
                    data-moves={piece.id}
                    aria-describedby="plan-move"
                    {...handlers(piece.id)}
                    sx={{
                      display: 'flex',
                      gap: 1,
                      alignItems: 'center',
                      p: 0.75,
                      border: 0,
                      background: 'none',
                      font: 'inherit',
                      fontSize: 14,
                      lineHeight: 1.2,
                      textAlign: 'left',
                      cursor: 'grab',
                      touchAction: 'none',
                    }}
                  >
                    <Mark plan={plan} piece={piece.id} />
                    {piece.title}
                  </Box>
                  <Box
                    {...handlers(piece.id)}
                    sx={{ position: 'relative', cursor: 'grab', touchAction: 'pan-x pan-y', minHeight: usual ? 62 : 46 }}
                  >
                    <OpenHours columns={axis.columns} settings={settings} />
                    <Lane plan={plan} piece={piece.id} axis={axis} onDay={onDay} />
                    {usual && <Lane plan={usual} piece={piece.id} axis={axis} onDay={onDay} below />}
                    {move?.piece === piece.id && move.from && (
                      <Box
                        sx={{
                          position: 'absolute',
                          top: 0,
                          bottom: 0,
                          left: share(axis.at(`${move.from}T08:00:00`)),
                          borderLeft: `3px solid ${bench.ink}`,
                        }}
                      />
                    )}
                  </Box>
                </Box>
              )),
            ];
          })}
        </Box>
      </Box>
      <Legend withUsual={usual !== null} />
      <Box id="plan-move" role="status" sx={{ minHeight: 24 }}>
        {words ?? 'Drag a job to another day or place, or choose its name and use the arrow keys, then Enter.'}
      </Box>
      {error && <Alert severity="error">{error.message}</Alert>}
      {moved && !move && (
        <Alert
          severity="success"
          action={
            <Button color="inherit" size="small" onClick={moved.back}>
              Undo
            </Button>
          }
        >
          {moved.words}
        </Alert>
      )}
    </Box>
  );
}
