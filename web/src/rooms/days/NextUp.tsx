import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { DaysPreview } from '../../api/api';
import { markOf } from '../../log/marks';
import { newEvent } from '../../log/newEvent';
import { useRunWork } from '../../log/useBench';
import { bench } from '../../theme/theme';
import { clock, day, moment } from '../../ui/words';

type Work = DaysPreview['works'][number];

/** "Engine green, coat 2 of 3, other side": what is done in one go. */
export const actOf = (w: Pick<Work, 'name' | 'coat' | 'coats' | 'half'>) =>
  `${w.name}${w.coats > 1 ? `, ${w.coat} of ${w.coats}` : ''}${w.half ? `, ${w.half}` : ''}`;

/** The letter of a piece in its colour. */
export function Mark({ plan, piece }: { plan: Pick<DaysPreview, 'pieces'>; piece: string }) {
  const { letter, colour } = markOf(plan.pieces, piece);
  return (
    <Box
      component="span"
      sx={{
        bgcolor: colour,
        color: bench.white,
        fontWeight: 700,
        width: 28,
        height: 28,
        display: 'inline-grid',
        placeItems: 'center',
        borderRadius: '3px',
        flexShrink: 0,
      }}
    >
      {letter}
    </Box>
  );
}

/** What is to be done now, or next, and what comes after; done at a press. */
export function NextUp({ plan }: { plan: DaysPreview }) {
  const { note } = useRunWork();
  const [next, then] = plan.works;
  const start = next?.stretches[0]?.start;
  if (!next || !start) return null;
  const isNow = new Date(start).getTime() <= new Date(plan.now).getTime() + 60_000;
  const done = () => note.isPending || note.mutate({ run: next.piece, events: [newEvent('finished', next)] });
  return (
    <Box
      component="section"
      aria-label="Next step"
      data-testid="next"
      sx={{
        bgcolor: bench.ink,
        color: bench.paper,
        borderRadius: 1,
        p: 2,
        display: 'flex',
        flexWrap: 'wrap',
        gap: 2,
        alignItems: 'center',
      }}
    >
      <Mark plan={plan} piece={next.piece} />
      <Box sx={{ flex: '1 1 300px' }}>
        <Typography variant="h2" component="p">
          {isNow ? 'Now' : start.slice(0, 10) === plan.now.slice(0, 10) ? `At ${clock(start)}` : moment(start)}: {actOf(next)}
        </Typography>
        <Box>
          {plan.pieces.find((p) => p.id === next.piece)?.title}
          {then?.stretches[0] && ` · then ${timeAfter(start, then.stretches[0].start)}: ${actOf(then)}`}
        </Box>
        {note.error && <Box role="alert">{note.error.message}</Box>}
      </Box>
      <Button
        variant="contained"
        size="large"
        aria-disabled={note.isPending}
        onClick={done}
        sx={{
          bgcolor: bench.brass,
          color: bench.ink,
          '&:hover': { bgcolor: bench.brassLight },
          '&[aria-disabled=true]': { bgcolor: bench.paper, cursor: 'default' },
        }}
      >
        Mark step done
      </Button>
    </Box>
  );
}

/** A time of the day, with the day where it isn't that of another moment. */
function timeAfter(other: string, moment: string): string {
  return moment.slice(0, 10) === other.slice(0, 10) ? clock(moment) : `${clock(moment)}, ${day(moment)}`;
}
