import type { Injector } from '@angular/core';
import type { Me } from '@hopsk/contract/club';
import type { PasskeyOptions } from '@hopsk/contract/passkey-options';
import { words } from '@hopsk/words/words';
import {
  startAuthentication,
  startRegistration,
  WebAuthnError,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser';
import { firstValueFrom } from 'rxjs';
import { PasskeysApi } from './passkeys-api';
import { SaidHere } from './problem';

/** Asks this device for a passkey. What the server sent is the browser's to judge. */
async function given<T>(ask: () => Promise<T>): Promise<T> {
  try {
    return await ask();
  } catch (error) {
    const there = error instanceof WebAuthnError && error.code === 'ERROR_AUTHENTICATOR_PREVIOUSLY_REGISTERED';
    throw new SaidHere(there ? words.enter.passkeyThere : words.enter.noPasskey);
  }
}

/** In by a passkey: by any, or, after a password, by one that was asked for. Throws what is to be said where none was given. */
export async function enterByPasskey(injector: Injector, asked: PasskeyOptions | null): Promise<Me> {
  const api = injector.get(PasskeysApi);
  const options = asked ?? (await firstValueFrom(api.ask()));
  const optionsJSON = options as unknown as PublicKeyCredentialRequestOptionsJSON;
  return firstValueFrom(api.enter(await given(() => startAuthentication({ optionsJSON }))));
}

/** Makes a passkey of this device and gives it to the server. Throws as `enterByPasskey`. */
export async function makePasskey(injector: Injector, name: string, password: string): Promise<void> {
  const api = injector.get(PasskeysApi);
  const optionsJSON = (await firstValueFrom(api.begin(password))) as unknown as PublicKeyCredentialCreationOptionsJSON;
  await firstValueFrom(api.add(name, await given(() => startRegistration({ optionsJSON }))));
}
