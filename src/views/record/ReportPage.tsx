import { PATHS, toThing, useIdHere } from '../../app/routes';
import { dayOf } from '../../core/units/day';
import { Printer } from 'lucide-react';
import { CareReport } from '../../app/CareReport';
import { useKit } from '../../app/kit';
import { dayText, whenText } from '../../app/time';
import { isEntry } from '../../core/gear';
import { KIND_WORDS } from '../../core/words';
import { Page, Quiet, Row } from '../../ui/basics';
import { NotInRecord } from '../../app/NotHere';
import { Button } from '../../ui/Button';
import { Crumbs } from '../../ui/Crumbs';

/** What one care came to, to be read and printed. */
export function ReportPage() {
  const id = useIdHere();
  const kit = useKit();
  if (!kit) return <Page aria-busy="true" />;
  const entry = (kit.log ?? []).filter(isEntry('care')).find((e) => e.id === id);
  if (!entry) return <NotInRecord what="line" />;
  const item = kit.items.find((i) => i.id === entry.itemId);
  const name = item ? (item.name ?? KIND_WORDS[item.kind]) : 'gone';
  return (
    <Page>
      <Row $between $wrap>
        <Crumbs
          trail={[{ to: PATHS.record, name: 'Record' }, ...(item ? [{ to: toThing(item.id), name: name }] : [])]}
          here={item ? whenText(entry.at) : name}
        />
        <Button look="quiet" onPress={() => window.print()}>
          <Printer size={18} aria-hidden="true" /> Print
        </Button>
      </Row>
      <h1>{name}</h1>
      <p>
        <Quiet>
          {dayText(dayOf(entry.at))}, {whenText(entry.at)}.
        </Quiet>{' '}
        {entry.verdict && <>Planned: {entry.verdict}</>}
      </p>
      <CareReport entry={entry} kit={kit} />
    </Page>
  );
}
