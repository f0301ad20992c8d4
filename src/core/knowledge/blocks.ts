import type { Block } from './types';

const P = { basis: 'practice' } as const;
const M = { basis: 'memory' } as const;
const WET = ['aim:wash', 'aim:rinse'] as const;

/** Owned or wished-for supplies that would have served and are refused, with the rule that refuses them. */
export const BLOCKS = [
  { id: 'no-softener', ...P, option: 'softener', when: { all: ['technical', 'aim:wash'] } },
  { id: 'no-softener-limit', ...M, option: 'softener', when: { all: ['aim:wash'], none: ['technical', 'can:softener'] } },
  {
    id: 'no-dryer-sheets',
    ...P,
    option: 'dryer-sheets',
    when: { all: ['technical', 'aim:wash'], none: ['school:FIELD-DRY=purged-dryer'] },
  },
  { id: 'no-protease', ...M, option: 'bio-liquid', when: { all: ['protein', 'aim:wash'] } },
  {
    id: 'non-bio-advised',
    ...M,
    option: 'bio-liquid',
    when: { any: ['waterproof', 'mat:split-microfibre', 'shelter'], all: ['aim:wash'], none: ['protein'] },
  },
  { id: 'no-powder', ...P, option: 'powder', when: { all: ['aim:wash'], any: ['technical', 'shelter'] } },
  { id: 'no-ordinary-detergent-down', ...P, option: 'plain-liquid', when: { all: ['down-filled', 'aim:wash'] } },
  {
    id: 'down-cleaner-only',
    ...P,
    option: 'technical-cleaner',
    when: { all: ['down-filled', 'aim:wash'], none: ['waterproof'] },
  },
  { id: 'treated-down-soap', ...P, option: 'mild-soap', when: { all: ['down-filled', 'hydrophobic', 'aim:wash'] } },
  { id: 'no-vinegar-down', ...P, option: 'vinegar', when: { all: ['down-filled', 'aim:wash'] } },
  {
    id: 'wash-in-coats-insulation',
    ...P,
    option: 'wash-in-proofer',
    when: { all: ['filled', 'proof-at-stake'], none: ['repellency:exposed-membrane'] },
  },
  {
    id: 'wash-in-kills-wicking',
    ...P,
    option: 'wash-in-proofer',
    when: { all: ['lining:wicking', 'proof-at-stake'], none: ['filled', 'repellency:exposed-membrane'] },
  },
  {
    id: 'wash-in-needs-machine',
    ...P,
    option: 'wash-in-proofer',
    when: { all: ['proof-at-stake'], none: ['can:machine', 'filled', 'lining:wicking', 'repellency:exposed-membrane'] },
  },
  {
    id: 'combined-clumps',
    ...P,
    option: 'combined-wash-proof',
    when: { all: ['filled', 'aim:wash'], none: ['repellency:exposed-membrane'] },
  },
  {
    id: 'combined-kills-wicking',
    ...P,
    option: 'combined-wash-proof',
    when: { all: ['lining:wicking', 'aim:wash'], none: ['filled', 'repellency:exposed-membrane'] },
  },
  {
    id: 'exposed-no-wash-in',
    ...P,
    option: 'wash-in-proofer',
    when: { all: ['repellency:exposed-membrane'], any: ['aim:wash', 'drop<=3'] },
  },
  {
    id: 'exposed-no-spray',
    ...P,
    option: 'spray-proofer',
    when: { all: ['repellency:exposed-membrane'], any: ['aim:wash', 'drop<=3'] },
  },
  { id: 'exposed-no-combined', ...P, option: 'combined-wash-proof', when: { all: ['repellency:exposed-membrane', 'aim:wash'] } },
  {
    id: 'no-finish-mends-leak',
    ...P,
    option: 'spray-proofer',
    when: { all: ['leaking', 'waterproof'], none: ['repellency:exposed-membrane'] },
  },
  { id: 'maker-no-proofer', basis: 'maker', option: 'spray-proofer', when: { all: ['maker:forbids:proofer', 'has-finish'] } },
  {
    id: 'maker-no-proofer-wash-in',
    basis: 'maker',
    option: 'wash-in-proofer',
    when: { all: ['maker:forbids:proofer', 'has-finish'], none: ['filled'] },
  },
  { id: 'no-chlorine', ...M, option: 'chlorine-bleach', when: { any: [...WET, 'aim:spot-clean'], none: ['can:bleach:any'] } },
  { id: 'no-oxygen', ...M, option: 'oxygen-booster', when: { any: ['aim:wash'], none: ['can:bleach:oxygen'] } },
  {
    id: 'felt-balls-hook',
    ...P,
    option: 'felt-balls',
    when: { all: ['fitting:hook-and-loop'], any: ['dry:tumble-down', 'aim:fluff', 'dry:tumble-low'] },
  },
  {
    id: 'no-acetone-here',
    ...P,
    option: 'acetone',
    when: {
      any: ['hide', 'upper:polyester-knit', 'upper:polyamide-knit'],
      all: ['marked', 'shoe-like'],
    },
  },
  {
    id: 'no-peroxide-here',
    ...M,
    option: 'peroxide-cream',
    when: { all: ['rubber-yellowed'], any: ['hide-upper', 'colour:dark', 'colour:vivid'] },
  },
  { id: 'no-stain-remover-membrane', ...P, option: 'stain-remover', when: { all: ['waterproof', 'aim:wash', 'marked'] } },
  { id: 'scented-cleaner', ...P, option: 'technical-cleaner', when: { all: ['scent-routine', 'aim:wash'] } },
] as const satisfies readonly Block[];
