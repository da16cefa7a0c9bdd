process.env.CHROME_BIN ||= '/usr/bin/chromium';

module.exports = (config) =>
  config.set({
    frameworks: ['jasmine'],
    plugins: [require('karma-jasmine'), require('karma-chrome-launcher')],
    client: {
      clearContext: false,
      jasmine: { random: true, seed: process.env.HOPSK_ORDER, failSpecWithNoExpectations: true, timeoutInterval: 120000 },
    },
    reporters: ['dots'],
    customLaunchers: {
      ChromiumHeadlessRoot: {
        base: 'ChromeHeadless',
        flags: [
          '--no-sandbox',
          '--disable-gpu',
          '--disable-dev-shm-usage',
          '--no-first-run',
          '--disable-background-networking',
          '--disable-component-update',
          '--disable-extensions',
          // As after a tap: specs listen to what sounds.
          '--autoplay-policy=no-user-gesture-required',
          '--window-size=1280,800',
        ],
      },
    },
    browsers: ['ChromiumHeadlessRoot'],
    hostname: '127.0.0.1',
    listenAddress: '127.0.0.1',
    captureTimeout: 120000,
    browserNoActivityTimeout: 150000,
    // A busy machine keeps the page, or this process, waiting: that is no lost browser.
    pingTimeout: 120000,
    browserDisconnectTimeout: 60000,
    browserDisconnectTolerance: 0,
    restartOnFileChange: false,
    singleRun: true,
  });
