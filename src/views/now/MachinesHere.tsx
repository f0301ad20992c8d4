import { Link } from 'react-router';
import { AGENT_WORDS, RESIDUE_WORDS, WASHER_WORDS } from '../../core/words';
import { UPKEEP_WORDS } from '../../core/words/upkeep';

import { Section } from './parts';
import type { NowHere } from './useNow';
import { PATHS } from '../../app/routes';
/** Machines that are not as they should be. */
export function MachinesHere({ dirtyMachines, upkeep }: Pick<NowHere, 'dirtyMachines' | 'upkeep'>) {
  if (dirtyMachines.length + upkeep.length === 0) return null;
  return (
    <Section aria-labelledby="machines">
      <h2 id="machines">Machines</h2>
      {dirtyMachines.map((w) => (
        <p key={w.id}>
          <strong>{w.name ?? WASHER_WORDS[w.kind]}</strong>{' '}
          {(w.unrinsed ?? []).length > 0
            ? `was not rinsed out after ${[...new Set((w.unrinsed ?? []).map((s) => AGENT_WORDS[s.class]))].join(', ')}.`
            : `still holds ${(w.lastLoads ?? []).map((r) => RESIDUE_WORDS[r]).join(', ')} from its last loads.`}{' '}
          <Link to={PATHS.machines}>See the machines</Link>
        </p>
      ))}
      {upkeep.length > 0 && (
        <p>
          Due: {upkeep.map((l) => `${UPKEEP_WORDS[l.task].name.toLowerCase()} (${l.machine.name ?? l.machine.kind})`).join(', ')}.{' '}
          <Link to={PATHS.upkeep}>See the upkeep</Link>
        </p>
      )}
    </Section>
  );
}
