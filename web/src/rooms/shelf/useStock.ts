import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';

/** What is left of each material that is counted; null until it is known. */
export function useStock() {
  return useQuery({ queryKey: keys.stock, queryFn: () => answer(api.GET('/api/stock')) }).data?.left ?? null;
}
