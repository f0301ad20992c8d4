import { useState } from 'react';
import { today } from '../../app/now';
import type { Item } from '../../core/gear';
import { Button, Field, Row } from '../../ui/basics';
import { Sheet } from '../../ui/Sheet';

/** To whom something is lent, and when it is wanted back. */
export function LendSheet({
  title,
  action,
  onLend,
  onClose,
}: {
  title: string;
  action: string;
  onLend: (lent: NonNullable<Item['lent']>) => void;
  onClose: () => void;
}) {
  const [to, setTo] = useState('');
  const [back, setBack] = useState('');
  return (
    <Sheet title={title} open onClose={onClose}>
      <Row $wrap $gap={16} $top>
        <Field>
          To whom?
          <input autoFocus value={to} maxLength={200} onChange={(e) => setTo(e.target.value)} />
        </Field>
        <Field>
          Wanted back on
          <input type="date" value={back} onChange={(e) => setBack(e.target.value)} />
        </Field>
      </Row>
      <Row>
        <Button disabled={to.trim() === ''} onClick={() => onLend({ to: to.trim(), on: today(), ...(back ? { back } : {}) })}>
          {action}
        </Button>
      </Row>
    </Sheet>
  );
}
