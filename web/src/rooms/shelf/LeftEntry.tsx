import Box from '@mui/material/Box';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { DayEntry } from '../../ui/DayEntry';
import { Choice, TextEntry } from '../../ui/Field';
import { useStock } from './useStock';

/** What is left of a material on the shelf; kept at once, it is no figure of the material. */
export function LeftEntry({ id }: { id: string }) {
  const queries = useQueryClient();
  const left = useStock()?.find((l) => l.material === id);
  const counted = left && { amount: left.amount, unit: left.unit, openedOn: left.openedOn, useBy: left.useBy };
  const keep = useMutation({
    mutationFn: (body: { amount?: string | null; unit?: 'ml' | 'g'; openedOn?: string | null; useBy?: string | null }) =>
      answer(api.PUT('/api/stock/{id}', { params: { path: { id } }, body: { amount: null, unit: 'ml', ...counted, ...body } })),
    onSuccess: (now) => {
      queries.setQueryData(keys.stock, now);
      setOther(null);
    },
  });
  // Another unit is for the next count: nothing is booked until an amount is written in it.
  const [other, setOther] = useState<'ml' | 'g' | null>(null);
  const unit = other ?? left?.unit ?? 'ml';
  return (
    <>
      <Box sx={{ flex: '1 1 84px', minWidth: 0 }}>
        <TextEntry
          label="In stock"
          value={other === null || other === left?.unit ? (left?.amount ?? '') : ''}
          placeholder={left && other ? 'new count' : 'not counted'}
          onChange={(amount) => keep.mutate({ amount: amount.trim() === '' ? null : amount.trim(), unit })}
          error={wrongIn(keep.error)}
        />
      </Box>
      <Box sx={{ flex: '0 0 76px' }}>
        <Choice
          label="Unit"
          value={unit}
          options={[
            ['ml', 'ml'],
            ['g', 'g'],
          ]}
          onChange={setOther}
        />
      </Box>
      {left && (
        <>
          <Box sx={{ flex: '1 1 140px', minWidth: 0 }}>
            <DayEntry label="Opened" value={left.openedOn} onChange={(openedOn) => keep.mutate({ openedOn })} />
          </Box>
          <Box sx={{ flex: '1 1 140px', minWidth: 0 }}>
            <DayEntry label="Use by" value={left.useBy} onChange={(useBy) => keep.mutate({ useBy })} />
          </Box>
        </>
      )}
    </>
  );
}
