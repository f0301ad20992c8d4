import { proxy } from 'comlink';
import { useState } from 'react';
import styled from 'styled-components';
import { download } from '../../app/download';
import { newId, today } from '../../app/now';
import { notify } from '../../app/session';
import type { CsvResult } from '../../core/formats/csv';
import type { Item } from '../../core/gear';
import { howMany } from '../../core/words/text';
import { changeItems } from '../../data/repo';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { color } from '../../ui/theme';
import { FilePick } from '../../ui/FilePick';
import { Progress } from '../../ui/Progress';
import { BYTES_PER_MB } from '../../core/units';

const MAX_BYTES = 8_000_000;
const Rows = styled.ul`
  max-height: 40vh;
  overflow: auto;
  border-top: 1px solid ${color.line};
  li {
    padding: 6px 0;
    border-bottom: 1px solid ${color.line};
  }
`;
const STATES = { new: 'new', changed: 'changed', same: 'as it is', faulty: 'not taken' } as const;

/** Items out as CSV, and in again with a look at every row first. */
export function Csv({ items, shown }: { items: readonly Item[]; shown: readonly Item[] }) {
  const [result, setResult] = useState<CsvResult | null>(null);
  const [reading, setReading] = useState<{ done: number; of: number; end: () => void } | null>(null);
  const save = async (): Promise<void> => {
    const { itemsToCsv } = await import('../../core/formats/csv');
    download(`umbrastic-items-${today()}.csv`, 'text/csv', itemsToCsv(shown));
  };
  const read = async (file: File): Promise<void> => {
    if (file.size > MAX_BYTES) {
      setResult({ rows: [], ignored: [], fault: `The file is larger than ${MAX_BYTES / BYTES_PER_MB} MB.` });
      return;
    }
    const text = await file.text();
    const { csvWorker } = await import('../../workers');
    const worker = csvWorker();
    setReading({ done: 0, of: 1, end: worker.end });
    const report = (done: number, of: number): void => setReading({ done, of, end: worker.end });
    const asked = worker.api.read(text, items, newId('itm'), proxy(report)).finally(worker.end);
    setResult(await asked.finally(() => setReading(null)));
  };
  const stop = (): void => {
    reading?.end();
    setReading(null);
    notify('Reading was stopped. Your kit is as it was.');
  };
  const close = (): void => setResult(null);
  const taken = (result?.rows ?? []).filter((r) => r.item && r.state !== 'same');
  const take = async (): Promise<void> => {
    await (await import('../../app/copy')).snapshot('csv');
    const undo = await changeItems(taken.flatMap((r) => (r.item ? [r.item] : [])));
    notify(`${howMany(taken.length, 'row is', 'rows are')} taken into your kit.`, undo);
    close();
  };
  const faulty = (result?.rows ?? []).filter((r) => r.state === 'faulty').length;
  return (
    <Row $gap={4}>
      {shown.length > 0 && <TextButton onPress={() => void save()}>Save as CSV</TextButton>}
      <FilePick accept={['.csv', 'text/csv']} look="text" onFiles={([file]) => file && void read(file)}>
        Take from CSV
      </FilePick>
      {reading && <Progress what="Rows read" done={reading.done} of={reading.of} onStop={stop} />}
      {result && (
        <Sheet title={result.fault ? 'This file was not taken.' : 'Take these rows?'} open onClose={close}>
          {result.fault ? (
            <Note tone="alarm">{result.fault} Your kit is as it was.</Note>
          ) : (
            <>
              <p>
                {taken.length} to take, {result.rows.length - taken.length - faulty} as they are, {faulty} not taken.
              </p>
              {result.ignored.length > 0 && <Quiet>Columns that are not read: {result.ignored.join(', ')}.</Quiet>}
              <Rows>
                {result.rows.slice(0, 400).map((row) => (
                  <li key={row.line}>
                    <Quiet>line {row.line}</Quiet> <strong>{row.name}</strong> {STATES[row.state]}
                    {row.faults.map((fault) => (
                      <Note key={fault} tone="alarm">
                        {fault}
                      </Note>
                    ))}
                  </li>
                ))}
              </Rows>
              {result.rows.length > 400 && <Quiet>The first 400 of {result.rows.length} rows are shown.</Quiet>}
            </>
          )}
          <Row $wrap>
            {taken.length > 0 && <Button onPress={() => void take()}>Take {taken.length}</Button>}
            <Button look="quiet" onPress={close}>
              Leave my kit as it is
            </Button>
          </Row>
        </Sheet>
      )}
    </Row>
  );
}
