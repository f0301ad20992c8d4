import { useMemo } from 'react';
import { onceFor } from '../../core/once';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { toThing } from '../../app/routes';
import { dayText, whenText } from '../../app/time';
import { byNeed, type Need, type Ranked } from '../../core/due/rank';
import { lookedAt } from '../../core/gear';
import { NEED_WORDS } from '../../core/telling/due';
import { AIM_WORDS, KIND_WORDS, thingName } from '../../core/words';
import { Quiet } from '../../ui/basics';
import { RowLink, type ThingColumn, ThingTable } from '../../ui/ThingTable';
import { color, phone } from '../../ui/theme';
import { StateStrip } from './state';

/** The table's own place on the page: the search goes down into it. */
export const THINGS = 'things';
const ROW_PX = 68;
const Name = styled(RowLink)`
  font-weight: 650;
  text-decoration: none;
  display: block;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  &:hover {
    text-decoration: underline;
  }
  ${phone} {
    white-space: normal;
    line-height: 1.2;
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
  }
`;
const Line = styled(Quiet)`
  display: block;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
`;
const NeedWord = styled.span<{ $need: Need }>`
  font-weight: ${(p) => (p.$need === 'fresh' ? 400 : 650)};
  color: ${(p) => (p.$need === 'urgent' || p.$need === 'blocked' ? color.alarm : p.$need === 'fresh' ? color.finish : color.ink)};
`;

/** On a phone the state stands under the name. */
const OnPhone = styled.div`
  display: none;
  ${phone} {
    display: block;
    padding-top: 4px;
  }
`;

type Thing = Ranked & { readonly id: string; readonly name: string };
/** The same row gives the same thing, so that the table draws only what is new. */
const thingOf = onceFor((row: Ranked): Thing => ({ ...row, id: row.item.id, name: thingName(row.item) }));
const collator = new Intl.Collator('en-GB', { numeric: true });
const byText =
  (text: (row: Thing) => string) =>
  (a: Thing, b: Thing): number =>
    collator.compare(text(a), text(b));
const needsText = ({ programme }: Thing): string =>
  programme ? programme.aims.map((a) => AIM_WORDS[a]).join(', ') || 'nothing' : '';
const worn = ({ seen }: Thing): number => (seen?.soil ?? -1) * 10 + (seen?.odour ?? 0);

const COLUMNS: readonly ThingColumn<Thing>[] = [
  {
    id: 'name',
    head: 'Thing',
    order: byText((r) => r.name),
    width: '24%',
    onPhone: 'auto',
    cell: ({ item, name, seen }) => (
      <>
        <Name to={toThing(item.id)}>{name}</Name>
        <Line>
          {[KIND_WORDS[item.kind], ...(item.tags ?? [])].join(', ')}
          {item.lent && `, with ${item.lent.to}`}
        </Line>
        <OnPhone>
          <StateStrip item={item} seen={seen} />
        </OnPhone>
      </>
    ),
  },
  {
    id: 'owner',
    head: 'Owner',
    order: byText((r) => r.item.owner ?? ''),
    width: '11%',
    onPhone: null,
    cell: (r) => r.item.owner,
  },
  {
    id: 'state',
    head: 'State',
    // The most worn first: that is what one looks for.
    order: (a, b) => worn(b) - worn(a),
    width: 'auto',
    onPhone: null,
    cell: ({ item, seen }) => <StateStrip item={item} seen={seen} />,
  },
  { id: 'needs', head: 'It needs', order: byText(needsText), width: '18%', onPhone: null, cell: needsText },
  {
    id: 'looked',
    head: 'Looked over',
    order: byText((r) => (r.seen ? lookedAt(r.seen) : '')),
    width: 124,
    onPhone: null,
    cell: ({ seen }) => <Quiet>{seen ? whenText(lookedAt(seen)) : 'never'}</Quiet>,
  },
  {
    id: 'due',
    head: 'Due',
    order: byNeed,
    width: 100,
    onPhone: 76,
    cell: ({ need, on }) => <NeedWord $need={need}>{need === 'fresh' ? dayText(on) : NEED_WORDS[need]}</NeedWord>,
  },
];

/** The kit as a table: sorted by its heads, opened by a row, chosen by boxes. */
export function KitTable({
  rows,
  chosen,
  onChoose,
}: {
  rows: readonly Ranked[];
  chosen: ReadonlySet<string>;
  onChoose: (ids: ReadonlySet<string>) => void;
}) {
  const navigate = useNavigate();
  const things = useMemo(() => rows.map(thingOf), [rows]);
  return (
    <ThingTable
      id={THINGS}
      label="Things of the kit"
      columns={COLUMNS}
      rows={things}
      start="due"
      chosen={chosen}
      rowPx={ROW_PX}
      onChoose={onChoose}
      onOpen={(id) => void navigate(toThing(id))}
    />
  );
}
