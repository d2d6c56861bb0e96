import { openApp, screen, see, tap } from '@/test/app';

jest.setTimeout(60_000);

test('a drawing is asked for its sex; a wrong answer shows the sign that tells, and is remembered', async () => {
  await openApp('/bench/practice');
  await tap(/^Pepo squash/);
  await see('Male or female?');
  const described = screen
    .getByRole('img', { name: /What is right under the petals\?/ })
    .getAttribute('aria-label')!;
  expect(described).not.toMatch(/\bmale|female\b/i);
  const isFemale = /A (small fruit|swelling)/.test(described);
  await tap(isFemale ? 'Male' : 'Female');
  await see(/^No: (fe)?male\.$/);
  await see(isFemale ? /^A small fruit sits between/ : /^The stalk runs even/);
  await tap('Stop practising');
  await see(/^Met 1 of \d+/);
  await see(/: you said “(Fem|M)ale” 1 time\.$/);
});

test('a sitting ends with what was right, and another crop can be taken', async () => {
  await openApp('/bench/practice');
  await tap('Other crops');
  await tap(/^Strawberry/);
  for (let i = 0; i < 20 && !screen.queryByText('Done for now'); i += 1) {
    await tap('Next morning');
    await tap('Next');
  }
  await see(/^\d of \d right\.$/);
  await tap('Back to practice');
  await see(/^(Met|You know) /);
});
