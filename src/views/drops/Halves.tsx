import { Said } from '../../ui/said';
import { useMemo, useState } from 'react';
import { DROP_GRADES } from '../../app/Drops';
import { newId, nowIso } from '../../app/now';
import type { Ways } from '../../app/plan';
import { notify } from '../../app/session';
import { whenText } from '../../app/time';
import { HALVES, type FinishCare, type Half, type HalvesEntry, type Item, type Kind, type Kit } from '../../core/gear';
import { halvesOf, type HalvesRead } from '../../core/repellency/halves';
import { halfHowText, halfName, halfQuestion, halfReadText, halvesText, halvesVerdict } from '../../core/telling/drops';
import { TREATMENT_WORDS } from '../../core/telling/repellency';
import { SUPPLY_WORDS } from '../../core/words';
import { capital } from '../../core/words/text';
import { saveEntry, saveHalves } from '../../data/repo';
import { Column, Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { OneSelect } from '../../ui/Select';

/** What can be done to one half alone, and may be done to such a thing. */
const HALF_CARES = ['renew', 'heat'] as const satisfies readonly FinishCare[];
const halfCaresOf = (ways: Ways): (typeof HALF_CARES)[number][] =>
  HALF_CARES.filter((c) => (c === 'heat' ? ways.heat.possible : ways.renew.spray.length > 0));

/** Treat half, leave half: the honest comparison, kept and read later. */
export function Halves({ kit, item, ways }: { kit: Kit; item: Item; ways: Ways }) {
  const all = useMemo(() => halvesOf(kit.log ?? [], item.id), [kit.log, item.id]);
  const [beginning, setBeginning] = useState(false);
  const [reading, setReading] = useState<string | null>(null);
  return (
    <section aria-labelledby="halves" style={{ maxWidth: 760 }}>
      <h2 id="halves">Treat half, leave half</h2>
      <Column $gap={16}>
        {all.length === 0 && !beginning && (
          <p style={{ margin: 0 }}>
            Whether a product or the heat does anything for it, it tells best itself: one half treated, the other left.
          </p>
        )}
        {all.map((one) => (
          <article key={one.entry.id} aria-label={`Halves, ${whenText(one.entry.at)}`}>
            <Column $gap={6}>
              <span>
                <Quiet>{capital(whenText(one.entry.at))}.</Quiet>{' '}
                <Said>{halvesText(one.entry, kit.supplies ?? [], item.kind)}</Said>
              </span>
              {one.readings.map((r) => (
                <span key={r.at}>
                  <Said>{halfReadText(r)}</Said>
                </span>
              ))}
              <strong>
                <Said>{halvesVerdict(one)}</Said>
              </strong>
              {reading === one.entry.id ? (
                <Read one={one} kind={item.kind} onEnd={() => setReading(null)} />
              ) : (
                <TextButton style={{ alignSelf: 'flex-start' }} onPress={() => setReading(one.entry.id)}>
                  Read both halves now
                </TextButton>
              )}
            </Column>
          </article>
        ))}
        {beginning ? (
          <Begin kit={kit} item={item} ways={ways} onEnd={() => setBeginning(false)} />
        ) : (
          halfCaresOf(ways).length > 0 && (
            <Button look="quiet" style={{ alignSelf: 'flex-start' }} onPress={() => setBeginning(true)}>
              Treat one half
            </Button>
          )
        )}
      </Column>
    </section>
  );
}

function Begin({ kit, item, ways, onEnd }: { kit: Kit; item: Item; ways: Ways; onEnd: () => void }) {
  const [half, setHalf] = useState<Half>('left');
  const [care, setCare] = useState<(typeof HALF_CARES)[number]>('renew');
  const bottles = (kit.supplies ?? []).filter((s) => s.class === 'spray-proofer' && s.remainingMl !== 0);
  const [bottleId, setBottleId] = useState(bottles[0]?.id);
  const cares = halfCaresOf(ways);
  const chosen = cares.find((c) => c === care) ?? cares[0];
  const ml = Math.max(1, Math.round(ways.renew.spray.reduce((sum, z) => sum + z.ml, 0) / 2));
  const bottle = bottles.find((s) => s.id === bottleId);
  const [here, other] = [half, half === 'left' ? 'right' : 'left'].map((h) => halfName(item.kind, h as Half)) as [string, string];
  if (!chosen) return null;
  const { cautions } = ways[chosen];
  const keep = async (): Promise<void> => {
    const entry: HalvesEntry = {
      id: newId('log'),
      type: 'halves',
      itemId: item.id,
      at: nowIso(),
      half,
      treatment: chosen,
      ...(chosen === 'renew' ? { supplies: [{ class: 'spray-proofer', ml, ...(bottle ? { supplyId: bottle.id } : {}) }] } : {}),
    };
    const undo = await saveHalves(entry);
    onEnd();
    notify('The halves are written down; read them after some wear.', undo);
  };
  return (
    <Column $gap={16}>
      {cautions.map((c) => (
        <Note key={c} tone="alarm">
          {c}
        </Note>
      ))}
      <OneOf
        label={halfQuestion(item.kind)}
        value={half}
        options={HALVES.map((id) => ({ id, name: capital(id) }))}
        onChange={(id) => setHalf(id === 'right' ? 'right' : 'left')}
      />
      <OneOf
        label="With what?"
        value={chosen}
        options={cares.map((id) => ({
          id,
          name: TREATMENT_WORDS[id],
          ...(id === 'renew' ? { hint: `${ml} mL, half of all` } : {}),
        }))}
        onChange={(id) => setCare(id === 'heat' ? 'heat' : 'renew')}
      />
      {chosen === 'renew' && bottles.length > 0 && (
        <OneSelect
          label="Bottle"
          width={300}
          value={bottleId}
          options={bottles.map((s) => s.id)}
          words={Object.fromEntries(bottles.map((s) => [s.id, s.name ?? SUPPLY_WORDS['spray-proofer']]))}
          onChange={setBottleId}
        />
      )}
      <p style={{ margin: 0 }}>
        <Said>{halfHowText(chosen, here, other, ways.renew.warms)}</Said>
      </p>
      <Row $wrap>
        <Button onPress={() => void keep()}>The {here} is treated</Button>
        <TextButton onPress={onEnd}>Not now</TextButton>
      </Row>
    </Column>
  );
}

function Read({ one, kind, onEnd }: { one: HalvesRead; kind: Kind; onEnd: () => void }) {
  const [treated, setTreated] = useState<string | null>(null);
  const [untreated, setUntreated] = useState<string | null>(null);
  const { entry } = one;
  const keep = async (): Promise<void> => {
    const seen = { at: nowIso(), treated: Number(treated), untreated: Number(untreated) };
    const undo = await saveEntry({ ...entry, readings: [...(entry.readings ?? []), seen] });
    onEnd();
    notify('Both halves are read.', undo);
  };
  const other = entry.half === 'left' ? 'right' : 'left';
  return (
    <Column $gap={16}>
      <p style={{ margin: 0 }}>The same drops on the same place of both halves, from the same height, for as long.</p>
      <OneOf
        label={`${capital(halfName(kind, entry.half))}, treated`}
        value={treated}
        options={DROP_GRADES}
        onChange={setTreated}
      />
      <OneOf
        label={`${capital(halfName(kind, other))}, left as it was`}
        value={untreated}
        options={DROP_GRADES}
        onChange={setUntreated}
      />
      <Row $wrap>
        <Button isDisabled={treated === null || untreated === null} onPress={() => void keep()}>
          Keep the reading
        </Button>
        <TextButton onPress={onEnd}>Not now</TextButton>
      </Row>
    </Column>
  );
}
