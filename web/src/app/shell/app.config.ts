import { provideHttpClient, withInterceptors, withXsrfConfiguration } from '@angular/common/http';
import {
  type ApplicationConfig,
  inject,
  isDevMode,
  provideAppInitializer,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
} from '@angular/core';
import { MatIconRegistry } from '@angular/material/icon';
import { DomSanitizer } from '@angular/platform-browser';
import { provideRouter, withComponentInputBinding } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { signedOut } from '../data/signed-out';
import { recordEffects, recordReducers } from '../data/records';
import { runFeature } from '../data/run';
import { signInActions, signInFeature } from '../data/sign-in';
import * as signInEffects from '../data/sign-in.effects';
import { followColours } from '../ui/look/colours';
import { ICONS } from '../ui/look/icons';
import { oneActAPress } from '../ui/one-press';
import { routes } from './routes';

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    provideBrowserGlobalErrorListeners(),
    provideRouter(routes, withComponentInputBinding()),
    provideHttpClient(withXsrfConfiguration({}), withInterceptors([signedOut])),
    provideStore({
      [signInFeature.name]: signInFeature.reducer,
      ...recordReducers,
      [runFeature.name]: runFeature.reducer,
    }),
    provideEffects(signInEffects, ...recordEffects),
    provideServiceWorker('ngsw-worker.js', { enabled: !isDevMode(), registrationStrategy: 'registerWhenStable:5000' }),
    provideAppInitializer(() => {
      followColours();
      oneActAPress(document);
      const registry = inject(MatIconRegistry);
      const sanitizer = inject(DomSanitizer);
      for (const [name, svg] of Object.entries(ICONS)) registry.addSvgIconLiteral(name, sanitizer.bypassSecurityTrustHtml(svg));
      inject(Store).dispatch(signInActions.ask());
    }),
  ],
};
