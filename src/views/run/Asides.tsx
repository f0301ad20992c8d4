import { useState } from 'react';
import type { FillMap } from '../../core/gear';
import { BaffleMap } from '../../ui/BaffleMap';
import { useDraft } from '../../app/draft';
import { whenText } from '../../app/time';
import type { Clash } from '../../core/run/meet';
import { capital } from '../../core/words/text';
import { AGENT_WORDS, SUPPLY_WORDS, WASHER_WORDS, WORDS } from '../../core/words';
import { TextField } from '../../ui/TextField';
import { Note, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Form } from '../../ui/Form';

/** What one wants to remember of this step. @param at where it is noted: half a note waits there. */
export function NoteField({ at, was, onKeep }: { at: string; was: string; onKeep: (text: string) => void }) {
  const [unsaid] = useState({ text: '' });
  const sheet = useDraft(`note:${at}`, unsaid);
  const { text } = sheet.draft;
  return (
    <Form
      onSubmit={() => {
        if (text.trim() === '') return;
        sheet.forget();
        onKeep(text);
      }}
    >
      <Row $wrap $top>
        <TextField
          label={was ? `Noted: ${was}. More?` : 'What do you want to remember?'}
          autoFocus
          maxLength={400}
          value={text}
          onChange={(next) => sheet.setDraft({ text: next })}
        />
        <Button type="submit" style={{ marginTop: 22 }} isDisabled={text.trim() === ''}>
          Note it
        </Button>
      </Row>
    </Form>
  );
}

/** Where clumps or damp cores were felt at this look; they are massaged out first, and the map keeps them. */
export function Clumps({ map, marked, onMark }: { map: FillMap; marked: readonly string[]; onMark: (baffle: string) => void }) {
  const [open, setOpen] = useState(marked.length > 0);
  return (
    <section aria-label="Clumps">
      {marked.length > 0 && (
        <p role="status" style={{ fontSize: 20 }}>
          <strong>Break up the clumps in {marked.join(', ')} by hand before the next round.</strong>
        </p>
      )}
      <TextButton aria-expanded={open} onPress={() => setOpen(!open)}>
        {open ? 'Close the map' : 'Mark where a clump or damp core is'}
      </TextButton>
      {open && (
        <BaffleMap
          map={map}
          grams={null}
          moves={[]}
          selected={null}
          clumps={marked}
          onSelect={(baffle, how) => how === 'press' && onMark(baffle)}
        />
      )}
    </section>
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
      <Button size="big" data-main-action onPress={onRinsed}>
        I rinsed {vessel ? where : 'it'} with plenty of water
      </Button>
    </>
  );
}

/** The field under a step that is left out. */
export function SkipField({ label, onSkip }: { label: string; onSkip: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  return (
    <Form
      onSubmit={() => {
        onSkip(reason.trim() || 'no reason given');
      }}
    >
      <Row $wrap>
        <TextField label={label} autoFocus maxLength={200} value={reason} onChange={setReason} />
        <Button type="submit" style={{ marginTop: 22 }}>
          Skip it
        </Button>
      </Row>
    </Form>
  );
}
