import type { Kit } from '../../core/gear';
import { Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { FilePick } from '../../ui/FilePick';
import { Together } from './Together';

import { useImport } from './useImport';
import { ReadySheet, RefusedSheet } from './ImportSheets';
/** Takes a kit file in: what it holds, what of it cannot be read, and only then in place of what is here. */
export function Import({ current }: { current: Kit }) {
  const importing = useImport(current);
  const { reading, setReading, read, cancel } = importing;
  return (
    <>
      <FilePick accept={['application/json', '.json', 'application/zip', '.zip']} onFiles={([file]) => file && void read(file)}>
        Import a kit
      </FilePick>
      {reading.state === 'reading' && (
        <Row>
          <Quiet role="status">Reading {reading.name} …</Quiet>
          <Button look="quiet" onPress={cancel}>
            Cancel
          </Button>
        </Row>
      )}
      {reading.state === 'ready' && reading.together && reading.whole && (
        <Together
          {...{ reading, current }}
          together={reading.together}
          whole={reading.whole}
          onReplace={() => setReading({ ...reading, together: null })}
          onClose={cancel}
        />
      )}
      {reading.state === 'ready' && !reading.together && <ReadySheet importing={importing} reading={reading} current={current} />}
      {reading.state === 'refused' && <RefusedSheet reading={reading} importing={importing} />}
    </>
  );
}
