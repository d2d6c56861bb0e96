import { fireEvent } from '@testing-library/react';
import { openApp, screen, see, tap } from '@testing/app';

jest.setTimeout(60_000);

test('the sex of a drawing is the question; a wrong answer shows the sign that tells, and is remembered', async () => {
  await openApp('/more/practice');
  await tap(/^Pepo squash/);
  await see('Male or female?');
  // The first drawing looks into the open flower.
  const described = screen.getByRole('img', { name: /^What is inside\?/ }).getAttribute('aria-label')!;
  expect(described).not.toMatch(/\b(male|female)\b/i);
  const isFemale = described.includes('Several lobes');
  await tap(isFemale ? 'Male' : 'Female');
  await see(/^No: (fe)?male\.$/);
  await see(isFemale ? /^Several lobes in the middle/ : /^One column in the middle/);
  await tap('Stop practising');
  await see(/^Met 1 of \d+/);
  await see(/: you said “(Fem|M)ale” 1 time\.$/);
});

test('a sitting ends with what was right, and another crop can be taken', async () => {
  await openApp('/more/practice');
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

test('on a whole plant every bud that opens next is found, by the description of each', async () => {
  await openApp('/more/practice');
  const isPlant = (): boolean => screen.queryByText(/^Tap every bud/) !== null;
  for (let sitting = 0; sitting < 2 && !isPlant(); sitting += 1) {
    await tap(/^Pepo squash/);
    for (let i = 0; i < 20 && !isPlant() && !screen.queryByText('Done for now'); i += 1) {
      await tap(/^(Male|Next morning|Yes)$/);
      await tap('Next');
    }
    if (!isPlant()) await tap('Back to practice');
  }
  const buds = screen.getAllByRole('checkbox');
  expect(buds.length).toBeGreaterThanOrEqual(8);
  const eves = buds.filter((bud) =>
    bud.getAttribute('aria-label')!.includes('Green, colour along the seams'),
  );
  expect(eves.length).toBeGreaterThan(0);
  for (const bud of eves) fireEvent.click(bud);
  await tap(`That is all: ${eves.length}`);
  await see(`${eves.length} of ${eves.length} found.`);
});

test('for a class: a numbered sheet of twelve with its key, and the same flowers one at a time, large', async () => {
  await openApp('/more/class?crop=pepo');
  await see('Pepo squash, sheet 1');
  const drawings = screen.getAllByRole('img').map((each) => each.getAttribute('aria-label')!);
  expect(drawings).toHaveLength(12);
  for (const described of drawings) expect(described).not.toMatch(/\b(male|female)\b/i);
  await tap('Show the key');
  await see('Key to Pepo squash, sheet 1');
  const key = screen.getAllByText(/^\d+\. (Fem|M)ale, /).map((each) => each.textContent!);
  expect(key).toHaveLength(12);
  await tap('One at a time, large');
  for (const line of key) {
    await tap('Show the answer');
    await see(line.replace(/^\d+\. /, ''));
    await tap('Next');
  }
  await tap('Another sheet than 1');
  await see('Pepo squash, sheet 2');
  expect(screen.queryByText(/^Key to/)).toBeNull();
});
