import Box from '@mui/material/Box';
import type { Span, Step, StepPreview } from '../../app/api';
import { bench } from '../../app/theme';
import { Cautions } from '../../shared/Cautions';
import { Cup } from '../../shared/Cup';
import { RemarkLine } from '../../shared/RemarkLine';
import { microns, minutes, percent } from '../../shared/words';

/** What follows from a step: the cup, amounts, film, drying, and what is worth knowing. */
export function WorkedStep({ step, worked }: { step: Step; worked: StepPreview }) {
  const { pour, film, drying } = worked;
  return (
    <Box
      aria-live="polite"
      sx={{ display: 'grid', gap: 1.25, bgcolor: '#FFFEFB', border: 1, borderColor: 'divider', borderRadius: 1, p: 1.5 }}
    >
      {worked.remarks.map((remark) => (
        <RemarkLine key={remark.text} remark={remark} />
      ))}
      {pour && (
        <Box sx={{ display: 'grid', gap: 1 }}>
          <Box>
            <Box data-testid="need" sx={{ fontSize: 24, fontWeight: 700, lineHeight: 1.1 }}>
              {pour.batch.yield.text}
            </Box>
            <Box sx={{ color: 'text.secondary', mb: 1 }}>
              {pour.words ?? pour.name}
              {pour.eachCoat && ', mixed anew for each coat'}
              {!pour.eachCoat && step.coats !== undefined && step.coats > 1 && `, for ${step.coats} coats`}
            </Box>
            {pour.batch.lines.map((line) => (
              <Box key={line.materialId} sx={{ mb: 0.5 }}>
                <b>{line.how ?? line.amount.text}</b> {line.name}
              </Box>
            ))}
            {pour.batch.measured && (
              <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
                {pour.batch.surplus.text} more than needed
                {pour.batch.error > 0 ? `, ratio within ${percent(pour.batch.error)}` : ', ratio exact'}
                {pour.batch.smallest ? '' : '; perhaps not the smallest'}
              </Box>
            )}
          </Box>
          {pour.cup && (
            <Box>
              <Cup cup={pour.cup} batch={pour.batch} height={180} />
              <Box sx={{ fontSize: 14, color: 'text.secondary', textAlign: 'center' }}>
                {pour.cup.name}, inside {pour.cup.height.toFixed(0)} mm high
              </Box>
            </Box>
          )}
        </Box>
      )}
      <Box
        component="dl"
        sx={{
          display: 'grid',
          gridTemplateColumns: 'auto 1fr',
          columnGap: 2,
          rowGap: 0.5,
          m: 0,
          '& dt': { color: 'text.secondary' },
          '& dd': { m: 0, fontWeight: 600 },
        }}
      >
        {film && (
          <>
            <dt>Film, each coat</dt>
            <dd data-testid="film">
              {microns(film.wet)} wet{film.stays < film.wet ? `, ${microns(film.stays)} stays` : ''} → {microns(film.dry)} dry
              {film.cover < 1 ? ` on ${percent(film.cover)} of the surface` : ''}
            </dd>
          </>
        )}
        {worked.act !== 'waits' && (
          <>
            <dt>Hands-on</dt>
            <dd>
              {minutes(worked.handsOn)} on {worked.area.toFixed(2)} m²
              {worked.coats > 1 && worked.act === 'adds' ? `, ${worked.coats} times` : ''}
            </dd>
          </>
        )}
        {drying && pour && worked.act !== 'alters' && (
          <>
            <SpanLine name="Touch-dry" span={drying.touch} />
            <SpanLine name="Recoat" span={drying.recoat} until={drying.recoatMost} />
            <SpanLine name="Through-dry" span={drying.through} />
            <SpanLine name="Cured" span={drying.cure} />
            {drying.openTime && <SpanLine name="Open, to be wiped" span={drying.openTime} />}
            {drying.potLife && <SpanLine name="Pot life" span={drying.potLife} />}
          </>
        )}
      </Box>
      <Cautions cautions={worked.cautions} />
    </Box>
  );
}

/** A time to plan with; where this air predicts another, that too, as the estimate it is. */
function SpanLine({ name, span, until }: { name: string; span: Span; until?: Span | null }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>
        {minutes(span.planned)}
        {until && until.planned !== null ? `, at the latest ${minutes(until.planned)}` : ''}
        {span.predicted !== null && span.predicted !== span.planned && (
          <span style={{ fontWeight: 400, color: bench.slate }}> (in this air perhaps {minutes(span.predicted)})</span>
        )}
      </dd>
    </>
  );
}
