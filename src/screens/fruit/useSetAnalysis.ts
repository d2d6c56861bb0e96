import { useMemo } from 'react';
import type { Fruit } from '@/core/fruit/fruits';
import { setQuestion, type SetAnalysis } from '@/core/outcome/setAnalysis';
import { useStore } from '@/data/hooks/useGarden';
import { useAnswer } from '../shell/useAnswer';

/**
 * What the season's pollinations tell, worked out by the worker; `undefined` until it is.
 *
 * @param all fruits of the season; the same list until the journal changes.
 * @param asked those of which is asked; likewise.
 */
export function useSetAnalysis(
  all: readonly Fruit[] | undefined,
  asked: readonly Fruit[] | undefined,
): SetAnalysis | undefined {
  const store = useStore();
  const question = useMemo(() => {
    const { described, journal } = store;
    return all && described ? setQuestion(journal, described, all, asked) : undefined;
  }, [store, all, asked]);
  return useAnswer(question, (compute, each) => compute.analyseSet(each));
}
