import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path/posix';

/** The room a file is in: `core/<room>`, or the first folder. @param file below `src`. */
const roomOf = (file: string): string => {
  const [first = '', second = ''] = file.split('/');
  return first === 'core' ? `core/${second}` : file.includes('/') ? first : 'main';
};
/** Every import between two files of `src`, type imports too. */
function importsOf(): { readonly from: string; readonly to: string }[] {
  const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).map((file) => file.replaceAll('\\', '/'));
  return files
    .filter((file) => /\.tsx?$/.test(file))
    .flatMap((file) => {
      const text = readFileSync(join('src', file), 'utf8');
      return [...text.matchAll(/(?:from|import\()\s*'(\.[^']*)'/g)].map(([, to]) => ({
        from: file,
        to: normalize(join(dirname(file), to as string)),
      }));
    });
}

/** Rooms that import each other, with how many imports; sorted, without those within a room. */
export function edges(): readonly (readonly [from: string, to: string, count: number])[] {
  const counts = new Map<string, number>();
  for (const { from, to } of importsOf()) {
    const [a, b] = [roomOf(from), roomOf(/^core\/[^/]+$/.test(to) || !to.includes('/') ? `${to}/index` : to)];
    if (a !== b) counts.set(`${a} ${b}`, (counts.get(`${a} ${b}`) ?? 0) + 1);
  }
  return [...counts]
    .map(([key, count]) => [...(key.split(' ') as [string, string]), count] as const)
    .sort(([a, b], [c, d]) => (`${a} ${b}` < `${c} ${d}` ? -1 : 1));
}

const id = (room: string): string => room.replace(/\W/g, '_');
/** A floor for each room: one above the highest that it imports. */
function floorsOf(list: ReturnType<typeof edges>): Map<string, number> {
  const floors = new Map<string, number>();
  const below = (room: string): number => {
    const known = floors.get(room);
    if (known !== undefined) return known;
    floors.set(room, 0);
    const floor = list.reduce((most, [a, b]) => (a === room ? Math.max(most, below(b) + 1) : most), 0);
    floors.set(room, floor);
    return floor;
  };
  for (const [a, b] of list) [a, b].forEach(below);
  // Rooms that stand alone.
  for (const room of readdirSync('src/core')) below(`core/${room}`);
  return floors;
}
/** A drawing for a Markdown page. */
const drawn = (list: ReturnType<typeof edges>): string =>
  ['```mermaid', 'flowchart TD', ...list.map(([a, b]) => `  ${id(a)}["${a}"] --> ${id(b)}["${b}"]`), '```'].join('\n');

/** docs/rooms.md as the code has it now. */
export function roomsPage(): string {
  const all = edges();
  const house = new Map<string, number>();
  const coarse = (room: string): string => (room.startsWith('core/') ? 'core' : room);
  for (const [a, b, n] of all)
    if (coarse(a) !== coarse(b)) house.set(`${coarse(a)} ${coarse(b)}`, (house.get(`${coarse(a)} ${coarse(b)}`) ?? 0) + n);
  const between = [...house].map(([key, n]) => [...(key.split(' ') as [string, string]), n] as const);
  const core = all.filter(([a, b]) => a.startsWith('core/') && b.startsWith('core/'));
  const floors = floorsOf(core);
  const byFloor = [...new Set(floors.values())].sort((a, b) => b - a);
  const rooms = (floor: number): string =>
    [...floors]
      .filter(([, at]) => at === floor)
      .map(([room]) => room.replace('core/', ''))
      .sort()
      .join(', ');
  return [
    '# The rooms as they are',
    'Made from the code by `npm run rooms`; a test fails when it is out of date. What each room is for: [architecture.md](architecture.md).',
    '## The house',
    drawn(between),
    '## The core, floor by floor',
    'A room imports only rooms of lower floors.',
    ['| floor | rooms |', '| ----- | ----- |', ...byFloor.map((floor) => `| ${floor} | ${rooms(floor)} |`)].join('\n'),
    '## Who imports whom in the core',
    [
      '| room | imports |',
      '| ---- | ------- |',
      ...byFloor.flatMap((floor) =>
        [...floors]
          .filter(([, at]) => at === floor)
          .map(([room]) => room)
          .sort()
          .map(
            (room) =>
              `| ${room.replace('core/', '')} | ${
                core
                  .filter(([a]) => a === room)
                  .map(([, b, n]) => `${b.replace('core/', '')} ${n}`)
                  .join(', ') || 'nothing'
              } |`,
          ),
      ),
    ].join('\n'),
    '',
  ].join('\n\n');
}
