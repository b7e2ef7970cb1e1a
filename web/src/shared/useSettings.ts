import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../app/api';

export function useSettings() {
  return useQuery({ queryKey: ['settings'], queryFn: () => answer(api.GET('/api/settings')) });
}
