import { useState } from 'react';
import styled from 'styled-components';
import { tell } from '../../app/session';
import type { Plan } from '../../core/programme';
import { plan as replan, refusedBy, writeProgramme } from '../../core/programme';
import { minutesText } from '../../core/units';
import { WORDS } from '../../core/words';
import { chooseSchool } from '../../data/repo';
import { Quiet, Row } from '../../ui/basics';
import { color } from '../../ui/theme';

const School = styled.fieldset`
  border: 0;
  border-top: 1px solid ${color.line};
  padding: 10px 0;
  margin: 0;
  legend {
    float: left;
    width: 100%;
    font-weight: 650;
    padding: 0 0 4px;
  }
  label {
    display: grid;
    grid-template-columns: 24px minmax(0, 1fr);
    gap: 8px;
    padding: 6px 0;
    min-height: 44px;
    cursor: pointer;
    clear: both;
  }
  input {
    width: 20px;
    height: 20px;
    margin: 2px 0 0;
    accent-color: ${color.ink};
  }
`;

interface Totals {
  readonly all: number;
  readonly hands: number;
}
function totalsOf(plan: Plan): Totals {
  const always = writeProgramme(plan).steps.filter((s) => s.when === 'always');
  const hands = always.reduce((sum, s) => sum + s.attendedMin, 0);
  return { hands, all: hands + always.reduce((sum, s) => sum + s.unattendedMin, 0) };
}

const more = (minutes: number, what: string): string =>
  minutes === 0 ? '' : `${minutesText(Math.abs(minutes))} ${minutes > 0 ? 'more' : 'less'} ${what}`;

/** What another option would change in time, planned for real. */
function difference(plan: Plan, school: string, option: string): string {
  const { kit } = plan.request;
  const other = replan({
    ...plan.request,
    kit: { ...kit, preferences: { ...kit.preferences, schools: { ...kit.preferences?.schools, [school]: option } } },
  });
  const a = totalsOf(plan);
  const b = totalsOf(other);
  return [more(b.all - a.all, 'in all'), more(b.hands - a.hands, 'of yours')].filter(Boolean).join(', ') || 'Same time';
}

/** Where practice disagrees: choose in place, see the difference, and why an option is refused. */
export function Schools({ plan }: { plan: Plan }) {
  const [open, setOpen] = useState(false);
  const asked = plan.asked.filter((s) => s.options.length > 1);
  if (asked.length === 0 || plan.method === 'refer') return null;
  const choose = async (school: string, option: string): Promise<void> => {
    tell(
      `${WORDS.questions[school]}: ${WORDS.options[`${school}=${option}`]?.name ?? option}.`,
      await chooseSchool(school, option),
    );
  };
  const shown = open ? asked : asked.slice(0, 3);
  return (
    <section aria-labelledby="schools">
      <h2 id="schools">Where people do it differently</h2>
      {shown.map((school) => (
        <School key={school.id}>
          <legend>{WORDS.questions[school.id] ?? school.id}</legend>
          {school.options.map((option) => {
            const words = WORDS.options[`${school.id}=${option.id}`];
            const chosen = plan.choices.get(school.id) === option.id;
            const rule = refusedBy(option, plan.facts);
            return (
              <label key={option.id}>
                <input
                  type="radio"
                  name={school.id}
                  checked={chosen}
                  disabled={rule !== null}
                  onChange={() => void choose(school.id, option.id)}
                />
                <span>
                  {words?.name ?? option.id}{' '}
                  <Quiet>
                    {rule !== null
                      ? `refused. ${WORDS.rules[rule] ?? ''}`
                      : chosen
                        ? `${words?.gains}`
                        : `${words?.gains} ${words?.risks} ${difference(plan, school.id, option.id)}.`}
                  </Quiet>
                </span>
              </label>
            );
          })}
        </School>
      ))}
      {asked.length > shown.length && (
        <Row>
          <button
            type="button"
            style={{ border: 0, background: 'none', textDecoration: 'underline', cursor: 'pointer', minHeight: 44, padding: 0 }}
            onClick={() => setOpen(true)}
          >
            {asked.length - shown.length} more choices
          </button>
        </Row>
      )}
    </section>
  );
}
