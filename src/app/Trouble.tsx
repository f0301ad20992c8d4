import { useState } from 'react';
import { exportKit, loadKit } from '../data/kit';
import { Note, Page, Row } from '../ui/basics';
import { Button } from '../ui/Button';
import { download } from './download';
import { nowIso, today } from './now';
import { thingAt } from './routes';
import { notify } from './session';

/** Offers the stored data as a file, and says whether that worked. */
function SaveCopy() {
  const [state, setState] = useState<'idle' | 'saved' | 'failed'>('idle');
  const save = async (): Promise<void> => {
    try {
      download(`umbrastic-${today()}.json`, 'application/json', await exportKit(nowIso()));
      setState('saved');
    } catch {
      setState('failed');
    }
  };
  return (
    <>
      <Row>
        <Button onPress={() => void save()}>Save a copy of my data</Button>
        <Button look="quiet" onPress={() => window.location.assign('/')}>
          Start again
        </Button>
      </Row>
      {state === 'saved' && <Note tone="good">The copy of your kit is in your downloads, without photographs.</Note>}
      {state === 'failed' && (
        <Note tone="alarm">
          The data could not be read just now. Close other tabs of Umbrastic and try again; nothing was deleted.
        </Note>
      )}
    </>
  );
}

/** Saves the thing whose page failed, with its record, to be sent. */
async function sendThing(id: string, failed: string): Promise<void> {
  const [{ saveToSend }, kit] = await Promise.all([import('./sendThing'), loadKit()]);
  const item = kit.items.find((i) => i.id === id);
  if (item) saveToSend(kit, item, failed);
  else notify('That thing is not in your kit; there is nothing of it to send.');
}

/** Shown instead of a page that failed. The data is untouched. */
export function Trouble({ error }: { error: unknown }) {
  const detail = error instanceof Error ? error.message : '';
  const id = thingAt(location.pathname);
  return (
    <Page>
      <h1>This page stopped working.</h1>
      <p>Everything you recorded is still stored in this browser. Save a copy if you want to be sure, then start again.</p>
      <SaveCopy />
      {id !== undefined && (
        <>
          <p>
            It may be this thing alone. Save it to send it to whoever looks after this program; the file holds that thing with its
            record, your machines, your settings and what went wrong.
          </p>
          <Row>
            <Button look="quiet" onPress={() => void sendThing(id, detail)}>
              Save it to send
            </Button>
          </Row>
        </>
      )}
      {detail && <Note>In the program’s own words: {detail}</Note>}
    </Page>
  );
}

/** Why the store cannot be used, or not yet. */
export type StoreState = 'newer' | 'failed' | 'held' | 'overtaken';
const STORE_WORDS: Readonly<Record<StoreState, readonly [string, string]>> = {
  newer: [
    'Your data was made by a newer Umbrastic.',
    'This older one will not touch it. Load the newer version, or save a copy and import it there.',
  ],
  failed: [
    'The stored data could not be opened.',
    'Nothing was deleted. Close other tabs of Umbrastic, check that the browser may store data, and load the page again.',
  ],
  held: [
    'Another tab is in the way.',
    'An older Umbrastic is open in another tab and holds your data. Close the other tabs; this page then goes on by itself. Nothing is lost.',
  ],
  overtaken: [
    'A newer Umbrastic has taken over in another tab.',
    'This older page no longer changes anything. What you had saved is there; what stood unsaved in a sheet is kept and stands in it again.',
  ],
};
/** Shown when the stored data cannot be used: made by a newer version, not to be opened, held or taken over by another tab. */
export function StoreTrouble({ state, message }: { state: StoreState; message?: string }) {
  const [title, text] = STORE_WORDS[state];
  const readable = state === 'newer' || state === 'failed';
  return (
    <Page>
      <h1>{title}</h1>
      <p>{text}</p>
      {message && <Note>{message}</Note>}
      {readable && <SaveCopy />}
      {state === 'overtaken' && (
        <Row>
          <Button onPress={() => window.location.reload()}>Load the newer one</Button>
        </Row>
      )}
    </Page>
  );
}
