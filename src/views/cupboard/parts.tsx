import styled from 'styled-components';
import { color, phone } from '../../ui/theme';

export const Lines = styled.ul`
  margin-top: 8px;
  > li {
    border-top: 1px solid ${color.line};
    padding: 8px 0;
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 4px 16px;
    align-items: center;
    min-height: 52px;
  }
`;
export const Two = styled.div<{ $wide?: boolean }>`
  display: grid;
  grid-template-columns: ${(p) => (p.$wide ? 'minmax(0, 2.1fr) minmax(0, 1fr)' : 'minmax(0, 1fr) minmax(0, 1fr)')};
  gap: 48px;
  align-items: start;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
    gap: 28px;
  }
`;
export const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 16px;
  align-items: start;
`;

/** Money with its currency, to the cent. */
export const moneyText = (amount: number, currency: string | undefined): string =>
  `${amount.toFixed(2)} ${currency ?? ''}`.trim();
