import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { DaysPreview, Settings } from '../../api/api';
import type { components } from '../../api/api.gen';
import { Choice } from '../../ui/Field';
import { moment } from '../../ui/words';

/** `coat` of a piece and a step of it. */
export type Would = 'helper' | 'saturday' | 'heat' | 'fan' | `coat ${string}`;

const words: [Exclude<Would, `coat ${string}`>, string][] = [
  ['helper', 'helper every day'],
  ['saturday', 'Saturdays too'],
  ['heat', 'heat to 21 °C'],
  ['fan', 'fan'],
];

/** What is asked where something is other than usual. */
export function askedOf(would: readonly Would[], settings: Settings): components['schemas']['DaysRequest'] {
  const hours = would.includes('saturday')
    ? { ...settings.hours, sat: settings.hours.sat?.length ? settings.hours.sat : (settings.hours.fri ?? []) }
    : settings.hours;
  const coat = would.find((w) => w.startsWith('coat '))?.split(' ');
  return {
    ...(coat?.[1] && coat[2] ? { coat: { run: coat[1], step: coat[2] } } : {}),
    context: { ...(would.includes('saturday') ? { hours } : {}), ...(would.includes('helper') ? { helper: hours } : {}) },
    ...(would.includes('heat') ? { heat: 21 } : {}),
    ...(would.includes('fan') ? { fan: true } : {}),
  };
}

type Props = { would: readonly Would[]; onChange: (would: readonly Would[]) => void; usual: DaysPreview; tried: DaysPreview | undefined };

/** What would be if: nothing is kept, it is only looked at. */
export function WhatIf({ would, onChange, usual, tried }: Props) {
  const coats = new Map(
    usual.works
      .filter((w) => w.pot !== null)
      .map((w) => [`coat ${w.piece} ${w.step}` as const, `${w.name}, ${usual.pieces.find((p) => p.id === w.piece)?.title}`]),
  );
  const coat = would.find((w) => w.startsWith('coat ')) ?? '';
  return (
    <Box component="section" aria-label="What if" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end' }}>
      <Box component="b" sx={{ pb: 1 }}>
        Try:
      </Box>
      {words.map(([key, name]) => {
        const on = would.includes(key);
        return (
          <Button
            key={key}
            size="small"
            variant={on ? 'contained' : 'outlined'}
            aria-pressed={on}
            onClick={() => onChange(on ? would.filter((w) => w !== key) : [...would, key])}
          >
            {name}
          </Button>
        );
      })}
      {coats.size > 0 && (
        <Box sx={{ width: 260 }}>
          <Choice
            label="Extra coat of"
            value={coat}
            options={[['', 'none'] as const, ...coats]}
            onChange={(next) => onChange([...would.filter((w) => w !== coat), ...(next === '' ? [] : [next])])}
          />
        </Box>
      )}
      {tried && (
        <Box data-testid="would" aria-live="polite">
          {tried.end === usual.end ? (
            <>All ready {moment(usual.end)}, as planned.</>
          ) : (
            <>
              All ready <b>{moment(tried.end)}</b> instead of {moment(usual.end)}.
            </>
          )}
          {tried.pieces
            .filter((p) => p.ready !== usual.pieces.find((u) => u.id === p.id)?.ready)
            .map((p) => (
              <div key={p.id}>
                {p.title}: {moment(p.ready)} instead of {moment(usual.pieces.find((u) => u.id === p.id)?.ready ?? null)}
              </div>
            ))}
        </Box>
      )}
    </Box>
  );
}
