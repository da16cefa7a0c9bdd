import fc from 'fast-check';
import type * as z from 'zod/mini';

/** Texts that no form sends and anybody can. */
const NASTY = [
  '',
  ' ',
  '\u0000',
  'a\u0000b',
  '\ud83d',
  '\udc00x',
  '🤺',
  '\u202egnorw',
  '__proto__',
  'constructor',
  'NaN',
  '0000-01-01',
  'x'.repeat(900),
];
const NUMBERS = [0, -0, -1, 1, 0.5, 2 ** 31 - 1, 2 ** 31, 2 ** 53 - 1, -(2 ** 53), 1e308, 5e-324];
const DATES = ['2026-11-27', '0000-01-01', '0001-01-01', '9999-12-31', '2024-02-29', '2023-02-29'];
const MOMENTS = DATES.map((day) => `${day}T23:59:59.999Z`);

const anything: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom<unknown>(null, true, [], {}, [[]], { constructor: 'x' }),
  fc.constantFrom(...NASTY),
  fc.constantFrom(...NUMBERS),
);

interface Definition {
  readonly type: string;
  readonly shape?: Readonly<Record<string, z.ZodMiniType>>;
  readonly element?: z.ZodMiniType;
  readonly items?: readonly z.ZodMiniType[];
  readonly options?: readonly z.ZodMiniType[];
  readonly entries?: Readonly<Record<string, string>>;
  readonly values?: readonly unknown[];
  readonly innerType?: z.ZodMiniType;
  readonly in?: z.ZodMiniType;
  readonly out?: z.ZodMiniType;
  readonly keyType?: z.ZodMiniType;
  readonly valueType?: z.ZodMiniType;
  readonly format?: string;
  readonly getter?: () => z.ZodMiniType;
}

/**
 * Input as a schema describes it, and beside it: mostly of its shape, with values at and beyond the edges, so that it gets past what is
 * looked at first. Some of it is good, most of it is not.
 */
export function anyInput(schema: z.ZodMiniType): fc.Arbitrary<unknown> {
  return fc.oneof({ weight: 30, arbitrary: shaped(schema) }, { weight: 1, arbitrary: anything });
}

function shaped(schema: z.ZodMiniType): fc.Arbitrary<unknown> {
  const def = schema._zod.def as unknown as Definition;
  const inner = (): fc.Arbitrary<unknown> => anyInput((def.innerType ?? def.in) as z.ZodMiniType);
  switch (def.type) {
    case 'object':
      return fc.record(Object.fromEntries(Object.entries(def.shape ?? {}).map(([key, one]) => [key, anyInput(one)])));
    case 'array':
      return fc.array(anyInput(def.element as z.ZodMiniType), { maxLength: 3 });
    case 'tuple':
      return fc.tuple(...(def.items ?? []).map(anyInput));
    case 'union':
      return fc.oneof(...(def.options ?? []).map(anyInput));
    case 'record':
      return fc.dictionary(anyInput(def.keyType as z.ZodMiniType).map(String), anyInput(def.valueType as z.ZodMiniType), { maxKeys: 3 });
    case 'enum':
      return fc.constantFrom(...Object.values(def.entries ?? {}));
    case 'literal':
      return fc.constantFrom(...(def.values ?? []));
    case 'nullable':
      return fc.option(inner());
    case 'optional':
    case 'default':
      return fc.option(inner(), { nil: undefined });
    case 'pipe':
      return inner();
    case 'boolean':
      return fc.boolean();
    case 'number':
      return fc.oneof(fc.constantFrom(...NUMBERS), fc.integer({ min: 0, max: 100 }), fc.double({ noNaN: true, noDefaultInfinity: true }));
    case 'string':
      return ofFormat(def.format);
    default:
      return anything;
  }
}

function ofFormat(format: string | undefined): fc.Arbitrary<string> {
  switch (format) {
    case 'uuid':
      return fc.uuid();
    case 'date':
      return fc.constantFrom(...DATES);
    case 'datetime':
      return fc.constantFrom(...MOMENTS);
    default:
      return fc.oneof(
        fc.constantFrom('ab', 'Zoë', 'left', 'split', 'a-b', 'a@b.test', 'long enough to pass'),
        fc.constantFrom(...NASTY),
        fc.string({ unit: 'binary', maxLength: 90 }),
      );
  }
}
