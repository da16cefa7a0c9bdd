import { HttpErrorResponse, type HttpInterceptorFn } from '@angular/common/http';
import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { tap } from 'rxjs';
import { signInActions, signInFeature } from './sign-in';

/**
 * When the server says that nobody is signed in, the door is shown; but never in the middle of a run, and once:
 * whoever stands at the door already keeps the way back. An answer that comes after somebody entered says nothing of them.
 */
export const signedOut: HttpInterceptorFn = (request, next) => {
  const router = inject(Router);
  const store = inject(Store);
  const who = store.selectSignal(signInFeature.selectMe);
  const asking = who();
  return next(request).pipe(
    tap({
      error: (error: unknown) => {
        const asked = ['/api/sign-in', '/api/me', '/api/me/password'].includes(request.url) || request.url.startsWith('/api/hall');
        if (!(error instanceof HttpErrorResponse) || error.status !== 401 || asked || who() !== asking) return;
        if (router.url.startsWith('/floor/run')) return;
        store.dispatch(signInActions.left());
        if (!router.url.startsWith('/enter')) void router.navigate(['/enter'], { queryParams: { to: router.url } });
      },
    }),
  );
};
