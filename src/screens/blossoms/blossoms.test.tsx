import { entryOf } from '@testing/entries';
import { DEMO, openApp, screen, see, stored, tap, type } from '@testing/app';
import { waitFor } from '@testing-library/react';
import type { StoredEntry } from '@/core/journal/entry';
import type { Bodies } from '@/core/journal/kinds/kinds';

jest.setTimeout(90_000);

/** A plant of a squash that stands in the demo's garden this season. */
function squashPlant(): string {
  const bodies = <K extends keyof Bodies>(kind: K): Bodies[K][] =>
    DEMO.filter((entry) => entry.kind === kind).map(({ body }) => body as Bodies[K]);
  const squash = bodies('variety.described').filter(({ crop }) => crop === 'pepo');
  const set = bodies('plants.set').findLast(({ variety }) =>
    squash.some((each) => each.variety === variety),
  )!;
  return set.plants[0]!.plant;
}

/** Fifty males are open on it today, on the evening on which the demo stands. */
const withMales = (): readonly StoredEntry[] => {
  const last = DEMO.at(-1)!;
  const counted = entryOf(
    { kind: 'counted', body: { plant: squashPlant(), day: '2026-07-18', open: { female: 0, male: 50 } } },
    {
      id: '01ZZZZZZZZZZZZZZZZZZZZZZZZ',
      lamport: last.lamport + 1,
      at: last.at,
      device: last.device,
      action: 'counted',
    },
  );
  return [...DEMO, { ...counted, garden: last.garden }];
};

const newest = async (kind: keyof Bodies): Promise<StoredEntry> =>
  waitFor(async () => {
    const found = (await stored()).findLast((entry) => entry.kind === kind);
    expect(found).toBeDefined();
    return found!;
  });

test('a price is checked, blossoms are picked for it, and the season counts them', async () => {
  await openApp('/more/blossoms', { entries: withMales() });
  // In the evening the next morning is meant.
  expect((await screen.findByRole('radio', { name: 'Tomorrow' })).getAttribute('aria-checked')).toBe('true');
  await tap('This morning');
  await tap('To sell');
  await see(/no price yet$/);
  await tap(/^Your price/);
  type('For a case', '5');
  await tap('Save');
  // A case of how many?
  await see('Fill this in too, or none of them.');
  type('Pieces in a case', '12');
  type('Money', '€');
  await tap('Save');
  await see(/cases of 12/);
  const picked = screen.getByRole('button', { name: /blossoms picked$/ });
  expect(picked.getAttribute('aria-disabled')).toBe('true');
  await tap(/^Nothing was sprayed/);
  await tap(/blossoms picked$/);
  const { body } = await newest('blossoms.picked');
  expect(body).toMatchObject({
    ...{ day: '2026-07-18', use: 'sell', unsprayed: true },
    price: { inCase: 12, case: 5, currency: '€' },
  });
  await see(/ sold for .* €/);
});
