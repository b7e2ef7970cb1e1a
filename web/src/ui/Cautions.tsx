import { bench } from '../theme/theme';
import { withDeferring } from './words';

/** The usual cautions where the act is: short, and at the end once who decides. */
export function Cautions({ cautions }: { cautions: readonly string[] }) {
  return withDeferring(cautions).map((caution) => (
    <div key={caution} style={{ display: 'flex', gap: 8, fontSize: 15, borderTop: `1px dashed ${bench.line}`, paddingTop: 8 }}>
      <b style={{ color: bench.oxide, whiteSpace: 'nowrap' }}>Caution</b>
      <span>{caution}</span>
    </div>
  ));
}
