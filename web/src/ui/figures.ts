import { useSyncExternalStore } from 'react';

const key = 'inlaid-figures';
const told = new Set<() => void>();
const listen = (tell: () => void) => {
  told.add(tell);
  return () => void told.delete(tell);
};
const isOn = () => localStorage.getItem(key) === 'on';

/** Whether µm and ΔE are shown beside the words for them; kept on this device. */
export function useFigures(): [boolean, () => void] {
  const on = useSyncExternalStore(listen, isOn);
  const toggle = () => {
    localStorage.setItem(key, on ? 'off' : 'on');
    for (const tell of told) tell();
  };
  return [on, toggle];
}
