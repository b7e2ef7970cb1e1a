import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Material, Preview, Recipe, Vocabulary } from '../../api/api';
import { areaWords } from '../../ui/measures';
import { Swatch } from '../../ui/Swatch';
import { useSystem } from '../../ui/useSystem';
import { besides, consumed, minutes, money } from '../../ui/words';
import { CleanUpPanel } from './CleanUpPanel';

type Props = {
  document: Recipe;
  preview: Preview;
  vocabulary: Vocabulary;
  shelf: readonly Material[];
  currency: string;
  onChange: (document: Recipe) => void;
  onClose: () => void;
};

/** What the whole recipe takes of every material: amount, packs to have, cost, and where one small pack would run out. */
export function NeedsDialog({ document, preview, vocabulary, shelf, currency, onChange, onClose }: Props) {
  const system = useSystem();
  const { cost } = preview;
  const aside = besides(preview.handsOn);
  const work = `Work, ${minutes(cost.minutes)} hands-on${aside && ` (${aside.charAt(0).toLowerCase()}${aside.slice(1)})`}`;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="needs">
      <DialogTitle id="needs">What it takes, over {areaWords(preview.area, system)}</DialogTitle>
      <DialogContent>
        {preview.materials.length === 0 && <p>No step uses any material yet.</p>}
        {preview.materials.map((m) => (
          <Box
            key={m.materialId}
            sx={{
              display: 'grid',
              gridTemplateColumns: '30px 1fr 150px 1fr 120px',
              gap: 1.5,
              py: 1,
              borderBottom: 1,
              borderColor: 'divider',
              alignItems: 'center',
            }}
          >
            <Swatch colour={m.colour} />
            <Box>
              <b>{m.name}</b>
              {m.runsOut && <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{m.runsOut}</Box>}
            </Box>
            <Box sx={{ fontWeight: 700, fontSize: 18 }}>
              {m.amount.text}
              {m.most && m.least && (
                <Box sx={{ fontWeight: 400, fontSize: 14, color: 'text.secondary' }}>
                  {m.least.text} to {m.most.text}
                </Box>
              )}
            </Box>
            <span>
              {m.inPots && <Box>in pots: {m.inPots.text}</Box>}
              {m.left && (
                <Box component="span">
                  in stock: {m.left.text}
                  {m.toBuy ? '; to buy: ' : ', enough'}
                </Box>
              )}
              {m.toBuy && (m.packs.length === 0 ? 'no pack size set' : m.packs.map((p) => `${p.count} × ${p.size}`).join(' + '))}
            </span>
            <Box sx={{ textAlign: 'right' }}>{money(m.cost, currency)}</Box>
          </Box>
        ))}
        {preview.consumables.length > 0 && (
          <Box sx={{ py: 1, borderBottom: 1, borderColor: 'divider' }}>
            <b>Consumables:</b> {preview.consumables.map(consumed).join(' · ')}
          </Box>
        )}
        <Box
          component="dl"
          sx={{ display: 'grid', gridTemplateColumns: '1fr auto', columnGap: 2, rowGap: 0.5, m: 0, pt: 1.5, textAlign: 'right' }}
        >
          <Sum name="Material cost" amount={money(cost.material, currency)} />
          {cost.labour !== null && <Sum name={work} amount={money(cost.labour, currency)} />}
          <Sum name="Total" amount={money(cost.whole, currency)} strong />
          <Sum name="To buy (whole packs)" amount={money(preview.bought, currency)} />
        </Box>
        <CleanUpPanel document={document} cleanUp={preview.cleanUp} vocabulary={vocabulary} shelf={shelf} onChange={onChange} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

function Sum({ name, amount, strong = false }: { name: string; amount: string; strong?: boolean }) {
  return (
    <>
      <Box component="dt" sx={{ fontWeight: strong ? 700 : 400 }}>
        {name}
      </Box>
      <Box component="dd" sx={{ m: 0, fontWeight: strong ? 700 : 400 }}>
        {amount}
      </Box>
    </>
  );
}
