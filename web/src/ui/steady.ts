import { type ComponentType, createElement, memo, useRef } from 'react';

type Act = (...given: unknown[]) => unknown;

/** Equal, or lists and plain objects that say the same. */
const saysTheSame = (one: unknown, other: unknown) =>
  Object.is(one, other) || (typeof one === 'object' && typeof other === 'object' && JSON.stringify(one) === JSON.stringify(other));

/**
 * A field that is drawn anew only when something it shows has changed: a room has dozens, and is drawn with every edit. The functions it is
 * given are for what somebody does in it; they are looked up then, so that none is from an earlier edit.
 */
export function steady<P extends object>(Field: ComponentType<P>): ComponentType<P> {
  const Still = memo(Field as ComponentType<object>, (before, now) => {
    const [one, other] = [before, now] as Record<string, unknown>[];
    return [...new Set([...Object.keys(before), ...Object.keys(now)])].every((name) => saysTheSame(one?.[name], other?.[name]));
  });
  return function Steady(given: P) {
    const latest = useRef<Record<string, unknown>>({});
    const acts = useRef<Record<string, Act>>({});
    latest.current = given as Record<string, unknown>;
    const doing = (name: string): Act => (acts.current[name] ??= (...args) => (latest.current[name] as Act)(...args));
    return createElement(
      Still,
      Object.fromEntries(Object.entries(given).map(([name, value]) => [name, typeof value === 'function' ? doing(name) : value])),
    );
  };
}
