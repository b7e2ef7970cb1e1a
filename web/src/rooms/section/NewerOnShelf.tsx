import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Material, Recipe } from '../../api/api';
import { bench } from '../../theme/theme';

type Props = { document: Recipe; shelf: readonly Material[]; using: readonly string[]; onChange: (document: Recipe) => void };

/** Says where the shelf has newer figures than the recipe's own copy, and takes them in as an edit. */
export function NewerOnShelf({ document, shelf, using, onChange }: Props) {
  const newer = shelf.filter((s) => using.includes(s.id) && document.materials.some((m) => m.id === s.id && m.version < s.version));
  return newer.map((material) => (
    <Box key={material.id} sx={{ borderLeft: `4px solid ${bench.slate}`, pl: 1 }}>
      Shelf data for {material.name} is newer.{' '}
      <Button onClick={() => onChange({ ...document, materials: document.materials.map((m) => (m.id === material.id ? material : m)) })}>
        Update
      </Button>
    </Box>
  ));
}
