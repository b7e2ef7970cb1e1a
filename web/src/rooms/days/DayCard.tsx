import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { DaysPreview } from '../../api/api';
import { markOf } from '../../log/marks';
import { bench } from '../../theme/theme';
import { clock, day, moment } from '../../ui/words';
import { actOf, Mark } from './NextUp';

type Line = { from: string; to: string; work: DaysPreview['works'][number] | null };

/** One working day: drawn as a strip, and told line by line, with the gaps between. */
export function DayCard({ date, plan }: { date: string; plan: DaysPreview }) {
  const works = plan.works.flatMap((work) =>
    work.stretches.filter((s) => s.start.startsWith(date)).map((s): Line => ({ from: s.start, to: s.end, work })),
  );
  const gaps = plan.gaps.filter((g) => g.start.startsWith(date)).map((g): Line => ({ from: g.start, to: g.end, work: null }));
  const lines = [...works, ...gaps].sort((a, b) => a.from.localeCompare(b.from));
  const hours = lines.flatMap((l) => [hour(l.from), hour(l.to)]);
  const [first, last] = [Math.min(8, Math.floor(Math.min(...hours))), Math.max(17, Math.ceil(Math.max(...hours)))];
  const at = (h: number) => `${((h - first) / (last - first)) * 100}%`;
  return (
    <Box component="section" aria-label={day(date)} data-day={date}>
      <Typography variant="h3" component="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
        {day(date)}
      </Typography>
      <Box aria-hidden="true" sx={{ position: 'relative', height: 34, bgcolor: bench.sand, borderBottom: `1px solid ${bench.line}` }}>
        {works.map(({ from, to, work }) => (
          <Box
            key={`${work?.piece} ${work?.step} ${work?.coat} ${work?.lay} ${from}`}
            sx={{
              position: 'absolute',
              top: work?.hands ? 18 : 2,
              height: works.some((w) => w.work?.hands) ? 14 : 30,
              left: at(hour(from)),
              width: `max(14px, calc(${at(hour(to))} - ${at(hour(from))} - 1px))`,
              bgcolor: markOf(plan.pieces, work?.piece ?? '').colour,
              color: bench.white,
              fontSize: 13,
              fontWeight: 700,
              textAlign: 'center',
              lineHeight: works.some((w) => w.work?.hands) ? '14px' : '30px',
              overflow: 'hidden',
            }}
          >
            {markOf(plan.pieces, work?.piece ?? '').letter}
          </Box>
        ))}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {lines.map(({ from, to, work }) => (
          <Box
            component="li"
            key={`${from} ${work?.piece} ${work?.step} ${work?.lay}`}
            sx={{
              display: 'grid',
              gridTemplateColumns: '112px 34px 1fr auto',
              gap: 1,
              alignItems: 'baseline',
              py: 0.6,
              borderBottom: `1px solid ${bench.line}`,
              color: work ? undefined : 'text.secondary',
            }}
          >
            <span style={{ fontVariantNumeric: 'tabular-nums' }}>
              {clock(from)}–{clock(to)}
            </span>
            {work ? <Mark plan={plan} piece={work.piece} /> : <span />}
            {work ? (
              <span>
                {work.slakes > 0 && isFirst(work, from) && 'Mix for '}
                <b>{actOf(work)}</b>, {plan.pieces.find((p) => p.id === work.piece)?.title}
                {work.slakes > 0 && isFirst(work, from) && `; slakes for ${work.slakes} min`}
                {work.slakes === 0 && work.setUp > 0 && isFirst(work, from) && `; ${work.setUp} min to prepare the pot`}
                {work.potKeeps &&
                  isFirst(work, from) &&
                  `, pot life until ${work.potKeeps.slice(0, 10) === date ? clock(work.potKeeps) : moment(work.potKeeps)}`}
                {3 * work.besides >= length(work) && isFirst(work, from) && `; ${work.besides} min of it tools and handling`}
                {work.hands > 0 && ' · helper'}
              </span>
            ) : (
              <span>free</span>
            )}
            {work && work.tooLong > 0 ? (
              <Box component="span" sx={{ color: 'error.main', fontWeight: 650 }}>
                {work.half && !work.pours ? 'left to stand too long' : 'recoat window missed'}
              </Box>
            ) : (
              <span />
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function isFirst(work: DaysPreview['works'][number], from: string): boolean {
  return from === work.stretches[0]?.start;
}

/** Minutes that a work takes. */
function length(work: DaysPreview['works'][number]): number {
  return work.stretches.reduce((sum, s) => sum + (Date.parse(s.end) - Date.parse(s.start)) / 60_000, 0);
}

function hour(iso: string): number {
  return Number(iso.slice(11, 13)) + Number(iso.slice(14, 16)) / 60;
}
