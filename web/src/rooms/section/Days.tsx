import Box from '@mui/material/Box';
import { memo } from 'react';
import type { Preview } from '../../api/api';
import { useSettings } from '../../api/useSettings';
import { axisOf, type Block, type Plan, rowOf } from '../../log/days/axis';
import { DayHeads, Flag, OpenHours, share, spanned } from '../../log/days/frame';
import { bench, hatched } from '../../theme/theme';
import { besides, clock, day, minutes, moment, money } from '../../ui/words';

type Props = { preview: Preview; currency: string; selected: string | null; onSelect: (id: string) => void };

/** The one piece of a recipe by itself. */
const piece = 'piece';

/** The recipe over the working days, planned alone: hands-on blocks, what dries after them, and up to when it is ready. */
export const Days = memo(function Days({ preview, currency, selected, onSelect }: Props) {
  const { plan } = preview;
  const settings = useSettings(false).data?.settings;
  const drawn: Plan = {
    now: plan.from,
    works: plan.coats.map((c) => ({
      piece,
      step: c.stepId,
      coat: c.coat,
      lay: c.lay,
      number: preview.steps.find((s) => s.id === c.stepId)?.number ?? 0,
      hands: 0,
      stretches: c.stretches,
      over: c.nextFrom,
    })),
    pieces: [{ id: piece, ready: plan.stuck ? null : plan.readyOn, due: null }],
  };
  const axis = settings ? axisOf([drawn], settings) : null;
  const row = axis && rowOf(drawn, piece, axis);
  const words = (b: Block) => {
    const coat = plan.coats.find((c) => `${c.stepId} ${c.coat} ${c.lay}` === b.key.split(' ').slice(0, 3).join(' '));
    const [from, to] = [coat?.stretches[0]?.start ?? '', coat?.stretches.at(-1)?.end ?? ''];
    return [
      `${b.number}: ${clock(from)} to ${clock(to)}`,
      preview.steps.find((s) => s.id === b.step)?.name,
      ...(coat && coat.coat > 1 ? [`coat ${coat.coat}`] : []),
      ...(coat?.half ? [coat.half] : []),
    ].join(', ');
  };
  return (
    <Box
      component="section"
      aria-label="The days"
      sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) auto' }, gap: 2 }}
    >
      {plan.coats.length === 0 && <Box sx={{ m: 'auto', color: 'text.secondary' }}>Add a step to see the schedule.</Box>}
      {plan.coats.length > 0 && axis && row && settings && (
        <Box sx={{ overflowX: 'auto', border: `1px solid ${bench.line}`, borderRadius: 1, bgcolor: bench.sheet, alignSelf: 'center' }}>
          <Box sx={{ minWidth: 52 * axis.columns.length }}>
            <Box sx={{ position: 'relative', height: 44, borderBottom: `2px solid ${bench.ink}` }}>
              <DayHeads columns={axis.columns} />
            </Box>
            <Box sx={{ position: 'relative', height: 52 }}>
              <OpenHours columns={axis.columns} settings={settings} />
              {row.dries.map((d) => (
                <Box key={`d ${d.left}`} sx={{ ...spanned(d), top: 22, height: 16, background: hatched(bench.ochre) }} />
              ))}
              {row.blocks.map((b) => (
                <button
                  key={b.key}
                  type="button"
                  aria-label={words(b)}
                  title={words(b)}
                  onClick={() => onSelect(b.step)}
                  style={{
                    ...spanned(b),
                    top: 12,
                    height: 28,
                    minWidth: b.isLegible ? 3 + 8 * String(b.number).length : 4,
                    padding: 0,
                    border: `1px solid ${bench.paper}`,
                    cursor: 'pointer',
                    background: b.step === selected ? bench.ink : plan.longestWait === b.step ? bench.oxide : bench.verdigris,
                    color: bench.white,
                    fontSize: 13,
                    fontWeight: 700,
                    overflow: 'hidden',
                  }}
                >
                  {b.isLegible && b.number}
                </button>
              ))}
              {row.ready !== null && (
                <Box data-testid="until-ready" sx={{ position: 'absolute', top: 4, left: `calc(${share(row.ready)} - 14px)` }}>
                  <Flag />
                </Box>
              )}
            </Box>
          </Box>
        </Box>
      )}
      <Box sx={{ minWidth: 250, borderLeft: `3px solid ${plan.stuck ? bench.oxide : bench.verdigris}`, pl: 1.5, alignSelf: 'center' }}>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>Ready (this piece only)</Box>
        <Box data-testid="ready-on" sx={{ fontFamily: 'h1.fontFamily', fontWeight: 650, fontSize: 20, lineHeight: 1.2 }}>
          {plan.stuck ? 'not known' : moment(plan.readyOn)}
        </Box>
        <Box sx={{ fontSize: 14 }}>{plan.stuck ?? `cured on ${day(plan.curedOn ?? '')}`}</Box>
        {plan.soonest && plan.latest && !plan.stuck && (
          <Box data-testid="span" sx={{ fontSize: 14 }}>
            {day(plan.soonest)} at the earliest, {day(plan.latest)} with all repeats
          </Box>
        )}
        <Box sx={{ fontSize: 14 }}>
          {minutes(preview.cost.minutes)} hands-on · {money(preview.cost.whole, currency)}{' '}
          {preview.cost.labour === null ? 'material' : 'in total'}
          {preview.mostCost && `, at most ${money(preview.mostCost.whole, currency)}`}
        </Box>
        <Box data-testid="besides" sx={{ fontSize: 14 }}>
          {besides(preview.handsOn)}
        </Box>
        {plan.coats.some((c) => c.tooLate > 0) && (
          <Box sx={{ fontSize: 14, color: 'secondary.main', fontWeight: 650 }}>Recoat window missed: see findings.</Box>
        )}
      </Box>
    </Box>
  );
});
