import type { Envelope } from '../envelope';
import type { Dimension } from '../knowledge';
import { limitText, PART_WORDS } from '../words';
import { uncapital } from '../words/text';

const SAID: readonly Dimension[] = ['washMaxC', 'spinMaxRpm', 'tumble'];
const byText = (component: string): string =>
  component === 'label' || component === 'maker'
    ? component
    : uncapital((PART_WORDS as Readonly<Record<string, string>>)[component] ?? component);

/** What binds, in one line: "30 °C by the label, 800 rpm by the membrane"; empty when nothing does. */
export function standsText({ bounds }: Envelope): string {
  return SAID.flatMap((dimension) => {
    const { value, by } = bounds[dimension];
    return value === null || by === null ? [] : [`${limitText(dimension, value)} by the ${byText(by.component)}`];
  }).join(', ');
}
