import type { ReactNode } from 'react';
import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components';
import { useLocation, useNavigate } from 'react-router';
import styled from 'styled-components';
import { color } from './theme';

const Line = styled(TabList)`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  border-bottom: 1px solid ${color.line};
` as typeof TabList;
const Part = styled(Tab)`
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  text-decoration: none;
  color: ${color.quiet};
  border-bottom: 3px solid transparent;
  margin-bottom: -1px;
  cursor: pointer;
  &[data-selected] {
    color: ${color.ink};
    font-weight: 700;
    border-bottom-color: ${color.ink};
  }
`;
const Panel = styled(TabPanel)`
  display: flex;
  flex-direction: column;
  gap: 24px;
  margin-top: 24px;
  outline-offset: 6px;
`;

export interface PlacePart {
  readonly to: string;
  readonly name: string;
}
/** Parts of one place, each with its own address, so that back, a reload and a link lead to it. The first one's address is the place's own. */
export function PlaceTabs({ label, parts, children }: { label: string; parts: readonly PlacePart[]; children: ReactNode }) {
  const { pathname } = useLocation();
  const navigate = useNavigate();
  const under = (to: string): boolean => pathname === to || pathname.startsWith(`${to}/`);
  const here = parts.slice(1).find(({ to }) => under(to)) ?? parts[0];
  return (
    // Each part is a page: the arrow keys go along the names, Enter opens one.
    <Tabs
      selectedKey={here?.to ?? ''}
      keyboardActivation="manual"
      onSelectionChange={(to) => String(to) !== pathname && void navigate(String(to))}
    >
      <Line aria-label={label} items={parts}>
        {({ to, name }) => (
          <Part id={to} key={to}>
            {name}
          </Part>
        )}
      </Line>
      <Panel id={here?.to ?? ''}>{children}</Panel>
    </Tabs>
  );
}
