import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { sendBytes } from '../../api/api';
import type { components } from '../../api/api.gen';
import { type Zone, zoneNames, zones } from '../../recipe/face/panel';
import { Swatch } from '../../ui/Swatch';
import { percent } from '../../ui/words';

type Beside = Pick<components['schemas']['PickColourRequest'], 'reference' | 'card'>;
type Props = { file: File; beside: Partial<Beside>; onGive: (zone: Zone, colour: string) => void };

/** The few colours a photo is made of, in the light that is told, each to be given to a place. */
export function SeenColours({ file, beside, onGive }: Props) {
  const asked = JSON.stringify(beside);
  const { data, error } = useQuery({
    queryKey: ['photo-colours', file.name, file.size, file.lastModified, asked],
    queryFn: () =>
      sendBytes<components['schemas']['PhotoColours']>(
        `/api/compute/photo-colours?asked=${encodeURIComponent(asked)}`,
        file.type || 'image/jpeg',
        file,
      ),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (error) return <Alert severity="error">{error.message}</Alert>;
  return (
    <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 0.75 }} data-testid="seen-colours">
      {data?.colours.map(({ colour, share }) => (
        <Box component="li" key={colour} sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
          <Swatch colour={colour} size={34} />
          <span>{percent(share)} of it:</span>
          {zones.map((zone) => (
            <Button
              key={zone}
              size="small"
              variant="outlined"
              onClick={() => onGive(zone, colour)}
              aria-label={`${colour} for ${zoneNames[zone]}`}
            >
              {zoneNames[zone]}
            </Button>
          ))}
        </Box>
      ))}
    </Box>
  );
}
