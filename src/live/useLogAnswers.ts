'use client';

import { useQuery } from '@tanstack/react-query';
import type { LogAnswers } from '../core/answers';
import type { TaughtThing } from '../core/log';
import { readAnswers, readTaught } from '../workers/wholeLogClient';
import { ANSWERS_KEY, TAUGHT_KEY } from './queryKeys';
import { stampNow } from '../domain/clock';

/** What the whole log answers, refreshed when any tab changes what it follows from; undefined while it is read. */
export function useLogAnswers(): LogAnswers | undefined {
  const { data, error, isFetching } = useQuery({
    queryKey: ANSWERS_KEY,
    queryFn: () => readAnswers(stampNow()),
  });
  // The boundary of the route says so; drawing the screen again asks again.
  if (error && !isFetching) throw error;
  return data;
}

/** What the log has taught of every thing on the shelf; undefined while it is read. */
export function useTaught(): { things: TaughtThing[]; finished: number } | undefined {
  const { data, error, isFetching } = useQuery({ queryKey: TAUGHT_KEY, queryFn: readTaught });
  if (error && !isFetching) throw error;
  return data;
}
