import { Said } from '../ui/said';
import { fieldText, valueText } from '../core/words/text';
import type { Clash } from '../data/sheets';
import { Note, Row } from '../ui/basics';
import { TextButton } from '../ui/Button';
import { reachable } from '../ui/focus';
import { CLASHES, type Draft } from './draft';

/** Says what stands here that is not saved: earlier changes, and what was changed elsewhere meanwhile. */
export function Restored({ of }: { of: Pick<Draft<object>, 'restored' | 'beginAgain' | 'clashes' | 'settle'> }) {
  return (
    <>
      {of.restored && (
        <Note>
          These are your changes from before; they are not saved yet. <TextButton onPress={of.beginAgain}>Begin again</TextButton>
        </Note>
      )}
      {of.clashes.length > 0 && (
        <div {...reachable(CLASHES)} aria-live="polite">
          {of.clashes.map((clash) => (
            <Meanwhile key={clash.field} clash={clash} onSettle={(as) => of.settle(clash, as)} />
          ))}
        </div>
      )}
    </>
  );
}

const isPlainList = (value: unknown): value is readonly unknown[] =>
  Array.isArray(value) && value.every((entry) => typeof entry !== 'object');

function Meanwhile({ clash, onSettle }: { clash: Clash; onSettle: (as: unknown) => void }) {
  const { field, mine, theirs } = clash;
  const [own, other] = [valueText(mine), valueText(theirs)];
  return (
    <Note tone="alarm">
      <strong>
        Changed in another tab too: <Said>{fieldText(field)}</Said>.
      </strong>{' '}
      {own !== null && other !== null && `Here: ${own}. There: ${other}. `}Choose before you save.
      <Row $wrap>
        <TextButton onPress={() => onSettle(mine)}>Keep mine</TextButton>
        <TextButton onPress={() => onSettle(theirs)}>Take theirs</TextButton>
        {isPlainList(mine) && isPlainList(theirs) && (
          <TextButton onPress={() => onSettle([...new Set([...theirs, ...mine])])}>Both</TextButton>
        )}
      </Row>
    </Note>
  );
}
