import type { Mover, PartReport, Units } from '@tarnpass/core';
import { useMoment } from '../board/Moment';
import type { SheetFrame } from './frame';
import { HitLabel, PartNow, reachOfPart } from './MovingPart';
import { NearestTie } from './NearestTie';

interface Props {
  readonly movers: readonly Mover[];
  readonly reports: ReadonlyMap<string, PartReport>;
  readonly frame: SheetFrame;
  readonly units: Units;
  readonly selected: string | null;
  readonly large: boolean;
  onSelect(id: string): void;
}

/** All of a view that follows the hand: the parts where they stand now, and what is nearest to the selected one. */
export function LiveLayer({ movers, reports, frame, units, selected, large, onSelect }: Props) {
  const { travels, nearest } = useMoment();
  const chosen = movers.find(({ id }) => id === selected);
  return (
    <>
      {movers.map((mover) => (
        <PartNow
          key={mover.id}
          mover={mover}
          frame={frame}
          selected={mover.id === selected}
          travel={travels[mover.id] ?? mover.from}
          onSelect={onSelect}
        />
      ))}
      {nearest && <NearestTie nearest={nearest} frame={frame} units={units} />}
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
