import type { ReactNode } from 'react';
import { Breadcrumb, Breadcrumbs } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { color, phone, size } from './theme';

const Frame = styled.nav`
  color: ${color.quiet};
  font-size: ${size.small};
  display: flex;
  gap: 4px 16px;
  flex-wrap: wrap;
  /* A name may be one long word. */
  overflow-wrap: anywhere;
  ol {
    display: flex;
    flex-wrap: wrap;
    gap: 0 8px;
  }
  li:not(:last-child)::after {
    content: ' /';
  }
  a {
    text-decoration: none;
    display: inline-block;
    padding: 4px 0;
  }
  a:hover {
    text-decoration: underline;
  }
  /* What stands beside it on a desk comes below, however long the way is. */
  ${phone} {
    width: 100%;
    min-height: 29px;
  }
  strong {
    color: ${color.ink};
    font-weight: 650;
    display: inline-block;
    padding: 4px 0;
  }
`;
/** The way from the place to this page; the page itself last. `children`: what else is known of it, in one line. */
export function Crumbs({
  trail,
  here,
  children,
}: {
  trail: readonly { readonly to: string; readonly name: string }[];
  here: string;
  children?: ReactNode;
}) {
  return (
    <Frame aria-label="Where" data-crumbs>
      <Breadcrumbs>
        {[
          ...trail.map(({ to, name }) => (
            <Breadcrumb key={to} id={to}>
              <Link to={to}>{name}</Link>
            </Breadcrumb>
          )),
          <Breadcrumb key="here" id="here">
            <strong aria-current="page">{here}</strong>
          </Breadcrumb>,
        ]}
      </Breadcrumbs>
      {children}
    </Frame>
  );
}
