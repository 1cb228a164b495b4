/** Steps that bring parts of older plans up to the present shape, each kept by the family whose shape changed. */
export { leafInFull } from './door/older';
export { withLastingKeys } from './kit/drawn/older';
