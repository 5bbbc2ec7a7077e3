import { useIsFetching, useIsMutating } from '@tanstack/react-query';
import { useNavigation } from 'react-router';
import { Progress } from '../components/Progress';

/** What a screen waits for: its own program, a first answer of the server, or that something is stored. */
export function ServerProgress() {
  const { state } = useNavigation();
  const asking = useIsFetching({ predicate: ({ state: { data, error } }) => data === undefined && error === null });
  const storing = useIsMutating();
  if (storing > 0) return <Progress words="Storing" />;
  return state === 'loading' || asking > 0 ? <Progress words="Loading" /> : null;
}
