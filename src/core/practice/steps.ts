import type { CropFacts } from '../crops/crop';

/** What is done on the morning of a covered flower. */
const MORNING_STEPS = ['collect', 'strip', 'check', 'uncover', 'pollinate', 'close', 'tag'] as const;
export type MorningStep = (typeof MORNING_STEPS)[number];

/**
 * The morning of a seed keeper in its order, by the crop's own protocol: pollen first, so that the female stands open no
 * longer than she must.
 *
 * @returns nothing where flowers are not covered for seed.
 * @example morningSteps(pepo) // ['collect', 'strip', 'check', 'uncover', 'pollinate', 'close', 'tag']
 */
export function morningSteps({ protocols, methods, parts }: CropFacts): readonly MorningStep[] {
  const { seed } = protocols;
  if (!seed?.cover) return [];
  const does: Readonly<Record<MorningStep, boolean>> = {
    collect: seed.collect !== undefined,
    // A tassel is shaken into its bag; nothing of it is stripped.
    strip: methods[0] === 'maleFlower' && parts === undefined,
    check: true,
    uncover: true,
    pollinate: true,
    close: seed.close === true,
    tag: seed.tag === true,
  };
  return MORNING_STEPS.filter((step) => does[step]);
}
