import type { Drive } from './drive';
import { driven, thenDrive } from './driven';
import type { Motion } from './motion';
import { Carriage } from './carriage';
import { trackMotion, type PlacedTrack } from './track';
import { laidTrack } from './trackPath';

/** The sections of a door or a tambour that hang together on a track, and how far the first one can go. */
export interface Train {
  /** Of each section, the foremost first; travel is how far the foremost follower has gone, mm. */
  readonly motions: readonly Motion[];
  readonly to: number;
}

/**
 * Sections in a row on one track: each has two followers, and its rear one is the front one of the next. The foremost
 * is moved; each of the others is where the one before it leaves its follower.
 *
 * @param placed    the track with the foremost section's front follower as built
 * @param sections  how many, one or more
 * @param last      how far the very last follower is to go, mm: the travel ends there
 * @throws where the track is too short for that
 */
export function trainMotions(placed: PlacedTrack, sections: number, last: number): Train {
  const carriages: Carriage[] = [];
  const fronts = [placed.front];
  let most = trackLength(placed) - placed.front - LEFT;
  for (let i = 0; i < sections; i += 1) {
    const front = fronts[i]!;
    const carriage = new Carriage(placed.stretches, placed.spacing, front, 0, most);
    carriages.push(carriage);
    fronts.push(carriage.rear(front));
    most = carriage.rear(front + most) - fronts[i + 1]!;
  }
  const lastAt = (travel: number) =>
    carriages.reduce((s, carriage) => carriage.rear(s), placed.front + travel) - fronts[sections]!;
  const to = travelTo(lastAt, last, trackLength(placed) - placed.front - LEFT);
  let reach = to;
  let drive: Drive | undefined;
  let knots: readonly number[] = [];
  const motions: Motion[] = [];
  for (let i = 0; i < sections; i += 1) {
    const front = fronts[i]!;
    const carriage = carriages[i]!;
    const own = trackMotion({ ...placed, front }, 0, reach);
    motions.push(drive ? driven(own, drive, knots, to) : own);
    const follows = rearDrive(carriage, front);
    const ownKnots = carriage.joints.map((s) => s - front).filter((knot) => knot < reach);
    const next: { drive: Drive; knots: readonly number[] } = drive
      ? thenDrive(drive, knots, follows, ownKnots, to)
      : { drive: follows, knots: ownKnots };
    reach = follows.value(reach);
    ({ drive, knots } = next);
  }
  return { motions, to };
}

/** The foremost follower stays this far from the end of the track, mm. */
const LEFT = 1e-6;

const trackLength = ({ stretches }: PlacedTrack): number => {
  const laid = laidTrack(stretches);
  return laid[laid.length - 1]!.to;
};

/** How far the rear follower has gone when the front one has gone so far from as built. */
function rearDrive(carriage: Carriage, front: number): Drive {
  const built = carriage.rear(front);
  return {
    key: `rear of ${front}`,
    value: (travel) => carriage.rear(front + travel) - built,
    rate: (travel) => carriage.rearRate(front + travel),
    over: (from, to) => carriage.rearOver(front + from, front + to),
  };
}

/** The travel at which the last follower has gone so far: it rises with the travel, so halving finds it. */
function travelTo(lastAt: (travel: number) => number, wanted: number, most: number): number {
  let [low, high] = [0, most];
  if (lastAt(high) < wanted) throw new Error('The track is too short for the door to open so far.');
  for (let i = 0; i < 100 && high - low > 1e-10; i += 1) {
    const middle = (low + high) / 2;
    if (lastAt(middle) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
