import { hourOf, shortName, wordsOf } from '../core/units/day';
import styled from 'styled-components';
import { bandGround, type Band } from './strata';
import { color, font } from './theme';
import { lanesOf, timeScale, type TimeSpan } from './timeScale';
import { HOUR_MS } from '../core/units/time';

export interface TimeBlock extends TimeSpan {
  readonly id: string;
  readonly title: string;
  readonly hint?: string;
  /** Hand work has no band: it is drawn in ink. */
  readonly band?: Band;
}
export interface TimeRow {
  readonly id: string;
  readonly name: string;
  readonly hint?: string;
  readonly blocks: readonly TimeBlock[];
  /** Only waits: its hours are drawn together where nothing else happens. */
  readonly waits?: boolean;
}
const Scroll = styled.div`
  overflow-x: auto;
  padding-bottom: 8px;
`;
const Grid = styled.div`
  display: grid;
  grid-template-columns: 148px minmax(0, 1fr);
  position: relative;
`;
const Name = styled.div`
  border-top: 1px solid ${color.line};
  padding: 8px 12px 8px 0;
  line-height: 1.25;
  font-weight: 650;
  position: sticky;
  left: 0;
  background: ${color.ground};
  z-index: 2;
  small {
    display: block;
    font-weight: 400;
    font-size: 13px;
    color: ${color.quiet};
  }
`;
const Lanes = styled.div`
  border-top: 1px solid ${color.line};
  padding: 4px 0;
  position: relative;
`;
const Lane = styled.div<{ $thin: boolean }>`
  position: relative;
  height: ${(p) => (p.$thin ? 20 : 40)}px;
  margin: 3px 0;
`;
const Block = styled.div<{ $band: Band | undefined }>`
  position: absolute;
  top: 0;
  bottom: 0;
  min-width: 3px;
  border-radius: 2px;
  overflow: hidden;
  forced-color-adjust: none;
  background: ${(p) => (p.$band ? bandGround(p.$band) : color.ink)};
`;
/* Words stand on a plain ground, never on the hatch. */
const Words = styled.span`
  position: absolute;
  left: 3px;
  top: 3px;
  max-width: calc(100% - 6px);
  padding: 0 4px;
  border-radius: 2px;
  background: ${color.panel};
  color: ${color.ink};
  font-size: 13px;
  line-height: 17px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  b {
    font-weight: 650;
  }
`;
const Hours = styled.div`
  position: relative;
  height: 40px;
  font-family: ${font.mono};
  font-size: 13px;
  color: ${color.quiet};
  span {
    position: absolute;
    white-space: nowrap;
  }
  b {
    position: absolute;
    top: 0;
    color: ${color.ink};
    font-family: ${font.text};
    white-space: nowrap;
  }
`;
const Hair = styled.i`
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 1px solid ${color.line};
`;
const Now = styled.i`
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 2px solid ${color.alarm};
  z-index: 1;
`;
/** Least space between two hours that are written, as a share of the line. */
const APART = 0.055;
/** A block that is drawn narrower than this says nothing in itself, px; one letter needs less. */
const WORDS_PX = 56;
const LETTER_PX = 20;
/** Names of the rows, px; the line's own least width, and how far it grows. */
const NAMES_PX = 148;
const LINE_PX = { least: 560, most: 2400, perMinute: 1.15 } as const;

/**
 * Who does what when, a line a machine. Hours in which only something hangs are drawn together. What it shows stands as a list beside it,
 * for those who do not see it: the drawing itself says nothing to a screen reader.
 */
export function Timeline({ rows, now, label }: { rows: readonly TimeRow[]; now?: number; label: string }) {
  const active = rows.filter((r) => !r.waits).flatMap((r) => r.blocks);
  const { at, weight } = timeScale(
    active,
    rows.filter((r) => r.waits).flatMap((r) => r.blocks),
  );
  const all = rows.flatMap((r) => r.blocks);
  if (all.length === 0) return null;
  const width = Math.min(LINE_PX.most, Math.max(LINE_PX.least, NAMES_PX + weight * LINE_PX.perMinute));
  const says = (b: TimeBlock, share: number): boolean =>
    b.band !== undefined && share * (width - NAMES_PX) > (b.title.length === 1 ? LETTER_PX : WORDS_PX);
  const { marks, first, last } = marksOf(all, at);
  const percent = (share: number): string => `${(share * 100).toFixed(3)}%`;
  return (
    // It scrolls, so it can be reached by key.
    <Scroll role="region" aria-label={label} tabIndex={0}>
      <Grid aria-hidden="true" style={{ minWidth: width }}>
        <Name style={{ borderTop: 0 }} />
        <Hours>
          {marks.map((m) => (
            <span key={m.ms} style={{ left: percent(m.at), top: 20, transform: m.at > 0.96 ? 'translateX(-100%)' : 'none' }}>
              {m.text}
            </span>
          ))}
          {marks
            .filter((m) => m.day !== null)
            .map((m) => (
              <b key={m.ms} style={{ left: percent(m.at) }}>
                {m.day}
              </b>
            ))}
        </Hours>
        {rows.map((row) => {
          const thin = row.blocks.every((b) => b.band === undefined);
          return [
            <Name key={`${row.id}-name`}>
              {row.name}
              {row.hint && <small>{row.hint}</small>}
            </Name>,
            <Lanes key={row.id}>
              {marks.map((m) => (
                <Hair key={m.ms} style={{ left: percent(m.at) }} />
              ))}
              {now !== undefined && now > first && now < last && <Now style={{ left: percent(at(now)) }} />}
              {lanesOf(row.blocks).map((lane) => (
                <Lane key={lane[0]?.id} $thin={thin}>
                  {lane.map((b) => {
                    const [left, right] = [at(b.from), at(b.to)];
                    return (
                      <Block
                        key={b.id}
                        $band={b.band}
                        style={{ left: percent(left), width: percent(right - left) }}
                        title={b.title}
                      >
                        {says(b, right - left) && (
                          <Words>
                            <b>{b.title}</b> {b.hint}
                          </Words>
                        )}
                      </Block>
                    );
                  })}
                </Lane>
              ))}
            </Lanes>,
          ];
        })}
      </Grid>
    </Scroll>
  );
}

/** Full hours, and the day where it changes; none so near the last that they could not be read. */
function marksOf(all: TimeBlock[], at: (ms: number) => number) {
  const first = Math.min(...all.map((b) => b.from));
  const last = Math.max(...all.map((b) => b.to));
  const marks: { ms: number; at: number; text: string; day: string | null }[] = [];
  const hour = new Date(first);
  hour.setMinutes(0, 0, 0);
  let day = '';
  for (let ms = hour.getTime() < first ? hour.getTime() + HOUR_MS : hour.getTime(); ms <= last; ms += HOUR_MS) {
    const place = at(ms);
    const date = new Date(ms);
    const words = wordsOf(date);
    const name = `${shortName(words.weekday)} ${words.day} ${shortName(words.month)}`;
    if (name === day && place - (marks.at(-1)?.at ?? -1) < APART) continue;
    if (name !== day && place - (marks.at(-1)?.at ?? -1) < APART) marks.pop();
    marks.push({ ms, at: place, text: hourOf(date), day: name === day ? null : name });
    day = name;
  }
  return { marks, first, last };
}
