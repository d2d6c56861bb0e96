import { useMemo } from 'react';
import { wantsSeed } from '@/core/crops/variety';
import { isCovered } from '@/core/journal/isCovered';
import { populationInSteps } from '@/core/population/populationSoFar';
import { purityOf } from '@/core/purity/purityOf';
import { plantLabel } from '@/core/records/plantLabel';
import { useStore } from '@/data/hooks/useGarden';
import { useSteps } from '@/data/hooks/useSteps';
import { useFormat } from '../format/useFormat';
import { useFruits } from '../fruit/fruitView';
import { Explained } from '../shell/Explained';
import { sayParentsSoFar } from '../words/mothers';

interface ParentsProps {
  readonly variety: string;
  /** Plants that can give pollen in this round. */
  readonly candidates: readonly string[];
}

/** How many parents the seed of this season has so far, and whose pollen would widen them most. */
export function Parents({ variety, candidates }: ParentsProps) {
  const f = useFormat();
  const store = useStore();
  // One view for all varieties.
  const view = useFruits();
  const { journal } = store;
  const purpose = journal.all('variety').get(variety)?.purpose;
  const isForSeed = purpose !== undefined && wantsSeed(purpose);
  const key = candidates.join(' ');
  const begin = useMemo(() => {
    const { described: garden } = store;
    if (!view || !isForSeed) return undefined;
    return () =>
      populationInSteps(
        store.journal,
        view.fruits,
        variety,
        { fathers: key === '' ? [] : key.split(' ') },
        (bloom) =>
          // How far away all is that crosses is worked out elsewhere: what was not covered counts on that.
          garden && isCovered(bloom) ? purityOf(store.journal, garden, bloom)?.grade : undefined,
      );
  }, [store, view, isForSeed, variety, key]);
  const soFar = useSteps(begin)?.value;
  if (!soFar) return null;
  const { size, nextFather: next } = soFar;
  // What does not show in the figure is not worth a sentence.
  const more =
    next && next.size > size && f.number(next.size, 1) !== f.number(size, 1)
      ? ` One more fruit by ${plantLabel(journal, next.plant)} would bring it to ${f.number(next.size, 1)}.`
      : '';
  return (
    <Explained variant="small" tone="soft" terms={['effectiveSize']}>
      {sayParentsSoFar(soFar, f) + more}
    </Explained>
  );
}
