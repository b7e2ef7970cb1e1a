import TextField from '@mui/material/TextField';
import { useEffect, useRef } from 'react';
import { isTyping } from './typing';

/** The search of a room; "/" leads to it. */
export function SearchField({ label, value, onChange }: { label: string; value: string; onChange: (text: string) => void }) {
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === '/' && !isTyping(event)) {
        event.preventDefault();
        input.current?.focus();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <TextField
      type="search"
      label={label}
      value={value}
      inputRef={input}
      onChange={(e) => onChange(e.target.value)}
      sx={{ maxWidth: 420 }}
    />
  );
}
