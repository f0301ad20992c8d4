import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { today } from '../../app/now';
import { dayText, daysUntil } from '../../app/time';
import { upkeepDone } from '../../app/upkeep';
import type { Kit } from '../../core/gear';
import { UPKEEP } from '../../core/knowledge/upkeep';
import { upkeepOf, type UpkeepLine } from '../../core/upkeep';
import { hardnessClass } from '../../core/units';
import { basisText, DRYER_WORDS, WASHER_WORDS } from '../../core/words';
import { UPKEEP_WORDS } from '../../core/words/upkeep';
import { Empty, Figure, Quiet } from '../../ui/basics';
import { Button, LinkButton } from '../../ui/Button';
import { color, phone } from '../../ui/theme';
import { PATHS } from '../../app/routes';

const List = styled.ul`
  > li {
    border-top: 1px solid ${color.line};
    padding: 10px 0;
    display: grid;
    grid-template-columns: 190px minmax(0, 1fr) 150px 130px;
    gap: 4px 20px;
    align-items: center;
    ${phone} {
      grid-template-columns: minmax(0, 1fr) auto;
      > :nth-child(2) {
        grid-column: 1 / -1;
        grid-row: 2;
      }
      > :nth-child(3) {
        grid-row: 3;
      }
    }
  }
`;
const NAMES: Readonly<Record<string, string>> = { ...WASHER_WORDS, ...DRYER_WORDS };

function when({ state, dueOn, lastOn, task }: UpkeepLine): string {
  if (state === 'unknown') return 'no day on record';
  if (state === 'habit') return task === 'lint' ? (lastOn ? `cleared ${dayText(lastOn)}` : 'at each load') : 'always';
  if (dueOn === null) return 'the dryer ran since';
  const days = daysUntil(dueOn);
  return days < 0 ? `${-days} days over` : days === 0 ? 'today' : `in ${days} days`;
}

/** What keeps the machines fit, the most pressing first. */
export function Upkeep({ kit }: { kit: Kit }) {
  const navigate = useNavigate();
  const lines = upkeepOf(kit.equipment ?? {}, kit.log ?? [], today());
  const due = lines.filter((l) => l.state === 'due').length;
  const hardness = kit.equipment?.waterHardnessMgPerL;
  if (lines.length === 0)
    return (
      <Empty title="No machine is listed.">
        <p>Upkeep begins when you say which machines you have.</p>
        <LinkButton to={PATHS.machines}>To the machines</LinkButton>
      </Empty>
    );
  return (
    <section aria-labelledby="upkeep">
      <h2 id="upkeep">{due === 0 ? 'Nothing is overdue' : due === 1 ? 'One thing is due' : `${due} things are due`}</h2>
      <p>
        <Quiet>
          {hardness === undefined
            ? 'Your water’s hardness is not recorded, so descaling goes by moderately hard water.'
            : `Your water is ${hardnessClass(hardness)}, which sets how often to descale.`}
        </Quiet>
      </p>
      <List style={{ marginTop: 8 }}>
        {lines.map((line) => {
          const name = line.machine.name ?? NAMES[line.machine.kind] ?? '';
          const record = UPKEEP.find((r) => r.id === line.task);
          return (
            <li key={`${line.machine.id}-${line.task}`}>
              <strong>{name}</strong>
              <span>
                {UPKEEP_WORDS[line.task].name}
                <br />
                <Quiet>
                  {UPKEEP_WORDS[line.task].how} {record ? `(${basisText(record.basis, record.source)})` : ''}
                </Quiet>
              </span>
              <span>
                <Figure style={{ color: line.state === 'due' ? color.alarm : undefined }}>{when(line)}</Figure>
                {line.everyDays !== null && (
                  <>
                    <br />
                    <Quiet>every {line.everyDays} days</Quiet>
                  </>
                )}
              </span>
              {line.state === 'habit' && line.task !== 'lint' ? (
                <span />
              ) : (
                <Button
                  look="quiet"
                  aria-label={`${UPKEEP_WORDS[line.task].name}, ${name}: done today`}
                  onPress={() => void upkeepDone(line.machine, line.task)}
                >
                  Done today
                </Button>
              )}
            </li>
          );
        })}
      </List>
      <p style={{ marginTop: 12 }}>
        <Button look="quiet" onPress={() => void navigate(PATHS.machines)}>
          Guided purge: choose the machine
        </Button>
      </p>
    </section>
  );
}
