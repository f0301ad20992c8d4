import { type CSSProperties, type ReactNode } from 'react';
import { Form as AriaForm } from 'react-aria-components';
import styled from 'styled-components';
import { Contents, drawnApart, Framed } from './steady';
import { color } from './theme';

const Lines = styled(AriaForm)`
  display: flex;
  flex-direction: column;
  gap: 16px;
  min-width: 0;
`;
/** Stands there before anything is said in it, and takes no room till then. */
const Alert = styled.div`
  &:empty {
    position: absolute;
  }
`;
const Others = styled.ul`
  color: ${color.alarm};
  font-weight: 600;
`;
/** Faults by the name of their field. */
export type Faults = Readonly<Record<string, string>>;
/** No fault, of which there is one. */
export const NONE: Faults = {};

/**
 * Fields that are kept together. Enter in any of them submits; with a field at fault nothing is submitted and the focus goes to it.
 * `faults` come from the format's own rules: each stands beside the field of that name, those without a field at the end.
 */
export function Form({
  label,
  faults = NONE,
  fields = [],
  style,
  onSubmit,
  children,
}: {
  label?: string;
  faults?: Faults;
  /** Names that have a field here; faults of others are listed at the end. */
  fields?: readonly string[];
  style?: CSSProperties;
  onSubmit: () => void;
  children: ReactNode;
}) {
  const others = Object.entries(faults).filter(([name]) => !fields.includes(name));
  const frame = (
    <Frame
      {...(label === undefined ? {} : { label })}
      {...(style === undefined ? {} : { style })}
      faults={faults}
      onSubmit={onSubmit}
    />
  );
  return (
    <Framed frame={frame}>
      {children}
      <Alert role="alert">
        {others.length > 0 && (
          <Others>
            {others.map(([name, text]) => (
              <li key={name}>
                {name ? `${name}: ` : ''}
                {text}
              </li>
            ))}
          </Others>
        )}
      </Alert>
    </Framed>
  );
}

function Around({
  label,
  faults,
  style,
  onSubmit,
}: {
  label?: string;
  faults: Faults;
  style?: CSSProperties;
  onSubmit: () => void;
}) {
  return (
    <Lines
      {...(label === undefined ? {} : { 'aria-label': label })}
      {...(style === undefined ? {} : { style })}
      validationErrors={faults}
      onSubmit={(event) => {
        event.preventDefault();
        event.stopPropagation();
        onSubmit();
      }}
    >
      <Contents />
    </Lines>
  );
}
/** A fault that is found once more is said once more. */
const Frame = drawnApart(Around, ['faults']);
