/* global jasmine */
// A spec that waits for an answer is no measure of speed: this only ends one that hangs, on a machine however busy.
jasmine.DEFAULT_TIMEOUT_INTERVAL = 120_000;

/** Where the time goes is said at the end: the slowest specs, in seconds. */
const times = [];
jasmine.getEnv().addReporter({
  specDone: ({ fullName, duration }) => void times.push([duration / 1000, fullName]),
  jasmineDone: () => {
    const slowest = times.sort(([a], [b]) => b - a).slice(0, 8);
    console.log(`\nslowest: ${slowest.map(([seconds, name]) => `${seconds.toFixed(1)} ${name.slice(0, 60)}`).join(' · ')}`);
  },
});
