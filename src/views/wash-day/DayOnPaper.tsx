import { hourAsWritten } from '../../core/units/day';
import { Said } from '../../ui/said';
import styled from 'styled-components';
import type { Kit } from '../../core/gear';
import { cushionText } from '../../core/telling/wash-day';
import type { WashDay } from '../../core/washday';
import { Paper } from '../../ui/Paper';
import { dayName, doingText, letterOf, namesIn, placeName, settingsText, turnsOf } from './parts';

const Line = styled.li`
  display: grid;
  grid-template-columns: 10pt 44pt minmax(0, 1fr);
  gap: 0 5pt;
  /* A long day has eighty of them. */
  && {
    padding: 1.5pt 0;
  }
  i {
    width: 8pt;
    height: 8pt;
    margin-top: 2pt;
    border: 0.7pt solid #000;
  }
`;
/** A day to be pinned up: its drums with their settings, and each turn with a box. */
export function DayOnPaper({ day, kit }: { day: WashDay; kit: Kit }) {
  const nameOf = namesIn(kit);
  // One list by the clock, whoever does it.
  const doings = turnsOf(day)
    .flatMap((turn) => turn.doings.map((doing) => ({ ...doing, by: turn.by })))
    .sort((a, b) => Date.parse(a.from) - Date.parse(b.from));
  return (
    <Paper>
      <h1>Wash day</h1>
      <p>
        <strong>
          <Said>{day.verdict}</Said>
        </strong>
      </p>
      <h2>Loads</h2>
      <ul>
        {day.loads.map((load) => (
          <li key={load.id}>
            <strong>
              {load.purpose === 'wash'
                ? `${letterOf(day, load.id)}: ${load.itemIds.map(nameOf).join(', ')}`
                : load.purpose === 'purge'
                  ? 'Run it empty and hot'
                  : 'Run it hot with towels'}
            </strong>
            , {placeName(kit, load.washerId).name}: {settingsText(load)}
            {load.ballast.length > 0 && `, with ${cushionText(load.ballast)}`}
          </li>
        ))}
      </ul>
      <h2>When you are needed</h2>
      <ol>
        {doings.map((doing, n) => (
          <Line key={doing.key}>
            <i aria-hidden="true" />
            <span>{hourAsWritten(doing.from)}</span>
            <span>
              {(n === 0 || dayName(doing.from) !== dayName(doings[n - 1]?.from ?? '')) && (
                <strong>{dayName(doing.from)}. </strong>
              )}
              {doingText(doing)} {doing.by && `(${doing.by})`}
            </span>
          </Line>
        ))}
      </ol>
      {day.cautions.length > 0 && (
        <>
          <h2>Careful</h2>
          <ul>
            {day.cautions.map((c) => (
              <li key={c}>
                <Said>{c}</Said>
              </li>
            ))}
          </ul>
        </>
      )}
    </Paper>
  );
}
