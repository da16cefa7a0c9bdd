import type { Simulation } from '../motion/simulation.js';
import { GRAVITY } from '../motion/sizes.js';

/** A flight of the whole body: both feet off the floor. Seconds and metres. */
export interface Flight {
  readonly from: number;
  readonly to: number;
  readonly rise: number;
}

/** Flights in time order: stretches in which both feet are in the air at once, with their rise h = g t²/8. */
export function flightsOf(sim: Simulation): Flight[] {
  const flights: Flight[] = [];
  for (const move of sim.moves) {
    for (const a of move.actions) {
      if (a.foot !== 'left') continue;
      for (const b of move.actions) {
        if (b.foot !== 'right') continue;
        const from = Math.max(a.start, b.start);
        const to = Math.min(airUntil(a), airUntil(b));
        if (to - from > 1e-6) flights.push({ from, to, rise: (GRAVITY * (to - from) ** 2) / 8 });
      }
    }
  }
  return flights.sort((a, b) => a.from - b.from);
}

const airUntil = (action: Simulation['actions'][number] | Simulation['moves'][number]['actions'][number]): number =>
  action.kind === 'step' ? action.end : (action.airborneUntil ?? action.start);

/**
 * Height of the body above its standing at time t, metres.
 * @example heightAt([], 1) // 0
 */
export function heightAt(flights: readonly Flight[], t: number): number {
  const flight = flights.find((one) => one.from <= t && t <= one.to);
  return flight ? (GRAVITY / 2) * (t - flight.from) * (flight.to - t) : 0;
}
