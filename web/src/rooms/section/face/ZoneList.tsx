import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ZoneLook } from '../../../api/api';
import { zoneNames } from '../../../recipe/face/panel';
import { useFigures } from '../../../ui/figures';
import { withoutDeltaE } from '../../../ui/figureWords';
import { Swatch } from '../../../ui/Swatch';

/** Every zone with its colour, and how it differs from what it was before the step. */
export function ZoneList({ zones, first }: { zones: readonly ZoneLook[]; first: boolean }) {
  const [figures, toggle] = useFigures();
  const said = (words: string) => (figures ? words : withoutDeltaE(words));
  return (
    <Box component="ul" aria-label="Zones" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}>
      {zones.map((z) => (
        <Box
          component="li"
          key={z.zone}
          data-zone={z.zone}
          sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 1, lineHeight: 1.25 }}
        >
          <Box sx={{ display: 'flex' }}>
            <Swatch colour={z.colour} size={30} title={z.colour} />
            {z.glances && <Swatch colour={z.glances} size={30} title={`${z.glances}, seen from aside`} />}
          </Box>
          <span>
            <b>{zoneNames[z.zone]}</b>: {z.called}
            {z.contrast >= 1 && said(`, lively (ΔE ${z.contrast.toFixed(1)})`)}
            <br />
            <Box component="span" sx={{ color: 'text.secondary', fontSize: 14 }}>
              {first ? 'before step 1' : said(z.change?.inWords ?? 'unchanged')}
              {z.glances && '; metallic: changes with the light'}
              {z.isBeyondScreen && '; more vivid than a screen can show'}
            </Box>
          </span>
        </Box>
      ))}
      <li>
        <Button size="small" aria-pressed={figures} onClick={toggle} sx={{ px: 0, minHeight: 32 }}>
          {figures ? 'Hide µm and ΔE' : 'Show µm and ΔE'}
        </Button>
      </li>
    </Box>
  );
}
