/**
 * Several things, the machines and the hours that there are: what shares a drum, when everything is done, how near that is to the best.
 * Refuses: changing any thing's programme.
 */
export { planDay } from './answer';
export { apartBy, loadOf, mayShare } from './loads';
export { conflictsOf } from './sharing';
export { memberOf } from './members';
export { USUAL_EFFORT, type Effort } from './search';
export * from './types';
export { withHired } from './hired';
export { carryLoad, driedOn, loadOfSome, type Carried } from './carry';
