import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { shares } from '../../recipe/manner';

/** A choice as wide as the sheet: for a knuckle, or a wet glove. */
export function Pick({ onPick, children, chosen = false }: { onPick: () => void; children: ReactNode; chosen?: boolean }) {
  return (
    <Button
      variant={chosen ? 'contained' : 'outlined'}
      color={chosen ? 'primary' : 'inherit'}
      fullWidth
      onClick={onPick}
      sx={{ minHeight: 64, fontSize: 20, justifyContent: 'flex-start', textAlign: 'left' }}
    >
      {children}
    </Button>
  );
}

/** A few choices beside one another, one of them chosen. */
export function Few<T extends string | number>({
  label,
  value,
  options,
  onPick,
}: {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onPick: (value: T) => void;
}) {
  return (
    <fieldset style={{ border: 0, margin: 0, padding: 0 }}>
      <legend style={{ fontSize: 16, padding: 0 }}>{label}</legend>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8, marginTop: 4 }}>
        {options.map(([key, name]) => (
          <Button
            key={key}
            variant={key === value ? 'contained' : 'outlined'}
            color={key === value ? 'primary' : 'inherit'}
            aria-pressed={key === value}
            onClick={() => onPick(key)}
            sx={{ minHeight: 56, minWidth: 72, fontSize: 18 }}
          >
            {name}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}

/** The shares one picks with a glove on. */
export const fewShares = [[1, 'all'] as const, ...shares.filter(([, name]) => name !== 'half')];
