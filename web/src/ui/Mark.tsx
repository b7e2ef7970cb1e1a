import { bench } from '../theme/theme';

/** The program's mark: three layers, laid one over the other. */
export function Mark({ size = 26 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 26 26" aria-hidden="true">
      <path d="M1 19h24v6H1z" fill={bench.ochre} />
      <path d="M1 12h24v5H1z" fill={bench.moss} />
      <path d="M7 5h18v5H7z" fill={bench.brick} />
    </svg>
  );
}
