import { waitFor } from '@testing-library/react';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { TABLE_FILES } from '@/data/files/tables/makeTables';
import { chosen, DEMO, downloads, openApp, recorded, screen, see, tap, type } from '@testing/app';

jest.setTimeout(90_000);

interface File {
  entries: { id: string; body: object }[];
  garden: string;
}

async function lastDownload(count: number): Promise<string> {
  await waitFor(() => expect(downloads).toHaveLength(count));
  return downloads.at(-1)!;
}

/** The open garden's backup, exported on the page of files. */
async function exported(): Promise<string> {
  await openApp('/more/files');
  await tap('Export the garden');
  return lastDownload(1);
}

test('the garden is exported whole, and its flowers as a table', async () => {
  await openApp('/more/files');
  await see(/Never exported from this device/);
  await tap('Export the garden');
  const file = JSON.parse(await lastDownload(1)) as File;
  expect(file.entries).toHaveLength(DEMO.length);
  await tap('Export flowers as CSV');
  expect(await lastDownload(2)).toMatch(/^\ufeff?flower_id,tag,sex,morning/);
  await tap('Save the calendar');
  expect(await lastDownload(3)).toMatch(/^BEGIN:VCALENDAR[^]*SUMMARY:Walk: find what opens next/);
  await see('Last exported today.');
});

test('a file is refused with what is wrong in it, and nothing is changed', async () => {
  const backup = await exported();
  chosen.text = 'rubbish';
  await tap('Import a backup');
  await see(/Nothing was changed\.$/);

  const file = JSON.parse(backup) as File;
  file.entries[0]!.body = { name: 7 };
  chosen.text = JSON.stringify(file);
  await tap('Import a backup');
  await see(/entry 1\b/i);
  await recorded(0);
});

test('the same file again brings nothing new', async () => {
  chosen.text = await exported();
  await tap('Import a backup');
  await see('There is nothing new in it.');
});

test('a data package is read back in, and what was edited in it is not', async () => {
  const later = { ...DEMO[0]!, id: '01JZZZZZZZZZZZZZZZZZZZZZZZ' };
  const files = unzipSync(
    TABLE_FILES.dataPackage({
      entries: [...DEMO, later],
      id: later.garden,
      now: Date.parse('2026-07-20T12:00:00Z'),
    }),
  );
  const edited = { ...files, 'beds.csv': strToU8(`${strFromU8(files['beds.csv']!)}\r\n`) };
  await openApp('/more/files');
  chosen.text = zipSync(edited);
  await tap('Import a backup');
  await see(/^1 new entry, .* already here/);
  await see(/not read: beds\./);
  await tap('Import');
  await see('1 new entry imported.');
  chosen.text = zipSync({ 'notes.txt': strToU8('hello') });
  await tap('Import a backup');
  await see(/not a backup of Steady Trowel\. Nothing was changed/);
});

test('cautions defer to labels, local rules and licensed practice', async () => {
  await openApp('/more/cautions');
  expect((await screen.findAllByRole('heading', { level: 2 })).length).toBeGreaterThan(5);
  await see(/label/);
  await see(/bitter/i);
});

test('a report can be saved', async () => {
  await openApp('/more/report');
  await tap('Save as a file');
  const report = await lastDownload(1);
  expect(report).toContain(`Entries: ${DEMO.length}`);
  expect(report).not.toContain('Larkmere');
  await tap('Copy the report');
  await see('The browser does not allow it. Save as a file instead.');
});

test('what was recorded under a wrong clock comes to its real time and day, and back', async () => {
  await openApp('/more/times');
  // The demo's last writing: the walk of the evening on which it begins.
  const [row] = await see(/^18 Jul 2026, 1\d:\d\d to 18:\d\d/);
  const [, from, to] = /, ([\d:]+) to ([\d:]+)/.exec(row!.textContent!)!;
  await tap(new RegExp(`${from} to ${to}`));
  type('Day', '2026-07-20');
  await tap('Check');
  await see(/would end after now/);
  type('Day', '');
  await see('Fill this in.');
  type('Day', '2026-07-14');
  const [hour, minute] = from!.split(':');
  type('Time', `${Number(hour) - 12}:${minute} pm`);
  await tap('Check');
  await see(`18 Jul 2026, ${from} becomes 14 Jul 2026, ${from}.`);
  const [asks] = await see(/^What was noted for the flowers of \d+ Jul 2026 belongs to/);
  const named = Number(/of (\d+) Jul/.exec(asks!.textContent!)![1]);
  await tap(`${named - 4} Jul 2026`);
  await tap('Correct the times');
  const [corrected] = await recorded(1);
  expect(corrected).toMatchObject({ kind: 'times.corrected', body: { by: -4 * 24 * 60, days: -4 } });
  await see(new RegExp(`14 Jul 2026, ${from} to ${to}`));
  await tap('Undo');
  await see(/Undone: the corrected times of \d+ entries/);
  await see(new RegExp(`18 Jul 2026, ${from} to ${to}`));
});

test('one’s own garden needs its place, a variety and a name', async () => {
  await openApp('/start');
  type('Name of the garden', 'Wren Cottage');
  await tap('Create garden');
  await see('Choose where it is: a town near by, or coordinates.');
  type('Nearest town, or coordinates', '-36,85 174,76');
  await tap(/^Near /);
  await see(/^36\.85° south, 174\.76° east/);
  type('Variety', 'Pale Heron');
  await tap('Moschata squash');
  // Nobody is led into covering who has not said so.
  await tap('Create garden');
  await see('Choose one.');
  await tap('To eat');
  await tap('Create garden');
  // What Today says then depends on the hour and the time of the year.
  await waitFor(() => {
    expect(screen.queryByText('Create garden')).toBeNull();
    expect(screen.queryByText(/^Demo,/)).toBeNull();
  });
});

test('a colour of ties means a variety, words, or nothing', async () => {
  await openApp('/more/ties');
  await tap(/^Red/);
  await tap('Slate Lantern');
  await see('Slate Lantern');
  await tap(/^Blue/);
  type('In your own words', 'Look again');
  await tap('Save these words');
  await see('Look again');
  expect(await recorded(2)).toMatchObject([
    { kind: 'tie.set', body: { colour: 'red', means: { of: 'variety' } } },
    { kind: 'tie.set', body: { colour: 'blue', means: { of: 'words', text: 'Look again' } } },
  ]);
  await tap('Undo');
  await waitFor(() => expect(screen.queryByText('Look again')).toBeNull());
});
