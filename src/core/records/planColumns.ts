import type { Purpose, SeedSource } from '../crops/variety';

/** Columns of the table of the plan; docs/formats.md says what each holds. */
export const PLAN_COLUMNS = [
  'bed',
  'row',
  'variety',
  'kind',
  'plants',
  'purpose',
  'seed',
  'sown',
  'planted_out',
  'spacing',
  'bed_x',
  'bed_y',
  'bed_length',
  'bed_width',
  'bed_turn',
  'traits',
  'days_to_flower',
  'fruit_wanted',
  'note',
] as const;
export type PlanColumn = (typeof PLAN_COLUMNS)[number];

/** What a column of somebody’s table may hold: one of those, bed and row in one cell, how many rows, or nothing that is wanted. */
export const COLUMN_USES = [...PLAN_COLUMNS, 'bed_row', 'rows', 'none'] as const;
export type ColumnUse = (typeof COLUMN_USES)[number];

/** Uses that several columns may have: what they hold is put together. */
export const SHARED_USES: readonly ColumnUse[] = ['traits', 'note', 'none'];

/** How a purpose is written in a table: the first is what is exported. */
const PURPOSES_WRITTEN: Readonly<Record<Purpose, string>> = {
  eat: 'eat, to eat, for eating, to cook, cooking, food, eating, kitchen, fruit, no, n, essen, küche, manger, cuisine, comer, cocina, mangiare, cucina, eten, keuken, cozinha, eat it, table, vegetable, gemüse, consommation, consumo, zum essen, à manger, para comer, da mangiare, om te eten',
  seedForFun: 'seed for fun, fun',
  seedToKeep:
    'seed to keep, seed, seeds, keep, save, save seed, seed saving, saving, yes, y, x, ✓, ja, oui, sí, si, saatgut, samen, graines, semences, semilla, semillas, seme, semi, zaad, zaden, semente, sementes, save it, for seed, to save, seed crop, samenbau, saatgutgewinnung, semence, porte-graines, para semilla, da seme, voor zaad, para semente, sim, sì',
  rareOrSold: 'rare or sold, rare, sale, sold, for sale, sell, exchange, swap, seed bank, library',
};
/** How the source of seed is written in a table: the first is what is exported. */
const SEEDS_WRITTEN: Readonly<Record<SeedSource, string>> = {
  ownGuarded:
    'own, own seed, saved, home saved, mine, eigen, eigene, propre, propia, propria, propio, proprio, própria, próprio, eigenes, eigenes saatgut, eigen zaad, récolte perso, récoltée, semilla propia, semente própria, own saved, home-saved, self saved',
  boughtLine:
    'bought, shop, purchased, packet, seed company, gekauft, acheté, achetée, achetées, comprada, comprado, comprata, comprati, comprate, gekocht, compradas, bought in, store, bought seed',
  swapped:
    'swapped, swap, swap table, gift, friend, neighbour, neighbor, getauscht, échange, échangée, intercambio, scambio, ruil, geruild, troca, trocada, geschenk, tausch, regalo, cadeau',
  openGarden: 'open, open pollinated in the garden, volunteer, self sown',
  f1: 'f1, hybrid, f1 hybrid, hybride, híbrida, ibrido',
  unknown: 'unknown, ?, -, unbekannt, inconnu, desconocida',
};

function written<T extends string>(words: Readonly<Record<T, string>>): ReadonlyMap<string, T> {
  return new Map(
    (Object.entries(words) as [T, string][]).flatMap(([value, texts]) =>
      texts.split(', ').map((text) => [text, value] as const),
    ),
  );
}
const PURPOSES = written(PURPOSES_WRITTEN);
const SEEDS = written(SEEDS_WRITTEN);

/** @example purposeWritten('Seed saving') // 'seedToKeep' */
export const purposeWritten = (text: string): Purpose | undefined => PURPOSES.get(text.trim().toLowerCase());

/** @example seedWritten('Swap') // 'swapped' */
export const seedWritten = (text: string): SeedSource | undefined => SEEDS.get(text.trim().toLowerCase());

/** @example purposeText('eat') // 'eat' */
export const purposeText = (purpose: Purpose): string => PURPOSES_WRITTEN[purpose].split(', ')[0]!;

/** Of seed that nothing is known of nothing is written. */
export const seedText = (seed: SeedSource): string =>
  seed === 'unknown' ? '' : SEEDS_WRITTEN[seed].split(', ')[0]!;
