import { withField } from '../../ui/fields';
import { type Faults } from '../../ui/Form';
import { useMemo, type ReactNode } from 'react';
import { notify } from '../../app/session';
import type { Equipment } from '../../core/gear';
import { saveEquipment } from '../../data/repo';
import { Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { TextField } from '../../ui/TextField';
import { useChecked } from '../../app/checked';
import { type Draft } from '../../app/draft';
import { Restored } from '../../app/Restored';
import { Form } from '../../ui/Form';

/** Faults of the list by the name of their field: `racks[2].metres` is of `metres`. */
export const own = (faults: Faults): Faults =>
  Object.fromEntries(Object.entries(faults).map(([path, text]) => [path.replace(/^\w+\[\d+\]\./, ''), text]));

type Lists = 'washers' | 'dryers' | 'racks' | 'irons';
export interface Props<T> {
  readonly of: T | null;
  readonly equipment: Equipment;
  readonly onClose: () => void;
}

/** Names that have a field in one of these sheets. */
const FIELDS = ['name', 'capacityKg', 'drumLitres', 'metres', 'oneDotC'] as const;

/** The frame of every such sheet: a name, its own fields, and saving or taking away in one list of the equipment. */
export function PlaceSheet<T extends { id: string; name?: string }>({
  title,
  list,
  was,
  sheet,
  called,
  equipment,
  fault = false,
  onClose,
  children,
}: {
  title: string;
  list: Lists;
  was: T | null;
  sheet: Draft<T>;
  /** What it is called without a name of its own. */
  called: string;
  equipment: Equipment;
  fault?: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  const { draft, setDraft, forget } = sheet;
  const { faults, keep } = useChecked();
  const here = useMemo(() => own(faults), [faults]);
  const others = (equipment[list] ?? []) as readonly { id: string }[] as readonly T[];
  const name = draft.name ?? called;
  const write = (rows: readonly T[], said: string): Promise<void> =>
    keep({ list: 'equipment', row: { [list]: rows } }, async () => {
      notify(said, await saveEquipment({ ...equipment, [list]: rows }));
      forget();
      onClose();
    });
  const save = (): Promise<void> =>
    write(was ? others.map((o) => (o.id === draft.id ? sheet.toKeep : o)) : [...others, draft], `${name} is saved.`);
  const leave = (): void => {
    forget();
    onClose();
  };
  return (
    <Sheet title={title} open wide={list === 'washers'} changed={sheet.changed} onClose={leave}>
      <Restored of={sheet} />
      <Form faults={here} fields={FIELDS} onSubmit={() => !fault && sheet.ready() && void save()}>
        <TextField
          label="Name"
          name="name"
          value={draft.name ?? ''}
          maxLength={200}
          onChange={(text) => setDraft(withField(draft, 'name', (text || undefined) as T['name']))}
        />
        {children}
        <Row $wrap>
          <Button type="submit" isDisabled={fault}>
            Save
          </Button>
          <Button look="quiet" onPress={leave}>
            Leave it
          </Button>
          {was && (
            <TextButton
              onPress={() =>
                void write(
                  others.filter((o) => o.id !== was.id),
                  `${name} is taken off the list.`,
                )
              }
            >
              Take it off the list
            </TextButton>
          )}
        </Row>
      </Form>
    </Sheet>
  );
}
