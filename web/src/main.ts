import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app/shell/app';
import { appConfig } from './app/shell/app.config';
import { language, spoken } from './app/text/language';

document.documentElement.lang = language;
spoken(['shell', 'problems'])
  .then(() => bootstrapApplication(App, appConfig))
  .catch((error: unknown) => console.error(error));
