import { parseArgs } from 'node:util';
import { faultLine, readKit } from '../src/core/formats';
import { planItem } from '../src/core/programme';
import { answer, fail, readText } from './input';

function readArguments(): { file: string; item: string | undefined } {
  try {
    const { values, positionals } = parseArgs({ options: { item: { type: 'string' } }, allowPositionals: true });
    const [file, ...more] = positionals;
    if (file === undefined || more.length > 0)
      fail(['usage: npm run -s plan -- kit.json [--item ID]   (- reads standard input)']);
    return { file, item: values.item };
  } catch (error) {
    fail([error instanceof Error ? (error.message.split('\n')[0] ?? '') : String(error)]);
  }
}

const { file, item } = readArguments();
const result = readKit(readText(file));
if (result.status !== 'read') fail(result.faults.map((fault) => faultLine(fault)));
const { kit } = result;
if (item !== undefined && !kit.items.some((i) => i.id === item)) fail([`--item: there is no item "${item}" in this kit`]);
const inspected = new Set(kit.inspections.map((inspection) => inspection.itemId));
const wanted = kit.items.filter((i) => (item === undefined ? inspected.has(i.id) : i.id === item));
const programmes = wanted.map((i) => planItem(kit, i));
answer({ programmes });
