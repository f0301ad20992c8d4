import { Said } from './said';
import { X } from 'lucide-react';
import { Button, Text } from 'react-aria-components';
import {
  UNSTABLE_Toast as Toast,
  UNSTABLE_ToastContent as ToastContent,
  UNSTABLE_ToastQueue as ToastQueue,
  UNSTABLE_ToastRegion as ToastRegion,
} from 'react-aria-components/Toast';
import styled from 'styled-components';
import { color, phone } from './theme';

export interface Notice {
  readonly text: string;
  /** Takes back what was done. */
  readonly undo: (() => Promise<unknown> | void) | null;
}
/** Long enough to be read twice; a pointer or the focus on it stops the clock. */
const SHOWN_MS = 9000;
const queue = new ToastQueue<Notice>({ maxVisibleToasts: 3 });
/** Says what happened. */
export const show = (notice: Notice): void => void queue.add(notice, { timeout: SHOWN_MS });
/** Takes back the newest of what is on show; false when nothing there can be. */
export function undoNewest(): boolean {
  const newest = queue.visibleToasts.find((t) => t.content.undo !== null);
  if (!newest) return false;
  void newest.content.undo?.();
  queue.close(newest.key);
  return true;
}

const LABEL = 'What just happened';
/** Goes to the newest of what was said: to its undo where it has one. */
export const enterToasts = (): void =>
  document.querySelector<HTMLElement>(`[role=region][aria-label="${LABEL}"] button`)?.focus();

/* In a run, and in a sheet, what is pressed next stands at the bottom: there they come at the top. */
const Region = styled(ToastRegion)<{ $top: boolean }>`
  position: fixed;
  ${(p) => (p.$top ? 'right: 32px; top: 72px;' : 'left: 108px; bottom: 20px;')}
  display: flex;
  flex-direction: column-reverse;
  gap: 8px;
  z-index: 70;
  outline-offset: 4px;
  @media print {
    display: none;
  }
  ${phone} {
    left: 12px;
    right: 12px;
    ${(p) => (p.$top ? '' : 'bottom: 84px;')}
    /* A stack would cover what the hand is about to press. */
    li:not(:first-child) {
      display: none !important;
    }
  }
  /* Where a bar of its own stands above the places, above that. */
  body:has([data-startable]) && {
    ${phone} {
      bottom: 148px;
    }
  }
  body:has([data-sheet]) && {
    right: 16px;
    top: 16px;
    left: auto;
    bottom: auto;
    ${phone} {
      right: 12px;
      left: 12px;
    }
  }
` as unknown as <T>(props: React.ComponentProps<typeof ToastRegion<T>> & { $top: boolean }) => React.ReactElement;
const Box = styled(Toast)`
  background: ${color.ink};
  color: ${color.onInk};
  border-radius: 4px;
  padding: 4px 4px 4px 16px;
  display: flex;
  align-items: center;
  gap: 8px;
  box-shadow: 0 4px 16px rgb(0 0 0 / 0.25);
  outline-offset: 2px;
  max-width: 560px;
  button {
    border: 0;
    background: none;
    color: inherit;
    min-height: 44px;
    min-width: 44px;
    padding: 0 8px;
    display: inline-grid;
    place-items: center;
    font-weight: 600;
    cursor: pointer;
  }
  button:not([slot='close']) {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
` as typeof Toast;
const Message = styled(ToastContent)`
  flex: 1;
  padding: 8px 0;
`;

/** What was just done, and the way to take it back. `top`: on a run, where the bottom is being pressed. */
export function Toasts({ top }: { top: boolean }) {
  return (
    <Region $top={top} queue={queue} aria-label={LABEL}>
      {({ toast }) => (
        <Box toast={toast}>
          <Message>
            <Text slot="title">
              <Said>{toast.content.text}</Said>
            </Text>
          </Message>
          {toast.content.undo && (
            <Button
              onPress={() => {
                void toast.content.undo?.();
                queue.close(toast.key);
              }}
            >
              Undo
            </Button>
          )}
          <Button slot="close" aria-label="Close">
            <X size={16} aria-hidden="true" />
          </Button>
        </Box>
      )}
    </Region>
  );
}
