import { coveringOf } from '@/core/crops/catalogue';
import { type CoverMethod, walkId } from '@/core/journal/kinds/walk';
import type { Journal } from '@/core/journal/journal';
import { meantFor } from '@/core/journal/matingOf';
import { isSelfed, techniqueOf } from '@/core/outing/technique';
import type { WalkedPlant } from '@/core/due/outings';
import { walkFacts, waitingBlooms, type FoundOnWalk } from '@/core/outing/walkFacts';
import { newId } from '@/data/clock';
import { useDraft } from '@/data/hooks/useDraft';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord, whenSaved } from '@/data/hooks/useRecord';
import { MAX_BUDS } from './BudSteppers';

type Counts = Pick<FoundOnWalk, 'eve' | 'green' | 'pin' | 'method' | 'controls'>;

/** The counts of a visit as a draft, the tags they need, and the way to record them. */
export function useVisit(
  { plant, variety, crop, day, roles }: WalkedPlant,
  onDone: () => void,
): {
  readonly counts: Counts | undefined;
  readonly setCounts: (counts: Counts) => void;
  readonly tags: readonly string[];
  /** What was covered green and may be ready now, where the crop is covered so. */
  readonly waiting: number | undefined;
  readonly save: () => void;
} {
  const { store } = useGarden();
  const record = useRecord();
  const { journal } = store;
  const walk = journal.all('walk').get(walkId(plant.plant, day));
  const { cover } = coveringOf(crop);
  const before = ((cover.bearing === 'eve' ? walk?.blooms : walk?.coveredGreen) ?? []).flatMap(
    (id) => journal.all('bloom').get(id) ?? [],
  );
  const [counts, setCounts, dropCounts] = useDraft<Counts>(`visit/${walkId(plant.plant, day)}`, {
    eve: walk?.eve ?? { female: 0, male: 0 },
    green: walk?.green ?? { female: 0, male: 0 },
    ...(walk?.pin && { pin: walk.pin }),
    method: before[0]?.cover?.method ?? usualCover(journal, { plant, variety, day, roles }),
    controls: before.filter(({ role }) => role === 'control').length,
  });
  const tagged = before.filter(({ sex }) => sex !== 'male').map(({ code }) => code);
  const tags = [...tagged, ...store.tags.next(2 * MAX_BUDS)].slice(
    0,
    (counts?.[cover.bearing].female ?? 0) + (counts?.controls ?? 0),
  );
  const waiting =
    cover.bearing === 'green'
      ? waitingBlooms(journal, plant.plant).length + (walk?.receptive.length ?? 0)
      : undefined;
  const save = (): void => {
    if (!counts) return;
    const visit: FoundOnWalk = { plant: plant.plant, day, ...counts };
    const { emasculate } = roles;
    const context = { journal, variety, crop, emasculate, newId, tags: store.tags.next(2 * MAX_BUDS) };
    record([...store.tags.ensureLetter(), ...walkFacts(visit, context)], whenSaved(dropCounts));
    onDone();
  };
  return { counts, setCounts, tags, waiting, save };
}

/** As the grower works this plant, or the cross in which it has a part. */
function usualCover(
  journal: Journal,
  { plant, variety, day, roles }: Pick<WalkedPlant, 'plant' | 'variety' | 'day' | 'roles'>,
): CoverMethod {
  const [cross] = roles.crosses;
  if (!cross && isSelfed(journal, variety)) return 'bag';
  const meant = cross ?? meantFor(journal, plant.plant, day);
  return meant ? techniqueOf(journal, meant).cover : 'none';
}
