import { cropOf, type Crop } from '@/core/crops/catalogue';
import type { Journal } from '@/core/journal/journal';
import type { Donor, Stop } from '@/core/journal/kinds/stops';
import { donorLabel } from '@/core/records/plantLabel';
import { formatTagCode } from '@/core/text/tagCode';
import { groupBy } from '@/core/text/groupBy';
import type { Format } from '../format/format';
import { sentenceCase } from './sentenceCase';
import { wordsOf } from './forms/forms';

/** Males, plant by plant: of one from which several come, how many. */
export const byPlant = <D extends Donor>(
  journal: Journal,
  donors: readonly D[],
  f: Format,
): { readonly name: string; readonly donors: readonly D[] }[] =>
  Array.from(
    groupBy(donors, (donor) => donorLabel(journal, donor)),
    ([label, own]) => ({
      name: own.length > 1 ? `${f.number(own.length)} of ${label}` : label,
      donors: own,
    }),
  );

/** `3 of C1·1, C2·4`; nothing where there is none. */
export const sayDonors = (journal: Journal, donors: readonly Donor[], f: Format): string =>
  byPlant(journal, donors, f)
    .map(({ name }) => name)
    .join(', ');

type SayStop<S extends Stop> = (stop: S, journal: Journal, f: Format) => string;

const cropAt = (journal: Journal, { variety }: Stop): Crop | undefined => {
  const crop = journal.all('variety').get(variety)?.crop;
  return crop && cropOf(crop);
};
const tagsOf = (journal: Journal, blooms: readonly string[]): string =>
  blooms.map((bloom) => formatTagCode(journal.all('bloom').get(bloom)?.code ?? '')).join(', ');

/** What is done at each kind of stop, in a line: one that is not said does not compile. */
const STOPS: { readonly [S in Stop as S['kind']]: SayStop<S> } = {
  pick: (stop, journal, f) => {
    const { verb, what } = wordsOf(cropAt(journal, stop)?.flower).taking;
    return `${verb.toLowerCase()} ${f.count(stop.blooms.length, ...what)}`;
  },
  pollinate: (stop, journal, f) => {
    const code = journal.all('bloom').get(stop.bloom)?.code;
    return `pollinate${code ? ` ${formatTagCode(code)}` : ''} with ${sayDonors(journal, stop.donors, f) || 'nothing'}`;
  },
  uncover: (stop, journal) => `take the cover off ${tagsOf(journal, stop.blooms)}`,
  thin: (stop, journal) => `take off the fruit ${tagsOf(journal, stop.blooms)}`,
  strip: () => 'take off fruit that set by itself',
};

/** What is done at a stop, as a line of its own. */
export const sayStep = (journal: Journal, stop: Stop, f: Format): string =>
  sentenceCase((STOPS[stop.kind] as SayStop<Stop>)(stop, journal, f));
