import { waitFor } from '@testing-library/react';
import { openApp, recorded, screen, see, tap, type } from '@testing/app';
import { livedSeason } from '@testing/seasons';
import { isOnPlant } from '@/core/fruit/fruitHistory';
import { fruitsOf } from '@/core/fruit/fruits';
import { Journal } from '@/core/journal/journal';
import { purityOf } from '@/core/purity/purityOf';
import { seasonAt } from '@/core/season/seasons';
import { formatTagCode } from '@/core/text/tagCode';

jest.setTimeout(90_000);

/** The tag of one of the demo's fruits that is true to type as far as is known. */
function soundTag(): string {
  const journal = new Journal();
  journal.add(livedSeason('demo'));
  const garden = journal.all('garden').get('')!;
  const today = '2026-07-18';
  const { bloom } = fruitsOf(journal, garden, today, seasonAt(journal, today)).find(
    (fruit) =>
      isOnPlant(fruit.history) &&
      fruit.variety.purpose === 'seedToKeep' &&
      fruit.bloom.code !== '' &&
      purityOf(journal, garden, fruit.bloom)?.grade === 'true',
  )!;
  return formatTagCode(bloom.code);
}

test('gaps in an ear: where they are tells what they come from', async () => {
  const journal = new Journal();
  journal.add(livedSeason('demo'));
  const today = '2026-07-18';
  const ear = fruitsOf(journal, journal.all('garden').get('')!, today, seasonAt(journal, today)).find(
    ({ variety, history, count }) => variety.crop === 'corn' && isOnPlant(history) && count === 1,
  )!;
  await openApp(`/fruit/${ear.bloom.bloom}`);
  await tap('Gaps in it');
  await see('Where are the gaps?');
  await see(/^The last silk came later \d+ %/);
  await tap('At the tip');
  expect((await recorded(1))[0]).toMatchObject({
    kind: 'looked',
    body: { bloom: ear.bloom.bloom, seen: 'misshapen', signs: ['emptyTip'] },
  });
  await see('Why it may be so');
  await see('The last silk came later');
  await see(/come back with a fresh tassel the next morning/);
  await see('Tip empty');
  await tap('Thin, empty');
  // That it is empty was said.
  await see('Is there a fuller ear above it on the stalk?');
  expect(screen.queryByText(/Remove a failing fruitlet/)).toBeNull();
  expect(screen.queryByText('Blossom-end rot')).toBeNull();
});

test('a misread tag is distinguished from an unknown one', async () => {
  await openApp('/fruit');
  type('Search by tag', 'KO-1A');
  await tap('Search');
  await see('O is never on a tag. Tags have no I, O, S or Z: look for 1, 0, 5 or 2.');
  type('Search by tag', 'K1');
  await tap('Search');
  await see('A tag has four characters or more.');
  const tag = screen.getAllByText(/^[A-Z0-9]{2}-[A-Z0-9]{2} · /)[0]!.textContent!.slice(0, 5);
  type('Search by tag', `${tag.slice(0, 4)}${tag[4] === 'A' ? 'B' : 'A'}`);
  await tap('Search');
  await see('That cannot be a tag: one character is misread. Look again.');
  type('Search by tag', tag.toLowerCase());
  await tap('Search');
  await waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toBe(tag));
});

test('on a wide screen chain, weakest link and harvest are next to the list', async () => {
  await openApp('/fruit', { wide: true });
  await tap('Show: all');
  await tap('Growing or picked');
  await tap(/(Slate Lantern|Dusk Fiddle).*growing on day \d+/);
  await see(/^Seed sown: /);
  await see(/^Covered before opening: /);
  await see('Look now');
  await tap('Harvest');
  await see(/Spit out and discard a bitter one/);
  await tap(/^For seed, the tag is on it/);
  await see('Was its plant healthy and true to the variety?');
  await tap('Yes, both');
  await see(/^Harvested on day \d+$/);
  expect((await recorded(1))[0]).toMatchObject({
    kind: 'harvested',
    body: { use: 'seed', tagThere: true, typical: true },
  });
  await tap('Undo');
  await see('Look now');
  await tap('Set and drop of the season');
  await see('Set and drop, by variety and plant');
});

test('a fruit that is not here says so and leads on', async () => {
  await openApp('/fruit/nobody');
  await see('No such fruit');
  await tap('To the fruit');
  await see('Search by tag');
});

test('a control of last summer is found by its tag; nothing is judged of its seed', async () => {
  await openApp('/fruit');
  type('Search by tag', 'H0-52');
  await tap('Search');
  await see(/^Left without pollen, to see what sets by itself. It opened on 17 Jul 2025/);
  await see('A control: nothing is judged of its seed.');
});

test('a fruit whose tag is gone gets another, and its seed is doubtful', async () => {
  await openApp('/fruit');
  const tag = soundTag();
  type('Search by tag', tag);
  await tap('Search');
  await see(tag);
  await tap('New tag');
  await tap('It is gone');
  expect((await recorded(2)).at(-1)).toMatchObject({ kind: 'retagged', body: { was: 'gone' } });
  await see('Doubtful, so far');
  await see(/The tag was gone, and it got another/);
});
