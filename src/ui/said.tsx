import { Children, useContext, type ReactNode } from 'react';
import { keepTogether, inUnits } from '../core/units/said';
import { Units } from './units';

/** Sentences in the user's units: `say('at 30 °C')`. For what is read out, printed or given away; on a page take `Said`. */
export function useSay(): (text: string) => string {
  const system = useContext(Units);
  return (text) => inUnits(text, system);
}
const isText = (one: ReactNode): one is string | number => typeof one === 'string' || typeof one === 'number';
/** Its texts and figures in the user's units, read together as they stand side by side; what is no text stays as it is. */
export function useSaid(children: ReactNode): ReactNode {
  const system = useContext(Units);
  if (isText(children)) return keepTogether(inUnits(String(children), system));
  const out: ReactNode[] = [];
  let run: string | null = null;
  const close = (): void => {
    if (run !== null) out.push(keepTogether(inUnits(run, system)));
    run = null;
  };
  for (const one of Children.toArray(children)) {
    if (isText(one)) run = `${run ?? ''}${one}`;
    else {
      close();
      out.push(one);
    }
  }
  close();
  return out;
}
/** What is said with figures: a sentence, a line of a list. Put it inside the paragraph or cell. */
export const Said = ({ children }: { children: ReactNode }) => <>{useSaid(children)}</>;
