import { answer, api } from '../api/api';
import type { components } from '../api/api.gen';
import { type Looked, TakeFile } from './TakeFile';
import { counted } from './words';

type Plan = components['schemas']['TablePlan'];
type Asked = Promise<{ data?: Plan; error?: unknown; response: Response }>;

/** What is left on the shelf, counted in a spreadsheet or typed. */
export const shelfTable = {
  columns: ['Name', 'Left', 'Unit', 'Opened on', 'Use by'],
  plan: (text: string): Asked => api.POST('/api/stock/table/plan', { body: { text } }),
  take: (text: string): Asked => api.POST('/api/stock/table', { body: { text } }),
};

/** What was noted of a run. */
export const logTable = (id: string) => ({
  plan: (text: string): Asked => api.POST('/api/runs/{id}/log/plan', { params: { path: { id } }, body: { text } }),
  take: (text: string): Asked => api.POST('/api/runs/{id}/log', { params: { path: { id } }, body: { text } }),
});

/** Takes a table in: first line by line what it would change. */
export function TakeTable({
  name,
  table,
  onTaken,
}: {
  name: string;
  table: { plan: (text: string) => Asked; take: (text: string) => Asked; columns?: readonly string[] };
  onTaken: () => void;
}) {
  const look = async (file: File): Promise<Looked> => {
    const text = await file.text();
    const { lines } = await answer(table.plan(text));
    const changes = lines.filter((l) => l.changes);
    const same = lines.length - changes.length;
    return {
      says: (
        <>
          {changes.length > 0 && (
            <ul>
              {changes.map((l) => (
                <li key={l.line}>{l.says}</li>
              ))}
            </ul>
          )}
          {same > 0 && `${counted(same, 'line', 'lines')} unchanged.`}
          {lines.length === 0 && 'The file is empty.'}
        </>
      ),
      ways:
        changes.length > 0
          ? [{ name: changes.length === 1 ? 'Import 1 line' : `Import ${changes.length} lines`, take: () => answer(table.take(text)) }]
          : [],
    };
  };
  return (
    <TakeFile
      name={name}
      accept=".csv,text/csv"
      look={look}
      onTaken={onTaken}
      small
      {...(table.columns ? { pasted: table.columns } : {})}
    />
  );
}
