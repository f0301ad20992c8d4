import { Of, OfThing, useOfThing } from '../../app/OfThing';
import { inUnits } from '../../core/units/said';
import { Said } from '../../ui/said';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { PATHS, toCorrect, toLabels, toThing, useIdHere } from '../../app/routes';
import { useItem } from '../../app/kit';
import { planOf, workAhead } from '../../app/plan';
import { newId } from '../../app/now';
import { notify } from '../../app/session';
import { whenText } from '../../app/time';
import { isShoe, type Dimension } from '../../core/knowledge';
import type { Programme } from '../../core/document';
import { useRunOf } from '../../app/runs';
import { UnderWay } from '../../app/UnderWay';
import { hasFinish, latestInspection, lookedAt, type Inspection, type Item, type Kit } from '../../core/gear';
import { listed } from '../../core/words/text';
import { envelopeFor } from '../../core/programme';
import { FINISH_WORDS, KIND_WORDS, limitText } from '../../core/words';
import { deleteItem, saveItem } from '../../data/repo';
import { Column, FactList, Page, Quiet, Row, Rule, TwoColumns } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { Button, LinkButton } from '../../ui/Button';
import { Crumbs } from '../../ui/Crumbs';
import { Stack } from '../../ui/Stack';
import { Strip } from '../../ui/strata';
import { EditItem } from './EditItem';
import { LabelCard } from './LabelCard';
import { Lifecycle } from './Lifecycle';
import { RepellencyCard } from './RepellencyCard';
import { WorthCard } from './WorthCard';
import { Photos } from './Photos';
import { StateStrip } from './state';

import { History } from './History';
import { NextLook } from './NextLook';
import type { Envelope } from '../../core/envelope';
import type { Run } from '../../core/run';

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
/** What is done with a thing as a whole. */
function useThing(item: Item) {
  const navigate = useNavigate();
  const remove = async (): Promise<void> => {
    const undo = await deleteItem(item.id);
    notify(`${item.name ?? 'It'} and its record are deleted.`, undo);
    await navigate(PATHS.kit);
  };
  const duplicate = async (): Promise<void> => {
    const copy: Item = { ...item, id: newId('itm'), name: `${item.name ?? KIND_WORDS[item.kind]}, copy` };
    const undo = await saveItem(copy);
    notify(`${copy.name} is added.`, undo);
    await navigate(toCorrect(copy.id));
  };
  return { remove, duplicate };
}

/** What it needs now, and the way there. */
function Head({ item, seen, programme, run }: { item: Item; seen: Inspection | null; programme: Programme; run: Run | null }) {
  const says = useOfThing();
  return (
    <Row $between $wrap $top>
      <Column $gap={8} style={{ maxWidth: 640 }}>
        <h1>{run ? run.planned.verdict : seen ? programme.verdict : says('Look it over first: nobody has yet.')}</h1>
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
          <Of>Look it over</Of>
        </LinkButton>
        {seen && !run && (
          <LinkButton to={toThing(item.id, 'programme')} data-main-action>
            See the programme
          </LinkButton>
        )}
      </Row>
    </Row>
  );
}

/** "40 °C at most"; what is forbidden has no most. */
const atMost = (limit: string): string => (/\d/.test(limit) ? `${limit} at most` : limit);
function Limit({ name, of, envelope, most = false }: { name: string; of: Dimension; envelope: Envelope; most?: boolean }) {
  const says = limitText(of, envelope.bounds[of].value);
  return (
    <>
      <dt>{name}</dt>
      <dd>
        <Said>{most ? atMost(says) : says}</Said>
      </dd>
    </>
  );
}
/** What it is made of, what it stands, and where there is more to be known. */
function Made({ item, envelope }: { item: Item; envelope: Envelope }) {
  return (
    <>
      <section aria-labelledby="stack">
        <h2 id="stack" style={{ marginBottom: 12 }}>
          <Of>What it is made of, and what binds</Of>
        </h2>
        <Stack item={item} envelope={envelope} />
      </section>
      <FactList>
        <Limit name="Water" of="washMaxC" envelope={envelope} most />
        <Limit name="Bleach" of="bleach" envelope={envelope} />
        <Limit name="Iron" of="ironMaxC" envelope={envelope} />
        <Limit name="Soak" of="soakMaxMin" envelope={envelope} />
        <Limit name="Softener" of="softener" envelope={envelope} />
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
    </>
  );
}

function Actions({ kit, item, onCorrect }: { kit: Kit; item: Item; onCorrect: () => void }) {
  const { remove, duplicate } = useThing(item);
  return (
    <Row $wrap>
      <Button look="quiet" onPress={onCorrect}>
        <Of>Correct it</Of>
      </Button>
      <Button look="quiet" onPress={() => void duplicate()}>
        Duplicate
      </Button>
      <LinkButton look="quiet" to={toLabels([item.id])}>
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
  );
}

/** One thing: its layers and limits, its state, what it needs now, its record. */
export function ItemPage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  if (!kit) return <Page aria-busy="true" />;
  if (!item) {
    return <NotInKit />;
  }
  return (
    <OfThing item={item}>
      <Thing kit={kit} item={item} />
    </OfThing>
  );
}

function Thing({ kit, item }: { kit: Kit; item: Item }) {
  const [query, setQuery] = useSearchParams();
  const run = useRunOf(item.id);
  const seen = latestInspection(kit.inspections, item.id);
  const { programme } = planOf(kit, item);
  const envelope = envelopeFor(item);
  const correcting = query.get('correct') === '1';
  return (
    <Page>
      <Crumbs trail={[{ to: PATHS.kit, name: 'Kit' }]} here={item.name ?? KIND_WORDS[item.kind]}>
        <span style={{ padding: '4px 0' }}>
          {KIND_WORDS[item.kind]}
          <Said>{item.massG ? `, ${item.massG} g` : ''}</Said>
          {item.owner ? `, ${item.owner}` : ''}
        </span>
      </Crumbs>
      {run && <UnderWay run={run} />}
      <Head item={item} seen={seen} programme={programme} run={run} />
      {programme.steps.length > 0 && seen && !run && <Strip steps={programme.steps} label="Programme now" />}
      <TwoColumns $left={1.1}>
        <Column $gap={24}>
          <Made item={item} envelope={envelope} />
          <History kit={kit} item={item} />
        </Column>
        <Column $gap={24}>
          <LabelCard item={item} />
          <NextLook kit={kit} item={item} programme={programme} underWay={run !== null} />
          {hasFinish(item) && <RepellencyCard kit={kit} item={item} />}
          <Lifecycle kit={kit} item={item} />
          <WorthCard kit={kit} item={item} ahead={workAhead(kit, item)} />
          <Rule />
          <Actions kit={kit} item={item} onCorrect={() => setQuery({ correct: '1' })} />
          <Rule />
          <Photos itemId={item.id} name={item.name ?? KIND_WORDS[item.kind]} />
        </Column>
      </TwoColumns>
      {correcting && <EditItem key={item.id} item={item} onClose={() => setQuery({})} />}
    </Page>
  );
}
