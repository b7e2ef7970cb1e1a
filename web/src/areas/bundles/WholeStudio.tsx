import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { TakeFile } from '../../shared/TakeFile';
import { lookBundle } from './lookBundle';

/** All of the studio as one file, and in again. */
export function WholeStudio() {
  return (
    <Box component="section" sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="h2">The whole studio</Typography>
      <Typography>
        Recipes, boards with their photos, shelf, pots, runs and these settings as one file, for another machine or to be kept. Passphrase,
        keys and links stay here.
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="outlined" href="/api/bundles/studio.zip">
          Save it as a file
        </Button>
        <TakeFile name="Take a studio in" accept=".zip,application/zip" look={lookBundle} onTaken={() => window.location.assign('/')} />
      </Box>
    </Box>
  );
}
