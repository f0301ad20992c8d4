import { useUndosKept } from '../../app/stored';
import { useState } from 'react';
import { notify } from '../../app/session';
import { whenText } from '../../app/time';
import { takeBackKept } from '../../data/undo';
import { Empty, Page, Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { Crumbs } from '../../ui/Crumbs';
import { Said } from '../../ui/said';
import { PATHS } from '../../app/routes';

/** What was done in the last day, each to be taken back by itself, over a reload too. */
export function DonePage() {
  const done = useUndosKept();
  const [busy, setBusy] = useState(false);
  if (!done) return <Page aria-busy="true" />;
  return (
    <Page>
      <Crumbs trail={[{ to: PATHS.record, name: 'Record' }]} here="Done today" />
      <h1>{done.length === 0 ? 'Nothing was done in the last day.' : 'Take back what was done in the last day.'}</h1>
      {done.length === 0 ? (
        <Empty title="What you change stands here for a day.">
          <p>Each can be taken back by itself; what was changed since stays.</p>
        </Empty>
      ) : (
        <ul aria-label="Done in the last day">
          {done.map(({ id, at, text }) => (
            <li key={id}>
              <Row $between $wrap>
                <span>
                  <Said>{text}</Said> <Quiet>{whenText(new Date(at).toISOString())}</Quiet>
                </span>
                <TextButton
                  isDisabled={busy}
                  aria-label={`Take it back: ${text}`}
                  onPress={() => {
                    setBusy(true);
                    void takeBackKept(id)
                      .then((was) => notify(was ? `Taken back: ${was}` : 'It was taken back already.'))
                      .finally(() => setBusy(false));
                  }}
                >
                  Take it back
                </TextButton>
              </Row>
            </li>
          ))}
        </ul>
      )}
    </Page>
  );
}
