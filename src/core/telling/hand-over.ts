import { minutesOf, type Programme, type ProgrammeStep } from '../document';
import { minutesText } from '../units';
import { SUPPLY_WORDS } from '../words';
import { mdText } from '../words/text';
import { glanceOf } from './glance';

/** A programme as it is given to somebody else: on paper, or as text. */
export interface HandOver {
  readonly name: string;
  readonly verdict: string;
  readonly because: string;
  /** Cleaner, water, rinses, drying, hands: one line each. */
  readonly figures: readonly { readonly label: string; readonly value: string; readonly more: string }[];
  readonly toGet: readonly string[];
  readonly steps: readonly HandedStep[];
  /** Steps that are taken only when a check fails. */
  readonly later: readonly HandedStep[];
}
export interface HandedStep {
  readonly title: string;
  readonly text: string;
  /** "10 min of yours, then 45 min by itself". */
  readonly time: string;
  /** What is looked at, and what is good enough; null when nothing is. */
  readonly look: string | null;
  readonly cautions: readonly string[];
}

/** "10 min, then 45 min by itself": the first is of hands. */
export function timeText({ attendedMin, unattendedMin }: Pick<ProgrammeStep, 'attendedMin' | 'unattendedMin'>): string {
  if (unattendedMin === 0) return minutesText(attendedMin);
  return attendedMin === 0
    ? `${minutesText(unattendedMin)} by itself`
    : `${minutesText(attendedMin)}, then ${minutesText(unattendedMin)} by itself`;
}
/** In metric units; for others, put it through `allInUnits`. */
export function handOver(programme: Programme, name: string): HandOver {
  // A caution is said where it first bites.
  const said = new Set<string>();
  const step = (s: ProgrammeStep): HandedStep => {
    const cautions = s.cautions.filter((c) => !said.has(c));
    for (const c of cautions) said.add(c);
    return {
      title: s.title,
      text: s.text,
      time: timeText(s),
      look: s.check ? `${s.check.look} ${s.check.pass}` : null,
      cautions,
    };
  };
  const time = minutesOf(programme.steps);
  const always = programme.steps.filter((s) => s.when === 'always').map(step);
  return {
    name,
    verdict: programme.verdict,
    because: programme.because.length > 0 ? `Because ${programme.because.slice(0, 4).join(', ')}.` : '',
    figures: [
      ...glanceOf(programme).map(({ label, value, more }) => ({ label, value, more })),
      ...(always.length > 0
        ? [{ label: 'In all', value: minutesText(time.all), more: `${minutesText(time.hands)} of your time` }]
        : []),
    ],
    toGet: programme.shopping
      .filter((s) => !s.perhaps)
      .map((s) => `${SUPPLY_WORDS[s.class]}${s.needMl ? `, ${s.needMl} mL` : s.needCount ? ` × ${s.needCount}` : ''}`),
    steps: always,
    later: programme.steps.filter((s) => s.when === 'if-failed').map(step),
  };
}

/** The same as Markdown. */
export function handOverMarkdown(h: HandOver): string {
  const stepLines = ({ title, text, time, look, cautions }: HandedStep, n: number): string[] => [
    `${n + 1}. **${mdText(title)}** (${mdText(time)}). ${mdText(text)}`,
    ...(look ? [`   - Look: ${mdText(look)}`] : []),
    ...cautions.map((c) => `   - Careful: ${mdText(c)}`),
  ];
  const lines = [
    `# ${mdText(h.name)}`,
    '',
    `**${mdText(h.verdict)}** ${mdText(h.because)}`.trim(),
    ...(h.figures.length > 0
      ? ['', ...h.figures.map((f) => `- ${mdText(f.label)}: ${mdText(f.value)} (${mdText(f.more)})`)]
      : []),
    ...(h.toGet.length > 0 ? ['', '## To get first', '', ...h.toGet.map((t) => `- ${mdText(t)}`)] : []),
    ...(h.steps.length > 0 ? ['', '## Steps', '', ...h.steps.flatMap(stepLines)] : []),
    ...(h.later.length > 0 ? ['', '## Only if a look fails', '', ...h.later.flatMap(stepLines)] : []),
  ];
  return `${lines.join('\n')}\n`;
}
