import Box from '@mui/material/Box';
import { useEffect } from 'react';
import type { StackPreview } from '../../api/api';
import { bench } from '../../theme/theme';
import { useSeen } from '../../ui/useSeen';
import { faceOf } from '../painting';
import { canvasOf, makeReady } from './paint';
import { size } from './panel';
import type { WornPlace } from './spread';

type Props = { stack: StackPreview; worn?: readonly WornPlace[]; label: string };

/** A face as it will look in the end, painted when it comes into view and there is time for it. */
export function FaceChip({ stack, worn = ['edges', 'corners'], label }: Props) {
  const [canvas, isSeen] = useSeen<HTMLCanvasElement>();
  useEffect(() => {
    const element = canvas.current;
    const context = element?.getContext('2d');
    if (!isSeen || !element || !context) return;
    const waiting = window.setTimeout(() => {
      const painted = canvasOf(makeReady(faceOf(stack), worn, 2), stack.look.after.length - 1);
      [element.width, element.height] = [painted.width, painted.height];
      context.drawImage(painted, 0, 0);
      element.dataset.painted = 'yes';
    }, 0);
    return () => window.clearTimeout(waiting);
  }, [isSeen, canvas, stack, worn]);
  const field = stack.look.after[stack.look.after.length - 1]?.zones[0]?.colour ?? bench.line;
  return (
    <Box sx={{ lineHeight: 0, bgcolor: field }}>
      <canvas ref={canvas} width={size.width} height={size.height} role="img" aria-label={label} style={{ width: '100%' }} />
    </Box>
  );
}
