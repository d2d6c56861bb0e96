import { useState } from 'react';
import { View } from 'react-native';
import { showTagCode } from '@/core/codes/tagCode';
import type { Fruit } from '@/core/fruit/fruits';
import type { Cause, LookSeen } from '@/core/journal/entry';
import { useGarden, useRecord, useUndo } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { Choice } from '@/ui/parts/Choice';
import { Sheet } from '@/ui/parts/Sheet';
import { Words } from '@/ui/parts/Words';
import { SPACE, TOUCH } from '@/ui/theme';
import { placeInWords } from '../garden/labels';
import { CAUSES, SEEN } from '../words/names';

const WHAT_TO_SEE = {
  early: 'Day 3 to 4: does the fruitlet swell, are the lobes inside brown?',
  set: 'Day 7 to 8: is it growing on?',
  kept: 'Day 14 and after: is it still there and growing?',
} as const;

/**
 * One look: two taps when it fails, one when it grows.
 *
 * @param named say which fruit it is; a page about one fruit has said so already.
 */
export function LookCard({ fruit, named = true }: { readonly fruit: Fruit; readonly named?: boolean }) {
  const record = useRecord();
  const { undo } = useUndo();
  const { journal } = useGarden().store;
  const [failing, setFailing] = useState<LookSeen>();
  const { flower, plant, variety, course, look } = fruit;
  const say = (seen: LookSeen, cause?: Cause): void => {
    setFailing(undefined);
    record([{ kind: 'looked', body: { flower: flower.flower, seen, ...(cause && { cause }) } }]);
  };
  const answer = { flexGrow: 1, flexBasis: '45%' as const, height: TOUCH.round };
  return (
    <View style={{ gap: SPACE.s }}>
      {named ? (
        <>
          <Words tone="soft">
            {placeInWords(journal, plant)}, {variety.name}
          </Words>
          <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: SPACE.m }}>
            <Words kind="code" live>
              {flower.code ? showTagCode(flower.code) : 'no tag'}
            </Words>
            <Words kind="strong">day {course.age}</Words>
          </View>
        </>
      ) : null}
      {look ? <Words>{WHAT_TO_SEE[look.kind]}</Words> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Action kind="main" size="big" title={SEEN.growing} onPress={() => say('growing')} style={answer} />
        <Action
          size="big"
          title={SEEN.misshapen}
          onPress={() => say('misshapen', 'partlyPollinated')}
          style={answer}
        />
        <Action size="big" title={SEEN.yellowing} onPress={() => setFailing('yellowing')} style={answer} />
        <Action size="big" title={SEEN.gone} onPress={() => setFailing('gone')} style={answer} />
        <Action size="big" title={SEEN.unsure} onPress={() => say('unsure')} style={answer} />
        <Action size="big" title="Undo" onPress={() => void undo()} style={answer} />
      </View>
      <Sheet
        title="What do you see?"
        open={failing !== undefined}
        onClose={() => setFailing(undefined)}
        closeTitle="Close"
      >
        <Words>Take a failing fruitlet off, so that it costs the plant nothing.</Words>
        <Choice<Cause>
          label="Likely cause"
          value={undefined}
          options={(Object.keys(CAUSES) as Cause[]).map((value) => ({
            value,
            title: CAUSES[value].name,
            note: CAUSES[value].sign,
          }))}
          onChange={(cause) => say(failing!, cause)}
        />
      </Sheet>
    </View>
  );
}
