import styled, { css } from 'styled-components';
import type { Phase } from '../core/gear';
import type { ProgrammeStep } from '../core/document';
import { minutesText } from '../core/units';
import { color, font, phone } from './theme';

/** The five kinds of time a programme is made of. */
export type Band = 'dry' | 'water' | 'heat' | 'air' | 'finish';

const PHASE_BAND: Record<Phase, Band> = {
  'prepare-machine': 'dry',
  'prepare-item': 'dry',
  pretreat: 'water',
  wash: 'water',
  rinse: 'water',
  extract: 'water',
  dry: 'air',
  restore: 'finish',
  repel: 'finish',
  verify: 'finish',
  store: 'finish',
};
/** What a strip needs of a step. */
export type StripStep = Pick<ProgrammeStep, 'id' | 'phase' | 'do' | 'when' | 'settings' | 'attendedMin' | 'unattendedMin'>;
export function bandOf(step: Pick<ProgrammeStep, 'phase' | 'do' | 'settings'>): Band {
  if (step.settings.heat !== undefined && step.settings.heat !== 'air') return 'heat';
  if (step.settings.heat === 'air') return 'air';
  if (step.do.startsWith('heat-')) return 'heat';
  return PHASE_BAND[step.phase];
}

/** Hatch, so that colour is never the only signal: water lies level, heat rises, air is dotted, dry work and finish are plain. */
const hatch = {
  water: 'repeating-linear-gradient(0deg, transparent 0 6px, var(--hatch) 6px 7px)',
  heat: 'repeating-linear-gradient(135deg, transparent 0 8px, var(--hatch) 8px 9.5px)',
  air: 'radial-gradient(circle at 4px 4px, var(--hatch) 1.4px, transparent 1.6px) 0 0 / 9px 9px',
  dry: 'none',
  finish: 'repeating-linear-gradient(90deg, transparent 0 11px, var(--hatch) 11px 12px)',
} as const;
/** The ground of a band, as a CSS background: its hatch over its colour. */
export const bandGround = (band: Band): string => (hatch[band] === 'none' ? color[band] : `${hatch[band]}, ${color[band]}`);
const paint = css<{ $band: Band; $faint?: boolean }>`
  background: ${(p) => bandGround(p.$band)};
  ${(p) => p.$faint && 'opacity: 0.35;'}
`;

const Bands = styled.ol<{ $small?: boolean }>`
  display: flex;
  gap: 3px;
  width: 100%;
  overflow: hidden;
`;
const BandItem = styled.li`
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
`;
const Block = styled.span<{ $band: Band; $faint?: boolean; $small?: boolean }>`
  display: block;
  height: ${(p) => (p.$small ? 12 : 44)}px;
  border-radius: 2px;
  ${paint}
`;
/** On a phone the bands are too narrow for words: they stand below, in order. */
const Legend = styled.p`
  display: none;
  ${phone} {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    margin-top: -14px;
    font-size: 14px;
    span {
      display: inline-flex;
      align-items: center;
      gap: 5px;
    }
    i {
      width: 12px;
      height: 12px;
      border-radius: 2px;
    }
  }
`;
const LegendBand = styled.i<{ $band: Band }>`
  ${paint}
`;
const BandText = styled.span`
  display: flex;
  flex-direction: column;
  font-size: 14px;
  line-height: 1.3;
  strong {
    font-weight: 650;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  span {
    color: ${color.quiet};
    font-family: ${font.mono};
    font-size: 13px;
    white-space: nowrap;
  }
  ${phone} {
    display: none;
  }
`;

export interface StripBand {
  readonly name: string;
  readonly band: Band;
  readonly minutes: number;
  readonly hands: boolean;
  readonly ids: readonly string[];
}

const BAND_NAMES: Record<string, string> = {
  'prepare-machine': 'Prepare',
  'prepare-item': 'Prepare',
  pretreat: 'Treat',
  wash: 'Wash',
  rinse: 'Rinse',
  extract: 'Lift',
  dry: 'Dry',
  restore: 'Restore',
  repel: 'Finish',
  verify: 'Check',
  store: 'Store',
};

function nameOf(step: StripStep): string {
  if (step.do === 'tumble') return 'Tumble';
  if (step.do === 'hang') return 'Hang';
  if (step.do === 'soak') return 'Soak';
  if (step.do.startsWith('heat-')) return 'Warm';
  if (step.do === 'spray-proof' || step.do === 'wash-in-proof') return 'Renew';
  if (step.do === 'fluff') return 'Fluff';
  if (step.do === 'refer' || step.do === 'refer-repair') return 'Refer';
  return BAND_NAMES[step.phase] ?? step.phase;
}

/** Consecutive steps of one kind become one band. */
export function bandsOf(steps: readonly StripStep[]): StripBand[] {
  const bands: StripBand[] = [];
  for (const step of steps) {
    if (step.when !== 'always') continue;
    // Turning it round belongs to what was done before.
    const name = step.do === 'turn-right-side-out' ? (bands.at(-1)?.name ?? nameOf(step)) : nameOf(step);
    const band = bandOf(step);
    const minutes = step.attendedMin + step.unattendedMin;
    const hands = step.attendedMin >= 5;
    const last = bands[bands.length - 1];
    if (last && last.name === name && last.band === band) {
      bands[bands.length - 1] = {
        ...last,
        minutes: last.minutes + minutes,
        hands: last.hands || hands,
        ids: [...last.ids, step.id],
      };
    } else bands.push({ name, band, minutes, hands, ids: [step.id] });
  }
  return bands;
}

const width = (minutes: number): number => Math.max(1.6, Math.log2(1 + minutes / 6));

/** A programme as consecutive bands; widths grow with time, compressed. `done` fades what lies behind. */
export function Strip({
  steps,
  small,
  doneIds,
  label,
}: {
  steps: readonly StripStep[];
  small?: boolean;
  doneIds?: ReadonlySet<string>;
  label: string;
}) {
  const bands = bandsOf(steps);
  if (bands.length === 0) return null;
  const words = small ? null : (
    <Legend aria-hidden="true">
      {bands.map((band, index) => (
        <span key={index}>
          <LegendBand $band={band.band} />
          {band.name}
        </span>
      ))}
    </Legend>
  );
  return (
    <>
      <Bands aria-label={label}>
        {bands.map((band, index) => (
          <BandItem key={index} style={{ flex: `${width(band.minutes)} 1 ${small ? 0 : 52}px` }}>
            <Block
              $band={band.band}
              $small={small ?? false}
              $faint={doneIds ? band.ids.every((id) => doneIds.has(id)) : false}
              title={`${band.name}, ${minutesText(band.minutes)}`}
            />
            {!small && (
              <BandText>
                <strong>{band.name}</strong>
                <span>{minutesText(band.minutes)}</span>
              </BandText>
            )}
          </BandItem>
        ))}
      </Bands>
      {words}
    </>
  );
}

/** The coloured edge of a step in a list. */
export const BandEdge = styled.span<{ $band: Band }>`
  width: 7px;
  align-self: stretch;
  border-radius: 2px;
  flex: none;
  ${paint}
`;
