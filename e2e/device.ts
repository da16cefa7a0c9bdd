import type { Page } from '@playwright/test';

/** What a device holds in the app's store: its stores as they are built, and each record with its key. */
export interface DeviceDump {
  readonly version: number;
  readonly stores: readonly {
    readonly name: string;
    readonly keyPath: string | null;
    readonly indexes: readonly { readonly name: string; readonly keyPath: string }[];
    readonly records: readonly { readonly key: string; readonly value: unknown }[];
  }[];
}

/** Reads the whole of a device's store. */
export function dumpDevice(page: Page): Promise<DeviceDump> {
  return page.evaluate(
    () =>
      new Promise<DeviceDump>((done, fail) => {
        const open = indexedDB.open('hopsk');
        open.onerror = () => fail(new Error('the device’s store does not open'));
        open.onsuccess = () => {
          const db = open.result;
          const reading = db.transaction([...db.objectStoreNames]);
          const stores = [...db.objectStoreNames].map((name) => {
            const store = reading.objectStore(name);
            // Asked while the transaction is open; afterwards the store answers no more.
            const indexes = [...store.indexNames].map((index) => ({ name: index, keyPath: store.index(index).keyPath as string }));
            return { name, keyPath: store.keyPath as string | null, indexes, keys: store.getAllKeys(), values: store.getAll() };
          });
          reading.oncomplete = () => {
            done({
              version: db.version,
              stores: stores.map(({ keys, values, ...store }) => ({
                ...store,
                records: keys.result.map((key, i) => ({ key: key as string, value: values.result[i] as unknown })),
              })),
            });
            db.close();
          };
        };
      }),
  );
}

/** Puts a device's store in place as an earlier version left it. The page must stand on the app's origin and not run the app. */
export function restoreDevice(page: Page, dump: DeviceDump): Promise<void> {
  return page.evaluate(
    ({ version, stores }) =>
      new Promise<void>((done, fail) => {
        const open = indexedDB.open('hopsk', version);
        open.onerror = () => fail(new Error('the device’s store does not open'));
        open.onupgradeneeded = () => {
          for (const { name, keyPath, indexes } of stores) {
            const store = open.result.createObjectStore(name, keyPath === null ? {} : { keyPath });
            for (const index of indexes) store.createIndex(index.name, index.keyPath);
          }
        };
        open.onsuccess = () => {
          const writing = open.result.transaction([...open.result.objectStoreNames], 'readwrite');
          for (const { name, keyPath, records } of stores)
            for (const { key, value } of records) writing.objectStore(name).put(value, ...(keyPath === null ? [key] : []));
          writing.oncomplete = () => {
            open.result.close();
            done();
          };
        };
      }),
    dump,
  );
}
