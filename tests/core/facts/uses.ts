import type { CareEntry } from '../../../src/core/gear';
import { CLEAN, comp, down, downBag, item, keys, shell, used, withSchool } from '../../make';
import { fact, type Fact, PRACTICE, steps } from './fact';

/* Use drives care: what comes back is rinsed, aired or knocked off, hard use is washed. */
const vest = item('running-vest', [comp('face', 'elastane-mesh')], { massG: 200 });
const flask = item('soft-flask', [comp('shell', 'tpu')], { massG: 40 });
const cloth = item('cloth', [comp('face', 'split-microfibre')], { jobClass: 'general' });
const boots = item('boot', [comp('upper', 'polyester-mesh'), comp('outsole', 'rubber')]);
const tent = item('tent', [comp('face', 'polyester-woven'), comp('coating', 'pu-coating')], { repellency: 'none' });
const washed = (at: string): CareEntry => ({ id: at, type: 'care', itemId: 'x', at, method: 'machine', did: ['washed'] });
const thrice = [washed('2026-03-01T08:00:00Z'), washed('2026-06-01T08:00:00Z'), washed('2026-09-01T08:00:00Z')];

export const USE_FACTS: readonly Fact[] = [
  ...[vest, flask].map((thing) =>
    fact('assess/use-rinse', PRACTICE, thing, CLEAN, used({}), (p) => p.aims.join() === 'rinse' && p.decidedBy.join() === 'log'),
  ),
  fact('assess/use-rinse', PRACTICE, vest, CLEAN, used({ at: '2027-01-02T08:00:00Z' }), (p) => p.aims.length === 0),
  fact('assess/use-cloth', PRACTICE, cloth, CLEAN, used({}), (p) => p.aims.includes('wash')),
  fact('assess/use-hard', PRACTICE, boots, CLEAN, used({ hard: true }), (p) => p.aims.includes('wash')),
  fact('assess/use-boots', PRACTICE, boots, CLEAN, used({}), (p) => p.aims.join() === 'air'),
  steps(PRACTICE, boots, CLEAN, used({}), ['knock-off-after-use', 'air-shoe', 'store-shoes']),
  fact('assess/use-wet', PRACTICE, shell(), CLEAN, used({ weather: ['rain'] }), (p) => p.aims.includes('air')),
  fact('assess/use-wet', PRACTICE, down(), CLEAN, used({ weather: ['dry'] }), (p) => p.aims.length === 0),
  fact('assess/use-air', PRACTICE, downBag(), CLEAN, used({ nights: 2 }), (p) => p.aims.join() === 'air'),
  fact('assess/use-air', PRACTICE, tent, CLEAN, used({ nights: 1 }), (p) => keys(p).includes('air-shelter')),
  fact('steps/thaw', PRACTICE, { ...flask, inFreezer: true }, CLEAN, used({}), (p) => keys(p)[0] === 'thaw'),
  // A vest bears three machine washes in a year.
  fact(
    'schools/VEST-MACHINE',
    PRACTICE,
    vest,
    { soil: 3 },
    { ...withSchool('VEST-MACHINE', 'machine'), log: thrice.slice(0, 2) },
    (p) => p.method === 'machine',
  ),
  fact(
    'schools/VEST-MACHINE',
    PRACTICE,
    vest,
    { soil: 3 },
    { ...withSchool('VEST-MACHINE', 'machine'), log: thrice },
    (p) => p.method === 'hand' && p.blocked.some((b) => b.rule === 'machine-washes-spent'),
  ),
];
