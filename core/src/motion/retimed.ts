import type { Drive } from './drive';
import type { Motion, Stage } from './motion';

/**
 * A motion run by another travel s, of which its own is a straight function: from + rate s. With rate 0 it stands still
 * where `from` puts it. Two movers retimed to one s can be checked against each other along a line in their two travels.
 */
export function retimed(motion: Motion, from: number, rate: number): Motion {
  const lists = new Map<readonly Stage[], readonly Stage[]>();
  const side = rate < 0 ? -1 : 1;
  return {
    key: `${motion.key} from ${from} by ${rate}`,
    knots: rate === 0 ? [] : motion.knots.map((knot) => (knot - from) / rate).sort((a, b) => a - b),
    stagesAt: (s, of = 1) => {
      const stages = motion.stagesAt(from + rate * s, of === side ? 1 : -1);
      let list = lists.get(stages);
      if (!list)
        lists.set(
          stages,
          (list = stages.map(({ joint, drive }) => ({ joint, drive: retimedDrive(drive, from, rate) }))),
        );
      return list;
    },
  };
}

function retimedDrive(drive: Drive, from: number, by: number): Drive {
  return {
    key: `${drive.key} from ${from} by ${by}`,
    ...(drive.even || by === 0 ? { even: true } : {}),
    value: (s) => drive.value(from + by * s),
    rate: (s, side = 1) =>
      by === 0 ? 0 : by * drive.rate(from + by * s, by > 0 ? side : side === 1 ? -1 : 1),
    over: (start, end) => {
      if (by === 0) return { rate: 0, bend: 0 };
      const [low, high] = by > 0 ? [start, end] : [end, start];
      const { rate, bend } = drive.over(from + by * low, from + by * high);
      return { rate: Math.abs(by) * rate, bend: by * by * bend };
    },
  };
}
