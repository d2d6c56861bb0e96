import { EVENING, test, seen } from './app';

test('the evening walk, lived once for the tests of the morning after', async ({ app, page, context }) => {
  await app.openDemo();
  await app.tap('Continue the walk');
  await app.finishWalk(4);
  await app.tap('Back to Today');
  await seen(page.getByRole('heading', { level: 1 }));
  await context.storageState({ path: EVENING, indexedDB: true });
});
