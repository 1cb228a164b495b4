import { distinct } from './distinct';

describe('what is picked by name', () => {
  it('is told apart by its id where two are called the same, and only there', () => {
    const options = [
      { id: 'a', words: 'Oak' },
      { id: 'b', words: 'Pine' },
      { id: 'c', words: 'Oak' },
    ];
    expect(distinct(options).map(({ words }) => words)).toEqual(['Oak (a)', 'Pine', 'Oak (c)']);
    expect(new Set(distinct(options).map(({ words }) => words)).size).toBe(3);
  });
});
