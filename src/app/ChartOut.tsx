import type { RefObject } from 'react';
import { TextButton } from '../ui/Button';
import { saveChart } from './chartFile';
import { download } from './download';
import { notify } from './session';

async function saveFigures(name: string, rows: readonly (readonly (string | number)[])[]): Promise<void> {
  const { csvOf } = await import('../core/formats/csv');
  download(`${name}.csv`, 'text/csv', csvOf(rows));
}
/**
 * Hands a chart out as a picture, and its figures as CSV.
 * @param within what the chart is drawn in. @param rows its figures, heads first. @param words what the two are called, where a page has more than one.
 */
export function ChartOut({
  within,
  name,
  rows,
  words = ['Save the chart', 'Save its figures'],
}: {
  within: RefObject<Element | null>;
  name: string;
  rows: () => readonly (readonly (string | number)[])[];
  words?: readonly [chart: string, figures: string];
}) {
  return (
    <>
      <TextButton
        onPress={() => void saveChart(within.current, name).then((fault) => notify(fault ?? 'The chart is saved as a picture.'))}
      >
        {words[0]}
      </TextButton>
      <TextButton onPress={() => void saveFigures(name, rows())}>{words[1]}</TextButton>
    </>
  );
}
