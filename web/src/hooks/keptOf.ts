/**
 * The same function, its answers kept as long as both objects live, neither of which may change. A drawing that something
 * overtakes is begun anew, and what its memos held is gone by then: this is not.
 */
export function keptOf<A extends object, B extends object, K extends readonly number[], T>(
  make: (a: A, b: B, ...rest: K) => T,
): (a: A, b: B, ...rest: K) => T {
  const kept = new WeakMap<B, WeakMap<A, Map<string, T>>>();
  return (a, b, ...rest) => {
    let byFirst = kept.get(b);
    if (!byFirst) kept.set(b, (byFirst = new WeakMap()));
    let answers = byFirst.get(a);
    if (!answers) byFirst.set(a, (answers = new Map()));
    const key = rest.join(' ');
    const known = answers.get(key);
    if (known !== undefined || answers.has(key)) return known as T;
    const answer = make(a, b, ...rest);
    answers.set(key, answer);
    return answer;
  };
}
