import Box from '@mui/material/Box';
import { TextEntry } from './Field';
import { Swatch } from './Swatch';
import { startColours } from './startColours';

type Props = {
  label: string;
  value: string | null | undefined;
  onChange: (value: string | null) => void;
  error?: string | undefined;
  emptyAllowed?: boolean;
};

/** A colour: written as six hexadecimal digits, or picked by pressing the chip beside them. */
export function ColourEntry({ label, value, onChange, error, emptyAllowed = false }: Props) {
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
      <Box sx={{ position: 'relative', width: 38, height: 38, flexShrink: 0 }}>
        <Swatch colour={value ?? null} size={38} />
        <input
          type="color"
          value={value ?? startColours.grey}
          tabIndex={-1}
          aria-hidden="true"
          onChange={(e) => onChange(e.target.value)}
          style={{ position: 'absolute', inset: 0, width: '100%', height: '100%', opacity: 0, cursor: 'pointer' }}
        />
      </Box>
      <TextEntry
        label={label}
        value={value ?? ''}
        placeholder={emptyAllowed ? 'none' : ''}
        onChange={(text) => {
          if (text.trim() !== '') onChange(text.trim());
          else if (emptyAllowed) onChange(null);
        }}
        error={error}
      />
    </Box>
  );
}
