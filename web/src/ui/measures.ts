import type { Settings } from '../api/api';

export type System = Settings['units'];
/** What a length, an area or a spread is kept in, whatever the studio measures in. */
export type Kept = 'mm' | 'm' | 'm²' | 'm²/L';
export type Read = { value: number } | { wrong: string };

const foot = 304.8;
const inch = 25.4;
const squareFoot = 0.09290304;
const lengths: Record<string, number> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: inch,
  inch: inch,
  inches: inch,
  '"': inch,
  ft: foot,
  foot,
  feet: foot,
  "'": foot,
};
const areas: Record<string, number> = {
  'm²': 1,
  m2: 1,
  sqm: 1,
  'cm²': 1e-4,
  cm2: 1e-4,
  'ft²': squareFoot,
  ft2: squareFoot,
  sqft: squareFoot,
  'in²': inch ** 2 / 1e6,
  in2: inch ** 2 / 1e6,
  sqin: inch ** 2 / 1e6,
};
/** Litres; a cup, a pint and what is made of it by whose they are. */
const litres = (system: System): Record<string, number> => ({
  ml: 0.001,
  cl: 0.01,
  dl: 0.1,
  l: 1,
  litre: 1,
  liter: 1,
  oz: system === 'imperial' ? 0.0284130625 : 0.0295735295625,
  cup: system === 'us' ? 0.2365882365 : 0.25,
  pint: system === 'imperial' ? 0.56826125 : 0.473176473,
  quart: system === 'imperial' ? 1.1365225 : 0.946352946,
  gallon: system === 'imperial' ? 4.54609 : 3.785411784,
});

const fractions: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};
const number = String.raw`\d+\s+\d+/\d+|\d+/\d+|\d+(?:[.,]\d+)?|[.,]\d+`;

/** "35 7/16", "1/2", "12.5" or "12,5"; null where it is none. */
function numberOf(text: string): number | null {
  const plain = text.trim();
  const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(plain);
  if (mixed) return Number(mixed[3]) === 0 ? null : Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  const value = Number(plain.replace(',', '.'));
  return plain !== '' && Number.isFinite(value) ? value : null;
}

const tidy = (text: string) =>
  text
    .trim()
    .toLowerCase()
    .replace(/(\d)?([½¼¾⅛⅜⅝⅞⅓⅔])/g, (_, before: string | undefined, f: string) => `${before ? `${before} ` : ''}${fractions[f]}`)
    .replace(/[″”]/g, '"')
    .replace(/[′’]/g, "'");

/** A length in mm: "30 in", "2 ft 6", `2' 6 1/2"`, "75 cm", or a plain number in what the studio measures in. */
function lengthOf(text: string, plain: number): number | null {
  const words = tidy(text);
  const feet = new RegExp(String.raw`^(${number})\s*(?:ft|foot|feet|')\s*(?:(${number})\s*(?:in|inch|inches|")?)?$`).exec(words);
  if (feet) {
    const [whole, rest] = [numberOf(feet[1] ?? ''), feet[2] === undefined ? 0 : numberOf(feet[2])];
    return whole === null || rest === null ? null : whole * foot + rest * inch;
  }
  const one = new RegExp(String.raw`^(${number})\s*([a-z"']*)$`).exec(words);
  const value = one && numberOf(one[1] ?? '');
  const unit = one?.[2] ? lengths[one[2]] : plain;
  return value === null || unit === undefined ? null : value * unit;
}

/** An area in m²: "12 m²", "60 sq ft", "20 × 30 in", or a plain number in what the studio measures in. */
function areaOf(text: string, plain: number): number | null {
  const words = tidy(text).replace(
    /sq(?:uare|\.)?\s*(m|ft|feet|foot|in|inch|inches|cm)\b[a-z]*/g,
    (_, u: string) => `sq${u.startsWith('f') ? 'ft' : u.startsWith('i') ? 'in' : u}`,
  );
  const sides = /^(.+?)\s*[x×]\s*(.+)$/.exec(words);
  if (sides) {
    const unit = /[a-z"']+\s*$/.exec(sides[2] ?? '')?.[0]?.trim() ?? '';
    const first = /[a-z"']\s*$/.test(sides[1] ?? '') ? sides[1] : `${sides[1]} ${unit}`;
    const [a, b] = [lengthOf(first ?? '', 1), lengthOf(sides[2] ?? '', 1)];
    return a === null || b === null || unit === '' ? null : (a * b) / 1e6;
  }
  const one = new RegExp(String.raw`^(${number})\s*([a-z²0-9]*)$`).exec(words);
  const value = one && numberOf(one[1] ?? '');
  const unit = one?.[2] ? (areas[one[2]] ?? (one[2] === 'sqcm' ? 1e-4 : undefined)) : plain;
  return value === null || unit === undefined ? null : value * unit;
}

/** m² to a litre: "12 m² a litre", "covers 60 sq ft a quart", "3 m² per 250 ml", "60 sq ft a jar" of so many litres. */
function spreadOf(text: string, system: System, jar: number | null): Read {
  const words = tidy(text).replace(/^covers?\s+/, '');
  const parts = /^(.+?)\s*(?:\/|\ba\b|\ban\b|\bper\b|\beach\b)\s*(.+)$/.exec(words);
  const area = areaOf(parts?.[1] ?? words, system === 'metric' ? 1 : squareFoot);
  const example = system === 'metric' ? '12 m² a litre' : '60 sq ft a quart';
  if (area === null) return { wrong: `Enter a spread rate, for example ${example}` };
  if (!parts) return { value: area / (system === 'metric' ? 1 : (litres(system).quart ?? 1)) };
  const of = new RegExp(String.raw`^(${number})?\s*(?:fl\s*)?([a-z]+?)s?$`).exec(parts[2] ?? '');
  const many = of?.[1] === undefined ? 1 : numberOf(of[1]);
  if (of && ['jar', 'tin', 'can', 'pot', 'pack'].includes(of[2] ?? '')) {
    return jar === null
      ? { wrong: `How much is in the ${of[2]}? Enter it so: 60 sq ft a pint, or 5 m² per 500 ml` }
      : { value: area / (jar * (many ?? 1)) };
  }
  const unit = of ? litres(system)[of[2] ?? ''] : undefined;
  return many === null || many === 0 || unit === undefined
    ? { wrong: `Enter a spread rate, for example ${example}` }
    : { value: area / (many * unit) };
}

const keptLength: Record<string, number> = { mm: 1, m: 1000 };

/** What somebody typed, in what it is kept in. */
export function readMeasure(text: string, kept: Kept, system: System, jar: number | null = null): Read {
  if (kept === 'm²/L') return spreadOf(text, system, jar);
  if (kept === 'm²') {
    const area = areaOf(text, system === 'metric' ? 1 : squareFoot);
    return area === null
      ? { wrong: `Enter an area, for example ${system === 'metric' ? '1.2 m² or 900 × 450 mm' : '12 sq ft or 36 × 18 in'}` }
      : { value: area };
  }
  const scale = keptLength[kept] ?? 1;
  const plain = system === 'metric' ? scale : kept === 'm' ? foot : inch;
  const length = lengthOf(text, plain);
  return length === null
    ? { wrong: `Enter a length, for example ${system === 'metric' ? '750 mm, 75 cm or 30 in' : '30 in, 2 ft 6 or 75 cm'}` }
    : { value: length / scale };
}

/** What a field says it measures in. */
export function unitOf(kept: Kept, system: System): string {
  if (system === 'metric') return kept;
  return { mm: 'in', m: 'ft', 'm²': 'sq ft', 'm²/L': 'sq ft a quart' }[kept];
}

/** Inches as on a rule: to a sixteenth from a quarter of an inch on, below in decimals. */
function inches(mm: number): string {
  if (mm === 0) return '0';
  if (mm < inch / 4) return String(Number((mm / inch).toFixed(3)));
  const sixteenths = Math.round((mm / inch) * 16);
  const [whole, rest] = [Math.floor(sixteenths / 16), sixteenths % 16];
  if (rest === 0) return String(whole);
  const by = rest % 8 === 0 ? 8 : rest % 4 === 0 ? 4 : rest % 2 === 0 ? 2 : 1;
  return `${whole > 0 ? `${whole} ` : ''}${rest / by}/${16 / by}`;
}

const rounded = (value: number, digits: number) => String(Number(value.toFixed(digits)));

/** In what the studio measures in, without the unit. */
export function figureOf(value: number, kept: Kept, system: System): string {
  if (system === 'metric') return String(value);
  switch (kept) {
    case 'mm':
      return inches(value);
    case 'm':
      return rounded((1000 * value) / foot, 2);
    case 'm²':
      return rounded(value / squareFoot, value < 0.1 ? 2 : 1);
    case 'm²/L':
      return rounded((value / squareFoot) * (litres(system).quart ?? 1), 0);
  }
}

/** An area with as many digits as a painter can use. */
export function areaWords(area: number, system: System): string {
  return system === 'metric'
    ? `${area.toFixed(area < 0.1 ? 4 : area < 1 ? 3 : 2)} m²`
    : `${(area / squareFoot).toFixed(area < 0.1 ? 2 : 1)} sq ft`;
}

/** An area to keep to, by eye: two figures, never more than it is. */
export function roughArea(area: number, system: System): string {
  const own = system === 'metric' ? area : area / squareFoot;
  const step = 10 ** (Math.floor(Math.log10(Math.max(own, 1e-6))) - 1);
  return `${Number((Math.floor(own / step + 1e-9) * step).toPrecision(2))} ${system === 'metric' ? 'm²' : 'sq ft'}`;
}

/** What the program says in mm, m and m², as the studio measures: "900 × 450 mm" is 35 7/16 × 17 11/16 in. */
export function inStudio(words: string, system: System): string {
  if (system === 'metric') return words;
  const figure = String.raw`\d+(?:\.\d+)?`;
  return words.replace(
    new RegExp(String.raw`(${figure}(?:(?: × |, | and | to )${figure})*) (mm|m²/L|m²|m)(?![\w²])`, 'g'),
    (_, numbers: string, unit: Kept) => {
      const converted = numbers.replace(new RegExp(figure, 'g'), (n) => figureOf(Number(n), unit, system));
      return `${converted} ${unitOf(unit, system)}`;
    },
  );
}
