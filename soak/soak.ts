import { createApp } from '../server/app';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { killInMidTap } from '../e2e/kills';
import { Budget } from './budget';
import { damagedStores, mutatedFiles } from './records';

/**
 * The long run of what `npm test` does shortly, with other numbers each time it is asked for: `npm run soak`. Nothing
 * but this machine is spoken to. Its figures are kept in docs/reliability.md.
 */

async function kills(budget: Budget): Promise<string> {
  const server = createApp(path.resolve(__dirname, '../dist')).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  const { kills, tapped, lost, damaged } = await killInMidTap(
    `http://127.0.0.1:${port}`,
    (so) => so < budget.most && budget.left,
    2,
  );
  server.close();
  server.closeAllConnections();
  return budget.told(
    `${kills} kills of the browser in mid-tap: ${tapped} entries stored, ${lost.length} lost, damage told ${damaged} times`,
    lost.length + damaged,
  );
}

async function main(): Promise<void> {
  console.log(await kills(new Budget(200, 20)));
  console.log(mutatedFiles(new Budget(20_000, 20)));
  console.log(await damagedStores(new Budget(2_000, 10)));
}

void main();
