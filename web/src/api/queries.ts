import { hashKey, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { UseMutationResult, UseQueryResult } from '@tanstack/react-query';
import { useState } from 'react';
import { v4 } from 'uuid';
import { routeOf, staleAfter } from '@hurrow/contract';
import type { AnswerOf, ReadRoute, RouteName } from '@hurrow/contract';
import { isUnreached } from './problem.ts';
import { pressKeys } from './press.ts';
import { request, send } from './request.ts';
import type { RequestOptions } from './request.ts';

type Texts = Readonly<Record<string, string>>;

/** Reads a route; its name and parameters are the key, so that a write can name what it makes stale. */
export function useRead<R extends ReadRoute>(
  name: R,
  params: Texts = {},
  enabled = true,
  query: Texts = {},
): UseQueryResult<AnswerOf<R>> {
  return useQuery({
    queryKey: Object.keys(query).length === 0 ? [name, params] : [name, params, query],
    // A read has no body, so what its path names is all that is sent.
    queryFn: ({ signal }) => send<AnswerOf<R>>(name, { params, query, signal }),
    enabled,
    // While another choice of the same thing is read, the page stands as it was.
    placeholderData: (last, asked) =>
      hashKey(asked?.queryKey.slice(0, 2) ?? []) === hashKey([name, params]) ? last : undefined,
  }) as UseQueryResult<AnswerOf<R>>;
}

/**
 * Writes through a route, once for a double press of what makes something, and reads again what the route table says
 * it makes stale.
 * @param keptHere a read that this page brings up to date itself.
 * @param inTurn names what is written: writes of one name wait for each other, so that the last one sent is the one kept.
 */
export function useWrite<R extends RouteName>(
  name: R,
  keptHere?: ReadRoute,
  inTurn?: string,
): UseMutationResult<AnswerOf<R>, unknown, RequestOptions<R>> {
  const client = useQueryClient();
  const [keys] = useState(() => pressKeys(v4, () => Date.now()));
  const creates = routeOf(name).creates === true;
  return useMutation({
    ...(inTurn === undefined ? {} : { scope: { id: inTurn } }),
    mutationFn: async (options: RequestOptions<R>): Promise<AnswerOf<R>> => {
      if (!creates) return request(name, options);
      const key = keys.keyFor(JSON.stringify([options.params, options.body]));
      try {
        const reply = await request(name, { ...options, key });
        keys.settled(key);
        return reply;
      } catch (error) {
        if (!isUnreached(error)) keys.settled(key);
        throw error;
      }
    },
    onSuccess: () =>
      Promise.all(
        staleAfter(name)
          .filter((read) => read !== keptHere)
          .map((read) => client.invalidateQueries({ queryKey: [read] })),
      ),
  });
}
