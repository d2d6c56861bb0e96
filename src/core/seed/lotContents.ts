import type { SeedSource } from '../crops/variety';
import type { Journal } from '../journal/journal';
import { lotParts, type LotPart } from '../journal/lotParts';
import type { Day } from '../time/types';

/** Where a share of a lot's seed comes from in the end: a fruit that grew here, or elsewhere. */
export type Content = { readonly share: number } & (
  | { readonly from: 'fruit'; readonly bloom: string }
  | {
      readonly from: 'elsewhere';
      readonly lot: string;
      readonly variety: string;
      readonly source: SeedSource;
    }
);

export interface LotContents {
  /** Each once, the greatest share first; together 1. Nothing where nobody knows what went into it. */
  readonly contents: readonly Content[];
  /** Not all of it was counted: fruits are then taken to have given alike. */
  readonly assumed: boolean;
}

/**
 * What a lot is made of, through all lots that went into it. Shares are by seeds where all that went in was counted,
 * else each fruit, and each lot from elsewhere, counts alike.
 *
 * @param until as it was on that day.
 * @example lotContents(journal, 'l1').contents // [{ from: 'fruit', bloom: 'f1', share: 1 }]
 */
export function lotContents(journal: Journal, id: string, until?: Day): LotContents {
  const { sources, assumed } = sourcesOf(journal, id, { until, within: new Set() });
  const shares = new Map<string, Content>();
  const total = sources.reduce((sum, { weight }) => sum + weight, 0);
  for (const { key, weight, content } of sources) {
    const share = total > 0 ? weight / total : 1 / sources.length;
    shares.set(key, { ...content, share: share + (shares.get(key)?.share ?? 0) });
  }
  return {
    contents: [...shares]
      .sort(([a, one], [b, other]) => other.share - one.share || (a < b ? -1 : 1))
      .map(([, content]) => content),
    assumed,
  };
}

type Bare = Content extends infer C ? (C extends Content ? Omit<C, 'share'> : never) : never;

/** A fruit, or a lot from elsewhere, with its weight among the others: seeds, or 1. */
interface Source {
  readonly key: string;
  readonly weight: number;
  readonly content: Content;
}

interface Sources {
  readonly sources: readonly Source[];
  readonly assumed: boolean;
}

interface Asked {
  readonly until: Day | undefined;
  /** The lots that this one went into: what went round in a circle adds nothing. */
  readonly within: ReadonlySet<string>;
}

function sourcesOf(journal: Journal, id: string, { until, within }: Asked): Sources {
  const lot = journal.all('lot').get(id);
  if (!lot || within.has(id)) return { sources: [], assumed: true };
  const inside = new Set([...within, id]);
  const parts = lotParts(lot, until).filter((part) => part.from !== 'lot' || !inside.has(part.lot));
  const isCounted = parts.every((part) => part.from !== 'elsewhere' && part.seeds !== undefined);
  const sources = new Map<string, Source>();
  let assumed = !isCounted && parts.length > 1;
  for (const part of parts) {
    if (part.from !== 'lot') {
      const source = sourceOf(id, part);
      const before = sources.get(source.key)?.weight ?? 0;
      // Of what was not all counted a fruit counts once, however often seed was taken out of it.
      sources.set(source.key, { ...source, weight: isCounted ? before + source.weight : 1 });
      continue;
    }
    const inner = sourcesOf(journal, part.lot, { until: part.day, within: inside });
    assumed ||= inner.assumed;
    // By its own shares, of the seeds that were taken of it, or of as many fruits as are in it.
    const weight = isCounted ? part.seeds! : inner.sources.length;
    const total = inner.sources.reduce((sum, each) => sum + each.weight, 0);
    for (const source of inner.sources) {
      const own = total > 0 ? (source.weight / total) * weight : 0;
      sources.set(source.key, { ...source, weight: own + (sources.get(source.key)?.weight ?? 0) });
    }
  }
  return { sources: [...sources.values()], assumed };
}

function sourceOf(lot: string, part: Exclude<LotPart, { from: 'lot' }>): Source {
  const bare: Bare =
    part.from === 'fruit'
      ? { from: 'fruit', bloom: part.bloom }
      : { from: 'elsewhere', lot, variety: part.variety, source: part.source };
  const weight = part.from === 'fruit' ? (part.seeds ?? 1) : 1;
  return {
    key: bare.from === 'fruit' ? `fruit ${bare.bloom}` : `lot ${lot}`,
    weight,
    content: { ...bare, share: 0 } as Content,
  };
}
