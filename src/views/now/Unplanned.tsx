import { type Ranked } from '../../core/due/rank';
import { download } from '../../app/download';
import type { Item, Kit } from '../../core/gear';
import { thingName } from '../../core/words';
import { Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import type { ProgrammeOutline } from '../../workers';

import { Section } from './parts';
/** One thing with what is recorded of it and why it could not be planned, as a file. */
function saveToSend(kit: Kit, item: Item, failed: string): void {
  const own = <R extends { readonly itemId?: string }>(rows: readonly R[] = []): R[] => rows.filter((r) => r.itemId === item.id);
  const { format, version, equipment, preferences } = kit;
  const part = {
    format,
    version,
    items: [item],
    inspections: own(kit.inspections),
    log: own(kit.log),
    equipment,
    preferences,
    failed,
  };
  download('umbrastic-could-not-be-planned.json', 'application/json', JSON.stringify(part, null, 2));
}
/** What could not be planned, and a way to send it. */
export function Unplanned({ kit, unplanned }: { kit: Kit; unplanned: readonly Ranked<ProgrammeOutline>[] }) {
  if (unplanned.length === 0) return null;
  return (
    <Section aria-labelledby="unplanned">
      <h2 id="unplanned">Could not be planned</h2>
      <p>
        Whether these need care is not known. Save one to send it to whoever looks after this program; the file holds that thing
        with its record, your machines and your settings.
      </p>
      {unplanned.map(({ item, programme }) => (
        <Row key={item.id} $wrap>
          <strong>{thingName(item)}</strong>
          <TextButton onPress={() => saveToSend(kit, item, programme?.failed ?? '')}>Save it to send</TextButton>
        </Row>
      ))}
    </Section>
  );
}
