import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { styled } from '@mui/material/styles';
import { rooms } from './rooms';

const groups: [string, [string, string][]][] = [
  [
    'Everywhere',
    [
      [`g then ${rooms.map((r) => r.key).join(' · ')}`, `go to ${rooms.map((r) => r.name).join(', ')}`],
      ['Ctrl + k', 'reach for a tool, a room or a recipe'],
      ['/', 'search'],
      ['h', 'what this room is for'],
      ['?', 'these keys'],
    ],
  ],
  [
    'In a recipe',
    [
      ['↑ ↓', 'select the step above or below'],
      ['Alt + ↑ ↓', 'move the step'],
      ['[ · ]', 'the face a coat back · on'],
      ['hold b · hold t', 'the face before the step · beside the target'],
      ['i · Shift + i', 'insert a step above · below'],
      ['d', 'duplicate the step'],
      ['Delete', 'take the step out'],
      ['Enter', 'to the fields of the step'],
      ['Esc', 'back to the cut'],
      ['Ctrl + z · Ctrl + Shift + z', 'undo · redo'],
      ['Ctrl + s', 'keep as a revision'],
    ],
  ],
  [
    'At the bench',
    [
      ['Space', 'begin, and done'],
      ['u', 'undo what was noted last'],
      ['n', 'a note, an amount, a colour, the air, a photo'],
      ['c', 'otherwise than planned'],
      ['x', 'leave the step out'],
      ['r', 'a coat has just become dry'],
      ['y · m · o', 'is it so: yes · not yet · what is kept for that'],
    ],
  ],
];

const Key = styled('dt')({ fontWeight: 650, whiteSpace: 'nowrap' });

/** The one page of shortcuts. */
export function Shortcuts({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys">
      <DialogTitle id="keys">Keys</DialogTitle>
      <DialogContent tabIndex={0}>
        {groups.map(([name, keys]) => (
          <section key={name}>
            <h3>{name}</h3>
            <dl style={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: '6px 24px', margin: 0 }}>
              {keys.map(([key, does]) => (
                <div key={key} style={{ display: 'contents' }}>
                  <Key>{key}</Key>
                  <dd style={{ margin: 0 }}>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
