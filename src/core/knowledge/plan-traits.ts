import type { PlanTraitName } from './fact';
import type { Assumption, Trait } from './types';

/**
 * Facts that depend on the aims, the envelope, the schools and what is owned. Read once the family, the method and the way of drying are
 * known; one may build on others, wherever they stand.
 */
export const PLAN_TRAITS = [
  { id: 'wet', when: { any: ['method:machine', 'method:tub', 'method:hand', 'method:extract', 'method:surface'] } },
  { id: 'wet-garment', when: { all: ['garment'], any: ['method:machine', 'method:tub', 'method:hand'] } },
  { id: 'wet-pack', when: { any: ['method:machine', 'method:tub', 'method:hand'], all: ['kind:pack'] } },
  { id: 'wet-pack', when: { any: ['method:machine', 'method:tub', 'method:hand'], all: ['kind:running-vest'] } },
  // A quilt has no inside to be turned out.
  { id: 'wet-filled', when: { all: ['filled'], any: ['method:machine', 'method:tub'], none: ['kind:quilt'] } },
  { id: 'wet-pile', when: { all: ['mat:acrylic-pile'], any: ['method:machine', 'method:tub'] } },
  { id: 'wet-printed', when: { all: ['printed'], any: ['method:machine', 'method:hand'] } },
  // Turned so that its dye is rubbed less.
  { id: 'wet-denim', when: { all: ['fabric:denim'], any: ['method:machine', 'method:hand'] } },
  { id: 'wet-or-spot', when: { any: ['method:machine', 'method:tub', 'method:hand', 'aim:spot-clean'] } },
  { id: 'closures', when: { any: ['fitting:zip', 'fitting:hook-and-loop', 'fitting:drawcord'] } },
  {
    id: 'stored',
    when: {
      any: ['aim:wash', 'aim:spot-clean', 'aim:air', 'aim:fluff', 'aim:rinse', 'aim:reactivate', 'aim:renew'],
      none: ['aim:refer'],
    },
  },
  { id: 'air-by-tumble', when: { all: ['down-filled', 'dryer-fits'] } },
  { id: 'fluff-by-machine', when: { all: ['dryer-fits', 'can:tumble:air'] } },
  { id: 'proof:spray', when: { all: ['school:PROOF-METHOD=spray-on'], none: ['maker:forbids:proofer', 'leaking'] } },
  {
    id: 'proof:wash-in',
    when: { all: ['school:PROOF-METHOD=wash-in', 'method-machine-owned'], none: ['maker:forbids:proofer', 'leaking'] },
  },
  {
    id: 'proof:spray',
    when: { all: ['school:PROOF-METHOD=wash-in'], none: ['maker:forbids:proofer', 'leaking', 'method-machine-owned'] },
  },
  // What care did to its loft is measured when all is over: damp down tells nothing.
  { id: 'loft-told', when: { all: ['filled', 'aim:wash', 'wet'] } },
  { id: 'loft-told', when: { all: ['aim:fluff'], none: ['aim:wash'] } },
  // A coat, or another one, is put on when the drops say so.
  { id: 'coat-if-failed', when: { all: ['renew-if-failed'] } },
  { id: 'coat-if-failed', when: { all: ['aim:renew', 'test-after'] } },
  { id: 'proof-after-test', when: { all: ['coat-if-failed'], any: ['proof:spray', 'proof:wash-in'] } },
  {
    id: 'peroxide-work',
    when: {
      all: ['shoe-like', 'rubber-rim', 'rubber-yellowed', 'have:peroxide-cream'],
      any: ['aim:wash', 'aim:spot-clean'],
      none: ['hide-upper', 'colour:dark', 'colour:vivid'],
    },
  },
  {
    id: 'peroxide-work',
    when: {
      all: ['shoe-like', 'rubber-yellowed', 'maskable', 'have:peroxide-cream'],
      any: ['aim:wash', 'aim:spot-clean'],
    },
  },
  // With no basin or tub to hand, the drum is where it soaks.
  { id: 'soak-in-drum', when: { all: ['method:machine'], none: ['own:tub', 'own:basin', 'unknown:washers'] } },
  // A scent purge wipes the drawer with it.
  { id: 'drawer-wiped', when: { none: ['scent-routine'] } },
  { id: 'drawer-wiped', when: { all: ['scent-purged'] } },
  // Turned inside out for the wash, and turned back before its outside is worked on.
  { id: 'turned-for-pile', when: { all: ['wet-pile', 'aim:wash'] } },
  { id: 'turned-for-spray', when: { all: ['wet-filled', 'aim:renew', 'proof:spray'], none: ['down-filled'] } },
  { id: 'turned-for-spray', when: { all: ['wet-printed', 'aim:renew', 'proof:spray'], none: ['filled', 'shoe-like'] } },
  { id: 'turned-for-drops', when: { all: ['wet-filled', 'repellent', 'test-after'], none: ['proof-sprayed'] } },
  { id: 'turned-for-drops', when: { all: ['wet-printed', 'repellent', 'test-after'], none: ['proof-sprayed', 'shoe-like'] } },
  { id: 'proof-sprayed', when: { all: ['aim:renew', 'proof:spray'] } },
  // Where nothing hangs on a line before it is warmed, tumbling at once is no other way.
  { id: 'never-lined', when: { any: ['down-filled'] } },
  { id: 'never-lined', when: { none: ['aim:wash'] } },
  // Heat is used at all.
  { id: 'heat-at-stake', when: { all: ['aim:wash'] } },
  { id: 'heat-at-stake', when: { all: ['aim:air', 'damp', 'air-by-tumble'] } },
  { id: 'scent-irrelevant', when: { none: ['aim:wash'] } },
  { id: 'scent-irrelevant', when: { all: ['family:meat-bag'], none: ['method:machine'] } },
  { id: 'no-drum', when: { none: ['own:front-loader', 'own:impeller', 'own:agitator'] } },
  { id: 'scent-routine', early: true, when: { all: ['mark:scent-critical', 'school:SCENT=marked'] } },
  // A mark that is elsewhere is no reason to scrub the rubber.
  {
    id: 'rubber-work',
    when: {
      all: ['shoe-like', 'rubber-rim'],
      any: ['aim:wash', 'rubber-marked', 'soils:scuff', 'soils:transfer', 'rubber-yellowed'],
    },
  },
  { id: 'rubber-work', when: { all: ['shoe-like', 'rubber-rim', 'aim:spot-clean'], none: ['stained'] } },
  { id: 'oxygen-spot', when: { all: ['can:bleach:oxygen', 'can:soak'] } },
  { id: 'oxygen-spot', when: { all: ['oxygen-by-place', 'can:soak'] } },
  // The nap is worked on where it is marked, or as a whole.
  { id: 'nap-work', when: { all: ['napped'], any: ['aim:wash', 'at:nap'] } },
  { id: 'nap-work', when: { all: ['napped', 'aim:spot-clean'], none: ['stained'] } },
  // The inside is where the sweat is.
  {
    id: 'inside-work',
    when: { all: ['shoe-like', 'aim:wash'], any: ['odour>=1', 'soil>=2', 'soils:sweat', 'at:lining', 'at:insole'] },
  },
  { id: 'inside-work', when: { all: ['shoe-like', 'aim:spot-clean'], any: ['at:lining', 'at:insole'] } },
  { id: 'wiped-marks', when: { all: ['aim:spot-clean', 'cloth-marked'] } },
  { id: 'wiped-marks', when: { all: ['aim:spot-clean'], none: ['stained'] } },
  { id: 'heavy-wet', when: { all: ['method:tub', 'filled'] } },
] as const satisfies readonly Trait<PlanTraitName>[];

/** Stated when the programme rests on something nobody told us. */
export const ASSUMPTIONS = [
  { id: 'label-missing', order: 10, when: { all: ['label:none'] } },
  { id: 'soil-unseen', order: 20, when: { all: ['unseen:soil'], none: ['life-safety'] } },
  { id: 'odour-unseen', order: 30, when: { all: ['unseen:odour'], none: ['life-safety'] } },
  { id: 'drops-unseen', order: 40, when: { all: ['repellent', 'unseen:droplet'], none: ['life-safety'] } },
  { id: 'loft-unseen', order: 50, when: { all: ['filled', 'unseen:loftRatio'], none: ['aim:wash', 'life-safety'] } },
  { id: 'finish-assumed', order: 60, when: { all: ['finish-assumed'] } },
  { id: 'mass-assumed', order: 70, when: { all: ['unknown:mass', 'wet'] } },
  { id: 'bulk-assumed', order: 80, when: { all: ['unknown:bulk', 'wet'] } },
  { id: 'room-assumed', order: 90, when: { all: ['unknown:room', 'wet'] } },
  { id: 'hardness-assumed', order: 100, when: { all: ['unknown:hardness', 'method:machine'] } },
  { id: 'washers-unknown', order: 110, when: { all: ['unknown:washers', 'wet'] } },
  { id: 'washer-past-unknown', order: 115, when: { all: ['method:machine', 'residue-sensitive', 'washer-past-unknown'] } },
  { id: 'bath-borrowed', order: 120, when: { all: ['bath-not-listed'] } },
  { id: 'insole-fixed', order: 130, when: { any: ['insole-not-known'] } },
  { id: 'treated-down', order: 140, when: { all: ['hydrophobic', 'aim:wash'] } },
  { id: 'drum-unknown', order: 150, when: { all: ['drum-unknown', 'method:machine'] } },
  { id: 'spray-not-standard', order: 160, when: { all: ['repellent'], any: ['test-after'] } },
  { id: 'print-assumed', order: 170, when: { all: ['fitting:print'], none: ['part:print', 'life-safety'] } },
  { id: 'maker-and-label-differ', order: 180, when: { all: ['maker-and-label-differ'] } },
  { id: 'dryer-runs-hot', order: 190, when: { all: ['dryer-runs-hot', 'wet'] } },
  { id: 'iron-runs-hot', order: 200, when: { all: ['iron-too-hot', 'has-finish', 'can:iron>=110'] } },
] as const satisfies readonly Assumption[];
