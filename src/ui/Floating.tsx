import { useEffect, useState, type ReactNode } from 'react';
import { Popover } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { color, phone } from './theme';

/** The look of what lies over the page beside its control. */
export const overLook = css`
  background: ${color.panel};
  color: ${color.ink};
  border: 1px solid ${color.quiet};
  border-radius: 4px;
  box-shadow: 0 4px 16px rgb(0 0 0 / 0.25);
`;
const Over = styled(Popover)`
  ${overLook}
  max-width: min(480px, 92vw);
  overflow: auto;
  outline: none;
  &[data-trigger='Select'] {
    min-width: var(--trigger-width);
  }
  ${phone} {
    /* A tray from below, where the thumb is; React Aria has placed it beside its control. */
    position: fixed !important;
    inset: auto 0 0 !important;
    max-height: 75dvh !important;
    max-width: none;
    border-width: 1px 0 0;
    border-radius: 12px 12px 0 0;
    padding-bottom: calc(8px + env(safe-area-inset-bottom));
    box-shadow: 0 0 0 100vmax rgb(20 26 24 / 0.55);
  }
`;
const Lines = styled.div`
  display: contents;
  ${phone} {
    &[data-held] {
      pointer-events: none;
    }
  }
`;

/** Whether a pointer is held down just now. */
let down = false;
if (typeof addEventListener === 'function') {
  addEventListener('pointerdown', () => (down = true), true);
  for (const end of ['pointerup', 'pointercancel']) addEventListener(end, () => (down = false), true);
}
/** A tray lies over the control that opened it: the press that is still held there does not choose what came under it. */
function Inside({ children }: { children: ReactNode }) {
  const [held, setHeld] = useState(down);
  useEffect(() => {
    if (!held) return;
    const free = (): void => void setTimeout(() => setHeld(false));
    addEventListener('pointerup', free, { once: true });
    addEventListener('pointercancel', free, { once: true });
    return () => {
      removeEventListener('pointerup', free);
      removeEventListener('pointercancel', free);
    };
  }, [held]);
  return <Lines {...(held ? { 'data-held': true } : {})}>{children}</Lines>;
}

/** What opens from a control: beside it on a desk, as a tray from below on a phone. */
export function Floating({ children }: { children: ReactNode }) {
  return (
    <Over>
      <Inside>{children}</Inside>
    </Over>
  );
}
