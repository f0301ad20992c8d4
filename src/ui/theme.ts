import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/atkinson-hyperlegible-mono';
import { createGlobalStyle } from 'styled-components';

/** Names of the colours; their values live in `GlobalStyle`, once for light and once for dark. */
export const color = {
  ground: 'var(--ground)',
  panel: 'var(--panel)',
  line: 'var(--line)',
  ink: 'var(--ink)',
  quiet: 'var(--quiet)',
  water: 'var(--water)',
  heat: 'var(--heat)',
  air: 'var(--air)',
  finish: 'var(--finish)',
  alarm: 'var(--alarm)',
  dry: 'var(--dry)',
  onInk: 'var(--on-ink)',
} as const;
export const font = {
  text: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif",
  mono: "'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace",
} as const;
/** Type sizes, px; `touch`: the least height of what is pressed, 44 px, and 64 where hands are wet. */
export const size = {
  small: '14px',
  body: '16px',
  lead: '20px',
  title: '26px',
  answer: '36px',
  run: '64px',
  touch: 'var(--touch)',
} as const;
/** Inside it hands are wet. */
export const wetHands = `--touch: 64px;`;
/** Up to this width it is a phone, px. */
export const PHONE_PX = 720;
export const phone = `@media (max-width: ${PHONE_PX}px)`;

const dark = `
  --ground: #141A18; --panel: #1C2422; --line: #35403C; --ink: #ECEFEA; --quiet: #A3AEA8; --water: #6FC0DC; --heat: #F0A070;
  --air: #B9A8DC; --finish: #B5D070; --alarm: #FF8A80; --dry: #8A8371; --on-ink: #141A18; --hatch: rgba(20, 26, 24, 0.45);
`;
const light = `
  --ground: #F4F1EA; --panel: #FFFDF8; --line: #D8D2C4; --ink: #18211F; --quiet: #55605B; --water: #1F6F8B; --heat: #B4501A;
  --air: #6C5B8C; --finish: #4F6F1A; --alarm: #B3261E; --dry: #CFC6B2; --on-ink: #FFFDF8; --hatch: rgba(255, 253, 248, 0.42);
`;

export const GlobalStyle = createGlobalStyle`
  :root { ${light} color-scheme: light; --touch: 44px; }
  @media (prefers-color-scheme: dark) { :root:not([data-theme='light']) { ${dark} color-scheme: dark; } }
  :root[data-theme='dark'] { ${dark} color-scheme: dark; }
  *, *::before, *::after { box-sizing: border-box; }
  html { -webkit-text-size-adjust: 100%; }
  body { margin: 0; background: var(--ground); color: var(--ink); font: 400 16px/1.5 ${font.text}; font-variant-numeric: tabular-nums; overflow-wrap: break-word; }
  h1, h2, h3 { font-weight: 700; line-height: 1.2; margin: 0; letter-spacing: -0.01em; }
  h1 { font-size: 30px; text-wrap: balance; }
  h2 { font-size: 20px; }
  h3 { font-size: 16px; }
  p { margin: 0; }
  a { color: inherit; }
  ul, ol { margin: 0; padding: 0; list-style: none; }
  button { font: inherit; color: inherit; }
  /* What is focused through a hidden input shows it on its label; what only holds the focus somewhere inside does not. */
  :focus-visible, label[data-focus-visible] { outline: 3px solid var(--water); outline-offset: 2px; border-radius: 4px; }
  @media (prefers-reduced-motion: reduce) { *, *::before, *::after { animation: none !important; transition: none !important; } }
  @page { margin: 13mm 14mm; }
  @media print {
    nav:not([data-crumbs]), .no-print { display: none !important; }
    body { background: #fff; color: #000; }
    /* The frame’s columns are for a screen; where a page has something for paper, that alone is printed. */
    #root > div { display: block; }
    main { padding: 0; }
    main:has(> [data-paper]) > :not([data-paper]) { display: none !important; }
  }
`;
