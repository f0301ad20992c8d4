import { NavLink } from 'react-router';
import styled from 'styled-components';
import { color } from './theme';

const Line = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  border-bottom: 1px solid ${color.line};
  a {
    min-height: 44px;
    display: inline-flex;
    align-items: center;
    gap: 8px;
    text-decoration: none;
    color: ${color.quiet};
    border-bottom: 3px solid transparent;
    margin-bottom: -1px;
  }
  a.active {
    color: ${color.ink};
    font-weight: 700;
    border-bottom-color: ${color.ink};
  }
`;

/** Parts of one place, each with its own address. The first one's address is the place's own. */
export function SectionNav({
  label,
  parts,
}: {
  label: string;
  parts: readonly { readonly to: string; readonly name: string }[];
}) {
  return (
    <Line aria-label={label}>
      {parts.map(({ to, name }, n) => (
        <NavLink key={to} to={to} end={n === 0}>
          {name}
        </NavLink>
      ))}
    </Line>
  );
}
