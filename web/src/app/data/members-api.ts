import { Injectable } from '@angular/core';
import { Me, type Settings } from '@hopsk/contract/club';
import { Coach, SignedIn, WayIn, WayInMade, type CoachChange, type Invitation } from '@hopsk/contract/members';
import { Phone } from '@hopsk/contract/phone';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** Who belongs to a club, links that let them in, where one is signed in, and what one has for oneself. */
@Injectable({ providedIn: 'root' })
export class MembersApi extends Requests {
  coaches = () => this.get('/coaches', z.array(Coach));
  invite = (body: Invitation) => this.post('/coaches', body, WayInMade);
  changeCoach = (id: string, body: CoachChange) => this.put(`/coaches/${id}`, body, z.array(Coach));
  wayInOf = (id: string) => this.post(`/coaches/${id}/way-in`, {}, WayInMade);
  lookIn = (secret: string) => this.post('/way-in', { secret }, WayIn);
  wayIn = (body: { secret: string; password: string }) => this.post('/way-in/use', body, Me);
  devices = () => this.get('/me/devices', z.array(SignedIn));
  endDevice = (id: string) => this.delete(`/me/devices/${id}`);
  ownHouse = () => this.post('/house/own', {}, z.unknown());
  saveSettings = (settings: Settings) => this.put('/me/settings', settings, Me);
  changePassword = (body: { old: string; password: string }) => this.post('/me/password', body, z.unknown());
  phone = () => this.get('/phone', Phone);
  leaveClub = () => this.post('/me/leave', {}, z.unknown());
}
