/** One thing that can be chosen, and what it is called. */
export interface Option<T> {
  readonly value: T;
  readonly label: string;
}

/** Things by the names they have in a table of words. */
export const namedOptions = <K extends string>(values: readonly K[], names: Readonly<Record<K, string>>): readonly Option<K>[] =>
  values.map((value) => ({ value, label: names[value] }));

/** Records by their names. */
export const byId = (rows: readonly { readonly id: string; readonly name: string }[]): readonly Option<string>[] =>
  rows.map(({ id, name }) => ({ value: id, label: name }));

/** What has a code, by its name. */
export const byCode = (rows: readonly { readonly code: string; readonly name: string }[]): readonly Option<string>[] =>
  rows.map(({ code, name }) => ({ value: code, label: name }));

/** The same, after a first one that stands for none of them. */
export const orNone = <T>(label: string, options: readonly Option<T>[]): readonly Option<T | null>[] => [
  { value: null, label },
  ...options,
];
