import { type ReactNode, useState } from 'react';
import { View } from 'react-native';
import { coveringOf } from '@/core/crops/catalogue';
import { type CoverMethod, type Sex, SEXES } from '@/core/journal/kinds/walk';
import { formatTagCode } from '@/core/text/tagCode';
import { dayAt } from '@/core/time/calendar';
import type { WalkedPlant } from '@/core/due/outings';
import { useGarden } from '@/data/hooks/useGarden';
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
import type { ExpectedBuds } from '@/core/opening/expectedAt';
import { Expectation } from './Expectation';
import { PlantHeading } from '../shell/PlantHeading';
import { PlantLoad } from '../shell/PlantLoad';
import { useLow } from '../shell/useWide';
import { walkWords } from '../words/blooms';
import { howToCover } from '../words/howTo';
import { COVERS, FLOWER_COVERS } from '../words/names';
import { sayPlace } from '../words/places';
import { CrossesHere, TasselsNeeded } from './VisitNotes';
import { useVisit } from './useVisit';
import { WidensMost } from './WidensMost';

export interface PlantOnWalkProps {
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

/** One plant on the walk: count what opens next, cover it, tie the tags. */
export function PlantOnWalk({ walked, head, expected, aside, foot, onDone, onNoted }: PlantOnWalkProps) {
  const f = useFormat();
  const { store } = useGarden();
  const [choosing, setChoosing] = useState(false);
  // On a phone on its side the counters come first.
  const low = useLow();
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
  const load = roles.bears ? <PlantLoad plant={plant} variety={variety} /> : null;
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
      {low ? null : load}
      {steppers('eve')}
      {low ? load : null}
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
      <WidensMost walked={walked} />
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

/** What the button says: how much is covered, or only noted. */
function sayDone(covered: number, seen: number, method: CoverMethod, f: Format): string {
  if (covered > 0) return `${method === 'none' ? 'Mark' : 'Cover'} ${f.number(covered)}, next`;
  return seen > 0 ? `Note ${f.number(seen)}, next` : 'None, next';
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
