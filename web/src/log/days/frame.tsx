import Box from '@mui/material/Box';
import type { Settings } from '../../api/api';
import { bench } from '../../theme/theme';
import { counted, day } from '../../ui/words';
import { type Column, openOn, type Span, within } from './axis';

export const share = (x: number) => `${100 * x}%`;
export const spanned = ({ left, width }: Span) => ({ position: 'absolute', left: share(left), width: share(width) }) as const;

/** The days above a drawing: on which something is done, each to be pressed; the others as many in one. */
export function DayHeads({ columns, onDay }: { columns: readonly Column[]; onDay?: (date: string) => void }) {
  return columns.map((c) => (
    <Box
      key={c.date}
      {...(c.isWorked && onDay ? { component: 'button', type: 'button', onClick: () => onDay(c.date) } : {})}
      sx={{
        ...spanned(c),
        height: 44,
        border: 0,
        borderLeft: `1px solid ${bench.line}`,
        p: 0.5,
        pt: 0.25,
        background: 'none',
        font: 'inherit',
        fontSize: 14,
        lineHeight: 1.25,
        textAlign: 'left',
        color: 'text.primary',
        overflow: 'hidden',
        containerType: 'inline-size',
      }}
    >
      {c.days === 1 ? (
        <>
          <b>{day(c.date).slice(0, 3)}</b>
          <Box sx={{ whiteSpace: 'nowrap', '@container (max-width: 56px)': { '& span': { display: 'none' } } }}>
            {day(c.date).slice(4, -4)}
            <span>{day(c.date).slice(-4)}</span>
          </Box>
        </>
      ) : (
        counted(c.days, 'day', 'days')
      )}
    </Box>
  ));
}

export function Flag() {
  return (
    <svg width="14" height="16" viewBox="0 0 14 16" aria-hidden="true">
      <path d="M1 16V0l12 4-11 4" fill={bench.verdigris} stroke={bench.verdigris} strokeWidth="1.5" />
    </svg>
  );
}

/** Where a day has little room, it is open or not. */
function openTimes(c: Column, settings: Settings) {
  const open = openOn(c.date, settings);
  return c.opens > 0 || open.length === 0 ? open : [{ from: 0, to: 24 }];
}

/** When the studio is closed, behind a row. */
export function OpenHours({ columns, settings }: { columns: readonly Column[]; settings: Settings }) {
  return (
    <Box aria-hidden="true" sx={{ position: 'relative', height: '100%', minHeight: 22, bgcolor: bench.sand }}>
      {columns.map((c) => (
        <Box key={c.date} sx={{ ...spanned(c), top: 0, bottom: 0, borderLeft: `1px solid ${bench.line}` }}>
          {c.days === 1 &&
            openTimes(c, settings).map((h) => (
              <Box
                key={h.from}
                sx={{
                  position: 'absolute',
                  top: 0,
                  bottom: 0,
                  left: share(within(c, h.from)),
                  width: share(within(c, h.to) - within(c, h.from)),
                  bgcolor: bench.sheet,
                }}
              />
            ))}
        </Box>
      ))}
    </Box>
  );
}
