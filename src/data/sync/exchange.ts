import type { StoredEntry } from '@/core/journal/entry';
import { changedDuplicates } from '@/core/journal/duplicateIds';
import { compareEntries } from '@/core/journal/order';
import { countOf, Ledger, type Span } from '@/core/sync/ledger';
import { MAX_SEALED_BYTES, type ExchangeAnswer, type Heads, type SealedBlock } from '@/core/sync/protocol';
import { newId } from '../clock';
import type * as Backup from '../files/backup';
import type * as Schema from '../schema/entrySchema';
import { openBlock, sealBlock, type Block } from './block';
import { fromBase64, toBase64 } from './bytes';
import { admitOf } from './gardenKey';
import { sealingKey, withHeard, withNewKey } from './keyChange';
import { admissionOf, currentKey, olderKeys, sha256 } from './members';
import { joinRecords, type BlockRecord, type Outgoing, type Pairing, type SyncMemory } from './syncMemory';
import { SyncError, type SyncServer } from './syncServer';

/** What an exchange needs of the open garden. */
export interface SyncedGarden {
  readonly id: string;
  readonly device: string;
  readonly journal: { has(id: string): boolean; entry(id: string): StoredEntry | undefined };
  readonly reading: { readAll(): Promise<void> };
  allEntries(): StoredEntry[];
  receive(entries: readonly StoredEntry[]): Promise<void>;
  onEntries(listener: (entries: readonly StoredEntry[]) => void): () => void;
}

export interface ExchangeOptions {
  readonly garden: SyncedGarden;
  readonly memory: SyncMemory;
  readonly server: SyncServer;
  readonly pairing: Pairing;
  /** The device's clock, UTC milliseconds. */
  readonly now: () => number;
}

/** What does not come together by itself, and why. */
export interface Concerns {
  /** Blocks that others have read and that the server does not give, or gives altered, until somebody sends them again. */
  readonly missing: number;
  /** Devices whose records wait: they were sealed with a key that was not given to this one, or by a newer program. */
  readonly otherKey: number;
  readonly newer: number;
  /** Entries that other devices sent and that cannot be right. */
  readonly refused: readonly string[];
}

export const NO_CONCERNS: Concerns = { missing: 0, otherKey: 0, newer: 0, refused: [] };

/** Entries in a block, and characters of them: sealed, packed and in Base64 a block stays far below its limit. */
const MAX_ENTRIES = 512;
const MAX_CHARACTERS = MAX_SEALED_BYTES / 2;
/** More than two devices that were restored from one copy need. */
const MAX_REFUSALS = 3;

/**
 * The exchange of one garden with a server: fetches what others wrote, checks it, and sends what no block holds yet.
 *
 * It may be cut off anywhere. What is sent is on the device's disk before; what is received is in the garden's log before
 * it counts as read; blocks that come twice change nothing.
 */
export class Exchange {
  readonly #garden: SyncedGarden;
  readonly #memory: SyncMemory;
  readonly #server: SyncServer;
  readonly #now: () => number;
  readonly #stopListening: () => void;
  #pairing: Pairing;
  #ledger = new Ledger();
  /** Entries that are in no block at the server. */
  readonly #pending = new Set<string>();
  #outgoing: Outgoing | undefined;
  #loaded: Promise<void> | undefined;
  /** Spans whose entries are among the pending ones, since the server lost them. */
  #again: readonly Span[] = [];
  /** How often in this run the server did not store what it was sent. */
  #refusals = 0;
  /** Somebody else writes under this device's name: it was restored from an older copy. */
  #isCopied = false;
  /** Writers whose blocks wait for a key, or for a newer program. */
  #stuck: ReadonlySet<string> = new Set();
  #refused: string[] = [];
  /** The check of entries: large, and shared with other pages. */
  #check: (Pick<typeof Backup, 'entryRefusal'> & Pick<typeof Schema, 'faultOfEntry'>) | undefined;
  #concerns: Concerns = NO_CONCERNS;

  constructor({ garden, memory, server, pairing, now }: ExchangeOptions) {
    this.#garden = garden;
    this.#memory = memory;
    this.#server = server;
    this.#pairing = pairing;
    this.#now = now;
    this.#stopListening = garden.onEntries((entries) => {
      if (this.#loaded) for (const { id } of entries) this.#pending.add(id);
    });
  }

  get pairing(): Pairing {
    return this.#pairing;
  }

  get concerns(): Concerns {
    return this.#concerns;
  }

  /** Entries that are not at the server, once the first exchange has begun. */
  get waiting(): number {
    return this.#pending.size;
  }

  close(): void {
    this.#stopListening();
  }

  /**
   * Fetches and sends until nothing is left to do.
   *
   * @throws SyncError where the server could not be spoken to or refused, and whatever the device says that takes no more;
   *   what was exchanged until then counts.
   */
  async run(): Promise<void> {
    try {
      await this.#runOnce();
    } catch (error) {
      if (!(await this.#admitAgain(error))) throw error;
      await this.#runOnce();
    }
  }

  /** A server that was replaced, or set back to a state of before this device came, lets in by the key. */
  async #admitAgain(error: unknown): Promise<boolean> {
    const why = error instanceof SyncError ? error.why : undefined;
    if (why !== 'unknownGarden' && why !== 'unknownMember') return false;
    const { address } = this.#pairing;
    const admission = await admissionOf(this.#pairing);
    if (why === 'unknownGarden')
      await this.#server.begin(address, admission).catch(async (refused: unknown) => {
        // Another device was first.
        if (!(refused instanceof SyncError && refused.why === 'exists')) throw refused;
        await this.#server.join(address, admission);
      });
    else await this.#server.join(address, admission);
    return true;
  }

  async #runOnce(): Promise<void> {
    await (this.#loaded ??= this.#load());
    this.#refusals = 0;
    await this.#settle(await this.#fetch());
    for (let outgoing = await this.#next(); outgoing; outgoing = await this.#next())
      await this.#send(outgoing);
    this.#concerns = {
      ...this.#concerns,
      missing: countOf(this.#ledger.missing(this.#stuck)),
      refused: this.#refused,
    };
  }

  /**
   * Takes a member off: the server knows it no more, and what is written from now on it cannot read.
   *
   * @throws SyncError as `run` does.
   */
  async remove(member: string): Promise<void> {
    await this.#server.remove(this.#pairing.address, this.#pairing.token, member);
    await this.#setPairing(await withNewKey(this.#pairing, [...new Set([...this.#pairing.removed, member])]));
    await this.run();
  }

  async #load(): Promise<void> {
    await this.#garden.reading.readAll();
    const { records, unreadable } = await this.#memory.readAll();
    const sent = new Set<string>();
    for (const record of records) {
      this.#ledger.note(record);
      for (const id of record.ids) sent.add(id);
    }
    for (const [writer, number] of unreadable) this.#ledger.noteUnreadable(writer, number);
    for (const { id } of this.#garden.allEntries()) if (!sent.has(id)) this.#pending.add(id);
    this.#outgoing = await this.#memory.readOutgoing();
    if (this.#outgoing && this.#outgoing.writer !== this.#pairing.writer) await this.#dropOutgoing();
  }

  /** Reads all that the server has for this device. */
  async #fetch(): Promise<ExchangeAnswer> {
    // Writers of which nothing more can be read in this run, and up to where they are not asked for.
    const skipped = new Map<string, number>();
    const waiting = { otherKey: new Set<string>(), newer: new Set<string>() };
    for (;;) {
      const answer = await this.#server.exchange(this.#pairing.address, this.#pairing.token, {
        have: { ...this.#ledger.heads, ...Object.fromEntries(skipped) },
        blocks: [],
      });
      const { stuck, keys, read } = await this.#take(answer.blocks);
      for (const [writer, why] of stuck) {
        waiting[why].add(writer);
        skipped.set(writer, answer.heads[writer] ?? 0);
      }
      if (keys > 0 && waiting.otherKey.size > 0) {
        for (const writer of waiting.otherKey) skipped.delete(writer);
        waiting.otherKey.clear();
        continue;
      }
      // A server that says there is more and gives nothing new would be asked for ever.
      if (answer.more && read + stuck.size > 0) continue;
      this.#stuck = new Set([...waiting.otherKey, ...waiting.newer]);
      this.#concerns = { ...this.#concerns, otherKey: waiting.otherKey.size, newer: waiting.newer.size };
      return answer;
    }
  }

  /** Reads blocks, each writer's in turn; those whose key comes with a later one once more. */
  async #take(blocks: readonly SealedBlock[]): Promise<{
    readonly stuck: ReadonlyMap<string, 'otherKey' | 'newer'>;
    readonly keys: number;
    readonly read: number;
  }> {
    const before = this.#pairing.keys.length;
    const stuck = new Map<string, 'otherKey' | 'newer'>();
    let read = 0;
    for (const block of blocks) {
      if (stuck.has(block.writer) || block.number <= this.#ledger.head(block.writer)) continue;
      const why = await this.#takeOne(block);
      if (why) stuck.set(block.writer, why);
      else read += 1;
    }
    return { stuck, keys: this.#pairing.keys.length - before, read };
  }

  async #takeOne({ writer, number, sealed }: SealedBlock): Promise<'otherKey' | 'newer' | undefined> {
    const { address, keys } = this.#pairing;
    const opened = await openBlock(keys, { address, writer, number }, bytesOf(sealed));
    if ('why' in opened) {
      if (opened.why !== 'altered') return opened.why;
      await this.#noteUnreadable(writer, number);
      return undefined;
    }
    // It was written after others of its writer, whether the server gives them or not.
    for (let gap = this.#ledger.head(writer) + 1; gap < number; gap += 1)
      await this.#noteUnreadable(writer, gap);
    const { block } = opened;
    await this.#garden.receive(await this.#sound(block.entries));
    await this.#hear(block);
    if (writer === this.#pairing.writer) {
      if (this.#outgoing?.number === number && this.#outgoing.sealed === sealed) {
        await this.#sent(this.#outgoing);
        return undefined;
      }
      this.#isCopied = true;
    }
    await this.#noteBlock(writer, number, recordOf(block, writer, number));
    return undefined;
  }

  async #noteUnreadable(writer: string, number: number): Promise<void> {
    await this.#memory.noteUnreadable(writer, number);
    this.#ledger.noteUnreadable(writer, number);
  }

  async #noteBlock(writer: string, number: number, record: BlockRecord): Promise<void> {
    await this.#memory.noteBlock(writer, number, record);
    this.#ledger.note(record);
    for (const id of record.ids) this.#pending.delete(id);
  }

  /** What other devices send is believed no more than a file. */
  async #sound(entries: readonly StoredEntry[]): Promise<StoredEntry[]> {
    const { entryRefusal, faultOfEntry } = (this.#check ??= {
      ...(await import('../files/backup')),
      ...(await import('../schema/entrySchema')),
    });
    const changed = new Set(changedDuplicates(entries, (id) => this.#garden.journal.entry(id)));
    return entries.filter((entry) => {
      const fits =
        !changed.has(entry.id) &&
        entryRefusal({ garden: this.#garden.id, entries: [entry] }, faultOfEntry) === undefined;
      if (!fits) this.#refused = [...new Set([...this.#refused, String(entry?.id)])];
      return fits;
    });
  }

  /** Who wrote a block, and a new key that it may give. */
  async #hear(block: Block): Promise<void> {
    if (block.member !== this.#pairing.member)
      await this.#setPairing(await withHeard(this.#pairing, block, this.#now()));
  }

  async #setPairing(pairing: Pairing): Promise<void> {
    await this.#memory.writePairing(pairing);
    this.#pairing = pairing;
  }

  /** Puts right what the server lost, and what two devices changed at once. */
  async #settle(answer: ExchangeAnswer): Promise<void> {
    const { writer, removed, address, token } = this.#pairing;
    const isBehind = (answer.heads[writer] ?? 0) < this.#ledger.head(writer);
    if (isBehind || this.#isCopied) await this.#takeNewName();
    await this.#findLost(answer.heads);
    // It had forgotten that they were removed.
    for (const member of removed)
      if (answer.members.includes(member)) await this.#server.remove(address, token, member);
    const key = currentKey(this.#pairing);
    if (key.givenTo?.some((member) => removed.includes(member)))
      await this.#setPairing(await withNewKey(this.#pairing, removed));
    await this.#tellKey(answer);
  }

  /** The server lets in by the present key: also where it forgot that, or two were made at once. */
  async #tellKey({ generation, admitHash }: ExchangeAnswer): Promise<void> {
    const { address, token } = this.#pairing;
    const key = currentKey(this.#pairing);
    const admit = await admitOf(key);
    if (key.generation < generation || (await sha256(admit)) === admitHash) return;
    const older = await olderKeys(this.#pairing);
    await this.#server.changeKey(address, token, { admit, generation: key.generation, olderKeys: older });
  }

  /** Under the old one the numbers mean something else to those who have read them. */
  async #takeNewName(): Promise<void> {
    await this.#dropOutgoing();
    await this.#setPairing({ ...this.#pairing, writer: newId(), toGive: this.#pairing.given });
    this.#isCopied = false;
    this.#ledger.forgetAsked();
  }

  async #findLost(server: Heads): Promise<void> {
    const lost = this.#ledger.lost(server);
    if (lost.length === 0) return;
    const isLost = ({ spans }: BlockRecord): boolean =>
      spans.some(({ writer, from, to }) =>
        lost.some((span) => span.writer === writer && span.from <= to && from <= span.to),
      );
    const { records } = await this.#memory.readAll();
    const { ids, again } = joinRecords(records.filter(isLost));
    const elsewhere = new Set(records.filter((record) => !isLost(record)).flatMap((record) => record.ids));
    for (const id of ids) if (!elsewhere.has(id) && this.#garden.journal.has(id)) this.#pending.add(id);
    this.#again = [...lost, ...again];
  }

  /** What goes out next, on the disk already; nothing when all is said. */
  async #next(): Promise<Outgoing | undefined> {
    if (this.#outgoing) return this.#outgoing;
    const { writer, toGive, member, own } = this.#pairing;
    const number = this.#ledger.head(writer) + 1;
    const giving = toGive[0];
    const entries = giving ? [] : this.#nextEntries();
    const isLast = entries.length === this.#pending.size;
    const again = giving || !isLast ? [] : this.#again;
    const missed = giving ? [] : this.#ledger.toAsk(this.#stuck);
    // The first says who this is, also where there is nothing else to say.
    if (number > 1 && !giving && entries.length + again.length + missed.length === 0) return undefined;
    const block: Block = {
      v: 1,
      ...{ member, device: this.#garden.device, open: own.open },
      ...{ seen: this.#ledger.heads, entries, again, missed },
      ...(giving && { given: giving }),
    };
    const { address } = this.#pairing;
    const sealed = toBase64(
      await sealBlock(sealingKey(this.#pairing, giving), { address, writer, number }, block),
    );
    const outgoing: Outgoing = { writer, number, sealed, record: recordOf(block, writer, number) };
    await this.#memory.writeOutgoing(outgoing);
    this.#outgoing = outgoing;
    return outgoing;
  }

  /** The earliest of those that wait. */
  #nextEntries(): StoredEntry[] {
    const waiting = [...this.#pending]
      .flatMap((id) => this.#garden.journal.entry(id) ?? [])
      .sort(compareEntries);
    let characters = 0;
    const end = waiting.findIndex((entry, i) => {
      characters += JSON.stringify(entry).length;
      return i === MAX_ENTRIES || (i > 0 && characters > MAX_CHARACTERS);
    });
    return end < 0 ? waiting : waiting.slice(0, end);
  }

  async #send(outgoing: Outgoing): Promise<void> {
    const { writer, number, sealed } = outgoing;
    const answer = await this.#server.exchange(this.#pairing.address, this.#pairing.token, {
      have: { ...this.#ledger.heads, [writer]: number },
      blocks: [{ writer, number, sealed }],
    });
    if (answer.refused || (answer.heads[writer] ?? 0) < number) {
      // What stands there instead is read, and says why.
      this.#refusals += 1;
      if (this.#refusals > MAX_REFUSALS) throw new SyncError('failing');
      const now = await this.#fetch();
      if (this.#outgoing) await this.#takeNewName();
      await this.#settle(now);
      return;
    }
    await this.#sent(outgoing);
    await this.#take(answer.blocks);
    if (answer.more) await this.#fetch();
  }

  /** The server has it. */
  async #sent({ writer, number, record }: Outgoing): Promise<void> {
    await this.#noteBlock(writer, number, record);
    if (record.again.length > 0) this.#again = [];
    this.#ledger.noteAsked(record.missed);
    const { toGive } = this.#pairing;
    if (record.gave) await this.#setPairing({ ...this.#pairing, toGive: toGive.slice(1) });
    await this.#dropOutgoing();
  }

  async #dropOutgoing(): Promise<void> {
    await this.#memory.dropOutgoing();
    this.#outgoing = undefined;
  }
}

const recordOf = (block: Block, writer: string, number: number): BlockRecord => ({
  spans: [{ writer, from: number, to: number }],
  ids: block.entries.map(({ id }) => id),
  ...{ seen: block.seen, again: block.again, missed: block.missed },
  ...(block.given && { gave: block.given.generation }),
});

/** What is no base64 is no block either. */
function bytesOf(sealed: string): ReturnType<typeof fromBase64> {
  try {
    return fromBase64(sealed);
  } catch {
    return new Uint8Array();
  }
}
