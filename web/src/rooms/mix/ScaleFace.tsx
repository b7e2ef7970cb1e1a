import { bench } from '../../theme/theme';

type Props = { shown: number; target: number; near: number; label: string };

/** The face of a scale: a needle that goes round as it fills, the mark to stop at on top, and a stretch before it to go slowly. */
export function ScaleFace({ shown, target, near, label }: Props) {
  const share = target > 0 ? Math.min(1.15, Math.max(0, shown / target)) : 0;
  const angle = (of: number) => -130 + 130 * of; // the mark to stop at is straight up
  const at = (degrees: number, radius: number) => {
    const r = ((degrees - 90) * Math.PI) / 180;
    return `${150 + radius * Math.cos(r)} ${150 + radius * Math.sin(r)}`;
  };
  const arc = (from: number, to: number, radius: number) =>
    `M${at(angle(from), radius)} A${radius} ${radius} 0 ${angle(to) - angle(from) > 180 ? 1 : 0} 1 ${at(angle(to), radius)}`;
  const over = shown > target + near;
  return (
    <svg width="300" height="250" viewBox="0 0 300 250" role="img" aria-label={label}>
      <path d={arc(0, 1.15, 120)} fill="none" stroke={bench.line} strokeWidth="22" />
      <path d={arc(0.9, 1, 120)} fill="none" stroke={bench.ochre} strokeWidth="22" />
      <path d={arc(1, 1.15, 120)} fill="none" stroke={bench.oxide} strokeWidth="22" />
      <path d={`M${at(0, 134)} L${at(0, 100)}`} stroke={bench.ink} strokeWidth="5" />
      <g style={{ transform: `rotate(${angle(share)}deg)`, transformOrigin: '150px 150px', transition: 'transform 90ms linear' }}>
        <path d="M145 160 L150 36 L155 160 Z" fill={over ? bench.oxide : bench.ink} />
        <circle cx="150" cy="150" r="11" fill={bench.ink} />
      </g>
      <text x="150" y="222" textAnchor="middle" fontSize="40" fontWeight="700" fill={bench.ink}>
        {shown.toFixed(1)} g
      </text>
    </svg>
  );
}
