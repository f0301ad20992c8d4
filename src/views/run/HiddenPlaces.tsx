import { newId, nowIso } from '../../app/now';
import { notify } from '../../app/session';
import { CLOTHS, type Cloth, type Kit, type SpotTestEntry } from '../../core/gear';
import { testedAs, testsOf } from '../../core/marks';
import type { Run } from '../../core/run';
import { staysOffText, testText } from '../../core/telling/surfaces';
import { CLOTH_WORDS, TRIED_WORDS } from '../../core/words/marks';
import { capital } from '../../core/words/text';
import { saveEntry } from '../../data/repo';
import { Column, Note } from '../../ui/basics';
import { OneOf } from '../../ui/Choices';
import type { LiveRun } from './useLive';

type Agent = SpotTestEntry['agent'];
/** What a hidden place of the thing said of each product that this run asks about; null = nobody tried it. */
export function hiddenWords(run: Run, kit: Kit | undefined): readonly { readonly agent: Agent; readonly cloth: Cloth | null }[] {
  const asked = [...new Set(run.programme.steps.flatMap((s) => s.settings.tries ?? []))];
  const tests = testsOf(kit?.log ?? [], run.itemId);
  return asked.map((agent) => ({ agent, cloth: testedAs(tests, agent, undefined) }));
}
/** The white cloth, product by product; each answer is a line of the record. */
export function HiddenPlaces({ live: { run, kit } }: { live: LiveRun }) {
  const keep = async (agent: Agent, cloth: Cloth): Promise<void> => {
    const entry: SpotTestEntry = { id: newId('log'), type: 'spot-test', itemId: run.itemId, at: nowIso(), agent, cloth };
    notify(`${testText(entry)}.`, await saveEntry(entry));
  };
  return (
    <Column $gap={16}>
      {hiddenWords(run, kit).map(({ agent, cloth }) => (
        <OneOf
          key={agent}
          label={`${capital(TRIED_WORDS[agent])}: how is the white cloth?`}
          value={cloth}
          options={CLOTHS.map((id) => ({ id, name: CLOTH_WORDS[id].asked }))}
          onChange={(id) => void keep(agent, id as Cloth)}
        />
      ))}
    </Column>
  );
}
/** What must not meet the marks, by what a hidden place said or was never asked. */
export function StaysOff({ live: { run, kit, step } }: { live: LiveRun }) {
  const from = run.programme.steps.findIndex((s) => s.settings.tries !== undefined);
  const at = run.programme.steps.findIndex((s) => s.id === step.id);
  if (from < 0 || at <= from || step.phase !== 'pretreat') return null;
  const text = staysOffText(hiddenWords(run, kit));
  return text && <Note tone="alarm">{text}</Note>;
}
