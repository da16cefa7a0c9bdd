import { inject } from '@angular/core';
import { Router, type CanActivateFn, type CanDeactivateFn, type Routes } from '@angular/router';
import { Store } from '@ngrx/store';
import { filter, map, take } from 'rxjs';
import { signInFeature } from '../data/sign-in';
import { TEXT } from '../text/en';
import type { HoldsTyping } from '../parts/holds-typing';

/** Waits until it is known who is signed in; without anybody, to the door and back afterwards. */
const signedIn: CanActivateFn = (_route, { url }) => {
  const router = inject(Router);
  return inject(Store)
    .select(signInFeature.selectStatus)
    .pipe(
      filter((status) => status !== 'unknown'),
      take(1),
      map((status) => status === 'in' || router.createUrlTree(['/enter'], { queryParams: url === '/' ? {} : { to: url } })),
    );
};

const askFirst: CanDeactivateFn<HoldsTyping> = (screen) => !screen.unsaved() || confirm(TEXT.common.leave);

const title = (word: string): string => `${word} · Hopsk`;

export const routes: Routes = [
  { path: 'enter', title: title(TEXT.enter.title), loadComponent: () => import('../screens/sign-in/enter').then((m) => m.Enter) },
  {
    path: '',
    canActivate: [signedIn],
    children: [
      { path: '', pathMatch: 'full', redirectTo: () => (innerWidth < 720 ? '/floor' : '/people') },
      { path: 'people', title: title(TEXT.people.title), loadComponent: () => import('../screens/people/people').then((m) => m.People) },
      {
        path: 'people/:id',
        title: title(TEXT.people.edit),
        canDeactivate: [askFirst],
        loadComponent: () => import('../screens/people/athlete').then((m) => m.AthleteScreen),
      },
      {
        path: 'stance',
        title: title(TEXT.stance.title),
        loadComponent: () => import('../screens/stance/stance').then((m) => m.StanceScreen),
      },
      {
        path: 'steps',
        title: title(TEXT.steps.title),
        loadComponent: () => import('../screens/patterns/patterns').then((m) => m.Patterns),
      },
      {
        path: 'starters',
        title: title(TEXT.steps.starters),
        loadComponent: () => import('../screens/patterns/starters').then((m) => m.Starters),
      },
      {
        path: 'steps/:id/card',
        title: title(TEXT.steps.card),
        loadComponent: () => import('../screens/patterns/card').then((m) => m.DrillCard),
      },
      {
        path: 'steps/:id',
        title: title(TEXT.steps.title),
        canDeactivate: [askFirst],
        loadComponent: () => import('../screens/studio/studio').then((m) => m.Studio),
      },
      {
        path: 'build',
        title: title(TEXT.build.title),
        loadComponent: () => import('../screens/sessions/progressions').then((m) => m.Progressions),
      },
      {
        path: 'build/new',
        title: title(TEXT.build.newTitle),
        loadComponent: () => import('../screens/sessions/start-from').then((m) => m.StartFrom),
      },
      {
        path: 'build/grid',
        title: title(TEXT.build.grid),
        loadComponent: () => import('../screens/sessions/grid-map').then((m) => m.GridMap),
      },
      {
        path: 'build/playbooks',
        title: title(TEXT.build.title),
        canDeactivate: [askFirst],
        loadComponent: () => import('../screens/sessions/playbooks').then((m) => m.Playbooks),
      },
      {
        path: 'build/:id/print',
        title: title(TEXT.build.print),
        loadComponent: () => import('../screens/sessions/sheets').then((m) => m.Sheets),
      },
      {
        path: 'build/:id',
        title: title(TEXT.build.title),
        canDeactivate: [askFirst],
        loadComponent: () => import('../screens/workshop/workshop').then((m) => m.Workshop),
      },
      { path: 'floor', title: title(TEXT.floor.title), loadComponent: () => import('../screens/floor/floor').then((m) => m.FloorScreen) },
      {
        path: 'floor/run',
        title: title(TEXT.floor.title),
        loadComponent: () => import('../screens/floor/run-screen').then((m) => m.RunScreen),
      },
      {
        path: 'floor/runs/:id',
        title: title(TEXT.run.review),
        loadComponent: () => import('../screens/floor/review').then((m) => m.Review),
      },
      { path: 'faults', title: title(TEXT.faults.title), loadComponent: () => import('../screens/faults/book').then((m) => m.BookScreen) },
      { path: 'club', title: title(TEXT.club.title), loadComponent: () => import('../screens/club/club').then((m) => m.ClubScreen) },
    ],
  },
  { path: '**', redirectTo: '' },
];
