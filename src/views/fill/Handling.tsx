import { Said } from '../../ui/said';
import { useState } from 'react';
import { Link } from 'react-router';
import type { FillMap, Item } from '../../core/gear';
import { DRUMS, type Drum, type Levelling, migrationOf, tiesOf } from '../../core/loft';
import { DRUM_WORDS, migrationText, tieText } from '../../core/telling/loft';
import { Column, Quiet } from '../../ui/basics';
import { OneSelect } from '../../ui/Select';
import { toHandbook } from '../../app/routes';

/** What washing and drying would do to the spread, and which openings a tie is for. */
export function Handling({ item, map, levelling }: { item: Item; map: FillMap; levelling: Levelling | null }) {
  const [drum, setDrum] = useState<Drum>('one-way');
  const ties = levelling ? tiesOf(levelling.plan) : [];
  const maker = (item.makerSays ?? []).find((note) => note.about === 'tie-baffles');
  return (
    <section aria-labelledby="handling">
      <h2 id="handling" style={{ marginBottom: 8 }}>
        In the next wash and dryer
      </h2>
      <Column $gap={12}>
        <p role="status">
          <Said>{migrationText(migrationOf(map, drum), drum)}</Said>
        </p>
        <OneSelect label="Its drum turns" value={drum} options={DRUMS} words={DRUM_WORDS} onChange={(next) => setDrum(next)} />
        {ties.length > 0 && (
          <>
            <p>
              <Said>{tieText(maker?.says)}</Said>
            </p>
            <ol style={{ paddingLeft: 24, listStyle: 'decimal' }}>
              {ties.slice(0, 5).map(({ from, to, grams }) => (
                <li key={`${from} ${to}`}>
                  between {from} and {to}: <Said>{Math.round(grams)} g</Said> went through it
                </li>
              ))}
            </ol>
          </>
        )}
        <Quiet>
          How long a run of open baffles a drum heaps is from memory.{' '}
          <Link to={toHandbook('reason/tie-baffles')}>Why ties stay on through the dryer</Link>
        </Quiet>
      </Column>
    </section>
  );
}
