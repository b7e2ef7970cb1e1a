import { useEffect, useState } from 'react';
import { isTyping } from '../../../ui/typing';

/** In the cut and on a slider nothing is typed. */
export const isForRoom = (event: KeyboardEvent) =>
  !isTyping(event) || (event.target instanceof HTMLElement && event.target.closest('#cut, input[type="range"]') !== null);

/** Whether a key is held down; not while something is typed. */
export function useHeldKey(key: string): boolean {
  const [held, setHeld] = useState(false);
  useEffect(() => {
    const down = (event: KeyboardEvent) => {
      if (event.key === key && !event.ctrlKey && !event.altKey && !event.metaKey && isForRoom(event)) setHeld(true);
    };
    const up = (event: KeyboardEvent) => {
      if (event.key === key) setHeld(false);
    };
    const away = () => setHeld(false);
    window.addEventListener('keydown', down);
    window.addEventListener('keyup', up);
    window.addEventListener('blur', away);
    return () => {
      window.removeEventListener('keydown', down);
      window.removeEventListener('keyup', up);
      window.removeEventListener('blur', away);
    };
  }, [key]);
  return held;
}
