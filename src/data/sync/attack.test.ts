import fc from 'fast-check';
import { closeDevices, TestDevice, TestServer } from '@testing/syncYard';
import { SyncError } from './syncServer';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.open();
}, 30_000);
afterAll(() => server.database.close());
afterEach(closeDevices);

/** What happens next, to one of the phones. */
type Step =
  | { readonly do: 'record' | 'sync' | 'restart'; readonly who: number }
  /** The network is gone before or after the n-th request came through. */
  | { readonly do: 'cutOff'; readonly who: number; readonly after: number; readonly answered: boolean }
  /** The server mixes, repeats or drops blocks of its answers. */
  | { readonly do: 'hostile'; readonly who: number; readonly how: number }
  /** The disk takes nothing more. */
  | { readonly do: 'full'; readonly who: number; readonly which: number }
  /** The server is set back by so many blocks. */
  | { readonly do: 'forget'; readonly blocks: number };

const PHONES = 4;
const who = fc.integer({ min: 0, max: PHONES - 1 });
const STEPS: fc.Arbitrary<Step[]> = fc.array(
  fc.oneof(
    { weight: 8, arbitrary: fc.record({ do: fc.constantFrom('record', 'sync', 'restart'), who }) },
    {
      weight: 3,
      arbitrary: fc.record({
        do: fc.constant('cutOff'),
        who,
        after: fc.integer({ min: 0, max: 3 }),
        answered: fc.boolean(),
      }),
    },
    {
      weight: 2,
      arbitrary: fc.record({ do: fc.constant('hostile'), who, how: fc.integer({ min: 0, max: 2 }) }),
    },
    {
      weight: 1,
      arbitrary: fc.record({ do: fc.constant('full'), who, which: fc.integer({ min: 0, max: 1 }) }),
    },
    {
      weight: 1,
      arbitrary: fc.record({ do: fc.constant('forget'), blocks: fc.integer({ min: 1, max: 6 }) }),
    },
  ) as fc.Arbitrary<Step>,
  { minLength: 5, maxLength: 40 },
);

async function forget(blocks: number): Promise<void> {
  await server.database.query(
    'delete from blocks where position in (select position from blocks order by position desc limit $1)',
    [blocks],
  );
  await server.database.run(
    `update writers set head = (select coalesce(max(number), 0) from blocks where blocks.writer = writers.writer);
     delete from writers where head = 0`,
  );
}

async function take(step: Step, phones: readonly TestDevice[], count: number): Promise<void> {
  if (step.do === 'forget') return forget(step.blocks);
  const phone = phones[step.who]!;
  switch (step.do) {
    case 'record':
      await phone.record(`p${count}`);
      return;
    case 'sync':
      await phone.sync();
      return;
    case 'restart':
      await phone.restart();
      return;
    case 'cutOff': {
      let left = step.after;
      const cut = (): void => {
        left -= 1;
        if (left < 0) throw new SyncError('offline');
      };
      server.trouble = step.answered
        ? {
            answer: (answer) => {
              cut();
              return answer;
            },
          }
        : { request: cut };
      await phone.sync().catch(expectOffline);
      break;
    }
    case 'hostile':
      server.trouble = {
        answer: (answer) => ({
          ...answer,
          blocks:
            step.how === 0
              ? [...answer.blocks].reverse()
              : step.how === 1
                ? [...answer.blocks, ...answer.blocks]
                : answer.blocks.filter((_, i) => i % 2 === 1),
        }),
      };
      await phone.sync();
      break;
    case 'full': {
      const disk = step.which === 0 ? phone.disk : phone.syncDisk;
      disk.refuse = new Error('full');
      await phone.sync().catch((error: unknown) => expect((error as Error).message).toBe('full'));
      disk.refuse = undefined;
      break;
    }
  }
  server.trouble = {};
}

const expectOffline = (error: unknown): void => expect(error).toMatchObject({ why: 'offline' });

// Nothing is acknowledged and lost: all that any phone recorded, all of them have in the end, and nothing else.
test('whatever fails on the way, all phones end with all that any of them recorded', async () => {
  await fc.assert(
    fc.asyncProperty(STEPS, async (steps) => {
      server.trouble = {};
      await server.clear();
      const phones: TestDevice[] = [await (await TestDevice.open('A', server)).begin()];
      for (let i = 1; i < PHONES; i += 1)
        phones.push(await (await TestDevice.open(String.fromCharCode(65 + i), server)).join(phones[0]!));
      for (const [i, step] of steps.entries()) await take(step, phones, i);
      for (let round = 0; round < 4; round += 1) for (const phone of phones) await phone.sync();
      const recorded = steps.filter((step) => step.do === 'record').length;
      for (const phone of phones) {
        expect(phone.ids).toEqual(phones[0]!.ids);
        expect(phone.ids).toHaveLength(recorded);
        expect(phone.exchange!.waiting).toBe(0);
        expect(phone.exchange!.concerns).toEqual({ missing: 0, otherKey: 0, newer: 0, refused: [] });
      }
      closeDevices();
    }),
    { numRuns: Number(process.env['SYNC_RUNS'] ?? 12), interruptAfterTimeLimit: 90_000 },
  );
}, 120_000);
