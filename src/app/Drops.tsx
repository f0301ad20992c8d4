import { useState } from 'react';
import type { DropletZone, Inspection, InspectionPatch, Item } from '../core/gear';
import { Column, DrawingAside } from '../ui/basics';
import { TextButton } from '../ui/Button';
import { OneOf } from '../ui/Choices';
import { KNOWLEDGE, zonesOf } from '../core/knowledge';
import { Drop, Outline } from '../ui/Outline';
import { capital } from '../core/words/text';

/** Words of the spray test ISO 4920 / AATCC TM22, borrowed for drops from the hand. */
const GRADES = [
  { id: '5', name: '5', hint: 'no wetting' },
  { id: '4', name: '4', hint: 'slight, random' },
  { id: '3', name: '3', hint: 'wet where they fell' },
  { id: '2', name: '2', hint: 'wet beyond that' },
  { id: '1', name: '1', hint: 'the whole face' },
  { id: '0', name: '0', hint: 'through to the back' },
].map((grade) => ({ ...grade, picture: <Drop grade={Number(grade.id)} /> }));

/** Drops, zone by zone, on an outline of the thing. The next zone that has no grade comes by itself. */
export function Drops({
  item,
  seen,
  answer,
  brief = false,
  first,
}: {
  item: Item;
  seen: Partial<Inspection>;
  answer: (patch: InspectionPatch) => void;
  /** Without saying how drops are tried. */
  brief?: boolean;
  /** The place to begin with. */
  first?: DropletZone | undefined;
}) {
  const zones = zonesOf(item.kind, KNOWLEDGE);
  const droplet = seen.droplet ?? {};
  const open = (grades: typeof droplet): string => zones.find((zone) => grades[zone] === undefined) ?? (zones[0] as string);
  const [zone, setZone] = useState<string>(() => first ?? open(droplet));
  const grade = (id: string): void => {
    const next = { ...droplet, [zone]: Number(id) };
    answer({ droplet: next });
    setZone(open(next));
  };
  const takeBack = (): void => {
    const rest = { ...droplet };
    delete rest[zone];
    answer({ droplet: Object.keys(rest).length > 0 ? rest : undefined });
  };
  return (
    <DrawingAside>
      <Outline kind={item.kind} grades={droplet} chosen={zone} onZone={setZone} />
      <Column $gap={16}>
        {!brief && (
          <p>
            Let a few drops fall on each place and wait a minute. These are the spray test’s words for your own eye; a laboratory
            uses its apparatus.
          </p>
        )}
        <OneOf
          label="Which place?"
          value={zone}
          options={zones.map((z) => ({
            id: z,
            name: capital(z),
            hint: droplet[z] === undefined ? 'not tried' : `grade ${droplet[z]}`,
          }))}
          onChange={setZone}
        />
        <OneOf
          label={`What do drops do on the ${zone}?`}
          value={droplet[zone] === undefined ? null : String(droplet[zone])}
          options={GRADES}
          onChange={grade}
        />
        {droplet[zone] !== undefined && <TextButton onPress={takeBack}>Take back the {zone}</TextButton>}
      </Column>
    </DrawingAside>
  );
}
