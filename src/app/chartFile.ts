import { downloadBlob } from './download';

/** What of an element's look a picture by itself needs. */
const LOOK = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
] as const;
/** Twice the size on the page, so that it is sharp on paper. */
const SCALE = 2;

/** A drawn chart as a picture of its own: colours and letters as they are seen, on the ground of the page. */
async function chartPng(svg: SVGSVGElement): Promise<Blob | null> {
  const box = svg.getBoundingClientRect();
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const [from, to] = [
    [svg, ...svg.querySelectorAll('*')],
    [copy, ...copy.querySelectorAll('*')],
  ];
  from.forEach((element, n) => {
    const seen = getComputedStyle(element);
    for (const property of LOOK) to[n]?.setAttribute(property, seen.getPropertyValue(property));
  });
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(box.width));
  copy.setAttribute('height', String(box.height));
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(new XMLSerializer().serializeToString(copy))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.ceil(box.width * SCALE), Math.ceil(box.height * SCALE)];
  const context = canvas.getContext('2d');
  if (!context) return null;
  context.fillStyle = getComputedStyle(document.body).backgroundColor;
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done) => canvas.toBlob(done, 'image/png'));
}
/** Hands the chart within an element to the browser as a PNG. @returns what went wrong, in a sentence; null when nothing did. */
export async function saveChart(within: Element | null, name: string): Promise<string | null> {
  const svg = within?.querySelector<SVGSVGElement>('svg.recharts-surface');
  const picture = svg ? await chartPng(svg).catch(() => null) : null;
  if (!picture) return 'The chart could not be made into a picture; its figures stand below it, and go out as CSV.';
  downloadBlob(`${name}.png`, picture);
  return null;
}
