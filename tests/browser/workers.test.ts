import { readdirSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { ownServer } from './own-server';
import { newFolder, visit } from './visit';

describe('what works things out and cannot be loaded', () => {
  test('is waited for by nobody: it is said, nothing is lost, and what asks again is answered', async () => {
    const { dist, base, end } = await ownServer();
    const workers = readdirSync(join(dist, 'assets')).filter((file) => /(day|csv|photo|copy|rehearse)\.worker-/.test(file));
    expect(workers.filter((file) => file.endsWith('.js'))).toHaveLength(5);
    for (const file of workers) renameSync(join(dist, 'assets', file), join(dist, `away-${file}`));
    const v = await visit({ base });
    const said = 'Something on this page did not work. Everything recorded is still here';
    await v.go('/wash-day?items=itm-bib,itm-softshell');
    await v.sees('Planning was stopped. Nothing is lost.');
    expect(await v.text()).toContain('No day is put together yet.');
    await v.sees(said);
    // Anew: what was said before is gone.
    await v.load('/kit');
    const csv = join(newFolder(), 'kit.csv');
    writeFileSync(csv, 'name,kind\nSmock,jacket\n');
    await v.file('Take from CSV', csv);
    await v.sees(said);
    expect(await v.text()).not.toContain('Rows read');
    await v.go('/kit/itm-parka');
    const picture = join(newFolder(), 'parka.png');
    writeFileSync(picture, Buffer.from('89504e470d0a1a0a', 'hex'));
    await v.file('Add a photograph', picture);
    await v.sees('parka.png was not kept: what makes photographs small could not be loaded.');
    expect((await v.rows('photos')).filter((p) => p.itemId === 'itm-parka')).toEqual([]);
    await v.go('/kit/itm-quilt/rehearse');
    await v.sees('The rehearsal could not be run.');
    for (const file of workers) renameSync(join(dist, `away-${file}`), join(dist, 'assets', file));
    await v.go('/kit');
    await v.go('/wash-day?items=itm-bib,itm-softshell');
    await v.sees('the last is done');
    await v.close();
    end();
  });
});
