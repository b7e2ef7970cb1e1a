import { useEffect, useRef } from 'react';
import type { BoardPreview } from '../../api/api';
import { canvasOf, makeReady } from '../../recipe/face/paint';
import { profile, size } from '../../recipe/face/panel';
import { bench } from '../../theme/theme';

type Face = BoardPreview['patches'][number]['face'];

/** Of a painted panel only what lies within its frame. */
const within = (profile.at(-1)?.inset ?? 0) + 2;

/** The flat of a patch as it will look: its shades in their shares, laid as the step that parted them lays them. */
export function PatchFace({ face }: { face: Face }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current;
    const context = element?.getContext('2d');
    if (!element || !context) return;
    const painted = canvasOf(makeReady(paintedFace(face), [], 2), 1);
    const [left, width, height] = [within / 2, size.width / 2 - within, size.height / 2 - within];
    [element.width, element.height] = [width, height];
    context.drawImage(painted, left, left, width, height, 0, 0, width, height);
  }, [face]);
  return <canvas ref={canvas} style={{ position: 'absolute', inset: 0, width: '100%', height: '100%' }} />;
}

/** As a face that is parted once. */
function paintedFace({ colours, shares, spread, way }: Face): Parameters<typeof makeReady>[0] {
  const zone = 'field' as const;
  const ground = { zone, colours: [], divided: null, spread: null, way: null };
  const parted = spread !== null && way !== null && colours.length > 1;
  return {
    grain: 'none',
    after: [
      { stepId: null, zones: [ground] },
      {
        stepId: 'end',
        zones: [
          {
            zone,
            colours: parted ? colours : [colours[Math.floor(colours.length / 2)] ?? bench.line],
            divided: parted ? shares.map((share, to) => ({ from: 0, share, to })) : null,
            spread,
            way,
          },
        ],
      },
    ],
  };
}
