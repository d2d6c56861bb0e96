/** A word of the trade, explained. */
export interface Term {
  /** As it stands in a sentence. */
  readonly term: string;
  readonly text: string;
}

/** The words that are not everyday ones, each explained once. */
export const GLOSSARY = {
  abortion: {
    term: 'drop',
    text: 'A fruitlet that the plant lets go: it yellows, shrivels and falls, mostly within a week or two.',
  },
  accession: {
    term: 'accession',
    text: 'A lot of seed as a collection or seed bank lists it, with a number of its own and where it came from.',
  },
  backcross: {
    term: 'backcross',
    text: 'A cross, crossed again with one of its parents. With each time its plants are more like that one.',
  },
  bulk: {
    term: 'bulk',
    text: 'Seed of many plants put together and sown on without choosing among them. Nothing can be sorted out of it later.',
  },
  cluster: {
    term: 'clusters',
    text: 'Flowers of one plant share its load and its luck. So ten flowers on one plant say less of a variety than ten on ten plants, and its interval is wider.',
  },
  controlFlower: {
    term: 'control flower',
    text: 'A flower that lost its anthers, was bagged, and got no pollen. If it sets all the same, the others may have got pollen by accident too.',
  },
  cross: {
    term: 'cross',
    text: 'Seed of two known parents. The mother is named first: mother × father.',
  },
  degreeDays: {
    term: 'degree days',
    text: 'Warmth added up day by day, above the temperature at which a crop begins to grow. Plants flower after so many of them, sooner in a warm year.',
  },
  dewPoint: {
    term: 'dew point',
    text: 'The temperature at which the air’s moisture becomes dew. High, it means damp air, in which pollen clumps.',
  },
  effectiveSize: {
    term: 'effective size',
    text: 'How many plants your parents are worth, if each plant gave the same number of seeds. Ten fruits of one mother are worth little more than one plant: seed from few parents weakens over the years.',
  },
  emasculate: {
    term: 'emasculate',
    text: 'To take the anthers out of a flower before it opens, so that it cannot pollinate itself.',
  },
  endRot: {
    term: 'end rot',
    text: 'A dark, sunken patch at the flower end of a growing fruit. It comes from uneven water and calcium, not from the pollen.',
  },
  eveBud: {
    term: 'eve bud',
    text: 'A bud that opens next: long, firm and pointed, with the petals’ colour along the seams. It is the one to cover.',
  },
  f1: {
    term: 'F1',
    text: 'The first generation of a cross. Its plants are alike, and their own seed is not: it comes in all kinds.',
  },
  father: {
    term: 'father',
    text: 'The plant whose pollen was used.',
  },
  generation: {
    term: 'generation',
    text: 'From one seed to the next. F1 is the first after a cross, F2 comes of F1 plants with their own pollen, and so on.',
  },
  greenBud: {
    term: 'green bud',
    text: 'A larger bud whose petals are still green and slack. It opens in about two days: too early to cover.',
  },
  inbreeding: {
    term: 'inbreeding',
    text: 'Parents that are related give seed whose two halves are partly the same. In squash a little does no harm; corn weakens visibly.',
  },
  isolationDistance: {
    term: 'isolation distance',
    text: 'How far a variety must stand from anything it could cross with, so that little foreign pollen reaches it. A rule, not a guarantee.',
  },
  landrace: {
    term: 'landrace',
    text: 'An old local variety whose plants are not all alike. It is kept by seed of many plants, not of the one best.',
  },
  lot: {
    term: 'lot',
    text: 'Seed that was taken together: one variety, one season, known mothers and fathers.',
  },
  mother: {
    term: 'mother',
    text: 'The plant that bears the fruit and the seed.',
  },
  offType: {
    term: 'off-type',
    text: 'A plant that does not look like its variety. It is pulled out before it gives pollen.',
  },
  perfect: {
    term: 'perfect flower',
    text: 'A flower that is male and female at once.',
  },
  pin: {
    term: 'tiny bud',
    text: 'A bud at the growing tip, three days or more from opening. Its sex already shows.',
  },
  rogue: {
    term: 'rogue',
    text: 'To pull out what is not true to type, best before it gives pollen.',
  },
  self: {
    term: 'self',
    text: 'To give a flower pollen of its own plant.',
  },
  setRate: {
    term: 'set',
    text: 'A flower has set when its fruitlet grows, which is known after a week or so. Kept means that it still grows after two weeks, or was picked.',
  },
  shootBag: {
    term: 'shoot bag',
    text: 'A bag over a young ear of corn, put on before any silk shows.',
  },
  sib: {
    term: 'sib',
    text: 'To give a flower pollen of another plant of the same variety: a sister, as it were.',
  },
  silk: {
    term: 'silk',
    text: 'The threads at the tip of an ear of corn. Each leads to one kernel and must get a grain of pollen.',
  },
  stand: {
    term: 'stand',
    text: 'Plants of a row that nobody numbers. They count as one plant wherever plants are told apart.',
  },
  tassel: {
    term: 'tassel',
    text: 'The male flowers on top of a corn plant.',
  },
  timeIsolation: {
    term: 'isolated by time',
    text: 'Two varieties that do not flower together do not cross, however near they stand.',
  },
  trueToType: {
    term: 'true to type',
    text: 'Seed that grows into plants like its mother, since no other variety’s pollen came in.',
  },
  truss: {
    term: 'truss',
    text: 'Flowers on one stalk, as in tomatoes.',
  },
  wilson: {
    term: 'intervals after Wilson',
    text: 'Of few flowers a rate says little: 3 of 4 may be luck. The interval says between which rates the true one lies in 95 of 100 cases; the more flowers, the narrower it is.',
  },
} as const satisfies Readonly<Record<string, Term>>;

export type TermId = keyof typeof GLOSSARY;

/** A stretch of a text, and what it is to be explained as. */
export interface Stretch {
  readonly text: string;
  readonly explains?: TermId;
}

/**
 * A text cut where words begin that are to be explained; each is explained where it first stands.
 *
 * @example cutAtTerms('worth 7 (effective size).', ['effectiveSize']).length // 3
 */
export function cutAtTerms(text: string, terms: readonly TermId[]): Stretch[] {
  const [id, ...others] = terms;
  if (id === undefined) return text === '' ? [] : [{ text }];
  const { term } = GLOSSARY[id];
  const at = text.toLowerCase().indexOf(term.toLowerCase());
  if (at < 0) return cutAtTerms(text, others);
  const end = at + term.length;
  return [
    ...cutAtTerms(text.slice(0, at), others),
    { text: text.slice(at, end), explains: id },
    ...cutAtTerms(text.slice(end), others),
  ];
}

/** All words, by alphabet. */
export const TERM_IDS = (Object.keys(GLOSSARY) as TermId[]).sort((a, b) =>
  GLOSSARY[a].term.localeCompare(GLOSSARY[b].term, 'en'),
);
