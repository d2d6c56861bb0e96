import type { Fact } from '../journal/entry';
import type { TieColour, TieMeaning } from '../journal/kinds/tie';
import { tieFor, tiesOf } from './ties';
import { begin } from '@testing/yard';

const AT = '2026-07-18T18:00:00Z';
const tie = (colour: TieColour, means?: TieMeaning): Fact => ({
  kind: 'tie.set',
  body: { colour, ...(means && { means }) },
});
const garden = () => begin([{ variety: 'v', crop: 'pepo', plants: ['p1'] }]);
const flower = { variety: 'v', mating: 'm', day: '2026-07-19' };

test('of several colours that fit the one of the cross counts, then of the day, then of the variety', () => {
  const phone = garden();
  const colour = () => tieFor(phone.journal, flower);
  expect(colour()).toBeUndefined();
  phone.say(AT, tie('blue', { of: 'variety', id: 'v' }));
  expect(colour()).toBe('blue');
  phone.say(AT, tie('white', { of: 'day', day: '2026-07-19' }));
  expect(colour()).toBe('white');
  phone.say(AT, tie('red', { of: 'cross', id: 'm' }));
  expect(colour()).toBe('red');
  expect(tieFor(phone.journal, { variety: 'v', day: '2026-07-20' })).toBe('blue');
});

test('a colour means what was said last, also nothing; words fit no flower by themselves', () => {
  const phone = garden();
  phone.say(AT, tie('red', { of: 'variety', id: 'v' }), tie('green', { of: 'words', text: 'look again' }));
  phone.say(AT, tie('red'));
  expect(tieFor(phone.journal, flower)).toBeUndefined();
  expect(tiesOf(phone.journal).flatMap(({ colour, means }) => (means ? [colour] : []))).toEqual(['green']);
});
