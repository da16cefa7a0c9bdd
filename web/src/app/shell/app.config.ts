import { provideHttpClient, withInterceptors, withXsrfConfiguration } from '@angular/common/http';
import {
  ApplicationRef,
  type ApplicationConfig,
  ErrorHandler,
  inject,
  provideAppInitializer,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
} from '@angular/core';
import { provideRouter, withComponentInputBinding, withRouterConfig } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { signedOut } from '../data/signed-out';
import { signInActions, signInFeature } from '../data/sign-in';
import * as signInEffects from '../data/sign-in.effects';
import { followColours } from '../ui/look/colours';
import { oneActAPress } from '../ui/one-press';
import { noticePresses } from '../ui/pressing';
import { installed } from './installed';
import { routes } from './routes';
import { WentWrong } from './went-wrong';

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    provideBrowserGlobalErrorListeners(),
    { provide: ErrorHandler, useExisting: WentWrong },
    // A page that cannot be fetched is said by the house (inside.ts), not thrown at whoever pressed.
    provideRouter(routes, withComponentInputBinding(), withRouterConfig({ resolveNavigationPromiseOnError: true })),
    provideHttpClient(withXsrfConfiguration({}), withInterceptors([signedOut])),
    provideStore({ [signInFeature.name]: signInFeature.reducer }),
    provideEffects(signInEffects),
    provideAppInitializer(() => {
      followColours();
      oneActAPress(document);
      noticePresses(document);
      inject(Store).dispatch(signInActions.ask());
      void installed(inject(ApplicationRef));
    }),
  ],
};
