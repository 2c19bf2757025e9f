import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { UseMutationResult, UseQueryResult } from '@tanstack/react-query';
import type { RouteName } from '@hurrow/contract';
import { request } from './request.ts';
import type { RequestOptions } from './request.ts';

/** Reads a route; its name and parameters are the key, so that a write can name what it makes stale. */
export function useRead<T>(
  name: RouteName,
  params: Readonly<Record<string, string>> = {},
  enabled = true,
  query: Readonly<Record<string, string>> = {},
): UseQueryResult<T> {
  return useQuery({
    queryKey: Object.keys(query).length === 0 ? [name, params] : [name, params, query],
    queryFn: ({ signal }) => request<T>(name, { params, query, signal }),
    enabled,
  });
}

/** Writes through a route and reads again whatever depends on it. */
export function useWrite<T>(
  name: RouteName,
  stale: readonly RouteName[],
): UseMutationResult<T, unknown, RequestOptions> {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (options: RequestOptions) => request<T>(name, options),
    onSuccess: () => Promise.all(stale.map((s) => client.invalidateQueries({ queryKey: [s] }))),
  });
}
