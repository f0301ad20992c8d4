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
const OTHERS: readonly (readonly [string, string])[] = [
  ['/', 'Search'],
  ['n', 'Add a thing'],
  ['.', 'The main action here'],
  ['Ctrl Z', 'Take back what was just done'],
  ['F6', 'Go to what was just said'],
  ['?', 'This list'],
];

/** The keys that work everywhere. */
export default function Keys({ onClose }: { onClose: () => void }) {
  return (
    <Sheet title="Keys" open onClose={onClose}>
      <List>
        {[...PLACES.map((p) => [`g ${p.key}`, p.name] as const), ...OTHERS].map(([keys, does]) => (
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
