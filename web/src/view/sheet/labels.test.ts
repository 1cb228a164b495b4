import { layLabels, type LabelBox } from './labels';

const at = (x: number, y: number): LabelBox => ({ x, y, width: 40, height: 16 });

describe('labels on the sheet', () => {
  it('take their first free place and are left out where there is none', () => {
    const placed = layLabels(
      [
        { key: 'a', places: [at(0, 0)] },
        { key: 'b', places: [at(10, 5), at(60, 0)] },
        { key: 'c', places: [at(70, 3), at(5, 5)] },
      ],
      { taken: [at(200, 0)] },
    );
    expect(placed.get('b')).toEqual(at(60, 0));
    expect(placed.has('c')).toBe(false);
  });

  it('keep off what would cover them, each off its own', () => {
    const part = { x: 0, y: 0, width: 100, height: 60 };
    const placed = layLabels([
      { key: 'case', places: [at(20, 20), at(110, 20)], off: [part] },
      { key: 'mark', places: [at(20, 20)] },
    ]);
    expect(placed.get('case')).toEqual(at(110, 20));
    expect(placed.get('mark')).toEqual(at(20, 20));
  });
});
