import { isDoubtfulType } from '../../journal/plantCondition';
import { fatherPlants } from '../../journal/pollinations';
import { reason } from '../../text/reason';
import { toMs } from '../../time/calendar';
import { type Link, link, type PurityEvidence } from '../chain';

/**
 * Were mother and fathers true to the variety? One rogued as off-type was off-type on the day of its pollen too; one
 * that died was not.
 */
export function plantsLink({ bloom, plants, beside }: PurityEvidence): Link {
  const offType = (plant: string): boolean => plants.get(plant)?.removed?.why === 'offType';
  if (offType(bloom.plant)) return link('plants', 'broken', reason('plants.motherOffType'));
  const father = fatherPlants(bloom).find(offType);
  if (father !== undefined)
    return link('plants', 'broken', reason('plants.fatherOffType', { plant: father }));
  const inDoubt = (plant: string): boolean => isDoubtfulType(plants.get(plant) ?? {});
  const doubtful = fatherPlants(bloom).find(inDoubt);
  if (doubtful !== undefined)
    return link('plants', 'doubtful', reason('plants.fatherInDoubt', { plant: doubtful }));
  // Where nothing was covered it sheds on what stands with it, pulled out later or not.
  const near = beside.find((plant) => offType(plant) || inDoubt(plant));
  if (near !== undefined) return link('plants', 'doubtful', reason('plants.besideOffType', { plant: near }));
  const noted = plants.get(bloom.plant)?.noted;
  // Whether she is true is asked again at harvest, when the fruit shows it too.
  if (inDoubt(bloom.plant) && !(bloom.harvest && toMs(bloom.harvest.at) > toMs(noted!.at)))
    return link('plants', 'doubtful', reason('plants.motherInDoubt'));
  if (!bloom.harvest) return link('plants', 'pending', reason('plants.untilHarvest'));
  return bloom.harvest.typical
    ? link('plants', 'holds', reason('plants.typical'))
    : link('plants', 'doubtful', reason('plants.notTypical'));
}
