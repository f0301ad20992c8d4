import type { Repellency } from '../core/repellency';
import { helpText } from '../core/telling/repellency';
import { Note } from '../ui/basics';
import { Said } from '../ui/said';

/** What is likely to bring its repellency back; loud where nothing of that sort will. */
export function Helps({ of, can, leaking }: { of: Repellency; can: Parameters<typeof helpText>[1]; leaking: boolean }) {
  return of.worn || leaking ? (
    <Note tone="alarm">{helpText(of, can, leaking)}</Note>
  ) : (
    <p>
      <Said>{helpText(of, can)}</Said>
    </p>
  );
}
