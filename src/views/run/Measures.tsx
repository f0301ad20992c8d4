import { useOfThing } from '../../app/OfThing';
import { Said } from '../../ui/said';
import { useUnit } from '../../ui/units';
import { useState } from 'react';
import { Drops } from '../../app/Drops';
import { LoftLines } from '../../app/LoftLines';
import type { Doubt } from '../../core/drying/dry';
import type { Droplet, DropTest, Inspection, Item, LoftReading } from '../../core/gear';
import { exposedZones, KNOWLEDGE } from '../../core/knowledge';
import type { ProgrammeStep } from '../../core/document';
import { DOUBT_UNIT_G } from '../../core/drying/dry';
import { dropsFailText } from '../../core/telling/run';
import { DOUBT_WORDS } from '../../core/telling/drying';
import { failingZones } from '../../core/run';
import { zoneName } from '../../core/words/zones';
import { ODOUR_WORDS, SOIL_GRADE_WORDS } from '../../core/words';
import { DigitsField } from '../../ui/TextField';
import { Column, Note, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Pair } from './parts';
import { Form } from '../../ui/Form';

/** A weight typed by hand; an impossible one is asked about, and kept only when the user says so. Enter keeps it. */
export function Weigh({
  start,
  doubt,
  label = 'Weight now',
  focus = true,
  onTyped,
  onKeep,
}: {
  /** What the scale said, when it was asked. */
  start: number | null;
  doubt: (massG: number) => Doubt | null;
  label?: string;
  focus?: boolean;
  /** What stands in the field and could be kept; null = nothing, or something odd. */
  onTyped?: (massG: number | null) => void;
  onKeep: (massG: number) => void;
}) {
  const unit = useUnit('g');
  const [grams, setGrams] = useState(start === null ? '' : unit.show(start));
  const [asked, setAsked] = useState<Doubt | null>(null);
  const value = unit.read(grams);
  const fault = value !== undefined && !(value > 0) ? `Write a weight above 0, in ${unit.name} or with its unit.` : null;
  const unitG = asked === 'pounds' || asked === 'ounces' ? DOUBT_UNIT_G[asked] : null;
  const keep = (massG: number): void => {
    const odd = asked ? null : doubt(massG);
    if (odd) setAsked(odd);
    else {
      setGrams('');
      onKeep(massG);
    }
  };
  return (
    <Form
      onSubmit={() => {
        if (value !== undefined && value > 0) keep(value);
      }}
    >
      <Row $wrap $top>
        <DigitsField
          label={`${label}, ${unit.name}`}
          width={220}
          autoFocus={focus}
          value={grams}
          fault={fault}
          onChange={(text) => {
            setGrams(text);
            setAsked(null);
            const typed = unit.read(text);
            onTyped?.(typed !== undefined && typed > 0 && doubt(typed) === null ? typed : null);
          }}
        />
        <Button type="submit" style={{ marginTop: 22 }} isDisabled={!(value !== undefined && value > 0)}>
          {asked ? 'Keep it all the same' : 'Keep it'}
        </Button>
        {unitG !== null && value !== undefined && (
          <Button look="quiet" style={{ marginTop: 22 }} onPress={() => onKeep(Math.round(value * unitG))}>
            <Said>Yes: {Math.round(value * unitG)} g</Said>
          </Button>
        )}
      </Row>
      {asked && <Note tone="alarm">{DOUBT_WORDS[asked]}</Note>}
    </Form>
  );
}

/** Drops on each place: the grades are the answer. What soaked in before is tried again. */
export function DropsStep({
  item,
  step,
  before,
  earlier,
  onGrades,
}: {
  item: Item;
  step: ProgrammeStep;
  before: Droplet;
  /** The look before the work, to be held against this one and done in the same way. */
  earlier: Inspection | null;
  onGrades: (grades: Droplet, test: DropTest | undefined) => void;
}) {
  const name = (zone: string): string => zoneName(zone, item.kind);
  const says = useOfThing();
  const [grades, setGrades] = useState<Droplet>({});
  const [test, setTest] = useState<DropTest>(() => {
    const { drunkS: _, ...way } = earlier?.dropTest ?? {};
    return way;
  });
  const tried = Object.values(grades).some((g) => g !== undefined);
  const again = failingZones(before, step).filter((zone) => grades[zone] === undefined);
  const low = failingZones(grades, step);
  // The same places as before the work, and those that rain reaches first.
  const wanted = new Set<string>([...Object.keys(earlier?.droplet ?? {}), ...exposedZones(item.kind, KNOWLEDGE)]);
  const open = [...wanted].filter((zone) => grades[zone] === undefined && !again.some((z) => z === zone));
  const said = tried
    ? (dropsFailText(again.map(name), low.map(name), step.check?.fromGrade) ?? says('It sheds: go on'))
    : 'Grade at least one place';
  return (
    <Column $gap={16}>
      <Drops
        item={item}
        seen={{ droplet: grades, dropTest: test }}
        answer={(patch) => {
          if ('droplet' in patch) setGrades(patch.droplet ?? {});
          if ('dropTest' in patch) setTest(patch.dropTest ?? {});
        }}
        first={failingZones(before, step)[0]}
        before={earlier?.droplet}
      />
      <Row $wrap>
        <Button size="big" named data-main-action isDisabled={!tried || again.length > 0} onPress={() => onGrades(grades, test)}>
          {said}
        </Button>
        {tried && open.length > 0 && <Quiet>Not tried yet: {open.map(name).join(', ')}.</Quiet>}
      </Row>
    </Column>
  );
}

/** Loft beside the ruler, kept with the step. */
export function LoftStep({
  item,
  last,
  kept,
  onTyped,
  onKeep,
}: {
  item: Item;
  last: Inspection | null;
  /** What was kept at this step already, as a share of new. */
  kept: string | null;
  /** What stands in the fields. */
  onTyped: (readings: readonly LoftReading[]) => void;
  onKeep: (readings: readonly LoftReading[]) => void;
}) {
  const [readings, setReadings] = useState<readonly LoftReading[]>([]);
  return (
    <Form
      label="Loft"
      onSubmit={() => {
        if (readings.length > 0) onKeep(readings);
      }}
    >
      <Column $gap={10}>
        <LoftLines
          item={item}
          last={last}
          onChange={(next) => {
            setReadings(next);
            onTyped(next);
          }}
        />
        <Row $wrap>
          <Button type="submit" look="quiet" isDisabled={readings.length === 0}>
            Keep the loft
          </Button>
          {kept && <Quiet role="status">Kept: {kept}.</Quiet>}
        </Row>
      </Column>
    </Form>
  );
}

/** How it is as a whole: clean and without smell passes; anything else is recorded as it is seen. */
export function WholeStep({ onSeen }: { onSeen: (seen: { soil: number; odour: number }) => void }) {
  const [open, setOpen] = useState(false);
  const [soil, setSoil] = useState<number | null>(null);
  const [odour, setOdour] = useState<number | null>(null);
  if (!open)
    return (
      <Pair>
        <Button size="big" look="quiet" onPress={() => setOpen(true)}>
          Not quite
        </Button>
        <Button size="big" data-main-action onPress={() => onSeen({ soil: 0, odour: 0 })}>
          Clean, no smell
        </Button>
      </Pair>
    );
  return (
    <Column $gap={14}>
      <OneOf
        label="What do you see?"
        value={soil === null ? null : String(soil)}
        options={SOIL_GRADE_WORDS.map((name, id) => ({ id: String(id), name }))}
        onChange={(id) => setSoil(Number(id))}
      />
      <OneOf
        label="Smell?"
        value={odour === null ? null : String(odour)}
        options={ODOUR_WORDS.map((name, id) => ({ id: String(id), name }))}
        onChange={(id) => setOdour(Number(id))}
      />
      <Row>
        <Button
          size="big"
          data-main-action
          isDisabled={soil === null || odour === null}
          onPress={() => soil !== null && odour !== null && onSeen({ soil, odour })}
        >
          That is how it is
        </Button>
      </Row>
    </Column>
  );
}
