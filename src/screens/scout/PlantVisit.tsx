import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { bearingSex } from '@/core/crops/traits';
import { wantsSeed } from '@/core/crops/variety';
import { COVER_METHODS, SEXES, walkId, type CoverMethod, type Sex } from '@/core/journal/kinds/scout';
import type { Plant, Variety } from '@/core/journal/state';
import { formatTagCode } from '@/core/text/tagCode';
import type { Day } from '@/core/time/types';
import { scoutVisitFacts, type ScoutVisit } from '@/core/work/scoutVisit';
import { newId } from '@/data/clock';
import { useDraft } from '@/data/hooks/useDraft';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { useUndo } from '@/data/hooks/useUndo';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Sheet } from '@/ui/parts/Sheet';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { PlantHeading } from '../shell/PlantHeading';
import { COVERS } from '../words/names';
import { sayPlace } from '../words/places';

export interface PlantVisitProps {
  readonly plant: Plant;
  readonly morning: Day;
  readonly head: ReactNode;
  /** Second column on a wide screen. */
  readonly aside?: ReactNode;
  readonly onDone: () => void;
}

type Counts = Pick<ScoutVisit, 'eve' | 'green' | 'method'>;

/** Beyond this many of one sex on one plant a finger has slipped. */
const MOST_BUDS = 12;

/** One plant on the evening walk: count its buds, cover those that open tomorrow, tie the tags. */
export function PlantVisit({ plant, morning, head, aside, onDone }: PlantVisitProps) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const { undo } = useUndo();
  const [choosing, setChoosing] = useState(false);
  const { counts, setCounts, tags, save } = useVisit(plant, morning, onDone);
  if (!counts) return null;
  const { eve, green, method } = counts;
  const total = eve.female + eve.male;
  const variety = journal.all('variety').get(plant.variety);
  const set = (stage: 'eve' | 'green', sex: Sex) => (value: number) =>
    setCounts({ ...counts, [stage]: { ...counts[stage], [sex]: value } });
  const verb = method === 'none' ? 'Mark' : 'Cover';
  const bearing = bearingSex(variety?.traits ?? {});
  return (
    <Page
      title={`${sayPlace(journal, plant)}, ${variety?.name ?? ''}`}
      heading={false}
      over={head}
      aside={aside}
      foot={
        <View style={{ flexDirection: 'row', gap: SPACE.s }}>
          <Button
            variant="main"
            size="huge"
            title={total > 0 ? `${verb} ${f.number(total)}, next` : 'None, next'}
            onPress={save}
            style={{ flex: 1 }}
          />
          <Button title="Undo" size="huge" onPress={() => void undo()} style={{ width: 96 }} />
        </View>
      }
    >
      <PlantHeading plant={plant} variety={variety} />
      <Text variant="strong">Opens tomorrow</Text>
      <Text variant="small" tone="soft" style={{ marginBottom: SPACE.xs }}>
        {variety && cropOf(variety.crop).smallFlowered
          ? 'The first trace of yellow at the tip.'
          : 'Long, firm, pointed, yellow along the seams.'}
      </Text>
      <BudSteppers counts={eve} bearing={bearing} onChange={(sex) => set('eve', sex)} />
      <Tags tags={tags} />
      {total > 0 ? (
        <Button
          title={`How: ${COVERS[method]}`}
          onPress={() => setChoosing(true)}
          style={{ marginVertical: SPACE.s }}
        />
      ) : null}
      <Text variant="strong" style={{ marginTop: SPACE.m }}>
        Still green: opens in about two days
      </Text>
      <BudSteppers counts={green} bearing={bearing} onChange={(sex) => set('green', sex)} />
      <Sheet
        title="How do you keep it shut?"
        open={choosing}
        onClose={() => setChoosing(false)}
        closeTitle="Close"
      >
        <Choice<CoverMethod>
          label="Cover"
          value={method}
          options={COVER_METHODS.map((value) => ({ value, title: COVERS[value] }))}
          onChange={(value) => {
            setCounts({ ...counts, method: value });
            setChoosing(false);
          }}
        />
      </Sheet>
    </Page>
  );
}

/** The counts of a visit as a draft, the tags they need, and the way to record them. */
function useVisit(
  plant: Plant,
  morning: Day,
  onDone: () => void,
): {
  readonly counts: Counts | undefined;
  readonly setCounts: (counts: Counts) => void;
  readonly tags: readonly string[];
  readonly save: () => void;
} {
  const { store } = useGarden();
  const record = useRecord();
  const { journal } = store;
  const walk = journal.all('walk').get(walkId(plant.plant, morning));
  const blooms = journal.all('bloom');
  const before = (walk?.blooms ?? []).flatMap((id) => blooms.get(id) ?? []);
  const variety = journal.all('variety').get(plant.variety);
  const seed = variety ? wantsSeed(variety.purpose) : false;
  const [counts, setCounts, dropCounts] = useDraft<Counts>(`visit/${walkId(plant.plant, morning)}`, {
    eve: walk?.eve ?? { female: 0, male: 0 },
    green: walk?.green ?? { female: 0, male: 0 },
    method: before[0]?.cover?.method ?? (variety && seed ? usualCover(variety.crop) : 'none'),
  });
  const tagged = before.filter(({ sex }) => sex !== 'male').map(({ code }) => code);
  const tags = [...tagged, ...store.tags.next(MOST_BUDS)].slice(0, counts?.eve.female ?? 0);
  const save = (): void => {
    if (!counts) return;
    const visit: ScoutVisit = { plant: plant.plant, day: morning, ...counts };
    const bearing = bearingSex(variety?.traits ?? {});
    const context = { walk, blooms, bearing, newId, tags: store.tags.next(MOST_BUDS) };
    record([...store.tags.ensureLetter(), ...scoutVisitFacts(visit, context)]);
    dropCounts();
    onDone();
  };
  return { counts, setCounts, tags, save };
}

/** The crop's own way to keep a flower shut. */
const usualCover = (crop: Variety['crop']): CoverMethod =>
  COVER_METHODS.find((method) => method === cropOf(crop).covers[0]) ?? 'bag';

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

interface BudSteppersProps {
  readonly counts: ScoutVisit['eve'];
  /** Sex of the flowers that carry the fruit. */
  readonly bearing: 'female' | 'perfect';
  readonly onChange: (sex: Sex) => (value: number) => void;
}

function BudSteppers({ counts, bearing, onChange }: BudSteppersProps) {
  return SEXES.map((sex) => (
    <Stepper
      key={sex}
      label={sex === 'male' ? 'Males' : bearing === 'perfect' ? 'With a fruitlet' : 'Females'}
      glyph={<Glyph name={sex === 'male' ? 'male' : bearing} size={30} />}
      value={counts[sex]}
      most={MOST_BUDS}
      onChange={onChange(sex)}
      lessLabel={`One ${sex} less`}
      moreLabel={`One ${sex} more`}
    />
  ));
}
