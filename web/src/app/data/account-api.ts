import { Injectable } from '@angular/core';
import { Coach, Door, Me, Phone, SignedIn, WayIn, WayInMade, type CoachChange, type Invitation, type Settings } from '@hopsk/contract/club';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** The door, the coach who came in and the club's other coaches. Apart from the rest: the door fetches no more than this. */
@Injectable({ providedIn: 'root' })
export class AccountApi extends Requests {
  door = () => this.get('/door', Door);
  me = () => this.get('/me', Me);
  signIn = (body: { email: string; password: string }) => this.post('/sign-in', body, Me);
  setUp = (body: { club: string; name: string; email: string; password: string }) => this.post('/setup', body, Me);
  demo = () => this.post('/demo', {}, Me);
  signOut = () => this.post('/sign-out', {}, z.unknown());
  saveSettings = (settings: Settings) => this.put('/me/settings', settings, Me);
  changePassword = (body: { old: string; password: string }) => this.post('/me/password', body, z.unknown());
  coaches = () => this.get('/coaches', z.array(Coach));
  invite = (body: Invitation) => this.post('/coaches', body, WayInMade);
  changeCoach = (id: string, body: CoachChange) => this.put(`/coaches/${id}`, body, z.array(Coach));
  wayInOf = (id: string) => this.post(`/coaches/${id}/way-in`, {}, WayInMade);
  lookIn = (secret: string) => this.post('/way-in', { secret }, WayIn);
  wayIn = (body: { secret: string; password: string }) => this.post('/way-in/use', body, Me);
  devices = () => this.get('/me/devices', z.array(SignedIn));
  endDevice = (id: string) => this.delete(`/me/devices/${id}`);
  ownHouse = () => this.post('/house/own', {}, z.unknown());
  leaveClub = () => this.post('/me/leave', {}, z.unknown());
  phone = () => this.get('/phone', Phone);
}
