/** How Debian's Chromium is launched, as root too. */
export const CHROMIUM = {
  executablePath: process.env['CHROME_BIN'] ?? '/usr/bin/chromium',
  chromiumSandbox: false,
  args: [
    '--disable-dev-shm-usage',
    '--disable-gpu',
    '--autoplay-policy=no-user-gesture-required',
    // A microphone that beeps once a second, and whoever is asked for it says yes.
    '--use-fake-device-for-media-stream',
    '--use-fake-ui-for-media-stream',
  ],
};
