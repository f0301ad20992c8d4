import express, { Router, type Request, type Response } from 'express';
import { DEVICE_FAULTS, DEVICES, type DeviceFault, type DeviceId } from '../../src/core/devices';
import { HEATS, type Heat } from '../../src/core/gear';
import { advance, makeWorld, putOn, readingOf, type World } from './world';
import { MINUTE_MS } from '../../src/core/units/time';

/** How often readings are sent, ms of real time. */
const SEND_MS = 250;
const MOST_SPEED = 3600;
const MOST_MINUTES = 7 * 24 * 60;
const positive = (x: unknown, most: number): x is number => typeof x === 'number' && x > 0 && x <= most;

/** Worlds that are kept; the one unused longest goes first. */
const MOST_WORLDS = 40;
const SEED_WORLD = 'house';

/** One cellar: its devices, how fast its time runs, and who listens. */
interface Cellar {
  world: World;
  speed: number;
  readonly listeners: Set<Response>;
  timer: NodeJS.Timeout | null;
}
/** The world that a visitor is in: the house, or one of their own by a cookie `devices`. */
const nameOf = (request: Request): string =>
  /(?:^|;\s*)devices=([\w-]{1,40})/.exec(request.headers.cookie ?? '')?.[1] ?? SEED_WORLD;

function broadcast({ world, listeners }: Cellar): void {
  for (const device of DEVICES) {
    const reading = readingOf(world, device);
    if (reading) for (const listener of listeners) listener.write(`data: ${JSON.stringify(reading)}\n\n`);
  }
}

/**
 * Stand-in devices: a hanging scale, a dryer with a knob that drifts, a room sensor. `GET /events` streams what they say; the rest steers
 * them. Time runs while somebody listens, `speed` times as fast as the clock, and passes at once with `/advance`.
 */
export function devices(seed: number): Router {
  const cellars = new Map<string, Cellar>();
  const cellarOf = (request: Request): Cellar => {
    const name = nameOf(request);
    const cellar = cellars.get(name) ?? { world: makeWorld(seed), speed: 1, listeners: new Set<Response>(), timer: null };
    cellars.delete(name);
    cellars.set(name, cellar);
    for (const [oldest, { listeners }] of cellars) {
      if (cellars.size <= MOST_WORLDS) break;
      if (listeners.size === 0) cellars.delete(oldest);
    }
    return cellar;
  };
  const refuse = (response: Response, message: string): void => void response.status(400).json({ message });
  const router = Router();
  router.use(express.json({ limit: '10kb' }));
  router.get('/', (request, response) => {
    const { world, speed } = cellarOf(request);
    response.json({ devices: DEVICES, speed, minute: world.minute, faults: world.faults, dryer: world.dryer });
  });
  router.get('/events', (request: Request, response: Response) => {
    const cellar = cellarOf(request);
    response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', Connection: 'keep-alive' });
    response.flushHeaders();
    response.write(': here\n\n');
    cellar.listeners.add(response);
    cellar.timer ??= setInterval(() => {
      advance(cellar.world, (cellar.speed * SEND_MS) / MINUTE_MS);
      broadcast(cellar);
    }, SEND_MS);
    request.on('close', () => {
      cellar.listeners.delete(response);
      if (cellar.listeners.size === 0 && cellar.timer) {
        clearInterval(cellar.timer);
        cellar.timer = null;
      }
    });
  });
  /** Begins anew: the same seed tells the same story. */
  router.post('/reset', (request, response) => {
    const { seed: wanted, speed: factor } = (request.body ?? {}) as Record<string, unknown>;
    if (factor !== undefined && !positive(factor, MOST_SPEED))
      return refuse(response, `speed must be above 0 and at most ${MOST_SPEED}`);
    const cellar = cellarOf(request);
    cellar.world = makeWorld(typeof wanted === 'number' ? wanted : seed);
    cellar.speed = typeof factor === 'number' ? factor : 1;
    response.json({ speed: cellar.speed });
  });
  /** Lets minutes pass at once, and says how things are then. */
  router.post('/advance', (request, response) => {
    const { minutes } = (request.body ?? {}) as Record<string, unknown>;
    if (!positive(minutes, MOST_MINUTES)) return refuse(response, `minutes must be above 0 and at most ${MOST_MINUTES}`);
    const cellar = cellarOf(request);
    advance(cellar.world, minutes);
    broadcast(cellar);
    response.json({ minute: cellar.world.minute });
  });
  router.post('/load', (request, response) => {
    const { dryG, heldKgPerKg, exchangeS } = (request.body ?? {}) as Record<string, unknown>;
    if (!positive(dryG, 50_000) || !positive(heldKgPerKg, 10) || !positive(exchangeS, 1e6))
      return refuse(response, 'dryG, heldKgPerKg and exchangeS must be numbers above 0');
    putOn(cellarOf(request).world, { dryG, heldKgPerKg, exchangeS });
    response.json({ on: dryG });
  });
  router.post('/dryer', (request, response) => {
    const { heat, running } = (request.body ?? {}) as Record<string, unknown>;
    if (heat !== undefined && !HEATS.includes(heat as Heat)) return refuse(response, `heat must be one of ${HEATS.join(', ')}`);
    const { dryer } = cellarOf(request).world;
    if (heat !== undefined) dryer.chosen = dryer.knob = heat as Heat;
    if (typeof running === 'boolean') dryer.running = running;
    response.json(dryer);
  });
  router.post('/:device/fault', (request, response) => {
    const device = request.params.device as DeviceId;
    const { fault } = (request.body ?? {}) as Record<string, unknown>;
    if (!DEVICES.includes(device))
      return void response.status(404).json({ message: `There is no device called ${String(device)}.` });
    if (fault !== null && !DEVICE_FAULTS.includes(fault as DeviceFault))
      return refuse(response, `fault must be null or one of ${DEVICE_FAULTS.join(', ')}`);
    const { faults } = cellarOf(request).world;
    if (fault === null) delete faults[device];
    else faults[device] = fault as DeviceFault;
    response.json(faults);
  });
  return router;
}
