import type { Visit } from './visit';

/** Puts a mark where it belongs with the arrow keys alone: small steps, with shift larger ones. */
export async function steer(v: Visit, label: string, to: readonly [number, number]): Promise<void> {
  const handle = await v.named(new RegExp(`${label}, .+ The arrow keys move it\\.`), 'application');
  await handle.focus();
  for (const [axis, less, more] of [
    ['left', 'ArrowLeft', 'ArrowRight'],
    ['top', 'ArrowUp', 'ArrowDown'],
  ] as const) {
    const at = async (): Promise<number> => parseFloat(await handle.evaluate((e, name) => e.style[name], axis)) / 100;
    const wanted = to[axis === 'left' ? 0 : 1];
    for (let n = 0; n < 200 && Math.abs((await at()) - wanted) > 0.0008; n++) {
      const off = wanted - (await at());
      const big = Math.abs(off) > 0.0151;
      if (big) await v.page.keyboard.down('Shift');
      await v.page.keyboard.press(off > 0 ? more : less);
      if (big) await v.page.keyboard.up('Shift');
    }
  }
}
