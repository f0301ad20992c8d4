import { useState } from 'react';
import styled from 'styled-components';
import { dayText } from '../../app/time';
import type { Inspection, Item } from '../../core/gear';
import { indexOf } from '../../core/repellency';
import { alike, testWay } from '../../core/repellency/drop-test';
import { drunkText, testWayText } from '../../core/telling/repellency';
import { dayOf } from '../../core/units/day';
import { zoneName } from '../../core/words/zones';
import { Column, Note, Quiet } from '../../ui/basics';
import { Outline } from '../../ui/Outline';
import { OneSelect } from '../../ui/Select';
import { phone } from '../../ui/theme';

const Side = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 24px;
  h2 {
    font-size: 18px;
  }
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
    /* The newest first where one comes below the other. */
    section:last-child {
      order: -1;
    }
  }
`;
const titleOf = (test: Inspection, item: Item): string => {
  const index = indexOf(test.droplet ?? {}, item.kind);
  return `${dayText(dayOf(test.at))}${index === null ? '' : `: ${Math.round(index)} of 100`}`;
};

/** The zones as they are, and as they were at an earlier test: side by side. */
export function ZoneMaps({ item, tests }: { item: Item; tests: readonly Inspection[] }) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [now, ...earlier] = tests;
  if (!now) return null;
  const before = earlier.find((t) => t.id === chosen) ?? earlier[0];
  const name = (zone: string): string => zoneName(zone, item.kind);
  return (
    <Column $gap={12}>
      <Side>
        {before && (
          <section aria-label="Before">
            <h2>{titleOf(before, item)}</h2>
            <Outline kind={item.kind} grades={before.droplet ?? {}} />
          </section>
        )}
        <section aria-label="Newest">
          <h2>{titleOf(now, item)}</h2>
          <Outline kind={item.kind} grades={now.droplet ?? {}} />
        </section>
      </Side>
      {now.dropTest && (
        <Quiet>
          {testWayText(testWay(now.dropTest))} {drunkText(now.dropTest, name)}
        </Quiet>
      )}
      {before && now.dropTest && before.dropTest && !alike(before.dropTest, now.dropTest) && (
        <Note>
          The two were not tried alike ({testWayText(testWay(before.dropTest))}): hold their grades against each other with care.
        </Note>
      )}
      {before && earlier.length > 1 && (
        <OneSelect
          label="Held against"
          width={260}
          value={before.id}
          options={earlier.map((t) => t.id)}
          words={Object.fromEntries(earlier.map((t) => [t.id, titleOf(t, item)]))}
          onChange={setChosen}
        />
      )}
    </Column>
  );
}
