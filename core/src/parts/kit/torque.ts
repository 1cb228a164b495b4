/** A torque as it is said, of Nm: in both systems of units, as hardware is rated. */
export const newtonMetres = (value: number): string => `${Math.round(value * 10) / 10} Nm`;
