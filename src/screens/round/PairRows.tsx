import { Fragment, useState } from 'react';
import { pollenElsewhere } from '@/core/due/pollenElsewhere';
import type { MaleBud } from '@/core/pairing/buds';
import type { Day } from '@/core/time/types';
import type { Pair } from '@/core/pairing/pairFlowers';
import { plantLabel } from '@/core/records/plantLabel';
import { groupBy } from '@/core/text/groupBy';
import { useGarden } from '@/data/hooks/useGarden';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { bloomGlyph } from '../words/blooms';
import { sayReason } from '../words/reasons/morning';
import { sayDonors } from '../words/stops';
import { NoPollenFits } from './NoPollenFits';

interface PairRowsProps {
  readonly pairs: readonly Pair[];
  /** What is said of flowers that are reached too late, by bloom. */
  readonly late: ReadonlyMap<string, string>;
  /** Those of the day, whoever takes them. */
  readonly males: readonly MaleBud[];
  readonly day: Day;
}

/** As many as are drawn at once; a long morning has hundreds. */
const AT_ONCE = 24;

/** Who takes whose pollen, and why: first those with something wrong. */
export function PairRows({ pairs, late, males, day }: PairRowsProps) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const [shown, setShown] = useState(AT_ONCE);
  const said = (pair: Pair): string =>
    [late.get(pair.bloom) ?? [], ...pair.reasons.map((reason) => sayReason(reason, f))].flat().join(' ');
  const takes = ({ donors }: Pair): string => sayDonors(journal, donors, f);
  const isWrong = ({ bloom, donors }: Pair): boolean => donors.length === 0 || late.has(bloom);
  const ordered = [...pairs.filter(isWrong), ...pairs.filter((pair) => !isWrong(pair))];
  const alike = [
    ...groupBy(ordered, (pair) => JSON.stringify([pair.plant, takes(pair), said(pair)])).values(),
  ];
  const more = alike.length - shown;
  return (
    <>
      {alike.slice(0, shown).map(([pair, ...others]) => (
        <Fragment key={pair!.bloom}>
          <ListRow
            glyph={<Glyph name={bloomGlyph(journal.all('bloom').get(pair!.bloom)!)} />}
            title={sayTakes(plantLabel(journal, pair!.plant), others.length + 1, takes(pair!), f)}
            tone={isWrong(pair!) ? 'rust' : 'ink'}
            note={said(pair!)}
          />
          {pair!.donors.length === 0 ? (
            <NoPollenFits without={pollenElsewhere(journal, pair!, males, day)} />
          ) : null}
        </Fragment>
      ))}
      {more > 0 ? (
        <Button
          title={`Show ${f.number(Math.min(more, AT_ONCE * 2))} more of ${f.number(more)}`}
          onPress={() => setShown(shown + AT_ONCE * 2)}
        />
      ) : null}
    </>
  );
}

/** So many flowers of a plant, and the plants that they take pollen of; an empty text where there is none. */
function sayTakes(plant: string, flowers: number, from: string, f: Format): string {
  if (from === '') return flowers > 1 ? `${f.number(flowers)} on ${plant}: no pollen` : `${plant}: no pollen`;
  return flowers > 1 ? `${f.number(flowers)} on ${plant} take ${from} each` : `${plant} takes ${from}`;
}
