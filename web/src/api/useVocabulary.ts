import { useQuery } from '@tanstack/react-query';
import { answer, api } from './api';
import { keys } from './keys';

/** Techniques and schools: they only change with the program. */
export function useVocabulary() {
  return useQuery({ queryKey: keys.vocabulary, queryFn: () => answer(api.GET('/api/vocabulary')), staleTime: Number.POSITIVE_INFINITY });
}
