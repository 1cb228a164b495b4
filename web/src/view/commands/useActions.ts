import { INCHES, MILLIMETRES, type Issue, type Plan, type Report, type Scene } from '@tarnpass/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { play, stop } from '../../state/view/play';
import { stepFinding } from '../../state/view/stepFinding';
import { allShut, panesSet, commandFailed, VIEWS, type ViewKind } from '../../state/slices/viewSlice';
import { redo, setValue, undo } from '../../state/job/edits';
import { copy, duplicate, group, mirror, paste, takeOut, ungroup } from '../../state/job/itemActions';
import { saveSheet } from '../sheet/saveSheet';
import { useAppDispatch, useAppStore, type AppThunk } from '../../state/slices/app';
import { openInOrder, openTravels, throughAndBack } from '../../state/view/openInOrder';
import { useSheet } from '../theme/SheetProvider';
import type { Actions } from './Hotkeys';

interface About {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly report: Report | null;
  readonly selected: string | null;
  onFind(): void;
}

/** What every command does on the board as it is. */
export function useActions({ plan, scene, report, selected, onFind }: About): Actions {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const navigate = useNavigate();
  const { toggle } = useSheet();
  return useMemo(() => {
    const reports = new Map(report?.parts.map((part) => [part.id, part]));
    const mover = scene.movers.find(({ id }) => id === selected);
    const job = () => store.getState().job!.id;
    const tell = (issues: readonly Issue[]) => {
      dispatch(commandFailed(issues[0]?.message ?? null));
    };
    const act = (thunk: AppThunk<readonly Issue[] | Promise<readonly Issue[]>>) => () =>
      void Promise.resolve(dispatch(thunk)).then(tell);
    const go = (path: string) => () => void navigate(path);
    const save = (kind: 'svg' | 'png') => () =>
      void saveSheet(kind, plan.title).then((trouble) => dispatch(commandFailed(trouble ?? null)));
    return {
      find: onFind,
      nextFinding: () => dispatch(stepFinding(1)),
      previousFinding: () => dispatch(stepFinding(-1)),
      keys: go('/keys'),
      measure: () => go(`/jobs/${job()}/measure`)(),
      plan: () => go(`/jobs/${job()}/plan`)(),
      check: () => go(`/jobs/${job()}/check`)(),
      make: () => go(`/jobs/${job()}/make`)(),
      jobs: go('/'),
      undo: () => dispatch(undo()),
      redo: () => dispatch(redo()),
      duplicate: act(duplicate(false)),
      duplicateMirrored: act(duplicate(true)),
      mirror: act(mirror()),
      copy: act(copy()),
      paste: act(paste()),
      group: act(group()),
      ungroup: act(ungroup()),
      takeOut: act(takeOut()),
      ...(mover && { play: () => void dispatch(play(throughAndBack(mover, reports))) }),
      ...(scene.movers.length > 0 && {
        openAll: () => void dispatch(play([openTravels(scene, reports)])),
        shutAll: () => {
          dispatch(stop());
          dispatch(allShut());
        },
      }),
      ...(scene.movers.length > 1 && {
        openInOrder: () => void dispatch(openInOrder(plan, scene, 'all')),
        orderHere: () => void dispatch(openInOrder(plan, scene, 'here')),
      }),
      view: () => {
        const { panes } = store.getState().view;
        const kinds = Object.keys(VIEWS) as ViewKind[];
        const next = kinds[(kinds.indexOf(panes[0]!) + 1) % kinds.length]!;
        dispatch(panesSet(panes.map((kind, i) => (i === 0 ? next : kind === next ? panes[0]! : kind))));
      },
      units: () => {
        dispatch(setValue('Units', ['units'], plan.units.system === 'mm' ? INCHES : MILLIMETRES));
      },
      light: toggle,
      print: () => print(),
      saveSvg: save('svg'),
      savePng: save('png'),
    };
  }, [plan, scene, report, selected, onFind, dispatch, store, navigate, toggle]);
}
