import styled from 'styled-components';
import type { Component, Kind } from '../core/gear';
import { materialLook } from './Stack';
import { color } from './theme';

const VEST = 'M22 8q10 8 20 0l6 14-2 34h-28l-2-34z';
const JACKET = 'M24 8q8 6 16 0l12 6 6 34-8 2-4-20v28h-28v-28l-4 20-8-2 6-34z';
const SHIRT = 'M22 10q10 8 20 0l14 10-6 12-6-4v28h-24v-28l-6 4-6-12z';
const BOOT = 'M14 8h16v24q20 2 26 12v8h-42zM14 46h42';
/** Outlines to recognise a thing by, 64 × 64. Ours. */
const DRAWN: Readonly<Record<Kind, string>> = {
  jacket: JACKET,
  'mid-layer': `${JACKET}M32 14v42`,
  'base-layer': SHIRT,
  jersey: `${SHIRT}M20 34h24M20 40h24`,
  trousers: 'M18 8h28l4 48h-14l-4-32-4 32h-14z',
  vest: VEST,
  'running-vest': `${VEST}M23 38h7v10h-7zM34 38h7v10h-7z`,
  gloves: 'M20 56v-20l-8-8q-2-6 4-4l6 6q-2-24 10-24 12 0 12 20v30z',
  hat: 'M12 44q0-30 20-30 20 0 20 30zM10 44h44v8h-44z',
  socks: 'M24 6h16v28l12 10q6 10-6 12l-22-14z',
  'sleeping-bag': 'M32 6q14 0 14 16l-4 36q-10 4-20 0l-4-36q0-16 14-16zM24 20q8-8 16 0',
  quilt: 'M12 8h40v48h-40zM12 20h40M12 32h40M12 44h40M32 8v48',
  tent: 'M32 8l26 46h-52zM32 8l-8 46M32 8l8 46',
  tarp: 'M6 24l26-12 26 12-6 26h-40zM32 12v38',
  footprint: 'M8 20h48l-6 28h-36z',
  pack: 'M18 16q14-16 28 0v38h-28zM18 34h28M24 40h16v10h-16z',
  reservoir: 'M20 8h24v44q-12 8-24 0zM44 46q10 4 8 14',
  'soft-flask': 'M26 6h12v8q8 4 8 16v20q-14 10-28 0v-20q0-12 8-16z',
  shoe: 'M8 44v-16h12l10 8q18 2 26 8v6h-48zM8 46h48',
  boot: BOOT,
  'studded-boot': `${BOOT}M18 52v6M30 52v6M42 52v6M52 52v6`,
  towel: 'M14 10h36v44h-36zM14 44h36M14 48h36',
  cloth: 'M12 14l40-4 2 40-40 4z',
  pads: 'M20 8h24v20q-12 8-24 0zM22 38h20v18h-20z',
  'costume-body': 'M22 8h20l12 8 4 22-8 2-4-14v30h-10l-4-16-4 16h-10v-30l-4 14-8-2 4-22z',
  'costume-head': 'M32 8q22 0 22 26 0 22-22 22-22 0-22-22 0-26 22-26zM22 28h6M36 28h6M22 44q10 6 20 0',
  bag: 'M10 24h44v30h-44zM22 24q0-14 10-14 10 0 10 14',
  rope: 'M32 10a22 22 0 1 0 .1 0M32 20a12 12 0 1 0 .1 0',
  harness: 'M14 12h36v8h-36zM20 20q-8 20 4 30 10-6 6-24M44 20q8 20-4 30-10-6-6-24',
  helmet: 'M8 40q0-28 24-28 24 0 24 28zM8 40h48v6h-48z',
  'buoyancy-aid': `${VEST}M17 38h30v6h-30z`,
  airbag: 'M18 24v30h28v-30zM12 24q0-18 20-18 20 0 20 18z',
  other: 'M12 12h40v40h-40z',
};
const Pair = styled.span`
  display: inline-flex;
  gap: 6px;
  align-items: center;
  flex: none;
`;
const Strata = styled.span`
  display: flex;
  flex-direction: column;
  gap: 1px;
  width: 22px;
  span {
    display: block;
    border-radius: 1px;
  }
`;
const LEAST_PX = 4;
const PART_OF = 3;

/** What a construction looks like at a glance: its outline and, where its layers are given, its strata, outside at the top. Only seen: its name stands beside it. */
export function KindPicture({ kind, layers = [] }: { kind: Kind; layers?: readonly Component[] }) {
  return (
    <Pair aria-hidden="true">
      <svg viewBox="0 0 64 64" width="44" height="44">
        <path d={DRAWN[kind]} fill={color.panel} stroke={color.ink} strokeWidth="2.2" strokeLinejoin="round" />
      </svg>
      {layers.length > 0 && (
        <Strata>
          {layers.map((layer, n) => {
            const { background, height } = materialLook(layer.material);
            return <span key={n} style={{ background, height: Math.max(LEAST_PX, height / PART_OF) }} />;
          })}
        </Strata>
      )}
    </Pair>
  );
}
