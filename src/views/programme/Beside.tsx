import { useOfThing } from '../../app/OfThing';
import { type Item, type Kit } from '../../core/gear';
import styled from 'styled-components';
import { type Planned } from '../../app/plan';
import { newId, nowMs, today } from '../../app/now';
import { dayText } from '../../app/time';
import { isExpired } from '../../core/supplies';
import { type Programme } from '../../core/document';
import { standsText } from '../../core/telling/stands';
import { limitText, SUPPLY_WORDS, thingName } from '../../core/words';
import { Column, Figure, Note, Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { LimitRuler } from '../../ui/LimitRuler';
import { Stack } from '../../ui/Stack';
import { color } from '../../ui/theme';
import { handOverMarkdown, type HandOver } from '../../core/telling/hand-over';
import { download } from '../../app/download';
import { OwnFigures } from './OwnFigures';
import { Schools } from './Schools';
import { TakesCard } from './TakesCard';
import { Fold } from '../../ui/Disclosure';

/** The answer and what can be done from here stay in sight, however far down one reads; on a phone *Start* lies under the thumb. */
interface OfProgramme {
  readonly kit: Kit;
  readonly item: Item;
  readonly planned: Planned;
  /** As it is shown, in the user's units. */
  readonly programme: Programme;
}
const Aside = styled.aside`
  display: flex;
  flex-direction: column;
  gap: 24px;
  h2 {
    margin-bottom: 6px;
  }
`;
/** What is asked for seldom, a line each. */
const Folded = styled.div`
  > * {
    border-top: 1px solid ${color.line};
  }
  > :last-child {
    border-bottom: 1px solid ${color.line};
  }
  li {
    padding: 3px 0;
  }
`;
function Rulers({ planned }: { planned: Planned }) {
  const { plan, programme } = planned;
  const wet = programme.steps.find((s) => s.phase === 'wash');
  const hot = programme.steps.find((s) => s.settings.heat !== undefined);
  const spun = programme.steps.find((s) => s.settings.spinRpm !== undefined);
  return (
    <div>
      {wet?.settings.tempC !== undefined && (
        <LimitRuler envelope={plan.envelope} dimension="washMaxC" chosen={wet.settings.tempC} />
      )}
      {wet?.settings.action !== undefined && (
        <LimitRuler envelope={plan.envelope} dimension="action" chosen={wet.settings.action} />
      )}
      {spun?.settings.spinRpm !== undefined && (
        <LimitRuler envelope={plan.envelope} dimension="spinMaxRpm" chosen={spun.settings.spinRpm} />
      )}
      <LimitRuler
        envelope={plan.envelope}
        dimension="tumble"
        chosen={hot?.settings.heat === 'medium' ? 'normal' : (hot?.settings.heat ?? 'none')}
      />
    </div>
  );
}

/** The programme with its thing, as a file that another Umbrastic carries out. */
async function asFile(programme: Programme, item: Item): Promise<void> {
  const [{ saveRunFor }, { startRun }] = await Promise.all([import('../../app/copy'), import('../../core/run')]);
  await saveRunFor(startRun(programme, thingName(item), newId('run'), nowMs()));
}

const Lines = ({ of }: { of: readonly string[] }) => (
  <ul>
    {of.map((line) => (
      <li key={line}>{line}</li>
    ))}
  </ul>
);
/** What is not at hand, is too old, or goes past the usual. */
function Warned({ kit, programme }: Pick<OfProgramme, 'kit' | 'programme'>) {
  const meant = new Set(programme.steps.map((s) => s.settings.supplyId));
  const expired = (kit.supplies ?? []).filter((s) => meant.has(s.id) && isExpired(s, today()));
  return (
    <>
      {programme.shopping.length > 0 && (
        <section aria-labelledby="shop">
          <h2 id="shop">To get first</h2>
          <ul>
            {programme.shopping.map((s) => (
              <li key={s.class}>
                {SUPPLY_WORDS[s.class]} <Figure>{s.needMl ? `${s.needMl} mL` : s.needCount ? `× ${s.needCount}` : ''}</Figure>{' '}
                {s.perhaps && <Quiet>perhaps, if a check fails</Quiet>}
              </li>
            ))}
          </ul>
        </section>
      )}
      {expired.map((s) => (
        <Note key={s.id} tone="alarm">
          {s.name ?? SUPPLY_WORDS[s.class]} expired on {dayText(s.expiresOn ?? '')}. Look at its label before you use it.
        </Note>
      ))}
      {programme.envelope.waived
        .filter((w, n, list) => list.findIndex((other) => other.limit === w.limit) === n)
        .map((w) => (
          <Note key={w.limit} tone="alarm">
            {w.by === 'label' ? 'The label' : w.by === 'maker' ? 'The maker' : 'Your choice'} goes past the usual limit, from{' '}
            {limitText(w.limit, w.from)} to {limitText(w.limit, w.to)}. {w.risk}
          </Note>
        ))}
    </>
  );
}
/** A list that is folded away under its name and its length. */
function FoldedLines({ name, of }: { name: string; of: readonly string[] }) {
  if (of.length === 0) return null;
  return (
    <Fold head={name} more={<Quiet>: {of.length}</Quiet>}>
      <Lines of={of} />
    </Fold>
  );
}
function HandOn({
  planned,
  item,
  startable,
  handed,
}: Pick<OfProgramme, 'planned' | 'item'> & { startable: boolean; handed: HandOver }) {
  return (
    <Fold head="Hand it to somebody">
      <Row $wrap>
        <TextButton onPress={() => window.print()}>On paper, one or two sheets</TextButton>
        <TextButton onPress={() => download('programme.md', 'text/markdown', handOverMarkdown(handed))}>As Markdown</TextButton>
        {startable && (
          <TextButton onPress={() => void asFile(planned.programme, item)}>As a file, to carry out in their Umbrastic</TextButton>
        )}
      </Row>
    </Fold>
  );
}
/** Choices, limits, what is refused and taken for granted, and ways to hand it on. */
export function Beside({ kit, item, planned, programme, handed }: OfProgramme & { handed: HandOver }) {
  const says = useOfThing();
  const { plan } = planned;
  const stands = standsText(plan.envelope);
  const always = programme.steps.some((s) => s.when === 'always');
  return (
    <Aside>
      <Warned kit={kit} programme={programme} />
      <Schools plan={plan} kit={kit} />
      <Folded>
        <Fold head={says('What it can stand')} more={stands && <Quiet>: {stands}</Quiet>}>
          <Column>
            <Stack item={item} envelope={plan.envelope} />
            <h3>Try another setting</h3>
            <Rulers planned={planned} />
          </Column>
        </Fold>
        <FoldedLines name="What is refused, and why" of={programme.blocked.map((b) => b.text)} />
        {programme.wouldChange.length > 0 && always && (
          <Fold head="What would change this answer">
            <Lines of={programme.wouldChange} />
          </Fold>
        )}
        <FoldedLines name="What is taken for granted" of={programme.assumptions} />
        <TakesCard plan={plan} kit={kit} />
        <OwnFigures item={item} />
        <HandOn planned={planned} item={item} startable={always} handed={handed} />
      </Folded>
    </Aside>
  );
}
