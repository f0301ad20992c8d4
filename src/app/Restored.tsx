import { Note } from '../ui/basics';
import { TextButton } from '../ui/Button';
import type { Draft } from './draft';

/** Says that earlier changes stand here again, and offers what is stored instead. */
export function Restored({ of }: { of: Pick<Draft<object>, 'restored' | 'beginAgain'> }) {
  if (!of.restored) return null;
  return (
    <Note>
      These are your changes from before; they are not saved yet. <TextButton onPress={of.beginAgain}>Begin again</TextButton>
    </Note>
  );
}
