import type { Offer, Offers, Plan, Report } from '@tarnpass/core';
import { reducer, type RootState } from '../slices/app';
import { bestOffer, offered, tried } from '../slices/offersSlice';
import { selected } from '../slices/viewSlice';
import { nextSought } from './seekOffers';

const offer = (key: string, rank: number, mends: readonly string[]): Offer => ({
  key,
  item: 'leaf',
  words: key,
  cost: 'something',
  changes: [],
  least: undefined,
  proven: true,
  mends,
  rank,
});
const offersFor = (of: string, offers: readonly Offer[], whole = true): Offers => ({
  of,
  item: 'leaf',
  offers,
  whole,
  nearest: offers.length > 0 ? undefined : 'No one change mends it.',
});

/** A job whose leaf hits twice and whose tray is tight, answered at this version of its plan. */
function answered(version = 1, ofPlan = version): RootState {
  const finding = (key: string, verdict = 'hits') => ({ key, verdict });
  const report = {
    answer: { finding: 'leaf|sill', part: 'leaf' },
    parts: [
      {
        id: 'leaf',
        item: 'leaf',
        findings: [finding('leaf|sill'), finding('leaf|wall'), finding('leaf|post', 'clear')],
      },
      { id: 'tray', item: 'tray', findings: [finding('tray|lip', 'tight')] },
    ],
    notes: [{ key: 'note|leaf|fingers|0', item: 'leaf', verdict: 'tight' }],
    air: [],
  } as unknown as Report;
  const plan = {
    parts: [{ id: 'leaf' }, { id: 'tray' }],
    things: [],
    existing: [],
    carcasses: [],
  } as unknown as Plan;
  const fresh = reducer(undefined, { type: 'begin' });
  return {
    ...fresh,
    job: { id: 'job', version: ofPlan, plan } as RootState['job'],
    check: { ...fresh.check, version, report },
  };
}

describe('what is looked for next', () => {
  it('is one way for what the answer is about, then one for each finding of its part, then all of theirs', () => {
    let state = answered();
    const order: unknown[] = [];
    for (let next = nextSought(state); next; next = nextSought(state)) {
      order.push([next.of, next.enough]);
      const known = offersFor(next.of, [offer(`o ${next.of}`, 5, [next.of])], next.enough === undefined);
      state = reducer(state, offered(known)) as RootState;
    }
    const findings = ['leaf|sill', 'leaf|wall', 'note|leaf|fingers|0'];
    expect(order).toEqual([...findings.map((key) => [key, 1]), ...findings.map((key) => [key, undefined])]);
  });

  it('turns to what is selected, and never to what is clear', () => {
    let state = reducer(answered(), offered(offersFor('leaf|sill', []))) as RootState;
    state = reducer(state, selected('tray')) as RootState;
    expect(nextSought(state)).toEqual({ of: 'tray|lip', enough: 1 });
    state = reducer(state, offered(offersFor('tray|lip', []))) as RootState;
    expect(nextSought(state)).toBeUndefined();
  });

  it('is nothing while the answer is of an older plan, or there is no job', () => {
    expect(nextSought(answered(1, 2))).toBeUndefined();
    expect(nextSought({ ...answered(), job: null })).toBeUndefined();
  });
});

describe('offers that are known', () => {
  it('the best of all that mend a finding, whichever it was found for', () => {
    const dear = offer('dear', 20, ['a']);
    const both = offer('both', 6, ['a', 'b']);
    let state = reducer(undefined, offered(offersFor('a', [dear])));
    expect(bestOffer(state.offers, 'a')).toBe(dear);
    state = reducer(state, offered(offersFor('b', [both])));
    expect(bestOffer(state.offers, 'a')).toBe(both);
    expect(bestOffer(state.offers, 'c')).toBeUndefined();
  });

  it('are let go of when the plan changes, with what is tried', () => {
    let state = reducer(undefined, offered(offersFor('a', [offer('one', 1, ['a'])])));
    state = reducer(state, tried(offer('one', 1, ['a'])));
    expect(state.offers.tried?.key).toBe('one');
    state = reducer(state, { type: 'job/closed' });
    expect(state.offers).toEqual({ byFinding: {}, tried: null });
  });
});
