import { Said } from '../../ui/said';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { toThing, useIdHere } from '../../app/routes';
import { useItem } from '../../app/kit';
import { planOf, nextWashOf } from '../../app/plan';
import { UnderWayOf } from '../../app/UnderWay';
import { nowMs } from '../../app/now';
import { notify } from '../../app/session';
import { clockText } from '../../app/time';
import { writeProgramme } from '../../core/programme';
import { canRehearse, readChoices, setupOf, writeChoices, type Choices } from '../../core/rehearse';
import { hasty, type Debrief } from '../../core/rehearse/train';
import { minutesText } from '../../core/units';
import { KIND_WORDS } from '../../core/words';
import { happenedText, outcomeText, riskText } from '../../core/telling/rehearse';
import { Column, Figure, Note, NotInKit, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Crumbs } from '../../ui/Crumbs';
import { phone } from '../../ui/theme';
import { rehearseWorker } from '../../workers';
import { Chosen } from './Chosen';
import { Debriefed } from './Lesson';
import { Scrub } from './Scrub';
import { NOT_RUN, useRehearsal } from './useRehearsal';
import { FigureTable } from '../../ui/FigureTable';
import { focusOn, reachable } from '../../ui/focus';

const CourseChart = lazy(async () => ({ default: (await import('./SimulationChart')).SimulationChart }));
const Answer = styled.h1`
  outline: none;
  font-size: 32px;
  max-width: 24em;
  ${phone} {
    font-size: 26px;
  }
`;
const Timetable = styled.ol`
  li {
    display: grid;
    grid-template-columns: 72px minmax(0, 1fr);
    gap: 12px;
    padding: 3px 0;
  }
`;
interface LessonState {
  readonly goalMin: number;
  readonly told: Debrief | null;
}
const PATH = { seed: 'day', wash: 'wash' } as const;
const DAYS = 9999;
const QUARTER_MS = 15 * 60_000;

/** A programme run forward in simulated time, with other choices beside it, and as a lesson with a goal. */
export function Rehearse() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const [params, setParams] = useSearchParams();
  const [startMs] = useState(() => Math.floor(nowMs() / QUARTER_MS) * QUARTER_MS);
  const [lesson, setLesson] = useState<LessonState | null>(null);
  const [moved, setMoved] = useState<number | null>(null);
  const washing = params.get(PATH.wash) === 'next';
  const seed = Math.max(0, Math.floor(Number(params.get(PATH.seed) ?? 1)) || 0);
  const made = useMemo(() => {
    if (!kit || !item) return null;
    const today = planOf(kit, item).plan;
    const plan = washing ? nextWashOf(kit, item) : today;
    const setup = setupOf(plan, writeProgramme(plan));
    const next = nextWashOf(kit, item);
    return { setup, other: washing || canRehearse(setupOf(next, writeProgramme(next))) };
  }, [kit, item, washing]);
  const setup = made && canRehearse(made.setup) ? made.setup : null;
  const choices = setup && readChoices(setup, (name) => params.get(name));
  const both = useRehearsal(setup, choices, seed);
  const clock = useCallback((minutes: number): string => clockText(startMs + minutes * 60_000), [startMs]);
  const at = (minutes: number): string => {
    const [day, time] = clock(minutes).split(' ');
    return time ? `on ${day} at ${time}` : `at ${day}`;
  };
  const told = lesson?.told ?? null;
  useEffect(() => {
    if (told) focusOn('answer');
  }, [told]);
  if (!kit) return <Page aria-busy="true" />;
  if (!item || !made) {
    return <NotInKit />;
  }
  const name = item.name ?? KIND_WORDS[item.kind];
  const show = (next: Choices | null, more: Readonly<Record<string, string>> = {}): void => {
    const carried = {
      ...(washing ? { [PATH.wash]: 'next' } : {}),
      ...(seed === 1 ? {} : { [PATH.seed]: String(seed) }),
      ...more,
    };
    setParams({ ...carried, ...(setup && next ? writeChoices(setup, next) : {}) }, { replace: true });
  };
  const crumbs = (
    <Crumbs
      trail={[
        { to: '/kit', name: 'Kit' },
        { to: toThing(item.id), name: name },
        { to: toThing(item.id, 'programme'), name: 'Programme' },
      ]}
      here="Rehearse"
    />
  );
  if (!setup || !choices) {
    return (
      <Page>
        {crumbs}
        <Answer>There is nothing to rehearse: nothing gets wet, dries or is warmed.</Answer>
        <p>Its programme now is dry work, or none at all.</p>
        <Row $wrap>
          {made.other && <Button onPress={() => setParams({ [PATH.wash]: 'next' })}>Rehearse its next wash</Button>}
          <LinkButton look="quiet" to={toThing(item.id, 'programme')}>
            Back to the programme
          </LinkButton>
        </Row>
      </Page>
    );
  }
  const yours = both?.yours ?? null;
  const differs = Object.keys(writeChoices(setup, choices)).length > 0;
  const blind = lesson !== null && lesson.told === null;
  const begin = (day: number): void => {
    void rehearseWorker()
      .goal({ setup, seed: day })
      .then(
        (goalMin) => setLesson({ goalMin, told: null }),
        () => notify(NOT_RUN),
      );
    show(hasty(setup), { [PATH.seed]: String(day) });
  };
  const another = (): void => begin((seed * 7 + 13) % DAYS);
  const carryOut = (): void => {
    if (!lesson) return;
    void rehearseWorker()
      .debrief({ setup, choices, seed }, lesson.goalMin)
      .then(
        (debriefed) => setLesson({ ...lesson, told: debriefed }),
        () => notify(NOT_RUN),
      );
  };
  const cursor = yours ? Math.min(yours.endMin, Math.max(yours.wetAtMin, moved ?? yours.endMin)) : 0;
  return (
    <Page>
      <Row $between $wrap>
        <UnderWayOf itemId={item.id} />
        {crumbs}
        <Quiet>
          begins at {clock(0)}; invented luck of day {seed}
        </Quiet>
      </Row>
      {blind ? (
        <>
          <Answer>
            Have {name} dry, whole and put away by {clock(lesson.goalMin)}.
          </Answer>
          <p style={{ fontSize: 18, maxWidth: '40em' }}>
            It is {clock(0)}. Somebody in a hurry has already chosen below. Change what you would do otherwise, then carry it out:
            you will see what came of it, and which choice did it.
          </p>
        </>
      ) : (
        <>
          <Answer {...reachable('answer')} aria-live="polite">
            <Said>{yours ? outcomeText(yours, at) : 'Running it forward…'}</Said>
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
          {lesson && told && (
            <Debriefed
              setup={setup}
              told={told}
              at={at}
              onAgain={() => setLesson({ ...lesson, told: null })}
              onOther={another}
              onLeave={() => setLesson(null)}
            />
          )}
        </>
      )}
      {!blind && !yours ? null : (
        <TwoColumns $left={1.5}>
          <Column $gap={16}>
            {blind || !yours ? null : (
              <>
                <div style={{ minHeight: 480 }}>
                  <Suspense fallback={null}>
                    <CourseChart
                      setup={setup}
                      yours={yours}
                      plans={differs ? (both?.plans ?? null) : null}
                      cursor={cursor}
                      toHour={60 - new Date(startMs).getMinutes()}
                      clock={clock}
                    />
                  </Suspense>
                </div>
                <Scrub setup={setup} rehearsal={yours} at={cursor} onMove={setMoved} />
                {differs && both && <SideBySide plans={both.plans} yours={yours} clock={clock} filled={setup.filled} />}
                <section aria-labelledby="story">
                  <h2 id="story">What happens</h2>
                  <Timetable>
                    {yours.happened.map((h, n) => (
                      <li key={n}>
                        <Figure>{clock(h.minutes)}</Figure>
                        <span>
                          <Said>{happenedText(h)}</Said>
                        </span>
                      </li>
                    ))}
                  </Timetable>
                </section>
              </>
            )}
          </Column>
          <Column $gap={20} style={blind ? { gridColumn: '1 / -1', gridRow: 1 } : {}}>
            <section aria-labelledby="choices">
              <h2 id="choices" style={{ marginBottom: 10 }}>
                {blind ? 'What you would do' : 'Do it otherwise'}
              </h2>
              <Chosen
                setup={setup}
                choices={choices}
                onChange={(next) => {
                  if (lesson?.told) setLesson(null);
                  show(next);
                }}
              />
            </section>
            {blind ? (
              <Row $wrap>
                <Button size="big" data-main-action onPress={carryOut}>
                  Carry it out
                </Button>
                <TextButton onPress={() => setLesson(null)}>Leave the lesson</TextButton>
              </Row>
            ) : (
              <>
                <Row $wrap>
                  {differs && <TextButton onPress={() => show(null)}>All as planned</TextButton>}
                  <TextButton onPress={() => show(choices, { [PATH.seed]: String((seed + 1) % DAYS) })}>
                    Another day’s luck
                  </TextButton>
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
                  A rehearsal, not a promise: drying and rinsing by the same models as the plan (FAO-56, ASHRAE), clumps and luck
                  from memory. Weights, hands and labels decide.
                </Quiet>
                <p>
                  <Link to={toThing(item.id, 'programme')}>To the programme</Link>
                </p>
              </>
            )}
          </Column>
        </TwoColumns>
      )}
    </Page>
  );
}

function SideBySide({
  plans,
  yours,
  clock,
  filled,
}: {
  plans: NonNullable<ReturnType<typeof useRehearsal>>['plans'];
  yours: NonNullable<ReturnType<typeof useRehearsal>>['yours'];
  clock: (minutes: number) => string;
  filled: boolean;
}) {
  type R = typeof plans;
  const rows: readonly (readonly [string, (r: R) => string])[] = [
    [
      'Dry after',
      (r) => (r.balance.startG === 0 ? 'was never wet' : r.dryAtMin === null ? 'not at all' : minutesText(r.dryAtMin)),
    ],
    ['Put away', (r) => clock(r.endMin)],
    ['Water put away', (r) => `${Math.round(r.end.shellG + r.end.coreG)} g`],
    ['Hottest', (r) => `${Math.round(r.hottestC)} °C`],
    ...(filled ? [['Clumped', (r: R) => `${Math.round(r.end.clumps * 100)} %`] as const] : []),
    ['Cleaner left', (r) => `${Math.round(r.end.residue * 1000) / 10} %`],
    ['Your hands', (r) => minutesText(r.handsMin)],
  ];
  return (
    <section aria-labelledby="beside">
      <h2 id="beside">Side by side</h2>
      <FigureTable
        label="As planned and as you would"
        rows={rows}
        rowKey={([what]) => what}
        columns={[
          { id: 'what', head: 'What', cell: ([what]) => what },
          { id: 'plan', head: 'as planned', cell: ([, say]) => <Figure>{say(plans)}</Figure> },
          {
            id: 'yours',
            head: 'as you would',
            cell: ([, say]) => <Figure style={say(plans) === say(yours) ? {} : { fontWeight: 700 }}>{say(yours)}</Figure>,
          },
        ]}
      />
    </section>
  );
}
