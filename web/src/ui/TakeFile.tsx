import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { type ReactNode, useRef, useState } from 'react';
import { Problem, type Violation } from '../api/api';
import { linesOf } from './Field';

/** What taking a file in would do, and in which ways it can be taken. */
export type Looked = {
  says: ReactNode;
  /** With `confirm` a way is asked about once more, under that name. */
  ways: readonly { name: string; take: () => Promise<unknown>; grave?: boolean; confirm?: string }[];
};

/**
 * Chooses a file, says what taking it in would do, and only then takes it; what is wrong with it is told place by place, and nothing is
 * kept then.
 */
export function TakeFile({
  name,
  accept,
  look,
  onTaken,
  small = false,
  pasted,
}: {
  name: string;
  accept: string;
  look: (file: File) => Promise<Looked>;
  onTaken: (taken: unknown) => void;
  small?: boolean;
  /** What the first line of a table that is pasted names, where one may be pasted. */
  pasted?: readonly string[];
}) {
  const input = useRef<HTMLInputElement>(null);
  const [looked, setLooked] = useState<Looked | null>(null);
  const [wrong, setWrong] = useState<readonly Violation[]>([]);
  const [busy, setBusy] = useState(false);
  const [asked, setAsked] = useState<string | null>(null);
  const [text, setText] = useState<string | null>(null);
  const attempt = async (what: () => Promise<void>) => {
    setBusy(true);
    try {
      await what();
    } catch (error) {
      setLooked(null);
      setWrong(told(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <>
      <Button
        variant={small ? 'text' : 'outlined'}
        size={small ? 'small' : 'medium'}
        disabled={busy}
        onClick={() => input.current?.click()}
      >
        {busy && !looked ? 'Checking …' : name}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={name}
        hidden
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          setAsked(null);
          if (file) void attempt(async () => setLooked(await look(file)));
        }}
      />
      {pasted && (
        <Button size="small" disabled={busy} onClick={() => setText(`${pasted.join('\t')}\n`)}>
          Paste a table
        </Button>
      )}
      {text !== null && (
        <Dialog open onClose={() => setText(null)} aria-labelledby="pasted" maxWidth="sm" fullWidth>
          <DialogTitle id="pasted">Paste a table</DialogTitle>
          <DialogContent>
            <TextField
              autoFocus
              fullWidth
              {...linesOf(8)}
              label="Rows, copied from a spreadsheet or typed"
              value={text}
              onChange={(e) => setText(e.target.value)}
              onFocus={(e) => e.target.setSelectionRange(text.length, text.length)}
              helperText="The first line names the columns. What the table does not name stays as it is."
            />
          </DialogContent>
          <DialogActions>
            <Button color="inherit" onClick={() => setText(null)}>
              Cancel
            </Button>
            <Button
              variant="contained"
              onClick={() =>
                void attempt(async () => {
                  setLooked(await look(new File([text], name)));
                  setText(null);
                })
              }
            >
              Check
            </Button>
          </DialogActions>
        </Dialog>
      )}
      <Dialog open={looked !== null} onClose={() => !busy && setLooked(null)} aria-labelledby="looked" maxWidth="sm" fullWidth>
        <DialogTitle id="looked">Import preview</DialogTitle>
        <DialogContent>{looked?.says}</DialogContent>
        <DialogActions sx={{ flexWrap: 'wrap', gap: 1 }}>
          <Button color="inherit" disabled={busy} onClick={() => setLooked(null)}>
            Cancel
          </Button>
          {looked?.ways.map((way) => (
            <Button
              key={way.name}
              variant={way.grave ? 'outlined' : 'contained'}
              color={way.grave ? 'error' : 'primary'}
              disabled={busy}
              onClick={() =>
                way.confirm && asked !== way.name
                  ? setAsked(way.name)
                  : void attempt(async () => {
                      const taken = await way.take();
                      setLooked(null);
                      onTaken(taken);
                    })
              }
            >
              {busy ? 'Importing …' : asked === way.name ? way.confirm : way.name}
            </Button>
          ))}
        </DialogActions>
      </Dialog>
      <Dialog open={wrong.length > 0} onClose={() => setWrong([])} aria-labelledby="refused">
        <DialogTitle id="refused">Import failed</DialogTitle>
        <DialogContent>
          <ul>
            {wrong.map((v) => (
              <li key={v.pointer + v.message}>
                {v.message} {v.pointer !== '' && <code>{v.pointer}</code>}
              </li>
            ))}
          </ul>
          Nothing was imported.
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setWrong([])}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

function told(error: unknown): readonly Violation[] {
  if (error instanceof Problem) return error.violations.length > 0 ? error.violations : [{ pointer: '', message: error.message }];
  return [
    {
      pointer: '',
      message:
        error instanceof SyntaxError
          ? 'This isn’t a recipe file. Choose a .json recipe or a .zip bundle.'
          : 'Inlaid Recipe isn’t responding.',
    },
  ];
}
