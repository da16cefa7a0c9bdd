/* global jasmine */
// A spec that waits for an answer is no measure of speed: this only ends one that hangs, on a machine however busy.
jasmine.DEFAULT_TIMEOUT_INTERVAL = 120_000;
