import { Of } from '../../app/OfThing';
import { useState } from 'react';
import { today } from '../../app/now';
import type { GoneWay, Item } from '../../core/gear';
import { GONE_WAYS } from '../../core/gear/vocabulary';
import { GONE_WORDS } from '../../core/words';
import { capital } from '../../core/words/text';
import { Column, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { DayField } from '../../ui/dates';
import { Form } from '../../ui/Form';
import { Sheet } from '../../ui/Sheet';
import { TextField } from '../../ui/TextField';

/** How a thing leaves for good: when, how, to whom. What it was sold for stands with what it is worth. */
export function GoneSheet({
  how: first,
  name,
  onGone,
  onClose,
}: {
  /** What is chosen when it opens. */
  how: GoneWay;
  name: string;
  onGone: (gone: { on: string } & NonNullable<Item['gone']>) => void;
  onClose: () => void;
}) {
  const [how, setHow] = useState<GoneWay>(first);
  const [on, setOn] = useState<string | undefined>(today());
  const [to, setTo] = useState('');
  const somebody = how === 'given-away' || how === 'sold';
  return (
    <Sheet title={`${name}: gone for good`} open changed={to.trim() !== ''} onClose={onClose}>
      <Form onSubmit={() => onGone({ on: on ?? today(), how, ...(somebody && to.trim() ? { to: to.trim() } : {}) })}>
        <Column $gap={20}>
          <OneOf
            label="How?"
            value={how}
            options={GONE_WAYS.map((id) => ({ id, name: capital(GONE_WORDS[id]) }))}
            onChange={(id) => setHow(GONE_WAYS.find((way) => way === id) ?? 'worn-out')}
          />
          <Row $wrap $top>
            <DayField label="On" value={on} width={190} onChange={setOn} />
            {somebody && <TextField label="To whom?" value={to} maxLength={200} width={240} onChange={setTo} />}
          </Row>
          <Quiet>
            <Of>It asks for nothing any more, and its record stays.</Of>
            {how === 'sold' && <Of> What it brought is written under what it is worth.</Of>}
          </Quiet>
          <Row>
            <Button type="submit">
              <Of>{`It is ${GONE_WORDS[how]}`}</Of>
            </Button>
          </Row>
        </Column>
      </Form>
    </Sheet>
  );
}
