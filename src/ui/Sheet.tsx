import { type ReactNode, useCallback, useState } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from './Button';
import { Touched } from './field';
import { Contents, drawnApart, Framed } from './steady';
import { color, phone } from './theme';

const Overlay = styled(ModalOverlay)<{ $above: boolean }>`
  position: fixed;
  inset: 0;
  background: rgb(20 26 24 / 0.55);
  display: grid;
  place-items: center;
  padding: 16px;
  z-index: ${(p) => (p.$above ? 50 : 40)};
  ${phone} {
    place-items: end stretch;
    padding: 0;
  }
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
  ${phone} {
    max-height: 94dvh;
    border-radius: 12px 12px 0 0;
    border-width: 1px 0 0;
  }
`;
const Inner = styled(Dialog)`
  padding: 24px;
  display: flex;
  flex-direction: column;
  gap: 16px;
  outline: none;
  ${phone} {
    padding: 20px 16px calc(20px + env(safe-area-inset-bottom));
  }
`;
const Answers = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
`;

/** A question with two ways to go on; Escape is the safe one. For what can be undone nobody is asked: it is done, and offers to be undone. */
export function Ask({
  title,
  children,
  stay,
  go,
  onStay,
  onGo,
}: {
  title: string;
  children?: ReactNode;
  /** What the safe answer is called: it stands first and has the focus. */
  stay: string;
  go: string;
  onStay: () => void;
  onGo: () => void;
}) {
  return (
    <Overlay $above isOpen onOpenChange={(open) => !open && onStay()} isDismissable>
      <Box $wide={false} style={{ maxWidth: 440 }}>
        <Inner role="alertdialog">
          <Heading slot="title" style={{ fontSize: 20 }}>
            {title}
          </Heading>
          {children}
          <Answers>
            <Button autoFocus onPress={onStay}>
              {stay}
            </Button>
            <Button look="danger" onPress={onGo}>
              {go}
            </Button>
          </Answers>
        </Inner>
      </Box>
    </Overlay>
  );
}

/**
 * Something to fill in or to answer before anything else. Escape or a press beside it closes it; when a field in it was changed it asks
 * first. A button inside that says it leaves things as they were calls `onClose` itself, and is not asked. From below on a phone.
 */
export function Sheet({
  title,
  open,
  wide = false,
  changed: begun = false,
  onClose,
  children,
}: {
  title: string;
  open: boolean;
  wide?: boolean;
  /** Something that is not kept stands here from the start. */
  changed?: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  const [touched, setChanged] = useState(false);
  const changed = touched || begun;
  const [asking, setAsking] = useState(false);
  const touch = useCallback(() => setChanged(true), []);
  const shut = (): void => (changed ? setAsking(true) : onClose());
  return (
    <Framed frame={<Frame title={title} open={open} wide={wide} onShut={shut} />}>
      <Touched.Provider value={touch}>{children}</Touched.Provider>
      {asking && (
        <Ask
          title="Your changes are not saved."
          stay="Keep changing"
          go="Throw them away"
          onStay={() => setAsking(false)}
          onGo={onClose}
        >
          <p>If you leave now, they are gone.</p>
        </Ask>
      )}
    </Framed>
  );
}
const Frame = drawnApart(function Frame({
  title,
  open,
  wide,
  onShut,
}: {
  title: string;
  open: boolean;
  wide: boolean;
  onShut: () => void;
}) {
  return (
    <Overlay data-sheet $above={false} isOpen={open} onOpenChange={(isOpen) => !isOpen && onShut()} isDismissable>
      <Box $wide={wide}>
        <Inner>
          <Heading slot="title" style={{ fontSize: 22 }}>
            {title}
          </Heading>
          <Contents />
        </Inner>
      </Box>
    </Overlay>
  );
});
