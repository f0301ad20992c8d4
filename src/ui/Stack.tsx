import { Said } from './said';
import styled from 'styled-components';
import type { Envelope } from '../core/envelope';
import { isTakenOut } from '../core/envelope';
import type { Component, Item, Material } from '../core/gear';
import type { Dimension } from '../core/knowledge';
import { limitText, MATERIAL_WORDS, PART_WORDS } from '../core/words';
import { color, font } from './theme';

const SHOWN: readonly Dimension[] = ['washMaxC', 'action', 'spinMaxRpm', 'tumble'];
/** Outside first. */
const DEPTH: readonly Component['part'][] = [
  'trim',
  'crest',
  'print',
  'strap',
  'shell',
  'face',
  'upper',
  'pile',
  'mesh',
  'coating',
  'membrane',
  'fill',
  'foam',
  'backing',
  'lining',
  'insole',
  'midsole',
  'outsole',
  'laces',
];

const weave =
  'repeating-linear-gradient(0deg, rgba(255,255,255,.14) 0 2px, transparent 2px 5px), repeating-linear-gradient(90deg, rgba(0,0,0,.12) 0 2px, transparent 2px 5px)';
const knit =
  'repeating-linear-gradient(60deg, rgba(255,255,255,.2) 0 2px, transparent 2px 7px), repeating-linear-gradient(-60deg, rgba(0,0,0,.14) 0 2px, transparent 2px 7px)';
/** Our own drawing of each kind of layer: a ground and a texture. */
export function materialLook(material: Material): { background: string; height: number } {
  if (material === 'down')
    return {
      background:
        'radial-gradient(circle at 30% 60%, transparent 5px, rgba(120,98,60,.35) 5.5px, transparent 7px) 0 0/26px 22px, radial-gradient(circle at 75% 30%, transparent 8px, rgba(120,98,60,.28) 8.5px, transparent 10px) 0 0/34px 30px, #EFE6D0',
      height: 50,
    };
  if (material.endsWith('-fill'))
    return { background: 'repeating-linear-gradient(8deg, rgba(90,90,90,.25) 0 1px, transparent 1px 5px), #E6E3DA', height: 44 };
  if (material === 'membrane')
    return { background: 'repeating-linear-gradient(90deg, #2F8FA8 0 9px, #57B1C6 9px 11px)', height: 12 };
  if (material.endsWith('-coating')) return { background: 'linear-gradient(#8FB7BF, #8FB7BF)', height: 10 };
  if (['leather', 'suede', 'nubuck', 'patent', 'fur'].includes(material))
    return { background: 'radial-gradient(rgba(0,0,0,.22) 1px, transparent 1.4px) 0 0/6px 5px, #9A6B44', height: 30 };
  if (material === 'rubber')
    return { background: 'repeating-linear-gradient(90deg, rgba(0,0,0,.18) 0 6px, transparent 6px 12px), #CFCBC0', height: 26 };
  if (material.endsWith('foam'))
    return { background: 'radial-gradient(rgba(0,0,0,.18) 1.5px, transparent 2px) 0 0/9px 9px, #D7CBB2', height: 30 };
  if (material === 'merino' || material === 'wool' || material.endsWith('-knit') || material === 'elastane-mesh')
    return { background: `${knit}, #7D8B86`, height: 28 };
  if (material === 'acrylic-pile' || material === 'split-microfibre')
    return {
      background: 'repeating-linear-gradient(90deg, rgba(255,255,255,.4) 0 1px, transparent 1px 4px), #8A9C77',
      height: 38,
    };
  return { background: `${weave}, #6A7C8A`, height: 28 };
}

const List = styled.ol`
  display: flex;
  flex-direction: column;
`;
const LayerRow = styled.li`
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr);
  gap: 16px;
  align-items: center;
  padding: 3px 0;
`;
const BandBox = styled.span<{ $binds: boolean; $out: boolean; $label: boolean }>`
  display: block;
  border-radius: 2px;
  ${(p) => p.$binds && `outline: 3px solid ${color.ink}; outline-offset: 1px;`}
  ${(p) => p.$out && 'opacity: 0.35;'}
  ${(p) => p.$label && `background: ${color.panel}; border: 1.5px dashed ${color.quiet};`}
`;
const Words = styled.span`
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: baseline;
  min-width: 0;
  b {
    font-weight: 650;
    display: block;
    line-height: 1.2;
  }
  small {
    color: ${color.quiet};
    font-size: 14px;
  }
`;
const Binding = styled.span`
  font-family: ${font.mono};
  font-size: 14px;
  font-weight: 650;
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  column-gap: 14px;
  white-space: nowrap;
  flex: 0 1 auto;
`;

const Binds = ({ words }: { words: readonly string[] }) => (
  <Binding>
    {words.map((word) => (
      <span key={word}>
        <Said>{word}</Said>
      </span>
    ))}
  </Binding>
);

function detail(component: Component): string {
  const a = component.attributes;
  const parts = [MATERIAL_WORDS[component.material]];
  if (a?.fillPowerCuInPerOz) parts.push(`${a.fillPowerCuInPerOz} fill power`);
  if (a?.fillMassG) parts.push(`${a.fillMassG} g`);
  if (a?.denier) parts.push(`${a.denier} denier`);
  if (a?.hydrophobic) parts.push('treated');
  return parts.join(', ');
}

/** Layers in the order they usually lie, outside first. */
export const usualOrder = (layers: readonly Component[]): Component[] =>
  [...layers].sort((a, b) => DEPTH.indexOf(a.part) - DEPTH.indexOf(b.part));

/** A thing's cross-section as it is recorded, outside at the top; the layers that bind a setting are framed and carry its limit. */
export function Stack({ item, envelope }: { item: Item; envelope: Envelope }) {
  const bindings = (component: string, material?: Material): string[] =>
    SHOWN.filter((d) => {
      const { by, value } = envelope.bounds[d];
      return by?.component === component && by.material === material && value !== null;
    }).map((d) => limitText(d, envelope.bounds[d].value));
  const labelBinds = bindings('label');
  const makerBinds = bindings('maker');
  return (
    <List aria-label="Layers, outside first">
      {item.components.map((component, index) => {
        const out = isTakenOut(item, component);
        const binds = out ? [] : bindings(component.part, component.material);
        const { background, height } = materialLook(component.material);
        return (
          <LayerRow key={`${component.part}-${index}`}>
            <BandBox $binds={binds.length > 0} $out={out} $label={false} style={{ background, height }} />
            <Words>
              <span>
                <b>{PART_WORDS[component.part]}</b>
                <small>
                  <Said>{detail(component)}</Said>
                  {out ? ', comes out' : ''}
                </small>
              </span>
              {binds.length > 0 && <Binds words={binds} />}
            </Words>
          </LayerRow>
        );
      })}
      <LayerRow>
        <BandBox $binds={labelBinds.length > 0} $out={!item.label} $label style={{ height: 34 }} />
        <Words>
          <span>
            <b>Label</b>
            <small>{item.label ? 'as recorded' : 'missing or unreadable'}</small>
          </span>
          {labelBinds.length > 0 && <Binds words={labelBinds} />}
        </Words>
      </LayerRow>
      {(item.makerSays ?? []).length > 0 && (
        <LayerRow>
          <BandBox $binds={makerBinds.length > 0} $out={false} $label style={{ height: 26 }} />
          <Words>
            <span>
              <b>Maker</b>
              <small>{item.makerSays?.length === 1 ? 'one note' : `${item.makerSays?.length} notes`}</small>
            </span>
            {makerBinds.length > 0 && <Binds words={makerBinds} />}
          </Words>
        </LayerRow>
      )}
    </List>
  );
}
