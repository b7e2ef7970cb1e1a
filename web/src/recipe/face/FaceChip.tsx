import Box from '@mui/material/Box';
import { useEffect, useRef } from 'react';
import type { StackPreview } from '../../api/api';
import { bench } from '../../theme/theme';
import { faceOf } from '../painting';
import { blank, makeReady, paint } from './paint';
import { size } from './panel';
import type { WornPlace } from './spread';

type Props = { stack: StackPreview; worn?: readonly WornPlace[]; label: string };

/** A face as it will look in the end, painted when it comes into view and there is time for it. */
export function FaceChip({ stack, worn = ['edges', 'corners'], label }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current;
    const context = element?.getContext('2d');
    if (!element || !context) return;
    let waiting = 0;
    const draw = () => {
      const face = makeReady(faceOf(stack), worn, 2);
      element.width = size.width / face.coarse;
      element.height = size.height / face.coarse;
      const image = blank(face);
      paint(image, face, stack.look.after.length - 1);
      context.putImageData(image, 0, 0);
      element.dataset.painted = 'yes';
    };
    const seen = new IntersectionObserver((entries) => {
      if (!entries.some((e) => e.isIntersecting)) return;
      seen.disconnect();
      waiting = window.setTimeout(draw, 0);
    });
    seen.observe(element);
    return () => {
      seen.disconnect();
      window.clearTimeout(waiting);
    };
  }, [stack, worn]);
  const field = stack.look.after[stack.look.after.length - 1]?.zones[0]?.colour ?? bench.line;
  return (
    <Box sx={{ lineHeight: 0, bgcolor: field }}>
      <canvas ref={canvas} width={size.width} height={size.height} role="img" aria-label={label} style={{ width: '100%' }} />
    </Box>
  );
}
