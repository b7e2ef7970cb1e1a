import Autocomplete, { createFilterOptions } from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '../api/api';
import { keys } from '../api/keys';
import { bench } from '../theme/theme';
import { useOffered } from '../ui/commands';
import { useLater } from '../ui/useLater';
import { rooms } from './rooms';

type Option = { id: string; group: string; name: string; keys?: string | undefined; run: () => void };

const filter = createFilterOptions<Option>();

/** One field from which everything is reached: what this room can do, the other rooms, and every recipe. */
export default function Palette({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate();
  const offered = useOffered();
  const [text, setText] = useState('');
  const query = useLater(text);
  const found = useQuery({
    queryKey: keys.recipeSearch(query),
    queryFn: () => answer(api.GET('/api/recipes', { params: { query: { query } } })).then((list) => list.recipes),
  });
  const options: Option[] = [
    ...offered.map((c) => ({ id: `do-${c.name}`, group: 'Here', ...c })),
    ...rooms.map((r) => ({ id: r.to, group: 'Rooms', name: r.name, keys: `g ${r.key}`, run: () => navigate(r.to) })),
    { id: '/logbook/eye', group: 'Rooms', name: 'Train your eye', run: () => navigate('/logbook/eye') },
    ...(found.data ?? []).map((r) => ({
      id: r.id,
      group: 'Recipes',
      name: r.title,
      run: () => navigate(`/recipes/${r.id}`),
    })),
  ];
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      aria-label="Search"
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start' } }}
    >
      <DialogContent sx={{ minHeight: 430 }}>
        <Autocomplete<Option, false, false, false>
          open
          autoHighlight
          disablePortal
          options={options}
          inputValue={text}
          onInputChange={(_, value, reason) => reason !== 'selectOption' && setText(value)}
          // Recipes are found by the server, by wood, technique and material too; the rest by its name.
          filterOptions={(all, state) => [
            ...filter(
              all.filter((o) => o.group !== 'Recipes'),
              state,
            ),
            ...all.filter((o) => o.group === 'Recipes'),
          ]}
          groupBy={(o) => o.group}
          getOptionLabel={(o) => o.name}
          getOptionKey={(o) => o.id}
          noOptionsText={found.isFetching ? 'Searching …' : 'No matches'}
          onChange={(_, option) => {
            if (!option) return;
            onClose();
            option.run();
          }}
          renderOption={({ key, ...props }, o) => (
            <Box key={key} component="li" {...props} sx={{ display: 'flex', gap: 2 }}>
              <span style={{ flex: 1 }}>{o.name}</span>
              {o.keys && <span style={{ color: bench.slate, fontSize: 14 }}>{o.keys}</span>}
            </Box>
          )}
          renderInput={(params) => <TextField {...params} autoFocus label="Search actions, rooms and recipes" />}
          slotProps={{ popper: { placement: 'bottom-start' }, listbox: { sx: { maxHeight: 330 } } }}
          forcePopupIcon={false}
        />
      </DialogContent>
    </Dialog>
  );
}
