import Box from '@mui/material/Box';
import type { BatchLine } from '../api/api';
import { bench } from '../theme/theme';
import { Swatch } from '../ui/Swatch';

/** What goes in, line by line: how it is measured, or how much it is. */
export function PourLines({ lines, large = false }: { lines: readonly BatchLine[]; large?: boolean }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}>
      {lines.map((line) => (
        <Box
          component="li"
          key={line.materialId}
          sx={{ display: 'flex', gap: 1.25, alignItems: 'center', fontSize: large ? 26 : 17, lineHeight: 1.2 }}
        >
          <Swatch colour={line.colour} size={large ? 30 : 22} />
          <span>
            <b>{line.amount.text}</b> {line.name}
            {(line.how || line.amount.g !== null) && (
              <span style={{ display: 'block', fontSize: 16, color: bench.slate }}>
                {[line.how, line.amount.g !== null && `${line.amount.g.toFixed(1)} g${line.how ? ' on the scale' : ''}`]
                  .filter(Boolean)
                  .join(', or ')}
              </span>
            )}
          </span>
        </Box>
      ))}
    </Box>
  );
}

/** A mix is drawn in its strongest colour, paler: what it really looks like is not promised. */
export function tint(lines: readonly { colour: string | null }[]): string | null {
  const colour = lines.find((l) => l.colour !== null)?.colour;
  return colour ? `${colour}99` : null;
}
