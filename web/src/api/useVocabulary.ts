import { useQuery } from '@tanstack/react-query';
import { answer, api } from './api';
import { keys } from './keys';

/** Techniques and schools: they only change with the program. */
export function useVocabulary() {
  return useQuery({ queryKey: keys.vocabulary, queryFn: () => answer(api.GET('/api/vocabulary')), staleTime: Number.POSITIVE_INFINITY });
}

/** What usually comes after a technique, by its key: one's own habits first. */
export function useUsualNext() {
  return (
    useQuery({ queryKey: keys.usualNext, queryFn: () => answer(api.GET('/api/techniques/next')), staleTime: 60_000 }).data?.after ?? {}
  );
}
