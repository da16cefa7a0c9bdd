describe('a spec that waits for an answer', () => {
  it('ends only when it hangs, however busy the machine is', () => {
    expect(jasmine.DEFAULT_TIMEOUT_INTERVAL).toBe(120_000);
  });
});
