/** Whose eyes the face is seen with. */
export type Eyes = 'usual' | 'red-weak' | 'green-weak' | 'blue-weak';

export const eyes: readonly (readonly [Eyes, string])[] = [
  ['usual', 'normal'],
  ['red-weak', 'red-blind (protanopia)'],
  ['green-weak', 'green-blind (deuteranopia)'],
  ['blue-weak', 'blue-blind (tritanopia)'],
];

/** What is left of linear light without one kind of cone (G. M. Machado, M. M. Oliveira, L. A. F. Fernandes, 2009, severity 1). */
const matrices = {
  'red-weak': '0.152286 1.052583 -0.204868 0 0 0.114503 0.786281 0.099216 0 0 -0.003882 -0.048116 1.051998 0 0 0 0 0 1 0',
  'green-weak': '0.367322 0.860646 -0.227968 0 0 0.280085 0.672501 0.047413 0 0 -0.011820 0.042940 0.968881 0 0 0 0 0 1 0',
  'blue-weak': '1.255528 -0.076749 -0.178779 0 0 -0.078411 0.930809 0.147602 0 0 0.004733 0.691367 0.303900 0 0 0 0 0 1 0',
} as const;

/** The filters, to be named by their ids. */
export function VisionFilters() {
  return (
    <svg width="0" height="0" aria-hidden="true" style={{ position: 'absolute' }}>
      {Object.entries(matrices).map(([name, values]) => (
        <filter key={name} id={`eyes-${name}`} colorInterpolationFilters="linearRGB">
          <feColorMatrix type="matrix" values={values} />
        </filter>
      ))}
    </svg>
  );
}
