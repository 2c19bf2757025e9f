import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { UseMutationResult, UseQueryResult } from '@tanstack/react-query';
import { useState } from 'react';
import { v4 } from 'uuid';
import { ROUTES } from '@hurrow/contract';
import type { Route, RouteName } from '@hurrow/contract';
import { isUnreached } from './problem.ts';
import { pressKeys } from './press.ts';
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

/** Writes through a route, once for a double press of what makes something, and reads again whatever depends on it. */
export function useWrite<T>(
  name: RouteName,
  stale: readonly RouteName[],
): UseMutationResult<T, unknown, RequestOptions> {
  const client = useQueryClient();
  const [keys] = useState(() => pressKeys(v4, () => Date.now()));
  const creates = (ROUTES[name] as Route).creates === true;
  return useMutation({
    mutationFn: async (options: RequestOptions): Promise<T> => {
      if (!creates) return request<T>(name, options);
      const key = keys.keyFor(JSON.stringify([options.params, options.body]));
      try {
        const reply = await request<T>(name, { ...options, key });
        keys.settled(key);
        return reply;
      } catch (error) {
        if (!isUnreached(error)) keys.settled(key);
        throw error;
      }
    },
    onSuccess: () => Promise.all(stale.map((s) => client.invalidateQueries({ queryKey: [s] }))),
  });
}
