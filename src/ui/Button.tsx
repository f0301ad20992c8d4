import type { ReactNode } from 'react';
import { Button as AriaButton, type ButtonProps as AriaButtonProps } from 'react-aria-components';
import { Link } from 'react-router';
import styled, { css } from 'styled-components';
import { drawnApart } from './steady';
import { color, size as text } from './theme';

/** `main`: the one thing to do here; `quiet`: what may also be done; `danger`: what takes something away. */
export type Look = 'main' | 'quiet' | 'danger';
/** `big`: 64 px, for wet hands at the tub. */
export type Size = 'usual' | 'big';

interface FaceProps {
  readonly $look: Look;
  readonly $size: Size;
  readonly $named?: boolean;
}
const face = css<FaceProps>`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  min-height: ${(p) => (p.$size === 'big' ? '64px' : text.touch)};
  padding: 0 ${(p) => (p.$size === 'big' ? 24 : 18)}px;
  border: 1.5px solid ${(p) => (p.$look === 'danger' ? color.alarm : color.ink)};
  border-radius: 4px;
  background: ${(p) => (p.$look === 'main' ? color.ink : 'transparent')};
  color: ${(p) => (p.$look === 'danger' ? color.alarm : p.$look === 'quiet' ? color.ink : color.onInk)};
  font-weight: 650;
  font-size: ${(p) => (p.$size === 'big' ? '20px' : '16px')};
  text-decoration: none;
  cursor: pointer;
  ${(p) =>
    p.$named
      ? css`
          max-width: 100%;
          overflow-wrap: anywhere;
          text-align: left;
        `
      : css`
          white-space: nowrap;
        `}
  &[data-pressed] {
    transform: translateY(1px);
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  /* Nothing is pressed on paper. */
  @media print {
    display: none;
  }
`;
const Face = styled(AriaButton)<FaceProps>`
  ${face}
`;
export type Pressed = Omit<AriaButtonProps, 'className' | 'style' | 'children'> & {
  readonly children?: ReactNode;
  readonly style?: React.CSSProperties;
};

interface ButtonLook {
  readonly look?: Look;
  readonly size?: Size;
  /** What stands on it names a thing or places, at whatever length. */
  readonly named?: boolean;
}
/** Does something here. One `main` a page; Enter inside a form presses the one of `type="submit"`. To go to another place, take `LinkButton`. */
export const Button = drawnApart(({ look = 'main', size = 'usual', named = false, ...rest }: Pressed & ButtonLook) => (
  <Face $look={look} $size={size} $named={named} {...rest} />
));

const LinkFace = styled(Link)<FaceProps>`
  ${face}
`;
/** The look of a button where pressing it goes to another place. */
export function LinkButton({
  look = 'main',
  size = 'usual',
  named = false,
  ...rest
}: React.ComponentProps<typeof Link> & ButtonLook) {
  return <LinkFace $look={look} $size={size} $named={named} {...rest} />;
}

const Words = styled(AriaButton)`
  border: 0;
  background: none;
  padding: 10px 4px;
  min-height: ${text.touch};
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  font-weight: 500;
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  /* Nothing is pressed on paper. */
  @media print {
    display: none;
  }
`;
/** An action inside a sentence or a row, underlined. */
export const TextButton = drawnApart((props: Pressed) => <Words {...props} />);

const Bare = styled(AriaButton)`
  border: 0;
  padding: 0;
  margin: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
  &[data-disabled] {
    cursor: default;
  }
`;
/** A press anywhere in the frame around it, which is `position: relative`, is a press on it. */
export const overAll = css`
  &::after {
    content: '';
    position: absolute;
    inset: 0;
  }
  &[data-focus-visible] {
    outline: none;
  }
  &[data-focus-visible]::after {
    outline: 3px solid ${color.water};
    outline-offset: 2px;
    border-radius: 4px;
  }
`;
/** A picture, a row or a card that is pressed as a whole; whoever uses it says how it looks. */
export const PressArea = drawnApart(function PressArea({ className, ...rest }: Pressed & { className?: string }) {
  return <Bare {...(className === undefined ? {} : { className })} {...rest} />;
});
/**
 * The name of a card or a line that is pressed as a whole; what says more of it stands beside it and describes it, for what stands on a button
 * is its name (WCAG 2.5.3). The frame around it is `position: relative`.
 */
export const NamePress = styled(PressArea)`
  ${overAll}
`;
