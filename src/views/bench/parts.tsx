import { Fragment } from 'react';
import styled from 'styled-components';
import { Said } from '../../ui/said';
import { color, font } from '../../ui/theme';

/** A sum with the numbers in it. */
export const Sum = styled.p`
  font: 400 17px/1.6 ${font.mono};
  border-left: 4px solid ${color.water};
  padding: 6px 0 6px 14px;
  overflow-wrap: anywhere;
`;
const Lines = styled.dl`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  margin: 0;
  dt,
  dd {
    margin: 0;
    padding: 8px 0;
    border-top: 1px solid ${color.line};
  }
  dd {
    text-align: right;
    font-family: ${font.mono};
    font-size: 16px;
    padding-left: 16px;
  }
`;
/** Figures with their names, in the user's units; a line that is null is left out. */
export function Figures({ lines }: { lines: readonly (readonly [name: string, figure: string] | null)[] }) {
  return (
    <Lines>
      {lines.map(
        (line) =>
          line && (
            <Fragment key={line[0]}>
              <dt>
                <Said>{line[0]}</Said>
              </dt>
              <dd>
                <Said>{line[1]}</Said>
              </dd>
            </Fragment>
          ),
      )}
    </Lines>
  );
}
/** A number for reading: at most three figures that count. */
export function num(x: number): string {
  if (x === 0) return '0';
  const size = Math.abs(x);
  const digits = size >= 100 ? 0 : size >= 10 ? 1 : size >= 0.1 ? 2 : 3;
  return String(Number(x.toFixed(digits)));
}
