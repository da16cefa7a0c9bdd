import { HttpClient } from '@angular/common/http';
import { inject } from '@angular/core';
import { map, type Observable } from 'rxjs';
import type * as z from 'zod/mini';

/** Asks the server. Answers are read by the contract before anybody uses them. */
export abstract class Requests {
  protected readonly http = inject(HttpClient);

  private read<T extends z.ZodMiniType>(schema: T): (source: Observable<unknown>) => Observable<z.infer<T>> {
    return map((answer) => schema.parse(answer));
  }

  protected get<T extends z.ZodMiniType>(path: string, schema: T): Observable<z.infer<T>> {
    return this.http.get<unknown>(`/api${path}`).pipe(this.read(schema));
  }

  protected post<T extends z.ZodMiniType>(path: string, body: unknown, schema: T): Observable<z.infer<T>> {
    return this.http.post<unknown>(`/api${path}`, body).pipe(this.read(schema));
  }

  protected put<T extends z.ZodMiniType>(path: string, body: unknown, schema: T): Observable<z.infer<T>> {
    return this.http.put<unknown>(`/api${path}`, body).pipe(this.read(schema));
  }

  protected bytes(path: string): Observable<Blob> {
    return this.http.get(`/api${path}`, { responseType: 'blob' });
  }

  protected delete(path: string): Observable<unknown> {
    return this.http.delete(`/api${path}`);
  }
}
