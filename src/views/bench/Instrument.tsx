import { useState, type ReactNode } from 'react';
import { Link, useLocation, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { toThing } from '../../app/routes';
import { nextWashOf } from '../../app/plan';
import { notify } from '../../app/session';
import type { Fields, Read } from '../../core/bench';
import { isUnit, readQuantity, type Unit } from '../../core/units/quantity';
import type { Item, Kit } from '../../core/gear';
import type { Plan } from '../../core/programme';
import { KIND_WORDS, thingName } from '../../core/words';
import { saveItem } from '../../data/repo';
import { Column, Note, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Disclosure } from '../../ui/Disclosure';
import { Button, TextButton } from '../../ui/Button';
import { usePhone } from '../../ui/phone';
import { phone } from '../../ui/theme';
import { ComboBox } from '../../ui/ComboBox';
import { OneSelect } from '../../ui/Select';
import { DigitsField } from '../../ui/TextField';
import { Said } from '../../ui/said';
import { useUnit } from '../../ui/units';

/** More than anybody measures, so that nothing is lost on the way there and back. */
const FIGURES_KEPT = 6;
const Inputs = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 14px 16px;
  align-items: end;
`;
const Big = styled.h1`
  font-size: 34px;
  max-width: 26em;
  ${phone} {
    font-size: 26px;
  }
`;
/** What is typed, kept in the address; a thing of the kit may stand behind it and fill what was not typed. */
export function useInputs(kit: Kit, from: (made: Plan) => Readonly<Record<string, string | undefined>>) {
  const [params, setParams] = useSearchParams();
  // Kept here, so that fast typing is not overtaken by the address; the address follows.
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>(() => Object.fromEntries(params));
  const item = kit.items.find((i) => i.id === typed.item);
  const plan = item && nextWashOf(kit, item);
  const taken: Readonly<Record<string, string | undefined>> = plan ? from(plan) : {};
  const show = (next: Readonly<Record<string, string>>): void => {
    setTyped(next);
    setParams(next, { replace: true });
  };
  return {
    item,
    plan,
    get: (name: string): string | null => typed[name] ?? taken[name] ?? null,
    set: (name: string, value: string): void => show({ ...typed, [name]: value }),
    /** Puts a thing's numbers into the fields, or lets it go and keeps what stands there. */
    take: (id: string): void => {
      const other = kit.items.find((i) => i.id === id);
      if (!other) {
        const { item: _, ...rest } = typed;
        show(rest);
        return;
      }
      const numbers = Object.entries(from(nextWashOf(kit, other))).filter((e): e is [string, string] => e[1] !== undefined);
      show({ ...Object.fromEntries(numbers), item: id });
    },
  };
}
export type Inputs = ReturnType<typeof useInputs>;

/** One quantity of an instrument, in the unit that its user reads; the address keeps the metric figure. Either unit may be typed: "4 oz", "86 F". */
function QuantityLine({
  unit,
  value,
  fault,
  onChange,
  label,
  placeholder,
}: {
  unit: Unit;
  label: string;
  placeholder: string;
  /** In the field's own unit, as it stands in the address. */
  value: string;
  fault: string | null;
  onChange: (value: string) => void;
}) {
  const { name, read, show } = useUnit(unit);
  const [draft, setDraft] = useState<{ readonly text: string; readonly gave: string } | null>(null);
  const kept = readQuantity(value, unit, unit);
  const isNumber = (n: number | undefined): n is number => n !== undefined && !Number.isNaN(n);
  const change = (text: string): void => {
    const number = read(text);
    const gave = isNumber(number) ? String(Number(number.toPrecision(FIGURES_KEPT))) : text;
    setDraft({ text, gave });
    onChange(gave);
  };
  return (
    <DigitsField
      label={`${label}, ${name}`}
      // What was typed stands as it was typed, until something else fills the field.
      value={draft?.gave === value ? draft.text : isNumber(kept) ? show(kept) : value}
      fault={fault}
      placeholder={placeholder}
      onChange={change}
    />
  );
}

export interface GiveBack {
  /** "Use 92 mL". */
  readonly label: string;
  readonly next: Item;
}

/** One figure or choice of an instrument. */
function OneField({
  of,
  shown,
  fault,
  set,
}: {
  of: Fields[string];
  shown: string;
  fault: string | null;
  set: (text: string) => void;
}) {
  if (of.kind === 'choice')
    return (
      <OneSelect
        label={of.label}
        value={shown}
        options={of.options}
        {...(of.words ? { words: of.words } : {})}
        onChange={(o) => set(o)}
      />
    );
  const typed = { value: shown, fault, placeholder: of.usual === null ? 'not known' : '', onChange: set };
  return isUnit(of.unit) ? (
    <QuantityLine unit={of.unit} {...typed} label={of.label} />
  ) : (
    <DigitsField {...typed} label={of.unit ? `${of.label}, ${of.unit}` : of.label} />
  );
}

/** The frame of every instrument: the answer first, then what it is worked out from, a link, and the way back to a programme. */
export function Instrument<F extends Fields>({
  fields,
  main,
  shows,
  read,
  inputs,
  kit,
  answer,
  giveBack,
  why,
  children,
}: {
  fields: F;
  /** The few that matter most; the rest is folded away. All of them when left out. */
  main?: readonly (keyof F)[];
  /** Fields on show; all of them when left out. */
  shows?: readonly (keyof F)[];
  read: Read<F>;
  inputs: Inputs;
  kit: Kit;
  /** One sentence; null while a field is at fault. */
  answer: string | null;
  giveBack: GiveBack | null;
  /** Why nothing can be given back to this thing. */
  why?: string;
  children: ReactNode;
}) {
  const small = usePhone();
  const names = (shows ?? Object.keys(fields)) as (keyof F & string)[];
  const field = (name: keyof F & string) => {
    const of = fields[name];
    const typed = { shown: read.shown[name], fault: read.faults[name] ?? null };
    return of && <OneField key={name} of={of} {...typed} set={(text) => inputs.set(name, text)} />;
  };
  const near = main ? names.filter((name) => main.includes(name)) : names;
  const more = names.filter((name) => !near.includes(name));
  // What needs another look is never folded away.
  const odd = more.some((name) => read.faults[name] !== undefined);
  const faults = Object.values(read.faults as Readonly<Record<string, string | undefined>>).filter(Boolean);
  const shown = (
    <Column key="answer" $gap={20}>
      {children}
      {inputs.item && <BackToProgramme giveBack={giveBack} why={why} item={inputs.item} />}
    </Column>
  );
  const figures = (
    <Column key="figures" $gap={20}>
      <Row $wrap $gap={12}>
        <TakeFrom inputs={inputs} kit={kit} />
      </Row>
      <Inputs>{near.map(field)}</Inputs>
      {more.length > 0 && (
        <Disclosure title={`More figures (${more.length})`} alwaysOpen={odd}>
          <Inputs>{more.map(field)}</Inputs>
        </Disclosure>
      )}
      <Row $wrap>
        <CopyLink figures={names.map((name) => [name, read.shown[name]])} />
      </Row>
    </Column>
  );
  return (
    <>
      <Big aria-live="polite">
        <Said>{answer ?? 'One figure needs another look.'}</Said>
      </Big>
      {answer === null && <Note tone="alarm">{faults[0]}</Note>}
      <TwoColumns $left={1.25}>
        {/* On a desk the picture beside its figures; on a phone what is typed comes first, and the answer stands over both. */}
        {small ? [figures, shown] : [shown, figures]}
      </TwoColumns>
    </>
  );
}

/** Whose figures these are. */
function TakeFrom({ inputs, kit }: { inputs: Inputs; kit: Kit }) {
  return (
    <ComboBox
      label="Take the numbers of"
      value={inputs.item?.id ?? null}
      options={kit.items.map((i) => ({ id: i.id, name: thingName(i), ...(i.owner ? { also: i.owner } : {}) }))}
      placeholder="nothing: these stand alone"
      onChange={(id) => inputs.take(id ?? '')}
    />
  );
}

/** An address that carries every figure. */
function CopyLink({ figures }: { figures: readonly (readonly [string, string])[] }) {
  const { pathname } = useLocation();
  return <TextButton onPress={() => copyLink(pathname, figures)}>Copy a link with these figures</TextButton>;
}

/** Copies an address that carries every figure. */
function copyLink(pathname: string, figures: readonly (readonly [string, string])[]): void {
  const query = new URLSearchParams(figures.map(([name, value]) => [name, value]));
  const link = `${location.origin}${pathname}?${query.toString()}`;
  void navigator.clipboard.writeText(link).then(
    () => notify('The link is copied; it carries every figure.'),
    () => notify('This browser does not let it be copied: take it from the address line.'),
  );
}

/** What this figure is for: the programme it came from. */
function BackToProgramme({ giveBack, why, item }: { giveBack: GiveBack | null; why: string | undefined; item: Item }) {
  return (
    <section aria-label="Back to the programme">
      {giveBack && (
        <Button
          data-main-action
          onPress={() =>
            void saveItem(giveBack.next).then((undo) => notify('It is in the programme now, inside its limits.', undo))
          }
        >
          <Said>{giveBack.label}</Said>
        </Button>
      )}
      <p style={{ marginTop: 8 }}>
        <Quiet>
          {giveBack ? '' : `${why ?? 'There is nothing to give back.'} `}
          <Link to={toThing(item.id, 'programme')}>To the programme of {item.name ?? KIND_WORDS[item.kind]}</Link>
        </Quiet>
      </p>
    </section>
  );
}
