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
});
