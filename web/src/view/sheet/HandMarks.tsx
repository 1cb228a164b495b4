import { extentOf, shifted, withGroupMates, type Extent, type Item, type Plan } from '@tarnpass/core';
import { colour } from '../theme/palette';
import type { SheetFrame } from './frame';
import { axisOf, flatten } from './projection';
import type { Tie } from './snap';
import type { UnderWay } from './useByHand';

interface Props {
  readonly plan: Plan;
  readonly item: Item;
  /** What else is selected. */
  readonly also: readonly string[];
  readonly underWay: UnderWay | undefined;
  readonly frame: SheetFrame;
  readonly large: boolean;
}

const SIDE = 9;
/** How far a handle stands off its face, px: what lies along the face, such as a leaf, stays within reach. */
const STAND_OFF = 15;
/** What a finger finds, px along the face and away from it. */
const TARGET = { along: 44, off: [5, 40] } as const;

/** The handles of what is selected, and while it is moved by hand its outline to come with what it catches on. */
export function HandMarks({ plan, item, also, underWay, frame, large }: Props) {
  const extent = item.list === 'space' ? undefined : extentOf(item);
  if (!extent) return null;
  const shown = boxOn(frame, underWay?.extent ?? extent);
  const by =
    underWay && !underWay.resized ? underWay.extent.least.map((x, i) => x - extent.least[i]!) : [0, 0, 0];
  const others = withGroupMates(plan, [item.id, ...also]).filter(({ id }) => id !== item.id);
  return (
    <g>
      {others.map((other) => {
        const box = extentOf(other);
        return (
          box && (
            <rect
              key={other.id}
              {...boxOn(frame, shifted(box, by))}
              fill="none"
              stroke={colour('tarn')}
              strokeWidth={1.6}
              strokeDasharray={also.includes(other.id) ? undefined : '1.5 3'}
              pointerEvents="none"
            />
          )
        );
      })}
      {underWay && (
        <rect
          {...shown}
          fill="none"
          stroke={colour('tarn')}
          strokeWidth={1.6}
          strokeDasharray="1.5 3"
          strokeLinecap="round"
        />
      )}
      {underWay?.ties.map((tie) => (
        <TieLine key={tie.axis} tie={tie} plan={plan} frame={frame} box={shown} />
      ))}
      {large && !underWay && <Handles box={shown} frame={frame} name={item.name} />}
    </g>
  );
}

function boxOn(frame: SheetFrame, { least, greatest }: Extent) {
  const [a, b] = [frame.put(least), frame.put(greatest)];
  const [x, y] = [Math.min(a[0], b[0]), Math.min(a[1], b[1])];
  return { x, y, width: Math.abs(a[0] - b[0]), height: Math.abs(a[1] - b[1]) };
}

/** A line right across the view where a face or middle caught, with its words. */
function TieLine({
  tie,
  plan,
  frame,
  box,
}: {
  tie: Tie;
  plan: Plan;
  frame: SheetFrame;
  box: { x: number; y: number; width: number; height: number };
}) {
  const { space } = plan;
  const across = axisOf(frame.projection.u) === tie.axis;
  const point = [0, 0, 0] as [number, number, number];
  point[tie.axis] = tie.at;
  const [x, y] = frame.at(flatten(frame.projection, point));
  const ends = boxOn(frame, {
    least: [0, 0, 0],
    greatest: [space.width.mm, space.depth.mm, space.height.mm],
  });
  const line = across
    ? { x1: x, x2: x, y1: ends.y, y2: ends.y + ends.height }
    : { y1: y, y2: y, x1: ends.x, x2: ends.x + ends.width };
  const text = across ? { x: x + 6, y: box.y - 8 } : { x: box.x + box.width + 8, y: y - 6 };
  return (
    <g>
      <line {...line} stroke={colour('tarn')} strokeWidth={0.8} strokeDasharray="7 3" />
      <text
        {...text}
        fontSize={14}
        fontWeight={620}
        fill={colour('tarn')}
        stroke={colour('paper')}
        strokeWidth={4}
        paintOrder="stroke"
      >
        {tie.words}
      </text>
    </g>
  );
}

/** A square on the middle of each side: dragged, it moves that face. */
function Handles({
  box,
  frame,
  name,
}: {
  box: { x: number; y: number; width: number; height: number };
  frame: SheetFrame;
  name: string;
}) {
  const { u, v } = frame.projection;
  const [across, up] = [axisOf(u), axisOf(v)];
  const right = u[across] > 0 ? 'greatest' : 'least';
  const other = { greatest: 'least', least: 'greatest' } as const;
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const { x, y, width, height } = box;
  const places = [
    { at: [x + width, middle.y], way: [1, 0], face: `${across} ${right}` },
    { at: [x, middle.y], way: [-1, 0], face: `${across} ${other[right]}` },
    { at: [middle.x, y], way: [0, -1], face: `${up} greatest` },
    { at: [middle.x, y + height], way: [0, 1], face: `${up} least` },
  ] as const;
  return (
    <g aria-hidden="true" pointerEvents="all">
      {places.map(({ at, way: [dx, dy], face }) => (
        <g
          key={face}
          data-handle="face"
          data-face={face}
          transform={`translate(${at[0]} ${at[1]}) rotate(${(Math.atan2(dy, dx) * 180) / Math.PI})`}
          style={{ cursor: dx !== 0 ? 'ew-resize' : 'ns-resize' }}
        >
          <title>{`Drag to resize ${name}`}</title>
          <rect
            x={TARGET.off[0]}
            y={-TARGET.along / 2}
            width={TARGET.off[1] - TARGET.off[0]}
            height={TARGET.along}
            fill="transparent"
          />
          <line x2={STAND_OFF} stroke={colour('ink')} strokeWidth={1} pointerEvents="none" />
          <rect
            x={STAND_OFF - SIDE / 2}
            y={-SIDE / 2}
            width={SIDE}
            height={SIDE}
            fill={colour('paper')}
            stroke={colour('ink')}
            strokeWidth={1.5}
          />
        </g>
      ))}
    </g>
  );
}
