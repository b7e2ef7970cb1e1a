import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { StepPreview } from '../api/api';
import { bench } from '../theme/theme';
import { InStudio } from '../ui/InStudio';
import { counted, percent } from '../ui/words';

type Layout = NonNullable<StepPreview['layout']>;
type Face = Layout['faces'][number];

/** A step as it is laid out: each face drawn to scale, where to mark it, tape, sheets and what is left of them. */
export function LaidOut({ layout, printed = false }: { layout: Layout; printed?: boolean }) {
  const [all, setAll] = useState(printed);
  const shown = all ? layout.faces : layout.faces.slice(0, 2);
  return (
    <Box component="section" aria-label="Layout" data-testid="layout" sx={{ display: 'grid', gap: 1.25 }}>
      {layout.faces.length === 0 && <Box>No flat square face with known size: layout by eye.</Box>}
      {shown.map((face) => (
        <OneFace key={`${face.part} ${face.face}`} face={face} />
      ))}
      {layout.faces.length > 2 && !printed && (
        <Button sx={{ justifySelf: 'start' }} onClick={() => setAll(!all)}>
          {all ? 'Only the first two faces' : `All ${layout.faces.length} faces`}
        </Button>
      )}
      <Box>
        {layout.covers !== null && layout.covers < 1 && <span>Covers {percent(layout.covers)} of these faces. </span>}
        {layout.tape > 0 && (
          <span>
            <InStudio>{`${layout.tape.toFixed(1)} m of tape. `}</InStudio>
          </span>
        )}
        {layout.sheets && (
          <span>
            {counted(layout.sheets.sheets, 'sheet', 'sheets')} needed
            {layout.sheets.sheets > layout.sheets.atLeast ? ` (no cutting plan needs fewer than ${layout.sheets.atLeast})` : ''}.
            {layout.sheets.offcuts.length > 0 &&
              ` Left over: ${layout.sheets.offcuts
                .slice(0, 4)
                .map((o) => `${Math.floor(o.length)} × ${Math.floor(o.width)} mm`)
                .join(', ')}${layout.sheets.offcuts.length > 4 ? ', and smaller pieces' : ''}.`}
          </span>
        )}
      </Box>
    </Box>
  );
}

function OneFace({ face }: { face: Face }) {
  const laid = face.laid;
  const { length, width } = face.plane;
  const title = `${face.part}, ${face.face.toLowerCase()}${face.count > 1 ? ` (${face.count} times)` : ''}`;
  const height = Math.min(150, Math.max(46, (300 * width) / length));
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <Box>
        <b>{title}</b> <InStudio>{`${length} × ${width} mm`}</InStudio>
      </Box>
      {laid ? (
        <>
          <svg
            viewBox={`0 0 ${length} ${width}`}
            preserveAspectRatio="xMidYMid meet"
            role="img"
            aria-label={`${title}: ${laid.says.join('; ')}`}
            style={{ width: '100%', height, background: bench.paper, display: 'block' }}
          >
            <rect width={length} height={width} fill={bench.sand} stroke={bench.ink} strokeWidth="1" vectorEffect="non-scaling-stroke" />
            {laid.blocks.map((b) => (
              <rect
                key={`${b.x} ${b.y}`}
                x={b.x}
                y={b.y}
                width={b.length}
                height={b.width}
                fill={b.whole ? bench.moss : bench.straw}
                fillOpacity="0.8"
                stroke={bench.ink}
                strokeWidth="0.75"
                vectorEffect="non-scaling-stroke"
              />
            ))}
          </svg>
          <Box>
            <InStudio>{`${laid.says.join('; ')}.`}</InStudio>
          </Box>
          <Marks way="the length" at={laid.along} />
          <Marks way="the width" at={laid.across} />
        </>
      ) : (
        <Box sx={{ color: 'error.main' }}>{face.cannot && <InStudio>{face.cannot}</InStudio>}</Box>
      )}
    </Box>
  );
}

/** Whole millimetres, each reckoned from the end by itself, so that nothing adds up. */
function Marks({ way, at }: { way: string; at: readonly number[] }) {
  if (at.length === 0) return null;
  return (
    <Box sx={{ fontVariantNumeric: 'tabular-nums' }}>
      <InStudio>{`Mark ${way} at ${at.map((mm) => Math.round(mm)).join(', ')} mm.`}</InStudio>
    </Box>
  );
}
