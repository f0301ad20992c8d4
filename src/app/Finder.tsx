import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { find, type Findable } from '../core/find';
import { handbook } from '../core/handbook';
import { KIND_ALSO, KIND_WORDS, SUPPLY_WORDS, thingName } from '../core/words';
import { capital } from '../core/words/text';
import { FindList } from '../ui/FindList';
import { Sheet } from '../ui/Sheet';
import { useKit } from './kit';
import { PAGES } from './places';
import { PATHS, toHandbook, toThing } from './routes';
import { setTheme, takeBack } from './session';

interface Target extends Findable {
  readonly what: string;
  readonly go: string | (() => void);
}
const RECENT_KEY = 'umbrastic-recent';
const MOST_RECENT = 6;
/** Written by this page only, and read as what it is: anything else is nothing. */
function recentIds(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(RECENT_KEY) ?? '[]');
    return Array.isArray(kept) ? kept.filter((id) => typeof id === 'string').slice(0, MOST_RECENT) : [];
  } catch {
    return [];
  }
}
const PROGRAMME = /programme|wash|start/;

/** One search for everything, wherever one is: things, bottles, pages, the handbook, commands. What was chosen last comes first. */
export default function Finder({ onClose, showKeys }: { onClose: () => void; showKeys: () => void }) {
  const kit = useKit();
  const navigate = useNavigate();
  const [query, setQuery] = useState('');
  const targets = useMemo<Target[]>(() => {
    const things = (kit?.items ?? []).filter((i) => !i.archivedOn);
    return [
      ...things.map((i) => ({
        id: `thing ${i.id}`,
        name: thingName(i),
        also: [KIND_WORDS[i.kind], KIND_ALSO[i.kind] ?? '', i.owner ?? '', ...(i.tags ?? [])].join(' '),
        what: i.owner ? `${KIND_WORDS[i.kind]}, ${i.owner}` : KIND_WORDS[i.kind],
        go: toThing(i.id),
      })),
      ...things.map((i) => ({
        id: `programme ${i.id}`,
        name: `Programme of ${thingName(i)}`,
        what: 'what to do with it',
        go: toThing(i.id, 'programme'),
      })),
      ...PAGES.map(({ path, name, also }) => ({ id: `page ${name}`, name, also, what: 'page', go: path })),
      ...(kit?.supplies ?? []).map((s) => ({
        id: `bottle ${s.id}`,
        name: s.name ?? capital(SUPPLY_WORDS[s.class]),
        also: SUPPLY_WORDS[s.class],
        what: 'in the cupboard',
        go: PATHS.cupboard,
      })),
      {
        id: 'do undo',
        name: 'Take back what was done last',
        also: 'undo',
        what: 'Ctrl Z',
        go: () => void takeBack(),
      },
      { id: 'do keys', name: 'Keys that work here', also: 'shortcuts keyboard help', what: '?', go: showKeys },
      { id: 'do dark', name: 'Dark', also: 'theme night colours', what: 'look', go: () => setTheme('dark') },
      { id: 'do light', name: 'Light', also: 'theme day colours', what: 'look', go: () => setTheme('light') },
      { id: 'do auto', name: 'Light or dark as the device has it', also: 'theme auto', what: 'look', go: () => setTheme('auto') },
      ...handbook().map((e) => ({
        id: `entry ${e.id}`,
        name: e.title,
        also: e.section,
        what: 'handbook',
        go: toHandbook(e.id),
      })),
    ];
  }, [kit, showKeys]);
  const [recent] = useState(recentIds);
  const byId = new Map(targets.map((t) => [t.id, t]));
  // A thing stands for its programme until that is asked for.
  const all = PROGRAMME.test(query.toLowerCase()) ? targets : targets.filter((t) => !t.id.startsWith('programme '));
  const found = query.trim() === '' ? recent.flatMap((id) => byId.get(id) ?? []) : find(all, query);
  const pick = (id: string): void => {
    const target = byId.get(id);
    if (!target) return;
    localStorage.setItem(RECENT_KEY, JSON.stringify([id, ...recent.filter((other) => other !== id)].slice(0, MOST_RECENT)));
    onClose();
    if (typeof target.go === 'string') void navigate(target.go);
    else target.go();
  };
  return (
    <Sheet title="Find anything" open onClose={onClose}>
      <FindList
        label="Things, bottles, pages, the handbook, commands"
        query={query}
        onQuery={setQuery}
        found={found}
        nothing={query.trim() === '' ? 'Type the first letters of anything.' : 'Nothing is called that.'}
        onPick={pick}
      />
    </Sheet>
  );
}
