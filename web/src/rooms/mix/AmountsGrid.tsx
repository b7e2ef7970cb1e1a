import Box from '@mui/material/Box';
import type { BatchLine, Ingredient } from '../../api/api';
import { heardOnly } from '../../theme/theme';
import { TextEntry } from '../../ui/Field';
import { Swatch } from '../../ui/Swatch';

/** Amounts by material, as they are written. */
export type Amounts = Record<string, string>;

type Column = { label: string; amounts: Amounts; set: (amounts: Amounts) => void; placeholder?: string };

/** One line an ingredient, one column a question: how much of it is in the pot, how much there is to add. */
export function AmountsGrid({
  ingredients,
  columns,
  wrong,
}: {
  ingredients: readonly Ingredient[];
  columns: readonly Column[];
  /** What is wrong with an amount, by column and material. */
  wrong?: (column: number, material: string) => string | undefined;
}) {
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {ingredients.map((ingredient, line) => (
        <Box
          key={ingredient.materialId}
          sx={{
            display: 'grid',
            gridTemplateColumns: `24px minmax(0, 1fr) repeat(${columns.length}, 104px)`,
            gap: 1,
            alignItems: 'end',
            // The labels above the first line stand for the column; the others are there to be heard.
            ...(line > 0 && { '& label': heardOnly }),
          }}
        >
          <Box sx={{ pb: 0.75, display: 'flex' }}>
            <Swatch colour={ingredient.colour} />
          </Box>
          <Box sx={{ pb: 0.75, lineHeight: 1.25 }}>{ingredient.name}</Box>
          {columns.map((column, i) => (
            <TextEntry
              key={column.label}
              label={column.label}
              value={column.amounts[ingredient.materialId] ?? ''}
              placeholder={column.placeholder ?? ''}
              error={wrong?.(i, ingredient.materialId)}
              onChange={(amount) => column.set({ ...column.amounts, [ingredient.materialId]: amount.trim() })}
            />
          ))}
        </Box>
      ))}
    </Box>
  );
}

/** The amounts that are written, as the program takes them. */
export function written(ingredients: readonly Ingredient[], amounts: Amounts) {
  return ingredients.flatMap(({ materialId }) => {
    const amount = amounts[materialId];
    return amount ? [{ material: materialId, amount }] : [];
  });
}

/** What lines say, to the last digit, as the program takes it. */
export function exactly(lines: readonly BatchLine[]) {
  return lines.map((l) => ({ material: l.materialId, amount: `${l.amount.exact} ml` }));
}
