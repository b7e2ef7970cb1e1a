import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import type { Span, Step, StepPreview } from '../../api/api';
import { Making } from '../../mix/Making';
import { mixedFor } from '../../mix/mixes';
import { OnShelf } from '../../mix/OnShelf';
import { LaidOut } from '../../recipe/LaidOut';
import { bench } from '../../theme/theme';
import { Cautions } from '../../ui/Cautions';
import { Cup } from '../../ui/Cup';
import { useFigures } from '../../ui/figures';
import { depthWords, filmWords } from '../../ui/figureWords';
import { InStudio } from '../../ui/InStudio';
import { RemarkLine } from '../../ui/RemarkLine';
import { clock, microns, minutes, moment, money, percent } from '../../ui/words';

/** What follows from a step: amounts, film, drying, the cup, and what is worth knowing. */
const sectionsOf = ({ count, area }: NonNullable<StepPreview['sections']>) =>
  count === null || area === null
    ? 'sets before the dwell is over'
    : count === 1
      ? 'one (open time is long enough)'
      : `${count} of up to ${(Math.floor(100 * area) / 100).toFixed(2)} m²; finish each before the next`;

type Props = { step: Step; worked: StepPreview; currency: string; nameOf: (stepId: string) => string };

export function WorkedStep({ step, worked, currency, nameOf }: Props) {
  const { id } = useParams();
  const { pour, film, drying, rounds, masking } = worked;
  const [figures] = useFigures();
  const onto = worked.reaches.filter((r) => r.seen || r.masked);
  return (
    <Box
      aria-live="polite"
      sx={{ display: 'grid', gap: 1, bgcolor: bench.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 1.5, lineHeight: 1.35 }}
    >
      {worked.remarks.map((remark) => (
        <RemarkLine key={remark.text} remark={remark} />
      ))}
      {pour && <Batches step={step} pour={pour} />}
      {worked.layout && <LaidOut layout={worked.layout} />}
      <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 1, m: 0 }}>
        {rounds && (
          <Rounds
            rounds={rounds}
            nameOf={nameOf}
            handsOn={worked.handsOn}
            currency={currency}
            what={worked.effect === 'adds' ? 'coats' : 'passes'}
          />
        )}
        {film && (
          <Fact name="Film per coat" columns="1 / -1" testId="film">
            {figures ? (
              <>
                {microns(film.wet)} wet{film.stays < film.wet ? ` (${microns(film.stays)} after wiping)` : ''} → {microns(film.dry)} dry
              </>
            ) : (
              `${filmWords(film.dry)}${film.stays < film.wet ? `, ${percent(film.stays / film.wet)} of it left after wiping` : ''}`
            )}
            {film.cover < 1 ? ` on ${percent(film.cover)} of the surface` : ''}
          </Fact>
        )}
        {worked.effect !== 'waits' && (
          <Fact name="Hands-on time" columns="1 / -1">
            {worked.coats > 1 && worked.effect === 'adds' ? `${worked.coats} × ` : ''}
            {minutes(worked.handsOn)}
            {worked.lays > 1 && <Aside>two sides: turn the part between</Aside>}
            {worked.setUp + worked.handling > 1 && worked.handsOn > worked.setUp && (
              <Aside>
                of it {minutes(worked.setUp)} tool, {minutes(worked.handling)} handling parts
              </Aside>
            )}
          </Fact>
        )}
        {worked.effect !== 'waits' && (
          <Fact name="Cost" columns="1 / -1" testId="cost">
            {money(worked.cost.whole, currency)}
            {worked.cost.labour !== null && (
              <Aside>
                {money(worked.cost.material, currency)} material, {money(worked.cost.labour, currency)} work
              </Aside>
            )}
            {worked.effect === 'adds' && <Aside>one more coat: {money(worked.another.whole, currency)}</Aside>}
          </Fact>
        )}
        {worked.removes !== null && worked.removes > 0 && (
          <Fact name="Removes" columns="1 / -1" testId="removes">
            {figures ? microns(worked.removes) : depthWords(worked.removes)}
            {worked.coats > 1 ? ` in ${worked.coats} passes` : ''}
          </Fact>
        )}
        {worked.order.length > 0 && (
          <Fact name="Order of parts" columns="1 / -1" testId="order">
            {worked.order.join(' → ')}
          </Fact>
        )}
        {onto.length > 0 && (
          <Fact name="Reaches other parts" columns="1 / -1" testId="reaches">
            {onto.map((r) => (
              <div key={r.part}>
                {reachWords[r.how]} {r.name}
                {r.masked ? ' (masked)' : ' (visible)'}
              </div>
            ))}
          </Fact>
        )}
        {worked.sections && (
          <Fact name="Sections" columns="1 / -1" testId="sections">
            <InStudio>{sectionsOf(worked.sections)}</InStudio>
            {worked.sections.count !== 1 && worked.sections.withHelper === 1 && <Aside>one section with a helper right behind you</Aside>}
            {worked.sections.mistEvery && <Aside>one section alone if you mist every {worked.sections.mistEvery} min</Aside>}
          </Fact>
        )}
        {masking && (
          <Fact name="Masking" columns="1 / -1" testId="masking">
            <InStudio>
              {masking.stays
                ? 'stays on from the previous step'
                : `${masking.tape} m of tape, ${masking.sheet} m² of sheet, ${minutes(masking.minutes)}`}
            </InStudio>
            {masking.pullBy && masking.pullFrom && (
              <Aside>
                remove tape{' '}
                {masking.pullFrom === masking.pullBy
                  ? `at the end, ${moment(masking.pullBy)}`
                  : `between ${moment(masking.pullFrom)} and ${clock(masking.pullBy)} (before touch-dry)`}
              </Aside>
            )}
            {!masking.pullBy && <Aside>leave on for the next step</Aside>}
          </Fact>
        )}
        {drying && pour && worked.effect !== 'alters' && (
          <>
            <SpanFact name="Touch-dry" span={drying.touch} />
            <SpanFact name="Recoat" span={drying.recoat} until={drying.recoatMost} />
            <SpanFact name="Through-dry" span={drying.through} />
            <SpanFact name="Cured" span={drying.cure} />
            {drying.openTime && <SpanFact name="Open time" span={drying.openTime} />}
            {drying.potLife && <SpanFact name="Pot life" span={drying.potLife} />}
          </>
        )}
      </Box>
      {pour && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {step.uses?.mix && (
            <Button component={Link} to={`/mix?recipe=${id}&step=${step.id}`} variant="outlined">
              Open in Mix
            </Button>
          )}
          <Button component={Link} to={`/boards?begin&recipe=${id}&step=${step.id}`} variant="outlined">
            Try on a board
          </Button>
        </Box>
      )}
      {pour?.mixes.map(
        ({ cup, batch, coats }) =>
          cup && (
            <Box key={coats.join()}>
              <Cup cup={cup} colours={batch.lines.map((l) => l.colour)} height={168} />
              <Box sx={{ fontSize: 14, color: 'text.secondary' }}>
                <InStudio>{`${cup.name}: ${cup.height.toFixed(0)} mm high inside`}</InStudio>
              </Box>
            </Box>
          ),
      )}
      {drying && pour && spans(drying).some(differs) && (
        <Aside>
          ≈ is predicted for this climate and film. The schedule never waits less than the label or stretches a window beyond it.
        </Aside>
      )}
      {worked.own.map((words) => (
        <Aside key={words}>{words}</Aside>
      ))}
      <Cautions cautions={worked.cautions} />
    </Box>
  );
}

const reachWords: Record<StepPreview['reaches'][number]['how'], string> = {
  nowhere: 'reaches no',
  creeps: 'creeps onto',
  drips: 'drips on',
  sprays: 'sprays onto',
};

/** How often it will be done, where that is open: a span of rounds, time, material and money. */
function Rounds({
  rounds,
  nameOf,
  handsOn,
  what,
  currency,
}: {
  rounds: NonNullable<StepPreview['rounds']>;
  nameOf: (stepId: string) => string;
  handsOn: number;
  what: string;
  currency: string;
}) {
  const { least, expected, most, leastCost, mostCost, leastNeed, mostNeed } = rounds;
  return (
    <Fact
      name={rounds.onlyIfNot ? `Only if “${nameOf(rounds.onlyIfNot)}” isn’t enough` : `Until ${rounds.until ?? 'done'}`}
      columns="1 / -1"
      testId="rounds"
    >
      {rounds.onlyIfNot ? `${most} × ${minutes(handsOn)}, or none` : `${least} to ${most} ${what}, ${expected} expected`}
      <Aside>
        {minutes(leastCost.minutes)} to {minutes(mostCost.minutes)}
        {leastNeed && mostNeed ? ` · ${leastNeed.text} to ${mostNeed.text}` : ''}
        {mostCost.whole !== null ? ` · at most ${money(mostCost.whole, currency)}` : ''}
      </Aside>
      {rounds.otherwise && <Aside>fallback: “{nameOf(rounds.otherwise)}”</Aside>}
    </Fact>
  );
}

/** How much to mix, when anew, and what to measure it with. */
function Batches({ step, pour }: { step: Step; pour: NonNullable<StepPreview['pour']> }) {
  return (
    <Box>
      {pour.mixes.map((mix, i) => (
        <Box key={mix.coats.join()} sx={{ mt: i > 0 ? 1.25 : 0 }}>
          <Box sx={{ display: 'flex', columnGap: 1.25, alignItems: 'baseline', flexWrap: 'wrap' }}>
            <Box component="span" data-testid={i > 0 ? undefined : 'need'} sx={{ fontSize: 24, fontWeight: 700, lineHeight: 1.1 }}>
              {mix.batch.yield.text}
            </Box>
            <Box component="span" sx={{ color: 'text.secondary' }}>
              {pour.words ?? pour.name}
              {pour.mixes.length > 1 ? `. ${mixedFor(mix)}` : step.coats !== undefined && step.coats > 1 && `, for ${step.coats} coats`}
            </Box>
          </Box>
          <Box component="ol" sx={{ listStyle: 'none', m: 0, mt: 0.75, p: 0, display: 'grid', gap: 0.25 }}>
            {mix.batch.lines.map((line) => (
              <li key={line.materialId}>
                <b>{line.how ?? line.amount.text}</b> {line.name}
              </li>
            ))}
          </Box>
          {mix.batch.measured && (
            <Box sx={{ color: 'text.secondary', fontSize: 14, mt: 0.25 }}>
              {mix.batch.surplus.text} spare
              {mix.batch.error > 0 ? `, ratio ±${percent(mix.batch.error)}` : ', exact ratio'}
              {mix.batch.smallest ? '' : '; a smaller batch may exist'}
            </Box>
          )}
        </Box>
      ))}
      <Making steps={pour.making} />
      <OnShelf pots={pour.pots} need={pour.need} />
    </Box>
  );
}

function Fact({ name, columns, testId, children }: { name: string; columns?: string; testId?: string; children: React.ReactNode }) {
  return (
    <Box sx={{ gridColumn: columns, minWidth: 0 }}>
      <Box component="dt" sx={{ fontSize: 14, color: 'text.secondary', lineHeight: 1.2 }}>
        {name}
      </Box>
      <Box component="dd" data-testid={testId} sx={{ m: 0, fontWeight: 650, lineHeight: 1.25 }}>
        {children}
      </Box>
    </Box>
  );
}

/** A time to plan with; where this air predicts another, that too, as the estimate it is. */
function SpanFact({ name, span, until }: { name: string; span: Span; until?: Span | null }) {
  return (
    <Fact name={name}>
      {minutes(span.planned)}
      {until && until.planned !== null && <Aside>at the latest {minutes(until.planned)}</Aside>}
      {differs(span) && <Aside>≈ {minutes(span.predicted)}</Aside>}
    </Fact>
  );
}

function differs(span: Span): boolean {
  return span.predicted !== null && span.predicted !== span.planned;
}

function spans(drying: NonNullable<StepPreview['drying']>): Span[] {
  return [drying.touch, drying.recoat, drying.through, drying.cure, drying.openTime, drying.potLife].filter((s) => s !== null);
}

function Aside({ children }: { children: React.ReactNode }) {
  return <Box sx={{ fontSize: 14, fontWeight: 400, color: bench.slate, lineHeight: 1.2 }}>{children}</Box>;
}
