import type { Kit } from '../../core/gear';
import { thingName } from '../../core/words';
import type { DayWish } from '../../core/washday';
import { Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { ComboBox } from '../../ui/ComboBox';
import { namesIn } from './parts';

/** Which things; the answer to an empty day. */
export function Choose({ kit, wish, onChange }: { kit: Kit; wish: DayWish; onChange: (next: DayWish, said: string) => void }) {
  const nameOf = namesIn(kit);
  const left = kit.items.filter((i) => !wish.items.includes(i.id) && !i.retiredOn && !i.archivedOn);
  return (
    <section aria-label="Things of the day">
      <h2>Things of the day</h2>
      <ComboBox
        label="Add a thing"
        value={null}
        clears
        options={left.map((i) => ({ id: i.id, name: thingName(i), also: `${i.owner ?? ''} ${i.kind}` }))}
        onChange={(id) => id && onChange({ ...wish, items: [...wish.items, id] }, `${nameOf(id)} is in the day.`)}
      />
      <ul>
        {wish.items.map((id) => (
          <li key={id}>
            <Row $between>
              <span>{nameOf(id)}</span>
              <TextButton
                aria-label={`Leave out ${nameOf(id)}`}
                onPress={() =>
                  onChange({ ...wish, items: wish.items.filter((one) => one !== id) }, `${nameOf(id)} is out of the day.`)
                }
              >
                Leave out
              </TextButton>
            </Row>
          </li>
        ))}
      </ul>
    </section>
  );
}
