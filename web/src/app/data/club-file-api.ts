import { Injectable } from '@angular/core';
import { ExportReady, ImportNow } from '@hopsk/contract/club-lines';
import { Requests } from './requests';

/** The club as a file, out and in. */
@Injectable({ providedIn: 'root' })
export class ClubFileApi extends Requests {
  /** Makes it ready to be fetched once, sealed or as it is. */
  ready = (passphrase: string | null) => this.post('/export', { passphrase }, ExportReady);
  /** Sends a file as it is: the server reads it. */
  send = (file: Blob) => this.post('/imports', new Blob([file], { type: 'application/octet-stream' }), ImportNow);
  now = (id: string) => this.get(`/imports/${id}`, ImportNow);
  open = (id: string, passphrase: string) => this.post(`/imports/${id}/open`, { passphrase }, ImportNow);
  add = (id: string) => this.post(`/imports/${id}/add`, {}, ImportNow);
  cancel = (id: string) => this.delete(`/imports/${id}`);
}
