import type { Report } from '@tarnpass/core';
import type { AppThunk } from '../slices/app';
import { findingShown, moved, selected } from '../slices/viewSlice';

/** What wants looking at, worst first. */
export const openFindings = (report: Report | null) =>
  report?.parts.flatMap((part) => part.findings.filter(({ verdict }) => verdict !== 'clear')) ?? [];

/** Go to the next finding, or the one before: its part is selected and opened to the place. */
export const stepFinding =
  (by: number): AppThunk =>
  (dispatch, getState) => {
    const { check, view } = getState();
    const findings = openFindings(check.report);
    if (findings.length === 0) return;
    const next = (view.finding + by + findings.length) % findings.length;
    const { part, travel } = findings[next]!;
    dispatch(findingShown(next));
    dispatch(selected(part));
    dispatch(moved({ part, travel }));
  };
