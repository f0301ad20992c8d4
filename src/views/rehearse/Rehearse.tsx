import { Of, OfThing, useOfThing } from '../../app/OfThing';
import { Said } from '../../ui/said';
import { Link } from 'react-router';
import styled from 'styled-components';
import { toThing, useIdHere } from '../../app/routes';
import { useItem } from '../../app/kit';
import { UnderWayOf } from '../../app/UnderWay';
import { type Setup } from '../../core/rehearse';
import { KIND_WORDS } from '../../core/words';
import { outcomeText, riskText } from '../../core/telling/rehearse';
import { Column, Note, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { InTurn } from '../../ui/InTurn';
import { phone } from '../../ui/theme';
import { Chosen } from './Chosen';
import { Debriefed } from './Lesson';
import { reachable } from '../../ui/focus';

import { type Rehearsing, useRehearse } from './useRehearse';
import { Outcome } from './Outcome';
import type { Item, Kit } from '../../core/gear';
import { ThingCrumbs } from '../../app/ThingCrumbs';

const Answer = styled.h1`
  outline: none;
  font-size: 32px;
  max-width: 24em;
  ${phone} {
    font-size: 26px;
  }
`;
/** A programme run forward in simulated time, with other choices beside it, and as a lesson with a goal. */
export function Rehearse() {
  const { kit, item } = useItem(useIdHere());
  if (!kit) return <Page aria-busy="true" />;
  if (!item) return <NotInKit />;
  return (
    <OfThing item={item}>
      <Rehearsed kit={kit} item={item} />
    </OfThing>
  );
}

function Trail({ item }: { item: Item }) {
  return <ThingCrumbs item={item} through={{ page: 'programme', name: 'Programme' }} here="Rehearse" />;
}

function Nothing({ item, nextWash }: { item: Item; nextWash: (() => void) | null }) {
  return (
    <Page>
      <Trail item={item} />
      <Answer>There is nothing to rehearse: nothing gets wet, dries or is warmed.</Answer>
      <p>
        <Of>Its programme now is dry work, or none at all.</Of>
      </p>
      <Row $wrap>
        {nextWash && (
          <Button onPress={nextWash}>
            <Of>Rehearse its next wash</Of>
          </Button>
        )}
        <LinkButton look="quiet" to={toThing(item.id, 'programme')}>
          Back to the programme
        </LinkButton>
      </Row>
    </Page>
  );
}

/** What it comes to, or what is to be reached. */
function Head({ item, setup, rehearsing }: { item: Item; setup: Setup; rehearsing: Rehearsing }) {
  const says = useOfThing();
  const { blind, lesson, debrief, yours, clock, at } = rehearsing;
  if (blind && lesson)
    return (
      <>
        <Answer>
          Have {item.name ?? KIND_WORDS[item.kind]} dry, whole and put away by {clock(lesson.goalMin)}.
        </Answer>
        <p style={{ fontSize: 18, maxWidth: '40em' }}>
          It is {clock(0)}. Somebody in a hurry has already chosen below. Change what you would do otherwise, then carry it out:
          you will see what came of it, and which choice did it.
        </p>
      </>
    );
  return (
    <>
      <Answer {...reachable('answer')} aria-live="polite">
        <Said>{yours ? says(outcomeText(yours, at)) : 'Running it forward…'}</Said>
      </Answer>
      {yours && yours.risks.length > 0 && (
        <Column $gap={8}>
          {yours.risks.map((risk) => (
            <Note key={risk.id} tone="alarm">
              {riskText(risk)}
            </Note>
          ))}
        </Column>
      )}
      {debrief && (
        <Debriefed
          setup={setup}
          debrief={debrief}
          at={at}
          onAgain={rehearsing.again}
          onOther={rehearsing.another}
          onLeave={rehearsing.leave}
        />
      )}
    </>
  );
}

/** What may be done with the choices: carried out in a lesson, or changed at will. */
function Ways({ item, rehearsing }: { item: Item; rehearsing: Rehearsing }) {
  const { blind, differs, lesson, show, anotherDay, another, carryOut, leave } = rehearsing;
  return blind ? (
    <Row $wrap>
      <Button size="big" data-main-action onPress={carryOut}>
        Carry it out
      </Button>
      <TextButton onPress={leave}>Leave the lesson</TextButton>
    </Row>
  ) : (
    <>
      <Row $wrap>
        {differs && <TextButton onPress={() => show(null)}>All as planned</TextButton>}
        <TextButton onPress={anotherDay}>Another day’s luck</TextButton>
      </Row>
      {!lesson && (
        <section aria-labelledby="lesson">
          <h2 id="lesson" style={{ marginBottom: 6 }}>
            Learn it without risk
          </h2>
          <p style={{ marginBottom: 10 }}>A goal, a hurry, and the reasons afterwards.</p>
          <Button look="quiet" onPress={another}>
            Set me a goal
          </Button>
        </section>
      )}
      <Quiet>
        A rehearsal, not a promise: drying and rinsing by the same models as the plan (FAO-56, ASHRAE), clumps and luck from
        memory. Weights, hands and labels decide.
      </Quiet>
      <p>
        <Link to={toThing(item.id, 'programme')}>To the programme</Link>
      </p>
    </>
  );
}

function Rehearsed({ kit, item }: { kit: Kit; item: Item }) {
  const rehearsing = useRehearse(kit, item);
  const { setup, choices, seed, clock, blind, yours, debrief, leave, show } = rehearsing;
  if (!setup || !choices) return <Nothing item={item} nextWash={rehearsing.nextWash} />;
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      <Row $between $wrap>
        <Trail item={item} />
        <Quiet>
          begins at {clock(0)}; invented luck of day {seed}
        </Quiet>
      </Row>
      <Head item={item} setup={setup} rehearsing={rehearsing} />
      {!blind && !yours ? null : (
        <TwoColumns $left={1.5}>
          <Column $gap={16}>{!blind && <Outcome rehearsing={rehearsing} setup={setup} />}</Column>
          <Column $gap={20} style={blind ? { gridColumn: '1 / -1', gridRow: 1 } : {}}>
            <InTurn>
              <section aria-labelledby="choices">
                <h2 id="choices" style={{ marginBottom: 10 }}>
                  {blind ? 'What you would do' : 'Do it otherwise'}
                </h2>
                <Chosen
                  setup={setup}
                  choices={choices}
                  onChange={(next) => {
                    if (debrief) leave();
                    show(next);
                  }}
                />
              </section>
              <Ways item={item} rehearsing={rehearsing} />
            </InTurn>
          </Column>
        </TwoColumns>
      )}
    </Page>
  );
}
