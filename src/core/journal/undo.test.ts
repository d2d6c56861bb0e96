import fc from 'fast-check';
import type { Entry, Fact } from './entry';
import { Journal } from './journal';
import { entryOf } from './testEntry';
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

  scout(plants: readonly string[]): void {
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
          theirs.scout([`other-${i}`]);
          others.push(`other-${i}`);
        } else if (step === 'tap') {
          const plants = [`plant-${i}`, `plant-${i}-too`];
          mine.scout(plants);
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
