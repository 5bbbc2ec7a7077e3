import { useQuery } from '@tanstack/react-query';
import { caseListSchema } from '../../contracts';
import type { CaseStage } from '../../core/casework';
import { request } from './request';

const searchKeptForMs = 60_000;

/** The queue, by state and words; asked again every minute. */
export function useCaseList({ stage, search }: { stage: CaseStage | null; search: string }) {
  const query = new URLSearchParams({
    ...(stage ? { stage } : {}),
    ...(search.trim() ? { search: search.trim() } : {}),
  });
  return useQuery({
    queryKey: ['cases', stage, search.trim()],
    queryFn: () => request(caseListSchema, `/cases?${query.toString()}`),
    placeholderData: (previous) => previous,
    refetchInterval: 60_000,
    // What was searched for is soon forgotten.
    ...(search.trim() ? { gcTime: searchKeptForMs } : {}),
  });
}
