import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type RecipeSummary } from '../api/api';
import { keys } from '../api/keys';
import { useLater } from './useLater';

/** Finds a recipe of the book by its words; of many years only those of late are offered before anything is typed. */
export function RecipePick({ label, onPick }: { label: string; onPick: (recipe: string) => void }) {
  const [text, setText] = useState('');
  const later = useLater(text);
  const found = useQuery({
    queryKey: keys.recipeSearch(later),
    queryFn: () => answer(api.GET('/api/recipes', { params: { query: { query: later } } })),
    placeholderData: keepPreviousData,
  });
  return (
    <Autocomplete<RecipeSummary>
      options={found.data?.recipes ?? []}
      value={null}
      inputValue={text}
      blurOnSelect
      filterOptions={(all) => all} // the program has searched already
      getOptionLabel={(r) => r.title}
      getOptionKey={(r) => r.id}
      noOptionsText={found.isFetching ? 'Searching …' : 'No recipe matches'}
      onInputChange={(_, typed, why) => setText(why === 'input' ? typed : '')}
      onChange={(_, recipe) => recipe && onPick(recipe.id)}
      renderInput={(params) => <TextField {...params} label={label} placeholder="choose a recipe …" />}
    />
  );
}
