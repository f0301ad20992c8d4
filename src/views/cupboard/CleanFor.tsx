import { useState } from 'react';
import { Link } from 'react-router';
import { toThing } from '../../app/routes';
import { planOf } from '../../app/plan';
import { today } from '../../app/now';
import type { Item, Kit } from '../../core/gear';
import { cleanEnough, type CleanVerdict, type LoadAsks } from '../../core/upkeep';
import { thingName, WASHER_WORDS } from '../../core/words';
import { CLEAN_WORDS } from '../../core/telling/clean';
import { Note, Quiet } from '../../ui/basics';
import { ComboBox } from '../../ui/ComboBox';

const SAYS: Record<CleanVerdict['verdict'], string> = {
  clean: 'is clean enough',
  better: 'will do, but an empty hot cycle first is wiser',
  purge: 'wants a purge first',
  rinse: 'must be rinsed out first',
};

function asksOf(kit: Kit, item: Item): LoadAsks {
  const { plan } = planOf(kit, item);
  return {
    sensitive: plan.facts.has('residue-sensitive'),
    scentFree: plan.facts.has('mark:scent-critical'),
    coloured: item.colour?.class !== 'white',
  };
}

/** Is it clean enough for this load? Asked of every machine and bath, with the reason. */
export function CleanFor({ kit }: { kit: Kit }) {
  const items = kit.items.filter((i) => !i.archivedOn && !i.retiredOn);
  const [id, setId] = useState(items[0]?.id ?? '');
  const item = items.find((i) => i.id === id);
  const asks = item && asksOf(kit, item);
  return (
    <section aria-labelledby="clean-for">
      <h2 id="clean-for">Clean enough for …</h2>
      <div style={{ marginTop: 8 }}>
        <ComboBox
          label="this load?"
          value={id}
          options={items.map((i) => ({ id: i.id, name: thingName(i), ...(i.owner ? { also: i.owner } : {}) }))}
          onChange={(next) => next !== null && setId(next)}
        />
      </div>
      <div aria-live="polite" style={{ marginTop: 8, display: 'flex', flexDirection: 'column', gap: 8 }}>
        {asks &&
          (kit.equipment?.washers ?? []).map((w) => {
            const { verdict, reasons } = cleanEnough(w, asks, kit.log ?? [], today());
            return (
              <Note key={w.id} tone={verdict === 'clean' ? 'good' : verdict === 'better' ? 'quiet' : 'alarm'}>
                <strong>{w.name ?? WASHER_WORDS[w.kind]}</strong> {SAYS[verdict]}.{' '}
                <Quiet>{reasons.map((r) => CLEAN_WORDS[r]).join(' ')}</Quiet>
              </Note>
            );
          })}
      </div>
      {item && (
        <p style={{ marginTop: 4 }}>
          <Quiet>
            Whether it may go in at all is in <Link to={toThing(item.id, 'programme')}>its programme</Link>.
          </Quiet>
        </p>
      )}
    </section>
  );
}
