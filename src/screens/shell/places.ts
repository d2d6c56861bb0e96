import type { GlyphName } from '@/ui/glyphs/Glyph';

interface Place {
  readonly href: '/' | '/garden' | '/fruit' | '/seed' | '/more' | '/walk' | '/round' | '/open';
  readonly name: string;
  /** The key that leads there. */
  readonly key: string;
}

/** The five places that are always at hand. */
export const TABS: readonly (Place & { readonly glyph: GlyphName })[] = [
  { href: '/', name: 'Today', key: 't', glyph: 'today' },
  { href: '/garden', name: 'Garden', key: 'g', glyph: 'garden' },
  { href: '/fruit', name: 'Fruit', key: 'f', glyph: 'fruit' },
  { href: '/seed', name: 'Seed', key: 's', glyph: 'seed' },
  { href: '/more', name: 'More', key: 'm', glyph: 'more' },
];

/** Work that has the whole screen. */
export const WORK: readonly Place[] = [
  { href: '/walk', name: 'Walk', key: 'w' },
  { href: '/round', name: 'Round', key: 'r' },
  { href: '/open', name: 'Open now', key: 'o' },
];
