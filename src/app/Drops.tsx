import { Said } from '../ui/said';
import { lazy, Suspense, useEffect, useState } from 'react';
import styled from 'styled-components';
import {
  DROP_WATERS,
  type Droplet,
  type DropletZone,
  type DropTest,
  type Inspection,
  type InspectionPatch,
  type Item,
} from '../core/gear';
import { KNOWLEDGE, zonesOf } from '../core/knowledge';
import { BOUNDS } from '../core/knowledge/bounds';
import { contradicted, testWay, type TestWay } from '../core/repellency/drop-test';
import { secondsText, testWayText } from '../core/telling/repellency';
import { capital } from '../core/words/text';
import { zoneName } from '../core/words/zones';
import { Column, DrawingAside, Note, Quiet, Row } from '../ui/basics';
import { Button, TextButton } from '../ui/Button';
import { DROP_WORDS } from '../core/words/glossary';
import { OneOf } from '../ui/Choices';
import { countdown } from '../ui/countdown';
import { DropGrade } from '../ui/DropGrades';
import { NumberField, QuantityField } from '../ui/NumberField';
import { Outline } from '../ui/Outline';
import { phone, size } from '../ui/theme';
import { nowMs } from './now';

const DropsPicture = lazy(async () => ({ default: (await import('./DropsPicture')).DropsPicture }));
/** Words of the spray test ISO 4920 / AATCC TM22, borrowed for drops from the hand. */
export const DROP_GRADES = [5, 4, 3, 2, 1, 0]
  .map((grade) => ({ id: String(grade), name: String(grade), hint: DROP_WORDS[grade]?.short ?? '' }))
  .map((grade) => ({ ...grade, picture: <DropGrade grade={Number(grade.id)} size={80} /> }));
const WATERS = DROP_WATERS.map((id) => ({ id, name: id === 'tap' ? 'From the tap' : 'Distilled' }));
const TICK_MS = 250;
/** Beside both drawings; on a phone before the second, which is only looked at. */
const Controls = styled(Column)`
  grid-column: 2;
  grid-row: 1 / span 2;
  ${phone} {
    grid-column: auto;
    grid-row: auto;
  }
`;

/** Since when drops lie, by zone, and what time it is while some do. */
function useFallen(waitMs: number) {
  const [fell, setFell] = useState<Readonly<Record<string, number>>>({});
  const [now, setNow] = useState(nowMs);
  const waiting = Object.values(fell).some((at) => now < at + waitMs);
  useEffect(() => {
    if (!waiting) return;
    const tick = setInterval(() => setNow(nowMs()), TICK_MS);
    return () => clearInterval(tick);
  }, [waiting]);
  return {
    fallen: (zone: string): number | undefined => fell[zone],
    left: (zone: string): number | null => (fell[zone] === undefined ? null : Math.max(0, fell[zone] + waitMs - now)),
    fall: (zone: string): void => {
      const at = nowMs();
      setNow(at);
      setFell((f) => ({ ...f, [zone]: at }));
    },
    over: (zone: string): void => setFell(({ [zone]: _, ...rest }) => rest),
  };
}

/** Drops, zone by zone, on an outline of the thing: they fall, lie, are shaken off and graded. The next zone that has no grade comes by itself. */
export function Drops({
  item,
  seen,
  answer,
  first,
  before,
  beforeName = 'Before the work',
}: {
  item: Item;
  seen: Partial<Inspection>;
  answer: (patch: InspectionPatch) => void;
  /** The place to begin with. */
  first?: DropletZone | undefined;
  /** What was seen there before the work, to be held against it. */
  before?: Droplet | undefined;
  beforeName?: string;
}) {
  const { droplet, zone, setZone, test, zones, name, hint, left, fall, drunk, drops, way, due, grade, takeBack } = useDrops(
    item,
    seen,
    first,
    answer,
  );
  return (
    <DrawingAside>
      <Outline kind={item.kind} grades={droplet} chosen={zone} onZone={setZone} />
      <Controls $gap={16}>
        <Way test={test} onTest={(next) => answer({ dropTest: next })} />
        <OneOf
          label="Which place?"
          value={zone}
          options={zones.map((z) => ({ id: z, name: capital(name(z)), hint: hint(z) }))}
          onChange={setZone}
        />
        <Falling
          left={left}
          fall={fall}
          name={name}
          zone={zone}
          drunk={drunk}
          drops={drops}
          answer={answer}
          test={test}
          way={way}
        />
        <span role="status">
          {due.length > 0 && !due.includes(zone as DropletZone) ? `Look at the ${due.map(name).join(', the ')} now.` : ''}
        </span>
        <OneOf
          label={`What do drops leave on the ${name(zone)}?`}
          value={droplet[zone] === undefined ? null : String(droplet[zone])}
          options={DROP_GRADES}
          onChange={grade}
        />
        <Suspense fallback={<div aria-busy="true" style={{ minHeight: size.touch }} />}>
          <DropsPicture key={zone} itemId={item.id} zone={name(zone)} onGrade={(n) => grade(String(n))} />
        </Suspense>
        {contradicted(droplet, test, way).map((z) => (
          <Note key={z} tone="alarm">
            A drop was drunk on the {name(z)} within {secondsText(way.waitS)}: cloth that has drunk is 3 at most. Look again.
          </Note>
        ))}
        {droplet[zone] !== undefined && <TextButton onPress={takeBack}>Take back the {name(zone)}</TextButton>}
      </Controls>
      {before && Object.keys(before).length > 0 && (
        <section aria-label={beforeName}>
          <Quiet>{beforeName}</Quiet>
          <Outline kind={item.kind} grades={before} />
        </section>
      )}
    </DrawingAside>
  );
}

/** The grades so far, the zone that is at hand, and what can be done there. */
function useDrops(
  item: Item,
  seen: Partial<Inspection>,
  first: DropletZone | undefined,
  answer: (patch: InspectionPatch) => void,
) {
  const zones = zonesOf(item.kind, KNOWLEDGE);
  const name = (zone: string): string => zoneName(zone, item.kind);
  const droplet = seen.droplet ?? {};
  const test = seen.dropTest ?? {};
  const way = testWay(test);
  const drops = useFallen(way.waitS * 1000);
  const open = (grades: typeof droplet): string =>
    zones.find((z) => grades[z] === undefined && drops.left(z) === 0) ??
    zones.find((z) => grades[z] === undefined) ??
    (zones[0] as string);
  const [zone, setZone] = useState<string>(() => first ?? open(droplet));
  const { [zone]: drunk } = test.drunkS ?? {};
  const left = drops.left(zone);
  const grade = (id: string): void => {
    const next = { ...droplet, [zone]: Number(id) };
    answer({ droplet: next, dropTest: { ...test, ...way } });
    drops.over(zone);
    setZone(open(next));
  };
  const takeBack = (): void => {
    const { [zone]: _, ...rest } = droplet;
    const { [zone]: _s, ...drunkS } = test.drunkS ?? {};
    const any = Object.keys(rest).length > 0;
    answer({ droplet: any ? rest : undefined, dropTest: any ? { ...test, drunkS } : undefined });
  };
  const fall = (): void => {
    drops.fall(zone);
    setZone(zones.find((z) => z !== zone && droplet[z] === undefined && drops.fallen(z) === undefined) ?? zone);
  };
  const hint = (z: string): string => {
    if (droplet[z] !== undefined) return `grade ${droplet[z]}`;
    const ms = drops.left(z);
    return ms === null ? 'not tried' : ms > 0 ? countdown(ms) : 'look now';
  };
  const due = zones.filter((z) => droplet[z] === undefined && drops.left(z) === 0);
  return { droplet, zone, setZone, test, zones, name, hint, left, fall, drunk, drops, way, due, grade, takeBack };
}

/** Drops are put on, wait, and may be drunk meanwhile. */
function Falling({
  left,
  fall,
  name,
  zone,
  drunk,
  drops,
  answer,
  test,
  way,
}: {
  left: number | null;
  fall: () => void;
  name: (zone: string) => string;
  zone: string;
  drunk: number | undefined;
  drops: ReturnType<typeof useFallen>;
  answer: (patch: InspectionPatch) => void;
  test: DropTest;
  way: TestWay;
}) {
  return (
    <Row $wrap>
      {left === null ? (
        <Button look="quiet" onPress={fall}>
          Drops are on the {name(zone)}
        </Button>
      ) : (
        <>
          <strong role="timer">{left > 0 ? countdown(left) : `Shake the ${name(zone)} and look`}</strong>
          {drunk === undefined && (
            <Button
              look="quiet"
              onPress={() => {
                const s = Math.round((nowMs() - (drops.fallen(zone) ?? nowMs())) / 1000);
                answer({ dropTest: { ...test, ...way, drunkS: { ...test.drunkS, [zone]: s } } });
              }}
            >
              A drop is drunk
            </Button>
          )}
        </>
      )}
      {drunk !== undefined && <Quiet>Soaked in after {secondsText(drunk)}.</Quiet>}
    </Row>
  );
}

/** How it is tried; another way is another figure, and only like is held against like. */
function Way({ test, onTest }: { test: DropTest; onTest: (next: DropTest) => void }) {
  const [open, setOpen] = useState(false);
  const way = testWay(test);
  return (
    <Column $gap={8}>
      <p style={{ margin: 0 }}>
        <Said>{testWayText(way)}</Said>{' '}
        <TextButton onPress={() => setOpen(!open)}>{open ? 'That is how' : 'Another way'}</TextButton>
      </p>
      {open && (
        <Row $wrap $top>
          <OneOf
            label="Water"
            value={way.water}
            options={WATERS}
            onChange={(id) => onTest({ ...test, water: id === 'distilled' ? 'distilled' : 'tap' })}
          />
          <QuantityField
            label="From a height of"
            unit="mm"
            value={way.heightMm}
            what="the height"
            {...BOUNDS.dropHeightMm}
            onChange={(heightMm) => heightMm !== undefined && onTest({ ...test, heightMm })}
          />
          <NumberField
            label="Drops on each place"
            value={way.drops}
            what="how many drops"
            {...BOUNDS.drops}
            onChange={(drops) => drops !== undefined && onTest({ ...test, drops })}
          />
          <NumberField
            label="Wait, s"
            value={way.waitS}
            what="the seconds"
            {...BOUNDS.dropWaitS}
            onChange={(waitS) => waitS !== undefined && onTest({ ...test, waitS })}
          />
        </Row>
      )}
      <Quiet>These are the spray test’s grades for your own eye; a laboratory uses its apparatus.</Quiet>
    </Column>
  );
}
