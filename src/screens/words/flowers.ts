import type { Span } from '@/core/crops/crop';
import type { FlowerForm, FlowerStage } from '@/core/crops/flowerForm';
import type { Identification } from '@/core/flowers/identify';
import { signsOf, type SeenCrop } from '@/core/flowers/kindsOf';
import { SIGNS, type FlowerKind, type SignId, type SignValue } from '@/core/flowers/signs/sign';
import type { FlowerUse, Use, UseReason } from '@/core/flowers/flowerUse';
import type { Variety } from '@/core/journal/state';
import type { OpeningWindow } from '@/core/opening/openingWindow';
import type { OnlyMales } from '@/core/opening/onlyMales';
import type { Reason } from '@/core/text/reason';
import type { MalesFor } from '@/core/due/pollenFor';
import type { Format } from '../format/format';
import { wordsOf } from './forms/forms';

interface SignWords<V extends string> {
  /** As a question. */
  readonly asks: string;
  readonly values: Readonly<Record<V, string>>;
}

/** What is looked at, and what may be found. */
export const SIGN_WORDS: { readonly [Id in SignId]: SignWords<SignValue<Id>> } = {
  under: {
    asks: 'What is right under the petals?',
    values: { even: 'An even stalk', swelling: 'A swelling', fruitlet: 'A small fruit' },
  },
  stalkLength: { asks: 'How long is the stalk?', values: { short: 'Short', long: 'Long' } },
  grouping: { asks: 'Alone, or several together?', values: { single: 'Alone', clustered: 'Several' } },
  shoot: {
    asks: 'Where on the plant?',
    values: { mainStem: 'On the main stem', sideShoot: 'On a side shoot' },
  },
  size: { asks: 'How large is it?', values: { tiny: 'Tiny', half: 'Half grown', full: 'Full size' } },
  colour: {
    asks: 'What colour are the petals?',
    values: { green: 'Green', seams: 'Green, colour along the seams', full: 'Full colour', faded: 'Faded' },
  },
  feel: {
    asks: 'How does it feel between two fingers?',
    values: { slack: 'Slack', firm: 'Firm', limp: 'Limp' },
  },
  tip: {
    asks: 'Is it open?',
    values: { closed: 'Closed, pointed', open: 'Open', twisted: 'Twisted shut' },
  },
  inside: {
    asks: 'What is inside?',
    values: { column: 'One column', lobes: 'Several lobes', both: 'Lobes and anthers' },
  },
  organ: {
    asks: 'Which part of the plant?',
    values: { tassel: 'The tassel on top', shoot: 'A shoot on the stem' },
  },
  branches: { asks: 'Is the tassel out?', values: { wrapped: 'Wrapped in leaves', spread: 'Spread' } },
  hangingAnthers: {
    asks: 'Do yellow anthers hang from it?',
    values: { none: 'None yet', few: 'A few, in the middle', many: 'Many', pale: 'Bare and pale' },
  },
  silk: {
    asks: 'Is there silk?',
    values: { none: 'None', short: 'Short tips', long: 'Long and fresh', brown: 'Brown' },
  },
  petals: {
    asks: 'How are the petals?',
    values: { closed: 'Closed, green', colouring: 'Colouring, not open', open: 'Open', withered: 'Withered' },
  },
  anthers: {
    asks: 'How are the anthers?',
    values: { green: 'Green', plump: 'Plump, closed', dusty: 'Dusty with pollen', brown: 'Brown' },
  },
  style: {
    asks: 'Where does the stigma end?',
    values: { beyond: 'Stands out of the anthers', level: 'Level with them', below: 'Hidden below' },
  },
  centre: {
    asks: 'How is the middle?',
    values: { hidden: 'Not to be seen', pale: 'Pale dome', greenGrowing: 'Green, growing' },
  },
  rays: {
    asks: 'How are the rays?',
    values: {
      wrapped: 'Shut in green',
      unfolding: 'Yellow, unfolding',
      spread: 'Spread',
      withered: 'Withered',
    },
  },
  florets: {
    asks: 'How are the florets in the middle?',
    values: { closed: 'All shut', ring: 'A ring is open', over: 'All brown' },
  },
  back: { asks: 'What colour is the back of the head?', values: { green: 'Green', yellow: 'Yellow' } },
};

/** What was found, of a sign that was looked at. */
export const sayValue = (sign: SignId, value: string): string =>
  (SIGN_WORDS[sign].values as Readonly<Record<string, string>>)[value]!;

/** Which part of corn it is; which sex of others. */
export const saySex = (form: FlowerForm, sex: FlowerKind['sex']): string => wordsOf(form).sexes[sex];

export const sayStage = (form: FlowerForm, sex: FlowerKind['sex'], stage: FlowerStage): string =>
  wordsOf(form).stages(sex)[stage];

/**
 * What it is taken for, in a few words.
 *
 * @example sayKind(form, { sex: 'female', stage: 'eve' }) // 'Female, opens next'
 */
export const sayKind = (form: FlowerForm, { sex, stage }: FlowerKind): string =>
  `${saySex(form, sex)}, ${sayStage(form, sex, stage)}`;

/** How sure, in words: nobody at a plant thinks in percent. */
export function saySure(chance: number, f: Format): string {
  const percent = f.percent(chance);
  if (chance >= 0.95) return `Almost certain (${percent})`;
  if (chance >= 0.8) return `Very likely (${percent})`;
  if (chance >= 0.6) return `Likely (${percent})`;
  return `Unclear (${percent})`;
}

const days = ([from, to]: Span, f: Format): string =>
  from === to ? f.count(from, 'day', 'days') : `${f.number(from)} to ${f.number(to)} days`;

/** What can be done with it now. */
export function sayUse({ use, inDays }: Use, sex: FlowerKind['sex'], form: FlowerForm, f: Format): string {
  switch (use) {
    case 'cover':
      return wordsOf(form).cover(sex);
    case 'emasculate':
      return 'Emasculate it now: take the anthers out, then bag it.';
    case 'pollinate':
      return wordsOf(form).pollinate;
    case 'pollen':
      return 'Take its pollen.';
    case 'fruitOnly':
      return 'For fruit only, not for seed.';
    case 'comeBack':
      return inDays && inDays[1] <= 1
        ? 'Come back when it is open.'
        : `Too early: come back in ${inDays ? days(inDays, f) : 'some days'}.`;
    case 'leave':
      return 'Leave it.';
    case 'lookCloser':
      return 'Look once more before you do anything.';
  }
}

const USES: Readonly<Record<FlowerUse, string>> = {
  cover: 'ready to cover',
  emasculate: 'right to emasculate',
  pollinate: 'to pollinate now',
  pollen: 'good for its pollen',
  fruitOnly: 'for fruit only',
  comeBack: 'too early',
  leave: 'of no use now',
  lookCloser: 'unclear',
};

const USE_REASONS: Readonly<Record<UseReason, (params: Reason['params'], f: Format) => string>> = {
  opensNext: () => 'It opens next.',
  silkNotYet: () => 'A silk that has met the air has met pollen: the bag goes on before.',
  shedsOn: () =>
    'It sheds for days: shake it, bag it this afternoon, and what is in the bag next morning is its own.',
  opensLater: (p, f) =>
    `It opens in ${days([Number(p['from']), Number(p['to'])], f)}. A cover now would be wasted.`,
  openNow: () => 'It is open.',
  shutSoon: () => 'The hour is late: fewer of these set.',
  coverHeld: () => 'Its cover held until now.',
  notCovered: () => 'Nothing kept insects out before you came: anybody’s pollen may be in it.',
  holeInIt: () => 'Through a hole an insect has been in.',
  coverOpened: () => 'Its cover came off: insects may have been in.',
  ownPollenInside: () =>
    'It has anthers of its own. For a pure line that does no harm; for a cross they come off in the bud.',
  coloursNotOpen: () => 'The petals colour and have not opened: its own pollen is still shut in.',
  selfsInBud: () => 'Its own pollen comes out in the bud, the day before it opens.',
  setsAlone: () => 'It sets by itself or with insects: nobody need pollinate it.',
  selfedAlready: () => 'Open, it has pollinated itself already.',
  shortStyled: () => 'Its style ends below the anthers: such flowers do not set.',
  faded: () => 'Faded pollen will do for fruit; fewer set.',
  over: () => 'It is over.',
  uncertain: (p, f) =>
    `It may be ${USES[p['one'] as FlowerUse]} (${f.percent(Number(p['percent']) / 100)}) or ${USES[p['other'] as FlowerUse]}.`,
};

export const sayUseReason = ({ code, params }: Reason<UseReason>, f: Format): string =>
  USE_REASONS[code](params, f);

/** What speaks for the answer, in the order of its weight. */
export function saySpeaking(
  found: Identification,
  form: FlowerForm,
  evidence: Readonly<Partial<Record<SignId, string>>>,
): string[] {
  return found.speaking.flatMap(({ sign, sex, stage }) => {
    const value = evidence[sign];
    if (value === undefined) return [];
    const what = sayValue(sign, value);
    const fors = [
      ...(sex >= 2 ? [saySex(form, found.sex.most).toLowerCase()] : []),
      ...(stage >= 2 ? [sayStage(form, found.sex.most, found.stage.most)] : []),
    ];
    const against = Math.min(sex, stage) < 0.5;
    if (fors.length === 0) return [`${what}: ${against ? 'speaks against it' : 'says little'}.`];
    return [`${what}: speaks for ${fors.join(' and ')}${against ? ', and against the rest' : ''}.`];
  });
}

/**
 * What can be seen of a flower, in words, for who cannot see its drawing: no more than the drawing shows.
 *
 * @param signs the signs that show in the view.
 */
export const describe = (crop: SeenCrop, kind: FlowerKind, signs: readonly SignId[]): string => {
  const table = signsOf(crop.flower);
  return signs
    .flatMap((sign) => {
      const row = table[sign]?.(kind);
      if (!row) return [];
      const value = SIGNS[sign][row.indexOf(Math.max(...row))]!;
      return `${SIGN_WORDS[sign].asks} ${sayValue(sign, value)}.`;
    })
    .join(' ');
};

/** That nothing is wrong, and when to expect females. */
export const sayOnlyMales = ({ femalesFrom: [soon, late] }: OnlyMales, f: Format): string =>
  soon === late
    ? 'Only males so far. They come first; females are due now.'
    : `Only males so far. Nothing is wrong: they come first. Expect the first females between ${f.day(soon)} and ${f.day(late)}.`;

/** What to do with a female for which there is no pollen. */
export const sayNoPollen = ({ traits }: Pick<Variety, 'traits'>): string =>
  [
    'Whose pollen? Without an open male it cannot be done now. Look on the plants further on, and come back from the list of plants; a neighbour’s male will do, or one kept in water since yesterday.',
    traits.parthenocarpic
      ? 'This variety also sets without pollen.'
      : 'Without any these females drop, and it is nobody’s fault; males come every morning.',
  ].join(' ');

/** What to do where males are few. */
export const sayMalesFor = (goes: Exclude<MalesFor, { kind: 'enough' }>, f: Format): string =>
  goes.kind === 'shared'
    ? `Few males: let each serve ${f.count(goes.each, 'female', 'females')}, all lobes of one before the next.`
    : goes.reach === 0
      ? 'Their pollen is used up: look for males on another plant.'
      : `Pollen for about ${f.count(goes.reach, 'female', 'females')}: the largest first, then look for males on another plant.`;

/** Of flowers that are open though the forecast says that they are not. */
export const sayOutOfHours = ({ opens, shuts }: Pick<OpeningWindow, 'opens' | 'shuts'>, f: Format): string =>
  `Expected open from ${f.time(opens[0])} to ${f.time(shuts[1])}. What you see counts: it is noted as late, sets less often, and moves the hours of today and of the days to come.`;

/**
 * Until when pollinating goes well, and when it is too late.
 *
 * @param best from when to when an hour is worth nearly as much as the best.
 */
export function sayBestHours(
  [from, until]: readonly [number, number],
  late: number,
  now: number,
  f: Format,
): string {
  if (now > late)
    return `Too late since ${f.time(late)}: fewer flowers set now. Those that are still open can be tried.`;
  const best = now < from ? `Best from ${f.time(from)} to ${f.time(until)}.` : `Best until ${f.time(until)}.`;
  return now > until
    ? `Past its best hour; too late by ${f.time(late)}.`
    : `${best} Too late by ${f.time(late)}.`;
}
