import { useState } from 'react';
import { filterHere, mainHere } from '../ui/shortcuts';
import styled from 'styled-components';
import { Row } from '../ui/basics';
import { Button } from '../ui/Button';
import { Sheet } from '../ui/Sheet';
import { font } from '../ui/theme';
import { PLACES } from './places';

const List = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 20px;
  margin: 0;
  dd {
    margin: 0;
  }
  kbd {
    font: 600 15px ${font.mono};
  }
`;
/** Those that do something on the page as it stands. */
const othersHere = (): readonly (readonly [string, string])[] => {
  const main = mainHere()?.textContent?.trim();
  return [
    ['/', 'Find anything'],
    ...(filterHere() ? [['f', 'Search in this list'] as const] : []),
    ['n', 'Add a thing'],
    ...(main ? [['.', main] as const] : []),
    ['Ctrl Z', 'Take back what was done last'],
    ['F6', 'Go to what was just said'],
    ['?', 'This list'],
  ];
};

/** The keys that work on the page behind it. */
export default function Keys({ onClose }: { onClose: () => void }) {
  // Read once, before the sheet covers the page.
  const [others] = useState(othersHere);
  return (
    <Sheet title="Keys" open onClose={onClose}>
      <List>
        {[...PLACES.map((p) => [`g ${p.key}`, p.name] as const), ...others].map(([keys, does]) => (
          <Pair key={keys} keys={keys} does={does} />
        ))}
      </List>
      <Row>
        <Button onPress={onClose}>Close</Button>
      </Row>
    </Sheet>
  );
}
const Pair = ({ keys, does }: { keys: string; does: string }) => (
  <>
    <dt>
      <kbd>{keys}</kbd>
    </dt>
    <dd>{does}</dd>
  </>
);
