import { answer, api, type Recipe } from '../../api/api';
import { lookBundle } from '../../ui/readBundle';
import { type Looked, TakeFile } from '../../ui/TakeFile';

/** Opens a recipe file, or a bundle of many, and keeps what is in it beside what there is. */
export function OpenFile({ onTaken }: { onTaken: (recipe: string | null) => void }) {
  const look = async (file: File): Promise<Looked> => {
    if (/\.zip$/i.test(file.name)) return lookBundle(file);
    const document = JSON.parse(await file.text()) as Recipe;
    const { preview } = await answer(api.POST('/api/preview', { body: { document } }));
    return {
      says: (
        <p>
          <b>{document.title}</b>, {preview.steps.length} {preview.steps.length === 1 ? 'step' : 'steps'}, will be added as a new recipe.
        </p>
      ),
      ways: [{ name: 'Add it', take: () => answer(api.POST('/api/recipes', { body: { document } })) }],
    };
  };
  return (
    <TakeFile
      name="Import"
      accept=".json,.zip,application/json,application/zip"
      look={look}
      onTaken={(taken) => onTaken((taken as { id?: string }).id ?? null)}
    />
  );
}
