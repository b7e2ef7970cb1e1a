import Box from '@mui/material/Box';
import type { Preview, Step, StepPreview, Vocabulary } from '../../api/api';
import { Making } from '../../mix/Making';
import { mixedFor } from '../../mix/mixes';
import { BlendColours } from '../../recipe/BlendColours';
import { LaidOut } from '../../recipe/LaidOut';
import { howWords, placeWords } from '../../recipe/placeWords';
import { bench } from '../../theme/theme';
import { Cup } from '../../ui/Cup';
import { InStudio } from '../../ui/InStudio';
import { areaWords } from '../../ui/measures';
import { RuledLines } from '../../ui/PrintPage';
import { useSystem } from '../../ui/useSystem';
import { minutes, moment, withDeferring } from '../../ui/words';

type Props = {
  step: StepPreview;
  written: Step | undefined;
  /** All colours of a blend. */
  colours: readonly StepPreview[];
  vocabulary: Vocabulary;
  coats: Preview['plan']['coats'];
  findings: Preview['findings'];
};

/** One step on the bench sheet. It is never torn over two pages. */
export function SheetStep({ step, written, colours, vocabulary, coats, findings }: Props) {
  const system = useSystem();
  const last = coats.at(-1);
  const how = written ? howWords(written, step, vocabulary) : '';
  const where = written ? placeWords(written, vocabulary) : '';
  return (
    <Box
      component="section"
      sx={{
        display: 'grid',
        gridTemplateColumns: '52px 1fr auto',
        gap: 2,
        py: 1.5,
        borderBottom: `1px solid ${bench.black}`,
        breakInside: 'avoid',
      }}
    >
      <Box sx={{ fontFamily: 'h1.fontFamily', fontSize: 34, fontWeight: 650, lineHeight: 1 }}>{step.number}</Box>
      <Box sx={{ fontSize: 17 }}>
        <Box component="h2" sx={{ fontSize: 23, m: 0, lineHeight: 1.15 }}>
          {step.name}
        </Box>
        <Box>
          {step.technique}
          {written?.grit ? `, grit ${written.grit}` : ''} on {areaWords(step.area, system)}, {minutes(step.handsOn)}
          {written?.dwell ? `, dwell ${minutes(written.dwell)}` : ''}
        </Box>
        {how && <Box sx={{ fontSize: 20, fontWeight: 650 }}>{how}</Box>}
        {where && <Box sx={{ fontSize: 20, fontWeight: 650 }}>{where}</Box>}
        {step.rounds?.until && (
          <Box sx={{ fontWeight: 650 }}>
            Repeat until {step.rounds.until}: {step.rounds.least} to {step.rounds.most} passes, {step.rounds.expected} expected
          </Box>
        )}
        {step.rounds?.onlyIfNot && <Box sx={{ fontWeight: 650 }}>Only if the passes before were not enough</Box>}
        {step.order.length > 0 && <Box>In this order: {step.order.join(', ')}</Box>}
        {step.layout && <LaidOut layout={step.layout} printed />}
        {step.masking && (
          <Box>
            <InStudio>
              {step.masking.stays ? 'Leave masking on' : `Mask first: ${step.masking.tape} m of tape, ${step.masking.sheet} m² of sheet`}
            </InStudio>
            {step.masking.pullBy && `; remove tape by ${moment(step.masking.pullBy)}`}
          </Box>
        )}
        {written && <BlendColours step={written} colours={colours} size={20} />}
        {(colours.length > 0 ? [] : step.pour?.mixes)?.map((mix) => (
          <Box key={mix.coats.join()} sx={{ my: 0.75 }}>
            {step.pour && step.pour.mixes.length > 1 && <Box sx={{ fontWeight: 650 }}>{mixedFor(mix)}:</Box>}
            {mix.batch.lines.map((l) => (
              <Box key={l.materialId} sx={{ fontSize: 20 }}>
                <b>{l.how ?? l.amount.text}</b> {l.name}
              </Box>
            ))}
          </Box>
        ))}
        {step.pour && <Making steps={step.pour.making} />}
        {written?.note && <Box sx={{ fontStyle: 'italic' }}>{written.note}</Box>}
        {findings.map((f) => (
          <Box key={f.key} sx={{ fontWeight: f.severity === 'advise' ? 400 : 650 }}>
            {f.severity === 'stop' ? 'Stop: ' : '! '}
            {f.why}
            {f.accepted !== null && ` Accepted: ${f.accepted}`}
          </Box>
        ))}
        {step.remarks.map((r) => (
          <Box key={r.text} sx={{ fontWeight: 650 }}>
            ! {r.text}
          </Box>
        ))}
        {withDeferring(step.cautions).map((c) => (
          <Box key={c} sx={{ fontSize: 15 }}>
            Caution: {c}
          </Box>
        ))}
        {coats.map((c) => (
          <Box key={`${c.coat}-${c.lay}`} sx={{ mt: 0.5 }}>
            <span style={{ fontSize: 24, verticalAlign: -2 }}>☐</span>{' '}
            {coats.length > 1 ? `coat ${c.coat}${c.half ? `, ${c.half}` : ''}, ` : ''}
            planned {moment(c.stretches[c.slakes > 0 ? 1 : 0]?.start ?? null)} <span style={{ marginLeft: 8 }}>done at ____________</span>
          </Box>
        ))}
        {last && (last.leastWait > 0 || last.overnight) && (
          <Box sx={{ mt: 0.5, fontWeight: 700 }}>
            Wait {last.overnight ? `overnight, at least ${minutes(last.leastWait)}` : minutes(last.leastWait)}: not before{' '}
            {moment(last.nextFrom)}
          </Box>
        )}
        <RuledLines label="Notes" count={2} />
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
        {step.pour?.mixes.map(
          (mix) =>
            mix.cup &&
            mix.batch.lines.length > 1 && (
              <Cup key={mix.coats.join()} cup={mix.cup} colours={mix.batch.lines.map((l) => l.colour)} height={170} />
            ),
        )}
      </Box>
    </Box>
  );
}
