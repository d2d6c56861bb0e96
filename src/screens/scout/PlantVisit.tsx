import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { coveringOf } from '@/core/crops/catalogue';
import { outingOf } from '@/core/crops/outing';
import { wantsSeed } from '@/core/crops/variety';
import { isLoaded, plantLoads } from '@/core/fruit/plantLoad';
import { SEXES, walkId, type BudCount, type CoverMethod, type Sex } from '@/core/journal/kinds/scout';
import { formatTagCode } from '@/core/text/tagCode';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import type { Journal } from '@/core/journal/journal';
import { meantFor } from '@/core/journal/matingOf';
import type { Mating } from '@/core/journal/state';
import { techniqueOf } from '@/core/outing/technique';
import { flowersDue } from '@/core/due/flowersDue';
import type { WalkedPlant } from '@/core/due/outings';
import { scoutVisitFacts, waitingBlooms, type ScoutVisit } from '@/core/outing/scoutVisit';
import { newId } from '@/data/clock';
import { useDraft } from '@/data/hooks/useDraft';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { useRecord, whenSaved } from '@/data/hooks/useRecord';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Sheet } from '@/ui/parts/Sheet';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { UnsureButton } from '../identify/UnsureButton';
import { Page } from '../shell/Page';
import { DoneFoot } from '../shell/WithUndo';
import { Explained } from '../shell/Explained';
import { How } from '../shell/How';
import { BudSteppers, MAX_BUDS, TinyBuds } from './BudSteppers';
import { Expectation, type ExpectedBuds } from './Expectation';
import { PlantHeading } from '../shell/PlantHeading';
import { walkWords } from '../words/blooms';
import { howToCover } from '../words/howTo';
import { COVERS, FLOWER_COVERS } from '../words/names';
import { sayPlace } from '../words/places';

export interface PlantVisitProps {
  readonly walked: WalkedPlant;
  readonly head: ReactNode;
  /** What should be found, where anything is known. */
  readonly expected?: ExpectedBuds | undefined;
  /** Second column on a wide screen. */
  readonly aside?: ReactNode;
  /** Below the counters, as long as nothing was counted. */
  readonly foot?: ReactNode;
  readonly onDone: () => void;
  /** How the plant looks was noted. */
  readonly onNoted: () => void;
}

type Counts = Pick<ScoutVisit, 'eve' | 'green' | 'pin' | 'method' | 'controls'>;

/** One plant on the walk: count what opens next, cover it, tie the tags. */
export function PlantVisit({ walked, head, expected, aside, foot, onDone, onNoted }: PlantVisitProps) {
  const f = useFormat();
  const { store } = useGarden();
  const [choosing, setChoosing] = useState(false);
  const { counts, setCounts, tags, waiting, save } = useVisit(walked, onDone);
  if (!counts) return null;
  const { plant, variety, crop, day, roles } = walked;
  const { eve, method, controls = 0 } = counts;
  const set = (stage: 'eve' | 'green', sex: Sex) => (value: number) =>
    setCounts({ ...counts, [stage]: { ...counts[stage], [sex]: value } });
  const sameDay = day === dayAt(store.clock.now(), store.described!.zone);
  const words = walkWords(crop, variety.traits, roles, sameDay);
  const { cover } = coveringOf(crop);
  const males = cover.male ? counts[cover.male].male : 0;
  const by = counts[cover.bearing].female > 0 ? cover.by?.bearing : cover.by?.male;
  const coverHere = by ?? method;
  const isEmpty = SEXES.every((sex) => eve[sex] + counts.green[sex] === 0) && controls === 0;
  const total = counts[cover.bearing].female + males + controls;
  const mostOf = {
    eve: { female: waiting ?? MAX_BUDS, male: MAX_BUDS },
    green: { female: MAX_BUDS, male: MAX_BUDS },
  };
  const steppers = (stage: 'eve' | 'green') => (
    <BudSteppers
      variety={variety}
      stage={stage}
      words={words[stage]}
      counts={counts[stage]}
      most={mostOf[stage]}
      onChange={(sex) => set(stage, sex)}
    />
  );
  return (
    <Page
      title={`${sayPlace(store.journal, plant)}, ${variety.name}`}
      heading={false}
      over={head}
      aside={aside}
      foot={<DoneFoot work="walk" title={sayDone(total, eve.female, method, f)} onPress={save} />}
    >
      <PlantHeading plant={plant} variety={variety} onNoted={onNoted} />
      <View style={{ flexDirection: 'row', alignItems: 'flex-start' }}>
        <View style={{ flex: 1 }}>
          <Text variant="strong">{words.next}</Text>
          <Explained variant="small" tone="soft" terms={['eveBud']} style={{ marginBottom: SPACE.xs }}>
            {words.sign}
          </Explained>
        </View>
        <UnsureButton plant={plant.plant} />
      </View>
      {roles.crosses.length > 0 ? <CrossesHere walked={walked} /> : null}
      {roles.bears ? <Load walked={walked} /> : null}
      {steppers('eve')}
      {words.controls ? (
        <Stepper
          label={words.controls.label}
          glyph={<Glyph name={words.controls.glyph} size={30} />}
          value={controls}
          most={MAX_BUDS}
          onChange={(value) => setCounts({ ...counts, controls: value })}
          lessLabel="One control less"
          moreLabel="One control more"
        />
      ) : null}
      {cover.bearing === 'green' && cover.male ? <TasselsNeeded walked={walked} counts={eve} /> : null}
      {cover.bearing === 'eve' ? <Tags tags={tags} /> : null}
      {total > 0 ? (
        <How how={howToCover(coverHere, roles.emasculate)}>
          {cover.by ? null : <Button title={`Cover: ${COVERS[method]}`} onPress={() => setChoosing(true)} />}
        </How>
      ) : null}
      {words.later ? (
        <Text variant="strong" style={{ marginTop: SPACE.m }}>
          {words.later}
        </Text>
      ) : null}
      {steppers('green')}
      {cover.bearing === 'eve' && crop.habit !== 'perfect' ? (
        <TinyBuds
          variety={variety}
          words={words.green}
          counts={counts.pin}
          onChange={(pin) => setCounts({ ...counts, pin })}
        />
      ) : null}
      {cover.bearing === 'green' ? <Tags tags={tags} /> : null}
      {/* Below the counters: it comes late, and goes with the first count, and neither may move them under a finger. */}
      {expected ? (
        <Expectation
          expected={expected}
          counted={eve}
          onTake={(next) => setCounts({ ...counts, eve: next })}
        />
      ) : null}
      {isEmpty ? foot : null}
      <Sheet
        title="How do you keep it shut?"
        open={choosing}
        onClose={() => setChoosing(false)}
        closeTitle="Close"
      >
        <Choice<CoverMethod>
          label="Cover"
          value={method}
          options={FLOWER_COVERS.map((value) => ({ value, title: COVERS[value] }))}
          onChange={(value) => {
            setCounts({ ...counts, method: value });
            setChoosing(false);
          }}
        />
      </Sheet>
    </Page>
  );
}

/** For which crosses, and on which side of them. */
function CrossesHere({ walked: { plant, roles } }: { readonly walked: WalkedPlant }) {
  const { journal } = useGarden().store;
  const name = (variety: string): string => journal.all('variety').get(variety)?.name ?? '?';
  return roles.crosses.map(({ mating, mother, father }) => (
    <Text key={mating} variant="small" style={{ marginBottom: SPACE.xs }}>
      {`Cross ${name(mother)} × ${name(father)}: ${plant.variety === mother ? 'this plant is the mother' : 'this plant gives pollen'}.`}
    </Text>
  ));
}

/** What the plant carries already, where that lowers what can be expected of more. */
function Load({ walked: { plant, variety } }: { readonly walked: WalkedPlant }) {
  const f = useFormat();
  const id = plant.plant;
  const load = useView(
    'load',
    [id],
    ({ store: { journal }, garden, now }) =>
      plantLoads(journal, garden, dayAt(now, garden.zone), new Set([id])).get(id) ?? null,
  );
  if (!load || load.growing === 0 || !wantsSeed(variety.purpose)) return null;
  const fruits = f.count(load.growing, 'fruit grows', 'fruits grow');
  return (
    <Text variant="small" tone={isLoaded(load) ? 'rust' : 'soft'} style={{ marginBottom: SPACE.xs }}>
      {isLoaded(load)
        ? `${fruits} on it: as many as it ripens for seed. Stop here; more will hardly set.`
        : `${fruits} on it, of about ${f.number(load.most)} that it ripens for seed. Fewer of the next will set.`}
    </Text>
  );
}

/** What the button says: how much is covered, or only noted. */
function sayDone(covered: number, seen: number, method: CoverMethod, f: Format): string {
  if (covered > 0) return `${method === 'none' ? 'Mark' : 'Cover'} ${f.number(covered)}, next`;
  return seen > 0 ? `Note ${f.number(seen)}, next` : 'None, next';
}

/** The counts of a visit as a draft, the tags they need, and the way to record them. */
function useVisit(
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
    method: before[0]?.cover?.method ?? usualCover(journal, plant.plant, day, roles.crosses[0]),
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
    const visit: ScoutVisit = { plant: plant.plant, day, ...counts };
    const { emasculate } = roles;
    const context = { journal, variety, crop, emasculate, newId, tags: store.tags.next(2 * MAX_BUDS) };
    record([...store.tags.ensureLetter(), ...scoutVisitFacts(visit, context)], whenSaved(dropCounts));
    onDone();
  };
  return { counts, setCounts, tags, waiting, save };
}

/** As the grower works this plant, or the cross in which it has a part. */
function usualCover(journal: Journal, plant: string, day: Day, cross: Mating | undefined): CoverMethod {
  const meant = cross ?? meantFor(journal, plant, day);
  return meant ? techniqueOf(journal, meant).cover : 'none';
}

/** How many tassels the ears of all plants want for the day, with those of this one. */
function TasselsNeeded({ walked, counts }: { readonly walked: WalkedPlant; readonly counts: BudCount }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const { plant, variety, crop, day } = walked;
  const due = flowersDue(journal, { day, outing: outingOf(crop) });
  const others = (blooms: readonly { readonly plant: string }[]): number =>
    blooms.filter((each) => each.plant !== plant.plant && isOf(each.plant)).length;
  const isOf = (id: string): boolean => journal.all('plant').get(id)?.variety === variety.variety;
  const ears = others(due.females) + counts.female;
  const tassels = others(due.males) + counts.male;
  if (ears + tassels === 0) return null;
  return (
    <Text tone={tassels < ears ? 'rust' : 'soft'} live>
      {`${f.count(ears, 'ear is', 'ears are')} ready in all, ${f.count(tassels, 'tassel', 'tassels')} bagged for them.`}
    </Text>
  );
}

/** The codes to write on the tags of the females. */
function Tags({ tags }: { readonly tags: readonly string[] }) {
  const f = useFormat();
  if (tags.length === 0) return null;
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        flexWrap: 'wrap',
        gap: SPACE.m,
        paddingVertical: SPACE.s,
      }}
    >
      <Text>{f.plural(tags.length, 'Tag:', 'Tags:')}</Text>
      {tags.map((code) => (
        <Text variant="code" key={code} style={{ fontSize: 26, lineHeight: 32 }}>
          {formatTagCode(code)}
        </Text>
      ))}
    </View>
  );
}
