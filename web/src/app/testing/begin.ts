import { NgModule } from '@angular/core';
import { getTestBed } from '@angular/core/testing';
import { BrowserTestingModule, platformBrowserTesting } from '@angular/platform-browser/testing';
import { all } from '@hopsk/words/en/all';
import { speak } from '@hopsk/words/words';

@NgModule()
class Bed {}

/** Specs speak English, and a template with an element or a property that nobody knows fails. */
speak(all);
getTestBed().initTestEnvironment([BrowserTestingModule, Bed], platformBrowserTesting(), {
  errorOnUnknownElements: true,
  errorOnUnknownProperties: true,
});
