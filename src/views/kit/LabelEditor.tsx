import { Of } from '../../app/OfThing';
import { memo, useState } from 'react';
import type { CareLabel } from '../../core/gear';
import * as gear from '../../core/gear';
import { Column, Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { AnyOf } from '../../ui/Choices';
import { Select } from '../../ui/Select';
import { withField } from '../../ui/fields';
import { FieldGrid } from './edit';
import { labelLines } from './LabelCard';

const WASH_WORDS: Record<string, string> = {
  normal: 'no line',
  mild: 'one line',
  'very-mild': 'two lines',
  hand: 'a hand in the tub',
};
/** How natural drying is printed. */
const DRYING_WORDS: Record<(typeof gear.NATURAL_DRYINGS)[number], string> = {
  line: 'one upright line: hang it',
  drip: 'two or three upright lines: drip dry',
  flat: 'a level line: flat',
  shade: 'slanting lines in a corner: shade',
};
/** What to do without one. */
const WITHOUT_WORDS = {
  unread: 'No label is copied: the gentler of two ways is taken until one is.',
  none: 'No label: the gentler of two ways is taken. The maker’s own page may still say what it allows.',
  faded: 'Too faded to read: the gentler of two ways is taken. Hold a lamp behind it, or take the label of a thing like it.',
} as const;
const temps = gear.LABEL_WASH_C.map(String);

/** The care label as it is printed, described in words; a missing one is a state of its own. */
export const LabelEditor = memo(function LabelEditor({
  label,
  alike = [],
  onChange,
}: {
  label: CareLabel | null;
  /** Things built like it whose label is recorded. */
  alike?: readonly { readonly id: string; readonly name: string; readonly label: CareLabel }[];
  onChange: (label: CareLabel | null) => void;
}) {
  // In the record both are the same: nobody can read what it allows.
  const [gone, setGone] = useState<keyof typeof WITHOUT_WORDS>('unread');
  const without = (how: 'none' | 'faded'): void => {
    setGone(how);
    onChange(null);
  };
  const like = alike.length > 0 && (
    <Select
      label="The same label as"
      value={undefined}
      options={alike.map((one) => one.id)}
      words={Object.fromEntries(alike.map((one) => [one.id, one.name]))}
      blank="choose a thing like it"
      onChange={(id) => onChange(structuredClone(alike.find((one) => one.id === id)?.label ?? label))}
    />
  );
  if (!label) {
    return (
      <Column>
        <Row $wrap>
          <Note>{WITHOUT_WORDS[gone]}</Note>
          <Button look="quiet" onPress={() => onChange({})}>
            Copy the label
          </Button>
        </Row>
        {like}
      </Column>
    );
  }
  const wash = label.wash;
  const says = labelLines({ label });
  const set = <K extends keyof CareLabel>(key: K, value: CareLabel[K] | undefined): void =>
    onChange(withField(label, key, value));
  return (
    <Column>
      <Quiet>Copy what is printed; leave out what it does not say.</Quiet>
      {like}
      <FieldGrid>
        <TubSigns wash={wash} set={set} />
        <OtherSigns label={label} set={set} />
      </FieldGrid>
      <AnyOf
        label="Lines in a square"
        values={label.naturalDrying ?? []}
        options={gear.NATURAL_DRYINGS.map((id) => ({ id, name: DRYING_WORDS[id] }))}
        onChange={(ids) => set('naturalDrying', ids.length > 0 ? (ids as CareLabel['naturalDrying']) : undefined)}
      />
      {says.length > 0 && <Note tone="good">So it says: {says.join('; ')}.</Note>}
      <Row $wrap $gap={16}>
        <TextButton onPress={() => without('none')}>
          <Of>It has no label</Of>
        </TextButton>
        <TextButton onPress={() => without('faded')}>Too faded to read</TextButton>
      </Row>
    </Column>
  );
});

/** The tub. */
function TubSigns({
  wash,
  set,
}: {
  wash: gear.WashLabel | undefined;
  set: <K extends keyof CareLabel>(key: K, value: CareLabel[K] | undefined) => void;
}) {
  return (
    <>
      <Select
        label="Tub"
        value={wash ? (wash.allowed ? 'yes' : 'no') : undefined}
        options={['yes', 'no'] as const}
        words={{ yes: 'a tub', no: 'a tub, crossed out' }}
        blank="not printed"
        onChange={(x) => set('wash', x === undefined ? undefined : x === 'yes' ? { allowed: true } : { allowed: false })}
      />
      {wash?.allowed && (
        <Select
          label="Number in the tub"
          value={wash.maxC === undefined ? undefined : String(wash.maxC)}
          options={temps}
          blank="none"
          onChange={(x) => set('wash', withField(wash, 'maxC', x === undefined ? undefined : (Number(x) as 30)))}
        />
      )}
      {wash?.allowed && (
        <Select
          label="Under or in the tub"
          value={wash.action}
          options={gear.LABEL_ACTIONS}
          words={WASH_WORDS}
          blank="not looked"
          onChange={(x) => set('wash', withField(wash, 'action', x))}
        />
      )}
    </>
  );
}

/** Triangle, square, iron and circle. */
function OtherSigns({
  label,
  set,
}: {
  label: CareLabel;
  set: <K extends keyof CareLabel>(key: K, value: CareLabel[K] | undefined) => void;
}) {
  return (
    <>
      <Select
        label="Triangle"
        value={label.bleach}
        options={gear.BLEACHES}
        words={{ any: 'empty', oxygen: 'two lines', none: 'crossed out' }}
        blank="not printed"
        onChange={(x) => set('bleach', x)}
      />
      <Select
        label="Circle in a square"
        value={label.tumble}
        options={gear.LABEL_TUMBLES}
        words={{ none: 'crossed out', low: 'one dot', normal: 'two dots' }}
        blank="not printed"
        onChange={(x) => set('tumble', x)}
      />
      <Select
        label="Iron"
        value={label.ironMaxC === undefined ? undefined : String(label.ironMaxC)}
        options={gear.LABEL_IRON_C.map(String)}
        words={{ '0': 'crossed out', '110': 'one dot, 110 °C', '150': 'two dots, 150 °C', '200': 'three dots, 200 °C' }}
        blank="not printed"
        onChange={(x) => set('ironMaxC', x === undefined ? undefined : (Number(x) as 0))}
      />
      <Select
        label="Circle"
        value={label.professional}
        options={gear.PROFESSIONALS}
        words={{ none: 'crossed out', P: 'P', F: 'F', W: 'W' }}
        blank="not printed"
        onChange={(x) => set('professional', x)}
      />
    </>
  );
}
