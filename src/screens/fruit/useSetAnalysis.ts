import { useMemo } from 'react';
import type { Fruit } from '@/core/fruit/fruits';
import { setQuestionInSteps, type SetAnalysis } from '@/core/outcome/setAnalysis';
import { useStore } from '@/data/hooks/useGarden';
import { useSteps } from '@/data/hooks/useSteps';
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
  const begin = useMemo(() => {
    const { described, journal } = store;
    return all && described ? () => setQuestionInSteps(journal, described, all, asked) : undefined;
  }, [store, all, asked]);
  const question = useSteps(begin);
  // What was asked of another variety is not the answer to this one.
  return useAnswer(question?.isOld ? undefined : question?.value, (compute, each) =>
    compute.analyseSet(each),
  );
}
