import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Why } from '../../core/document';
import { entryIdOf } from '../../core/handbook';
import { basisText } from '../../core/words';
import { Quiet } from '../../ui/basics';
import { toHandbook } from '../../app/routes';

/** What a reason rests on, leading to its entry in the handbook. */
function Basis({ rule, text }: { rule: string; text: string }) {
  const entry = entryIdOf(rule);
  return <Quiet>{entry ? <Link to={toHandbook(entry)}>{text}</Link> : text}</Quiet>;
}
/** The reasons of a step, each with what it rests on. `children`: more lines. */
export function Reasons({ why, children }: { why: readonly Why[]; children?: ReactNode }) {
  return (
    <ul>
      {why.map((w, n) => (
        <li key={`${w.rule}-${n}`}>
          {w.text} <Basis rule={w.rule} text={basisText(w.basis, w.source)} />
        </li>
      ))}
      {children}
    </ul>
  );
}
