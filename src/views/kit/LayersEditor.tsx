import { X } from 'lucide-react';
import { memo } from 'react';
import styled from 'styled-components';
import type { Component } from '../../core/gear';
import * as gear from '../../core/gear';
import { FABRIC_WORDS, MATERIAL_WORDS, PART_WORDS } from '../../core/words';
import { Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { IconButton } from '../../ui/IconButton';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { OneSelect, Select } from '../../ui/Select';
import { usualOrder } from '../../ui/Stack';
import { phone } from '../../ui/theme';
import { useRowKeys, withField } from '../../ui/fields';
import { FieldGrid } from './edit';
import { ReorderList } from '../../ui/ReorderList';
import { BOUNDS } from '../../core/knowledge/bounds';

const Line = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr) minmax(0, 0.95fr) auto;
  gap: 8px;
  align-items: end;
  ${phone} {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
`;
/** Fabrics that a fibre may be made to. */
const FABRICS_OF: Partial<Record<Component['material'], readonly gear.Fabric[]>> = {
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
    <FieldGrid style={{ marginTop: 8 }}>
      {isDown && (
        <>
          <NumberField
            label="Fill power, in³/oz"
            value={a.fillPowerCuInPerOz}
            what="the fill power"
            {...BOUNDS.fillPower}
            onChange={(n) => set('fillPowerCuInPerOz', n)}
          />
          <QuantityField
            label="Fill"
            unit="g"
            value={a.fillMassG}
            what="the weight of the fill"
            {...BOUNDS.fillG}
            onChange={(n) => set('fillMassG', n)}
          />
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
        <NumberField
          label="Yarn, denier"
          value={a.denier}
          what="the denier"
          {...BOUNDS.denier}
          onChange={(n) => set('denier', n)}
        />
      )}
    </FieldGrid>
  );
}

/** Layers, outside first: add, change, move, take away. */
export const LayersEditor = memo(function LayersEditor({
  layers,
  onChange,
}: {
  layers: readonly Component[];
  onChange: (layers: Component[]) => void;
}) {
  const set = (index: number, next: Component): void => onChange(layers.map((c, n) => (n === index ? next : c)));
  const keys = useRowKeys(layers.length);
  const rows = layers.map((c, n) => ({ id: String(keys.keys[n]), name: PART_WORDS[c.part], c, n }));
  return (
    <>
      <ReorderList
        label="Layers, outside first"
        rows={rows}
        onOrder={(ids) => {
          const places = ids.map((id) => rows.findIndex((row) => row.id === id));
          keys.order(places);
          onChange(places.flatMap((place) => layers[place] ?? []));
        }}
      >
        {({ c, n }, _place, moves) => (
          <>
            <Line>
              <OneSelect
                label="Part"
                value={c.part}
                options={gear.PARTS}
                words={PART_WORDS}
                onChange={(x) => set(n, { ...c, part: x })}
              />
              <OneSelect
                label="Material"
                value={c.material}
                options={gear.MATERIALS}
                words={MATERIAL_WORDS}
                onChange={(x) => set(n, { ...c, material: x })}
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
                {moves}
                <IconButton
                  label={`Remove ${PART_WORDS[c.part]}`}
                  onPress={() => {
                    keys.drop(n);
                    onChange(layers.filter((_, i) => i !== n));
                  }}
                >
                  <X size={20} aria-hidden="true" />
                </IconButton>
              </Row>
            </Line>
            <Details component={c} onChange={(next) => set(n, next)} />
          </>
        )}
      </ReorderList>
      <Row $wrap>
        <Button look="quiet" onPress={() => onChange([...layers, { part: 'lining', material: 'polyamide-woven' }])}>
          Add a layer
        </Button>
        <Button look="quiet" onPress={() => onChange(usualOrder(layers))}>
          Order them outside first
        </Button>
      </Row>
    </>
  );
});
