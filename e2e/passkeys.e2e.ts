import type { Page } from '@playwright/test';
import { OwnHouse } from './own-house.js';
import { accessible, choose, expect, test } from './support.js';

const PASSWORD = 'rope and chalk dust';

/** A device with an authenticator of its own, which knows who holds it; given is what asks it not to. */
async function authenticator(
  page: Page,
): Promise<{ knows(them: boolean): Promise<void>; forget(): Promise<void>; held(): Promise<number> }> {
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('WebAuthn.enable');
  const { authenticatorId } = await devtools.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      ...{ protocol: 'ctap2', transport: 'internal', hasResidentKey: true, hasUserVerification: true },
      ...{ isUserVerified: true, automaticPresenceSimulation: true },
    },
  });
  return {
    knows: async (them) => void (await devtools.send('WebAuthn.setUserVerified', { authenticatorId, isUserVerified: them })),
    forget: async () => void (await devtools.send('WebAuthn.clearCredentials', { authenticatorId })),
    held: async () => (await devtools.send('WebAuthn.getCredentials', { authenticatorId })).credentials.length,
  };
}

async function signOut(page: Page): Promise<void> {
  await page.goto('/club');
  await page.getByRole('button', { name: 'sign out' }).click();
  await page.waitForURL(/\/enter/);
}

async function signIn(page: Page): Promise<void> {
  await page.getByLabel('e-mail address').fill('runa@club.test');
  await page.getByLabel('password').fill(PASSWORD);
  await page.getByRole('button', { name: 'sign in', exact: true }).click();
}
const isIn = (page: Page) => page.waitForURL((url) => !url.pathname.startsWith('/enter'));
const byPasskey = (page: Page) => page.getByRole('button', { name: 'sign in with a passkey' }).click();
const own = (page: Page) => page.locator('hop-own-passkeys');

async function needs(page: Page, how: string): Promise<void> {
  await page.goto('/club');
  await choose(page, 'what lets you in', how, own(page));
  await own(page).locator('form').last().getByLabel('your password').fill(PASSWORD);
  await own(page).getByRole('button', { name: 'change it' }).click();
  await expect(own(page).getByText('From now on that lets you in.')).toBeVisible();
}

test.describe('a passkey', () => {
  let house: OwnHouse;
  test.beforeAll(async () => (house = await OwnHouse.empty()));
  test.afterAll(() => house.close());

  test('of the device lets in beside the password, with it, and alone; where there are none it says why', async ({ browser }) => {
    const local = `http://localhost:${house.port}`;
    const context = await browser.newContext({ baseURL: local, reducedMotion: 'reduce' });
    const page = await context.newPage();
    const device = await authenticator(page);
    await page.goto('/enter');
    for (const [label, typed] of [
      ['club', 'Net Loft'],
      ['your name', 'Runa'],
      ['e-mail address', 'runa@club.test'],
      ['password', PASSWORD],
    ] as const)
      await page.getByLabel(label, { exact: true }).fill(typed);
    await page.getByRole('button', { name: 'make the club' }).click();
    await isIn(page);

    // Made by whoever has the password, too; nothing else lets anybody in yet.
    await page.goto('/club');
    const form = own(page).locator('form').first();
    await form.getByLabel('what it is on').fill('Hall tablet');
    await form.getByLabel('your password').fill('not the password');
    await form.getByRole('button', { name: 'make a passkey' }).click();
    await expect(own(page).getByText('is wrong').first()).toBeVisible();
    expect(await device.held()).toBe(0);
    await form.getByLabel('your password').fill(PASSWORD);
    await device.knows(false);
    await form.getByRole('button', { name: 'make a passkey' }).click();
    await expect(own(page).getByText('No passkey was given.')).toBeVisible();
    await device.knows(true);
    await form.getByRole('button', { name: 'make a passkey' }).click();
    await expect(own(page).getByRole('row', { name: /Hall tablet/ })).toContainText('not used yet');
    expect(await device.held()).toBe(1);
    await accessible(page);

    await signOut(page);
    await accessible(page);
    await device.knows(false);
    await byPasskey(page);
    await expect(page.getByText('No passkey was given.')).toBeVisible();
    await device.knows(true);
    await byPasskey(page);
    await isIn(page);
    await page.goto('/club');
    await expect(own(page).getByRole('row', { name: /Hall tablet/ })).toContainText('last used');

    await needs(page, 'password and passkey, both');
    await signOut(page);
    await byPasskey(page);
    await expect(page.getByText('begin with your password')).toBeVisible();
    await signIn(page);
    await isIn(page);

    await needs(page, 'a passkey alone');
    await own(page).getByRole('button', { name: 'take the passkey ‘Hall tablet’ away' }).click();
    await expect(own(page).getByText('It is your last passkey')).toBeVisible();
    await signOut(page);
    await signIn(page);
    await expect(page.getByText('Your password alone does not let you in')).toBeVisible();
    await byPasskey(page);
    await isIn(page);

    // By the machine’s address there are none, and it says so.
    await needs(page, 'password or passkey, either');
    const elsewhere = await browser.newPage({ baseURL: house.url, reducedMotion: 'reduce' });
    await elsewhere.goto('/enter');
    await elsewhere.getByLabel('e-mail address').waitFor();
    await expect(elsewhere.getByRole('button', { name: 'passkey' })).toHaveCount(0);
    await signIn(elsewhere);
    await isIn(elsewhere);
    await elsewhere.goto('/club');
    await expect(own(elsewhere).getByText('This page was opened by an address')).toBeVisible();
    await expect(own(elsewhere).getByRole('button', { name: 'make a passkey' })).toHaveCount(0);
    await elsewhere.close();

    // A device that has lost it gives none.
    await signOut(page);
    await device.forget();
    await byPasskey(page);
    await expect(page.getByText('No passkey was given.')).toBeVisible();
    await context.close();
  });
});
