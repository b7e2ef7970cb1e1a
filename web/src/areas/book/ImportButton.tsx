import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useRef, useState } from 'react';
import { answer, api, Problem, type Recipe, type Violation } from '../../app/api';

/** Opens a recipe file and keeps it as a new recipe; what is wrong with it is told place by place. */
export function ImportButton({ onImported }: { onImported: (id: string) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [violations, setViolations] = useState<readonly Violation[]>([]);
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      const document = JSON.parse(await file.text()) as Recipe;
      onImported((await answer(api.POST('/api/recipes', { body: { document } }))).id);
    } catch (error) {
      if (error instanceof Problem)
        setViolations(error.violations.length > 0 ? error.violations : [{ pointer: '', message: error.message }]);
      else
        setViolations([
          {
            pointer: '',
            message: error instanceof SyntaxError ? 'This file is no recipe: it is not JSON.' : 'The program does not answer.',
          },
        ]);
    }
  };
  return (
    <>
      <Button variant="outlined" onClick={() => input.current?.click()}>
        Open a file
      </Button>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="Open a recipe file"
        hidden
        onChange={(e) => {
          void take(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
      <Dialog open={violations.length > 0} onClose={() => setViolations([])} aria-labelledby="refused">
        <DialogTitle id="refused">This file was not taken</DialogTitle>
        <DialogContent>
          <ul>
            {violations.map((v) => (
              <li key={v.pointer + v.message}>
                {v.message} {v.pointer !== '' && <code>{v.pointer}</code>}
              </li>
            ))}
          </ul>
          Nothing was stored.
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setViolations([])}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
