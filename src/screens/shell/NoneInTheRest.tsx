import { restOf } from '@/core/today/restOf';
import type { Plant } from '@/core/journal/state';
import { useGarden } from '@/data/hooks/useGarden';
import { Button } from '@/ui/parts/Button';
import { useFormat } from '../format/useFormat';
import { bedInSentence } from '../words/places';

interface NoneInTheRestProps<T> {
  readonly here: T;
  readonly left: readonly T[];
  /** What there is none of, to be said after “None”; nothing where that is plain. */
  readonly what?: string;
  readonly onNone: (plants: readonly T[]) => void;
}

/** A row or a bed in which there is nothing more is done in one tap. */
export function NoneInTheRest<T extends { readonly plant: Plant; readonly day: string }>({
  here,
  left,
  what,
  onNone,
}: NoneInTheRestProps<T>) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const bed = bedInSentence(journal.all('bed').get(here.plant.bed)?.name ?? '');
  return restOf(left, here).map(({ of, plants }) => (
    <Button
      key={of}
      variant="quiet"
      title={`None${what ? ` ${what}` : ''} in the rest of ${of === 'row' ? `row ${here.plant.row}` : bed} (${f.count(plants.length, 'plant', 'plants')})`}
      onPress={() => onNone(plants)}
    />
  ));
}
