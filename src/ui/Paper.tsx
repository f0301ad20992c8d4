import type { ReactNode } from 'react';
import styled from 'styled-components';

const Sheet = styled.div`
  display: none;
  @media print {
    display: block;
    font-size: 9.5pt;
    line-height: 1.3;
    h1 {
      font-size: 17pt;
      margin: 0 0 4pt;
    }
    h2 {
      font-size: 11pt;
      margin: 8pt 0 3pt;
    }
    ol {
      list-style: none;
    }
    li {
      break-inside: avoid;
      padding: 2.5pt 0;
      border-top: 0.5pt solid #999;
    }
  }
`;
/**
 * What goes on paper in place of a page: shown in print alone, and alone in print when it stands directly in the page. For a page that prints well as
 * it is, take nothing; for what must not be printed, `className="no-print"`.
 */
export const Paper = ({ children }: { children: ReactNode }) => <Sheet data-paper>{children}</Sheet>;
