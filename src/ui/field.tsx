import { createContext, type CSSProperties, type ReactNode, useContext, useState } from 'react';
import { FieldError, FieldErrorContext, Label, Text, type ValidationResult } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { Row } from './basics';
import { useSay } from './said';
import { color, font, size } from './theme';

/** What every field shares: its frame, its name, the line to type in, what is wrong with it. */
export const fieldBox = css`
  display: flex;
  flex-direction: column;
  gap: 4px;
  font-size: ${size.small};
  min-width: 0;
  ${Row} > & {
    flex: 1 1 200px;
  }
`;
/** The frame of a field that is so wide, px; without it takes what room there is. */
export const sized = (width: number | undefined): CSSProperties =>
  width === undefined ? {} : { flex: 'none', width, maxWidth: '100%' };
export const FieldName = styled(Label)`
  font-weight: 600;
`;
export const lineLook = css`
  font: 400 16px ${font.text};
  min-height: ${size.touch};
  padding: 8px 12px;
  border: 1px solid ${color.quiet};
  border-radius: 4px;
  background: ${color.panel};
  color: ${color.ink};
  min-width: 0;
  width: 100%;
  text-align: left;
  &[data-focus-visible],
  &[data-focus-within] {
    outline: 3px solid ${color.water};
    outline-offset: 1px;
  }
  &[data-invalid] {
    border-color: ${color.alarm};
    border-width: 2px;
  }
  &[data-disabled] {
    opacity: 0.5;
  }
`;
/** A button without a face of its own, as large as a finger: inside a field, in a calendar. */
export const insetButton = css`
  width: 44px;
  height: 44px;
  display: grid;
  place-items: center;
  border: 0;
  background: none;
  color: ${color.quiet};
  cursor: pointer;
`;
const Wrong = styled(FieldError)`
  color: ${color.alarm};
  font-weight: 600;
`;
const HintLine = styled(Text)`
  color: ${color.quiet};
`;
/** Stands there before anything is said in it, and takes no room till then. */
const Said = styled.span`
  &:empty {
    position: absolute;
  }
`;
/** Where something was said that is mended now: its place stays, so that what is pressed next does not move under the hand. */
const Kept = styled.span`
  visibility: hidden;
`;
const faultText = ({ validationDetails, validationErrors }: ValidationResult): string =>
  validationDetails.valueMissing ? 'This is needed.' : validationErrors.join(' ');
/** What is wrong with a field, read aloud when it appears; below it what helps to fill it. */
export function FieldNotes({ fault, hint }: { fault: string | null | undefined; hint?: ReactNode }) {
  const found = useContext(FieldErrorContext);
  const say = useSay();
  const text = found?.isInvalid ? say(fault || faultText(found)) : '';
  const [last, setLast] = useState('');
  if (text !== '' && text !== last) setLast(text);
  return (
    <>
      <Said aria-live="polite">
        <Wrong>{(validation) => say(fault || faultText(validation))}</Wrong>
        {text === '' && last !== '' && <Kept aria-hidden="true">{last}</Kept>}
      </Said>
      {hint ? <HintLine slot="description">{hint}</HintLine> : null}
    </>
  );
}

/** Told by every field when a hand has changed it: a sheet then asks before it throws the change away. */
export const Touched = createContext<() => void>(() => undefined);
/** Wraps what a field calls on a change, so that the sheet around it knows. */
export function useTouch<A extends unknown[]>(onChange: (...args: A) => void): (...args: A) => void {
  const touched = useContext(Touched);
  return (...args) => {
    touched();
    onChange(...args);
  };
}

/**
 * Says that a field is wrong, and nothing while it is not: told that it is right, React Aria would not show what the rules of the format say
 * of it.
 */
export const wrong = (is: boolean) => (is ? { isInvalid: true } : {});
/** The way in which a field stands in its row and its form. */
export interface FieldProps {
  readonly label: string;
  /** The field of the record that it changes: faults of the format's own rules come to stand beside it. */
  readonly name?: string;
  /** px; it takes what room there is without. */
  readonly width?: number;
  readonly required?: boolean;
  readonly disabled?: boolean;
}
/** Those of them that React Aria takes, without the ones left open. */
export const ariaField = ({ name, required, disabled }: Omit<FieldProps, 'label' | 'width'>) => ({
  ...(name === undefined ? {} : { name }),
  ...(required ? { isRequired: true } : {}),
  ...(disabled ? { isDisabled: true } : {}),
});
