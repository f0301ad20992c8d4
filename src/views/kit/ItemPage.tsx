import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { planOf, useItem } from '../../app/kit';
import { tell } from '../../app/session';
import { newId, today } from '../../app/now';
import { dayText, whenText } from '../../app/time';
import type { Item, Kit } from '../../core/gear';
import { nextLook } from '../../core/due';
import { envelopeFor, latestInspection } from '../../core/programme';
import { AIM_WORDS, KIND_WORDS, limitText } from '../../core/words';
import { deleteItem, saveItem } from '../../data/repo';
import { Button, ButtonLink, Column, Crumbs, Empty, Note, Page, Quiet, Row, Rule } from '../../ui/basics';
import { Stack } from '../../ui/Stack';
import { Strip } from '../../ui/strata';
import { color, phone } from '../../ui/theme';
import { EditItem } from './EditItem';
import { StateStrip } from './state';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 48px;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
    gap: 28px;
  }
`;
const Facts = styled.dl`
  display: grid;
  grid-template-columns: 120px minmax(0, 1fr);
  gap: 6px 16px;
  margin: 0;
  dt {
    color: ${color.quiet};
  }
  dd {
    margin: 0;
  }
`;
const Log = styled.ul`
  li {
    border-top: 1px solid ${color.line};
    padding: 8px 0;
  }
`;

/** The label in words: process by process, so that a person can match what is printed. */
export function labelLines(item: Item): string[] {
  const label = item.label;
  if (!label) return [];
  const lines: string[] = [];
  const wash = label.wash;
  if (wash) {
    if (!wash.allowed) lines.push('Do not wash: a tub, crossed out');
    else if (wash.action === 'hand') lines.push('Wash by hand: a tub with a hand in it');
    else
      lines.push(
        `Wash at ${wash.maxC ?? '?'} °C${wash.action === 'mild' ? ', mild: a tub with one line under it' : wash.action === 'very-mild' ? ', very mild: a tub with two lines under it' : ': a tub'}`,
      );
  }
  if (label.bleach)
    lines.push(
      label.bleach === 'none'
        ? 'No bleach: a triangle, crossed out'
        : label.bleach === 'oxygen'
          ? 'Oxygen bleach only: a triangle with two lines'
          : 'Any bleach: an empty triangle',
    );
  if (label.tumble)
    lines.push(
      label.tumble === 'none'
        ? 'No tumble dryer: a square with a circle, crossed out'
        : label.tumble === 'low'
          ? 'Tumble low, exhaust up to 60 °C: one dot'
          : 'Tumble normal, exhaust up to 80 °C: two dots',
    );
  if (label.ironMaxC !== undefined)
    lines.push(label.ironMaxC === 0 ? 'Do not iron: an iron, crossed out' : `Iron up to ${label.ironMaxC} °C`);
  if (label.professional && label.professional !== 'none')
    lines.push(`Professional cleaning: a circle with ${label.professional}`);
  return lines;
}

function History({ kit, item }: { kit: Kit; item: Item }) {
  const lines = (kit.log ?? []).filter((e) => e.itemId === item.id).sort((a, b) => (a.at < b.at ? 1 : -1));
  const looks = kit.inspections.filter((i) => i.itemId === item.id).length;
  return (
    <section aria-labelledby="history">
      <h2 id="history">Record</h2>
      {lines.length === 0 ? (
        <Quiet>No care recorded yet; looked over {looks} times.</Quiet>
      ) : (
        <Log>
          {lines.slice(0, 8).map((e) => (
            <li key={e.id}>
              <strong>{e.type === 'use' ? `used ${e.hours ?? ''} h` : (e.aims ?? []).map((a) => AIM_WORDS[a]).join(', ')}</strong>{' '}
              <Quiet>{whenText(e.at)}</Quiet>
              {e.note && <p>{e.note}</p>}
            </li>
          ))}
        </Log>
      )}
    </section>
  );
}

/** One thing: its layers and limits, its state, what it needs now, its record. */
export function ItemPage() {
  const { id } = useParams();
  const { kit, item } = useItem(id);
  const navigate = useNavigate();
  const [query, setQuery] = useSearchParams();
  if (!kit) return <Page aria-busy="true" />;
  if (!item) {
    return (
      <Page>
        <Empty title="This thing is not in your kit.">
          <p>It may have been deleted or the kit replaced.</p>
          <ButtonLink to="/kit">To the kit</ButtonLink>
        </Empty>
      </Page>
    );
  }
  const seen = latestInspection(kit.inspections, item.id);
  const { programme } = planOf(kit, item);
  const envelope = envelopeFor(item);
  const care = (kit.log ?? []).filter((e) => e.type === 'care' && e.itemId === item.id).sort((a, b) => (a.at < b.at ? 1 : -1))[0];
  const due = nextLook(item, (care?.at ?? seen?.at ?? new Date().toISOString()).slice(0, 10));
  const lookOn = care?.nextDue ?? due.on;
  const correcting = query.get('correct') === '1';
  const remove = async (): Promise<void> => {
    const undo = await deleteItem(item.id);
    tell(`${item.name ?? 'It'} and its record are deleted.`, undo);
    await navigate('/kit');
  };
  const duplicate = async (): Promise<void> => {
    const copy: Item = { ...item, id: newId('itm'), name: `${item.name ?? KIND_WORDS[item.kind]}, copy` };
    const undo = await saveItem(copy);
    tell(`${copy.name} is added.`, undo);
    await navigate(`/kit/${copy.id}?correct=1`);
  };
  const label = labelLines(item);
  return (
    <Page>
      <Crumbs aria-label="Where">
        <Link to="/kit">Kit</Link> / <strong>{item.name ?? KIND_WORDS[item.kind]}</strong>
        <span>
          {KIND_WORDS[item.kind]}
          {item.massG ? `, ${item.massG} g` : ''}
          {item.owner ? `, ${item.owner}` : ''}
        </span>
      </Crumbs>
      <Row $between $wrap $top>
        <Column $gap={8} style={{ maxWidth: 640 }}>
          <h1>{seen ? programme.verdict : 'Look it over first: nobody has yet.'}</h1>
          {programme.because.length > 0 && seen && <p>Because {programme.because.slice(0, 3).join(' and ')}.</p>}
          <Row $wrap $gap={8}>
            <StateStrip item={item} seen={seen} /> <Quiet>{seen ? `looked over ${whenText(seen.at)}` : ''}</Quiet>
          </Row>
        </Column>
        <Row $wrap>
          <ButtonLink to={`/kit/${item.id}/look-over`} $quiet={!!seen} {...(seen ? {} : { 'data-main-action': true })}>
            Look it over
          </ButtonLink>
          {seen && (
            <ButtonLink to={`/kit/${item.id}/programme`} data-main-action>
              See the programme
            </ButtonLink>
          )}
        </Row>
      </Row>
      {programme.steps.length > 0 && seen && <Strip steps={programme.steps} label="Programme now" />}
      <Two>
        <Column $gap={24}>
          <section aria-labelledby="stack">
            <h2 id="stack" style={{ marginBottom: 12 }}>
              What it is made of, and what binds
            </h2>
            <Stack item={item} envelope={envelope} />
          </section>
          <Facts>
            <dt>Water</dt>
            <dd>{limitText('washMaxC', envelope.bounds.washMaxC.value)} at most</dd>
            <dt>Bleach</dt>
            <dd>{limitText('bleach', envelope.bounds.bleach.value)}</dd>
            <dt>Iron</dt>
            <dd>{limitText('ironMaxC', envelope.bounds.ironMaxC.value)}</dd>
            <dt>Soak</dt>
            <dd>{limitText('soakMaxMin', envelope.bounds.soakMaxMin.value)}</dd>
            <dt>Softener</dt>
            <dd>{limitText('softener', envelope.bounds.softener.value)}</dd>
          </Facts>
        </Column>
        <Column $gap={24}>
          <section aria-labelledby="label">
            <h2 id="label">Care label</h2>
            {label.length > 0 ? (
              <ul>
                {label.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            ) : (
              <Note>
                Missing or unreadable. I stay on the gentle side until you copy it: it sits in a side seam, or inside a shoe’s
                tongue.
              </Note>
            )}
            {(item.makerSays ?? []).map((m, n) => (
              <p key={n}>
                The maker {m.says.replace('-', ' ')} {m.about.replace('-', ' ')}
                {m.text ? `: ${m.text}` : ''}
              </p>
            ))}
          </section>
          <section aria-labelledby="next">
            <h2 id="next">Next look</h2>
            <p>
              {lookOn <= today() ? 'Overdue since ' : ''}
              <strong>{dayText(lookOn)}</strong>. {care?.dueReason ?? due.reason}
            </p>
          </section>
          <History kit={kit} item={item} />
          <Rule />
          <Row $wrap>
            <Button $quiet onClick={() => setQuery(correcting ? {} : { correct: '1' })}>
              Correct it
            </Button>
            <Button $quiet onClick={() => void duplicate()}>
              Duplicate
            </Button>
            <Button $quiet $danger onClick={() => void remove()}>
              Delete
            </Button>
          </Row>
        </Column>
      </Two>
      {correcting && <EditItem key={item.id} item={item} onClose={() => setQuery({})} />}
    </Page>
  );
}
