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
      ['Ctrl + k', 'search actions, rooms and recipes'],
      ['/', 'search'],
      ['h', 'help'],
      ['?', 'shortcuts'],
    ],
  ],
  [
    'In a recipe',
    [
      ['↑ ↓', 'select the step above or below'],
      ['Alt + ↑ ↓', 'move the step'],
      ['[ · ]', 'preview: previous coat · next coat'],
      ['hold b · hold t', 'preview: before this step · beside the target'],
      ['i · Shift + i', 'add a step above · below'],
      ['d', 'duplicate the step'],
      ['Delete', 'remove step'],
      ['Enter', 'edit step'],
      ['Esc', 'back to the cross-section'],
      ['Ctrl + z · Ctrl + Shift + z', 'undo · redo'],
      ['Ctrl + s', 'save revision'],
    ],
  ],
  [
    'At the bench',
    [
      ['Space', 'start, then mark done'],
      ['u', 'undo the last entry'],
      ['n', 'note, amount, colour, climate or photo'],
      ['c', 'change plan'],
      ['x', 'skip step'],
      ['r', 'log “ready to recoat”'],
      ['y · m · o', 'after a repeat: done · again · fallback step'],
    ],
  ],
];

const Key = styled('dt')({ fontWeight: 650, whiteSpace: 'nowrap' });

/** The one page of shortcuts. */
export function Shortcuts({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys">
      <DialogTitle id="keys">Shortcuts</DialogTitle>
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
