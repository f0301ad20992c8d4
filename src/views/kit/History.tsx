import { Said } from '../../ui/said';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { toLook, toRecord } from '../../app/routes';
import { dayText, whenText } from '../../app/time';
import { lineText } from '../../core/telling/line';
import { lastDays } from '../../core/telling/run';
import { type Item, type Kit } from '../../core/gear';
import { dayOf } from '../../core/units/day';
import { Quiet } from '../../ui/basics';
import { STATE_PX } from '../../ui/chart';
import { TextButton } from '../../ui/Button';
import { Disclosure } from '../../ui/Disclosure';
import { color } from '../../ui/theme';

const Log = styled.ul`
  li {
    border-top: 1px solid ${color.line};
    padding: 8px 0;
  }
`;

const StateChart = lazy(async () => ({ default: (await import('./StateChart')).StateChart }));

/** What was done to a thing, and when it was looked over. */
export function History({ kit, item }: { kit: Kit; item: Item }) {
  const [all, setAll] = useState(false);
  const lines = (kit.log ?? []).filter((e) => e.itemId === item.id).sort((a, b) => (a.at < b.at ? 1 : -1));
  const looks = kit.inspections.filter((i) => i.itemId === item.id);
  const shown = all ? lines : lines.slice(0, 6);
  const last = lastDays(kit.log ?? [], item.id).filter((l) => l.at !== null);
  return (
    <section aria-labelledby="history">
      <h2 id="history">Record</h2>
      {last.length > 0 && <p>Last {last.map((l) => `${l.name} ${whenText(l.at ?? '')}`).join(', ')}.</p>}
      {looks.length > 1 && (
        <Suspense fallback={<div aria-busy="true" style={{ height: STATE_PX }} />}>
          <StateChart kit={kit} item={item} care={lines.filter((e) => e.type === 'care')} />
        </Suspense>
      )}
      {lines.length === 0 ? (
        <Quiet>No care recorded yet; looked over {looks.length === 1 ? 'once' : `${looks.length} times`}.</Quiet>
      ) : (
        <Log>
          {shown.map((e) => (
            <li key={e.id}>
              {e.type === 'care' ? (
                <Link to={toRecord(e.id)}>
                  <strong>
                    <Said>{lineText(e, kit)}</Said>
                  </strong>
                </Link>
              ) : (
                <strong>
                  <Said>{lineText(e, kit)}</Said>
                </strong>
              )}{' '}
              <Quiet>{whenText(e.at)}</Quiet>
              {e.note && <p>{e.note}</p>}
            </li>
          ))}
        </Log>
      )}
      {lines.length > shown.length && <TextButton onPress={() => setAll(true)}>Show all {lines.length} lines</TextButton>}
      {looks.length > 0 && (
        <div className="no-print">
          <Disclosure title={`Past looks: ${looks.length}`}>
            <ul>
              {[...looks]
                .sort((a, b) => (a.at < b.at ? 1 : -1))
                .map((look) => (
                  <li key={look.id}>
                    <Link to={toLook(look.id)}>{dayText(dayOf(look.at))}</Link> <Quiet>{whenText(look.at)}</Quiet>
                  </li>
                ))}
            </ul>
          </Disclosure>
        </div>
      )}
    </section>
  );
}
