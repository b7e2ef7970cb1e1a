import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Material } from '../../api/api';
import { Choice, NumberEntry, TextEntry } from '../../ui/Field';
import type { FiguresProps } from './figures';
import { LeftEntry } from './LeftEntry';

/** What there is of it, in one line with until when it keeps and what a pack costs; further packs below. */
export function MaterialPacks({ edited, set, wrong, currency }: FiguresProps & { currency: string }) {
  const line = { display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end', maxWidth: 860 };
  const pack = (i: number) => (
    <PackFields
      pack={edited.packs[i] ?? { size: '', unit: 'ml', price: 0 }}
      currency={currency}
      error={wrong(`packs/${i}`)}
      onChange={(patch) => set({ packs: edited.packs.map((p, k) => (k === i ? { ...p, ...patch } : p)) })}
      onRemove={() => set({ packs: edited.packs.filter((_, k) => k !== i) })}
    />
  );
  return (
    <Box component="section" aria-label="Stock and price" sx={{ display: 'grid', gap: 1 }}>
      <Box sx={line}>
        <LeftEntry id={edited.id} />
        {edited.packs.length > 0 && pack(0)}
      </Box>
      <Box sx={{ ...line, columnGap: 3 }}>
        {edited.packs.slice(1).map((_, i) => (
          <Box key={i} sx={{ display: 'flex', gap: 1, alignItems: 'end', flex: '0 1 310px' }}>
            {pack(i + 1)}
          </Box>
        ))}
        <Button size="small" onClick={() => set({ packs: [...edited.packs, { size: '500', unit: 'ml', price: 0 }] })}>
          {edited.packs.length === 0 ? 'Add a pack and its price' : 'Add a pack'}
        </Button>
      </Box>
    </Box>
  );
}

type Pack = Material['packs'][number];

function PackFields({
  pack,
  currency,
  error,
  onChange,
  onRemove,
}: {
  pack: Pack;
  currency: string;
  error: string | undefined;
  onChange: (patch: Partial<Pack>) => void;
  onRemove: () => void;
}) {
  return (
    <>
      <Box sx={{ flex: '1 1 64px', minWidth: 0 }}>
        <TextEntry label="Pack" value={pack.size} onChange={(size) => onChange({ size })} error={error} />
      </Box>
      <Box sx={{ flex: '0 0 76px' }}>
        <Choice
          label="Pack unit"
          value={pack.unit}
          options={[
            ['ml', 'ml'],
            ['g', 'g'],
          ]}
          onChange={(unit) => onChange({ unit })}
        />
      </Box>
      <Box sx={{ flex: '1 1 64px', minWidth: 0 }}>
        <NumberEntry label="Price" unit={currency} value={pack.price} onChange={(price) => onChange({ price: price ?? 0 })} />
      </Box>
      <Button aria-label="Remove this pack" onClick={onRemove} sx={{ minWidth: 36, flex: '0 0 36px' }}>
        ×
      </Button>
    </>
  );
}
