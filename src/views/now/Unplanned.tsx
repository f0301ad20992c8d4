import { type Ranked } from '../../core/due/rank';
import { saveToSend } from '../../app/sendThing';
import type { Kit } from '../../core/gear';
import { thingName } from '../../core/words';
import { Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import type { ProgrammeOutline } from '../../workers';

import { Section } from './parts';
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
