/**
 * Aims, envelope, equipment and schools become steps with reasons. Refuses: naming any kind, material or school; those are data.
 */
export { envelopeFor, plan, type Plan } from './plan';
export { writeProgramme } from './document';
export { isIrrelevant, refusedBy, sameHere } from './schools';
export type { PlanRequest, PlannedStep } from './state';
export { planItem } from './kit';
export { dropOf } from './marks';
export { cleanersOf, doseOf, servingBottle } from './supplies';
export { chooseCycle, heatsOf } from './machines';
