import { useState } from 'react';
import { whenText } from '../../app/time';
import type { Clash } from '../../core/run/meet';
import { AGENT_WORDS, SUPPLY_WORDS, WASHER_WORDS, WORDS } from '../../core/words';
import { Button, Field, Note, Row } from '../../ui/basics';

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
/** What one wants to remember of this step. */
export function NoteField({ was, onKeep }: { was: string; onKeep: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <Row $wrap $top>
      <Field style={{ flex: '1 1 240px' }}>
        {was ? `Noted: ${was}. More?` : 'What do you want to remember?'}
        <input autoFocus value={text} maxLength={400} onChange={(e) => setText(e.target.value)} />
      </Field>
      <Button style={{ marginTop: 22 }} disabled={text.trim() === ''} onClick={() => onKeep(text)}>
        Note it
      </Button>
    </Row>
  );
}

/** What must not meet stands in the way: nothing goes on until it is rinsed away. */
export function Meeting({ clash, onRinsed }: { clash: Clash; onRinsed: () => void }) {
  const { brings, meets, sinceIso, vessel, pair } = clash;
  const where = vessel ? (vessel.name ?? `the ${WASHER_WORDS[vessel.kind]}`) : 'it';
  return (
    <>
      <Note tone="alarm">
        <strong>
          Rinse {where} first. {capital(AGENT_WORDS[meets])} {vessel ? `went into ${where}` : 'is still on it'}
          {sinceIso ? `, ${whenText(sinceIso)}` : ''}, and this step brings {SUPPLY_WORDS[brings]}.
        </strong>{' '}
        {WORDS.rules[pair.id]} Plenty of plain water, gloves, an open window.
      </Note>
      <Button $big data-main-action onClick={onRinsed}>
        I rinsed {vessel ? where : 'it'} with plenty of water
      </Button>
    </>
  );
}
