import Box from '@mui/material/Box';
import { bench } from '../../theme/theme';

/** The colour that was read of a patch, or that none was. */
export function ReadColour({ patch, colour, height }: { patch: string; colour: string | null | undefined; height: number | string }) {
  return (
    <Box
      role="img"
      aria-label={colour ? `${patch}: ${colour}` : `${patch}: no colour yet`}
      sx={{
        height,
        bgcolor: colour ?? bench.white,
        border: `1px solid ${bench.ink}`,
        display: 'grid',
        placeItems: 'center',
        color: 'text.secondary',
      }}
    >
      {!colour && 'no colour yet'}
    </Box>
  );
}
