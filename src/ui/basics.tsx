import type { ReactNode } from 'react';
import styled from 'styled-components';
import { useSaid } from './said';
import { color, font, phone, size } from './theme';

/** A page: the answer at the top, everything aligned to one left edge. */
export const Page = styled.main`
  /* The last line can be scrolled clear of what was just said, a stack of it on a desk. */
  padding: 24px 32px 216px;
  max-width: 1240px;
  display: flex;
  flex-direction: column;
  gap: 24px;
  ${phone} {
    /* There of the bar, and of what was just said above it. */
    padding: 16px 16px 176px;
    gap: 20px;
  }
`;
export const Row = styled.div<{ $gap?: number; $wrap?: boolean; $between?: boolean; $top?: boolean }>`
  display: flex;
  align-items: ${(p) => (p.$top ? 'flex-start' : 'center')};
  gap: ${(p) => p.$gap ?? 12}px;
  ${(p) => p.$wrap && 'flex-wrap: wrap;'}
  ${(p) => p.$between && 'justify-content: space-between;'}
`;
export const Column = styled.div<{ $gap?: number }>`
  display: flex;
  flex-direction: column;
  gap: ${(p) => p.$gap ?? 12}px;
  min-width: 0;
`;
/** Two columns on a desk, one below the other on a phone. `$left`: width of the first against the second. */
export const TwoColumns = styled.div<{ $left?: number }>`
  display: grid;
  grid-template-columns: minmax(0, ${(p) => p.$left ?? 1}fr) minmax(0, 1fr);
  gap: 40px;
  align-items: start;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
    gap: 28px;
  }
`;
/** A drawing and what is said of it beside; one below the other on a phone. */
export const DrawingAside = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 380px) minmax(0, 1fr);
  gap: 32px;
  align-items: start;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
  }
`;
/** Names and what each is, as `dt` and `dd`. `$name`: width of the names, px. */
export const FactList = styled.dl<{ $name?: number }>`
  display: grid;
  grid-template-columns: ${(p) => p.$name ?? 120}px minmax(0, 1fr);
  gap: 6px 16px;
  margin: 0;
  dt {
    color: ${color.quiet};
  }
  dd {
    margin: 0;
  }
`;
const QuietFace = styled.span`
  color: ${color.quiet};
  font-size: ${size.small};
`;
/** Second voice: facts that support the answer, in the user's units. */
export const Quiet = ({ children, ...rest }: React.ComponentProps<typeof QuietFace>) => (
  <QuietFace {...rest}>{useSaid(children)}</QuietFace>
);
const FigureFace = styled.span`
  font-family: ${font.mono};
  font-size: 15px;
`;
/** A sum as it was worked out: in metric units, whatever the user reads, because its figures belong together. */
export const Working = styled.span`
  font-family: ${font.mono};
  font-size: 14px;
`;
/** A figure with its unit, as the user reads it. */
export const Figure = ({ children, ...rest }: React.ComponentProps<typeof FigureFace>) => (
  <FigureFace {...rest}>{useSaid(children)}</FigureFace>
);
export const Rule = styled.hr`
  border: 0;
  border-top: 1px solid ${color.line};
  margin: 0;
  width: 100%;
`;
const EmptyBox = styled.div`
  border: 1px dashed ${color.line};
  border-radius: 4px;
  padding: 32px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  align-items: flex-start;
`;
/** Nothing here yet, and what to do about it. */
export function Empty({
  title,
  whole = false,
  children,
}: {
  title: string;
  /** It is all that the page says. */ whole?: boolean;
  children?: ReactNode;
}) {
  return (
    <EmptyBox>
      {whole ? <h1>{title}</h1> : <h2>{title}</h2>}
      {children}
    </EmptyBox>
  );
}

const NoteBox = styled.p<{ $tone: 'alarm' | 'quiet' | 'good'; $small: boolean }>`
  border-left: 4px solid ${(p) => (p.$tone === 'alarm' ? color.alarm : p.$tone === 'good' ? color.finish : color.line)};
  padding: ${(p) => (p.$small ? 0 : 4)}px 0 ${(p) => (p.$small ? 0 : 4)}px 12px;
  max-width: ${(p) => (p.as === 'div' ? 'none' : '72ch')};
  ${(p) => p.$small && 'font-size: 15px; line-height: 1.4; margin-bottom: 8px;'}
`;
/** A caution, an assumption or good news, beside the thing it is about. */
export function Note({
  tone = 'quiet',
  small = false,
  as,
  children,
}: {
  /** `div` where it holds more than words. */
  as?: 'div';
  tone?: 'alarm' | 'quiet' | 'good';
  /** Inside a line of a list. */
  small?: boolean;
  children: ReactNode;
}) {
  return (
    <NoteBox {...(as ? { as } : {})} $tone={tone} $small={small}>
      {useSaid(children)}
    </NoteBox>
  );
}

export const Fieldset = styled.fieldset`
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
  legend {
    padding: 0;
    font-weight: 650;
    margin-bottom: 4px;
  }
`;
export const Hidden = styled.span`
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
  white-space: nowrap;
`;
