import { Said } from '../../ui/said';
import { useState } from 'react';
import { toThing, useIdHere } from '../../app/routes';
import { useItem } from '../../app/kit';
import { UnderWayOf } from '../../app/UnderWay';
import { notify } from '../../app/session';
import type { FillMap } from '../../core/gear';
import {
  addPanel,
  drawnBaffles,
  isOpen,
  moveBaffle,
  movePoint,
  PANEL_STYLES,
  type PanelStyle,
  removeBaffle,
  renameBaffle,
  splitBaffle,
  toggleOpening,
  volumeOf,
} from '../../core/loft';
import { KIND_WORDS } from '../../core/words';
import { PANEL_WORDS } from '../../core/telling/loft';
import { saveItem } from '../../data/repo';
import { Column, NotInKit, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Crumbs } from '../../ui/Crumbs';
import { BaffleMap } from '../../ui/BaffleMap';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { Select } from '../../ui/Select';
import { TextField } from '../../ui/TextField';
import { Form } from '../../ui/Form';
import { ArrowGroup } from '../../ui/Movable';
import { BOUNDS } from '../../core/knowledge/bounds';

const STEP_MM = 10;
const BIG_MM = 50;
const NEW_PANEL = {
  name: 'panel',
  style: 'horizontal' as PanelStyle,
  widthMm: 500,
  heightMm: 400,
  rows: 4,
  columns: 3,
  thicknessMm: 45,
};

/** As long as a name of the format may be. */
const NAME_CHARS = 60;
/** The name of a baffle, taken when the field is left; one that is taken already or empty is not. */
function BaffleName({ was, onName }: { was: string; onName: (text: string) => boolean }) {
  const [text, setText] = useState(was);
  return (
    <Form onSubmit={() => text !== was && !onName(text) && setText(was)}>
      <TextField
        label="Its name"
        value={text}
        maxLength={NAME_CHARS}
        onChange={setText}
        onLeave={() => text !== was && !onName(text) && setText(was)}
      />
    </Form>
  );
}

/** Making a layout one's own: baffles moved, reshaped, parted, named, joined, and panels added. */
export function LayoutPage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const [selected, setSelected] = useState<string | null>(null);
  const [corner, setCorner] = useState<number | null>(null);
  const [drag, setDrag] = useState<{ corner: number; by: readonly [number, number] } | null>(null);
  const [panel, setPanel] = useState(NEW_PANEL);
  const [other, setOther] = useState<string | undefined>(undefined);
  if (!kit) return <Page aria-busy="true" />;
  if (!item) return <NotInKit />;
  const name = item.name ?? KIND_WORDS[item.kind];
  const map: FillMap = item.fillMap ?? { baffles: [] };
  const picked = drawnBaffles(map).find((b) => b.id === selected);
  const sewn = map.baffles.reduce((sum, b) => sum + (volumeOf(b) ?? 0), 0);
  const keep = (next: FillMap, said: string): void => {
    if (next !== map) void saveItem({ ...item, fillMap: next }).then((undo) => notify(said, undo));
  };
  const nudge = (by: readonly [number, number]): void => {
    if (!picked) return;
    if (corner === null) keep(moveBaffle(map, picked.id, by), `${picked.id} is moved.`);
    else keep(movePoint(map, picked.id, corner, by), `Corner ${corner + 1} of ${picked.id} is moved.`);
  };
  const size = (): string => {
    const xs = picked?.polygonMm.map((p) => p[0]) ?? [0];
    const ys = picked?.polygonMm.map((p) => p[1]) ?? [0];
    return `${Math.max(...xs) - Math.min(...xs)} × ${Math.max(...ys) - Math.min(...ys)} mm`;
  };
  const length = (key: 'widthMm' | 'heightMm' | 'thicknessMm', label: string) => (
    <QuantityField
      label={label}
      unit="mm"
      value={panel[key]}
      what="the length"
      {...BOUNDS[key === 'thicknessMm' ? 'newThicknessMm' : 'panelMm']}
      onChange={(value) => value !== undefined && setPanel({ ...panel, [key]: value })}
    />
  );
  const count = (key: 'rows' | 'columns', label: string) => (
    <NumberField
      label={label}
      value={panel[key]}
      what="how many"
      {...BOUNDS.panelRows}
      onChange={(value) => value !== undefined && setPanel({ ...panel, [key]: value })}
    />
  );
  const boxes = panel.style === 'box' || panel.style === 'foot-box';
  const mark = picked && corner !== null ? picked.polygonMm[corner] : undefined;
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      <Crumbs
        trail={[
          { to: '/kit', name: 'Kit' },
          { to: toThing(item.id), name: name },
          { to: toThing(item.id, 'fill'), name: 'Where its down is' },
        ]}
        here="Its baffles"
      />
      <h1 style={{ fontSize: 32 }}>
        <Said>
          {map.baffles.length === 0
            ? 'No baffles yet: add the first panel.'
            : `${map.baffles.length} baffles, ${(sewn / 1000).toFixed(1)} L sewn volume.`}
        </Said>
      </h1>
      <TwoColumns $left={1.4}>
        <Column $gap={12}>
          {drawnBaffles(map).length > 0 && (
            <BaffleMap
              map={picked && drag ? movePoint(map, picked.id, drag.corner, drag.by) : map}
              grams={null}
              moves={[]}
              selected={selected}
              mark={mark}
              handles={
                picked && {
                  at: picked.polygonMm,
                  onDrag: (n, by, done) => {
                    setDrag(done ? null : { corner: n, by });
                    setCorner(n);
                    if (done && Math.hypot(...by) > 0)
                      keep(movePoint(map, picked.id, n, by), `Corner ${n + 1} of ${picked.id} is moved.`);
                  },
                }
              }
              onSelect={(baffle) => {
                setSelected(baffle);
                setCorner(null);
              }}
            />
          )}
          <Quiet>
            Drawn to scale. Press a baffle, then drag a corner, or move it with the buttons; corners that touch move together.
          </Quiet>
        </Column>
        <Column $gap={24}>
          {picked && (
            <section aria-labelledby="baffle">
              <h2 id="baffle" style={{ marginBottom: 8 }}>
                {picked.id}, {size()}
              </h2>
              <Column $gap={12}>
                <ArrowGroup
                  label={`What moves: ${picked.id} or one corner`}
                  onArrow={([x, y], far) => nudge([x * (far ? BIG_MM : STEP_MM), y * (far ? BIG_MM : STEP_MM)])}
                >
                  <Row $wrap $gap={8}>
                    <Button
                      look={corner === null ? 'main' : 'quiet'}
                      aria-pressed={corner === null}
                      onPress={() => setCorner(null)}
                    >
                      All of it
                    </Button>
                    {picked.polygonMm.map((_, n) => (
                      <Button
                        key={n}
                        look={corner === n ? 'main' : 'quiet'}
                        aria-pressed={corner === n}
                        onPress={() => setCorner(n)}
                      >
                        Corner {n + 1}
                      </Button>
                    ))}
                  </Row>
                  <Row $wrap $gap={8} style={{ marginTop: 8 }}>
                    {(
                      [
                        ['left', [-STEP_MM, 0]],
                        ['right', [STEP_MM, 0]],
                        ['up', [0, -STEP_MM]],
                        ['down', [0, STEP_MM]],
                      ] as const
                    ).map(([way, by]) => (
                      <Button key={way} look="quiet" onPress={() => nudge(by)}>
                        1 cm {way}
                      </Button>
                    ))}
                  </Row>
                </ArrowGroup>
                <Quiet>The arrow keys do the same from these buttons, with shift 5 cm.</Quiet>
                <BaffleName
                  key={picked.id}
                  was={picked.id}
                  onName={(text) => {
                    const next = renameBaffle(map, picked.id, text);
                    if (next === map) return false;
                    keep(next, 'It has its new name.');
                    setSelected(text.trim());
                    return true;
                  }}
                />
                <Row $wrap>
                  {picked.polygonMm.length === 4 && (
                    <>
                      <TextButton onPress={() => keep(splitBaffle(map, picked.id, 'side-by-side'), 'It is parted side by side.')}>
                        Part it side by side
                      </TextButton>
                      <TextButton onPress={() => keep(splitBaffle(map, picked.id, 'above'), 'It is parted one above the other.')}>
                        Part it one above the other
                      </TextButton>
                    </>
                  )}
                  <TextButton
                    onPress={() => {
                      keep(removeBaffle(map, picked.id), `${picked.id} is taken away.`);
                      setSelected(null);
                    }}
                  >
                    Take it away
                  </TextButton>
                </Row>
                <p>
                  Joined to{' '}
                  {(map.openings ?? [])
                    .filter((o) => o.from === picked.id || o.to === picked.id)
                    .map((o) => `${o.from === picked.id ? o.to : o.from}${isOpen(o) ? '' : ` (${o.state})`}`)
                    .join(', ') || 'nothing'}
                  .
                </p>
                <Row $wrap $gap={12}>
                  <Select
                    label="Opening to"
                    value={other}
                    options={map.baffles.map((b) => b.id).filter((b) => b !== picked.id)}
                    words={Object.fromEntries(map.baffles.map((b) => [b.id, b.id]))}
                    blank="choose a baffle"
                    onChange={setOther}
                  />
                  <Button
                    look="quiet"
                    isDisabled={!other || other === picked.id}
                    onPress={() => other && keep(toggleOpening(map, picked.id, other), `The opening to ${other} is changed.`)}
                  >
                    {(map.openings ?? []).some(
                      (o) => (o.from === picked.id && o.to === other) || (o.to === picked.id && o.from === other),
                    )
                      ? 'Take the opening away'
                      : 'Make an opening'}
                  </Button>
                </Row>
              </Column>
            </section>
          )}
          <section aria-labelledby="panel">
            <h2 id="panel" style={{ marginBottom: 8 }}>
              Add a panel
            </h2>
            <Row $wrap $gap={12} $top>
              <TextField
                label="Its name"
                value={panel.name}
                maxLength={30}
                onChange={(text) => setPanel({ ...panel, name: text })}
              />
              <Select
                label="Its baffles"
                value={panel.style}
                options={PANEL_STYLES}
                words={PANEL_WORDS}
                blank=""
                onChange={(style) => style && setPanel({ ...panel, style })}
              />
              {length('widthMm', 'Width')}
              {length('heightMm', 'Height')}
              {count('rows', panel.style === 'vertical' ? 'Strips' : boxes ? 'Rows' : 'Strips')}
              {boxes && count('columns', 'Boxes in a row')}
              {length('thicknessMm', 'Thickness when new')}
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
                  Cut differentially: its outer cloth goes round further than its lining, so each baffle holds more than it
                  measures flat: area × thickness × (1 + thickness ÷ 2 radius), the volume between two cylinders.
                </Quiet>
              </p>
            )}
          </section>
        </Column>
      </TwoColumns>
    </Page>
  );
}
