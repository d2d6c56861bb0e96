import type { Caution } from '@/core/today/cautions';

/** Cautions that come up with the day's work. */
export const CAUTIONS: Readonly<Record<Caution, { readonly title: string; readonly short: string }>> = {
  heat: { title: 'Water and a hat', short: 'Hot today. Start early; stop when dizzy.' },
  wetLeaves: {
    title: 'Wet leaves',
    short: 'Disease travels on wet hands. Suspect plants last, or not at all.',
  },
  bees: { title: 'Look before you close your hand', short: 'Bees sleep and work in the flowers.' },
};

/** All of them, for their page. */
export const ALL_CAUTIONS: readonly { readonly title: string; readonly text: string }[] = [
  {
    title: 'Heat, back and knees',
    text: 'Start early, take water and a hat, work in the shade where you can, kneel rather than bend. Stop when dizzy.',
  },
  {
    title: 'Bees and other insects',
    text: 'Look before you close a hand round a flower. With a known sting allergy carry what was prescribed. Some helpful bugs bite: leave them be.',
  },
  {
    title: 'Disease on hands and blades',
    text: 'Mosaic viruses and fruit blotch travel on hands, brushes, blades and reused bags. Do not work wet leaves. Suspect plants last, or not at all. Disinfect between blocks. Take no seed from a plant with mottled leaves.',
  },
  {
    title: 'Sprays',
    text: 'Never on open bloom. The label says when one may go in again and when one may harvest. Local rules and licensed applicators decide.',
  },
  {
    title: 'Bitter fruit',
    text: 'A squash, gourd or cucumber that tastes bitter can poison: spit it out and do not eat it. Chance crosses, ornamental gourds and volunteers carry it.',
  },
  {
    title: 'Small things',
    text: 'Small bags, ties and tape are not for small children. Pollen can set off an allergy. Mind blades, staples, ladders, and leads near wet greenhouses.',
  },
  {
    title: 'Law',
    text: 'Taking seed or plants over a border, selling seed, protected or patented varieties, and growing near seed crops: local law decides.',
  },
];
