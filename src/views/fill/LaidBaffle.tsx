import { useState } from 'react';
import { isOpen, removeBaffle, renameBaffle, splitBaffle, toggleOpening } from '../../core/loft';
import { Column, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { TextField } from '../../ui/TextField';
import { Form } from '../../ui/Form';
import { ArrowGroup } from '../../ui/Movable';

import { BIG_MM, type Layout, STEP_MM } from './useLayout';
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

type Picked = NonNullable<Layout['picked']>;
interface OfBaffle {
  readonly layout: Layout;
  readonly picked: Picked;
}

const WAYS = [
  ['left', [-STEP_MM, 0]],
  ['right', [STEP_MM, 0]],
  ['up', [0, -STEP_MM]],
  ['down', [0, STEP_MM]],
] as const;
/** What moves, by buttons or by the arrow keys. */
function Moving({ layout: { corner, setCorner, nudge }, picked }: OfBaffle) {
  return (
    <>
      <ArrowGroup
        label={`What moves: ${picked.id} or one corner`}
        onArrow={([x, y], far) => nudge([x * (far ? BIG_MM : STEP_MM), y * (far ? BIG_MM : STEP_MM)])}
      >
        <Row $wrap $gap={8}>
          <Button look={corner === null ? 'main' : 'quiet'} aria-pressed={corner === null} onPress={() => setCorner(null)}>
            All of it
          </Button>
          {picked.polygonMm.map((_, n) => (
            <Button key={n} look={corner === n ? 'main' : 'quiet'} aria-pressed={corner === n} onPress={() => setCorner(n)}>
              Corner {n + 1}
            </Button>
          ))}
        </Row>
        <Row $wrap $gap={8} style={{ marginTop: 8 }}>
          {WAYS.map(([way, by]) => (
            <Button key={way} look="quiet" onPress={() => nudge(by)}>
              1 cm {way}
            </Button>
          ))}
        </Row>
      </ArrowGroup>
      <Quiet>The arrow keys do the same from these buttons, with shift 5 cm.</Quiet>
    </>
  );
}

/** Its name, its parting and its end. */
function Shaping({ layout: { map, keep, setSelected }, picked }: OfBaffle) {
  return (
    <>
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
    </>
  );
}

/** The baffles that fill can go to from here. */
function Joined({ layout: { map, keep }, picked }: OfBaffle) {
  const [other, setOther] = useState<string | undefined>(undefined);
  return (
    <>
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
          {(map.openings ?? []).some((o) => (o.from === picked.id && o.to === other) || (o.to === picked.id && o.from === other))
            ? 'Take the opening away'
            : 'Make an opening'}
        </Button>
      </Row>
    </>
  );
}

/** Everything that can be done with the baffle that is picked. */
export function LaidBaffle({ layout, picked }: OfBaffle) {
  return (
    <section aria-labelledby="baffle">
      <h2 id="baffle" style={{ marginBottom: 8 }}>
        {picked.id}, {layout.size()}
      </h2>
      <Column $gap={12}>
        <Moving layout={layout} picked={picked} />
        <Shaping layout={layout} picked={picked} />
        <Joined layout={layout} picked={picked} />
      </Column>
    </section>
  );
}
