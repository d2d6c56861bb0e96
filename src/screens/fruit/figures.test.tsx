import { fireEvent } from '@testing-library/react';
import { DEMO, openApp, recorded, see, tap } from '@testing/app';
import { isOnPlant } from '@/core/fruit/fruitHistory';
import { fruitsOf } from '@/core/fruit/fruits';
import type { Entry } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';
import { seasonAt } from '@/core/season/seasons';

/** The demo begins on its evening. */
const TODAY = '2026-07-18';

jest.setTimeout(90_000);

test('a failing fruit: the sign that tells most is asked, the causes follow, and what was seen is recorded', async () => {
  // One that has grown for a week: what fails then may be end rot.
  const journal = new Journal();
  journal.add(DEMO as readonly Entry[]);
  const [garden] = journal.all('garden').values();
  const grown = fruitsOf(journal, garden!, TODAY, seasonAt(journal, TODAY)).find(
    ({ count, history }) => count === 1 && history.lastGrowing >= 7 && isOnPlant(history),
  )!;
  await openApp(`/fruit/${grown.bloom.bloom}`);
  await tap('Yellow, shrivelling');
  await see('Likely cause');
  const chance = async (cause: string): Promise<number> => {
    const [option] = await see(cause);
    return Number(/(\d+) %/.exec(option!.parentElement!.textContent!)![1]);
  };
  const before = await chance('Blossom-end rot');
  await see('Is there a dark, sunken, leathery patch at the flower end?');
  await tap('Yes');
  await see(/^Yes: dark, sunken patch at the flower end\./);
  expect(await chance('Blossom-end rot')).toBeGreaterThan(before);
  await tap('Reset');
  expect(await chance('Blossom-end rot')).toBe(before);
  await tap('No');
  await tap('Too little pollen');
  const [look] = await recorded(1);
  expect(look).toMatchObject({
    kind: 'looked',
    body: { seen: 'yellowing', cause: 'partlyPollinated', without: ['darkPatch'] },
  });
});

test('what the season tells: when they drop, what goes with set, groups, and one variety of all', async () => {
  await openApp('/fruit/rates');
  await see(/^\d+ flowers of \d+ dropped, on \d+ plants\./);
  await see(/^From \d+ flowers on \d+ plants\. It says what goes together/);
  // Plants first; then by another thing.
  await see(/^[A-Z]\d·\d+$/);
  await tap('Males');
  await see('2 males');
  await tap('Of: all varieties');
  await tap('Slate Lantern');
  await see('Of: Slate Lantern');
  await see(/^Pollinate \d+ flowers for /);
  await see(/ flowers? on \d+ plants? so far have had their second look\.|^From \d+ flowers/);
});

test('a trial is planned in four taps, runs without a verdict, and is ended; what was done is undone', async () => {
  await openApp('/fruit/trials');
  await see('Marsh Button: how many males a flower');
  // One that is done tells its verdict; the one that runs tells none.
  await see(/^It cannot be told|: \d+ more of 100 set\.$|^They do as well/);
  await tap('Slate Lantern');
  await tap('How many males a flower');
  await tap('40 of 100');
  await see(/^\d+ pairs, \d+ flowers: about \d+ mornings? at the number that flower now\.$/);
  await tap('Start the trial');
  await see('Slate Lantern: how many males a flower');
  const [planned] = await recorded(1);
  expect(planned).toMatchObject({
    kind: 'trial.planned',
    body: { compares: 'males', ways: [{ males: 1 }, { males: 3 }], difference: 0.4 },
  });
  await tap('Undo');
  await see('Undone: the plan of a trial of Slate Lantern.');
  await tap('End the trial of Marsh Button');
  await see('Ended. What was dealt is still looked at; then it is judged.');
});

test('looks go plant by plant: all of one in a tap, one by one, past a plant, and back by Undo', async () => {
  await openApp('/fruit/looks');
  const plantsLeft = async (): Promise<number> =>
    Number(/^\d+/.exec((await see(/plants? left, about/))[0]!.textContent!)![0]);
  const before = await plantsLeft();
  const [one] = await see(/, 1 look due$/);
  fireEvent.click(one!);
  await tap('Growing');
  expect(await plantsLeft()).toBe(before - 1);
  await tap('Undo');
  expect(await plantsLeft()).toBe(before);
  await tap('Next plant, leaving this one');
  expect(await plantsLeft()).toBe(before);
  // A plant with two is answered in one tap.
  const [two] = await see(/, 2 looks due$/);
  fireEvent.click(two!);
  await tap('All 2 are growing');
  // Before them one look and what took it back.
  const looks = (await recorded(4)).slice(-2);
  expect(looks.map(({ kind }) => kind)).toEqual(['looked', 'looked']);
  expect(new Set(looks.map(({ action }) => action)).size).toBe(1);
  expect(await plantsLeft()).toBe(before - 1);
});

test('the season to come: what a variety may bring, worked otherwise, and plants for another year', async () => {
  await openApp('/fruit/ahead');
  await see(/^\d+ to \d+ fruits by .* in 8 of 10 seasons; .* in half of them\.$/);
  await see(/^\d+ of 100 seasons bring 3 or more\.$/);
  await see(/^Not played: .*Mill Sparrow \(a plant has few ears or heads/);
  // A helper is no help to who has all the time there is.
  expect(document.body.textContent).not.toContain('With one person more');
  await tap('15 min');
  await tap('With one person more');
  await see(/: \d+\.\d fruits more on average \(.*\): more in \d+ of 100 seasons, fewer in \d+\.$/);
  await tap('How many plants for 3 fruits next year?');
  await see(/^Next year \d+ plants?: with as many, \d+ of 100 seasons bring 3 fruits or more\.$/);
});

test('rates name their denominators and what is left out', async () => {
  await openApp('/fruit/rates');
  // What the worker says comes last.
  await see('Set, by');
  expect((await see(/^\d+ of \d+$/)).length).toBeGreaterThan(3);
  expect((await see(/\d+ to \d+ %/)).length).toBeGreaterThan(0);
  expect((await see(/Left out: \d+ not yet due/)).length).toBeGreaterThan(0);
});
