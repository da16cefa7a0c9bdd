import { inject } from '@angular/core';
import { Router, type CanActivateChildFn, type CanActivateFn, type CanDeactivateFn, type Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import type { Room } from '@hopsk/words/languages';
import { words } from '@hopsk/words/words';
import { onLeft } from '../data/leaving';
import { homeOf, mine, whatOf } from '../data/may';
import { recordProviders } from '../data/records';
import { runFeature } from '../data/run';
import type { HoldsTyping } from '../parts/holds-typing';
import { Ask } from '../ui/ask';
import { Inside } from './inside';
import { screen } from './screen';
import { title } from './title';

const askFirst: CanDeactivateFn<HoldsTyping> = (screen) => {
  const { leave, leaveYes, leaveNo } = words.common;
  return !screen.unsaved() || inject(Ask).sure({ question: leave, yes: leaveYes, no: leaveNo });
};

/** A page that is not open to somebody leads to where they begin. */
const open: CanActivateChildFn = (_route, { url }) => {
  const { role, may } = mine();
  const what = whatOf(url);
  return what === null || may(what) || inject(Router).parseUrl(homeOf(role()));
};

/** Where somebody begins is known when it is known who they are: a redirect would be followed before. */
const home: CanActivateFn = () => inject(Router).parseUrl(homeOf(mine().role()));

/** What all screens say. */
const EVERYWHERE: readonly Room[] = ['faults'];
/** A screen inside: it says what several say, and its own. */
const inRoom = <C>(rooms: readonly Room[], load: () => Promise<C>): (() => Promise<C>) => screen([...EVERYWHERE, ...rooms], load);
const STEPS: readonly Room[] = [
  'areas',
  'schools',
  'steps',
  'floor',
  'moves',
  'notation',
  'doses',
  'findings',
  'tempo',
  'topics',
  'search',
  'otherwise',
];
const BUILD: readonly Room[] = [
  'areas',
  'schools',
  'build',
  'sports',
  'plan',
  'steps',
  'floor',
  'run',
  'notation',
  'doses',
  'cautions',
  'playbooks',
  'aims',
  'presets',
  'otherwise',
];

/** Every page of a club: fetched when somebody is signed in, with the lists that they stand on. */
export const inside: Routes = [
  {
    path: '',
    component: Inside,
    canActivateChild: [open],
    providers: [provideState(runFeature), ...recordProviders, provideEffects({ onLeft })],
    children: [
      { path: '', pathMatch: 'full', canActivate: [home], children: [] },
      {
        path: 'today',
        title: title('today'),
        loadComponent: inRoom(
          ['areas', 'schools', 'build', 'sports', 'plan', 'steps', 'floor', 'run', 'notation', 'doses', 'book', 'today'],
          () => import('../screens/today/today').then((m) => m.TodayScreen),
        ),
      },
      {
        path: 'people',
        title: title('people'),
        loadComponent: inRoom(['schools', 'people', 'cautions', 'topics'], () => import('../screens/people/people').then((m) => m.People)),
      },
      {
        path: 'people/:id',
        title: title('athlete'),
        canDeactivate: [askFirst],
        loadComponent: inRoom(['schools', 'people', 'cautions', 'tempo', 'topics'], () =>
          import('../screens/people/athlete').then((m) => m.AthleteScreen),
        ),
      },
      {
        path: 'people/:id/data',
        title: title('kept'),
        loadComponent: inRoom(['schools', 'kept', 'people', 'cautions', 'tempo'], () =>
          import('../screens/kept/athlete-data').then((m) => m.AthleteData),
        ),
      },
      {
        path: 'stance',
        title: title('stance'),
        loadComponent: inRoom(['schools', 'stances', 'people'], () => import('../screens/stance/stance').then((m) => m.StanceScreen)),
      },
      {
        path: 'steps',
        title: title('steps'),
        loadComponent: inRoom(STEPS, () => import('../screens/patterns/patterns').then((m) => m.Patterns)),
      },
      {
        path: 'starters',
        title: title('starters'),
        loadComponent: inRoom(STEPS, () => import('../screens/patterns/starters').then((m) => m.Starters)),
      },
      {
        path: 'steps/:id/card',
        title: title('card'),
        loadComponent: inRoom(STEPS, () => import('../screens/patterns/card').then((m) => m.DrillCard)),
      },
      {
        path: 'steps/otherwise',
        title: title('steps'),
        loadComponent: inRoom(['otherwise', 'schools', 'notation', 'doses', 'moves'], () =>
          import('../screens/otherwise/otherwise').then((m) => m.OtherwiseScreen),
        ),
      },
      {
        path: 'steps/:id',
        title: title('steps'),
        canDeactivate: [askFirst],
        loadComponent: inRoom(STEPS, () => import('../screens/studio/studio').then((m) => m.Studio)),
      },
      {
        path: 'build',
        title: title('build'),
        loadComponent: inRoom(BUILD, () => import('../screens/sessions/sessions').then((m) => m.Sessions)),
      },
      {
        path: 'build/new',
        title: title('begin'),
        loadComponent: inRoom(BUILD, () => import('../screens/sessions/start-from').then((m) => m.StartFrom)),
      },
      {
        path: 'build/grid',
        title: title('grid'),
        loadComponent: inRoom(BUILD, () => import('../screens/sessions/grid-map').then((m) => m.GridMap)),
      },
      {
        path: 'build/playbooks',
        title: title('build'),
        canDeactivate: [askFirst],
        loadComponent: inRoom(BUILD, () => import('../screens/sessions/playbooks').then((m) => m.Playbooks)),
      },
      {
        path: 'build/:id/print',
        title: title('print'),
        loadComponent: inRoom(BUILD, () => import('../screens/sessions/sheets').then((m) => m.Sheets)),
      },
      {
        path: 'build/:id',
        title: title('build'),
        canDeactivate: [askFirst],
        loadComponent: inRoom(BUILD, () => import('../screens/workshop/workshop').then((m) => m.Workshop)),
      },
      {
        path: 'floor',
        title: title('floor'),
        loadComponent: inRoom(['floor'], () => import('../screens/floor/floor').then((m) => m.FloorScreen)),
      },
      {
        path: 'floor/run',
        title: title('floor'),
        loadComponent: inRoom(['floor', 'run', 'book', 'steps', 'plan', 'schools'], () =>
          import('../screens/floor/run-screen').then((m) => m.RunScreen),
        ),
      },
      {
        path: 'floor/runs',
        title: title('runs'),
        loadComponent: inRoom(['floor'], () => import('../screens/floor/runs').then((m) => m.RunsScreen)),
      },
      {
        path: 'floor/runs/:id',
        title: title('review'),
        loadComponent: inRoom(['floor', 'run', 'book'], () => import('../screens/floor/review').then((m) => m.Review)),
      },
      {
        path: 'faults',
        title: title('faults'),
        loadComponent: inRoom(['book', 'build', 'recurrence', 'remedies', 'season'], () =>
          import('../screens/faults/book').then((m) => m.BookScreen),
        ),
      },
      {
        path: 'faults/season',
        title: title('season'),
        loadComponent: inRoom(['book', 'recurrence', 'season'], () => import('../screens/faults/season').then((m) => m.SeasonScreen)),
      },
      {
        path: 'faults/report',
        title: title('report'),
        loadComponent: inRoom(['areas', 'schools', 'steps', 'floor', 'moves', 'notation', 'stances', 'remedies', 'report'], () =>
          import('../screens/faults/report').then((m) => m.ReportScreen),
        ),
      },
      {
        path: 'faults/everybody',
        title: title('everybody'),
        loadComponent: inRoom(['group', 'book', 'season', 'build', 'everybody'], () =>
          import('../screens/faults/everybody').then((m) => m.EverybodyScreen),
        ),
      },
      {
        path: 'faults/numbers',
        title: title('numbers'),
        loadComponent: inRoom(['ownNumbers', 'season'], () => import('../screens/faults/numbers').then((m) => m.NumbersScreen)),
      },
      {
        path: 'faults/log',
        title: title('log'),
        loadComponent: inRoom(['logTable'], () => import('../screens/faults/log-table').then((m) => m.LogTableScreen)),
      },
      {
        path: 'faults/causes',
        title: title('causes'),
        loadComponent: inRoom(['causes', 'book'], () => import('../screens/faults/causes').then((m) => m.CausesScreen)),
      },
      {
        path: 'faults/load',
        title: title('load'),
        loadComponent: inRoom(['load'], () => import('../screens/faults/load').then((m) => m.LoadScreen)),
      },
      {
        path: 'faults/coverage',
        title: title('coverage'),
        loadComponent: inRoom(['coverage', 'recurrence'], () => import('../screens/faults/coverage').then((m) => m.CoverageScreen)),
      },
      {
        path: 'faults/group',
        title: title('group'),
        loadComponent: inRoom(['group', 'book'], () => import('../screens/faults/group').then((m) => m.GroupScreen)),
      },
      {
        path: 'film',
        title: title('film'),
        loadComponent: inRoom(['areas', 'film', 'findings', 'playbooks', 'steps', 'tempo', 'topics'], () =>
          import('../screens/film/film').then((m) => m.FilmScreen),
        ),
      },
      {
        path: 'club/people',
        title: title('kept'),
        loadComponent: inRoom(['kept'], () => import('../screens/kept/kept').then((m) => m.Kept)),
      },
      {
        path: 'club/faults',
        title: title('club'),
        canDeactivate: [askFirst],
        loadComponent: inRoom(['ownFaults', 'remedies', 'club', 'floor'], () =>
          import('../screens/club/own-faults').then((m) => m.OwnFaultsScreen),
        ),
      },
      {
        path: 'club',
        title: title('club'),
        loadComponent: inRoom(['schools', 'club', 'enter', 'topics'], () => import('../screens/club/club').then((m) => m.ClubScreen)),
      },
    ],
  },
];
