import { expose, type Endpoint } from 'comlink';
import { MessageChannel } from 'node:worker_threads';
import nodeEndpoint from 'comlink/dist/umd/node-adapter';
import type { OutingRequest } from '@/core/round/planOuting';
import { Outdated, WorkerClient, WorkerDied, type Transport } from './client';
import { COMPUTE, type Compute } from './compute';

let stopped = 0;
const deaths: (() => void)[] = [];

/** The same handler as in the worker, over a channel in this process. */
function inProcess(): Transport {
  const { port1, port2 } = new MessageChannel();
  expose(COMPUTE, nodeEndpoint(port2));
  return {
    endpoint: nodeEndpoint(port1) as Endpoint,
    onDeath: (listener) => deaths.push(listener),
    stop: () => {
      stopped += 1;
      port1.close();
      port2.close();
    },
  };
}

const SIX = Date.parse('2026-07-19T06:00:00Z');
const request = (father: string): OutingRequest => ({
  females: [
    {
      bloom: 'f',
      plant: 'A',
      variety: 'v',
      malesWanted: 1,
      fewestMales: 1,
      father: 'v',
      application: 1,
      ownPollen: 'allowed',
      forSeed: false,
    },
  ],
  males: [{ bloom: 'm', plant: father, variety: 'v', guarded: true, used: 0, serves: 3, ageDays: 0 }],
  chores: [],
  fathered: new Map(),
  varieties: [
    {
      variety: 'v',
      group: 'pepo',
      family: 'gourd',
      hours: { opens: SIX, lastSafe: SIX + 3_600_000 },
      handling: { pick: 25_000, pollinate: 75_000 },
      weight: 1,
    },
  ],
  places: new Map([
    ['A', { x: 1, y: 1 }],
    ['B', { x: 5, y: 1 }],
  ]),
  obstacles: [],
  from: SIX,
  inHand: new Set(),
  suspects: new Set(),
  shares: new Map(),
  start: { x: 0, y: 0 },
  people: 1,
});

test('an answer from the worker is the one that the core gives', async () => {
  const client = new WorkerClient<Compute>(inProcess);
  const answer = await client.ask((compute) => compute.planOuting(request('B')));
  expect(answer).toEqual(COMPUTE.planOuting(request('B')));
});

test('a newer question ends the older one', async () => {
  const client = new WorkerClient<Compute>(inProcess);
  const older = client.ask((compute) => compute.planOuting(request('A')));
  const newer = client.ask((compute) => compute.planOuting(request('B')));
  await expect(older).rejects.toBeInstanceOf(Outdated);
  expect((await newer).rounds[0]!.stops[0]).toMatchObject({ kind: 'pick', plant: 'B' });
});

test('cancelling stops the work', async () => {
  const client = new WorkerClient<Compute>(inProcess);
  const before = stopped;
  const asked = client.ask((compute) => compute.planOuting(request('B')));
  client.cancel();
  await expect(asked).rejects.toBeInstanceOf(Outdated);
  expect(stopped).toBe(before + 1);
});

test('a worker that ends by itself is told of at once', async () => {
  const client = new WorkerClient<Compute>(inProcess);
  const answer = client.ask(() => new Promise<never>(() => undefined));
  deaths.at(-1)!();
  await expect(answer).rejects.toBeInstanceOf(WorkerDied);
});
