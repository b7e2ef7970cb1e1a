import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { useHeldKey } from './useHeldKey';

type Props = { label: string; letter: string; says: string; disabled?: boolean; onHeld: (held: boolean) => void };

/** Something is shown as long as the button, or its key, is held. */
export function HoldButton({ label, letter, says, disabled = false, onHeld }: Props) {
  const key = useHeldKey(letter);
  const [pressed, setPressed] = useState(false);
  const held = (key || pressed) && !disabled;
  useEffect(() => onHeld(held), [held, onHeld]);
  return (
    <Button
      size="small"
      variant={held ? 'contained' : 'outlined'}
      disabled={disabled}
      onPointerDown={() => setPressed(true)}
      onPointerUp={() => setPressed(false)}
      onPointerLeave={() => setPressed(false)}
      aria-keyshortcuts={letter}
      title={`Hold it, or the key ${letter}, to see ${says}`}
    >
      {label}
    </Button>
  );
}
