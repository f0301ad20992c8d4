import type { Kind } from '../../core/gear';
import styled from 'styled-components';

export const FieldGrid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 12px;
`;

/** What is sorted by the job it does. */
export const isClothLike = (kind: Kind): boolean => kind === 'cloth' || kind === 'towel';
