import { createHash } from 'node:crypto';
import type {
  Admission,
  Admitted,
  ExchangeAnswer,
  ExchangeRequest,
  Heads,
  KeyChange,
  SealedBlock,
  SyncRefusal,
} from '../../src/core/sync/protocol';
import type { Database } from './database';

/** Why something was refused. */
export class Refused extends Error {
  readonly why: SyncRefusal;

  constructor(why: SyncRefusal) {
    super(why);
    this.why = why;
  }
}

const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex');

/** Of sealed blocks in one answer, bytes. */
const MAX_ANSWER_BYTES = 1_500_000;
const MAX_ANSWER_BLOCKS = 500;

interface GardenRow {
  readonly generation: number;
  readonly admit_hash: string;
  readonly older_keys: string;
}

/** What the server stores of gardens: blocks that it cannot read, and who may fetch them. All throw {@link Refused}. */
export class SyncStore {
  readonly #database: Database;

  constructor(database: Database) {
    this.#database = database;
  }

  async begin(address: string, { member, token, admit, generation }: Admission): Promise<void> {
    const made = await this.#database.query(
      `with made as (
         insert into gardens (address, admit_hash, generation) values ($1, $2, $3)
         on conflict do nothing returning address
       )
       insert into members (garden, member, token_hash) select address, $4, $5 from made returning member`,
      [address, hashOf(admit), generation, member, hashOf(token)],
    );
    if (made.length === 0) throw new Refused('exists');
  }

  async join(address: string, { member, token, admit, generation }: Admission): Promise<Admitted> {
    const [garden] = await this.#database.query<GardenRow>(
      'select generation, admit_hash, older_keys from gardens where address = $1',
      [address],
    );
    if (!garden) throw new Refused('unknownGarden');
    if (garden.generation !== generation || garden.admit_hash !== hashOf(admit))
      throw new Refused('wrongKey');
    const made = await this.#database.query(
      `insert into members (garden, member, token_hash) values ($1, $2, $3)
       on conflict do nothing returning member`,
      [address, member, hashOf(token)],
    );
    if (made.length === 0) throw new Refused('exists');
    return { olderKeys: garden.older_keys };
  }

  async exchange(address: string, token: string, request: ExchangeRequest): Promise<ExchangeAnswer> {
    const member = await this.#memberOf(address, token);
    let refused: SealedBlock | undefined;
    for (const block of request.blocks)
      if (!refused && !(await this.#append(address, member, block))) refused = block;
    const [state] = await this.#database.query<{
      readonly heads: Heads | null;
      readonly members: readonly string[] | null;
      readonly generation: number;
      readonly admit_hash: string;
    }>(
      `select generation, admit_hash,
         (select json_object_agg(writer, head) from writers where garden = $1) as heads,
         (select json_agg(member) from members where garden = $1 and not removed) as members
       from gardens where address = $1`,
      [address],
    );
    if (!state) throw new Refused('unknownGarden');
    const heads = state.heads ?? {};
    return {
      heads,
      ...(await this.#lacking(address, request.have, heads)),
      ...(refused && { refused: { writer: refused.writer, number: refused.number } }),
      members: state.members ?? [],
      generation: state.generation,
      admitHash: state.admit_hash,
    };
  }

  async changeKey(
    address: string,
    token: string,
    { admit, generation, olderKeys }: KeyChange,
  ): Promise<void> {
    await this.#memberOf(address, token);
    await this.#database.query(
      `update gardens set admit_hash = $2, generation = $3, older_keys = $4 where address = $1 and generation <= $3`,
      [address, hashOf(admit), generation, olderKeys],
    );
  }

  async remove(address: string, token: string, member: string): Promise<void> {
    await this.#memberOf(address, token);
    await this.#database.query('update members set removed = true where garden = $1 and member = $2', [
      address,
      member,
    ]);
  }

  /** Leaves something for whoever knows its place, once and for ten minutes. */
  async handOver(address: string, token: string, place: string, sealed: string): Promise<void> {
    await this.#memberOf(address, token);
    await this.#dropOldHandOvers();
    await this.#database.query(
      'insert into hand_overs (place, sealed) values ($1, $2) on conflict do nothing',
      [place, sealed],
    );
  }

  async takeHandOver(place: string): Promise<string> {
    await this.#dropOldHandOvers();
    const [taken] = await this.#database.query<{ readonly sealed: string }>(
      'delete from hand_overs where place = $1 returning sealed',
      [place],
    );
    if (!taken) throw new Refused('notThere');
    return taken.sealed;
  }

  async #dropOldHandOvers(): Promise<void> {
    await this.#database.query(`delete from hand_overs where left_at < now() - interval '10 minutes'`);
  }

  async #memberOf(address: string, token: string): Promise<string> {
    const [found] = await this.#database.query<{ readonly member: string; readonly removed: boolean }>(
      'select member, removed from members where garden = $1 and token_hash = $2',
      [address, hashOf(token)],
    );
    if (found?.removed) throw new Refused('removed');
    if (found) return found.member;
    const gardens = await this.#database.query('select 1 from gardens where address = $1', [address]);
    throw new Refused(gardens.length > 0 ? 'unknownMember' : 'unknownGarden');
  }

  /** @returns whether it is stored: now, or before under the same number. */
  async #append(address: string, member: string, { writer, number, sealed }: SealedBlock): Promise<boolean> {
    const bytes = Buffer.from(sealed, 'base64');
    if (number === 1)
      await this.#database.query(
        'insert into writers (garden, writer, member, head) values ($1, $2, $3, 0) on conflict do nothing',
        [address, writer, member],
      );
    const stored = await this.#database.query(
      `with moved as (
         update writers set head = head + 1
         where garden = $1 and writer = $2 and member = $3 and head = $4::integer - 1
         returning head
       )
       insert into blocks (garden, writer, number, sealed) select $1, $2, head, $5 from moved returning number`,
      [address, writer, member, number, bytes],
    );
    if (stored.length > 0) return true;
    const [there] = await this.#database.query<{ readonly same: boolean }>(
      'select sealed = $4 as same from blocks where garden = $1 and writer = $2 and number = $3',
      [address, writer, number, bytes],
    );
    return there?.same ?? false;
  }

  /** What a device has not read yet, the earliest first, as much as fits. */
  async #lacking(
    address: string,
    have: Heads,
    heads: Heads,
  ): Promise<Pick<ExchangeAnswer, 'blocks' | 'more'>> {
    const behind = Object.entries(heads).filter(([writer, head]) => head > (have[writer] ?? 0));
    if (behind.length === 0) return { blocks: [], more: false };
    const rows = await this.#database.query<{
      readonly writer: string;
      readonly number: number;
      readonly sealed: Uint8Array;
    }>(
      `select blocks.writer, blocks.number, blocks.sealed
       from unnest($2::text[], $3::integer[]) as had (writer, number)
       join blocks on blocks.garden = $1 and blocks.writer = had.writer and blocks.number > had.number
       order by blocks.position limit ${MAX_ANSWER_BLOCKS + 1}`,
      [address, behind.map(([writer]) => writer), behind.map(([writer]) => have[writer] ?? 0)],
    );
    let bytes = 0;
    const fitting = rows.findIndex(({ sealed }, i) => {
      bytes += sealed.length;
      return i === MAX_ANSWER_BLOCKS || (i > 0 && bytes > MAX_ANSWER_BYTES);
    });
    const blocks = (fitting < 0 ? rows : rows.slice(0, fitting)).map(({ writer, number, sealed }) => ({
      writer,
      number,
      sealed: Buffer.from(sealed).toString('base64'),
    }));
    return { blocks, more: fitting >= 0 };
  }
}
