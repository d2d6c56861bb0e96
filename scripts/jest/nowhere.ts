/**
 * A world without a time or a place of its own. Whatever asks for them throws, which is stricter than running the same
 * tests at several places: the hour is an argument, and so is the zone.
 */

/** Packages that ask when they are loaded, for what is theirs alone, or below a zone that they were given. */
const MAY_ASK = /node_modules\/(d3-time|@peculiar|@date-fns\/tz|@pdf-lib|pdf-lib|ics)\//;

function refuse(what: string): void {
  const error = new Error(`${what} asks the machine for its time or zone; both are arguments here`);
  if (!MAY_ASK.test(error.stack ?? '')) throw error;
}

/** Dates alone are UTC by the standard; with a clock time a zone must be named. */
const NAMES_ZONE = /^[^T ]*$|(Z|GMT|UTC|[+-]\d{2}:?\d{2})$/;

function needZone(value: unknown): void {
  if (typeof value === 'string' && !NAMES_ZONE.test(value)) refuse(`new Date('${value}')`);
}

const RealDate = Date;
globalThis.Date = new Proxy(RealDate, {
  apply: () => refuse('Date()'),
  construct(real, parts: readonly unknown[], made) {
    if (parts.length === 0) refuse('new Date()');
    if (parts.length > 1) refuse('new Date(year, month, …)');
    needZone(parts[0]);
    return Reflect.construct(real, parts, made) as Date;
  },
});

const { parse } = RealDate;
RealDate.parse = (text) => {
  needZone(text);
  return parse(text);
};

const LOCAL = [
  ...['FullYear', 'Month', 'Date', 'Hours', 'Minutes'].flatMap((part) => [`get${part}`, `set${part}`]),
  ...['getDay', 'getYear', 'getTimezoneOffset', 'toString', 'toDateString', 'toTimeString'],
];
const redefine = (name: string, value: unknown): void =>
  void Object.defineProperty(RealDate.prototype, name, { value, writable: true, configurable: true });
for (const name of LOCAL) {
  const real = RealDate.prototype[name as 'setHours'];
  redefine(name, function (this: Date, ...parts: [number]) {
    refuse(name);
    return real.apply(this, parts);
  });
}

type Options = Intl.DateTimeFormatOptions | undefined;
function zoned(what: string, options: Options): Options {
  if (options?.timeZone === undefined) refuse(what);
  return options;
}

for (const name of ['toLocaleString', 'toLocaleDateString', 'toLocaleTimeString'] as const) {
  const real = RealDate.prototype[name] as (locales?: string, options?: Options) => string;
  redefine(name, function (this: Date, locales?: string, options?: Options) {
    return real.call(this, locales, zoned(name, options));
  });
}

const RealFormat = Intl.DateTimeFormat;
class FormatFromElsewhere extends RealFormat {
  constructor(locales?: string, options?: Options) {
    super(locales, zoned('Intl.DateTimeFormat without a zone', options));
  }
}

Intl.DateTimeFormat = FormatFromElsewhere as typeof Intl.DateTimeFormat;
