import { Quiet } from './basics';
import { Said } from './said';

/** Sentences one under the other, in the user's units. @param quiet what the rest of the page rests on, not what it says. */
export const SaidList = ({ lines, quiet = false }: { lines: readonly string[]; quiet?: boolean }) => (
  <ul style={{ paddingLeft: 20, marginTop: 4, listStyle: 'disc' }}>
    {lines.map((line) => (
      <li key={line}>{quiet ? <Quiet>{line}</Quiet> : <Said>{line}</Said>}</li>
    ))}
  </ul>
);
