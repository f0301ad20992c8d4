import type { CautionId } from '../knowledge';

export const CAUTION_WORDS: Record<CautionId, string> = {
  'wet-lift': 'Lift it from below with both arms, or with a helper: wet it is heavy, and stairs are slippery.',
  'tub-children': 'Never leave a filling tub, or small children near one.',
  'gloves-soak': 'Wear gloves for long soaks; read the bottle’s own label first.',
  'blood-gloves': 'Wear gloves when there is blood.',
  'mould-mask': 'Wear a mask and gloves, and work outdoors. If the smell stays after the wash, let it go.',
  'acetone-fire':
    'Acetone is very flammable and its vapour travels: open window, no flame or spark, gloves, a small swab only. Follow the product’s label.',
  'solvent-no-dryer':
    'Nothing that has held solvent, oil, grease or wax goes into a dryer, washed or not: spread it out in the air, never heaped warm.',
  'ozone-air':
    'Ozone irritates the airways: only in a closed box in a room where nobody is, and air both before you open it. Above 0.1 ppm nobody should work in it; follow the cabinet’s own instructions.',
  'peroxide-burns':
    'Peroxide of this strength can seriously damage eyes and whitens skin: eye protection, gloves, away from children. Never with vinegar or another bleach.',
  'spray-mist':
    'Spray outdoors or with strong ventilation, never breathe the mist, never near a flame or a hot dryer. Follow the can’s label.',
  'iron-cloth': 'Iron through a cloth, never on a bare membrane, no steam.',
  'hair-dryer-water': 'Dry hands, and never near a filled tub or basin.',
  'dryer-lint': 'Clear the lint first.',
  'dryer-waterproof': 'Waterproof and rubber-coated things go into a dryer only when their own label allows it.',
  'heat-every-restart': 'Check the heat knob at every restart: one round on high can melt a thin shell.',
  'never-mix':
    'Never bring chlorine bleach together with vinegar, descaler or ammonia, or peroxide with vinegar or another bleach: toxic gas. Rinse between.',
  'wet-floor': 'Wet floors are slippery: put a towel down.',
  'impeller-gentle': 'An impeller is rougher than a drum: its gentlest programme, and look after five minutes.',
  'fan-electric': 'Keep the fan or extractor, and your wet hands, away from standing water and plugs.',
};
