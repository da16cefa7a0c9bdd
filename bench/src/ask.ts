/** A request of somebody who is signed in; anything but success is an error. */
export type Ask = <T>(path: string, init?: RequestInit) => Promise<T>;

/** Signs in to the demo club. */
export async function signIn(url: string): Promise<Ask> {
  const signedIn = await fetch(`${url}/api/demo`, { method: 'POST' });
  const cookies = signedIn.headers.getSetCookie().map((cookie) => cookie.split(';')[0] ?? '');
  const token = /XSRF-TOKEN=([^;]+)/.exec(cookies.join(';'))?.[1] ?? '';
  const headers = { cookie: cookies.join('; '), 'x-xsrf-token': token, 'content-type': 'application/json' };
  return async <T>(path: string, init: RequestInit = {}): Promise<T> => {
    const response = await fetch(`${url}/api${path}`, { headers, ...init });
    if (!response.ok) throw new Error(`${path} answered ${response.status}`);
    return (await response.json()) as T;
  };
}
