import { Said } from '../../ui/said';
import { useState } from 'react';
import { newId, nowIso } from '../../app/now';
import { notify } from '../../app/session';
import { seenAnew, type Inspection, type Item } from '../../core/gear';
import { LEAK_MIN, leakAnswer } from '../../core/repellency/leak';
import { leakHowText, LEAK_WORDS } from '../../core/telling/drops';
import { saveSeen } from '../../data/repo';
import { Column, Note, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Disclosure } from '../../ui/Disclosure';
import { TextField } from '../../ui/TextField';

const YES_NO = [
  { id: 'no', name: 'No' },
  { id: 'yes', name: 'Yes' },
];
/** A wet, cold face is often taken for a leak: a short test tells them apart, and a leak is written down as damage. */
export function LeakTest({ item, last }: { item: Item; last: Inspection | null }) {
  const [paper, setPaper] = useState<string | null>(null);
  const [face, setFace] = useState<string | null>(null);
  const [place, setPlace] = useState('');
  const answer = paper === null || (paper === 'no' && face === null) ? null : leakAnswer(paper === 'yes', face === 'yes');
  const again = (): void => {
    setPaper(null);
    setFace(null);
    setPlace('');
  };
  const write = async (): Promise<void> => {
    const damage = [...(last?.damage ?? []), { kind: 'leak' as const, ...(place.trim() ? { place: place.trim() } : {}) }];
    const undo = await saveSeen(seenAnew(last, { id: newId('ins'), itemId: item.id, at: nowIso(), damage }));
    again();
    notify('The leak is written down as damage.', undo);
  };
  return (
    <Disclosure title="A wet, cold face, or a leak?">
      <Column $gap={16} style={{ maxWidth: 640 }}>
        <p style={{ margin: 0 }}>
          <Said>{leakHowText(item.kind, LEAK_MIN)}</Said>
        </p>
        <OneOf label="Is the paper wet?" value={paper} options={YES_NO} onChange={setPaper} />
        {paper === 'no' && (
          <OneOf label="Has the face soaked it up: is it darker?" value={face} options={YES_NO} onChange={setFace} />
        )}
        {answer && (
          <div role="status">
            <Note tone={answer === 'leak' ? 'alarm' : 'quiet'}>
              <strong>{LEAK_WORDS[answer].name}.</strong> {LEAK_WORDS[answer].text}
            </Note>
          </div>
        )}
        {answer === 'leak' && <TextField label="Where it came through" maxLength={200} value={place} onChange={setPlace} />}
        {answer && (
          <Row $wrap>
            {answer === 'leak' && <Button onPress={() => void write()}>Write the leak down</Button>}
            <TextButton onPress={again}>Try another place</TextButton>
          </Row>
        )}
      </Column>
    </Disclosure>
  );
}
