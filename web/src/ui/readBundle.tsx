import Alert from '@mui/material/Alert';
import { sendBytes } from '../api/api';
import type { components } from '../api/api.gen';
import type { Looked } from './TakeFile';
import { counted } from './words';

type Plan = components['schemas']['BundlePlan'];
type Planned = components['schemas']['PlannedRecipe'];

const becomes: Record<string, string> = { new: 'will be added', copy: 'already here, but different: will be added as a copy' };

const kinds: Record<string, [string, string]> = {
  recipes: ['recipe', 'recipes'],
  revisions: ['revision', 'revisions'],
  boards: ['sample board', 'sample boards'],
  photos: ['photo', 'photos'],
  pots: ['pot', 'pots'],
  ledger: ['stock entry', 'stock entries'],
  materials: ['material', 'materials'],
  runs: ['run', 'runs'],
  events: ['bench entry', 'bench entries'],
};

/** Has the program look a bundle over, and says what it would do. */
export async function lookBundle(file: Blob): Promise<Looked> {
  const plan = await sendBytes<Plan>('/api/bundles/plan', 'application/zip', file);
  const comes = [...plan.recipes, ...plan.boards].filter((p) => p.becomes !== 'same').length;
  return {
    says: (
      <>
        {plan.whole && <p>This file holds a whole studio. Add its recipes and boards to yours, or replace your studio with it.</p>}
        <Lines title="Recipes" planned={plan.recipes} />
        <Lines title="Sample boards" planned={plan.boards} />
        {plan.whole && (
          <Alert severity="warning">
            Imports {counts(plan.instead)} and deletes {counts(plan.gone)}. A backup of your data is saved first. Client links stop working.
          </Alert>
        )}
        {plan.farLess && (
          <Alert severity="error" sx={{ mt: 1 }}>
            This file holds much less than your studio. Check that it is the right one.
          </Alert>
        )}
      </>
    ),
    ways: [
      ...(comes > 0
        ? [{ name: comes === 1 ? 'Add it' : `Add these ${comes}`, take: () => sendBytes('/api/bundles', 'application/zip', file) }]
        : []),
      ...(plan.whole
        ? [
            {
              name: 'Replace this studio',
              take: () => sendBytes(`/api/bundles/studio${plan.farLess ? '?evenIfLess=true' : ''}`, 'application/zip', file, 'PUT'),
              grave: true,
              ...(plan.farLess ? { confirm: 'Replace anyway' } : {}),
            },
          ]
        : []),
    ],
  };
}

function Lines({ title, planned }: { title: string; planned: readonly Planned[] }) {
  const comes = planned.filter((p) => p.becomes !== 'same');
  const same = planned.length - comes.length;
  if (planned.length === 0) return null;
  return (
    <>
      <b>{title}</b>
      <ul>
        {comes.map((p) => (
          <li key={p.id}>
            {p.title}
            {p.revisions > 0 && `, ${counted(p.revisions, 'revision', 'revisions')}`}: {becomes[p.becomes]}
          </li>
        ))}
        {same > 0 && <li>{counted(same, 'is here already and stays as it is', 'are here already and stay as they are')}</li>}
      </ul>
    </>
  );
}

function counts(of: Record<string, number>): string {
  const told = Object.entries(kinds).flatMap(([kind, [one, many]]) => (of[kind] ? [counted(of[kind], one, many)] : []));
  return told.length === 0 ? 'nothing' : told.join(', ');
}
