import { Injectable } from '@angular/core';
import { ClipBook } from './clip-book';

/** The words of this page, fetched once. */
@Injectable({ providedIn: 'root' })
export class Clips extends ClipBook {}
