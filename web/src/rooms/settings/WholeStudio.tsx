import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lookBundle } from '../../ui/readBundle';
import { TakeFile } from '../../ui/TakeFile';

/** All of the studio as one file, and in again. */
export function WholeStudio() {
  return (
    <Box component="section" id="all-studio-data" sx={{ display: 'grid', gap: 1.5, scrollMarginTop: 84 }}>
      <Typography variant="h2">All studio data</Typography>
      <Typography>
        Recipes, boards with photos, stock, pots, jobs and these settings in one .zip file. Passphrase, keys and client links are not
        included.
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="outlined" href="/api/bundles/studio.zip">
          Export everything
        </Button>
        <TakeFile name="Import" accept=".zip,application/zip" look={lookBundle} onTaken={() => window.location.assign('/')} />
      </Box>
    </Box>
  );
}
