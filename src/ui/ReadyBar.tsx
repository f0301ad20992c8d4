import styled from 'styled-components';
import { bandGround } from './strata';
import { color } from './theme';

const Bar = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(104px, 1fr));
  gap: 6px 4px;
  margin: 8px 0;
  li {
    min-width: 0;
    font-size: 14px;
    line-height: 1.25;
  }
  i {
    display: block;
    height: 14px;
    border-radius: 2px;
    margin-bottom: 3px;
    border: 1.5px solid transparent;
  }
  span {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  small {
    display: block;
    color: ${color.quiet};
    font-size: 14px;
  }
`;
export type Readiness = 'ready' | 'not-ready' | 'unseen';
const LOOK: Readonly<Record<Readiness, { readonly word: string; readonly style: React.CSSProperties }>> = {
  ready: { word: 'ready', style: { background: bandGround('finish') } },
  'not-ready': { word: 'not ready', style: { background: color.panel, borderColor: color.alarm } },
  unseen: { word: 'never looked over', style: { background: color.panel, borderColor: color.quiet, borderStyle: 'dashed' } },
};
/** What goes along, one piece a thing, and whether it is ready: filled, framed, or dashed, and said in words below. */
export function ReadyBar({
  label,
  things,
}: {
  label: string;
  things: readonly { readonly id: string; readonly name: string; readonly state: Readiness }[];
}) {
  return (
    <Bar aria-label={label}>
      {things.map(({ id, name, state }) => (
        <li key={id} title={`${name}: ${LOOK[state].word}`}>
          <i style={LOOK[state].style} />
          <span>{name}</span>
          <small>{LOOK[state].word}</small>
        </li>
      ))}
    </Bar>
  );
}
