import styled from 'styled-components';
import type { LeftOut } from '../../core/formats';
import { Figure } from '../../ui/basics';

/** A list of many lines that is not higher than the sheet. */
export const Faults = styled.ul`
  font-size: 15px;
  max-height: 320px;
  overflow: auto;
  li {
    padding: 2px 0;
    overflow-wrap: anywhere;
  }
`;

/** What a faulty file loses when it is opened all the same. */
export function LeftOutList({ left }: { left: readonly LeftOut[] }) {
  return (
    <>
      <p>This cannot be read, and counts as not known:</p>
      <Faults aria-label="Left out">
        {left.map((l, n) => (
          <li key={n}>
            <strong>{l.name}</strong> {l.path === '' ? <>(all of it)</> : <Figure>{l.path}</Figure>} {l.message}
          </li>
        ))}
      </Faults>
    </>
  );
}
