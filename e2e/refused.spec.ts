import { expect, seen, test, type App } from './app';

/** Each of these is refused once by a full disk: nothing is said to be stored that is not, and nothing is lost. */

const notSaved = (app: App) => app.page.getByRole('region', { name: 'Not saved', exact: true });

/** Recorded in memory alone and told; once there is room it is on disk, and there after a reload. */
async function refusedOnce(app: App, act: () => Promise<void>): Promise<void> {
  const { allow } = await app.refuseWrites();
  await act();
  await seen(notSaved(app));
  await allow();
  await notSaved(app).getByRole('button', { name: 'Try now' }).click();
  await expect(notSaved(app)).toHaveCount(0);
}

test('a garden that the device did not take is not created, and what was typed stays', async ({
  app,
  page,
}) => {
  await page.goto('/start');
  await page.getByRole('textbox', { name: 'Name of the garden' }).fill('Wren Cottage');
  await page.getByRole('textbox', { name: 'Variety', exact: true }).fill('Pale Heron');
  await app.placeAt('52, 1');
  await app.tap('Moschata squash');
  await app.tap('To eat');
  const { allow } = await app.refuseWrites();
  await app.tap('Create garden');
  await seen(page.getByText(/The device refused to store the garden\. Nothing was changed/));
  await expect(page.getByRole('textbox', { name: 'Name of the garden' })).toHaveValue('Wren Cottage');
  await allow();
  await app.tap('Create garden');
  await expect(page.getByText('Demo,')).toHaveCount(0);
  await page.goto('/more');
  await seen(page.getByText('Wren Cottage'));
  await expect(page.getByText('Wren Cottage')).toHaveCount(1);
});

test('the work of a day, each tap refused once', async ({ app, page }) => {
  await page.clock.install({ time: new Date('2026-07-20T18:00:00Z') });
  await app.beginGarden();
  await app.lead('/walk');
  await app.tap('One female more');
  await refusedOnce(app, () => app.nextPlant(/^(Cover|Mark) 1, next$/));
  await app.tap('Undo');
  await app.tap('Redo');
  await refusedOnce(app, () => app.tap('Undo'));
  await refusedOnce(app, () => app.tap('Redo'));
  await page.clock.setSystemTime(new Date('2026-07-21T05:00:00Z'));
  await page.goto('/weather');
  await page.getByRole('textbox', { name: /^At dawn/ }).fill('12');
  await page.getByRole('textbox', { name: /^Highest/ }).fill('25');
  await refusedOnce(app, () => app.tap('Save'));
  await page.goto('/more/files');
  const { text } = await app.readDownload(() => app.tap('Export the garden'));
  const { entries } = JSON.parse(text) as { readonly entries: readonly { readonly kind: string }[] };
  for (const kind of ['covered', 'weather.noted'])
    expect(entries.filter((each) => each.kind === kind)).toHaveLength(1);
});

test('a list stays until its plants are on disk', async ({ app, page }) => {
  await app.beginGarden();
  await app.lead('/garden/table');
  await page
    .getByRole('textbox', { name: 'Or paste rows here' })
    .fill('bed,variety,kind,plants\nLong bed,Wren Bead,tomato,4');
  await app.tap('Read the rows');
  await seen(page.getByRole('button', { name: 'Export the plan as CSV' }));
  const { allow } = await app.refuseWrites();
  await app.tap('Import 4 plants');
  await seen(page.getByRole('heading', { name: 'Wren Cottage' }));
  await seen(notSaved(app));
  await app.tap('Table');
  await seen(page.getByText(/the device has not taken them yet/));
  await expect(page.getByRole('button', { name: 'Import 4 plants' })).toHaveCount(0);
  await allow();
  await notSaved(app).getByRole('button', { name: 'Try now' }).click();
  await seen(page.getByRole('textbox', { name: 'Or paste rows here' }));
  await page.reload();
  await seen(page.getByRole('textbox', { name: 'Or paste rows here' }));
});

test('gardens are changed, removed, put back and imported, or are as they were', async ({ app, page }) => {
  await app.beginGarden();
  await app.lead('/more/files');
  const backup = await app.readDownload(() => app.tap('Export the garden'));
  const isOpen = async (name: RegExp): Promise<void> => seen(page.getByText(name).first());
  let { allow } = await app.refuseWrites();
  await app.tap('Remove the garden');
  await seen(page.getByText(/^That did not work\./));
  await expect(page.getByText('Demo,')).toHaveCount(0);
  await allow();
  await app.tap('OK, I have read it');
  await app.tap('Remove the garden');
  await isOpen(/^Demo,/);
  // Its own backup is no other garden.
  await app.chooseFile(() => app.tap('Import a backup'), backup);
  await seen(
    page.getByText(
      /^Wren Cottage, which was removed here and is put back by this: 0 new entries, \d+ already here/,
    ),
  );
  ({ allow } = await app.refuseWrites());
  await app.tap('Put it back');
  await seen(page.getByText(/The entries of Wren Cottage are stored\. That it be opened is not/));
  await app.tap('Undo: put Wren Cottage back');
  await seen(page.getByText(/^That did not work\./));
  await isOpen(/^Demo,/);
  await allow();
  await app.tap('OK, I have read it');
  await app.tap('Delete for good: Wren Cottage');
  await app.tap('Yes, delete it');
  await expect(page.getByText(/was removed/)).toHaveCount(0);
  await app.chooseFile(() => app.tap('Import a backup'), backup);
  ({ allow } = await app.refuseWrites());
  await app.tap('Import');
  await seen(page.getByText(/The device refused to store it.* Nothing was changed\./));
  await allow();
  await page.goto('/more');
  await expect(page.getByText('Wren Cottage')).toHaveCount(0);
  await app.lead('/more/files');
  await app.chooseFile(() => app.tap('Import a backup'), backup);
  await app.tap('Import');
  await expect(page.getByText('Demo,')).toHaveCount(0);
  expect(new Set(app.errors.splice(0))).toEqual(new Set(['the disk is full']));
});

test('a garden that is left with entries not on disk waits for the device, and says so', async ({
  app,
  page,
}) => {
  await app.beginGarden();
  await app.lead('/walk');
  await app.tap('One female more');
  const { allow } = await app.refuseWrites('-garden-');
  await app.nextPlant(/^(Cover|Mark) 1, next$/);
  await seen(notSaved(app));
  await app.tap('Pause the walk, back to Today');
  await app.tap('More');
  await app.tap(/^Demo garden/);
  await seen(page.getByText(/^Demo,/));
  await seen(page.getByText(/of Wren Cottage (is|are) not saved: the device refused/));
  await app.tap('Go back to Wren Cottage');
  await expect(page.getByText('Demo,')).toHaveCount(0);
  await seen(notSaved(app));
  await app.tap(/^Demo garden/);
  await seen(page.getByText(/^Demo,/));
  await allow();
  await app.tap('Try now: Wren Cottage');
  await expect(page.getByText(/of Wren Cottage (is|are) not saved/)).toHaveCount(0);
  await page.reload();
  await app.tap(/^Wren Cottage/);
  await expect(page.getByText('Demo,')).toHaveCount(0);
  await page.goto('/more/files');
  const { text } = await app.readDownload(() => app.tap('Export the garden'));
  expect(text).toContain('"covered"');
});
