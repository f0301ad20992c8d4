import styled from 'styled-components';
import { color, font, phone, wetHands } from '../../ui/theme';

export const Screen = styled.main<{ $aside?: boolean }>`
  ${wetHands}
  padding: 20px 32px 32px;
  max-width: ${(p) => (p.$aside ? 1180 : 760)}px;
  min-height: 100vh;
  display: flex;
  flex-direction: column;
  gap: 20px;
  ${phone} {
    padding: 16px 20px 0;
  }
`;
/** The step on the left and how dry it is on the right; one below the other on a phone. */
export const Beside = styled.div<{ $aside: boolean }>`
  display: grid;
  grid-template-columns: ${(p) => (p.$aside ? 'minmax(0, 1.25fr) minmax(0, 1fr)' : 'minmax(0, 1fr)')};
  gap: 20px 48px;
  align-items: start;
  > div {
    display: flex;
    flex-direction: column;
    gap: 20px;
  }
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
export const Big = styled.h1`
  font-size: 36px;
  line-height: 1.15;
  text-wrap: balance;
  outline: none;
  ${phone} {
    font-size: 30px;
  }
`;
export const Clock = styled.p`
  font: 700 96px/1 ${font.text};
  letter-spacing: -0.03em;
  font-variant-numeric: tabular-nums;
  margin: 4px 0;
  ${phone} {
    font-size: 72px;
  }
`;
export const Text = styled.p`
  font-size: 21px;
  line-height: 1.45;
  max-width: 34em;
`;
/** Said once more at the top of a phone, where its own place is further down. */
export const InSight = styled.p`
  display: none;
  font-size: 19px;
  ${phone} {
    display: block;
  }
`;
export const HeatLine = styled.p`
  font-size: 22px;
  strong {
    color: ${color.heat};
    text-transform: uppercase;
  }
`;
export const Actions = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
  margin-top: auto;
  position: sticky;
  bottom: 0;
  background: ${color.ground};
  padding: 12px 0 8px;
  border-top: 1px solid ${color.line};
`;
/** The rarer actions of a step, after all else. */
export const AtHand = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0 20px;
  > :last-child {
    margin-left: auto;
  }
`;
/** The same, opened on a phone. */
export const Rarer = styled.div`
  flex-basis: 100%;
  display: flex;
  flex-wrap: wrap;
  gap: 0 20px;
`;
/** One answer, or two side by side. */
export const Answers = styled.div<{ $two: boolean }>`
  display: grid;
  grid-template-columns: ${(p) => (p.$two ? 'minmax(0, 1fr) minmax(0, 1fr)' : 'minmax(0, 1fr)')};
  gap: 10px;
  > button {
    white-space: normal;
    line-height: 1.15;
    padding: 6px 12px;
  }
`;
export const Pair = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 10px;
  > button {
    white-space: normal;
    line-height: 1.15;
    padding: 6px 12px;
  }
`;
