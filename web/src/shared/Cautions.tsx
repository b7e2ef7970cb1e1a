import { bench } from '../app/theme';
import { deferring } from './words';

/** The usual cautions where the act is: short, and deferring to those who decide. */
export function Cautions({ cautions }: { cautions: readonly string[] }) {
  return cautions.map((caution) => (
    <div key={caution} style={{ display: 'flex', gap: 8, fontSize: 15, borderTop: `1px dashed ${bench.line}`, paddingTop: 8 }}>
      <b style={{ color: bench.oxide, whiteSpace: 'nowrap' }}>Take care</b>
      <span>
        {caution} {deferring}
      </span>
    </div>
  ));
}
