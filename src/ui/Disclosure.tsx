import { ChevronRight } from 'lucide-react';
import { useId, useState, type ReactNode } from 'react';
import { Button, Disclosure as AriaDisclosure, DisclosurePanel } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { overAll } from './Button';
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

const Row = styled.div<{ $wide: boolean }>`
  position: relative;
  min-height: ${size.touch};
  padding: 6px 28px 6px 0;
  line-height: 1.35;
  ${(p) =>
    p.$wide &&
    css`
      display: flex;
      flex-wrap: wrap;
      justify-content: space-between;
      align-items: baseline;
      column-gap: 16px;
      > :first-child {
        flex: 1 1 14em;
      }
    `}
`;
/** The name of the line; a press anywhere on the line is a press on it. */
const Whole = styled(Button)`
  ${press}
  display: inline-flex;
  align-items: center;
  min-height: calc(${size.touch} - 12px);
  padding: 0;
  color: ${color.ink};
  > svg {
    position: absolute;
    right: 0;
    top: calc(50% - 9px);
    color: ${color.quiet};
  }
  ${overAll}
`;
/**
 * A line of a list that opens where it stands. `head`: its name, which is pressed; `more`: what is said beside it, or at the far end of the
 * line where it is `wide`; `always`: what is seen folded too.
 */
export function Fold({
  head,
  more,
  wide = false,
  always,
  open = false,
  children,
}: {
  head: ReactNode;
  more?: ReactNode;
  wide?: boolean;
  always?: ReactNode;
  open?: boolean;
  children: ReactNode;
}) {
  const said = useId();
  const says = more !== undefined && more !== '';
  return (
    <Frame defaultExpanded={open}>
      <Row $wide={wide}>
        <Whole slot="trigger" {...(says ? { 'aria-describedby': said } : {})}>
          <span>
            <Said>{head}</Said>
          </span>
          <ChevronRight size={18} aria-hidden="true" />
        </Whole>
        {says && <span id={said}>{more}</span>}
      </Row>
      {always}
      <DisclosurePanel>{children}</DisclosurePanel>
    </Frame>
  );
}
