import { useState } from 'react';
import { Link } from 'react-router';
import { today } from '../../app/now';
import { dayText } from '../../app/time';
import { notify } from '../../app/session';
import type { Kit, Supply, SupplyPreference } from '../../core/gear';
import { SUPPLY_PREFERENCES } from '../../core/gear';
import { costPerWash, isExpired, suits, washesLeft, type ShoppingLine } from '../../core/supplies';
import { KIND_WORDS, SUPPLY_WORDS } from '../../core/words';
import { PREFERENCE_WORDS, TRAIT_WORDS } from '../../core/words/supplies';
import { savePreferences } from '../../data/repo';
import { Column, Figure, Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { AnyOf } from '../../ui/Choices';
import { color } from '../../ui/theme';
import { capital } from '../../core/words/text';
import { moneyText, Two } from './parts';
import { SupplySheet } from './SupplySheet';
import { FigureTable } from '../../ui/FigureTable';
import { Meter } from '../../ui/Meter';
import { toBench } from '../../app/routes';

function leftText(s: Supply): string {
  if (s.remainingMl !== undefined) return s.remainingMl <= 0 ? 'empty' : `${Math.round(s.remainingMl)} mL`;
  if (s.remainingCount !== undefined) return s.remainingCount <= 0 ? 'none' : `× ${s.remainingCount}`;
  return 'enough';
}
function washesText(s: Supply): string {
  const washes = washesLeft(s);
  return washes === null ? '' : washes === 1 ? '1 wash' : `${washes} washes`;
}

const nameOf = (s: Supply): string => s.name ?? capital(SUPPLY_WORDS[s.class]);
const empty = (s: Supply): boolean => washesLeft(s) === 0;

function Named({ supply: s }: { supply: Supply }) {
  const name = nameOf(s);
  return (
    <>
      <strong>{name}</strong>
      <br />
      <Quiet>
        {[
          name.toLowerCase() === SUPPLY_WORDS[s.class] ? '' : SUPPLY_WORDS[s.class],
          ...(s.traits ?? []).map((t) => TRAIT_WORDS[t]),
          s.expiresOn ? `${isExpired(s, today()) ? 'expired' : 'good until'} ${dayText(s.expiresOn)}` : '',
        ]
          .filter(Boolean)
          .join(', ')}
      </Quiet>
    </>
  );
}
function Left({ supply: s }: { supply: Supply }) {
  return (
    <>
      <Figure>{leftText(s)}</Figure>
      <br />
      {s.remainingMl !== undefined && s.sizeMl !== undefined && (
        <Meter
          label={`Left of ${nameOf(s)}`}
          value={s.remainingMl}
          of={s.sizeMl}
          text={leftText(s)}
          low={(washesLeft(s) ?? 1) < 1}
        />
      )}
    </>
  );
}
const doseText = (s: Supply): string =>
  s.labelDoseMl ? `${s.labelDoseMl} mL` : s.labelDoseRangeMl ? `${s.labelDoseRangeMl.join('–')} mL` : '';
function costText(s: Supply): string {
  const cost = costPerWash(s);
  return cost === null ? '' : moneyText(cost, s.price?.currency);
}

function Shopping({ lines, kit }: { lines: readonly ShoppingLine[]; kit: Kit }) {
  const names = new Map(kit.items.map((i) => [i.id, i.name ?? KIND_WORDS[i.kind]]));
  const copy = (): void =>
    void navigator.clipboard
      .writeText(lines.map((l) => `${SUPPLY_WORDS[l.class]}: ${l.buyMl ? `${l.buyMl} mL` : `${l.buyCount}`}`).join('\n'))
      .then(
        () => notify('The list is copied.'),
        () => notify('This browser does not let the list be copied; select it instead.'),
      );
  return (
    <>
      <ul>
        {lines.map((l) => (
          <li key={l.class} style={{ padding: '6px 0', borderTop: `1px solid ${color.line}` }}>
            <Row $between>
              <strong>{capital(SUPPLY_WORDS[l.class])}</strong>
              <Figure>{l.buyMl ? `${l.buyMl} mL` : `× ${l.buyCount}`}</Figure>
            </Row>
            <Quiet>
              {l.perhaps ? 'perhaps, if a check fails: ' : ''}
              {l.needMl ? `${l.needMl} mL in all, for ` : 'for '}
              {l.forItems
                .slice(0, 3)
                .map((id) => names.get(id) ?? id)
                .join(', ')}
              {l.forItems.length > 3 ? ` and ${l.forItems.length - 3} more` : ''}
            </Quiet>
          </li>
        ))}
      </ul>
      <Row>
        <TextButton onPress={copy}>Copy the list</TextButton>
      </Row>
    </>
  );
}

/** Bottles and aids, what is missing for the plans, and what the user would rather use. */
export function Supplies({ kit, shopping }: { kit: Kit; shopping: readonly ShoppingLine[] | null }) {
  const [open, setOpen] = useState<{ supply: Supply | null } | null>(null);
  const [only, setOnly] = useState(false);
  const prefer = kit.preferences?.prefer ?? [];
  const all = [...(kit.supplies ?? [])].sort((a, b) => SUPPLY_WORDS[a.class].localeCompare(SUPPLY_WORDS[b.class]));
  const shown = only ? all.filter((s) => prefer.every((p) => suits(s, p))) : all;
  const choose = async (ids: string[]): Promise<void> => {
    if (ids.length === 0) setOnly(false);
    notify(
      'Plans take these first, where there is a choice.',
      await savePreferences({ prefer: ids.length > 0 ? (ids as SupplyPreference[]) : undefined }),
    );
  };
  return (
    <Two $wide>
      <section aria-labelledby="supplies">
        <Row $between>
          <h2 id="supplies">
            {only ? `${shown.length} of ${all.length} suit you` : all.length === 1 ? 'One thing' : `${all.length} things`}
          </h2>
          <Button data-main-action onPress={() => setOpen({ supply: null })}>
            Add
          </Button>
        </Row>
        {all.length === 0 ? (
          <Quiet>Nothing listed. Plans put what they need on a shopping list.</Quiet>
        ) : (
          <Bottles shown={shown} setOpen={setOpen} />
        )}
      </section>
      <Column $gap={28}>
        <section aria-labelledby="shopping">
          <h2 id="shopping" style={{ marginBottom: 8 }}>
            To get for what is planned
          </h2>
          {shopping === null ? (
            <Quiet role="status">Looking through your things …</Quiet>
          ) : shopping.length === 0 ? (
            <Note tone="good">Nothing: all that is due can be done with what is here.</Note>
          ) : (
            <Shopping lines={shopping} kit={kit} />
          )}
        </section>
        <section aria-label="What you would rather use">
          <AnyOf
            label="You would rather use"
            values={prefer}
            options={SUPPLY_PREFERENCES.map((id) => ({ id, name: PREFERENCE_WORDS[id] }))}
            onChange={(ids) => void choose(ids)}
          />
          <p>
            <Quiet>Decides between two bottles of a class. It never forbids one, and never changes what a thing can stand.</Quiet>
          </p>
          {prefer.some((p) => p !== 'low-cost') && (
            <TextButton onPress={() => setOnly(!only)}>{only ? 'Show all' : 'Show only these'}</TextButton>
          )}
        </section>
        <p>
          <Quiet>
            How much of what: <Link to={toBench('dose')}>work out a dose</Link> or{' '}
            <Link to={toBench('dilution')}>mix a strength</Link>.
          </Quiet>
        </p>
      </Column>
      {open && (
        <SupplySheet
          supply={kit.supplies?.find((s) => s.id === open.supply?.id) ?? open.supply}
          currency={kit.preferences?.currency}
          onClose={() => setOpen(null)}
        />
      )}
    </Two>
  );
}

/** What there is, and for how many washes. */
function Bottles({ shown, setOpen }: { shown: Supply[]; setOpen: (next: { supply: Supply | null } | null) => void }) {
  return (
    <FigureTable
      label="Bottles and aids"
      rows={shown}
      rowKey={(s) => s.id}
      columns={[
        { id: 'what', head: 'What', cell: (s) => <Named supply={s} /> },
        { id: 'left', head: 'Left', cell: (s) => <Left supply={s} /> },
        {
          id: 'for',
          head: 'For',
          cell: (s) => <Figure style={{ color: empty(s) ? color.alarm : undefined }}>{washesText(s)}</Figure>,
        },
        { id: 'dose', head: 'Label dose', figure: true, desk: true, cell: (s) => <Figure>{doseText(s)}</Figure> },
        { id: 'cost', head: 'A wash', figure: true, desk: true, cell: (s) => <Figure>{costText(s)}</Figure> },
        {
          id: 'correct',
          head: '',
          figure: true,
          cell: (s) => (
            <TextButton aria-label={`Correct ${nameOf(s)}`} onPress={() => setOpen({ supply: s })}>
              Correct
            </TextButton>
          ),
        },
      ]}
    />
  );
}
