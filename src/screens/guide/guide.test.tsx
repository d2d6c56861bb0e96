import { openApp, screen, see, tap } from '@testing/app';

jest.setTimeout(60_000);

test('from the list to the page of a crop: signs, season, schools, figures with their standing', async () => {
  await openApp('/more');
  await tap(/^Field guide/);
  await see('In your garden');
  await tap(/^Pepo squash/);
  await see('Male or female');
  await see('Opens next');
  await see(/^2 for fruit, 3 for seed/);
  const figures = screen.getByRole('table', { name: 'Figures of Pepo squash' }).textContent;
  expect(figures).toMatch(/To be safe, done bycommon practice, no source10 o’clock/);
  expect(figures).toMatch(/Seaton & Kremer 1939/);
  await see(/^Females open: from day 47 to 54 until day 109/);
  await tap('Planted out');
  await see(/^Females open: from day 33 to 40/);
});

test('to the key and back with the crop known', async () => {
  await openApp('/more/guide?crop=melon');
  await tap('Which flower is this?');
  await see('Tap what you see. Two or three signs are often enough.');
  await tap('Field guide: Melon');
  await see('Perfect, with a fruitlet, inside');
});

test('practice begins with the crop of the page', async () => {
  await openApp('/more/guide?crop=tomato');
  await tap('Practise');
  await see(/When does this flower open/);
});

test('a crop nobody knows leads to the list', async () => {
  await openApp('/more/guide?crop=teapot');
  await see('Field guide');
});

test('a word with a dotted line is explained, and leads to all words', async () => {
  await openApp('/more/guide?crop=pepo');
  await tap('degree days: what is that?');
  await see(/^Warmth added up day by day/);
  await tap('All words');
  await see('Effective size');
});
