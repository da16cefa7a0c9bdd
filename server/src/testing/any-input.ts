import fc from 'fast-check';
import type * as z from 'zod/mini';

/** Texts that no form sends and anybody can. */
const NASTY = ['', ' ', '\u0000', 'a\u0000b', '\ud83d', '\udc00x', '\u202egnorw', '__proto__', 'constructor', 'NaN', 'x'.repeat(900)];
const PLAIN = ['ab', 'Zoë', '🤺', 'left', 'split', 'a-b', 'a@b.test', 'long enough to pass'];
const NUMBERS = [0, -0, -1, 0.5, 2 ** 31 - 1, 2 ** 31, 2 ** 53 - 1, -(2 ** 53), 1e308, 5e-324];
const DATES = ['2026-11-27', '0001-01-01', '9999-12-31', '2024-02-29'];
const NO_DATES = ['0000-01-01', '2023-02-29'];
const late = (day: string): string => `${day}T23:59:59.999Z`;

/** Mostly the one, and now and then the other. */
const mostly = (usual: fc.Arbitrary<unknown>, other: fc.Arbitrary<unknown>, weight = 60): fc.Arbitrary<unknown> =>
  fc.oneof({ weight, arbitrary: usual }, { weight: 1, arbitrary: other });

const anything = fc.constantFrom<unknown>(null, true, [], {}, [[]], { constructor: 'x' }, ...NASTY, ...NUMBERS);

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
  readonly checks?: readonly { readonly _zod: { readonly def: Check } }[];
}

/** A bound that a schema names: of a number, or of how much there is. */
interface Check {
  readonly check: string;
  readonly value?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly pattern?: RegExp;
}

/** What a schema says is the least and the most, where it does. */
function boundsOf({ checks = [] }: Definition): { readonly least?: number; readonly most?: number } {
  const all = checks.map(({ _zod }) => _zod.def);
  const least = all.find(({ check }) => check === 'greater_than' || check === 'min_length');
  const most = all.find(({ check }) => check === 'less_than' || check === 'max_length');
  return { least: least?.value ?? least?.minimum, most: most?.value ?? most?.maximum };
}

/**
 * Input as a schema describes it, and beside it: mostly good, at its edges too, with something now and then that is beyond them or of
 * another kind, so that it gets past what is looked at first.
 */
export function anyInput(schema: z.ZodMiniType): fc.Arbitrary<unknown> {
  return mostly(shaped(schema), anything, 200);
}

function shaped(schema: z.ZodMiniType): fc.Arbitrary<unknown> {
  const def = schema._zod.def as unknown as Definition;
  const inner = (): fc.Arbitrary<unknown> => anyInput(def.innerType as z.ZodMiniType);
  switch (def.type) {
    case 'object':
      return fc.record(Object.fromEntries(Object.entries(def.shape ?? {}).map(([key, one]) => [key, anyInput(one)])));
    case 'array': {
      const { least = 0, most = 3 } = boundsOf(def);
      return fc.array(anyInput(def.element as z.ZodMiniType), { minLength: Math.min(least, 3), maxLength: Math.min(most, 3) });
    }
    case 'tuple':
      return fc.tuple(...(def.items ?? []).map(anyInput));
    case 'union':
      return fc.oneof(...(def.options ?? []).map(anyInput));
    case 'record':
      return fc.dictionary(anyInput(def.keyType as z.ZodMiniType).map(String), anyInput(def.valueType as z.ZodMiniType), { maxKeys: 1 });
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
      // What is made into another shape first may come in that shape, too.
      return anyInput((def.in?._zod.def.type === 'transform' ? def.out : def.in) as z.ZodMiniType);
    case 'boolean':
      return fc.boolean();
    case 'number':
      return numbers(def);
    case 'string':
      return texts(def);
    default:
      return anything;
  }
}

function numbers(def: Definition): fc.Arbitrary<unknown> {
  const { least = -100, most = 100 } = boundsOf(def);
  const [min, max] = [least, Math.max(least, most)];
  const between = def.format === 'safeint' ? fc.integer({ min, max }) : fc.double({ min, max, noNaN: true });
  // What is small goes together: a plan of the largest of everything is none.
  const small = fc.integer({ min: 0, max: 5 }).map((n) => Math.min(max, Math.ceil(min) + n));
  const within = fc.oneof(
    { weight: 6, arbitrary: small },
    { weight: 1, arbitrary: fc.constantFrom(min, max) },
    { weight: 1, arbitrary: between },
  );
  return mostly(within, fc.constantFrom(...NUMBERS, least - 1, most + 1));
}

function texts(def: Definition): fc.Arbitrary<unknown> {
  const { least = 0, most = 20 } = boundsOf(def);
  switch (def.format) {
    case 'uuid':
      return fc.uuid();
    case 'date':
      return mostly(fc.constantFrom(...DATES), fc.constantFrom(...NO_DATES));
    case 'datetime':
      return mostly(fc.constantFrom(...DATES.map(late)), fc.constantFrom(...NO_DATES.map(late)));
    case 'email':
      return mostly(
        fc.uuid().map((id) => `${id}@b.test`),
        fc.constantFrom(...NASTY),
      );
    default: {
      const pattern = def.checks?.map(({ _zod }) => _zod.def.pattern).find((one) => one !== undefined);
      if (pattern) return mostly(fc.stringMatching(pattern), fc.constantFrom(...NASTY));
      const fits = PLAIN.filter((one) => one.length >= least && one.length <= most);
      const said = mostly(fc.constantFrom(...(fits.length > 0 ? fits : PLAIN)), fc.constant('y'.repeat(most)), 8);
      const plain = least === 0 ? fc.oneof(fc.constant(''), said) : said;
      return mostly(plain, fc.oneof(fc.constantFrom(...NASTY), fc.string({ unit: 'binary', maxLength: 90 })));
    }
  }
}
