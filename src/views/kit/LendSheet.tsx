import { useState } from 'react';
import { today } from '../../app/now';
import type { Item } from '../../core/gear';
import { Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { DayField } from '../../ui/dates';
import { Form } from '../../ui/Form';
import { Sheet } from '../../ui/Sheet';
import { TextField } from '../../ui/TextField';

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
  const [back, setBack] = useState<string | undefined>(undefined);
  return (
    <Sheet title={title} open onClose={onClose}>
      <Form onSubmit={() => to.trim() !== '' && onLend({ to: to.trim(), on: today(), ...(back ? { back } : {}) })}>
        <Row $wrap $gap={16} $top>
          <TextField label="To whom?" autoFocus value={to} maxLength={200} onChange={setTo} />
          <DayField label="Wanted back on" min={today()} value={back} width={190} onChange={setBack} />
        </Row>
        <Row>
          <Button type="submit" isDisabled={to.trim() === ''}>
            {action}
          </Button>
        </Row>
      </Form>
    </Sheet>
  );
}
