import express, { Router, type Request, type Response } from 'express';
import { DEVICE_FAULTS, DEVICES, type DeviceFault, type DeviceId } from '../../src/core/devices';
import { HEATS, type Heat } from '../../src/core/gear';
import { advance, makeWorld, putOn, readingOf, type World } from './world';

/** How often readings are sent, ms of real time. */
const SEND_MS = 250;
const MOST_SPEED = 3600;
const positive = (x: unknown, most: number): x is number => typeof x === 'number' && x > 0 && x <= most;

/**
 * Stand-in devices: a hanging scale, a dryer with a knob that drifts, a room sensor. `GET /events` streams what they say; the rest steers
 * them. One world a server; its time runs while somebody listens, `speed` times as fast as the clock.
 */
export function devices(seed: number): Router {
  let world: World = makeWorld(seed);
  let speed = 1;
  const listeners = new Set<Response>();
  let timer: NodeJS.Timeout | null = null;
  const tick = (): void => {
    advance(world, (speed * SEND_MS) / 60_000);
    for (const device of DEVICES) {
      const reading = readingOf(world, device);
      if (reading) for (const listener of listeners) listener.write(`data: ${JSON.stringify(reading)}\n\n`);
    }
  };
  const refuse = (response: Response, message: string): void => void response.status(400).json({ message });
  const router = Router();
  router.use(express.json({ limit: '10kb' }));
  router.get('/', (_request, response) => {
    response.json({ devices: DEVICES, speed, minute: world.minute, faults: world.faults, dryer: world.dryer });
  });
  router.get('/events', (request: Request, response: Response) => {
    response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', Connection: 'keep-alive' });
    response.flushHeaders();
    response.write(': here\n\n');
    listeners.add(response);
    timer ??= setInterval(tick, SEND_MS);
    request.on('close', () => {
      listeners.delete(response);
      if (listeners.size === 0 && timer) {
        clearInterval(timer);
        timer = null;
      }
    });
  });
  /** Begins anew: the same seed tells the same story. */
  router.post('/reset', (request, response) => {
    const { seed: wanted, speed: factor } = (request.body ?? {}) as Record<string, unknown>;
    if (factor !== undefined && !positive(factor, MOST_SPEED))
      return refuse(response, `speed must be above 0 and at most ${MOST_SPEED}`);
    world = makeWorld(typeof wanted === 'number' ? wanted : seed);
    speed = typeof factor === 'number' ? factor : 1;
    response.json({ speed });
  });
  router.post('/load', (request, response) => {
    const { dryG, heldKgPerKg, exchangeS } = (request.body ?? {}) as Record<string, unknown>;
    if (!positive(dryG, 50_000) || !positive(heldKgPerKg, 10) || !positive(exchangeS, 1e6))
      return refuse(response, 'dryG, heldKgPerKg and exchangeS must be numbers above 0');
    putOn(world, { dryG, heldKgPerKg, exchangeS });
    response.json({ on: dryG });
  });
  router.post('/dryer', (request, response) => {
    const { heat, running } = (request.body ?? {}) as Record<string, unknown>;
    if (heat !== undefined && !HEATS.includes(heat as Heat)) return refuse(response, `heat must be one of ${HEATS.join(', ')}`);
    if (heat !== undefined) world.dryer.chosen = world.dryer.knob = heat as Heat;
    if (typeof running === 'boolean') world.dryer.running = running;
    response.json(world.dryer);
  });
  router.post('/:device/fault', (request, response) => {
    const device = request.params.device as DeviceId;
    const { fault } = (request.body ?? {}) as Record<string, unknown>;
    if (!DEVICES.includes(device))
      return void response.status(404).json({ message: `There is no device called ${String(device)}.` });
    if (fault !== null && !DEVICE_FAULTS.includes(fault as DeviceFault))
      return refuse(response, `fault must be null or one of ${DEVICE_FAULTS.join(', ')}`);
    if (fault === null) delete world.faults[device];
    else world.faults[device] = fault as DeviceFault;
    response.json(world.faults);
  });
  return router;
}
