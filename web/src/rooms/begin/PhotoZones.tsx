import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useEffect, useRef, useState } from 'react';
import { type Zone, zoneNames, zones } from '../../recipe/face/panel';
import { readColour, useTakenPhoto } from '../../recipe/takenPhoto';
import { bench } from '../../theme/theme';
import { Choice } from '../../ui/Field';
import { PhotoRings, type Spot } from '../../ui/PhotoRings';
import { type Card, cardNames } from '../../ui/PickColour';
import { Swatch } from '../../ui/Swatch';
import { SeenColours } from './SeenColours';
import type { Colours } from './wish';

const radius = 0.014;
const reference = 'the reference';

type Props = { file: File; colours: Colours; onGive: (zone: Zone, colour: string | null) => void; onClose: () => void };

/**
 * A photo with a ring for every zone of the look, and one on something white or grey by which its light is told: all in one view. What is
 * seen in it without rings stands beside it.
 */
export function PhotoZones({ file, colours, onGive, onClose }: Props) {
  const { photo, said } = useTakenPhoto(file);
  const [card, setCard] = useState<Card>('none');
  const [setting, setSetting] = useState<Zone | 'reference'>('field');
  const [spots, setSpots] = useState<Partial<Record<Zone | 'reference', Spot>>>({});
  const [wrong, setWrong] = useState<string>();
  const asked = useRef(0);
  const spot = spots.reference;
  const beside = card !== 'none' && spot ? { reference: { ...spot, radius }, card } : {};
  const waits = card !== 'none' && !spot;
  const ask = (zone: Zone, at: Spot, light: typeof beside) => {
    if (!photo) return;
    const own = ++asked.current;
    readColour(photo.blob, { patch: { ...at, radius }, ...light })
      .then((read) => {
        onGive(zone, read.colour);
        if (own === asked.current) setWrong(read.remarks[0]);
      })
      .catch((error: Error) => setWrong(error.message));
  };
  const put = (at: Spot) => {
    setSpots({ ...spots, [setting]: at });
    if (setting !== 'reference' && !waits) ask(setting, at, beside);
  };
  // Another light: all rings are read anew.
  const light = JSON.stringify(beside);
  // biome-ignore lint/correctness/useExhaustiveDependencies: only where the light is told otherwise
  useEffect(() => {
    if (waits) return;
    for (const zone of zones) {
      const at = spots[zone];
      if (at) ask(zone, at, beside);
    }
  }, [light, waits]);
  const rings = [
    ...(card === 'none' ? [] : [{ word: reference, colour: bench.verdigris, spot: spots.reference ?? null }]),
    ...zones.map((zone) => ({ word: zoneNames[zone], colour: bench.oxide, spot: spots[zone] ?? null })),
  ];
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg" aria-labelledby="photo-zones">
      <DialogTitle id="photo-zones">The look in the photo</DialogTitle>
      <DialogContent>
        {said && <Alert severity="error">{said}</Alert>}
        {photo && (
          <Box sx={{ display: 'grid', gridTemplateColumns: { md: 'minmax(0, 1fr) 360px' }, gap: 2.5, alignItems: 'start' }}>
            <PhotoRings
              photo={photo}
              rings={rings}
              radius={radius}
              setting={setting === 'reference' ? reference : zoneNames[setting]}
              onPut={put}
            />
            <Box sx={{ display: 'grid', gap: 1.25 }}>
              <Choice
                label="Something white or grey in it"
                value={card}
                options={(['none', 'white', 'grey'] as const).map((c) => [c, cardNames[c]] as const)}
                onChange={(chosen) => {
                  setCard(chosen);
                  setSetting(chosen === 'none' ? 'field' : 'reference');
                }}
              />
              <Box role="group" aria-label="Ring to place" sx={{ display: 'grid', gap: 0.75 }}>
                {card !== 'none' && (
                  <Button variant={setting === 'reference' ? 'contained' : 'outlined'} onClick={() => setSetting('reference')}>
                    Ring on {cardNames[card]}
                  </Button>
                )}
                {zones.map((zone) => (
                  <Box key={zone} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
                    <Button
                      sx={{ flex: 1 }}
                      variant={setting === zone ? 'contained' : 'outlined'}
                      aria-pressed={setting === zone}
                      onClick={() => setSetting(zone)}
                    >
                      Ring on {zoneNames[zone].toLowerCase()}
                    </Button>
                    {colours[zone] ? (
                      <>
                        <Swatch colour={colours[zone]} size={40} />
                        <Button color="inherit" aria-label={`No colour for ${zoneNames[zone]}`} onClick={() => onGive(zone, null)}>
                          Clear
                        </Button>
                      </>
                    ) : (
                      <Box sx={{ width: 104 }} />
                    )}
                  </Box>
                ))}
              </Box>
              {waits && <span>Tap the {card === 'white' ? 'white paper' : 'grey card'} in the photo.</span>}
              {wrong && <Alert severity="warning">{wrong}</Alert>}
              <span>Or take the colours that make up most of it:</span>
              <SeenColours file={file} beside={beside} onGive={onGive} />
            </Box>
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}
