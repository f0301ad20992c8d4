import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { isStuck, readReading, type Reading } from '../../src/core/devices';
import { makeApp } from '../../server/app';
import { advance, makeWorld, putOn, readingOf, type World } from '../../server/devices/world';

const LOAD = { dryG: 430, heldKgPerKg: 1.2, exchangeS: 1300 };
const wet = (seed: number): World => {
  const world = makeWorld(seed);
  putOn(world, LOAD);
  world.dryer.running = true;
  return world;
};
const scale = (world: World): number => (readingOf(world, 'scale') as { value: number }).value;

describe('the stand-in world', () => {
  test('the same seed tells the same story, another one another', () => {
    const story = (seed: number): string => {
      const world = wet(seed);
      const said: unknown[] = [];
      for (let n = 0; n < 20; n++) {
        advance(world, 15);
        said.push(readingOf(world, 'scale'), readingOf(world, 'dryer'), readingOf(world, 'room'));
      }
      return JSON.stringify(said);
    };
    expect(story(7)).toBe(story(7));
    expect(story(7)).not.toBe(story(8));
  });
  test('a thing in a running dryer loses all its water and no more; in a standing one none', () => {
    const world = wet(1);
    expect(scale(world)).toBeGreaterThan(940);
    advance(world, 60);
    const hour = scale(world);
    expect(hour).toBeLessThan(900);
    advance(world, 900);
    expect(Math.abs(scale(world) - 430)).toBeLessThan(6);
    const still = wet(1);
    still.dryer.running = false;
    advance(still, 600);
    expect(scale(still)).toBeGreaterThan(940);
  });
  test('the knob slips upwards sooner or later, never down', () => {
    const world = wet(3);
    advance(world, 20 * 60);
    expect(['medium', 'high']).toContain(world.dryer.knob);
  });
  test('faults on request: gone, noisy, in pounds, stuck, and well again', () => {
    const world = wet(5);
    world.faults.scale = 'drop-out';
    expect(readingOf(world, 'scale')).toBeNull();
    world.faults.scale = 'wrong-unit';
    expect(readingOf(world, 'scale')).toMatchObject({ unit: 'lb', value: 2.09 });
    world.faults.scale = 'stuck';
    const held = scale(world);
    advance(world, 60);
    expect(scale(world)).toBe(held);
    delete world.faults.scale;
    expect(scale(world)).toBeLessThan(held - 50);
    world.faults.scale = 'noise';
    const spread = Array.from({ length: 30 }, () => scale(world));
    expect(Math.max(...spread) - Math.min(...spread)).toBeGreaterThan(20);
  });
});

describe('readings', () => {
  test('only what is one is taken', () => {
    expect(readReading('{"device":"scale","minute":1,"value":500,"unit":"g"}')).toMatchObject({ value: 500 });
    for (const bad of [
      '',
      'x',
      'null',
      '{}',
      '{"device":"scale","minute":1,"value":"500","unit":"g"}',
      '{"device":"scale","minute":1,"value":5,"unit":"stone"}',
      '{"device":"room","minute":1,"airC":20,"rhPercent":130}',
      '{"device":"dryer","minute":1,"knob":"hot","airC":5}',
    ])
      expect(readReading(bad)).toBeNull();
  });
  test('a dozen equal values in a row look stuck', () => {
    expect(isStuck(Array.from({ length: 12 }, () => 500))).toBe(true);
    expect(isStuck(Array.from({ length: 11 }, () => 500))).toBe(false);
    expect(isStuck([...Array.from({ length: 11 }, () => 500), 499])).toBe(false);
  });
});

describe('over HTTP', () => {
  const server = makeApp({ dist: 'nowhere', demo: false, now: () => 0 }).listen(0, '127.0.0.1');
  let base = '';
  beforeAll(async () => {
    if (!server.listening) await new Promise((resolve) => server.once('listening', resolve));
    base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/devices`;
  });
  afterAll(() => {
    server.closeAllConnections();
    server.close();
  });
  const post = async (path: string, body: unknown): Promise<{ status: number; body: Record<string, unknown> }> => {
    const answer = await fetch(`${base}${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
    return { status: answer.status, body: (await answer.json()) as Record<string, unknown> };
  };
  test('streams what every device says, many times as fast as the clock', async () => {
    await post('/reset', { seed: 9, speed: 1200 });
    await post('/load', LOAD);
    await post('/dryer', { heat: 'low', running: true });
    const stop = new AbortController();
    const answer = await fetch(`${base}/events`, { signal: stop.signal });
    expect(answer.headers.get('content-type')).toContain('text/event-stream');
    const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
    const heard: Reading[] = [];
    let text = '';
    while (heard.filter((r) => r.device === 'scale').length < 4) {
      const { value } = await reader.read();
      text += value ?? '';
      for (const line of text.split('\n\n').slice(0, -1)) {
        const reading = line.startsWith('data: ') ? readReading(line.slice(6)) : null;
        if (reading) heard.push(reading);
      }
      text = text.slice(text.lastIndexOf('\n\n') + 2);
    }
    stop.abort();
    expect(new Set(heard.map((r) => r.device))).toEqual(new Set(['scale', 'dryer', 'room']));
    const weights = heard.flatMap((r) => (r.device === 'scale' ? [r.value] : []));
    expect(weights[3]).toBeLessThan((weights[0] ?? 0) - 10);
  });
  test('nonsense is refused with what would be right', async () => {
    expect(await post('/dryer', { heat: 'hot' })).toMatchObject({
      status: 400,
      body: { message: 'heat must be one of air, low, medium, high' },
    });
    expect((await post('/load', { dryG: -1 })).status).toBe(400);
    expect((await post('/reset', { speed: 0 })).status).toBe(400);
    expect((await post('/scale/fault', { fault: 'bored' })).status).toBe(400);
    expect((await post('/kettle/fault', { fault: null })).status).toBe(404);
    expect((await post('/scale/fault', { fault: 'stuck' })).body).toEqual({ scale: 'stuck' });
    expect((await post('/scale/fault', { fault: null })).body).toEqual({});
  });
});
