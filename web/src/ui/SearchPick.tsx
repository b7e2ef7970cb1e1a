import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { wrongIn } from '../api/api';
import { useLater } from './useLater';

type Props<T> = {
  label: string;
  placeholder: string;
  /** What is chosen now, shown until something is typed. */
  chosen?: string | undefined;
  queryKey: (text: string) => readonly unknown[];
  /** The first of those that match. */
  search: (text: string) => Promise<readonly T[]>;
  titleOf: (found: T) => string;
  onPick: (found: T) => void;
};

/** Finds one of many by its words; the server searches. */
export function SearchPick<T extends { id: string }>({ label, placeholder, chosen = '', queryKey, search, titleOf, onPick }: Props<T>) {
  const [typed, setTyped] = useState<string | null>(null);
  const later = useLater(typed ?? '');
  const found = useQuery({ queryKey: queryKey(later), queryFn: () => search(later) });
  const searching = later !== (typed ?? '') || found.isPending; // what was found for other words is not offered
  return (
    <Autocomplete<T>
      options={searching ? [] : [...(found.data ?? [])]}
      value={null}
      inputValue={typed ?? chosen}
      blurOnSelect
      filterOptions={(all) => all} // the server has searched already
      getOptionLabel={titleOf}
      getOptionKey={(one) => one.id}
      loading={searching}
      loadingText="Searching …"
      noOptionsText={wrongIn(found.error) ?? 'No matches'}
      onInputChange={(_, text, why) => setTyped(why === 'input' ? text : null)}
      onChange={(_, one) => one && onPick(one)}
      renderInput={(params) => <TextField {...params} label={label} placeholder={placeholder} />}
    />
  );
}
