import { inUnits } from '../../core/units/said';
import { Said } from '../../ui/said';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { listParam, toCorrect, toLook, toRecord, toThing, useIdHere } from '../../app/routes';
import { useItem } from '../../app/kit';
import { planOf, workAhead } from '../../app/plan';
import { newId, today } from '../../app/now';
import { notify } from '../../app/session';
import { dayText, whenText } from '../../app/time';
import { usedToday } from '../../app/used';
import { isShoe } from '../../core/knowledge';
import { lineText } from '../../core/telling/line';
import { forecastText } from '../../core/telling/due';
import { lastDays } from '../../core/telling/run';
import { machineWashesAYear, rhythmOf } from '../../core/due';
import { nextEvent } from '../../core/due/forecast';
import { rankAll } from '../../core/due/rank';
import { machineWashesInYear } from '../../core/facts';
import type { Programme } from '../../core/document';
import { useRunOf } from '../../app/runs';
import { UnderWay } from '../../app/UnderWay';
import { hasFinish, latestInspection, lookedAt, type Item, type Kit } from '../../core/gear';
import { dayOf } from '../../core/units/day';
import { listed } from '../../core/words/text';
import { envelopeFor } from '../../core/programme';
import { FINISH_WORDS, KIND_WORDS, limitText } from '../../core/words';
import { deleteItem, saveItem } from '../../data/repo';
import { Column, FactList, NotInKit, Page, Quiet, Row, Rule, TwoColumns } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Crumbs } from '../../ui/Crumbs';
import { Disclosure } from '../../ui/Disclosure';
import { withField } from '../../ui/fields';
import { Stack } from '../../ui/Stack';
import { Strip } from '../../ui/strata';
import { color } from '../../ui/theme';
import { EditItem } from './EditItem';
import { LabelCard } from './LabelCard';
import { Lifecycle } from './Lifecycle';
import { RepellencyCard } from './RepellencyCard';
import { WorthCard } from './WorthCard';
import { Photos } from './Photos';
import { StateStrip } from './state';

const Log = styled.ul`
  li {
    border-top: 1px solid ${color.line};
    padding: 8px 0;
  }
`;

/** "12 baffles, 11 openings: 8 open, 3 tied". */
function openings({ fillMap }: Item): string {
  const list = fillMap?.openings ?? [];
  const states = (['open', 'tied', 'sewn'] as const)
    .map((state) => [list.filter((o) => (o.state ?? 'open') === state).length, state] as const)
    .filter(([count]) => count > 0)
    .map(([count, state]) => `${count} ${state}`);
  return `${fillMap?.baffles.length ?? 0} baffles, ${list.length} openings${states.length > 0 ? `: ${states.join(', ')}` : ''}`;
}

/** What packs it comes when it is asked for. */
const handOver = async (item: Item): Promise<void> => (await import('../../app/copy')).saveThing(item);
/** The thing as text. */
async function asMarkdown(kit: Kit, item: Item): Promise<void> {
  const [{ thingMarkdown }, { download }] = await Promise.all([import('../../core/telling/thing'), import('../../app/download')]);
  download(
    'thing.md',
    'text/markdown',
    inUnits(thingMarkdown(kit, item, envelopeFor(item).bounds), kit.preferences?.units ?? 'metric'),
  );
}
/** What is kept frozen between uses. */
const FROZEN_KINDS: ReadonlySet<Item['kind']> = new Set(['soft-flask', 'reservoir']);
const StateChart = lazy(async () => ({ default: (await import('./StateChart')).StateChart }));

function History({ kit, item }: { kit: Kit; item: Item }) {
  const [all, setAll] = useState(false);
  const lines = (kit.log ?? []).filter((e) => e.itemId === item.id).sort((a, b) => (a.at < b.at ? 1 : -1));
  const looks = kit.inspections.filter((i) => i.itemId === item.id);
  const shown = all ? lines : lines.slice(0, 6);
  const last = lastDays(kit.log ?? [], item.id).filter((l) => l.at !== null);
  return (
    <section aria-labelledby="history">
      <h2 id="history">Record</h2>
      {last.length > 0 && <p>Last {last.map((l) => `${l.name} ${whenText(l.at ?? '')}`).join(', ')}.</p>}
      {looks.length > 1 && (
        <Suspense fallback={<div style={{ height: 330 }} />}>
          <StateChart kit={kit} item={item} care={lines.filter((e) => e.type === 'care')} />
        </Suspense>
      )}
      {lines.length === 0 ? (
        <Quiet>No care recorded yet; looked over {looks.length === 1 ? 'once' : `${looks.length} times`}.</Quiet>
      ) : (
        <Log>
          {shown.map((e) => (
            <li key={e.id}>
              {e.type === 'care' ? (
                <Link to={toRecord(e.id)}>
                  <strong>
                    <Said>{lineText(e, kit)}</Said>
                  </strong>
                </Link>
              ) : (
                <strong>
                  <Said>{lineText(e, kit)}</Said>
                </strong>
              )}{' '}
              <Quiet>{whenText(e.at)}</Quiet>
              {e.note && <p>{e.note}</p>}
            </li>
          ))}
        </Log>
      )}
      {lines.length > shown.length && <TextButton onPress={() => setAll(true)}>Show all {lines.length} lines</TextButton>}
      {looks.length > 0 && (
        <div className="no-print">
          <Disclosure title={`Past looks: ${looks.length}`}>
            <ul>
              {[...looks]
                .sort((a, b) => (a.at < b.at ? 1 : -1))
                .map((look) => (
                  <li key={look.id}>
                    <Link to={toLook(look.id)}>{dayText(dayOf(look.at))}</Link> <Quiet>{whenText(look.at)}</Quiet>
                  </li>
                ))}
            </ul>
          </Disclosure>
        </div>
      )}
    </section>
  );
}

/** When it is due, and why: use first, the calendar behind it, and in time for the next outing. */
function Next({ kit, item, programme, underWay }: { kit: Kit; item: Item; programme: Programme; underWay: boolean }) {
  const now = today();
  const rhythm = rhythmOf(item);
  const ceiling = machineWashesAYear(item);
  const freeze = async (): Promise<void> => {
    const undo = await saveItem(withField(item, 'inFreezer', item.inFreezer ? undefined : true));
    notify(item.inFreezer ? 'It is out: let it thaw some minutes.' : 'It is in the freezer.', undo);
  };
  const forget = async (): Promise<void> =>
    notify('That day is forgotten.', await saveItem(withField(item, 'planned', undefined)));
  const outlines = { [item.id]: { ...programme, lookDays: rhythm.days } };
  const [row] = rankAll({ ...kit, items: [item] }, outlines, now, new Set(underWay ? [item.id] : []));
  const afterwards = `${rhythm.reason.charAt(0).toLowerCase()}${rhythm.reason.slice(1)}`;
  const said = (): ReactNode => {
    if (!row) return null;
    if (row.need === 'under-way') return <strong>It is under way.</strong>;
    if (row.planned)
      return (
        <>
          You have set <strong>{dayText(row.on)}</strong> for it.{' '}
          <TextButton onPress={() => void forget()}>Forget that day</TextButton>
        </>
      );
    if (row.forecast === null)
      return (
        <>
          <strong>{row.need === 'look' ? 'Now: nobody has looked it over yet.' : 'It needs care now.'}</strong> Afterwards:{' '}
          {afterwards}
        </>
      );
    return (
      <>
        {row.on <= now ? 'Due since ' : ''}
        <strong>{dayText(row.on)}</strong>.{' '}
        <Said>{forecastText(row.forecast, rhythm.reason, nextEvent(kit.log ?? [], now, item.id)?.name)}</Said>
      </>
    );
  };
  return (
    <section aria-labelledby="next">
      <h2 id="next">Next look</h2>
      <p>
        <Said>{said()}</Said>
      </p>
      {ceiling !== null && (
        <p>
          Machine washes in a year:{' '}
          <strong>{machineWashesInYear(item.id, latestInspection(kit.inspections, item.id), kit.log ?? [])}</strong> of {ceiling}{' '}
          that it bears.
        </p>
      )}
      <Row $wrap>
        <Button look="quiet" onPress={() => void usedToday(item)}>
          Used today
        </Button>
        {FROZEN_KINDS.has(item.kind) && (
          <Button look="quiet" onPress={() => void freeze()}>
            {item.inFreezer ? 'Take it out of the freezer' : 'It is in the freezer'}
          </Button>
        )}
      </Row>
    </section>
  );
}

/** "40 °C at most"; what is forbidden has no most. */
const atMost = (limit: string): string => (/\d/.test(limit) ? `${limit} at most` : limit);
/** One thing: its layers and limits, its state, what it needs now, its record. */
export function ItemPage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const navigate = useNavigate();
  const [query, setQuery] = useSearchParams();
  const run = useRunOf(id);
  if (!kit) return <Page aria-busy="true" />;
  if (!item) {
    return <NotInKit />;
  }
  const seen = latestInspection(kit.inspections, item.id);
  const { programme } = planOf(kit, item);
  const envelope = envelopeFor(item);
  const correcting = query.get('correct') === '1';
  const remove = async (): Promise<void> => {
    const undo = await deleteItem(item.id);
    notify(`${item.name ?? 'It'} and its record are deleted.`, undo);
    await navigate('/kit');
  };
  const duplicate = async (): Promise<void> => {
    const copy: Item = { ...item, id: newId('itm'), name: `${item.name ?? KIND_WORDS[item.kind]}, copy` };
    const undo = await saveItem(copy);
    notify(`${copy.name} is added.`, undo);
    await navigate(toCorrect(copy.id));
  };
  return (
    <Page>
      <Crumbs trail={[{ to: '/kit', name: 'Kit' }]} here={item.name ?? KIND_WORDS[item.kind]}>
        <span style={{ padding: '4px 0' }}>
          {KIND_WORDS[item.kind]}
          <Said>
            <Said>{item.massG ? `, ${item.massG} g` : ''}</Said>
          </Said>
          {item.owner ? `, ${item.owner}` : ''}
        </span>
      </Crumbs>
      {run && <UnderWay run={run} />}
      <Row $between $wrap $top>
        <Column $gap={8} style={{ maxWidth: 640 }}>
          <h1>{run ? run.planned.verdict : seen ? programme.verdict : 'Look it over first: nobody has yet.'}</h1>
          {programme.because.length > 0 && seen && !run && <p>Because {listed(programme.because.slice(0, 3))}.</p>}
          <Row $wrap $gap={8}>
            <StateStrip item={item} seen={seen} /> <Quiet>{seen ? `looked over ${whenText(lookedAt(seen))}` : ''}</Quiet>
          </Row>
        </Column>
        <Row $wrap>
          <LinkButton
            to={toThing(item.id, 'look-over')}
            look={!!seen || !!run ? 'quiet' : 'main'}
            {...(seen || run ? {} : { 'data-main-action': true })}
          >
            Look it over
          </LinkButton>
          {seen && !run && (
            <LinkButton to={toThing(item.id, 'programme')} data-main-action>
              See the programme
            </LinkButton>
          )}
        </Row>
      </Row>
      {programme.steps.length > 0 && seen && !run && <Strip steps={programme.steps} label="Programme now" />}
      <TwoColumns $left={1.1}>
        <Column $gap={24}>
          <section aria-labelledby="stack">
            <h2 id="stack" style={{ marginBottom: 12 }}>
              What it is made of, and what binds
            </h2>
            <Stack item={item} envelope={envelope} />
          </section>
          <FactList>
            <dt>Water</dt>
            <dd>
              <Said>{atMost(limitText('washMaxC', envelope.bounds.washMaxC.value))}</Said>
            </dd>
            <dt>Bleach</dt>
            <dd>
              <Said>{limitText('bleach', envelope.bounds.bleach.value)}</Said>
            </dd>
            <dt>Iron</dt>
            <dd>
              <Said>{limitText('ironMaxC', envelope.bounds.ironMaxC.value)}</Said>
            </dd>
            <dt>Soak</dt>
            <dd>
              <Said>{limitText('soakMaxMin', envelope.bounds.soakMaxMin.value)}</Said>
            </dd>
            <dt>Softener</dt>
            <dd>
              <Said>{limitText('softener', envelope.bounds.softener.value)}</Said>
            </dd>
            {item.repellency === 'finish' && (
              <>
                <dt>Finish</dt>
                <dd>{FINISH_WORDS[item.finish ?? 'unknown']}</dd>
              </>
            )}
            {isShoe(item.kind) && (
              <>
                <dt>Marks</dt>
                <dd>
                  <Link to={toThing(item.id, 'surfaces')}>Surface by surface</Link>
                </dd>
              </>
            )}
            {item.components.some((c) => c.part === 'fill' && c.material === 'down') && (
              <>
                <dt>Baffles</dt>
                <dd>
                  {item.fillMap ? `${openings(item)}. ` : ''}
                  <Link to={toThing(item.id, 'fill')}>Where its down is</Link>
                </dd>
              </>
            )}
          </FactList>
          <History kit={kit} item={item} />
        </Column>
        <Column $gap={24}>
          <LabelCard item={item} />
          <Next kit={kit} item={item} programme={programme} underWay={run !== null} />
          {hasFinish(item) && <RepellencyCard kit={kit} item={item} />}
          <Lifecycle kit={kit} item={item} />
          <WorthCard kit={kit} item={item} ahead={workAhead(kit, item)} />
          <Photos itemId={item.id} name={item.name ?? KIND_WORDS[item.kind]} />
          <Rule />
          <Row $wrap>
            <Button look="quiet" onPress={() => setQuery(correcting ? {} : { correct: '1' })}>
              Correct it
            </Button>
            <Button look="quiet" onPress={() => void duplicate()}>
              Duplicate
            </Button>
            <LinkButton look="quiet" to={`/kit/labels?ids=${listParam([item.id])}`}>
              Print a label
            </LinkButton>
            <Button look="quiet" onPress={() => void handOver(item)}>
              As a file for somebody
            </Button>
            <Button look="quiet" onPress={() => void asMarkdown(kit, item)}>
              As Markdown
            </Button>
            <Button look="danger" onPress={() => void remove()}>
              Delete
            </Button>
          </Row>
        </Column>
      </TwoColumns>
      {correcting && <EditItem key={item.id} item={item} onClose={() => setQuery({})} />}
    </Page>
  );
}
