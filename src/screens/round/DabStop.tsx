import { useState } from 'react';
import { View } from 'react-native';
import type { Found, MissedWhy, PollinateStop } from '@/core/journal/entry';
import { showTagCode } from '@/core/codes/tagCode';
import { donorsNow } from '@/core/round/progress';
import { plantLabel } from '@/core/records/flowerRows';
import { wantsSeed } from '@/core/purity/fruitPurity';
import { useGarden, useRecord } from '@/data/provider';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE, TOUCH, usePalette } from '@/ui/theme';
import { FOUND, MISSED } from '../words/names';
import { StopCard, type Exception, type StopProps } from './StopCard';

const DOUBTFUL: readonly Exclude<Found, 'shut'>[] = ['hole', 'insect', 'open', 'wilted'];
const LOST: readonly MissedWhy[] = ['broke', 'notFound'];

/** Brushing one female. As planned it is one tap; an exception takes one or two. */
export function DabStop({ stop, ...shared }: StopProps & { readonly stop: PollinateStop }) {
  const { journal } = useGarden().store;
  const record = useRecord();
  const [found, setFound] = useState<Exclude<Found, 'shut'>>();
  const { round, variety } = shared;
  const flower = journal.all('flower').get(stop.flower);
  const donors = donorsNow(stop, round, journal);
  const covered = flower?.cover !== undefined && flower.cover.method !== 'none';
  const seed = variety ? wantsSeed(variety.purpose) : false;
  const where = { flower: stop.flower, plant: stop.plant, round: round.round, stop: stop.stop };

  const miss = (why: MissedWhy): void => record([{ kind: 'missed', body: { ...where, why } }]);
  const dab = (as: Found, shutAgain: boolean): void =>
    record([
      {
        kind: 'pollinated',
        body: {
          ...where,
          donors: donors.map(({ plant, flower: male }) => ({ plant, flower: male })),
          found: as,
          method: 'maleFlower',
          shutAgain,
          tagged: true,
        },
      },
    ]);
  const asPlanned = (): void => dab(covered ? 'shut' : 'open', covered);
  const exceptions: Exception[] = [
    ...DOUBTFUL.map((as) => ({ title: MISSED[as], onPress: () => setFound(as) })),
    ...LOST.map((why) => ({ title: MISSED[why], onPress: () => miss(why) })),
  ];
  const tag = flower?.code ? showTagCode(flower.code) : undefined;
  const says = `Brush the female with ${donors.map(({ plant }) => plantLabel(journal, plant)).join(', ') || 'nothing'}${tag ? `, tag ${tag}` : ''}`;

  if (found) {
    return (
      <StopCard
        {...shared}
        stop={stop}
        sex="female"
        covered={false}
        says={`Found ${FOUND[found]}. Brush it, or leave it.`}
        exceptions={[{ title: 'Back', onPress: () => setFound(undefined) }]}
        done={{ title: 'Leave it', onPress: () => miss(found) }}
      >
        <Words kind="stop" style={{ marginTop: SPACE.m }}>{`Found ${FOUND[found]}.`}</Words>
        <Words style={{ marginVertical: SPACE.s }}>
          {seed ? 'Not for seed any more. It can still give a fruit to eat.' : 'It can still give a fruit.'}
        </Words>
        {donors.length > 0 ? (
          <Action
            size="big"
            title={seed ? 'Brush it, to eat' : 'Brush it'}
            onPress={() => dab(found, covered)}
          />
        ) : null}
      </StopCard>
    );
  }
  return (
    <StopCard
      {...shared}
      stop={stop}
      sex="female"
      covered={covered}
      says={says}
      exceptions={exceptions}
      done={
        donors.length > 0
          ? { title: 'Done', onPress: asPlanned }
          : { title: 'Leave it', onPress: () => miss('noPollen') }
      }
    >
      <Words kind="strong" style={{ marginTop: SPACE.m, marginBottom: SPACE.s }}>
        {donors.length > 0 ? 'Brush with the males from' : 'No pollen is left for her'}
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {donors.map((donor) => (
          <DonorChip
            key={donor.flower}
            name={plantLabel(journal, donor.plant)}
            note={donor.state === 'instead' ? 'instead' : donor.plant === stop.plant ? 'her own' : undefined}
          />
        ))}
      </View>
      {covered ? (
        <View
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            flexWrap: 'wrap',
            gap: SPACE.s,
            marginTop: SPACE.m,
          }}
        >
          <Words>Shut it again{tag ? ', then tag' : ''}</Words>
          {tag ? <Words kind="code">{tag}</Words> : null}
          {donors.length > 0 ? (
            <Action kind="quiet" title="Could not shut it" onPress={() => dab('shut', false)} />
          ) : null}
        </View>
      ) : tag ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s, marginTop: SPACE.m }}>
          <Words>Tag</Words>
          <Words kind="code">{tag}</Words>
        </View>
      ) : null}
    </StopCard>
  );
}

/** A plant that gives pollen. */
function DonorChip({ name, note }: { readonly name: string; readonly note?: string }) {
  const palette = usePalette();
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: SPACE.s,
        minHeight: TOUCH.least,
        paddingLeft: 10,
        paddingRight: 14,
        borderWidth: 2,
        borderColor: palette.ink,
        borderRadius: 24,
        borderBottomLeftRadius: 6,
        backgroundColor: palette.paper,
      }}
    >
      <Glyph name="male" />
      <Words kind="label">{name}</Words>
      {note ? <Words kind="small">{note}</Words> : null}
    </View>
  );
}
