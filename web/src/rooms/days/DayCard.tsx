import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { DaysPreview } from '../../api/api';
import { bench } from '../../theme/theme';
import { clock, counted, day, minutes, moment } from '../../ui/words';
import { actOf, Mark } from './NextUp';

type Line = { from: string; to: string; work: DaysPreview['works'][number] };

/** One working day, line by line; folded, what there is of it. */
export function DayCard({ date, plan, open, onOpen }: { date: string; plan: DaysPreview; open: boolean; onOpen: (open: boolean) => void }) {
  const lines = plan.works
    .flatMap((work) => work.stretches.filter((s) => s.start.startsWith(date)).map((s): Line => ({ from: s.start, to: s.end, work })))
    .sort((a, b) => a.from.localeCompare(b.from));
  const free = plan.gaps.filter((g) => g.start.startsWith(date)).reduce((sum, g) => sum + length(g), 0);
  const busy = lines.filter((l) => l.work.hands === 0).reduce((sum, l) => sum + length({ start: l.from, end: l.to }), 0);
  return (
    <Box component="section" aria-label={day(date)} data-day={date}>
      <Box
        component="button"
        type="button"
        aria-expanded={open}
        onClick={() => onOpen(!open)}
        sx={{
          width: '100%',
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 2,
          alignItems: 'baseline',
          border: 0,
          borderBottom: `2px solid ${bench.ink}`,
          background: 'none',
          font: 'inherit',
          textAlign: 'left',
          p: 0,
          py: 0.75,
          cursor: 'pointer',
        }}
      >
        <Typography variant="h3" component="h2" sx={{ minWidth: 116 }}>
          {open ? '▾' : '▸'} {day(date)}
        </Typography>
        <span>
          {counted(lines.length, 'task', 'tasks')}, {minutes(Math.round(busy))}
          {free > 0 && `; ${minutes(Math.round(free))} free between`}
        </span>
        {!open && (
          <Box sx={{ display: 'flex', gap: 0.5 }}>
            {[...new Set(lines.map((l) => l.work.piece))].map((id) => (
              <Mark key={id} plan={plan} piece={id} />
            ))}
          </Box>
        )}
        {!open && lines.some((l) => l.work.tooLong > 0) && <Box sx={{ color: 'error.main', fontWeight: 650 }}>recoat window missed</Box>}
      </Box>
      {open && (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {lines.map(({ from, to, work }) => (
            <Box
              component="li"
              key={`${from} ${work.piece} ${work.step} ${work.lay}`}
              sx={{
                display: 'grid',
                gridTemplateColumns: '112px 34px 1fr auto',
                gap: 1,
                alignItems: 'baseline',
                py: 0.6,
                borderBottom: `1px solid ${bench.line}`,
              }}
            >
              <span style={{ fontVariantNumeric: 'tabular-nums' }}>
                {clock(from)}–{clock(to)}
              </span>
              <Mark plan={plan} piece={work.piece} />
              <span>
                {work.slakes > 0 && isFirst(work, from) && 'Mix for '}
                <b>{actOf(work)}</b>, {plan.pieces.find((p) => p.id === work.piece)?.title}
                {work.slakes > 0 && isFirst(work, from) && `; slakes for ${work.slakes} min`}
                {work.slakes === 0 && work.setUp > 0 && isFirst(work, from) && `; ${work.setUp} min to prepare the pot`}
                {work.potKeeps &&
                  isFirst(work, from) &&
                  `, pot life until ${work.potKeeps.slice(0, 10) === date ? clock(work.potKeeps) : moment(work.potKeeps)}`}
                {3 * work.besides >= work.stretches.reduce((sum, x) => sum + length(x), 0) &&
                  isFirst(work, from) &&
                  `; ${work.besides} min of it tools and handling`}
                {work.hands > 0 && ' · helper'}
              </span>
              {work.tooLong > 0 ? (
                <Box component="span" sx={{ color: 'error.main', fontWeight: 650 }}>
                  {work.half && !work.pours ? 'left to stand too long' : 'recoat window missed'}
                </Box>
              ) : (
                <span />
              )}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

function isFirst(work: DaysPreview['works'][number], from: string): boolean {
  return from === work.stretches[0]?.start;
}

function length({ start, end }: { start: string; end: string }): number {
  return (Date.parse(end) - Date.parse(start)) / 60_000;
}
