import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { notify } from '../../app/session';
import type { Reach, Reached } from '../../core/energy/choice';
import type { Item, Kit } from '../../core/gear';
import { reachedText } from '../../core/telling/choice';
import { KIND_WORDS, WORDS } from '../../core/words';
import { chooseFor, chooseForKit } from '../../data/repo';
import { plannerWorker } from '../../workers';
import { Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { color } from '../../ui/theme';

const List = styled.ul`
  li {
    display: flex;
    justify-content: space-between;
    gap: 16px;
    padding: 8px 0;
    border-top: 1px solid ${color.line};
  }
`;
interface Props {
  readonly kit: Kit;
  readonly item: Item;
  readonly school: string;
  readonly option: string;
  readonly reach: Reach;
  readonly onClose: () => void;
}

/** What a choice would change in the other things, before it is made for them. */
export function ReachSheet({ kit, item, school, option, reach, onClose }: Props) {
  const [reached, setReached] = useState<readonly Reached[] | null>(null);
  useEffect(() => {
    let stale = false;
    void plannerWorker()
      .reach({ ...kit, log: [], weighIns: [] }, item.id, school, option, reach)
      .then((found) => {
        if (!stale) setReached(found);
      });
    return () => {
      stale = true;
    };
  }, [kit, item.id, school, option, reach]);
  const name = WORDS.options[`${school}=${option}`]?.name ?? option;
  const changed = (reached ?? []).filter((r) => r.does === 'changes').map((r) => r.itemId);
  const choose = async (): Promise<void> => {
    const undo = reach === 'kit' ? await chooseForKit(school, option) : await chooseFor(changed, school, option);
    notify(reach === 'kit' ? `${name}: for the whole kit.` : `${name}: for ${changed.length} more.`, undo);
    onClose();
  };
  const things = kit.items.filter((i) => reached?.some((r) => r.itemId === i.id));
  return (
    <Sheet title={`${name}, for ${reach === 'kit' ? 'the whole kit' : 'all like it'}?`} open onClose={onClose}>
      {reached === null ? (
        <p role="status">Looking what it would change …</p>
      ) : (
        <>
          <p>
            {changed.length === 0
              ? 'As things stand now it would change nothing else.'
              : `It would change ${changed.length === 1 ? 'one thing' : `${changed.length} things`}, as they stand now:`}
            {reach === 'kit' && ' Whatever is added later takes it too, unless it has a choice of its own.'}
          </p>
          <List>
            {things.map((one) => (
              <li key={one.id}>
                <span>{one.name ?? KIND_WORDS[one.kind]}</span>
                <Quiet>{reached.filter((r) => r.itemId === one.id).map(reachedText)}</Quiet>
              </li>
            ))}
          </List>
        </>
      )}
      <Row>
        {reached !== null && (reach === 'kit' || changed.length > 0) && (
          <Button onPress={() => void choose()}>{reach === 'kit' ? 'Choose it for the kit' : 'Choose it for them too'}</Button>
        )}
        <Button look="quiet" onPress={onClose}>
          Leave the others
        </Button>
      </Row>
    </Sheet>
  );
}
