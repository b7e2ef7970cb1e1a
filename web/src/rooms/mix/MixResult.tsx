import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { BatchPreview, MixPreview } from '../../api/api';
import { Making } from '../../mix/Making';
import { bench } from '../../theme/theme';
import { Cautions } from '../../ui/Cautions';
import { Cup } from '../../ui/Cup';
import { InStudio } from '../../ui/InStudio';
import { RemarkLine } from '../../ui/RemarkLine';
import { Swatch } from '../../ui/Swatch';
import { microns, minutes, money, percent } from '../../ui/words';

/** What follows from a mix: one large cup to pour to, the batch in measures and exactly, and what the mix is. */
export function MixResult({ worked, currency, keep }: { worked: MixPreview; currency: string; keep: ReactNode }) {
  const batch = worked.measured ?? worked.exact;
  return (
    <Box aria-live="polite" sx={{ display: 'grid', gap: 2 }}>
      <Typography variant="h2" component="h2">
        {worked.name}: {worked.words}
      </Typography>
      {worked.remarks.map((r) => (
        <RemarkLine key={r.text} remark={r} />
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 4, alignItems: 'flex-start' }}>
        {worked.cup && (
          <Box>
            <Cup cup={worked.cup} colours={batch.lines.map((l) => l.colour)} height={360} />
            <Box sx={{ color: 'text.secondary', mt: 0.5 }}>
              {worked.cup.name}: <InStudio>{`${worked.cup.height.toFixed(0)} mm high inside`}</InStudio>, holds{' '}
              {worked.cup.capacity.toFixed(0)} ml
            </Box>
          </Box>
        )}
        <Box sx={{ flex: '1 1 300px', display: 'grid', gap: 2.5 }}>
          <Making steps={worked.making} />
          {worked.measured && (
            <Lines
              title={`By volume: ${worked.measured.yield.text}`}
              note={[
                worked.measured.surplus.ml === 0 ? 'exact amount' : `${worked.measured.surplus.text} spare`,
                worked.measured.error === 0 ? 'exact ratio' : `ratio ±${percent(worked.measured.error)}`,
              ].join(', ')}
              batch={worked.measured}
            />
          )}
          <Lines
            title={`By weight: ${worked.exact.yield.text}`}
            note={worked.exact.yield.g === null ? '' : `${worked.exact.yield.g.toFixed(1)} g in total`}
            batch={worked.exact}
            weigh
          />
        </Box>
      </Box>
      {keep}
      <Box
        component="dl"
        sx={{
          display: 'grid',
          gridTemplateColumns: 'auto 1fr',
          columnGap: 3,
          rowGap: 0.5,
          m: 0,
          '& dt': { color: 'text.secondary' },
          '& dd': { m: 0, fontWeight: 600 },
        }}
      >
        <dt>Thinning</dt>
        <dd>
          {worked.thinning === 0 ? 'none' : `${Number(worked.thinning.toFixed(2))} to 1`}
          {worked.largestThinning !== null && ` (maximum ${worked.largestThinning} to 1)`}
        </dd>
        <dt>Carrier</dt>
        <dd>
          {worked.carriers
            .filter((c) => c !== 'dry' || worked.carriers.length === 1)
            .map((c) => carriers[c])
            .join(' and ')}
        </dd>
        <dt>Solids by volume</dt>
        <dd>{percent(worked.solids)}</dd>
        {worked.wet !== null && worked.dry !== null && worked.spread !== null && (
          <>
            <dt>One coat</dt>
            <dd>
              {microns(worked.wet)} wet, {microns(worked.dry)} dry; <InStudio>{`spread rate ${worked.spread.toFixed(1)} m²/L`}</InStudio>
            </dd>
          </>
        )}
        {worked.sheen && (
          <>
            <dt>Sheen</dt>
            <dd>{worked.sheen}</dd>
          </>
        )}
        {worked.times && (
          <>
            <dt>Drying times (label)</dt>
            <dd>
              touch-dry {minutes(worked.times.touch)}, recoat {minutes(worked.times.recoat)}, through-dry {minutes(worked.times.through)},
              cured {minutes(worked.times.cure)}; minimum {worked.lowestTemperature} °C
            </dd>
          </>
        )}
        {worked.openTime !== null && (
          <>
            <dt>Open time</dt>
            <dd>{minutes(worked.openTime)} (label)</dd>
          </>
        )}
        {worked.potLife !== null && (
          <>
            <dt>Pot life</dt>
            <dd>{minutes(worked.potLife)} (label)</dd>
          </>
        )}
        <dt>Re-wets</dt>
        <dd>{worked.rewets ? 'yes' : 'no'}</dd>
        <dt>Material cost</dt>
        <dd>
          {money(batch.cost, currency)}
          {worked.pricePerMl !== null && `, ${money(1000 * worked.pricePerMl, currency)} a litre`}
        </dd>
      </Box>
      <Cautions cautions={worked.cautions} />
    </Box>
  );
}

const carriers: Record<MixPreview['carriers'][number], string> = {
  water: 'water',
  oil: 'oil',
  alcohol: 'alcohol',
  solvent: 'solvent',
  dry: 'dry powder',
};

function Lines({ title, note, batch, weigh = false }: { title: string; note: string; batch: BatchPreview; weigh?: boolean }) {
  return (
    <Box>
      <Box sx={{ fontSize: weigh ? 18 : 26, fontWeight: 700, lineHeight: 1.15 }}>{title}</Box>
      <Box sx={{ color: 'text.secondary', mb: 1 }}>{note}</Box>
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}>
        {batch.lines.map((line) => (
          <Box component="li" key={line.materialId} sx={{ display: 'flex', gap: 1.25, alignItems: 'center', fontSize: weigh ? 16 : 18 }}>
            <Swatch colour={line.colour} />
            <span>
              <b>{weigh ? `${line.amount.g?.toFixed(1) ?? '?'} g` : (line.how ?? line.amount.text)}</b> {line.name}
              {weigh && <span style={{ color: bench.slate }}> ({line.amount.text})</span>}
            </span>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
