/** What the package dxf reads of a drawing, as far as it is used here; it brings no types of its own. */
declare module 'dxf' {
  export interface DxfVertex {
    readonly x: number;
    readonly y: number;
    readonly bulge?: number;
  }
  export interface DxfEntity {
    readonly type: string;
    readonly start?: DxfVertex;
    readonly end?: DxfVertex;
    readonly vertices?: readonly DxfVertex[];
    readonly closed?: boolean;
    readonly x?: number;
    readonly y?: number;
    readonly r?: number;
    readonly startAngle?: number;
    readonly endAngle?: number;
  }
  export function parseString(text: string): {
    readonly header: { readonly insUnits?: number };
    readonly entities: readonly DxfEntity[];
  };
}
