import { drawnPins } from './pinsOf';
import { useState } from 'react';
import type { Damage, Inspection, InspectionPatch, Item, Part, Soil, Spot } from '../../core/gear';
import { panelOf, panelsOf, type Panel } from '../../core/surfaces';
import { PairStage } from '../../app/PairStage';
import { componentAt, damagesOf, soilsOf } from '../../core/facts';
import { DAMAGE_WORDS, MATERIAL_WORDS, PART_WORDS, SOIL_WORDS } from '../../core/words';
import { Column, DrawingAside, Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Outline } from '../../ui/Outline';
import { OneSelect } from '../../ui/Select';
import { placeHint } from './cards';
import { TextField } from '../../ui/TextField';

interface PinsProps {
  readonly item: Item;
  readonly seen: Partial<Inspection>;
  readonly answer: (patch: InspectionPatch) => void;
}
const YES_NO = [
  { id: 'no', name: 'No' },
  { id: 'yes', name: 'Yes' },
];
const where = (place: string | undefined, spot: Spot | undefined, part?: string): string =>
  [place, part && `on the ${part}`, spot && `pinned on the ${spot.side}`].filter(Boolean).join(', ');
/** "outsole (rubber)". */
const partText = ({ components }: Item, part: Part): string => {
  const materials = [...new Set(components.filter((c) => c.part === part).map((c) => MATERIAL_WORDS[c.material]))];
  return `${PART_WORDS[part].toLowerCase()} (${materials.join(', ')})`;
};

/** Where pins are set: on the outline, or on the panels of a pair. */
function Pinboard({
  item,
  pins,
  onSpot,
}: {
  item: Item;
  pins: readonly { readonly spot?: Spot; readonly part?: Part; readonly place?: string; readonly name: string }[];
  onSpot: (spot: Spot, panel?: Panel) => void;
}) {
  const panels = panelsOf(item);
  if (panels.length > 0)
    return (
      <PairStage
        panels={panels}
        pinned={pins.map(({ name, ...pin }, n) => ({
          spot: pin.spot,
          panel: panelOf(item, { soil: 'unknown', ...pin }, panels),
          mark: String(n + 1),
          name,
        }))}
        hint="Touch a panel where it sits."
        onPanel={(panel, spot) => onSpot(spot, panel)}
      />
    );
  return <Outline kind={item.kind} pins={drawnPins(pins)} onSpot={(side, x, y) => onSpot({ side, x: round(x), y: round(y) })} />;
}

/** Marks as pins: what each is, where, and whether it has set. */
export function Stains({ item, seen, answer }: PinsProps) {
  const { stains, add, soil, setSoil, place, setPlace, parts, part, setChosen, set, setSet } = useStain(seen, item, answer);
  return (
    <DrawingAside>
      <Pinboard item={item} pins={stains.map((s) => ({ ...s, name: SOIL_WORDS[s.soil] }))} onSpot={add} />
      <Column $gap={16}>
        <p>Say what it is, then touch the outline where it sits, or add it without a pin.</p>
        <Row $wrap $gap={16} $top>
          <OneSelect
            label="What is it?"
            value={soil}
            options={soilsOf(item, [soil])}
            words={SOIL_WORDS}
            onChange={(x) => setSoil(x)}
          />
          <TextField
            label="Where?"
            value={place}
            maxLength={200}
            placeholder={placeHint(item)}
            onChange={(text) => setPlace(text)}
          />
          {parts.length > 1 && (
            <OneSelect
              label="On which part?"
              value={part}
              options={parts}
              words={Object.fromEntries(parts.map((p) => [p, partText(item, p)]))}
              onChange={setChosen}
            />
          )}
        </Row>
        <OneOf label="Has it dried in, or survived a treatment?" value={set} options={YES_NO} onChange={setSet} />
        <Row $wrap>
          <Button look="quiet" onPress={() => add()}>
            Add this mark
          </Button>
          {stains.length === 0 && (
            <Button look="quiet" onPress={() => answer({ stains: [] })}>
              No marks
            </Button>
          )}
        </Row>
        {seen.stains?.length === 0 && <Note tone="good">No marks.</Note>}
        <ol>
          {stains.map((stain, n) => (
            <li key={n}>
              {n + 1}. <strong>{SOIL_WORDS[stain.soil]}</strong>{' '}
              <Quiet>{where(stain.place, stain.spot, stain.part && partText(item, stain.part))}</Quiet>
              {stain.set ? ', set' : ''}{' '}
              <TextButton onPress={() => answer({ stains: stains.filter((_, i) => i !== n) })}>Remove</TextButton>
            </li>
          ))}
        </ol>
      </Column>
    </DrawingAside>
  );
}

/** A mark that is being described, and the pins that are there. */
function useStain(seen: Partial<Inspection>, item: Item, answer: (patch: InspectionPatch) => void) {
  const [soil, setSoil] = useState<Soil>('unknown');
  const [place, setPlace] = useState('');
  const [set, setSet] = useState<string | null>(null);
  const [chosen, setChosen] = useState<Part | null>(null);
  const stains = seen.stains ?? [];
  const parts = [...new Set(item.components.map((c) => c.part))];
  const part = chosen ?? componentAt(item, { soil, place })?.part;
  const add = (spot?: Spot, panel?: Panel): void => {
    const where = place || panel?.place;
    // A part that was chosen by hand counts, then the panel that was touched.
    const on = chosen ?? panel?.component.part ?? part;
    const mark = {
      soil,
      ...(where ? { place: where } : {}),
      ...(on ? { part: on } : {}),
      ...(set === null ? {} : { set: set === 'yes' }),
      ...(spot ? { spot } : {}),
    };
    answer({ stains: [...stains, mark] });
    setPlace('');
    setChosen(null);
    setSet(null);
  };
  return { stains, add, soil, setSoil, place, setPlace, parts, part, setChosen, set, setSet };
}

/** Damage as pins: its kind, and whether it only looks bad. */
export function DamagePins({ item, seen, answer }: PinsProps) {
  const [kind, setKind] = useState<Damage>('hole');
  const [cosmetic, setCosmetic] = useState<string | null>(null);
  const damage = seen.damage ?? [];
  const add = (spot?: Spot, panel?: Panel): void => {
    answer({
      damage: [
        ...damage,
        {
          kind,
          ...(cosmetic === null ? {} : { cosmetic: cosmetic === 'yes' }),
          ...(panel ? { place: panel.place } : {}),
          ...(spot ? { spot } : {}),
        },
      ],
    });
    setCosmetic(null);
  };
  return (
    <DrawingAside>
      <Pinboard item={item} pins={damage.map((d) => ({ ...d, name: DAMAGE_WORDS[d.kind] }))} onSpot={add} />
      <Column $gap={16}>
        <OneOf
          label="What is broken?"
          value={kind}
          options={damagesOf(item).map((d) => ({ id: d, name: DAMAGE_WORDS[d] }))}
          onChange={(id) => setKind(id as Damage)}
        />
        <OneOf
          label="Does it only look bad?"
          value={cosmetic}
          options={[
            { id: 'no', name: 'No', hint: 'it works less well' },
            { id: 'yes', name: 'Yes', hint: 'looks only' },
          ]}
          onChange={setCosmetic}
        />
        <Row $wrap>
          <Button look="quiet" onPress={() => add()}>
            Add this damage
          </Button>
          {damage.length === 0 && (
            <Button look="quiet" onPress={() => answer({ damage: [] })}>
              Nothing is broken
            </Button>
          )}
        </Row>
        {seen.damage?.length === 0 && <Note tone="good">Nothing broken.</Note>}
        <ol>
          {damage.map((d, n) => (
            <li key={n}>
              {n + 1}. <strong>{DAMAGE_WORDS[d.kind]}</strong> <Quiet>{where(d.place, d.spot)}</Quiet>
              {d.cosmetic ? ', looks only' : ''}{' '}
              <TextButton onPress={() => answer({ damage: damage.filter((_, i) => i !== n) })}>Remove</TextButton>
            </li>
          ))}
        </ol>
      </Column>
    </DrawingAside>
  );
}

const round = (share: number): number => Math.round(Math.min(1, Math.max(0, share)) * 1000) / 1000;
