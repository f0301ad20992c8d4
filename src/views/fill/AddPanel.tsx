import { useState } from 'react';
import { addPanel, drawnBaffles, PANEL_STYLES, type PanelStyle } from '../../core/loft';
import { PANEL_WORDS } from '../../core/telling/loft';
import { Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { OneSelect } from '../../ui/Select';
import { TextField } from '../../ui/TextField';
import { BOUNDS } from '../../core/knowledge/bounds';

import type { Layout } from './useLayout';
const NEW_PANEL = {
  name: 'panel',
  style: 'horizontal' as PanelStyle,
  widthMm: 500,
  heightMm: 400,
  rows: 4,
  columns: 3,
  thicknessMm: 45,
};

type Panel = typeof NEW_PANEL;
interface Asked {
  readonly panel: Panel;
  readonly label: string;
  readonly onChange: (next: Panel) => void;
}
function Length({ of, panel, label, onChange }: Asked & { of: 'widthMm' | 'heightMm' | 'thicknessMm' }) {
  return (
    <QuantityField
      label={label}
      unit="mm"
      value={panel[of]}
      what="the length"
      {...BOUNDS[of === 'thicknessMm' ? 'newThicknessMm' : 'panelMm']}
      onChange={(value) => value !== undefined && onChange({ ...panel, [of]: value })}
    />
  );
}
function Count({ of, panel, label, onChange }: Asked & { of: 'rows' | 'columns' }) {
  return (
    <NumberField
      label={label}
      value={panel[of]}
      what="how many"
      {...BOUNDS.panelRows}
      onChange={(value) => value !== undefined && onChange({ ...panel, [of]: value })}
    />
  );
}
/** A panel more, below those that are drawn. */
export function AddPanel({ layout: { map, keep } }: { layout: Layout }) {
  const [panel, setPanel] = useState(NEW_PANEL);
  const boxes = panel.style === 'box' || panel.style === 'foot-box';
  const asked = { panel, onChange: setPanel };
  return (
    <section aria-labelledby="panel">
      <h2 id="panel" style={{ marginBottom: 8 }}>
        Add a panel
      </h2>
      <Row $wrap $gap={12} $top>
        <TextField label="Its name" value={panel.name} maxLength={30} onChange={(text) => setPanel({ ...panel, name: text })} />
        <OneSelect
          label="Its baffles"
          value={panel.style}
          options={PANEL_STYLES}
          words={PANEL_WORDS}
          onChange={(style) => setPanel({ ...panel, style })}
        />
        <Length {...asked} of="widthMm" label="Width" />
        <Length {...asked} of="heightMm" label="Height" />
        <Count {...asked} of="rows" label={boxes ? 'Rows' : 'Strips'} />
        {boxes && <Count {...asked} of="columns" label="Boxes in a row" />}
        <Length {...asked} of="thicknessMm" label="Thickness when new" />
      </Row>
      <Row style={{ marginTop: 12 }}>
        <Button
          look={drawnBaffles(map).length > 0 ? 'quiet' : 'main'}
          isDisabled={panel.name.trim() === ''}
          onPress={() => keep(addPanel(map, { ...panel, name: panel.name.trim() }), 'The panel is added.')}
        >
          Add it below
        </Button>
      </Row>
      {panel.style === 'foot-box' && (
        <p style={{ marginTop: 8 }}>
          <Quiet>
            Cut differentially: its outer cloth goes round further than its lining, so each baffle holds more than it measures
            flat: area × thickness × (1 + thickness ÷ 2 radius), the volume between two cylinders.
          </Quiet>
        </p>
      )}
    </section>
  );
}
