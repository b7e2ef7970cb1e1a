import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type Material, Problem } from '../../api/api';
import { NewerAlert } from '../../ui/NewerAlert';
import { Swatch } from '../../ui/Swatch';
import { kinds } from '../../ui/words';
import { MaterialBody } from './MaterialBody';
import { MaterialCare } from './MaterialCare';
import { MaterialLook } from './MaterialLook';
import { MaterialPacks } from './MaterialPacks';
import { MaterialTimes } from './MaterialTimes';
import { PatchesSay } from './PatchesSay';

type Props = { material: Material; archived: boolean; currency: string; onSaved: () => void; onCopy: () => void; onArchive: () => void };

/** One material with all its figures, to be read and changed. */
export function MaterialPanel({ material, archived, currency, onSaved, onCopy, onArchive }: Props) {
  const [edited, setEdited] = useState(material);
  const save = useMutation({
    mutationFn: (m: Material) => answer(api.PUT('/api/materials/{id}', { params: { path: { id: m.id } }, body: { material: m } })),
    onSuccess: onSaved,
  });
  const problem = save.error instanceof Problem ? save.error : null;
  const wrong = (field: string) => problem?.violations.find((v) => v.pointer.startsWith(`/material/${field}`))?.message;
  const set = (patch: Partial<Material>) => setEdited({ ...edited, typical: false, ...patch });
  const figures = { edited, set, wrong };
  const changed = edited !== material;

  return (
    <Box sx={{ display: 'grid', gap: 2.25, maxWidth: 860 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Swatch colour={edited.look.colour ?? edited.look.onWood ?? null} size={64} />
        <Box sx={{ flex: '1 1 260px' }}>
          <Typography variant="h2">{edited.name}</Typography>
          <Box sx={{ color: 'text.secondary' }}>
            {kinds[edited.kind]} · {edited.typical ? 'typical values, check the label' : 'your values'} · version {material.version}
          </Box>
        </Box>
        <Button variant="outlined" onClick={onCopy}>
          Duplicate
        </Button>
        <Button variant="outlined" color="inherit" onClick={onArchive}>
          {archived ? 'Restore' : 'Archive'}
        </Button>
        <Button variant="contained" disabled={!changed || save.isPending} onClick={() => save.mutate(edited)}>
          Save changes
        </Button>
      </Box>
      {problem?.status === 409 ? (
        <NewerAlert
          what="this material"
          onTake={onSaved}
          onKeep={() => save.mutate({ ...edited, version: problem.version ?? edited.version })}
        />
      ) : (
        save.error && <Alert severity="error">{save.error.message}</Alert>
      )}
      <MaterialPacks {...figures} currency={currency} />
      <MaterialBody {...figures} />
      <MaterialTimes {...figures} />
      <MaterialLook {...figures} />
      <PatchesSay material={material} changed={changed} keep={(look) => save.mutate({ ...material, look })} />
      <MaterialCare {...figures} />
    </Box>
  );
}
