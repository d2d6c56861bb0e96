import type { Heads } from './protocol';

/** Blocks of one writer, from a number to a number. */
export interface Span {
  readonly writer: string;
  readonly from: number;
  readonly to: number;
}

/** What is known of blocks, beside their entries. */
export interface BlockFacts {
  readonly spans: readonly Span[];
  /** The highest numbers its writer had read. */
  readonly seen: Heads;
  /** Blocks whose entries it carries again, since the server had lost them or somebody could not read them. */
  readonly again: readonly Span[];
  /** Blocks that its writer knows of and cannot get. */
  readonly missed: readonly Span[];
}

/** Numbers by writer. */
class Numbers {
  readonly #of = new Map<string, Set<number>>();

  has(writer: string, number: number): boolean {
    return this.#of.get(writer)?.has(number) ?? false;
  }

  add({ writer, from, to }: Span): void {
    const numbers = this.#of.get(writer) ?? new Set();
    for (let number = from; number <= to; number += 1) numbers.add(number);
    this.#of.set(writer, numbers);
  }

  delete(writer: string, number: number): void {
    this.#of.get(writer)?.delete(number);
  }

  *each(): Generator<readonly [writer: string, number: number]> {
    for (const [writer, numbers] of this.#of) for (const number of numbers) yield [writer, number];
  }
}

/**
 * What a device knows of a garden's blocks: which it holds, which others have read, and so which a server has lost or
 * does not give. It knows no entries: their ids lie with each block on the disk.
 *
 * A server that forgets, or keeps something back, cannot hide it: each block says what its writer had read before, and
 * whoever holds what is missing sends its entries again.
 */
export class Ledger {
  readonly #held = new Numbers();
  readonly #unreadable = new Numbers();
  readonly #again = new Numbers();
  readonly #wanted = new Numbers();
  #asked = new Numbers();
  readonly #top = new Map<string, number>();
  readonly #seen = new Map<string, number>();

  /** The highest numbers that are dealt with: read, written, or found unreadable. */
  get heads(): Heads {
    return Object.fromEntries(this.#top);
  }

  head(writer: string): number {
    return this.#top.get(writer) ?? 0;
  }

  /** Blocks that were read here, or were written here and are at the server. */
  note({ spans, seen, again, missed }: BlockFacts): void {
    for (const span of spans) {
      this.#held.add(span);
      raise(this.#top, span.writer, span.to);
      raise(this.#seen, span.writer, span.to);
      for (let number = span.from; number <= span.to; number += 1)
        this.#unreadable.delete(span.writer, number);
    }
    for (const [writer, number] of Object.entries(seen)) raise(this.#seen, writer, number);
    // Whoever misses them since then has not read what was sent again.
    for (const span of again) {
      this.#again.add(span);
      raise(this.#seen, span.writer, span.to);
    }
    for (const span of missed) this.#wanted.add(span);
  }

  /** A block that the server gives and that is not what its writer wrote. */
  noteUnreadable(writer: string, number: number): void {
    this.#unreadable.add({ writer, from: number, to: number });
    raise(this.#top, writer, number);
  }

  /**
   * Blocks held here whose entries must be sent again: the server has lost them, or somebody else cannot read them.
   *
   * @param server its heads.
   * @example new Ledger().lost({}) // []
   */
  lost(server: Heads): Span[] {
    const lost: [string, number][] = [];
    for (const [writer, number] of this.#held.each())
      if (number > (server[writer] ?? 0) && !this.#again.has(writer, number)) lost.push([writer, number]);
    for (const [writer, number] of this.#wanted.each())
      if (
        number <= (server[writer] ?? 0) &&
        this.#held.has(writer, number) &&
        !this.#again.has(writer, number)
      )
        lost.push([writer, number]);
    return spansOf(lost);
  }

  /**
   * Blocks that exist, by what others have read, and that cannot be had here, after all that the server gives was read: it
   * does not give them, or what it gives was altered. Nothing once their entries have come with another block.
   *
   * @param except writers of which not all was read, for another reason.
   */
  missing(except: ReadonlySet<string>): Span[] {
    return spansOf(this.#missing(except));
  }

  /** Of what is missing, what this device has not asked for yet. */
  toAsk(except: ReadonlySet<string>): Span[] {
    return spansOf(this.#missing(except).filter(([writer, number]) => !this.#asked.has(writer, number)));
  }

  #missing(except: ReadonlySet<string>): (readonly [writer: string, number: number])[] {
    const missing = [...this.#unreadable.each()].filter(
      ([writer, number]) => !this.#again.has(writer, number),
    );
    for (const [writer, seen] of this.#seen)
      for (let number = this.head(writer) + 1; number <= seen && !except.has(writer); number += 1)
        if (!this.#again.has(writer, number)) missing.push([writer, number]);
    return missing;
  }

  noteAsked(spans: readonly Span[]): void {
    spans.forEach((span) => this.#asked.add(span));
  }

  /** What was asked may be among what the server lost. */
  forgetAsked(): void {
    this.#asked = new Numbers();
  }
}

function raise(map: Map<string, number>, writer: string, number: number): void {
  if (number > (map.get(writer) ?? 0)) map.set(writer, number);
}

/**
 * Numbers of writers as spans, in order.
 *
 * @example spansOf([['a', 2], ['a', 1], ['b', 7]]) // [{ writer: 'a', from: 1, to: 2 }, { writer: 'b', from: 7, to: 7 }]
 */
function spansOf(numbers: readonly (readonly [writer: string, number: number])[]): Span[] {
  const sorted = [...numbers].sort(([a, i], [b, j]) => (a === b ? i - j : a < b ? -1 : 1));
  const spans: Span[] = [];
  for (const [writer, number] of sorted) {
    const last = spans.at(-1);
    if (last?.writer === writer && number <= last.to + 1) spans[spans.length - 1] = { ...last, to: number };
    else spans.push({ writer, from: number, to: number });
  }
  return spans;
}

/**
 * How many blocks.
 *
 * @example countOf([{ writer: 'a', from: 3, to: 5 }]) // 3
 */
export const countOf = (spans: readonly Span[]): number =>
  spans.reduce((sum, { from, to }) => sum + to - from + 1, 0);
