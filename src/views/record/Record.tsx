import { Said } from '../../ui/said';
import { PATHS } from '../../app/routes';
import { useKit } from '../../app/kit';
import { saveCopy } from '../../app/copy';
import { type Kit } from '../../core/gear';
import { yearText } from '../../core/telling/year';
import { yearsIn } from '../../core/year';
import { Page, Row } from '../../ui/basics';
import { Button, LinkButton } from '../../ui/Button';
import { currencyOf } from '../../app/worth';
import { Effects } from './Effects';
import { Import } from './Import';
import { YearCard, YearOnPaper } from './YearCard';
import { useRecord } from './useRecord';
import { RecordLines } from './RecordLines';
import { ThisBrowser } from './ThisBrowser';

/** What did it do, and what is next? The record, and the data in and out. */
export function Record() {
  const kit = useKit();
  if (!kit) return <Page aria-busy="true" />;
  return <Recorded kit={kit} />;
}

function Recorded({ kit }: { kit: Kit }) {
  const record = useRecord(kit);
  const { of, year, thisYear, lines, show, planning } = record;
  return (
    <Page>
      {of.cares > 0 && <YearOnPaper kit={kit} of={of} title={yearText(of, year === thisYear, currencyOf(kit))} />}
      <Row $between $wrap $top>
        <h1 aria-live="polite" style={{ maxWidth: '30em' }}>
          <Said>{lines.length === 0 ? 'No care recorded yet.' : yearText(of, year === thisYear, currencyOf(kit))}</Said>
        </h1>
        <Row $wrap>
          <Button onPress={() => void saveCopy()}>Save a copy</Button>
          <Import current={kit} />
          <LinkButton to={PATHS.season} look="quiet">
            The weeks ahead
          </LinkButton>
          <LinkButton to={PATHS.done} look="quiet">
            Done today
          </LinkButton>
        </Row>
      </Row>
      {lines.length > 0 && (
        <YearCard
          kit={kit}
          of={of}
          years={yearsIn(kit, thisYear)}
          onYear={(next) => show(next, null)}
          onMonth={(next) => show(year, next)}
        />
      )}
      {lines.length > 0 && <Effects kit={kit} />}
      <RecordLines kit={kit} record={record} />
      <ThisBrowser kit={kit} ranked={planning.state === 'busy' ? null : record.ranked} />
    </Page>
  );
}
