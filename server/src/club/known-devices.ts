import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import { parseCookie } from 'cookie';
import type { Request, Response } from 'express';

/** An account that a device came in to, as it is now: with a new password every device is a stranger again. */
interface Account {
  readonly id: string;
  readonly passwordHash: string;
}

const NAME = 'hopsk.known';
const YEAR = 365 * 24 * 3600 * 1000;
/** Accounts of one shared device that are remembered. */
const MOST = 6;

interface Device {
  readonly name: string;
  readonly signs: readonly string[];
}

/**
 * Which devices were in which account before: said by a cookie of the device, sealed with the server's secret. What others try from
 * elsewhere then keeps nobody from signing in on a device of their own. Nothing of it is kept here.
 */
export class KnownDevices {
  constructor(private readonly secret: string) {}

  /** The device's name where it was in this account, else null. */
  knows(request: Request, account: Account | null): string | null {
    const { name, signs } = deviceOf(request);
    if (!account || name === '') return null;
    const sign = Buffer.from(this.signOf(name, account));
    return signs.some((one) => one.length === sign.length && timingSafeEqual(Buffer.from(one), sign)) ? name : null;
  }

  remember(request: Request, response: Response, account: Account): void {
    const { name: before, signs } = deviceOf(request);
    const name = before || randomBytes(16).toString('base64url');
    const sign = this.signOf(name, account);
    const kept = [sign, ...signs.filter((one) => one !== sign)].slice(0, MOST);
    response.cookie(NAME, [name, ...kept].join('.'), {
      httpOnly: true,
      sameSite: 'strict',
      secure: request.secure,
      maxAge: YEAR,
      path: '/api/sign-in',
    });
  }

  private signOf(name: string, { id, passwordHash }: Account): string {
    return createHmac('sha256', this.secret).update(`${name} ${id} ${passwordHash}`).digest('base64url').slice(0, 22);
  }
}

function deviceOf(request: Request): Device {
  const [name = '', ...signs] = (parseCookie(request.get('cookie') ?? '')[NAME] ?? '').split('.');
  return /^[\w-]{22}$/.test(name)
    ? { name, signs: signs.filter((one) => /^[\w-]{22}$/.test(one)).slice(0, MOST) }
    : { name: '', signs: [] };
}
