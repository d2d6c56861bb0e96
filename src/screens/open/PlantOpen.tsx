import type { PollinationMethod } from '@/core/crops/crop';
import { meantFor } from '@/core/journal/matingOf';
import { techniqueOf } from '@/core/outing/technique';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { bearingSexOf, carryingMethodsFor, cropOf } from '@/core/crops/catalogue';

import { SEXES } from '@/core/journal/kinds/walk';
import type { OpeningWindow } from '@/core/opening/openingWindow';
import { bestSpan } from '@/core/opening/worth';
import { cohortOfVisit } from '@/core/due/cohortOfVisit';
import { noneOpenFacts, openVisitFacts } from '@/core/due/openVisit';
import { malesServe, pollenFor, suggestedFathers, type PollenPlant } from '@/core/due/pollenFor';
import { isOpenAt, seenOutOfHours, type OpenPlant } from '@/core/due/openNow';
import { useDraft } from '@/data/hooks/useDraft';
import { useGarden } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { eitherWay, useRecord, whenSaved } from '@/data/hooks/useRecord';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Sheet } from '@/ui/parts/Sheet';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { DoneFoot } from '../shell/WithUndo';
import { TieWith } from '../shell/TieWith';
import { NoneInTheRest } from '../shell/NoneInTheRest';
import { PlantHeading } from '../shell/PlantHeading';
import { PlantLoad } from '../shell/PlantLoad';
import { useOnlyMales } from '../week/useOnlyMales';
import { sayBestHours, sayNoPollen, sayOnlyMales, sayOutOfHours } from '../words/flowers';
import { METHODS } from '../words/names';
import { sayPlace } from '../words/places';
import { UnsureButton } from '../identify/UnsureButton';
import { CountRow } from './CountRow';
import { PollenChoice } from './PollenChoice';
import { StepByStep } from './StepByStep';
import { TriedHere } from './TriedHere';

interface PlantOpenProps {
  readonly here: OpenPlant;
  readonly head: ReactNode;
  /** Second column on a wide screen. */
  readonly aside?: ReactNode;
  /** Plants that are left, this one among them. */
  readonly left: readonly OpenPlant[];
  readonly onDone: () => void;
}

interface Draft {
  readonly female?: number;
  readonly male?: number;
  readonly method: PollinationMethod;
  /** Plants whose pollen was used; until one is tapped, those suggested. */
  readonly fathers?: readonly string[];
  /** Pollen of no plant of the plan: a neighbour's, or one that nobody names. */
  readonly elsewhere?: boolean;
  /** How many of the females got pollen; all, until it is said. */
  readonly pollinated?: number;
  readonly closing?: boolean;
  readonly faded?: boolean;
}

/** One plant: how many females and males are open, whose pollen, done. */
export function PlantOpen({ here, left, head, aside, onDone }: PlantOpenProps) {
  const record = useRecord();
  const f = useFormat();
  const { journal } = useGarden().store;
  const [choosing, setChoosing] = useState(false);
  const { draft, setDraft, pollen, fathers, done, save } = usePlantOpen(here, onDone);
  if (!draft) return null;
  const { plant, variety } = here;
  const female = draft.female ?? 0;
  const hasSource = fathers.length > 0 || draft.elsewhere === true;
  const isLeft = here.tried?.way.insects === true;
  const counted = draft.female !== undefined || draft.male !== undefined;
  const bearing = bearingSexOf(cropOf(variety.crop), variety.traits);
  return (
    <Page
      title={`${sayPlace(journal, plant)}, ${variety.name}`}
      heading={false}
      over={head}
      aside={aside}
      foot={
        <DoneFoot
          work="open"
          title={
            female === 0
              ? counted
                ? 'No female, next'
                : 'None open, next'
              : isLeft
                ? `Left ${f.number(female)} to the insects`
                : done === 0
                  ? 'No pollen, next'
                  : `Pollinated ${f.number(done)}${done < female ? ` of ${f.number(female)}` : ''}`
          }
          onPress={save}
        />
      }
    >
      <PlantHeading plant={plant} variety={variety} />
      <PlantLoad plant={plant} variety={variety} />
      {here.window ? <BestHours window={here.window} /> : null}
      <TriedHere tried={here.tried} />
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <StepByStep variety={variety} method={draft.method} />
        <UnsureButton plant={plant.plant} />
      </View>
      {SEXES.map((sex) => (
        <CountRow
          key={sex}
          label={
            sex === 'male' ? 'Males open' : bearing === 'perfect' ? 'With a fruitlet, open' : 'Females open'
          }
          glyph={<Glyph name={sex === 'male' ? 'male' : bearing} size={30} />}
          value={draft[sex]}
          onChange={(count) => setDraft({ ...draft, [sex]: count })}
        />
      ))}
      {counted ? null : (
        <View style={{ marginTop: SPACE.m }}>
          <NoneInTheRest
            left={left}
            here={here}
            what="open"
            onNone={(rest) => record(noneOpenFacts(rest), eitherWay(onDone))}
          />
        </View>
      )}
      {draft.female === 0 && draft.male ? <OnlyMalesHere variety={variety.variety} /> : null}
      {female > 0 && !isLeft ? (
        <View style={{ marginTop: SPACE.l, gap: SPACE.s }}>
          <PollenChoice
            pollen={pollen}
            own={plant.plant}
            fathers={fathers}
            elsewhere={draft.elsewhere === true}
            females={female}
            serves={malesServe(here)}
            onChange={(source) => setDraft({ ...draft, ...source })}
          />
          {hasSource ? (
            <>
              {female > 1 ? (
                <Stepper
                  label="Got pollen"
                  value={done}
                  most={female}
                  onChange={(pollinated) => setDraft({ ...draft, pollinated })}
                  lessLabel="One less got pollen"
                  moreLabel="One more got pollen"
                />
              ) : null}
              <PastTheirBest draft={draft} onChange={setDraft} />
              <TieWith flower={{ variety: variety.variety, day: here.day }} />
              <Button title={`With: ${METHODS[draft.method]}`} onPress={() => setChoosing(true)} />
            </>
          ) : (
            <Text live>{sayNoPollen(variety)}</Text>
          )}
        </View>
      ) : null}
      <Sheet title="What with?" open={choosing} onClose={() => setChoosing(false)} closeTitle="Close">
        <Choice<PollinationMethod>
          label="Tool"
          value={draft.method}
          options={carryingMethodsFor(cropOf(variety.crop)).map((value) => ({
            value,
            title: METHODS[value],
          }))}
          onChange={(method) => {
            setDraft({ ...draft, method });
            setChoosing(false);
          }}
        />
      </Sheet>
    </Page>
  );
}

/** Until when it goes well, and from when it is too late. */
function BestHours({ window }: { readonly window: OpeningWindow }) {
  const f = useFormat();
  const now = useNow();
  return (
    <Text variant="small" tone={now > window.lastSafe ? 'rust' : 'soft'}>
      {isOpenAt(window, now)
        ? sayBestHours(bestSpan(window, { guarded: true }), window.lastSafe, now, f)
        : sayOutOfHours(window, f)}
    </Text>
  );
}

/** Where males were met and no female yet: that is as it should be. */
function OnlyMalesHere({ variety }: { readonly variety: string }) {
  const f = useFormat();
  const only = useOnlyMales(variety)?.get(variety);
  return only ? (
    <Text style={{ marginTop: SPACE.m }} live>
      {sayOnlyMales(only, f)}
    </Text>
  ) : null;
}

/** The counts of a plant as a draft, whose pollen is at hand, and the way to record them. */
function usePlantOpen(
  here: OpenPlant,
  onDone: () => void,
): {
  readonly draft: Draft | undefined;
  readonly setDraft: (draft: Draft) => void;
  readonly pollen: readonly PollenPlant[];
  readonly fathers: readonly string[];
  /** Females that got pollen. */
  readonly done: number;
  readonly save: () => void;
} {
  const { store } = useGarden();
  const { journal } = store;
  const record = useRecord();
  const { plant, variety, day, open } = here;
  const bloom = journal.all('bloom').get(cohortOfVisit(plant.plant, variety, day));
  const before = bloom?.pollination;
  const [draft, setDraft, dropDraft] = useDraft<Draft>(`open/${plant.plant}|${day}`, {
    ...open,
    method:
      before?.method ??
      here.tried?.way.method ??
      techniqueOf(journal, meantFor(journal, plant.plant, day)!).method,
    ...(before && {
      fathers: before.donors.map((donor) => donor.plant),
      elsewhere: before.donors.length === 0,
      // All of them, where nothing else was said, also of a count that is put right.
      ...(bloom.count < (open?.female ?? 0) && { pollinated: bloom.count }),
      closing: before.found === 'wilted',
      faded: before.faded === true,
    }),
  });
  const pollen = pollenFor(journal, here, draft?.male ?? 0);
  const fathers = draft?.fathers ?? suggestedFathers(pollen, here);
  const female = draft?.female ?? 0;
  const hasSource = fathers.length > 0 || draft?.elsewhere === true;
  const done = hasSource ? Math.min(female, draft?.pollinated ?? female) : 0;
  const save = (): void => {
    if (!draft) return;
    const open = { female, male: draft.male ?? 0 };
    const { method, closing = false, faded = false } = draft;
    const left = here.tried?.way.insects === true;
    const visit = { open, pollinated: done, method, fathers, closing, faded, left };
    record(
      [...openVisitFacts(journal, here, visit), ...seenOutOfHours(here, open, store.clock.now())],
      whenSaved(dropDraft),
    );
    onDone();
  };
  return { draft, setDraft, pollen, fathers, done, save };
}

/** Late in the morning one may still try: it is marked, since it sets less often. */
function PastTheirBest({
  draft,
  onChange,
}: {
  readonly draft: Draft;
  readonly onChange: (draft: Draft) => void;
}) {
  const { closing = false, faded = false } = draft;
  return (
    <View style={{ gap: SPACE.xs }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Button
          title={`${closing ? '✓ ' : ''}Females closing`}
          selected={closing}
          onPress={() => onChange({ ...draft, closing: !closing })}
        />
        <Button
          title={`${faded ? '✓ ' : ''}Males faded`}
          selected={faded}
          onPress={() => onChange({ ...draft, faded: !faded })}
        />
      </View>
      {closing || faded ? (
        <Text variant="small" tone="soft">
          Worth a try, and noted: it sets less often.
        </Text>
      ) : null}
    </View>
  );
}
