import type { ReactNode } from 'react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { TextButton } from './Button';
import { Floating } from './Floating';

const Inner = styled(Dialog)`
  padding: 16px 20px;
  outline: none;
  font-size: 15px;
  max-width: 46ch;
  li {
    padding: 3px 0;
  }
`;
/** The reason for something, beside it: opens over the page, and moves nothing on it. */
export function Why({ label = 'Why', of, children }: { label?: string; of: string; children: ReactNode }) {
  return (
    <DialogTrigger>
      <TextButton aria-label={`${label}: ${of}`}>{label}</TextButton>
      <Floating>
        <Inner aria-label={`${label}: ${of}`}>{children}</Inner>
      </Floating>
    </DialogTrigger>
  );
}
