import Autocomplete, { createFilterOptions } from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { answer, api, wrongIn } from '../api/api';
import { keys } from '../api/keys';
import { bench } from '../theme/theme';
import { useOffered } from '../ui/commands';
import { recent } from '../ui/recent';
import { useLater } from '../ui/useLater';
import { rooms } from './rooms';

type Option = { id: string; group: string; name: string; keys?: string | undefined; run: () => void };

const filter = createFilterOptions<Option>();

const groups = { job: 'Jobs', board: 'Boards', pot: 'Pots', material: 'Materials' } as const;
const places = { job: '/logbook/', board: '/boards/', pot: '/shelf/pots/', material: '/shelf?material=' } as const;
/** Found by their wood, technique or material. */
const otherRecipes = 'Recipes with it';
const stored: ReadonlySet<string> = new Set(['Recipes', otherRecipes, ...Object.values(groups)]);
/** What can be done from anywhere. */
const acts = [
  { name: 'New recipe from a finish', to: '/recipes/new' },
  { name: 'New recipe from a look or a photo', to: '/recipes/new/look' },
  { name: 'What to buy', to: '/shelf/buy' },
  { name: 'Pots and labels', to: '/shelf/pots' },
  { name: 'Train your eye', to: '/logbook/eye' },
] as const;

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
  const named = useQuery({
    queryKey: keys.names(query),
    queryFn: () => answer(api.GET('/api/names', { params: { query: { query } } })).then((list) => list.found),
  });
  // Both at once, so that what is highlighted stays the first; and nothing that was found for other words.
  const searching = query !== text || found.isPending || named.isPending;
  const [recipes, names] = searching ? [[], []] : [found.data ?? [], named.data ?? []];
  const isNamed = (title: string) => title.toLowerCase().includes(query.trim().toLowerCase());
  const recipeOption = (group: string, { id, title }: { id: string; title: string }) => ({
    id,
    group,
    name: title,
    run: () => navigate(`/recipes/${id}`),
  });
  const here = useLocation();
  const options: Option[] = [
    ...(query.trim() === '' ? recent() : [])
      .filter((r) => r.to !== here.pathname)
      .map((r) => ({ id: `recent-${r.to}`, group: 'Recent', name: r.name, run: () => navigate(r.to) })),
    ...offered.map((c) => ({ id: `do-${c.name}`, group: 'Here', ...c })),
    ...rooms.map((r) => ({ id: r.to, group: 'Rooms', name: r.name, keys: `g ${r.key}`, run: () => navigate(r.to) })),
    ...acts.map((a) => ({ id: `act-${a.to}`, group: 'Do', name: a.name, run: () => navigate(a.to) })),
    ...recipes.filter((r) => isNamed(r.title)).map((r) => recipeOption('Recipes', r)),
    ...names.map((n) => ({ id: n.id, group: groups[n.kind], name: n.name, run: () => navigate(`${places[n.kind]}${n.id}`) })),
    ...recipes.filter((r) => !isNamed(r.title)).map((r) => recipeOption(otherRecipes, r)),
  ];
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      slotProps={{ paper: { 'aria-label': 'Search' } }}
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start' } }}
    >
      <DialogContent sx={{ minHeight: 430 }}>
        <Autocomplete<Option, false, false, false>
          open
          onClose={(_, why) => why === 'escape' && onClose()}
          autoHighlight
          disablePortal
          options={options}
          inputValue={text}
          onInputChange={(_, value, reason) => reason !== 'selectOption' && setText(value)}
          // What is stored is found by the server, recipes by wood, technique and material too; the rest by its name.
          filterOptions={(all, state) => [
            ...filter(
              all.filter((o) => !stored.has(o.group)),
              state,
            ),
            ...all.filter((o) => stored.has(o.group)),
          ]}
          groupBy={(o) => o.group}
          getOptionLabel={(o) => o.name}
          getOptionKey={(o) => o.id}
          loading={searching}
          loadingText="Searching …"
          noOptionsText={wrongIn(found.error ?? named.error) ?? 'No matches'}
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
          renderInput={(params) => (
            <TextField {...params} autoFocus label="Search actions, rooms, recipes, jobs, boards, pots and materials" />
          )}
          slotProps={{ popper: { placement: 'bottom-start' }, listbox: { sx: { maxHeight: 330 } } }}
          forcePopupIcon={false}
        />
      </DialogContent>
    </Dialog>
  );
}
