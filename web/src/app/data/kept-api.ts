import { Injectable } from '@angular/core';
import { Erasure, GivenOut, Look, PeopleRules } from '@hopsk/contract/people-data';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** What a club keeps of people: how long, who looked, one's data given out and erased. */
@Injectable({ providedIn: 'root' })
export class KeptApi extends Requests {
  rules = () => this.get('/people-rules', PeopleRules);
  saveRules = (rules: PeopleRules) => this.put('/people-rules', rules, PeopleRules);
  looks = (before: number | null) => this.get(`/looks${before === null ? '' : `?before=${before}`}`, z.array(Look));
  data = (id: string) => this.get(`/athletes/${id}/data?events=no`, GivenOut);
  file = (id: string) => this.http.get(`/api/athletes/${id}/data`, { responseType: 'blob' });
  erasure = (id: string) => this.get(`/athletes/${id}/erasure`, Erasure);
  erase = (id: string, name: string) => this.post(`/athletes/${id}/erase`, { name }, z.unknown());
}
