import { useGarden, useUndo } from '@/data/provider';
import type { Round } from '@/core/journal/state';
import { plantLabel } from '@/core/records/flowerRows';
import { Action } from '@/ui/parts/Action';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { Glyph } from '@/ui/glyphs/Glyph';
import { useFormat } from '../format';
import { Page } from '../shell/Page';
import { MISSED } from '../words/names';
import { WayEndFoot } from './WayHead';

/** After the last stop. */
export function RoundDone({ round }: { readonly round: Round }) {
  const f = useFormat();
  const { undo } = useUndo();
  const { journal } = useGarden().store;
  const flowers = round.stops.filter((stop) => stop.kind === 'pollinate');
  const done = flowers.filter(({ stop }) => round.done.get(stop)?.outcome === 'done');
  const missed = round.stops.flatMap((stop) => {
    const outcome = round.done.get(stop.stop)?.outcome;
    return outcome && outcome !== 'done' ? [{ stop, outcome }] : [];
  });
  return (
    <Page
      title="Round done"
      foot={
        <WayEndFoot>
          <Action size="big" title="Undo" onPress={() => void undo()} />
        </WayEndFoot>
      }
    >
      <Words live>
        {`${done.length} of ${f.count(flowers.length, 'flower', 'flowers')} pollinated. The first look is due in three days.`}
      </Words>
      {missed.map(({ stop, outcome }) => (
        <Line
          key={stop.stop}
          glyph={<Glyph name={stop.kind === 'pick' ? 'male' : 'female'} tone="rust" />}
          tone="rust"
          title={plantLabel(journal, stop.plant)}
          note={MISSED[outcome]}
        />
      ))}
    </Page>
  );
}
