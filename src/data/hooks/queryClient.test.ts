import { Trouble } from '../trouble';
import { newQueryClient } from './queryClient';

const failing = (error: unknown) => ({
  mutationFn: () => Promise.reject(error as Error),
});

test('a mutation that fails is told, whoever began it and whatever he does with the error', async () => {
  const trouble = new Trouble();
  const client = newQueryClient(trouble);
  let told = 0;
  trouble.subscribe(() => (told += 1));
  const cache = client.getMutationCache();
  await cache
    .build(client, { ...failing(new Error('bed.laid: name')), meta: { what: 'record' } })
    .execute(undefined)
    .catch(() => undefined);
  await cache
    .build(client, failing('plain words'))
    .execute(undefined)
    .catch(() => undefined);
  expect(trouble.failures()).toEqual([
    { what: 'notRecorded', detail: 'bed.laid: name' },
    { what: 'failed', detail: 'plain words' },
  ]);
  expect(told).toBe(2);
  trouble.clear();
  expect(trouble.failures()).toEqual([]);
});
