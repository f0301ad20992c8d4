import { useState } from 'react';
import { CurrencyField, UnitsChoice } from '../../app/KitFigures';
import { notify } from '../../app/session';
import { currencyOf } from '../../app/worth';
import type { Kit } from '../../core/gear';
import { currencyIn } from '../../core/units/money';
import { changeItems, savePreferences, saveTitle } from '../../data/repo';
import { undoAll } from '../../data/undo';
import { Column, Fieldset, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { Sheet } from '../../ui/Sheet';
import { TextField } from '../../ui/TextField';

/** The kit’s name, whose things are in it, and how figures and money are written. */
export default function AboutKit({ kit, onClose }: { kit: Kit; onClose: () => void }) {
  const owners = [...new Set(kit.items.flatMap((i) => i.owner ?? []))].sort((a, b) => a.localeCompare(b));
  const [title, setTitle] = useState(kit.title ?? '');
  const [names, setNames] = useState<Readonly<Record<string, string>>>({});
  const [currency, setCurrency] = useState(currencyOf(kit));
  const [units, setUnits] = useState<string>(kit.preferences?.units ?? 'metric');
  const renamed = Object.entries(names).filter(([was, is]) => is.trim() !== was);
  const changed =
    title.trim() !== (kit.title ?? '') ||
    renamed.length > 0 ||
    currency.trim().toUpperCase() !== currencyOf(kit) ||
    units !== (kit.preferences?.units ?? 'metric');
  const money = currencyIn(currency);
  const save = async (): Promise<void> => {
    if (!money) return;
    const undos = [];
    if (title.trim() !== (kit.title ?? '')) undos.push(await saveTitle(title));
    if (renamed.length > 0) {
      const to = new Map(renamed);
      undos.push(
        await changeItems(
          kit.items.flatMap((item) => {
            const is = item.owner === undefined ? undefined : to.get(item.owner)?.trim();
            if (is === undefined) return [];
            const { owner: _was, ...rest } = item;
            return [is ? { ...rest, owner: is } : rest];
          }),
        ),
      );
    }
    undos.push(await savePreferences({ currency: money, units: units === 'us' ? 'us' : 'metric' }));
    notify('The kit is written so from now on.', undoAll(...undos));
    onClose();
  };
  return (
    <Sheet title="This kit" open changed={changed} onClose={onClose}>
      <Form onSubmit={() => void save()}>
        <Column $gap={20}>
          <TextField label="Its name" value={title} maxLength={80} onChange={setTitle} />
          <CurrencyField value={currency} onChange={setCurrency} />
          <UnitsChoice value={units} onChange={setUnits} />
          <Fieldset>
            <legend>Whose things are in it</legend>
            {owners.length === 0 ? (
              <Quiet>Nobody’s name is written at a thing yet.</Quiet>
            ) : (
              owners.map((owner) => (
                <TextField
                  key={owner}
                  label={owner}
                  value={names[owner] ?? owner}
                  maxLength={60}
                  width={240}
                  onChange={(to) => setNames((all) => ({ ...all, [owner]: to }))}
                />
              ))
            )}
          </Fieldset>
          <Row>
            <Button type="submit">Save</Button>
          </Row>
        </Column>
      </Form>
    </Sheet>
  );
}
