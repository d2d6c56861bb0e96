import { DeviceStore } from './deviceStore';
import { DEFAULT_SETTINGS } from './settings';
import { MemoryStore } from '@testing/memoryStore';

test('a new device has an id of its own, opens on the demo, and keeps both', async () => {
  const store = new MemoryStore();
  const device = await DeviceStore.open(store);
  expect(device.current).toEqual({ demo: true });
  expect(device.settings).toEqual(DEFAULT_SETTINGS);
  expect((await DeviceStore.open(store)).id).toBe(device.id);
  expect((await DeviceStore.open(new MemoryStore())).id).not.toBe(device.id);
});

test('settings, gardens and backups are stored, and listeners are called', async () => {
  const store = new MemoryStore();
  const device = await DeviceStore.open(store);
  let told = 0;
  const stop = device.subscribe(() => (told += 1));
  await device.setSettings({ units: 'imperial' });
  await device.adoptGarden({ id: 'g1', name: 'Wren Cottage' });
  await device.adoptGarden({ id: 'g1', name: 'Wren House' });
  await device.setCurrent({ demo: false, garden: 'g1' });
  await device.noteBackup('g1', 123);
  stop();
  const again = await DeviceStore.open(store);
  expect(told).toBeGreaterThanOrEqual(5);
  expect(again.settings).toEqual({ ...DEFAULT_SETTINGS, units: 'imperial' });
  expect(again.gardens).toEqual([{ id: 'g1', name: 'Wren House' }]);
  expect(again.current).toEqual({ demo: false, garden: 'g1' });
  expect(again.lastBackup('g1')).toBe(123);
});

test('a choice that the store had no time to keep is there at the next opening, for the device that made it', async () => {
  const store = new MemoryStore();
  const device = await DeviceStore.open(store);
  const before = new Map(store.texts);
  await device.setSettings({ theme: 'night' });
  store.texts.clear();
  before.forEach((text, key) => store.texts.set(key, text));
  expect((await DeviceStore.open(store)).settings.theme).toBe('night');
  expect((await DeviceStore.open(new MemoryStore())).settings.theme).toBe('auto');
});

test('a garden that is removed gives way to the demo, can be put back, and is forgotten for good', async () => {
  const device = await DeviceStore.open(new MemoryStore());
  await device.adoptGarden({ id: 'g1', name: 'Wren Cottage' });
  await device.removeGarden('g1');
  expect(device.gardens).toEqual([]);
  expect(device.current).toEqual({ demo: true });
  expect(device.removed).toEqual([{ id: 'g1', name: 'Wren Cottage' }]);
  await device.adoptGarden({ id: 'g1', name: 'Wren Cottage' });
  expect([device.gardens.length, device.removed.length]).toEqual([1, 0]);
  await device.removeGarden('g1');
  await device.forgetGarden('g1');
  expect([device.gardens.length, device.removed.length]).toEqual([0, 0]);
});

test('a tab that heard nothing of another’s garden cannot unlist it, nor its backup', async () => {
  const store = new MemoryStore();
  const [one, other] = [await DeviceStore.open(store), await DeviceStore.open(store)];
  await one.adoptGarden({ id: 'g1', name: 'Wren Cottage' });
  await one.noteBackup('g1', 123);
  await other.setSettings({ units: 'imperial' });
  await other.adoptGarden({ id: 'g2', name: 'Heron Yard' });
  const again = await DeviceStore.open(store);
  expect(again.gardens.map(({ id }) => id)).toEqual(['g1', 'g2']);
  expect(again.lastBackup('g1')).toBe(123);
  expect(again.settings.units).toBe('imperial');
});

test('gardens listed by an earlier version are here, each with what was known of it', async () => {
  const store = new MemoryStore();
  const listed = {
    gardens: [{ id: 'g1', name: 'Wren Cottage' }],
    removed: [{ id: 'g2', name: 'Heron Yard' }],
  };
  const current = { demo: false, garden: 'g1' };
  store.texts.set('device', JSON.stringify({ device: 'd', ...listed, backups: { g1: 5 }, current }));
  for (let visit = 0; visit < 2; visit += 1) {
    const device = await DeviceStore.open(store);
    expect([device.gardens, device.removed]).toEqual([listed.gardens, listed.removed]);
    expect(device.lastBackup('g1')).toBe(5);
    expect(device.current).toEqual(current);
    await device.keep();
  }
  expect(store.texts.get('device')).not.toContain('Wren');
  await (await DeviceStore.open(store)).forgetGarden('g2');
  expect((await DeviceStore.open(store)).removed).toEqual([]);
});

test('what the device does not take is not listed, not removed and not open', async () => {
  const store = new MemoryStore();
  const device = await DeviceStore.open(store);
  await device.adoptGarden({ id: 'g1', name: 'Wren Cottage' });
  store.refuse = new Error('full');
  await expect(device.adoptGarden({ id: 'g2', name: 'Heron Yard' })).rejects.toThrow('full');
  await expect(device.removeGarden('g1')).rejects.toThrow('full');
  expect([device.gardens.length, device.removed.length]).toEqual([1, 0]);
  expect(device.current).toEqual({ demo: false, garden: 'g1' });
  store.refuse = undefined;
  await device.removeGarden('g1');
  expect(device.current).toEqual({ demo: true });
});

test('half-made input outlives a reload, and damage to it reads as nothing', async () => {
  const store = new MemoryStore();
  const device = await DeviceStore.open(store);
  await device.writeDraft('visit', { eve: 2 });
  expect(await (await DeviceStore.open(store)).readDraft('visit')).toEqual({ eve: 2 });
  store.texts.set('draft/visit', '{"eve":');
  expect(await device.readDraft('visit')).toBeUndefined();
  await device.dropDraft('visit');
  expect(store.texts.has('draft/visit')).toBe(false);
});

test('a draft that the device refuses is there all the same, until it is dropped as it was', async () => {
  const store = new MemoryStore();
  const device = await DeviceStore.open(store);
  await device.writeDraft('visit', { eve: 1 });
  store.refuse = new Error('full');
  await expect(device.writeDraft('visit', { eve: 2 })).rejects.toThrow('full');
  expect(await device.readDraft('visit')).toEqual({ eve: 2 });
  store.refuse = undefined;
  await device.writeDrafts();
  expect(await (await DeviceStore.open(store)).readDraft('visit')).toEqual({ eve: 2 });
  await device.dropDraft('visit', { eve: 1 });
  expect(await device.readDraft('visit')).toEqual({ eve: 2 });
  await device.dropDraft('visit', { eve: 2 });
  expect(await device.readDraft('visit')).toBeUndefined();
});

test('once any draft was read all are known at once, as they were last written', async () => {
  const store = new MemoryStore();
  const before = await DeviceStore.open(store);
  await before.writeDraft('a', { eve: 1 });
  await before.writeDraft('b', { eve: 2 });
  const device = await DeviceStore.open(store);
  expect(device.knownDraft('b')).toBeUndefined();
  await device.readDraft('a');
  expect(device.knownDraft('b')).toEqual({ draft: { eve: 2 } });
  expect(device.knownDraft('c')).toEqual({ draft: undefined });
  void device.writeDraft('b', { eve: 3 });
  expect(device.knownDraft('b')).toEqual({ draft: { eve: 3 } });
  await device.dropDraft('b');
  expect(device.knownDraft('b')).toEqual({ draft: undefined });
  // Another tab writes.
  await before.writeDraft('a', { eve: 4 });
  expect(await device.readDraft('a')).toEqual({ eve: 4 });
  // What is written here while it is read counts.
  const reading = device.readDraft('a');
  void device.writeDraft('a', { eve: 5 });
  await reading;
  expect(device.knownDraft('a')).toEqual({ draft: { eve: 5 } });
});

test('a device that refuses to store still has an id for the visit', async () => {
  const store = new MemoryStore();
  store.refuse = new Error('full');
  expect((await DeviceStore.open(store)).id).not.toBe('');
});
