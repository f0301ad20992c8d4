import { ChevronRight } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Button, Disclosure as AriaDisclosure, DisclosurePanel } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { Said } from './said';
import { color, size } from './theme';

const Frame = styled(AriaDisclosure)`
  min-width: 0;
`;
const press = css`
  border: 0;
  background: none;
  padding: 4px 0;
  min-height: ${size.touch};
  text-align: left;
  cursor: pointer;
  svg {
    flex: none;
  }
  &[aria-expanded='true'] > svg {
    transform: rotate(90deg);
  }
`;
const Head = styled(Button)`
  ${press}
  font-size: 14px;
  color: ${color.quiet};
  text-decoration: underline;
  text-underline-offset: 3px;
  display: inline-flex;
  align-items: center;
  gap: 4px;
`;
/** What is read only by those who ask: folded away under its name. For one reason beside a word, take `Why`; for lines of a list, `Fold`. */
export function Disclosure({
  title,
  open = false,
  alwaysOpen = false,
  children,
}: {
  title: string;
  open?: boolean;
  /** It stands open, whatever is pressed: something in it needs another look. */
  alwaysOpen?: boolean;
  children: ReactNode;
}) {
  const [opened, setOpened] = useState(open);
  return (
    <Frame isExpanded={opened || alwaysOpen} onExpandedChange={setOpened}>
      <Head slot="trigger">
        <ChevronRight size={16} aria-hidden="true" />
        <Said>{title}</Said>
      </Head>
      <DisclosurePanel>{children}</DisclosurePanel>
    </Frame>
  );
}

const Whole = styled(Button)`
  ${press}
  width: 100%;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 20px;
  gap: 8px;
  align-items: center;
  color: ${color.ink};
  > svg {
    justify-self: end;
    color: ${color.quiet};
  }
`;
/** A line of a list that opens where it stands. `head`: what is pressed; `always`: what is seen folded too. */
export function Fold({
  head,
  always,
  open = false,
  children,
}: {
  head: ReactNode;
  always?: ReactNode;
  open?: boolean;
  children: ReactNode;
}) {
  return (
    <Frame defaultExpanded={open}>
      <Whole slot="trigger">
        <span>
          <Said>{head}</Said>
        </span>
        <ChevronRight size={18} aria-hidden="true" />
      </Whole>
      {always}
      <DisclosurePanel>{children}</DisclosurePanel>
    </Frame>
  );
}
