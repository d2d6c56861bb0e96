import type { Day } from '../../time/types';
import type { Flower1 } from './renamed';
import type { MissedReason, RoundBodies } from './roundBodies';
import type { Donor, PickStop, PollinateStop, Stop } from './stops';

type Donor1 = Flower1 & { readonly plant: string };

type Stop1 =
  | (Omit<PickStop, 'blooms'> & { readonly flowers: readonly string[] })
  | (Omit<PollinateStop, 'bloom' | 'donors'> & Flower1 & { readonly donors: readonly Donor1[] });

interface Planned1 {
  readonly round: string;
  readonly morning: Day;
  readonly stops: readonly Stop1[];
}

type Picked1 = Pick<RoundBodies['picked'], 'round' | 'stop' | 'plant'> & {
  readonly flowers: readonly string[];
  readonly spoiled: readonly (Flower1 & { readonly why: MissedReason })[];
};

type Pollinated1 = Required<Pick<RoundBodies['pollinated'], 'round' | 'stop'>> &
  Omit<RoundBodies['pollinated'], 'bloom' | 'donors'> &
  Flower1 & { readonly donors: readonly Donor1[] };

type Missed1 = Required<Pick<RoundBodies['missed'], 'round' | 'stop'>> &
  Omit<RoundBodies['missed'], 'bloom'> &
  Flower1;

const upcastDonors = (donors: readonly Donor1[]): Donor[] =>
  donors.map(({ plant, flower }) => ({ plant, bloom: flower }));

function upcastStop(old: Stop1): Stop {
  const { stop, plant, variety, eta } = old;
  if (old.kind === 'pick') return { stop, kind: 'pick', plant, variety, eta, blooms: old.flowers };
  const donors = upcastDonors(old.donors);
  return { stop, kind: 'pollinate', plant, variety, eta, bloom: old.flower, donors };
}

export function upcastPlanned(body: object): RoundBodies['round.planned'] {
  if (!('morning' in body)) return body as RoundBodies['round.planned'];
  const { round, morning, stops } = body as Planned1;
  return { round, day: morning, stops: stops.map(upcastStop) };
}

export function upcastPicked(body: object): RoundBodies['picked'] {
  if (!('flowers' in body)) return body as RoundBodies['picked'];
  const { round, stop, plant, flowers, spoiled } = body as Picked1;
  return {
    round,
    stop,
    plant,
    blooms: flowers,
    spoiled: spoiled.map(({ flower, why }) => ({ bloom: flower, why })),
  };
}

export function upcastPollinated(body: object): RoundBodies['pollinated'] {
  if (!('flower' in body)) return body as RoundBodies['pollinated'];
  const { flower, plant, round, stop, donors, found, method, shutAgain, tagged } = body as Pollinated1;
  return {
    bloom: flower,
    plant,
    round,
    stop,
    donors: upcastDonors(donors),
    found,
    method,
    shutAgain,
    tagged,
  };
}

export function upcastMissed(body: object): RoundBodies['missed'] {
  if (!('flower' in body)) return body as RoundBodies['missed'];
  const { flower, plant, round, stop, why } = body as Missed1;
  return { bloom: flower, plant, round, stop, why };
}
