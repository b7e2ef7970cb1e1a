import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

/** A field for a passphrase, which can be looked at: four words are mistyped easily in gloves. */
export function SecretField({
  label,
  value,
  onChange,
  known = false,
  autoFocus = false,
  error,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  /** Whether it is the one that is set, for what fills in passwords. */
  known?: boolean;
  autoFocus?: boolean;
  error?: string | undefined;
}) {
  const [shown, setShown] = useState(false);
  return (
    <TextField
      label={label}
      type={shown ? 'text' : 'password'}
      value={value}
      autoFocus={autoFocus}
      autoComplete={known ? 'current-password' : 'new-password'}
      error={error !== undefined}
      helperText={error}
      onChange={(e) => onChange(e.target.value)}
      slotProps={{
        input: {
          endAdornment: (
            <Button color="inherit" onClick={() => setShown(!shown)} aria-pressed={shown} sx={{ minWidth: 0 }}>
              {shown ? 'Hide' : 'Show'}
            </Button>
          ),
        },
      }}
    />
  );
}
