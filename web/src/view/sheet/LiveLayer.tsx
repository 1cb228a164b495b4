import type { Mover, PartReport, Scene, Units } from '@tarnpass/core';
import { useLivePose } from '../live/LivePose';
import type { SheetFrame } from './frame';
import { HitLabel, PartNow, reachOfPart } from './MovingPart';
import { Lens } from './Lens';
import type { LensPlace } from './lensPlace';
import { NearestTie } from './NearestTie';
import type { FlatSight } from './views';

interface Props {
  readonly scene: Scene;
  readonly sight: FlatSight;
  /** Where there is room for the lens. */
  readonly lens: LensPlace | undefined;
  readonly movers: readonly Mover[];
  readonly reports: ReadonlyMap<string, PartReport>;
  readonly frame: SheetFrame;
  readonly units: Units;
  readonly selected: string | null;
  readonly large: boolean;
  /** What is drawn over the parts, under what follows the hand. */
  readonly marks: React.ReactNode;
  onSelect(id: string): void;
}

/** All of a view that follows the hand: the parts where they stand now, and what is nearest to the selected one. */
export function LiveLayer(props: Props) {
  const { scene, sight, lens, movers, reports, frame, units, selected, large, marks, onSelect } = props;
  const { travels, hidden, movers: placed, carried, nearest } = useLivePose();
  // What nothing carries is drawn as the rest of the sheet is, which may come a moment after what follows the hand.
  const where = new Map(placed.filter(({ id }) => carried.has(id)).map((mover) => [mover.id, mover]));
  const shown = movers.map((mover) => where.get(mover.id) ?? mover);
  const chosen = shown.find(({ id }) => id === selected);
  return (
    <>
      {shown
        .filter(({ id }) => !hidden.has(id))
        .map((mover) => (
          <PartNow
            key={mover.id}
            mover={mover}
            frame={frame}
            selected={mover.id === selected}
            travel={travels[mover.id] ?? mover.from}
            onSelect={onSelect}
          />
        ))}
      {marks}
      {nearest && chosen && lens ? (
        <Lens
          scene={scene}
          mover={chosen}
          travel={travels[chosen.id] ?? chosen.from}
          nearest={nearest}
          frame={frame}
          sight={sight}
          units={units}
          place={lens}
        />
      ) : (
        nearest && <NearestTie nearest={nearest} frame={frame} units={units} />
      )}
      {!nearest && large && chosen && (
        <HitLabel
          mover={chosen}
          {...reachOfPart(chosen, reports.get(chosen.id))}
          frame={frame}
          units={units}
        />
      )}
    </>
  );
}
