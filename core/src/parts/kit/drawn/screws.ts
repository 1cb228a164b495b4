/** Screws that stop nearer the other face bulge it, or come through as they are driven, mm. Common practice. */
export const LEAST_LEFT = 2;
