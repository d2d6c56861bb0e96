import fc from 'fast-check';
import type { Entry, Fact } from './entry';
import { Journal } from './journal';
import { entryOf } from '@testing/entries';
import { redoable, undoable, type Action } from './undo';

/** A device that taps, undoes and redoes in a journal it shares. */
class Device {
  readonly own: Entry[] = [];
  #taps = 0;
  constructor(
    readonly journal: Journal,
    readonly device: string,
  ) {}

  tap(facts: readonly Fact[]): void {
    this.#taps += 1;
    const action = `${this.device}-${this.#taps}`;
    const fresh = facts.map((fact, i) => {
      const lamport = this.journal.lamport + 1 + i;
      const at = '2026-07-18T18:00:00.000Z';
      return entryOf(fact, { id: `${action}-${i}`, lamport, at, device: this.device, action });
    });
    this.own.push(...fresh);
    this.journal.add(fresh);
  }

  walk(plants: readonly string[]): void {
    this.tap(plants.map((plant): Fact => ({ kind: 'scouted', body: { plant, day: '2026-07-19', ...NONE } })));
  }

  undo = (): void => this.#strike(undoable(this.journal, this.own));
  redo = (): void => this.#strike(redoable(this.journal, this.own));

  #strike(action: Action | undefined): void {
    if (action) this.tap(action.entries.map(({ id }): Fact => ({ kind: 'struck', body: { target: id } })));
  }
}

const NONE = { eve: { female: 0, male: 0 }, green: { female: 0, male: 0 } };

test('any taps, undos and redos leave what a pile of the done and a pile of the undone say', () => {
  const steps = fc.array(fc.constantFrom('tap', 'undo', 'undo', 'redo', 'other'), { maxLength: 25 });
  fc.assert(
    fc.property(steps, (what) => {
      const journal = new Journal();
      const [mine, theirs] = [new Device(journal, 'phone-a'), new Device(journal, 'phone-b')];
      const others: string[] = [];
      let done: string[][] = [];
      let undone: string[][] = [];
      what.forEach((step, i) => {
        if (step === 'other') {
          theirs.walk([`other-${i}`]);
          others.push(`other-${i}`);
        } else if (step === 'tap') {
          const plants = [`plant-${i}`, `plant-${i}-too`];
          mine.walk(plants);
          [done, undone] = [[...done, plants], []];
        } else if (step === 'undo') {
          mine.undo();
          if (done.length > 0) [done, undone] = [done.slice(0, -1), [...undone, done.at(-1)!]];
        } else {
          mine.redo();
          if (undone.length > 0) [done, undone] = [[...done, undone.at(-1)!], undone.slice(0, -1)];
        }
        const seen = [...journal.all('walk').values()].map(({ plant }) => plant);
        expect(new Set(seen)).toEqual(new Set([...done.flat(), ...others]));
      });
    }),
    { numRuns: 300 },
  );
});

test('with nothing done there is nothing to take back', () => {
  const journal = new Journal();
  expect(undoable(journal, [])).toBeUndefined();
  expect(redoable(journal, [])).toBeUndefined();
});

test('a correction that takes something back as well can be undone and redone', () => {
  const journal = new Journal();
  const mine = new Device(journal, 'phone-a');
  const body = { plant: 'p', day: '2026-07-19', ...NONE };
  const flowers = [{ bloom: 'f', sex: 'female' as const, code: 'K001' }];
  mine.tap([
    { kind: 'scouted', body },
    { kind: 'covered', body: { plant: 'p', day: '2026-07-19', method: 'tape', blooms: flowers } },
  ]);
  const [scouted, covered] = mine.own;
  // Put right to none.
  mine.tap([
    { kind: 'amended', body: { target: scouted!.id, of: 'scouted', body } },
    { kind: 'struck', body: { target: covered!.id } },
  ]);
  expect(journal.all('bloom').size).toBe(0);
  mine.undo();
  expect(journal.all('bloom').size).toBe(1);
  mine.redo();
  expect(journal.all('bloom').size).toBe(0);
  expect(redoable(journal, mine.own)).toBeUndefined();
});

test('the beginning of the garden is never undone, and nothing before it', () => {
  const journal = new Journal();
  const mine = new Device(journal, 'phone');
  mine.walk(['before']);
  const place = { place: '', latitude: 51, longitude: 0, zone: 'Europe/London' };
  mine.tap([{ kind: 'garden.described', body: { name: 'Larkmere', ...place } }]);
  mine.walk(['after']);
  mine.undo();
  mine.undo();
  mine.undo();
  expect(journal.all('garden').size).toBe(1);
  expect([...journal.all('walk').keys()]).toEqual(['before|2026-07-19']);
});

test('work is undone apart from what was set at home, and redone so', () => {
  const journal = new Journal();
  const mine = new Device(journal, 'phone');
  const bed = { bed: 'b', name: 'A', x: 0, y: 0, length: 4, width: 1, rows: 1, turn: 0 };
  mine.walk(['plant-1']);
  mine.tap([{ kind: 'bed.laid', body: bed }]);
  const strike = (action: Action | undefined): void =>
    mine.tap((action?.entries ?? []).map(({ id }): Fact => ({ kind: 'struck', body: { target: id } })));
  expect(undoable(journal, mine.own, 'round')).toBeUndefined();
  strike(undoable(journal, mine.own, 'walk'));
  expect(journal.all('walk').size).toBe(0);
  expect(journal.all('bed').size).toBe(1);
  expect(undoable(journal, mine.own, 'walk')).toBeUndefined();
  expect(redoable(journal, mine.own, 'fruit')).toBeUndefined();
  strike(redoable(journal, mine.own, 'walk'));
  expect(journal.all('walk').size).toBe(1);
  expect(redoable(journal, mine.own, 'walk')).toBeUndefined();
});

test('a letter that came along with work, and a correction of work, are undone with it', () => {
  const journal = new Journal();
  const mine = new Device(journal, 'phone');
  mine.tap([
    { kind: 'device.named', body: { letter: 'K', name: 'Device K' } },
    { kind: 'scouted', body: { plant: 'p', day: '2026-07-19', ...NONE } },
  ]);
  const body = { plant: 'p', day: '2026-07-19', ...NONE, eve: { female: 2, male: 0 } };
  mine.tap([{ kind: 'amended', body: { target: mine.own[1]!.id, of: 'scouted', body } }]);
  expect(undoable(journal, mine.own, 'walk')!.entries).toMatchObject([{ kind: 'amended' }]);
  expect(undoable(journal, mine.own.slice(0, 2), 'walk')!.entries).toHaveLength(2);
});
