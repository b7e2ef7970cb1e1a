import { useQuery } from '@tanstack/react-query';
import { answer, api } from './api';
import { keys } from './keys';

export function useSettings() {
  return useQuery({ queryKey: keys.settings, queryFn: () => answer(api.GET('/api/settings')) });
}
