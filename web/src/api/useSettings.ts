import { useQuery } from '@tanstack/react-query';
import { answer, api } from './api';
import { keys } from './keys';

/** `fresh`: looked up anew where a page opens that shows or works with them; else what is known is good enough. */
export function useSettings(fresh = true) {
  return useQuery({
    queryKey: keys.settings,
    queryFn: () => answer(api.GET('/api/settings')),
    ...(fresh ? {} : { staleTime: Number.POSITIVE_INFINITY }),
  });
}
