import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { type ReactNode, useState } from 'react';
import type { Preview, Recipe, Violation, Vocabulary } from '../../../api/api';
import { Elevation } from '../../../recipe/Elevation';
import { newId, removePart } from '../../../recipe/edits';
import { bench } from '../../../theme/theme';
import { areaWords, inStudio } from '../../../ui/measures';
import { useSystem } from '../../../ui/useSystem';
import { JointPanel } from './JointPanel';
import { PartPanel } from './PartPanel';
import { PrepPanel } from './PrepPanel';
import { addPart, type Joint, withJoints, withPart } from './parts';
import { WholePanel } from './WholePanel';

type Props = {
  document: Recipe;
  preview: Preview | null;
  vocabulary: Vocabulary;
  violations: readonly Violation[];
  onChange: (document: Recipe) => void;
};

/** The survey: the piece from the front, its parts and moving joints, and whatever is chosen of them in full. */
export function PieceRoom({ document, preview, vocabulary, violations, onChange }: Props) {
  const system = useSystem();
  const { parts } = document.piece;
  const joints = document.piece.joints ?? [];
  const [chosen, setChosen] = useState<string>(parts[0]?.id ?? 'whole');
  const [adding, setAdding] = useState<HTMLElement | null>(null);
  const part = parts.find((p) => p.id === chosen);
  const joint = joints.find((j) => j.id === chosen);
  const worked = (id: string) => preview?.parts.find((p) => p.id === id);
  const at = (id: string) => parts.findIndex((p) => p.id === id);
  const wrong = (field: string) => violations.find((v) => v.pointer.startsWith(`/document/piece/parts/${at(chosen)}/${field}`))?.message;
  const add = (key: string | null) => {
    setAdding(null);
    const shape = vocabulary.shapes.find((s) => s.key === key) ?? null;
    const { doc, id } = addPart(document, part ?? parts.at(-1), shape);
    onChange(doc);
    setChosen(id);
  };
  const addJoint = () => {
    const face = (p: (typeof parts)[number]) => p.shape?.faces[0] ?? 'whole';
    const [one, other = one] = part ? [part, ...parts.filter((p) => p.id !== part.id)] : parts;
    if (!one || !other) return;
    const made: Joint = {
      id: newId('j'),
      name: `${one.name} against ${other.name}`,
      kind: one.shape?.kind === 'door' ? 'door' : 'drawer',
      moving: { part: one.id, face: face(one), coated: true },
      fixed: { part: other.id, face: face(other), coated: true },
      clearance: 1.5,
      across: 0,
    };
    onChange(withJoints(document, [...joints, made]));
    setChosen(made.id);
  };
  return (
    <Box
      sx={{
        flex: 1,
        minHeight: 0,
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '430px minmax(0, 1fr)' },
        '& > *': { minHeight: 0, overflowY: { md: 'auto' }, p: 1.5 },
      }}
    >
      <Box sx={{ borderRight: { md: 1 }, borderColor: { md: 'divider' } }}>
        <Elevation document={document} parts={preview?.parts ?? []} selected={chosen === null ? [] : [chosen]} onSelect={setChosen} />
        <List title="Whole piece">
          <Item
            chosen={chosen === 'prep'}
            onChoose={() => setChosen('prep')}
            name="Preparation before the first coat"
            figure={preview ? `${preview.prep.length === 0 ? 'nothing' : preview.prep.length} suggested` : ''}
            mark=""
          />
          <Item
            chosen={chosen === 'whole'}
            onChoose={() => setChosen('whole')}
            name="Title, use, wear and practice"
            figure={vocabulary.places.find((p) => p.key === (document.piece.use?.place ?? 'dry'))?.name ?? ''}
            mark=""
          />
        </List>
        <List title={`Parts${preview ? `, ${areaWords(preview.area, system)} in total` : ''}`}>
          {parts.map((p) => (
            <Item
              key={p.id}
              chosen={p.id === chosen}
              onChoose={() => setChosen(p.id)}
              name={`${(p.count ?? 1) > 1 ? `${p.count} × ` : ''}${p.name}`}
              figure={worked(p.id) ? areaWords(worked(p.id)?.area ?? 0, system) : ''}
              mark={worked(p.id)?.survey.conclusions.some((c) => c.tested) ? '△' : ''}
            />
          ))}
          <Button variant="outlined" onClick={(e) => setAdding(e.currentTarget)} aria-haspopup="menu" sx={{ mt: 0.5 }}>
            Add a part
          </Button>
          <Menu anchorEl={adding} open={adding !== null} onClose={() => setAdding(null)}>
            {vocabulary.shapes.map((s) => (
              <MenuItem key={s.key} onClick={() => add(s.key)}>
                {s.name}
              </MenuItem>
            ))}
            <MenuItem onClick={() => add(null)}>Area only</MenuItem>
          </Menu>
        </List>
        <List title="Moving joints">
          {joints.map((j) => {
            const fit = preview?.joints.find((x) => x.id === j.id);
            return (
              <Item
                key={j.id}
                chosen={j.id === chosen}
                onChoose={() => setChosen(j.id)}
                name={j.name}
                figure={fit ? inStudio(`${fit.left.toFixed(2)} mm`, system) : ''}
                mark={fit && fit.bindsAfter !== null ? '⊠' : ''}
              />
            );
          })}
          {joints.length === 0 && (
            <Box sx={{ color: 'text.secondary' }}>None yet. For example a drawer, a door, a lid or a sliding shelf.</Box>
          )}
          <Button variant="outlined" onClick={addJoint} disabled={parts.length < 2} sx={{ mt: 0.5 }}>
            Add a joint
          </Button>
        </List>
      </Box>
      <Box sx={{ bgcolor: 'background.paper' }}>
        {part ? (
          <PartPanel
            key={part.id}
            part={part}
            worked={worked(part.id)}
            vocabulary={vocabulary}
            set={(patch) => onChange(withPart(document, part.id, patch))}
            setAll={parts.length < 2 ? null : (patch) => onChange(parts.reduce((doc, p) => withPart(doc, p.id, patch), document))}
            wrong={wrong}
            onRemove={parts.length < 2 ? null : () => onChange(removePart(document, part.id))}
          />
        ) : joint ? (
          <JointPanel
            key={joint.id}
            document={document}
            joint={joint}
            worked={preview?.joints.find((j) => j.id === joint.id)}
            steps={preview?.steps ?? []}
            vocabulary={vocabulary}
            onChange={onChange}
          />
        ) : chosen === 'prep' && preview ? (
          <PrepPanel document={document} preview={preview} vocabulary={vocabulary} onChange={onChange} />
        ) : (
          <WholePanel document={document} vocabulary={vocabulary} violations={violations} onChange={onChange} />
        )}
      </Box>
    </Box>
  );
}

function List({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ mt: 1.5 }}>
      <Typography variant="h3" component="h2" sx={{ borderBottom: `2px solid ${bench.ink}`, mb: 0.5 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

function Item({
  chosen,
  onChoose,
  name,
  figure,
  mark,
}: {
  chosen: boolean;
  onChoose: () => void;
  name: string;
  figure: string;
  mark: string;
}) {
  return (
    <Button
      fullWidth
      color="inherit"
      aria-current={chosen}
      onClick={onChoose}
      sx={{
        justifyContent: 'space-between',
        textAlign: 'left',
        fontWeight: chosen ? 700 : 500,
        bgcolor: chosen ? bench.chosen : undefined,
        gap: 2,
      }}
    >
      <span>
        {name} {mark !== '' && <span style={{ color: bench.oxide }}>{mark}</span>}
      </span>
      <span style={{ whiteSpace: 'nowrap', fontWeight: 650 }}>{figure}</span>
    </Button>
  );
}
