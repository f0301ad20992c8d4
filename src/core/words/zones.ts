import type { DropletZone, Kind } from '../gear';

const NAMES: { readonly [K in Kind]?: { readonly [Z in DropletZone]?: string } } = {
  gloves: { body: 'hand', hem: 'cuff' },
  shoe: { body: 'sides', hem: 'edge above the sole' },
  boot: { body: 'sides', hem: 'edge above the sole' },
  'studded-boot': { body: 'sides', hem: 'edge above the sole' },
  tent: { body: 'sides', hem: 'lower edge' },
  trousers: { body: 'thighs' },
};
const USUAL: { readonly [Z in DropletZone]?: string } = { body: 'face', hem: 'hem' };
/** A zone that drops are tried on, as its owner calls it on such a thing: "cuff", "edge above the sole". */
export const zoneName = (zone: string, kind: Kind): string =>
  NAMES[kind]?.[zone as DropletZone] ?? USUAL[zone as DropletZone] ?? zone;
