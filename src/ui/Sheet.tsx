import type { ReactNode } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { color } from './theme';

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: rgb(20 26 24 / 0.55);
  display: grid;
  place-items: center;
  padding: 16px;
  z-index: 40;
`;
const Box = styled(Modal)<{ $wide: boolean }>`
  background: ${color.panel};
  color: ${color.ink};
  border: 1px solid ${color.line};
  border-radius: 4px;
  box-shadow: 0 8px 32px rgb(0 0 0 / 0.3);
  max-width: ${(p) => (p.$wide ? 1120 : 640)}px;
  width: 100%;
  max-height: 90vh;
  overflow: auto;
`;
const Inner = styled(Dialog)`
  padding: 24px;
  display: flex;
  flex-direction: column;
  gap: 16px;
  outline: none;
`;

/** A question that must be answered before anything else. Escape closes it. */
export function Sheet({
  title,
  open,
  wide = false,
  onClose,
  children,
}: {
  title: string;
  open: boolean;
  wide?: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Overlay isOpen={open} onOpenChange={(isOpen) => !isOpen && onClose()} isDismissable>
      <Box $wide={wide}>
        <Inner>
          <Heading slot="title" style={{ fontSize: 22 }}>
            {title}
          </Heading>
          {children}
        </Inner>
      </Box>
    </Overlay>
  );
}
