import { useOfThing } from '../../app/OfThing';
import { Said } from '../../ui/said';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { notify } from '../../app/session';
import { differenceOf, type Reach } from '../../core/energy/choice';
import type { Kit } from '../../core/gear';
import type { School } from '../../core/knowledge';
import { isIrrelevant, refusedBy, sameHere, type Plan } from '../../core/programme';
import { changeText, costText, stepsText } from '../../core/telling/choice';
import { WORDS } from '../../core/words';
import { chooseFor } from '../../data/repo';
import { Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { Fold } from '../../ui/Disclosure';
import { useHeld } from '../../ui/held';
import { RadioList } from '../../ui/RadioList';
import { color } from '../../ui/theme';
import { ReachSheet } from './ReachSheet';

const Question = styled.div`
  border-top: 1px solid ${color.line};
`;
const Chosen = styled.strong`
  font-weight: 650;
`;
/** Questions shown before the rest is asked for. */
const SHOWN = 3;

const optionName = (school: string, option: string): string => WORDS.options[`${school}=${option}`]?.name ?? option;

function OptionText({ plan, school, id, chosen }: { plan: Plan; school: School; id: string; chosen: boolean }) {
  const option = school.options.find((o) => o.id === id);
  const words = WORDS.options[`${school.id}=${id}`];
  const rule = option ? refusedBy(option, plan.facts) : null;
  const other = useMemo(
    () => (rule === null && !chosen ? differenceOf(plan, school.id, id) : null),
    [plan, school.id, id, rule, chosen],
  );
  if (rule !== null) return <Quiet>Refused. {WORDS.rules[rule] ?? ''}</Quiet>;
  if (!other) return <Quiet>{words?.gains}</Quiet>;
  const cost = costText(other, plan.request.kit.preferences?.currency ?? '');
  return (
    <Quiet>
      {words?.gains} {words?.risks} {stepsText(other)} {cost && <strong>{`${cost}.`}</strong>} {other.risks.join(' ')}
    </Quiet>
  );
}

const Told = styled.p`
  border-left: 4px solid ${color.finish};
  padding-left: 12px;
`;
/** One question, folded to what is chosen: opened, each answer says what it would change; a choice says here what it did change. */
function Asked({ plan, kit, school }: { plan: Plan; kit: Kit; school: School }) {
  const says = useOfThing();
  const [reach, setReach] = useState<Reach | null>(null);
  const [was, setWas] = useState<{ readonly option: string; readonly text: string } | null>(null);
  const { ref, hold } = useHeld(plan);
  const { item } = plan.request;
  const chosen = plan.choices.get(school.id) ?? school.fallback;
  const options = school.options.filter((o) => o.id === chosen || !sameHere(o, plan.facts));
  const own = item.schools?.[school.id] !== undefined;
  const strong = school.options.find((o) => o.id === chosen)?.strong === true;
  const question = WORDS.questions[school.id] ?? school.id;
  const choose = async (option: string): Promise<void> => {
    const text = changeText(differenceOf(plan, school.id, option), plan.request.kit.preferences?.currency ?? '');
    hold();
    const undo = await chooseFor([item.id], school.id, option);
    setWas({ option, text });
    notify(`${question}: ${optionName(school.id, option)}.`, undo);
  };
  return (
    <Question ref={ref}>
      <Fold
        head={question}
        more={
          <Chosen>
            <Said>{optionName(school.id, chosen)}</Said>
          </Chosen>
        }
        wide
      >
        <RadioList
          label={question}
          value={chosen}
          onChange={(id) => void choose(id)}
          options={options.map((o) => ({
            id: o.id,
            name: optionName(school.id, o.id),
            text: <OptionText plan={plan} school={school} id={o.id} chosen={o.id === chosen} />,
            disabled: o.id !== chosen && refusedBy(o, plan.facts) !== null,
          }))}
        />
        <div role="status">
          {was?.option === chosen && (
            <Told>
              <Said>{was.text}</Said>
            </Told>
          )}
        </div>
        {own && strong && <Quiet>Chosen for this thing. Such a choice is made for each thing by itself.</Quiet>}
        {own && !strong && (
          <Row $wrap $gap={16}>
            <Quiet>Chosen for this thing.</Quiet>
            <TextButton onPress={() => setReach('like')}>{says('For all like it')}</TextButton>
            <TextButton onPress={() => setReach('kit')}>For the whole kit</TextButton>
          </Row>
        )}
      </Fold>
      {reach && (
        <ReachSheet kit={kit} item={item} school={school.id} option={chosen} reach={reach} onClose={() => setReach(null)} />
      )}
    </Question>
  );
}

/** Where practice disagrees: choose in place, see the difference, and why an option is refused. */
export function Schools({ plan, kit }: { plan: Plan; kit: Kit }) {
  const [open, setOpen] = useState(false);
  // A question with one answer left is none; one that was answered for this thing stays, so that it can be taken back.
  const asked = plan.asked.filter((school) => {
    if (plan.request.item.schools?.[school.id] !== undefined) return true;
    const chosen = plan.choices.get(school.id);
    return !isIrrelevant(school, plan.facts) && school.options.some((o) => o.id !== chosen && !sameHere(o, plan.facts));
  });
  if (asked.length === 0 || plan.method === 'refer') return null;
  const shown = open ? asked : asked.slice(0, SHOWN);
  return (
    <section aria-labelledby="schools">
      <h2 id="schools">Done differently</h2>
      {shown.map((school) => (
        <Asked key={school.id} plan={plan} kit={kit} school={school} />
      ))}
      {asked.length > shown.length && (
        <Row>
          <TextButton onPress={() => setOpen(true)}>
            {asked.length - shown.length} more {asked.length - shown.length === 1 ? 'choice' : 'choices'}
          </TextButton>
        </Row>
      )}
    </section>
  );
}
