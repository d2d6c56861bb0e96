import { useMemo } from 'react';
import { setQuestion, type SetAnalysis } from '@/core/outcome/setAnalysis';
import { useStore } from '@/data/hooks/useGarden';
import { useAnswer } from '../shell/useAnswer';
import type { FruitView } from './fruitView';

/**
 * What the season's pollinations tell, worked out by the worker; `undefined` until it is.
 *
 * @param variety of which is asked; without it of all.
 */
export function useSetAnalysis(
  view: FruitView | undefined,
  variety: string | undefined,
): SetAnalysis | undefined {
  const store = useStore();
  const question = useMemo(() => {
    const { described, journal } = store;
    if (!view || !described) return undefined;
    return setQuestion(
      journal,
      described,
      view.fruits,
      variety === undefined ? undefined : (fruit) => fruit.variety.variety === variety,
    );
  }, [store, view, variety]);
  return useAnswer(question, (compute, asked) => compute.analyseSet(asked));
}
