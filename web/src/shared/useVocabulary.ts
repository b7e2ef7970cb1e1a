import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../app/api';

/** Techniques and schools: they only change with the program. */
export function useVocabulary() {
  return useQuery({ queryKey: ['vocabulary'], queryFn: () => answer(api.GET('/api/vocabulary')), staleTime: Number.POSITIVE_INFINITY });
}
