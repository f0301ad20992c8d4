import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, Disclosure as AriaDisclosure, DisclosurePanel } from 'react-aria-components';
import styled from 'styled-components';
import { color, size } from './theme';

const Frame = styled(AriaDisclosure)`
  min-width: 0;
`;
const Head = styled(Button)`
  border: 0;
  background: none;
  padding: 4px 0;
  min-height: ${size.touch};
  font-size: 14px;
  text-align: left;
  color: ${color.quiet};
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  display: inline-flex;
  align-items: center;
  gap: 4px;
  svg {
    flex: none;
  }
  &[aria-expanded='true'] svg {
    transform: rotate(90deg);
  }
`;
/** What is read only by those who ask: folded away under its name. For one reason beside a word, take `Why`. */
export function Disclosure({ title, open = false, children }: { title: string; open?: boolean; children: ReactNode }) {
  return (
    <Frame defaultExpanded={open}>
      <Head slot="trigger">
        <ChevronRight size={16} aria-hidden="true" />
        {title}
      </Head>
      <DisclosurePanel>{children}</DisclosurePanel>
    </Frame>
  );
}
