import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { heardOnly } from '../../theme/theme';
import { Choice, NumberEntry, TextEntry } from '../../ui/Field';
import { type FiguresProps, Grid } from './figures';
import { LeftEntry } from './LeftEntry';

/** The sizes it is sold in, and what they cost. */
export function MaterialPacks({ edited, set, wrong, currency }: FiguresProps & { currency: string }) {
  return (
    <Grid title={`Packs and price (${currency})`}>
      <LeftEntry id={edited.id} />
      {edited.packs.map((pack, i) => (
        <Box
          key={i}
          sx={{
            display: 'grid',
            gridTemplateColumns: '1fr 84px 1fr 40px',
            gap: 1,
            gridColumn: '1 / -1',
            maxWidth: 480,
            alignItems: 'end',
            ...(i > 0 && { '& label': heardOnly }),
          }}
        >
          <TextEntry
            label="Size"
            value={pack.size}
            onChange={(size) => set({ packs: edited.packs.map((p, k) => (k === i ? { ...p, size } : p)) })}
            error={wrong(`packs/${i}`)}
          />
          <Choice
            label="Unit"
            value={pack.unit}
            options={[
              ['ml', 'ml'],
              ['g', 'g'],
            ]}
            onChange={(unit) => set({ packs: edited.packs.map((p, k) => (k === i ? { ...p, unit } : p)) })}
          />
          <NumberEntry
            label="Price"
            unit={currency}
            value={pack.price}
            onChange={(price) => set({ packs: edited.packs.map((p, k) => (k === i ? { ...p, price: price ?? 0 } : p)) })}
          />
          <Button aria-label="Remove this pack" onClick={() => set({ packs: edited.packs.filter((_, k) => k !== i) })} sx={{ minWidth: 0 }}>
            ×
          </Button>
        </Box>
      ))}
      <Button variant="outlined" onClick={() => set({ packs: [...edited.packs, { size: '500', unit: 'ml', price: 0 }] })}>
        Add a pack
      </Button>
    </Grid>
  );
}
