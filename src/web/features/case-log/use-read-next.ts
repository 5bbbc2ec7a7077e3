import { useRef } from 'react';
import type { TrialView } from '../../../core/diagnosis';
import { readSentence } from '../../components/read-aloud';
import { useLatest } from '../../components/use-latest';
import { spokenTrial } from './spoken-trial';
import type { ShownProcedure } from './use-procedure';

/** Reads one sentence at each call: what it is, what to mind, then movement by movement; after the last it begins again. */
export function useReadNext(trial: TrialView | null, shown: ShownProcedure): () => void {
  const place = useRef({ of: '', at: 0 });
  return useLatest(() => {
    if (!trial) return;
    const sentences = spokenTrial(trial, shown.isFull ? shown.procedure : null);
    const of = `${trial.id} ${shown.isFull}`;
    const at = place.current.of === of ? place.current.at : 0;
    readSentence(sentences[at] ?? '');
    place.current = { of, at: (at + 1) % sentences.length };
  });
}
