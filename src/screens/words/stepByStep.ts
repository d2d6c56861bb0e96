import type { PollinationMethod } from '@/core/crops/crop';
import type { Crop } from '@/core/crops/catalogue';
import type { BloomSex } from '@/core/journal/kinds/walk';

import type { HowDrawingName } from '@/ui/flowers/HowDrawing';

/** One step for somebody who has never done it: a picture, and a few words that a child understands. */
export interface PictureStep {
  readonly picture: 'male' | 'female' | HowDrawingName;
  readonly title: string;
  readonly text: string;
}

/**
 * From the first look to the tap on the screen, for flowers that are pollinated open.
 *
 * @param bearing what carries the fruit on this plant.
 * @param method what brings the pollen.
 */
export function stepsForOpen(
  { smallFlowered }: Pick<Crop, 'smallFlowered'>,
  bearing: BloomSex,
  method: PollinationMethod,
): readonly PictureStep[] {
  const byFlower = method === 'maleFlower';
  return [
    {
      picture: 'male',
      title: 'Find a male flower',
      text: smallFlowered
        ? 'A short, thin stalk, and nothing behind the flower. They often sit in bunches.'
        : 'A long, thin stalk, and nothing behind the flower. In the middle stands one yellow stick.',
    },
    {
      picture: 'female',
      title: 'Find a female flower',
      text:
        bearing === 'perfect'
          ? 'A tiny fruit sits behind the flower. On this plant it has pollen of its own as well.'
          : 'A tiny fruit sits behind the flower: that is what will grow.',
    },
    byFlower
      ? {
          picture: 'strip',
          title: 'Pick the male flower',
          text: 'Pull its petals off all round. Do not touch the yellow middle.',
        }
      : {
          picture: 'brush',
          title: 'Fetch the pollen',
          text: 'Turn the dry brush softly in the middle of the male flower, until it is yellow.',
        },
    {
      picture: 'brush',
      title: 'Bring it to the female flower',
      text: `Dab the middle of the female flower with ${byFlower ? 'it' : 'the brush'}, softly, all the way round. If you press, the tiny fruit breaks off.`,
    },
    {
      picture: 'female',
      title: 'Tap how many',
      text: 'Count the female flowers you did at this plant, tap the number, then the big button. Go on to the next plant.',
    },
  ];
}
