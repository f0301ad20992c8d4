import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { homographyOf, type Point } from '../../core/picture';
import { Column } from '../../ui/basics';
import { Slider } from '../../ui/Slider';
import { color } from '../../ui/theme';

const Frame = styled.div`
  position: relative;
  overflow: hidden;
  border: 1px solid ${color.line};
  img {
    display: block;
    width: 100%;
    height: auto;
  }
`;
const Over = styled.div`
  position: absolute;
  inset: 0;
  overflow: hidden;
  img {
    position: absolute;
    top: 0;
    left: 0;
    transform-origin: 0 0;
  }
`;
const Edge = styled.i`
  position: absolute;
  top: 0;
  bottom: 0;
  width: 3px;
  margin-left: -1.5px;
  background: ${color.panel};
`;
const Tag = styled.span<{ $right: boolean }>`
  position: absolute;
  bottom: 8px;
  ${(p) => (p.$right ? 'right' : 'left')}: 8px;
  padding: 2px 8px;
  border-radius: 4px;
  background: ${color.panel};
  color: ${color.ink};
  font-size: 14px;
  font-weight: 600;
`;
interface Picture {
  readonly address: string;
  readonly width: number;
  readonly height: number;
  readonly corners: readonly Point[] | undefined;
}
/** What takes a picture drawn `width` wide so that its four points lie on those of another of that width. */
function laidOver(from: Picture, to: Picture, width: number): string | undefined {
  if (from.corners?.length !== 4 || to.corners?.length !== 4) return undefined;
  const high = (p: Picture): number => (width * p.height) / p.width;
  const px = (p: Picture): Point[] => (p.corners ?? []).map(([x, y]): Point => [x * width, y * high(p)]);
  const h = homographyOf(px(from), px(to));
  if (!h) return undefined;
  const [a, b, c, d, e, f, g, i] = h;
  return `matrix3d(${[a, d, 0, g, b, e, 0, i, 0, 0, 1, 0, c, f, 0, 1].join(',')})`;
}

/** Before and after over each other: the line between them is drawn by the slider below, by hand or with the arrow keys. */
export function Wipe({ before, after }: { before: Picture; after: Picture }) {
  const [share, setShare] = useState(50);
  const [width, setWidth] = useState(0);
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const box = frame.current;
    if (!box) return;
    const observer = new ResizeObserver(() => setWidth(box.clientWidth));
    observer.observe(box);
    return () => observer.disconnect();
  }, []);
  const transform = width > 0 ? laidOver(before, after, width) : undefined;
  return (
    <Column $gap={4}>
      <Frame ref={frame}>
        <img src={after.address} alt="After" />
        <Over style={{ clipPath: `inset(0 ${100 - share}% 0 0)` }}>
          <img src={before.address} alt="Before" style={{ width: width || '100%', ...(transform ? { transform } : {}) }} />
        </Over>
        <Edge style={{ left: `${share}%` }} />
        <Tag $right={false}>Before</Tag>
        <Tag $right>After</Tag>
      </Frame>
      <Slider label="How much of before" hideLabel value={share} min={0} max={100} onChange={setShare} />
    </Column>
  );
}
