import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { figureOf, type Kept, readMeasure, unitOf } from './measures';
import { steady } from './steady';
import { useSystem } from './useSystem';

export type Common = { label: string; help?: string; error?: string | undefined };

/**
 * A field of several lines, at least so many, that grows with what is typed; where a browser cannot do that, it has a few and scrolls. Not
 * grown by the component, which measures the page each time anything near it is drawn.
 */
export const linesOf = (least: number) => ({
  multiline: true,
  slotProps: {
    inputLabel: { shrink: true },
    input: { inputComponent: 'textarea' as const },
    htmlInput: { rows: CSS.supports('field-sizing', 'content') ? least : Math.max(3, least) },
  },
  sx: { '& textarea': { fieldSizing: 'content', minHeight: `${least}lh` } },
});

/** A text field that tells of its value when it is left or Enter is pressed, and on Escape goes back to what it was. */
export const TextEntry = steady(function TextEntry({
  label,
  value,
  onChange,
  help,
  error,
  multiline,
  placeholder,
}: Common & { value: string; onChange: (value: string) => void; multiline?: boolean; placeholder?: string }) {
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  const commit = () => text !== value && onChange(text);
  return (
    <TextField
      label={label}
      value={text}
      helperText={error ?? help}
      error={error !== undefined}
      placeholder={placeholder}
      {...(multiline ? linesOf(1) : {})}
      onChange={(e) => setText(e.target.value)}
      onBlur={commit}
      onKeyDown={(e) => {
        if (e.key === 'Enter' && !multiline) commit();
        if (e.key === 'Escape') setText(value);
      }}
    />
  );
});

type NumberProps = Common & {
  value: number | null | undefined;
  onChange: (value: number | null) => void;
  unit?: string;
  least?: number;
  whole?: boolean;
  emptyAllowed?: boolean;
  placeholder?: string;
  /** Litres in the first pack of it, for a spread "a jar". */
  jar?: number | null;
};

const kept: readonly string[] = ['mm', 'm', 'm²', 'm²/L'];

/**
 * A number with its unit; empty means "not set" where that is allowed. Nonsense stays in the field and says so. Lengths, areas and spreads
 * are shown as the studio measures and take whatever somebody types: "30 in", "2 ft 6", "60 sq ft a jar".
 */
export const NumberEntry = steady(function NumberEntry({
  label,
  value,
  onChange,
  unit,
  help,
  error,
  least = 0,
  whole = false,
  emptyAllowed = false,
  placeholder,
  jar,
}: NumberProps) {
  const system = useSystem();
  const measure = kept.includes(unit ?? '') ? (unit as Kept) : null;
  const shown = value === null || value === undefined ? '' : measure ? figureOf(value, measure, system) : String(value);
  const [text, setText] = useState(shown);
  const [wrong, setWrong] = useState<string>();
  useEffect(() => {
    setText(shown);
    setWrong(undefined);
  }, [shown]);
  const commit = () => {
    if (text === shown) return setWrong(undefined);
    if (text.trim() === '' && emptyAllowed) {
      if (value !== null && value !== undefined) onChange(null);
      return setWrong(undefined);
    }
    const read = measure ? readMeasure(text, measure, system, jar ?? null) : plainNumber(text);
    if ('wrong' in read) return setWrong(read.wrong);
    const number = measure ? Number(read.value.toPrecision(6)) : read.value;
    if (number < least) {
      return setWrong(
        `Enter ${measure ? figureOf(least, measure, system) : least}${unit ? ` ${measure ? unitOf(measure, system) : unit}` : ''} or more`,
      );
    }
    if (whole && !measure && !Number.isInteger(number)) return setWrong('Enter a whole number');
    setWrong(undefined);
    const taken = whole ? Math.round(number) : number;
    if (taken !== value) onChange(taken);
    else setText(shown);
  };
  const problem = wrong ?? error;
  const said = measure ? unitOf(measure, system) : unit;
  return (
    <TextField
      label={said ? `${label} (${said})` : label}
      value={text}
      error={problem !== undefined}
      helperText={problem ?? help}
      placeholder={placeholder}
      slotProps={{ htmlInput: { inputMode: measure ? 'text' : 'decimal' }, inputLabel: { shrink: true } }}
      onChange={(e) => setText(e.target.value)}
      onBlur={commit}
      onKeyDown={(e) => {
        if (e.key === 'Enter') commit();
        if (e.key === 'Escape') setText(shown);
      }}
    />
  );
});

function plainNumber(text: string): { value: number } | { wrong: string } {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) ? { wrong: 'Enter a number' } : { value };
}

/** A choice of a few words. */
export const Choice = steady(OneOf) as typeof OneOf;
function OneOf<T extends string>({
  label,
  value,
  options,
  onChange,
  help,
  error,
}: Common & { value: T; options: readonly (readonly [T, string])[]; onChange: (value: T) => void }) {
  return (
    <TextField
      select
      label={label}
      value={value}
      helperText={error ?? help}
      error={error !== undefined}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      onChange={(e) => onChange(e.target.value as T)}
    >
      {options.map(([key, name]) => (
        <MenuItem key={key} value={key}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}

const inMinutes: Record<string, number> = { min: 1, h: 60, d: 1440, day: 1440, days: 1440 };

/** A time as it is written on a label: "30 min", "2 h", "21 d". */
export function TimeEntry({
  label,
  value,
  onChange,
  error,
  emptyAllowed = false,
}: Common & { value: number | null | undefined; onChange: (minutes: number | null) => void; emptyAllowed?: boolean }) {
  const shown =
    value === null || value === undefined
      ? ''
      : value >= 2880 && value % 1440 === 0
        ? `${value / 1440} d`
        : value >= 60 && value % 60 === 0
          ? `${value / 60} h`
          : `${value} min`;
  const [wrong, setWrong] = useState<string>();
  const read = (text: string) => {
    const match = /^\s*(\d+(?:[.,]\d+)?)\s*(min|h|days?|d)?\s*$/.exec(text);
    if (text.trim() === '' && emptyAllowed) {
      setWrong(undefined);
      onChange(null);
    } else if (!match) setWrong('Enter a time, for example 30 min, 2 h or 21 d');
    else {
      setWrong(undefined);
      onChange(Math.round(Number((match[1] ?? '').replace(',', '.')) * (inMinutes[match[2] ?? 'min'] ?? 1)));
    }
  };
  return <TextEntry label={label} value={shown} onChange={read} error={wrong ?? error} placeholder={emptyAllowed ? 'not set' : ''} />;
}
