import Box from '@mui/material/Box';
import type { Preview } from '../../api/api';
import { bench, hatched } from '../../theme/theme';
import { besides, clock, day, minutes, moment, money } from '../../ui/words';

type Act = {
  stepId: string;
  coat: number;
  start: string;
  end: string;
  nextFrom: string;
  overnight: boolean;
  leastWait: number;
  tooLate: number;
  lay: number;
  half: string | null;
};

/** The recipe over the working days, planned alone: hands-on blocks, the waits after them, and when it is ready. */
export function Days({
  preview,
  currency,
  selected,
  onSelect,
}: {
  preview: Preview;
  currency: string;
  selected: string | null;
  onSelect: (id: string) => void;
}) {
  const { plan } = preview;
  const acts: Act[] = plan.coats.flatMap((c) => c.stretches.map((s) => ({ ...c, start: s.start, end: s.end })));
  const days = [...new Set(acts.map((a) => a.start.slice(0, 10)))];
  const hours = acts.flatMap((a) => [hour(a.start), hour(a.end)]);
  const from = Math.floor(Math.min(...hours, 8));
  const to = Math.ceil(Math.max(...hours, 17));
  const at = (h: number) => `${((h - from) / (to - from)) * 100}%`;
  const step = (id: string) => preview.steps.find((s) => s.id === id);
  return (
    <Box
      component="section"
      aria-label="The days"
      sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 2, alignItems: 'stretch', minHeight: 0 }}
    >
      <Box
        tabIndex={0}
        role="group"
        aria-label="Working days, scrolls sideways"
        sx={{ display: 'flex', gap: 1, overflowX: 'auto', pb: 0.5 }}
      >
        {days.map((date) => (
          <Box
            key={date}
            sx={{
              flex: '1 0 210px',
              minWidth: 210,
              border: 1,
              borderColor: 'divider',
              borderRadius: 1,
              bgcolor: bench.sheet,
              p: 1,
              display: 'flex',
              flexDirection: 'column',
            }}
          >
            <Box sx={{ fontWeight: 650, mb: 0.5 }}>{day(date)}</Box>
            <Box sx={{ position: 'relative', height: 30, borderBottom: `2px solid ${bench.ink}`, mb: 0.25 }}>
              {acts
                .filter((a) => a.start.startsWith(date))
                .map((a) => {
                  const until = a.nextFrom.startsWith(date) ? Math.min(hour(a.nextFrom), to) : to;
                  const critical = plan.longestWait === a.stepId;
                  return (
                    <span key={`${a.stepId}-${a.coat}-${a.lay}-${a.start}`}>
                      {until > hour(a.end) && (
                        <span
                          style={{
                            position: 'absolute',
                            bottom: 0,
                            height: 12,
                            left: at(hour(a.end)),
                            width: `calc(${at(until)} - ${at(hour(a.end))})`,
                            background: hatched(critical ? bench.oxide : bench.ochre),
                          }}
                        />
                      )}
                      <button
                        type="button"
                        aria-label={[
                          `${step(a.stepId)?.number}: ${clock(a.start)} to ${clock(a.end)}`,
                          step(a.stepId)?.name,
                          ...(a.coat > 1 ? [`coat ${a.coat}`] : []),
                          ...(a.half ? [a.half] : []),
                        ].join(', ')}
                        onClick={() => onSelect(a.stepId)}
                        style={{
                          position: 'absolute',
                          bottom: 0,
                          height: 28,
                          left: at(hour(a.start)),
                          width: `max(13px, calc(${at(hour(a.end))} - ${at(hour(a.start))}))`,
                          padding: 0,
                          border: `1px solid ${bench.paper}`,
                          borderRadius: 2,
                          cursor: 'pointer',
                          background: a.stepId === selected ? bench.ink : bench.verdigris,
                          color: bench.white,
                          fontSize: 13,
                          fontWeight: 700,
                          overflow: 'hidden',
                        }}
                      >
                        {step(a.stepId)?.number}
                      </button>
                    </span>
                  );
                })}
            </Box>
            <Box sx={{ display: 'flex', justifyContent: 'space-between', fontSize: 13, color: 'text.secondary' }}>
              <span>{String(from).padStart(2, '0')}:00</span>
              <span>{String(to).padStart(2, '0')}:00</span>
            </Box>
          </Box>
        ))}
        {acts.length === 0 && <Box sx={{ m: 'auto', color: 'text.secondary' }}>Add a step to see the schedule.</Box>}
      </Box>
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
        {acts.some((a) => a.tooLate > 0) && (
          <Box sx={{ fontSize: 14, color: 'secondary.main', fontWeight: 650 }}>Recoat window missed: see findings.</Box>
        )}
      </Box>
    </Box>
  );
}

function hour(iso: string): number {
  return Number(iso.slice(11, 13)) + Number(iso.slice(14, 16)) / 60;
}
