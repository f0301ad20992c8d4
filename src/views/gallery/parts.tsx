import { type ReactNode } from 'react';
import styled from 'styled-components';
import { Quiet } from '../../ui/basics';
import { color } from '../../ui/theme';

const Frame = styled.section`
  border-top: 1px solid ${color.line};
  padding-top: 16px;
  display: flex;
  flex-direction: column;
  gap: 16px;
`;
export const Show = ({ name, when, children }: { name: string; when: string; children: ReactNode }) => (
  <Frame aria-label={name}>
    <div>
      <h2>{name}</h2>
      <Quiet>{when}</Quiet>
    </div>
    {children}
  </Frame>
);
export const MANY = Array.from({ length: 5000 }, (_, n) => ({
  id: `m-${n}`,
  name: `Thing ${n}`,
  also: n % 2 === 0 ? 'Ansa' : 'Bo',
}));
export const nothing = (): void => undefined;
