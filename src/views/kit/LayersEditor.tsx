import { ArrowDown, ArrowUp, X } from 'lucide-react';
import styled from 'styled-components';
import type { Component } from '../../core/gear';
import * as v from '../../core/gear';
import { FABRIC_WORDS, MATERIAL_WORDS, PART_WORDS } from '../../core/words';
import { Button, Row } from '../../ui/basics';
import { NumberField, Select } from '../../ui/Select';
import { usualOrder } from '../../ui/Stack';
import { color, phone } from '../../ui/theme';
import { withField } from '../../ui/fields';
import { FieldGrid } from './edit';

const Layer = styled.li`
  border-top: 1px solid ${color.line};
  padding: 8px 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
`;
const Line = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr) minmax(0, 0.7fr) auto;
  gap: 8px;
  align-items: end;
  ${phone} {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
`;
const Tool = styled.button.attrs({ type: 'button' })`
  width: 44px;
  height: 44px;
  display: inline-grid;
  place-items: center;
  border: 0;
  background: none;
  cursor: pointer;
  border-radius: 4px;
  &:disabled {
    opacity: 0.35;
    cursor: default;
  }
  &:not(:disabled):hover {
    background: ${color.line};
  }
`;
/** Fabrics that a fibre may be made to. */
const FABRICS_OF: Partial<Record<Component['material'], readonly v.Fabric[]>> = {
  cotton: ['linen', 'denim', 'cotton-knit'],
  merino: ['silk'],
};
const isWoven = (c: Component): boolean => c.material.endsWith('-woven');

/** Whether it comes out; an insole that does not is glued. */
function comesOut(c: Component, answer: 'yes' | 'no' | undefined): Component {
  const next = withField(c, 'removable', answer === undefined ? undefined : answer === 'yes');
  if (c.part !== 'insole') return next;
  return withField(next, 'bonded', answer === 'no' ? 'cemented' : undefined);
}

function Details({ component, onChange }: { component: Component; onChange: (next: Component) => void }) {
  const a = component.attributes ?? {};
  const set = <K extends keyof typeof a>(key: K, value: (typeof a)[K] | undefined): void => {
    const next = withField(a, key, value);
    onChange(withField(component, 'attributes', Object.keys(next).length > 0 ? next : undefined));
  };
  const isDown = component.material === 'down';
  const fabrics = FABRICS_OF[component.material] ?? [];
  if (!isDown && !isWoven(component) && fabrics.length === 0) return null;
  return (
    <FieldGrid>
      {isDown && (
        <>
          <NumberField
            label="Fill power, in³/oz"
            value={a.fillPowerCuInPerOz}
            what="the fill power"
            onChange={(n) => set('fillPowerCuInPerOz', n)}
          />
          <NumberField label="Fill, g" value={a.fillMassG} what="the grams of fill" onChange={(n) => set('fillMassG', n)} />
          <Select
            label="Treated to shed water"
            value={a.hydrophobic === undefined ? undefined : a.hydrophobic ? 'yes' : 'no'}
            options={['yes', 'no'] as const}
            onChange={(x) => set('hydrophobic', x === undefined ? undefined : x === 'yes')}
          />
        </>
      )}
      {fabrics.length > 0 && (
        <Select
          label="Fabric"
          value={a.fabric}
          options={fabrics}
          words={FABRIC_WORDS}
          blank="plain"
          onChange={(x) => set('fabric', x)}
        />
      )}
      {isWoven(component) && (
        <NumberField label="Yarn, denier" value={a.denier} what="the denier" onChange={(n) => set('denier', n)} />
      )}
    </FieldGrid>
  );
}

/** Layers, outside first: add, change, move, take away. */
export function LayersEditor({ layers, onChange }: { layers: readonly Component[]; onChange: (layers: Component[]) => void }) {
  const set = (index: number, next: Component): void => onChange(layers.map((c, n) => (n === index ? next : c)));
  const move = (index: number, by: -1 | 1): void => {
    const next = [...layers];
    const [moved] = next.splice(index, 1);
    if (moved) next.splice(index + by, 0, moved);
    onChange(next);
  };
  return (
    <>
      <ol>
        {layers.map((c, n) => (
          <Layer key={`${n}-${c.part}-${c.material}`}>
            <Line>
              <Select
                label="Part"
                value={c.part}
                options={v.PARTS}
                words={PART_WORDS}
                blank=""
                onChange={(x) => x && set(n, { ...c, part: x })}
              />
              <Select
                label="Material"
                value={c.material}
                options={v.MATERIALS}
                words={MATERIAL_WORDS}
                blank=""
                onChange={(x) => x && set(n, { ...c, material: x })}
              />
              <Select
                label="Comes out"
                value={c.removable === undefined ? undefined : c.removable ? 'yes' : 'no'}
                options={['yes', 'no'] as const}
                words={{ yes: 'yes', no: c.part === 'insole' ? 'no, glued in' : 'no' }}
                blank="unknown"
                onChange={(x) => set(n, comesOut(c, x))}
              />
              <Row $gap={0}>
                <Tool aria-label={`Move ${PART_WORDS[c.part]} outwards`} disabled={n === 0} onClick={() => move(n, -1)}>
                  <ArrowUp size={20} aria-hidden="true" />
                </Tool>
                <Tool
                  aria-label={`Move ${PART_WORDS[c.part]} inwards`}
                  disabled={n === layers.length - 1}
                  onClick={() => move(n, 1)}
                >
                  <ArrowDown size={20} aria-hidden="true" />
                </Tool>
                <Tool aria-label={`Remove ${PART_WORDS[c.part]}`} onClick={() => onChange(layers.filter((_, i) => i !== n))}>
                  <X size={20} aria-hidden="true" />
                </Tool>
              </Row>
            </Line>
            <Details component={c} onChange={(next) => set(n, next)} />
          </Layer>
        ))}
      </ol>
      <Row $wrap>
        <Button $quiet onClick={() => onChange([...layers, { part: 'lining', material: 'polyamide-woven' }])}>
          Add a layer
        </Button>
        <Button $quiet onClick={() => onChange(usualOrder(layers))}>
          Order them outside first
        </Button>
      </Row>
    </>
  );
}
