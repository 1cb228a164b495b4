import type { Bay, Carcass } from './schema';

/** A carcass as it is in a mirror that turns left and right about; where it stands is not its own to turn. */
export function mirrorCarcass(carcass: Carcass): Carcass {
  const { frame, ends, fillers, sides } = carcass;
  return {
    ...carcass,
    frame: frame && { ...frame, left: frame.right, right: frame.left },
    ends: turned(ends),
    fillers: turned(fillers),
    sides: turned(sides),
    bay: mirrorBay(carcass.bay),
  };
}

const turned = <T>({ left, right }: { left: T; right: T }) => ({ left: right, right: left });

function mirrorBay(bay: Bay): Bay {
  const { read, split } = bay;
  return {
    ...bay,
    read: { ...read, left: read.right, right: read.left },
    ...(split && {
      split: {
        ...split,
        bays: (split.way === 'uprights' ? [...split.bays].reverse() : split.bays).map(mirrorBay),
      },
    }),
  };
}
