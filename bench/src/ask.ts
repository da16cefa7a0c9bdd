/** A request of somebody who is signed in; anything but success is an error. */
export interface Ask {
  <T>(path: string, init?: RequestInit): Promise<T>;
  /** How many bytes an answer has, none of which is kept. */
  bytes(path: string): Promise<number>;
}

/** Signs in to the demo club. */
export async function signIn(url: string): Promise<Ask> {
  const signedIn = await fetch(`${url}/api/demo`, { method: 'POST' });
  const cookies = signedIn.headers.getSetCookie().map((cookie) => cookie.split(';')[0] ?? '');
  const token = /XSRF-TOKEN=([^;]+)/.exec(cookies.join(';'))?.[1] ?? '';
  const headers = { cookie: cookies.join('; '), 'x-xsrf-token': token, 'content-type': 'application/json' };
  /** A connection that lay idle may be closed by the server just as it is used again: then on another one. */
  const sent = (path: string, init: RequestInit): Promise<Response> => fetch(`${url}/api${path}`, { headers, ...init });
  const answered = async (path: string, init: RequestInit = {}): Promise<Response> => {
    const response = await sent(path, init).catch((error: unknown) => {
      if (error instanceof TypeError && (error.cause as { code?: string } | undefined)?.code === 'ECONNRESET') return sent(path, init);
      throw error;
    });
    if (!response.ok) throw new Error(`${path} answered ${response.status}`);
    return response;
  };
  return Object.assign(async <T>(path: string, init?: RequestInit): Promise<T> => (await (await answered(path, init)).json()) as T, {
    bytes: async (path: string): Promise<number> => {
      let all = 0;
      for await (const part of (await answered(path)).body as unknown as AsyncIterable<Uint8Array>) all += part.length;
      return all;
    },
  });
}
