import { openApp, screen, see, tap } from '@testing/app';

jest.setTimeout(60_000);

/** Answers a question, whether it is the one asked just now or one of the others. */
async function answer(question: string, value: string): Promise<void> {
  if (!screen.queryByRole('group', { name: question })) await tap(question);
  await tap(value);
}

test('a bud of squash: colour along its seams and a small fruit under it make a female that opens next', async () => {
  await openApp('/more/identify');
  await tap(/^Pepo squash/);
  await answer('What colour are the petals?', 'Green, colour along the seams');
  await see(/^Opens next\??$/);
  await answer('What is right under the petals?', 'A small fruit');
  await see('Female');
  await see('Come back when it is open.');
  await tap('Seed');
  await see('Cover it tonight.');
  await tap('Why?');
  await see(/^A small fruit: speaks for female/);
  await tap('Take back: A small fruit');
  expect(screen.queryByText('Female')).toBeNull();
});

test('only what flowers of the crop can show is offered', async () => {
  await openApp('/more/identify');
  await tap(/^Pepo squash/);
  await answer('Is it open?', 'Open');
  if (!screen.queryByText('Several lobes')) await tap('What is inside?');
  await see('Several lobes');
  expect(screen.queryByText('Lobes and anthers')).toBeNull();
});

test('what contradicts the rest is marked', async () => {
  await openApp('/more/identify');
  await tap(/^Pepo squash/);
  await answer('Is it open?', 'Open');
  await answer('What is inside?', 'One column');
  await answer('What is right under the petals?', 'A small fruit');
  await see(/do not fit together/);
});

test('at a plant of the walk the crop and its purpose are known', async () => {
  await openApp('/walk');
  await see(/plants left/);
  await tap('Unsure which flower this is?');
  await see('Which flower is this?');
  expect(screen.queryByText('You want')).toBeNull();
});

test('where the plant is gone, one chooses its crop', async () => {
  await openApp('/more/identify?plant=gone');
  await see(/^Of which crop\?/);
});
