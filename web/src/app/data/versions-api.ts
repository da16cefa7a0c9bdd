import { Injectable } from '@angular/core';
import { PatternVersion, SessionVersion } from '@hopsk/contract/versions';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** What was saved of a pattern or a session before. Apart from the other requests, so that its shapes come with the page that asks. */
@Injectable({ providedIn: 'root' })
export class VersionsApi extends Requests {
  ofPattern = (id: string) => this.get(`/patterns/${id}/versions`, z.array(PatternVersion));
  ofSession = (id: string) => this.get(`/sessions/${id}/versions`, z.array(SessionVersion));
}
