import { handsText } from '../../core/telling/season';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { toThing } from '../../app/routes';
import { type Ranked } from '../../core/due/rank';
import { dayText } from '../../app/time';
import { minutesText } from '../../core/units';
import { KIND_WORDS, thingName } from '../../core/words';
import { Quiet, Row } from '../../ui/basics';
import { LinkButton, TextButton } from '../../ui/Button';
import type { ProgrammeOutline } from '../../workers';
import { Progress } from '../../ui/Progress';
import { Strip } from '../../ui/strata';
import { color, phone } from '../../ui/theme';

import { Section } from './parts';
import { handsOf, type NowHere, type Sorted } from './useNow';
const NeedRow = styled(Link)`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 220px 150px;
  gap: 8px 20px;
  align-items: center;
  padding: 12px 0;
  border-top: 1px solid ${color.line};
  text-decoration: none;
  &:hover strong {
    text-decoration: underline;
  }
  ${phone} {
    grid-template-columns: minmax(0, 1fr) auto;
    > :nth-child(2) {
      grid-row: 2;
      grid-column: 1 / -1;
    }
  }
`;
const Verdict = styled.span`
  font-size: 18px;
  display: block;
  line-height: 1.35;
`;
const handsOfAll = (rows: readonly Ranked<ProgrammeOutline>[]): string =>
  handsText(rows.reduce((sum, r) => sum + handsOf(r.programme), 0));
const Rest = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(340px, 1fr));
  column-gap: 32px;
  li {
    border-top: 1px solid ${color.line};
    padding: 8px 0;
    min-height: 44px;
    display: flex;
    justify-content: space-between;
    gap: 12px;
    min-width: 0;
    /* A name may be one long word. */
    > :first-child {
      min-width: 0;
      overflow-wrap: anywhere;
    }
  }
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
/** What can wait, a line each: its verdict and the minutes. */
function CanWait({ ranked }: { ranked: readonly Ranked<ProgrammeOutline>[] }) {
  return (
    <Rest>
      {ranked.map(({ item, programme }) => (
        <li key={item.id}>
          <span>
            <Link to={toThing(item.id, 'programme')}>{thingName(item)}</Link> <Quiet>{programme?.verdict}</Quiet>
          </span>
          <Quiet style={{ whiteSpace: 'nowrap' }}>{minutesText(handsOf(programme))}</Quiet>
        </li>
      ))}
    </Rest>
  );
}

function Needs({ ranked }: { ranked: readonly Ranked<ProgrammeOutline>[] }) {
  return (
    <div>
      {ranked.map(({ item, programme }) => (
        <NeedRow key={item.id} to={toThing(item.id, 'programme')}>
          <span>
            <Verdict>
              <strong>{item.name ?? KIND_WORDS[item.kind]}</strong>
            </Verdict>
            <span>{programme?.verdict}</span> <Quiet>{programme?.because[0] ? `because ${programme.because[0]}` : ''}</Quiet>
          </span>
          <Strip steps={programme?.steps ?? []} small label="Programme" />
          <Quiet style={{ textAlign: 'right', whiteSpace: 'nowrap' }}>{minutesText(handsOf(programme))} of your time</Quiet>
        </NeedRow>
      ))}
    </div>
  );
}
/** As many of the rest as are shown before "Show all". */
const FEW = 8;
/** What can wait. */
function Waiting({ rest }: { rest: Sorted['rest'] }) {
  const [all, setAll] = useState(false);
  return (
    <>
      <Row $between $wrap>
        <h2>
          Can wait: {rest.length === 1 ? 'one thing' : `${rest.length} things`}, {handsOfAll(rest)} of your time
        </h2>
        {rest.length > FEW && (
          <TextButton aria-expanded={all} onPress={() => setAll(!all)}>
            {all ? 'Show fewer' : `Show all ${rest.length}`}
          </TextButton>
        )}
      </Row>
      <CanWait ranked={all ? rest : rest.slice(0, FEW)} />
    </>
  );
}
/** What needs care today, and what can wait. */
export function NeedsCare({ sorted: { needs, shown, rest }, planning }: Pick<NowHere, 'sorted' | 'planning'>) {
  if (needs.length === 0) return null;
  return (
    <Section aria-labelledby="needs">
      <h2 id="needs">Needs care today: {handsOfAll(shown)} of your time</h2>
      <Needs ranked={shown} />
      {planning.state === 'busy' && (
        <Progress what="Looking through them" done={planning.done} of={planning.of} onStop={planning.stop} />
      )}
      {rest.length > 0 && <Waiting rest={rest} />}
    </Section>
  );
}
export function Later({ later }: { later: Sorted['later'] }) {
  if (later.length === 0) return null;
  return (
    <Section aria-labelledby="later">
      <h2 id="later">Set for a later day</h2>
      <ul>
        {later.map(({ item, on }) => (
          <li key={item.id} style={{ padding: '6px 0' }}>
            <Link to={toThing(item.id, 'programme')}>{thingName(item)}</Link> <Quiet>{dayText(on)}</Quiet>
          </li>
        ))}
      </ul>
    </Section>
  );
}
export function Elsewhere({ elsewhere }: { elsewhere: Sorted['elsewhere'] }) {
  if (elsewhere.length === 0) return null;
  return (
    <Section aria-labelledby="elsewhere">
      <h2 id="elsewhere">Not to be done at home</h2>
      <Needs ranked={elsewhere} />
    </Section>
  );
}
export function Looks({ looks }: { looks: Sorted['looks'] }) {
  if (looks.length === 0) return null;
  return (
    <Section aria-labelledby="looks">
      <h2 id="looks">Time to look them over</h2>
      <Row $wrap>
        {looks.slice(0, 12).map(({ item }) => (
          <LinkButton key={item.id} named look="quiet" to={toThing(item.id, 'look-over')}>
            {item.name ?? KIND_WORDS[item.kind]}
          </LinkButton>
        ))}
      </Row>
    </Section>
  );
}
