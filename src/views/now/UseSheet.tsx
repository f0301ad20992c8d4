import { useState } from 'react';
import { dayOf, noonOf } from '../../core/units/day';
import { notify } from '../../app/session';
import type { Item, UseEntry } from '../../core/gear';
import { thingName } from '../../core/words';
import { saveEntry } from '../../data/repo';
import { Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { Sheet } from '../../ui/Sheet';
import { saidOf, UseFields, type UseSaid } from './UseFields';

/** More about a use that one tap has logged. */
export default function UseSheet({ item, entry, onClose }: { item: Item; entry: UseEntry; onClose: () => void }) {
  const { hours: _h, nights: _n, km: _k, weather: _w, hard: _d, place: _p, ...rest } = entry;
  const [said, setSaid] = useState<UseSaid>(() => saidOf(entry));
  const [at, setAt] = useState(entry.at);
  const save = async (): Promise<void> => {
    notify(`The use of ${thingName(item)} is recorded.`, await saveEntry({ ...rest, ...said, at }));
    onClose();
  };
  return (
    <Sheet title={`How was ${thingName(item)} used?`} open onClose={onClose}>
      <Form onSubmit={() => void save()}>
        <UseFields
          said={said}
          day={dayOf(at)}
          counts={['hours', 'nights', 'km']}
          onSaid={setSaid}
          onDay={(day) => setAt(noonOf(day))}
        />
        <Row>
          <Button type="submit">Record it</Button>
        </Row>
      </Form>
    </Sheet>
  );
}
