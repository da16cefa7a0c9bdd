import { inject } from '@angular/core';
import { Router, type CanActivateFn, type Routes } from '@angular/router';
import { Store } from '@ngrx/store';
import { filter, map, take } from 'rxjs';
import { isLocked } from '../data/locked';
import { signInFeature } from '../data/sign-in';
import { screen } from './screen';
import { title } from './title';

/** Waits until it is known who is signed in; without anybody, to the door and back afterwards. */
const signedIn: CanActivateFn = (_route, { url }) => {
  const router = inject(Router);
  return inject(Store)
    .select(signInFeature.selectStatus)
    .pipe(
      filter((status) => status !== 'unknown'),
      take(1),
      map(
        (status) =>
          status === 'in' || router.createUrlTree([isLocked() ? '/locked' : '/enter'], { queryParams: url === '/' ? {} : { to: url } }),
      ),
    );
};

/** The door, and what is behind it. */
export const routes: Routes = [
  { path: 'enter', title: title('enter'), loadComponent: screen(['enter'], () => import('../screens/sign-in/enter').then((m) => m.Enter)) },
  {
    path: 'welcome',
    title: title('welcome'),
    loadComponent: screen(['enter'], () => import('../screens/sign-in/welcome').then((m) => m.Welcome)),
  },
  {
    path: 'locked',
    title: title('locked'),
    loadComponent: screen(['enter'], () => import('../screens/sign-in/locked').then((m) => m.Locked)),
  },
  {
    path: 'hall',
    title: title('hall'),
    loadComponent: screen(['hall', 'run', 'faults', 'moves', 'steps'], () => import('../screens/hall/hall').then((m) => m.Hall)),
  },
  { path: '', canActivate: [signedIn], loadChildren: () => import('./inside-routes').then((m) => m.inside) },
  { path: '**', redirectTo: '' },
];
