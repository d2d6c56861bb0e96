import { setQuestion, type SetAnalysis } from '@/core/outcome/setAnalysis';
import { fruitsOf } from '@/core/fruit/fruits';
import { seasonAt } from '@/core/season/seasons';
import { dayAt } from '@/core/time/calendar';
import { useView } from '@/data/hooks/useView';
import { useAnswer } from '../shell/useAnswer';

/**
 * What the season's pollinations tell, worked out by the worker; `undefined` until it is.
 *
 * @param variety of which is asked; without it of all.
 */
export function useSetAnalysis(variety: string | undefined): SetAnalysis | undefined {
  const question = useView('set-question', [variety ?? ''], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today));
    return setQuestion(
      journal,
      garden,
      fruits,
      variety === undefined ? undefined : (fruit) => fruit.variety.variety === variety,
    );
  });
  return useAnswer(question, (compute, asked) => compute.analyseSet(asked));
}
