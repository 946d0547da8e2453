// ../../tmp/s/pdfdoc.ts
import { readFileSync, writeFileSync } from "node:fs";
import pdfmake from "pdfmake";

// packages/core/src/check/json.ts
function isObject(value) {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

// packages/core/src/fields/words.ts
function unusedIn(object, own, others, path = "") {
  return Object.entries(object).flatMap(([key, value]) => {
    if (value === null || value === void 0 || value === false) return [];
    const elsewhere = others.flatMap((fields) => fields[key] ? [fields[key]] : []);
    const here = own[key];
    if (!here) return elsewhere.length > 0 ? [{ path: path + key, label: elsewhere[0].name }] : [];
    if (!isObject(value) || here.kind !== "group") return [];
    const inside2 = elsewhere.flatMap((one2) => one2.kind === "group" ? [one2.fields] : []);
    return unusedIn(value, here.fields, inside2, `${path}${key}.`);
  });
}

// packages/core/src/check/fields.ts
function quote(value) {
  if (value === void 0) return "nothing";
  const text2 = typeof value === "string" ? value : JSON.stringify(value) ?? String(value);
  return `\u201C${text2.length > 40 ? `${text2.slice(0, 40)}\u2026` : text2}\u201D`;
}
function labelIs(label) {
  const about = label.split(/ (?:of|with|at|above|below|in|that|taken|beside|between|for|to) /)[0];
  const many = /[^s’'u]s$/.test(about) && !/^What /.test(about);
  return `${label} ${many ? "are" : "is"}`;
}
var FieldReader = class _FieldReader {
  constructor(object, path, problems) {
    this.object = object;
    this.path = path;
    this.problems = problems;
  }
  object;
  path;
  problems;
  at(key) {
    return this.path === "" ? key : `${this.path}.${key}`;
  }
  problem(key, message) {
    this.problems.push({ path: this.at(key), message });
  }
  /** A number within limits. A wrong one is a problem and reads as the smallest allowed value. */
  number(key, wish2) {
    const value = this.object[key];
    if (value === void 0 && wish2.fallback !== void 0) return wish2.fallback;
    const sentence = checkNumber(value, wish2);
    if (sentence === null) return value;
    this.problem(key, sentence);
    return wish2.fallback ?? wish2.min;
  }
  /** One of a few words. */
  choice(key, label, allowed, fallback) {
    const value = this.object[key];
    if (value === void 0) return fallback;
    if (allowed.includes(value)) return value;
    this.problem(
      key,
      `${labelIs(label)} ${quote(value)}; it can be ${allowed.map((word) => `\u201C${word}\u201D`).join(", ")}.`
    );
    return fallback;
  }
  /** A line of text of 1 to 200 characters. */
  text(key, label, fallback) {
    const value = this.object[key];
    if (value === void 0 && fallback !== void 0) return fallback;
    if (typeof value === "string" && value.trim() !== "" && value.length <= 200) return value;
    this.problem(key, `${label} needs 1 to 200 characters of text; ${quote(value)} stands there.`);
    return fallback ?? "";
  }
  /** A reader for an object inside this one; null when it is missing and may be. */
  inside(key, label, required) {
    const value = this.object[key];
    if (value === void 0 || value === null) {
      if (required) this.problem(key, `${labelIs(label)} missing; an object with its fields belongs here.`);
      return null;
    }
    if (isObject(value)) return new _FieldReader(value, this.at(key), this.problems);
    this.problem(key, `${labelIs(label)} ${quote(value)}; an object with its fields belongs here.`);
    return null;
  }
  /** Readers for the objects of a list. */
  list(key, label, most) {
    const value = this.object[key];
    if (!Array.isArray(value)) {
      this.problem(key, `${labelIs(label)} ${quote(value)}; a list belongs here.`);
      return [];
    }
    if (value.length > most) {
      this.problem(key, `${label} has ${value.length} entries; at most ${most} are taken.`);
      return [];
    }
    return value.flatMap((entry, index) => {
      const path = `${this.at(key)}[${index}]`;
      if (isObject(entry)) return [new _FieldReader(entry, path, this.problems)];
      this.problems.push({
        path,
        message: `${quote(entry)} stands here; an object with its fields belongs here.`
      });
      return [];
    });
  }
};
function checkNumber(value, { label, min, max, unit: unit2, whole }) {
  const range2 = `${min} to ${max} ${unit2}`.trim();
  if (typeof value !== "number" || !Number.isFinite(value))
    return `${labelIs(label)} ${quote(value)}; a number from ${range2} belongs here.`;
  if (value < min || value > max) return `${labelIs(label)} ${value}; it can be ${range2}.`;
  if (whole && !Number.isInteger(value)) return `${labelIs(label)} ${value}; a whole number belongs here.`;
  return null;
}

// packages/core/src/fields/read.ts
var PERCENT = { min: -40, max: 100, unit: "%" };
function readFields(fields, reader, fabricIds) {
  const root = {};
  return readInto(root, root, fields, reader, fabricIds);
}
function readInto(root, object, fields, reader, fabricIds) {
  for (const [key, field] of Object.entries(fields))
    object[key] = readField(field, key, { root, object, reader, fabricIds });
  return object;
}
function readField(field, key, place) {
  const { reader, fabricIds, object } = place;
  const value = reader.object[key];
  const none = value === void 0 || value === null;
  switch (field.kind) {
    case "length":
      return field.optional && none ? null : readLength(field, key, place);
    case "number":
      if (field.optional && none) return null;
      return reader.number(key, {
        ...numberWish(field),
        fallback: field.usual ?? field.range[0]
      });
    case "choice": {
      const read2 = reader.choice(
        key,
        field.name,
        field.options.map((option) => option.value),
        figureOf(field.usual, object)
      );
      for (const { where, allowed, message } of field.limits ?? []) {
        if (!where.is.includes(object[where.field]) || allowed.includes(read2)) continue;
        reader.problem(key, message(read2, object));
        return allowed[0];
      }
      return read2;
    }
    case "fabric":
      if (field.usual === null) return none ? null : reader.choice(key, field.name, fabricIds, "");
      return reader.choice(key, field.name, fabricIds, usualFabric(field.usual, place));
    case "rising shares":
      return none ? null : readRisingShares(value, key, field, reader);
    case "group": {
      if (field.optional && (value === null || value === false)) return null;
      if (field.optional?.missing === "none" && value === void 0) return null;
      const inner = reader.inside(key, field.name, false) ?? new FieldReader({}, reader.at(key), reader.problems);
      return readInto(place.root, {}, field.fields, inner, fabricIds);
    }
  }
}
function figureOf(usual, read2) {
  return typeof usual === "function" ? usual(read2) : usual;
}
function numberWish({
  name: name2,
  range: [min, max],
  unit: unit2 = "cm",
  whole = false
}) {
  return { label: name2, min, max, unit: unit2, ...whole ? { whole } : {} };
}
function usualFabric(usual, { root, fabricIds }) {
  const first = fabricIds[0] ?? "";
  if (usual === "body") return first;
  if (usual === "rib") return fabricIds.find((id) => id !== first) ?? first;
  const found = usual.as.split(".").reduce((at, key) => at[key], root);
  return found;
}
function readLength(field, key, { reader, object }) {
  const usual = figureOf(field.usual, object) ?? field.range[0];
  const wish2 = numberWish(field);
  const check = (value2) => field.share && isObject(value2) && "percent" in value2 ? checkNumber(value2["percent"], { ...PERCENT, label: field.name }) : checkNumber(value2, wish2);
  const one2 = (found, path) => {
    if (found === void 0) return usual;
    const sentence = check(found);
    if (sentence === null) return found;
    reader.problem(path, sentence);
    return usual;
  };
  const value = reader.object[key];
  if (!isObject(value) || !("all" in value || "sizes" in value)) return one2(value, key);
  const all = one2(value["all"], `${key}.all`);
  const own = value["sizes"];
  if (own !== void 0 && !isObject(own)) {
    reader.problem(
      `${key}.sizes`,
      `The sizes' own figures are ${quote(own)}; an object of size and figure belongs here (${field.name.toLowerCase()}).`
    );
    return all;
  }
  const sizes2 = Object.entries(own ?? {}).map(
    ([size2, figure2]) => [size2, one2(figure2, `${key}.sizes.${size2}`)]
  );
  return { all, sizes: Object.fromEntries(sizes2) };
}
function readRisingShares(value, key, { name: name2, most }, reader) {
  const right = Array.isArray(value) && value.length >= 1 && value.length <= most && value.every(
    (one2, i) => typeof one2 === "number" && one2 > 0 && one2 < 100 && (i === 0 || one2 > value[i - 1])
  );
  if (right) return value;
  reader.problem(key, `${name2} are a list of rising shares between 0 and 100 %.`);
  return null;
}

// packages/core/src/garment/construction.ts
function finishedPlan(id, label, target, actual) {
  return { id, label, target, actual };
}
function construction(said2) {
  const { style, ...rest } = said2;
  return {
    ...rest,
    readStyle: (garment, fabricIds, problems) => style(readFields(said2.fields, new FieldReader(garment, "garment", problems), fabricIds))
  };
}

// packages/core/src/fields/perSize.ts
function isPerSize(value) {
  return isObject(value) && "all" in value;
}
function forSize(value, size2) {
  return isPerSize(value) ? value.sizes[size2] ?? value.all : value;
}
function partsOf(value) {
  return isPerSize(value) ? value : { all: value, sizes: {} };
}
var watched = /* @__PURE__ */ new WeakMap();
function easeOver(ease2, measure) {
  if (typeof ease2 === "number") return ease2;
  watched.get(ease2)?.(measure);
  return measure * ease2.percent / 100;
}

// packages/core/src/garment/shared/panels/style.ts
var STRAIGHT = { shape: "straight", hemEase: 0, waistEase: 0 };
var LEVEL = { slit: 0, longerBack: 0 };
function panelStyle(read2) {
  const { armhole, hood } = read2;
  const sleeve3 = read2.sleeve ? { rounds: "sewn", fade: false, ...read2.sleeve } : null;
  const { across, depth } = armhole ?? {};
  const upper = read2.upper?.fabric;
  return {
    body: STRAIGHT,
    ...LEVEL,
    ...read2,
    neck: { slant: null, ...read2.neck },
    measured: read2.measured ?? null,
    armhole: armhole ? {
      notch: armhole.notch,
      curve: across !== void 0 && depth !== void 0 ? { across, depth } : null
    } : null,
    sleeve: sleeve3,
    upper: upper ? { fabric: upper } : null,
    // A hood goes where the neckband would.
    neckband: hood ? null : read2.neckband,
    cuff: (sleeve3 && read2.cuff) ?? null,
    armband: !sleeve3 && read2.armband || null
  };
}
function upperFabric({ upper, fabric: fabric2 }) {
  return upper?.fabric ?? fabric2;
}
function isPlain({ sleeve: sleeve3, armband }) {
  return !sleeve3 && !armband;
}
function neckIsOpen({ neckband, hood }) {
  return !neckband && !hood;
}
function isNotched({ armhole }) {
  return armhole !== null && armhole.curve === null;
}
function inRounds(style, { worked: worked2, rounds }) {
  return worked2 === "down" && rounds !== "sewn" && !isNotched(style);
}
function fades(style, sleeve3) {
  return sleeve3.shape === "balloon" && sleeve3.fade && inRounds(style, sleeve3);
}
var FADE = [6, 5, 4];
function fullnessOf(style, sleeve3) {
  if (sleeve3.shape !== "balloon") return 1;
  return fades(style, sleeve3) ? 2 : 1 + sleeve3.fullness / 100;
}
function cuffOf(style) {
  const { cuff, sleeve: sleeve3 } = style;
  if (!cuff || !sleeve3 || fades(style, sleeve3)) return cuff;
  return { ...cuff, gather: cuff.gather / fullnessOf(style, sleeve3) };
}
function neckbandOf({
  style: { neckband, collar },
  size: size2
}) {
  if (!neckband || !collar) return neckband;
  return { ...neckband, height: 2 * forSize(neckband.height, size2.id) };
}

// packages/core/src/fabric/gauge.ts
function perCm(gauge, axis) {
  return axis === "stitches" ? gauge.stitches / gauge.stitchesOver : gauge.rows / gauge.rowsOver;
}
function lengthOnTheHook(fabric2, axis, count) {
  return count / perCm(fabric2.unblocked ?? fabric2.gauge, axis);
}

// packages/core/src/fit/relations.ts
var silent = () => [];
function sumIs(named2, times, total = 0) {
  return linear(named2, "equal", times, total);
}
function sumAtMost(named2, times, total = 0) {
  return linear(named2, "at most", times, total);
}
function sumAtLeast(named2, times, total = 0) {
  return linear(named2, "at least", times, total);
}
function sameCount(named2, a, b) {
  return linear(named2, "equal", { [a]: 1, [b]: -1 }, 0);
}
function linear({ id, rule: rule2, says = silent }, kind, times, total) {
  const terms = Object.entries(times).map(([of, each2 = 0]) => ({ of, times: each2 }));
  return { id, rule: rule2, kind, terms, total, says };
}
function parity(named2, times, wanted, most = 4e3) {
  const half2 = `${named2.id}.half`;
  return {
    helpers: [{ id: half2, min: -most, max: most }],
    relations: [linear(named2, "equal", { ...times, [half2]: -2 }, wanted === "even" ? 0 : 1)]
  };
}
function needsShapingRows(named2, wish2) {
  const { from, to, rows: rows2, perEvent, everyRow, spare, spareShare = 0, helper } = wish2;
  const room = (way, sign) => linear(
    { id: `${named2.id}.${way}`, rule: named2.rule },
    "at most",
    { [helper]: sign * everyRow, [rows2]: -(1 - spareShare) },
    -spare
  );
  return {
    helpers: [{ id: helper, min: -400, max: 400 }],
    relations: [
      linear(named2, "equal", { [to]: 1, [from]: -1, [helper]: -perEvent }, 0),
      room("wider", 1),
      room("narrower", -1)
    ]
  };
}

// packages/core/src/garment/relations.ts
var sumIs2 = sumIs;
var sumAtMost2 = sumAtMost;
var sumAtLeast2 = sumAtLeast;
var sameCount2 = sameCount;
var parity2 = parity;
var needsShapingRows2 = needsShapingRows;
function changedInOneRow(id, rule2, before, after) {
  return [
    sumAtMost2({ id: `${id}.fewer`, rule: rule2 }, { [before]: 1, [after]: -2 }),
    sumAtMost2({ id: `${id}.more`, rule: rule2 }, { [before]: -2, [after]: 1 })
  ];
}

// packages/core/src/units/length.ts
var CM_PER_INCH = 2.54;
var GAUGE_OVER = { cm: 10, in: 4 * CM_PER_INCH };
var GAUGE_OVER_IN_WORDS = { cm: "10 cm", in: "4 in" };
function toEighths(cm2) {
  return Math.round(cm2 / CM_PER_INCH * 8);
}
function inchesInWords(cm2) {
  const eighths = Math.abs(toEighths(cm2));
  const whole = Math.floor(eighths / 8);
  const rest = eighths % 8;
  if (rest === 0) return String(whole);
  const divisor = rest % 4 === 0 ? 4 : rest % 2 === 0 ? 2 : 1;
  const fraction = `${rest / divisor}/${8 / divisor}`;
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}
var AN_EIGHTH = 2e-3;
function exactly(cm2, units) {
  if (units === "cm") {
    const fixed = Math.abs(tidy(cm2)).toFixed(2);
    return fixed.endsWith("0") ? fixed.slice(0, -1) : fixed;
  }
  const inches = Math.abs(cm2) / CM_PER_INCH;
  return Math.abs(inches * 8 - Math.round(inches * 8)) < 8 * AN_EIGHTH ? inchesInWords(cm2) : inches.toFixed(2);
}
function formatLength(cm2, units, how = {}) {
  const rounded = units === "cm" ? (Math.round(Math.abs(cm2) * 10) / 10).toFixed(1) : inchesInWords(cm2);
  const size2 = how.precise ? exactly(cm2, units) : rounded;
  const isZero = Number(size2) === 0;
  const sign = cm2 < 0 && !isZero ? "\u2212" : how.sign && !isZero ? "+" : "";
  return `${sign}${size2}${how.unit ? ` ${units}` : ""}`;
}
function tidy(cm2) {
  const rounded = Math.round(cm2 * 100) / 100;
  return rounded === 0 ? 0 : rounded;
}

// packages/core/src/text/singular.ts
function countOf(count, one2, many = `${one2}s`) {
  return `${count} ${count === 1 ? one2 : many}`;
}
function timesInWords(times) {
  return times === 1 ? "once" : `${times} times`;
}
var NOUNS = {
  sts: "st",
  stitches: "stitch",
  rows: "row",
  rnds: "rnd",
  rounds: "round",
  places: "place",
  repeats: "repeat",
  "row ends": "row end",
  "shaping rows": "shaping row",
  "live sts": "live st",
  "plain sts": "plain st"
};
var FOLLOWS = new RegExp(
  `^ (${Object.keys(NOUNS).sort((a, b) => b.length - a.length).join("|")})\\b`
);
function afterFigure(figure2, text2) {
  if (!/(?:^|[^\d.,/–])1$/.test(figure2)) return text2;
  return text2.replace(FOLLOWS, (_, noun) => ` ${NOUNS[noun]}`);
}

// packages/core/src/text/phrase.ts
function cm(value, how = {}) {
  return { cm: value, ...how };
}
function rate(perCm2) {
  return { perCm: perCm2 };
}
function span(over) {
  return { over };
}
function say(strings, ...values) {
  const parts = [];
  for (let i = 0; i < strings.length; i += 1) {
    const before = parts.at(-1);
    const text2 = typeof before === "string" ? afterFigure(before, strings[i]) : strings[i];
    if (text2 !== "") parts.push(text2);
    const value = values[i];
    if (value === void 0) continue;
    if (typeof value === "number") parts.push(String(value));
    else if (isPhrase(value)) parts.push(...value);
    else parts.push(value);
  }
  return parts;
}
function isPhrase(value) {
  return Array.isArray(value);
}
function figure(value, digits = 2) {
  const scale = 10 ** digits;
  return String(Math.round(value * scale) / scale);
}
function ordinal(n) {
  const tail = n % 100;
  const ending = tail >= 11 && tail <= 13 ? "th" : ["th", "st", "nd", "rd"][n % 10] ?? "th";
  return `${n}${ending}`;
}

// packages/core/src/fabric/fabric.ts
var STITCHES = ["sc", "esc", "hdc", "dc", "tr"];
var TURNINGS = ["does not count", "counts", "chainless"];
var SHAPINGS = ["stitches", "units"];
var SHAPED_IN = ["any row", "right-side rows", "wrong-side rows"];
var FOUNDATIONS = ["chain", "stitches"];
var COUNTED_IN = [
  "stitches",
  "mesh spaces",
  "V\u2019s",
  "clusters",
  "shells",
  "cables",
  "tiles"
];
var YARN_WEIGHTS = [
  "lace",
  "fingering",
  "sport",
  "DK",
  "worsted",
  "aran",
  "bulky",
  "super bulky"
];
var ANY_COUNT = { multiple: 1, plus: 0 };
var USUAL_CHAINS = { sc: 1, esc: 2, hdc: 2, dc: 3, tr: 4 };
var USUAL_STRETCH = 0.15;
function stitchOf(fabric2) {
  return fabric2.stitch ?? "hdc";
}
function shapedRows({ shapedIn = "any row" }) {
  return { everyRow: shapedIn === "any row" ? 1 : 2, odd: shapedIn === "wrong-side rows" ? 0 : 1 };
}
function withEdges({ multiple, plus: plus2 }, { edgeStitches = 0 }) {
  return { multiple, plus: plus2 + 2 * edgeStitches };
}
function shapingUnit({ shaping, rule: rule2 }) {
  return shaping === "units" ? rule2.flat.multiple : 1;
}
function turningOf(fabric2) {
  return fabric2.turning ?? "does not count";
}
function foundationExtra(fabric2) {
  if (fabric2.foundation === "stitches") return 0;
  if (fabric2.foundationExtra !== void 0) return fabric2.foundationExtra;
  const chains = USUAL_CHAINS[stitchOf(fabric2)];
  const turning = turningOf(fabric2);
  return turning === "counts" ? Math.max(0, chains - 1) : turning === "chainless" ? 1 : chains;
}
function swatchMetres({ swatch, ball }) {
  if (!swatch) return null;
  if (swatch.metres !== void 0) return swatch.metres;
  return swatch.grams !== void 0 && ball ? swatch.grams / ball.grams * ball.metres : null;
}

// packages/core/src/garment/shared/quantity.ts
function quantity(wish2) {
  const countsPerCm = perCm(wish2.fabric.gauge, wish2.axis);
  const target = tidy(wish2.target);
  return {
    id: wish2.id,
    label: wish2.label,
    fabric: wish2.fabric,
    axis: wish2.axis,
    perCm: countsPerCm,
    target,
    weight: wish2.weight,
    rule: wish2.rule ?? ANY_COUNT,
    rounding: wish2.rounding ?? "nearest",
    min: wish2.min ?? 1,
    max: Math.ceil((target * 1.8 + 20) * countsPerCm) + 2 * (wish2.rule?.multiple ?? 1) + (wish2.rule?.plus ?? 0),
    because: wish2.because
  };
}
function given(label, value, from, note) {
  return {
    label: typeof label === "string" ? say`${label}` : label,
    figure: say`${cm(value)}`,
    ...from ? { from } : {},
    ...note ? { note } : {}
  };
}
function plus(label, change2, sum2, from) {
  return {
    label: say`${label}`,
    figure: say`${cm(change2, { sign: true })} = ${cm(sum2)}`,
    ...from ? { from } : {}
  };
}
function becomes(label, how, sum2, note) {
  return { label: say`${label}`, figure: say`${how} = ${cm(sum2)}`, ...note ? { note } : {} };
}
function eased(label, ease2, measure, from, base = measure) {
  const change2 = easeOver(ease2, measure);
  const step = plus(label, change2, base + change2, from);
  return typeof ease2 === "number" ? step : { ...step, note: say`${figure(ease2.percent, 1)} % of ${cm(measure)}` };
}
function shareOf(wish2, label, whole, from) {
  const length2 = easeOver(wish2, whole.length);
  if (typeof wish2 === "number") return { length: length2, reasons: [given(say`${label} wanted`, length2, from)] };
  const step = becomes(label, `\xD7 ${figure(wish2.percent, 1)} %`, length2);
  return {
    length: length2,
    reasons: [given(whole.label, whole.length, whole.from), { ...step, ...from ? { from } : {} }]
  };
}
function shrunk(growth3, length2) {
  if (growth3 === 0) return { length: length2, reasons: [] };
  const finished = length2 / (1 + growth3);
  const reason = becomes(
    "The fabric grows in wear",
    `\xF7 ${figure(1 + growth3, 3)}`,
    finished,
    say`${figure(growth3 * 100, 1)} % longer when worn, so ${cm(finished)} finished hangs ${cm(length2)}`
  );
  return { length: finished, reasons: [reason] };
}

// packages/core/src/joins/join.ts
var EASED_SHARE = 0.03;
var EASED_MOST = 1.5;
var EASED_LEAST = 1;
function easeOfShortSeams(...units) {
  return Math.max(EASED_LEAST, ...units);
}
function easeAllowed(a, b) {
  const byShare = Math.min(EASED_MOST, EASED_SHARE * Math.min(a.length, b.length));
  return Math.max(easeOfShortSeams(a.unit, b.unit), byShare);
}
var UNSEEN_EASE = 0.2;

// packages/core/src/garment/shared/seams.ts
function sameLength({ id, rule: rule2, says }, a, b, wanted) {
  const scaleA = a.times / a.perCm;
  const scaleB = b.times / b.perCm;
  const apart2 = (name2, timesA, timesB, total) => ({
    ...sumAtMost2({ id: `${id}.${name2}`, rule: rule2 }, { [a.of]: timesA, [b.of]: timesB }, total),
    seam: id
  });
  const least = easeOfShortSeams(1 / a.perCm, 1 / b.perCm);
  const within2 = (most) => [
    { ...apart2("longer", scaleA, -scaleB, most), says },
    apart2("shorter", -scaleA, scaleB, most)
  ];
  if (EASED_SHARE * wanted <= least || least >= EASED_MOST) return within2(least);
  return [
    ...within2(EASED_MOST),
    apart2("longer by share", scaleA, -scaleB * (1 + EASED_SHARE), 0),
    apart2("shorter by share", -scaleA * (1 + EASED_SHARE), scaleB, 0)
  ];
}

// packages/core/src/garment/shared/panels/centredPanel.ts
function centredPanel({ panel = 0 }, id = "panel", of = "back.width") {
  if (panel === 0) return { helpers: [], relations: [] };
  return parity2(
    {
      id,
      rule: "the panel in the middle leaves as many stitches on either side of it",
      says: (counts) => {
        const beside = (counts.of(of) - panel) / 2;
        return say`Panel in the middle: ${beside} + ${panel} + ${beside} = ${counts.of(of)}`;
      }
    },
    { [of]: 1 },
    panel % 2 === 1 ? "odd" : "even"
  );
}

// packages/core/src/shaping/spread.ts
function spread(total, parts) {
  const found = [];
  let before = 0;
  for (let i = 1; i <= parts; i += 1) {
    const sum2 = Math.floor(i * total / parts);
    found.push(sum2 - before);
    before = sum2;
  }
  return found;
}
function spreadLargerFirst(total, parts) {
  const least = Math.floor(total / parts);
  const larger = total - least * parts;
  return Array.from({ length: parts }, (_, i) => least + (i < larger ? 1 : 0));
}

// packages/core/src/shaping/schedule.ts
function slots({
  firstRow,
  lastRow: lastRow2,
  everyRow
}) {
  return lastRow2 < firstRow ? 0 : Math.floor((lastRow2 - firstRow) / everyRow) + 1;
}
function schedule(request) {
  const { start: start2, end, perEvent, firstRow, everyRow, order } = request;
  const change2 = Math.abs(end - start2);
  if (change2 % perEvent !== 0)
    return {
      ok: false,
      message: `from ${start2} to ${end} is ${change2} stitches, which shaping rows of ${perEvent} do not reach exactly`
    };
  const count = change2 / perEvent;
  const room = slots(request);
  if (count > room) return { ok: false, message: `${count} shaping rows do not fit into ${room} rows` };
  const gaps = evenGaps(room, count, order);
  let slot = 0;
  const events = gaps.map((gap) => firstRow + ((slot += gap) - 1) * everyRow);
  return {
    ok: true,
    schedule: {
      start: start2,
      end,
      perEvent,
      direction: Math.sign(end - start2),
      events,
      after: firstRow - everyRow,
      room: { first: firstRow, last: request.lastRow, everyRow },
      rates: ratesOf(gaps.map((gap) => gap * everyRow)),
      order
    }
  };
}
function evenGaps(room, count, order) {
  if (count === 0) return [];
  if (order === "mixed") return spread(room, count);
  const narrow2 = Math.floor(room / count);
  const wider = room % count;
  const wide = new Array(wider).fill(narrow2 + 1);
  const rest = new Array(count - wider).fill(narrow2);
  return order === "slow first" ? [...wide, ...rest] : [...rest, ...wide];
}
function ratesOf(gaps) {
  const rates = [];
  for (const every of gaps) {
    const last = rates.at(-1);
    if (last?.every === every) last.times += 1;
    else rates.push({ every, times: 1 });
  }
  return rates;
}
function mirrored(forward, rows2) {
  const { room } = forward;
  const lastSlot = room.first + Math.max(0, Math.floor((room.last - room.first) / room.everyRow)) * room.everyRow;
  const events = forward.events.map((row) => rows2 + 2 - row).reverse();
  const firstGap = events.length > 0 ? events[0] - 1 : 0;
  const gaps = events.map((row, i) => i === 0 ? firstGap : row - events[i - 1]);
  return {
    ...forward,
    start: forward.end,
    end: forward.start,
    direction: forward.direction === 0 ? 0 : -forward.direction,
    events,
    ...forward.amounts ? { amounts: [...forward.amounts].reverse() } : {},
    after: 1,
    room: { ...room, first: rows2 + 2 - lastSlot, last: rows2 + 2 - room.first },
    rates: ratesOf(gaps)
  };
}
function amountOf({ amounts, perEvent }, i) {
  return amounts?.[i] ?? perEvent;
}
function countsAfter(schedule2) {
  let count = schedule2.start;
  return schedule2.events.map((_, i) => count += schedule2.direction * amountOf(schedule2, i));
}
function countsByRow(schedule2, first, last) {
  const counts = [];
  let count = schedule2.start;
  let next = 0;
  for (let row = first; row <= last; row += 1) {
    while (next < schedule2.events.length && schedule2.events[next] <= row) {
      count += schedule2.direction * amountOf(schedule2, next);
      next += 1;
    }
    counts.push(count);
  }
  return counts;
}
function fromSteps(start2, firstRow, counts) {
  const events = [];
  const amounts = [];
  let before = start2;
  counts.forEach((count, i) => {
    if (count !== before) {
      events.push(firstRow + i);
      amounts.push(Math.abs(count - before));
    }
    before = count;
  });
  const gaps = events.map((row, i) => row - (events[i - 1] ?? firstRow - 1));
  return {
    start: start2,
    end: before,
    perEvent: 1,
    direction: Math.sign(before - start2),
    events,
    amounts,
    after: firstRow - 1,
    room: { first: firstRow, last: firstRow + counts.length - 1, everyRow: 1 },
    rates: ratesOf(gaps),
    order: "curve"
  };
}
function later(schedule2, rows2) {
  if (rows2 === 0) return schedule2;
  const { events, after, room } = schedule2;
  return {
    ...schedule2,
    events: events.map((row) => row + rows2),
    after: after + rows2,
    room: { ...room, first: room.first + rows2, last: room.last + rows2 }
  };
}
function ratesInWords({ rates, events }) {
  if (events.length === 0) return "work even";
  if (rates.length > 3) return `in rows ${events.join(", ")}`;
  return rates.map(
    ({ every, times }) => `every ${every === 1 ? "row" : `${ordinal(every)} row`} ${timesInWords(times)}`
  ).join(", then ");
}

// packages/core/src/fabric/startingSet.ts
var rule = (multiple, plus2 = 0) => ({ multiple, plus: plus2 });
var unit = (name2, stitches2, plus2) => ({
  name: name2,
  stitches: stitches2,
  plus: plus2
});
var rows = (...types) => types.map(([name2, height]) => ({ name: name2, height }));
function pattern({ id, name: name2, stitch, usual, extra, text: text2, ...rest }) {
  const { flat = ANY_COUNT, round: round4 = ANY_COUNT, rows: rowRule = ANY_COUNT, ...more } = rest;
  return {
    fabric: {
      id,
      name: name2,
      hook: 5,
      gauge: { stitches: usual[0], stitchesOver: 10, rows: usual[1], rowsOver: 10 },
      estimated: true,
      stitch,
      ...extra === void 0 ? {} : { foundationExtra: extra },
      ...more,
      rows: text2.split("\n"),
      rule: { flat, round: round4, rows: rowRule }
    }
  };
}
var STITCH_PATTERNS = [
  pattern({
    id: "single-crochet",
    name: "Single crochet",
    stitch: "sc",
    usual: [15, 17],
    text: `Row 1 (RS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2: ch 1 (does not count as a st), sc in each st to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "half-double",
    name: "Half double crochet",
    stitch: "hdc",
    usual: [14, 11],
    text: `Row 1 (RS): hdc in the 3rd ch from the hook and in each ch to the end; turn.
Row 2: ch 2 (does not count as a st), hdc in each st to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "double-crochet",
    name: "Double crochet",
    stitch: "dc",
    usual: [13, 7.5],
    text: `Row 1 (RS): dc in the 4th ch from the hook and in each ch to the end; turn.
Row 2: ch 3 (does not count as a st), dc in each st to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "treble",
    name: "Treble crochet",
    stitch: "tr",
    usual: [12, 5],
    text: `Row 1 (RS): tr in the 5th ch from the hook and in each ch to the end; turn.
Row 2: ch 4 (does not count as a st), tr in each st to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "extended-single",
    name: "Extended single crochet",
    stitch: "esc",
    usual: [14, 12],
    text: `Row 1 (RS): esc in the 3rd ch from the hook and in each ch to the end; turn.
Row 2: ch 2 (does not count as a st), esc in each st to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "crossed-pairs",
    name: "Crossed pairs",
    stitch: "dc",
    usual: [14, 8],
    flat: rule(2, 2),
    round: rule(2),
    turning: "counts",
    text: `Row 1 (RS): sk 3 ch (counts as dc), *sk the next ch, dc in the next ch, dc in the skipped ch; repeat from * to the last ch, dc in the last ch; turn.
Row 2: ch 3 (counts as dc), *sk the next st, dc in the next st, dc in the skipped st; repeat from * to the last st, dc in the last st; turn.
Repeat row 2.`
  }),
  pattern({
    id: "crossed-pairs-on-sc",
    name: "Crossed pairs on a plain row",
    stitch: "dc",
    usual: [14, 10],
    flat: rule(2, 2),
    round: rule(2),
    rows: rule(2),
    rowTypes: rows(["sc row", 0.6], ["dc row", 1.4]),
    turning: "counts",
    extra: 1,
    text: `Row 1 (WS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), *sk the next st, dc in the next st, dc in the skipped st; repeat from * to the last st, dc in the last st; turn.
Row 3: ch 1 (does not count as a st), sc in each st to the end; turn.
Repeat rows 2 and 3.`
  }),
  pattern({
    id: "alternating-texture",
    name: "Alternating sc and dc",
    stitch: "dc",
    usual: [14, 11],
    flat: rule(2),
    round: rule(2),
    turning: "chainless",
    text: `Row 1 (RS): sc in the 2nd ch from the hook, dc in the next ch, *sc in the next ch, dc in the next ch; repeat from * to the end; turn.
Row 2: ch 1 (does not count as a st), *sc in the next dc, dc in the next sc; repeat from * to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "paired-stitches",
    name: "Paired stitches",
    stitch: "sc",
    usual: [15, 15],
    flat: rule(2),
    round: rule(2),
    text: `Row 1 (RS): 2 sc in the 3rd ch from the hook, *sk the next ch, 2 sc in the next ch; repeat from * to the end; turn.
Row 2: ch 1 (does not count as a st), *sk the next st, 2 sc in the next st; repeat from * to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "rows-of-two-heights",
    name: "A row of sc, a row of dc",
    stitch: "dc",
    usual: [14, 10],
    rows: rule(2),
    rowTypes: rows(["sc row", 0.6], ["dc row", 1.4]),
    extra: 1,
    text: `Row 1 (RS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2: ch 3 (does not count as a st), dc in each st to the end; turn.
Row 3: ch 1 (does not count as a st), sc in each st to the end; turn.
Repeat rows 2 and 3.`
  }),
  pattern({
    id: "v-stitch",
    name: "V-stitch",
    stitch: "dc",
    usual: [13, 7],
    flat: rule(3, 2),
    round: rule(3),
    unit: unit("V\u2019s", 3, 2),
    stretch: 0.2,
    turning: "counts",
    text: `special: V-st: (dc, ch 1, dc) in the same place
Row 1 (RS): V-st in the 5th ch from the hook, *sk the next 2 ch, V-st in the next ch; repeat from * to the last 2 ch, sk the next ch, dc in the last ch; turn.
Row 2: ch 3 (counts as dc), V-st in each ch-1 sp to the last st, dc in the last st; turn.
Repeat row 2.`
  }),
  pattern({
    id: "mesh-1",
    name: "Mesh of 1 chain",
    stitch: "dc",
    usual: [16, 7],
    flat: rule(2, 1),
    round: rule(2),
    unit: unit("mesh spaces", 2, 1),
    stretch: 0.25,
    growth: 0.05,
    extra: 3,
    turning: "counts",
    text: `Row 1 (RS): dc in the 6th ch from the hook, *ch 1, sk the next ch, dc in the next ch; repeat from * to the end; turn.
Row 2: ch 4 (counts as dc, ch 1), sk the first ch-1 sp, dc in the next dc, *ch 1, sk the next ch-1 sp, dc in the next dc; repeat from * to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "mesh-2",
    name: "Mesh of 2 chains",
    stitch: "dc",
    usual: [17, 7],
    flat: rule(3, 1),
    round: rule(3),
    unit: unit("mesh spaces", 3, 1),
    stretch: 0.3,
    growth: 0.07,
    extra: 4,
    turning: "counts",
    text: `Row 1 (RS): dc in the 8th ch from the hook, *ch 2, sk the next 2 ch, dc in the next ch; repeat from * to the end; turn.
Row 2: ch 5 (counts as dc, ch 2), sk the first ch-2 sp, dc in the next dc, *ch 2, sk the next ch-2 sp, dc in the next dc; repeat from * to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "shells",
    name: "Shells of 5",
    stitch: "dc",
    usual: [16, 8],
    flat: rule(6, 1),
    round: rule(6),
    rows: rule(2),
    unit: unit("shells", 6, 1),
    stretch: 0.15,
    growth: 0.03,
    extra: 1,
    text: `Row 1 (RS): sc in the 2nd ch from the hook, *sk the next 2 ch, 5 dc in the next ch, sk the next 2 ch, sc in the next ch; repeat from * to the end; turn.
Row 2: ch 3 (counts as dc), 2 dc in the first sc, sk the next 2 dc, sc in the next dc, *sk the next 2 dc, 5 dc in the next sc, sk the next 2 dc, sc in the next dc; repeat from * to the last 3 sts, sk the next 2 dc, 3 dc in the last sc; turn.
Row 3: ch 1 (does not count as a st), sc in the first dc, *sk the next 2 dc, 5 dc in the next sc, sk the next 2 dc, sc in the next dc; repeat from * to the end; turn.
Repeat rows 2 and 3.`
  }),
  pattern({
    id: "shells-with-mesh",
    name: "Shells and mesh by turns",
    stitch: "dc",
    usual: [15, 7.5],
    flat: rule(5, 2),
    round: rule(5),
    rows: rule(2),
    unit: unit("shells", 5, 2),
    stretch: 0.2,
    growth: 0.04,
    turning: "counts",
    text: `special: shell: (2 dc, ch 1, 2 dc) in the same place
Row 1 (RS): shell in the 6th ch from the hook, *sk the next ch, dc in the next ch, sk the next 2 ch, shell in the next ch; repeat from * to the last 3 ch, sk the next ch, dc in each of the last 2 ch; turn.
Row 2: ch 3 (counts as dc), *dc in the next dc, sk the next 2 dc, shell in the next ch-1 sp, sk the next 2 dc; repeat from * to the last st, dc in the last st; turn.
Row 3: ch 3 (counts as dc), *sk the next 2 dc, shell in the next ch-1 sp, sk the next 2 dc, dc in the next dc; repeat from * to the last st, dc in the last st; turn.
Repeat rows 2 and 3.`
  }),
  pattern({
    id: "wide-v-lace",
    name: "Wide V lace",
    stitch: "tr",
    usual: [15, 6],
    flat: rule(6, 2),
    round: rule(6),
    rows: rule(2),
    unit: unit("shells", 6, 2),
    stretch: 0.2,
    growth: 0.05,
    extra: 4,
    turning: "counts",
    text: `special: V-st: (tr, ch 2, tr) in the same place
Row 1 (RS): V-st in the 7th ch from the hook (skipped ch count as tr, ch 1), *sk the next 2 ch, sc in the next ch, sk the next 2 ch, V-st in the next ch; repeat from * to the last 5 ch, sk the next 2 ch, sc in the next ch, sk the next ch, tr in the last ch; turn.
Row 2: ch 3 (counts as dc), *dc in the next sc, 5 dc in the next ch-2 sp; repeat from * to the last st, dc in the last st; turn.
Row 3: ch 5 (counts as tr, ch 1), *sk the next 2 dc, V-st in the next dc, sk the next 2 dc, sc in the next dc; repeat from * to the last st, tr in the last st; turn.
Repeat rows 2 and 3.`
  }),
  pattern({
    id: "double-pairs",
    name: "Double pairs on a plain row",
    stitch: "dc",
    usual: [14, 10],
    flat: rule(4, 2),
    round: rule(4),
    rows: rule(2),
    rowTypes: rows(["sc row", 0.6], ["dc row", 1.4]),
    turning: "counts",
    extra: 1,
    text: `Row 1 (WS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), sk the next st, 2 dc in each of the next 2 sts, *sk the next 2 sts, 2 dc in each of the next 2 sts; repeat from * to the last 2 sts, sk the next st, dc in the last st; turn.
Row 3: ch 1 (does not count as a st), sc in each st to the end; turn.
Repeat rows 2 and 3.`
  }),
  pattern({
    id: "granny-clusters",
    name: "Granny clusters",
    stitch: "dc",
    usual: [14, 7],
    flat: rule(3, 2),
    round: rule(3),
    rows: rule(2),
    unit: unit("clusters", 3, 2),
    stretch: 0.2,
    turning: "counts",
    text: `Row 1 (RS): 3 dc in the 5th ch from the hook, *sk the next 2 ch, 3 dc in the next ch; repeat from * to the last 2 ch, sk the next ch, dc in the last ch; turn.
Row 2: ch 3 (counts as dc), 2 dc in the first sp, *3 dc in the next sp; repeat from * to the last sp, 2 dc in the last sp, dc in the last st; turn.
Row 3: ch 3 (counts as dc), 3 dc in each sp to the last st, dc in the last st; turn.
Repeat rows 2 and 3.`
  }),
  pattern({
    id: "waffle",
    name: "Waffle",
    stitch: "dc",
    usual: [14, 9],
    flat: rule(3, 2),
    round: rule(3),
    rows: rule(2),
    turning: "counts",
    stretch: 0.1,
    text: `Row 1 (WS): sk 3 ch (counts as dc), dc in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), *fpdc around the next st, dc in the next 2 sts; repeat from * to the last st, dc in the last st; turn.
Row 3: ch 3 (counts as dc), *fpdc around each of the next 2 sts, dc in the next st; repeat from * to the last st, dc in the last st; turn.
Repeat rows 2 and 3.`
  }),
  pattern({
    id: "post-rib",
    name: "Post rib",
    stitch: "dc",
    usual: [15, 9],
    flat: rule(2),
    round: rule(2),
    stretch: 0.3,
    text: `Row 1 (WS): dc in the 4th ch from the hook and in each ch to the end; turn.
Row 2 (RS): ch 2 (does not count as a st), *fpdc around the next st, bpdc around the next st; repeat from * to the end; turn.
Repeat row 2.`
  }),
  pattern({
    id: "loop-rows",
    name: "Loop rows, alternating",
    stitch: "dc",
    usual: [14, 10],
    rows: rule(2),
    rowTypes: rows(["dc row", 1.4], ["loop row", 0.7]),
    extra: 3,
    text: `Row 1 (RS): dc in the 4th ch from the hook and in each ch to the end; turn.
Row 2 (WS): ch 1 (does not count as a st), loop st in each st to the end; turn.
Row 3: ch 3 (does not count as a st), dc in each st to the end; turn.
Repeat rows 2 and 3.`
  }),
  pattern({
    id: "cable-9",
    name: "Cables of 9",
    stitch: "dc",
    usual: [15, 8],
    flat: rule(11, 2),
    round: rule(11),
    rows: rule(4),
    unit: unit("cables", 11, 2),
    stretch: 0.08,
    turning: "counts",
    text: `Row 1 (WS): dc in the 4th ch from the hook (skipped ch count as dc), dc in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), dc in the next st, *fpdc around each of the next 9 sts, dc in the next 2 sts; repeat from * to the end; turn.
Row 3: ch 3 (counts as dc), dc in the next st, *bpdc around each of the next 9 sts, dc in the next 2 sts; repeat from * to the end; turn.
Row 4 (RS): ch 3 (counts as dc), dc in the next st, *sk the next 5 sts, fpdc around each of the next 4 sts, fpdc around the 5th skipped st, fpdc around the first skipped st, fpdc around the 2nd skipped st, fpdc around the 3rd skipped st, fpdc around the 4th skipped st, dc in the next 2 sts; repeat from * to the end; turn.
Row 5: as row 3.
Repeat rows 2 to 5.`
  }),
  pattern({
    id: "cable-10",
    name: "Cables of 10",
    stitch: "dc",
    usual: [15, 8],
    flat: rule(12, 2),
    round: rule(12),
    rows: rule(4),
    unit: unit("cables", 12, 2),
    stretch: 0.08,
    turning: "counts",
    text: `Row 1 (WS): dc in the 4th ch from the hook (skipped ch count as dc), dc in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), dc in the next st, *fpdc around each of the next 10 sts, dc in the next 2 sts; repeat from * to the end; turn.
Row 3: ch 3 (counts as dc), dc in the next st, *bpdc around each of the next 10 sts, dc in the next 2 sts; repeat from * to the end; turn.
Row 4 (RS): ch 3 (counts as dc), dc in the next st, *sk the next 5 sts, fpdc around each of the next 5 sts, fpdc around the first skipped st, fpdc around the 2nd skipped st, fpdc around the 3rd skipped st, fpdc around the 4th skipped st, fpdc around the 5th skipped st, dc in the next 2 sts; repeat from * to the end; turn.
Row 5: as row 3.
Repeat rows 2 to 5.`
  }),
  pattern({
    id: "tunisian-simple",
    name: "Tunisian simple stitch",
    stitch: "sc",
    usual: [16, 15],
    extra: 0,
    text: `work: tunisian
Row 1: pick up a loop in the 2nd ch from the hook and in each ch to the end; return.
Row 2: tss in each st to the end; return.
Repeat row 2.`
  }),
  pattern({
    id: "tunisian-knit",
    name: "Tunisian knit stitch",
    stitch: "sc",
    usual: [16, 18],
    extra: 0,
    text: `work: tunisian
Row 1: pick up a loop in the 2nd ch from the hook and in each ch to the end; return.
Row 2: tks in each st to the end; return.
Repeat row 2.`
  }),
  pattern({
    id: "tunisian-purl",
    name: "Tunisian purl stitch",
    stitch: "sc",
    usual: [15, 15],
    extra: 0,
    text: `work: tunisian
Row 1: pick up a loop in the 2nd ch from the hook and in each ch to the end; return.
Row 2: tps in each st to the end; return.
Repeat row 2.`
  }),
  pattern({
    id: "sideways-rib",
    name: "Sideways rib, back loops",
    stitch: "sc",
    usual: [16, 19],
    rows: rule(2),
    stretch: 0.4,
    text: `Row 1 (RS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2: ch 1 (does not count as a st), sc blo in each st to the end; turn.
Repeat row 2.`
  })
];

// packages/core/src/stitch/behind.ts
function hasSides(nodes) {
  return nodes.some(
    (node) => node.op === "work" && (node.stitch.post !== void 0 || node.stitch.loop !== void 0) || (node.op === "repeat" || node.op === "group") && hasSides(node.body)
  );
}
function stitchFromBehind({ post, loop, ...stitch }) {
  return {
    ...stitch,
    ...post ? { post: post === "front" ? "back" : "front" } : {},
    ...loop ? { loop: loop === "front" ? "back" : "front" } : {}
  };
}
function fromBehind(node) {
  if (node.op === "repeat" || node.op === "group") return { ...node, body: node.body.map(fromBehind) };
  return node.op === "work" ? { ...node, stitch: stitchFromBehind(node.stitch) } : node;
}

// packages/core/src/stitch/course.ts
var NONE = [];
function stitchesIn({ units }) {
  return units.reduce((sum2, { t }) => t === "st" ? sum2 + 1 : sum2, 0);
}
function foundationChain(chains) {
  return plainCourse(chains, "ch");
}
var PLAIN = /* @__PURE__ */ new Map();
var MOST_PLAIN = 600;
function plainCourse(stitches2, kind) {
  const name2 = `${kind}:${stitches2}`;
  const known = PLAIN.get(name2);
  if (known) return known;
  if (PLAIN.size >= MOST_PLAIN) PLAIN.clear();
  const course = plainCourseOf(stitches2, kind);
  PLAIN.set(name2, course);
  return course;
}
function plainCourseOf(stitches2, kind) {
  return {
    units: Array.from({ length: stitches2 }, (_, i) => ({
      t: kind === "ch" ? "ch" : "st",
      kind,
      group: i,
      run: kind === "ch" ? i : -1,
      x: stitches2 - 1 - i,
      feet: NONE,
      name: null,
      stitch: null,
      picots: NONE,
      turning: 0,
      by: -1
    })),
    foundation: true,
    direction: -1,
    idle: 0,
    low: 0,
    width: stitches2,
    slips: []
  };
}
function endOfRun(units, at) {
  let end = at;
  while (units[end + 1]?.t === "ch" && units[end + 1].run === units[at].run) end += 1;
  return end;
}

// packages/core/src/stitch/kinds.ts
var HEIGHTS = {
  "sl st": 0,
  sc: 1,
  "reverse sc": 1,
  "loop st": 1,
  esc: 2,
  hdc: 2,
  dc: 3,
  edc: 4,
  tr: 4,
  dtr: 5,
  // Tunisian forward passes: each picks up one loop.
  tss: 1,
  tks: 1,
  tps: 1,
  trs: 1
};
function heightOf(kind) {
  return HEIGHTS[kind];
}
function isStitchKind(word) {
  return word in HEIGHTS;
}
var FULL_NAMES = [
  ["double treble crochet", "dtr"],
  ["double treble", "dtr"],
  ["half double crochet", "hdc"],
  ["half double", "hdc"],
  ["extended single crochet", "esc"],
  ["extended double crochet", "edc"],
  ["reverse single crochet", "reverse sc"],
  ["rev sc", "reverse sc"],
  ["crab stitch", "reverse sc"],
  ["single crochet", "sc"],
  ["double crochet", "dc"],
  ["treble crochet", "tr"],
  ["treble", "tr"],
  ["slip stitch", "sl st"],
  ["ss", "sl st"],
  ["loop stitch", "loop st"],
  ["lp st", "loop st"],
  ["exsc", "esc"],
  ["exdc", "edc"],
  ["trtr", "dtr"],
  ["tunisian simple stitch", "tss"],
  ["tunisian knit stitch", "tks"],
  ["tunisian purl stitch", "tps"],
  ["tunisian reverse stitch", "trs"]
];

// packages/core/src/stitch/tree.ts
var StitchError = class extends Error {
  constructor(span2, message) {
    super(message);
    this.span = span2;
  }
  span;
  name = "StitchError";
};
function isPlainRow({ nodes }) {
  const worked2 = nodes.filter(({ op }) => op === "work");
  return nodes.every(
    ({ op }) => op === "work" || op === "chain" || op === "turn" || op === "join" || op === "skip"
  ) && worked2.every(
    (node) => node.op === "work" && node.times === 1 && !node.stitch.together && !node.stitch.post
  ) && worked2.some((node) => node.op === "work" && node.place.at === "each");
}
function isInOnePlace(body2) {
  return body2.every(
    (node) => node.op === "chain" || node.op === "picot" || node.op === "work" && (node.place.at === "here" || node.place.at === "same") || node.op === "group" && isInOnePlace(node.body) || node.op === "repeat" && isInOnePlace(node.body)
  );
}
function tallest(nodes, none = "sc") {
  let best = null;
  for (const node of nodes) {
    const kind = node.op === "work" ? node.stitch.kind : node.op === "group" || node.op === "repeat" ? tallest(node.body, none) : null;
    if (kind && (best === null || heightOf(kind) > heightOf(best))) best = kind;
  }
  return best ?? none;
}

// packages/core/src/stitch/rowBelow.ts
var RowBelow = class {
  constructor(course, way) {
    this.course = course;
    this.way = way;
    this.direction = way.turned ? -course.direction : course.direction;
    const back2 = way.turned ? [...course.units].reverse() : course.units;
    this.units = way.round && way.turned ? this.from(back2, back2.length - 1) : back2;
    this.hasRuns = !course.foundation && course.units.some(({ t }) => t === "ch");
  }
  course;
  way;
  /** Its stitches and chains in the order in which they are met. */
  units;
  /** The next unit that is neither worked nor passed. */
  cur = 0;
  /** The gap that was last worked into; -1 without one. */
  gapAt = -1;
  /** The place that was last worked into. */
  last = null;
  /** What was skipped last. */
  skipped = [];
  /** How far the chains that a first row skips move its places. */
  shift = 0;
  /** Whether the last place that was looked for lay beyond the end of the row. */
  usedUp = false;
  /** The direction of the row that is worked into it. */
  direction;
  /** Groups into which something was worked: what is left of them may be passed. */
  worked = /* @__PURE__ */ new Set();
  hasRuns;
  /** The places of a ring from one of them on; what comes before it lies a whole round further. */
  from(ring, start2) {
    const around2 = this.course.width * this.direction;
    return [...ring.slice(start2), ...ring.slice(0, start2).map((unit2) => ({ ...unit2, x: unit2.x + around2 }))];
  }
  /** A round that begins after slip stitches ends before the place where it began. */
  beginAt(start2) {
    this.units = this.from(this.units, start2.first);
    const moved2 = { ...start2, first: 0, last: start2.last - start2.first };
    this.last = moved2;
    this.cur = start2.gap ? 0 : moved2.last + 1;
    this.gapAt = start2.gap ? 0 : -1;
    if (this.units[0].t === "ch" && !this.course.foundation) this.worked.add(this.units[0].group);
    return moved2;
  }
  progress() {
    const { cur, gapAt: gapAt2, last, skipped } = this;
    return { cur, gapAt: gapAt2, last, skipped, worked: [...this.worked] };
  }
  back({ worked: worked2, ...rest }) {
    Object.assign(this, rest);
    this.worked.clear();
    for (const group2 of worked2) this.worked.add(group2);
  }
  take(found) {
    this.last = found;
    this.cur = Math.max(this.cur, found.gap ? found.first : found.last + 1);
    if (found.gap) this.gapAt = found.first;
    const unit2 = this.units[found.first];
    if (unit2?.t === "ch" && !this.course.foundation) this.worked.add(unit2.group);
    return found;
  }
  unitPlace(i) {
    return { first: i, last: i, gap: false, x: this.xOf(i) };
  }
  gapPlace(i) {
    return { first: i, last: i, gap: true, x: (this.xOf(i - 1) + this.xOf(i)) / 2 };
  }
  runPlace(first) {
    let last = first;
    while (this.units[last + 1]?.t === "ch" && this.units[last + 1].run === this.units[first].run)
      last += 1;
    return { first, last, gap: false, x: (this.xOf(first) + this.xOf(last)) / 2 };
  }
  xOf(i) {
    return this.units[i].x - this.shift;
  }
  next(noun, span2) {
    const found = this.tryNext(noun, span2);
    if (!found) throw this.missing(noun, span2);
    return found;
  }
  /** The next place of a kind; chains are passed freely, stitches only where the kind leaves no doubt. */
  tryNext(noun, span2) {
    const { units: below } = this;
    const from = this.cur;
    switch (noun.what) {
      case "st": {
        const i = this.find(from, (unit2) => unit2.t === "st" || this.anyUnit());
        return i < 0 ? null : this.unitPlace(i);
      }
      case "any": {
        const i = this.find(from, () => true);
        return i < 0 ? null : below[i].t === "ch" ? this.runPlace(i) : this.unitPlace(i);
      }
      case "ch": {
        const i = this.find(from, (unit2) => unit2.t === "ch" || this.course.foundation);
        return i < 0 ? null : this.unitPlace(i);
      }
      case "kind": {
        if (this.course.foundation) {
          const i2 = this.find(from, () => true);
          return i2 < 0 ? null : this.unitPlace(i2);
        }
        const i = this.find(from, (unit2) => unit2.kind === noun.kind);
        return i < 0 ? null : this.unitPlace(i);
      }
      case "sp": {
        if (this.course.foundation && noun.chains !== void 0)
          return from + noun.chains <= below.length ? {
            first: from,
            last: from + noun.chains - 1,
            gap: false,
            x: (this.xOf(from) + this.xOf(from + noun.chains - 1)) / 2
          } : null;
        if (noun.chains === void 0 && !this.hasRuns) {
          const gap = this.find(
            Math.max(1, from, this.gapAt + 1),
            (unit2, i) => unit2.group !== below[i - 1].group
          );
          return gap < 0 ? null : this.gapPlace(gap);
        }
        const first = this.nextRun(from);
        if (first < 0) return null;
        for (let i = first; i >= 0; i = this.nextRun(i + 1)) {
          const found = this.runPlace(i);
          if (noun.chains === void 0 || found.last - found.first + 1 === noun.chains) return found;
        }
        const { last } = this.runPlace(first);
        const chains = last - first + 1;
        if (span2)
          throw new StitchError(
            span2,
            `The next space is one of ${chains === 1 ? "1 chain" : `${chains} chains`}: \u201Cch-${chains} sp\u201D, not \u201Cch-${noun.chains} sp\u201D.`
          );
        return null;
      }
      case "group":
        return this.nextGroup(from);
    }
  }
  anyUnit() {
    return this.course.foundation || this.way.chainsAreStitches === true;
  }
  find(from, fits) {
    for (let i = from; i < this.units.length; i += 1) if (fits(this.units[i], i)) return i;
    return -1;
  }
  nextRun(from) {
    return this.find(
      from,
      (unit2, i) => unit2.t === "ch" && (i === 0 || this.units[i - 1].t !== "ch" || this.units[i - 1].run !== unit2.run)
    );
  }
  /** A group is worked into at its space, or else at its middle stitch. */
  nextGroup(from) {
    const { units: below } = this;
    const i = this.find(
      from,
      (unit2, at) => unit2.name !== null && unit2.stitch?.together !== void 0 || unit2.t === "st" && below[at + 1]?.group === unit2.group && below[at - 1]?.group !== unit2.group && !this.worked.has(unit2.group)
    );
    if (i < 0) return null;
    let last = i;
    while (below[last + 1]?.group === below[i].group) last += 1;
    this.worked.add(below[i].group);
    const space = this.find(i, (unit2, at) => at <= last && unit2.t === "ch");
    return space >= 0 && space <= last ? this.runPlace(space) : this.unitPlace(Math.floor((i + last) / 2));
  }
  centre(span2) {
    const found = this.nextGroup(this.cur);
    if (!found) throw this.missing({ what: "group", name: "group" }, span2);
    return found;
  }
  *lastPlaces(many, noun, span2, beyond) {
    const { units: below } = this;
    if (noun.what === "sp") {
      const found = this.allNext(noun);
      if (found.length < many) throw this.missing(noun, span2);
      if (found.length > many)
        throw new StitchError(
          span2,
          `There are ${found.length} spaces left here, not ${many}: ${found.length - many} would be passed over.`
        );
      for (const one2 of found) yield this.take(one2);
      return;
    }
    const rest = [];
    for (let i = this.cur; i < below.length; i += 1) {
      if (noun.what === "ch" ? below[i].t === "ch" || this.course.foundation : below[i].t === "st" || this.anyUnit())
        rest.push(i);
    }
    rest.length = Math.max(0, rest.length - beyond);
    const wanted = rest.slice(Math.max(0, rest.length - many));
    if (wanted.length < many)
      throw new StitchError(
        span2,
        rest.length === 0 ? "The row below is used up before this: there is no last stitch left." : `Only ${rest.length} of the ${many} are left.`
      );
    const passed = rest.slice(0, rest.length - many).filter((i) => !this.mayBePassed(i));
    if (passed.length > 0 && noun.what !== "group")
      throw new StitchError(
        span2,
        `Before the last ${many === 1 ? "stitch" : `${many} stitches`} ${passed.length === 1 ? "1 stitch is" : `${passed.length} stitches are`} left that nothing is said of: skip or work ${passed.length === 1 ? "it" : "them"}.`
      );
    for (const i of wanted) {
      if (noun.what === "kind" && below[i].kind !== noun.kind && !this.course.foundation)
        throw new StitchError(span2, `The last stitch is a ${below[i].kind}, not a ${noun.kind}.`);
      yield this.take(this.unitPlace(i));
    }
  }
  skippedPlace(nth, span2) {
    const i = this.skipped[nth - 1];
    if (i === void 0)
      throw new StitchError(
        span2,
        this.skipped.length === 0 ? "No stitch was skipped before this." : `Only ${this.skipped.length} were skipped before this.`
      );
    const found = this.unitPlace(i);
    this.last = found;
    return found;
  }
  turningPlace(nth, span2) {
    const { units: below } = this;
    const i = this.way.round && !this.way.turned ? 0 : below.length - 1;
    const unit2 = below[i];
    if (this.course.foundation && this.cur === i) return this.unitPlace(i);
    if (!unit2 || unit2.turning === 0)
      throw new StitchError(
        span2,
        "The row below ends with a stitch: its turning chain does not count, so nothing is worked into it."
      );
    const passed = this.find(this.cur, (one2, at) => at < i && one2.t === "st" && !this.mayBePassed(at));
    if (passed >= 0 && passed < i)
      throw new StitchError(
        span2,
        `Before the turning chain a ${below[passed].kind} is left: skip it or work it.`
      );
    if (nth !== null && nth > unit2.turning) {
      const across = i - (nth - unit2.turning);
      if (below[across]?.t === "ch") return this.unitPlace(across);
      throw new StitchError(
        span2,
        `The turning chain has ${unit2.turning} chains; its top is the ${ordinal(unit2.turning)}.`
      );
    }
    if (this.cur > i)
      throw new StitchError(span2, "The turning chain is worked already: the row below is used up.");
    return this.unitPlace(i);
  }
  gapBefore(noun, span2) {
    const { units: below } = this;
    if (noun.what === "group") {
      const found = this.tryNext({ what: "sp" });
      if (found) return found;
    }
    const from = Math.max(1, this.gapAt + 1, this.cur);
    const fits = (i2) => noun.what === "kind" ? below[i2].kind === noun.kind && below[i2 - 1].kind === noun.kind : below[i2].t === "st" && below[i2 - 1].t === "st";
    const i = this.find(from, (_, at) => fits(at));
    if (i < 0) throw new StitchError(span2, "There is no such gap between two stitches left.");
    return this.gapPlace(i);
  }
  nextToSkip(noun, span2, done, many) {
    const { units: below } = this;
    if (noun.what === "kind" && !this.course.foundation) {
      const i = this.find(this.cur, ({ t }) => t === "st");
      if (i < 0) throw this.missing(noun, span2);
      if (below[i].kind !== noun.kind)
        throw new StitchError(
          span2,
          `After ${done} ${noun.kind} the next stitch is a ${below[i].kind}, not a ${noun.kind}${done > 0 ? `: skip ${done} ${noun.kind}` : ""}.`
        );
      return this.unitPlace(i);
    }
    if (noun.what === "ch" && !this.course.foundation) {
      const unit2 = below[this.cur];
      if (unit2?.t !== "ch") {
        const run = this.nextRun(this.cur);
        if (done > 0 || run < 0)
          throw new StitchError(
            span2,
            `There ${done === 1 ? "is 1 chain" : `are ${done} chains`} here, not ${many}.`
          );
        return this.unitPlace(run);
      }
      return this.unitPlace(this.cur);
    }
    if (noun.what === "group") {
      const found = this.nextGroup(this.cur);
      if (!found) throw this.missing(noun, span2);
      let last = found.last;
      while (below[last + 1]?.group === below[found.first].group) last += 1;
      return { ...found, last };
    }
    return this.next(noun, span2);
  }
  reached(reach, spaces) {
    const { units: below } = this;
    if (reach.to === "end") {
      for (let i = this.cur; i < below.length; i += 1) {
        const unit2 = below[i];
        if (unit2.t === "st" ? !this.mayBePassed(i) : spaces || this.course.foundation) return false;
      }
      return true;
    }
    if (reach.to === "turning") {
      const left2 = this.stitchesLeft();
      return left2 === 1 && (this.course.foundation || (below.at(-1)?.turning ?? 0) > 0);
    }
    const { many, noun } = reach;
    if (noun.what === "st" || noun.what === "any") {
      if (this.anyUnit()) return below.length - this.cur === many;
      const all = this.stitchesLeft();
      return all === many || all > many && this.requiredLeft() === many && this.onlyPassableBefore(many);
    }
    if (noun.what === "ch" && this.course.foundation) return below.length - this.cur === many;
    if (noun.what === "sp" || noun.what === "group") return this.allNext(noun).length === many;
    let left = 0;
    for (let i = this.cur; i < below.length; i += 1)
      if (noun.what === "ch" ? below[i].t === "ch" : this.course.foundation || noun.what === "kind" && below[i].kind === noun.kind)
        left += 1;
    return left === many;
  }
  stitchesLeft() {
    let left = 0;
    for (let i = this.cur; i < this.units.length; i += 1) if (this.units[i].t === "st") left += 1;
    return left;
  }
  requiredLeft() {
    let left = 0;
    const edge2 = this.way.round ? -1 : this.units.length - 1;
    for (let i = this.cur; i < this.units.length; i += 1)
      if (this.units[i].t === "st" && (i === edge2 || !this.mayBePassed(i))) left += 1;
    return left;
  }
  onlyPassableBefore(many) {
    let i = this.cur;
    const edge2 = this.way.round ? this.units.length : this.units.length - 1;
    while (i < edge2 && (this.units[i].t === "ch" || this.mayBePassed(i))) i += 1;
    let rest = 0;
    for (let j = i; j < this.units.length; j += 1) if (this.units[j].t === "st") rest += 1;
    return rest === many;
  }
  /** Every place of a kind from here on, without working it. */
  allNext(noun) {
    const { cur, gapAt: gapAt2 } = this;
    const found = [];
    for (let one2 = this.tryNext(noun); one2; one2 = this.tryNext(noun)) {
      found.push(one2);
      this.cur = one2.gap ? one2.first : one2.last + 1;
      if (one2.gap) this.gapAt = one2.first;
    }
    Object.assign(this, { cur, gapAt: gapAt2 });
    return found;
  }
  /** Stitches of a group that was worked into may be passed without a word: the second dc of a V whose space was used. */
  mayBePassed(i) {
    const unit2 = this.units[i];
    if (unit2.t === "ch") return true;
    if (this.worked.has(unit2.group) && this.isGroup(i)) return true;
    const space = this.last;
    if (space && !space.gap && i === space.last + 1 && this.isRun(space))
      return this.way.round || i < this.units.length - 1;
    return this.gapAt >= 0 && this.gapAt === this.cur && this.sameGroup(this.cur, i) && this.isGroup(i);
  }
  isRun({ first }) {
    return this.units[first].t === "ch" && !this.course.foundation;
  }
  sizes = null;
  isGroup(i) {
    this.sizes ??= groupSizes(this.units);
    return this.sizes.get(this.units[i].group) > 1;
  }
  sameGroup(from, i) {
    return this.units[from]?.group === this.units[i].group;
  }
  /**
   * That nothing is left which no instruction names.
   *
   * @throws StitchError at the last words of the row
   */
  leftOver(span2) {
    const left = [];
    for (let i = this.cur; i < this.units.length; i += 1) {
      const unit2 = this.units[i];
      if (unit2.t === "st" || this.course.foundation) {
        if (!this.mayBePassed(i) || this.course.foundation) left.push(i);
      }
    }
    if (left.length === 0) return;
    const what = this.course.foundation ? this.course.units[0]?.t === "ch" ? "chain" : "stitch" : "stitch";
    const many = left.length;
    throw new StitchError(
      span2,
      `${many === 1 ? `1 ${what} is` : `${many} ${what === "stitch" ? "stitches" : "chains"} are`} left at the end of the row that nothing is worked into.`
    );
  }
  missing(noun, span2) {
    const what = noun.what === "kind" ? noun.kind : noun.what === "sp" ? noun.chains === void 0 ? "space" : `ch-${noun.chains} space` : noun.what === "ch" ? "chain" : noun.what === "group" ? noun.name : "stitch";
    const left = this.requiredLeft();
    this.usedUp = this.cur >= this.units.length || left === 0;
    return new StitchError(
      span2,
      this.cur >= this.units.length || left === 0 ? `The row below is used up: there is no ${what} left to work this into.` : `There is no ${what} left in the row below; ${left === 1 ? "1 stitch is" : `${left} stitches are`} left.`
    );
  }
  firstStitch(span2) {
    const first = this.units.findIndex(({ t }) => t === "st" || this.course.foundation);
    if (first < 0) throw new StitchError(span2, "The row below has no stitch for this chain to stand on.");
    return first;
  }
};
function groupSizes(units) {
  const sizes2 = /* @__PURE__ */ new Map();
  for (const { group: group2 } of units) sizes2.set(group2, (sizes2.get(group2) ?? 0) + 1);
  return sizes2;
}

// packages/core/src/stitch/spread.ts
function spreadTops(wanted, apart2, lowest, highest) {
  if (isSpread(wanted, apart2, lowest, highest)) return wanted.map(round);
  const blocks = [];
  wanted.forEach((at, i) => {
    blocks.push({ sum: at - i * apart2, many: 1 });
    for (; ; ) {
      const last = blocks.at(-1);
      const before = blocks.at(-2);
      if (!before || before.sum / before.many <= last.sum / last.many) break;
      before.sum += last.sum;
      before.many += last.many;
      blocks.pop();
    }
  });
  const most = highest - (wanted.length - 1) * apart2;
  const tops = [];
  for (const { sum: sum2, many } of blocks) {
    const level = Math.max(lowest, Math.min(most, sum2 / many));
    for (let j = 0; j < many; j += 1) tops.push(round(level + tops.length * apart2));
  }
  return tops;
}
var round = (value) => Math.round(value * 1e6) / 1e6;
function isSpread(wanted, apart2, lowest, highest) {
  if (wanted.length === 0 || wanted[0] < lowest || wanted.at(-1) > highest) return false;
  for (let i = 1; i < wanted.length; i += 1) if (wanted[i] - wanted[i - 1] < apart2) return false;
  return true;
}

// packages/core/src/stitch/turning.ts
function turningCounts(many, rest) {
  if (many <= 1) return { as: "nothing" };
  const next = rest.find(({ op }) => op !== "skip");
  const first = firstStitch(next ? [next] : []);
  if (first === null) return { as: "nothing" };
  const intoFirst = rest[0] !== void 0 && "place" in rest[0] && rest[0].place.at === "first";
  if (intoFirst && rest[0].op === "work" && rest[0].times === 1) return { as: "nothing" };
  const kind = postFor(many, first.kind);
  if (kind === "hdc" && many === 2 && first.each) return { as: "nothing" };
  return { as: kind, across: Math.max(0, many - heightOf(kind)) };
}
function postFor(many, kind) {
  const height = heightOf(kind);
  if (height >= 2 && many >= height - 1) return kind;
  return many >= 3 ? "dc" : "hdc";
}
function foundationCounts(nth, kind, rest, after) {
  const skipped = nth - 1;
  const low = heightOf(kind) < 2 || kind === "esc";
  if (low && skipped < 3) return { as: "nothing" };
  const post = low ? "dc" : kind;
  const height = heightOf(post);
  if (skipped < Math.min(2, height)) return { as: "nothing" };
  if (skipped <= height) {
    const [chain2, ...others] = after?.nodes ?? [];
    if (chain2?.op === "chain") {
      const counts = chain2.counts ?? turningCounts(chain2.many, others);
      if (counts.as === "nothing") return counts;
    } else if (skipped < height) return { as: "nothing" };
    return { as: post, across: 0 };
  }
  const beyond = skipped - height;
  const across = meshOf(rest).find(({ chains, skips }) => chains + skips === beyond)?.chains ?? 0;
  return { as: post, across };
}
function foundationSkips(nth, kind, rest) {
  const beyond = nth - 1 - Math.max(1, heightOf(kind));
  if (beyond <= 0) return 0;
  const first = rest.find(({ op }) => op === "repeat" || op === "skip" || op === "chain");
  const skip2 = first?.op === "repeat" ? first.body[0] : first;
  return skip2?.op === "skip" && "many" in skip2.place && skip2.place.many === beyond ? beyond : 0;
}
function meshOf(nodes) {
  return nodes.flatMap((node, i) => {
    if (node.op === "repeat") return meshOf(node.body);
    const next = nodes[i + 1];
    if (node.op !== "chain" || next?.op !== "skip" || !("many" in next.place)) return [];
    return [{ chains: node.many, skips: next.place.many }];
  });
}
function firstStitch(nodes) {
  for (const node of nodes) {
    if (node.op === "work") return { kind: node.stitch.kind, each: node.place.at === "each" };
    if (node.op === "group" || node.op === "repeat") {
      const inner = firstStitch(node.body);
      if (inner) return { ...inner, each: false };
    }
  }
  return null;
}

// packages/core/src/stitch/hook.ts
function workRow(row, below, way) {
  return new StitchHook(row, below, way).work();
}
var NO_FEET = [];
var StitchHook = class {
  constructor(row, course, way) {
    this.course = course;
    this.way = way;
    this.below = new RowBelow(course, way);
    this.nodes = row.nodes;
  }
  course;
  way;
  below;
  nodes;
  made = [];
  idle = 0;
  slips = [];
  /** Slip stitches that may yet turn out to be the way to where the row begins. */
  slipping = true;
  groups = 0;
  runs = 0;
  inside = null;
  by = -1;
  absorbed = null;
  work() {
    if (this.way.tunisian && !this.beginsFromHook()) this.begin(tallest(this.nodes, "tss"), 0);
    for (let i = 0; i < this.nodes.length; i += 1) {
      const node = this.nodes[i];
      this.by = i;
      if (node === this.absorbed) continue;
      try {
        this.at(node, i);
      } catch (error) {
        if (!(error instanceof StitchError) || !this.oneLess || this.oneLess.node >= i) throw error;
        this.back(this.oneLess.state);
        i = this.oneLess.node;
        this.oneLess = null;
      }
    }
    this.below.leftOver(spanOf([...this.nodes].reverse().find(({ op }) => op !== "turn" && op !== "join")));
    return this.course_();
  }
  /** How things stood before the last repeat of a repeat "to the end". */
  oneLess = null;
  state() {
    const { previous, groups, runs: runs2 } = this;
    return { below: this.below.progress(), previous, groups, runs: runs2, made: this.made.length };
  }
  back({ below, made: made2, ...rest }) {
    this.below.back(below);
    Object.assign(this, rest);
    this.made.length = made2;
  }
  beginsFromHook() {
    const [first] = this.nodes;
    return first !== void 0 && "place" in first && first.place.at === "from hook";
  }
  at(node, i) {
    switch (node.op) {
      case "chain":
        return this.chain(node, i);
      case "work":
        return this.workNode(node, i);
      case "group":
        return this.group(node, i);
      case "skip":
        return this.skip(node);
      case "picot":
        return this.picot(node.chains);
      case "repeat":
        return this.repeat(node, i);
      case "leave":
        this.below.cur = this.below.units.length;
        return;
      default:
        return;
    }
  }
  // Chains
  chain(node, i) {
    if (this.made.length === 0 && this.idle === 0 && !this.inside) {
      const counts = node.counts ?? turningCounts(node.many, this.nodes.slice(i + 1));
      this.goRound();
      if (counts.as === "nothing") {
        this.idle = node.many;
        this.slipping = false;
        return;
      }
      this.begin(counts.as, node.many - counts.across, node.span);
      const next = this.nodes[i + 1];
      const same = next !== void 0 && "place" in next && next.place.at === "same";
      this.run(counts.across, same ? this.made.at(-1).group : void 0);
      return;
    }
    this.run(node.many);
  }
  /** The first stitch of the row, made of chains (or the loop on the hook), standing on the first place. */
  begin(kind, turning, span2 = { from: 0, to: 0 }) {
    const place = this.slips.length > 0 ? this.slips.at(-1) : this.below.unitPlace(this.below.firstStitch(span2));
    this.slipping = false;
    if (!place.gap && this.slips.length === 0) this.below.cur = place.last + 1;
    this.below.last = place;
    this.previous = place;
    this.push("st", kind, this.newGroup(), place.x, [place.x], { turning });
  }
  /** Chains between stitches. */
  run(many, own) {
    this.slipping = false;
    if (many === 0) return;
    const before = this.made.at(-1);
    const run = before?.t === "ch" && (!this.inside || before.group === this.inside.group) ? before.run : this.runs += 1;
    const group2 = own ?? this.inside?.group ?? this.newGroup();
    for (let j = 0; j < many; j += 1) this.push("ch", "ch", group2, Number.NaN, NO_FEET, { run });
  }
  picot(chains) {
    const last = this.made.at(-1);
    if (last) last.picots = [...last.picots, chains];
  }
  // Stitches
  workNode(node, i) {
    const { stitch, times, place, span: span2 } = node;
    if (stitch.kind === "sl st" && this.slipping && !this.inside && this.isAnApproach(place)) {
      if (this.way.round && this.below.cur === 0 && place.at === "next" && place.noun.what !== "sp")
        this.below.cur = 1;
      for (const found of this.places(place, span2, i)) this.slipOver(found);
      return;
    }
    this.slipping = false;
    if (this.inside && (place.at === "here" || place.at === "same"))
      return this.make(stitch, times, [this.inside.place], this.inside.group);
    if (stitch.together && this.closesPlaces(stitch, place)) {
      const many = stitch.together;
      const noun = "noun" in place ? place.noun : { what: "st" };
      const where = place.at === "here" ? { at: "next", many, noun } : place;
      const found = [...this.places(where, span2, i)];
      return this.make(stitch, times, found);
    }
    if (place.at === "from hook") return this.fromHook(node, i);
    const several = place.at === "here" && times > 1 && !stitch.together;
    const wanted = several || place.at === "here" ? { at: "next", many: several ? times : 1, noun: { what: "st" } } : place;
    this.each(wanted, span2, i, (found) => this.make(stitch, several ? 1 : times, [found]));
  }
  /** Slip stitches to where a row begins are no stitches of it: they stand before its first chain. */
  isAnApproach(place) {
    if (this.made.length > 0 || this.idle > 0) return false;
    const next = this.nodes[this.by + 1];
    return this.nodes[this.by]?.op === "work" && place.at !== "each" && next !== void 0 && next.op !== "turn" && next.op !== "join";
  }
  slipOver(found) {
    this.below.take(found);
    this.slips.push(found);
  }
  goRound() {
    const start2 = this.slips.at(-1);
    if (this.way.round && start2) this.slips[this.slips.length - 1] = this.below.beginAt(start2);
  }
  /** Whether legs are worked in so many places, or all in one. */
  closesPlaces(stitch, place) {
    if (stitch.name) return false;
    return place.at === "here" || "many" in place && place.many === stitch.together;
  }
  fromHook(node, i) {
    const nth = node.place.at === "from hook" ? node.place.nth : 1;
    if (!this.course.foundation || this.made.length > 0)
      throw new StitchError(node.span, "Only the first row is worked into a chain from the hook.");
    if (nth > this.below.units.length)
      throw new StitchError(
        node.span,
        `The chain has ${this.below.units.length}; there is no ${nth}th from the hook.`
      );
    const kind = node.op === "work" ? node.stitch.kind : tallest(node.body);
    const counts = this.way.tunisian ? { as: "tss", across: 0 } : node.counts ?? foundationCounts(nth, kind, this.nodes.slice(i + 1), this.way.after);
    this.slipping = false;
    if (counts.as === "nothing") {
      const skips = foundationSkips(nth, kind, this.nodes.slice(i + 1));
      this.below.shift = this.below.xOf(nth - 1 - skips);
      this.idle = nth - 1 - skips;
      this.below.skipped = range(nth - 1 - skips, nth - 1);
    } else this.standOnChain(counts, nth - 1);
    const found = this.below.unitPlace(nth - 1);
    this.below.cur = nth;
    this.below.last = found;
    if (node.op === "work") this.make(node.stitch, node.times, [found]);
    else this.inPlace(node, found);
  }
  /** The chains that a first row skips, as the stitch (and the space beside it) that they count as. */
  standOnChain({ as, across }, skipped) {
    const turning = this.way.tunisian ? 1 : Math.min(skipped, heightOf(as) + across);
    this.below.shift = this.below.xOf(turning - 1);
    this.below.last = this.below.unitPlace(turning - 1);
    this.previous = this.below.last;
    this.push("st", as, this.newGroup(), 0, [0], { turning: turning - across });
    this.run(across);
    this.below.skipped = range(turning, skipped);
  }
  /** Makes stitches in one place, or one stitch over several places. */
  make(stitch, times, places, group2) {
    const [only] = places;
    const several = stitch.together !== void 0 && places.length > 1;
    const x = several ? places.reduce((sum2, place) => sum2 + place.x, 0) / places.length : only.x;
    const own = group2 ?? this.joined(only) ?? this.newGroup();
    const feet = several ? places.map((place) => place.x) : [x];
    const how = { stitch, name: this.inside?.name ?? stitch.name ?? null };
    for (let j = 0; j < times; j += 1) this.push("st", stitch.kind, own, x, feet, how);
    this.previous = places.at(-1);
  }
  previous = null;
  /** The group of the last stitch, where this place is the same or (at an edge) touches it: two of a half group. */
  joined(place) {
    const before = this.made.at(-1);
    const last = this.previous;
    if (!before || !last) return null;
    if (place === last) return before.group;
    if (before.t !== "st") return null;
    const at = (one2) => one2.gap ? one2.first - 0.5 : (one2.first + one2.last) / 2;
    const apart2 = Math.abs(at(place) - at(last));
    if (apart2 === 0 && this.made.length === 1) return before.group;
    const atEdge2 = (one2) => !one2.gap && (one2.first === 0 || one2.last === this.below.units.length - 1);
    return apart2 === 0.5 && (atEdge2(place) || atEdge2(last)) && place.gap !== last.gap ? before.group : null;
  }
  push(t, kind, group2, x, feet, {
    turning = 0,
    run = -1,
    stitch = null,
    name: name2 = null
  }) {
    if (this.made.length > 5e3)
      throw new StitchError(spanOf(this.nodes[Math.max(0, this.by)]), "This row does not come to an end.");
    this.made.push({ t, kind, group: group2, run, x, feet, turning, stitch, name: name2, picots: NO_FEET, by: this.by });
  }
  newGroup() {
    return this.groups += 1;
  }
  group(node, i) {
    this.slipping = false;
    if (node.place.at === "from hook") return this.fromHook(node, i);
    if (!isInOnePlace(node.body)) {
      for (const one2 of node.body) this.at(one2, i);
      return;
    }
    if (this.inside && (node.place.at === "here" || node.place.at === "same"))
      return this.inPlace(node, this.inside.place);
    this.each(node.place, node.span, i, (found) => this.inPlace(node, found));
  }
  inPlace({ body: body2, name: name2 }, place) {
    const outer = this.inside;
    const group2 = this.joined(place) ?? this.newGroup();
    this.inside = { place, group: group2, ...name2 ? { name: name2 } : {} };
    this.previous = place;
    for (const one2 of body2) this.at(one2, this.by);
    this.inside = outer;
  }
  // Places
  /** Works something in every place of a kind: one, several, or as far as is said. */
  each(place, span2, i, what) {
    if (place.at === "next") {
      for (let j = 0; j < place.many; j += 1) what(this.below.take(this.below.next(place.noun, span2)));
      return;
    }
    if (place.at !== "each") {
      for (const found of this.places(place, span2, i)) what(found);
      return;
    }
    let any = false;
    while (!this.below.reached(place.reach, usesSpaces(place.noun))) {
      const found = this.below.tryNext(place.noun);
      if (found === null) {
        if (place.reach.to === "end" && any) return;
        throw this.below.missing(place.noun, span2);
      }
      what(this.below.take(found));
      any = true;
    }
  }
  /** The places of an instruction one after another: each is looked for when the one before is worked. */
  *places(place, span2, i) {
    switch (place.at) {
      case "here":
        yield this.below.take(this.below.next({ what: "st" }, span2));
        return;
      case "next":
        for (let j = 0; j < place.many; j += 1) yield this.below.take(this.below.next(place.noun, span2));
        return;
      case "first":
        yield* this.firstPlaces(place.many, place.noun, span2);
        return;
      case "last":
        yield* this.below.lastPlaces(place.many, place.noun, span2, place.beyond ?? 0);
        return;
      case "same":
        if (!this.below.last)
          throw new StitchError(span2, "Nothing was worked before this, so there is no \u201Csame\u201D place.");
        yield this.below.last;
        return;
      case "skipped":
        yield this.below.skippedPlace(place.nth, span2);
        return;
      case "turning":
        yield this.below.take(this.below.turningPlace(place.nth, span2));
        return;
      case "gap":
        yield this.below.take(this.below.gapBefore(place.noun, span2));
        return;
      case "centre":
        yield this.below.take(this.below.centre(span2));
        return;
      case "from hook":
      case "each":
        throw new StitchError(spanOf(this.nodes[i]), "This place cannot stand here.");
    }
  }
  *firstPlaces(many, noun, span2) {
    if (this.made.length > (this.made[0]?.turning ? 1 + this.made.filter(({ t }) => t === "ch").length : 0))
      throw new StitchError(span2, "The first place is passed already.");
    if (this.made.length > 0 && noun.what !== "sp" && this.slips.length === 0) {
      this.below.cur = 0;
    }
    for (let j = 0; j < many; j += 1) {
      const found = this.below.next(noun, span2);
      if (j === 0 && noun.what === "kind" && found.first !== this.below.firstStitch(span2))
        throw new StitchError(
          span2,
          `The first stitch is a ${this.below.units[this.below.firstStitch(span2)].kind}, not a ${noun.kind}.`
        );
      yield this.below.take(found);
    }
  }
  // Skips
  skip({ place, span: span2, counts }) {
    if (!("many" in place)) return;
    const { noun, many } = place;
    if (counts && counts.as !== "nothing" && this.course.foundation && this.made.length === 0) {
      this.slipping = false;
      if (many > this.below.units.length)
        throw new StitchError(span2, `The chain has only ${this.below.units.length}.`);
      this.standOnChain(counts, many);
      this.below.cur = many;
      return;
    }
    const passed = [];
    const stood = place.at === "first" && noun.what !== "sp" && this.below.cur === 1 && (this.made[0]?.turning ?? 0) > 0;
    for (let j = stood ? 1 : 0; j < many; j += 1) {
      const i = this.below.nextToSkip(noun, span2, j, many);
      passed.push(i.first);
      if (i.gap) this.below.gapAt = i.first;
      this.below.cur = i.gap ? i.first : i.last + 1;
    }
    if (passed.length > 0) this.below.skipped = passed;
  }
  // Repeats
  repeat(node, i) {
    const { times, body: body2, span: span2 } = node;
    if (typeof times === "number") {
      for (let j = 0; j < times; j += 1) this.run_(body2, i);
      return;
    }
    const spaces = body2.some(usesSpacesIn);
    let done = 0;
    const followed = times.to === "end" && this.nodes[i] === node && this.isFollowed(i);
    while (!this.below.reached(times, spaces)) {
      const before = this.progress();
      const { cur } = this.below;
      this.below.usedUp = false;
      const state = followed ? this.state() : null;
      try {
        this.run_(body2, i);
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
        if (!state) {
          if (done === 0 || !this.below.usedUp) throw error;
          this.below.cur = cur;
          throw this.inTheMiddle(this.below.requiredLeft(), done, span2);
        }
        this.back(state);
        this.oneLess = null;
        return;
      }
      if (state) this.oneLess = { state, node: i };
      done += 1;
      if (this.progress() === before)
        throw new StitchError(
          span2,
          "This repeats something that takes nothing of the row below: it never comes to an end."
        );
      if (this.below.cur === this.below.units.length && times.to !== "end" && !this.below.reached(times, spaces))
        throw this.notComingOut(times, done, span2);
    }
    if (times.to === "turning") this.lastOverTurning(node, i);
  }
  /** Whether more is worked after a repeat. */
  isFollowed(i) {
    return this.nodes.slice(i + 1).some(({ op }) => op !== "turn" && op !== "join" && op !== "leave");
  }
  progress() {
    return this.below.cur * 2 + (this.below.gapAt >= this.below.cur ? 1 : 0);
  }
  run_(body2, i) {
    for (const one2 of body2) this.at(one2, i);
  }
  inTheMiddle(left, done, span2) {
    return new StitchError(
      span2,
      `The repeat does not come out: after ${done === 1 ? "one repeat" : `${done} repeats`} ${left === 1 ? "1 stitch is" : `${left} stitches are`} left.`
    );
  }
  notComingOut(reach, done, span2) {
    const wanted = reach.to === "last" ? `the last ${reach.many}` : "the turning chain";
    return new StitchError(
      span2,
      `The repeat does not come out: after ${done === 1 ? "one repeat" : `${done} repeats`} it is past ${wanted}.`
    );
  }
  /**
   * "... repeat from * to the turning ch, dc in the 3rd ch of it": where the turning chain has a space of its own, the last repeat
   * goes over that space and its last stitch is the one said of the turning chain.
   */
  lastOverTurning(node, i) {
    const tail = this.nodes[this.nodes.indexOf(node) + 1];
    const end = node.body.at(-1);
    if (this.below.units[this.below.cur]?.t !== "ch" || tail?.op !== "work" || tail.place.at !== "turning")
      return;
    if (end?.op !== "work" || !node.body.some(usesSpacesIn)) return;
    this.run_(node.body.slice(0, -1), i);
    this.at(tail, i);
    this.absorbed = tail;
  }
  /** The worked row, its tops spread in order. */
  course_() {
    const { made: made2, course } = this;
    const { direction } = this.below;
    const { low, width } = this.way.span ?? {
      low: course.low,
      width: course.foundation && this.below.shift > 0 ? course.width - this.below.shift : course.width
    };
    fillChains(made2, this.way.round ? width * direction : null);
    const tall = made2.length;
    const room = this.way.round ? width : width - 1;
    const apart2 = tall <= 1 ? 0 : Math.min(1, room / (this.way.round ? tall : tall - 1));
    const wanted = made2.map(({ x }) => x * direction);
    const [lowest, highest] = direction === 1 ? [low, low + width - 1] : [1 - low - width, -low];
    const tops = this.way.round ? spreadTops(wanted, apart2, -Infinity, Infinity) : spreadTops(wanted, apart2, lowest, highest);
    made2.forEach((unit2, i) => unit2.x = tops[i] * direction + 0);
    return {
      units: made2,
      foundation: false,
      direction,
      idle: this.idle,
      low,
      width,
      slips: this.slips.map(({ x }) => x)
    };
  }
};
function fillChains(made2, around2) {
  const first = made2.find(({ t }) => t === "st")?.x ?? 0;
  for (let i = 0; i < made2.length; i += 1) {
    if (made2[i].t !== "ch") continue;
    let end = i;
    while (made2[end]?.t === "ch") end += 1;
    const before = made2[i - 1]?.x ?? 0;
    const after = made2[end]?.x ?? (around2 === null ? before : first + around2);
    for (let j = i; j < end; j += 1) made2[j].x = before + (after - before) * (j - i + 1) / (end - i + 1);
    i = end;
  }
}
function range(from, to) {
  return Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i);
}
function spanOf(node) {
  return node?.span ?? { from: 0, to: 0 };
}
function usesSpaces(noun) {
  return noun.what === "sp" || noun.what === "any";
}
function usesSpacesIn(node) {
  if (node.op === "repeat" || node.op === "group")
    return node.op === "group" && "noun" in node.place && usesSpaces(node.place.noun) || node.body.some(usesSpacesIn);
  return "place" in node && "noun" in node.place && (usesSpaces(node.place.noun) || node.place.noun.what === "ch");
}

// packages/core/src/write/terms.ts
var UK_STITCHES = {
  sc: "dc",
  esc: "exdc",
  hdc: "htr",
  dc: "tr",
  tr: "dtr",
  dtr: "trtr"
};
var UK_WORDS = {
  gauge: "tension",
  Gauge: "Tension",
  skip: "miss",
  Skip: "Miss",
  skipped: "missed",
  sk: "miss"
};
var STITCH_WORD = /\b(fp|bp)?(esc|hdc|sc|dc|dtr|tr)(\d+tog)?\b/g;
var OTHER_WORD = /\b(gauge|Gauge|skip|Skip|skipped|sk)\b/g;
function inTerms(text2, terms) {
  if (terms === "us") return text2;
  return text2.replace(
    STITCH_WORD,
    (_, post, stitch, together3) => `${post ?? ""}${UK_STITCHES[stitch]}${together3 ?? ""}`
  ).replace(OTHER_WORD, (word) => UK_WORDS[word] ?? word);
}
var US_STITCHES = Object.fromEntries(Object.entries(UK_STITCHES).map(([us, uk]) => [uk, us]));
var US_WORDS = {
  tension: "gauge",
  Tension: "Gauge",
  miss: "skip",
  Miss: "Skip",
  missed: "skipped"
};
var UK_STITCH_WORD = new RegExp(`\\b(fp|bp)?(${Object.keys(US_STITCHES).join("|")})(\\d+tog)?\\b`, "g");
function fromTerms(text2, terms) {
  if (terms === "us") return text2;
  return text2.replace(
    UK_STITCH_WORD,
    (_, post, stitch, together3) => `${post ?? ""}${US_STITCHES[stitch]}${together3 ?? ""}`
  ).replace(/\b(tension|Tension|miss|Miss|missed)\b/g, (word) => US_WORDS[word] ?? word);
}
var TUNISIAN_STITCHES = [
  ["tss", "Tunisian simple stitch"],
  ["tks", "Tunisian knit stitch"],
  ["tps", "Tunisian purl stitch"],
  ["trs", "Tunisian reverse stitch"]
];
var MEANINGS = [
  [/\bch\b/, "ch", "chain", "chain"],
  [/\bsl st\b/, "sl st", "slip stitch", "slip stitch"],
  [/\bsc\b/, "sc", "single crochet", "double crochet"],
  [/\besc\b/, "esc", "extended single crochet", "extended double crochet"],
  [/\bhdc\b/, "hdc", "half double crochet", "half treble crochet"],
  [/\bdc\b/, "dc", "double crochet", "treble crochet"],
  [/\btr\b/, "tr", "treble crochet", "double treble crochet"],
  [/\bsc2tog\b/, "sc2tog", "single crochet 2 stitches together", "double crochet 2 stitches together"],
  [
    /\besc2tog\b/,
    "esc2tog",
    "extended single crochet 2 stitches together",
    "extended double crochet 2 stitches together"
  ],
  [/\bhdc2tog\b/, "hdc2tog", "half double crochet 2 stitches together", "half treble 2 stitches together"],
  [/\bdc2tog\b/, "dc2tog", "double crochet 2 stitches together", "treble 2 stitches together"],
  [/\btr2tog\b/, "tr2tog", "treble 2 stitches together", "double treble 2 stitches together"],
  ...TUNISIAN_STITCHES.flatMap(([short2, name2]) => [
    [new RegExp(`\\b${short2}\\b`), short2, name2, name2],
    [
      new RegExp(`\\b${short2}2tog\\b`),
      `${short2}2tog`,
      `${name2}, the hook behind 2 bars`,
      `${name2}, the hook behind 2 bars`
    ]
  ]),
  [/\bblo\b/, "blo", "back loop only", "back loop only"],
  [/\bflo\b/, "flo", "front loop only", "front loop only"],
  [/\bfpdc\b/, "fpdc", "front post double crochet", "front post treble crochet"],
  [/\bbpdc\b/, "bpdc", "back post double crochet", "back post treble crochet"],
  [/\bsts?\b/, "st(s)", "stitch(es)", "stitch(es)"],
  [/\bsp\b/, "sp", "space", "space"],
  [/\brnds?\b/i, "rnd(s)", "round(s)", "round(s)"],
  [/\bsk\b/, "sk", "skip", "miss"],
  [/\binc\b/, "inc", "increase", "increase"],
  [/\bdec\b/, "dec", "decrease", "decrease"],
  [/\bRS\b/, "RS", "right side", "right side"],
  [/\bWS\b/, "WS", "wrong side", "wrong side"]
];
function abbreviations(usText, terms, known = []) {
  return MEANINGS.filter(([found, short2]) => found.test(usText) && !known.includes(short2)).map(
    ([, short2, us, uk]) => `${inTerms(short2, terms)}: ${terms === "us" ? us : uk}`
  );
}

// packages/core/src/stitch/print.ts
function printRow(nodes, { terms = "us", round: round4 = false } = {}) {
  const text2 = sequence(nodes);
  return inTerms(round4 ? text2.replaceAll("to the end", "around") : text2, terms);
}
function gathered(nodes) {
  const list = [];
  for (const node of nodes) {
    const last = list.at(-1);
    if (node.op === "work" && last?.op === "work" && node.place.at === "next" && last.place.at === "next" && !node.stitch.together && JSON.stringify([node.stitch, node.times, node.place.noun]) === JSON.stringify([last.stitch, last.times, last.place.noun]))
      list[list.length - 1] = { ...last, place: { ...last.place, many: last.place.many + node.place.many } };
    else list.push(node);
  }
  return list;
}
function sequence(all) {
  const nodes = gathered(all);
  let text2 = "";
  nodes.forEach((node, i) => {
    if (i > 0) text2 += node.op === "turn" || node.op === "join" || starred(nodes[i - 1]) ? "; " : ", ";
    text2 += one(node);
  });
  return text2;
}
var starred = (node) => node.op === "repeat" && node.star;
function one(node) {
  switch (node.op) {
    case "chain":
      return `ch ${node.many}${node.counts ? countsWords(node.counts) : ""}`;
    case "work":
      return work(node);
    case "group":
      return `${node.name ?? `(${sequence(node.body)})`} ${placeWords(node.place)}${skippedWords(node.counts)}`;
    case "skip":
      return skip(node);
    case "picot":
      return `ch-${node.chains} picot`;
    case "repeat":
      return repeat(node);
    case "leave":
      return "leave the last sts unworked";
    case "join":
      return "join with a sl st to the first st";
    case "turn":
      return "turn";
  }
}
function countsWords(counts) {
  if (counts.as === "nothing") return " (does not count as a st)";
  return ` (counts as ${counts.as}${counts.across > 0 ? `, ch ${counts.across}` : ""})`;
}
function skip({ place, counts }) {
  if (!("many" in place)) return "sk the next st";
  if (counts) return `sk ${place.many} ch${countsWords(counts)}`;
  return `sk ${nextWords(place.at, place.many, place.noun)}`;
}
function skippedWords(counts) {
  if (!counts) return "";
  return counts.as === "nothing" ? " (skipped ch do not count)" : countsWords(counts).replace("(counts", "(skipped ch count");
}
function work({ stitch, times, place, counts }) {
  const ch = place.at === "from hook" || "noun" in place && place.noun.what === "ch";
  const named2 = stitch.kind === "tss" && ch ? "pick up a loop" : stitchWords(stitch);
  const said2 = skippedWords(counts);
  if (place.at === "here") {
    if (stitch.together && times === 1) return named2;
    return times === 1 ? named2 : `${times} ${named2}`;
  }
  if (place.at === "next" && stitch.together === place.many && stitch.together > 1)
    return `${named2} over the next ${place.many} ${nounWords(place.noun, place.many)}${said2}`;
  const many = times > 1 ? `${times} ` : "";
  const where = stitch.post ? placeWords(place).replace(/^in /, "around ") : placeWords(place, times > 1);
  return `${many}${named2} ${where}${belowWords(stitch)}${said2}`;
}
function stitchWords({ kind, loop, post, together: together3, name: name2 }) {
  if (name2 && together3)
    return ["bobble", "popcorn", "puff st"].includes(name2) ? name2 : `${together3}-${kind} ${name2}`;
  if (name2) return name2;
  const side = post === "front" ? "fp" : post === "back" ? "bp" : "";
  const rest = loop ? ` ${loop === "back" ? "blo" : "flo"}` : "";
  return `${side}${kind}${together3 ? `${together3}tog` : ""}${rest}`;
}
function belowWords({ below }) {
  return below ? ` ${below} ${below === 1 ? "row" : "rows"} below` : "";
}
function placeWords(place, each2 = false) {
  switch (place.at) {
    case "here":
      return "";
    case "next":
    case "first":
    case "last":
      if (place.beyond !== void 0)
        return placeWords({ at: "next", many: place.many, noun: place.noun }, each2);
      return each2 && place.many > 1 ? `in each of ${nextWords(place.at, place.many, place.noun)}` : `in ${nextWords(place.at, place.many, place.noun)}`;
    case "each":
      return `in each ${place.noun.what === "any" ? "st and each ch sp" : nounWords(place.noun, 1)} ${reachWords(place.reach)}`;
    case "same":
      return "in the same place";
    case "skipped":
      return place.nth === 1 ? "in the first skipped st" : `in the ${ordinal(place.nth)} skipped st`;
    case "from hook":
      return `in the ${ordinal(place.nth)} ch from the hook`;
    case "turning":
      return place.nth === null ? "in the top of the turning ch" : `in the ${ordinal(place.nth)} ch of the turning ch`;
    case "gap":
      return `in the sp before the next ${nounWords(place.noun, 1)}`;
    case "centre":
      return `in the center st of the next ${nounWords(place.of, 1)}`;
  }
}
function nextWords(at, many, noun) {
  return many === 1 ? `the ${at} ${nounWords(noun, 1)}` : `the ${at} ${many} ${nounWords(noun, many)}`;
}
function nounWords(noun, many) {
  const s = many === 1 ? "" : "s";
  switch (noun.what) {
    case "st":
      return `st${s}`;
    case "ch":
      return "ch";
    case "sp":
      return `${noun.chains === void 0 ? "" : `ch-${noun.chains} `}sp${s}`;
    case "kind":
      return noun.kind;
    case "any":
      return `st${s}`;
    case "group":
      return `${noun.name}${s}`;
  }
}
function repeat({ body: body2, star, times }) {
  if (typeof times === "number") {
    if (star)
      return `*${sequence(body2)}; repeat from * ${times === 2 ? "once more" : `${times - 1} more times`}`;
    const single = body2.length === 1 && body2[0].op === "work" ? sequence(body2) : `(${sequence(body2)})`;
    return `${single} ${times === 2 ? "twice" : `${times} times`}`;
  }
  return star ? `*${sequence(body2)}; repeat from * ${reachWords(times)}` : `(${sequence(body2)}) ${reachWords(times)}`;
}
function reachWords(reach) {
  if (reach.to === "end") return "to the end";
  if (reach.to === "turning") return "to the turning ch";
  return `to ${nextWords("last", reach.many, reach.noun)}`;
}

// packages/core/src/stitch/wholeText.ts
function faultAt(row, span2, message) {
  const before = row.text.slice(0, span2.from);
  const lines2 = before.split("\n");
  const line2 = row.line + lines2.length - 1;
  const start2 = (lines2.length === 1 ? row.offset : 0) + lines2.at(-1).length;
  const words = row.text.slice(span2.from, span2.to).replace(/\s+/g, " ").trim();
  return { line: line2, words, message, span: { from: start2, to: start2 + (span2.to - span2.from) } };
}
function chainsBeforeTurning(rows2) {
  const moved2 = rows2.map(({ nodes }) => [...nodes]);
  rows2.forEach(({ nodes }, i) => {
    const turn = nodes.findIndex(({ op }) => op === "turn");
    const chain2 = nodes[turn - 1];
    if (turn < 1 || chain2?.op !== "chain" || nodes.length === turn) return;
    moved2[i] = moved2[i].filter((node) => node !== chain2);
    if (i + 1 < rows2.length && rows2[i + 1].nodes[0]?.op !== "chain") moved2[i + 1].unshift(chain2);
  });
  return rows2.map((row, i) => ({ ...row, nodes: moved2[i] }));
}
function repeatOf(rows2, said2, faults) {
  const last = rows2.length - 1;
  const fallback = { first: rows2.length > 1 && fromChain(rows2[0]) ? 1 : 0, last };
  const one2 = said2[0];
  if (!one2) return fallback;
  for (const more of said2.slice(1))
    faults.push({ line: more.line, words: more.words, message: "Which rows repeat is said twice." });
  const first = rows2.findIndex(({ n }) => n === one2.numbers[0]);
  const end = rows2.findIndex(({ n }) => n === one2.numbers.at(-1));
  const missing = one2.numbers.find((n) => !rows2.some((row) => row.n === n));
  if (missing !== void 0) {
    faults.push({ line: one2.line, words: one2.words, message: `There is no row ${missing} to repeat.` });
    return fallback;
  }
  if (end !== last) {
    faults.push({
      line: one2.line,
      words: one2.words,
      message: `The rows that repeat must end with the last one written, row ${rows2[last].n ?? last + 1}.`
    });
    return fallback;
  }
  return { first, last };
}
function fromChain({ nodes }) {
  return nodes.some(
    (node) => "place" in node && node.place.at === "from hook" || node.op === "skip" && node.place.at !== "turning" && "noun" in node.place && node.place.noun.what === "ch" || node.op === "work" && "noun" in node.place && node.place.noun.what === "ch"
  );
}
function wrongTerms(rows2, terms) {
  if (terms === "uk") return [];
  const tallChains = rows2.some(({ nodes: [chain2] }) => chain2?.op === "chain" && chain2.many > 1);
  for (const row of rows2) {
    const [chain2, next] = row.nodes;
    if (chain2?.op !== "chain" || next?.op !== "work") continue;
    const { kind } = next.stitch;
    const low = kind === "tr" && chain2.many === 3 || kind === "dc" && chain2.many === 1 && !tallChains && !chain2.counts;
    const named2 = chain2.counts && chain2.counts.as !== "nothing" ? heightOf(chain2.counts.as) : null;
    if (!low || named2 !== null && named2 < heightOf(kind)) continue;
    const us = kind === "tr" ? "dc" : "sc";
    return [
      faultAt(
        row,
        next.span,
        `After ${chain2.many === 1 ? "1 chain" : `${chain2.many} chains`} a ${kind} does not fit: ${kind} here is probably the UK ${kind} (US ${us}). Write \u201Cterms: uk\u201D, or turn with ${heightOf(kind)} chains.`
      )
    ];
  }
  return [];
}

// packages/core/src/stitch/prove.ts
var PROVEN_REPEATS = 20;
var LONGEST_FOUNDATION = 400;
function wayOf({ work: work2, rows: rows2 }, i, before) {
  if (work2 === "tunisian") return { turned: i === 0, round: false, tunisian: true };
  const after = i === 0 ? rows2.find(({ nodes: [chain2] }) => chain2?.op === "chain" && chain2.many > 1) : void 0;
  if (work2 === "flat") return { turned: true, round: false, ...after ? { after } : {} };
  return { turned: before >= 0 && turns(rows2[before]), round: true };
}
function turns({ nodes }) {
  return nodes.some(({ op }) => op === "turn");
}
function workPattern(text2, size2, times) {
  const foundation2 = foundationFor(text2, size2);
  const rows2 = [];
  let below = foundation2;
  let before = -1;
  const { first, last } = text2.repeat;
  const step = (i) => {
    const row = text2.rows[i];
    const way = wayOf(text2, i, before);
    below = workEither(row, below, way, i);
    before = i;
    rows2.push({ row: i, course: below });
  };
  for (let i = 0; i < first; i += 1) step(i);
  for (let time = 0; time < times; time += 1) for (let i = first; i <= last; i += 1) step(i);
  return { foundation: foundation2, rows: rows2 };
}
function patternRowAt(text2, done) {
  const { first, last } = text2.repeat;
  const index = done < first ? done : first + (done - first) % (last - first + 1);
  return { index, row: text2.rows[index], way: wayOf(text2, done === 0 ? 0 : index, index) };
}
var RowFault = class extends Error {
  constructor(row, cause) {
    super(cause.message);
    this.row = row;
    this.cause = cause;
  }
  row;
  cause;
  name = "RowFault";
};
function workEither(row, below, way, i) {
  try {
    return workRow(row, below, way);
  } catch (error) {
    if (!(error instanceof StitchError)) throw error;
    if (!below.foundation && below.units.some(({ t }) => t === "ch")) {
      try {
        return workRow(row, below, { ...way, chainsAreStitches: true });
      } catch (other) {
        if (!(other instanceof StitchError)) throw other;
      }
    }
    throw new RowFault(i, error);
  }
}
function foundationFor(text2, size2) {
  if (text2.work === "round") return plainFoundation(size2);
  return beginsOnChain(text2) ? foundationChain(size2) : plainCourse(size2, "sc");
}
function plainFoundation(chains) {
  const course = foundationChain(chains);
  return { ...course, direction: 1, units: course.units.map((unit2, x) => ({ ...unit2, x })) };
}
function beginsOnChain({ rows: [first] }) {
  return first !== void 0 && mentionsChain(first.nodes);
}
function mentionsChain(nodes) {
  return nodes.some(
    (node) => "place" in node && (node.place.at === "from hook" || "noun" in node.place && node.place.noun.what === "ch") || (node.op === "repeat" || node.op === "group") && mentionsChain(node.body)
  );
}
function prove(text2, multiple) {
  if (text2.rows.length === 0 || text2.rows.some(({ nodes }) => nodes.length === 0))
    return { proof: null, faults: [] };
  const found = foundations(text2, multiple ?? 1);
  if ("fault" in found) return { proof: null, faults: [found.fault] };
  const { worked: worked2, period } = found;
  const { first, last } = text2.repeat;
  const length2 = last - first + 1;
  const grown2 = growth(text2, worked2.at(-1));
  if (grown2) return { proof: null, faults: [grown2] };
  const counts = worked2.map((one2) => one2.counts);
  const rules = text2.rows.map((_, i) => {
    const [a, b] = [counts.at(-2)[i], counts.at(-1)[i]];
    return { multiple: b - a, plus: b };
  });
  let from = worked2.length - 1;
  const onLine = (at) => rules.every(({ multiple: multiple2, plus: plus2 }, i) => counts[at][i] === plus2 - multiple2 * (worked2.length - 1 - at));
  while (from > 0 && onLine(from - 1)) from -= 1;
  if (worked2.length - from < PROVEN_REPEATS / 2)
    return {
      proof: null,
      faults: [
        faultAt(
          text2.rows[0],
          text2.rows[0].nodes[0].span,
          "The counts do not grow by the same number with every repeat."
        )
      ]
    };
  const base = baseRule(text2, worked2[Math.min(worked2.length - 1, from + 5)], period);
  const lastSize = worked2.at(-1);
  const repeats = (lastSize.base - base.plus) / period;
  const linear2 = ({ multiple: multiple2, plus: plus2 }) => ({ multiple: multiple2, plus: plus2 - multiple2 * repeats });
  return {
    proof: {
      chains: linear2({ multiple: period, plus: lastSize.size }),
      base,
      repeat: { first: text2.rows[first].n ?? first + 1, rows: length2 },
      rows: text2.rows.map((row, i) => {
        const kind = tallest(row.nodes);
        return { n: row.n, side: row.side, stitches: linear2(rules[i]), kind, height: heightOf(kind) };
      }),
      from: Math.max(1, repeats - (worked2.length - 1 - from))
    },
    faults: []
  };
}
function foundations(text2, step) {
  const worked2 = [];
  let deepest = null;
  let period = null;
  let size2 = step;
  const attempt = () => {
    try {
      const pattern3 = workPattern(text2, size2, 2);
      const counts = pattern3.rows.map(({ course }) => stitchesIn(course));
      worked2.push({ size: size2, base: pattern3.rows[0].course.width, counts });
    } catch (error) {
      if (!(error instanceof RowFault)) throw error;
      const far = error.row * 1e6 + error.cause.span.from;
      if (!deepest || far > deepest.far || far === deepest.far && size2 < deepest.size + 40 && deepest.size < 12)
        deepest = { fault: error, size: size2, far };
    }
  };
  while (size2 <= LONGEST_FOUNDATION && worked2.length < 4) {
    attempt();
    size2 += step;
    if (worked2.length < 2 && size2 > 130) break;
  }
  if (worked2.length >= 3) {
    period = worked2.at(-1).size - worked2.at(-2).size;
    while (worked2.length < PROVEN_REPEATS && size2 < LONGEST_FOUNDATION * 4) {
      size2 = worked2.at(-1).size + period;
      const before = worked2.length;
      attempt();
      if (worked2.length === before) break;
    }
  }
  if (period === null || worked2.length < PROVEN_REPEATS / 2) {
    const row = text2.rows[deepest ? deepest.fault.row : 0];
    if (!deepest)
      return { fault: faultAt(row, row.nodes[0].span, "This row comes out with no number of stitches.") };
    const { fault } = deepest;
    return { fault: faultAt(row, fault.cause.span, fault.message) };
  }
  return { worked: worked2.filter(({ size: one2 }) => (worked2.at(-1).size - one2) % period === 0), period };
}
function growth(text2, { counts }) {
  const { first, last } = text2.repeat;
  const length2 = last - first + 1;
  const once = counts[first + length2 - 1];
  const twice = counts[first + 2 * length2 - 1];
  const row = text2.rows[last];
  const change2 = twice - once;
  const all = { from: 0, to: row.text.length };
  if (change2 !== 0)
    return faultAt(
      row,
      all,
      `The pattern ${change2 > 0 ? "grows" : "shrinks"}: after these rows there are ${once} stitches, after repeating them ${twice}.`
    );
  return null;
}
function baseRule(text2, { base, size: size2 }, period) {
  if (text2.work === "round") return { multiple: period, plus: base % period };
  const pattern3 = workPattern(text2, size2, 2);
  const cells = Array.from({ length: base }, () => "");
  const shown = /* @__PURE__ */ new Set();
  for (const { row, course } of pattern3.rows) {
    if (shown.has(row) || course.units.length !== base) continue;
    shown.add(row);
    for (const { kind, x, feet, stitch } of course.units) {
      const cell = Math.round(x);
      const lean = feet.length === 0 ? "" : Math.round((feet[0] - x) * 4) * course.direction;
      cells[cell] += ` ${row}:${kind}${stitch?.post ?? ""}${stitch?.loop ?? ""}${stitch?.together ?? ""}${lean}`;
    }
  }
  let longest = 0;
  let run = 0;
  for (let c = 0; c + period < base; c += 1) {
    run = cells[c] === cells[c + period] ? run + 1 : 0;
    longest = Math.max(longest, run);
  }
  const stretch = longest + period;
  const plus2 = shown.size === 0 || longest === 0 ? base % period : base - period * Math.floor(stretch / period);
  return { multiple: period, plus: plus2 >= 2 * period && period > 1 ? base % period : plus2 };
}

// packages/core/src/stitch/round.ts
var SPAN = { from: 0, to: 0 };
var TRIED = 3;
function roundVersion(text2, proof, way) {
  const { multiple } = proof.base;
  const base = { multiple, plus: 0 };
  const without = (because2) => ({
    base,
    rounds: null,
    turned: false,
    because: because2,
    text: null
  });
  if (text2.work === "tunisian")
    return without("Tunisian rounds want a double-ended hook; worked flat and seamed, any hook will do.");
  const words = text2.rows.map(({ nodes }) => insideOf(nodes));
  const missing = words.findIndex((word) => word === null);
  if (missing >= 0) return without(`${rowName(text2.rows[missing])} has no repeat that could go round.`);
  const sided = text2.rows.some(({ nodes, side }) => side === "WS" && hasSides(nodes));
  const ways = way ? [way] : sided ? ["turned"] : ["joined", "turned"];
  let because = "It does not come round.";
  for (const [one2, times] of ways.flatMap((each2) => [[each2, 1], [each2, 2]])) {
    const made2 = roundsOf(text2, proof, words, one2, times);
    if (typeof made2 === "string") {
      because = made2;
      continue;
    }
    return { base, rounds: linesOf(made2), turned: one2 === "turned", because: null, text: made2 };
  }
  return without(because);
}
function rowName({ n, round: round4 }) {
  return n === null ? "The set-up row" : `${round4 ? "Rnd" : "Row"} ${n}`;
}
function insideOf(nodes) {
  for (const node of [...nodes].reverse()) {
    if (node.op === "repeat" && typeof node.times !== "number") return node.body.flatMap(apart);
    if ((node.op === "work" || node.op === "group") && node.place.at === "each") {
      const { noun } = node.place;
      return [{ ...node, place: { at: "next", many: 1, noun } }];
    }
  }
  return null;
}
function apart(node) {
  if (node.op === "work" && node.place.at === "next" && node.place.many > 1 && !node.stitch.together) {
    const { many, noun } = node.place;
    return Array.from({ length: many }, () => ({ ...node, place: { at: "next", many: 1, noun } }));
  }
  return [node];
}
function roundsOf(text2, proof, words, closes, times) {
  const turned = closes === "turned";
  const rows2 = [];
  let below = plainFoundation(proof.base.multiple * TRIED);
  const { first, last } = text2.repeat;
  const order = [...words.keys(), ...times === 2 ? [...words.keys()].slice(first, last + 1) : []];
  for (const [i, which] of order.entries()) {
    const word = words[which];
    const row = text2.rows[which];
    const wanted = proof.rows[which].stitches.multiple * TRIED;
    const made2 = roundOf(word, below, { round: true, turned: turned && i > 0 }, wanted, closes);
    if (made2 === null)
      return `${rowName(row)} does not come round: no place of a repeat lets it begin and end together.`;
    below = made2.course;
    rows2.push({
      ...row,
      round: true,
      n: i + 1,
      side: turned ? row.side : "RS",
      nodes: made2.nodes,
      text: printRow(made2.nodes, { round: true })
    });
  }
  const version = {
    ...text2,
    work: "round",
    rows: rows2,
    repeat: { first, last: rows2.length - 1 },
    faults: [],
    chains: null
  };
  const { proof: proven } = prove(version, proof.base.multiple);
  if (!proven || proven.base.plus !== 0 || proven.base.multiple !== proof.base.multiple || proven.from > PROVEN_REPEATS)
    return "Its rounds do not close on each other.";
  return version;
}
function linesOf({ rows: rows2, repeat: repeat2 }) {
  const lines2 = rows2.map(({ n, side, text: text2 }) => `Rnd ${n} (${side}): ${text2}.`);
  const [first, last] = [rows2[repeat2.first].n, rows2[repeat2.last].n];
  lines2.push(
    first === last ? `Repeat rnd ${first}.` : `Repeat rnds ${first} ${last === first + 1 ? "and" : "to"} ${last}.`
  );
  return lines2;
}
function roundOf(word, below, way, wanted, closes) {
  const most = Math.ceil(below.units.length / TRIED);
  let best = null;
  for (let turn = 0; turn < word.length; turn += 1) {
    const rotated = [...word.slice(turn), ...word.slice(0, turn)];
    for (const approach of closes === "spiral" ? [[]] : approaches(rotated[0], most)) {
      const cost = approach.length * 10 + startCost(rotated[0]) + turn * 0.01;
      if (best && best.cost <= cost) continue;
      const begun = closes !== "spiral" ? begin(rotated, approach.length > 0) : rotated[0].op === "chain" ? null : [];
      if (!begun) continue;
      const nodes = [
        ...approach,
        ...begun,
        ...repeatAround(rotated, below.foundation),
        ...closes === "spiral" ? [] : [{ op: "join", span: SPAN }],
        ...closes === "turned" ? [{ op: "turn", span: SPAN }] : []
      ];
      const course = tryRow(nodes, below, way);
      if (course && stitchesIn(course) === wanted) best = { nodes, course, cost };
    }
  }
  return best;
}
function tryRow(nodes, below, way) {
  try {
    return workRow({ nodes }, below, way);
  } catch (error) {
    if (error instanceof StitchError) return null;
    throw error;
  }
}
function repeatAround(body2, ring) {
  const [only] = body2;
  if (body2.length === 1 && only?.op === "work" && only.place.at === "next" && only.place.many === 1) {
    const noun = ring ? { what: "ch" } : only.place.noun;
    return [{ ...only, place: { at: "each", noun, reach: { to: "end" } } }];
  }
  return [{ op: "repeat", body: body2, star: true, times: { to: "end" }, span: SPAN }];
}
function startCost(node) {
  return node.op === "skip" ? 25 : node.op === "work" && node.times === 1 ? 0 : 4;
}
function approaches(first, most) {
  const ways = [[]];
  if (first.op !== "work" && first.op !== "group") return ways;
  const noun = "noun" in first.place ? first.place.noun : { what: "st" };
  const slip = (place) => ({
    op: "work",
    stitch: { kind: "sl st" },
    times: 1,
    place,
    span: SPAN
  });
  if (first.place.at === "centre") return [[slip(first.place)]];
  if (noun.what === "sp" || noun.what === "group") {
    ways.push([slip({ at: "next", many: 1, noun })]);
    for (let many = 1; many <= Math.min(4, most); many += 1)
      ways.push([slip({ at: "next", many, noun: { what: "st" } }), slip({ at: "next", many: 1, noun })]);
    return ways;
  }
  for (let many = 1; many <= Math.min(8, most); many += 1)
    ways.push([slip({ at: "next", many, noun: { what: "st" } })]);
  return ways;
}
function isLowAlone([only, ...more]) {
  return more.length === 0 && only?.op === "work" && only.place.at === "next" && heightOf(only.stitch.kind) < 2;
}
function begin(rotated, slipped) {
  const [first, ...rest] = rotated;
  if (first?.op === "skip" || isLowAlone(rotated)) {
    if (slipped) return null;
    return [{ op: "chain", many: heightOf(tallest(rotated)), counts: { as: "nothing" }, span: SPAN }];
  }
  if (!first || first.op !== "work" && first.op !== "group") return null;
  const { place } = first;
  if (first.op === "work" && first.stitch.together && place.at === "next" && place.many > 1 && !slipped)
    return [
      { op: "chain", many: Math.max(1, heightOf(first.stitch.kind)), counts: { as: "nothing" }, span: SPAN },
      ...rotated
    ];
  const single = place.at === "next" && place.many === 1;
  if (!single && !(place.at === "centre" && slipped)) return null;
  const here = slipped || !single ? { at: "same" } : { at: "first", many: 1, noun: place.noun };
  if (!slipped && single && place.noun.what === "sp") return null;
  if (first.op === "work") {
    const { stitch, times } = first;
    const height = heightOf(stitch.kind);
    const plain2 = !stitch.post && !stitch.loop && !stitch.together && !stitch.name && !stitch.below;
    if (!plain2 || height < 2)
      return [
        { op: "chain", many: Math.max(1, height), counts: { as: "nothing" }, span: SPAN },
        { ...first, place: here },
        ...rest
      ];
    const [next2, ...others2] = rest;
    const across2 = times === 1 && next2?.op === "chain" ? next2.many : 0;
    const chain3 = {
      op: "chain",
      many: height + across2,
      counts: { as: stitch.kind, across: across2 },
      span: SPAN
    };
    if (times > 1) return [chain3, { ...first, times: times - 1, place: { at: "same" } }, ...rest];
    return [chain3, ...across2 > 0 ? others2 : rest];
  }
  if (!isInOnePlace(first.body)) return null;
  const [head, ...body2] = first.body;
  if (head?.op !== "work" || head.stitch.together || head.stitch.post || heightOf(head.stitch.kind) < 2)
    return [
      { op: "chain", many: 1, counts: { as: "nothing" }, span: SPAN },
      { ...first, place: here },
      ...rest
    ];
  const [next, ...others] = body2;
  const across = head.times === 1 && next?.op === "chain" ? next.many : 0;
  const left = [
    ...head.times > 1 ? [{ ...head, times: head.times - 1 }] : [],
    ...across > 0 ? others : body2
  ];
  const chain2 = {
    op: "chain",
    many: heightOf(head.stitch.kind) + across,
    counts: { as: head.stitch.kind, across },
    span: SPAN
  };
  const [last] = left;
  const group2 = left.length === 0 ? [] : left.length === 1 && last?.op === "work" ? [{ ...last, place: { at: "same" } }] : [{ op: "group", body: left, place: { at: "same" }, span: SPAN }];
  return [chain2, ...group2, ...rest];
}

// packages/core/src/stitch/flat.ts
var SPAN2 = { from: 0, to: 0 };
var TRIED2 = 3;
function flatVersion(text2, proof) {
  const without = (because) => ({ text: null, proof: null, because });
  const turned = text2.rows.some(turns);
  const rows2 = [];
  let below = foundationChain(proof.base.multiple * TRIED2 + 2);
  for (const [i, row] of text2.rows.entries()) {
    const inside2 = insideOf(row.nodes);
    if (!inside2) return without(`Rnd ${row.n ?? i + 1} has no repeat that rows could be made of.`);
    const side = i % 2 === 0 ? "RS" : "WS";
    const word = side === "WS" && !turned ? inside2.map(fromBehind) : inside2;
    const wanted = proof.rows[i].stitches.multiple * TRIED2 + 2;
    const made2 = rowOf(word, i === 0 ? null : below, proof.base.multiple * TRIED2 + 2, wanted);
    if (!made2) return without(`Rnd ${row.n ?? i + 1} cannot be worked in rows between plain edge stitches.`);
    below = made2.course;
    rows2.push({ ...row, round: false, n: i + 1, side, nodes: made2.nodes, text: printRow(made2.nodes) });
  }
  const version = { ...text2, work: "flat", rows: rows2, faults: [], chains: null };
  const { proof: proven } = prove(version);
  return proven ? { text: version, proof: proven, because: null } : without("Its rows do not close on each other.");
}
function rowOf(word, below, base, wanted) {
  const kind = edgeKind(word);
  for (let turn = 0; turn < word.length; turn += 1) {
    const rotated = [...word.slice(turn), ...word.slice(0, turn)];
    const nodes = [
      ...firstEdge(kind, below === null),
      {
        op: "repeat",
        body: rotated,
        star: true,
        times: { to: "last", many: 1, noun: { what: below ? "st" : "ch" } },
        span: SPAN2
      },
      {
        op: "work",
        stitch: { kind },
        times: 1,
        place: { at: "last", many: 1, noun: { what: below ? "st" : "ch" } },
        span: SPAN2
      },
      { op: "turn", span: SPAN2 }
    ];
    const extra = kind === "sc" ? 1 : heightOf(kind) - 1;
    try {
      const course = workRow({ nodes }, below ?? foundationChain(base + extra), {
        turned: true,
        round: false
      });
      if (stitchesIn(course) === wanted) return { nodes, course };
    } catch (error) {
      if (!(error instanceof StitchError)) throw error;
    }
  }
  return null;
}
function firstEdge(kind, first) {
  if (kind === "sc")
    return first ? [{ op: "work", stitch: { kind }, times: 1, place: { at: "from hook", nth: 2 }, span: SPAN2 }] : [
      { op: "chain", many: 1, counts: { as: "nothing" }, span: SPAN2 },
      {
        op: "work",
        stitch: { kind },
        times: 1,
        place: { at: "first", many: 1, noun: { what: "st" } },
        span: SPAN2
      }
    ];
  const counts = { as: kind, across: 0 };
  return first ? [{ op: "skip", place: { at: "next", many: heightOf(kind), noun: { what: "ch" } }, counts, span: SPAN2 }] : [{ op: "chain", many: heightOf(kind), counts, span: SPAN2 }];
}
function edgeKind(word) {
  const kind = tallest(word);
  return heightOf(kind) < 2 ? "sc" : kind;
}

// packages/core/src/stitch/tokens.ts
var PHRASES = [
  ...FULL_NAMES.map(
    ([name2, kind]) => [new RegExp(`${name2.replaceAll(" ", "\\s+")}(?:s|es)?\\b`, "iy"), kind]
  ),
  [/(?:turning|beginning|beg|starting|initial)[\s-]+ch(?:ain)?(?:[\s-]*\d+)?(?:\s+sp)?\b|t-?ch\b/iy, "tch"],
  [/sl\s+sts?\b/iy, "sl st"],
  [/(?:reverse|rev)\s+sc\b/iy, "reverse sc"],
  [/loop\s+sts?\b/iy, "loop st"],
  [/puff\s+st(?:itch(?:es)?|s)?\b|puffs?\b/iy, "puff st"],
  [/(?:vertical\s+)?bars?\b/iy, "st"],
  [/yarn\s+over\b/iy, "yo"],
  [/ea\b\.?/iy, "each"]
];
var WORD = /\*+|[()[\],;:.]|[–—]|[^\s*()[\],;:.–—]+/y;
function tokensOf(text2) {
  const tokens = [];
  for (let at = 0; at < text2.length; ) {
    if (/\s/.test(text2[at])) {
      at += 1;
      continue;
    }
    const before = at > 0 ? text2[at - 1] : " ";
    let found;
    if (/[\s([*,;]/.test(before))
      for (const [phrase, name2] of PHRASES) {
        phrase.lastIndex = at;
        const hit = phrase.exec(text2);
        if (hit) {
          found = { text: name2, from: at, to: at + hit[0].length };
          break;
        }
      }
    if (!found) {
      WORD.lastIndex = at;
      const word = WORD.exec(text2)[0];
      found = { text: word.toLowerCase().replace(/’/g, "'"), from: at, to: at + word.length };
    }
    tokens.push(found);
    at = found.to;
  }
  return tokens;
}

// packages/core/src/stitch/words.ts
var singular = (word) => word.length > 2 && /[^s]s$/.test(word) ? word.slice(0, -1) : word === "stitches" ? "stitch" : word;
var asNumber = (word) => word === void 0 ? null : /^\d+$/.test(word) ? Number(word) : { one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 }[word] ?? null;
var asOrdinal = (word) => {
  const found = /^(\d+)(?:st|nd|rd|th)$/.exec(word ?? "");
  return found ? Number(found[1]) : { second: 2, third: 3, fourth: 4, fifth: 5 }[word ?? ""] ?? null;
};
function stitchWord(word) {
  if (isStitchKind(word)) return { kind: word };
  const found = /^(fp|bp)?([a-z]+?)(?:(\d)tog)?$/.exec(word);
  if (!found) return null;
  const [, post, kind, together3] = found;
  if (!isStitchKind(kind) || !post && !together3) return null;
  return {
    kind,
    ...post ? { post: post === "fp" ? "front" : "back" } : {},
    ...together3 ? { together: Number(together3) } : {}
  };
}
var GROUPS = /* @__PURE__ */ new Set([
  "shell",
  "fan",
  "group",
  "v",
  "v-st",
  "v-stitch",
  "cluster",
  "cl",
  "bobble",
  "popcorn",
  "puff st",
  "picot"
]);

// packages/core/src/stitch/tokenStream.ts
var TokenStream = class {
  constructor(text2, specials) {
    this.text = text2;
    this.specials = specials;
    this.tokens = tokensOf(text2);
  }
  text;
  specials;
  tokens;
  at = 0;
  word(ahead = 0) {
    return this.tokens[this.at + ahead]?.text;
  }
  said(from, to) {
    return this.text.slice(from, to).replace(/\s+/g, " ").trim();
  }
  from() {
    return this.tokens[this.at]?.from ?? this.text.length;
  }
  spanFrom(from) {
    return { from, to: this.tokens[this.at - 1]?.to ?? from };
  }
  take(...words) {
    if (words.some((word, i) => this.word(i) !== word)) return false;
    this.at += words.length;
    return true;
  }
  oneOf(set) {
    const word = this.word();
    if (word === void 0 || !(Array.isArray(set) ? set.includes(word) : set.has(word)))
      return null;
    this.at += 1;
    return word;
  }
  number() {
    const found = asNumber(this.word());
    if (found !== null) this.at += 1;
    return found;
  }
  fail(message, from = this.from()) {
    const to = Math.max(this.tokens[this.at]?.to ?? this.text.length, from);
    throw new StitchError({ from: Math.min(from, this.text.length), to }, message);
  }
  special() {
    for (const many of [3, 2, 1]) {
      const words = this.tokens.slice(this.at, this.at + many).map(({ text: text2 }) => text2);
      if (words.length < many) continue;
      const name2 = words.join(" ");
      const found = this.specials.get(name2) ?? this.specials.get(singular(name2));
      if (found) return found;
    }
    return null;
  }
  takeSpecial({ name: name2 }) {
    this.at += tokensOf(name2).length;
  }
};

// packages/core/src/stitch/placeReader.ts
var NEXT = /* @__PURE__ */ new Set(["next", "following", "remaining", "foll"]);
var PlaceReader = class extends TokenStream {
  loopWord() {
    const word = this.oneOf(["blo", "flo", "tbl", "tfl"]);
    return word === null ? void 0 : word === "blo" || word === "tbl" ? "back" : "front";
  }
  /** "to the end", "to the last 3 sts", "across", "around", "to the turning ch". */
  reach() {
    const alone = this.word(1) === void 0 || /^[,;.)\]]$|^(?:to|until|the|row|and|ending|end|join|turn)$/.test(this.word(1));
    if ((this.word() === "across" || (this.word() === "around" || this.word() === "round") && alone && !/^(?:the)$/.test(this.word(1) ?? "")) && this.oneOf(["across", "around", "round"])) {
      const further = this.at;
      if (this.oneOf(["to", "until"])) {
        const rest = this.reachAfterTo();
        if (rest) return rest;
        this.at = further;
      }
      if (this.take("the", "row") || this.take("row") || this.take("the", "rnd")) return { to: "end" };
      return { to: "end" };
    }
    if (this.take("until", "end") || this.take("ending")) return { to: "end" };
    const start2 = this.at;
    if (this.word() === "until") {
      this.at += 1;
      const many = this.number();
      if (many !== null) {
        const noun = this.noun() ?? { what: "st" };
        if (this.oneOf(["remain", "remains", "left", "unworked"])) return { to: "last", many, noun };
        if (this.take("are", "left")) return { to: "last", many, noun };
      }
      this.at = start2 + 1;
      const rest = this.reachAfterTo();
      if (rest) return rest;
      this.at = start2;
      return null;
    }
    if (this.oneOf(["to"])) {
      const rest = this.reachAfterTo();
      if (rest) return rest;
      this.at = start2;
    }
    return null;
  }
  reachAfterTo() {
    this.take("within");
    this.take("the");
    if (this.word() === "end") {
      this.at += 1;
      if (this.take("of")) {
        this.take("the");
        this.oneOf(["row", "rnd", "round", "rows"]);
      }
      return { to: "end" };
    }
    if (this.oneOf(["tch"])) return { to: "turning" };
    if (this.take("last")) {
      const many2 = this.number() ?? 1;
      const noun = this.noun() ?? { what: "st" };
      return { to: "last", many: many2, noun };
    }
    const many = this.number();
    if (many !== null) {
      const noun = this.noun();
      if (noun && (this.take("from", "the", "end") || this.take("from", "end") || this.take("before", "the", "end")))
        return { to: "last", many, noun };
    }
    return null;
  }
  /** "and in each ch to the end", "and last st": a further place of what was said before. */
  andPlace() {
    const start2 = this.at;
    this.take(",");
    if (!this.oneOf(["and", "&"])) {
      this.at = start2;
      return null;
    }
    const place = this.place() ?? this.where();
    if (place === null) this.at = start2;
    return place;
  }
  /** A place after its preposition; null where none follows. */
  place(also = () => void 0) {
    const start2 = this.at;
    const direct = this.reach();
    if (direct) return { at: "each", noun: { what: "st" }, reach: direct };
    const preposition = this.oneOf([
      "in",
      "into",
      "over",
      "on",
      "around",
      "round",
      "under",
      "between",
      "before",
      "to",
      "through"
    ]);
    if (preposition === null) return null;
    if (preposition === "between" || preposition === "before") {
      const gap = this.gap();
      if (gap) return gap;
    }
    this.take("the");
    this.loopOf(also);
    this.postOf(preposition, also);
    const place = this.where(also);
    if (place === null && preposition !== "in" && preposition !== "into") {
      this.at = start2;
      return null;
    }
    if (place === null)
      this.fail("Say where: \u201Cin the next st\u201D, \u201Cin the ch-2 sp\u201D, \u201Cin the same st\u201D.", this.tokens[start2].from);
    return place;
  }
  /** "back loop only of", "blo of". */
  loopOf(also) {
    const start2 = this.at;
    const word = this.loopWord();
    if (word) {
      this.take("of");
      this.take("the");
      also({ loop: word });
      return;
    }
    const side = this.oneOf(["back", "front"]);
    if (side && this.oneOf(["loop", "loops", "lp", "lps"])) {
      this.take("only");
      this.take("of");
      this.take("the");
      also({ loop: side });
      return;
    }
    this.at = start2;
  }
  /** "around the post of", "around the front post of". */
  postOf(preposition, also) {
    if (preposition !== "around" && preposition !== "round") return;
    const side = this.oneOf(["front", "back"]);
    if (this.oneOf(["post", "posts"])) {
      this.take("of");
      this.take("the");
      if (side) also({ post: side });
    }
  }
  gap() {
    this.take("the");
    this.oneOf(NEXT);
    this.oneOf(["first", "last"]);
    this.number();
    const noun = this.noun();
    return noun ? { at: "gap", noun } : null;
  }
  /** A place after its preposition. */
  where(also = () => void 0) {
    const start2 = this.at;
    this.oneOf(["in", "into"]);
    this.take("the");
    if (this.take("same")) {
      this.noun();
      if (this.take("as")) this.clauseWords();
      return { at: "same" };
    }
    const skipped = this.skippedPlace();
    if (skipped) return skipped;
    if (this.oneOf(["center", "centre", "middle"])) {
      this.noun();
      this.take("of");
      this.take("the");
      this.oneOf(NEXT);
      const of = this.noun();
      return { at: "centre", of: of ?? { what: "group", name: "group" } };
    }
    if (this.take("top")) {
      this.oneOf(["ch", "chain", "st"]);
      this.take("of");
      this.take("the");
      if (this.oneOf(["tch", "it"])) return { at: "turning", nth: null };
      if (/^ch-\d+$/.test(this.word() ?? "") || this.take("skipped")) {
        this.clauseWords();
        return { at: "turning", nth: null };
      }
      this.oneOf(NEXT);
      const noun2 = this.noun();
      return noun2 ? { at: "next", many: 1, noun: noun2 } : null;
    }
    if (this.oneOf(["tch"])) return { at: "turning", nth: null };
    const nth = asOrdinal(this.word());
    const spelledFirst = this.word() === "first" && /^ch/.test(this.word(1) ?? "") && this.word(2) === "from";
    if ((nth !== null || spelledFirst) && /^ch(?:ain)?s?$/.test(this.word(1) ?? "")) {
      this.at += 2;
      if (this.take("from")) {
        this.take("the");
        if (!this.take("hook")) this.fail("Say \u201Cfrom the hook\u201D.");
        return { at: "from hook", nth: nth ?? 1 };
      }
      if (this.take("of")) {
        this.take("the");
        const it = this.oneOf(["tch", "it", "them", "skipped", "beg", "first"]);
        if (it === "skipped") this.oneOf(["ch", "chs", "chains"]);
        if (it === null && /^ch-?\d*$/.test(this.word() ?? "")) this.clauseWords();
        return { at: "turning", nth };
      }
      this.at = start2;
      this.fail("Say which chain this is: \u201Cof the turning ch\u201D or \u201Cfrom the hook\u201D.");
    }
    if (this.take("each")) {
      if (this.take("of")) {
        this.take("the");
        const which2 = this.oneOf(["next", "first", "last", "following"]);
        const many2 = this.number();
        if (many2 === null) this.fail("Say how many: \u201Cin each of the next 3 sts\u201D.");
        const noun3 = this.noun() ?? { what: "st" };
        return { at: which2 === "last" ? "last" : which2 === "first" ? "first" : "next", many: many2, noun: noun3 };
      }
      this.oneOf(NEXT);
      this.loopOf(also);
      let noun2 = this.noun() ?? { what: "st" };
      while (this.word() === "and" && this.isNounAhead()) {
        this.at += 1;
        this.oneOf(["in"]);
        this.oneOf(["each", "in"]);
        this.noun();
        noun2 = { what: "any" };
      }
      this.below(also);
      if (this.oneOf(["between", "before"])) this.gap();
      this.ofGroup();
      return { at: "each", noun: noun2, reach: this.reach() ?? { to: "end" } };
    }
    const which = this.oneOf(["next", "first", "last", "following", "remaining", "foll"]);
    const ordinal2 = which === "last" || which === "first" ? which : "next";
    const many = this.number();
    if (this.take("ring")) return { at: "same" };
    this.loopOf(also);
    const noun = this.noun();
    if (noun === null) {
      if (which !== null) return { at: ordinal2, many: many ?? 1, noun: { what: "st" } };
      this.at = start2;
      return null;
    }
    if (noun.what === "sp" && this.oneOf(["between", "before"])) {
      const gap = this.gap();
      if (gap && ordinal2 === "next") return gap;
    }
    this.ofGroup();
    this.below(also);
    return { at: ordinal2, many: many ?? 1, noun };
  }
  /** "in the skipped st", "in the first of 2 skipped sts", "in the 2nd skipped st". */
  skippedPlace() {
    const start2 = this.at;
    this.oneOf(["just", "last"]);
    const first = this.take("first");
    let nth = first ? 1 : asOrdinal(this.word()) ?? null;
    if (!first && nth !== null) this.at += 1;
    this.take("of");
    this.take("the");
    this.number();
    if (!this.oneOf(["skipped", "missed"])) {
      this.at = start2;
      return null;
    }
    this.noun();
    nth ??= 1;
    return { at: "skipped", nth };
  }
  isNounAhead() {
    const start2 = this.at;
    this.at += 1;
    this.oneOf(["in"]);
    this.oneOf(["each"]);
    const noun = this.noun();
    const next = this.word();
    this.at = start2;
    return noun !== null && next !== "in";
  }
  /** "of the next V-st" after a space: which space of the group is clear from its size. */
  ofGroup() {
    const start2 = this.at;
    if (!this.take("of")) return;
    this.oneOf(["the", "each"]);
    this.oneOf(["next", "first", "last", "following", "same"]);
    if (this.noun() === null) this.at = start2;
  }
  /** "2 rows below". */
  below(also) {
    const start2 = this.at;
    const many = this.number() ?? (this.take("of", "the") ? 1 : 1);
    if (this.oneOf(["row", "rows", "rnd", "rnds"]) && this.take("below")) {
      also({ below: many });
      return;
    }
    this.at = start2;
  }
  clauseWords() {
    while (this.word() !== void 0 && !/^[,;.)\]]$/.test(this.word())) this.at += 1;
  }
  /** What a place is called; null where no such word follows. */
  noun() {
    const special = this.special();
    if (special) {
      this.takeSpecial(special);
      return { what: "group", name: special.name.toLowerCase() };
    }
    const word = this.word();
    if (word === void 0) return null;
    const base = singular(word);
    const space = /^(?:sp|space|loop|lp|arch|square)$/;
    if (/^(?:st|stitch|stitches|post)$/.test(base)) {
      this.at += 1;
      return { what: "st" };
    }
    const hyphened = /^ch(?:ain)?-(\d+)$/.exec(word);
    if (hyphened && space.test(singular(this.word(1) ?? ""))) {
      this.at += 2;
      return { what: "sp", chains: Number(hyphened[1]) };
    }
    if (/^ch(?:ain)?$/.test(base)) {
      if (space.test(singular(this.word(1) ?? ""))) {
        this.at += 2;
        return { what: "sp" };
      }
      const spaced = asNumber(this.word(1));
      if (spaced !== null && space.test(singular(this.word(2) ?? ""))) {
        this.at += 3;
        return { what: "sp", chains: spaced };
      }
      this.at += 1;
      return { what: "ch" };
    }
    if (space.test(base)) {
      this.at += 1;
      return { what: "sp" };
    }
    const counted = /^\d+-([a-z]+)$/.exec(word);
    if (counted && GROUPS.has(singular(this.word(1) ?? ""))) {
      this.at += 2;
      return { what: "group", name: "group" };
    }
    if (GROUPS.has(base)) {
      this.at += 1;
      return { what: "group", name: "group" };
    }
    const stitch = stitchWord(word) ?? stitchWord(base);
    if (stitch) {
      this.at += 1;
      if (this.word() === "post") this.at += 1;
      return { what: "kind", kind: stitch.kind };
    }
    return null;
  }
};

// packages/core/src/stitch/rowReader.ts
var RAISED = {
  bobble: { kind: "dc", together: 5, name: "bobble" },
  popcorn: { kind: "dc", together: 5, name: "popcorn" },
  "puff st": { kind: "hdc", together: 3, name: "puff st" }
};
var CLOSED = /* @__PURE__ */ new Set(["bobble", "popcorn", "puff st", "cluster", "cl"]);
var FILLERS = /* @__PURE__ */ new Set([
  "and",
  "then",
  "ending",
  "end",
  "ends",
  "with",
  "work",
  "now",
  "also",
  "\u2013",
  "\u2014",
  "a",
  "an"
]);
var MEANING = /^(?:counts?|does|do|don't|not|skipped|the|first|this|these|made|beg|rs|ws|loops?|what)$/;
function readRow(text2, specials = /* @__PURE__ */ new Map()) {
  return new RowReader(text2, specials).all();
}
var RowReader = class extends PlaceReader {
  all() {
    const nodes = this.sequence();
    const left = this.tokens[this.at];
    if (left)
      throw new StitchError(left, `\u201C${this.said(left.from, left.to)}\u201D closes a bracket that was not opened.`);
    return nodes;
  }
  /** Instructions up to a closing bracket, the end of the row, or the "repeat from *" of the star that is open. */
  sequence(star = false) {
    const nodes = [];
    for (; ; ) {
      const word = this.word();
      if (word === void 0 || word === ")" || word === "]") return nodes;
      if (star && (/^rep(?:eat)?$/.test(word) || word === "*")) return nodes;
      if (/^[,;:.]$/.test(word) || FILLERS.has(word) && !this.special()) {
        this.at += 1;
        continue;
      }
      nodes.push(...this.instruction());
    }
  }
  instruction() {
    const from = this.from();
    const word = this.word();
    const special = this.special();
    if (special) return this.specialStitch(special, from);
    if (word === "*" || word === "**") return [this.starred()];
    if (word === "(" || word === "[") return this.bracket();
    if (word === "turn") {
      this.at += 1;
      return [{ op: "turn", span: this.spanFrom(from) }];
    }
    if (this.take("forward", "pass") || this.take("fwd")) return [];
    if (this.take("do", "not", "turn") || this.take("without", "turning")) return [];
    if (word === "join") {
      this.clause();
      return [{ op: "join", span: this.spanFrom(from) }];
    }
    if (["working", "fasten", "place", "move", "mark", "return", "rtn"].includes(word)) {
      this.clause();
      return [];
    }
    if (word === "leave") {
      this.clause();
      return [{ op: "leave", span: this.spanFrom(from) }];
    }
    if (word === "sk" || word === "skip" || word === "miss") return this.skip();
    if (this.isPicot()) return this.picot();
    if (/^ch(?:ain)?(?:-?\d+)?$/.test(word)) return this.chain();
    if (asNumber(word) !== null && /^ch(?:ain)?s?$/.test(this.word(1) ?? "")) return this.chain();
    if (word === "repeat" || word === "rep")
      this.fail("There is no \u201C*\u201D before this for the repeat to begin from.");
    return this.work();
  }
  /** Passes over the words up to the next comma, semicolon or full stop. */
  clause() {
    let depth = 0;
    while (this.word() !== void 0) {
      const word = this.word();
      if (/[([]/.test(word)) depth += 1;
      if (/[)\]]/.test(word) && (depth -= 1) < 0) return;
      if (depth === 0 && /^[,;.]$/.test(word)) return;
      this.at += 1;
    }
  }
  specialStitch(special, from) {
    this.takeSpecial(special);
    const place = this.place() ?? { at: "next", many: 1, noun: { what: "st" } };
    const span2 = this.spanFrom(from);
    const counts = this.remark();
    const more = counts ? { counts } : {};
    const one2 = (where) => special.body ? { op: "group", body: special.body, name: special.name, place: where, ...more, span: span2 } : { op: "work", stitch: { kind: "dc", name: special.name }, times: 1, place: where, ...more, span: span2 };
    const nodes = [one2(place)];
    for (let more2 = this.andPlace(); more2; more2 = this.andPlace()) nodes.push(one2(more2));
    return this.often(nodes, from);
  }
  skip() {
    const from = this.from();
    this.at += 1;
    this.take("the");
    this.take("next", "of");
    const which = this.oneOf(["next", "first", "last", "following", "each"]);
    const many = this.number() ?? 1;
    const noun = this.noun() ?? { what: "st" };
    const counts = this.remark();
    const more = this.word() === "and" && this.isNounAhead() ? this.alsoSkipped(from) : [];
    return [
      {
        op: "skip",
        ...counts ? { counts } : {},
        place: { at: which === "last" ? "last" : which === "first" ? "first" : "next", many, noun },
        span: this.spanFrom(from)
      },
      ...more
    ];
  }
  /** "skip the first dc and ch-1 sp". */
  alsoSkipped(from) {
    this.at += 1;
    this.take("the");
    this.take("next");
    const many = this.number() ?? 1;
    const noun = this.noun() ?? { what: "st" };
    return [{ op: "skip", place: { at: "next", many, noun }, span: this.spanFrom(from) }];
  }
  isPicot() {
    return this.word() === "picot" || /^ch-\d+$/.test(this.word() ?? "") && this.word(1) === "picot";
  }
  picot() {
    const from = this.from();
    const chains = Number(/\d+/.exec(this.word())?.[0] ?? 3);
    while (this.word() !== "picot") this.at += 1;
    this.at += 1;
    return [{ op: "picot", chains, span: this.spanFrom(from) }];
  }
  chain() {
    const from = this.from();
    let many = this.number();
    const word = this.word();
    this.at += 1;
    many ??= asNumber(/^ch(?:ain)?-?(\d+)$/.exec(word)?.[1]) ?? this.number();
    if (many === null) many = this.take("the") ? null : 1;
    if (many === null || many < 1) this.fail("Say how many chains: \u201Cch 3\u201D.", from);
    if (many > 500) this.fail("More than 500 chains in a row of a stitch pattern cannot be meant.", from);
    const ahead = this.tokens.slice(this.at, this.at + 12).map(({ text: text2 }) => text2).join(" ");
    const picot = /^(?:, )?sl st in (?:the )?(?:first of them|(?:first|1st) ch(?: of (?:them|these|it))?|(\d+)(?:st|nd|rd|th) ch from (?:the )?hook)/.exec(
      ahead
    );
    if (picot && !(picot[1] && Number(picot[1]) > many + 1)) {
      const words = picot[0].split(" ").length - (picot[0].includes("sl st") ? 1 : 0);
      this.at += words;
      return [{ op: "picot", chains: many, span: this.spanFrom(from) }];
    }
    const counts = this.remark();
    const span2 = this.spanFrom(from);
    return [{ op: "chain", many, ...counts ? { counts } : {}, span: span2 }];
  }
  /** "(counts as dc, ch 2)", "(does not count as a st)" and other remarks; what a chain counts as. */
  remark() {
    const bare = this.word() === "counts" || this.word() === "," && this.word(1) === "counts";
    if (bare) this.take(",");
    else if (!/^[([]$/.test(this.word() ?? "") || !MEANING.test(this.word(1) ?? "")) return null;
    else if (/^[([]$/.test(this.word()) && this.word(1) === "first" && this.isInstructionAhead())
      return null;
    const words = [];
    if (!bare) this.at += 1;
    let depth = 1;
    while (this.word() !== void 0) {
      const word = this.word();
      if (/^[([]$/.test(word)) depth += 1;
      if (/^[)\]]$/.test(word)) depth -= 1;
      if (depth === 0 || bare && /^[,;.]$/.test(word) && !/^ch/.test(this.word(1) ?? "")) break;
      words.push(word);
      this.at += 1;
    }
    if (!bare) {
      if (depth > 0) this.fail("This bracket is not closed.");
      this.at += 1;
    }
    const said2 = words.join(" ");
    if (/not|don't/.test(said2)) return { as: "nothing" };
    if (!/counts? as/.test(said2)) return null;
    const kind = words.find((one2) => isStitchKind(one2));
    const across = /ch(?:ain)?[ -](\d+)/.exec(said2.replace(/^.*?counts? as/, ""))?.[1];
    return kind ? { as: kind, across: Number(across ?? 0) } : null;
  }
  isInstructionAhead() {
    return stitchWord(this.word(2) ?? "") !== null && /^(?:in|,)$/.test(this.word(3) ?? "");
  }
  starred() {
    const from = this.from();
    this.at += 1;
    const body2 = this.sequence(true);
    if (this.word() === void 0 || /^[)\]]$/.test(this.word()))
      throw new StitchError(
        { from, to: this.tokens[this.at - 1].to },
        "The \u201C*\u201D has no \u201Crepeat from *\u201D: say how far it goes, \u201Crepeat from * to the end\u201D."
      );
    this.take("*");
    while (this.word() === ";" || this.word() === ",") this.at += 1;
    if (!this.oneOf(["repeat", "rep"])) this.fail("The \u201C*\u201D has no \u201Crepeat from *\u201D.", from);
    this.oneOf(["from", "between"]);
    this.oneOf(["*", "**"]);
    while (this.oneOf(["*", "to"]) && this.word() === "*") this.at += 1;
    if (this.tokens[this.at - 1]?.text === "to") this.at -= 1;
    if (body2.length === 0)
      throw new StitchError({ from, to: this.from() }, "There is nothing between \u201C*\u201D and \u201Crepeat\u201D.");
    const ending = /^[,;]$/.test(this.word() ?? "") && /^(?:ending|end|ends)$/.test(this.word(1) ?? "");
    const times = this.times(true) ?? this.reach() ?? (ending ? { to: "end" } : null);
    if (times === null)
      this.fail("Say how far this repeats: \u201Cto the end\u201D, \u201Cto the last 2 sts\u201D, or \u201C4 more times\u201D.", from);
    return { op: "repeat", body: body2, star: true, times, span: this.spanFrom(from) };
  }
  /** "4 times", "twice", "x 4"; after a star one more than is said. */
  times(star) {
    const more = star ? 1 : 0;
    const start2 = this.at;
    const fixed = { once: 1, twice: 2 }[this.word() ?? ""];
    if (fixed !== void 0) {
      this.at += 1;
      this.take("more");
      return fixed + more;
    }
    if (/^[x×]$/.test(this.word() ?? "") && asNumber(this.word(1)) !== null) {
      this.at += 1;
      return this.number() + more;
    }
    const crossed = /^[x×](\d+)$/.exec(this.word() ?? "");
    if (crossed) {
      this.at += 1;
      return Number(crossed[1]) + more;
    }
    this.oneOf(["another"]);
    const many = this.number();
    if (many !== null) {
      this.take("more");
      if (this.oneOf(["times", "time"])) {
        this.take("more");
        return many + more;
      }
    }
    this.at = start2;
    return null;
  }
  bracket() {
    const from = this.from();
    const open = this.word();
    if (MEANING.test(this.word(1) ?? "") && !this.isInstructionAhead()) {
      this.remark();
      return [];
    }
    this.at += 1;
    const body2 = this.sequence();
    const close2 = open === "(" ? ")" : "]";
    if (this.word() !== close2)
      throw new StitchError(
        { from, to: this.tokens[this.at]?.to ?? this.text.length },
        `This bracket is not closed: a \u201C${close2}\u201D is missing.`
      );
    this.at += 1;
    if (body2.length === 0) throw new StitchError(this.spanFrom(from), "There is nothing in this bracket.");
    const times = this.times(false) ?? this.reach();
    if (times !== null) return [{ op: "repeat", body: body2, star: false, times, span: this.spanFrom(from) }];
    const place = this.place();
    if (place === null)
      throw new StitchError(
        this.spanFrom(from),
        "Say how often this bracket is worked (\u201Ctwice\u201D, \u201C4 times\u201D), or where (\u201Cin the next sp\u201D)."
      );
    const span2 = this.spanFrom(from);
    const counts = this.remark();
    const nodes = [{ op: "group", body: body2, place, ...counts ? { counts } : {}, span: span2 }];
    for (let more = this.andPlace(); more; more = this.andPlace())
      nodes.push({ op: "group", body: body2, place: more, span: this.spanFrom(from) });
    return this.often(nodes, from);
  }
  /** Nodes that are said to be worked several times. */
  often(nodes, from) {
    const many = this.times(false);
    return many === null || many === 1 ? nodes : [{ op: "repeat", body: nodes, star: false, times: many, span: this.spanFrom(from) }];
  }
  work() {
    const from = this.from();
    if (this.take("even")) {
      const reach = this.reach() ?? { to: "end" };
      return [this.plain(from, { at: "each", noun: { what: "st" }, reach })];
    }
    if (this.take("in", "pattern")) {
      const reach = this.reach() ?? { to: "end" };
      return [this.plain(from, { at: "each", noun: { what: "st" }, reach })];
    }
    if (/^inc(?:rease)?$/.test(this.word())) {
      this.at += 1;
      const nodes = this.placed({ kind: "sc" }, 2, from);
      const next = { at: "next", many: 1, noun: { what: "st" } };
      return this.often(
        nodes.map(
          (node) => node.op === "work" && node.place.at === "here" ? { ...node, place: next } : node
        ),
        from
      );
    }
    if (/^dec(?:rease)?$/.test(this.word())) {
      this.at += 1;
      return this.often(this.placed({ kind: "sc", together: 2 }, 1, from), from);
    }
    if (this.take("pick", "up")) {
      this.take("a");
      const many2 = this.number() ?? 1;
      this.oneOf(["loop", "loops"]);
      return this.often(this.placed({ kind: "tss" }, many2, from), from);
    }
    let loop = this.loopWord();
    const many = this.number();
    loop ??= this.loopWord();
    const found = this.stitch();
    if (!found) {
      if (many !== null) return [this.plain(from, { at: "next", many, noun: { what: "st" } })];
      this.unknown(from);
    }
    let stitch = found.stitch;
    loop ??= this.loopWord();
    if (loop) stitch = { ...stitch, loop };
    if (this.oneOf(["together", "tog"])) {
      stitch = { ...stitch, together: many ?? 2 };
      return this.often(this.placed(stitch, 1, from), from);
    }
    if (found.group) {
      const place = this.place() ?? { at: "next", many: 1, noun: { what: "st" } };
      const body2 = [
        { op: "work", stitch, times: found.group, place: { at: "here" }, span: this.spanFrom(from) }
      ];
      return this.often([{ op: "group", body: body2, place, span: this.spanFrom(from) }], from);
    }
    return this.often(this.placed(stitch, many ?? 1, from), from);
  }
  plain(from, place) {
    return { op: "work", stitch: { kind: "sc" }, times: 1, place, span: this.spanFrom(from) };
  }
  /** A stitch by its abbreviation or name, "3-dc cluster", "shell of 5 dc". */
  stitch() {
    const word = this.word();
    if (word === void 0) return null;
    const counted = /^(\d+)-([a-z]+)$/.exec(word);
    if (counted && isStitchKind(counted[2])) {
      const name2 = singular(this.word(1) ?? "");
      if (CLOSED.has(name2) || GROUPS.has(name2)) {
        this.at += 2;
        const many = Number(counted[1]);
        return CLOSED.has(name2) ? { stitch: { kind: counted[2], together: many, name: name2 === "cl" ? "cluster" : name2 } } : { stitch: { kind: counted[2] }, group: many };
      }
    }
    const raised = RAISED[word] ?? RAISED[singular(word)];
    if (raised) {
      this.at += 1;
      return { stitch: raised };
    }
    if (word === "cluster" && this.word(1) === "of" && asNumber(this.word(2)) !== null) {
      const many = asNumber(this.word(2));
      const kind = this.word(3) ?? "";
      if (isStitchKind(kind)) {
        this.at += 4;
        return { stitch: { kind, together: many, name: "cluster" } };
      }
    }
    if ((word === "shell" || word === "fan" || word === "group") && this.word(1) === "of") {
      const many = asNumber(this.word(2));
      const kind = this.word(3) ?? "";
      if (many !== null && isStitchKind(kind)) {
        this.at += 4;
        return { stitch: { kind }, group: many };
      }
    }
    const stitch = stitchWord(word) ?? stitchWord(singular(word));
    if (!stitch) {
      if (/^(?:sts?|stitch(?:es)?)$/.test(word)) {
        this.at += 1;
        return { stitch: { kind: "sc" } };
      }
      return null;
    }
    this.at += 1;
    return { stitch };
  }
  unknown(from) {
    const word = this.word();
    if (word === void 0 || !this.tokens[this.at])
      throw new StitchError({ from, to: this.text.length }, "A stitch is missing here: sc, dc, and so on.");
    const known = GROUPS.has(singular(word));
    this.fail(
      known ? `\u201C${this.said(from, this.tokens[this.at].to)}\u201D is not defined: add a line \u201Cspecial: ${this.said(this.from(), this.tokens[this.at].to)}: (dc, ch 1, dc) in the same place\u201D, or write its stitches.` : `\u201C${this.said(from, this.tokens[this.at].to)}\u201D is no stitch or instruction known here: write ch, sl st, sc, hdc, dc, tr and so on, \u201Csk\u201D, \u201Cturn\u201D, or define it in a line \u201Cspecial: \u2026\u201D.`,
      from
    );
  }
  /** A stitch with its place, and further places after "and". */
  placed(stitch, many, from) {
    let said2 = stitch;
    const at = this.at;
    let place = this.place((words) => said2 = { ...said2, ...words });
    if (place === null) {
      this.at = at;
      place = stitch.together && !stitch.name ? { at: "next", many: stitch.together, noun: { what: "st" } } : { at: "here" };
    }
    const node = (where) => ({
      op: "work",
      stitch: said2,
      times: many,
      place: where,
      span: this.spanFrom(from)
    });
    const counts = this.remark();
    const nodes = [{ ...node(place), ...counts ? { counts } : {} }];
    for (let more = this.andPlace(); more; more = this.andPlace()) nodes.push(node(more));
    return nodes;
  }
};

// packages/core/src/stitch/textReader.ts
var WORKS = ["flat", "round", "tunisian"];
var LONGEST_STITCH_TEXT = 1e4;
var ROW = /^(set-?\s?up|foundation)?\s*(row|rnd|round)s?\b\s*(\d+)?((?:\s*(?:,|and|&|–|-|to)\s*\d+)*)\s*(?:\((RS|WS)(?:\s+facing)?\)|,\s*(RS|WS))?\s*(?:\((?:forward|return)[^)]*\))?\s*[:.–-]\s*/i;
var REPEAT = /^(?:rep(?:eat)?|work)\s+(?:the\s+)?(?:last\s+)?(?:(row|rnd|round)s?)\s+(\d+)((?:\s*(?:,|and|&|–|-|to|through)\s*\d+)*)/i;
var AS_ROW = /^(?:rep(?:eat)?|as|same as|work as)\s+(?:for\s+)?(?:row|rnd|round)\s+(\d+)\s*\.?$/i;
var CHAINS = /^(?:ch(?:ain)?|foundation(?: ch(?:ain)?)?:?)\s+(?:any|a)?\s*(?:multiple|number)\s+of\s+(\d+)\s*(?:sts?|ch(?:ains?)?|stitches)?\s*(?:(?:plus|\+)\s*(\d+))?/i;
function numbersOf(first, more) {
  const numbers = [Number(first)];
  for (const [, sign, next] of more.matchAll(/(,|and|&|–|-|to|through)\s*(\d+)/g)) {
    const to = Number(next);
    if (sign === "," || sign === "and" || sign === "&") numbers.push(to);
    else for (let n = numbers.at(-1) + 1; n <= Math.min(to, numbers[0] + 200); n += 1) numbers.push(n);
  }
  return numbers;
}
function readStitchText(text2) {
  const faults = [];
  if (text2.length > LONGEST_STITCH_TEXT)
    return {
      ...NOTHING,
      faults: [
        {
          line: 1,
          words: "",
          message: `The text has ${text2.length} characters; a stitch pattern of up to ${LONGEST_STITCH_TEXT} is read.`
        }
      ]
    };
  let name2 = null;
  let terms = "us";
  let work2 = null;
  const specials = /* @__PURE__ */ new Map();
  const specialLines = [];
  const drafts = [];
  const repeats = [];
  let chains = null;
  let open = null;
  linesOf2(text2).forEach(({ whole, line: line2 }) => {
    const said2 = whole.trim();
    if (said2 === "" || said2.startsWith("#")) {
      open = said2 === "" ? null : open;
      return;
    }
    const header = /^(name|terms|work|special(?: stitch)?)\s*:\s*(.*)$/i.exec(said2);
    if (header) {
      open = null;
      const value = header[2].trim();
      const key = header[1].toLowerCase();
      if (key === "name") name2 = value || null;
      else if (key === "terms") {
        const wanted = value.toLowerCase();
        if (wanted === "us" || wanted === "uk") terms = wanted;
        else faults.push({ line: line2, words: value, message: `The terms are \u201C${value}\u201D; they are us or uk.` });
      } else if (key === "work") {
        const wanted = value.toLowerCase();
        if (WORKS.includes(wanted)) work2 = wanted;
        else
          faults.push({
            line: line2,
            words: value,
            message: `The work is \u201C${value}\u201D; it is flat, round or tunisian.`
          });
      } else {
        const parts = /^([^:=]+?)\s*[:=]\s*(.+)$/.exec(value);
        if (parts) specialLines.push({ line: line2, name: parts[1], words: parts[2] });
        else
          faults.push({
            line: line2,
            words: value,
            message: "A special stitch is a name and what is worked: \u201Cspecial: V-st: (dc, ch 1, dc) in the same place\u201D."
          });
      }
      return;
    }
    const typed = CHAINS.exec(said2);
    if (typed) {
      chains = { multiple: Number(typed[1]), plus: Number(typed[2] ?? 0), line: line2, words: said2 };
      open = null;
      return;
    }
    const again = REPEAT.exec(said2);
    if (again) {
      repeats.push({ line: line2, words: said2, numbers: numbersOf(again[2], again[3] ?? "") });
      open = null;
      return;
    }
    const row = ROW.exec(said2);
    if (row) {
      const indent = whole.indexOf(said2);
      const numbers = row[3] ? numbersOf(row[3], row[4] ?? "") : [null];
      for (const n of numbers) {
        open = {
          n,
          side: (row[5] ?? row[6])?.toUpperCase() ?? null,
          round: !/^row$/i.test(row[2]),
          line: line2,
          offset: indent + row[0].length,
          text: said2.slice(row[0].length)
        };
        drafts.push(open);
      }
      return;
    }
    if (/^(?:return|rtn)\b/i.test(said2)) return;
    const special = /^([A-Za-z][\w\s-]{0,30}?)\s*(?:=|:)\s*(\(?.+)$/.exec(said2);
    if (special && drafts.length === 0) {
      specialLines.push({ line: line2, name: special[1], words: special[2] });
      return;
    }
    if (open) {
      open.text += `
${whole}`;
      return;
    }
    faults.push({
      line: line2,
      words: said2.slice(0, 60),
      message: "This line is neither a row (\u201CRow 1: \u2026\u201D) nor \u201CRepeat rows 2 and 3\u201D nor a heading (\u201Cname: \u2026\u201D)."
    });
  });
  for (const { line: line2, name: called, words } of specialLines)
    specials.set(called.toLowerCase(), specialOf(called, fromTerms(words, terms), specials, line2, faults));
  const rows2 = [];
  const byNumber = /* @__PURE__ */ new Map();
  const rounds = work2 === "round" || work2 === null && drafts.length > 0 && drafts.every(({ round: round4 }) => round4);
  drafts.forEach((draft7, i) => {
    const us = sameLength2(draft7.text, terms);
    const again = AS_ROW.exec(us.trim().replace(/[;,]?\s*turn\s*\.?$/i, ""));
    let nodes = [];
    if (again) {
      const model = byNumber.get(Number(again[1]));
      if (model) nodes = model.nodes;
      else
        faults.push({
          line: draft7.line,
          words: draft7.text,
          message: `There is no row ${again[1]} above this one.`
        });
    } else {
      try {
        nodes = readRow(withoutCount(us), specials);
        if (nodes.length === 0)
          faults.push({ line: draft7.line, words: draft7.text.trim(), message: "This row says nothing yet." });
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
        faults.push(faultAt(draft7, error.span, error.message));
      }
    }
    const row = {
      n: draft7.n,
      side: draft7.side ?? sideOf(rows2.at(-1), i, rounds, work2 === "tunisian"),
      round: draft7.round,
      line: draft7.line,
      offset: draft7.offset,
      text: draft7.text,
      nodes
    };
    if (draft7.n !== null) {
      if (byNumber.has(draft7.n))
        faults.push({
          line: draft7.line,
          words: `Row ${draft7.n}`,
          message: `Row ${draft7.n} is written twice.`
        });
      byNumber.set(draft7.n, row);
    }
    rows2.push(row);
  });
  if (rows2.length === 0 && faults.length === 0)
    faults.push({ line: 1, words: "", message: "There are no rows yet: write \u201CRow 1: \u2026\u201D." });
  return {
    name: name2,
    terms,
    work: work2 ?? (rounds ? "round" : "flat"),
    specials,
    rows: chainsBeforeTurning(rows2),
    repeat: repeatOf(rows2, repeats, faults),
    chains,
    faults: [...faults, ...wrongTerms(rows2, terms)]
  };
}
var NOTHING = {
  name: null,
  terms: "us",
  work: "flat",
  specials: /* @__PURE__ */ new Map(),
  rows: [],
  repeat: { first: 0, last: -1 },
  chains: null,
  faults: []
};
function linesOf2(text2) {
  return text2.split("\n").flatMap((whole, at) => {
    const again = /^(.*[.;])\s*(rep(?:eat)? (?:rows?|rnds?|rounds?) \d.*)$/i.exec(whole);
    return (again ? [again[1], again[2]] : [whole]).map((one2) => ({ whole: one2, line: at + 1 }));
  });
}
function sameLength2(text2, terms) {
  if (terms === "us") return text2;
  return text2.replace(/[A-Za-z0-9]+/g, (word) => {
    const us = fromTerms(word, terms);
    return us.length <= word.length ? us.padEnd(word.length) : us;
  });
}
function withoutCount(text2) {
  return text2.replace(
    /[\s.;]*(?:[–—-]\s*\d[^;*]*|[([]\s*\d+[^()[\]*]*\b(?:sts?|stitches|sps?|spaces|sc|dc|hdc|tr|shells?|V-sts?|clusters?|k(?:\s*\+\s*\d+)?)\s*[)\]])\s*\.?\s*$/i,
    (found) => " ".repeat(found.length)
  );
}
function specialOf(name2, words, specials, line2, faults) {
  const inPlace = words.replace(
    /\s*(?:all\s+)?in(?:to)?\s+(?:the\s+)?(?:same|one|next|indicated|stated)\s+(?:\w+(?:-\w+)?)(?:\s+or\s+\w+)?(?:\s+(?:indicated|stated))?\s*\.?$/i,
    ""
  );
  if (/\b(?:yo|insert|pull|draw|hook)\b/i.test(words)) return { name: name2, words, body: null };
  try {
    const bracketed = /^[([](.*)[)\]]$/s.exec(inPlace.trim());
    const read2 = readRow(bracketed ? bracketed[1] : inPlace, specials);
    const body2 = read2.map(
      (node) => inPlace !== words && node.op === "work" && node.stitch.together ? { ...node, stitch: { ...node.stitch, name: name2 }, place: { at: "here" } } : node
    );
    return { name: name2, words, body: body2 };
  } catch (error) {
    if (!(error instanceof StitchError)) throw error;
    faults.push({ line: line2, words, message: error.message });
    return { name: name2, words, body: null };
  }
}
function sideOf(before, index, rounds, tunisian) {
  if (!before || index === 0 || tunisian) return "RS";
  if (rounds && !before.nodes.some(({ op }) => op === "turn")) return before.side;
  return before.side === "RS" ? "WS" : "RS";
}

// packages/core/src/stitch/pattern.ts
function stitchPattern(source) {
  const text2 = readStitchText(source);
  if (text2.faults.length > 0)
    return { text: text2, flat: null, flatBecause: null, round: null, unit: null, faults: text2.faults };
  const { proof, faults } = prove(text2);
  if (!proof) return { text: text2, flat: null, flatBecause: null, round: null, unit: null, faults };
  const said2 = contradiction(text2, proof);
  const unit2 = countedIn(text2, proof);
  if (text2.work === "round") {
    const made2 = flatVersion(text2, proof);
    return {
      text: text2,
      flat: made2.text && made2.proof ? { text: made2.text, proof: made2.proof } : null,
      flatBecause: made2.because,
      round: {
        base: proof.base,
        rounds: text2.rows.map(({ n, text: words }, i) => `Rnd ${n ?? i + 1}: ${words.replace(/\s+/g, " ")}`),
        turned: text2.rows.some(({ nodes }) => nodes.some(({ op }) => op === "turn")),
        because: null,
        text: text2
      },
      unit: unit2,
      faults: said2
    };
  }
  return {
    text: text2,
    flat: { text: text2, proof },
    flatBecause: null,
    round: roundVersion(text2, proof),
    unit: unit2,
    faults: said2
  };
}
function contradiction({ chains }, proof) {
  if (!chains) return [];
  const { multiple, plus: plus2 } = proof.chains;
  if (chains.multiple === multiple && (chains.plus - plus2) % multiple === 0) return [];
  return [
    {
      line: chains.line,
      words: chains.words,
      message: `The rows need a multiple of ${multiple}${plus2 === 0 ? "" : ` plus ${plus2}`} chains, not of ${chains.multiple}${chains.plus === 0 ? "" : ` plus ${chains.plus}`}.`
    }
  ];
}
function countedIn(text2, proof) {
  const row = text2.rows[text2.repeat.first];
  const inside2 = row ? insideOf(row.nodes) : null;
  const { multiple, plus: plus2 } = proof.base;
  if (!inside2 || multiple < 2) return null;
  const several = (node) => node.op === "group" || node.op === "work" && node.times > 1;
  const groups = inside2.filter(several);
  const single = inside2.filter((node) => node.op === "work" && !several(node));
  if (single.length > 2) return null;
  const mesh = groups.length === 0 && single.length === 1 && inside2.some(({ op }) => op === "chain");
  const name2 = groups.length === 1 ? groupName(groups[0]) : mesh ? "mesh spaces" : null;
  return name2 ? { name: name2, stitches: multiple, plus: plus2 } : null;
}
function groupName(node) {
  const body2 = node.op === "group" ? node.body : [node];
  const stitches2 = body2.reduce((sum2, one2) => sum2 + (one2.op === "work" ? one2.times : 0), 0);
  if (stitches2 === 2) return body2.some(({ op }) => op === "chain") ? "V\u2019s" : null;
  return stitches2 > 3 ? "shells" : "clusters";
}

// packages/core/src/stitch/ofFabric.ts
var ROUNDS = /* @__PURE__ */ new WeakMap();
function roundsOfFabric({ text: text2, proof }, way) {
  const ways = ROUNDS.get(text2) ?? /* @__PURE__ */ new Map();
  ROUNDS.set(text2, ways);
  const known = ways.get(way);
  if (known !== void 0) return known;
  const version = roundVersion(text2, proof, way);
  const found = version.text && prove(version.text, version.base.multiple).proof;
  const rounds = found ? { text: version.text, proof: { ...found, base: version.base } } : null;
  ways.set(way, rounds);
  return rounds;
}
var KNOWN = /* @__PURE__ */ new Map();
var MOST_KNOWN = 200;
function fabricStitches(fabric2) {
  const text2 = rowsText(fabric2);
  if (text2 === null) return isSimple(fabric2) ? { is: "plain", stitch: stitchOf(fabric2) } : { is: "unknown" };
  const known = KNOWN.get(text2);
  if (known) return known;
  if (KNOWN.size >= MOST_KNOWN) KNOWN.clear();
  const found = found_(stitchPattern(text2));
  KNOWN.set(text2, found);
  return found;
}
function found_(pattern3) {
  if (pattern3.faults.length > 0 || !pattern3.flat) return { is: "unknown" };
  const { text: text2, proof } = begunOnChain(pattern3.flat);
  const plain2 = plainStitch(text2, proof);
  return plain2 ? { is: "plain", stitch: plain2 } : { is: "rows", text: text2, proof, pattern: pattern3 };
}
function begunOnChain(flat) {
  const { text: text2 } = flat;
  const [first] = text2.rows;
  if (!first || text2.work === "tunisian" || beginsOnChain(text2)) return flat;
  const own = isPlainRow(first);
  const found = first.nodes.find(({ op }) => op === "work");
  const kind = own && found?.op === "work" ? found.stitch.kind : "sc";
  const span2 = { from: 0, to: 0 };
  const stitch = {
    op: "work",
    stitch: { kind },
    times: 1,
    place: { at: "from hook", nth: Math.max(1, heightOf(kind)) + 1 },
    counts: { as: "nothing" },
    span: span2
  };
  const { counts: _, ...next } = stitch;
  const each2 = { ...next, place: { at: "each", noun: { what: "ch" }, reach: { to: "end" } } };
  const row = { ...first, n: 1, nodes: [stitch, each2, { op: "turn", span: span2 }] };
  const later2 = own ? text2.rows.slice(1) : text2.rows;
  const shift = own ? 0 : 1;
  const rows2 = [row, ...later2.map((one2) => ({ ...one2, n: one2.n === null ? null : one2.n + shift }))];
  const again = own && text2.repeat.first === 0 ? [{ ...first, n: rows2.length + 1 }] : [];
  const whole = {
    ...text2,
    rows: [...rows2, ...again],
    repeat: again.length > 0 ? { first: 1, last: rows2.length } : { first: text2.repeat.first + shift, last: text2.repeat.last + shift }
  };
  const { proof } = prove(whole);
  return proof ? { text: whole, proof } : flat;
}
function plainStitch({ rows: rows2, repeat: repeat2, work: work2 }, { base }) {
  if (work2 === "tunisian" || base.multiple !== 1 || repeat2.first !== repeat2.last) return null;
  const worked2 = rows2[repeat2.first].nodes.filter(({ op }) => op !== "chain" && op !== "turn");
  const [only] = worked2;
  if (worked2.length !== 1 || only?.op !== "work" || only.place.at !== "each" || only.times !== 1) return null;
  const { kind, loop, post, together: together3, below, name: name2 } = only.stitch;
  if (post || together3 || below || name2 || !PLAIN2.has(kind)) return null;
  return loop ? `${kind} ${loop === "back" ? "blo" : "flo"}` : kind;
}
var PLAIN2 = /* @__PURE__ */ new Set(["sc", "esc", "hdc", "dc", "tr"]);
function isTunisian(fabric2) {
  const of = fabricStitches(fabric2);
  return of.is === "rows" && of.text.work === "tunisian";
}
function plainStitchOf(fabric2) {
  const of = fabricStitches(fabric2);
  if (of.is !== "rows" || of.text.work !== "tunisian") return stitchOf(fabric2);
  const worked2 = of.text.rows[of.text.repeat.first].nodes.find(({ op }) => op === "work");
  return worked2?.op === "work" ? worked2.stitch.kind : "tss";
}
function isSimple({ rule: rule2, unit: unit2, rowTypes, panel, pattern: pattern3 }) {
  return !unit2 && !rowTypes && !panel && !pattern3?.length && rule2.flat.multiple <= 2 && rule2.flat.plus <= 1;
}
function rowsText({ rows: rows2, pattern: pattern3 }) {
  if (rows2?.length) return rows2.join("\n");
  if (!pattern3?.length) return null;
  const id = SENTENCES_OF_BEFORE[pattern3.join(" ")];
  if (id) return STITCH_PATTERNS.find(({ fabric: fabric2 }) => fabric2.id === id).fabric.rows.join("\n");
  const said2 = pattern3.join("\n");
  return /^(?:row|rnd|round)\s*\d/i.test(said2) ? said2 : null;
}
var SENTENCES_OF_BEFORE = {
  "sc in each st.": "single-crochet",
  "hdc in each st.": "half-double",
  "dc in each st.": "double-crochet",
  "esc in each st.": "extended-single",
  "*Skip 1 st, dc in the next st, dc in the skipped st; repeat from * to the end.": "crossed-pairs",
  "*sc in the next st, dc in the next st; repeat from * to the end: sc over dc, dc over sc.": "alternating-texture",
  "RS: sc in each st. WS: dc in each st.": "rows-of-two-heights",
  "dc in the first st, *(dc, ch 1, dc) in the next ch-1 sp; repeat from * to the last st, dc in the last st.": "v-stitch",
  "dc in the first st, *ch 1, skip 1 st, dc in the next st; repeat from * to the end.": "mesh-1",
  "dc in the first st, *ch 2, skip 2 sts, dc in the next st; repeat from * to the end.": "mesh-2",
  "dc in the first st, *skip 2 sts, (2 dc, ch 1, 2 dc) in the next st, skip 1 st, dc in the next st; repeat from * to the last st, dc in the last st.": "shells-with-mesh",
  "dc in the first st, *3 dc in the next space between clusters; repeat from * to the last st, dc in the last st.": "granny-clusters",
  "RS: sc in each st. WS: loop st in each st (loops fall to the right side).": "loop-rows",
  "sc blo in each st.": "sideways-rib"
};
function chainsBeyond(fabric2) {
  const of = fabricStitches(fabric2);
  if (of.is !== "rows" || fabric2.foundation === "stitches" || fabric2.panel || fabric2.edgeStitches)
    return foundationExtra(fabric2);
  return of.proof.chains.plus - of.proof.base.plus;
}

// packages/core/src/garment/shared/pieces.ts
var SIDES = ["left", "right"];
var OTHER = { left: "right", right: "left" };
function onBothSides(name2, join) {
  return SIDES.map((side) => ({ ...join(side, `${name2}, ${side}`), side, both: `${name2}, both` }));
}
function ends(side, ...spans2) {
  return { lies: "row ends", side, spans: spans2 };
}
function scheduleFor(request) {
  const result = schedule(request);
  if (!result.ok) throw new Error(`the fit left no room for a schedule: ${result.message}`);
  return result.schedule;
}
var SLEEVE_PIECE = {
  id: "sleeve",
  role: "sleeve",
  shows: [[["sleeve.cuff", "cuff"]], ["sleeve.rows"], [["sleeve.top", "top"]]],
  label: "Sleeve",
  copies: 2
};
function panelShows(piece, changes) {
  return changes ? [
    [`${piece}.width`, "side.rows"],
    [`${piece}.upper`, "armhole.rows"]
  ] : [[`${piece}.width`], ["body.rows"]];
}
function foundation(stitches2, fabric2) {
  return { kind: "start", part: "main", stitches: stitches2, extra: chainsBeyond(fabric2), along: null };
}

// packages/core/src/garment/shared/taper.ts
var FEWEST = 1;
var MOST_SHARE = 0.35;
function evenRowsWished(sleeve3, size2, rowsPerCm, rows2) {
  const ends2 = [forSize(sleeve3.evenAtCuff, size2), forSize(sleeve3.evenAtTop, size2)].map(
    (wish2) => {
      if (typeof wish2 !== "number") return { spare: FEWEST, share: Math.max(0, wish2.percent) / 100 };
      const fixed = fixedRows(wish2, rowsPerCm);
      return fixed > MOST_SHARE * rows2 ? { spare: FEWEST, share: MOST_SHARE } : { spare: fixed, share: 0 };
    }
  );
  const parity3 = sleeve3.everyRow === 2 ? 1 : 0;
  return {
    spare: ends2[0].spare + ends2[1].spare + parity3,
    spareShare: Math.min(0.95, ends2[0].share + ends2[1].share)
  };
}
function shapedRows2(sleeve3, size2, rows2, rowsPerCm) {
  const rowsOf2 = (wish2) => typeof wish2 === "number" ? Math.min(fixedRows(wish2, rowsPerCm), Math.max(FEWEST, Math.floor(MOST_SHARE * rows2))) : Math.max(FEWEST, Math.floor(rows2 * Math.max(0, wish2.percent) / 100));
  return {
    first: rowsOf2(forSize(sleeve3.evenAtCuff, size2)) + 1,
    last: rows2 - rowsOf2(forSize(sleeve3.evenAtTop, size2))
  };
}
function fixedRows(length2, rowsPerCm) {
  return Math.max(FEWEST, Math.round(length2 * rowsPerCm));
}
function taper(everyRow, even2, unit2 = 1) {
  return needsShapingRows2(
    {
      id: "taper",
      rule: "the sleeve goes from cuff to top in whole shaping rows that its length has room for",
      says: (counts) => say`Taper: ${counts.of("sleeve.cuff")} to ${counts.of("sleeve.top")} is ${Math.abs(counts.of("sleeve.shapings"))} shaping rows at both edges`
    },
    {
      from: "sleeve.cuff",
      to: "sleeve.top",
      rows: "sleeve.rows",
      perEvent: 2 * unit2,
      everyRow,
      ...even2,
      helper: "sleeve.shapings"
    }
  );
}
function sleeveSchedule(sleeve3, size2, {
  rows: rows2,
  top,
  cuff,
  rowsPerCm,
  up,
  unit: unit2 = 1,
  odd = 1
}) {
  const { everyRow, order } = sleeve3;
  const shaped2 = shapedRows2(sleeve3, size2, rows2, rowsPerCm);
  const parity3 = up ? odd : (rows2 + odd) % 2;
  const firstRow = everyRow === 2 && shaped2.first % 2 !== parity3 ? shaped2.first + 1 : shaped2.first;
  const upward = scheduleFor({
    start: cuff,
    end: top,
    perEvent: 2 * unit2,
    firstRow,
    lastRow: shaped2.last,
    everyRow,
    order
  });
  return up ? upward : mirrored(upward, rows2);
}

// packages/core/src/fields/kinds.ts
function length(field) {
  return { kind: "length", ...field };
}
function lengthOrNone(field) {
  return { kind: "length", usual: null, ...field };
}
function ease(field) {
  return { kind: "length", ...field };
}
function easeOrNone(field) {
  return { kind: "length", usual: null, ...field };
}
function number(field) {
  return { kind: "number", ...field };
}
function numberOrNone(field) {
  return { kind: "number", usual: null, optional: true, ...field };
}
function choice(field) {
  const options = field.options.map(([value, label, other]) => ({
    value,
    label,
    ...other ? { labels: [other] } : {}
  }));
  return { kind: "choice", ...field, options };
}
function fabric(field) {
  return { kind: "fabric", ...field };
}
function otherFabric(field) {
  return { kind: "fabric", usual: null, ...field };
}
function risingShares(field) {
  return { kind: "rising shares", ...field };
}
function group(field) {
  return { kind: "group", ...field };
}
function groupOrNone(field) {
  return { kind: "group", ...field };
}
function usually(field, usual) {
  return { ...field, usual };
}
function usuallyIn(field, usual) {
  const fields = Object.entries(field.fields).map(
    ([key, one2]) => key in usual ? [key, { ...one2, usual: usual[key] }] : [key, one2]
  );
  return { ...field, fields: Object.fromEntries(fields) };
}

// packages/core/src/garment/shared/bands.ts
function band(title, height, missing = "usual") {
  const what = title.toLowerCase();
  return groupOrNone({
    name: `The ${what}`,
    label: title,
    heading: title,
    help: `The ${what}: worked along the edge, or none.`,
    optional: { missing },
    fields: {
      fabric: fabric({
        name: `The fabric of the ${what}`,
        label: "Fabric",
        help: "Usually the second fabric of the design.",
        usual: "rib"
      }),
      worked: choice({
        name: `The way of the ${what}`,
        label: "Worked",
        help: "Sideways its rows run along the edge and its stitches are its height; up it is picked up along the edge.",
        options: [
          ["sideways", "sideways, sewn on"],
          ["up", "up from the edge"]
        ],
        usual: "sideways"
      }),
      height: length({
        name: `The height of the ${what}`,
        label: "Height",
        help: "From the edge outwards.",
        range: [1, 40],
        usual: height
      }),
      gather: number({
        name: `The draw-in of the ${what}`,
        label: "Its length, of the edge",
        help: "The band\u2019s own length as a share of the edge: below 100 % it draws in.",
        range: [0.7, 1],
        unit: "of the edge",
        factor: true,
        usual: 1
      })
    }
  });
}
function alongOf({ worked: worked2 }) {
  return worked2 === "up" ? "stitches" : "rows";
}
function acrossOf({ worked: worked2 }) {
  return worked2 === "up" ? "rows" : "stitches";
}
function ribQuantities(input) {
  const { id, label, style, size: size2, fabric: fabric2, edge: edge2, weight, because, field = id } = input;
  const height = forSize(style.height, size2);
  const length2 = edge2 * style.gather;
  const share = Math.round(style.gather * 100);
  return [
    quantity({
      id: `${id}.height`,
      label: `${label}, height`,
      fabric: fabric2,
      axis: acrossOf(style),
      target: height,
      weight: 0.3,
      rule: style.worked === "up" ? fabric2.rule.rows : fabric2.rule.flat,
      because: [given("Height wanted", height, { kind: "style", id: `garment.${field}.height` })]
    }),
    quantity({
      id: `${id}.rows`,
      label: `${label}, length along the edge`,
      fabric: fabric2,
      axis: alongOf(style),
      target: length2,
      weight,
      rule: style.worked === "up" ? fabric2.rule.flat : fabric2.rule.rows,
      because: [...because, ...share === 100 ? [] : [becomes("Drawn in", `\xD7 ${share} %`, length2)]]
    })
  ];
}
function draftBand(input) {
  const { id, label, style, size: size2, fabric: fabric2, edge: edge2 } = input;
  const height = forSize(style.height, size2);
  const quantities = ribQuantities({
    ...input,
    edge: edge2.target,
    weight: 0.1,
    because: [given(`${edge2.label}, wanted`, edge2.target, { kind: "quantity", id: edge2.of })]
  });
  const rowsPerCm = perCm(fabric2.gauge, alongOf(style));
  const relations = sameLength(
    {
      id: `${id}.seam`,
      rule: `the ${label.toLowerCase()} goes along its edge`,
      says: (counts) => say`Sewn to ${counts.of(edge2.of)} stitches (${cm(counts.of(edge2.of) / edge2.perCm)}): ${counts.of(`${id}.rows`)} ${alongOf(style)} of rib`
    },
    { of: `${id}.rows`, perCm: rowsPerCm * style.gather, times: 1 },
    { of: edge2.of, perCm: edge2.perCm, times: 1 },
    edge2.target
  );
  return { quantities, relations, height };
}

// packages/core/src/body/measurements.ts
var GROUPS2 = ["adult", "child", "baby"];
var MEASUREMENTS = [
  {
    id: "bust",
    label: "Bust or chest",
    howTo: "Around the fullest part, tape level, arms down.",
    limits: [20, 250]
  },
  {
    id: "waist",
    label: "Waist",
    howTo: "Around the narrowest part, where the body bends sideways.",
    limits: [20, 250]
  },
  { id: "hip", label: "Hip", howTo: "Around the widest part of the seat, feet together.", limits: [20, 260] },
  {
    id: "shoulders",
    label: "Shoulders all round",
    howTo: "Around both shoulders and arms at the widest, arms down.",
    limits: [22, 260]
  },
  {
    id: "crossBack",
    label: "Cross-back",
    howTo: "Straight across the back from shoulder point to shoulder point.",
    limits: [10, 80]
  },
  {
    id: "neck",
    label: "Neck round",
    howTo: "Around the base of the neck, tape standing easily.",
    limits: [12, 75]
  },
  {
    id: "head",
    label: "Head round",
    howTo: "Around the forehead and the widest part behind.",
    limits: [25, 75]
  },
  {
    id: "upperArm",
    label: "Upper arm round",
    howTo: "Around the fullest part with the elbow bent and the arm tensed.",
    limits: [7, 85]
  },
  { id: "wrist", label: "Wrist round", howTo: "Around the wrist over the bone.", limits: [5, 40] },
  {
    id: "shoulderToWrist",
    label: "Shoulder to wrist",
    howTo: "From the shoulder point over the bent elbow to the wrist bone.",
    limits: [12, 100]
  },
  {
    id: "underarmToWrist",
    label: "Underarm to wrist",
    howTo: "From the armpit along the inside of the arm to the wrist bone.",
    limits: [8, 85]
  },
  {
    id: "armholeDepth",
    label: "Armhole depth",
    howTo: "From the shoulder point straight down to the level of the underarm.",
    limits: [4, 50]
  },
  {
    id: "backWaist",
    label: "Back length, nape to waist",
    howTo: "From the bone at the nape straight down to the waist.",
    limits: [10, 75]
  },
  {
    id: "backLength",
    label: "Back, neck point to waist",
    howTo: "From where shoulder and neck meet, straight down the back to the waist.",
    limits: [10, 80]
  },
  {
    id: "frontLength",
    label: "Front, neck point to waist",
    howTo: "From where shoulder and neck meet, over the fullest part of the bust to the waist.",
    limits: [10, 95]
  },
  { id: "height", label: "Height", howTo: "Standing against a wall, without shoes.", limits: [30, 260] },
  {
    id: "wingspan",
    label: "Wingspan, wrist to wrist",
    howTo: "Arms held out sideways, across the back from wrist bone to wrist bone.",
    limits: [24, 230]
  }
];
var BY_ID = new Map(MEASUREMENTS.map((measurement2) => [measurement2.id, measurement2]));
function measurement(id) {
  return BY_ID.get(id);
}

// packages/core/src/garment/shared/arm.ts
var COVERS = {
  full: 1,
  "three-quarter": 0.75,
  elbow: 0.55,
  short: 0.32
};
var NAMES = {
  full: "",
  "three-quarter": "Three-quarter sleeve",
  elbow: "Sleeve to the elbow",
  short: "Short sleeve"
};
function downTo({ size: size2, body: body2 }, { length: length2, shorter: wish2 }, whole) {
  const { shoulderToWrist } = body2.body;
  const bare = (1 - COVERS[length2]) * shoulderToWrist;
  const shorter = forSize(wish2, size2.id);
  return {
    length: whole - bare - shorter,
    reasons: [
      ...bare > 0 ? [
        {
          ...plus(NAMES[length2], -bare, whole - bare, { kind: "style", id: "garment.sleeve.length" }),
          note: say`leaves ${figure(100 * (1 - COVERS[length2]), 0)} % of the arm's ${cm(shoulderToWrist)} bare`
        }
      ] : [],
      ...shorter > 0 ? [
        plus("Shorter by", -shorter, whole - bare - shorter, {
          kind: "style",
          id: "garment.sleeve.shorter"
        })
      ] : []
    ]
  };
}
function armRound(body2, length2) {
  if (length2 === "full") return body2.wrist;
  const { shoulderToWrist, underarmToWrist, upperArm, wrist } = body2;
  const below = COVERS[length2] * shoulderToWrist - (shoulderToWrist - underarmToWrist);
  const share = Math.min(1, Math.max(0, below / underarmToWrist));
  return upperArm + (wrist - upperArm) * share;
}

// packages/core/src/garment/shared/targets.ts
var WIDEST = ["shoulders", "bust", "waist", "hip"];
function measured({ size: size2, body: body2 }, id) {
  return given(
    say`${measurement(id).label}, size ${size2.label}`,
    body2.body[id],
    { kind: "measurement", id },
    body2.derived.has(id) ? say`derived: ${body2.derived.get(id).rule}` : void 0
  );
}
function easeAt(style, id, size2) {
  return forSize(id === "hip" ? style.hipEase ?? style.ease : style.ease, size2);
}
function leadingMeasurement(style, body2, size2) {
  if (style.widthLedBy !== "widest") return style.widthLedBy;
  const worn = (id) => body2[id] + easeOver(easeAt(style, id, size2), body2[id]);
  return WIDEST.reduce((widest2, id) => worn(id) > worn(widest2) ? id : widest2);
}
function garmentRound(input) {
  const { style, size: size2, body: body2 } = input;
  const lead = leadingMeasurement(style, body2.body, size2.id);
  const ease2 = easeAt(style, lead, size2.id);
  const round4 = body2.body[lead] + easeOver(ease2, body2.body[lead]);
  const place = lead === "hip" && style.hipEase ? "garment.hipEase" : "garment.ease";
  return {
    length: round4,
    reasons: [measured(input, lead), eased("Ease", ease2, body2.body[lead], { kind: "style", id: place })]
  };
}
function panelWidth(input) {
  const { length: round4, reasons } = garmentRound(input);
  return { round: round4, length: round4 / 2, reasons: [...reasons, becomes("Two panels", "\xF7 2", round4 / 2)] };
}
function bodyLength(input) {
  const { style, size: size2, fabrics } = input;
  const { backWaist, frontLength, backLength } = input.body.body;
  const reasons = [measured(input, "backWaist")];
  const over = frontLength - backLength;
  let length2 = backWaist;
  if (style.lengthLedBy === "front" || style.lengthLedBy === "longer" && over > 0) {
    length2 += over;
    reasons.push({
      ...plus("The front is longer over the bust", over, length2),
      note: say`front ${cm(frontLength)} less back ${cm(backLength)}, from the neck point to the waist`
    });
  }
  const below = forSize(style.belowWaist, size2.id);
  reasons.push(
    eased("Below the waist", below, backWaist, { kind: "style", id: "garment.belowWaist" }, length2)
  );
  length2 += easeOver(below, backWaist);
  const worn = shrunk(fabrics.get(style.fabric).growth ?? 0, length2);
  return { length: worn.length, reasons: [...reasons, ...worn.reasons] };
}
function cuffRound(input, sleeve3) {
  const arm = armRound(input.body.body, sleeve3.length);
  const ease2 = forSize(sleeve3.wristEase, input.size.id);
  const from = { kind: "style", id: "garment.sleeve.wristEase" };
  return {
    length: arm + easeOver(ease2, arm),
    reasons: sleeve3.length === "full" ? [measured(input, "wrist"), eased("Wrist ease", ease2, arm, from)] : [
      measured(input, "upperArm"),
      plus("It narrows to the end of the sleeve by", arm - input.body.body.upperArm, arm, {
        kind: "measurement",
        id: "wrist"
      }),
      eased("Ease there", ease2, arm, from)
    ]
  };
}

// packages/core/src/garment/shared/panels/sleeveEnd.ts
var STRAIGHT2 = { id: "straight", rule: "a straight sleeve is as wide at the cuff as at the top" };
function draftSleeveEnd(input, style, fabric2, top) {
  const { style: garment, size: size2, fabrics } = input;
  const [stitches2, rows2] = [perCm(fabric2.gauge, "stitches"), perCm(fabric2.gauge, "rows")];
  const arm = style.shape === "straight" ? top : cuffRound(input, style);
  const factor = fullnessOf(garment, style);
  const full = arm.length * factor;
  const edge2 = factor === 1 ? arm : {
    length: full,
    reasons: [
      ...arm.reasons,
      becomes(
        fades(garment, style) ? "Twice the cuff, to be faded" : "Full, to be gathered",
        `\xD7 ${figure(factor, 2)}`,
        full
      )
    ]
  };
  const faded = fades(garment, style);
  const end = faded ? "sleeve.end" : "sleeve.cuff";
  const band2 = cuffOf(garment);
  const cuff = band2 ? draftBand({
    id: "cuff",
    label: "Cuff rib",
    style: band2,
    size: size2.id,
    fabric: fabrics.get(band2.fabric),
    edge: {
      of: end,
      label: "Sleeve at the cuff",
      perCm: stitches2,
      target: faded ? arm.length : edge2.length
    }
  }) : null;
  return {
    edge: edge2,
    worn: faded ? arm.length : edge2.length,
    cuff: cuff?.height ?? 0,
    fade: faded ? FADE.length / rows2 : 0,
    quantities: [
      ...faded ? [
        quantity({
          id: "sleeve.end",
          label: "Sleeve, faded into the cuff",
          fabric: fabric2,
          axis: "stitches",
          target: arm.length,
          weight: 0.5,
          because: arm.reasons,
          min: 3
        }),
        {
          ...quantity({
            id: "fade.rows",
            label: "Rounds that fade",
            fabric: fabric2,
            axis: "rows",
            target: FADE.length / rows2,
            weight: 1,
            rule: ANY_COUNT,
            because: [
              given(
                "Three rounds: a decrease in every 6th, every 5th, every 4th stitch",
                FADE.length / rows2
              )
            ],
            min: FADE.length
          }),
          max: FADE.length
        }
      ] : [],
      ...cuff?.quantities ?? []
    ],
    relations: [
      ...faded ? [
        sumIs2(
          {
            id: "fade",
            rule: "three rounds of decreases halve the stitches",
            says: (counts) => say`Faded: ${counts.of("sleeve.cuff")} to ${counts.of("sleeve.end")}, half of them`
          },
          { "sleeve.end": 2, "sleeve.cuff": -1 }
        )
      ] : [],
      ...cuff?.relations ?? []
    ]
  };
}
function taperOf(style, even2, size2, rowsPerCm, seam2, unit2) {
  return style.shape === "straight" ? { helpers: [], relations: [sameCount2(STRAIGHT2, "sleeve.cuff", "sleeve.top")] } : taper(style.everyRow, evenRowsWished(even2, size2, rowsPerCm, seam2 * rowsPerCm), unit2);
}
function taperWithin(style, { rows: rows2, spare, spareShare }, unit2) {
  if (style.shape === "straight")
    return { helpers: [], relations: [sameCount2(STRAIGHT2, "sleeve.cuff", "sleeve.top")] };
  const room = Math.max(0, rows2 * (1 - spareShare) - spare);
  const rule2 = "the sleeve goes from cuff to top in whole shaping rows that its length has room for";
  const within2 = (way, sign) => sumAtMost2({ id: `taper.${way}`, rule: rule2 }, { "sleeve.shapings": sign * style.everyRow }, room);
  return {
    helpers: [{ id: "sleeve.shapings", min: -400, max: 400 }],
    relations: [
      sumIs2(
        {
          id: "taper",
          rule: rule2,
          says: (counts) => say`Taper: ${counts.of("sleeve.cuff")} to ${counts.of("sleeve.top")} is ${Math.abs(counts.of("sleeve.shapings"))} shaping rows at both edges`
        },
        { "sleeve.top": 1, "sleeve.cuff": -1, "sleeve.shapings": -2 * unit2 }
      ),
      within2("wider", 1),
      within2("narrower", -1)
    ]
  };
}
function fadeRounds(stitches2, after) {
  let left = stitches2;
  const counts = FADE.map((every) => left -= left / every);
  return {
    kind: "shape",
    part: "main",
    to: after + FADE.length,
    schedule: fromSteps(stitches2, after + 1, counts),
    where: { at: "the round" },
    of: { start: "sleeve.cuff", end: "sleeve.end", rows: "fade.rows" }
  };
}
function lastOf(counts, rows2) {
  const end = counts.find("sleeve.end");
  return end === void 0 ? { n: rows2, count: counts.of("sleeve.cuff") } : { n: rows2 + FADE.length, count: end };
}

// packages/core/src/garment/shared/panels/sums.ts
function acrossShoulders(counts) {
  return counts.of("back.width") - 2 * ((counts.find("notch.width") ?? 0) + (counts.find("armhole.curve") ?? 0));
}
function sleeveRows(counts) {
  return counts.of("sleeve.rows") + (counts.find("notch.rows") ?? 0) + (counts.find("cap.rows") ?? 0) + (counts.find("fade.rows") ?? 0);
}

// packages/core/src/garment/shared/cord.ts
function cordQuantity(id, label, fabric2, target, because) {
  return quantity({
    id: `${id}.chain`,
    label: `${label}, chain`,
    fabric: fabric2,
    axis: "stitches",
    target,
    weight: 0.2,
    rounding: "not under",
    rule: ANY_COUNT,
    because
  });
}
function cordPiece(id, label, copies, fabric2, counts) {
  const chain2 = counts.of(`${id}.chain`);
  return {
    id,
    role: "cord",
    shows: [[`${id}.chain`]],
    label,
    copies,
    fabric: fabric2,
    work: "rows",
    // Its one row is not planned for: it is there whatever the size.
    rows: [],
    halfRows: 1,
    passages: [{ kind: "start", part: "main", stitches: chain2, extra: 0, along: null }],
    edges: [
      {
        id: `${id}.chain`,
        role: "cord",
        label: `${label}, chain`,
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        open: true
      },
      {
        id: `${id}.row`,
        role: "cord",
        label: `${label}, upper side`,
        axis: "stitches",
        place: { lies: "live", part: "main", n: 1, from: 0, count: chain2 },
        open: true
      },
      ...SIDES.map((side) => ({
        id: `${id}.end-${side}`,
        role: "cord",
        label: `${label}, ${side} end`,
        axis: "rows",
        place: ends(side, { part: "main", first: 1, last: 1 }),
        open: true
      }))
    ],
    expects: [{ quantity: `${id}.chain`, edges: [`${id}.chain`] }]
  };
}

// packages/core/src/garment/shared/front.ts
var NOT_CLOSED = { "front.style": ["gap", "overlap", "band"] };
var FRONT = group({
  name: "The front",
  label: "Front",
  help: "How the front opens.",
  fields: {
    style: choice({
      name: "The front",
      label: "Front",
      help: "Closed, or open from neck to hem; bands close the gap between the fronts.",
      options: [
        ["closed", "closed"],
        ["gap", "open, with a gap"],
        ["overlap", "open, overlapping"],
        ["band", "open, with bands"]
      ],
      usual: "closed"
    }),
    width: length({
      name: "The width of gap, overlap or band",
      label: "Width of the band",
      labels: [
        { when: { "front.style": ["gap"] }, label: "Width of the gap" },
        { when: { "front.style": ["overlap"] }, label: "Overlap" }
      ],
      help: "How far the fronts lie apart or over each other.",
      when: NOT_CLOSED,
      range: [0, 60],
      usual: 4
    }),
    fabric: fabric({
      name: "The fabric of the front bands",
      label: "Fabric of the bands",
      help: "Usually the second fabric of the design.",
      when: { "front.style": ["band"] },
      usual: "rib"
    })
  }
});
var TIED_FRONT = group({
  ...FRONT,
  fields: {
    ...FRONT.fields,
    ties: number({
      name: "The pairs of ties",
      label: "Pairs of ties, 0 for none",
      help: "Cords that close the fronts in place of buttons.",
      when: NOT_CLOSED,
      range: [0, 8],
      whole: true,
      unit: "pairs",
      usual: 0
    }),
    tieLength: length({
      name: "The length of a tie",
      label: "Length of a tie",
      help: "Each of a pair.",
      when: { ...NOT_CLOSED, "front.ties": "some" },
      range: [5, 80],
      usual: 25
    })
  }
});
function isOpen({ front: front2 }) {
  return front2.style !== "closed";
}
function isTied(style) {
  return isOpen(style) && style.front.ties > 0;
}
function openingWidth({ style, size: size2 }) {
  const width = forSize(style.front.width, size2.id);
  return { closed: 0, gap: width, band: width, overlap: -width }[style.front.style];
}
function openingWorked(input, counts) {
  const { front: front2 } = input.style;
  const rows2 = counts.find("band.rows");
  if (front2.style !== "band" || rows2 === void 0) return openingWidth(input);
  return rows2 / perCm(input.fabrics.get(front2.fabric).gauge, "rows");
}
function frontWidth(input, back2, label) {
  const opening = openingWidth(input);
  const length2 = (back2 - opening) / 2;
  return {
    length: length2,
    reasons: [
      given(label, back2, { kind: "quantity", id: "back.width" }),
      plus(opening < 0 ? "Overlap" : "What lies between the fronts", -opening, back2 - opening, {
        kind: "style",
        id: "garment.front.width"
      }),
      becomes("Two fronts", "\xF7 2", length2)
    ]
  };
}
function tieQuantity({
  style,
  size: size2,
  fabrics
}) {
  const length2 = forSize(style.front.tieLength, size2.id);
  return cordQuantity("tie", "Tie", fabrics.get(style.front.fabric), length2, [
    given("Length of a tie wanted", length2, { kind: "style", id: "garment.front.tieLength" })
  ]);
}

// packages/core/src/shaping/curve.ts
var SLICES = 24;
function areaBeside(curve, row, stitches2) {
  let sum2 = 0;
  for (let i = 0; i < SLICES; i += 1) sum2 += Math.abs(curve(row - 1 + (i + 0.5) / SLICES) - stitches2);
  return sum2 / SLICES;
}
function leastAreaSteps(curve, rows2, total, { most = Infinity, everyRow = 1, unit: unit2 = 1 } = {}) {
  if (rows2 < 1 || total < 0 || total % unit2 !== 0) return rows2 < 1 ? total === 0 ? [] : null : null;
  if (most === Infinity && everyRow === 1) return freeSteps(curve, rows2, total, unit2);
  const levels = total / unit2;
  const highest = Math.floor(most / unit2);
  let best = new Float64Array(levels + 1).fill(Infinity);
  const from = [];
  best[0] = 0;
  for (let row = 1; row <= rows2; row += 1) {
    const next = new Float64Array(levels + 1).fill(Infinity);
    const before = new Int32Array(levels + 1).fill(-1);
    const stepsHere = everyRow === 1 || row % 2 === 0;
    for (let level = 0; level <= levels; level += 1) {
      const lowest = stepsHere ? Math.max(0, level - highest) : level;
      for (let old = level; old >= lowest; old -= 1)
        if (best[old] < next[level]) {
          next[level] = best[old];
          before[level] = old;
        }
      if (next[level] < Infinity) next[level] += areaBeside(curve, row, level * unit2);
    }
    from.push(before);
    best = next;
  }
  if (best[levels] === Infinity) return null;
  const reached = [];
  for (let row = rows2, level = levels; row >= 1; row -= 1) {
    reached.unshift(level * unit2);
    level = from[row - 1][level];
  }
  return reached;
}
function freeSteps(curve, rows2, total, unit2) {
  const reached = [];
  for (let row = 1; row <= rows2; row += 1) {
    const below = Math.floor(curve(row - 0.5) / unit2) * unit2;
    const nearer = areaBeside(curve, row, below + unit2) < areaBeside(curve, row, below) - 1e-12 ? below + unit2 : below;
    reached.push(Math.max(reached.at(-1) ?? 0, Math.min(total, Math.max(0, nearer))));
  }
  reached[rows2 - 1] = total;
  return reached;
}
function neckCurve(shape3, half2, drop) {
  const ellipse = (width) => (height) => {
    const rest = 1 - Math.min(1, Math.max(0, height / drop));
    return width * Math.sqrt(1 - rest * rest);
  };
  switch (shape3) {
    case "round":
      return ellipse(half2);
    case "scoop": {
      const side = ellipse(half2 * (1 / 3));
      return (height) => half2 * (2 / 3) + side(height);
    }
    case "V":
      return (height) => half2 * Math.min(1, Math.max(0, height / drop));
    case "square":
      return () => half2;
  }
}
function neckLineLength(shape3, half2, drop) {
  const quarter = (a, b) => Math.PI / 4 * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
  switch (shape3) {
    case "round":
      return quarter(half2, drop);
    case "scoop":
      return half2 * (2 / 3) + quarter(half2 / 3, drop);
    case "V":
      return Math.hypot(half2, drop);
    case "square":
      return half2 + drop;
  }
}
function neckDepth(shape3, half2, drop) {
  const ellipse = (width) => (from) => {
    const toCentre = 1 - Math.min(1, Math.max(0, from / width));
    return drop * Math.sqrt(1 - toCentre * toCentre);
  };
  switch (shape3) {
    case "round":
      return ellipse(half2);
    case "scoop":
      return ellipse(half2 / 3);
    case "V":
      return (from) => drop * Math.min(1, Math.max(0, from / half2));
    case "square":
      return () => drop;
  }
}

// packages/core/src/garment/shared/neck.ts
function neckOpening(shape3, width, drop) {
  return width + 2 * neckLineLength(shape3, width / 2, drop);
}
function widthOfOpening(shape3, opening, drop) {
  let low = 0;
  let high = opening;
  for (let step = 0; step < 30; step += 1) {
    const middle2 = (low + high) / 2;
    if (neckOpening(shape3, middle2, drop) < opening) low = middle2;
    else high = middle2;
  }
  return high;
}
function stepsOf({ shape: shape3, slant = null }, { half: half2, drop, total, unit: unit2 }) {
  return slant ? Array.from(
    { length: drop },
    (_, i) => i === drop - 1 ? total : Math.min(total, slant.stitches * (Math.floor(i / slant.every) + 1))
  ) : leastAreaSteps(neckCurve(shape3, half2, drop), drop, total, { unit: unit2 });
}
function frontNeck(wish2, {
  neck,
  drop,
  shoulder,
  divide,
  unit: unit2 = 1
}) {
  const half2 = unit2 * Math.floor(neck / 2 / unit2);
  const steps = stepsOf(wish2, { half: neck / 2, drop, total: half2, unit: unit2 });
  const opened = steps[0];
  const slope = half2 - opened;
  return {
    centre: neck - 2 * slope,
    slope,
    line: { shape: wish2.slant ? "V" : wish2.shape, half: neck / 2, drop },
    schedule: fromSteps(
      shoulder + slope,
      divide + 1,
      steps.map((reached) => shoulder + half2 - reached)
    )
  };
}
function halfNeck(wish2, {
  taken,
  drop,
  width,
  divide,
  unit: unit2 = 1
}) {
  const steps = stepsOf(wish2, { half: taken, drop, total: taken, unit: unit2 });
  return {
    line: { shape: wish2.slant ? "V" : wish2.shape, half: taken, drop },
    inside: [0, ...steps],
    schedule: fromSteps(
      width,
      divide + 1,
      steps.map((reached) => width - reached)
    )
  };
}
function steppedLength(aside, stitchesPerCm, rowsPerCm) {
  return aside.reduce(
    (sum2, stitches2, i) => sum2 + Math.hypot(i === 0 ? 0 : (stitches2 - aside[i - 1]) / stitchesPerCm, 1 / rowsPerCm),
    0
  );
}

// packages/core/src/garment/shared/panels/targets.ts
function neckWidth(input) {
  const { style, size: size2, fabrics } = input;
  const body2 = input.body.body;
  const { length: drop } = neckDrop(input);
  if (style.neck.width !== null) {
    const length2 = forSize(style.neck.width, size2.id);
    return {
      drop,
      length: length2,
      reasons: [given("Neck width wanted", length2, { kind: "style", id: "garment.neck.width" })]
    };
  }
  if (style.neck.style === "off-shoulder") return { drop, ...offShoulder(input) };
  const fromNeck = style.neck.ease === null ? null : neckWithEase(input, forSize(style.neck.ease, size2.id), drop);
  const share = style.neck.style === "boat" ? BOAT : 0.5;
  const ofBack = body2.crossBack * share;
  const usual = fromNeck ?? {
    length: ofBack,
    reasons: [
      measured(input, "crossBack"),
      share === 0.5 ? becomes("Half the cross-back, usual", "\xF7 2", ofBack) : becomes("Boat neck, usual", `\xD7 ${figure(100 * share, 0)} %`, ofBack)
    ]
  };
  if (isOpen(style)) return { drop, ...usual };
  const stretch = fabrics.get(upperFabric(style)).stretch ?? USUAL_STRETCH;
  const opening = body2.head / (1 + stretch);
  const forHead = widthOfOpening(style.neck.shape, opening, drop);
  if (forHead <= usual.length) return { drop, ...usual };
  return {
    drop,
    length: forHead,
    reasons: [
      measured(input, "head"),
      becomes("Neck edge that gives so far", `\xF7 ${figure(1 + stretch, 3)}`, opening),
      widthFor(style, opening, drop, forHead),
      {
        label: fromNeck ? say`Wider than the neck with its ease, ${cm(usual.length)}, so that the head passes` : say`Wider than ${share === 0.5 ? "half" : "its share of"} the cross-back, ${cm(ofBack)}, so that the head passes`,
        figure: say`${cm(forHead)}`
      }
    ]
  };
}
var BOAT = 0.72;
var HOLDS_ON = -4;
function offShoulder(input) {
  const { style, size: size2 } = input;
  const { shoulders } = input.body.body;
  const ease2 = style.neck.ease === null ? HOLDS_ON : forSize(style.neck.ease, size2.id);
  const round4 = shoulders + easeOver(ease2, shoulders);
  return {
    length: round4 / 2,
    reasons: [
      measured(input, "shoulders"),
      eased("Ease round the shoulders", ease2, shoulders, { kind: "style", id: "garment.neck.ease" }),
      becomes("Front and back", "\xF7 2", round4 / 2)
    ]
  };
}
function neckDrop(input) {
  const { length: length2 } = bodyLength(input);
  return shareOf(
    forSize(input.style.neck.drop, input.size.id),
    "Front neck drop",
    { length: length2, label: "Length from the shoulder", from: { kind: "style", id: "garment.belowWaist" } },
    { kind: "style", id: "garment.neck.drop" }
  );
}
function widthFor({ neck }, opening, drop, width) {
  const side = (opening - width) / 2;
  return {
    label: say`Width of a neck whose edge is so long (front ${neck.shape}, ${cm(drop)} deep)`,
    figure: say`${cm(width)}`,
    note: say`back ${cm(width)} + 2 × front side ${cm(side)} = ${cm(opening)}`
  };
}
function neckWithEase(input, ease2, drop) {
  const { style } = input;
  const { neck } = input.body.body;
  const opening = neck + easeOver(ease2, neck);
  const length2 = widthOfOpening(style.neck.shape, opening, drop);
  return {
    length: length2,
    reasons: [
      measured(input, "neck"),
      eased("Ease at the neck", ease2, neck, { kind: "style", id: "garment.neck.ease" }),
      widthFor(style, opening, drop, length2)
    ]
  };
}
function upperArmEase({ style, size: size2 }) {
  const wish2 = style.sleeve?.upperArmEase ?? null;
  if (wish2 !== null) return forSize(wish2, size2.id);
  return style.sleeve && style.armhole?.curve ? { percent: CAPPED_PERCENT } : null;
}
var CAPPED_PERCENT = 20;
var TO_ELBOW = 0.55;
function bodyWidth(input) {
  const { measured: measures } = input.style;
  if (!measures) return panelWidth(input);
  if (measures.across !== null) {
    const length3 = forSize(measures.across, input.size.id);
    return {
      length: length3,
      round: 2 * length3,
      reasons: [given("Back across, wanted", length3, { kind: "style", id: "garment.measured.across" })]
    };
  }
  const { crossBack, shoulderToWrist } = input.body.body;
  const arms = 2 * TO_ELBOW * shoulderToWrist;
  const length2 = crossBack + arms;
  return {
    length: length2,
    round: 2 * length2,
    reasons: [
      measured(input, "crossBack"),
      {
        ...plus("Both arms to the elbow", arms, length2, { kind: "measurement", id: "shoulderToWrist" }),
        note: say`2 × ${figure(100 * TO_ELBOW, 0)} % of ${cm(shoulderToWrist)}`
      }
    ]
  };
}
function measuredArmhole(input, open, panel) {
  const below = forSize(open, input.size.id);
  const length2 = panel - below / 2;
  return {
    length: length2,
    reasons: [
      given("Panel, height", panel, { kind: "quantity", id: "body.rows" }),
      plus("Left open below, half of it on each panel", -below / 2, length2, {
        kind: "style",
        id: "garment.measured.open"
      })
    ]
  };
}
function armholeDepth(input, panel = 0) {
  const { style, size: size2 } = input;
  if (style.measured) return measuredArmhole(input, style.measured.open, panel);
  const { armholeDepth: depth, upperArm } = input.body.body;
  const ease2 = forSize(style.armholeEase, size2.id);
  const own = depth + easeOver(ease2, depth);
  const reasons = [
    measured(input, "armholeDepth"),
    eased("Armhole ease", ease2, depth, { kind: "style", id: "garment.armholeEase" })
  ];
  const armEase = upperArmEase(input);
  if (armEase === null) return { length: own, reasons };
  const needed = (upperArm + easeOver(armEase, upperArm)) / 2;
  if (needed <= own) return { length: own, reasons };
  return {
    length: needed,
    reasons: [
      measured(input, "upperArm"),
      eased("Ease at the upper arm", armEase, upperArm, { kind: "style", id: "garment.sleeve.upperArmEase" }),
      becomes(
        "Half of it on each side of the armhole",
        "\xF7 2",
        needed,
        say`the armhole with its ease would be ${cm(own)}`
      )
    ]
  };
}
function sleeveLength(input, style, panel, fabricGrowth) {
  const { shoulderToWrist, crossBack } = input.body.body;
  const overhang = (panel - crossBack) / 2;
  const down = downTo(input, style, shoulderToWrist - overhang);
  const worn = shrunk(fabricGrowth, down.length);
  return {
    overhang,
    length: worn.length,
    reasons: [
      measured(input, "shoulderToWrist"),
      {
        ...plus("Overhang of the body", -overhang, shoulderToWrist - overhang, {
          kind: "measurement",
          id: "crossBack"
        }),
        note: say`(panel ${cm(panel)} less cross-back ${cm(crossBack)}) ÷ 2`
      },
      ...down.reasons,
      ...worn.reasons
    ]
  };
}

// packages/core/src/shaping/cap.ts
function capCurve(slope, height) {
  return (at) => slope * (1 - Math.acos(Math.min(1, Math.max(-1, 2 * at / height - 1))) / Math.PI);
}
function capInside({ slope, rows: rows2 }, unit2 = 1) {
  const line2 = capCurve(slope, rows2 - 1);
  return Array.from(
    { length: rows2 },
    (_, i) => i === 0 ? 0 : i === rows2 - 1 ? slope : Math.min(slope, Math.round(line2(i - 0.5) / unit2) * unit2)
  );
}
function capTurns({ slope, rows: rows2 }, unit2 = 1) {
  const units = slope / unit2;
  return spreadLargerFirst(units, Math.min(units, (rows2 - 1) / 2)).map((many) => many * unit2);
}
function capSide(school, { slope, rows: rows2 }) {
  if (school === "short rows") return [{ across: slope, rows: rows2 - 1 }];
  const line2 = capCurve(slope, rows2 - 1);
  return Array.from({ length: rows2 }, (_, i) => ({
    across: i === 0 ? 0 : line2(i) - line2(i - 1),
    rows: 1
  }));
}
function capRuns(school, cap) {
  const side = capSide(school, cap);
  return [
    { across: cap.base, rows: 0 },
    ...side,
    { across: cap.top, rows: 0 },
    ...[...side].reverse(),
    { across: cap.base, rows: 0 }
  ];
}
function runLength(runs2, stitchesPerCm, rowsPerCm) {
  return runs2.reduce(
    (sum2, { across, rows: rows2 }) => sum2 + Math.hypot(across / stitchesPerCm, rows2 / rowsPerCm),
    0
  );
}
function capLength(school, cap, stitchesPerCm, rowsPerCm) {
  const { base, slope, top, rows: rows2 } = cap;
  const flat = (2 * base + top) / stitchesPerCm;
  if (school === "short rows") return flat + 2 * Math.hypot(slope / stitchesPerCm, (rows2 - 1) / rowsPerCm);
  const line2 = capCurve(slope, rows2 - 1);
  const [aside, up] = [1 / (stitchesPerCm * stitchesPerCm), 1 / (rowsPerCm * rowsPerCm)];
  let side = 1 / rowsPerCm;
  let before = 0;
  for (let i = 1; i < rows2; i += 1) {
    const reached = line2(i);
    side += Math.sqrt((reached - before) ** 2 * aside + up);
    before = reached;
  }
  return flat + 2 * side;
}
function asides(runs2) {
  let sum2 = 0;
  return runs2.map(({ across }) => sum2 += across);
}
var CAP_EASE = 0.01;
var CAP_TOP = 0.2;
var OUTSIDE = 50;
var TOPS = Array.from({ length: 21 }, (_, i) => i % 2 === 0 ? i / 2 : -(i + 1) / 2);
function solveCap(wishes) {
  const { edge: edge2, longest, width, base, stitchesPerCm, unit: unit2 = 1 } = wishes;
  const inner = width - 2 * base;
  const wanted = Math.max(1, Math.min(inner - 2, Math.round(width * CAP_TOP)));
  const step = 2 * unit2;
  const nearest4 = wanted + ((inner - wanted) % step + step) % step;
  let best = null;
  for (const steps of TOPS) {
    const aside = steps * step;
    const top = nearest4 + aside;
    if (top < 1 || inner - top < step) continue;
    const found = heightFor(wishes, { base, top, slope: (inner - top) / 2 });
    const outside = Math.max(0, edge2 - found.length, found.length - longest);
    const cost = 0.5 * Math.abs(aside) / stitchesPerCm + Math.abs(found.length - edge2 * (1 + CAP_EASE)) + (outside > 1e-9 ? OUTSIDE + 100 * outside : 0);
    if (!best || cost < best.cost - 1e-9) best = { cap: found.cap, cost };
    if (aside > 0 && best.cost < OUTSIDE) break;
  }
  return best?.cap ?? { base, top: Math.max(0, inner), slope: 0, rows: 3 };
}
function heightFor({ school, edge: edge2, stitchesPerCm, rowsPerCm, unit: unit2 = 1 }, cap) {
  const step = school === "worked" ? 1 : 2;
  const fewest = school === "worked" ? 2 : 3;
  const most = fewest + step * Math.ceil(edge2 * rowsPerCm / step);
  const at = (rows2) => {
    const whole = { ...cap, rows: rows2 };
    return { cap: whole, length: capLength(school, whole, stitchesPerCm, rowsPerCm) };
  };
  const goal = edge2 * (1 + CAP_EASE);
  let [low, high] = [fewest, school === "worked" ? most : Math.min(most, 2 * cap.slope / unit2 + 1)];
  while (high - low > step) {
    const middle2 = low + step * Math.floor((high - low) / (2 * step));
    if (at(middle2).length < goal) low = middle2;
    else high = middle2;
  }
  const [under, over] = [at(low), at(Math.max(low, high))];
  return goal - under.length <= over.length - goal ? under : over;
}
function capShortRows(cap, wanted = 1) {
  const { base, slope, top } = cap;
  const unit2 = slope % wanted === 0 && (cap.rows - 1) / 2 <= slope / wanted ? wanted : 1;
  const stitches2 = 2 * (base + slope) + top;
  let [from, to] = [base + slope, base + slope + top];
  const rows2 = [{ from: 0, to }];
  for (const further of capTurns(cap, unit2)) {
    from -= further;
    rows2.push({ from, to });
    to += further;
    rows2.push({ from, to });
  }
  rows2.push({ from: rows2.pop().from, to: stitches2 });
  return { stitches: stitches2, rows: rows2, keptLeft: base, keptRight: base, closing: true };
}

// packages/core/src/garment/shared/panels/armholeCurve.ts
var LEAST = 0.5;
function insetOf(input, panel) {
  const { style, size: size2 } = input;
  if (!style.armhole?.curve) return null;
  const { crossBack } = input.body.body;
  const ease2 = forSize(style.armhole.curve.across, size2.id);
  const across = crossBack + easeOver(ease2, crossBack);
  const each2 = (panel - across) / 2;
  const inset = Math.max(2 * LEAST, each2);
  const base = shareOf(
    forSize(style.armhole.notch, size2.id),
    "Base of the armhole",
    {
      length: inset,
      label: "Panel outside the shoulders, each side",
      from: { kind: "quantity", id: "back.width" }
    },
    { kind: "style", id: "garment.armhole.notch" }
  );
  const length2 = Math.min(inset - LEAST, Math.max(LEAST, base.length));
  return {
    across,
    base: { length: length2, reasons: base.reasons },
    curve: {
      length: inset - length2,
      reasons: [
        given("Panel, width", panel, { kind: "quantity", id: "back.width" }),
        {
          ...plus("Across the shoulders", -across, panel - across, { kind: "measurement", id: "crossBack" }),
          note: say`cross-back ${cm(crossBack)} with its ease ${cm(across - crossBack, { sign: true })}`
        },
        becomes("Two armholes", "\xF7 2", each2),
        ...each2 < inset ? [given("At least", inset)] : [],
        plus("Base of the armhole", -length2, inset - length2, { kind: "quantity", id: "notch.width" })
      ]
    }
  };
}
function draftCurve(input, inset, armhole) {
  const { style, size: size2, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const depth = shareOf(
    forSize(style.armhole.curve.depth, size2.id),
    "Height of the curve",
    { length: armhole.length, label: "Armhole, depth", from: { kind: "quantity", id: "armhole.rows" } },
    { kind: "style", id: "garment.armhole.depth" }
  );
  const closed = style.front.style === "closed";
  return {
    quantities: [
      quantity({
        id: "armhole.curve",
        label: "Armhole, curve of each",
        fabric: fabric2,
        axis: "stitches",
        target: inset.curve.length,
        rule: { multiple: shapingUnit(fabric2), plus: 0 },
        weight: 0.3,
        because: inset.curve.reasons,
        min: 1
      }),
      quantity({
        id: "armhole.shaped",
        label: "Armhole, curve\u2019s height",
        fabric: fabric2,
        axis: "rows",
        target: depth.length,
        weight: 0.2,
        because: depth.reasons,
        min: 1
      })
    ],
    relations: [
      // The first row above the base carries it; a closed neck divides above the curve.
      sumAtMost2(
        {
          id: "armhole.curve-height",
          rule: closed ? "the curve of the armhole ends below the front neck" : "the curve of the armhole ends below the shoulder",
          says: (counts) => say`Curve of the armhole: ${counts.of("armhole.shaped")} of its ${counts.of("armhole.rows")} rows`
        },
        { "armhole.shaped": 1, "armhole.rows": -1, ...closed ? { "neck.drop": 1 } : {} },
        -1
      )
    ]
  };
}
function armholeInside(counts, unit2 = 1) {
  const [curve, shaped2, rows2] = [
    counts.find("armhole.curve") ?? 0,
    counts.find("armhole.shaped") ?? 0,
    counts.of("armhole.rows")
  ];
  if (curve === 0) return new Array(rows2).fill(0);
  const steps = leastAreaSteps(neckCurve("round", curve, shaped2), shaped2, curve, { unit: unit2 });
  return Array.from({ length: rows2 }, (_, i) => i === 0 ? 0 : steps[i - 1] ?? curve);
}
function armholeSchedule(inside2, after, start2, edges) {
  return fromSteps(
    start2,
    after + 1,
    inside2.map((stitches2) => start2 - edges * stitches2)
  );
}
function armholeRuns(counts) {
  const [curve, shaped2] = [counts.of("armhole.curve"), counts.of("armhole.shaped")];
  const line2 = neckCurve("round", curve, shaped2);
  return Array.from({ length: counts.of("armhole.rows") }, (_, i) => ({
    across: i === 0 || i > shaped2 ? 0 : line2(i) - line2(i - 1),
    rows: 1
  }));
}
function armholeEdge({ style, fabrics }, counts) {
  const { gauge } = fabrics.get(style.fabric);
  const stitches2 = perCm(gauge, "stitches");
  return counts.of("notch.width") / stitches2 + runLength(armholeRuns(counts), stitches2, perCm(gauge, "rows"));
}

// packages/core/src/garment/shared/panels/cap/solved.ts
function schoolOf({ worked: worked2 }) {
  return worked2 === "up" ? "worked" : "short rows";
}
function capUnit(style, fabric2) {
  const unit2 = shapingUnit(fabric2);
  if (schoolOf(style) === "worked" || unit2 > 1) return unit2;
  return fabric2.rule.flat.multiple % 2 === 0 ? 2 : 1;
}
function ruleOf({ style }, sleeve3, fabric2) {
  const { rule: rule2 } = fabric2;
  if (schoolOf(sleeve3) === "worked") return shapingUnit(fabric2) === 1 ? ANY_COUNT : rule2.flat;
  return inRounds(style, sleeve3) ? rule2.round : rule2.flat;
}
function solvedTo(input, style, counts, width) {
  const fabric2 = input.fabrics.get(style.fabric ?? input.style.fabric);
  const school = schoolOf(style);
  const edge2 = 2 * armholeEdge(input, counts);
  const [stitchesPerCm, rowsPerCm] = [perCm(fabric2.gauge, "stitches"), perCm(fabric2.gauge, "rows")];
  const side = { length: edge2, unit: 1 / stitchesPerCm };
  const longest = edge2 + easeAllowed(side, side);
  const unit2 = capUnit(style, fabric2);
  const own = baseOf(input, counts, fabric2, school, unit2);
  const solvedWith = (count, by) => ({
    unit: by,
    base: { ...own, count },
    cap: solveCap({ school, edge: edge2, longest, width, base: count, stitchesPerCm, rowsPerCm, unit: by })
  });
  const fits = ({ cap }) => {
    const length2 = capLength(school, cap, stitchesPerCm, rowsPerCm);
    return length2 >= edge2 - 1e-9 && length2 <= longest + 1e-9;
  };
  const bases = own.same ? [own.count] : [own.count, own.count + unit2, own.count - unit2];
  const tried = bases.filter((count) => count > 0).map((count) => solvedWith(count, unit2));
  if (!tried.some(fits) && unit2 > shapingUnit(fabric2)) tried.push(solvedWith(own.count, 1));
  const found = tried.find(fits) ?? tried[0];
  return { ...found, edge: edge2, longest };
}
function baseOf({ style, fabrics }, counts, fabric2, school, multiple) {
  const stitches2 = perCm(fabrics.get(style.fabric).gauge, "stitches");
  const own = perCm(fabric2.gauge, "stitches");
  const notch = counts.of("notch.width");
  const length2 = notch / stitches2;
  if (school === "worked" && own === stitches2) return { count: notch, length: length2, same: true };
  const rule2 = { multiple, plus: 0 };
  return { count: Math.max(multiple, nearest(length2 * own, rule2)), length: length2, same: false, rule: rule2 };
}
function nearest(count, { multiple, plus: rest }) {
  return Math.max(0, Math.round((count - rest) / multiple)) * multiple + rest;
}

// packages/core/src/garment/shared/panels/cap/below.ts
var SHORTEST = 2;
function cappedTaper({ armhole }, style, size2, rowsPerCm) {
  if (!armhole?.curve || schoolOf(style) === "worked") return style;
  const wish2 = forSize(style.evenAtTop, size2);
  return typeof wish2 === "number" ? { ...style, evenAtTop: Math.max(wish2, 2 / rowsPerCm) } : style;
}
var SLACK = 2;
function evenRowsOf(style, { style: garment, size: size2, fabrics }, rows2) {
  const rowsPerCm = perCm(fabrics.get(style.fabric ?? garment.fabric).gauge, "rows");
  const even2 = cappedTaper(garment, style, size2.id, rowsPerCm);
  return { rows: rows2 - SLACK, ...evenRowsWished(even2, size2.id, rowsPerCm, rows2) };
}
function rowsBelow(input, style, counts, height) {
  const { style: garment, fabrics, size: size2 } = input;
  const fabric2 = fabrics.get(style.fabric ?? garment.fabric);
  const rowsPerCm = perCm(fabric2.gauge, "rows");
  const across = acrossShoulders(counts) / perCm(fabrics.get(garment.fabric).gauge, "stitches");
  const { length: length2, reasons } = sleeveLength(input, style, across, fabric2.growth ?? 0);
  const end = draftSleeveEnd(input, style, fabric2, { length: 0, reasons: [] });
  const [inside2, faded] = [length2 - end.cuff, length2 - end.cuff - end.fade];
  const seam2 = faded - height;
  const target = Math.max(SHORTEST, seam2);
  const even2 = evenRowsWished(
    cappedTaper(garment, style, size2.id, rowsPerCm),
    size2.id,
    rowsPerCm,
    target * rowsPerCm
  );
  const events = Math.abs(counts.of("sleeve.top") - counts.of("sleeve.cuff")) / (2 * shapingUnit(fabric2));
  return {
    quantity: quantity({
      id: "sleeve.rows",
      label: schoolOf(style) === "worked" ? "Sleeve, along the underarm" : "Sleeve, below the cap",
      fabric: fabric2,
      axis: "rows",
      target,
      weight: 1,
      rounding: "not over",
      min: 4,
      because: [
        ...reasons,
        ...end.cuff > 0 ? [plus("Cuff rib", -end.cuff, inside2, { kind: "style", id: "garment.cuff.height" })] : [],
        ...end.fade > 0 ? [plus("Rounds that fade", -end.fade, faded, { kind: "style", id: "garment.sleeve.fade" })] : [],
        plus("Cap", -height, seam2, { kind: "quantity", id: "cap.rows" })
      ]
    }),
    relation: sumAtLeast2(
      { id: "taper.rows", rule: "the sleeve has room for its shaping rows" },
      { "sleeve.rows": 1 - even2.spareShare },
      events * style.everyRow + even2.spare
    )
  };
}

// packages/core/src/garment/shared/panels/draftSleeve.ts
var SHORTEST2 = 2;
function draftSleeve(input, style, {
  across,
  armhole,
  armholeReasons,
  notch,
  cap,
  along = {
    of: "armhole.rows",
    perCm: perCm(input.fabrics.get(upperFabric(input.style)).gauge, "rows"),
    name: "rows"
  }
}) {
  const { size: size2, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric ?? input.style.fabric);
  const bodyFabric2 = fabrics.get(input.style.fabric);
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const rowsPerCm = perCm(fabric2.gauge, "rows");
  const { length: top, reasons: topReasons } = cap?.upper ?? {
    length: 2 * armhole,
    reasons: [...armholeReasons, becomes("Front and back armhole", "\xD7 2", 2 * armhole)]
  };
  const end = draftSleeveEnd(input, style, fabric2, { length: top, reasons: topReasons });
  const { length: covered, overhang, reasons } = sleeveLength(input, style, across, fabric2.growth ?? 0);
  const inside2 = covered - end.cuff;
  const faded = inside2 - end.fade;
  const seam2 = faded - (notch?.length ?? 0) - (cap?.height ?? 0);
  const sleeveReasons = [
    ...reasons,
    ...end.cuff > 0 ? [plus("Cuff rib", -end.cuff, inside2, { kind: "style", id: "garment.cuff.height" })] : [],
    ...end.fade > 0 ? [plus("Rounds that fade", -end.fade, faded, { kind: "style", id: "garment.sleeve.fade" })] : [],
    ...notch ? [plus("Rows along the step", -notch.length, seam2, { kind: "quantity", id: "notch.rows" })] : []
  ];
  const up = style.worked === "up";
  const unit2 = shapingUnit(fabric2);
  const tapered = cap ? taperWithin(style, evenRowsOf(style, input, Math.max(SHORTEST2, seam2) * rowsPerCm), unit2) : taperOf(style, style, size2.id, rowsPerCm, Math.max(SHORTEST2, seam2), unit2);
  const centred = centredPanel(fabric2, "sleeve.panel", "sleeve.top");
  const notes = seam2 < SHORTEST2 ? [
    {
      level: "stop",
      code: cap ? "cap-longer-than-sleeve" : "overhang-longer-than-arm",
      where: "sleeve.rows",
      message: cap ? say`The cap alone takes ${cm(cap.height)} of the sleeve's ${cm(covered)}; less the cuff nothing is left below it. A longer sleeve, a lower cuff or a shallower armhole would work.` : say`The body already covers ${cm(overhang)} of the arm's ${cm(input.body.body.shoulderToWrist)}; less the cuff nothing is left for a sleeve. Less ease or a shorter cuff would work.`
    }
  ] : [];
  return {
    notes,
    wanted: { top, wrist: end.worn, covered },
    helpers: [...tapered.helpers, ...centred.helpers],
    quantities: [
      quantity({
        id: "sleeve.top",
        label: !cap ? "Sleeve, top" : up ? "Sleeve, at the underarm" : "Sleeve, picked up round the armhole",
        fabric: fabric2,
        axis: "stitches",
        target: top,
        weight: 1,
        rule: inRounds(input.style, style) ? fabric2.rule.round : up && unit2 === 1 ? ANY_COUNT : fabric2.rule.flat,
        min: cap ? 8 : 4,
        because: topReasons
      }),
      quantity({
        id: "sleeve.cuff",
        label: "Sleeve, at the cuff",
        fabric: fabric2,
        axis: "stitches",
        target: end.edge.length,
        weight: 0.5,
        rule: up ? fabric2.rule.flat : end.fade > 0 ? { multiple: 6, plus: 0 } : cuffRule(),
        min: 4,
        because: end.edge.reasons
      }),
      // Below a cap the rows follow: they are what the cap leaves of the arm.
      ...cap ? [] : [
        quantity({
          id: "sleeve.rows",
          label: notch ? "Sleeve, along its seam" : "Sleeve, length",
          fabric: fabric2,
          axis: "rows",
          target: Math.max(SHORTEST2, seam2),
          weight: 1,
          rounding: "not over",
          min: 4,
          because: sleeveReasons
        })
      ],
      ...notch ? [
        quantity({
          id: "notch.rows",
          label: "Sleeve, rows along the step",
          fabric: fabric2,
          axis: "rows",
          target: notch.length,
          weight: 0.2,
          min: 1,
          because: [...notch.reasons, becomes("The sleeve\u2019s last rows go along it", "\xD7 1", notch.length)]
        })
      ] : [],
      ...end.quantities
    ],
    relations: [
      // A cap is solved to the armhole once that is known.
      ...cap ? [] : sameLength(
        {
          id: "armhole.seam",
          rule: "the sleeve\u2019s top goes along the armhole",
          says: (counts) => say`Sleeve to armhole: ${counts.of("sleeve.top")} stitches (${cm(counts.of("sleeve.top") / stitches2)}) along 2 × ${counts.of(along.of)} ${along.name} (${cm(2 * counts.of(along.of) / along.perCm)})`
        },
        { of: "sleeve.top", perCm: stitches2, times: 1 },
        { of: along.of, perCm: along.perCm, times: 2 },
        top
      ),
      ...notch ? sameLength(
        {
          id: "notch.seam",
          rule: "the sleeve\u2019s last rows go along the step of the armhole",
          says: (counts) => say`Step to sleeve: ${counts.of("notch.width")} stitches along ${counts.of("notch.rows")} rows`
        },
        { of: "notch.width", perCm: perCm(bodyFabric2.gauge, "stitches"), times: 2 },
        { of: "notch.rows", perCm: rowsPerCm, times: 2 },
        2 * notch.length
      ) : [],
      ...tapered.relations,
      ...centred.relations,
      ...end.relations
    ]
  };
  function cuffRule() {
    if (unit2 === 1) return ANY_COUNT;
    return inRounds(input.style, style) ? fabric2.rule.round : fabric2.rule.flat;
  }
}

// packages/core/src/garment/shared/panels/finished.ts
function finishedOf(input, wanted) {
  const { style, fabrics } = input;
  const { round: round4, length: length2, neck, drop, armhole, across, sleeve: sleeve3 } = wanted;
  const fabric2 = fabrics.get(style.fabric);
  const upper = fabrics.get(upperFabric(style));
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const fronts = isOpen(style) ? 2 : 1;
  const rows2 = perCm(fabric2.gauge, "rows");
  const upperRows = perCm(upper.gauge, "rows");
  return [
    {
      id: "bust",
      label: "All round",
      target: round4,
      actual: (counts) => (counts.of("back.width") + fronts * counts.of("front.width")) / stitches2 + openingWorked(input, counts)
    },
    {
      id: "length",
      label: "Length from the shoulder",
      target: length2,
      actual: (counts) => counts.of("side.rows") / rows2 + counts.of("armhole.rows") / upperRows + bandHeight("hem", counts, input)
    },
    ...forSize(style.longerBack, input.size.id) > 0 ? [
      {
        id: "lengthBack",
        label: "Length of the back",
        target: length2 + forSize(style.longerBack, input.size.id),
        actual: (counts) => (counts.of("back.longer") + counts.of("side.rows")) / rows2 + counts.of("armhole.rows") / upperRows + bandHeight("hem", counts, input)
      }
    ] : [],
    {
      id: "neckWidth",
      label: "Neck width",
      target: neck,
      actual: (counts) => counts.of("neck.width") / perCm(upper.gauge, "stitches")
    },
    {
      id: "neckDrop",
      label: "Front neck drop",
      target: drop,
      actual: (counts) => counts.of("neck.drop") / upperRows
    },
    {
      id: "armholeDepth",
      label: "Armhole depth",
      target: armhole,
      actual: (counts) => counts.of("armhole.rows") / upperRows
    },
    ...across === null ? [] : [
      {
        id: "across",
        label: "Across the shoulders",
        target: across,
        actual: (counts) => acrossShoulders(counts) / stitches2
      }
    ],
    ...finishedSleeve(input, sleeve3)
  ];
}
function finishedSleeve(input, wanted) {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.sleeve?.fabric ?? style.fabric);
  const stitches2 = perCm(gauge, "stitches");
  if (!wanted) return [];
  return [
    {
      id: "upperArm",
      label: "Sleeve at the top",
      target: wanted.top,
      actual: (counts) => counts.of("sleeve.top") / stitches2
    },
    {
      id: "cuff",
      label: "Sleeve at the cuff",
      target: wanted.wrist,
      // A sleeve that is faded ends with half of what it has above the cuff.
      actual: (counts) => (counts.find("sleeve.end") ?? counts.of("sleeve.cuff")) / stitches2
    },
    {
      id: "sleeveLength",
      label: "Sleeve length with cuff",
      target: wanted.covered,
      actual: (counts) => sleeveRows(counts) / perCm(gauge, "rows") + bandHeight("cuff", counts, input)
    }
  ];
}
function bandHeight(band2, counts, { style, fabrics }) {
  const chosen = style[band2];
  return chosen ? counts.of(`${band2}.height`) / perCm(fabrics.get(chosen.fabric).gauge, acrossOf(chosen)) : 0;
}

// packages/core/src/garment/shared/panels/lengths.ts
var SHORTEST3 = 2;
function panelLengths(input, hem, counted) {
  const { length: length2, reasons } = bodyLength(input);
  const panel = length2 - (hem ?? 0);
  const panelReasons = [
    ...reasons,
    ...hem === null ? [] : [plus("Hem rib", -hem, panel, { kind: "style", id: "garment.hem.height" })]
  ];
  const { length: armhole, reasons: armholeReasons } = armholeDepth(input, panel);
  const side = panel - armhole;
  return {
    length: length2,
    panel: Math.max(SHORTEST3, panel),
    panelReasons,
    armhole,
    armholeReasons,
    side,
    sideReasons: [
      ...panelReasons,
      plus("Armhole", -armhole, side, { kind: "quantity", id: counted.armhole })
    ],
    notes: side < SHORTEST3 ? [
      {
        level: "stop",
        code: "armhole-deeper-than-body",
        where: counted.side,
        message: say`The armhole (${cm(armhole)}) leaves ${cm(Math.max(0, side))} below it on a height of ${cm(panel)}; make the body longer or the armhole shallower.`
      }
    ] : []
  };
}
function neckTooWide(neck, across) {
  if (neck < across) return [];
  return [
    {
      level: "warn",
      code: "neck-wider-than-panel",
      where: "neck.width",
      message: say`The neck (${cm(neck)}) is wider than the panel (${cm(across)}), so no shoulder is left to hold it; a wider panel or a narrower neck would do.`
    }
  ];
}

// packages/core/src/garment/shared/panels/relations.ts
function heightOf2() {
  return sumIs2(
    {
      id: "height",
      rule: "side seam and armhole together are the height of the panel",
      says: (counts) => say`Side + armhole: ${counts.of("side.rows")} + ${counts.of("armhole.rows")} = ${counts.of("body.rows")} rows`
    },
    { "side.rows": 1, "armhole.rows": 1, "body.rows": -1 }
  );
}
var OUTSIDE2 = {
  plain: [],
  notched: ["notch.width"],
  curved: ["notch.width", "armhole.curve"]
};
function shouldersOf(upperWidth, armhole) {
  const outside = OUTSIDE2[armhole];
  return sumIs2(
    {
      id: "shoulders",
      rule: {
        plain: "two equal shoulders and the neck are the width of the panel",
        notched: "two equal shoulders, the neck and two steps of the armholes are the width of the panel",
        curved: "two equal shoulders, the neck and what both armholes take off are the width of the panel"
      }[armhole],
      says: (counts) => {
        const [shoulder, neck] = [counts.of("shoulder.width"), counts.of("neck.width")];
        const off = outside.reduce((sum2, id) => sum2 + counts.of(id), 0);
        if (armhole === "plain")
          return say`Shoulder + neck + shoulder: ${shoulder} + ${neck} + ${shoulder} = ${counts.of(upperWidth)}`;
        return armhole === "notched" ? say`Step + shoulder + neck + shoulder + step: ${off} + ${shoulder} + ${neck} + ${shoulder} + ${off} = ${counts.of(upperWidth)}` : say`Armhole + shoulder + neck + shoulder + armhole: ${off} + ${shoulder} + ${neck} + ${shoulder} + ${off} = ${counts.of(upperWidth)}`;
      }
    },
    {
      "shoulder.width": 2,
      "neck.width": 1,
      [upperWidth]: -1,
      ...Object.fromEntries(outside.map((id) => [id, 2]))
    }
  );
}
function sameWidth() {
  return sameCount2(
    {
      id: "width",
      rule: "the front is as wide as the back",
      says: (counts) => say`Side seams meet: front ${counts.of("front.width")} = back ${counts.of("back.width")}`
    },
    "front.width",
    "back.width"
  );
}
function frontsOverShoulders(front2, armhole) {
  return sumAtLeast2(
    {
      id: "fronts",
      rule: "each front is at least as wide as its shoulder",
      says: (counts) => {
        const off = armhole.reduce((sum2, id) => sum2 + counts.of(id), 0);
        const neck = counts.of(front2) - counts.of("shoulder.width") - off;
        return off > 0 ? say`Each front: ${counts.of(front2)} = ${off} armhole + ${counts.of("shoulder.width")} shoulder + ${neck} neck` : say`Each front: ${counts.of(front2)} = ${counts.of("shoulder.width")} shoulder + ${neck} neck`;
      }
    },
    { [front2]: 1, "shoulder.width": -1, ...Object.fromEntries(armhole.map((id) => [id, -1])) }
  );
}
function dropAboveHem() {
  return sumAtMost2(
    { id: "drop", rule: "the front neck begins above the lower edge" },
    { "neck.drop": 1, "body.rows": -1 },
    -2
  );
}
function sameHemHeight() {
  return sameCount2(
    { id: "hem.same", rule: "the hem ribs of back and fronts are of one height" },
    "hem-front.height",
    "hem.height"
  );
}
function dropAboveUnderarm() {
  return sumAtMost2(
    { id: "drop", rule: "the front neck begins above the underarm" },
    { "neck.drop": 1, "armhole.rows": -1 },
    -1
  );
}
function changeOfFabric(open) {
  const rule2 = "one row takes the stitches of the lower fabric to those of the upper";
  const within2 = (id, piece) => changedInOneRow(id, rule2, `${piece}.width`, `${piece}.upper`);
  if (open) return [...within2("change", "back"), ...within2("change.front", "front")];
  return [
    sameCount2(
      {
        id: "upper",
        rule: "the front is as wide as the back from the underarm up",
        says: (counts) => say`From the underarm up ${counts.of("back.upper")} stitches over the ${counts.of("back.width")} below, front as back`
      },
      "front.upper",
      "back.upper"
    ),
    ...within2("change", "back")
  ];
}
function slantedTo({ stitches: stitches2, every }, front2, armhole) {
  const off = Object.fromEntries(armhole.map((id) => [id, every]));
  const rule2 = "the slant of the front comes to the shoulder";
  const times = { "neck.drop": stitches2, [front2]: -every, "shoulder.width": every, ...off };
  return [
    {
      ...sumAtLeast2({ id: "slant.reach", rule: rule2 }, times),
      says: (counts) => say`Slant: ${stitches2} off in every ${every === 1 ? "row" : "2nd row"} of ${counts.of("neck.drop")}`
    },
    sumAtMost2({ id: "slant.spare", rule: rule2 }, times, stitches2 * every)
  ];
}
function slantedNeck({ stitches: stitches2, every }) {
  const rule2 = "the slant of the front comes to the shoulder";
  const times = { "neck.drop": 2 * stitches2, "neck.width": -every };
  return [
    {
      ...sumAtLeast2({ id: "slant.reach", rule: rule2 }, times, -every),
      says: (counts) => say`Slant: ${stitches2} off at each side in every ${every === 1 ? "row" : "2nd row"} of ${counts.of("neck.drop")}`
    },
    sumAtMost2({ id: "slant.spare", rule: rule2 }, times, 2 * stitches2 * every)
  ];
}
function frontsBesideNeck(armhole) {
  return sumAtLeast2(
    { id: "fronts.waist", rule: "each front keeps stitches between its neck and its side at the waist" },
    {
      "shoulder.width": 2,
      ...Object.fromEntries(armhole.map((id) => [id, 2])),
      "back.waist": 1,
      "back.width": -1
    },
    4
  );
}

// packages/core/src/garment/shared/edgings.ts
function together(parts) {
  return {
    quantities: parts.flatMap(({ quantities }) => quantities),
    relations: parts.flatMap(({ relations }) => relations),
    helpers: parts.flatMap(({ helpers = [] }) => helpers)
  };
}
function edgingIds(ribs, banded) {
  return [
    ...ribs.flatMap(({ id }) => [`${id}.height`, `${id}.rows`]),
    ...banded ? ["band.stitches", "band.rows"] : []
  ];
}
function ribAlong({ size: size2, fabrics }, { id, label, style }, edge2) {
  const fabric2 = fabrics.get(style.fabric);
  return {
    quantities: ribQuantities({
      id,
      label,
      style,
      size: size2.id,
      fabric: fabric2,
      edge: edge2.length,
      weight: 1,
      because: edge2.reasons
    }),
    relations: alongEdge({
      id: `${id}.seam`,
      rule: `the ${label.toLowerCase()} goes along its edge`,
      of: `${id}.rows`,
      countsPerCm: perCm(fabric2.gauge, alongOf(style)) * style.gather,
      edge: edge2,
      says: (counts) => say`${edge2.label} ${cm(edge2.length)}: ${counts.of(`${id}.rows`)} ${alongOf(style)} of rib along it`
    })
  };
}
function endOfRib({ size: size2, fabrics }, id, band2, counts) {
  if (!band2) return [];
  const of = `${id}.height`;
  const countsPerCm = perCm(fabrics.get(band2.fabric).gauge, acrossOf(band2));
  const found = counts.find(of);
  const known = found === void 0 ? { length: forSize(band2.height, size2.id), perCm: countsPerCm } : { length: found / countsPerCm };
  return [{ label: id === "hem" ? "End of the hem rib" : "End of the neckband", of, ...known }];
}
function frontBandAlong({ style, size: size2, fabrics }, stretches2) {
  const fabric2 = fabrics.get(style.front.fabric);
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const width = forSize(style.front.width, size2.id);
  let sum2 = 0;
  const because = stretches2.map(({ label, length: length2, of }, i) => {
    sum2 += length2;
    const from = { kind: "quantity", id: of };
    return i === 0 ? given(label, length2, from) : plus(label, length2, sum2, from);
  });
  return {
    quantities: [
      quantity({
        id: "band.stitches",
        label: "Front band, along the edge",
        fabric: fabric2,
        axis: "stitches",
        target: sum2,
        weight: 1,
        rule: fabric2.rule.flat,
        because
      }),
      quantity({
        id: "band.rows",
        label: "Front band, width",
        fabric: fabric2,
        axis: "rows",
        target: width,
        weight: 0.3,
        because: [given("Width of the band wanted", width, { kind: "style", id: "garment.front.width" })]
      })
    ],
    relations: alongEdge({
      id: "band.seam",
      rule: "the front band goes along the front edge",
      of: "band.stitches",
      countsPerCm: stitches2,
      edge: { length: sum2, unit: 1 / stitches2 },
      open: stretches2,
      says: (found) => say`Picked up along ${cm(sum2)}: ${found.of("band.stitches")} stitches (${cm(found.of("band.stitches") / stitches2)})`
    })
  };
}
function alongEdge({
  id,
  rule: rule2,
  of,
  countsPerCm,
  edge: edge2,
  open = [],
  says
}) {
  const { length: length2, unit: unit2 } = edge2;
  const shorter = { length: length2 / (1 + EASED_SHARE), unit: unit2 };
  const ease2 = easeAllowed(shorter, { ...shorter, unit: 1 / countsPerCm });
  const times = { [of]: 1 / countsPerCm };
  let fixed = length2;
  for (const stretch of open)
    if (stretch.perCm) {
      times[stretch.of] = -1 / stretch.perCm;
      fixed -= stretch.length;
    }
  return [
    { ...sumAtMost2({ id: `${id}.longer`, rule: rule2, says }, times, fixed + ease2), seam: id },
    { ...sumAtLeast2({ id: `${id}.shorter`, rule: rule2 }, times, fixed - ease2), seam: id }
  ];
}

// packages/core/src/garment/shared/hood.ts
var HOOD = groupOrNone({
  name: "The hood",
  label: "Hood",
  heading: "Hood",
  help: "Picked up along the neck in place of a neckband.",
  optional: { missing: "none" },
  fields: {
    shape: choice({
      name: "The shape of the hood",
      label: "Shape",
      help: "A rectangle folded in half, or rounded at the back of the crown.",
      options: [
        ["rectangle", "a rectangle, folded"],
        ["shaped", "rounded at the back"]
      ],
      usual: "rectangle"
    }),
    fabric: otherFabric({
      name: "The fabric of the hood",
      label: "Fabric",
      help: "The body\u2019s where nothing else is chosen."
    }),
    height: lengthOrNone({
      name: "The height of the hood",
      label: "Height",
      help: "From the neck to the seam at the top.",
      range: [10, 60],
      optional: { none: "from the head", own: "as I say", first: 34 }
    })
  }
});
var OF_HEAD = 0.62;
var CROWN = 0.2;
var WIDEST_REPEAT = 2;
var HOOD_IDS = ["hood.stitches", "hood.rows", "hood.crown", "hood.round"];
function fabricOf({ style, fabrics }) {
  return fabrics.get(style.hood.fabric ?? style.fabric);
}
function hoodAlong(input, edge2) {
  const { style, size: size2 } = input;
  const { shape: shape3, height: wish2 } = style.hood;
  const fabric2 = fabricOf(input);
  const { head } = input.body.body;
  const height = wish2 === null ? head * OF_HEAD : forSize(wish2, size2.id);
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const crown = height * CROWN;
  const crownWish = (id, label, axis) => quantity({
    id,
    label,
    fabric: fabric2,
    axis,
    target: crown,
    weight: 0.2,
    min: 2,
    because: [
      given("Hood, height", height, { kind: "quantity", id: "hood.rows" }),
      becomes("Rounded at the crown", `\xD7 ${figure(100 * CROWN, 0)} %`, crown)
    ]
  });
  return {
    quantities: [
      quantity({
        id: "hood.stitches",
        label: "Hood, picked up along the neck",
        fabric: fabric2,
        axis: "stitches",
        target: edge2.length,
        weight: 1,
        // A repeat too wide to go along any neck is broken at the face, where an odd stitch may be.
        rule: fabric2.rule.flat.multiple / stitches2 <= WIDEST_REPEAT ? fabric2.rule.flat : ANY_COUNT,
        min: 8,
        because: edge2.reasons
      }),
      quantity({
        id: "hood.rows",
        label: "Hood, height",
        fabric: fabric2,
        axis: "rows",
        target: height,
        weight: 1,
        rule: fabric2.rule.rows,
        min: 6,
        because: wish2 === null ? [
          measured(input, "head"),
          becomes("Usual height of a hood", `\xD7 ${figure(100 * OF_HEAD, 0)} %`, height)
        ] : [given("Height of the hood wanted", height, { kind: "style", id: "garment.hood.height" })]
      }),
      ...shape3 === "shaped" ? [
        crownWish("hood.crown", "Hood, rows of its rounded crown", "rows"),
        crownWish("hood.round", "Hood, rounded off at the crown, each half", "stitches")
      ] : []
    ],
    relations: [
      ...alongEdge({
        id: "hood.seam",
        rule: "the hood goes along the neck",
        of: "hood.stitches",
        countsPerCm: stitches2,
        edge: edge2,
        says: (counts) => say`${edge2.label} ${cm(edge2.length)}: ${counts.of("hood.stitches")} stitches picked up along it`
      }),
      ...shape3 === "shaped" ? [
        sumAtMost2(
          { id: "hood.crown", rule: "the crown of the hood begins above its first rows" },
          { "hood.crown": 1, "hood.rows": -1 },
          -2
        ),
        sumAtMost2(
          { id: "hood.round", rule: "the crown of the hood leaves a seam at its top" },
          { "hood.round": 4, "hood.stitches": -1 }
        )
      ] : []
    ]
  };
}
function hoodPiece(input, counts) {
  const fabric2 = fabricOf(input);
  const [stitches2, rows2] = [counts.of("hood.stitches"), counts.of("hood.rows")];
  const half2 = Math.floor(stitches2 / 2);
  const crown = counts.find("hood.crown") ?? 0;
  const divide = rows2 - crown;
  const first = divide % 2 === 1 ? "left" : "right";
  const halves = [first, OTHER[first]].map((lies, i) => ({
    lies,
    part: crown === 0 ? "main" : i === 0 ? "first-half" : "second-half",
    rejoin: i === 1
  }));
  const round4 = counts.find("hood.round") ?? 0;
  const schedule2 = crown > 0 ? fromSteps(
    half2,
    divide + 1,
    leastAreaSteps(crownCurve(round4, crown), crown, round4).map((taken) => half2 - taken)
  ) : null;
  const inside2 = schedule2 ? leastAreaSteps(crownCurve(round4, crown), crown, round4) : [];
  return {
    id: "hood",
    role: "hood",
    shows: [["hood.stitches"], ["hood.rows"]],
    label: "Hood",
    copies: 1,
    fabric: fabric2,
    work: "rows",
    rows: ["hood.rows"],
    passages: [
      {
        kind: "start",
        part: "main",
        stitches: stitches2,
        extra: 0,
        along: "the neck, from the front edge (or the centre of a closed front) round to the other"
      },
      { kind: "even", part: "main", to: divide },
      ...schedule2 ? halves.flatMap(({ lies, part, rejoin }) => [
        {
          kind: "go on",
          part,
          from: "main",
          at: lies === "left" ? 0 : stitches2 - half2,
          take: half2,
          leave: rejoin ? 0 : stitches2 - half2,
          rejoin,
          label: rejoin ? "Second half" : "First half"
        },
        {
          kind: "shape",
          part,
          to: rows2,
          schedule: schedule2,
          where: { at: "one edge", side: OTHER[lies], edge: "the centre back" },
          of: { end: "hood.round", rows: "hood.crown" }
        }
      ]) : []
    ],
    edges: [
      {
        id: "hood.neck",
        role: "joined",
        label: "Hood, along the neck",
        axis: "stitches",
        place: { lies: "foundation", part: "main" }
      },
      ...halves.flatMap(({ lies, part }) => [
        {
          id: `hood.face-${lies}`,
          role: "face",
          side: lies,
          label: `Hood, ${lies} face edge`,
          axis: "rows",
          place: ends(
            lies,
            { part: "main", first: 1, last: divide },
            ...crown > 0 ? [{ part, first: divide + 1, last: rows2 }] : []
          ),
          path: "straight",
          open: true
        },
        {
          id: `hood.top-${lies}`,
          role: "hood top",
          side: lies,
          label: `Hood, ${lies} half of its top`,
          axis: "stitches",
          place: {
            lies: "live",
            part,
            n: rows2,
            from: crown > 0 || lies === "left" ? 0 : stitches2 - half2,
            count: half2 - round4
          }
        },
        ...crown > 0 ? [
          {
            id: `hood.crown-${lies}`,
            role: "hood crown",
            side: lies,
            label: `Hood, ${lies} half of its crown`,
            axis: "rows",
            place: {
              ...ends(OTHER[lies], { part, first: divide + 1, last: rows2 }),
              stepped: true
            },
            path: inside2.map((taken) => lies === "left" ? inside2[0] - taken : taken - inside2[0])
          }
        ] : []
      ]),
      ...stitches2 % 2 === 1 ? [
        {
          id: "hood.centre",
          role: "hood top",
          label: "Hood, centre stitch",
          axis: "stitches",
          place: { lies: "live", part: "main", n: divide, from: half2, count: 1 },
          open: true
        }
      ] : []
    ],
    expects: [
      { quantity: "hood.stitches", edges: ["hood.neck"] },
      { quantity: "hood.rows", edges: ["hood.face-left"] },
      ...crown > 0 ? [{ quantity: "hood.crown", edges: ["hood.crown-left"] }] : []
    ]
  };
}
function crownCurve(width, height) {
  return (at) => width * (1 - Math.sqrt(Math.max(0, 1 - Math.min(1, at / height) ** 2)));
}
function hoodJoins({ shape: shape3 }, edges) {
  return [
    { id: "hood", role: "hood", label: "Hood to neck", kind: "pick-up", a: ["hood.neck"], b: [...edges] },
    ...shape3 === "shaped" ? [
      {
        id: "hood-crown",
        role: "hood seam",
        label: "Hood, its crown",
        kind: "row-to-row",
        a: ["hood.crown-left"],
        b: ["hood.crown-right"]
      }
    ] : [],
    {
      id: "hood-top",
      role: "hood seam",
      label: "Hood, top seam",
      kind: "stitch-to-stitch",
      a: ["hood.top-left"],
      b: ["hood.top-right"]
    }
  ];
}

// packages/core/src/garment/constructions/twoHalves/parts.ts
function ruleOfParts(fabric2) {
  const { flat } = fabric2.rule;
  return shapingUnit(fabric2) > 1 && flat.plus % flat.multiple === 0 ? flat : ANY_COUNT;
}

// packages/core/src/garment/constructions/twoHalves/edgings.ts
function edgingsOf(input, round4) {
  const { style } = input;
  const neckband = neckbandOf(input);
  const banded = style.front.style === "band";
  const ribs = neckband ? [{ id: "neckband", label: "Neckband", style: neckband }] : [];
  return {
    ids: ["centre.stitches", "centre.rows", ...edgingIds(ribs, banded), ...style.hood ? HOOD_IDS : []],
    follow: (counts) => {
      const neck = neckEdge(input, counts, round4);
      return together([
        centreBand(input, counts, round4),
        ...ribs.map((rib) => ribAlong(input, rib, neck)),
        ...style.hood ? [hoodAlong(input, neck)] : [],
        ...banded ? [frontBandAlong(input, edgeUp(input, counts, counts.of("neck.drop"), true))] : []
      ]);
    }
  };
}
function bandWidth(input, counts, round4) {
  const { style, fabrics } = input;
  const halves = 2 * counts.of("half.width") / perCm(fabrics.get(style.fabric).gauge, "stitches");
  return Math.max(0.5, round4 - halves - openingWidth(input));
}
function centreBand(input, counts, round4) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.centre.fabric);
  const halves = 2 * counts.of("half.width") / perCm(fabrics.get(style.fabric).gauge, "stitches");
  const opening = openingWidth(input);
  const rest = bandWidth(input, counts, round4);
  const stretches2 = edgeUp(input, counts, 0, false);
  const length2 = stretches2.reduce((sum3, stretch) => sum3 + stretch.length, 0);
  let sum2 = 0;
  return {
    quantities: [
      quantity({
        id: "centre.stitches",
        label: "Band at the centre back, along the edge",
        fabric: fabric2,
        axis: "stitches",
        target: length2,
        weight: 1,
        rule: fabric2.rule.flat,
        because: stretches2.map(({ label, length: of, of: id }, i) => {
          sum2 += of;
          const from = { kind: "quantity", id };
          return i === 0 ? given(label, of, from) : plus(label, of, sum2, from);
        })
      }),
      quantity({
        id: "centre.rows",
        label: "Band at the centre back, width",
        fabric: fabric2,
        axis: "rows",
        target: rest,
        weight: 1,
        because: [
          given("All round, wanted", round4),
          plus("Two halves", -halves, round4 - halves, { kind: "quantity", id: "half.width" }),
          plus("What lies between the fronts", -opening, round4 - halves - opening, {
            kind: "style",
            id: "garment.front.width"
          })
        ]
      })
    ],
    relations: alongEdge({
      id: "centre.seam",
      rule: "the band goes along the centre back",
      of: "centre.stitches",
      countsPerCm: perCm(fabric2.gauge, "stitches"),
      edge: { length: length2, unit: 1 / perCm(fabrics.get(style.fabric).gauge, "rows") },
      says: (found) => say`Picked up along ${cm(length2)}: ${found.of("centre.stitches")} stitches`
    })
  };
}
function edgeUp(input, counts, drop, front2) {
  const { style, fabrics } = input;
  const rows2 = counts.of("body.rows") - (drop > 0 ? drop + 1 : 0);
  return [
    {
      label: front2 ? "Front edge below the neck" : "Centre back",
      length: rows2 / perCm(fabrics.get(style.fabric).gauge, "rows"),
      of: "body.rows"
    },
    ...endOfRib(input, "hem", style.hem, counts),
    ...front2 ? endOfRib(input, "neckband", style.neckband && neckbandOf(input), counts) : []
  ];
}
function neckEdge(input, counts, round4) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const { gauge } = fabric2;
  const [stitches2, rows2] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  const back2 = 2 * counts.of("neck.half") / stitches2;
  const bandRows = perCm(fabrics.get(style.centre.fabric).gauge, "rows");
  const centre = Math.max(1, Math.round(bandWidth(input, counts, round4) * bandRows)) / bandRows;
  const drop = counts.of("neck.drop");
  const taken = counts.of("front.width") - counts.of("shoulder.width");
  const width = counts.of("front.width");
  const front2 = drop === 0 ? 2 * taken / stitches2 : 2 * steppedLength(
    halfNeck(style.neck, { taken, drop, width, divide: 0, unit: ruleOfParts(fabric2).multiple }).inside,
    stitches2,
    rows2
  );
  return {
    label: "Neck edge",
    length: back2 + centre + front2,
    unit: 1 / stitches2,
    reasons: [
      given("Back neck of both halves", back2, { kind: "quantity", id: "neck.half" }),
      plus("Band between them", centre, back2 + centre, { kind: "quantity", id: "centre.rows" }),
      plus("Line of the front neck", front2, back2 + centre + front2, { kind: "quantity", id: "neck.drop" })
    ]
  };
}

// packages/core/src/garment/constructions/twoHalves/draft.ts
var LEAST_NECK = 1;
function draft(input) {
  const { style, size: size2, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const { length: round4, reasons: roundReasons } = garmentRound(input);
  const centre = forSize(style.centre.width, size2.id);
  const opening = openingWidth(input);
  const half2 = round4 / 2;
  const backHalf = (half2 - centre) / 2;
  const front2 = (half2 - opening) / 2;
  const { length: neck, reasons: neckReasons } = neckWidth(input);
  const neckHalf = Math.max(LEAST_NECK / stitches2, (neck - centre) / 2);
  const shoulder = backHalf - neckHalf;
  const drop = neckDrop(input);
  const hem = style.hem ? draftBand({
    id: "hem",
    label: "Hem rib of each half",
    style: style.hem,
    size: size2.id,
    fabric: fabrics.get(style.hem.fabric),
    edge: {
      of: "half.width",
      label: "Half, at its lower edge",
      perCm: stitches2,
      target: backHalf + front2
    }
  }) : null;
  const lengths = panelLengths(input, hem?.height ?? null, { armhole: "armhole.rows", side: "side.rows" });
  const { length: length2, armhole, armholeReasons, side } = lengths;
  const sleeve3 = style.sleeve ? draftSleeve(input, style.sleeve, { across: half2, armhole, armholeReasons, notch: null, cap: null }) : null;
  const parts = ruleOfParts(fabric2);
  const rows2 = (id, label, target, weight, because) => quantity({ id, label, fabric: fabric2, axis: "rows", target, weight, because, min: 2 });
  const across = (id, label, target, weight, because, rule2 = parts) => quantity({
    id,
    label,
    fabric: fabric2,
    axis: "stitches",
    target,
    weight,
    because,
    rule: rule2,
    min: Math.max(1, rule2.plus)
  });
  const ofRound = [...roundReasons, becomes("Front and back", "\xF7 2", half2)];
  return {
    quantities: [
      across(
        "half.width",
        "Half, back and front together",
        backHalf + front2,
        1,
        [
          ...roundReasons,
          plus("Bands at the centre back and in front", -(centre + opening), round4 - centre - opening, {
            kind: "style",
            id: "garment.centre.width"
          }),
          becomes("Two halves", "\xF7 2", backHalf + front2)
        ],
        fabric2.rule.flat
      ),
      across("back.half", "Half of the back", backHalf, 0.1, [
        ...ofRound,
        plus("Band at the centre back", -centre, half2 - centre, {
          kind: "style",
          id: "garment.centre.width"
        }),
        becomes("Half of it", "\xF7 2", backHalf)
      ]),
      // The band makes up for the backs; what the body covers of the arm hangs on the fronts.
      across("front.width", "Front, width of each", front2, 2, [
        ...ofRound,
        plus("What lies between the fronts", -opening, half2 - opening, {
          kind: "style",
          id: "garment.front.width"
        }),
        becomes("Two fronts", "\xF7 2", front2)
      ]),
      across(
        "neck.half",
        "Back neck, on each half",
        neckHalf,
        0.8,
        [
          ...neckReasons,
          plus("Band at the centre back", -centre, neck - centre, {
            kind: "style",
            id: "garment.centre.width"
          }),
          becomes("On each half", "\xF7 2", (neck - centre) / 2),
          ...neck - centre < 2 * neckHalf - 1e-9 ? [given("At least", neckHalf)] : []
        ],
        { multiple: parts.multiple, plus: 0 }
      ),
      across("shoulder.width", "Shoulder, each", Math.max(0.5, shoulder), 0.2, [
        given("Half of the back", backHalf, { kind: "quantity", id: "back.half" }),
        plus("Back neck", -neckHalf, shoulder, { kind: "quantity", id: "neck.half" })
      ]),
      {
        ...rows2("body.rows", "Halves, height", lengths.panel, 1, lengths.panelReasons),
        rule: fabric2.rule.rows,
        min: 4
      },
      rows2("armhole.rows", "Armhole, depth", armhole, 1, armholeReasons),
      rows2("side.rows", "Below the underarm", Math.max(SHORTEST3, side), 0.2, lengths.sideReasons),
      quantity({
        id: "neck.drop",
        label: "Front neck drop",
        fabric: fabric2,
        axis: "rows",
        target: drop.length,
        weight: 0.5,
        rounding: drop.length === 0 ? "not over" : "not under",
        min: 0,
        because: drop.reasons
      }),
      ...isTied(style) ? [tieQuantity(input)] : [],
      ...sleeve3?.quantities ?? [],
      ...hem?.quantities ?? []
    ],
    helpers: sleeve3?.helpers ?? [],
    relations: [
      heightOf2(),
      sumIs2(
        {
          id: "half",
          rule: "half a back and a front are the half",
          says: (counts) => say`Half back + front: ${counts.of("back.half")} + ${counts.of("front.width")} = ${counts.of("half.width")}`
        },
        { "back.half": 1, "front.width": 1, "half.width": -1 }
      ),
      sumIs2(
        {
          id: "shoulder",
          rule: "shoulder and half the back neck are half the back",
          says: (counts) => say`Shoulder + neck: ${counts.of("shoulder.width")} + ${counts.of("neck.half")} = ${counts.of("back.half")}`
        },
        { "shoulder.width": 1, "neck.half": 1, "back.half": -1 }
      ),
      sumAtLeast2(
        { id: "fronts", rule: "each front is at least as wide as its shoulder" },
        { "front.width": 1, "shoulder.width": -1 }
      ),
      sumAtMost2(
        { id: "drop", rule: "the front neck begins above the lower edge" },
        { "neck.drop": 1, "body.rows": -1 },
        -2
      ),
      ...sleeve3?.relations ?? [],
      ...hem?.relations ?? []
    ],
    finished: finishedOf2(input, {
      round: round4,
      length: length2,
      armhole,
      drop: drop.length,
      sleeve: sleeve3?.wanted ?? null
    }),
    notes: [...lengths.notes, ...sleeve3?.notes ?? []],
    edgings: edgingsOf(input, round4)
  };
}
function finishedOf2(input, wanted) {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  const bandRows = perCm(fabrics.get(style.centre.fabric).gauge, "rows");
  return [
    finishedPlan(
      "bust",
      "All round, with the bands",
      wanted.round,
      (counts) => 2 * counts.of("half.width") / stitches2 + counts.of("centre.rows") / bandRows + openingWorked(input, counts)
    ),
    finishedPlan(
      "length",
      "Length from the shoulder",
      wanted.length,
      (counts) => counts.of("body.rows") / rows2 + bandHeight("hem", counts, input)
    ),
    finishedPlan("neckDrop", "Front neck drop", wanted.drop, (counts) => counts.of("neck.drop") / rows2),
    finishedPlan(
      "armholeDepth",
      "Armhole depth",
      wanted.armhole,
      (counts) => counts.of("armhole.rows") / rows2
    ),
    ...finishedSleeve(input, wanted.sleeve)
  ];
}

// packages/core/src/garment/shared/body.ts
var USUAL = 8;
var BODY = group({
  name: "The shape of the body",
  label: "Body",
  help: "The sides below the underarm.",
  fields: {
    shape: choice({
      name: "The shape of the body",
      label: "Below the underarm",
      help: "Straight; wider to the lower edge; or in to the waist and out again.",
      options: [
        ["straight", "straight"],
        ["A-line", "A-line"],
        ["waist", "to the waist"]
      ],
      usual: "straight"
    }),
    waistEase: ease({
      name: "The ease at the waist",
      label: "Ease at the waist",
      help: "Added to the waist.",
      when: { "body.shape": ["waist"] },
      range: [-20, 80],
      usual: USUAL,
      share: { of: "the waist" }
    }),
    hemEase: ease({
      name: "The ease at the hem",
      label: "Ease at the lower edge",
      help: "Added to the hip.",
      when: { "body.shape": ["A-line", "waist"] },
      range: [-20, 80],
      usual: USUAL,
      share: { of: "the hip" }
    })
  }
});

// packages/core/src/garment/shared/fields.ts
var WIDTH = {
  widthLedBy: choice({
    name: "What leads the width",
    label: "Width led by",
    help: "The round that the garment must go over; the widest is taken of shoulders, bust, waist and hip, each with its ease.",
    options: [
      ["bust", "bust"],
      ["hip", "hip"],
      ["widest", "the widest"]
    ],
    usual: "bust"
  }),
  ease: ease({
    name: "The ease",
    label: "Ease, all round",
    labels: [{ when: { hipEase: "some" }, label: "Ease at the bust" }],
    help: "Added to the round that leads; below 0 the fabric stretches.",
    range: [-40, 80],
    usual: 10,
    share: { of: "the round that leads" },
    onScale: true
  }),
  hipEase: easeOrNone({
    name: "The ease at the hip",
    label: "At the hip",
    help: "Added to the hip where that leads.",
    range: [-40, 80],
    optional: { none: "the same ease", own: "another ease", first: 10 },
    share: { of: "the hip" }
  })
};
var LENGTH = {
  lengthLedBy: choice({
    name: "What leads the length",
    label: "Length led by",
    help: "The back from the nape, the front over the bust, or the longer of them.",
    options: [
      ["back", "the back"],
      ["front", "the front"],
      ["longer", "the longer"]
    ],
    usual: "back"
  }),
  belowWaist: ease({
    name: "The length below the waist",
    label: "Length below the waist",
    help: "The body is as long as from nape to waist and this.",
    range: [-30, 120],
    usual: 18,
    share: { of: "the length from nape to waist" }
  })
};
var bodyFabric = (name2 = "The fabric of the body") => fabric({ name: name2, label: "Fabric", help: "Usually the first fabric of the design.", usual: "body" });
var REACH = {
  length: choice({
    name: "The sleeve\u2019s length",
    label: "Length",
    help: "How much of the arm it covers.",
    options: [
      ["full", "to the wrist"],
      ["three-quarter", "three-quarter"],
      ["elbow", "to the elbow"],
      ["short", "short"]
    ],
    usual: "full"
  })
};
var SHORTER = {
  shorter: length({
    name: "The shortening of the sleeve",
    label: "Shorter than that by",
    labels: [{ when: { "sleeve.length": ["full"] }, label: "Shorter than the arm by" }],
    help: "Taken off the sleeve\u2019s length.",
    range: [0, 60],
    usual: 0
  })
};
var WRIST_EASE = ease({
  name: "The wrist ease",
  label: "Ease at its end",
  labels: [{ when: { "sleeve.length": ["full"] }, label: "Wrist ease" }],
  help: "Added to the arm where the sleeve ends.",
  range: [-20, 40],
  usual: { percent: 25 },
  share: { of: "the arm\u2019s round there" }
});
var EVEN_ROWS = {
  help: "Worked without shaping.",
  range: [0, 60],
  usual: 0,
  share: { of: "the sleeve\u2019s own rows", count: "sleeve.rows" }
};
var TAPER = {
  order: choice({
    name: "The order of the shaping",
    label: "Shaping",
    help: "Where the two rates of shaping lie, seen from the cuff.",
    options: [
      ["slow first", "slower at the cuff"],
      ["fast first", "faster at the cuff"],
      ["mixed", "mixed evenly"]
    ],
    usual: "slow first"
  }),
  everyRow: choice({
    name: "The rows with shaping",
    label: "Shaping rows",
    help: "Rows that may shape.",
    options: [
      [1, "any row"],
      [2, "right-side rows only"]
    ],
    usual: 1
  }),
  evenAtCuff: ease({ name: "The even part above the cuff", label: "Even above the cuff", ...EVEN_ROWS }),
  evenAtTop: ease({ name: "The even part below the top", label: "Even below the top", ...EVEN_ROWS })
};

// packages/core/src/garment/shared/panels/fields.ts
var NECK_DROP = { usual: 7, boat: 2, "off-shoulder": 0 };
var OFF_SHOULDER = { "neck.style": ["off-shoulder"] };
var NECK_WIDTH = {
  style: choice({
    name: "The style of the neck",
    label: "Style",
    help: "Usual: about half the cross-back, wide enough for the head; a boat is wide and shallow; off the shoulder goes round the upper arms.",
    options: [
      ["usual", "usual"],
      ["boat", "a boat"],
      ["off-shoulder", "off the shoulder"]
    ],
    usual: "usual",
    // Each style has its own usual depth, and its width comes from its own measure.
    resets: ["neck.drop", "neck.width", "neck.ease"]
  }),
  width: lengthOrNone({
    name: "The neck width",
    label: "Width",
    help: "From one shoulder to the other; a closed neck is at least what the head needs.",
    range: [5, 60],
    optional: { none: "usual, head passes", own: "as I say", first: 18 }
  }),
  ease: easeOrNone({
    name: "The ease at the neck",
    label: "Led by the neck round",
    labels: [{ when: OFF_SHOULDER, label: "Round the shoulders" }],
    help: "Added to the neck round, which then leads the width; off the shoulder to the round there.",
    when: { "neck.width": [null] },
    range: [-10, 80],
    optional: { none: "no", own: "with an ease of its own", first: 12 },
    share: { of: "the neck round, or the round of the shoulders" }
  })
};
var NECK_DEPTH = {
  drop: ease({
    name: "The front neck drop",
    label: "Front drop, 0 for a straight gap",
    help: "How deep the front neck is; of open fronts it may reach below the underarm.",
    when: { "neck.slant": [null] },
    range: [0, 90],
    usual: ({ style }) => NECK_DROP[style],
    share: { of: "the length from the shoulder" }
  }),
  shape: choice({
    name: "The line of the front neck",
    label: "Line of the front",
    help: "The curve along which stitches are taken off.",
    when: { "neck.slant": [null] },
    options: [
      ["round", "round"],
      ["scoop", "scoop"],
      ["V", "V"],
      ["square", "square"]
    ],
    usual: "round"
  })
};
var SLANT = groupOrNone({
  name: "The slant of the front",
  label: "Slanted by so many off at a time",
  heading: "Slant of the front neck",
  help: "So many stitches off on each side until the shoulder is left, which sets the drop.",
  optional: { missing: "none" },
  fields: {
    stitches: number({
      name: "The stitches taken off at a time",
      label: "Stitches off at a time",
      help: "On each side of the neck.",
      range: [1, 40],
      whole: true,
      unit: "stitches",
      usual: 1
    }),
    every: choice({
      name: "The rows that take off",
      label: "In",
      help: "Rows in which stitches are taken off.",
      options: [
        [1, "every row"],
        [2, "every 2nd row"]
      ],
      usual: 1
    })
  }
});
var neckGroup = {
  name: "The neck",
  label: "Neck",
  heading: "Neck",
  help: "Width, depth and line of the neck."
};
var NECK = group({ ...neckGroup, fields: { ...NECK_WIDTH, ...NECK_DEPTH, slant: SLANT } });
var SIDEWAYS_NECK = group({ ...neckGroup, fields: { ...NECK_WIDTH, ...NECK_DEPTH } });
var UPPER = group({
  name: "The upper part",
  label: "From the underarm up",
  help: "Back and front from the underarm up.",
  fields: {
    fabric: otherFabric({
      name: "The fabric of the body from the underarm up",
      label: "From the underarm up",
      help: "Another fabric of back and front, begun in the row where the armholes begin."
    })
  }
});
var NOTCH = ease({
  name: "The step at the underarm",
  label: "Step at the underarm, each",
  help: "How far the panel steps in on each side.",
  range: [0.5, 20],
  usual: 3,
  share: { of: "the width of the panel" }
});
var stepped = (usual) => group({
  name: "The armhole",
  label: "Armhole",
  help: "What the panels take off at the underarm.",
  fields: { notch: { ...NOTCH, usual } }
});
var CURVED_ARMHOLE = group({
  name: "The armhole",
  label: "Armhole",
  help: "What the panels take off at the underarm and above it.",
  fields: {
    notch: ease({
      name: "The base of the armhole",
      label: "Base of the armhole, each",
      help: "What is bound off at the underarm.",
      range: [0.5, 20],
      usual: { percent: 45 },
      share: { of: "all that the armhole goes in" }
    }),
    across: ease({
      name: "The ease across the shoulders",
      label: "Ease across the shoulders",
      help: "Added to the cross-back.",
      range: [-10, 20],
      usual: 1,
      share: { of: "the cross-back" }
    }),
    depth: ease({
      name: "The height of the armhole\u2019s curve",
      label: "Height of the armhole\u2019s curve",
      help: "Above the base.",
      range: [1, 30],
      usual: { percent: 45 },
      share: { of: "the armhole\u2019s depth" }
    })
  }
});
var ARMHOLE_EASE = ease({
  name: "The ease of the armhole",
  label: "Armhole ease",
  help: "Added to the body\u2019s armhole depth.",
  range: [-5, 20],
  usual: 3,
  share: { of: "the armhole depth" }
});
var LOWER_EDGE = {
  slit: length({
    name: "The side slit",
    label: "Side slit, 0 for none",
    help: "The side seams are left open so far from the lower edge of the front.",
    range: [0, 60],
    usual: 0
  }),
  longerBack: length({
    name: "What the back is longer",
    label: "Back longer by",
    help: "The back reaches further down than the front.",
    range: [0, 30],
    usual: 0
  })
};
var MEASURED = group({
  name: "The measures",
  label: "Measures",
  help: "The measures of plain rectangles.",
  fields: {
    across: lengthOrNone({
      name: "The width of the back",
      label: "Back across",
      help: "The width of the back panel.",
      range: [10, 200],
      optional: { none: "from elbow to elbow", own: "as I say", first: 75 }
    }),
    open: length({
      name: "What is left open below the sleeve",
      label: "Left open below the sleeve, in all",
      help: "Half of it on the front and half on the back.",
      range: [0, 80],
      usual: 18
    })
  }
});
var NECK_EDGE = {
  hood: HOOD,
  neckband: { ...band("Neckband", 3, "none"), when: { hood: [null] } },
  collar: choice({
    name: "The high collar",
    label: "Stands",
    help: "Folded over, the neckband is worked twice as high as it stands.",
    when: { neckband: "some" },
    options: [
      [false, "as high as it is"],
      [true, "folded over, a high collar"]
    ],
    usual: false
  })
};
var HEM = band("Hem rib", 5);
var CUFF = { ...band("Cuff rib", 5), when: { sleeve: "some" } };
var ARMBAND = { ...band("Armhole rib", 2.5), when: { sleeve: [null] } };
var PANEL_WIDTHS = { ...WIDTH, ...LENGTH, armholeEase: ARMHOLE_EASE, fabric: bodyFabric() };

// packages/core/src/garment/shared/panels/sleeveFields.ts
var WRIST_EASE_OF = { bell: { percent: 110 } };
var EVEN_AT_CUFF = { "above-elbow": { percent: 52 } };
var EVEN_AT_TOP = { bell: { percent: 50 } };
var IN_ROUNDS = { "sleeve.worked": ["down"], "sleeve.rounds": ["joined", "turned"] };
var BALLOON = { "sleeve.shape": ["balloon"] };
var CURVED = { "armhole.across": "some" };
var ROUNDS2 = {
  rounds: choice({
    name: "How the sleeve is closed",
    label: "Closed",
    help: "A sleeve from the armhole down can be worked in rounds, which need no seam.",
    when: { "sleeve.worked": ["down"] },
    options: [
      ["sewn", "flat, then sewn"],
      ["joined", "in joined rounds"],
      ["turned", "in rounds, turned"]
    ],
    usual: "sewn"
  }),
  fade: choice({
    name: "How the fullness ends",
    label: "Into the cuff",
    help: "Gathered by the rib, or taken off in every 6th, 5th and 4th stitch of three rounds.",
    when: { ...BALLOON, ...IN_ROUNDS },
    options: [
      [false, "gathered by the rib"],
      [true, "faded in three rounds"]
    ],
    usual: false
  })
};
var WORKED = {
  worked: choice({
    name: "How the sleeve is worked",
    label: "Worked",
    help: "From the cuff up, or from the armhole down.",
    options: [
      ["up", "from the cuff up", { when: CURVED, label: "from the cuff up, cap worked" }],
      ["down", "from the armhole down", { when: CURVED, label: "down, cap by short rows" }]
    ],
    usual: "up"
  })
};
var sleeveFields = {
  shape: choice({
    name: "The shape of the sleeve",
    label: "Shape",
    help: "How it goes from its end to its top.",
    options: [
      ["tapered", "tapered"],
      ["straight", "straight, a rectangle"],
      ["above-elbow", "widened above the elbow only"],
      ["bell", "a bell"],
      ["balloon", "full, gathered at the cuff"]
    ],
    usual: "tapered"
  }),
  fullness: number({
    name: "The fullness of the sleeve",
    label: "Fuller than its cuff by",
    help: "How much wider the sleeve is than its cuff.",
    when: BALLOON,
    range: [5, 250],
    unit: "% of the cuff",
    usual: 80
  }),
  fabric: otherFabric({
    name: "The fabric of the sleeve",
    label: "Fabric",
    help: "The body\u2019s where nothing else is chosen."
  }),
  upperArmEase: easeOrNone({
    name: "The ease at the upper arm",
    label: "Upper arm",
    help: "Added to the upper arm: the armhole is made at least so deep.",
    range: [-10, 60],
    optional: { none: "led by the armhole", own: "with an ease of its own", first: 8 },
    share: { of: "the upper arm" }
  }),
  ...REACH,
  wristEase: {
    ...WRIST_EASE,
    range: [-3, 40],
    usual: ({ shape: shape3 }) => WRIST_EASE_OF[shape3] ?? 4
  },
  ...SHORTER,
  ...TAPER,
  evenAtCuff: { ...TAPER.evenAtCuff, usual: ({ shape: shape3 }) => EVEN_AT_CUFF[shape3] ?? 0 },
  evenAtTop: { ...TAPER.evenAtTop, usual: ({ shape: shape3 }) => EVEN_AT_TOP[shape3] ?? 0 }
};
var sleeveGroup = {
  name: "The sleeves",
  label: "Sleeve",
  heading: "Sleeve",
  help: "How the sleeve is worked and shaped."
};
var SLEEVE = group({
  ...sleeveGroup,
  fields: { ...WORKED, rounds: ROUNDS2.rounds, ...sleeveFields, fade: ROUNDS2.fade }
});
var FLAT_SLEEVE = group({ ...sleeveGroup, fields: { ...WORKED, ...sleeveFields } });
var SLEEVE_OR_NONE = groupOrNone({ ...SLEEVE, optional: { missing: "none" } });

// packages/core/src/garment/constructions/twoHalves/fields.ts
var CENTRE = group({
  name: "The band at the centre back",
  label: "Band at the centre back",
  help: "Worked last, it makes up what the halves lack of the width.",
  fields: {
    width: length({
      name: "The width of the band at the back",
      label: "Band at the back, about",
      help: "It comes out as what the halves lack of the round wanted.",
      range: [1, 40],
      usual: 4
    }),
    fabric: fabric({
      name: "The fabric of the band at the back",
      label: "Fabric of that band",
      help: "That of the front bands where nothing else is chosen.",
      usual: { as: "front.fabric" }
    })
  }
});
var FIELDS = {
  ...PANEL_WIDTHS,
  front: TIED_FRONT,
  centre: CENTRE,
  neck: NECK,
  sleeve: SLEEVE,
  ...NECK_EDGE,
  hem: HEM,
  cuff: CUFF
};

// packages/core/src/garment/shared/panels/sleeveFacts.ts
function sleeveFacts(input, counts, overhang) {
  const { style, fabrics, body: body2 } = input;
  if (!style.sleeve) return { sleeveTop: null, reach: null };
  const { gauge } = fabrics.get(style.sleeve.fabric ?? style.fabric);
  return {
    sleeveTop: { round: counts.of("sleeve.top") / perCm(gauge, "stitches"), quantity: "sleeve.top" },
    reach: {
      overhang,
      sleeve: sleeveRows(counts) / perCm(gauge, "rows"),
      cuff: bandHeight("cuff", counts, input),
      wanted: downTo(input, style.sleeve, body2.body.shoulderToWrist).length
    }
  };
}

// packages/core/src/garment/shared/panels/sleeveEdges.ts
function seamEdges(fabric2, spans2, outwards) {
  return ["front", "back"].map((name2) => ({
    id: `sleeve.${name2}-edge`,
    role: "sleeve seam",
    label: `Sleeve, ${name2} edge`,
    axis: "rows",
    place: {
      ...ends(name2 === "front" ? "left" : "right", ...spans2[name2]),
      ...shapingUnit(fabric2) > 1 ? { stepped: true } : {}
    },
    path: outwards.map((stitches2) => name2 === "front" ? -stitches2 : stitches2)
  }));
}

// packages/core/src/garment/shared/panels/sleeve.ts
function sleeve({ size: size2, style, fabrics }, own, counts) {
  const fabric2 = fabrics.get(own.fabric ?? style.fabric);
  const up = own.worked === "up";
  const round4 = inRounds(style, own);
  const seam2 = counts.of("sleeve.rows");
  const along = counts.find("notch.rows") ?? 0;
  const rows2 = seam2 + along;
  const [first, last] = up ? [1, seam2] : [along + 1, rows2];
  const top = counts.of("sleeve.top");
  const cuff = counts.of("sleeve.cuff");
  const end = lastOf(counts, rows2);
  const faded = end.n > rows2;
  const taper2 = later(
    sleeveSchedule(own, size2.id, {
      rows: seam2,
      top,
      cuff,
      rowsPerCm: perCm(fabric2.gauge, "rows"),
      up,
      unit: shapingUnit(fabric2),
      odd: (shapedRows(fabric2).odd + first - 1) % 2
    }),
    first - 1
  );
  const edgeAt = (at, count) => at === "start" ? { lies: "foundation", part: "main" } : { lies: "live", part: "main", n: end.n, from: 0, count };
  const outwards = countsByRow(taper2, first, last).map((count) => (count - taper2.start) / 2);
  const ofSeam = [{ part: "main", first, last }];
  return {
    ...SLEEVE_PIECE,
    fabric: fabric2,
    work: round4 ? "rounds" : "rows",
    rows: [
      "sleeve.rows",
      ...along > 0 ? ["notch.rows"] : [],
      ...faded ? ["fade.rows"] : []
    ],
    passages: [
      {
        kind: "start",
        part: "main",
        stitches: up ? cuff : top,
        extra: up ? chainsBeyond(fabric2) : 0,
        along: up ? null : "the armhole, from one underarm marker over the shoulder to the other",
        ...round4 ? { round: own.rounds } : {}
      },
      ...along > 0 && !up ? [evenAlong(along)] : [],
      {
        kind: "shape",
        part: "main",
        to: last,
        schedule: taper2,
        where: { at: "both edges" },
        of: {
          start: up ? "sleeve.cuff" : "sleeve.top",
          end: up ? "sleeve.top" : "sleeve.cuff",
          rows: "sleeve.rows"
        }
      },
      ...along > 0 && up ? [evenAlong(rows2)] : [],
      ...faded ? [fadeRounds(cuff, rows2)] : []
    ],
    edges: [
      {
        id: "sleeve.top",
        role: "sleeve top",
        label: "Sleeve, top",
        axis: "stitches",
        place: edgeAt(up ? "finish" : "start", top)
      },
      {
        id: "sleeve.cuff",
        role: "wrist",
        label: "Sleeve, cuff edge",
        axis: "stitches",
        place: edgeAt(up ? "start" : "finish", end.count),
        open: !style.cuff
      },
      ...round4 ? [] : seamEdges(fabric2, { front: ofSeam, back: ofSeam }, outwards),
      ...along > 0 ? ["front", "back"].map((which) => ({
        id: `sleeve.notch-${which}`,
        role: "sleeve step",
        label: `Sleeve, ${which} edge along the step`,
        axis: "rows",
        place: ends(which === "front" ? "left" : "right", {
          part: "main",
          first: up ? seam2 + 1 : 1,
          last: up ? rows2 : along
        }),
        path: "straight"
      })) : []
    ],
    expects: [
      { quantity: "sleeve.top", edges: ["sleeve.top"] },
      { quantity: faded ? "sleeve.end" : "sleeve.cuff", edges: ["sleeve.cuff"] },
      ...round4 ? [] : [{ quantity: "sleeve.rows", edges: ["sleeve.front-edge"] }],
      ...along > 0 ? [{ quantity: "notch.rows", edges: ["sleeve.notch-back"] }] : []
    ]
  };
}
function evenAlong(to) {
  return { kind: "even", part: "main", to, note: "along the step of the armhole" };
}

// packages/core/src/garment/shared/bandPiece.ts
var ROLES = {
  hem: "hem",
  "hem-front": "hem",
  cuff: "cuff",
  neckband: "neckband",
  armband: "armband"
};
function bandPiece(id, label, copies, band2, fabrics, counts, freeEnds = false) {
  const fabric2 = fabrics.get(band2.fabric);
  if (band2.worked === "up")
    return pickedUp(
      {
        id,
        role: ROLES[id],
        label,
        copies,
        fabric: fabric2,
        along: ALONG[id],
        counted: { along: `${id}.rows`, across: `${id}.height` },
        ends: { left: "start", right: "end" },
        freeEnds
      },
      counts
    );
  const stitches2 = counts.of(`${id}.height`);
  const rows2 = counts.of(`${id}.rows`);
  const along = (side) => ends(side, { part: "main", first: 1, last: rows2 });
  return {
    id,
    role: ROLES[id],
    label,
    copies,
    fabric: fabric2,
    work: "rows",
    rows: [`${id}.rows`],
    passages: [foundation(stitches2, fabric2), { kind: "even", part: "main", to: rows2 }],
    edges: [
      {
        id: `${id}.joined`,
        role: "joined",
        label: `${label}, joined edge`,
        axis: "rows",
        place: along("left"),
        path: "straight"
      },
      {
        id: `${id}.free`,
        role: "free",
        label: `${label}, free edge`,
        axis: "rows",
        place: along("right"),
        path: "straight",
        open: true
      },
      {
        id: `${id}.start`,
        role: "end",
        label: `${label}, first row`,
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        open: freeEnds
      },
      {
        id: `${id}.end`,
        role: "end",
        label: `${label}, last row`,
        axis: "stitches",
        place: { lies: "live", part: "main", n: rows2, from: 0, count: stitches2 },
        open: freeEnds
      }
    ],
    expects: [
      { quantity: `${id}.rows`, edges: [`${id}.joined`] },
      { quantity: `${id}.height`, edges: [`${id}.end`] }
    ]
  };
}
function pickedUp({ id, role, label, copies, fabric: fabric2, along, counted, ends: named2, freeEnds }, counts) {
  const [stitches2, rows2] = [counts.of(counted.along), counts.of(counted.across)];
  return {
    id,
    role,
    label,
    copies,
    fabric: fabric2,
    work: "rows",
    rows: [counted.across],
    passages: [
      { kind: "start", part: "main", stitches: stitches2, extra: 0, along },
      { kind: "even", part: "main", to: rows2 }
    ],
    edges: [
      {
        id: `${id}.joined`,
        role: "joined",
        label: `${label}, joined edge`,
        axis: "stitches",
        place: { lies: "foundation", part: "main" }
      },
      {
        id: `${id}.free`,
        role: "free",
        label: `${label}, free edge`,
        axis: "stitches",
        place: { lies: "live", part: "main", n: rows2, from: 0, count: stitches2 },
        open: true
      },
      ...SIDES.map((side) => ({
        id: `${id}.${named2[side]}`,
        role: "end",
        label: `${label}, ${side} end`,
        axis: "rows",
        place: ends(side, { part: "main", first: 1, last: rows2 }),
        path: "straight",
        open: freeEnds
      }))
    ],
    expects: [
      { quantity: counted.along, edges: [`${id}.joined`] },
      { quantity: counted.across, edges: [`${id}.${named2.left}`] }
    ]
  };
}
var ALONG = {
  hem: "the lower edge",
  "hem-front": "the lower edge",
  neckband: "the neck",
  armband: "the armhole",
  cuff: "the end of the sleeve"
};
function pickedBand(id, role, label, copies, fabric2, along, counts) {
  return pickedUp(
    {
      id,
      role,
      label,
      copies,
      fabric: fabric2,
      along,
      counted: { along: `${id}.stitches`, across: `${id}.rows` },
      ends: { left: "end-left", right: "end-right" },
      freeEnds: true
    },
    counts
  );
}
function frontBandPiece(fabric2, counts) {
  const ribs = [
    ...counts.find("hem.height") === void 0 ? [] : ["hem rib"],
    ...counts.find("neckband.height") === void 0 ? [] : ["neckband"]
  ];
  const included = ribs.length > 0 ? `, ${ribs.join(" and ")} included` : "";
  return pickedBand("band", "front band", "Front band", 2, fabric2, `the front edge${included}`, counts);
}

// packages/core/src/garment/constructions/twoHalves/half.ts
function half({ style, fabrics }, counts, wearers) {
  const fabric2 = fabrics.get(style.fabric);
  const [whole, back2, front2] = [counts.of("half.width"), counts.of("back.half"), counts.of("front.width")];
  const [side, drop] = [counts.of("side.rows"), counts.of("neck.drop")];
  const rows2 = counts.of("body.rows");
  const [shoulder, neck] = [counts.of("shoulder.width"), counts.of("neck.half")];
  const divide = rows2 - drop;
  const taken = front2 - shoulder;
  const at = wearers;
  const line2 = drop > 0 ? halfNeck(style.neck, { taken, drop, width: front2, divide, unit: ruleOfParts(fabric2).multiple }) : null;
  const inside2 = (row) => line2 && row > divide ? line2.inside[row - divide] : 0;
  const gone = inside2(side);
  const label = wearers === "left" ? "Left half" : "Right half";
  const shape3 = (part, start2, from, to) => to <= from ? [] : [
    {
      kind: "shape",
      part,
      to,
      schedule: fromSteps(
        start2 - inside2(from),
        from + 1,
        Array.from({ length: to - from }, (_, i) => start2 - inside2(from + 1 + i))
      ),
      where: { at: "one edge", side: at, edge: "the neck edge" },
      of: { start: "front.width", end: "shoulder.width", rows: "neck.drop" },
      ...line2 ? { line: line2.line } : {}
    }
  ];
  const frontPart = {
    part: "front-part",
    at: at === "left" ? 0 : back2,
    take: front2 - gone,
    label: "The front"
  };
  const backPart = { part: "back-part", at: at === "left" ? front2 - gone : 0, take: back2, label: "The back" };
  const hangs = side % 2 === 1 ? "left" : "right";
  const order = at === hangs ? [frontPart, backPart] : [backPart, frontPart];
  const up = (part) => part === "back-part" ? [{ kind: "even", part, to: rows2 }] : [
    { kind: "even", part, to: Math.max(side, divide) },
    ...shape3(part, front2, Math.max(side, divide), rows2),
    ...line2 ? [] : [{ kind: "even", part, to: rows2 }]
  ];
  const frontSpans = (first, last) => [
    { part: "main", first, last: Math.min(last, side) },
    { part: "front-part", first: Math.max(first, side + 1), last }
  ].filter((span2) => span2.first <= span2.last);
  const bare = neckIsOpen(style);
  const rowEnds2 = (id, role, words, place, open = false) => ({
    id: `${id}-${wearers}`,
    role,
    side: wearers,
    label: `${label}, ${words}`,
    axis: "rows",
    place,
    path: "straight",
    open
  });
  const live = (id, role, words, part, from, count, open = false) => ({
    id: `${id}-${wearers}`,
    role,
    side: wearers,
    label: `${label}, ${words}`,
    axis: "stitches",
    place: { lies: "live", part, n: rows2, from, count },
    open
  });
  const edgeRows2 = line2 ? divide - 1 : rows2;
  return {
    id: `half-${wearers}`,
    role: "half",
    shows: [["half.width"], ["body.rows"]],
    side: wearers,
    label,
    copies: 1,
    fabric: fabric2,
    work: "rows",
    rows: ["body.rows"],
    passages: [
      foundation(whole, fabric2),
      { kind: "even", part: "main", to: Math.min(side, divide) },
      ...shape3("main", whole, Math.min(side, divide), side),
      { kind: "mark", part: "main", meaning: "the underarm" },
      ...order.flatMap((one2, i) => [
        {
          kind: "go on",
          from: "main",
          ...one2,
          leave: i === 1 ? 0 : whole - gone - one2.take,
          rejoin: i === 1
        },
        ...up(one2.part)
      ])
    ],
    edges: [
      {
        id: `half.hem-${wearers}`,
        role: "lower edge",
        side: wearers,
        label: `${label}, lower edge`,
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        open: !style.hem
      },
      rowEnds2(
        "back.centre",
        "centre back",
        "centre back",
        ends(
          OTHER[at],
          { part: "main", first: 1, last: side },
          { part: "back-part", first: side + 1, last: rows2 }
        )
      ),
      rowEnds2(
        "back.armhole",
        "armhole",
        "back of the armhole",
        ends(at, { part: "back-part", first: side + 1, last: rows2 })
      ),
      rowEnds2(
        "front.armhole",
        "armhole",
        "front of the armhole",
        ends(OTHER[at], { part: "front-part", first: side + 1, last: rows2 })
      ),
      rowEnds2(
        "front.edge",
        "front edge",
        "front edge",
        ends(at, ...frontSpans(1, edgeRows2)),
        style.front.style !== "band"
      ),
      line2 ? {
        ...rowEnds2(
          "front.neck",
          "neck",
          "front neck",
          { ...ends(at, ...frontSpans(divide, rows2)), stepped: true },
          bare
        ),
        path: line2.inside.map((stitches2) => at === "left" ? stitches2 : -stitches2)
      } : live("front.neck", "neck", "front neck", "front-part", at === "left" ? 0 : shoulder, taken, bare),
      live(
        "front.shoulder",
        "shoulder",
        "front shoulder",
        "front-part",
        line2 || at === "right" ? 0 : taken,
        shoulder
      ),
      live("back.shoulder", "shoulder", "back shoulder", "back-part", at === "left" ? 0 : neck, shoulder),
      live("back.neck", "neck", "back neck", "back-part", at === "left" ? shoulder : 0, neck, bare)
    ],
    expects: [
      { quantity: "half.width", edges: [`half.hem-${wearers}`] },
      { quantity: "body.rows", edges: [`back.centre-${wearers}`] },
      { quantity: "armhole.rows", edges: [`front.armhole-${wearers}`] },
      { quantity: "shoulder.width", edges: [`front.shoulder-${wearers}`] },
      { quantity: "neck.half", edges: [`back.neck-${wearers}`] }
    ]
  };
}

// packages/core/src/garment/shared/bandJoins.ts
function meeting({ worked: worked2 }) {
  return worked2 === "up" ? { edge: "pick-up", ends: "row-to-row" } : { edge: "stitch-to-row", ends: "stitch-to-stitch" };
}
function bandJoin(band2, join) {
  return {
    id: join.id,
    role: join.role,
    label: join.label,
    kind: meeting(band2).edge,
    a: [`${join.band}.joined`],
    b: join.edges,
    gather: band2.gather
  };
}
function cuffJoins(band2) {
  return [
    ...onBothSides(
      "Cuff rib to sleeve",
      (side, label) => bandJoin(band2, { id: `cuff-${side}`, role: "cuff", label, band: "cuff", edges: ["sleeve.cuff"] })
    ),
    ...onBothSides("Cuff seam", (side, label) => ({
      ...endsMeet(band2, "cuff", "cuff ends", label),
      id: `cuff-seam-${side}`
    }))
  ].sort(bySide);
}
function bySide(a, b) {
  return a.side === b.side ? 0 : a.side === "left" ? -1 : 1;
}
function neckbandJoins(band2, edges, open) {
  return [
    bandJoin(band2, { id: "neckband", role: "neckband", label: "Neckband to neck", band: "neckband", edges }),
    ...open ? [] : [endsMeet(band2, "neckband", "neckband ends", "Neckband, its ends")]
  ];
}
function endsMeet(band2, id, role, label) {
  return {
    id: `${id}-seam`,
    role,
    label,
    kind: meeting(band2).ends,
    a: [`${id}.end`],
    b: [`${id}.start`]
  };
}
function endsJoin(band2, id, label, a, b) {
  return { id, role: "hem ends", label, kind: meeting(band2).ends, a: [a], b: [b] };
}
function frontBandJoins(along) {
  return onBothSides("Front band", (side, label) => ({
    id: `band-${side}`,
    role: "front band",
    label,
    kind: "pick-up",
    a: ["band.joined"],
    b: [...along(side)]
  }));
}

// packages/core/src/garment/shared/panels/lowerEdge.ts
var SEAM_ROWS = 2;
function draftLowerEdge({ style, size: size2 }, fabric2) {
  const wanted = [
    { id: "slit.rows", label: "Side slit", field: "slit" },
    { id: "back.longer", label: "Back, longer than the front", field: "longerBack" }
  ];
  const quantities = wanted.flatMap(({ id, label, field }) => {
    const length2 = forSize(style[field], size2.id);
    return length2 > 0 ? [
      quantity({
        id,
        label,
        fabric: fabric2,
        axis: "rows",
        target: length2,
        weight: 0.3,
        // Whole pairs of rows, so that back and front begin on the same side.
        ...id === "back.longer" ? { rule: { multiple: 2, plus: 0 } } : {},
        min: 2,
        because: [given(`${label} wanted`, length2, { kind: "style", id: `garment.${field}` })]
      })
    ] : [];
  });
  return {
    quantities,
    relations: quantities.some(({ id }) => id === "slit.rows") ? [
      sumAtMost2(
        { id: "slit", rule: "a side slit leaves a seam above it" },
        { "slit.rows": 1, "side.rows": -1 },
        -SEAM_ROWS
      )
    ] : []
  };
}
function openRows(counts, piece) {
  return (counts.find("slit.rows") ?? 0) + (piece === "back" ? longerRows(counts) : 0);
}
function longerRows(counts) {
  return counts.find("back.longer") ?? 0;
}
function isSlit({ style, size: size2 }) {
  return forSize(style.slit, size2.id) > 0 || forSize(style.longerBack, size2.id) > 0;
}
function sideEdges(id, side, open, last, out = []) {
  const stepped2 = out.some((stitches2, i) => i > 0 && Math.abs(stitches2 - out[i - 1]) > 1);
  const { piece, wearers, label } = id;
  const path = (from, to) => {
    const at = (row) => out[Math.max(0, row - 1 - (last - out.length))] ?? 0;
    if (out.every((stitches2) => stitches2 === out[0])) return "straight";
    return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => {
      const moved2 = at(from + i) - at(from);
      return side === "left" ? -moved2 : moved2;
    });
  };
  const edge2 = (name2, words, from, to) => ({
    id: `${piece}.${name2}-${wearers}`,
    role: name2,
    side: wearers,
    label: `${label}, ${words}`,
    axis: "rows",
    // Sides shaped by whole units step.
    place: { ...ends(side, { part: "main", first: from, last: to }), ...stepped2 ? { stepped: stepped2 } : {} },
    path: path(from, to)
  });
  return [
    ...open > 0 ? [{ ...edge2("slit", `${wearers} side, open`, 1, open), open: true }] : [],
    edge2("side", `${wearers} side`, open + 1, last)
  ];
}
function sideExpects(piece, wearers, counts) {
  const slit = openRows(counts, piece) > 0 ? [`${piece}.slit-${wearers}`] : [];
  return piece === "back" && longerRows(counts) > 0 ? [] : [{ quantity: "side.rows", edges: [...slit, `${piece}.side-${wearers}`] }];
}

// packages/core/src/garment/shared/panels/notch.ts
function notchWidth({ style, size: size2 }, panel) {
  if (!isNotched(style)) return null;
  return shareOf(
    forSize(style.armhole.notch, size2.id),
    "Step at the underarm",
    { length: panel, label: "Panel, width", from: { kind: "quantity", id: "back.width" } },
    { kind: "style", id: "garment.armhole.notch" }
  );
}
function notchEdges(piece, label, open, notch, { n, width }, lies) {
  if (notch === 0) return [];
  return SIDES.flatMap((wearers) => {
    const at = lies[wearers];
    return at ? [
      {
        id: `${piece}.notch-${wearers}`,
        role: "underarm",
        side: wearers,
        label: `${label}, ${wearers} step of the armhole`,
        axis: "stitches",
        place: { lies: "live", part: "main", n, from: at === "left" ? 0 : width - notch, count: notch },
        open
      }
    ] : [];
  });
}
function notchJoins() {
  return onBothSides("Steps of the armhole to the sleeve", (side, label) => ({
    id: `notch-${side}`,
    role: "armhole step",
    label,
    kind: "stitch-to-row",
    a: [`front.notch-${side}`, `back.notch-${side}`],
    b: ["sleeve.notch-front", "sleeve.notch-back"]
  }));
}

// packages/core/src/garment/shared/panels/joins.ts
function joins(input, drop) {
  const { style } = input;
  const slit = isSlit(input);
  const { hem, neckband, sleeve: sleeve3 } = style;
  const cuff = cuffOf(style);
  const open = isOpen(style);
  const round4 = sleeve3 !== null && inRounds(style, sleeve3);
  return [
    ...shoulderSeams(),
    ...sleeve3 && !round4 ? armholeJoins(style, sleeve3) : [],
    ...sleeve3 && isNotched(style) ? notchJoins() : [],
    ...onBothSides(slit ? "Side seam above the slit" : "Side seam", (side, label) => ({
      id: `side-${side}`,
      role: "side",
      label,
      kind: "row-to-row",
      a: [`back.side-${side}`],
      b: [`front.side-${side}`],
      ...slit ? { says: "row to row from the underarm down; below them the sides stay open" } : {}
    })),
    // A sleeve in rounds is picked up round a closed armhole.
    ...sleeve3 ? round4 ? armholeJoins(style, sleeve3) : sleeveSeams() : [],
    ...style.armband ? armbandJoins(style.armband, style.armhole !== null) : [],
    ...hem ? hemJoins(hem, open, slit) : [],
    ...cuff ? cuffJoins(cuff) : [],
    ...neckband ? neckbandJoins(neckband, neckEdges(style, drop), open) : [],
    ...style.hood ? hoodJoins(style.hood, neckEdges(style, drop)) : [],
    ...style.front.style === "band" ? frontBandJoins((side) => [
      ...hem ? [side === "right" ? "hem-front.start" : "hem-front.end"] : [],
      `front.edge-${side}`,
      ...neckband ? [side === "right" ? "neckband.start" : "neckband.end"] : []
    ]) : []
  ];
}
function neckEdges({ front: front2 }, drop) {
  const sides = ["front.neck-right", "back.neck", "front.neck-left"];
  if (front2.style !== "closed") return sides;
  return drop === 0 ? ["front.neck", "back.neck"] : ["front.neck", ...sides];
}
function hemJoins(band2, open, slit) {
  const front2 = open ? "hem-front" : "hem";
  const to = (rib, edge2, id, label) => bandJoin(band2, { id, role: "hem", label, band: rib, edges: [edge2] });
  const [start2, end] = ["start", "end"];
  return [
    to("hem", "back.hem", "hem-back", "Hem rib to back"),
    ...open ? onBothSides(
      "Hem rib to front",
      (side, label) => to(front2, `front.hem-${side}`, `hem-front-${side}`, label)
    ) : [to(front2, "front.hem", "hem-front", "Hem rib to front")],
    ...(slit ? [] : SIDES).map((side) => {
      const [a, b] = side === "right" ? [start2, end] : [end, start2];
      return {
        ...endsJoin(band2, `hem-side-${side}`, `Hem rib, ${side} side`, `hem.${a}`, `${front2}.${b}`),
        side,
        both: "Hem rib, both sides"
      };
    })
  ];
}
function armholeJoins({ armhole }, { worked: worked2 }) {
  const curved = armhole !== null && armhole.curve !== null;
  const cap = ["cap.base-front", "cap.front-edge", "cap.top", "cap.back-edge", "cap.base-back"];
  return onBothSides("Armhole", (side, label) => {
    const rows2 = [`front.armhole-${side}`, `back.armhole-${side}`];
    return {
      id: `armhole-${side}`,
      role: "armhole",
      label,
      kind: worked2 === "up" ? "stitch-to-row" : "pick-up",
      a: curved && worked2 === "up" ? cap : ["sleeve.top"],
      b: curved ? [`front.notch-${side}`, ...rows2, `back.notch-${side}`] : rows2.reverse()
    };
  });
}
function shoulderSeams() {
  return onBothSides("Shoulder seam", (side, label) => ({
    id: `shoulder-${side}`,
    role: "shoulder",
    label,
    kind: "stitch-to-stitch",
    a: [`back.shoulder-${side}`],
    b: [`front.shoulder-${side}`]
  }));
}
function sleeveSeams() {
  return onBothSides("Sleeve seam", (side, label) => ({
    id: `sleeve-seam-${side}`,
    role: "sleeve seam",
    label,
    kind: "row-to-row",
    a: ["sleeve.front-edge"],
    b: ["sleeve.back-edge"]
  }));
}
function armbandJoins(band2, notched2) {
  return [
    ...onBothSides(
      "Armhole rib",
      (side, label) => bandJoin(band2, {
        id: `armband-${side}`,
        role: "armband",
        label,
        band: "armband",
        edges: [
          ...notched2 ? [`front.notch-${side}`] : [],
          `front.armhole-${side}`,
          `back.armhole-${side}`,
          ...notched2 ? [`back.notch-${side}`] : []
        ]
      })
    ),
    ...onBothSides("Armhole rib, its ends", (side, label) => ({
      ...endsMeet(band2, "armband", "armband ends", label),
      id: `armband-seam-${side}`
    }))
  ].sort(bySide);
}

// packages/core/src/garment/constructions/twoHalves/joins.ts
function joins2({ style }) {
  const { hem, neckband, sleeve: sleeve3 } = style;
  const cuff = cuffOf(style);
  const round4 = sleeve3 !== null && inRounds(style, sleeve3);
  const rib = (side, end) => hem ? [side === "left" === (end === "front") ? "hem.start" : "hem.end"] : [];
  const neck = [
    "front.neck-right",
    "back.neck-right",
    "centre.end-right",
    "back.neck-left",
    "front.neck-left"
  ];
  return [
    ...hem ? onBothSides(
      "Hem rib to half",
      (side, label) => bandJoin(hem, {
        id: `hem-${side}`,
        role: "hem",
        label,
        band: "hem",
        edges: [`half.hem-${side}`]
      })
    ) : [],
    {
      id: "centre-picked",
      role: "centre band",
      label: "Band at the centre back, left half",
      kind: "pick-up",
      a: ["centre.joined"],
      b: [...rib("left", "centre"), "back.centre-left"]
    },
    {
      id: "centre-sewn",
      role: "centre seam",
      label: "Band at the centre back, right half",
      kind: "stitch-to-row",
      a: ["centre.free"],
      b: [...rib("right", "centre"), "back.centre-right"]
    },
    ...shoulderSeams(),
    ...sleeve3 ? onBothSides("Armhole", (side, label) => ({
      id: `armhole-${side}`,
      role: "armhole",
      label,
      kind: sleeve3.worked === "up" ? "stitch-to-row" : "pick-up",
      a: ["sleeve.top"],
      b: [`back.armhole-${side}`, `front.armhole-${side}`]
    })) : [],
    ...sleeve3 && !round4 ? sleeveSeams() : [],
    ...cuff ? cuffJoins(cuff) : [],
    ...neckband ? neckbandJoins(neckband, neck, true) : [],
    ...style.hood ? hoodJoins(style.hood, neck) : [],
    ...style.front.style === "band" ? frontBandJoins((side) => [
      ...rib(side, "front"),
      `front.edge-${side}`,
      ...neckband ? [side === "right" ? "neckband.start" : "neckband.end"] : []
    ]) : []
  ];
}

// packages/core/src/garment/constructions/twoHalves/program.ts
function program(input, counts) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const banded = style.front.style === "band";
  const pieces = [
    half(input, counts, "right"),
    half(input, counts, "left"),
    ...style.sleeve ? [sleeve(input, style.sleeve, counts)] : []
  ];
  const rib = (of) => fabrics.get(of.fabric);
  if (style.hem) pieces.push(bandPiece("hem", "Hem rib of each half", 2, style.hem, fabrics, counts, true));
  if (style.cuff) pieces.push(bandPiece("cuff", "Cuff rib", 2, style.cuff, fabrics, counts));
  pieces.push(
    pickedBand(
      "centre",
      "centre band",
      "Band at the centre back",
      1,
      rib(style.centre),
      "the centre back of the left half, hem included",
      counts
    )
  );
  if (style.neckband)
    pieces.push(bandPiece("neckband", "Neckband", 1, style.neckband, fabrics, counts, !banded));
  if (style.hood) pieces.push(hoodPiece(input, counts));
  if (isTied(style)) pieces.push(cordPiece("tie", "Tie", 2 * style.front.ties, rib(style.front), counts));
  if (banded) pieces.push(frontBandPiece(rib(style.front), counts));
  const { gauge, growth: growth3 = 0 } = fabric2;
  const [stitches2, rows2] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  const sleeveGauge = fabrics.get(style.sleeve?.fabric ?? style.fabric).gauge;
  const centre = counts.of("centre.rows") / perCm(rib(style.centre).gauge, "rows");
  const across = 2 * counts.of("back.half") / stitches2 + centre;
  const overhang = (across - input.body.body.crossBack) / 2;
  const round4 = 2 * counts.of("half.width") / stitches2 + centre + openingWorked(input, counts);
  const down = (count) => count / rows2 * (1 + growth3);
  const body2 = [
    { at: 0, round: round4 },
    { at: down(counts.of("body.rows")), round: round4 }
  ];
  const reach = sleeveRows(counts) / perCm(sleeveGauge, "rows");
  return {
    pieces,
    joins: joins2(input),
    girths: {
      body: body2,
      arm: style.sleeve ? [
        { at: overhang, round: counts.of("sleeve.top") / perCm(sleeveGauge, "stitches") },
        { at: overhang + reach, round: counts.of("sleeve.cuff") / perCm(sleeveGauge, "stitches") }
      ] : []
    },
    facts: {
      closedNeck: null,
      ...sleeveFacts(input, counts, overhang)
    }
  };
}

// packages/core/src/garment/constructions/twoHalves/twoHalves.ts
var twoHalves = construction({
  id: "two-halves",
  label: "Two halves, joined at the centre back",
  says: "Two halves, each half of the back with a front, joined at the centre back",
  sketch: {
    outlines: [
      "M6 20 L28 20 L30 44 L34 20 L54 20 L54 90 L6 90 Z",
      "M66 20 L86 20 L90 44 L92 20 L114 20 L114 90 L66 90 Z",
      "M57 20 L63 20 L63 90 L57 90 Z"
    ],
    inner: ["M30 44 L30 90", "M90 44 L90 90"],
    needs: "width and length, armhole depth, about how wide the band at the back is",
    gives: "no side seams; a band of rows at the centre back, last of all, that sets the final width"
  },
  table: {
    // The band at the centre back lies first, the left half at its right.
    root: "centre band",
    facing: { edge: "joined", way: "right" },
    neck: [
      ["neck.half", "neck, each half"],
      ["neck.drop", "drop"]
    ]
  },
  fields: FIELDS,
  specimens: [
    {
      name: "two halves",
      garment: {
        ease: 14,
        neck: { drop: 20, shape: "V" },
        neckband: { fabric: "rib", height: 3, gather: 1 }
      }
    }
  ],
  style: (read2) => ({
    ...panelStyle(read2),
    // A half has an edge in front.
    front: read2.front.style === "closed" ? { ...read2.front, style: "band" } : read2.front,
    centre: read2.centre
  }),
  draft,
  program
});

// packages/core/src/garment/shared/panels/bodyLengths.ts
function bodyLengths(input) {
  const { style, fabrics } = input;
  const upper = fabrics.get(upperFabric(style));
  const changes = style.upper !== null;
  const width = bodyWidth(input);
  const neck = neckWidth(input);
  const inset = insetOf(input, width.length);
  const notch = inset?.base ?? notchWidth(input, width.length);
  const off = (notch?.length ?? 0) + (inset?.curve.length ?? 0);
  const armholeCounts = [];
  if (notch) armholeCounts.push("notch.width");
  if (inset) armholeCounts.push("armhole.curve");
  const shoulder = (width.length - neck.length) / 2 - off;
  const open = isOpen(style);
  const front2 = open ? frontWidth(input, width.length, "Back, width") : width;
  const { slant } = style.neck;
  const slanted = open ? front2.length - shoulder - off : neck.length / 2;
  const drop = slant ? slanted * perCm(upper.gauge, "stitches") * slant.every / slant.stitches / perCm(upper.gauge, "rows") : neck.drop;
  const notes = [];
  if (front2.length < shoulder + off)
    notes.push({
      level: "warn",
      code: "gap-wider-than-neck",
      where: changes ? "front.upper" : "front.width",
      message: say`What lies between the fronts (${cm(openingWidth(input))}) is wider than the neck (${cm(neck.length)}), so each front would be narrower than its shoulder; a wider neck or a smaller gap would do.`
    });
  notes.push(...neckTooWide(neck.length, width.length - 2 * off));
  return {
    fabric: fabrics.get(style.fabric),
    upper,
    changes,
    open,
    width,
    front: front2,
    neck,
    drop,
    slanted,
    shoulder,
    inset,
    notch,
    off,
    armholeCounts,
    notes
  };
}

// packages/core/src/garment/shared/panels/bodyQuantities.ts
function bodyQuantities(input, body2, lengths) {
  const { fabric: fabric2, upper, changes, open, width, front: front2, neck, drop, slanted, shoulder, inset, notch, off } = body2;
  const { armhole, armholeReasons, side } = lengths;
  const { slant } = input.style.neck;
  return [
    quantity({
      id: "back.width",
      label: "Back, width",
      fabric: fabric2,
      axis: "stitches",
      target: width.length,
      weight: 1,
      rule: fabric2.rule.flat,
      because: width.reasons,
      min: 4
    }),
    quantity({
      id: "front.width",
      label: open ? "Front, width of each" : "Front, width",
      fabric: fabric2,
      axis: "stitches",
      target: front2.length,
      weight: 1,
      rule: fabric2.rule.flat,
      because: front2.reasons,
      min: 4
    }),
    quantity({
      id: "neck.width",
      label: "Neck, width",
      fabric: upper,
      axis: "stitches",
      target: neck.length,
      weight: 1,
      rounding: "not under",
      because: neck.reasons
    }),
    quantity({
      id: "shoulder.width",
      label: "Shoulder, each",
      fabric: upper,
      axis: "stitches",
      target: Math.max(0.5, shoulder),
      // By whole units every row is in pattern, that of a shoulder as well.
      ...shapingUnit(upper) === 1 ? {} : { rule: upper.rule.flat },
      weight: inset ? 1 : 0.2,
      because: [
        given("Panel, width", width.length, { kind: "quantity", id: changes ? "back.upper" : "back.width" }),
        plus("Neck", -neck.length, width.length - neck.length, { kind: "quantity", id: "neck.width" }),
        ...notch ? [
          plus(
            inset ? "What both armholes take off" : "Two steps of the armholes",
            -2 * off,
            2 * shoulder,
            { kind: "quantity", id: "notch.width" }
          )
        ] : [],
        becomes("Two shoulders", "\xF7 2", shoulder)
      ]
    }),
    ...notch ? [
      quantity({
        id: "notch.width",
        label: inset ? "Armhole, base of each" : "Step at the underarm, each",
        fabric: fabric2,
        axis: "stitches",
        target: notch.length,
        rule: { multiple: shapingUnit(fabric2), plus: 0 },
        weight: 0.4,
        because: notch.reasons,
        min: 1
      })
    ] : [],
    ...changes ? ["back", "front"].map(
      (panelId) => quantity({
        id: `${panelId}.upper`,
        label: `${panelId === "back" ? "Back" : "Front"}, width from the underarm up`,
        fabric: upper,
        axis: "stitches",
        target: (panelId === "back" ? width : front2).length,
        weight: 1,
        rule: upper.rule.flat,
        because: (panelId === "back" ? width : front2).reasons,
        min: 4
      })
    ) : [
      quantity({
        id: "body.rows",
        label: "Back and front, height",
        fabric: fabric2,
        axis: "rows",
        target: lengths.panel,
        weight: 1,
        rule: fabric2.rule.rows,
        because: lengths.panelReasons,
        min: 4
      })
    ],
    quantity({
      id: "armhole.rows",
      label: "Armhole, depth",
      fabric: upper,
      axis: "rows",
      target: armhole,
      weight: 1,
      ...changes ? { rule: upper.rule.rows } : {},
      because: armholeReasons,
      min: 2
    }),
    quantity({
      id: "side.rows",
      label: "Side seam",
      fabric: fabric2,
      axis: "rows",
      target: Math.max(SHORTEST3, side),
      weight: changes ? 1 : 0.2,
      ...changes ? { rule: fabric2.rule.rows } : {},
      because: lengths.sideReasons
    }),
    quantity({
      id: "neck.drop",
      label: "Front neck drop",
      fabric: upper,
      axis: "rows",
      target: drop,
      weight: 0.5,
      rounding: drop === 0 ? "not over" : "not under",
      min: 0,
      because: slant ? [
        given("Slanted off", slanted, { kind: "quantity", id: open ? "front.width" : "neck.width" }),
        {
          label: say`Rows for ${slant.stitches} off in every ${slant.every === 1 ? "row" : "2nd row"}`,
          figure: say`${cm(drop)}`
        }
      ] : neckDrop(input).reasons
    })
  ];
}

// packages/core/src/fit/counts.ts
function countReader(counts) {
  return {
    of: (id) => {
      const count = counts[id];
      if (count === void 0) throw new RangeError(`No count has the id \u201C${id}\u201D.`);
      return count;
    },
    find: (id) => counts[id]
  };
}

// packages/core/src/garment/shared/panels/cap/targets.ts
function capTargets(input, style, { armhole, inset }) {
  const { fabrics, size: size2, style: garment } = input;
  const { gauge } = fabrics.get(garment.fabric);
  const { upperArm } = input.body.body;
  const ease2 = upperArmEase(input);
  const round4 = upperArm + easeOver(ease2, upperArm);
  const curve = forSize(garment.armhole.curve.depth, size2.id);
  const counted = (length2, axis) => Math.max(1, Math.round(length2 * perCm(gauge, axis)));
  const about = countReader({
    "notch.width": counted(inset.base.length, "stitches"),
    "armhole.curve": counted(inset.curve.length, "stitches"),
    "armhole.shaped": counted(easeOver(curve, armhole), "rows"),
    "armhole.rows": counted(armhole, "rows")
  });
  const fabric2 = fabrics.get(style.fabric ?? garment.fabric);
  const width = nearest(round4 * perCm(fabric2.gauge, "stitches"), ruleOf(input, style, fabric2));
  const { cap, edge: edge2 } = solvedTo(input, style, about, width);
  const notes = round4 > edge2 ? [
    {
      level: "warn",
      code: "sleeve-wider-than-armhole",
      where: "sleeve.top",
      message: say`The sleeve (${cm(round4)} at the upper arm) is wider than the armhole is long all round (about ${cm(edge2)}), so no cap fits it; a deeper armhole or less ease at the upper arm would do.`
    }
  ] : [];
  return {
    upper: {
      length: round4,
      reasons: [
        measured(input, "upperArm"),
        eased("Ease at the upper arm", ease2, upperArm, {
          kind: "style",
          id: "garment.sleeve.upperArmEase"
        })
      ]
    },
    height: cap.rows / perCm(fabric2.gauge, "rows"),
    notes
  };
}

// packages/core/src/garment/shared/panels/cap/along.ts
var BENT = 0.1;
var CAP_IDS = ["cap.rows", "cap.base", "cap.top", "sleeve.rows"];
function capAlong(input, style, counts) {
  const { style: garment, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric ?? garment.fabric);
  const school = schoolOf(style);
  const [stitches2, rows2] = [perCm(fabric2.gauge, "stitches"), perCm(fabric2.gauge, "rows")];
  const width = counts.of("sleeve.top");
  const { cap, edge: edge2, longest, base, unit: unit2 } = solvedTo(input, style, counts, width);
  const height = cap.rows / rows2;
  const below = rowsBelow(input, style, counts, height);
  const armholeStep = given("Armhole, its edge all round", edge2, { kind: "quantity", id: "armhole.curve" });
  const quantities = [
    below.quantity,
    quantity({
      id: "cap.rows",
      label: school === "worked" ? "Sleeve cap, height" : "Sleeve cap, short rows",
      fabric: fabric2,
      axis: "rows",
      target: height,
      weight: 1,
      rule: school === "worked" ? ANY_COUNT : { multiple: 2, plus: 1 },
      min: school === "worked" ? 2 : 3,
      because: [
        armholeStep,
        becomes("With what is eased in", `\xD7 ${figure(1 + CAP_EASE, 2)}`, edge2 * (1 + CAP_EASE)),
        {
          label: say`Height of the cap whose edge comes nearest to that`,
          figure: say`${cm(height)}`,
          note: say`${cap.rows} rows: edge ${cm(capLength(school, cap, stitches2, rows2))}`
        }
      ]
    }),
    quantity({
      id: "cap.base",
      label: school === "worked" ? "Sleeve cap, bound off at its base, each side" : "Sleeve cap, left unworked at the underarm, each side",
      fabric: fabric2,
      axis: "stitches",
      target: base.length,
      weight: 1,
      ...base.rule ? { rule: base.rule } : {},
      min: 1,
      because: [
        given("Base of the armhole", base.length, { kind: "quantity", id: "notch.width" }),
        {
          label: base.same ? say`The same count as the armhole’s, so that they meet stitch to stitch` : say`The nearest count of the sleeve’s own`,
          figure: say`${base.count} stitches`
        }
      ]
    }),
    quantity({
      id: "cap.top",
      label: school === "worked" ? "Sleeve cap, top" : "Sleeve cap, first short row",
      fabric: fabric2,
      axis: "stitches",
      target: cap.top / stitches2,
      weight: 0.4,
      min: 1,
      because: [
        given("Sleeve below the cap", width / stitches2, { kind: "quantity", id: "sleeve.top" }),
        {
          label: say`About a fifth of it, such that the edge of the cap fits the armhole`,
          figure: say`${cm(cap.top / stitches2)}`
        }
      ]
    })
  ];
  return {
    quantities,
    helpers: [{ id: "cap.slope", min: 1, max: 400 }],
    relations: [
      below.relation,
      sumIs2(
        {
          id: "cap.width",
          rule: "base, slope and top of the cap are the width of the sleeve",
          says: (found) => say`Base + slope + top + slope + base: ${found.of("cap.base")} + ${unit2 * found.of("cap.slope")} + ${found.of("cap.top")} + ${unit2 * found.of("cap.slope")} + ${found.of("cap.base")} = ${width}`
        },
        { "cap.base": 2, "cap.slope": 2 * unit2, "cap.top": 1 },
        width
      ),
      ...base.same ? [
        sumIs2(
          { id: "cap.base", rule: "the cap is bound off at its base by the same count as the armhole" },
          { "cap.base": 1 },
          base.count
        )
      ] : [],
      ...school === "short rows" ? [
        sumAtMost2(
          { id: "cap.turns", rule: "each short row goes at least a stitch further than the one before" },
          { "cap.rows": 1, "cap.slope": -2 },
          1
        )
      ] : [],
      ...edgeFits(school, cap, { edge: edge2, longest, unit: unit2 }, stitches2, rows2)
    ]
  };
}
function edgeFits(school, cap, { edge: edge2, longest, unit: unit2 }, stitchesPerCm, rowsPerCm) {
  const lengthOf = (change2) => capLength(school, { ...cap, ...change2 }, stitchesPerCm, rowsPerCm);
  const own = lengthOf({});
  const step = school === "worked" ? 1 : 2;
  const byRow = (lengthOf({ rows: cap.rows + step }) - own) / step;
  const bySlope = lengthOf({ slope: cap.slope + unit2 }) - own;
  const [byTop, byBase] = [1 / stitchesPerCm, 2 / stitchesPerCm];
  const times = { "cap.rows": byRow, "cap.slope": bySlope, "cap.top": byTop, "cap.base": byBase };
  const rest = own - byRow * cap.rows - bySlope * cap.slope / unit2 - byTop * cap.top - byBase * cap.base;
  const [least, most] = [Math.min(edge2, own) - 1e-6, Math.max(longest - BENT, own) + 1e-6];
  const rule2 = "the edge of the cap goes along the armhole";
  return [
    {
      ...sumAtLeast2({ id: "cap.edge.shorter", rule: rule2 }, times, least - rest),
      says: () => say`Cap to armhole: ${cm(own)} along ${cm(edge2)}`
    },
    sumAtMost2({ id: "cap.edge.longer", rule: rule2 }, times, most - rest)
  ];
}

// packages/core/src/garment/shared/panels/edgings.ts
var RIBS = [
  { id: "neckband", label: "Neckband", edge: neckEdge2 },
  { id: "armband", label: "Armhole rib", edge: armholeEdge2 }
];
function followers(input) {
  const { style } = input;
  const capped = style.armhole?.curve ? style.sleeve : null;
  const ribs = RIBS.flatMap((rib) => {
    const band2 = rib.id === "neckband" ? neckbandOf(input) : style[rib.id];
    return band2 ? [{ ...rib, style: band2 }] : [];
  });
  const banded = style.front.style === "band";
  if (ribs.length === 0 && !banded && !capped && !style.hood) return null;
  return {
    ids: [...capped ? CAP_IDS : [], ...edgingIds(ribs, banded), ...style.hood ? HOOD_IDS : []],
    follow: (counts) => together([
      ...capped ? [capAlong(input, capped, counts)] : [],
      ...ribs.map((rib) => ribAlong(input, rib, rib.edge(input, counts))),
      ...style.hood ? [hoodAlong(input, neckEdge2(input, counts))] : [],
      ...banded ? [frontBandAlong(input, frontEdge(input, counts))] : []
    ])
  };
}
function armholeEdge2({ style, fabrics }, counts) {
  const rows2 = counts.of("armhole.rows");
  const depth = 2 * rows2 / perCm(fabrics.get(upperFabric(style)).gauge, "rows");
  const reasons = [given(say`Armhole, 2 × ${rows2} rows`, depth, { kind: "quantity", id: "armhole.rows" })];
  const unit2 = depth / (2 * rows2);
  if (!style.armhole) return { label: "Armhole", length: depth, unit: unit2, reasons };
  const notch = counts.of("notch.width");
  const steps = 2 * notch / perCm(fabrics.get(style.fabric).gauge, "stitches");
  return {
    label: "Armhole",
    length: depth + steps,
    unit: unit2,
    reasons: [
      ...reasons,
      plus("Two steps at the underarm", steps, depth + steps, { kind: "quantity", id: "notch.width" })
    ]
  };
}
function neckEdge2({ style, fabrics }, counts) {
  const upper = fabrics.get(upperFabric(style));
  const { gauge } = upper;
  const unit2 = shapingUnit(upper);
  const [stitches2, rowsPerCm] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  const neck = counts.of("neck.width");
  const [back2, front2] = [neck / stitches2, frontLength()];
  return {
    label: "Neck edge",
    length: back2 + front2,
    unit: 1 / stitches2,
    reasons: [
      given(say`Back neck, ${neck} stitches`, back2, { kind: "quantity", id: "neck.width" }),
      plus("Line of the front neck", front2, back2 + front2, { kind: "quantity", id: "neck.drop" })
    ]
  };
  function frontLength() {
    const drop = counts.of("neck.drop");
    const shoulder = counts.of("shoulder.width");
    const rows2 = counts.of("side.rows") + counts.of("armhole.rows");
    const divide = rows2 - drop;
    const off = (counts.find("notch.width") ?? 0) + (counts.find("armhole.curve") ?? 0);
    const width = counts.of(style.upper ? "front.upper" : "front.width") - off;
    const side = (aside) => steppedLength(aside, stitches2, rowsPerCm);
    if (isOpen(style)) {
      const taken = width - shoulder;
      if (drop === 0) return 2 * taken / stitches2;
      return 2 * side(halfNeck(style.neck, { taken, drop, width, divide, unit: unit2 }).inside);
    }
    if (drop === 0) return neck / stitches2;
    const { centre, schedule: schedule2 } = frontNeck(style.neck, { neck, drop, shoulder, divide, unit: unit2 });
    return centre / stitches2 + 2 * side(countsByRow(schedule2, divide + 1, rows2));
  }
}
function frontEdge(input, counts) {
  const { style, fabrics } = input;
  const drop = counts.of("neck.drop");
  const side = counts.of("side.rows");
  const rows2 = side + counts.of("armhole.rows") - (drop > 0 ? drop + 1 : 0);
  const below = Math.min(rows2, side) / perCm(fabrics.get(style.fabric).gauge, "rows");
  const above2 = Math.max(0, rows2 - side) / perCm(fabrics.get(upperFabric(style)).gauge, "rows");
  return [
    {
      label: "Front edge below the neck",
      length: below + above2,
      of: style.upper ? "side.rows" : "body.rows"
    },
    ...endOfRib(input, "hem", style.hem, counts),
    ...endOfRib(input, "neckband", style.neckband && neckbandOf(input), counts)
  ];
}

// packages/core/src/garment/shared/panels/sides.ts
var NONE2 = { quantities: [], relations: [], helpers: [], finished: [] };
function areShaped({ body: body2 }) {
  return body2.shape !== "straight";
}
function hemOf(style, piece) {
  return areShaped(style) ? `${piece}.hem` : `${piece}.width`;
}
function panelAt({ style, size: size2, body: body2 }, id, field) {
  const own = body2.body[id];
  const ease2 = forSize(style.body[field], size2.id);
  const round4 = own + easeOver(ease2, own);
  return {
    length: round4 / 2,
    reasons: [
      measured({ size: size2, body: body2 }, id),
      eased(id === "hip" ? "Ease at the lower edge" : "Ease at the waist", ease2, own, {
        kind: "style",
        id: `garment.body.${field}`
      }),
      becomes("Two panels", "\xF7 2", round4 / 2)
    ]
  };
}
function hemTargets(input, front2) {
  if (!areShaped(input.style)) return null;
  const back2 = panelAt(input, "hip", "hemEase").length;
  const { round: round4 } = bodyWidth(input);
  return { back: back2, front: isOpen(input.style) ? front2 + (back2 - round4 / 2) / 2 : back2 };
}
function draftSides(input, fabric2, front2, { side, toWaist }) {
  const { style } = input;
  if (!areShaped(style)) return NONE2;
  const unit2 = shapingUnit(fabric2);
  const open = isOpen(style);
  const waisted = style.body.shape === "waist";
  const hem = panelAt(input, "hip", "hemEase");
  const waist = waisted ? panelAt(input, "waist", "waistEase") : null;
  const frontHem = hemTargets(input, front2).front;
  const stitches2 = (id, label, target, rule2 = fabric2.rule.flat) => quantity({
    id,
    label,
    fabric: fabric2,
    axis: "stitches",
    target: target.length,
    weight: 0.6,
    rule: rule2,
    min: 4,
    because: target.reasons
  });
  const rowsTo = (id, label, length2, because) => quantity({ id, label, fabric: fabric2, axis: "rows", target: Math.max(2, length2), weight: 0.3, min: 2, because });
  const sides = waist ? [
    between("back.hem", "back.waist", "hip.rows", fabric2),
    between("back.waist", "back.width", "waist.rows", fabric2)
  ] : [between("back.hem", "back.width", "side.rows", fabric2)];
  return {
    quantities: [
      stitches2("back.hem", "Back, at the lower edge", hem),
      ...waist ? [stitches2("back.waist", "Back, at the waist", waist, unit2 === 1 ? ANY_COUNT : fabric2.rule.flat)] : [],
      stitches2(
        "front.hem",
        open ? "Front, each at the lower edge" : "Front, at the lower edge",
        open ? { length: frontHem, reasons: frontReasons(hem, front2, frontHem) } : hem,
        unit2 === 1 ? ANY_COUNT : fabric2.rule.flat
      ),
      ...waist ? [
        rowsTo("waist.rows", "Side, waist to underarm", toWaist, [
          measured(input, "backWaist"),
          plus("Armhole", toWaist - input.body.body.backWaist, toWaist, {
            kind: "quantity",
            id: "armhole.rows"
          })
        ]),
        rowsTo("hip.rows", "Side, lower edge to waist", side - toWaist, [
          becomes("Side seam", "\xD7 1", side),
          plus("Waist to underarm", -toWaist, side - toWaist, { kind: "quantity", id: "waist.rows" })
        ])
      ] : []
    ],
    relations: [
      ...sides.flatMap(({ relations }) => relations),
      ...unit2 > 1 && forSize(style.slit, input.size.id) > 0 ? aboveSlit(waisted) : [],
      sumIs2(
        {
          id: "front.hem",
          rule: "front and back are shaped alike at the sides",
          says: (counts) => say`At the lower edge: back ${counts.of("back.hem")}, front ${counts.of("front.hem")}`
        },
        open ? { "front.hem": 2, "front.width": -2, "back.hem": -1, "back.width": 1 } : { "front.hem": 1, "front.width": -1, "back.hem": -1, "back.width": 1 }
      ),
      ...waist ? [
        sumIs2(
          { id: "side", rule: "the rows above and below the waist are the rows of the side" },
          { "hip.rows": 1, "waist.rows": 1, "side.rows": -1 }
        )
      ] : []
    ],
    helpers: sides.flatMap(({ helpers }) => helpers),
    finished: finishedSides(input, fabric2, hem.length, waist?.length ?? null)
  };
}
function aboveSlit(waisted) {
  const [helper, rows2] = waisted ? ["back.waist.sides", "hip.rows"] : ["back.width.sides", "side.rows"];
  return [1, -1].map(
    (sign) => sumAtMost2(
      { id: `sides.slit.${sign}`, rule: "the sides are shaped above the slit" },
      { [helper]: sign, "slit.rows": 1, [rows2]: -1 },
      -2
    )
  );
}
function frontReasons(hem, front2, frontHem) {
  return [
    ...hem.reasons.slice(0, 2),
    given("Front at the underarm", front2, { kind: "quantity", id: "front.width" }),
    plus("Half of what the back gains below", frontHem - front2, frontHem, {
      kind: "quantity",
      id: "back.hem"
    })
  ];
}
function between(from, to, rows2, fabric2) {
  const { everyRow } = shapedRows(fabric2);
  return needsShapingRows2(
    {
      id: `sides.${to}`,
      rule: "the sides come out in whole shaping rows that their length has room for",
      says: (counts) => say`Sides: ${counts.of(from)} to ${counts.of(to)} is ${Math.abs(counts.of(`${to}.sides`))} shaping rows at both edges`
    },
    {
      from,
      to,
      rows: rows2,
      perEvent: 2 * shapingUnit(fabric2),
      everyRow,
      spare: 1 + everyRow,
      helper: `${to}.sides`
    }
  );
}
function finishedSides(input, fabric2, hem, waist) {
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const open = isOpen(input.style);
  const round4 = (back2) => (counts) => {
    const fronts = open ? 2 * counts.of("front.width") + (counts.of(back2) - counts.of("back.width")) : counts.of(back2);
    return (counts.of(back2) + fronts) / stitches2 + openingWorked(input, counts);
  };
  return [
    ...waist === null ? [] : [{ id: "waist", label: "Round at the waist", target: 2 * waist, actual: round4("back.waist") }],
    { id: "hem", label: "Round at the lower edge", target: 2 * hem, actual: round4("back.hem") }
  ];
}
function stretches({ style, fabrics }, counts) {
  if (!areShaped(style)) return [];
  const side = counts.of("side.rows");
  const fabric2 = fabrics.get(style.fabric);
  const unit2 = shapingUnit(fabric2);
  const { everyRow, odd } = shapedRows(fabric2);
  const run = (start2, end, first, to) => ({
    to,
    schedule: scheduleFor({
      start: counts.of(start2),
      end: counts.of(end),
      perEvent: 2 * unit2,
      firstRow: everyRow === 2 && (first + 1) % 2 !== odd ? first + 2 : first + 1,
      lastRow: to - 1,
      everyRow,
      order: "mixed"
    })
  });
  const low = unit2 > 1 ? Math.max(1, (counts.find("slit.rows") ?? 0) + 1) : 1;
  if (style.body.shape === "A-line") return [run("back.hem", "back.width", low, side)];
  const waist = counts.of("hip.rows");
  return [run("back.hem", "back.waist", low, waist), run("back.waist", "back.width", waist, side)];
}
function sidePassages(input, counts, after = 0) {
  return stretches(input, counts).map(({ to, schedule: schedule2 }) => ({
    kind: "shape",
    part: "main",
    to: to + after,
    schedule: later(schedule2, after),
    where: { at: "both edges" },
    of: { start: "back.hem", end: "back.width", rows: "side.rows" }
  }));
}
function sideOut(input, counts) {
  const rows2 = counts.of("side.rows");
  const list = stretches(input, counts);
  if (list.length === 0) return new Array(rows2).fill(0);
  let count = counts.of("back.hem");
  const changes = new Map(
    list.flatMap(
      ({ schedule: schedule2 }) => schedule2.events.map((row) => [row, schedule2.direction * schedule2.perEvent])
    )
  );
  return Array.from({ length: rows2 }, (_, i) => {
    count += changes.get(i + 1) ?? 0;
    return (count - counts.of("back.width")) / 2;
  });
}
function waistRow({ style }, counts) {
  return style.body.shape === "waist" ? counts.of("hip.rows") : null;
}

// packages/core/src/garment/shared/panels/hems.ts
function draftHems(input, { fabric: fabric2, open, width, front: front2 }) {
  const { style, size: size2, fabrics } = input;
  if (!style.hem) return { hem: null, frontHem: null };
  const own = { style: style.hem, size: size2.id, fabric: fabrics.get(style.hem.fabric) };
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const widths = hemTargets(input, front2.length);
  return {
    hem: draftBand({
      ...own,
      id: "hem",
      label: "Hem rib",
      edge: {
        of: hemOf(style, "back"),
        label: "Panel at its lower edge",
        perCm: stitches2,
        target: widths?.back ?? width.length
      }
    }),
    frontHem: open ? draftBand({
      ...own,
      id: "hem-front",
      label: "Hem rib of a front",
      field: "hem",
      edge: {
        of: hemOf(style, "front"),
        label: "Front, each at its lower edge",
        perCm: stitches2,
        target: widths?.front ?? front2.length
      }
    }) : null
  };
}

// packages/core/src/garment/shared/panels/draft.ts
function draft2(input) {
  const { style } = input;
  const body2 = bodyLengths(input);
  const { fabric: fabric2, changes, open, width, front: front2, neck, drop, inset, notch, off, armholeCounts } = body2;
  const { hem, frontHem } = draftHems(input, body2);
  const lengths = panelLengths(input, hem?.height ?? null, { armhole: "armhole.rows", side: "side.rows" });
  const { armhole, armholeReasons, side } = lengths;
  const across = width.length - 2 * off;
  const curve = inset ? draftCurve(input, inset, { length: armhole, reasons: armholeReasons }) : { quantities: [], relations: [] };
  const cap = style.sleeve && inset ? capTargets(input, style.sleeve, { armhole, inset }) : null;
  const sleeve3 = style.sleeve ? draftSleeve(input, style.sleeve, {
    across,
    armhole,
    armholeReasons,
    notch: inset ? null : notch,
    cap
  }) : null;
  const centred = centredPanel(fabric2);
  const sides = draftSides(input, fabric2, front2.length, {
    side: Math.max(SHORTEST3, side),
    toWaist: Math.min(side - SHORTEST3, Math.max(SHORTEST3, input.body.body.backWaist - armhole))
  });
  const lowerEdge = draftLowerEdge(input, fabric2);
  const frontTop = changes ? "front.upper" : "front.width";
  const { slant } = style.neck;
  const relations = [
    ...open ? [frontsOverShoulders(frontTop, armholeCounts)] : [sameWidth()],
    shouldersOf(changes ? "back.upper" : "back.width", inset ? "curved" : notch ? "notched" : "plain"),
    ...curve.relations,
    ...changes ? changeOfFabric(open) : [heightOf2()],
    open && !changes ? dropAboveHem() : dropAboveUnderarm(),
    ...open && drop > armhole && style.body.shape === "waist" ? [frontsBesideNeck(armholeCounts)] : [],
    ...slant ? open ? slantedTo(slant, frontTop, armholeCounts) : slantedNeck(slant) : [],
    ...sides.relations,
    ...centred.relations,
    ...lowerEdge.relations,
    ...sleeve3?.relations ?? [],
    ...hem?.relations ?? [],
    ...frontHem ? [...frontHem.relations, sameHemHeight()] : []
  ];
  const finished = finishedOf(input, {
    round: width.round,
    length: lengths.length,
    neck: neck.length,
    drop,
    armhole,
    across: notch ? across : null,
    sleeve: sleeve3?.wanted ?? null
  });
  const edgings = followers(input);
  return {
    quantities: [
      ...bodyQuantities(input, body2, lengths),
      ...curve.quantities,
      ...sides.quantities,
      ...isTied(style) ? [tieQuantity(input)] : [],
      ...lowerEdge.quantities,
      ...sleeve3?.quantities ?? [],
      ...hem?.quantities ?? [],
      ...frontHem?.quantities ?? []
    ],
    helpers: [...sleeve3?.helpers ?? [], ...sides.helpers, ...centred.helpers],
    relations,
    finished: [...finished, ...sides.finished],
    notes: [
      ...body2.notes,
      ...lengths.notes,
      ...inset && inset.across > width.length ? [shouldersTooWide(inset.across, width.length)] : [],
      ...sleeve3?.notes ?? [],
      ...cap?.notes ?? []
    ],
    ...edgings ? { edgings } : {}
  };
}
function shouldersTooWide(shoulders, panel) {
  return {
    level: "warn",
    code: "shoulders-wider-than-panel",
    where: "notch.width",
    message: say`The shoulders (${cm(shoulders)} with their ease) are wider than the panel (${cm(panel)}), so there is nothing to curve an armhole from; more ease all round or less across the shoulders would do.`
  };
}

// packages/core/src/garment/shared/panels/bandPieces.ts
function bandPieces(input, counts, slit) {
  const { style, fabrics } = input;
  const { hem, cuff, armband, neckband, front: front2 } = style;
  const open = isOpen(style);
  const banded = front2.style === "band";
  const ofFront = fabrics.get(front2.fabric);
  return [
    ...hem ? [
      bandPiece(
        "hem",
        open ? "Hem rib of the back" : "Hem rib",
        open ? 1 : 2,
        hem,
        fabrics,
        counts,
        slit
      ),
      ...open ? [bandPiece("hem-front", "Hem rib of each front", 2, hem, fabrics, counts, slit)] : []
    ] : [],
    ...cuff ? [bandPiece("cuff", "Cuff rib", 2, cuff, fabrics, counts)] : [],
    ...armband ? [bandPiece("armband", "Armhole rib", 2, armband, fabrics, counts)] : [],
    ...neckband ? [bandPiece("neckband", "Neckband", 1, neckband, fabrics, counts, open && !banded)] : [],
    ...style.hood ? [hoodPiece(input, counts)] : [],
    ...isTied(style) ? [cordPiece("tie", "Tie", 2 * front2.ties, ofFront, counts)] : [],
    ...banded ? [frontBandPiece(ofFront, counts)] : []
  ];
}

// packages/core/src/garment/shared/panels/above.ts
function armholeEdge3({ inside: inside2, line: line2 }, side, spans2) {
  const place = ends(side, ...spans2);
  if (inside2.length === 0) return { axis: "rows", place, path: "straight" };
  return {
    axis: "rows",
    place: { ...place, stepped: true },
    path: inside2.map((stitches2) => side === "left" ? stitches2 : -stitches2),
    along: line2
  };
}
function aboveUnderarm(style, counts, piece, notched2, unit2, below = counts.of(`${piece}.width`)) {
  const side = counts.of("side.rows") + (piece === "back" ? longerRows(counts) : 0);
  const first = side + 1;
  const { upper } = style;
  const notch = style.armhole ? counts.of("notch.width") : 0;
  const curve = counts.find("armhole.curve") ?? 0;
  const part = notch > 0 ? "upper" : "main";
  const take = below - notched2.length * notch;
  const at = notched2.includes("left") ? notch : 0;
  const rejoin = notched2.includes(side % 2 === 1 ? "left" : "right");
  return {
    part,
    notch,
    width: counts.of(upper ? `${piece}.upper` : `${piece}.width`) - notched2.length * (notch + curve),
    inside: curve > 0 ? armholeInside(counts, unit2) : [],
    line: curve > 0 ? armholeRuns(counts) : [],
    passages: [
      ...notch > 0 ? [
        {
          kind: "go on",
          part,
          from: "main",
          at,
          take,
          leave: rejoin ? below - take - notch : notch,
          rejoin,
          label: notched2.length > 1 ? "Above the armholes" : "Above the armhole"
        }
      ] : [],
      ...upper ? [
        {
          kind: "change",
          part,
          to: first,
          stitches: counts.of(`${piece}.upper`),
          fabric: upper.fabric
        }
      ] : []
    ],
    curve: curve > 0 ? [
      {
        kind: "shape",
        part,
        to: side + 1 + counts.of("armhole.shaped"),
        schedule: armholeSchedule(
          armholeInside(counts, unit2).slice(0, 1 + counts.of("armhole.shaped")),
          side,
          take,
          2
        ),
        where: { at: "both edges" },
        curve: asides(armholeRuns(counts)),
        of: { start: `${piece}.width`, end: "armhole.curve", rows: "armhole.shaped" }
      }
    ] : [],
    sections: (fabrics) => upper ? { sections: [{ fabric: fabrics.get(upper.fabric), first }] } : {},
    spans: (from, to) => notch === 0 ? [{ part: "main", first: from, last: to }] : [
      { part: "main", first: from, last: Math.min(to, side) },
      { part, first: Math.max(from, first), last: to }
    ].filter((span2) => span2.first <= span2.last)
  };
}

// packages/core/src/garment/shared/panels/back.ts
function back({ style, fabrics }, counts) {
  const above2 = aboveUnderarm(style, counts, "back", SIDES, shapingUnit(fabrics.get(style.fabric)));
  const fabric2 = fabrics.get(style.fabric);
  const width = counts.of("back.width");
  const longer = longerRows(counts);
  const side = longer + counts.of("side.rows");
  const out = areShaped(style) ? sideOut({ style, fabrics }, counts) : [];
  const rows2 = side + counts.of("armhole.rows");
  const shoulder = counts.of("shoulder.width");
  const neck = counts.of("neck.width");
  const notches = above2.notch > 0 ? SIDES.map((which) => `back.notch-${which}`) : [];
  const top = (from, count) => ({ lies: "live", part: above2.part, n: rows2, from, count });
  return {
    id: "back",
    role: "back",
    shows: [...panelShows("back", style.upper !== null), [["back.longer", "longer by"]]],
    label: "Back",
    copies: 1,
    fabric: fabric2,
    ...above2.sections(fabrics),
    work: "rows",
    rows: [...longer > 0 ? ["back.longer"] : [], "side.rows", "armhole.rows"],
    passages: [
      foundation(counts.of(hemOf(style, "back")), fabric2),
      ...sidePassages({ style, fabrics }, counts, longer),
      { kind: "even", part: "main", to: side },
      { kind: "mark", part: "main", meaning: "the underarm" },
      ...above2.passages,
      ...above2.curve,
      { kind: "even", part: above2.part, to: rows2 }
    ],
    edges: [
      {
        id: "back.hem",
        role: "lower edge",
        label: "Back, lower edge",
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        open: !style.hem
      },
      ...SIDES.flatMap((which) => [
        ...sideEdges(
          { piece: "back", wearers: which, label: "Back" },
          which,
          openRows(counts, "back"),
          side,
          out
        ),
        {
          id: `back.armhole-${which}`,
          role: "armhole",
          side: which,
          label: `Back, ${which} armhole`,
          ...armholeEdge3(above2, which, above2.spans(side + 1, rows2)),
          open: isPlain(style)
        }
      ]),
      ...notchEdges(
        "back",
        "Back",
        isPlain(style),
        above2.notch,
        { n: side, width },
        { left: "left", right: "right" }
      ),
      {
        id: "back.shoulder-left",
        role: "shoulder",
        side: "left",
        label: "Back, left shoulder",
        axis: "stitches",
        place: top(0, shoulder)
      },
      {
        id: "back.neck",
        role: "neck",
        label: "Back neck",
        axis: "stitches",
        place: top(shoulder, neck),
        open: neckIsOpen(style)
      },
      {
        id: "back.shoulder-right",
        role: "shoulder",
        side: "right",
        label: "Back, right shoulder",
        axis: "stitches",
        place: top(shoulder + neck, shoulder)
      }
    ],
    expects: [
      { quantity: hemOf(style, "back"), edges: ["back.hem"] },
      ...above2.inside.length > 0 ? [] : [
        {
          quantity: style.upper ? "back.upper" : "back.width",
          edges: ["back.shoulder-left", "back.neck", "back.shoulder-right", ...notches]
        }
      ],
      { quantity: "neck.width", edges: ["back.neck"] },
      ...sideExpects("back", "left", counts),
      { quantity: "armhole.rows", edges: ["back.armhole-left"] },
      ...style.upper || openRows(counts, "back") > 0 ? [] : [{ quantity: "body.rows", edges: ["back.side-left", "back.armhole-left"] }],
      { quantity: "shoulder.width", edges: ["back.shoulder-left"] },
      { quantity: "shoulder.width", edges: ["back.shoulder-right"] },
      ...notches.map((edge2) => ({ quantity: "notch.width", edges: [edge2] }))
    ]
  };
}

// packages/core/src/garment/shared/panels/front.ts
function front({ style, fabrics }, counts) {
  const above2 = aboveUnderarm(style, counts, "front", SIDES, shapingUnit(fabrics.get(style.fabric)));
  const fabric2 = fabrics.get(style.fabric);
  const width = counts.of("front.width");
  const rows2 = counts.of("side.rows") + counts.of("armhole.rows");
  const side = counts.of("side.rows");
  const shoulder = counts.of("shoulder.width");
  const neck = counts.of("neck.width");
  const drop = counts.of("neck.drop");
  const divide = rows2 - drop;
  const unit2 = shapingUnit(fabrics.get(upperFabric(style)));
  const dividing = drop > 0 ? frontNeck(style.neck, { neck, drop, shoulder, divide, unit: unit2 }) : null;
  const open = neckIsOpen(style);
  const top = dividing ? dividedTop(dividing, { rows: rows2, side, divide, shoulder, above: above2, style }, open) : straightTop({ rows: rows2, side, shoulder, neck, above: above2, style }, open);
  return {
    id: "front",
    role: "front",
    shows: panelShows("front", style.upper !== null),
    label: "Front",
    copies: 1,
    fabric: fabric2,
    ...above2.sections(fabrics),
    work: "rows",
    rows: ["side.rows", "armhole.rows"],
    passages: [
      foundation(counts.of(hemOf(style, "front")), fabric2),
      ...sidePassages({ style, fabrics }, counts),
      { kind: "even", part: "main", to: side },
      { kind: "mark", part: "main", meaning: "the underarm" },
      ...above2.passages,
      ...above2.curve,
      { kind: "even", part: above2.part, to: divide },
      ...top.passages
    ],
    edges: [
      {
        id: "front.hem",
        role: "lower edge",
        label: "Front, lower edge",
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        open: !style.hem
      },
      ...SIDES.flatMap(
        (which) => sideEdges(
          { piece: "front", wearers: which, label: "Front" },
          OTHER[which],
          openRows(counts, "front"),
          side,
          areShaped(style) ? sideOut({ style, fabrics }, counts) : []
        )
      ),
      ...notchEdges("front", "Front", isPlain(style), above2.notch, { n: side, width }, OTHER),
      ...top.edges
    ],
    expects: [
      { quantity: hemOf(style, "front"), edges: ["front.hem"] },
      ...sideExpects("front", "left", counts),
      { quantity: "armhole.rows", edges: ["front.armhole-left"] },
      { quantity: "armhole.rows", edges: ["front.armhole-right"] },
      { quantity: "shoulder.width", edges: ["front.shoulder-left"] },
      { quantity: "shoulder.width", edges: ["front.shoulder-right"] },
      ...dividing ? [{ quantity: "neck.drop", edges: ["front.neck-right"] }] : []
    ]
  };
}
function straightTop({
  rows: rows2,
  side,
  shoulder,
  neck,
  above: above2,
  style
}, open) {
  const live = (from, count) => ({ lies: "live", part: above2.part, n: rows2, from, count });
  return {
    passages: [{ kind: "even", part: above2.part, to: rows2 }],
    edges: [
      ...SIDES.flatMap((which) => [
        {
          id: `front.armhole-${which}`,
          role: "armhole",
          side: which,
          label: `Front, ${which} armhole`,
          ...armholeEdge3(above2, OTHER[which], above2.spans(side + 1, rows2)),
          open: isPlain(style)
        },
        {
          id: `front.shoulder-${which}`,
          role: "shoulder",
          side: which,
          label: `Front, ${which} shoulder`,
          axis: "stitches",
          place: live(which === "right" ? 0 : shoulder + neck, shoulder)
        }
      ]),
      {
        id: "front.neck",
        role: "neck",
        label: "Front neck",
        axis: "stitches",
        place: live(shoulder, neck),
        open
      }
    ]
  };
}
function dividedTop({ centre, slope, schedule: schedule2, line: line2 }, {
  rows: rows2,
  side,
  divide,
  shoulder,
  above: above2,
  style
}, open) {
  const { width } = above2;
  const take = shoulder + slope;
  const first = divide % 2 === 1 ? "left" : "right";
  const parts = [first, OTHER[first]].map((lies, i) => ({
    /** Where the shoulder lies on the piece, and on the wearer. */
    lies,
    wearers: OTHER[lies],
    part: i === 0 ? "first-shoulder" : "second-shoulder",
    label: i === 0 ? "First shoulder" : "Second shoulder",
    rejoin: i === 1
  }));
  return {
    passages: parts.flatMap(({ lies, part, label, rejoin }) => [
      {
        kind: "go on",
        part,
        from: above2.part,
        at: lies === "left" ? 0 : width - take,
        take,
        leave: rejoin ? 0 : width - take,
        rejoin,
        label
      },
      {
        kind: "shape",
        part,
        to: rows2,
        where: { at: "one edge", side: OTHER[lies], edge: "the neck edge" },
        schedule: schedule2,
        of: { start: "neck.width", end: "shoulder.width", rows: "neck.drop" },
        line: line2
      }
    ]),
    edges: [
      ...parts.flatMap(({ lies, wearers, part }) => [
        {
          id: `front.armhole-${wearers}`,
          role: "armhole",
          side: wearers,
          label: `Front, ${wearers} armhole`,
          ...armholeEdge3(above2, lies, [
            ...above2.spans(side + 1, divide),
            { part, first: divide + 1, last: rows2 }
          ]),
          open: isPlain(style)
        },
        {
          id: `front.shoulder-${wearers}`,
          role: "shoulder",
          side: wearers,
          label: `Front, ${wearers} shoulder`,
          axis: "stitches",
          place: { lies: "live", part, n: rows2, from: 0, count: shoulder }
        },
        {
          id: `front.neck-${wearers}`,
          role: "neck",
          side: wearers,
          label: `Front neck, ${wearers} side`,
          axis: "rows",
          place: { ...ends(OTHER[lies], { part, first: divide + 1, last: rows2 }), stepped: true },
          path: countsByRow(schedule2, divide + 1, rows2).map(
            (count) => lies === "left" ? count - take : take - count
          ),
          open
        }
      ]),
      {
        id: "front.neck",
        role: "neck",
        label: "Front neck, centre",
        axis: "stitches",
        place: { lies: "live", part: above2.part, n: divide, from: take, count: centre },
        open
      }
    ]
  };
}

// packages/core/src/shaping/rounds.ts
function placesInRound(stitches2, places, round4) {
  const many = Math.abs(places);
  const takes = places > 0 ? 1 : 2;
  const plain2 = stitches2 - many * takes;
  if (plain2 < 0) throw new RangeError(`${many} places of ${takes} do not fit into ${stitches2} stitches`);
  if (many === 0) return { lead: stitches2, runs: [], grow: false, takes };
  const runs2 = ratesOf(spread(plain2, many)).map(({ every, times }) => ({ plain: every, times }));
  const first = runs2[0].plain;
  const shifted = Math.max(0, Math.min(first, shiftedLead(stitches2 / many, places > 0)));
  return { lead: round4 % 2 === 0 ? first : shifted, runs: runs2, grow: places > 0, takes };
}
function shiftedLead(every, grow2) {
  const [takes, makes] = grow2 ? [1, 2] : [2, 1];
  const [before, after] = grow2 ? [every - 1, every + 1] : [every + 1, every - 1];
  const last = (before - takes + makes / 2) / every;
  return Math.round((last - 0.5) * after - makes / 2);
}
function stepsInRound({ lead, runs: runs2, grow: grow2 }) {
  const steps = [];
  const work2 = (times) => {
    if (times > 0) steps.push({ do: "work", times });
  };
  for (const { plain: plain2, times } of runs2)
    for (let i = 0; i < times; i += 1) {
      work2(steps.length === 0 ? lead : plain2);
      steps.push({ do: grow2 ? "increase" : "decrease", times: 1 });
    }
  work2(runs2.length === 0 ? lead : runs2[0].plain - lead);
  return steps;
}
function roundInWords({ lead, runs: runs2, grow: grow2 }) {
  const word = grow2 ? "inc" : "dec";
  if (runs2.length === 0) return String(lead);
  const first = runs2[0].plain;
  const said2 = ({ plain: plain2, times }) => {
    const one2 = plain2 > 0 ? `(${plain2}, ${word})` : `(${word})`;
    return times > 0 ? [`${one2} x ${times}`] : [];
  };
  if (lead === first) return runs2.flatMap(said2).join(", ");
  const rest = runs2.map((run, i) => i === 0 ? { ...run, times: run.times - 1 } : run);
  return [
    ...lead > 0 ? [lead] : [],
    word,
    ...rest.flatMap(said2),
    ...first > lead ? [first - lead] : []
  ].join(", ");
}
function stepsAcross(stitches2, by) {
  if (by === 0) return [{ do: "work", times: stitches2 }];
  const places = Math.abs(by);
  const plain2 = stitches2 - (by > 0 ? 1 : 2) * places;
  const gaps = plain2 >= 2 && plain2 <= places ? [1, ...spread(plain2 - 2, places - 1), 1] : spread(plain2, places + 1);
  return gaps.flatMap((times, i) => [
    ...times > 0 ? [{ do: "work", times }] : [],
    ...i < places ? [{ do: by > 0 ? "increase" : "decrease", times: 1 }] : []
  ]);
}

// packages/core/src/work/steps.ts
function takesOf(step) {
  switch (step.do) {
    case "decrease":
      return step.takes ?? 2;
    case "cast":
      return 0;
    default:
      return 1;
  }
}
function makesOf(step) {
  switch (step.do) {
    case "increase":
      return step.makes ?? 2;
    case "slip":
    case "skip":
      return 0;
    default:
      return 1;
  }
}
function changeOf(step) {
  return step.times * (makesOf(step) - takesOf(step));
}
var UNMOVED = { left: 0, right: 0 };
function endShifts({ steps, from = [] }) {
  if (steps.length === 1 && steps[0].do === "work") return UNMOVED;
  const bridges = from.length > 1;
  let left = 0;
  let middle2 = 0;
  let right = 0;
  let inside2 = 0;
  let plain2 = false;
  for (const step of steps) {
    if (step.do === "work" || step.do === "pick up") {
      plain2 = true;
      middle2 += inside2;
      right = 0;
      inside2 = 0;
      continue;
    }
    const change2 = changeOf(step);
    if (!plain2) left -= change2;
    else {
      right += change2;
      if (step.do !== "cast" || !bridges) inside2 += change2;
    }
  }
  if (!plain2) return { left: left / 2, right: (0 - left) / 2 };
  return { left: left - middle2 / 2, right: right + middle2 / 2 };
}
function castInside(steps, at, many) {
  if (many === 0) return [...steps];
  let place = 0;
  let found = false;
  const cut2 = steps.flatMap((step) => {
    const first = place;
    place += step.do === "cast" ? step.times : takesOf(step) * step.times;
    if (step.do !== "work" || first > at || place < at + many) return [step];
    found = true;
    return [
      { do: "work", times: at - first },
      { do: "cast", times: many },
      { do: "work", times: place - at - many }
    ].filter(({ times }) => times > 0);
  });
  if (!found) throw new RangeError(`${many} chains are to lie where a row shapes`);
  return cut2;
}

// packages/core/src/garment/shared/panels/openFront.ts
function openFront({ style, fabrics }, counts, wearers) {
  const fabric2 = fabrics.get(style.fabric);
  const side = counts.of("side.rows");
  const rows2 = side + counts.of("armhole.rows");
  const shoulder = counts.of("shoulder.width");
  const drop = counts.of("neck.drop");
  const [outer, inner] = [OTHER[wearers], wearers];
  const width = counts.of("front.width");
  const full = aboveUnderarm(style, counts, "front", [outer], shapingUnit(fabrics.get(style.fabric)));
  const taken = full.width - shoulder;
  const divide = rows2 - drop;
  const unit2 = shapingUnit(fabrics.get(upperFabric(style)));
  const neck = drop > 0 ? halfNeck(style.neck, { taken, drop, width, divide, unit: unit2 }) : null;
  const gone = neck && divide < side ? neck.inside[side - divide] : 0;
  const above2 = gone > 0 ? aboveUnderarm(style, counts, "front", [outer], shapingUnit(fabrics.get(style.fabric)), width - gone) : full;
  const last = (from, count) => ({ lies: "live", part: above2.part, n: rows2, from, count });
  const out = areShaped(style) ? sideOut({ style, fabrics }, counts) : [];
  const id = `front-${wearers}`;
  const label = wearers === "left" ? "Left front" : "Right front";
  const banded = style.front.style === "band";
  const edgeRows2 = neck ? divide - 1 : rows2;
  const before = width - above2.notch;
  const moved2 = endShifts({ steps: stepsAcross(before, above2.width - before) })[inner];
  const neckEdge6 = neck ? { ...ends(inner, ...above2.spans(divide, rows2)), stepped: true } : last(inner === "right" ? shoulder : 0, taken);
  return {
    id,
    role: "open front",
    shows: panelShows("front", style.upper !== null),
    side: wearers,
    label,
    copies: 1,
    fabric: fabric2,
    ...above2.sections(fabrics),
    work: "rows",
    rows: ["side.rows", "armhole.rows"],
    passages: [
      foundation(counts.of(hemOf(style, "front")), fabric2),
      ...upTo({ width, side, rows: rows2, divide, above: above2, inner, out, waist: waistRow({ style }, counts) }, neck)
    ],
    edges: [
      {
        id: `front.hem-${wearers}`,
        role: "lower edge",
        side: wearers,
        label: `${label}, lower edge`,
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        open: !style.hem
      },
      ...sideEdges({ piece: "front", wearers, label: "Front" }, outer, openRows(counts, "front"), side, out),
      {
        id: `front.armhole-${wearers}`,
        role: "armhole",
        side: wearers,
        label: `${label}, armhole`,
        ...armholeEdge3(above2, outer, above2.spans(side + 1, rows2)),
        open: isPlain(style)
      },
      {
        id: `front.edge-${wearers}`,
        role: "front edge",
        side: wearers,
        label: `${label}, front edge`,
        axis: "rows",
        place: ends(inner, ...above2.spans(1, edgeRows2)),
        path: style.upper ? shiftedBy(moved2, side, edgeRows2) : "straight",
        open: !banded
      },
      {
        id: `front.neck-${wearers}`,
        role: "neck",
        side: wearers,
        label: `${label}, neck`,
        axis: neck ? "rows" : "stitches",
        place: neckEdge6,
        ...neck ? { path: neck.inside.map((stitches2) => inner === "right" ? -stitches2 : stitches2) } : {},
        open: neckIsOpen(style)
      },
      ...notchEdges(
        "front",
        label,
        isPlain(style),
        above2.notch,
        { n: side, width: width - gone },
        { [wearers]: outer }
      ),
      {
        id: `front.shoulder-${wearers}`,
        role: "shoulder",
        side: wearers,
        label: `${label}, shoulder`,
        axis: "stitches",
        place: last(neck || inner === "right" ? 0 : taken, shoulder)
      }
    ],
    expects: [
      { quantity: hemOf(style, "front"), edges: [`front.hem-${wearers}`] },
      ...sideExpects("front", wearers, counts),
      { quantity: "armhole.rows", edges: [`front.armhole-${wearers}`] },
      { quantity: "shoulder.width", edges: [`front.shoulder-${wearers}`] },
      ...above2.notch > 0 ? [{ quantity: "notch.width", edges: [`front.notch-${wearers}`] }] : [],
      ...style.upper || !neck ? [] : [{ quantity: "body.rows", edges: [`front.edge-${wearers}`, `front.neck-${wearers}`] }]
    ]
  };
}
function shiftedBy(aside, after, rows2) {
  return Array.from({ length: rows2 }, (_, i) => i < after ? 0 : aside);
}
function upTo({
  width,
  side,
  rows: rows2,
  divide,
  above: above2,
  inner,
  out,
  waist
}, neck) {
  const { part, inside: curve } = above2;
  const end = neck ? divide : rows2;
  const upper = above2.width + above2.notch + (curve.at(-1) ?? 0);
  const byNeck = (row) => neck && row > divide ? neck.inside[row - divide] : 0;
  const atSide = (row) => -(out[Math.max(0, row - 1)] ?? 0);
  const byArmhole = (row) => above2.notch + (row > side ? curve[row - side - 1] ?? 0 : 0);
  const stretch = (of, from, to) => {
    const below = to <= side;
    const [whole, outer] = below ? [width, atSide] : [upper, byArmhole];
    const atOuter = between2(outer, whole - byNeck(from), from, to);
    const atNeck = between2(byNeck, whole - outer(from), from, to);
    const shape3 = { kind: "shape", part: of, to };
    if (atNeck.events.length > 0 || neck && from >= end)
      return {
        ...shape3,
        schedule: atNeck,
        where: { at: "one edge", side: inner, edge: "the neck edge" },
        of: { start: "front.width", end: "shoulder.width", rows: "neck.drop" },
        line: neck.line,
        ...atOuter.events.length > 0 ? { also: { schedule: atOuter, edge: below ? "the side" : "the armhole edge" } } : {}
      };
    if (atOuter.events.length === 0) return { kind: "even", part: of, to };
    return {
      ...shape3,
      schedule: atOuter,
      where: { at: "one edge", side: OTHER[inner], edge: below ? "the side" : "the armhole edge" },
      of: below ? { start: "front.hem", end: "front.width", rows: "side.rows" } : { start: "front.width", end: "armhole.curve", rows: "armhole.shaped" }
    };
  };
  const run = (of, points) => {
    const turns3 = [...new Set(points)].sort((a, b) => a - b);
    return turns3.slice(1).map((to, i) => stretch(of, turns3[i], to));
  };
  return [
    ...run("main", [0, ...waist === null ? [] : [waist], Math.min(side, end), side]),
    { kind: "mark", part: "main", meaning: "the underarm" },
    ...above2.passages,
    ...run(part, [side, Math.max(side, end), rows2])
  ];
}
function between2(taken, width, from, to) {
  return fromSteps(
    width - taken(from),
    from + 1,
    Array.from({ length: to - from }, (_, i) => width - taken(from + 1 + i))
  );
}

// packages/core/src/stitch/graded.ts
var LADDER = ["tr", "dc", "hdc", "sc"];
function lower(stitch) {
  return LADDER.filter((kind) => heightOf(kind) < heightOf(stitch));
}
function gradedAtTurns(stitch, rows2, unit2) {
  const room = Math.min(...rows2.map(({ from, to }) => to - from)) / 2;
  return unit2 * Math.min(Math.ceil(lower(stitch).length / unit2), Math.floor(room / unit2));
}
function gradedStitches(stitch, many) {
  const below = lower(stitch);
  if (many <= below.length) return below.slice(below.length - many);
  const all = [stitch, ...below];
  return Array.from({ length: many }, (_, i) => all[Math.floor(i * all.length / many)]);
}

// packages/core/src/garment/shared/panels/cap/pieces.ts
function cappedSleeve(input, own, counts) {
  return own.worked === "up" ? workedCap(input, own, counts) : shortRowCap(input, own, counts);
}
function capOf(counts) {
  const [base, top] = [counts.of("cap.base"), counts.of("cap.top")];
  return { base, top, slope: (counts.of("sleeve.top") - top) / 2 - base, rows: counts.of("cap.rows") };
}
function taperOf2({ size: size2, style, fabrics }, own, counts, above2 = 0) {
  const fabric2 = fabrics.get(own.fabric ?? style.fabric);
  const rowsPerCm = perCm(fabric2.gauge, "rows");
  return sleeveSchedule(cappedTaper(style, own, size2.id, rowsPerCm), size2.id, {
    rows: counts.of("sleeve.rows"),
    top: counts.of("sleeve.top"),
    cuff: counts.of("sleeve.cuff"),
    rowsPerCm,
    up: own.worked === "up",
    unit: shapingUnit(fabric2),
    odd: (shapedRows(fabric2).odd + above2) % 2
  });
}
function workedCap(input, own, counts) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(own.fabric ?? style.fabric);
  const cap = capOf(counts);
  const [seam2, width, cuff] = [counts.of("sleeve.rows"), counts.of("sleeve.top"), counts.of("sleeve.cuff")];
  const rows2 = seam2 + cap.rows;
  const taper2 = taperOf2(input, own, counts);
  const inside2 = capInside(cap, shapingUnit(fabric2));
  const inner = width - 2 * cap.base;
  const below = [{ part: "main", first: 1, last: seam2 }];
  const outwards = countsByRow(taper2, 1, seam2).map((count) => (count - cuff) / 2);
  const sides = [
    { name: "front", side: "left", sign: -1 },
    { name: "back", side: "right", sign: 1 }
  ];
  return {
    ...SLEEVE_PIECE,
    fabric: fabric2,
    work: "rows",
    rows: ["sleeve.rows", "cap.rows"],
    passages: [
      foundation(cuff, fabric2),
      {
        kind: "shape",
        part: "main",
        to: seam2,
        schedule: taper2,
        where: { at: "both edges" },
        of: { start: "sleeve.cuff", end: "sleeve.top", rows: "sleeve.rows" }
      },
      { kind: "mark", part: "main", meaning: "the underarm" },
      {
        kind: "go on",
        part: "cap",
        from: "main",
        at: cap.base,
        take: inner,
        leave: cap.base,
        rejoin: true,
        label: "Cap"
      },
      {
        kind: "shape",
        part: "cap",
        to: rows2,
        schedule: fromSteps(
          inner,
          seam2 + 1,
          inside2.map((stitches2) => inner - 2 * stitches2)
        ),
        where: { at: "both edges" },
        curve: asides(capSide("worked", cap)),
        of: { start: "sleeve.top", end: "cap.top", rows: "cap.rows" }
      }
    ],
    edges: [
      {
        id: "sleeve.cuff",
        role: "wrist",
        label: "Sleeve, cuff edge",
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        open: !style.cuff
      },
      ...seamEdges(fabric2, { front: below, back: below }, outwards),
      ...sides.flatMap(({ name: name2, side, sign }) => [
        {
          id: `cap.base-${name2}`,
          role: "cap base",
          label: `Sleeve cap, base at the ${name2}`,
          axis: "stitches",
          place: {
            lies: "live",
            part: "main",
            n: seam2,
            from: side === "left" ? 0 : width - cap.base,
            count: cap.base
          }
        },
        {
          id: `cap.${name2}-edge`,
          role: "cap edge",
          label: `Sleeve cap, ${name2} edge`,
          axis: "rows",
          place: { ...ends(side, { part: "cap", first: seam2 + 1, last: rows2 }), stepped: true },
          path: inside2.map((stitches2) => -sign * stitches2),
          along: capSide("worked", cap)
        }
      ]),
      {
        id: "cap.top",
        role: "cap top",
        label: "Sleeve cap, top",
        axis: "stitches",
        place: { lies: "live", part: "cap", n: rows2, from: 0, count: cap.top }
      }
    ],
    expects: [
      { quantity: "sleeve.cuff", edges: ["sleeve.cuff"] },
      { quantity: "sleeve.rows", edges: ["sleeve.front-edge"] },
      { quantity: "cap.base", edges: ["cap.base-front"] },
      { quantity: "cap.rows", edges: ["cap.back-edge"] },
      { quantity: "cap.top", edges: ["cap.top"] }
    ]
  };
}
function shortRowCap(input, own, counts) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(own.fabric ?? style.fabric);
  const cap = capOf(counts);
  const unit2 = capUnit(own, fabric2);
  const shortRows = capShortRows(cap, unit2);
  const [under, width] = [counts.of("sleeve.rows"), counts.of("sleeve.top")];
  const rows2 = under + cap.rows;
  const round4 = inRounds(style, own);
  const end = lastOf(counts, rows2);
  const faded = end.n > rows2;
  const taper2 = later(taperOf2(input, own, counts, cap.rows), cap.rows);
  const outwards = countsByRow(taper2, cap.rows + 2, rows2).map((count) => (count - width) / 2);
  const seam2 = (reaching) => [
    { part: "main", first: 1, last: 1 },
    { part: "main", first: reaching, last: reaching },
    { part: "main", first: cap.rows + 2, last: rows2 }
  ];
  return {
    ...SLEEVE_PIECE,
    fabric: fabric2,
    work: round4 ? "rounds" : "rows",
    rows: ["cap.rows", "sleeve.rows", ...faded ? ["fade.rows"] : []],
    passages: [
      {
        kind: "start",
        part: "main",
        stitches: width,
        extra: 0,
        along: "the armhole, from the middle of its base over the shoulder and down again",
        ...round4 ? { round: own.rounds } : {}
      },
      {
        kind: "short",
        part: "main",
        shortRows,
        label: "Cap",
        graded: gradedAtTurns(plainStitchOf(fabric2), shortRows.rows, unit2)
      },
      {
        kind: "shape",
        part: "main",
        to: rows2,
        schedule: taper2,
        where: { at: "both edges" },
        of: { start: "sleeve.top", end: "sleeve.cuff", rows: "sleeve.rows" }
      },
      ...faded ? [fadeRounds(counts.of("sleeve.cuff"), rows2)] : []
    ],
    edges: [
      {
        id: "sleeve.top",
        role: "sleeve top",
        label: "Sleeve, picked up",
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        along: capRuns("short rows", cap)
      },
      {
        id: "sleeve.cuff",
        role: "wrist",
        label: "Sleeve, cuff edge",
        axis: "stitches",
        place: { lies: "live", part: "main", n: end.n, from: 0, count: end.count },
        open: !style.cuff
      },
      ...round4 ? [] : seamEdges(fabric2, { front: seam2(2), back: seam2(cap.rows + 1) }, [0, 0, ...outwards])
    ],
    expects: [
      { quantity: "sleeve.top", edges: ["sleeve.top"] },
      { quantity: faded ? "sleeve.end" : "sleeve.cuff", edges: ["sleeve.cuff"] }
    ]
  };
}

// packages/core/src/garment/shared/panels/program.ts
function program2(input, counts) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const open = isOpen(style);
  const fronts = open ? [openFront(input, counts, "right"), openFront(input, counts, "left")] : [front(input, counts)];
  const pieces = [
    back(input, counts),
    ...fronts,
    ...style.sleeve ? [
      style.armhole?.curve ? cappedSleeve(input, style.sleeve, counts) : sleeve(input, style.sleeve, counts)
    ] : [],
    ...bandPieces(input, counts, isSlit(input))
  ];
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const upper = fabrics.get(upperFabric(style));
  const upperStitches = perCm(upper.gauge, "stitches");
  const neck = counts.of("neck.width") / upperStitches;
  const drop = counts.of("neck.drop");
  return {
    pieces,
    joins: joins(input, drop),
    girths: girthsOf(input, counts),
    facts: {
      closedNeck: open ? null : {
        opening: neckOpening(style.neck.shape, neck, drop / perCm(upper.gauge, "rows")),
        stretch: upper.stretch ?? USUAL_STRETCH,
        front: "neck.width"
      },
      ...sleeveFacts(input, counts, (acrossShoulders(counts) / stitches2 - input.body.body.crossBack) / 2)
    }
  };
}
function girthsOf(input, counts) {
  const { style, fabrics } = input;
  const along = (fabric2, axis, quantity2) => counts.of(quantity2) / perCm(fabrics.get(fabric2).gauge, axis);
  const hanging = (fabric2, quantity2) => along(fabric2, "rows", quantity2) * (1 + (fabrics.get(fabric2).growth ?? 0));
  const sleeveFabric = style.sleeve?.fabric ?? style.fabric;
  const open = isOpen(style);
  const round4 = along(style.fabric, "stitches", "back.width") + (open ? 2 : 1) * along(style.fabric, "stitches", "front.width") + openingWorked(input, counts);
  const underarm2 = hanging(upperFabric(style), "armhole.rows");
  const edge2 = underarm2 + hanging(style.fabric, "side.rows");
  const overhang = (acrossShoulders(counts) / perCm(fabrics.get(style.fabric).gauge, "stitches") - input.body.body.crossBack) / 2;
  const band2 = (id, from) => {
    const chosen = style[id];
    if (!chosen) return [];
    const rows2 = (quantity2) => along(chosen.fabric, alongOf(chosen), quantity2);
    const own = id === "cuff" ? rows2("cuff.rows") : open ? rows2("hem.rows") + 2 * rows2("hem-front.rows") + openingWorked(input, counts) : 2 * rows2("hem.rows");
    return [
      { at: from, round: own },
      { at: from + bandHeight(id, counts, input), round: own }
    ];
  };
  return {
    body: [{ at: 0, round: round4 }, { at: underarm2, round: round4 }, ...sideRounds(), ...band2("hem", edge2)],
    arm: style.sleeve ? arm() : []
  };
  function sideRounds() {
    const gained = (id) => 2 * (counts.of(id) - counts.of("back.width")) / perCm(fabrics.get(style.fabric).gauge, "stitches");
    if (counts.find("back.hem") === void 0) return [{ at: edge2, round: round4 }];
    return [
      ...counts.find("waist.rows") === void 0 ? [] : [
        {
          at: underarm2 + hanging(style.fabric, "waist.rows"),
          round: round4 + gained("back.waist")
        }
      ],
      { at: edge2, round: round4 + gained("back.hem") }
    ];
  }
  function arm() {
    const [underarmRows, rows2] = [counts.find("cap.rows") ?? 0, sleeveRows(counts)];
    const { gauge, growth: growth3 = 0 } = fabrics.get(sleeveFabric);
    const down = (of) => overhang + of / perCm(gauge, "rows") * (1 + growth3);
    const end = down(rows2);
    return [
      { at: down(underarmRows), round: along(sleeveFabric, "stitches", "sleeve.top") },
      { at: end, round: along(sleeveFabric, "stitches", "sleeve.cuff") },
      ...band2("cuff", end)
    ];
  }
}

// packages/core/src/garment/shared/panels/panels.ts
var PANELS_ON_TABLE = {
  root: "back",
  facing: { edge: "lower edge", way: "up" },
  neck: [
    ["neck.width", "neck"],
    ["neck.drop", "drop"]
  ]
};
function panels(said2) {
  const { style = (read2) => read2 } = said2;
  return construction({
    ...said2,
    table: PANELS_ON_TABLE,
    style: (read2) => panelStyle(style(read2)),
    draft: draft2,
    program: program2
  });
}

// packages/core/src/garment/constructions/overShoulders/fields.ts
var MOST_LONGER = 4;
var FIELDS2 = {
  ...PANEL_WIDTHS,
  front: TIED_FRONT,
  ...LOWER_EDGE,
  longerFront: number({
    name: "What the fronts are longer",
    label: "Fronts longer by",
    help: "Rows in the fold at the shoulder, so that the edges meet.",
    range: [0, MOST_LONGER],
    whole: true,
    unit: "rows",
    usual: 0
  }),
  neck: NECK,
  sleeve: SLEEVE,
  ...NECK_EDGE,
  hem: HEM,
  cuff: CUFF
};

// packages/core/src/garment/constructions/overShoulders/neck.ts
function widening(start2, widths) {
  return {
    rows: widths.length,
    schedule: (top) => fromSteps(start2, top + 1, widths),
    path: (edge2) => widths.map((width) => (edge2 === "right" ? 1 : -1) * (width - widths[0]))
  };
}
function closedNeck({ neck: wish2 }, counts, unit2) {
  const [shoulder, neck, drop] = [
    counts.of("shoulder.width"),
    counts.of("neck.width"),
    counts.of("neck.drop")
  ];
  if (drop === 0) return { ...widening(shoulder, []), width: shoulder, centre: neck, chained: 0 };
  const { centre, schedule: schedule2, slope } = frontNeck(wish2, { neck, drop, shoulder, divide: 0, unit: unit2 });
  const upwards = fromRows(schedule2, drop);
  return { ...widening(shoulder, [...upwards].reverse()), width: shoulder + slope, centre, chained: 0 };
}
function openNeck({ neck }, counts, unit2) {
  const [shoulder, width, drop] = [
    counts.of("shoulder.width"),
    counts.of("front.width"),
    counts.of("neck.drop")
  ];
  const taken = width - shoulder;
  const full = { width, centre: 0, chained: drop === 0 ? taken : 0 };
  if (drop === 0) return { ...widening(shoulder, [width]), ...full };
  const { inside: inside2 } = halfNeck(neck, { taken, drop, width, divide: 0, unit: unit2 });
  return { ...widening(shoulder, inside2.map((stitches2) => width - stitches2).reverse()), ...full };
}
function fromRows(schedule2, rows2) {
  let count = schedule2.start;
  const changes = new Map(
    schedule2.events.map((row, i) => [row, schedule2.direction * (schedule2.amounts?.[i] ?? schedule2.perEvent)])
  );
  return Array.from({ length: rows2 }, (_, i) => count += changes.get(i + 1) ?? 0);
}

// packages/core/src/garment/constructions/overShoulders/course.ts
function courseOf(style, fabric2, counts) {
  const longer = longerRows(counts);
  const longerFront = counts.find("front.longer") ?? 0;
  const side = longer + counts.of("side.rows");
  const top = side + counts.of("armhole.rows");
  const underarm2 = top + counts.of("armhole.rows") + longerFront;
  const end = underarm2 + counts.of("side.rows");
  const open = isOpen(style);
  return {
    open,
    side,
    top,
    underarm: underarm2,
    end,
    apart: open ? end : top + counts.of("neck.drop"),
    first: top % 2 === 1 ? "left" : "right",
    shape: (open ? openNeck : closedNeck)(style, counts, shapingUnit(fabric2))
  };
}
function partOf({ first }, at) {
  return at === first ? "first-front" : "second-front";
}

// packages/core/src/garment/constructions/overShoulders/edges.ts
function edgesOf(course, style, counts) {
  const { open, top, end, apart: apart2, shape: shape3 } = course;
  const bare = neckIsOpen(style);
  return [
    edge("back.hem", "lower edge", "Back, lower edge", { lies: "foundation", part: "main" }, !style.hem),
    ...SIDES.flatMap(
      (at) => [
        ...sideEdges2(course, at, isPlain(style), counts),
        ...neckEdge3(course, at, bare, counts.of("shoulder.width")),
        ...open ? openEdges(course, at, style, counts) : []
      ].map((one2) => ({ ...one2, side: at }))
    ),
    edge(
      "back.neck",
      "neck",
      "Back neck",
      {
        lies: "live",
        part: "main",
        n: top,
        from: counts.of("shoulder.width"),
        count: counts.of("neck.width")
      },
      bare
    ),
    ...open ? [] : [
      edge(
        "front.neck",
        "neck",
        "Front neck, centre",
        { lies: "base", part: "front", n: apart2 + 1, from: shape3.width, count: shape3.centre },
        bare
      ),
      edge(
        "front.hem",
        "lower edge",
        "Front, lower edge",
        { lies: "live", part: "front", n: end, from: 0, count: counts.of("front.width") },
        !style.hem
      )
    ]
  ];
}
function edge(id, role, label, place, free = false) {
  return {
    id,
    role,
    label,
    axis: place.lies === "row ends" ? "rows" : "stitches",
    place,
    ...place.lies === "row ends" && !place.stepped ? { path: "straight" } : {},
    open: free
  };
}
function sideEdges2(course, at, bare, counts) {
  const { side, top, underarm: underarm2, end } = course;
  const [slit, frontSlit] = [openRows(counts, "back"), openRows(counts, "front")];
  const back2 = (first, last) => ends(at, { part: "main", first, last });
  const front2 = (first, last) => ends(at, ...spans(course, at, first, last));
  return [
    ...slit > 0 ? [edge(`back.slit-${at}`, "slit", `Back, ${at} side, open`, back2(1, slit), true)] : [],
    edge(`back.side-${at}`, "side", `Back, ${at} side`, back2(slit + 1, side)),
    edge(`back.armhole-${at}`, "armhole", `Back, ${at} armhole`, back2(side + 1, top), bare),
    edge(`front.armhole-${at}`, "armhole", `Front, ${at} armhole`, front2(top + 1, underarm2), bare),
    edge(`front.side-${at}`, "side", `Front, ${at} side`, front2(underarm2 + 1, end - frontSlit)),
    ...frontSlit > 0 ? [edge(`front.slit-${at}`, "slit", `Front, ${at} side, open`, front2(end - frontSlit + 1, end), true)] : []
  ];
}
function spans(course, at, from, to) {
  const { open, apart: apart2 } = course;
  return [
    { part: partOf(course, at), first: from, last: open ? to : Math.min(to, apart2) },
    ...open ? [] : [{ part: "front", first: Math.max(from, apart2 + 1), last: to }]
  ].filter((span2) => span2.first <= span2.last);
}
function neckEdge3(course, at, bare, shoulder) {
  const { top, shape: shape3 } = course;
  const part = partOf(course, at);
  const named2 = [`front.neck-${at}`, "neck", `Front neck, ${at} side`];
  if (shape3.chained > 0)
    return [
      edge(
        ...named2,
        shape3.chained > 1 ? { lies: "base", part, n: top + 1, from: at === "left" ? shoulder : 0, count: shape3.chained } : { lies: "live", part: "main", n: top, from: 0, count: 0 },
        bare
      )
    ];
  if (shape3.rows === 0) return [];
  const rows2 = ends(OTHER[at], { part, first: top + 1, last: top + shape3.rows });
  return [{ ...edge(...named2, { ...rows2, stepped: true }, bare), path: shape3.path(OTHER[at]) }];
}
function openEdges(course, at, style, counts) {
  const { top, end, shape: shape3 } = course;
  const part = partOf(course, at);
  return [
    edge(
      `front.edge-${at}`,
      "front edge",
      `Front, ${at} front edge`,
      ends(OTHER[at], { part, first: top + (shape3.chained > 0 ? 0 : shape3.rows) + 1, last: end }),
      style.front.style !== "band"
    ),
    edge(
      `front.hem-${at}`,
      "lower edge",
      `Front, ${at} lower edge`,
      { lies: "live", part, n: end, from: 0, count: counts.of("front.width") },
      !style.hem
    )
  ];
}

// packages/core/src/garment/constructions/overShoulders/passages.ts
function passagesOf(course, fabric2, counts) {
  const { open, first, shape: shape3, apart: apart2, side, top } = course;
  const [shoulder, neck] = [counts.of("shoulder.width"), counts.of("neck.width")];
  const direct = !open && counts.of("neck.drop") === 0;
  const order = direct ? [] : [first, OTHER[first]];
  const schedule2 = shape3.schedule(top);
  const from = (at) => at === "left" ? 0 : shoulder + neck;
  const fronts = order.flatMap((at, i) => [
    {
      kind: "go on",
      part: partOf(course, at),
      from: "main",
      at: from(at),
      take: shoulder,
      leave: i === 1 ? 0 : shoulder + neck,
      rejoin: i === 1,
      label: `${at === "left" ? "Left" : "Right"} front`
    },
    ...schedule2.events.length > 0 ? [
      {
        kind: "shape",
        part: partOf(course, at),
        to: top + shape3.rows,
        schedule: schedule2,
        where: { at: "one edge", side: OTHER[at], edge: "the neck edge" },
        of: { start: "shoulder.width", end: "front.width", rows: "neck.drop" }
      }
    ] : [],
    ...open ? sideRows(partOf(course, at), course) : [{ kind: "even", part: partOf(course, at), to: apart2 }]
  ]);
  const united = [
    {
      kind: "unite",
      part: "front",
      from: SIDES.map(
        (at) => direct ? { part: "main", at: from(at), take: shoulder } : { part: partOf(course, at), at: 0, take: shape3.width }
      ),
      chains: [shape3.centre, 0],
      rejoin: !direct && needsRejoin(apart2, OTHER[first]),
      label: "Both fronts together"
    },
    ...sideRows("front", course)
  ];
  return [
    foundation(counts.of("back.width"), fabric2),
    { kind: "even", part: "main", to: side },
    { kind: "mark", part: "main", meaning: "the underarm" },
    { kind: "even", part: "main", to: top },
    { kind: "mark", part: "main", meaning: "the shoulders" },
    ...fronts,
    ...open ? [] : united
  ];
}
function sideRows(part, { underarm: underarm2, end }) {
  return [
    { kind: "even", part, to: underarm2 },
    { kind: "mark", part, meaning: "the underarm" },
    { kind: "even", part, to: end }
  ];
}
function needsRejoin(row, last) {
  return last !== (row % 2 === 1 ? "left" : "right");
}

// packages/core/src/garment/constructions/overShoulders/piece.ts
function wholeBody({ style, fabrics }, counts) {
  const fabric2 = fabrics.get(style.fabric);
  const course = courseOf(style, fabric2, counts);
  const longerFront = counts.find("front.longer") ?? 0;
  return {
    id: "over",
    role: "back and front",
    shows: [["back.width"], ["front.width"], ["body.rows"], [["back.longer", "longer by"]]],
    label: "Body",
    copies: 1,
    fabric: fabric2,
    work: "rows",
    rows: [
      ...longerRows(counts) > 0 ? ["back.longer"] : [],
      "side.rows",
      "armhole.rows",
      "armhole.rows",
      "side.rows",
      ...longerFront > 0 ? ["front.longer"] : []
    ],
    passages: passagesOf(course, fabric2, counts),
    edges: edgesOf(course, style, counts),
    expects: [
      { quantity: "back.width", edges: ["back.hem"] },
      { quantity: "neck.width", edges: ["back.neck"] },
      { quantity: "armhole.rows", edges: ["back.armhole-left"] },
      ...longerFront > 0 ? [] : [{ quantity: "armhole.rows", edges: ["front.armhole-right"] }],
      ...openRows(counts, "front") > 0 ? [] : [{ quantity: "side.rows", edges: ["front.side-left"] }],
      ...SIDES.map((at) => ({
        quantity: "front.width",
        edges: [course.open ? `front.hem-${at}` : "front.hem"]
      }))
    ]
  };
}

// packages/core/src/garment/constructions/overShoulders/program.ts
var PANELS = ["back", "front", "open front"];
function program3(input, counts) {
  const separate = program2(input, counts);
  return {
    ...separate,
    pieces: [wholeBody(input, counts), ...separate.pieces.filter(({ role }) => !PANELS.includes(role))],
    joins: separate.joins.filter(({ role }) => role !== "shoulder").map(
      (join) => join.role === "side" ? { ...join, says: "row to row from the underarm down to the hem" } : join
    )
  };
}

// packages/core/src/garment/constructions/overShoulders/overShoulders.ts
function withFold(relation) {
  const armhole = relation.terms.find(({ of }) => of === "armhole.rows");
  if (!relation.terms.some(({ of }) => of === "sleeve.top") || !armhole) return relation;
  return { ...relation, terms: [...relation.terms, { of: "front.longer", times: armhole.times / 2 }] };
}
var overShoulders = construction({
  id: "over-shoulders",
  label: "Over the shoulders, in one piece",
  says: "Worked in one piece: up the back, over the shoulders and down the front",
  sketch: {
    outlines: ["M36 4 L84 4 L84 48 L84 92 L62 92 L62 58 L70 48 L50 48 L58 58 L58 92 L36 92 Z"],
    inner: ["M36 48 L50 48", "M70 48 L84 48"],
    needs: "width and length, armhole depth, how the front opens",
    gives: "back and fronts in one piece, worked up the back and down the fronts, without shoulder seams"
  },
  table: { ...PANELS_ON_TABLE, root: "back and front" },
  fields: FIELDS2,
  specimens: [
    { name: "over the shoulders", garment: { ease: 14, neck: { drop: 8, shape: "round" } } },
    {
      name: "cardigan over the shoulders, fronts longer",
      garment: {
        ease: 12,
        front: { style: "gap", width: 3 },
        longerFront: 2,
        neck: { drop: 14, shape: "V" }
      }
    }
  ],
  style: (read2) => ({ ...panelStyle(read2), longerFront: read2.longerFront }),
  draft: (input) => {
    const { style, fabrics } = input;
    const drafted = draft2(input);
    if (style.longerFront === 0) return drafted;
    const fabric2 = fabrics.get(style.fabric);
    const length2 = style.longerFront / perCm(fabric2.gauge, "rows");
    const rows2 = {
      ...quantity({
        id: "front.longer",
        label: "Fronts, longer than the back",
        fabric: fabric2,
        axis: "rows",
        target: length2,
        weight: 1,
        min: style.longerFront,
        because: [given("Longer by", length2, { kind: "style", id: "garment.longerFront" })]
      }),
      max: style.longerFront
    };
    return {
      ...drafted,
      quantities: [...drafted.quantities, rows2],
      relations: drafted.relations.map(withFold)
    };
  },
  program: program3
});

// packages/core/src/garment/constructions/dropShoulder/dropShoulder.ts
var dropShoulder = panels({
  id: "drop-shoulder",
  label: "Drop shoulder, of panels",
  says: "Straight panels, worked flat from the lower edge up, with dropped shoulders",
  sketch: {
    outlines: [
      "M32 12 L48 12 Q60 24 72 12 L88 12 L88 92 L32 92 Z",
      "M32 12 L4 30 L10 44 L32 34 Z",
      "M88 12 L116 30 L110 44 L88 34 Z"
    ],
    needs: "width and length, armhole depth, arm length",
    gives: "two panels (or back and fronts) and two sleeves, all rectangles or nearly; wide shoulders that cover the arm"
  },
  fields: {
    ...PANEL_WIDTHS,
    upper: UPPER,
    body: BODY,
    front: TIED_FRONT,
    ...LOWER_EDGE,
    neck: NECK,
    sleeve: SLEEVE,
    ...NECK_EDGE,
    hem: HEM,
    cuff: CUFF
  },
  specimens: [
    { name: "drop shoulder", garment: { ease: 14 } },
    {
      name: "overlapped V cardigan",
      garment: {
        ease: 12,
        front: { style: "overlap", width: 10 },
        neck: { shape: "V", drop: 24 },
        neckband: { fabric: "rib", height: 3, gather: 1 },
        sleeve: { worked: "down" }
      }
    },
    {
      name: "A-line with a hood and balloon sleeves",
      garment: {
        ease: 14,
        body: { shape: "A-line", hemEase: 26 },
        hood: { shape: "shaped" },
        front: { style: "band", width: 4, fabric: "rib" },
        sleeve: { worked: "down", rounds: "joined", shape: "balloon", fade: true }
      }
    }
  ]
});

// packages/core/src/garment/constructions/notched/notched.ts
var notched = panels({
  id: "notched",
  label: "Notched armhole, of panels",
  says: "Panels worked flat from the lower edge up, with a step at the underarm that the sleeve is set into",
  sketch: {
    outlines: [
      "M40 12 L50 12 Q60 22 70 12 L80 12 L80 34 L88 34 L88 92 L32 92 L32 34 L40 34 Z",
      "M40 12 L12 24 L18 42 L40 34 Z",
      "M80 12 L108 24 L102 42 L80 34 Z"
    ],
    inner: ["M32 34 L40 34", "M80 34 L88 34"],
    needs: "the same, and how far the panels step in at the underarm",
    gives: "shoulders nearer to the body, less cloth under the arm; sleeves sewn along the step"
  },
  fields: {
    ...PANEL_WIDTHS,
    armhole: stepped({ percent: 8 }),
    body: BODY,
    front: TIED_FRONT,
    ...LOWER_EDGE,
    neck: NECK,
    sleeve: FLAT_SLEEVE,
    ...NECK_EDGE,
    hem: HEM,
    cuff: CUFF
  },
  specimens: [
    {
      name: "notched cardigan with bands, slit",
      garment: {
        ease: 12,
        front: { style: "band", width: 4, fabric: "rib" },
        neckband: { fabric: "rib", height: 3, gather: 0.95 },
        slit: 8,
        longerBack: 4,
        sleeve: { length: "three-quarter" }
      }
    }
  ]
});

// packages/core/src/garment/constructions/rectangles/rectangles.ts
var NONE3 = { optional: { missing: "none" } };
var BY_MEASURE = { widthLedBy: "bust", ease: 0, hipEase: null, armholeEase: 0 };
function halved(open) {
  const { all, sizes: sizes2 } = partsOf(open);
  const own = Object.entries(sizes2).map(([size2, length2]) => [size2, length2 / 2]);
  return own.length === 0 ? all / 2 : { all: all / 2, sizes: Object.fromEntries(own) };
}
var rectangles = panels({
  id: "rectangles",
  label: "Rectangles, by measure only",
  says: "Plain rectangles, worked flat and sewn together",
  sketch: {
    outlines: [
      "M26 14 L56 14 L56 88 L26 88 Z",
      "M64 14 L94 14 L94 88 L64 88 Z",
      "M26 14 L6 14 L6 74 L26 74 Z",
      "M94 14 L114 14 L114 74 L94 74 Z"
    ],
    inner: ["M26 74 L26 88", "M94 74 L94 88"],
    needs: "the width from elbow to elbow, the length, what is left open below the sleeves",
    gives: "a back, two fronts of half its width and two sleeves, every one a plain rectangle"
  },
  fields: {
    measured: MEASURED,
    ...LENGTH,
    fabric: bodyFabric(),
    upper: UPPER,
    // Open in front without a gap, no neck shaped, no ribs, sleeves as wide at the cuff as at the top.
    front: usuallyIn(TIED_FRONT, { style: "gap", width: 0 }),
    longerBack: LOWER_EDGE.longerBack,
    neck: usuallyIn(NECK, { drop: 0 }),
    sleeve: usuallyIn(SLEEVE, { shape: "straight" }),
    ...NECK_EDGE,
    hem: { ...HEM, ...NONE3 },
    cuff: { ...CUFF, ...NONE3 }
  },
  specimens: [{ name: "rectangles", garment: {} }],
  style: (read2) => ({
    ...read2,
    ...BY_MEASURE,
    slit: halved(read2.measured.open)
  })
});

// packages/core/src/garment/constructions/setIn/setIn.ts
var setIn = panels({
  id: "set-in",
  label: "Set-in sleeve, of panels",
  says: "Panels worked flat from the lower edge up, with shaped armholes for set-in sleeves",
  sketch: {
    outlines: [
      "M43 12 L51 12 Q60 22 69 12 L77 12 C77 28 78 36 88 38 L88 92 L32 92 L32 38 C42 36 43 28 43 12 Z",
      "M42 18 C36 20 32 16 26 20 L4 32 L9 46 L30 40 C34 38 38 34 42 30 Z",
      "M78 18 C84 20 88 16 94 20 L116 32 L111 46 L90 40 C86 38 82 34 78 30 Z"
    ],
    inner: ["M43 14 C43 28 42 36 32 38", "M77 14 C77 28 78 36 88 38"],
    needs: "the same, the cross-back, and the upper arm with its ease",
    gives: "shoulders that end where the body\u2019s do; a cap, worked or by short rows, as long as its armhole"
  },
  fields: {
    ...PANEL_WIDTHS,
    armholeEase: usually(PANEL_WIDTHS.armholeEase, 2),
    armhole: CURVED_ARMHOLE,
    body: BODY,
    front: TIED_FRONT,
    ...LOWER_EDGE,
    neck: NECK,
    sleeve: SLEEVE,
    ...NECK_EDGE,
    hem: HEM,
    cuff: CUFF
  },
  specimens: [
    { name: "set-in pullover, caps worked", garment: { ease: 9, sleeve: { worked: "up" } } },
    {
      name: "set-in cardigan, caps by short rows, waisted",
      garment: {
        ease: 10,
        front: { style: "gap", width: 3 },
        neck: { shape: "V", drop: 22 },
        body: { shape: "waist", waistEase: 12 },
        sleeve: { worked: "down", rounds: "turned" }
      }
    }
  ]
});

// packages/core/src/garment/constructions/vest/vest.ts
var vest = panels({
  id: "vest",
  label: "Vest, of panels",
  says: "Panels worked flat from the lower edge up, with open armholes",
  sketch: {
    outlines: ["M40 12 L50 12 Q60 30 70 12 L80 12 L80 40 L88 40 L88 92 L32 92 L32 40 L40 40 Z"],
    inner: ["M37 12 L37 37 L32 37", "M83 12 L83 37 L88 37"],
    needs: "width and length, armhole depth, the step at the underarm",
    gives: "two panels (or back and fronts) with edged armholes, no sleeves"
  },
  fields: {
    ...PANEL_WIDTHS,
    armhole: stepped({ percent: 10 }),
    body: BODY,
    front: TIED_FRONT,
    ...LOWER_EDGE,
    neck: NECK,
    ...NECK_EDGE,
    hem: HEM,
    armband: ARMBAND
  },
  specimens: [{ name: "vest", garment: { ease: 6, neck: { shape: "scoop", drop: 10 } } }]
});

// packages/core/src/shaping/lines.ts
function changeIn(schedule2, row) {
  if (!schedule2) return 0;
  const at = schedule2.events.indexOf(row);
  return at < 0 ? 0 : schedule2.direction * amountOf(schedule2, at);
}
function changesIn(sections, row) {
  return sections.flatMap(({ left, right }) => [changeIn(left, row), changeIn(right, row)]);
}
function changesByRow(sections) {
  const byRow = [];
  const note = (schedule2, side) => schedule2?.events.forEach((row, i) => {
    const sides = byRow[row] ??= new Array(2 * sections.length).fill(0);
    sides[side] += schedule2.direction * amountOf(schedule2, i);
  });
  sections.forEach(({ left, right }, i) => {
    note(left, 2 * i);
    note(right, 2 * i + 1);
  });
  const found = [];
  byRow.forEach((sides, row) => sides && found.push({ row, sides }));
  return found;
}
function shapedRowsOf(sections) {
  return changesByRow(sections).map(({ row }) => row);
}
function countsAfterRow(sections, row) {
  const gained = (schedule2) => schedule2 ? schedule2.events.reduce(
    (sum2, event, i) => event <= row ? sum2 + schedule2.direction * amountOf(schedule2, i) : sum2,
    0
  ) : 0;
  return sections.map(({ count, left, right }) => count + gained(left) + gained(right));
}
function totalsByRow(sections, last) {
  const changes = new Array(last + 1).fill(0);
  for (const { count, left, right } of sections) {
    changes[0] += count;
    for (const schedule2 of [left, right])
      schedule2?.events.forEach((row, i) => {
        if (row <= last) changes[row] += schedule2.direction * amountOf(schedule2, i);
      });
  }
  let total = changes[0];
  return changes.slice(1).map((change2) => total += change2);
}
function stitchesOf(counts, line2) {
  return counts.reduce((sum2, count) => sum2 + count, 0) + (counts.length - 1) * line2.stitches;
}
function stepsBesideLines(sections, counts, line2, sides) {
  const steps = [];
  let by = 0;
  let add = 0;
  const inLine = line2.school !== "beside";
  const last = sections.length - 1;
  for (let i = 0; i <= last; i += 1) {
    const chainsBefore2 = i === 0 && sides[0] > 1 ? sides[0] : 0;
    const chainsAfter = i === last && sides[2 * i + 1] > 1 ? sides[2 * i + 1] : 0;
    const left = sides[2 * i] - chainsBefore2;
    const right = sides[2 * i + 1] - chainsAfter;
    by += left + right;
    add += chainsBefore2 + chainsAfter;
    cast(steps, chainsBefore2);
    const leftInLine = i > 0 && inLine && left > 0;
    const rightInLine = i < last && inLine && right > 0;
    shapeSection(steps, sections[i], counts[i], leftInLine ? 0 : left, rightInLine ? 0 : right);
    if (i === last) {
      cast(steps, chainsAfter);
      break;
    }
    const beyond = inLine ? Math.max(0, sides[2 * i + 2]) : 0;
    const before = rightInLine ? right : 0;
    if (before + beyond > 0)
      steps.push({ do: "increase", times: 1, makes: 1 + before + beyond, line: before });
    else plain(steps, line2.stitches);
  }
  return { steps, by, add };
}
function cast(steps, times) {
  if (times > 0) steps.push({ do: "cast", times });
}
function plain(steps, times) {
  if (times === 0) return;
  const before = steps.at(-1);
  if (before?.do === "work") before.times += times;
  else steps.push({ do: "work", times });
}
function shapeSection(steps, { id }, count, left, right) {
  if (count === 1 && left > 0 && right > 0) {
    steps.push({ do: "increase", times: 1, makes: 1 + left + right });
    return;
  }
  const used2 = shapedOver(left) + shapedOver(right);
  if (used2 > count) throw new RangeError(`${id} has ${count} stitches, too few to shape at its sides`);
  shapeSide(steps, left);
  plain(steps, count - used2);
  shapeSide(steps, right);
}
function shapedOver(change2) {
  return change2 > 0 ? 1 : change2 < 0 ? 1 - change2 : 0;
}
function shapeSide(steps, change2) {
  if (change2 > 0) steps.push({ do: "increase", times: 1, ...change2 === 1 ? {} : { makes: 1 + change2 } });
  else if (change2 < 0)
    steps.push({ do: "decrease", times: 1, ...change2 === -1 ? {} : { takes: 1 - change2 } });
}

// packages/core/src/garment/shared/yoke/sketch.ts
var YOKE_SKETCH = "M44 10 Q60 18 76 10 L86 14 L114 52 L104 60 L84 40 L84 92 L36 92 L36 40 L16 60 L6 52 L34 14 Z";
var YOKE_ON_TABLE = {
  root: "yoke",
  facing: { edge: "back split", way: "up" },
  neck: [
    ["neck.round", "neck"],
    ["neck.drop", "drop"]
  ]
};

// packages/core/src/shaping/rates.ts
function rise(request) {
  const { total, firstRow, lastRow: lastRow2, everyRow, most, order, fast = null, direction = 1 } = request;
  const room = slots(request);
  if (total > most * room)
    return {
      ok: false,
      message: `${total} stitches do not fit into ${room} shaping rows of ${most} at most`
    };
  const many = Math.min(total, room);
  const gaps = fast === null ? evenGaps(room, many, order) : fastGaps(room, many, fast, order);
  let slot = 0;
  const events = gaps.map((gap) => firstRow + ((slot += gap) - 1) * everyRow);
  const amounts = doubled(many, total - many, order);
  return {
    ok: true,
    schedule: {
      start: direction > 0 ? 0 : total,
      end: direction > 0 ? total : 0,
      perEvent: 1,
      direction: total === 0 ? 0 : direction,
      events,
      ...total > many ? { amounts } : {},
      after: firstRow - everyRow,
      room: { first: firstRow, last: lastRow2, everyRow },
      rates: ratesOf(gaps.map((gap) => gap * everyRow)),
      order
    }
  };
}
function fastGaps(room, many, fast, order) {
  const first = Math.max(0, Math.min(many, fast));
  const rest = order === "fast first" ? "mixed" : order;
  return [...new Array(first).fill(1), ...evenGaps(room - first, many - first, rest)];
}
function doubled(many, twos, order) {
  if (order === "mixed") return spread(many + twos, Math.max(1, many)).slice(0, many);
  const two = new Array(twos).fill(2);
  const one2 = new Array(many - twos).fill(1);
  return order === "slow first" ? [...one2, ...two] : [...two, ...one2];
}

// packages/core/src/garment/shared/yoke/split.ts
function splitParts(style, counts, front2, sleeve3) {
  const back2 = counts.of("back.width");
  const part = (id, of, label, count, side) => ({
    id,
    of,
    label,
    count,
    ...side ? { side } : {}
  });
  const sleeves = {
    left: part("sleeve-left", "sleeve", "left sleeve", sleeve3, "left"),
    right: part("sleeve-right", "sleeve", "right sleeve", sleeve3, "right")
  };
  if (isOpen(style))
    return [
      part("front-right", "front", "right front", front2, "right"),
      sleeves.right,
      part("back", "back", "back", back2),
      sleeves.left,
      part("front-left", "front", "left front", front2, "left")
    ];
  const half2 = Math.floor(back2 / 2);
  return [
    part("back-left", "back", "left half of the back", half2, "left"),
    sleeves.left,
    part("front", "front", "front", front2),
    sleeves.right,
    part("back-right", "back", "right half of the back", back2 - half2, "right")
  ];
}
function splitEdges(parts, part, n) {
  let from = 0;
  return parts.map(({ id, of, side, label, count }) => {
    const edge2 = {
      id: `yoke.${id}`,
      role: splitRole(of),
      ...side ? { side } : {},
      label: `Yoke, ${label}`,
      axis: "stitches",
      place: { lies: "live", part, n, from, count }
    };
    from += count;
    return edge2;
  });
}
function bodyParts(parts, chain2) {
  return parts.map(
    (part) => part.of === "sleeve" ? {
      ...part,
      id: `underarm-${part.side}`,
      label: `${part.side} underarm`,
      count: chain2,
      of: "underarm"
    } : part
  );
}
function splitRole(of) {
  return of === "underarm" ? of : `${of} split`;
}

// packages/core/src/garment/shared/yoke/bodyFabric.ts
function bodyFabricOf({ style, fabrics }) {
  return fabrics.get(style.body.fabric ?? style.fabric);
}
function changesFabric({ style }) {
  return style.body.fabric !== null && style.body.fabric !== style.fabric;
}
function bodyRule(input) {
  const { rule: rule2 } = bodyFabricOf(input);
  return isOpen(input.style) ? rule2.flat : rule2.round;
}
var bodyStart = (input) => changesFabric(input) ? "body.below" : "body.round";
var bodyEnd = (input, counts) => counts.find("body.hem") === void 0 ? bodyStart(input) : "body.hem";

// packages/core/src/garment/shared/yoke/body.ts
var CHANGE_ROW = 2;
function body(input, counts, split) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const open = isOpen(style);
  const parts = bodyParts(split, counts.of("underarm.chain"));
  const rows2 = counts.of("body.rows");
  const round4 = counts.of("body.round");
  const end = bodyEnd(input, counts);
  const last = counts.of(end);
  const changes = changesFabric(input);
  const own = bodyFabricOf(input);
  const first = counts.of(bodyStart(input));
  const shaped2 = shape(input, counts, parts);
  let from = 0;
  const starts = parts.map(({ id, of, side, label, count }) => {
    const edge2 = {
      id: `body.${id}`,
      role: splitRole(of),
      ...side ? { side } : {},
      label: `Body, ${label}`,
      axis: "stitches",
      place: { lies: "base", part: "main", n: 1, from, count }
    };
    from += count;
    return edge2;
  });
  const outwards = shaped2.counts.map((count) => (count - round4) / 2);
  return {
    id: "body",
    role: "body",
    shows: [["body.round"], ["body.rows"]],
    label: "Body",
    copies: 1,
    fabric: fabric2,
    ...changes ? { sections: [{ fabric: own, first: CHANGE_ROW }] } : {},
    work: open ? "rows" : "rounds",
    rows: ["body.rows"],
    passages: [
      {
        kind: "start",
        part: "main",
        stitches: round4,
        extra: 0,
        along: "the yoke without its sleeves",
        over: parts.map(({ label, count, of }) => ({ label, count, chain: of === "underarm" })),
        ...open ? {} : { round: style.rounds }
      },
      ...changes ? [{ kind: "change", part: "main", to: CHANGE_ROW, stitches: first, fabric: own.id }] : [],
      ...shaped2.passages
    ],
    edges: [
      ...starts,
      {
        id: "body.hem",
        role: "lower edge",
        label: "Body, lower edge",
        axis: "stitches",
        place: { lies: "live", part: "main", n: rows2, from: 0, count: last },
        open: !style.hem
      },
      ...open ? SIDES.map((side) => ({
        id: `body.edge-${side}`,
        role: "front edge",
        side,
        downwards: true,
        label: `Body, ${side} front edge`,
        axis: "rows",
        // The piece begins at the wearer's right front.
        place: ends(side === "right" ? "left" : "right", { part: "main", first: 1, last: rows2 }),
        path: outwards.map((stitches2) => side === "right" ? -stitches2 : stitches2),
        open: style.front.style !== "band"
      })) : []
    ],
    expects: [
      { quantity: "body.round", edges: starts.map(({ id }) => id) },
      { quantity: "back.width", edges: open ? ["body.back"] : ["body.back-left", "body.back-right"] },
      { quantity: "underarm.chain", edges: ["body.underarm-left"] },
      { quantity: "underarm.chain", edges: ["body.underarm-right"] },
      ...open ? [{ quantity: "body.rows", edges: ["body.edge-left"] }] : [],
      { quantity: end, edges: ["body.hem"] }
    ]
  };
}
function shape(input, counts, parts) {
  const { style } = input;
  const rows2 = counts.of("body.rows");
  const start2 = bodyStart(input);
  const round4 = counts.of(start2);
  const from = changesFabric(input) ? CHANGE_ROW : 1;
  const taken = counts.of("body.round");
  const { everyRow, odd } = shapedRows(bodyFabricOf(input));
  if (style.body.shape === "straight")
    return {
      passages: [{ kind: "even", part: "main", to: rows2 }],
      counts: Array.from({ length: rows2 }, (_, i) => i + 1 < from ? taken : round4)
    };
  const legs = style.body.shape === "A-line" ? [{ from, to: rows2, start: start2, end: "body.hem", rows: "body.rows" }] : [
    {
      from,
      to: counts.of("waist.rows"),
      start: start2,
      end: "body.waist",
      rows: "waist.rows"
    },
    { from: counts.of("waist.rows"), to: rows2, start: "body.waist", end: "body.hem", rows: "hip.rows" }
  ];
  const chain2 = counts.of("underarm.chain");
  const half2 = Math.floor(chain2 / 2);
  const side = chain2 % 2;
  let widths = parts.reduce((sums, { of, count }) => {
    if (of === "underarm") return [...sums.slice(0, -1), sums.at(-1) + half2, half2];
    return sums.length === 0 ? [count] : [...sums.slice(0, -1), sums.at(-1) + count];
  }, []);
  widths = widenedTo(widths, round4 - 2 * side);
  const by = from > 1 ? [taken, round4] : [round4];
  const passages = legs.map(({ from: from2, to, start: start3, end, rows: of }) => {
    const change2 = counts.of(end) - counts.of(start3);
    const result = rise({
      total: Math.abs(change2) / 4,
      firstRow: everyRow === 2 && (from2 + 1) % 2 !== odd ? from2 + 2 : from2 + 1,
      lastRow: to - (to === rows2 ? 0 : 1),
      everyRow,
      most: 1,
      order: "slow first",
      direction: change2 < 0 ? -1 : 1
    });
    if (!result.ok) throw new Error(`the fit left no room for the sides: ${result.message}`);
    const { schedule: schedule2 } = result;
    const sections = sideSections(widths, schedule2);
    widths = widths.map((width, i) => width + change2 / 4 * sidesOf(i));
    for (const gained of countsByRow(schedule2, from2 + 1, to))
      by.push(counts.of(start3) + 4 * (gained - schedule2.start));
    return {
      kind: "lines",
      part: "main",
      to,
      sections,
      line: { stitches: side, school: "beside" },
      name: "side",
      of: { start: start3, end, rows: of }
    };
  });
  return { passages, counts: by };
}
function widenedTo(widths, total) {
  const before = widths.reduce((sum2, width) => sum2 + width, 0);
  const [first, , last] = widths.map((width) => Math.round(width * total / before));
  return before === total ? [...widths] : [first, total - first - last, last];
}
var SIDE_LABELS = ["first part", "middle", "last part"];
var sidesOf = (i) => i === 1 ? 2 : 1;
function sideSections(widths, schedule2) {
  return widths.map((count, i) => ({
    id: `side-${i}`,
    label: SIDE_LABELS[i],
    count,
    left: i === 0 ? null : schedule2,
    right: i === widths.length - 1 ? null : schedule2
  }));
}

// packages/core/src/garment/shared/yoke/front.ts
function falls(style) {
  return style.neck.shape === "round" || style.neck.shape === "V";
}
function fallingNeck(shape3, width, drop, open) {
  const half2 = Math.floor(width / 2);
  const steps = leastAreaSteps(neckCurve(shape3, width / 2, drop), drop, half2);
  const gained = Array.from({ length: drop }, (_, i) => half2 - steps[drop - 1 - i]);
  const rows2 = open ? [...gained, half2] : gained;
  return { gained: rows2, schedule: fromSteps(0, 1, rows2), centre: open ? 0 : 2 * steps[0] + width % 2 };
}
function edgePath({ gained }) {
  return gained.map((stitches2) => stitches2 - gained[0]);
}
function fallingLength(neck, stitchesPerCm, rowsPerCm) {
  const side = steppedLength(neck.gained, stitchesPerCm, rowsPerCm);
  return 2 * side + neck.centre / stitchesPerCm;
}
var FRONT_START = 1;
function frontStart({ style, fabrics }) {
  return Math.max(1, Math.round(FRONT_START * perCm(fabrics.get(style.fabric).gauge, "stitches")));
}
function frontCounts(input, counts) {
  const { style } = input;
  const [back2, neck] = [counts.of("back.width"), counts.of("neck.back")];
  const falling = falls(style);
  if (!isOpen(style)) {
    const start3 = falling ? frontStart(input) : neck;
    return { start: start3, between: falling ? neck - 2 * start3 : 0, width: back2 };
  }
  const start2 = falling ? frontStart(input) : counts.of("neck.front");
  const between4 = falling ? counts.of("neck.width") : 0;
  return { start: start2, between: between4, width: start2 + between4 / 2 + (back2 - neck) / 2 };
}

// packages/core/src/garment/shared/yoke/finished.ts
function bandHeight2(band2, counts, { style, fabrics }) {
  const chosen = style[band2];
  return chosen ? counts.of(`${band2}.height`) / perCm(fabrics.get(chosen.fabric).gauge, acrossOf(chosen)) : 0;
}
function neckEdge4(input, counts) {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric);
  const stitches2 = perCm(gauge, "stitches");
  const first = counts.of("neck.round") / stitches2;
  if (!falls(style)) return first;
  const neck = fallingNeck(
    style.neck.shape,
    frontCounts(input, counts).between,
    counts.of("neck.drop"),
    isOpen(style)
  );
  return first + fallingLength(neck, stitches2, perCm(gauge, "rows"));
}
function finishedOf3(input, wanted, neck, edge2) {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric);
  const below = bodyFabricOf(input).gauge;
  const isBelow = (id) => id.startsWith("body.") && id !== "body.round";
  const across = (id) => (counts) => counts.of(id) / perCm(isBelow(id) ? below : gauge, "stitches");
  const along = (id) => (counts) => counts.of(id) / perCm(isBelow(id) ? below : gauge, "rows");
  const opening = openingWidth(input);
  const raised = style.neck.shape === "short rows";
  const round4 = (id, label, quantity2, target) => ({
    id,
    label,
    target: target + opening,
    actual: (counts) => across(quantity2)(counts) + openingWorked(input, counts)
  });
  return [
    round4("bust", "All round", "body.round", wanted.round),
    ...wanted.waist === null ? [] : [round4("waist", "At the waist", "body.waist", wanted.waist)],
    ...wanted.hem === null ? [] : [round4("hem", "At the lower edge", "body.hem", wanted.hem)],
    {
      id: "length",
      label: "Length at the back",
      target: wanted.length,
      actual: (counts) => along("yoke.rows")(counts) + (raised ? along("neck.drop")(counts) : 0) + along("body.rows")(counts) + bandHeight2("hem", counts, input)
    },
    { id: "neckEdge", label: "Neck edge", target: edge2, actual: (counts) => neckEdge4(input, counts) },
    ...neck.drop.length > 0 ? [{ id: "neckDrop", label: "Front neck drop", target: neck.drop.length, actual: along("neck.drop") }] : [],
    { id: "yokeDepth", label: "Yoke depth", target: wanted.depth, actual: along("yoke.rows") },
    {
      id: "upperArm",
      label: "Sleeve at the underarm",
      target: wanted.upperArm,
      actual: across("sleeve.top")
    },
    { id: "cuff", label: "Sleeve at the cuff", target: wanted.wrist, actual: across("sleeve.cuff") },
    {
      id: "sleeveLength",
      label: "Sleeve length with cuff",
      target: wanted.sleeve,
      actual: (counts) => along("sleeve.rows")(counts) + bandHeight2("cuff", counts, input)
    }
  ];
}

// packages/core/src/garment/shared/yoke/joins.ts
function joins3(style, neckEdges4) {
  const open = isOpen(style);
  const live = (id, label, parts) => ({
    id,
    role: "split",
    label,
    kind: "live",
    a: parts.map((part) => `yoke.${part}`),
    b: parts.map((part) => `body.${part}`)
  });
  const { hem, cuff, neckband } = style;
  const banded = style.front.style === "band";
  return [
    live("split-back", "Split, back", open ? ["back"] : ["back-left", "back-right"]),
    ...open ? SIDES.map((side) => ({
      ...live(`split-front-${side}`, `Split, ${side} front`, [`front-${side}`]),
      side,
      both: "Split, both fronts"
    })) : [live("split-front", "Split, front", ["front"])],
    ...SIDES.map((side) => ({
      id: `split-sleeve-${side}`,
      role: "split",
      label: `Split, ${side} sleeve`,
      side,
      both: "Split, both sleeves",
      kind: "live",
      a: [`yoke.sleeve-${side}`],
      b: ["sleeve.top"]
    })),
    ...onBothSides("Underarm", (side, label) => ({
      id: `underarm-${side}`,
      role: "underarm",
      label,
      // The sleeve is worked into the underside of the chain: nothing is left to sew.
      kind: "live",
      a: ["sleeve.underarm-first", "sleeve.underarm-last"],
      b: [`body.underarm-${side}`]
    })),
    ...style.sleeve.worked === "rows" ? onBothSides("Sleeve seam", (side, label) => ({
      id: `sleeve-seam-${side}`,
      role: "sleeve seam",
      label,
      kind: "row-to-row",
      a: ["sleeve.edge-left"],
      b: ["sleeve.edge-right"]
    })) : [],
    ...neckband ? neckbandJoins(neckband, neckEdges4, open) : [],
    ...hem ? [
      bandJoin(hem, {
        id: "hem",
        role: "hem",
        label: "Hem rib to body",
        band: "hem",
        edges: ["body.hem"]
      })
    ] : [],
    ...hem && !open ? [endsMeet(hem, "hem", "hem ends", "Hem rib, its ends")] : [],
    ...cuff ? cuffJoins(cuff) : [],
    ...banded ? frontBandJoins((side) => [
      ...hem ? [side === "right" ? "hem.start" : "hem.end"] : [],
      `body.edge-${side}`,
      `yoke.edge-${side}`,
      ...neckband ? [side === "right" ? "neckband.start" : "neckband.end"] : []
    ]) : []
  ];
}

// packages/core/src/garment/shared/yoke/targets.ts
function bodyRound(input) {
  const { length: whole, reasons } = garmentRound(input);
  const opening = openingWidth(input);
  if (opening === 0) return { whole, length: whole, reasons };
  const label = {
    closed: "",
    gap: "Gap of the fronts",
    band: "Front band",
    overlap: "Overlap of the fronts"
  };
  return {
    whole,
    length: whole - opening,
    reasons: [
      ...reasons,
      plus(label[input.style.front.style], -opening, whole - opening, {
        kind: "style",
        id: "garment.front.width"
      })
    ]
  };
}
function underarm({ style, size: size2 }, whole) {
  return shareOf(
    forSize(style.underarm, size2.id),
    "Underarm chain, each",
    { length: whole, label: "Garment, all round", from: { kind: "quantity", id: "body.round" } },
    { kind: "style", id: "garment.underarm" }
  );
}
function backWidth(whole, chain2) {
  return {
    length: whole / 2 - chain2,
    reasons: [
      given("Garment, all round", whole, { kind: "quantity", id: "body.round" }),
      becomes("Half of it", "\xF7 2", whole / 2),
      plus("Underarm chain, half on each side", -chain2, whole / 2 - chain2, {
        kind: "quantity",
        id: "underarm.chain"
      })
    ]
  };
}
function yokeDepth(input) {
  const { armholeDepth: armholeDepth2 } = input.body.body;
  const ease2 = forSize(input.style.depthEase, input.size.id);
  return {
    length: armholeDepth2 + easeOver(ease2, armholeDepth2),
    reasons: [
      measured(input, "armholeDepth"),
      eased("Depth of the yoke beyond it", ease2, armholeDepth2, { kind: "style", id: "garment.depthEase" })
    ]
  };
}
function upperArmRound(input) {
  const { upperArm } = input.body.body;
  const ease2 = forSize(input.style.sleeve.upperArmEase, input.size.id);
  return {
    length: upperArm + easeOver(ease2, upperArm),
    reasons: [
      measured(input, "upperArm"),
      eased("Ease at the upper arm", ease2, upperArm, { kind: "style", id: "garment.sleeve.upperArmEase" })
    ]
  };
}
function sleeveBelow(input) {
  const { style, fabrics } = input;
  const { underarmToWrist } = input.body.body;
  const down = downTo(input, style.sleeve, underarmToWrist);
  const worn = shrunk(fabrics.get(style.fabric).growth ?? 0, down.length);
  return {
    length: worn.length,
    reasons: [measured(input, "underarmToWrist"), ...down.reasons, ...worn.reasons]
  };
}
function neckDrop2(input) {
  return shareOf(
    forSize(input.style.neck.drop, input.size.id),
    "Front neck drop",
    {
      length: yokeDepth(input).length,
      label: "Depth of the yoke",
      from: { kind: "style", id: "garment.depthEase" }
    },
    { kind: "style", id: "garment.neck.drop" }
  );
}
function neckTargets(input, lines2) {
  const { style, size: size2, fabrics } = input;
  const { neck, head } = input.body.body;
  const { shape: shape3, sleeveShare } = style.neck;
  const fall = shape3 === "level" ? { length: 0, reasons: [] } : neckDrop2(input);
  const drop = fall.length;
  const ease2 = forSize(style.neck.ease, size2.id);
  const own = neck + easeOver(ease2, neck);
  const share = sleeveShare / 100;
  const frontOf = (round5) => (round5 - lines2) * (1 - 2 * share) / 2;
  const edgeOf4 = (round5) => shape3 === "round" || shape3 === "V" ? round5 - frontOf(round5) + 2 * neckLineLength(shape3, frontOf(round5) / 2, drop) : round5;
  const reasons = [
    measured(input, "neck"),
    eased("Ease at the neck", ease2, neck, { kind: "style", id: "garment.neck.ease" })
  ];
  let round4 = own;
  const stretch = fabrics.get(style.fabric).stretch ?? USUAL_STRETCH;
  const needed = head / (1 + stretch);
  if (!isOpen(style) && edgeOf4(own) < needed) {
    for (let step = 0; step < 40; step += 1) round4 += needed - edgeOf4(round4);
    reasons.splice(
      0,
      2,
      measured(input, "head"),
      becomes("Neck edge that gives so far", `\xF7 ${figure(1 + stretch, 3)}`, needed),
      {
        label: say`Wider than the neck with its ease, ${cm(own)}, so that the head passes`,
        figure: say`${cm(round4)}`
      }
    );
  }
  return {
    round: { length: round4, reasons },
    back: frontOf(round4),
    sleeve: (round4 - lines2) * share,
    front: frontOf(round4),
    drop: fall
  };
}

// packages/core/src/garment/shared/yoke/below.ts
var CHANGED = "one row takes the stitches of the yoke\u2019s fabric to those of the body\u2019s";
var SHORTEST4 = 2;
function sleeveUnit({ shaping, rule: rule2 }, flat) {
  return shaping === "units" && !flat ? rule2.round.multiple : 1;
}
function ruleOf2(input, flat) {
  const { rule: rule2 } = input.fabrics.get(input.style.fabric);
  return flat ? rule2.flat : rule2.round;
}
function draftBelow(input, neck, split) {
  const { style, size: size2, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const rows2 = perCm(fabric2.gauge, "rows");
  const lower2 = bodyFabricOf(input);
  const unit2 = sleeveUnit(fabric2, style.sleeve.worked === "rows");
  const open = isOpen(style);
  const body2 = input.body.body;
  const { whole, length: round4, reasons: roundReasons } = bodyRound(input);
  const chain2 = underarm(input, whole);
  const back2 = backWidth(whole, chain2.length);
  const front2 = open ? frontWidth(input, back2.length, "Back at the underarm") : back2;
  const depth = yokeDepth(input);
  const upperArm = upperArmRound(input);
  const { length: wrist, reasons: wristReasons } = cuffRound(input, input.style.sleeve);
  const { length: length2, reasons: lengthReasons } = bodyLength(input);
  const covered = sleeveBelow(input);
  const shaped2 = style.body.shape !== "straight";
  const hemEase = forSize(style.body.hemEase, size2.id);
  const opening = whole - round4;
  const hemTarget = shaped2 ? body2.hip + easeOver(hemEase, body2.hip) - opening : null;
  const waistEase = forSize(style.body.waistEase, size2.id);
  const waistTarget = style.body.shape === "waist" ? body2.waist + easeOver(waistEase, body2.waist) - opening : null;
  const bandOf = (id) => style[id] ? forSize(style[id].height, size2.id) : 0;
  const [hem, cuff] = [bandOf("hem"), bandOf("cuff")];
  const raised = style.neck.shape === "short rows" ? neck.drop.length : 0;
  const below = length2 - depth.length - raised - hem;
  const bodyReasons = [
    ...lengthReasons,
    plus("Yoke", -depth.length, length2 - depth.length, { kind: "quantity", id: "yoke.rows" }),
    ...raised > 0 ? [
      plus("Short rows at the back", -raised, length2 - depth.length - raised, {
        kind: "quantity",
        id: "neck.drop"
      })
    ] : [],
    ...hem > 0 ? [plus("Hem rib", -hem, below, { kind: "style", id: "garment.hem.height" })] : []
  ];
  const sleeve3 = covered.length - cuff;
  const quantities = [
    quantity({
      id: "underarm.chain",
      label: "Underarm chain, each",
      fabric: fabric2,
      axis: "stitches",
      target: chain2.length,
      weight: 0.8,
      because: chain2.reasons
    }),
    quantity({
      id: "back.width",
      label: "Back at the underarm",
      fabric: fabric2,
      axis: "stitches",
      target: back2.length,
      weight: 0.6,
      because: back2.reasons,
      min: 2
    }),
    quantity({
      id: "body.round",
      label: open ? "Body, edge to edge" : "Body, all round",
      fabric: fabric2,
      axis: "stitches",
      target: round4,
      weight: 1,
      rule: changesFabric(input) ? ANY_COUNT : ruleOf2(input, open),
      because: roundReasons,
      min: 8
    }),
    ...changesFabric(input) ? [
      quantity({
        id: "body.below",
        label: "Body, in its own fabric",
        fabric: lower2,
        axis: "stitches",
        target: round4,
        weight: 1,
        rule: bodyRule(input),
        because: [given("Body, all round", round4, { kind: "quantity", id: "body.round" })],
        min: 8
      })
    ] : [],
    ...waistTarget === null ? [] : [
      quantity({
        id: "body.waist",
        label: "Body at the waist",
        fabric: lower2,
        axis: "stitches",
        target: waistTarget,
        weight: 0.5,
        because: [
          measured(input, "waist"),
          eased("Ease at the waist", waistEase, body2.waist, {
            kind: "style",
            id: "garment.body.waistEase"
          })
        ],
        min: 8
      })
    ],
    ...hemTarget === null ? [] : [
      quantity({
        id: "body.hem",
        label: "Body at the lower edge",
        fabric: lower2,
        axis: "stitches",
        target: hemTarget,
        weight: 0.5,
        rule: bodyRule(input),
        because: [
          measured(input, "hip"),
          eased("Ease at the hem", hemEase, body2.hip, { kind: "style", id: "garment.body.hemEase" })
        ],
        min: 8
      })
    ],
    quantity({
      id: "body.rows",
      label: "Body, underarm to lower edge",
      fabric: lower2,
      axis: "rows",
      target: Math.max(SHORTEST4, below),
      weight: 1,
      rule: lower2.rule.rows,
      because: bodyReasons,
      min: 2
    }),
    ...waistTarget === null ? [] : ["waist", "hip"].map((part) => {
      const toWaist = Math.min(
        below - SHORTEST4,
        Math.max(SHORTEST4, body2.backWaist - depth.length - raised)
      );
      return quantity({
        id: `${part}.rows`,
        label: part === "waist" ? "Underarm to waist" : "Waist to lower edge",
        fabric: lower2,
        axis: "rows",
        target: Math.max(SHORTEST4, part === "waist" ? toWaist : below - toWaist),
        weight: 0.3,
        because: [
          measured(input, "backWaist"),
          plus("Yoke", -depth.length, body2.backWaist - depth.length, {
            kind: "quantity",
            id: "yoke.rows"
          }),
          ...part === "hip" ? [plus("Body below the underarm", below, below - toWaist)] : []
        ]
      });
    }),
    quantity({
      id: "sleeve.top",
      label: "Sleeve, all round",
      fabric: fabric2,
      axis: "stitches",
      target: upperArm.length,
      weight: 0.7,
      rule: ruleOf2(input, style.sleeve.worked === "rows"),
      because: upperArm.reasons,
      min: 4
    }),
    quantity({
      id: "sleeve.cuff",
      label: "Sleeve, at the cuff",
      fabric: fabric2,
      axis: "stitches",
      target: wrist,
      weight: 0.5,
      // By whole units the sleeve keeps to its repeats down to the cuff.
      rule: unit2 === 1 ? ANY_COUNT : ruleOf2(input, style.sleeve.worked === "rows"),
      min: 4,
      because: wristReasons
    }),
    quantity({
      id: "sleeve.rows",
      label: "Sleeve, underarm to cuff",
      fabric: fabric2,
      axis: "rows",
      target: Math.max(SHORTEST4, sleeve3),
      weight: 1,
      rounding: "not over",
      min: 4,
      because: [
        ...covered.reasons,
        ...cuff > 0 ? [plus("Cuff rib", -cuff, sleeve3, { kind: "style", id: "garment.cuff.height" })] : []
      ]
    })
  ];
  const tapered = taper(
    style.sleeve.everyRow,
    evenRowsWished(style.sleeve, size2.id, rows2, Math.max(SHORTEST4, sleeve3) * rows2),
    unit2
  );
  const shapes = bodyShape(input);
  return {
    quantities,
    helpers: [...tapered.helpers, ...shapes.helpers],
    relations: [
      split,
      ...changesFabric(input) ? changedInOneRow("change", CHANGED, "body.round", "body.below") : [],
      ...tapered.relations,
      ...shapes.relations
    ],
    targets: {
      whole,
      round: round4,
      chain: chain2.length,
      back: back2.length,
      front: front2.length,
      depth: depth.length,
      upperArm: upperArm.length,
      wrist,
      length: length2,
      sleeve: covered.length,
      waist: waistTarget,
      hem: hemTarget
    }
  };
}
function bodyShape(input) {
  const { shape: shape3 } = input.style.body;
  const first = bodyStart(input);
  const { everyRow } = shapedRows(bodyFabricOf(input));
  if (shape3 === "straight") return { relations: [], helpers: [] };
  const from = (start2, end, rows2) => needsShapingRows2(
    {
      id: `shape.${end}`,
      rule: "the sides of the body come out in whole shaping rows that its length has room for",
      says: (counts) => say`Sides: ${counts.of(start2)} to ${counts.of(end)} is ${Math.abs(counts.of(`${end}.shapings`))} shaping rows of 4 stitches`
    },
    {
      from: start2,
      to: end,
      rows: rows2,
      perEvent: 4,
      everyRow,
      spare: (changesFabric(input) ? 2 : 1) + everyRow,
      helper: `${end}.shapings`
    }
  );
  if (shape3 === "A-line") return from(first, "body.hem", "body.rows");
  const upper = from(first, "body.waist", "waist.rows");
  const lower2 = from("body.waist", "body.hem", "hip.rows");
  return {
    helpers: [...upper.helpers, ...lower2.helpers],
    relations: [
      sumIs2(
        {
          id: "height",
          rule: "the rows above and below the waist are the rows of the body",
          says: (counts) => say`To the waist and below: ${counts.of("waist.rows")} + ${counts.of("hip.rows")} = ${counts.of("body.rows")} rows`
        },
        { "waist.rows": 1, "hip.rows": 1, "body.rows": -1 }
      ),
      ...upper.relations,
      ...lower2.relations
    ]
  };
}
function dropAboveUnderarm2(least) {
  return sumAtLeast2(
    { id: "drop", rule: "the front neck ends above the underarm" },
    { "yoke.rows": 1, "neck.drop": -1 },
    least
  );
}

// packages/core/src/garment/shared/yoke/sleeve.ts
function sleeve2({ size: size2, style, fabrics }, counts) {
  const fabric2 = fabrics.get(style.fabric);
  const rows2 = counts.of("sleeve.rows");
  const top = counts.of("sleeve.top");
  const cuff = counts.of("sleeve.cuff");
  const chain2 = counts.of("underarm.chain");
  const flat = style.sleeve.worked === "rows";
  const schedule2 = sleeveSchedule(style.sleeve, size2.id, {
    rows: rows2,
    top,
    cuff,
    rowsPerCm: perCm(fabric2.gauge, "rows"),
    up: false,
    unit: sleeveUnit(fabric2, flat),
    odd: shapedRows(fabric2).odd
  });
  const first = Math.floor(chain2 / 2);
  const base = (id, role, label, from, count) => ({
    id: `sleeve.${id}`,
    role,
    label: `Sleeve, ${label}`,
    axis: "stitches",
    place: { lies: "base", part: "main", n: 1, from, count }
  });
  const outwards = countsByRow(schedule2, 1, rows2).map((count) => (count - top) / 2);
  return {
    ...SLEEVE_PIECE,
    fabric: fabric2,
    work: flat ? "rows" : "rounds",
    rows: ["sleeve.rows"],
    passages: [
      {
        kind: "start",
        part: "main",
        stitches: top,
        extra: 0,
        along: "the sleeve of the yoke",
        over: [
          { label: "underarm", count: first, chain: false },
          { label: "sleeve", count: top - chain2, chain: false },
          { label: "underarm", count: chain2 - first, chain: false }
        ],
        ...flat ? {} : { round: style.rounds }
      },
      {
        kind: "shape",
        part: "main",
        to: rows2,
        schedule: schedule2,
        where: flat || style.sleeve.placement === "underarm" ? { at: "both edges" } : { at: "the round" },
        of: { start: "sleeve.top", end: "sleeve.cuff", rows: "sleeve.rows" }
      }
    ],
    edges: [
      base("underarm-first", "underarm", "first half of the underarm", 0, first),
      base("top", "sleeve top", "from the yoke", first, top - chain2),
      base("underarm-last", "underarm", "second half of the underarm", first + top - chain2, chain2 - first),
      {
        id: "sleeve.cuff",
        role: "wrist",
        label: "Sleeve, cuff edge",
        axis: "stitches",
        place: { lies: "live", part: "main", n: rows2, from: 0, count: cuff },
        open: !style.cuff
      },
      ...flat ? ["left", "right"].map((side) => ({
        id: `sleeve.edge-${side}`,
        role: "sleeve seam",
        label: `Sleeve, ${side} edge`,
        axis: "rows",
        place: ends(side, { part: "main", first: 1, last: rows2 }),
        path: outwards.map((stitches2) => side === "left" ? -stitches2 : stitches2)
      })) : []
    ],
    expects: [
      { quantity: "sleeve.top", edges: ["sleeve.underarm-first", "sleeve.top", "sleeve.underarm-last"] },
      { quantity: "underarm.chain", edges: ["sleeve.underarm-first", "sleeve.underarm-last"] },
      { quantity: "sleeve.cuff", edges: ["sleeve.cuff"] },
      ...flat ? [{ quantity: "sleeve.rows", edges: ["sleeve.edge-left"] }] : []
    ]
  };
}

// packages/core/src/garment/shared/yoke/program.ts
function programOf(input, counts, yoke2, split, neckEdges4, widths) {
  const { style, fabrics } = input;
  const open = isOpen(style);
  const fabric2 = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(fabric2.gauge, "stitches"), perCm(fabric2.gauge, "rows")];
  const pieces = [yoke2, body(input, counts, split), sleeve2(input, counts)];
  const bands = [
    ["neckband", "Neckband", 1],
    ["hem", "Hem rib", 1],
    ["cuff", "Cuff rib", 2]
  ];
  for (const [id, label, copies] of bands) {
    const band2 = style[id];
    if (!band2) continue;
    const ends2 = open && id !== "cuff" && style.front.style !== "band";
    pieces.push(bandPiece(id, label, copies, band2, fabrics, counts, ends2));
  }
  if (style.front.style === "band") pieces.push(frontBandPiece(fabrics.get(style.front.fabric), counts));
  const round4 = (quantity2) => counts.of(quantity2) / stitches2;
  return {
    pieces,
    joins: joins3(style, neckEdges4),
    girths: girthsOf2(input, counts, widths),
    facts: {
      closedNeck: open ? null : {
        opening: neckEdge4(input, counts),
        stretch: fabric2.stretch ?? USUAL_STRETCH,
        front: "neck.round"
      },
      sleeveTop: { round: round4("sleeve.top"), quantity: "sleeve.top" },
      reach: {
        overhang: 0,
        sleeve: counts.of("sleeve.rows") / rows2,
        cuff: bandHeight2("cuff", counts, input),
        wanted: downTo(input, style.sleeve, input.body.body.underarmToWrist).length
      }
    }
  };
}
function girthsOf2(input, counts, widths) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(fabric2.gauge, "stitches"), perCm(fabric2.gauge, "rows")];
  const hangs = (1 + (fabric2.growth ?? 0)) / rows2;
  const opening = openingWorked(input, counts);
  const below = bodyFabricOf(input);
  const around2 = (quantity2) => counts.of(quantity2) / (quantity2 === "body.round" ? stitches2 : perCm(below.gauge, "stitches")) + opening;
  const hangsBelow = (1 + (below.growth ?? 0)) / perCm(below.gauge, "rows");
  const underarm2 = counts.of("yoke.rows") * hangs;
  const hem = underarm2 + counts.of("body.rows") * hangsBelow;
  const waist = counts.find("waist.rows");
  const { shoulderToWrist, underarmToWrist } = input.body.body;
  const armpit = shoulderToWrist - underarmToWrist;
  const wrist = armpit + counts.of("sleeve.rows") * hangs;
  const band2 = (id, from) => {
    const chosen = style[id];
    if (!chosen) return [];
    const own = counts.of(`${id}.rows`) / perCm(fabrics.get(chosen.fabric).gauge, alongOf(chosen)) + (id === "hem" ? opening : 0);
    return [
      { at: from, round: own },
      { at: from + bandHeight2(id, counts, input), round: own }
    ];
  };
  return {
    body: [
      // The body has its round from the armpit on, even where the yoke reaches lower.
      { at: Math.min(underarm2, input.body.body.armholeDepth), round: around2("body.round") },
      { at: underarm2, round: around2("body.round") },
      ...waist === void 0 ? [] : [{ at: underarm2 + waist * hangsBelow, round: around2("body.waist") }],
      { at: hem, round: around2(bodyEnd(input, counts)) },
      ...band2("hem", hem)
    ],
    yoke: [{ row: 0, stitches: widths[0].stitches }, ...widths].map(({ row, stitches: many }) => ({
      at: row * hangs,
      round: many / stitches2 + opening
    })),
    arm: [
      { at: armpit, round: counts.of("sleeve.top") / stitches2 },
      { at: wrist, round: counts.of("sleeve.cuff") / stitches2 },
      ...band2("cuff", wrist)
    ]
  };
}

// packages/core/src/shaping/shortRows.ts
function neckShortRows(stitches2, centre, reach, ring) {
  const rows2 = [];
  if (ring) {
    let left = 0;
    for (const far of reach) {
      rows2.push({ from: 0 - left, to: far }, { from: -far, to: far });
      left = far;
    }
    rows2.push({ from: 0 - left, to: 0 });
  } else {
    let before = 0;
    for (const far of reach) {
      rows2.push(
        { from: centre - (before || far), to: centre + far },
        { from: centre - far, to: centre + far }
      );
      before = far;
    }
  }
  const most = reach.at(-1) ?? 0;
  return { stitches: stitches2, rows: rows2, keptLeft: stitches2 - 2 * most, keptRight: 0, closing: true };
}

// packages/core/src/garment/shared/yoke/shortRows.ts
function shortRowsOf(style, counts) {
  if (style.neck.shape !== "short rows") return { many: 0, halfRows: 0 };
  const halfRows = isOpen(style) ? 0 : 1;
  return { many: counts.of("neck.drop") + halfRows, halfRows };
}
function raisedBack(style, fabric2, {
  stitches: stitches2,
  rows: rows2,
  nearest: nearest4,
  farthest
}) {
  const turns3 = rows2 / 2;
  const open = isOpen(style);
  const most = Math.min(farthest, Math.floor((stitches2 - 2) / 2));
  const least = Math.max(1, Math.min(nearest4, most));
  const reach = Array.from(
    { length: turns3 },
    (_, i) => turns3 === 1 ? most : least + Math.floor((most - least) * i / (turns3 - 1))
  );
  const shortRows = neckShortRows(stitches2, open ? Math.floor(stitches2 / 2) : 0, reach, !open);
  return {
    kind: "short",
    part: "main",
    shortRows,
    label: "Back of the neck",
    graded: gradedAtTurns(plainStitchOf(fabric2), shortRows.rows, shapingUnit(fabric2))
  };
}

// packages/core/src/garment/shared/yoke/edgings.ts
var RIBS2 = [
  { id: "neckband", label: "Neckband", edge: "Neck edge" },
  { id: "hem", label: "Hem rib", edge: "Lower edge of the body" },
  { id: "cuff", label: "Cuff rib", edge: "Sleeve at the cuff" }
];
function edgingsOf2(input) {
  const ribs = RIBS2.filter(({ id }) => input.style[id]);
  const banded = input.style.front.style === "band";
  return {
    ids: edgingIds(ribs, banded),
    follow: (counts) => together([
      ...ribs.map(
        (one2) => ribAlong(input, { ...one2, style: input.style[one2.id] }, edgeOf(input, one2, counts))
      ),
      ...banded ? [frontBand(input, counts)] : []
    ])
  };
}
function edgeOf(input, { id, edge: name2 }, counts) {
  const { gauge } = id === "hem" ? bodyFabricOf(input) : input.fabrics.get(input.style.fabric);
  const stitches2 = perCm(gauge, "stitches");
  const across = (label, of) => {
    const length3 = counts.of(of) / stitches2;
    return {
      label: name2,
      length: length3,
      unit: 1 / stitches2,
      reasons: [given(say`${label}, ${counts.of(of)} stitches`, length3, { kind: "quantity", id: of })]
    };
  };
  if (id === "cuff") return across("Sleeve at the cuff", "sleeve.cuff");
  if (id === "hem") return across("Lower edge of the body", bodyEnd(input, counts));
  const first = across("First stitches of the neck", "neck.round");
  if (!falls(input.style)) return first;
  const length2 = neckEdge4(input, counts);
  return {
    label: name2,
    length: length2,
    unit: first.unit,
    reasons: [...first.reasons, plus("Line of the front neck", length2 - first.length, length2)]
  };
}
function frontBand(input, counts) {
  const { style, fabrics } = input;
  const rows2 = perCm(fabrics.get(style.fabric).gauge, "rows");
  const yoke2 = counts.of("yoke.rows") - (falls(style) ? counts.of("neck.drop") + 1 : 0);
  return frontBandAlong(input, [
    {
      label: "Body",
      length: counts.of("body.rows") / perCm(bodyFabricOf(input).gauge, "rows"),
      of: "body.rows"
    },
    { label: "Yoke", length: yoke2 / rows2, of: "yoke.rows" },
    ...endOfRib(input, "hem", style.hem, counts),
    ...endOfRib(input, "neckband", style.neckband, counts)
  ]);
}

// packages/core/src/garment/shared/yoke/neck.ts
function frontAtNeck({ style }, neck, opening) {
  const open = isOpen(style);
  if (!falls(style))
    return { start: open ? Math.max(1, (neck.front - opening) / 2) : neck.front, between: 0 };
  return { start: FRONT_START, between: Math.max(1, neck.front - (open ? opening : 0) - 2 * FRONT_START) };
}
function draftDrop(input, neck, opening) {
  const { style, fabrics } = input;
  if (style.neck.shape === "level") return { quantities: [], relations: [] };
  const fabric2 = fabrics.get(style.fabric);
  const open = isOpen(style);
  const falling = falls(style);
  const { between: between4 } = frontAtNeck(input, neck, opening);
  const quantities = [
    quantity({
      id: "neck.drop",
      label: falling ? "Front neck drop" : "Short rows at the back of the neck",
      fabric: fabric2,
      axis: "rows",
      target: neck.drop.length,
      weight: 0.3,
      // Short rows go there and back; a closed neck closes after a wrong-side row.
      rule: falling && open ? { multiple: 1, plus: 0 } : { multiple: 2, plus: 0 },
      min: 2,
      because: neck.drop.reasons
    }),
    ...falling && open ? [
      quantity({
        id: "neck.width",
        label: "Neck, between the fronts",
        fabric: fabric2,
        axis: "stitches",
        target: between4,
        weight: 0.6,
        rule: { multiple: 2, plus: 0 },
        min: 2,
        because: [
          given("Front of a level neck", neck.front, { kind: "quantity", id: "neck.round" }),
          plus("What lies between the fronts", -opening, neck.front - opening, {
            kind: "style",
            id: "garment.front.width"
          }),
          plus("What the fronts begin with, two", between4 - (neck.front - opening), between4)
        ]
      })
    ] : []
  ];
  return { quantities, relations: falling ? [dropAboveUnderarm2(3)] : [] };
}
function neckEdgeWanted(input, neck, opening) {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  const { start: start2, between: between4 } = frontAtNeck(input, neck, opening);
  const first = neck.round.length - neck.front + (isOpen(style) || falls(style) ? 2 : 1) * start2;
  if (!falls(style)) return first;
  const near = {
    width: Math.max(4, 2 * Math.round(between4 * stitches2 / 2)),
    drop: Math.max(2, 2 * Math.round(neck.drop.length * rows2 / 2))
  };
  return first + fallingLength(
    fallingNeck(style.neck.shape, near.width, near.drop, isOpen(style)),
    stitches2,
    rows2
  );
}

// packages/core/src/garment/shared/yoke/shallow.ts
var NOT_TOLD = 0.5;
function endsAboveUnderarm({ body: body2, size: size2 }, depth, more) {
  const { armholeDepth: armholeDepth2 } = body2.body;
  const lacking = armholeDepth2 - depth;
  if (lacking <= NOT_TOLD) return [];
  return [
    {
      level: "warn",
      code: "yoke-above-underarm",
      where: "yoke.rows",
      message: say`The yoke is ${cm(depth)} deep, ${cm(lacking)} less than the body from shoulder to underarm (${cm(armholeDepth2)}): body and sleeves part above the underarm and bind there.`,
      fixes: [
        {
          label: say`Yoke ${cm(armholeDepth2 + more)} deep`,
          set: [{ path: "garment.depthEase", value: more, size: size2.id }]
        }
      ]
    }
  ];
}

// packages/core/src/garment/constructions/raglan/lines.ts
function lineShares({ line: line2 }) {
  return { body: line2.stitches === 0 ? 0 : 1, sleeve: line2.stitches === 2 ? 1 : 0 };
}
function gainsOf(style, counts) {
  const { body: body2, sleeve: sleeve3 } = lineShares(style);
  return {
    body: (counts.of("back.width") - counts.of("neck.back")) / 2 - body2,
    sleeve: (counts.of("sleeve.top") - counts.of("underarm.chain") - counts.of("neck.sleeve")) / 2 - sleeve3
  };
}
function firstShapingRow({ neck: { shape: shape3 }, rates, front: front2, rounds }) {
  if (shape3 !== "short rows") return rates.everyRow === 2 ? 3 : 2;
  if (rates.everyRow === 1) return 3;
  return front2.style === "closed" && rounds === "turned" ? 4 : 3;
}
function lineSchedule(style, counts, which) {
  const { many } = shortRowsOf(style, counts);
  const { everyRow, most, order } = style.rates;
  const fast = style.rates[which === "body" ? "bodyFast" : "sleeveFast"];
  const firstRow = firstShapingRow(style) + many;
  const lastRow2 = counts.of("yoke.rows") + many;
  const room = Math.floor((lastRow2 - firstRow) / everyRow) + 1;
  const request = {
    total: gainsOf(style, counts)[which],
    firstRow,
    lastRow: lastRow2,
    everyRow,
    most,
    order,
    fast: fast === null ? null : Math.round(fast / 100 * room)
  };
  const result = rise(request);
  if (!result.ok) throw new Error(`the fit left no room for the raglan: ${result.message}`);
  return result.schedule;
}

// packages/core/src/garment/constructions/raglan/feasible.ts
var TOO_FAR = 6;
var DEEPER = 3;
function feasibility(input, wanted, neck) {
  return [
    ...tooShallow(input, wanted, neck),
    ...sleeveShrinks(input, wanted, neck),
    ...neckTooWide2(input, neck),
    ...endsAboveUnderarm(input, wanted.depth, DEEPER)
  ];
}
function needs(input, wanted, neck) {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  const shares2 = lineShares(style);
  const first = firstShapingRow(style);
  const { everyRow, most } = style.rates;
  return {
    stitches: stitches2,
    rows: rows2,
    first,
    body: (wanted.back - neck.back) * stitches2 / 2 - shares2.body,
    sleeve: (wanted.upperArm - wanted.chain - neck.sleeve) * stitches2 / 2 - shares2.sleeve,
    slots: Math.floor((Math.round(wanted.depth * rows2) - first) / everyRow) + 1,
    most,
    everyRow
  };
}
function tooShallow(input, wanted, neck) {
  const { size: size2, style } = input;
  const { stitches: stitches2, rows: rows2, first, body: body2, sleeve: sleeve3, slots: slots2, most, everyRow } = needs(input, wanted, neck);
  const need = Math.max(body2, sleeve3);
  const room = slots2 * most;
  if (need <= room + 0.5) return [];
  const lacking = 2 * (need - room) / stitches2;
  const rowsNeeded = Math.ceil(need / most - 1e-9);
  const depth = ((rowsNeeded - 1) * everyRow + first) / rows2;
  const armhole = input.body.body.armholeDepth;
  const deeper = Math.ceil((depth - armhole) * 10) / 10;
  const fixes = [
    {
      label: say`Yoke ${cm(armhole + deeper)} deep`,
      set: [{ path: "garment.depthEase", value: deeper, size: size2.id }]
    }
  ];
  if (most === 1)
    fixes.push({
      label: say`Two stitches at a line where one is too few`,
      set: [{ path: "garment.rates.most", value: 2 }]
    });
  if (everyRow === 2)
    fixes.push({ label: say`Increases in every row`, set: [{ path: "garment.rates.everyRow", value: 1 }] });
  if (body2 >= sleeve3) {
    const chain2 = Math.ceil((wanted.chain + lacking) * 10) / 10;
    if (chain2 < wanted.back / 2)
      fixes.push({
        label: say`Underarm chain of ${cm(chain2)}`,
        set: [{ path: "garment.underarm", value: chain2, size: size2.id }]
      });
  }
  const share = style.neck.sleeveShare;
  const wider = lacking / (1 - 2 * share / 100) * 2;
  fixes.push({
    label: say`Neck ${cm(Math.ceil(wider))} wider all round`,
    set: [
      {
        path: "garment.neck.ease",
        value: Math.ceil(neck.round.length + wider - input.body.body.neck),
        size: size2.id
      }
    ]
  });
  return [
    {
      level: lacking > TOO_FAR ? "stop" : "warn",
      code: "yoke-too-shallow",
      where: "yoke.rows",
      message: say`The yoke is too shallow: ${body2 >= sleeve3 ? "back and fronts" : "the sleeves"} want ${figure(need, 0)} stitches along each raglan line, ${slots2} rows that may increase give ${room} at most, so ${cm(lacking)} would be lacking; depth, underarm and neck have been moved to meet in between.`,
      fixes
    }
  ];
}
function sleeveShrinks(input, wanted, neck) {
  const { size: size2, style } = input;
  const over = neck.sleeve - (wanted.upperArm - wanted.chain);
  if (over <= 0) return [];
  const fitting = (wanted.upperArm - wanted.chain) / neck.round.length * 100;
  return [
    {
      level: over > TOO_FAR ? "stop" : "warn",
      code: "sleeve-would-shrink",
      where: "sleeve.top",
      message: say`The sleeve has ${cm(neck.sleeve)} at the neck already, more than the ${cm(wanted.upperArm - wanted.chain)} it should have above the underarm chain; a yoke only grows.`,
      fixes: [
        ...fitting >= 2 && Math.floor(fitting) < style.neck.sleeveShare ? [
          {
            label: say`Sleeves with ${figure(Math.floor(fitting), 0)} % of the neck each`,
            set: [{ path: "garment.neck.sleeveShare", value: Math.floor(fitting) }]
          }
        ] : [],
        ...wanted.chain > over ? [
          {
            label: say`Underarm chain of ${cm(wanted.chain - over)}`,
            set: [
              {
                path: "garment.underarm",
                value: Math.floor((wanted.chain - over) * 10) / 10,
                size: size2.id
              }
            ]
          }
        ] : [],
        {
          label: say`Sleeve ${cm(wanted.upperArm + over)} round`,
          set: [
            {
              path: "garment.sleeve.upperArmEase",
              value: Math.ceil((wanted.upperArm + over - input.body.body.upperArm) * 10) / 10,
              size: size2.id
            }
          ]
        }
      ]
    }
  ];
}
function neckTooWide2(input, neck) {
  const { crossBack } = input.body.body;
  const across = neck.back + neck.sleeve;
  if (across <= crossBack) return [];
  const round4 = neck.round.length * crossBack / across;
  const own = input.body.body.neck + easeOver(forSize(input.style.neck.ease, input.size.id), input.body.body.neck);
  const forHead = neck.round.length > own + 0.05;
  return [
    {
      level: across > crossBack * 1.2 ? "stop" : "warn",
      code: "neck-wider-than-shoulders",
      where: "neck.round",
      message: say`The neck reaches ${cm(across)} across, wider than the shoulders carry (cross-back ${cm(crossBack)}); it will slide off.`,
      fixes: forHead ? [
        {
          label: say`A round neck that falls in front, so that the head passes`,
          set: [{ path: "garment.neck.shape", value: "round" }]
        },
        {
          label: say`Fronts that open, with a band`,
          set: [{ path: "garment.front.style", value: "band" }]
        }
      ] : [
        {
          label: say`Neck ${cm(Math.floor(round4))} all round`,
          set: [
            {
              path: "garment.neck.ease",
              value: Math.floor(round4 - input.body.body.neck),
              size: input.size.id
            }
          ]
        }
      ]
    }
  ];
}

// packages/core/src/garment/constructions/raglan/draft.ts
var FEWEST2 = 2;
function draft3(input) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const opening = openingWidth(input);
  const neck = neckTargets(input, 4 * style.line.stitches / perCm(fabric2.gauge, "stitches"));
  const below = draftBelow(input, neck, splitOf(input));
  const drop = draftDrop(input, neck, opening);
  const quantities = [
    ...neckQuantities(input, neck, opening),
    ...yokeRows(input),
    ...drop.quantities,
    ...below.quantities
  ];
  const grown2 = growth2(style);
  return {
    quantities,
    helpers: [...grown2.helpers, ...below.helpers],
    relations: [
      neckSum(input),
      ...fallingFront(input),
      ...grown2.relations,
      ...drop.relations,
      ...below.relations
    ],
    finished: finishedOf3(input, below.targets, neck, neckEdgeWanted(input, neck, opening)),
    notes: feasibility(input, below.targets, neck),
    edgings: edgingsOf2(input)
  };
}
function neckQuantities(input, neck, opening) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const open = isOpen(style);
  const { start: start2 } = frontAtNeck(input, neck, opening);
  const fronts = open || falls(style) ? 2 * start2 : start2;
  const first = neck.round.length - neck.front + fronts;
  const lines2 = 4 * style.line.stitches / stitches2;
  const share = { kind: "style", id: "garment.neck.sleeveShare" };
  const part = (id, label, target, because) => quantity({ id, label, fabric: fabric2, axis: "stitches", target, weight: 0.6, because, min: FEWEST2 });
  const round4 = given("Neck, all round", neck.round.length, { kind: "quantity", id: "neck.round" });
  const rest = [
    round4,
    plus(`The four lines, ${style.line.stitches} stitches each`, -lines2, neck.round.length - lines2)
  ];
  return [
    quantity({
      id: "neck.round",
      label: "Neck, stitches to begin with",
      fabric: fabric2,
      axis: "stitches",
      target: first,
      weight: 0.6,
      rounding: open ? "nearest" : "not under",
      because: [
        ...neck.round.reasons,
        ...first === neck.round.length ? [] : [plus("The front begins narrower", first - neck.round.length, first)]
      ]
    }),
    part("neck.back", "Back of the neck", neck.back, [
      ...rest,
      becomes("Half of what the sleeves leave", `\xD7 ${50 - style.neck.sleeveShare} %`, neck.back)
    ]),
    ...open && !falls(style) ? [
      part("neck.front", "Front of the neck, each", start2, [
        ...rest,
        becomes("Half of what the sleeves leave", `\xD7 ${50 - style.neck.sleeveShare} %`, neck.front),
        plus("What lies between the fronts", -opening, neck.front - opening),
        becomes("Two fronts", "\xF7 2", (neck.front - opening) / 2)
      ])
    ] : [],
    part("neck.sleeve", "Sleeve at the neck, each", neck.sleeve, [
      ...rest,
      { ...becomes("Share of each sleeve", `\xD7 ${style.neck.sleeveShare} %`, neck.sleeve), from: share }
    ])
  ];
}
function yokeRows(input) {
  const { length: length2, reasons } = yokeDepth(input);
  const { everyRow } = input.style.rates;
  return [
    quantity({
      id: "yoke.rows",
      label: "Yoke, depth",
      fabric: input.fabrics.get(input.style.fabric),
      axis: "rows",
      target: length2,
      weight: 0.7,
      // Where only right-side rows increase, the last row is one.
      rule: { multiple: everyRow, plus: everyRow === 1 ? 0 : firstShapingRow(input.style) % 2 },
      because: reasons,
      min: 4
    })
  ];
}
function neckSum(input) {
  const { style } = input;
  const separate = isOpen(style) || falls(style);
  const { stitches: stitches2 } = style.line;
  return sumIs2(
    {
      id: "neck",
      rule: "back, front, two sleeves and the four lines are the neck",
      says: (counts) => say`Neck: ${counts.of("neck.back")} back + ${separate ? "2 \xD7 " : ""}${frontCounts(input, counts).start} front + 2 × ${counts.of("neck.sleeve")} sleeve + 4 × ${stitches2} line = ${counts.of("neck.round")}`
    },
    {
      // A level closed front begins as wide as the back.
      "neck.back": separate ? 1 : 2,
      ...isOpen(style) && !falls(style) ? { "neck.front": 2 } : {},
      "neck.sleeve": 2,
      "neck.round": -1
    },
    -4 * stitches2 - (falls(style) ? 2 * frontStart(input) : 0)
  );
}
function fallingFront(input) {
  if (!falls(input.style) || isOpen(input.style)) return [];
  return [
    sumAtLeast2(
      { id: "neck.falls", rule: "the fronts of a neck that falls begin narrower than its back" },
      { "neck.back": 1 },
      2 * frontStart(input) + 2
    )
  ];
}
function splitOf(input) {
  const open = isOpen(input.style);
  const falling = falls(input.style);
  return sumIs2(
    {
      id: "split.body",
      rule: "front, back and the two underarm chains are the body",
      says: (counts) => {
        const { width } = frontCounts(input, counts);
        return say`At the split: ${open ? "2 \xD7 " : ""}${width} front + ${counts.of("back.width")} back + 2 × ${counts.of("underarm.chain")} underarm = ${counts.of("body.round")}`;
      }
    },
    {
      // The fronts grow as the back does.
      "back.width": 2,
      "underarm.chain": 2,
      "body.round": -1,
      ...open ? { "neck.back": -1, ...falling ? { "neck.width": 1 } : { "neck.front": 2 } } : {}
    },
    open && falling ? -2 * frontStart(input) : 0
  );
}
function growth2(style) {
  const { body: body2, sleeve: sleeve3 } = lineShares(style);
  const { everyRow, most } = style.rates;
  const first = firstShapingRow(style);
  const lines2 = (share) => share > 0 ? say` + ${2 * share} of the lines` : say``;
  const both = (id, rule2, says, times, share) => {
    const parts = parity2({ id, rule: rule2, says }, times, "even", 500);
    const room = sumAtMost2(
      {
        id: `${id}.room`,
        rule: `${rule2}, and in one row no more than ${most === 1 ? "one stitch" : "two stitches"} at each`
      },
      { ...times, "yoke.rows": -2 * most / everyRow },
      2 * most * (everyRow - first) / everyRow + 2 * share
    );
    return {
      helpers: parts.helpers,
      relations: [...parts.relations, room]
    };
  };
  const back2 = both(
    "grow.back",
    "the back grows from the neck to the underarm the same at its two raglan lines",
    (counts) => say`Back: ${counts.of("neck.back")} + 2 × ${gainsOf(style, counts).body}${lines2(body2)} = ${counts.of("back.width")}`,
    { "back.width": 1, "neck.back": -1 },
    body2
  );
  const arm = both(
    "grow.sleeve",
    "the sleeve grows from the neck the same at its two raglan lines, and the underarm chain is added",
    (counts) => say`Sleeve: ${counts.of("neck.sleeve")} + 2 × ${gainsOf(style, counts).sleeve}${lines2(sleeve3)} + ${counts.of("underarm.chain")} underarm = ${counts.of("sleeve.top")}`,
    { "sleeve.top": 1, "neck.sleeve": -1, "underarm.chain": -1 },
    sleeve3
  );
  const grows2 = (id, rule2, times, share) => sumAtLeast2({ id, rule: rule2 }, times, 2 * share);
  return {
    helpers: [...back2.helpers, ...arm.helpers],
    relations: [
      ...back2.relations,
      ...arm.relations,
      grows2(
        "grows.back",
        "the back grows from the neck to the underarm",
        { "back.width": 1, "neck.back": -1 },
        body2
      ),
      grows2(
        "grows.sleeve",
        "the sleeve does not get fewer stitches in a yoke",
        { "sleeve.top": 1, "neck.sleeve": -1, "underarm.chain": -1 },
        sleeve3
      )
    ]
  };
}

// packages/core/src/garment/shared/yoke/fields.ts
var ANY_NECK = {
  ease: ease({
    name: "The ease at the neck",
    label: "Ease at the neck",
    help: "Added to the neck round; a closed neck is at least what the head needs.",
    range: [-20, 80],
    usual: { percent: 20 },
    share: { of: "the neck round" }
  }),
  shape: choice({
    name: "The line of the front neck",
    label: "Front of the neck",
    help: "How the neck gets lower in front than at the back.",
    options: [
      ["level", "level all round"],
      ["short rows", "back raised by short rows"],
      ["round", "round, lower in front"],
      ["V", "V"]
    ],
    usual: "level"
  }),
  drop: ease({
    name: "The drop of the front neck",
    label: "Lower in front by",
    help: "How much lower the front of the neck lies.",
    when: { "neck.shape": ["short rows", "round", "V"] },
    range: [0, 40],
    usual: 4,
    share: { of: "the yoke\u2019s depth" }
  })
};
var neckGroup2 = {
  name: "The neck",
  label: "Neck",
  heading: "Neck",
  help: "How wide the neck is and how it lies."
};
var SLEEVE_SHARE = 16;
var YOKE_NECK = group({
  ...neckGroup2,
  fields: {
    ...ANY_NECK,
    sleeveShare: number({
      name: "The sleeves\u2019 share of the neck",
      label: "Each sleeve\u2019s share of the neck",
      help: "What of the first stitches lies on each arm.",
      range: [2, 30],
      unit: "%",
      usual: SLEEVE_SHARE
    })
  }
});
var YOKE_FRAME = {
  ...WIDTH,
  ...LENGTH,
  fabric: bodyFabric("The fabric of the yoke"),
  front: FRONT
};
var YOKE_DEPTH = {
  depthEase: ease({
    name: "The ease of the yoke\u2019s depth",
    label: "Deeper than the armhole by",
    help: "Added to the body\u2019s armhole depth.",
    heading: "Yoke",
    range: [-20, 30],
    usual: { percent: 20 },
    share: { of: "the armhole depth" }
  }),
  underarm: ease({
    name: "The underarm chain",
    label: "Underarm chain, each",
    help: "Chained under each arm where the yoke is split.",
    range: [-20, 40],
    usual: { percent: 6.5 },
    share: { of: "the garment\u2019s round" }
  }),
  rounds: choice({
    name: "How rounds close",
    label: "Rounds",
    help: "Joined with a slip stitch and gone on, or turned after each join.",
    options: [
      ["joined", "joined"],
      ["turned", "joined and turned"]
    ],
    usual: "joined"
  })
};
var BELOW_YOKE = {
  body: group({
    name: BODY.name,
    label: BODY.label,
    help: BODY.help,
    heading: "Body",
    fields: {
      ...BODY.fields,
      fabric: otherFabric({
        name: "The fabric of the body below the yoke",
        label: "Fabric of the body",
        help: "A lace body below a plain yoke: it begins with one plain row that takes as many stitches as it wants."
      })
    }
  }),
  sleeve: group({
    name: "The sleeves",
    label: "Sleeve",
    heading: "Sleeve",
    help: "Worked down from the stitches of the yoke.",
    fields: {
      worked: choice({
        name: "How the sleeve is worked",
        label: "Worked",
        help: "In rounds, or flat with a seam under the arm.",
        options: [
          ["rounds", "in rounds"],
          ["rows", "flat, with a seam"]
        ],
        usual: "rounds"
      }),
      placement: choice({
        name: "Where the decreases sit",
        label: "Decreases",
        help: "At a line under the arm, or spread so that none shows.",
        when: { "sleeve.worked": ["rounds"] },
        options: [
          ["underarm", "at the underarm"],
          ["spread", "spread over the round"]
        ],
        usual: "underarm"
      }),
      upperArmEase: ease({
        name: "The ease at the upper arm",
        label: "Ease at the upper arm",
        help: "Added to the upper arm.",
        range: [-20, 60],
        usual: { percent: 22 },
        share: { of: "the upper arm" }
      }),
      ...REACH,
      wristEase: WRIST_EASE,
      ...SHORTER,
      ...TAPER
    }
  }),
  neckband: band("Neckband", 3),
  hem: band("Hem rib", 5),
  cuff: band("Cuff rib", 5)
};

// packages/core/src/garment/constructions/raglan/fields.ts
var BESIDE = { field: "school", is: ["alternating", "corner"] };
var FIELDS3 = {
  ...YOKE_FRAME,
  neck: YOKE_NECK,
  ...YOKE_DEPTH,
  line: group({
    name: "The raglan lines",
    label: "Lines",
    help: "The four lines along which the yoke grows.",
    fields: {
      school: choice({
        name: "How the line is worked",
        label: "Increases",
        help: "Two in the stitch next to the line; in the line\u2019s own stitch, the marker moved; or in a chain space.",
        options: [
          ["beside", "beside the line"],
          ["alternating", "in the line\u2019s stitch, by turns"],
          ["corner", "in a corner space"]
        ],
        usual: "beside",
        resets: ["line.stitches"]
      }),
      stitches: choice({
        name: "The stitches of the line",
        label: "Stitches of the line",
        help: "A single one goes with the body at the split; of two each side gets one.",
        when: { "line.school": ["beside"] },
        options: [
          [0, "0"],
          [1, "1"],
          [2, "2"]
        ],
        usual: ({ school }) => school === "beside" ? 2 : 1,
        limits: [
          {
            where: BESIDE,
            allowed: [1],
            message: (stitches2, { school }) => `A line worked ${school} is one stitch (or chain space) wide; ${stitches2} stands there.`
          }
        ]
      })
    }
  }),
  rates: group({
    name: "The rates of increase",
    label: "Rates",
    help: "In which rows the yoke grows.",
    fields: {
      order: choice({
        name: "The order of the rates",
        label: "Rates",
        help: "Where the rows that grow faster lie.",
        options: [
          ["fast first", "fast first"],
          ["slow first", "slow first"],
          ["mixed", "mixed evenly"]
        ],
        usual: "fast first"
      }),
      everyRow: choice({
        name: "The rows with increases",
        label: "Rows that increase",
        help: "Rows that may grow.",
        options: [
          [1, "any row"],
          [2, "right-side rows only"]
        ],
        usual: 1
      }),
      most: choice({
        name: "The increase on one side of a line",
        label: "At a line, in one row",
        help: "Two are used only where one is too little.",
        options: [
          [1, "one stitch"],
          [2, "two where needed"]
        ],
        usual: 2
      }),
      bodyFast: numberOrNone({
        name: "The fast part of the body\u2019s increases",
        label: "Fast part, body",
        help: "Share of the rows that may increase which all do so at the start, before the rest is spread; none: the two most even rates.",
        drawn: true,
        range: [0, 100],
        unit: "%"
      }),
      sleeveFast: numberOrNone({
        name: "The fast part of the sleeves\u2019 increases",
        label: "Fast part, sleeves",
        help: "The same of the sleeves.",
        drawn: true,
        range: [0, 100],
        unit: "%"
      })
    }
  }),
  ...BELOW_YOKE
};

// packages/core/src/garment/shared/yoke/frontEdges.ts
function frontEdges(style, widths, { short: short2, last, from }) {
  const spans2 = short2 > 0 ? [
    { part: "main", first: 1, last: 1 },
    { part: "main", first: short2 + 2, last }
  ] : [{ part: "main", first: from, last }];
  const rows2 = spans2.flatMap(
    ({ first, last: end }) => Array.from({ length: end - first + 1 }, (_, i) => first + i)
  );
  const found = rows2.map((row) => widths[row - 1]);
  return SIDES.map((side) => ({
    id: `yoke.edge-${side}`,
    role: "front edge",
    side,
    downwards: true,
    label: `Yoke, ${side} front edge`,
    axis: "rows",
    place: ends(side === "right" ? "left" : "right", ...spans2),
    path: found.map((width) => (side === "right" ? -1 : 1) * (width - found[0]) / 2),
    open: style.front.style !== "band"
  }));
}

// packages/core/src/garment/constructions/raglan/yoke.ts
function yoke(input, counts) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const open = isOpen(style);
  const { many: short2, halfRows } = shortRowsOf(style, counts);
  const last = counts.of("yoke.rows") + short2;
  const gain = { body: lineSchedule(style, counts, "body"), sleeve: lineSchedule(style, counts, "sleeve") };
  const fronts = frontCounts(input, counts);
  const falling = falls(style) ? fallingNeck(style.neck.shape, fronts.between, counts.of("neck.drop"), open) : null;
  const flatAtFirst = open || falling !== null;
  const first = flatAtFirst ? flatSections(counts, gain, fronts, falling) : ringSections(counts, gain, fronts);
  const closes = falling !== null && !open;
  const whole = closes ? ringSections(counts, gain, fronts) : first;
  const { line: line2 } = style;
  const drop = falling ? counts.of("neck.drop") : 0;
  const stitches2 = stitchesOf(
    first.map(({ count }) => count),
    line2
  );
  const of = { start: "neck.round", rows: "yoke.rows" };
  const shape3 = (part2, to, sections) => ({
    kind: "lines",
    part: part2,
    to,
    sections,
    line: line2,
    name: "raglan line",
    of
  });
  const passages = [
    {
      kind: "start",
      part: "main",
      stitches: stitches2,
      extra: flatAtFirst ? chainsBeyond(fabric2) : 0,
      along: null,
      over: withLines(first, line2.stitches),
      ...flatAtFirst ? {} : { round: style.rounds }
    },
    ...short2 > 0 ? [
      // The first turns lie at the back's own lines, the last where the front begins.
      raisedBack(style, fabric2, {
        stitches: stitches2,
        rows: counts.of("neck.drop"),
        nearest: Math.floor(counts.of("neck.back") / 2),
        farthest: Math.floor(counts.of("neck.back") / 2) + 2 * line2.stitches + counts.of("neck.sleeve")
      })
    ] : [],
    shape3("main", closes ? drop : last, first),
    ...closes ? [close(style, falling, first, whole, drop), shape3("round", last, whole)] : []
  ];
  const part = closes ? "round" : "main";
  const shares2 = lineShares(style);
  const after = countsAfterRow(whole, last);
  const parts = splitParts(style, counts, fronts.width, after[1] + 2 * shares2.sleeve);
  const from = closes ? drop + 1 : short2 > 0 ? short2 + 2 : 1;
  const centre = closes ? centreOf(whole, first, drop, line2) : 0;
  const neck = neckEdges2(falling, { drop, open, closes, centre });
  return {
    neckEdges: neck.order,
    split: parts,
    sections: whole,
    piece: {
      id: "yoke",
      role: "yoke",
      shows: [["yoke.rows"]],
      label: "Yoke",
      copies: 1,
      fabric: fabric2,
      work: flatAtFirst && !closes ? "rows" : "rounds",
      rows: ["yoke.rows", ...short2 > 0 ? ["neck.drop"] : []],
      ...halfRows > 0 ? { halfRows } : {},
      passages,
      edges: [
        {
          id: "yoke.neck",
          role: "neck",
          label: "Yoke, first stitches of the neck",
          axis: "stitches",
          place: { lies: "foundation", part: "main" },
          open: !style.neckband
        },
        ...neck.edges.map((edge2) => ({ ...edge2, open: !style.neckband })),
        ...splitEdges(parts, part, last),
        ...open ? frontEdges(style, totalsByRow(whole, last), {
          short: short2,
          last,
          from: falling ? drop + 2 : 1
        }) : []
      ],
      markers: [
        ...closes ? [markers("main", 1, drop, first, line2.stitches)] : [],
        markers(part, from, last, whole, line2.stitches)
      ],
      expects: [
        { quantity: "neck.round", edges: ["yoke.neck"] },
        { quantity: "back.width", edges: open ? ["yoke.back"] : ["yoke.back-left", "yoke.back-right"] }
      ]
    }
  };
}
function flatSections(counts, gain, { start: front2 }, falling) {
  const edge2 = falling?.schedule ?? null;
  return [
    { id: "front-right", of: "front", label: "right front", count: front2, left: edge2, right: gain.body },
    {
      id: "sleeve-right",
      of: "sleeve",
      side: "right",
      label: "right sleeve",
      count: counts.of("neck.sleeve"),
      left: gain.sleeve,
      right: gain.sleeve
    },
    {
      id: "back",
      of: "back",
      label: "back",
      count: counts.of("neck.back"),
      left: gain.body,
      right: gain.body
    },
    {
      id: "sleeve-left",
      of: "sleeve",
      side: "left",
      label: "left sleeve",
      count: counts.of("neck.sleeve"),
      left: gain.sleeve,
      right: gain.sleeve
    },
    { id: "front-left", of: "front", label: "left front", count: front2, left: gain.body, right: edge2 }
  ];
}
function ringSections(counts, gain, { start: start2, between: between4 }) {
  const back2 = counts.of("neck.back");
  const half2 = Math.floor(back2 / 2);
  const sleeve3 = (side) => ({
    id: `sleeve-${side}`,
    of: "sleeve",
    side,
    label: `${side} sleeve`,
    count: counts.of("neck.sleeve"),
    left: gain.sleeve,
    right: gain.sleeve
  });
  return [
    {
      id: "back-left",
      of: "back",
      label: "left half of the back",
      count: half2,
      left: null,
      right: gain.body
    },
    sleeve3("left"),
    {
      id: "front",
      of: "front",
      label: "front",
      count: between4 > 0 ? 2 * start2 + between4 : start2,
      left: gain.body,
      right: gain.body
    },
    sleeve3("right"),
    {
      id: "back-right",
      of: "back",
      label: "right half of the back",
      count: back2 - half2,
      left: gain.body,
      right: null
    }
  ];
}
function withLines(sections, line2) {
  return sections.flatMap(({ label, count }, i) => [
    ...i > 0 && line2 > 0 ? [{ label: "line", count: line2, chain: false }] : [],
    { label, count, chain: false }
  ]);
}
function close({ line: line2, rounds }, falling, flat, ring, drop) {
  const now = countsAfterRow(flat, drop);
  const all = stitchesOf(now, line2);
  const backRight = Math.ceil(flat[2].count / 2) + (now[2] - flat[2].count) / 2;
  const centreBack = now[0] + now[1] + 2 * line2.stitches + backRight;
  return {
    kind: "unite",
    part: "round",
    from: [
      { part: "main", at: centreBack, take: all - centreBack },
      { part: "main", at: 0, take: centreBack }
    ],
    chains: [falling.centre, 0],
    round: rounds,
    rejoin: true,
    label: "The neck closes to a round",
    lines: { sections: ring, line: line2 }
  };
}
function centreOf(ring, flat, drop, line2) {
  const row = drop + 1;
  const [back2, sleeve3] = countsAfterRow(ring, row);
  const left = countsAfterRow(flat, drop)[4] + changeIn(ring[2].left, row);
  return back2 + sleeve3 + 2 * line2.stitches + left;
}
function neckEdges2(falling, { drop, open, closes, centre: at }) {
  if (!falling) return { edges: [], order: ["yoke.neck"] };
  const last = open ? drop + 1 : drop;
  const edges = SIDES.map((side) => ({
    id: `yoke.neck-${side}`,
    role: "neck",
    side,
    label: `Yoke, ${side} side of the neck`,
    axis: "rows",
    // The piece begins at the wearer's right front.
    place: { ...ends(side === "right" ? "left" : "right", { part: "main", first: 1, last }), stepped: true },
    slant: edgePath(falling)
  }));
  const centre = closes && falling.centre > 0 ? [
    {
      id: "yoke.neck-centre",
      role: "neck",
      label: "Yoke, centre of the neck",
      axis: "stitches",
      place: { lies: "base", part: "round", n: drop + 1, from: at, count: falling.centre }
    }
  ] : [];
  return {
    edges: [...edges, ...centre],
    order: ["yoke.neck-right", "yoke.neck", "yoke.neck-left", ...centre.map(({ id }) => id)]
  };
}
function markers(part, first, last, sections, line2) {
  const places = (row) => {
    let at = 0;
    return countsAfterRow(sections, row).slice(0, -1).flatMap((count) => {
      const before = at += count;
      at += line2;
      return line2 > 0 ? [before, at] : [before];
    });
  };
  return { part, first, last, from: places(first), to: places(last) };
}

// packages/core/src/garment/constructions/raglan/raglan.ts
var raglan = construction({
  id: "raglan",
  label: "Raglan from the neck down",
  says: "Worked from the neck down, increased along four raglan lines",
  sketch: {
    outlines: [YOKE_SKETCH],
    inner: ["M44 10 L36 40", "M76 10 L84 40"],
    needs: "neck, upper arm, bust and a depth that has rows enough for the increases",
    gives: "one piece from the neck down, no seams at the shoulder; to be tried on while it grows"
  },
  table: YOKE_ON_TABLE,
  fields: FIELDS3,
  specimens: [
    { name: "raglan", garment: { sleeve: { worked: "rounds" } } },
    {
      name: "raglan cardigan with bands",
      garment: { front: { style: "band", width: 4, fabric: "rib" }, sleeve: { worked: "rows" } }
    },
    {
      name: "raglan with a falling neck, A-line in another fabric",
      garment: {
        neck: { shape: "round", drop: 6 },
        body: { shape: "A-line", fabric: "rib" },
        line: { school: "corner" }
      }
    }
  ],
  style: (read2) => read2,
  draft: draft3,
  program: program4
});
function program4(input, counts) {
  const { piece, neckEdges: neckEdges4, split, sections } = yoke(input, counts);
  const { many } = shortRowsOf(input.style, counts);
  const rows2 = [1 + many, ...shapedRowsOf(sections), counts.of("yoke.rows") + many];
  const lines2 = (sections.length - 1) * input.style.line.stitches;
  const totals = totalsByRow(sections, rows2.at(-1));
  const widths = rows2.map((row) => ({
    row: row - many,
    stitches: totals[row - 1] + lines2
  }));
  return programOf(input, counts, piece, split, neckEdges4, widths);
}

// packages/core/src/garment/constructions/sideToSide/neck.ts
function halfBelow({ neck: { shape: shape3 } }, { rows: rows2, drop, unit: unit2 }) {
  if (drop === 0) return new Array(rows2).fill(0);
  const line2 = neckDepth(shape3, rows2, drop);
  const least = leastStep(unit2);
  return Array.from(
    { length: rows2 },
    (_, i) => i === rows2 - 1 ? drop : Math.min(drop, Math.max(least, Math.round(line2(i + 0.5) / unit2) * unit2))
  );
}
function leastStep(unit2) {
  return unit2 * Math.ceil(2 / unit2);
}
function wholeBelow(style, counts, unit2) {
  const rows2 = counts.of("neck.width");
  const half2 = halfBelow(style, { rows: Math.ceil(rows2 / 2), drop: counts.of("neck.drop"), unit: unit2 });
  return [...half2, ...half2.slice(0, Math.floor(rows2 / 2)).reverse()];
}
function openRows2(counts) {
  return counts.of("front.width") - counts.of("shoulder.width") - (counts.find("notch.width") ?? 0);
}

// packages/core/src/garment/constructions/sideToSide/edgings.ts
function edgingsOf3(input) {
  const { style } = input;
  const neckband = neckbandOf(input);
  const ribs = [
    ...neckband ? [{ id: "neckband", label: "Neckband", style: neckband, edge: neckEdge5 }] : [],
    ...style.armband ? [{ id: "armband", label: "Armhole rib", style: style.armband, edge: armholeEdge4 }] : []
  ];
  const banded = style.front.style === "band";
  if (ribs.length === 0 && !banded && !style.hood) return {};
  return {
    edgings: {
      ids: [...edgingIds(ribs, banded), ...style.hood ? HOOD_IDS : []],
      follow: (counts) => together([
        ...ribs.map((rib) => ribAlong(input, rib, rib.edge(input, counts))),
        ...style.hood ? [hoodAlong(input, neckEdge5(input, counts))] : [],
        ...banded ? [frontBandAlong(input, frontStretches(input, counts))] : []
      ])
    }
  };
}
function armholeEdge4({ style, fabrics }, counts) {
  const { gauge } = fabrics.get(style.fabric);
  const depth = counts.of("armhole.depth");
  const steps = 2 * counts.of("notch.width") / perCm(gauge, "rows");
  const up = 2 * depth / perCm(gauge, "stitches");
  return {
    label: "Armhole",
    length: up + steps,
    unit: up / (2 * depth),
    reasons: [
      given(say`Armhole, 2 × ${depth} stitches`, up, { kind: "quantity", id: "armhole.depth" }),
      plus("Two steps at the underarm", steps, up + steps, { kind: "quantity", id: "notch.width" })
    ]
  };
}
function neckEdge5({ style, fabrics }, counts) {
  const { gauge, rule: rule2 } = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  const back2 = counts.of("neck.width") / rows2;
  const drop = counts.of("neck.drop");
  const along = (below) => steppedLength(below, stitches2, rows2);
  const front2 = isOpen(style) ? 2 * openLength() : (() => {
    const below = wholeBelow(style, counts, rule2.flat.multiple);
    return 2 * below[0] / stitches2 + along(below);
  })();
  return {
    label: "Neck edge",
    length: back2 + front2,
    unit: 1 / rows2,
    reasons: [
      given(say`Back neck, ${counts.of("neck.width")} rows`, back2, { kind: "quantity", id: "neck.width" }),
      plus("Line of the front neck", front2, back2 + front2, { kind: "quantity", id: "neck.drop" })
    ]
  };
  function openLength() {
    const below = halfBelow(style, { rows: openRows2(counts), drop, unit: rule2.flat.multiple });
    return below[0] / stitches2 + along(below);
  }
}
function frontStretches(input, counts) {
  const { style, fabrics } = input;
  const stitches2 = perCm(fabrics.get(style.fabric).gauge, "stitches");
  return [
    {
      label: "Front edge below the neck",
      length: (counts.of("body.length") - counts.of("neck.drop")) / stitches2,
      of: "body.length"
    },
    ...endOfRib(input, "hem", style.hem, counts),
    ...endOfRib(input, "neckband", style.neckband && neckbandOf(input), counts)
  ];
}

// packages/core/src/garment/constructions/sideToSide/draft.ts
function draft4(input) {
  const { style, size: size2, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(fabric2.gauge, "stitches"), perCm(fabric2.gauge, "rows")];
  const open = isOpen(style);
  const { length: width, round: round4, reasons: widthReasons } = panelWidth(input);
  const front2 = open ? frontWidth(input, width, "Back, width") : { length: width, reasons: widthReasons };
  const { length: neck, reasons: neckReasons } = neckWidth(input);
  const drop = neckDrop(input);
  const notch = notchWidth(input, width);
  const off = notch?.length ?? 0;
  const shoulder = (width - neck) / 2 - off;
  const bandOf = (id, of, label, target) => style.hem ? draftBand({
    id,
    label: id === "hem" ? "Hem rib" : "Hem rib of a front",
    style: style.hem,
    size: size2.id,
    fabric: fabrics.get(style.hem.fabric),
    field: "hem",
    edge: { of, label, perCm: rows2, target }
  }) : null;
  const hem = bandOf("hem", "back.width", "Panel width", width);
  const frontHem = open ? bandOf("hem-front", "front.width", "Front, width of each", front2.length) : null;
  const lengths = panelLengths(input, hem?.height ?? null, { armhole: "armhole.depth", side: "side.length" });
  const { length: length2, armhole, armholeReasons, side } = lengths;
  const notes = [...lengths.notes, ...neckTooWide(neck, width - 2 * off)];
  const sleeve3 = style.sleeve ? draftSleeve(input, style.sleeve, {
    across: width,
    armhole,
    armholeReasons,
    notch: null,
    cap: null,
    along: { of: "armhole.depth", perCm: stitches2, name: "stitches" }
  }) : null;
  const along = (id, label, target, weight, because, more = {}) => quantity({ id, label, fabric: fabric2, axis: "stitches", target, weight, because, ...more });
  const across = (id, label, target, weight, because, more = {}) => along(id, label, target, weight, because, { axis: "rows", ...more });
  const quantities = [
    across("back.width", "Back, rows from side to side", width, 1, widthReasons, {
      rule: fabric2.rule.rows,
      min: 6
    }),
    across(
      "front.width",
      open ? "Front, rows of each" : "Front, rows from side to side",
      front2.length,
      1,
      front2.reasons,
      {
        min: 4,
        ...open ? {} : { rule: fabric2.rule.rows }
      }
    ),
    across("neck.width", "Neck, width", neck, 1, neckReasons, { rounding: "not under", min: 3 }),
    across("shoulder.width", "Shoulder, each", Math.max(0.5, shoulder), 0.2, [
      given("Panel, width", width, { kind: "quantity", id: "back.width" }),
      plus("Neck", -neck, width - neck, { kind: "quantity", id: "neck.width" }),
      ...notch ? [
        plus("Two steps of the armholes", -2 * off, 2 * shoulder, {
          kind: "quantity",
          id: "notch.width"
        })
      ] : [],
      becomes("Two shoulders", "\xF7 2", shoulder)
    ]),
    ...notch ? [across("notch.width", "Step at the underarm, each", off, 0.4, notch.reasons)] : [],
    along("body.length", "Back and front, length", lengths.panel, 1, lengths.panelReasons, {
      rule: fabric2.rule.flat,
      min: 8
    }),
    along("armhole.depth", "Armhole, depth", armhole, 1, armholeReasons, { min: 3 }),
    along(
      "side.length",
      "Side seam",
      Math.max(SHORTEST3, side),
      0.2,
      lengths.sideReasons,
      // Rows beside the armhole are as high as the side seam, and in pattern as all are.
      notch ? { rule: fabric2.rule.flat } : {}
    ),
    along("neck.drop", "Front neck drop", drop.length, 0.5, drop.reasons, {
      rounding: drop.length === 0 ? "not over" : "not under",
      rule: { multiple: fabric2.rule.flat.multiple, plus: 0 },
      min: drop.length === 0 ? 0 : leastStep(fabric2.rule.flat.multiple)
    }),
    ...isTied(style) ? [tieQuantity(input)] : [],
    ...sleeve3?.quantities ?? [],
    ...hem?.quantities ?? [],
    ...frontHem?.quantities ?? []
  ];
  return {
    quantities,
    helpers: sleeve3?.helpers ?? [],
    relations: [
      ...relationsOf(open, notch !== null),
      ...sleeve3?.relations ?? [],
      ...hem?.relations ?? [],
      ...frontHem ? [
        ...frontHem.relations,
        sameCount2(
          { id: "hem.same", rule: "the hem ribs of back and fronts are of one height" },
          "hem-front.height",
          "hem.height"
        )
      ] : []
    ],
    finished: finishedOf4(input, {
      round: round4,
      length: length2,
      neck,
      drop: drop.length,
      armhole,
      across: notch ? width - 2 * off : null,
      sleeve: sleeve3?.wanted ?? null
    }),
    notes: [...notes, ...sleeve3?.notes ?? []],
    ...edgingsOf3(input)
  };
}
function relationsOf(open, notched2) {
  const step = notched2 ? { "notch.width": 2 } : {};
  return [
    sumIs2(
      {
        id: "height",
        rule: "side seam and armhole together are the length of the panel",
        says: (counts) => say`Side + armhole: ${counts.of("side.length")} + ${counts.of("armhole.depth")} = ${counts.of("body.length")} stitches`
      },
      { "side.length": 1, "armhole.depth": 1, "body.length": -1 }
    ),
    sumIs2(
      {
        id: "shoulders",
        rule: "shoulders, neck and steps of the armholes are the rows of the panel",
        says: (counts) => {
          const off = counts.find("notch.width") ?? 0;
          return notched2 ? say`Step + shoulder + neck + shoulder + step: ${off} + ${counts.of("shoulder.width")} + ${counts.of("neck.width")} + ${counts.of("shoulder.width")} + ${off} = ${counts.of("back.width")} rows` : say`Shoulder + neck + shoulder: ${counts.of("shoulder.width")} + ${counts.of("neck.width")} + ${counts.of("shoulder.width")} = ${counts.of("back.width")} rows`;
        }
      },
      { "shoulder.width": 2, "neck.width": 1, "back.width": -1, ...step }
    ),
    open ? sumAtLeast2(
      { id: "fronts", rule: "each front reaches over its shoulder" },
      { "front.width": 1, "shoulder.width": -1, ...notched2 ? { "notch.width": -1 } : {} },
      1
    ) : sameCount2(
      {
        id: "width",
        rule: "the front has as many rows as the back",
        says: (counts) => say`Front ${counts.of("front.width")} = back ${counts.of("back.width")} rows`
      },
      "front.width",
      "back.width"
    ),
    sumAtMost2(
      { id: "drop", rule: "the front neck ends above the underarm" },
      { "neck.drop": 1, "armhole.depth": -1 },
      -1
    )
  ];
}
function finishedOf4(input, wanted) {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  const fronts = isOpen(style) ? 2 : 1;
  return [
    finishedPlan(
      "bust",
      "All round",
      wanted.round,
      (counts) => (counts.of("back.width") + fronts * counts.of("front.width")) / rows2 + openingWorked(input, counts)
    ),
    finishedPlan(
      "length",
      "Length from the shoulder",
      wanted.length,
      (counts) => counts.of("body.length") / stitches2 + bandHeight("hem", counts, input)
    ),
    finishedPlan("neckWidth", "Neck width", wanted.neck, (counts) => counts.of("neck.width") / rows2),
    finishedPlan("neckDrop", "Front neck drop", wanted.drop, (counts) => counts.of("neck.drop") / stitches2),
    finishedPlan(
      "armholeDepth",
      "Armhole depth",
      wanted.armhole,
      (counts) => counts.of("armhole.depth") / stitches2
    ),
    ...wanted.across === null ? [] : [
      finishedPlan(
        "across",
        "Across the shoulders",
        wanted.across,
        (counts) => (counts.of("back.width") - 2 * counts.of("notch.width")) / rows2
      )
    ],
    ...finishedSleeve(input, wanted.sleeve)
  ];
}

// packages/core/src/garment/constructions/sideToSide/panel.ts
function sidewaysPanel(plan2) {
  const { fabric: fabric2, height, stretches: stretches2, steps } = plan2;
  const start2 = height - stretches2[0].below[0];
  const passages = [foundation(start2, fabric2)];
  const edges = [];
  const all = [];
  let part = "main";
  let parts = 0;
  let row = 0;
  let count = start2;
  let from = 1;
  stretches2.forEach(({ edge: edge2, below, called = edge2.label.toLowerCase() }, i) => {
    const step = steps[i - 1] ?? null;
    const entry = height - below[0];
    if (i > 0 && entry < count) {
      const many = count - entry;
      parts += 1;
      const next = `part-${parts}`;
      if (step)
        edges.push({
          ...named(step),
          axis: "stitches",
          place: { lies: "live", part, n: row, from: entry, count: many }
        });
      passages.push({
        kind: "go on",
        part: next,
        from: part,
        at: 0,
        take: entry,
        // After a wrong-side row the yarn hangs at the upper edge, and is joined anew beyond what is left there.
        leave: row % 2 === 0 ? 0 : many,
        rejoin: row % 2 === 0,
        label: `Below the ${step?.called ?? "step"}`
      });
      all.push({ part, first: from, last: row });
      part = next;
      from = row + 1;
      count = entry;
    }
    const spans2 = { part, first: row + 1, last: row + below.length };
    const counts = below.map((stitches2) => height - stitches2);
    if (i > 0 && entry > count) {
      if (step)
        edges.push({
          ...named(step),
          axis: "stitches",
          place: { lies: "base", part, n: row + 1, from: count, count: entry - count }
        });
      passages.push(shaped(part, [count, entry], row, `the ${step?.called ?? called}`));
    }
    passages.push(...runs(part, counts, spans2.first, `the ${called}`));
    edges.push({
      ...edge2,
      axis: "rows",
      place: {
        lies: "row ends",
        side: "right",
        spans: [spans2],
        ...isLevel(below) ? {} : { stepped: true }
      },
      path: isLevel(below) ? "straight" : below.map((stitches2) => below[0] - stitches2)
    });
    row += below.length;
    count = counts.at(-1);
  });
  all.push({ part, first: from, last: row });
  const merged = mergedEven(passages);
  const lying = (list, place) => {
    let at = 0;
    return list.map(({ edge: edge2, count: many }) => {
      const lies = place(at, many);
      at += many;
      return { ...named(edge2), axis: "stitches", place: lies };
    });
  };
  const lastPart = part;
  const lastRow2 = row;
  return {
    id: plan2.id,
    role: plan2.role,
    shows: plan2.shows,
    ...plan2.side ? { side: plan2.side } : {},
    label: plan2.label,
    copies: 1,
    fabric: fabric2,
    work: "rows",
    rows: plan2.rows,
    passages: merged,
    edges: [
      {
        ...plan2.hem,
        axis: "rows",
        place: { lies: "row ends", side: "left", spans: all },
        path: "straight"
      },
      ...lying(plan2.first, (at, many) => ({ lies: "base", part: "main", n: 1, from: at, count: many })),
      ...edges,
      ...lying(plan2.last, (at, many) => ({
        lies: "live",
        part: lastPart,
        n: lastRow2,
        from: at,
        count: many
      }))
    ],
    expects: plan2.expects
  };
}
function mergedEven(passages) {
  return passages.filter((passage, i) => {
    const next = passages[i + 1];
    return !(passage.kind === "even" && next?.kind === "even" && next.part === passage.part);
  });
}
function named({ called: _, open, ...edge2 }) {
  return { ...edge2, ...open ? { open } : {} };
}
function isLevel(below) {
  return below.every((stitches2) => stitches2 === below[0]);
}
function shaped(part, [before, now], after, edge2) {
  return {
    kind: "shape",
    part,
    to: after + 1,
    schedule: fromSteps(before, after + 1, [now]),
    where: { at: "one edge", side: "right", edge: edge2 },
    of: {}
  };
}
function runs(part, counts, first, edge2) {
  const list = [];
  let at = 0;
  while (at < counts.length) {
    let end = at + 1;
    let direction = at > 0 ? Math.sign(counts[at] - counts[at - 1]) : 0;
    while (end < counts.length) {
      const next = Math.sign(counts[end] - counts[end - 1]);
      if (next !== 0 && direction !== 0 && next !== direction) break;
      if (next !== 0) direction = next;
      end += 1;
    }
    const to = first + end - 1;
    if (direction === 0) list.push({ kind: "even", part, to });
    else
      list.push({
        kind: "shape",
        part,
        to,
        schedule: fromSteps(counts[at - 1] ?? counts[at], first + at, counts.slice(at, end)),
        where: { at: "one edge", side: "right", edge: edge2 },
        of: {}
      });
    at = end;
  }
  return list;
}

// packages/core/src/garment/constructions/sideToSide/pieces.ts
function sideOf2({ style }, counts, piece, label, side) {
  const plain2 = isPlain(style);
  const [height, armhole] = [counts.of("side.length"), counts.of("armhole.depth")];
  const notch = counts.find("notch.width") ?? 0;
  const seam2 = {
    id: `${piece}.side-${side}`,
    role: "side",
    side,
    label: `${label}, ${side} side`,
    called: "side"
  };
  const edge2 = {
    id: `${piece}.armhole-${side}`,
    role: "armhole",
    side,
    label: `${label}, ${side} armhole`,
    called: "armhole",
    open: plain2
  };
  return {
    /** Along the first or last row, from the hem up. */
    ends: [{ edge: seam2, count: height }, ...notch === 0 ? [{ edge: edge2, count: armhole }] : []],
    stretch: {
      edge: {
        id: `${piece}.notch-${side}`,
        role: "underarm",
        side,
        label: `${label}, ${side} step of the armhole`,
        open: plain2
      },
      below: new Array(notch).fill(armhole)
    },
    step: edge2,
    notch
  };
}
function wholePanel(input, counts, piece) {
  const { style, fabrics } = input;
  const label = piece === "back" ? "Back" : "Front";
  const unit2 = fabrics.get(style.fabric).rule.flat.multiple;
  const from = piece === "back" ? "right" : "left";
  const [first, last] = [from, OTHER[from]].map((side) => sideOf2(input, counts, piece, label, side));
  const below = piece === "back" ? new Array(counts.of("neck.width")).fill(0) : wholeBelow(style, counts, unit2);
  const neckStep = (which) => below[0] > 0 ? {
    id: `${piece}.neck-${which}`,
    role: "neck",
    label: `${label} neck, ${which} step`,
    called: "neck edge",
    open: neckIsOpen(style)
  } : null;
  const shoulder = (side) => ({
    edge: {
      id: `${piece}.shoulder-${side}`,
      role: "shoulder",
      side,
      label: `${label}, ${side} shoulder`
    },
    below: new Array(counts.of("shoulder.width")).fill(0)
  });
  const notched2 = first.notch > 0;
  return sidewaysPanel({
    role: piece,
    shows: [[`${piece}.width`], ["body.length"]],
    ...common(counts, piece, label, `${piece}.hem`, !style.hem),
    fabric: fabrics.get(style.fabric),
    stretches: [
      ...notched2 ? [first.stretch] : [],
      shoulder(from),
      {
        edge: { id: `${piece}.neck`, role: "neck", label: `${label} neck`, open: neckIsOpen(style) },
        below,
        called: "neck edge"
      },
      shoulder(OTHER[from]),
      ...notched2 ? [last.stretch] : []
    ],
    steps: [
      ...notched2 ? [first.step] : [],
      neckStep("first"),
      neckStep("last"),
      ...notched2 ? [last.step] : []
    ],
    first: first.ends,
    last: last.ends,
    rows: [`${piece}.width`],
    expects: [
      { quantity: `${piece}.width`, edges: [`${piece}.hem`] },
      { quantity: "neck.width", edges: [`${piece}.neck`] },
      ...expectsOf(piece, "left", notched2),
      ...expectsOf(piece, "right", notched2)
    ]
  });
}
function openFront2(input, counts, side) {
  const { style, fabrics } = input;
  const label = side === "left" ? "Left front" : "Right front";
  const at = sideOf2(input, counts, "front", label, side);
  const drop = counts.of("neck.drop");
  const unit2 = fabrics.get(style.fabric).rule.flat.multiple;
  const below = halfBelow(style, { rows: openRows2(counts), drop, unit: unit2 });
  const notched2 = at.notch > 0;
  const step = below[0] > 0 ? {
    id: `front.neck-step-${side}`,
    role: "neck",
    side,
    label: `${label}, step of the neck`,
    called: "neck edge",
    open: neckIsOpen(style)
  } : null;
  const stretches2 = [
    ...notched2 ? [at.stretch] : [],
    {
      edge: { id: `front.shoulder-${side}`, role: "shoulder", side, label: `${label}, shoulder` },
      below: new Array(counts.of("shoulder.width")).fill(0)
    },
    {
      edge: {
        id: `front.neck-${side}`,
        role: "neck",
        side,
        label: `${label}, neck`,
        open: neckIsOpen(style)
      },
      below,
      called: "neck edge"
    }
  ];
  const steps = [...notched2 ? [at.step] : [], step];
  const centre = [
    {
      edge: {
        id: `front.edge-${side}`,
        role: "front edge",
        side,
        label: `${label}, front edge`,
        called: "front edge",
        open: style.front.style !== "band"
      },
      count: counts.of("body.length") - drop
    }
  ];
  const outwards = side === "right";
  return sidewaysPanel({
    role: "open front",
    shows: [["front.width"], ["body.length"]],
    side,
    ...common(counts, `front-${side}`, label, `front.hem-${side}`, !style.hem),
    fabric: fabrics.get(style.fabric),
    stretches: outwards ? [...stretches2].reverse().map((one2) => ({ ...one2, below: [...one2.below].reverse() })) : stretches2,
    steps: outwards ? [...steps].reverse() : steps,
    first: outwards ? centre : at.ends,
    last: outwards ? at.ends : centre,
    rows: ["front.width"],
    expects: [
      { quantity: "front.width", edges: [`front.hem-${side}`] },
      ...expectsOf("front", side, notched2)
    ]
  });
}
function expectsOf(piece, side, notched2) {
  return [
    { quantity: "side.length", edges: [`${piece}.side-${side}`] },
    { quantity: "armhole.depth", edges: [`${piece}.armhole-${side}`] },
    { quantity: "shoulder.width", edges: [`${piece}.shoulder-${side}`] },
    ...notched2 ? [{ quantity: "notch.width", edges: [`${piece}.notch-${side}`] }] : []
  ];
}
function common(counts, id, label, hem, open) {
  return {
    id,
    label,
    height: counts.of("body.length"),
    hem: { id: hem, role: "lower edge", label: `${label}, lower edge`, open }
  };
}

// packages/core/src/garment/constructions/sideToSide/program.ts
function program5(input, counts) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const open = isOpen(style);
  const pieces = [
    wholePanel(input, counts, "back"),
    ...open ? [openFront2(input, counts, "right"), openFront2(input, counts, "left")] : [wholePanel(input, counts, "front")],
    ...style.sleeve ? [sleeve(input, style.sleeve, counts)] : [],
    ...bandPieces(input, counts, false)
  ];
  const [stitches2, rows2] = [perCm(fabric2.gauge, "stitches"), perCm(fabric2.gauge, "rows")];
  const overhang = ((counts.of("back.width") - 2 * (counts.find("notch.width") ?? 0)) / rows2 - input.body.body.crossBack) / 2;
  return {
    pieces,
    joins: joins4(input, counts),
    girths: girthsOf3(input, counts, overhang),
    facts: {
      closedNeck: open ? null : {
        opening: neckOpening(
          style.neck.shape,
          counts.of("neck.width") / rows2,
          counts.of("neck.drop") / stitches2
        ),
        stretch: fabric2.stretch ?? USUAL_STRETCH,
        front: "neck.width"
      },
      ...sleeveFacts(input, counts, overhang)
    }
  };
}
function girthsOf3(input, counts, overhang) {
  const { style, fabrics } = input;
  const { gauge, growth: growth3 = 0 } = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  const opening = openingWorked(input, counts);
  const fronts = isOpen(style) ? 2 : 1;
  const round4 = (counts.of("back.width") + fronts * counts.of("front.width")) / rows2 + opening;
  const down = (count) => count / stitches2 * (1 + growth3);
  const edge2 = down(counts.of("body.length"));
  const body2 = [
    { at: 0, round: round4 },
    { at: down(counts.of("armhole.depth")), round: round4 },
    { at: edge2, round: round4 }
  ];
  if (style.hem) {
    const along = perCm(fabrics.get(style.hem.fabric).gauge, alongOf(style.hem));
    const own = (counts.of("hem.rows") + fronts * (counts.find("hem-front.rows") ?? counts.of("hem.rows"))) / along;
    const drawn2 = own + (isOpen(style) ? opening : 0);
    body2.push({ at: edge2, round: drawn2 }, { at: edge2 + bandHeight("hem", counts, input), round: drawn2 });
  }
  if (!style.sleeve) return { body: body2, arm: [] };
  const of = fabrics.get(style.sleeve.fabric ?? style.fabric);
  const end = overhang + sleeveRows(counts) / perCm(of.gauge, "rows") * (1 + (of.growth ?? 0));
  return {
    body: body2,
    arm: [
      { at: overhang, round: counts.of("sleeve.top") / perCm(of.gauge, "stitches") },
      { at: end, round: counts.of("sleeve.cuff") / perCm(of.gauge, "stitches") }
    ]
  };
}
function joins4({ style }, counts) {
  const open = isOpen(style);
  const { hem, neckband, sleeve: sleeve3 } = style;
  const cuff = cuffOf(style);
  const round4 = sleeve3 !== null && inRounds(style, sleeve3);
  const armholes = onBothSides("Armhole", (side, label) => ({
    id: `armhole-${side}`,
    role: "armhole",
    label,
    kind: sleeve3?.worked === "down" ? "pick-up" : "stitch-to-row",
    a: ["sleeve.top"],
    b: [`back.armhole-${side}`, `front.armhole-${side}`]
  }));
  const neck = neckEdges3(open, counts);
  return [
    ...onBothSides("Shoulder seam", (side, label) => ({
      id: `shoulder-${side}`,
      role: "shoulder",
      label,
      kind: "row-to-row",
      a: [`back.shoulder-${side}`],
      b: [`front.shoulder-${side}`]
    })),
    ...sleeve3 && !round4 ? armholes : [],
    ...onBothSides("Side seam", (side, label) => ({
      id: `side-${side}`,
      role: "side",
      label,
      kind: "stitch-to-stitch",
      a: [`back.side-${side}`],
      b: [`front.side-${side}`]
    })),
    ...sleeve3 ? round4 ? armholes : sleeveSeams() : [],
    ...style.armband ? armbandJoins(style.armband, style.armhole !== null) : [],
    ...hem ? hemJoins(hem, open, false) : [],
    ...cuff ? cuffJoins(cuff) : [],
    ...neckband ? neckbandJoins(neckband, neck, open) : [],
    ...style.hood ? hoodJoins(style.hood, neck) : [],
    ...style.front.style === "band" ? frontBandJoins((side) => [
      ...hem ? [side === "right" ? "hem-front.start" : "hem-front.end"] : [],
      `front.edge-${side}`,
      ...neckband ? [side === "right" ? "neckband.start" : "neckband.end"] : []
    ]) : []
  ];
}
function neckEdges3(open, counts) {
  const stepped2 = counts.of("neck.drop") > 0;
  if (open)
    return [
      "front.neck-right",
      ...stepped2 ? ["front.neck-step-right"] : [],
      "back.neck",
      ...stepped2 ? ["front.neck-step-left"] : [],
      "front.neck-left"
    ];
  return stepped2 ? ["front.neck", "front.neck-last", "back.neck", "front.neck-first"] : ["front.neck", "back.neck"];
}

// packages/core/src/garment/constructions/sideToSide/sideToSide.ts
var sideToSide = construction({
  id: "side-to-side",
  label: "Side to side, of panels",
  says: "Panels worked from side to side",
  sketch: {
    outlines: ["M40 12 L50 12 Q60 26 70 12 L80 12 L80 38 L88 38 L88 92 L32 92 L32 38 L40 38 Z"],
    inner: ["M46 14 L46 90", "M53 18 L53 90", "M60 22 L60 90", "M67 18 L67 90", "M74 14 L74 90"],
    needs: "width and length, armhole depth; with sleeves or without",
    gives: "panels whose rows run up the body, so that the stitches are the length: upright stripes, a long drape"
  },
  table: PANELS_ON_TABLE,
  fields: {
    ...PANEL_WIDTHS,
    front: TIED_FRONT,
    neck: SIDEWAYS_NECK,
    sleeve: SLEEVE_OR_NONE,
    armhole: { ...stepped({ percent: 9 }), when: { sleeve: [null] } },
    ...NECK_EDGE,
    hem: HEM,
    cuff: CUFF,
    armband: ARMBAND
  },
  // Only a vest steps in at the underarm; with sleeves the armhole is a plain drop.
  specimens: [
    { name: "side to side, sleeved", garment: { ease: 14, sleeve: {} } },
    {
      name: "side-to-side vest",
      garment: {
        ease: 10,
        sleeve: null,
        front: { style: "gap", width: 5 },
        neck: { shape: "V", drop: 15 }
      }
    }
  ],
  style: ({ armhole, ...read2 }) => panelStyle(read2.sleeve ? read2 : { ...read2, armhole }),
  draft: draft4,
  program: program5
});

// packages/core/src/stitch/zones.ts
function widthOf({ repeats }, { multiple, plus: plus2 }) {
  return multiple * repeats + plus2;
}
function clipped(zone, from, to, rule2) {
  const { multiple, plus: plus2 } = rule2;
  const cut2 = Math.max(0, Math.ceil((from - zone.low) / multiple));
  const low = zone.low + cut2 * multiple;
  const end = Math.min(to, zone.low + widthOf(zone, rule2));
  const repeats = Math.floor((end - plus2 - low) / multiple);
  return repeats >= 1 ? { low, repeats } : null;
}
function grown(zone, from, to, rule2) {
  const below = Math.max(0, Math.floor((zone.low - from) / rule2.multiple));
  const above2 = Math.max(0, Math.floor((to - zone.low - widthOf(zone, rule2)) / rule2.multiple));
  return { low: zone.low - below * rule2.multiple, repeats: zone.repeats + below + above2 };
}
function waysToGrow(zone, from, to, rule2) {
  const high = zone.low + widthOf(zone, rule2);
  const ways = [
    grown(zone, from, to, rule2),
    grown(zone, from, high, rule2),
    grown(zone, zone.low, to, rule2),
    zone
  ];
  return ways.filter(
    (one2, i) => ways.findIndex(({ low, repeats }) => low === one2.low && repeats === one2.repeats) === i
  );
}
function waysToJoin(zones, from, to, rule2) {
  const [first, last] = [zones[0], zones.at(-1)];
  const { multiple } = rule2;
  if (!zones.every(({ low }) => (low - first.low) % multiple === 0)) return [];
  const one2 = { low: first.low, repeats: (last.low - first.low) / multiple + last.repeats };
  return waysToGrow(one2, from, to, rule2);
}
function waysToBegin(from, to, rule2, centred, fewest = 1) {
  const { multiple, plus: plus2 } = rule2;
  const ways = [];
  const most = Math.floor((to - from - plus2) / multiple);
  if (most < fewest) return [];
  const first = centred ? from + Math.floor((to - from - widthOf({ repeats: most }, rule2)) / 2) : Math.ceil(from / multiple) * multiple;
  for (let phase = 0; phase < multiple; phase += 1) {
    const low = from + ((first + phase - from) % multiple + multiple) % multiple;
    const repeats = Math.floor((to - plus2 - low) / multiple);
    if (repeats >= fewest) ways.push({ low, repeats });
  }
  return ways;
}
function inOne(zones, rule2) {
  const merged = [];
  for (const zone of [...zones].sort((a, b) => a.low - b.low)) {
    const last = merged.at(-1);
    if (last && rule2.plus === 0 && last.low + widthOf(last, rule2) === zone.low)
      merged[merged.length - 1] = { low: last.low, repeats: last.repeats + zone.repeats };
    else merged.push(zone);
  }
  return merged;
}

// packages/core/src/stitch/placed.ts
var SPAN3 = { from: 0, to: 0 };
var NEAR = 0.45;
var NEAR_GROUP = 0.51;
var NEAR_EDGE = 1.01;
var SAMPLES = /* @__PURE__ */ new WeakMap();
function sampleOf(text2, { base, chains }, index, repeats, { direction, mirrored: mirrored3, alwaysFront, again = false }, sided) {
  const samples = SAMPLES.get(text2) ?? /* @__PURE__ */ new Map();
  SAMPLES.set(text2, samples);
  const name2 = `${index}:${repeats}:${direction}:${mirrored3}:${alwaysFront}:${again}`;
  const known = samples.get(name2);
  if (known !== void 0) return known;
  const width = widthOf({ repeats }, base);
  const rows2 = rowsOver(text2, width + chains.plus - base.plus);
  if (!rows2) {
    samples.set(name2, null);
    return null;
  }
  const own = mirrored3 ? -direction : direction;
  const fits = ({ row, course }) => row === index && course.direction === own;
  let found = (again ? rows2.findLast(fits) : rows2.find(fits))?.course.units ?? null;
  if (found === null && (!sided || alwaysFront)) {
    const is = ({ row }) => row === index;
    const other = (again ? rows2.findLast(is) : rows2.find(is)).course.units;
    found = [...other].reverse();
    if (sided)
      found = found.map((unit2) => unit2.stitch ? { ...unit2, stitch: stitchFromBehind(unit2.stitch) } : unit2);
  }
  if (found !== null && mirrored3)
    found = found.map((unit2) => ({
      ...unit2,
      x: width - 1 - unit2.x,
      feet: unit2.feet.map((foot) => width - 1 - foot)
    }));
  samples.set(name2, found);
  return found;
}
function rowsOver(text2, size2) {
  try {
    return workPattern(text2, size2, 2).rows;
  } catch (error) {
    if (error instanceof RowFault) return null;
    throw error;
  }
}
function placed(units, low, below) {
  let cursor = 0;
  let lastGap = -1;
  let lastTarget = -1;
  const nodes = [];
  let lastFoot = null;
  let skippedOver = [];
  const [head] = units;
  nodes.push({
    op: "chain",
    many: Math.max(1, head ? heightOf(head.kind === "ch" ? "sc" : head.kind) : 1),
    counts: { as: "nothing" },
    span: SPAN3
  });
  for (let i = 0; i < units.length; ) {
    const unit2 = units[i];
    if (unit2.t === "ch") {
      let many = 0;
      while (units[i]?.t === "ch") {
        many += 1;
        i += 1;
      }
      nodes.push({ op: "chain", many, span: SPAN3 });
      continue;
    }
    let end = i;
    while (units[end + 1]?.group === unit2.group) end += 1;
    const foot = (unit2.turning > 0 ? unit2.x : unit2.feet[0]) + low;
    let again = foot === lastFoot;
    const between4 = again ? null : gapAt(below, foot);
    if (between4 !== null) {
      if (between4 < cursor) throw new StitchError(SPAN3, "a place is passed already");
      const earlier = below.some(
        ({ group: group2 }, at) => at > lastGap && at >= Math.max(1, cursor) && at < between4 && group2 !== below[at - 1].group
      );
      if (earlier)
        nodes.push({
          op: "skip",
          place: { at: "next", many: between4 - cursor, noun: { what: "st" } },
          span: SPAN3
        });
      lastGap = between4;
      nodes.push(...groupNodes(units.slice(i, end + 1), { at: "next", many: 1, noun: { what: "sp" } }));
      cursor = between4;
      lastFoot = foot;
      i = end + 1;
      continue;
    }
    const target = nearest2(below, foot);
    const atEdge2 = end === i && unit2.t === "st" && unit2.feet.length < 2 && (i === 0 || end === units.length - 1);
    const near = atEdge2 ? NEAR_EDGE : end > i ? NEAR_GROUP : NEAR;
    if (target === null || !again && Math.abs(below[target].x - foot) > near)
      throw new StitchError(SPAN3, "a stitch would land between two places");
    again ||= target === lastTarget && (atEdge2 || i === 1);
    lastTarget = target;
    const back2 = target < cursor && !again ? skippedOver.indexOf(target) : -1;
    if (target < cursor && !again && back2 < 0) throw new StitchError(SPAN3, "a place is passed already");
    const over = [];
    for (let at = cursor; at < target; at += 1) if (below[at].t === "st") over.push(at);
    if (!again && over.length > 0) {
      nodes.push({ op: "skip", place: { at: "next", many: over.length, noun: { what: "st" } }, span: SPAN3 });
      skippedOver = over;
    }
    const legs = unit2.feet.length;
    const place = again ? { at: "same" } : back2 >= 0 ? { at: "skipped", nth: back2 + 1 } : below[target].t === "ch" ? { at: "next", many: 1, noun: { what: "sp" } } : { at: "next", many: legs > 1 ? legs : 1, noun: { what: "st" } };
    nodes.push(...groupNodes(units.slice(i, end + 1), place));
    const last = legs > 1 ? nearest2(below, unit2.feet.at(-1) + low) : target;
    if (!again && back2 < 0) cursor = below[last].t === "ch" ? endOfRun(below, last) + 1 : last + 1;
    lastFoot = foot;
    i = end + 1;
  }
  const left = below.slice(cursor).filter(({ t }) => t === "st").length;
  if (left > 0)
    nodes.push({ op: "skip", place: { at: "next", many: left, noun: { what: "st" } }, span: SPAN3 });
  return nodes;
}
function gapAt(units, x) {
  if (units.some(({ t }) => t === "ch")) return null;
  const at = units.findIndex(
    (unit2, i) => i > 0 && unit2.group !== units[i - 1].group && Math.abs((unit2.x + units[i - 1].x) / 2 - x) < 0.05 && Math.abs(unit2.x - x) > NEAR
  );
  return at < 0 ? null : at;
}
function nearest2(units, x) {
  if (units.length === 0) return null;
  const sign = units[0].x <= units.at(-1).x ? 1 : -1;
  let [low, high] = [0, units.length - 1];
  while (low < high) {
    const middle2 = low + high >> 1;
    if (sign * units[middle2].x < sign * x) low = middle2 + 1;
    else high = middle2;
  }
  const before = low - 1;
  return before >= 0 && Math.abs(units[before].x - x) <= Math.abs(units[low].x - x) ? before : low;
}
function groupNodes(body2, place) {
  const stitch = (unit2) => unit2.stitch ?? { kind: unit2.kind };
  if (body2.length === 1) return [{ op: "work", stitch: stitch(body2[0]), times: 1, place, span: SPAN3 }];
  const inner = body2.map(
    (unit2) => unit2.t === "ch" ? { op: "chain", many: 1, span: SPAN3 } : { op: "work", stitch: stitch(unit2), times: 1, place: { at: "here" }, span: SPAN3 }
  );
  return [{ op: "group", body: inner, place, span: SPAN3 }];
}

// packages/core/src/stitch/surface.ts
function surfaceOf({ units, direction, low, width }, ring) {
  if (!ring) return { units: direction === 1 ? units : [...units].reverse(), low, width };
  const round4 = units.map((unit2) => {
    const around2 = width * Math.floor((unit2.x - low + 0.5) / width);
    return { ...unit2, x: unit2.x - around2, feet: unit2.feet.map((foot) => foot - around2) };
  });
  return { units: round4.sort((a, b) => a.x - b.x), low, width };
}
function cut({ units }, from, to) {
  return {
    units: units.slice(firstFrom(units, from - 0.501), firstFrom(units, to - 0.501)),
    low: from,
    width: to - from
  };
}
function firstFrom(units, place) {
  let [low, high] = [0, units.length];
  while (low < high) {
    const middle2 = low + high >> 1;
    if (units[middle2].x < place) low = middle2 + 1;
    else high = middle2;
  }
  return low;
}
function moved({ units, low, width }, by) {
  if (by === 0) return { units, low, width };
  const shifted = units.map((unit2) => ({
    ...unit2,
    x: unit2.x + by,
    feet: unit2.feet.map((foot) => foot + by)
  }));
  return { units: shifted, low: low + by, width };
}
function joined(all) {
  if (all.length === 1) return all[0];
  let [groups, runs2] = [0, 0];
  const units = [];
  for (const { units: own } of all) {
    let [leastGroup, mostGroup, leastRun, mostRun] = [Infinity, -Infinity, Infinity, -Infinity];
    for (const { group: group2, run } of own) {
      leastGroup = Math.min(leastGroup, group2);
      mostGroup = Math.max(mostGroup, group2);
      if (run < 0) continue;
      leastRun = Math.min(leastRun, run);
      mostRun = Math.max(mostRun, run);
    }
    for (const unit2 of own)
      units.push({
        ...unit2,
        group: unit2.group - leastGroup + groups,
        run: unit2.run < 0 ? unit2.run : unit2.run - leastRun + runs2
      });
    if (own.length > 0) groups += mostGroup - leastGroup + 1;
    if (mostRun >= 0) runs2 += mostRun - leastRun + 1;
  }
  return { units, low: all[0]?.low ?? 0, width: all.reduce((sum2, { width }) => sum2 + width, 0) };
}
function laid(kind, low, many) {
  const units = Array.from({ length: many }, (_, i) => plainUnit(kind, low + i, [low + i], i));
  return { units, low, width: many };
}
function plainUnit(kind, x, feet, group2) {
  return {
    t: "st",
    kind,
    group: group2,
    name: null,
    run: -1,
    x,
    feet,
    turning: 0,
    stitch: { kind },
    picots: [],
    by: -1
  };
}
function plainOver({ units }, kind, low, many) {
  if (many === 0) return { units: [], low, width: 0 };
  if (units.length === 0)
    throw new StitchError({ from: 0, to: 0 }, `${many} plain stitches have nothing to be worked into.`);
  const chains = units.flatMap(({ t }, i) => t === "ch" ? [i] : []);
  const surplus = Math.min(chains.length, Math.max(0, units.length - many));
  const passed = new Set(
    Array.from({ length: surplus }, (_, i) => chains[Math.floor((i + 0.5) * chains.length / surplus)])
  );
  const places = units.filter((_, i) => !passed.has(i));
  const made2 = Array.from({ length: many }, (_, i) => {
    const first = Math.floor(i * places.length / many);
    const next = Math.max(first + 1, Math.floor((i + 1) * places.length / many));
    return plainUnit(
      kind,
      low + i,
      places.slice(first, next).map(({ x }) => x),
      i
    );
  });
  return { units: made2, low, width: many };
}

// packages/core/src/stitch/unitRounds.ts
var SPAN4 = { from: 0, to: 0 };
function shapedRepeats({ steps, by, spread: spread2 }, multiple, below) {
  if (by === 0 || by % multiple !== 0) return null;
  const one2 = by > 0 ? { under: 1, makes: 2 } : { under: 2, makes: 1 };
  if (spread2) return spreadRepeats(Math.abs(by) / multiple, below, one2);
  const [last, work2, first, ...more] = steps;
  const isEnd = (step) => (step?.do === "increase" || step?.do === "decrease") && step.times === multiple;
  if (more.length > 0 || work2?.do !== "work" || !isEnd(first) || !isEnd(last)) return null;
  const between4 = below - 2 * one2.under;
  return between4 < 1 ? null : [one2, { under: between4, makes: between4 }, one2];
}
function spreadRepeats(places, below, one2) {
  const begins = spreadPlaces(places, below, one2.under);
  return begins && ringOf(below, begins, one2);
}
function spreadPlaces(places, below, takes) {
  let at = 0;
  const begins = Array.from({ length: places }, (_, i) => {
    const begin2 = Math.max(at, Math.floor((i + 0.5) * below / places - takes / 2));
    at = begin2 + takes;
    return begin2;
  });
  return at > below ? null : begins;
}
function ringOf(below, places, one2) {
  const parts = [];
  let at = 0;
  const evenTo = (to) => {
    if (to > at) parts.push({ under: to - at, makes: to - at });
  };
  for (const place of places) {
    evenTo(place);
    parts.push(one2);
    at = place + one2.under;
  }
  evenTo(below);
  return parts;
}
function workUnitRound({ text: text2, proof }, index, below, repeats, turned = false) {
  const { multiple } = proof.base;
  const direction = turned ? -below.direction : below.direction;
  const seen = alongWork(below, turned);
  const start2 = seen[0].x;
  const ring = { units: seen, low: start2, width: below.width };
  const around2 = {
    units: [...moved(ring, -below.width).units, ...seen, ...moved(ring, below.width).units],
    low: start2 - below.width,
    width: 3 * below.width
  };
  const parts = [];
  let [from, at] = [start2, start2];
  for (const { under, makes, wider } of repeats) {
    const own = sampleOf2(text2, index, makes, multiple);
    const sample = wider && wider !== "parts" ? widerRepeat(own, multiple) : own;
    const units2 = wider ? overWider(sample, own, wider, multiple) : makes === under ? sample : makes > under ? inOnePlace(sample, multiple) : overTwo(sample, multiple);
    const wide = under * multiple + (wider && wider !== "begins" ? WIDER : 0);
    const width = makes * multiple + (wider && wider !== "parts" ? WIDER : 0);
    const before = sample.some(({ feet: [foot] }) => foot < -0.4) ? multiple : 0;
    const into = cut(around2, from - before, from + wide + multiple);
    const course = {
      ...below,
      units: [...into.units].reverse(),
      direction: -1,
      low: at,
      width
    };
    const made2 = workRow({ nodes: placed(units2, from, into.units) }, course, { turned: true, round: false });
    if (made2.units.length !== sample.length) throw new StitchError(SPAN4, "the repeats do not come out");
    parts.push({
      units: made2.units.map((unit2, i) => ({ ...unit2, group: sample[i].group, x: at + sample[i].x })),
      low: at,
      width
    });
    from += wide;
    at += width;
  }
  const all = joined(parts);
  const units = direction === 1 ? all.units : all.units.map(mirrored2);
  return { ...below, units, direction, low: direction * start2, width: all.width, slips: [] };
}
function alongWork({ units, direction }, turned) {
  const order = turned ? [...units].reverse() : [...units];
  return (turned ? -direction : direction) === 1 ? order : order.map(mirrored2);
}
function mirrored2(unit2) {
  return { ...unit2, x: -unit2.x, feet: unit2.feet.map((foot) => -foot) };
}
var WIDER = 2;
function widerRepeat(own, multiple) {
  const { first, last, onto } = motifOf(own, multiple);
  return own.flatMap((unit2) => {
    if (unit2.group !== first.group) return [{ ...unit2, x: onto(unit2.x) }];
    const inside2 = { ...unit2, x: unit2.x + WIDER / 2 };
    if (unit2 === first) return [unit2, inside2];
    return unit2 === last ? [inside2, { ...unit2, x: unit2.x + WIDER }] : [inside2];
  });
}
function widerInWords({ text: text2, proof }) {
  const own = sampleOf2(text2, text2.repeat.first, 1, proof.base.multiple);
  const { first } = motifOf(own, proof.base.multiple);
  const group2 = widerRepeat(own, proof.base.multiple).filter((unit2) => unit2.group === first.group);
  const runs2 = [];
  for (const { kind } of group2) {
    const last = runs2.at(-1);
    if (last?.kind === kind) last.many += 1;
    else runs2.push({ kind, many: 1 });
  }
  return runs2.map(({ kind, many }) => kind === "ch" ? `ch ${many}` : many > 1 ? `${many} ${kind}` : kind).join(", ");
}
function overWider(units, own, way, multiple) {
  if (way === "begins") return [...units];
  const { onto } = motifOf(own, multiple);
  const narrow2 = way === "parts" ? inOnePlace(units, multiple) : units;
  return narrow2.map((unit2) => ({ ...unit2, feet: unit2.feet.map(onto) }));
}
function motifOf(own, multiple) {
  const group2 = groupInSpace(own.filter(({ x }) => x < multiple - 0.501));
  if (!group2) throw new StitchError(SPAN4, "no repeat of the pattern is one group in a space");
  const [first, last] = [group2[0], group2.at(-1)];
  const onto = (place) => place < first.x - 0.01 ? place : place > last.x + 0.01 ? place + WIDER : place + WIDER / 2;
  return { first, last, onto };
}
function groupInSpace(units) {
  const groups = [...new Set(units.map(({ group: group2 }) => group2))].map(
    (group2) => units.filter((unit2) => unit2.group === group2)
  );
  const several = groups.filter((own) => own.length > 1);
  const [only] = several;
  const isRound = only?.some(({ t }) => t === "ch") && only[0].t === "st" && only.at(-1).t === "st";
  return several.length === 1 && isRound ? only : null;
}
var BEFORE = 3;
function sampleOf2(text2, index, repeats, multiple) {
  const { rows: rows2 } = workPattern(text2, (repeats + 2 * BEFORE) * multiple, 2);
  const at = index === rows2[0].row ? 0 : rows2.findLastIndex(({ row }) => row === index);
  const { course } = rows2[at];
  const units = alongWork(course, false);
  const first = units[0].x + BEFORE * multiple;
  const below = (at === 0 ? 0 : beginOf(rows2[at - 1].course, course)) + BEFORE * multiple;
  return units.filter(({ x }) => x > first - 0.5 && x < first + repeats * multiple - 0.5).map((unit2) => ({ ...unit2, x: unit2.x - first, feet: unit2.feet.map((foot) => foot - below) }));
}
function beginOf(below, above2) {
  const turned = below.direction !== above2.direction;
  const [begin2, own] = [alongWork(below, turned)[0].x, alongWork(above2, false)[0].x];
  return begin2 + below.width * Math.round((own - begin2) / below.width);
}
function inOnePlace(units, multiple) {
  return units.map((unit2) => {
    const second = unit2.x > multiple - 0.501;
    return second ? { ...unit2, x: unit2.x - multiple, feet: unit2.feet.map((foot) => foot - multiple) } : unit2;
  });
}
function overTwo(units, multiple) {
  const last = units.findLast(({ t }) => t === "st");
  const legs = stitchesIn({ units: units.filter(({ group: group2 }) => group2 === last.group) });
  let leg = 0;
  return units.map((unit2) => {
    if (unit2.group !== last.group || unit2.t !== "st") return unit2;
    leg += 1;
    if (legs === 1) {
      const { kind, together: _, ...stitch } = unit2.stitch ?? { kind: unit2.kind === "ch" ? "sc" : unit2.kind };
      const [foot2] = unit2.turning > 0 ? [unit2.x] : unit2.feet;
      return {
        ...unit2,
        turning: 0,
        feet: [foot2, foot2 + multiple],
        stitch: { kind, ...stitch, together: 2 }
      };
    }
    if (leg <= Math.ceil(legs / 2)) return unit2;
    const [foot] = unit2.turning > 0 ? [unit2.x] : unit2.feet;
    return { ...unit2, group: unit2.group + 0.5, turning: 0, feet: [foot + multiple] };
  });
}

// packages/core/src/stitch/wider.ts
function aroundWider(repeats, wide, does) {
  return ringOf(repeats, wide, { under: 1, makes: does === "parts" ? 2 : 1, wider: does });
}
function placesOfWider(places, repeats) {
  return spreadPlaces(places, repeats, 1);
}
var KNOWN2 = /* @__PURE__ */ new WeakMap();
function canWiden(rounds) {
  const known = KNOWN2.get(rounds.text);
  if (known !== void 0) return known;
  const found = widens(rounds);
  KNOWN2.set(rounds.text, found);
  return found;
}
function hasOwnIncrease(fabric2, way) {
  const of = fabricStitches(fabric2);
  const rounds = of.is === "rows" && !fabric2.panel ? roundsOfFabric(of, way) : null;
  return rounds !== null && canWiden(rounds);
}
var TRIED3 = 7;
var SOME = [1, 4, 5];
function widens({ text: text2, proof }) {
  const { first, last } = text2.repeat;
  const { multiple } = proof.base;
  const following = (index) => index === last ? first : index + 1;
  const turned = text2.rows[first].nodes.some(({ op }) => op === "turn");
  const mirrored3 = (wide) => turned ? wide.map((place) => TRIED3 - 1 - place).reverse() : wide;
  const counts = (index, repeats, more) => proof.rows[index].stitches.multiple * repeats + proof.rows[index].stitches.plus + more;
  try {
    for (let index = first; index <= last; index += 1) {
      const { rows: rows2 } = workPattern(text2, TRIED3 * multiple, 2);
      const before = index === first ? last : index - 1;
      let below = rows2.findLast(({ row }) => row === before).course;
      let wide = SOME;
      let at = index;
      for (const does of ["begins", "stays", "parts"]) {
        below = workUnitRound({ text: text2, proof }, at, below, aroundWider(TRIED3, wide, does), turned);
        const repeats = does === "parts" ? TRIED3 + SOME.length : TRIED3;
        if (stitchesIn(below) !== counts(at, repeats, does === "parts" ? 0 : WIDER * SOME.length))
          return false;
        at = following(at);
        wide = mirrored3(wide);
      }
      const after = workRow(text2.rows[at], below, { turned, round: true });
      if (stitchesIn(after) !== counts(at, TRIED3 + SOME.length, 0)) return false;
    }
    return true;
  } catch (error) {
    if (error instanceof StitchError || error instanceof RowFault) return false;
    throw error;
  }
}

// packages/core/src/garment/constructions/roundYoke/rounds.ts
function increaseRounds({ rounds, places, motif }, neck, total, rows2, { first = 2, spare = 0 } = {}) {
  const room = rows2 - first + 1;
  const steps = (total - neck) / motif;
  const least = Math.ceil(Math.log2(Math.max(1, total / neck)) - 1e-9);
  const wanted = places && rounds !== "many" && places.length === rounds ? places.map((place) => place / 100) : null;
  const many = Math.max(least, Math.min(rounds === "many" ? room : rounds, steps, room));
  if (steps <= 0) return [];
  const shares2 = wanted ?? Array.from({ length: many }, (_, i) => (i + 0.5) / many);
  const counts = shares2.slice(0, many).map((share, i) => {
    const next = shares2[i + 1];
    return next === void 0 || i === many - 1 ? total : neck + motif * Math.round(steps * ((share + next) / 2));
  });
  for (let i = 0; i < many; i += 1)
    counts[i] = Math.min(counts[i], atMostDouble(i === 0 ? neck : counts[i - 1], motif, spare));
  for (let i = many - 2; i >= 0; i -= 1) {
    const half2 = neck + motif * Math.ceil(((counts[i + 1] + spare) / 2 - neck) / motif);
    counts[i] = Math.max(counts[i], half2);
  }
  let before = first - 1;
  return counts.map((stitches2, i) => {
    const rest = many - 1 - i;
    const row = Math.min(rows2 - rest, Math.max(before + 1, Math.round(shares2[i] * rows2)));
    before = row;
    return { row, stitches: stitches2 };
  });
}
function atMostDouble(count, motif, spare) {
  return Math.floor((2 * count - spare) / motif) * motif;
}
function motifOf2(style, { shaping, rule: rule2 }) {
  const { motif } = style.increases;
  if (shaping !== "units" || isOpen(style)) return motif;
  let both = motif;
  while (both % rule2.round.multiple !== 0) both += motif;
  return both;
}
function yokeIncreases(style, fabric2, counts) {
  const { many } = shortRowsOf(style, counts);
  const neck = counts.of("neck.round");
  const total = counts.of("yoke.total");
  const whole = increaseRounds(
    { ...style.increases, motif: motifOf2(style, fabric2) },
    neck,
    total,
    counts.of("yoke.rows"),
    {
      // After short rows row 2 closes them.
      first: many > 0 ? 3 : 2,
      spare: isOpen(style) ? 2 : 0
    }
  ).filter(({ stitches: stitches2 }, i, all) => stitches2 > (all[i - 1]?.stitches ?? neck));
  const steps = grows(style, fabric2) ? inTwoSteps(whole, neck, counts.of("yoke.rows"), fabric2.rule.round.multiple) : null;
  const rounds = steps ?? whole;
  const events = rounds.map(({ row }) => row + many);
  const schedule2 = {
    start: neck,
    end: total,
    perEvent: 1,
    direction: total > neck ? 1 : 0,
    events,
    amounts: rounds.map(({ stitches: stitches2 }, i) => stitches2 - (rounds[i - 1]?.stitches ?? neck)),
    after: 1 + many,
    room: { first: (many > 0 ? 3 : 2) + many, last: counts.of("yoke.rows") + many, everyRow: 1 },
    rates: ratesOf(events.map((row, i) => row - (events[i - 1] ?? 1 + many))),
    order: "phases"
  };
  return { schedule: schedule2, motif: steps && steps.map(({ motif }) => motif) };
}
function grows(style, fabric2) {
  const { increases, rounds } = style;
  return fabric2.shaping === "units" && !isOpen(style) && increases.by === "wider repeats" && increases.motif === 1 && hasOwnIncrease(fabric2, rounds);
}
function inTwoSteps(rounds, neck, rows2, multiple) {
  const steps = [];
  let before = neck;
  for (const [i, { row, stitches: stitches2 }] of rounds.entries()) {
    const next = rounds[i + 1]?.row ?? rows2 + 1;
    if (next - row < 2) return null;
    const places = (stitches2 - before) / multiple;
    steps.push(
      { row, stitches: before + places * WIDER, motif: "wider" },
      { row: Math.floor((row + next) / 2), stitches: stitches2, motif: "parted" }
    );
    before = stitches2;
  }
  return steps.length > 0 ? steps : null;
}

// packages/core/src/garment/constructions/roundYoke/draft.ts
var FEWEST3 = 12;
var DEEPER2 = 2;
function draft5(input) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const open = isOpen(style);
  const opening = openingWidth(input);
  const neck = neckTargets(input, 0);
  const below = draftBelow(input, neck, splitOf2(open));
  const { targets } = below;
  const drop = draftDrop(input, neck, opening);
  const depth = yokeDepth(input);
  const first = neckEdgeWanted(input, neck, opening);
  const rule2 = { multiple: motifOf2(style, fabric2), plus: 0 };
  const sleeves = 2 * (targets.upperArm - targets.chain);
  const total = targets.round - 2 * targets.chain + sleeves;
  const front2 = frontWidth(input, targets.back, "Back at the underarm");
  const most = typeof style.increases.rounds === "number" ? style.increases.rounds : 12;
  return {
    quantities: [
      quantity({
        id: "neck.round",
        label: "Neck, stitches to begin with",
        fabric: fabric2,
        axis: "stitches",
        target: first,
        weight: 0.6,
        rounding: open ? "nearest" : "not under",
        rule: rule2,
        min: Math.max(FEWEST3, rule2.multiple),
        because: [
          ...neck.round.reasons,
          ...opening === 0 ? [] : [plus("What lies between the fronts", first - neck.round.length, first)]
        ]
      }),
      quantity({
        id: "yoke.total",
        label: "Yoke at the split",
        fabric: fabric2,
        axis: "stitches",
        target: total,
        weight: 0.1,
        rule: rule2,
        min: 2 * rule2.multiple,
        because: [
          given("Body", targets.round, { kind: "quantity", id: "body.round" }),
          plus("Two underarm chains", -2 * targets.chain, targets.round - 2 * targets.chain, {
            kind: "quantity",
            id: "underarm.chain"
          }),
          plus("Two sleeves without theirs", sleeves, total, { kind: "quantity", id: "sleeve.top" })
        ]
      }),
      quantity({
        id: "yoke.rows",
        label: "Yoke, depth",
        fabric: fabric2,
        axis: "rows",
        target: depth.length,
        weight: 0.7,
        because: depth.reasons,
        min: 6
      }),
      ...open ? [
        quantity({
          id: "front.width",
          label: "Front at the underarm, each",
          fabric: fabric2,
          axis: "stitches",
          target: Math.max(0.5, front2.length),
          weight: 0.3,
          because: [...backWidth(targets.whole, targets.chain).reasons, ...front2.reasons],
          min: 2
        })
      ] : [],
      ...drop.quantities,
      ...below.quantities
    ],
    helpers: below.helpers,
    relations: [
      splitSum(open),
      sumAtLeast2(
        { id: "grows", rule: "a yoke grows from the neck to the split" },
        { "yoke.total": 1, "neck.round": -1 }
      ),
      sumAtMost2(
        { id: "doubles", rule: "no increase round more than doubles the stitches" },
        { "yoke.total": 1, "neck.round": -(2 ** most) }
      ),
      sumAtLeast2(
        { id: "sleeve.part", rule: "each sleeve keeps stitches of the yoke beside its underarm chain" },
        { "sleeve.top": 1, "underarm.chain": -1 },
        2
      ),
      ...drop.relations,
      ...below.relations
    ],
    finished: finishedOf3(input, targets, neck, first),
    notes: feasibility2(input, targets, neck),
    edgings: edgingsOf2(input)
  };
}
function splitOf2(open) {
  return sumIs2(
    {
      id: "split.body",
      rule: "front, back and the two underarm chains are the body",
      says: (counts) => say`Body: ${open ? `2 \xD7 ${counts.of("front.width")}` : counts.of("back.width")} front + ${counts.of("back.width")} back + 2 × ${counts.of("underarm.chain")} underarm = ${counts.of("body.round")}`
    },
    open ? { "back.width": 1, "front.width": 2, "underarm.chain": 2, "body.round": -1 } : { "back.width": 2, "underarm.chain": 2, "body.round": -1 }
  );
}
function splitSum(open) {
  return sumIs2(
    {
      id: "split.yoke",
      rule: "front, sleeve, back and sleeve are the yoke where it is split",
      says: (counts) => {
        const sleeve3 = counts.of("sleeve.top") - counts.of("underarm.chain");
        const front2 = open ? counts.of("front.width") : counts.of("back.width");
        return open ? say`At the split: ${front2} front + ${sleeve3} sleeve + ${counts.of("back.width")} back + ${sleeve3} sleeve + ${front2} front = ${counts.of("yoke.total")}` : say`At the split: ${counts.of("back.width")} back + ${sleeve3} sleeve + ${front2} front + ${sleeve3} sleeve = ${counts.of("yoke.total")}`;
      }
    },
    { "body.round": 1, "sleeve.top": 2, "underarm.chain": -4, "yoke.total": -1 }
  );
}
function feasibility2(input, wanted, neck) {
  const { style, size: size2, body: body2 } = input;
  const sleeve3 = wanted.upperArm - wanted.chain;
  const notes = [];
  if (sleeve3 < 0.2 * wanted.upperArm)
    notes.push({
      level: sleeve3 <= 1 ? "stop" : "warn",
      code: "sleeve-would-shrink",
      where: "sleeve.top",
      message: say`The underarm chain (${cm(wanted.chain)}) is nearly the whole sleeve (${cm(wanted.upperArm)}); hardly any of the yoke is left for it.`,
      fixes: [
        {
          label: say`Underarm chain of ${cm(wanted.upperArm / 4)}`,
          set: [{ path: "garment.underarm", value: Math.round(wanted.upperArm * 2.5) / 10, size: size2.id }]
        }
      ]
    });
  const { rounds } = style.increases;
  const growth3 = (wanted.round - 4 * wanted.chain + 2 * wanted.upperArm) / neck.round.length;
  if (typeof rounds === "number" && rounds < 5 && growth3 > 2 ** rounds * 0.5)
    notes.push({
      level: "tip",
      code: "yoke-steps-steep",
      where: "yoke.total",
      message: say`The yoke grows ${Math.round(growth3 * 10) / 10}-fold in ${rounds} rounds; more of them make it lie smoother.`,
      fixes: [
        {
          label: say`${rounds + 1} increase rounds`,
          set: [{ path: "garment.increases.rounds", value: rounds + 1 }]
        }
      ]
    });
  const across = neck.round.length / Math.PI * 1.2;
  if (across > body2.body.crossBack)
    notes.push({
      level: across > body2.body.crossBack * 1.2 ? "stop" : "warn",
      code: "neck-wider-than-shoulders",
      where: "neck.round",
      message: say`The neck reaches ${cm(across)} across, wider than the shoulders carry (cross-back ${cm(body2.body.crossBack)}); it will slide off.`,
      fixes: [
        {
          label: say`Neck ${cm(Math.floor(body2.body.crossBack / 1.2 * Math.PI))} all round`,
          set: [
            {
              path: "garment.neck.ease",
              value: Math.floor(body2.body.crossBack / 1.2 * Math.PI - body2.body.neck),
              size: size2.id
            }
          ]
        }
      ]
    });
  return [...notes, ...endsAboveUnderarm(input, wanted.depth, DEEPER2)];
}

// packages/core/src/garment/constructions/roundYoke/fields.ts
var FIELDS4 = {
  ...YOKE_FRAME,
  neck: group({
    ...YOKE_NECK,
    fields: {
      ...YOKE_NECK.fields,
      // Where no lines part the yoke, its rows grow all round: it cannot begin narrower in front.
      shape: choice({
        ...YOKE_NECK.fields.shape,
        options: [
          ["level", "level all round"],
          ["short rows", "back raised by short rows"]
        ],
        usual: "level"
      })
    }
  }),
  ...YOKE_DEPTH,
  depthEase: usually(YOKE_DEPTH.depthEase, { percent: 17 }),
  increases: group({
    name: "The increase rounds",
    label: "Increases",
    help: "The rounds in which the yoke grows.",
    fields: {
      rounds: choice({
        name: "The increase rounds",
        label: "Increase rounds",
        help: "A few large ones, or small ones as often as the pattern allows.",
        options: [
          [3, "3"],
          [4, "4"],
          [5, "5"],
          ["many", "many small ones"]
        ],
        usual: 4,
        resets: ["increases.places"]
      }),
      places: risingShares({
        name: "The places of the increase rounds",
        label: "Where they lie",
        help: "Rising shares of the yoke\u2019s rows at which the increase rounds lie, per cent; none: in the middle of equal parts.",
        drawn: true,
        most: 12
      }),
      by: choice({
        name: "The way repeats increase",
        label: "A repeat increases",
        help: "In a fabric shaped by whole repeats whose motif can grow, such as V\u2019s: a wider one first that parts into two later, or two in the place of one at once.",
        options: [
          ["wider repeats", "wider, then two"],
          ["whole repeats", "two at once"]
        ],
        usual: "wider repeats",
        when: { "increases.motif": [1] }
      }),
      motif: number({
        name: "The motif",
        label: "Motif, every round a multiple of",
        help: "Every round has a multiple of so many stitches.",
        range: [1, 60],
        whole: true,
        unit: "stitches",
        usual: 1
      })
    }
  }),
  ...BELOW_YOKE
};

// packages/core/src/garment/constructions/roundYoke/roundYoke.ts
var roundYoke = construction({
  id: "round-yoke",
  label: "Round yoke from the neck down",
  says: "Worked from the neck down, increased evenly round a circular yoke",
  sketch: {
    outlines: [YOKE_SKETCH],
    inner: ["M40 14 Q60 24 80 14", "M35 24 Q60 36 85 24", "M34 34 Q60 48 86 34"],
    needs: "neck, bust, upper arm, the number of increase rounds, a motif if there is one",
    gives: "one piece from the neck down with an even yoke all round, made for rings of pattern or colour"
  },
  table: YOKE_ON_TABLE,
  fields: FIELDS4,
  specimens: [
    { name: "round yoke", garment: { neck: { shape: "short rows" } } },
    {
      name: "round-yoke cardigan, waisted",
      garment: { front: { style: "gap", width: 3 }, body: { shape: "waist" } }
    }
  ],
  style: (read2) => read2,
  draft: draft5,
  program: program6
});
function program6(input, counts) {
  const { style, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const open = isOpen(style);
  const { many: short2, halfRows } = shortRowsOf(style, counts);
  const last = counts.of("yoke.rows") + short2;
  const { schedule: schedule2, motif } = yokeIncreases(style, fabric2, counts);
  const neck = counts.of("neck.round");
  const sleeve3 = counts.of("sleeve.top") - counts.of("underarm.chain");
  const front2 = counts.find("front.width") ?? counts.of("back.width");
  const split = splitParts(style, counts, front2, sleeve3);
  const widths = countsByRow(schedule2, 1, last);
  const piece = {
    id: "yoke",
    role: "yoke",
    shows: [["yoke.rows"]],
    label: "Yoke",
    copies: 1,
    fabric: fabric2,
    work: open ? "rows" : "rounds",
    rows: ["yoke.rows", ...short2 > 0 ? ["neck.drop"] : []],
    ...halfRows > 0 ? { halfRows } : {},
    passages: [
      {
        kind: "start",
        part: "main",
        stitches: neck,
        extra: open ? chainsBeyond(fabric2) : 0,
        along: null,
        ...open ? {} : { round: style.rounds }
      },
      ...short2 > 0 ? [
        // From a sixth of the neck on each side of the centre back to three eighths: the front keeps a quarter.
        raisedBack(style, fabric2, {
          stitches: neck,
          rows: counts.of("neck.drop"),
          nearest: Math.round(neck / 6),
          farthest: Math.round(neck * 3 / 8)
        })
      ] : [],
      {
        kind: "shape",
        part: "main",
        to: last,
        schedule: schedule2,
        where: { at: open ? "across" : "the round" },
        ...motif ? { motif } : {},
        of: { start: "neck.round", end: "yoke.total", rows: "yoke.rows" }
      }
    ],
    edges: [
      {
        id: "yoke.neck",
        role: "neck",
        label: "Yoke, first stitches of the neck",
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        open: !style.neckband
      },
      ...splitEdges(split, "main", last),
      ...open ? frontEdges(style, widths, { short: short2, last, from: 1 }) : []
    ],
    expects: [
      { quantity: "neck.round", edges: ["yoke.neck"] },
      { quantity: "yoke.total", edges: split.map(({ id }) => `yoke.${id}`) },
      { quantity: "back.width", edges: open ? ["yoke.back"] : ["yoke.back-left", "yoke.back-right"] }
    ]
  };
  const after = countsAfter(schedule2);
  return programOf(
    input,
    counts,
    piece,
    split,
    ["yoke.neck"],
    [
      { row: 1, stitches: neck },
      ...schedule2.events.map((row, i) => ({ row: row - short2, stitches: after[i] })),
      { row: last - short2, stitches: counts.of("yoke.total") }
    ]
  );
}

// packages/core/src/garment/constructions/tube/draft.ts
var SHORTEST5 = 6;
var CORD_SPARE = 20;
function draft6(input) {
  const { style, size: size2, fabrics } = input;
  const { body: body2 } = input.body;
  const fabric2 = fabrics.get(style.fabric);
  const stitches2 = perCm(fabric2.gauge, "stitches");
  const notes = [];
  const ease2 = forSize(style.ease, size2.id);
  const round4 = body2.bust + easeOver(ease2, body2.bust);
  const above2 = forSize(style.above, size2.id);
  const below = forSize(style.belowWaist, size2.id);
  const toWaist = body2.backWaist - body2.armholeDepth;
  const worn = toWaist + above2 + easeOver(below, body2.backWaist);
  const length2 = shrunk(fabric2.growth ?? 0, worn);
  const hem = style.hem ? draftBand({
    id: "hem",
    label: "Hem rib",
    style: style.hem,
    size: size2.id,
    fabric: fabrics.get(style.hem.fabric),
    edge: { of: "tube.round", label: "Tube, all round", perCm: stitches2, target: round4 }
  }) : null;
  const height = length2.length - (hem?.height ?? 0);
  if (height < SHORTEST5)
    notes.push({
      level: "stop",
      code: "tube-too-short",
      where: "tube.rows",
      message: say`From ${cm(above2)} above the underarm only ${cm(Math.max(0, height))} of tube are left; more length below the waist or a lower rib would do.`
    });
  if (easeOver(ease2, body2.bust) >= 0)
    notes.push({
      level: "warn",
      code: "tube-does-not-hold",
      where: "tube.round",
      message: say`The tube is as wide as the bust or wider, so it would slip: it is held by being a little narrower.`
    });
  const quantities = [
    quantity({
      id: "tube.round",
      label: "Tube, all round",
      fabric: fabric2,
      axis: "stitches",
      target: round4,
      weight: 1,
      rounding: "not over",
      rule: style.rounds === "sewn" ? fabric2.rule.flat : fabric2.rule.round,
      min: 16,
      because: [
        measured(input, "bust"),
        eased("Ease", ease2, body2.bust, { kind: "style", id: "garment.ease" })
      ]
    }),
    quantity({
      id: "tube.rows",
      label: "Tube, height",
      fabric: fabric2,
      axis: "rows",
      target: Math.max(SHORTEST5, height),
      weight: 1,
      rule: fabric2.rule.rows,
      min: 3,
      because: [
        measured(input, "backWaist"),
        plus("Down to the underarm", -body2.armholeDepth, toWaist, {
          kind: "measurement",
          id: "armholeDepth"
        }),
        plus("Above the underarm", above2, toWaist + above2, { kind: "style", id: "garment.above" }),
        eased(
          "Below the waist",
          below,
          body2.backWaist,
          { kind: "style", id: "garment.belowWaist" },
          toWaist + above2
        ),
        ...length2.reasons,
        ...hem ? [plus("Hem rib", -hem.height, height, { kind: "style", id: "garment.hem.height" })] : []
      ]
    }),
    ...style.straps ? strapQuantities(input, style.straps, round4, above2) : [],
    ...style.cord ? [
      cordQuantity("cord", "Draw cord", fabric2, 2 * length2.length + CORD_SPARE, [
        given("Tube, height with its rib", length2.length, { kind: "quantity", id: "tube.rows" }),
        becomes("Twice", "\xD7 2", 2 * length2.length),
        plus("To tie", CORD_SPARE, 2 * length2.length + CORD_SPARE)
      ])
    ] : [],
    ...hem?.quantities ?? []
  ];
  return {
    quantities,
    helpers: [],
    relations: [...style.straps ? strapRelations() : [], ...hem?.relations ?? []],
    finished: finishedOf5(input, round4, length2.length, above2),
    notes
  };
}
function overShoulder(input, above2) {
  return 2 * Math.max(2, input.body.body.armholeDepth - above2);
}
function strapQuantities(input, straps, round4, above2) {
  const { style, size: size2, fabrics } = input;
  const fabric2 = fabrics.get(style.fabric);
  const { body: body2 } = input.body;
  const width = forSize(straps.width, size2.id);
  const worn = shareOf(
    forSize(straps.apart, size2.id),
    "Between the straps",
    { length: body2.crossBack, label: "Cross-back", from: { kind: "measurement", id: "crossBack" } },
    { kind: "style", id: "garment.straps.apart" }
  );
  const stretched = Math.max(1, body2.bust / round4);
  const relaxed = worn.length / stretched;
  const apart2 = {
    length: relaxed,
    reasons: [
      ...worn.reasons,
      ...stretched > 1 ? [becomes("The tube stretches to the bust", `\xF7 ${figure(stretched, 4)}`, relaxed)] : []
    ]
  };
  const way = overShoulder(input, above2);
  const side = Math.max(1, (round4 - 4 * width - 2 * apart2.length) / 2);
  return [
    quantity({
      id: "strap.width",
      label: "Strap, width",
      fabric: fabric2,
      axis: "stitches",
      target: width,
      weight: 0.5,
      min: 2,
      because: [given("Width of the straps wanted", width, { kind: "style", id: "garment.straps.width" })]
    }),
    quantity({
      id: "strap.rows",
      label: "Strap, length",
      fabric: fabric2,
      axis: "rows",
      target: way * straps.snug,
      weight: 1,
      rounding: "not over",
      min: 2,
      because: [
        measured(input, "armholeDepth"),
        plus("The tube goes above the underarm", -above2, body2.armholeDepth - above2, {
          kind: "style",
          id: "garment.above"
        }),
        becomes("Front and back", "\xD7 2", way),
        becomes("Straps stretch", `\xD7 ${figure(straps.snug * 100, 1)} %`, way * straps.snug)
      ]
    }),
    quantity({
      id: "strap.apart",
      label: "Between the straps in front",
      fabric: fabric2,
      axis: "stitches",
      target: apart2.length,
      weight: 0.4,
      min: 2,
      because: apart2.reasons
    }),
    quantity({
      id: "strap.back",
      label: "Between the straps at the back",
      fabric: fabric2,
      axis: "stitches",
      target: apart2.length,
      weight: 0.4,
      min: 2,
      because: apart2.reasons
    }),
    quantity({
      id: "strap.side",
      label: "Between the straps, under the arm",
      fabric: fabric2,
      axis: "stitches",
      target: side,
      weight: 0.2,
      min: 1,
      because: [
        given("Tube, all round", round4, { kind: "quantity", id: "tube.round" }),
        plus("Four ends of straps", -4 * width, round4 - 4 * width, { kind: "quantity", id: "strap.width" }),
        plus("Between them, front and back", -2 * apart2.length, 2 * side, {
          kind: "quantity",
          id: "strap.apart"
        }),
        becomes("Two sides", "\xF7 2", side)
      ]
    })
  ];
}
function strapRelations() {
  return [
    sumIs2(
      {
        id: "straps",
        rule: "four ends of straps and what lies between them are the tube all round",
        says: (counts) => say`4 × ${counts.of("strap.width")} + ${counts.of("strap.apart")} + ${counts.of("strap.back")} + 2 × ${counts.of("strap.side")} = ${counts.of("tube.round")}`
      },
      { "strap.width": 4, "strap.apart": 1, "strap.back": 1, "strap.side": 2, "tube.round": -1 }
    ),
    sumAtMost2(
      { id: "straps.front", rule: "the straps lie on front and back, not under the arms" },
      { "strap.apart": 1, "tube.round": -0.5 }
    )
  ];
}
function finishedOf5(input, round4, length2, above2) {
  const { style, size: size2, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric);
  const [stitches2, rows2] = [perCm(gauge, "stitches"), perCm(gauge, "rows")];
  return [
    {
      id: "bust",
      label: "All round",
      target: round4,
      actual: (counts) => counts.of("tube.round") / stitches2
    },
    {
      id: "length",
      label: "Height",
      target: length2,
      actual: (counts) => counts.of("tube.rows") / rows2 + (style.hem ? counts.of("hem.height") / perCm(fabrics.get(style.hem.fabric).gauge, acrossOf(style.hem)) : 0)
    },
    ...style.straps ? [
      {
        id: "strap",
        label: "Strap, length",
        target: overShoulder(input, above2) * style.straps.snug,
        actual: (counts) => counts.of("strap.rows") / rows2
      },
      {
        id: "strapWidth",
        label: "Strap, width",
        target: forSize(style.straps.width, size2.id),
        actual: (counts) => counts.of("strap.width") / stitches2
      }
    ] : []
  ];
}

// packages/core/src/garment/constructions/tube/fields.ts
var FIELDS5 = {
  ease: ease({
    name: "The ease",
    label: "Ease, below 0 so that it holds",
    help: "Added to the bust.",
    range: [-40, 20],
    usual: -8,
    share: { of: "the bust" }
  }),
  above: length({
    name: "What goes above the underarm",
    label: "Above the underarm",
    help: "How far the upper edge lies above the underarm.",
    range: [0, 20],
    usual: 4
  }),
  belowWaist: {
    ...LENGTH.belowWaist,
    help: "Above the waist where it is below 0.",
    range: [-30, 60],
    usual: 0
  },
  fabric: bodyFabric("The fabric of the tube"),
  rounds: choice({
    name: "How the tube is closed",
    label: "Worked",
    help: "Flat with a seam at the centre back, or in rounds.",
    options: [
      ["sewn", "flat, seam at the back"],
      ["joined", "in joined rounds"],
      ["turned", "in rounds, turned"]
    ],
    usual: "sewn"
  }),
  straps: groupOrNone({
    name: "The straps",
    label: "Straps",
    heading: "Straps",
    help: "Worked separately; without them it holds by itself.",
    optional: { missing: "usual" },
    fields: {
      width: length({
        name: "The width of the straps",
        label: "Width",
        help: "Of each strap.",
        range: [1, 15],
        usual: 3.5
      }),
      apart: ease({
        name: "How far apart the straps are",
        label: "Apart, front and back",
        help: "Between the places where they are sewn on.",
        range: [4, 40],
        usual: { percent: 55 },
        share: { of: "the cross-back" }
      }),
      snug: number({
        name: "The length of the straps",
        label: "Length, of the way over the shoulder",
        help: "Straps stretch, so they are shorter than the way.",
        range: [0.6, 1.1],
        unit: "of the way over the shoulder",
        factor: true,
        usual: 0.92
      })
    }
  }),
  cord: choice({
    name: "The draw cord",
    label: "Draw cord",
    help: "A cord of twice the height and 20 cm.",
    options: [
      [false, "none"],
      [true, "through the upper edge"]
    ],
    usual: false
  }),
  hem: band("Hem rib", 4, "none")
};

// packages/core/src/body/levels.ts
var WAIST_TO_HIP = 0.12;
var NAPE_ABOVE = 0.015;
function bodyLevels(body2) {
  const waist = Math.max(body2.armholeDepth + 2, body2.backWaist - NAPE_ABOVE * body2.height);
  return [
    { id: "bust", at: body2.armholeDepth, round: body2.bust },
    { id: "waist", at: waist, round: body2.waist },
    { id: "hip", at: waist + WAIST_TO_HIP * body2.height, round: body2.hip }
  ];
}

// packages/core/src/garment/constructions/tube/program.ts
var NEAR2 = 1;
function program7(input, counts) {
  const { style, fabrics } = input;
  const pieces = [tube(input, counts)];
  if (style.straps) pieces.push(strap(input, counts));
  if (style.cord) pieces.push(cordPiece("cord", "Draw cord", 1, fabrics.get(style.fabric), counts));
  if (style.hem) pieces.push(bandPiece("hem", "Hem rib", 1, style.hem, fabrics, counts));
  const { gauge, growth: growth3 = 0, stretch } = fabrics.get(style.fabric);
  const round4 = counts.of("tube.round") / perCm(gauge, "stitches");
  const top = input.body.body.armholeDepth - forSize(style.above, input.size.id);
  const edge2 = top + counts.of("tube.rows") / perCm(gauge, "rows") * (1 + growth3);
  const rib = style.hem ? counts.of("hem.height") / perCm(fabrics.get(style.hem.fabric).gauge, acrossOf(style.hem)) : 0;
  const covered = bodyLevels(input.body.body).filter(({ at }) => at <= edge2 + rib + NEAR2);
  return {
    pieces,
    joins: joins5(style),
    girths: {
      body: [
        { at: top, round: round4 },
        { at: edge2, round: round4 }
      ],
      arm: []
    },
    facts: {
      closedNeck: null,
      sleeveTop: null,
      reach: null,
      stretched: { round: round4, over: covered, gives: stretch ?? null, quantity: "tube.round" }
    }
  };
}
function upperEdge(counts) {
  const [width, apart2, side] = [counts.of("strap.width"), counts.of("strap.apart"), counts.of("strap.side")];
  const first = Math.floor(counts.of("strap.back") / 2);
  const between4 = (id, label, count, at) => ({
    id,
    ...at ? { side: at } : {},
    label,
    count,
    strap: false
  });
  const strapAt = (place, which) => ({
    id: `tube.strap-${place}-${which}`,
    side: which,
    label: `Tube, ${which} strap at the ${place}`,
    count: width,
    strap: true
  });
  return [
    between4("tube.back-first", "Tube, back to the seam", first),
    strapAt("back", "left"),
    between4("tube.side-left", "Tube, under the left arm", side, "left"),
    strapAt("front", "left"),
    between4("tube.front", "Tube, front between the straps", apart2),
    strapAt("front", "right"),
    between4("tube.side-right", "Tube, under the right arm", side, "right"),
    strapAt("back", "right"),
    between4("tube.back-last", "Tube, back from the seam", counts.of("strap.back") - first)
  ];
}
function tube({ style, fabrics }, counts) {
  const fabric2 = fabrics.get(style.fabric);
  const [stitches2, rows2] = [counts.of("tube.round"), counts.of("tube.rows")];
  const flat = style.rounds === "sewn";
  let from = 0;
  const top = (style.straps ? upperEdge(counts) : [{ id: "tube.top", label: "Tube, upper edge", count: stitches2, strap: false }]).map(({ id, side, label, count, strap: sewn }) => {
    const place = { lies: "live", part: "main", n: rows2, from, count };
    from += count;
    return {
      id,
      role: sewn ? "strap place" : "upper edge",
      ...side ? { side } : {},
      label,
      axis: "stitches",
      place,
      open: !sewn
    };
  });
  return {
    id: "tube",
    role: "tube",
    shows: [["tube.round"], ["tube.rows"]],
    label: "Tube",
    copies: 1,
    fabric: fabric2,
    work: flat ? "rows" : "rounds",
    rows: ["tube.rows"],
    passages: [
      {
        kind: "start",
        part: "main",
        stitches: stitches2,
        extra: flat ? chainsBeyond(fabric2) : 0,
        along: null,
        ...style.rounds === "sewn" ? {} : { round: style.rounds }
      },
      { kind: "even", part: "main", to: rows2 }
    ],
    edges: [
      {
        id: "tube.hem",
        role: "lower edge",
        label: "Tube, lower edge",
        axis: "stitches",
        place: { lies: "foundation", part: "main" },
        open: !style.hem
      },
      ...top,
      ...flat ? SIDES.map((side) => ({
        id: `tube.seam-${side}`,
        role: "back seam",
        label: `Tube, ${side} edge`,
        axis: "rows",
        place: ends(side, { part: "main", first: 1, last: rows2 }),
        path: "straight"
      })) : []
    ],
    expects: [
      { quantity: "tube.round", edges: ["tube.hem"] },
      ...flat ? [{ quantity: "tube.rows", edges: ["tube.seam-left"] }] : [],
      ...style.straps ? [
        { quantity: "tube.round", edges: upperEdge(counts).map(({ id }) => id) },
        { quantity: "strap.apart", edges: ["tube.front"] },
        { quantity: "strap.side", edges: ["tube.side-left"] }
      ] : []
    ]
  };
}
function strap({ style, fabrics }, counts) {
  const fabric2 = fabrics.get(style.fabric);
  const [width, rows2] = [counts.of("strap.width"), counts.of("strap.rows")];
  return {
    id: "strap",
    role: "strap",
    shows: [["strap.rows"]],
    label: "Strap",
    copies: 2,
    fabric: fabric2,
    work: "rows",
    rows: ["strap.rows"],
    passages: [foundation(width, fabric2), { kind: "even", part: "main", to: rows2 }],
    edges: [
      {
        id: "strap.front",
        role: "strap end",
        label: "Strap, front end",
        axis: "stitches",
        place: { lies: "foundation", part: "main" }
      },
      {
        id: "strap.back",
        role: "strap end",
        label: "Strap, back end",
        axis: "stitches",
        place: { lies: "live", part: "main", n: rows2, from: 0, count: width }
      },
      ...SIDES.map((side) => ({
        id: `strap.edge-${side}`,
        role: "strap edge",
        label: `Strap, ${side} edge`,
        axis: "rows",
        place: ends(side, { part: "main", first: 1, last: rows2 }),
        path: "straight",
        open: true
      }))
    ],
    expects: [
      { quantity: "strap.width", edges: ["strap.front"] },
      { quantity: "strap.rows", edges: ["strap.edge-left"] }
    ]
  };
}
function joins5(style) {
  return [
    ...style.rounds === "sewn" ? [
      {
        id: "back-seam",
        role: "back seam",
        label: "Seam at the centre back",
        kind: "row-to-row",
        a: ["tube.seam-left"],
        b: ["tube.seam-right"]
      }
    ] : [],
    ...style.straps ? SIDES.flatMap(
      (side) => ["front", "back"].map((end) => ({
        id: `strap-${end}-${side}`,
        role: "strap",
        label: `Strap to the ${end}, ${side}`,
        side,
        both: `Strap to the ${end}, both`,
        kind: "stitch-to-stitch",
        a: [`strap.${end}`],
        b: [`tube.strap-${end}-${side}`]
      }))
    ) : [],
    ...style.hem ? [
      bandJoin(style.hem, {
        id: "hem",
        role: "hem",
        label: "Hem rib to tube",
        band: "hem",
        edges: ["tube.hem"]
      }),
      endsMeet(style.hem, "hem", "hem ends", "Hem rib, its ends")
    ] : []
  ];
}

// packages/core/src/garment/constructions/tube/tube.ts
var tube2 = construction({
  id: "tube",
  label: "Tube and straps",
  says: "A tube that is held by straps",
  sketch: {
    outlines: [
      "M34 34 Q60 40 86 34 L86 90 Q60 94 34 90 Z",
      "M45 36 L45 10 L50 10 L50 37 Z",
      "M70 37 L70 10 L75 10 L75 36 Z"
    ],
    inner: ["M34 40 Q60 46 86 40"],
    needs: "the bust and an ease below 0, how high and how low it goes",
    gives: "a band that holds by itself, two snug straps, a draw cord where it is wanted"
  },
  table: { root: "tube", facing: { edge: "lower edge", way: "down" } },
  fields: FIELDS5,
  specimens: [{ name: "tube", garment: { ease: -7, cord: true } }],
  style: (read2) => read2,
  draft: draft6,
  program: program7
});

// packages/core/src/garment/registry.ts
var CONSTRUCTIONS = [
  dropShoulder,
  notched,
  setIn,
  vest,
  rectangles,
  overShoulders,
  twoHalves,
  sideToSide,
  tube2,
  raglan,
  roundYoke
];
function constructionOf(id) {
  return CONSTRUCTIONS.find((construction2) => construction2.id === id);
}

// packages/core/src/advice/unused.ts
function unusedNotes(construction2, garment) {
  const named2 = `\u201C${construction2.label}\u201D`;
  const { sleeve: sleeve3 } = construction2.fields;
  const bare = garment["sleeve"] === null || garment["sleeve"] === false;
  const sleeves = bare && sleeve3?.kind === "group" && !sleeve3.optional ? [
    {
      level: "warn",
      code: "sleeves-all-the-same",
      where: "garment.sleeve",
      message: say`${named2} always has sleeves, so “sleeve: null” changes nothing; a vest has none.`
    }
  ] : [];
  const unused = unusedIn(
    garment,
    construction2.fields,
    CONSTRUCTIONS.map(({ fields }) => fields)
  );
  const [first] = unused;
  if (!first) return sleeves;
  const details = unused.map(({ path, label }) => say`${label} (garment.${path})`);
  const note = { level: "tip", code: "field-unused", where: `garment.${first.path}` };
  const message = unused.length === 1 ? say`${details[0]} has no say in ${named2}.` : say`${unused.length} fields of the design have no say in ${named2}: ${unused.map(({ path }) => path).join(", ")}.`;
  return [
    ...sleeves,
    {
      ...note,
      message,
      ...unused.length > 1 ? { details, alsoAt: unused.slice(1).map(({ path }) => `garment.${path}`) } : {}
    }
  ];
}

// packages/core/src/body/plausible.ts
function doubts(body2, group2) {
  const found = [];
  const doubt = (id, message) => found.push({ id, message });
  const {
    waist,
    hip,
    wrist,
    upperArm,
    neck,
    head,
    armholeDepth: armholeDepth2,
    bust,
    crossBack,
    shoulderToWrist,
    underarmToWrist
  } = body2;
  if (waist !== void 0 && hip !== void 0 && waist >= hip + 15)
    doubt(
      "waist",
      say`the waist (${cm(waist)}) is much larger than the hip (${cm(hip)}); measure both again`
    );
  if (wrist !== void 0 && upperArm !== void 0 && wrist >= upperArm)
    doubt("wrist", say`the wrist (${cm(wrist)}) is not smaller than the upper arm (${cm(upperArm)})`);
  if (neck !== void 0 && head !== void 0 && neck >= head)
    doubt("neck", say`the neck (${cm(neck)}) is not smaller than the head (${cm(head)})`);
  if (armholeDepth2 !== void 0 && bust !== void 0 && group2 === "adult") {
    const share = armholeDepth2 / bust;
    if (share < 0.15 || share > 0.3)
      doubt(
        "armholeDepth",
        say`an armhole depth of ${cm(armholeDepth2)} is ${Math.round(share * 100)} % of the bust; 15 to 30 % is usual`
      );
  }
  if (crossBack !== void 0 && bust !== void 0 && crossBack > bust * 0.62)
    doubt("crossBack", say`a cross-back of ${cm(crossBack)} is wide for a bust of ${cm(bust)}`);
  if (shoulderToWrist !== void 0 && underarmToWrist !== void 0 && underarmToWrist >= shoulderToWrist)
    doubt(
      "underarmToWrist",
      say`underarm to wrist (${cm(underarmToWrist)}) is not shorter than shoulder to wrist (${cm(shoulderToWrist)})`
    );
  return found;
}
function fallingMeasurements(smaller, larger) {
  return Object.keys(larger).filter(
    (id) => smaller[id] !== void 0 && larger[id] !== void 0 && larger[id] < smaller[id]
  );
}

// packages/core/src/advice/counts.ts
var WORTH_A_LOOK = 1.5;
function missNotes(quantities, counts, held) {
  return quantities.flatMap((quantity2) => {
    const over = counts[quantity2.id] / quantity2.perCm - quantity2.target;
    const halfRepeat = quantity2.rule.multiple / 2 / quantity2.perCm;
    if (Math.abs(over) <= halfRepeat + 5e-3) return [];
    return [
      {
        level: Math.abs(over) > WORTH_A_LOOK && quantity2.weight >= 0.5 && !held.has(quantity2.id) ? "warn" : "tip",
        code: "target-missed",
        where: quantity2.id,
        message: say`${quantity2.label} measures ${cm(counts[quantity2.id] / quantity2.perCm)}, ${cm(Math.abs(over))} ${over > 0 ? "over" : "under"} the ${cm(quantity2.target)} wanted: more than half a repeat.`
      }
    ];
  });
}
function bodyNotes(completed, used2, entered, group2, before) {
  const notes = derivedNote([...completed.derived.values()].filter(({ id }) => used2.has(id)));
  for (const { id, message } of doubts(entered, group2))
    notes.push({ level: "warn", code: "implausible", where: id, message: say`Please check: ${message}.` });
  for (const id of before ? fallingMeasurements(before, entered) : [])
    notes.push({
      level: "warn",
      code: "falls-in-range",
      where: id,
      message: say`${measurement(id).label} is smaller (${cm(entered[id])}) than in the size before (${cm(before[id])}).`
    });
  return notes;
}
function derivedNote(derived) {
  const [first] = derived;
  if (!first) return [];
  const details = derived.map(
    ({ id, cm: value, rule: rule2 }) => say`${measurement(id).label} ${cm(value)} was derived: ${rule2}.`
  );
  const note = { level: "tip", code: "derived", where: first.id };
  if (details.length === 1) return [{ ...note, message: details[0] }];
  const names = derived.map(
    ({ id }, i) => i === 0 ? measurement(id).label : measurement(id).label.toLowerCase()
  );
  return [
    {
      ...note,
      message: say`${derived.length} measurements were derived from the others: ${names.join("; ")}.`,
      details,
      alsoAt: derived.slice(1).map(({ id }) => id)
    }
  ];
}
function joinNotes(joins6) {
  return joins6.filter(({ ok }) => !ok).map((join) => ({
    level: "stop",
    code: "join-broken",
    where: join.id,
    message: say`${join.label}: ${join.aCount} against ${join.bCount}, ${cm(join.aLength)} against ${cm(join.bLength)}; more than a seam can ease in.`
  }));
}
function childNote(group2) {
  const young = group2 === "baby" ? " Keep holes small and shedding yarn away from the face." : "";
  return {
    level: "tip",
    code: "child-safety",
    where: "sizes",
    message: say`For babies and children: no cords, ties or drawstrings at the neck, secure every button, and follow the safety rules for children's clothing of the country of sale.${young}`
  };
}
function estimateNotes(fabrics) {
  return fabrics.filter(({ estimated }) => estimated).map(({ id, name: name2 }) => ({
    level: "warn",
    code: "gauge-estimated",
    where: id,
    message: say`The gauge of ${name2} is a usual figure; crochet a swatch, wash it, and count your own before you trust the counts.`
  }));
}

// packages/core/src/fabric/counts.ts
function isLegal(count, rule2) {
  return Number.isInteger(count) && count > 0 && count >= rule2.plus && (count - rule2.plus) % rule2.multiple === 0;
}
function legalAtMost(limit, rule2) {
  const count = Math.floor((limit - rule2.plus) / rule2.multiple + 1e-9) * rule2.multiple + rule2.plus;
  const smallest2 = smallestLegal(rule2);
  return count < smallest2 ? null : count;
}
function legalAtLeast(limit, rule2) {
  const count = Math.ceil((limit - rule2.plus) / rule2.multiple - 1e-9) * rule2.multiple + rule2.plus;
  return Math.max(count, smallestLegal(rule2));
}
function smallestLegal({ multiple, plus: plus2 }) {
  return plus2 > 0 ? plus2 : multiple;
}
function ladder(target, countsPerCm, rule2, around2) {
  const rungs = [];
  const lowest = legalAtLeast(target * countsPerCm, rule2);
  for (let step = -around2; step < around2; step += 1) {
    const count = lowest + step * rule2.multiple;
    if (!isLegal(count, rule2)) continue;
    rungs.push({ count, cm: count / countsPerCm, over: count / countsPerCm - target });
  }
  return rungs;
}
function ruleInWords({ multiple, plus: plus2 }) {
  if (multiple <= 2) {
    const kind = multiple === 1 ? "any" : plus2 % 2 === 0 ? "an even" : "an odd";
    return `${kind} number${plus2 > multiple + 1 ? ` from ${plus2} up` : ""}`;
  }
  return plus2 === 0 ? `a multiple of ${multiple}` : `a multiple of ${multiple} plus ${plus2}`;
}

// packages/core/src/stitch/facts.ts
function ruleFits(typed, proven) {
  return typed.multiple % proven.multiple === 0 && (typed.plus - proven.plus) % proven.multiple === 0;
}

// packages/core/src/write/line.ts
var NONE4 = "\u2013";
function meaningOf(parts) {
  return parts.map((part) => typeof part === "string" ? part : "head" in part ? "" : "#").join("").replace(/^Sizes? [^:]+: /, "").replace(/[\d–]+(?:[½¼¾]|\.\d+)?/g, "#").replace(/(?:#, )+#/g, "#").replace(/, about # (?:cm|in)(?: = # in)?/, "").trim();
}
function placeOf({ line: line2, after }, meanings) {
  const last = meanings.length;
  const near = Math.min(line2 ?? last, last);
  if (after === void 0) return { at: near, astray: false };
  const places = meanings.flatMap((meaning, i) => meaning === after ? [i + 1] : []);
  if (places.length === 0) return { at: near, astray: true };
  const distance2 = (at) => Math.abs(at - near);
  return { at: places.reduce((best, at) => distance2(at) < distance2(best) ? at : best), astray: false };
}
function flowOf({ lines: lines2, own = [] }) {
  const meanings = own.some(({ after: after2 }) => after2 !== void 0) ? lines2.map(meaningOf) : lines2.map(() => "");
  const placed2 = own.map((one2) => ({ one: one2, ...placeOf(one2, meanings) }));
  const after = (line2) => placed2.flatMap(({ one: one2, at, astray }) => at === line2 ? [astray ? { ...one2, astray } : one2] : []);
  return [...after(0), ...lines2.flatMap((line2, i) => [line2, ...after(i + 1)])];
}
function isOwn(part) {
  return !Array.isArray(part);
}
function each(values) {
  const texts = values.map(String);
  return texts.every((text2) => text2 === texts[0]) ? texts[0] ?? "" : { each: texts };
}
function eachBelow({ lists }) {
  return lists.every((text2) => text2 === lists[0]) ? lists[0] ?? "" : { lists };
}
function ofOneRow(before, text2, rows2) {
  const single = (value) => /^\d+$/.test(String(value));
  const one2 = Array.isArray(rows2) ? rows2.length > 0 && rows2.every(single) : single(rows2);
  if (!one2) return text2;
  return text2 === "s " && /(?:Row|Rnd)$/.test(before) ? " " : text2.replace(/(^|\s)(Row|Rnd)s $/, "$1$2 ");
}
function line(strings, ...values) {
  const parts = [];
  strings.forEach((said2, i) => {
    const before = parts.at(-1);
    const value = values[i];
    const prefix = typeof before === "string" ? before : "";
    const text2 = ofOneRow(prefix, afterFigure(prefix, said2), value);
    if (text2 !== "") parts.push(text2);
    if (value === void 0) return;
    if (typeof value === "string" || typeof value === "number") parts.push(String(value));
    else if ("inline" in value) parts.push(...value.inline);
    else if ("lists" in value) parts.push(eachBelow(value));
    else if ("head" in value) parts.push(value);
    else parts.push(each(value));
  });
  return parts;
}
function inSize(part, size2) {
  if (typeof part === "string") return part;
  if ("head" in part)
    return [part.head, ...part.rows.map((row) => `${row.label} ${row.each[size2]}`)].join("; ");
  return ("each" in part ? part.each : part.lists)[size2] ?? "";
}
function tableOf(head, rows2) {
  return { head, rows: rows2.filter(({ each: of }) => of.some((text2) => text2 !== NONE4)) };
}
function lineFor(some, labels, own) {
  const spread2 = (texts) => {
    const all = labels.map(() => NONE4);
    some.forEach((size2, i) => all[size2] = texts[i]);
    return all;
  };
  const parts = own.map((part) => {
    if (typeof part === "string") return part;
    if ("head" in part)
      return { head: part.head, rows: part.rows.map((row) => ({ ...row, each: spread2(row.each) })) };
    return "each" in part ? { each: spread2(part.each) } : { lists: spread2(part.lists) };
  });
  return [`Size${some.length === 1 ? "" : "s"} ${some.map((size2) => labels[size2]).join(", ")}: `, ...parts];
}

// packages/core/src/passages/panel.ts
var PANELLED = ["back", "front", "back and front", "sleeve"];
function hasPanel(pieces, { panel = 0 }) {
  if (panel === 0 || !PANELLED.includes(pieces[0].role)) return false;
  return pieces.every(({ ends: ends2 }) => ends2.first.count >= panel && (ends2.first.count - panel) % 2 === 0);
}
function panelLine(pieces, fabric2) {
  if (!hasPanel(pieces, fabric2)) return [];
  const { panel = 0 } = fabric2;
  const beside = pieces.map(({ ends: ends2 }) => (ends2.first.count - panel) / 2);
  return [
    line`The panel of ${panel} sts lies in the middle, ${beside} sts plain on either side of it; shaping at the edges takes from the plain sts only.`
  ];
}

// packages/core/src/advice/stitches.ts
function stitchNotes(fabrics) {
  return fabrics.flatMap((fabric2) => {
    const of = fabricStitches(fabric2);
    const { id, name: name2 } = fabric2;
    if (of.is === "unknown")
      return [
        {
          level: "tip",
          code: "stitch-rows-missing",
          where: id,
          message: fabric2.rows?.length ? say`The rows of ${name2} have a fault, so the pattern only says “work row 1 of your stitch pattern”. Mend them on the fabric’s page.` : say`${name2} has a count rule but no rows, so the pattern only says “work row 1 of your stitch pattern”. Write its rows on the fabric’s page.`
        }
      ];
    if (of.is !== "rows") return [];
    if (fabric2.panel) return panelFits(fabric2, of.proof.base);
    const needed = withEdges(of.proof.base, fabric2);
    if (ruleFits(fabric2.rule.flat, needed)) return [];
    return [
      {
        level: "warn",
        code: "stitch-rule",
        where: id,
        message: say`The rows of ${name2} need ${ruleInWords(needed)} of stitches, but its rule says ${ruleInWords(fabric2.rule.flat)}.`
      }
    ];
  });
}
function panelFits({ id, name: name2, panel = 0 }, { multiple, plus: plus2 }) {
  const rest = panel - plus2;
  if (rest > 0 && rest % multiple === 0) return [];
  const nearest4 = plus2 + multiple * Math.max(1, Math.round(rest / multiple));
  return [
    {
      level: "warn",
      code: "panel-repeats",
      where: id,
      message: say`The panel of ${panel} stitches is no whole number of repeats: the rows of ${name2} need ${ruleInWords({ multiple, plus: plus2 })} of stitches, so ${nearest4} would do.`
    }
  ];
}
function cutPanelNotes(piece, fabrics) {
  const fabric2 = fabrics.get(piece.fabric);
  if (!fabric2 || !hasPanel([piece], fabric2)) return [];
  const panel = fabric2.panel;
  const whole = /* @__PURE__ */ new Set(["main"]);
  for (const passage of piece.passages) {
    if (passage.kind !== "go on" || !whole.has(passage.from)) continue;
    const { count } = piece.runs.findLast(({ row }) => row.part === passage.from).row;
    const from = (count - panel) / 2;
    const inside2 = Math.min(from + panel, passage.at + passage.take) - Math.max(from, passage.at);
    if (inside2 >= panel) whole.add(passage.part);
    else if (inside2 > 0)
      return [
        {
          level: "warn",
          code: "panel-cut",
          where: piece.id,
          message: say`${piece.label}: the panel of ${panel} stitches is cut where the piece divides, ${inside2} of them on one side. A crossing cannot be worked over a part of it: make the neck at least as wide as the panel, or end the panel below it.`
        }
      ];
  }
  return [];
}

// packages/core/src/fields/shapedRows.ts
var isGroup = (value) => typeof value === "object" && value !== null;
function withShapedRows(style, fabrics) {
  if (!isGroup(style)) return style;
  const everyRow = (id) => shapedRows(fabrics.get(String(id)) ?? {}).everyRow;
  const { sleeve: sleeve3, rates } = style;
  const own = isGroup(sleeve3) && "everyRow" in sleeve3 ? everyRow(sleeve3["fabric"] ?? style["fabric"]) : 1;
  const onRightSide = fabrics.get(String(style["fabric"]))?.shapedIn === "right-side rows";
  return {
    ...style,
    ...own === 2 ? { sleeve: { ...sleeve3, everyRow: 2 } } : {},
    ...onRightSide && isGroup(rates) && "everyRow" in rates ? { rates: { ...rates, everyRow: 2 } } : {}
  };
}

// packages/core/src/advice/range.ts
var WORTH_TELLING = 0.5;
function stepsOf2(sizes2, id) {
  const steps = [];
  for (let i = 0; i + 1 < sizes2.length; i += 1) {
    const here = sizes2[i].quantities.find((quantity2) => quantity2.id === id);
    const next = sizes2[i + 1].quantities.find((quantity2) => quantity2.id === id);
    const [count, after] = [sizes2[i].counts?.[id], sizes2[i + 1].counts?.[id]];
    if (!here || !next || count === void 0 || after === void 0) continue;
    steps.push({
      from: sizes2[i].size,
      to: sizes2[i + 1].size,
      grows: after / next.perCm - count / here.perCm,
      wanted: next.target - here.target,
      repeat: next.rule.multiple / next.perCm,
      same: count === after ? count : null
    });
  }
  return steps;
}
var listed = (phrases) => phrases.reduce((all, one2) => say`${all}; ${one2}`);
var JUMP = 1;
function unevenSteps(sizes2) {
  const jumps = (sizes2[0]?.quantities ?? []).flatMap(({ id, label }) => {
    const uneven = stepsOf2(sizes2, id).filter(
      ({ grows: grows2, wanted, repeat: repeat2 }) => Math.abs(grows2 - wanted) > Math.max(JUMP, repeat2 / 2)
    );
    const steps = uneven.map(
      ({ from, to, grows: grows2, wanted }) => say`${from} to ${to} by ${cm(grows2, { sign: true })} (${cm(wanted, { sign: true })} wanted)`
    );
    return steps.length > 0 ? [{ id, says: say`${label} ${listed(steps)}` }] : [];
  });
  if (jumps.length === 0) return [];
  return [
    {
      level: "tip",
      code: "steps-uneven",
      where: jumps[0].id,
      message: say`Some counts jump between sizes, because whole repeats and the seams leave nothing nearer: ${listed(jumps.map(({ says }) => says))}.`
    }
  ];
}
function sharedCounts(sizes2) {
  return (sizes2[0]?.quantities ?? []).filter(({ rule: rule2 }) => rule2.multiple > 1).flatMap(({ id, label }) => {
    const shared = stepsOf2(sizes2, id).filter(
      ({ same, wanted, repeat: repeat2 }) => same !== null && wanted >= WORTH_TELLING && wanted < repeat2
    );
    if (shared.length === 0) return [];
    const pairs = shared.map(
      ({ from, to, same, wanted }) => say`${from} and ${to} (${same}, ${cm(wanted)} apart)`
    );
    return [
      {
        level: "tip",
        code: "sizes-share",
        where: id,
        message: say`${label}: sizes share a count where they differ by less than a repeat of ${cm(shared.at(-1).repeat)}: ${listed(pairs)}.`
      }
    ];
  });
}

// packages/core/src/body/derive.ts
var ADULT = {
  bust: [
    { from: "waist", share: 0.98, plus: 19 },
    { from: "hip", share: 1.1, plus: -15 },
    { from: "shoulders", share: 0.95, plus: -6 },
    { from: "upperArm", share: 2.9, plus: 7 }
  ],
  waist: [{ from: "bust", share: 0.98, plus: -17 }],
  hip: [{ from: "bust", share: 0.9, plus: 16 }],
  shoulders: [{ from: "bust", share: 0.72, plus: 36 }],
  crossBack: [{ from: "bust", share: 0.14, plus: 26 }],
  neck: [{ from: "bust", share: 0.12, plus: 25 }],
  head: [{ from: "bust", share: 0.03, plus: 53 }],
  upperArm: [{ from: "bust", share: 0.31, plus: 0.5 }],
  wrist: [{ from: "bust", share: 0.06, plus: 10 }],
  height: [{ from: "bust", share: 0, plus: 168 }],
  underarmToWrist: [{ from: "height", share: 0.26, plus: 0.5 }],
  armholeDepth: [{ from: "bust", share: 0.12, plus: 7.5 }],
  shoulderToWrist: [{ from: "underarmToWrist", share: 1, plus: 14 }],
  backWaist: [{ from: "height", share: 0.25, plus: 1 }],
  backLength: [{ from: "backWaist", share: 1, plus: 2 }],
  frontLength: [{ from: "backLength", share: 1, plus: 2.5 }],
  wingspan: [{ from: "height", share: 0.78, plus: 0 }]
};
var CHILD = {
  bust: [
    { from: "height", share: 0.42, plus: 15 },
    { from: "waist", share: 1.1, plus: 0.5 },
    { from: "hip", share: 0.9, plus: 2.5 }
  ],
  height: [{ from: "bust", share: 2.2, plus: -22 }],
  waist: [{ from: "bust", share: 0.75, plus: 12 }],
  hip: [{ from: "bust", share: 1.1, plus: -3 }],
  shoulders: [{ from: "bust", share: 1.1, plus: 1 }],
  crossBack: [{ from: "bust", share: 0.4, plus: 1 }],
  neck: [{ from: "bust", share: 0.27, plus: 10 }],
  head: [{ from: "bust", share: 0.12, plus: 44 }],
  upperArm: [{ from: "bust", share: 0.28, plus: 2 }],
  wrist: [{ from: "bust", share: 0.11, plus: 6 }],
  underarmToWrist: [{ from: "height", share: 0.285, plus: -4 }],
  armholeDepth: [{ from: "bust", share: 0.22, plus: 0.8 }],
  shoulderToWrist: [{ from: "underarmToWrist", share: 1.1, plus: 6.5 }],
  backWaist: [{ from: "height", share: 0.2, plus: 3 }],
  backLength: [{ from: "backWaist", share: 1, plus: 1 }],
  frontLength: [{ from: "backLength", share: 1, plus: 0 }],
  wingspan: [{ from: "height", share: 0.78, plus: 0 }]
};
var BABY = {
  ...CHILD,
  bust: [
    { from: "height", share: 0.4, plus: 14 },
    { from: "waist", share: 0.95, plus: 2 },
    { from: "head", share: 1, plus: 0 }
  ],
  waist: [{ from: "bust", share: 0.95, plus: 0 }],
  hip: [{ from: "bust", share: 1.02, plus: 0 }],
  head: [{ from: "bust", share: 0.6, plus: 18 }],
  shoulderToWrist: [{ from: "underarmToWrist", share: 1, plus: 6.5 }]
};
var RULES = {
  adult: ADULT,
  child: CHILD,
  baby: BABY
};
function ruleInWords2({ from, share, plus: plus2 }) {
  const source = measurement(from).label.toLowerCase();
  if (share === 0) return say`taken as ${cm(plus2)}, nothing better being known`;
  const times = share === 1 ? "" : `${Math.round(share * 1e3) / 10} % of `;
  return plus2 === 0 ? say`${times}${source}` : say`${times}${source} ${plus2 < 0 ? "less" : "plus"} ${cm(Math.abs(plus2))}`;
}
function completeBody(entered, group2) {
  const body2 = {};
  for (const { id } of MEASUREMENTS) if (entered[id] !== void 0) body2[id] = entered[id];
  const derived = /* @__PURE__ */ new Map();
  const rules = RULES[group2];
  for (let changed = true; changed; ) {
    changed = false;
    for (const { id } of MEASUREMENTS) {
      if (body2[id] !== void 0) continue;
      const rule2 = rules[id]?.find(({ from }) => body2[from] !== void 0);
      if (!rule2) continue;
      const value = tidy(Math.max(1, rule2.share * body2[rule2.from] + rule2.plus));
      body2[id] = value;
      derived.set(id, { id, cm: value, rule: ruleInWords2(rule2) });
      changed = true;
    }
  }
  return body2.bust === void 0 ? null : { body: body2, derived };
}

// packages/core/src/fit/problem.ts
var WISH_COST = 2;
var HAIR = { counts: 0.1, cm: 0.1 };
var EPSILON = 1e-9;
function asWanted(perCm2) {
  return Math.min(HAIR.counts / perCm2, HAIR.cm) + EPSILON;
}
function breaksWish({ rounding, target, perCm: perCm2 }, count) {
  const over = count / perCm2 - target;
  if (rounding === "not over") return over > asWanted(perCm2);
  if (rounding === "not under") return over < -asWanted(perCm2);
  return false;
}
function costOf(quantity2, count) {
  const over = count / quantity2.perCm - quantity2.target;
  const distance2 = quantity2.weight * Math.abs(over);
  return breaksWish(quantity2, count) ? distance2 + WISH_COST : distance2;
}
function costOfCounts({ quantities, helpers }, counts) {
  const ofQuantities = quantities.reduce((sum2, quantity2) => sum2 + costOf(quantity2, counts[quantity2.id]), 0);
  return helpers.reduce((sum2, { id, min, costs }) => sum2 + (costs?.[counts[id] - min] ?? 0), ofQuantities);
}
function holds({ kind, terms, total, when }, counts) {
  if (when && counts[when.choice] !== when.is) return true;
  const sum2 = terms.reduce((all, { of, times }) => all + times * counts[of], 0);
  if (kind === "equal") return Math.abs(sum2 - total) < 1e-6;
  return kind === "at most" ? sum2 <= total + 1e-6 : sum2 >= total - 1e-6;
}

// packages/core/src/fit/eliminate.ts
var MOST_CELLS = 8e6;
var EPSILON2 = 1e-7;
var REST = 0;
var FACTOR = 1;
var EQUAL = 2;
var CONDITION = 3;
var CONDITION_IS = 4;
var SLOPES = 5;
var PreparedStep = class {
  constructor(problem2, step, prepared, tables) {
    this.problem = problem2;
    this.step = step;
    const { variables, relations: all } = problem2;
    const { variable, scope, relations, tables: used2 } = step;
    const width = scope.length;
    this.width = width;
    this.own = variables[variable];
    this.strides = new Int32Array(width);
    this.at = new Int32Array(width);
    for (let s = 0; s < width; s += 1) {
      this.strides[s] = this.cells;
      this.cells *= variables[scope[s]].size;
      if (this.cells > MOST_CELLS) break;
    }
    this.relations = new Float64Array(relations.length * (SLOPES + width));
    for (let r = 0; r < relations.length; r += 1) {
      const { at, own, scope: places } = relations[r];
      const { equal, times, total, when, variables: tied } = all[at];
      const base = r * (SLOPES + width);
      let rest = total;
      for (let s = 0; s < width; s += 1) {
        const place = places[s];
        if (place < 0) continue;
        const { first, step: by } = variables[scope[s]];
        rest -= times[place] * first;
        this.relations[base + SLOPES + s] = times[place] * by;
      }
      this.relations[base + REST] = rest;
      this.relations[base + FACTOR] = times[own];
      this.relations[base + EQUAL] = equal ? 1 : 0;
      this.relations[base + CONDITION] = -2;
      if (when === void 0) continue;
      const last = tied.length - 1;
      const condition = variables[tied[last]];
      this.relations[base + CONDITION] = own === last ? -1 : places.indexOf(last);
      this.relations[base + CONDITION_IS] = (when - condition.first) / condition.step;
    }
    this.moves = new Int32Array(used2.length * (2 + width));
    for (let t = 0; t < used2.length; t += 1) {
      const { step: from, own, scope: places } = used2[t];
      const base = t * (2 + width);
      const { strides } = prepared[from];
      this.used.push(tables[from]);
      this.moves[base + 1] = strides[own];
      for (let s = 0; s < width; s += 1) this.moves[base + 2 + s] = places[s] < 0 ? 0 : strides[places[s]];
    }
  }
  problem;
  step;
  width;
  own;
  strides;
  cells = 1;
  /** Indexes of the scope's values that are looked at. */
  at;
  /** Indexes of the own values that the relations allow: from low to high, less those marked in `barred`. */
  low = 0;
  high = 0;
  barred = 0;
  /** For each relation the fields above, and its slope along each scope variable. */
  relations;
  /** The tables used up here; for each where its cells begin, how far an own step moves in it, and each scope step. */
  used = [];
  moves;
  /** Combinations of values that it looks at, at most. */
  get work() {
    return this.bound ? this.cells : this.cells * this.own.size;
  }
  /** Whether the own variable follows from the others, so that its values need not be searched. */
  get bound() {
    const size2 = SLOPES + this.width;
    for (let base = 0; base < this.relations.length; base += size2)
      if (this.relations[base + EQUAL] === 1 && this.relations[base + CONDITION] === -2) return true;
    return false;
  }
  /** Finds the own values that the relations allow beside the scope's values in `at`; false when there are none. */
  reach() {
    const { at, width, relations, moves } = this;
    const { first, step, size: size2 } = this.own;
    let low = 0;
    let high = size2 - 1;
    let barred = 0;
    for (let base = 0; base < relations.length; base += SLOPES + width) {
      const condition = relations[base + CONDITION];
      if (condition >= 0 && at[condition] !== relations[base + CONDITION_IS]) continue;
      let left = relations[base + REST];
      for (let s = 0; s < width; s += 1) left -= relations[base + SLOPES + s] * at[s];
      const equal = relations[base + EQUAL] === 1;
      if (condition === -1) {
        const needed = relations[base + CONDITION_IS];
        const broken = equal ? Math.abs(left) > EPSILON2 : left < -EPSILON2;
        if (broken && needed >= 0 && needed < size2) barred |= 1 << needed;
        continue;
      }
      const factor = relations[base + FACTOR];
      const index = (left / factor - first) / step;
      if (equal) {
        const whole = Math.round(index);
        if (whole < low || whole > high || Math.abs(whole - index) > EPSILON2) return false;
        low = whole;
        high = whole;
      } else if (factor > 0) {
        const most = Math.floor(index + EPSILON2);
        if (most < high) high = most;
      } else {
        const least = Math.ceil(index - EPSILON2);
        if (least > low) low = least;
      }
      if (low > high) return false;
    }
    this.low = low;
    this.high = high;
    this.barred = barred;
    for (let base = 0; base < moves.length; base += 2 + width) {
      let cell = 0;
      for (let s = 0; s < width; s += 1) cell += moves[base + 2 + s] * at[s];
      moves[base] = cell;
    }
    return true;
  }
  /** Cost of the own value k beside the scope's values that were reached for; Infinity where it cannot be. */
  costOf(k) {
    if (this.barred !== 0 && this.barred >> k & 1) return Infinity;
    const { used: used2, moves, width } = this;
    let cost = this.own.costs[k];
    for (let t = 0; t < used2.length; t += 1) {
      const base = t * (2 + width);
      cost += used2[t].costs[moves[base] + moves[base + 1] * k];
    }
    return cost;
  }
  /** The table cell of the values in `at`. */
  cell() {
    let cell = 0;
    for (let s = 0; s < this.width; s += 1) cell += this.strides[s] * this.at[s];
    return cell;
  }
  /** Fills the table; "infeasible" when nothing is allowed anywhere. */
  fill() {
    const { cells, width, at, problem: problem2 } = this;
    const { scope } = this.step;
    const costs = new Float64Array(cells);
    const choice2 = new Int32Array(cells);
    let feasible = false;
    for (let cell = 0; cell < cells; cell += 1) {
      let least = Infinity;
      let chosen = -1;
      if (this.reach())
        for (let k = this.low; k <= this.high; k += 1) {
          const cost = this.costOf(k);
          if (cost < least) {
            least = cost;
            chosen = k;
          }
        }
      costs[cell] = least;
      choice2[cell] = chosen;
      if (chosen >= 0) feasible = true;
      for (let s = 0; s < width; s += 1) {
        at[s] += 1;
        if (at[s] < problem2.variables[scope[s]].size) break;
        at[s] = 0;
      }
    }
    return feasible ? { costs, choice: choice2 } : "infeasible";
  }
};
function workAll(problem2, effort) {
  const prepared = [];
  const tables = [];
  let cost = 0;
  let kept = 0;
  for (const step of problem2.steps) {
    const ready = new PreparedStep(problem2, step, prepared, tables);
    kept += ready.cells;
    if (kept > MOST_CELLS || ready.work > effort.left) return "too hard";
    effort.left -= ready.work;
    const table = ready.fill();
    if (table === "infeasible") return table;
    prepared.push(ready);
    tables.push(table);
    if (step.scope.length === 0) cost += table.costs[0];
  }
  return { cost, prepared, tables };
}
function eliminate(problem2, effort) {
  const done = workAll(problem2, effort);
  if (typeof done === "string") return done;
  const { cost, prepared, tables } = done;
  const chosen = new Int32Array(problem2.variables.length);
  for (let i = prepared.length - 1; i >= 0; i -= 1) {
    const ready = prepared[i];
    const { variable, scope } = ready.step;
    for (let s = 0; s < scope.length; s += 1) ready.at[s] = chosen[scope[s]];
    chosen[variable] = tables[i].choice[ready.cell()];
  }
  const work2 = prepared.reduce((sum2, ready) => sum2 + ready.work, 0);
  return { cost, indexes: problem2.variables.map(({ offset }, i) => chosen[i] + offset), work: work2 };
}
function eliminateAll(problem2, limit, most, effort) {
  const done = workAll(problem2, effort);
  if (done === "infeasible") return [];
  if (done === "too hard") return done;
  const { prepared, tables, cost } = done;
  const chosen = new Int32Array(problem2.variables.length);
  const found = [];
  const choose = (i, spent) => {
    if (i < 0) {
      if (found.length >= most) return false;
      found.push({ cost: spent, indexes: problem2.variables.map(({ offset }, v2) => chosen[v2] + offset) });
      return true;
    }
    const ready = prepared[i];
    const { variable, scope } = ready.step;
    for (let s = 0; s < scope.length; s += 1) ready.at[s] = chosen[scope[s]];
    const least = tables[i].costs[ready.cell()];
    if (!ready.reach()) return true;
    const options = [];
    for (let k = ready.low; k <= ready.high; k += 1) {
      const extra = ready.costOf(k) - least;
      if (spent + extra <= limit) options.push([k, extra]);
    }
    for (const [k, extra] of options) {
      chosen[variable] = k;
      if (!choose(i - 1, spent + extra)) return false;
    }
    return true;
  };
  return choose(prepared.length - 1, cost) ? found : "too many";
}

// packages/core/src/fit/lattice.ts
function heldAt(counts) {
  return Object.fromEntries(Object.entries(counts).map(([id, count]) => [id, { min: count, max: count }]));
}
var MICRO = 1e6;
var COST = 2 ** 20;
var CHANGE = 2 ** 15;
function wholeCost(cm2) {
  return Math.round(cm2 * MICRO) * COST;
}
function costAt(lattice, index) {
  const value = lattice.base + lattice.step * index;
  if (lattice.quantity) return costOf(lattice.quantity, value);
  const { helper } = lattice;
  return helper?.costs?.[value - helper.min] ?? 0;
}
function latticeOf(item, min, max, preferred) {
  const quantity2 = "target" in item ? item : null;
  const helper = "target" in item ? null : item;
  const step = quantity2?.rule.multiple ?? 1;
  const base = quantity2 ? quantity2.rule.plus : 0;
  const low = Math.max(quantity2 ? 0 : -Infinity, Math.ceil((min - base) / step - 1e-9));
  const high = Math.floor((max - base) / step + 1e-9);
  if (low > high) return null;
  const aim = quantity2 ? quantity2.target * quantity2.perCm : preferred ?? min;
  const near = Math.min(high, Math.max(low, Math.floor((aim - base) / step)));
  const lattice = { id: item.id, quantity: quantity2, helper, base, step, low, high, best: near, least: 0 };
  const [from, to] = quantity2 ? [Math.max(low, near - 1), Math.min(high, near + 2)] : helper?.costs ? [low, high] : [near, near];
  let least = costAt(lattice, near);
  for (let index = from; index <= to; index += 1) {
    const cost = costAt(lattice, index);
    if (cost < least) {
      least = cost;
      lattice.best = index;
    }
  }
  lattice.least = least;
  return lattice;
}
function latticesOf(problem2, bounds, prefer) {
  const lattices = [];
  const unknowns = [...problem2.quantities, ...problem2.helpers];
  for (const item of unknowns) {
    const bound = bounds[item.id];
    const min = Math.max(item.min, bound?.min ?? -Infinity);
    const max = Math.min(item.max, bound?.max ?? Infinity);
    const lattice = latticeOf(item, min, max, prefer[item.id]);
    if (!lattice) return null;
    lattices.push(lattice);
  }
  return lattices;
}
function within(lattice, low, high) {
  const left = { ...lattice, low, high };
  left.best = Math.min(high, Math.max(low, lattice.best));
  if (lattice.helper?.costs) {
    for (let index = low; index <= high; index += 1)
      if (costAt(left, index) < costAt(left, left.best)) left.best = index;
  }
  left.least = costAt(left, left.best);
  return left;
}
function linearRelations(problem2, lattices) {
  const indexOf = /* @__PURE__ */ new Map();
  for (let i = 0; i < lattices.length; i += 1) indexOf.set(lattices[i].id, i);
  return problem2.relations.map(({ kind, terms, total, when }) => {
    const sign = kind === "at least" ? -1 : 1;
    const variables = [];
    const times = [];
    for (const term of terms) {
      variables.push(indexOf.get(term.of));
      times.push(sign * term.times);
    }
    const linear2 = {
      equal: kind === "equal",
      variables,
      times,
      total: sign * total,
      when: when?.is
    };
    if (when) {
      variables.push(indexOf.get(when.choice));
      times.push(0);
    }
    return linear2;
  });
}
function groupsOf(size2, ties) {
  const groups = [];
  for (let i = 0; i < size2; i += 1) groups.push(i);
  const leader = (i) => {
    let one2 = i;
    while (groups[one2] !== one2) one2 = groups[one2];
    return one2;
  };
  for (const { variables } of ties) {
    const first = leader(variables[0]);
    for (let i = 1; i < variables.length; i += 1) groups[leader(variables[i])] = first;
  }
  return groups.map((_, i) => leader(i));
}
function windowed(lattices, low, high, prefer) {
  return lattices.map((lattice, i) => {
    const { id, base, step } = lattice;
    const first = base + step * low[i];
    const size2 = high[i] - low[i] + 1;
    if (!lattice.quantity && !lattice.helper?.costs)
      return { first, step, size: size2, offset: low[i], costs: nothing(size2) };
    const costs = new Float64Array(size2);
    const preferred = prefer[id] ?? NaN;
    for (let k = 0; k < size2; k += 1) {
      const change2 = !Number.isNaN(preferred) && preferred !== first + step * k ? CHANGE : 0;
      costs[k] = wholeCost(costAt(lattice, low[i] + k)) + change2 + step * k;
    }
    return { first, step, size: size2, offset: low[i], costs };
  });
}
var zeros = new Float64Array(0);
function nothing(size2) {
  if (zeros.length < size2) zeros = new Float64Array(2 * size2);
  return zeros;
}

// packages/core/src/fit/narrow.ts
var MOST_ROUNDS = 60;
function narrow(lattices, relations) {
  const low = lattices.map((lattice) => lattice.low);
  const high = lattices.map((lattice) => lattice.high);
  const firm = relations.filter(({ when }) => when === void 0);
  for (let round4 = 0; round4 < MOST_ROUNDS; round4 += 1) {
    let changed = false;
    for (const relation of firm) {
      const { equal, variables, times, total } = relation;
      if (equal && !reachesTotal(lattices, low, high, relation)) return { clash: relation };
      const ends2 = variables.map((v2, i) => {
        const { base, step } = lattices[v2];
        const [a, b] = [times[i] * (base + step * low[v2]), times[i] * (base + step * high[v2])];
        return a < b ? [a, b] : [b, a];
      });
      const least = ends2.reduce((sum2, [end]) => sum2 + end, 0);
      const most = ends2.reduce((sum2, [, end]) => sum2 + end, 0);
      for (let i = 0; i < variables.length; i += 1) {
        const v2 = variables[i];
        const { base, step } = lattices[v2];
        const factor = times[i];
        const upper = (total - (least - ends2[i][0])) / factor;
        const lower2 = equal ? (total - (most - ends2[i][1])) / factor : factor > 0 ? -Infinity : Infinity;
        const [from, to] = factor > 0 ? [lower2, upper] : [upper, lower2];
        const first = Number.isFinite(from) ? Math.ceil((from - base) / step - 1e-7) : low[v2];
        const last = Number.isFinite(to) ? Math.floor((to - base) / step + 1e-7) : high[v2];
        if (first > low[v2]) {
          low[v2] = first;
          changed = true;
        }
        if (last < high[v2]) {
          high[v2] = last;
          changed = true;
        }
        if (low[v2] > high[v2]) return { clash: relation };
      }
    }
    if (!changed) break;
  }
  return { left: lattices.map((lattice, i) => within(lattice, low[i], high[i])) };
}
function reachesTotal(lattices, low, high, { variables, times, total }) {
  let divisor = 0;
  let left = total;
  variables.forEach((v2, i) => {
    const { base, step } = lattices[v2];
    left -= times[i] * (base + step * low[v2]);
    if (low[v2] < high[v2]) divisor = commonDivisor(divisor, Math.abs(times[i] * step));
  });
  return divisor === 0 ? Math.abs(left) < 1e-7 : Math.abs(left) % divisor === 0;
}
function commonDivisor(a, b) {
  return b === 0 ? a : commonDivisor(b, a % b);
}

// packages/core/src/fit/order.ts
function orderOf(ties, sizes2, memory) {
  const key = memory ? formOf(ties, sizes2.length) : void 0;
  const known = key === void 0 ? void 0 : memory?.get(key);
  if (known) return known;
  const steps = findOrder(ties, sizes2);
  if (key !== void 0) memory?.set(key, steps);
  return steps;
}
function formOf(ties, unknowns) {
  let form = `${unknowns}`;
  for (const tie of ties) {
    form += isFirm(tie) ? "=" : "<";
    for (const variable of tie.variables) form += String.fromCharCode(32 + variable);
  }
  return form;
}
function isFirm({ equal, when }) {
  return equal && when === void 0;
}
function findOrder(ties, sizes2) {
  const graph = graphOf(sizes2.length, ties);
  const steps = [];
  const open = new Set(ties.map((_, at) => at));
  const tables = /* @__PURE__ */ new Set();
  while (graph.left.length > 0) {
    const variable = nextVariable(sizes2, graph);
    const scope = [...graph.met[variable]].sort((a, b) => a - b);
    const placesIn = (list) => ({
      own: list.indexOf(variable),
      scope: scope.map((other) => list.indexOf(other))
    });
    const mine = [...open].filter((at) => ties[at].variables.includes(variable));
    const used2 = [...tables].filter((step) => steps[step].scope.includes(variable));
    for (const at of mine) open.delete(at);
    for (const step of used2) tables.delete(step);
    takeOut(
      graph,
      variable,
      mine.map((at) => ties[at])
    );
    tables.add(steps.length);
    steps.push({
      variable,
      scope,
      relations: mine.map((at) => ({ at, ...placesIn(ties[at].variables) })),
      tables: used2.map((step) => ({ step, ...placesIn(steps[step].scope) }))
    });
  }
  return steps;
}
function graphOf(size2, ties) {
  const left = Array.from({ length: size2 }, (_, i) => i);
  const met = left.map(() => /* @__PURE__ */ new Set());
  const equalities = left.map(() => 0);
  for (const tie of ties)
    for (const variable of tie.variables) {
      if (isFirm(tie)) equalities[variable] += 1;
      for (const other of tie.variables) if (other !== variable) met[variable].add(other);
    }
  return { left, met, equalities };
}
function nextVariable(sizes2, { left, met, equalities }) {
  let best = -1;
  let least = Infinity;
  for (const variable of left) {
    let work2 = equalities[variable] > 0 ? 1 : sizes2[variable];
    for (const other of met[variable]) work2 *= sizes2[other];
    if (work2 < least) {
      least = work2;
      best = variable;
    }
  }
  return best;
}
function takeOut({ left, met, equalities }, variable, ties) {
  left.splice(left.indexOf(variable), 1);
  for (const tie of ties) if (isFirm(tie)) for (const other of tie.variables) equalities[other] -= 1;
  for (const one2 of met[variable]) {
    met[one2].delete(variable);
    for (const other of met[variable]) if (one2 !== other) met[one2].add(other);
  }
}

// packages/core/src/fit/prices.ts
var STEPS = 60;
var EPSILON3 = 1e-9;
function reachByPrices(lattices, relations, upper) {
  const costed = lattices.map((lattice) => hasCost(lattice));
  const rows2 = rowsBetween(lattices, relations, costed);
  const charge = bestCharge(lattices, costed, rows2, upper);
  return lattices.map((lattice, i) => {
    if (!costed[i]) return [lattice.low, lattice.high];
    const most = charge.least[i] + Math.max(0, upper - charge.bound);
    let { low, high } = lattice;
    while (low < high && charged(lattice, low, charge.prices[i]) > most) low += 1;
    while (high > low && charged(lattice, high, charge.prices[i]) > most) high -= 1;
    return [low, high];
  });
}
function hasCost({ quantity: quantity2, helper }) {
  return quantity2 !== null || helper?.costs !== void 0;
}
function rowsBetween(lattices, relations, costed) {
  let rows2 = relations.filter(({ when }) => when === void 0).map(({ equal, variables, times, total }) => {
    const row = { equal, times: new Float64Array(lattices.length), total };
    variables.forEach((variable, i) => row.times[variable] += times[i]);
    return row;
  });
  costed.forEach((has, variable) => {
    if (has) return;
    const tied = rows2.filter(({ times }) => times[variable] !== 0);
    const fixes = tied.find(({ equal }) => equal);
    if (fixes) {
      for (const row of tied)
        if (row !== fixes) takeAway(row, fixes, row.times[variable] / fixes.times[variable]);
    }
    rows2 = rows2.filter((row) => fixes ? row !== fixes : !tied.includes(row));
  });
  return rows2.filter(scaled).map(({ equal, times, total }) => {
    const variables = [];
    times.forEach((each2, variable) => each2 !== 0 && variables.push(variable));
    return { equal, variables, times: variables.map((variable) => times[variable]), total };
  });
}
function takeAway(row, other, factor) {
  for (let i = 0; i < row.times.length; i += 1) {
    row.times[i] -= factor * other.times[i];
    if (Math.abs(row.times[i]) < EPSILON3) row.times[i] = 0;
  }
  row.total -= factor * other.total;
}
function scaled(row) {
  const length2 = Math.hypot(...row.times);
  if (length2 === 0) return false;
  for (let i = 0; i < row.times.length; i += 1) row.times[i] /= length2;
  row.total /= length2;
  return true;
}
function bestCharge(lattices, costed, rows2, upper) {
  const prices = new Float64Array(rows2.length);
  const slope = new Float64Array(rows2.length);
  const values = new Float64Array(lattices.length);
  let best = null;
  let share = 1;
  for (let step = 0; step < STEPS; step += 1) {
    const charge = {
      prices: new Float64Array(lattices.length),
      least: new Float64Array(lattices.length),
      bound: 0
    };
    for (let r = 0; r < rows2.length; r += 1) {
      const { variables, times, total } = rows2[r];
      charge.bound -= prices[r] * total;
      for (let k = 0; k < variables.length; k += 1) charge.prices[variables[k]] += prices[r] * times[k];
    }
    for (let i = 0; i < lattices.length; i += 1) {
      if (!costed[i]) continue;
      const lattice = lattices[i];
      const index = cheapest(lattice, charge.prices[i]);
      charge.least[i] = charged(lattice, index, charge.prices[i]);
      charge.bound += charge.least[i];
      values[i] = lattice.base + lattice.step * index;
    }
    if (!best || charge.bound > best.bound + EPSILON3) best = charge;
    else share *= 0.8;
    let length2 = 0;
    for (let r = 0; r < rows2.length; r += 1) {
      const { equal, variables, times, total } = rows2[r];
      let excess = -total;
      for (let k = 0; k < variables.length; k += 1) excess += times[k] * values[variables[k]];
      slope[r] = !equal && prices[r] === 0 && excess < 0 ? 0 : excess;
      length2 += slope[r] * slope[r];
    }
    const gap = upper - charge.bound;
    if (length2 < EPSILON3 || gap < EPSILON3) break;
    for (let r = 0; r < rows2.length; r += 1) {
      const price = prices[r] + share * gap * slope[r] / length2;
      prices[r] = rows2[r].equal ? price : Math.max(0, price);
    }
  }
  return best;
}
function charged(lattice, index, price) {
  return costAt(lattice, index) + price * (lattice.base + lattice.step * index);
}
function cheapest(lattice, price) {
  const { quantity: quantity2, low, high, base, step } = lattice;
  let best = low;
  let least = charged(lattice, low, price);
  const near = quantity2 ? Math.floor((quantity2.target * quantity2.perCm - base) / step) : low + 1;
  const last = quantity2 ? Math.min(high, near + 1) : high;
  for (let index = Math.max(low, near); index <= last; index += 1) {
    const cost = charged(lattice, index, price);
    if (cost < least) {
      best = index;
      least = cost;
    }
  }
  return quantity2 && charged(lattice, high, price) < least ? high : best;
}

// packages/core/src/fit/whole.ts
function hasWholeAnswer(lattices, relations) {
  const equalities = relations.filter(({ equal, when }) => equal && when === void 0);
  const left = equalities.map(({ total }) => total);
  let open = lattices.map(() => new Array(equalities.length).fill(0));
  equalities.forEach(
    ({ variables, times }, row) => variables.forEach((variable, i) => {
      const { base, step, low, high } = lattices[variable];
      left[row] -= times[i] * (low === high ? base + step * low : base);
      if (low < high) open[variable][row] += times[i] * step;
    })
  );
  for (let row = 0; row < equalities.length; row += 1) {
    const column = gathered2(open, row);
    if (column === "too large") return true;
    if (!column) {
      if (left[row] !== 0) return false;
      continue;
    }
    const whole = left[row] / column[row];
    if (!Number.isInteger(whole)) return false;
    for (let r = row; r < left.length; r += 1) left[r] -= whole * column[r];
    if (!left.every(Number.isSafeInteger)) return true;
    open = open.filter((one2) => one2 !== column);
  }
  return true;
}
function gathered2(columns, row) {
  for (; ; ) {
    let least = null;
    let others = 0;
    for (const column of columns) {
      if (column[row] === 0) continue;
      others += 1;
      if (!least || Math.abs(column[row]) < Math.abs(least[row])) least = column;
    }
    if (!least || others === 1) return least;
    for (const column of columns) {
      if (column === least || column[row] === 0) continue;
      const times = Math.round(column[row] / least[row]);
      for (let r = row; r < column.length; r += 1) column[r] -= times * least[r];
      if (!column.every(Number.isSafeInteger)) return "too large";
    }
  }
}

// packages/core/src/fit/solve.ts
function newLearned() {
  return { orders: /* @__PURE__ */ new Map(), binding: /* @__PURE__ */ new Set(), spent: 0 };
}
var MOST_WORK = 12e6;
var MOST_WORK_OF_RANGE = 1e7;
var LEAST_SLACK = 1e-4;
var FIRST_WINDOW = 1;
var GROWTH = { cheap: 4, costly: 2 };
var COSTLY = 600;
var WIDE = 9;
var NARROW = 15;
function solve(problem2, options = {}) {
  const firm = [];
  let waiting = [];
  const { learned } = options;
  const binding = learned?.binding;
  const effort = { left: options.most ?? MOST_WORK };
  for (const relation of problem2.relations)
    (relation.kind === "equal" || relation.when || binding?.has(relation.id) ? firm : waiting).push(relation);
  for (; ; ) {
    const before = effort.left;
    const answer = solveFirm({ ...problem2, relations: firm }, options, effort);
    if (learned) learned.spent += before - effort.left;
    if (answer.kind !== "solved") return answer;
    const left = [];
    for (const relation of waiting)
      if (holds(relation, answer.counts)) left.push(relation);
      else {
        firm.push(relation);
        binding?.add(relation.id);
      }
    if (left.length === waiting.length) return answer;
    waiting = left;
  }
}
function solveFirm(problem2, options, effort) {
  const { bounds = {}, prefer = {}, learned, anyAnswer = false } = options;
  let lattices = latticesOf(problem2, bounds, prefer);
  if (!lattices) return { kind: "infeasible" };
  const relations = linearRelations(problem2, lattices);
  const groups = groupsOf(lattices.length, relations);
  const widths = lattices.map(() => FIRST_WINDOW);
  let [low, high] = around(lattices, widths);
  let whole = covers(low, high, lattices);
  let narrowed2 = false;
  let cheapest3 = Infinity;
  for (; ; ) {
    const variables = windowed(lattices, low, high, prefer);
    const sizes2 = variables.map(({ size: size2 }) => size2);
    const known = eliminate(
      { variables, relations, steps: orderOf(relations, sizes2, learned?.orders) },
      effort
    );
    const attempt = known === "too hard" ? eliminate({ variables, relations, steps: orderOf(relations, sizes2) }, effort) : known;
    if (attempt === "too hard") return { kind: "too hard" };
    if (attempt === "infeasible") {
      if (!narrowed2) {
        const found = narrow(lattices, relations);
        if ("clash" in found || !hasWholeAnswer(found.left, relations)) return { kind: "infeasible" };
        lattices = found.left;
        narrowed2 = true;
        whole = covers(low, high, lattices);
      }
      if (whole) return { kind: "infeasible" };
      ({ low, high, whole } = widened(lattices, relations, widths));
      continue;
    }
    const reaches = (within2) => {
      const slack = slackOf(within2, groups, attempt.indexes);
      return within2.map((lattice, i) => reachOf(lattice, slack[groups[i]]));
    };
    const inside2 = ([first, last], i) => first >= low[i] && last <= high[i];
    let needed = reaches(lattices);
    let proven = needed.every(inside2);
    if (!proven && !narrowed2 && !anyAnswer) {
      const found = narrow(lattices, relations);
      if ("left" in found) lattices = found.left;
      narrowed2 = true;
      needed = reaches(lattices);
      proven = needed.every(inside2);
    }
    if (!proven && !anyAnswer && attempt.work > COSTLY && widest(lattices, needed) > WIDE) {
      lattices = pricedOut(lattices, relations, groups, attempt.indexes, needed);
      needed = reaches(lattices);
      proven = needed.every(inside2);
    }
    if (proven || anyAnswer) {
      const counts = {};
      lattices.forEach(({ id, base, step }, i) => counts[id] = base + step * attempt.indexes[i]);
      return { kind: "solved", counts, cost: costOfCounts(problem2, counts) };
    }
    grow(widths, attempt.work > COSTLY ? GROWTH.costly : GROWTH.cheap);
    const careful = attempt.cost < cheapest3 && widest(lattices, needed) > NARROW;
    const [lowest, highest] = careful ? around(lattices, widths) : [[], []];
    cheapest3 = attempt.cost;
    low = needed.map(([first], i) => Math.max(first, lowest[i] ?? first));
    high = needed.map(([, last], i) => Math.min(last, highest[i] ?? last));
    whole = false;
  }
}
function around(lattices, widths) {
  return [
    lattices.map(({ quantity: quantity2, low, best }, i) => quantity2 ? Math.max(low, best - widths[i]) : low),
    lattices.map(({ quantity: quantity2, high, best }, i) => quantity2 ? Math.min(high, best + widths[i]) : high)
  ];
}
function grow(widths, factor) {
  for (let i = 0; i < widths.length; i += 1) widths[i] *= factor;
}
function covers(low, high, lattices) {
  return lattices.every((lattice, i) => low[i] <= lattice.low && high[i] >= lattice.high);
}
function widened(lattices, relations, widths) {
  grow(widths, GROWTH.costly);
  for (; ; ) {
    const [low, high] = around(lattices, widths);
    const whole = covers(low, high, lattices);
    const found = narrow(
      lattices.map((lattice, i) => ({ ...lattice, low: low[i], high: high[i] })),
      relations
    );
    if ("left" in found)
      return { low: found.left.map((one2) => one2.low), high: found.left.map((one2) => one2.high), whole };
    if (whole) return { low, high, whole };
    const tied = found.clash.variables.filter(
      (i) => low[i] > lattices[i].low || high[i] < lattices[i].high
    );
    if (tied.length === 0) grow(widths, GROWTH.costly);
    for (const i of tied) widths[i] *= GROWTH.costly;
  }
}
function reachOf(lattice, slack) {
  const { quantity: quantity2, base, step, low, high, least } = lattice;
  if (!quantity2) return [low, high];
  const reach = (slack + least) / quantity2.weight;
  return [
    Math.max(low, Math.ceil(((quantity2.target - reach) * quantity2.perCm - base) / step - 1e-9)),
    Math.min(high, Math.floor(((quantity2.target + reach) * quantity2.perCm - base) / step + 1e-9))
  ];
}
function widest(lattices, reaches) {
  return reaches.reduce(
    (most, [first, last], i) => lattices[i].quantity ? Math.max(most, last - first + 1) : most,
    0
  );
}
function pricedOut(lattices, relations, groups, indexes, reaches) {
  const left = lattices.map((lattice, i) => within(lattice, ...reaches[i]));
  for (const group2 of new Set(groups)) {
    const members = lattices.flatMap((_, i) => groups[i] === group2 ? [i] : []);
    if (members.length === 1) continue;
    const place = new Map(members.map((member, i) => [member, i]));
    const between4 = relations.filter(({ variables }) => place.has(variables[0])).map((relation) => ({
      ...relation,
      variables: relation.variables.map((variable) => place.get(variable))
    }));
    const upper = members.reduce((sum2, i) => sum2 + costAt(lattices[i], indexes[i]), LEAST_SLACK);
    const reach = reachByPrices(
      members.map((i) => left[i]),
      between4,
      upper
    );
    members.forEach((member, i) => left[member] = within(left[member], ...reach[i]));
  }
  return left;
}
function slackOf(lattices, groups, indexes) {
  const slack = new Array(lattices.length).fill(LEAST_SLACK);
  lattices.forEach((lattice, i) => {
    slack[groups[i]] += costAt(lattice, indexes[i]) - lattice.least;
  });
  return slack;
}

// packages/core/src/fit/clash.ts
var MOST_STEPS = 12;
var MOST_TRIALS = 100;
function checkPins(problem2, pins, works = () => true) {
  const kept = {};
  const broken = [];
  const clashes = [];
  const byId = new Map(problem2.quantities.map((quantity2) => [quantity2.id, quantity2]));
  for (const [quantity2, count] of Object.entries(pins)) {
    const found = byId.get(quantity2);
    const aside = (reason) => broken.push({ quantity: quantity2, count, reason, waysOut: [] });
    if (!found) aside("unknown");
    else if (!isLegal(count, found.rule) && !(count === 0 && found.min === 0)) aside("rule");
    else if (count < found.min || count > found.max) aside("bounds");
    else kept[quantity2] = count;
  }
  for (; ; ) {
    const held = Object.entries(kept).map(([quantity2, count]) => ({ kind: "pin", quantity: quantity2, count }));
    const rules = demandsOf(problem2);
    if (can(problem2, [...held, ...rules])) return withWaysOut(problem2, { kept, broken, clashes }, works);
    const pinned = smallest(held, (set) => can(problem2, [...set, ...rules]));
    if (pinned.length === 0) return { kept, broken, clashes };
    const clash = clashOf(problem2, [
      ...pinned,
      ...smallest(rules, (set) => can(problem2, [...pinned, ...set]))
    ]);
    clashes.push(clash);
    for (const demand of pinned) if (demand.kind === "pin") delete kept[demand.quantity];
  }
}
function withWaysOut(problem2, { kept, broken, clashes }, works) {
  const rules = demandsOf(problem2);
  const wayOut = (quantity2, count, others) => nearestThatWork(problem2, quantity2, count, (tried) => {
    const held = { ...others, [quantity2]: tried };
    const demands = Object.entries(held).map(([of, many]) => ({
      kind: "pin",
      quantity: of,
      count: many
    }));
    return can(problem2, [...demands, ...rules]) && works(held);
  });
  return {
    kept,
    broken: broken.map(
      (one2) => one2.reason === "unknown" ? one2 : { ...one2, waysOut: wayOut(one2.quantity, one2.count, kept) }
    ),
    clashes: clashes.map((clash) => {
      const pins = clash.demands.filter((demand) => demand.kind === "pin");
      const waysOut = pins.map(({ quantity: quantity2, count }) => {
        const others = pins.filter((other) => other.quantity !== quantity2);
        const held = Object.fromEntries(others.map((other) => [other.quantity, other.count]));
        return [quantity2, wayOut(quantity2, count, { ...kept, ...held })];
      });
      return { ...clash, waysOut: Object.fromEntries(waysOut) };
    })
  };
}
function clashingRules(problem2) {
  const rules = demandsOf(problem2);
  if (can(problem2, rules)) return null;
  return clashOf(
    problem2,
    smallest(rules, (set) => can(problem2, set))
  );
}
function demandsOf({ quantities, relations }) {
  return [
    ...quantities.flatMap(
      ({ id, rule: rule2 }) => rule2.multiple > 1 || rule2.plus > 0 ? [{ kind: "count rule", quantity: id, rule: rule2 }] : []
    ),
    ...[...new Set(relations.map(({ rule: rule2 }) => rule2))].map((rule2) => ({
      kind: "garment rule",
      rule: rule2
    }))
  ];
}
function can(problem2, demands) {
  const rules = new Set(demands.flatMap((demand) => demand.kind === "garment rule" ? [demand.rule] : []));
  const counted = new Map(
    demands.flatMap(
      (demand) => demand.kind === "count rule" ? [[demand.quantity, demand.rule]] : []
    )
  );
  const bounds = Object.fromEntries(
    demands.flatMap(
      (demand) => demand.kind === "pin" ? [[demand.quantity, { min: demand.count, max: demand.count }]] : []
    )
  );
  const eased2 = {
    quantities: problem2.quantities.map((quantity2) => ({
      ...quantity2,
      rule: counted.get(quantity2.id) ?? ANY_COUNT
    })),
    helpers: problem2.helpers,
    relations: problem2.relations.filter(({ rule: rule2 }) => rules.has(rule2))
  };
  return solve(eased2, { bounds, anyAnswer: true }).kind !== "infeasible";
}
function smallest(demands, holds2) {
  if (holds2(demands)) return [];
  let set = [...demands];
  for (const demand of demands) {
    const without = set.filter((other) => other !== demand);
    if (!holds2(without)) set = without;
  }
  let trials = 0;
  for (let size2 = 1; size2 < set.length; size2 += 1)
    for (const smaller of setsOf(demands, size2)) {
      if ((trials += 1) > MOST_TRIALS) return set;
      if (!holds2(smaller)) return smaller;
    }
  return set;
}
function* setsOf(items, size2, from = 0) {
  if (size2 === 0) {
    yield [];
    return;
  }
  for (let i = from; i <= items.length - size2; i += 1)
    for (const rest of setsOf(items, size2 - 1, i + 1)) yield [items[i], ...rest];
}
function clashOf(problem2, demands) {
  const pinned = demands.some(({ kind }) => kind === "pin");
  const rest = (quantity2) => demands.filter((demand) => demand.kind !== "count rule" || demand.quantity !== quantity2);
  const ruled = demands.filter((demand) => demand.kind === "count rule");
  return {
    demands,
    waysOut: {},
    needs: ruled.flatMap(({ quantity: quantity2, rule: { multiple, plus: plus2 } }) => {
      if (multiple > 12) return [];
      const works = Array.from({ length: multiple }, (_, i) => ({ multiple, plus: i })).filter((other) => other.plus !== plus2 % multiple).filter((rule2) => can(problem2, [...rest(quantity2), { kind: "count rule", quantity: quantity2, rule: rule2 }]));
      return works.length === 1 ? [{ quantity: quantity2, rule: works[0] }] : [];
    }),
    widerRules: pinned ? [] : ruled.flatMap((demand) => widerThatWorks(problem2, demand, rest))
  };
}
function widerThatWorks(problem2, { quantity: quantity2, rule: { multiple, plus: plus2 } }, rest) {
  for (let wider = Math.floor(multiple / 2); wider >= 1; wider -= 1) {
    if (multiple % wider !== 0) continue;
    const rule2 = { multiple: wider, plus: plus2 % wider };
    if (can(problem2, [...rest(quantity2), { kind: "count rule", quantity: quantity2, rule: rule2 }]))
      return [{ quantity: quantity2, rule: rule2 }];
  }
  return [];
}
function nearestThatWork({ quantities }, id, count, works) {
  const { rule: rule2, min, max } = quantities.find((quantity2) => quantity2.id === id);
  const below = legalAtMost(count - 1, rule2) ?? -Infinity;
  const above2 = legalAtLeast(count + 1, rule2);
  const found = [];
  for (let step = 0; step < MOST_STEPS && found.length < 2; step += 1)
    for (const tried of [below - step * rule2.multiple, above2 + step * rule2.multiple])
      if (tried >= min && tried <= max && isLegal(tried, rule2) && found.length < 2 && works(tried))
        found.push(tried);
  return found.sort((a, b) => a - b);
}

// packages/core/src/fit/clashInWords.ts
var labelsOf = ({ quantities }) => {
  const labels = new Map(quantities.map(({ id, label }) => [id, label]));
  return (id) => labels.get(id) ?? id;
};
function pinNotes(problem2, { broken, clashes }) {
  const notes = [];
  const byId = new Map(problem2.quantities.map((quantity2) => [quantity2.id, quantity2]));
  for (const { quantity: quantity2, count, reason, waysOut } of broken) {
    const found = byId.get(quantity2);
    if (!found || reason === "unknown") {
      notes.push({
        level: "stop",
        code: "pin-unknown",
        where: quantity2,
        message: say`A count is held for “${quantity2}”, which this garment does not have; let it go.`
      });
      continue;
    }
    const instead = waysOut.length > 0 ? ` ${waysOut.join(" or ")} works.` : " Let it go.";
    notes.push(
      reason === "rule" ? {
        level: "stop",
        code: "pin-breaks-rule",
        where: quantity2,
        message: say`${found.label} cannot be held at ${count}: the stitch pattern needs ${ruleInWords(found.rule)}.${instead}`
      } : {
        level: "stop",
        code: "pin-out-of-reach",
        where: quantity2,
        message: say`${found.label} cannot be held at ${count}: it can be ${found.min} to ${found.max}.${instead}`
      }
    );
  }
  for (const clash of clashes) {
    const [where, ...alsoAt] = clash.demands.flatMap(
      (demand) => demand.kind === "pin" ? [demand.quantity] : []
    );
    notes.push({
      level: "stop",
      code: "pin-clash",
      where,
      message: pinClashInWords(problem2, clash),
      ...alsoAt.length > 0 ? { alsoAt } : {}
    });
  }
  return notes;
}
function pinClashInWords(problem2, { demands, waysOut, needs: needs2 }) {
  const label = labelsOf(problem2);
  const pins = demands.flatMap((demand) => demand.kind === "pin" ? [demand] : []);
  const named2 = pins.map(({ quantity: quantity2, count }) => `${label(quantity2)} ${count}`).join(" and ");
  const rules = rulesInWords(
    problem2,
    demands,
    needs2.map(({ quantity: quantity2 }) => quantity2)
  );
  const [need] = needs2;
  const head = need ? say`${named2} ${pins.length === 1 ? "needs" : "together need"} ${ruleInWords(need.rule)} for ${label(need.quantity)}, which is ${ruleInWords(ruleOf3(problem2, need.quantity))}` : say`${named2} cannot be held${pins.length === 1 ? "" : " together"}`;
  const ways = pins.flatMap(
    ({ quantity: quantity2 }) => waysOut[quantity2]?.length ? [`${label(quantity2)} ${waysOut[quantity2].join(" or ")}`] : []
  );
  const wayOut = ways.length > 0 ? ` ${ways.join(", or ")} works; else let one go.` : " Let one of them go.";
  return say`${head}${rules === "" ? "" : `: ${rules}`}.${wayOut}`;
}
function ruleClashInWords(problem2, { demands, widerRules }) {
  const label = labelsOf(problem2);
  const ways = widerRules.map(({ quantity: quantity2, rule: rule2 }) => `${ruleInWords(rule2)} for ${label(quantity2)}`);
  const help = ways.length > 0 ? `With ${ways.join(", or ")} it would work.` : "Other lengths, or another gauge, would help.";
  return say`No counts obey these rules together: ${rulesInWords(problem2, demands, [])}. ${help}`;
}
function ruleOf3({ quantities }, id) {
  return quantities.find((quantity2) => quantity2.id === id).rule;
}
function rulesInWords(problem2, demands, said2) {
  const label = labelsOf(problem2);
  return demands.flatMap((demand) => {
    if (demand.kind === "garment rule") return [demand.rule];
    if (demand.kind === "count rule" && !said2.includes(demand.quantity))
      return [`${label(demand.quantity)} is ${ruleInWords(demand.rule)}`];
    return [];
  }).join("; ");
}

// packages/core/src/fit/components.ts
function groupsOfRange(problems) {
  const ids = [
    ...new Set(
      problems.flatMap(({ quantities, helpers }) => [...quantities, ...helpers].map(({ id }) => id))
    )
  ];
  const place = new Map(ids.map((id, i) => [id, i]));
  const ties = /* @__PURE__ */ new Map();
  for (const { relations } of problems)
    for (const { terms, when } of relations) {
      const tied = [...terms.map(({ of }) => of), ...when ? [when.choice] : []];
      const key = tied.join(" ");
      if (!ties.has(key)) ties.set(key, { variables: tied.map((id) => place.get(id)) });
    }
  const leaders = groupsOf(ids.length, [...ties.values()]);
  const groups = /* @__PURE__ */ new Map();
  ids.forEach((id, i) => {
    const leader = leaders[i];
    const group2 = groups.get(leader);
    if (group2) group2.push(id);
    else groups.set(leader, [id]);
  });
  return [...groups.values()];
}
function partOf2(problem2, group2) {
  return {
    quantities: problem2.quantities.filter(({ id }) => group2.has(id)),
    helpers: problem2.helpers.filter(({ id }) => group2.has(id)),
    relations: problem2.relations.filter(({ terms }) => group2.has(terms[0].of))
  };
}

// packages/core/src/fit/candidates.ts
var MOST_CANDIDATES = 4e3;
var FARTHEST = 400;
function candidatesOf(problem2, best, bounds, pull, learned) {
  const lattices = latticesOf(problem2, bounds, {});
  if (!lattices) return [];
  const worth = (lattice, index) => {
    const { quantity: quantity2, base, step, id } = lattice;
    const own = costAt(lattice, index);
    if (!quantity2) return own;
    const away = Math.abs(base + step * index - best[id]) / quantity2.perCm;
    return own - pull * quantity2.weight * away;
  };
  const indexOfBest = lattices.map(({ id, base, step }) => Math.round((best[id] - base) / step));
  const lowest = lattices.map((lattice, i) => {
    if (!lattice.quantity) return lattice.least;
    const near = [lattice.best - 1, lattice.best, lattice.best + 1, indexOfBest[i]];
    return Math.min(
      ...near.filter((index) => index >= lattice.low && index <= lattice.high).map((index) => worth(lattice, index))
    );
  });
  const cost = costOfCounts(problem2, best);
  const slack = cost - lowest.reduce((sum2, least) => sum2 + least, 0) + 1e-4;
  const windows = lattices.map((lattice, i) => {
    if (!lattice.quantity) return [lattice.low, lattice.high];
    const inside2 = (index) => worth(lattice, index) <= lowest[i] + slack;
    let low = Math.min(lattice.best, indexOfBest[i]);
    let high = Math.max(lattice.best, indexOfBest[i]);
    for (let left = FARTHEST; left > 0 && low > lattice.low && inside2(low - 1); left -= 1) low -= 1;
    for (let left = FARTHEST; left > 0 && high < lattice.high && inside2(high + 1); left -= 1) high += 1;
    return [low, high];
  });
  const variables = lattices.map((lattice, i) => {
    const [low, high] = windows[i];
    const costs = Float64Array.from({ length: high - low + 1 }, (_, k) => wholeCost(worth(lattice, low + k)));
    return {
      first: lattice.base + lattice.step * low,
      step: lattice.step,
      size: high - low + 1,
      offset: low,
      costs
    };
  });
  const relations = linearRelations(problem2, lattices);
  const steps = orderOf(
    relations,
    variables.map(({ size: size2 }) => size2),
    learned.orders
  );
  const found = eliminateAll({ variables, relations, steps }, wholeCost(cost + 1e-4), MOST_CANDIDATES, {
    left: MOST_WORK
  });
  if (typeof found === "string") return null;
  const all = found.map(({ indexes }) => {
    const counts = {};
    let own = 0;
    lattices.forEach((lattice, i) => {
      counts[lattice.id] = lattice.base + lattice.step * indexes[i];
      own += costAt(lattice, indexes[i]);
    });
    return { counts, cost: own };
  });
  return undominated(problem2, all, pull);
}
var COMPARED = 40;
function undominated({ quantities }, all, pull) {
  const kept = [];
  for (const way of [...all].sort((a, b) => a.cost - b.cost)) {
    const dominated = kept.slice(0, COMPARED).some((other) => {
      let left2 = way.cost - other.cost + 1e-9;
      for (const { id, perCm: perCm2, weight } of quantities) {
        left2 -= pull * weight * Math.abs(way.counts[id] - other.counts[id]) / perCm2;
        if (left2 < 0) return false;
      }
      return true;
    });
    if (!dominated) kept.push(way);
  }
  const left = new Set(kept);
  return all.filter((way) => left.has(way));
}
function cheapestChain(problems, candidates, strength) {
  const tracks = problems.map((problem2, size2) => {
    const next = new Map(problems[size2 + 1]?.quantities.map((quantity2) => [quantity2.id, quantity2]));
    return problem2.quantities.flatMap((quantity2) => {
      const after = next.get(quantity2.id);
      return after ? [{ before: quantity2, after }] : [];
    });
  });
  const misses = (list, size2, side) => list.map(
    ({ counts }) => Float64Array.from(tracks[size2], (track) => {
      const { id, perCm: perCm2, target } = track[side];
      return strength * track.after.weight * (counts[id] / perCm2 - target);
    })
  );
  let costs = candidates[0].map(({ cost: cost2 }) => cost2);
  const from = [];
  for (let size2 = 1; size2 < problems.length; size2 += 1) {
    const here = candidates[size2];
    const left = misses(candidates[size2 - 1], size2 - 1, "before");
    const right = misses(here, size2 - 1, "after");
    const best = new Int32Array(here.length);
    const sums = here.map(({ cost: cost2 }, k) => {
      let least = Infinity;
      const own = right[k];
      for (let j = 0; j < left.length; j += 1) {
        let sum2 = costs[j];
        const other = left[j];
        for (let t = 0; t < own.length && sum2 < least; t += 1) sum2 += Math.abs(own[t] - other[t]);
        if (sum2 < least - 1e-12) {
          least = sum2;
          best[k] = j;
        }
      }
      return least + cost2;
    });
    from.push(best);
    costs = sums;
  }
  let at = costs.reduce((least, cost2, k) => cost2 < costs[least] - 1e-9 ? k : least, 0);
  const cost = costs[at];
  const chosen = [];
  for (let size2 = problems.length - 1; size2 >= 0; size2 -= 1) {
    chosen.unshift(candidates[size2][at]);
    if (size2 > 0) at = from[size2 - 1][at];
  }
  return { chosen, cost };
}

// packages/core/src/fit/settle.ts
function settle(run, strength, learned, mostBranches) {
  const search = strength > 0 ? evenSearch(run, strength, learned) : plainSearch(run, learned);
  if (search.root === "too many ways") return { kind: "too many ways" };
  const open = search.root ? [search.root] : [];
  for (let tried = 0; open.length > 0 && tried < mostBranches; tried += 1) {
    if (learned.spent > MOST_WORK_OF_RANGE) break;
    const branch = takeCheapest(open);
    const fall = worstFall(branch, run.links);
    if (!fall) return { kind: "settled", counts: branch.sizes.map(({ counts: counts2 }) => counts2), proven: true };
    const { size: size2, quantity: quantity2 } = fall;
    const level = branch.sizes[size2 + 1].counts[quantity2];
    for (const [chain2, bound] of [
      [chainOf(run.links, quantity2, size2, -1), { max: level }],
      [chainOf(run.links, quantity2, size2 + 1, 1), { min: level + 1 }]
    ]) {
      const bounds = chain2.reduce((all, at) => narrowed(all, at, quantity2, bound), branch.bounds);
      const broken = chain2.filter((at) => !obeys(branch.sizes[at].counts, bounds[at]));
      const next = search.tighten(branch, broken, bounds);
      if (next === "too many ways") return { kind: "too many ways" };
      if (next) open.push(next);
    }
  }
  if (open.length === 0) return { kind: "impossible" };
  const counts = sweep(run, learned);
  return counts ? { kind: "settled", counts, proven: false } : { kind: "impossible" };
}
function cheapest2(problem2, bounds, prefer, learned) {
  const result = solve(problem2, { bounds, prefer, learned });
  return result.kind === "solved" ? { counts: result.counts, cost: result.cost } : null;
}
function obeys(counts, bounds) {
  return Object.entries(bounds).every(
    ([id, { min = -Infinity, max = Infinity }]) => !(counts[id] < min) && !(counts[id] > max)
  );
}
function cheapestKnown(known, bounds) {
  return known.find(
    ({ bounds: wider, found }) => (!found || obeys(found.counts, bounds)) && Object.entries(wider).every(
      ([id, { min = -Infinity, max = Infinity }]) => (bounds[id]?.min ?? -Infinity) >= min && (bounds[id]?.max ?? Infinity) <= max
    )
  )?.found;
}
function plainSearch({ problems, bounds, alone, solved }, learned) {
  const whole = (within2, sizes2) => ({
    bounds: within2,
    sizes: sizes2,
    cost: sizes2.reduce((sum2, { cost }) => sum2 + cost, 0)
  });
  const first = problems.map((problem2, at) => ({
    counts: alone[at],
    cost: costOfCounts(problem2, alone[at])
  }));
  return {
    root: whole(bounds, first),
    tighten: (branch, broken, within2) => {
      const sizes2 = [...branch.sizes];
      for (const at of broken) {
        const problem2 = problems[at];
        let known = solved.get(problem2);
        if (!known) solved.set(problem2, known = []);
        let found = cheapestKnown(known, within2[at]);
        if (found === void 0) {
          found = cheapest2(problem2, within2[at], branch.sizes[at].counts, learned);
          known.push({ bounds: within2[at], found });
        }
        if (!found) return null;
        sizes2[at] = found;
      }
      return whole(within2, sizes2);
    }
  };
}
function evenSearch({ problems, bounds, alone }, strength, learned) {
  const waysOf = (at, within2, known) => {
    const best = known ? known : cheapest2(problems[at], within2, alone[at], learned)?.counts;
    if (!best) return null;
    const neighbours = (at > 0 ? 1 : 0) + (at + 1 < problems.length ? 1 : 0);
    return candidatesOf(problems[at], best, within2, strength * neighbours, learned) ?? "too many ways";
  };
  const whole = (within2, ways) => {
    const { chosen, cost } = cheapestChain(problems, ways, strength);
    return { bounds: within2, sizes: chosen, cost, ways };
  };
  const begin2 = () => {
    const ways = [];
    for (let at = 0; at < problems.length; at += 1) {
      const found = waysOf(at, bounds[at], alone[at]);
      if (found === null || found === "too many ways") return found;
      ways.push(found);
    }
    return whole(bounds, ways);
  };
  return {
    root: begin2(),
    tighten: (branch, broken, within2) => {
      const ways = [...branch.ways];
      for (const at of broken) {
        const found = waysOf(at, within2[at]);
        if (found === null || found === "too many ways") return found;
        ways[at] = found;
      }
      return whole(within2, ways);
    }
  };
}
function takeCheapest(open) {
  let best = 0;
  for (let i = 1; i < open.length; i += 1) if (open[i].cost < open[best].cost - 1e-12) best = i;
  return open.splice(best, 1)[0];
}
function worstFall({ sizes: sizes2 }, links) {
  let worst = null;
  let depth = 0;
  for (const link of links) {
    const fall = sizes2[link.size].counts[link.quantity] - sizes2[link.size + 1].counts[link.quantity];
    if (fall * link.worth > depth) {
      depth = fall * link.worth;
      worst = link;
    }
  }
  return worst;
}
function chainOf(links, quantity2, size2, way) {
  const linked = new Set(links.filter((link) => link.quantity === quantity2).map((link) => link.size));
  const chain2 = [size2];
  for (let at = size2; linked.has(way < 0 ? at - 1 : at); at += way) chain2.push(at + way);
  return chain2;
}
function narrowed(bounds, at, quantity2, bound) {
  const old = bounds[at][quantity2];
  const min = Math.max(old?.min ?? -Infinity, bound.min ?? -Infinity);
  const max = Math.min(old?.max ?? Infinity, bound.max ?? Infinity);
  return bounds.with(at, { ...bounds[at], [quantity2]: { min, max } });
}
function sweep({ problems, bounds, links }, learned) {
  const counts = [];
  for (let size2 = 0; size2 < problems.length; size2 += 1) {
    let within2 = bounds[size2];
    for (const link of links)
      if (link.size === size2 - 1)
        within2 = narrowed([within2], 0, link.quantity, { min: counts[size2 - 1][link.quantity] })[0];
    const result = solve(problems[size2], {
      bounds: within2,
      learned,
      ...size2 > 0 ? { prefer: counts[size2 - 1] } : {}
    });
    if (result.kind !== "solved") return null;
    counts.push(result.counts);
  }
  return counts;
}

// packages/core/src/fit/range.ts
var EVENEST = 0.3;
var MOST_BRANCHES = 400;
function linksOf(sizes2) {
  const found = [];
  for (let size2 = 0; size2 + 1 < sizes2.length; size2 += 1) {
    const next = new Map(sizes2[size2 + 1].problem.quantities.map((quantity2) => [quantity2.id, quantity2]));
    for (const quantity2 of sizes2[size2].problem.quantities) {
      const larger = next.get(quantity2.id);
      if (!larger || larger.target < quantity2.target) continue;
      const bothPinned = sizes2[size2].pins[quantity2.id] !== void 0 && sizes2[size2 + 1].pins[quantity2.id] !== void 0;
      if (!bothPinned) found.push({ size: size2, quantity: quantity2.id, worth: quantity2.weight / quantity2.perCm });
    }
  }
  return found;
}
function fitRange(sizes2, wish2) {
  const { graded, strength = 0, learned = newLearned(), mostBranches = MOST_BRANCHES } = wish2;
  const alone = [];
  const bounds = sizes2.map(({ pins }) => heldAt(pins));
  for (let size2 = 0; size2 < sizes2.length; size2 += 1) {
    const prefer = graded ? alone[size2 - 1] : void 0;
    const result = solveAlone(sizes2[size2], bounds[size2], learned, prefer);
    if (result.kind !== "solved") return { kind: result.kind, size: size2 };
    alone.push(result.counts);
  }
  const fitted2 = { kind: "fitted", sizes: alone, held: true, proven: true, even: true };
  const links = graded ? linksOf(sizes2) : [];
  const even2 = graded && strength > 0 && sizes2.length > 1;
  if (!even2 && !links.some((link) => falls2(alone, link))) return fitted2;
  const problems = sizes2.map(({ problem: problem2 }) => problem2);
  const found = alone.map((counts) => ({ ...counts }));
  const answer = { ...fitted2, sizes: found };
  for (const group2 of groupsOfRange(problems)) {
    const ids = new Set(group2);
    const ofGroup = links.filter(({ quantity: quantity2 }) => ids.has(quantity2));
    if (!even2 && !ofGroup.some((link) => falls2(alone, link))) continue;
    const run = {
      problems: problems.map((problem2) => partOf2(problem2, ids)),
      bounds,
      alone,
      links: ofGroup,
      solved: /* @__PURE__ */ new Map()
    };
    const settled = settleGroup(run, sizes2, even2 ? strength : 0, learned, mostBranches);
    answer.held &&= settled.held;
    answer.proven &&= settled.proven;
    answer.even &&= settled.even;
    settled.counts.forEach((counts, size2) => {
      for (const id of group2) if (counts[id] !== void 0) found[size2][id] = counts[id];
    });
  }
  return answer;
}
function falls2(counts, { size: size2, quantity: quantity2 }) {
  return counts[size2][quantity2] > counts[size2 + 1][quantity2];
}
function solveAlone({ problem: problem2, pins, memory }, bounds, learned, prefer) {
  const held = memory && JSON.stringify(pins);
  const last = memory?.last;
  if (last && last.problem === problem2 && last.pins === held && last.prefer === prefer) return last.result;
  const result = solve(problem2, { bounds, learned, ...prefer ? { prefer } : {} });
  if (memory && held !== void 0) memory.last = { problem: problem2, pins: held, prefer, result };
  return result;
}
function settleGroup(run, sizes2, strength, learned, mostBranches) {
  const tried = settleRuns(run, strength, learned, mostBranches);
  if (tried.kind === "settled") return { counts: tried.counts, held: true, proven: tried.proven, even: true };
  if (tried.kind === "too many ways")
    return { ...settleGroup(run, sizes2, 0, learned, mostBranches), even: false };
  const pinned = sizes2.map(({ pins }) => Object.keys(pins).length > 0);
  const free = run.links.filter(({ size: size2 }) => !pinned[size2] && !pinned[size2 + 1]);
  const loose = settleRuns({ ...run, links: free }, strength, learned, mostBranches);
  return loose.kind === "settled" ? { counts: loose.counts, held: false, proven: loose.proven, even: true } : { counts: run.alone, held: false, proven: true, even: strength === 0 };
}
function settleRuns(run, strength, learned, mostBranches) {
  if (strength > 0) return settle(run, strength, learned, mostBranches);
  const counts = [...run.alone];
  const tied = run.alone.map(() => false);
  let proven = true;
  for (; ; ) {
    const fallen = run.links.filter((link) => falls2(counts, link));
    if (fallen.length === 0) return { kind: "settled", counts, proven };
    for (const { size: size2 } of fallen) tied[size2] = true;
    const touched = new Set(fallen.map(({ size: size2 }) => firstOf(tied, size2)));
    for (const first of touched) {
      let last = first;
      while (tied[last]) last += 1;
      const settled = settle(
        {
          problems: run.problems.slice(first, last + 1),
          bounds: run.bounds.slice(first, last + 1),
          alone: run.alone.slice(first, last + 1),
          solved: run.solved,
          links: run.links.filter(({ size: size2 }) => size2 >= first && size2 < last).map((link) => ({ ...link, size: link.size - first }))
        },
        0,
        learned,
        mostBranches
      );
      if (settled.kind !== "settled") return settled;
      proven &&= settled.proven;
      counts.splice(first, settled.counts.length, ...settled.counts);
    }
  }
}
function firstOf(tied, size2) {
  let first = size2;
  while (first > 0 && tied[first - 1]) first -= 1;
  return first;
}

// packages/core/src/fit/fit.ts
var NOT_PROVEN = {
  level: "tip",
  code: "range-not-proven",
  where: "sizes",
  message: say`No count falls over the range, but it takes too long to prove that none could be nearer to its length; look at the sizes whose measurements fall or stand still.`
};
var NOT_EVEN = {
  level: "tip",
  code: "range-not-even",
  where: "sizes",
  message: say`These sizes can be counted in too many ways to make every step even; where that is so, each size keeps to its nearest counts. A smaller strength of evenness would be tried in full.`
};
var TOO_LARGE = {
  level: "stop",
  code: "fit-too-large",
  where: "sizes",
  message: say`This size has more possible counts than can be searched; hold fewer counts far from their lengths, or check the gauge.`
};
var NO_RANGE = say`No counts near these lengths can be worked; look at the gauge and the lengths, which are far from each other.`;
function fitSizes(sizes2, wish2) {
  const prepared = sizes2.map(({ problem: problem2, pins, works, memory }) => {
    const size2 = {
      problem: problem2,
      pins: {},
      notes: [],
      loosened: false,
      possible: true,
      ...memory ? { memory } : {}
    };
    return pins.length === 0 ? size2 : withPins(loosened(size2), pins, works);
  });
  const learned = newLearned();
  for (; ; ) {
    const possible = prepared.filter((size2) => size2.possible);
    const result = fitRange(possible, { ...wish2, learned });
    if (result.kind === "fitted") return fitted(prepared, result);
    const failing = possible[result.size];
    if (result.kind === "infeasible" && !failing.loosened) {
      prepared[prepared.indexOf(failing)] = loosened(failing);
      continue;
    }
    failing.possible = false;
    if (result.kind === "too hard") failing.notes.push(TOO_LARGE);
  }
}
function fitted(prepared, result) {
  if (!result.proven) prepared[0].notes.push(NOT_PROVEN);
  if (!result.even) prepared[0].notes.push(NOT_EVEN);
  let next = 0;
  return prepared.map(({ possible, pins, notes }) => ({
    counts: possible ? result.sizes[next++] : null,
    pinned: new Set(Object.keys(pins)),
    notes
  }));
}
function loosened(size2) {
  let { problem: problem2 } = size2;
  const notes = [...size2.notes];
  for (; ; ) {
    if (solve(problem2).kind !== "infeasible") return { ...size2, problem: problem2, notes, loosened: true };
    const clash = clashingRules(problem2);
    const seam2 = clash && seamIn(problem2, clash);
    notes.push({
      level: "stop",
      code: seam2 ? "seam-out-of-reach" : "no-counts",
      where: seam2?.id ?? "sizes",
      message: clash ? ruleClashInWords(problem2, clash) : NO_RANGE
    });
    if (!seam2) return { ...size2, problem: problem2, notes, loosened: true };
    problem2 = { ...problem2, relations: problem2.relations.filter(({ rule: rule2 }) => rule2 !== seam2.rule) };
  }
}
function seamIn({ relations }, { demands }) {
  for (const demand of demands) {
    if (demand.kind !== "garment rule") continue;
    const seam2 = relations.find((relation) => relation.rule === demand.rule && relation.seam !== void 0);
    if (seam2) return { id: seam2.seam, rule: seam2.rule };
  }
  return null;
}
function withPins(size2, pins, works) {
  const held = Object.fromEntries(pins.map(({ quantity: quantity2, count }) => [quantity2, count]));
  const check = checkPins(size2.problem, held, works);
  return { ...size2, pins: check.kept, notes: [...size2.notes, ...pinNotes(size2.problem, check)] };
}

// packages/core/src/advice/garment.ts
var TIGHT_HEAD = 0.03;
var ARM_ROOM = 2;
var SLEEVE_OVER = 1.5;
function headNote(facts, body2) {
  if (!facts.closedNeck) return [];
  const { opening, stretch, front: front2 } = facts.closedNeck;
  const reach = opening * (1 + stretch);
  if (reach >= body2.head - UNSEEN_EASE) return [];
  const wider = (body2.head - reach) / (1 + stretch) / 2;
  return [
    {
      level: reach < body2.head * (1 - TIGHT_HEAD) ? "stop" : "warn",
      code: "head-does-not-pass",
      where: front2,
      message: say`The head (${cm(body2.head)}) does not pass the neck: its edge is ${cm(opening)}, stretched ${cm(reach)}. A neck ${cm(wider)} wider or a deeper front neck would do.`
    }
  ];
}
function armNote(facts, body2) {
  if (!facts.sleeveTop) return [];
  const { round: round4, quantity: quantity2 } = facts.sleeveTop;
  const room = round4 - body2.upperArm;
  if (room >= ARM_ROOM) return [];
  return [
    {
      level: room < 0 ? "stop" : "warn",
      code: "sleeve-top-binds",
      where: quantity2,
      message: room < 0 ? say`The sleeve's top (${cm(round4)}) is smaller than the flexed upper arm (${cm(body2.upperArm)}); make the armhole at least ${cm((body2.upperArm + ARM_ROOM - round4) / 2)} deeper.` : say`The sleeve's top (${cm(round4)}) leaves ${cm(room)} around the flexed upper arm (${cm(body2.upperArm)}); it will bind when the elbow bends.`
    }
  ];
}
function reachNote(facts) {
  if (!facts.reach) return [];
  const { overhang, sleeve: sleeve3, cuff, wanted } = facts.reach;
  const over = overhang + sleeve3 + cuff - wanted;
  if (over <= SLEEVE_OVER) return [];
  return [
    {
      level: "warn",
      code: "sleeve-longer-than-arm",
      where: "sleeve.rows",
      message: say`Overhang ${cm(overhang)} + sleeve ${cm(sleeve3)} + cuff ${cm(cuff)} reach ${cm(over)} past the length wanted (${cm(wanted)}).`
    }
  ];
}
var TOO_FAR2 = 0.1;
function stretchNotes({ stretched }) {
  if (!stretched) return [];
  const { round: round4, over, gives, quantity: quantity2 } = stretched;
  const give = gives ?? USUAL_STRETCH;
  const widest2 = over.reduce((most, level) => level.round > most.round ? level : most);
  const asked = widest2.round / round4 - 1;
  if (asked <= give + 5e-3) return [];
  const percent = (share) => figure(share * 100, 0);
  const known = gives === null ? `this fabric\u2019s stretch is not known, and ${percent(give)} % is usual` : `this fabric gives ${percent(give)} %`;
  return [
    {
      level: gives !== null && asked > give + TOO_FAR2 ? "stop" : "warn",
      code: "stretched-too-far",
      where: quantity2,
      message: say`At the ${widest2.id} (${cm(widest2.round)}) the tube of ${cm(round4)} stretches ${percent(asked)} %; ${known}. A tube of ${cm(widest2.round / (1 + give))} all round would do, or a fabric that gives more.`
    }
  ];
}

// packages/core/src/because/deciders.ts
function deciders(id, instead, counted) {
  const broken = rulesOf(id, counted.relations).filter(
    // A seam that could not be kept at all decides nothing.
    (rule2) => rule2.relations.every((relation) => holds(relation, counted.counts)) && !canBe(id, instead, rule2, counted)
  );
  if (broken.length === 0) return { says: besideRange(id, instead, counted) };
  const tied = broken.map(({ rule: rule2, others }) => {
    const counts = counted.quantities.filter((quantity2) => others.has(quantity2.id)).map(
      ({ label, id: of, axis }) => `${label} ${countOf(counted.counts[of], axis === "rows" ? "row" : "stitch", axis)}`
    );
    return counts.length > 0 ? say`${rule2} (${counts.join(", ")})` : say`${rule2}`;
  });
  const from = counted.quantities.find((quantity2) => broken[0].others.has(quantity2.id))?.id;
  return {
    says: say`decided by: ${tied.reduce((all, one2) => say`${all}; ${one2}`)}`,
    ...from === void 0 ? {} : { from }
  };
}
function rulesOf(id, relations) {
  const names = new Set(
    relations.filter(({ terms }) => terms.some(({ of }) => of === id)).map(({ rule: rule2 }) => rule2)
  );
  return [...names].map((rule2) => {
    const own = relations.filter((relation) => relation.rule === rule2);
    const others = new Set(own.flatMap(({ terms }) => terms.map(({ of }) => of)));
    others.delete(id);
    return { rule: rule2, relations: own, others };
  });
}
function canBe(id, instead, { relations }, { quantities, helpers, counts }) {
  const used2 = new Set(
    relations.flatMap(({ terms, when }) => [...terms.map(({ of }) => of), ...when ? [when.choice] : []])
  );
  const tied = quantities.filter(({ id: of }) => used2.has(of));
  const bounds = heldAt(
    Object.fromEntries(tied.map(({ id: of }) => [of, of === id ? instead : counts[of]]))
  );
  const problem2 = {
    quantities: tied.map((quantity2) => ({ ...quantity2, min: 0, max: Math.max(quantity2.max, instead) })),
    helpers: helpers.filter(({ id: of }) => used2.has(of)),
    relations
  };
  return solve(problem2, { bounds, anyAnswer: true }).kind === "solved";
}
function besideRange(id, instead, { counts, neighbours }) {
  const count = counts[id];
  const { smaller, larger } = neighbours;
  if (smaller && instead < (smaller.counts[id] ?? -Infinity))
    return say`no fewer than in size ${smaller.size}, which has ${smaller.counts[id]}`;
  if (larger && instead > (larger.counts[id] ?? Infinity))
    return say`no more than in size ${larger.size}, which has ${larger.counts[id]}`;
  return say`${instead < count ? "more" : "fewer"}, so that the steps from size to size are even`;
}

// packages/core/src/because/explain.ts
function explain(quantity2, counted, pinned) {
  const { perCm: perCm2, target, rule: rule2, axis, fabric: fabric2 } = quantity2;
  const { counts, relations } = counted;
  const count = counts[quantity2.id];
  const actual = count / perCm2;
  const miss = missInWords(actual - target, perCm2);
  const reasons = [...quantity2.because];
  const [many, over] = axis === "stitches" ? [fabric2.gauge.stitches, fabric2.gauge.stitchesOver] : [fabric2.gauge.rows, fabric2.gauge.rowsOver];
  reasons.push({
    label: say`${fabric2.name}, ${figure(many, 3)} ${axis} in ${span(over)}`,
    figure: say`× ${rate(perCm2)} = ${figure(target * perCm2, 2)}`,
    from: { kind: "fabric", id: fabric2.id }
  });
  if (pinned) {
    reasons.push({ label: say`Held by you`, figure: say`${count}`, note: say`${cm(actual)}, ${miss}` });
  } else {
    const near = ladder(target, perCm2, rule2, 2).filter((rung) => rung.count >= quantity2.min);
    const best = near.reduce(
      (a, b) => costOf(quantity2, b.count) < costOf(quantity2, a.count) - 1e-9 ? b : a,
      near[0] ?? { count, cm: actual, over: 0 }
    );
    const other = near.filter((rung) => rung.count !== count).sort((a, b) => Math.abs(a.over) - Math.abs(b.over))[0];
    const wish2 = quantity2.rounding === "nearest" ? "the nearest" : `the nearest ${quantity2.rounding}`;
    const alternative = other ? say`; ${other.count} would be ${missInWords(other.over, perCm2)}` : say``;
    reasons.push({
      label: say`${capital(ruleInWords(rule2))}, ${best.count === count ? wish2 : "as the seams allow"}`,
      figure: say`${count}`,
      note: say`${cm(actual)}, ${miss}${alternative}`
    });
    if (best.count !== count && costOf(quantity2, best.count) < costOf(quantity2, count) - 1e-9) {
      const { says, from } = deciders(quantity2.id, best.count, counted);
      reasons.push({
        label: say`Alone it would be ${best.count}`,
        figure: say`${count}`,
        note: breaksWish(quantity2, count) ? say`${says}; so the wish “${quantity2.rounding}” is given up here` : says,
        ...from === void 0 ? {} : { from: { kind: "quantity", id: from } }
      });
    }
  }
  const reader = countReader(counts);
  for (const relation of relations)
    if (relation.terms.some(({ of }) => of === quantity2.id)) {
      const partner = relation.terms.find(({ of }) => of !== quantity2.id);
      const sentence = relation.says(reader);
      if (sentence.length === 0) continue;
      reasons.push({
        label: sentence,
        figure: say``,
        ...partner ? { from: { kind: "quantity", id: partner.of } } : {}
      });
    }
  return reasons;
}
function missInWords(over, perCm2) {
  if (Math.abs(over) < 5e-3) return say`exactly as wanted`;
  if (Math.abs(over) <= asWanted(perCm2)) return say`as wanted`;
  return say`${cm(Math.abs(over))} ${over > 0 ? "over" : "under"}`;
}
function capital(text2) {
  return text2.charAt(0).toUpperCase() + text2.slice(1);
}

// packages/core/src/joins/meet.ts
var LARGEST = 8;
var WORTH = 0.5;
var ABOUT = 0.04;
var NUMBERS = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine"];
function extraOf({ p, q }, a, b) {
  return a - Math.round(b * p / q);
}
function nearest3(pairs) {
  let best = { p: 1, q: 1, miss: Infinity };
  for (let sum2 = 2; sum2 <= 2 * LARGEST; sum2 += 1)
    for (let q = Math.max(1, sum2 - LARGEST); q <= Math.min(LARGEST, sum2 - 1); q += 1) {
      const repeat2 = { p: sum2 - q, q };
      const miss = Math.max(...pairs.map(([a, b]) => Math.abs(extraOf(repeat2, a, b))));
      if (miss < best.miss - WORTH) best = { ...repeat2, miss };
    }
  return best;
}
function repeatInWords({ p, q }, aAxis, bAxis) {
  return `${p} ${nameOf(aAxis, p)} to ${q} ${nameOf(bAxis, q)}`;
}
function nameOf(axis, count) {
  return count === 1 ? axis.slice(0, axis === "stitches" ? -2 : -1) : axis;
}
function meetInWords(aCount, aAxis, bCount, bAxis) {
  if (aCount === bCount) return `1 ${nameOf(aAxis, 1)} to 1 ${nameOf(bAxis, 1)}`;
  const repeat2 = nearest3([[aCount, bCount]]);
  const words = repeatInWords(repeat2, aAxis, bAxis);
  const extra = extraOf(repeat2, aCount, bCount);
  if (extra === 0) return words;
  const way = extra > 0 ? "more" : "fewer";
  const many = Math.abs(extra);
  return many % 4 === 0 ? `${words}, ${NUMBERS[many / 4] ?? many / 4} ${way} in every quarter` : `${words}, ${NUMBERS[many] ?? many} ${way} in all`;
}
function meetForAll(pairs, aAxis, bAxis) {
  const repeat2 = nearest3(pairs);
  const near = pairs.every(([a, b]) => Math.abs(extraOf(repeat2, a, b)) <= Math.max(1, ABOUT * a));
  return near ? `about ${repeatInWords(repeat2, aAxis, bAxis)}` : null;
}

// packages/core/src/joins/audit.ts
function auditJoin(plan2, edges) {
  const side = (ids) => ids.map((id) => edges.get(id)).filter((edge2) => edge2 !== void 0);
  const a = side(plan2.a);
  const b = side(plan2.b);
  const gather = plan2.gather ?? 1;
  const total = (list) => list.reduce((sum2, { count }) => sum2 + count, 0);
  const aCount = total(a);
  const bCount = total(b);
  const sides = [measured2(a, gather), measured2(b, 1)];
  const [aLength, bLength] = sides.map(({ length: length2 }) => length2);
  const complete = a.length === plan2.a.length && b.length === plan2.b.length;
  const byCount = plan2.kind === "stitch-to-stitch" || plan2.kind === "row-to-row" || plan2.kind === "live";
  const ok = complete && (byCount ? aCount === bCount : Math.abs(aLength - bLength) <= easeAllowed(...sides) + 1e-9);
  return {
    id: plan2.id,
    role: plan2.role,
    label: plan2.label,
    ...plan2.side ? { side: plan2.side } : {},
    ...plan2.both ? { both: plan2.both } : {},
    kind: plan2.kind,
    a: a.map(joinSide),
    b: b.map(joinSide),
    aCount,
    bCount,
    aLength,
    bLength,
    bAxis: b.some(({ axis }) => axis !== b[0].axis) ? "both" : b[0]?.axis ?? "rows",
    eased: byCount ? 0 : aLength - bLength,
    ok,
    gather,
    ...plan2.says ? { says: plan2.says } : {},
    meet: byCount ? null : meetInWords(aCount, a[0]?.axis ?? "stitches", bCount, b[0]?.axis ?? "rows")
  };
}
function joinSide({ id, piece, role, count }) {
  return { edge: id, piece, role, count };
}
function measured2(side, gather) {
  return {
    length: side.reduce((sum2, { length: length2 }) => sum2 + length2, 0) / gather,
    unit: Math.max(0, ...side.map(({ length: length2, count }) => count > 0 ? length2 / count : 0)) / gather
  };
}

// packages/core/src/garment/sections.ts
function sectionsOf({ fabric: fabric2, sections = [] }) {
  return [{ fabric: fabric2, first: 1 }, ...sections].map(({ fabric: of, first }) => ({
    fabric: of.id,
    first,
    stitches: perCm(of.gauge, "stitches"),
    rows: perCm(of.gauge, "rows")
  }));
}
function sectionAt(sections, n) {
  return sections.findLast(({ first }) => first <= n) ?? sections[0];
}
function edgeLength(place, count, sections, path) {
  if (place.lies === "foundation") return count / sections[0].stitches;
  if (place.lies !== "row ends") return count / sectionAt(sections, place.n).stitches;
  if (place.stepped && path !== void 0 && path !== "straight") {
    const numbers = place.spans.flatMap(
      ({ first, last }) => Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i)
    );
    return numbers.reduce((sum2, n, i) => {
      const { stitches: stitches2, rows: rows2 } = sectionAt(sections, n);
      const aside = i === 0 ? 0 : (path[i] - path[i - 1]) / stitches2;
      return sum2 + Math.hypot(aside, 1 / rows2);
    }, 0);
  }
  return sections.reduce((sum2, section, i) => {
    const end = sections[i + 1]?.first ?? Infinity;
    const rows2 = place.spans.reduce(
      (all, { first, last }) => all + Math.max(0, Math.min(last, end - 1) - Math.max(first, section.first) + 1),
      0
    );
    return sum2 + rows2 / section.rows;
  }, 0);
}

// packages/core/src/read/words.ts
var STITCH = "(?:esc|hdc|sc|dc|tr|tss|tks|tps|trs)(?: blo| flo)?";
var COUNT = String.raw`\((?:\d+ [^,()]+, )?(\d+) sts?\)`;
var ROWS = String.raw`(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?(?:, about ([^:]+?))?`;
var END = "(turn|return|join, turn|join|go on)";
var WAYS = { join: "joined", "join, turn": "turned", "go on": "spiral" };

// packages/core/src/fabric/units.ts
function unitsOf(count, { stitches: stitches2, plus: plus2 }) {
  return (count - plus2) / stitches2;
}
function unitsInWords(count, unit2) {
  if (!unit2 || unit2.name === "stitches") return null;
  const units = unitsOf(count, unit2);
  if (!Number.isInteger(units) || units < 1) return null;
  const one2 = unit2.name === "V\u2019s" ? "V" : unit2.name.slice(0, -1);
  return `${units} ${units === 1 ? one2 : unit2.name}`;
}
function countedInWords(count, unit2) {
  const stitches2 = countOf(count, "stitch", "stitches");
  const units = unitsInWords(count, unit2);
  return units === null ? stitches2 : `${units} (${stitches2})`;
}

// packages/core/src/passages/change.ts
var change = {
  rows: ({ part, to, stitches: stitches2 }, maker2) => {
    const state = maker2.part(part);
    maker2.even(state, to - 1);
    const by = stitches2 - state.count;
    maker2.row(state, stepsAcross(state.count, by), by, { spread: true });
  },
  words: (all, soFar) => {
    const { part, fabric: fabric2 } = all[0];
    const before = soFar.of(part).map(({ count }) => count);
    soFar.fabric = soFar.fabrics.get(fabric2);
    soFar.reach(
      part,
      all.map(({ to, stitches: stitches2 }) => ({ n: to, count: stitches2 }))
    );
    return writeChange(all, before, soFar.fabric, soFar.wordsOf(part));
  },
  sentences: [
    {
      form: new RegExp(
        `^(?:Row|Rnd) (\\d+): change to .+ hook; ${STITCH} in each st(?:, increasing (\\d+) sts? spread evenly)?(?:, decreasing (\\d+) sts? spread evenly)?; ${END}\\. ${COUNT}$`
      ),
      read: ([, row, more, fewer, , stitches2], reader) => {
        reader.maker.even(Number(row) - 1);
        reader.said.changes.push(Number(row));
        reader.maker.change(Number(more ?? 0) - Number(fewer ?? 0));
        reader.ends(Number(row), Number(stitches2));
      }
    }
  ],
  inShort: ({ to, fabric: fabric2, stitches: stitches2 }, fabricName, unit2) => `Row ${to}: change to ${fabricName(fabric2)}, ${countedInWords(stitches2, unit2)}`
};
function writeChange(changes, before, fabric2, words) {
  const by = changes.map(({ stitches: stitches2 }, size2) => stitches2 - before[size2]);
  const word = (grow2) => grow2 ? "increasing" : "decreasing";
  const parts = [true, false].flatMap((grow2) => {
    const some = by.map((change2) => Math.max(0, grow2 ? change2 : -change2));
    return some.some((times) => times > 0) ? [line`, ${word(grow2)} ${some} sts spread evenly`] : [];
  });
  return [
    line`${words.one} ${changes.map(({ to }) => to)}: change to ${fabric2.name} and a ${String(fabric2.hook)} mm hook; ${plainStitchOf(fabric2)} in each st${{ inline: parts.flat() }}; ${words.end}. (${changes.map(({ stitches: stitches2 }) => stitches2)} sts)`
  ];
}

// packages/core/src/write/rowWords.ts
function rangeInWords(from, to) {
  return to < from ? "\u2013" : from === to ? String(to) : `${from}\u2013${to}`;
}
var FEWEST_AS_RATE = 4;
function rowsInWords(rows2) {
  const said2 = [];
  for (let i = 0; i < rows2.length; ) {
    const gap = (rows2[i + 1] ?? 0) - rows2[i];
    let last = i;
    while (last + 1 < rows2.length && rows2[last + 1] - rows2[last] === gap) last += 1;
    const many = last - i + 1;
    if (gap === 1 || many >= FEWEST_AS_RATE) {
      const range2 = gap === 1;
      said2.push(
        range2 ? `${rows2[i]}\u2013${rows2[last]}` : `every ${ordinal(gap)} from ${rows2[i]} to ${rows2[last]}`
      );
      i = last + 1;
    } else {
      said2.push(String(rows2[i]));
      i += 1;
    }
  }
  return said2.join(", ");
}
function amountsInWords(schedule2, share, { short: short2 }) {
  const runs2 = [];
  schedule2.events.forEach((row, i) => {
    const amount = amountOf(schedule2, i) / share;
    const last = runs2.at(-1);
    if (last?.amount === amount) last.rows.push(row);
    else runs2.push({ amount, rows: [row] });
  });
  return runs2.map(
    ({ amount, rows: rows2 }) => `${countOf(amount, "st")} in ${short2}${rows2.length === 1 ? "" : "s"} ${rowsInWords(rows2)}`
  ).join(", ") || "nothing";
}
function roundEnd(way) {
  return way === "turned" ? "join, turn" : way === "joined" ? "join" : "go on";
}

// packages/core/src/stitch/embed.ts
function embed(nodes, begun, beyond) {
  const list = nodes.filter(({ op }) => op !== "turn");
  const [chain2, ...rest] = list;
  const where = begun === "same" ? { at: "same" } : nextStitches(1);
  if (begun === null || chain2?.op !== "chain") return list.map((node) => inside(node, begun, beyond));
  const lead = chain2.counts && chain2.counts.as !== "nothing" ? [
    {
      op: "work",
      stitch: { kind: chain2.counts.as },
      times: 1,
      place: where,
      span: chain2.span
    },
    ...chain2.counts.across > 0 ? [{ op: "chain", many: chain2.counts.across, span: chain2.span }] : []
  ] : [];
  const after = lead.length > 0 ? "same" : begun;
  return [...lead, ...rest.map((node) => inside(node, after, beyond))];
}
function inside(node, begun, beyond) {
  const reach = (one2) => {
    if (beyond === null) return one2;
    const stitches2 = { what: "st" };
    if (one2.to === "end") return { to: "last", many: beyond, noun: stitches2 };
    if (one2.to === "turning") return { to: "last", many: beyond + 1, noun: stitches2 };
    return one2.noun.what === "st" || one2.noun.what === "kind" ? { to: "last", many: one2.many + beyond, noun: stitches2 } : one2;
  };
  if (node.op === "repeat")
    return typeof node.times === "number" ? node : { ...node, times: reach(node.times) };
  if (!("place" in node)) return node;
  const { place } = node;
  const at = (where) => ({ ...node, place: where });
  if (place.at === "each") return at({ ...place, reach: reach(place.reach) });
  if (place.at === "first" && begun && place.noun.what === "sp") return at({ ...place, at: "next" });
  if (place.at === "first" && begun) return at(begun === "same" ? { at: "same" } : { ...place, at: "next" });
  if (beyond !== null && place.at === "last" && place.noun.what !== "sp")
    return at({ at: "last", many: place.many, noun: { what: "st" }, beyond });
  if (beyond !== null && place.at === "turning")
    return at({ at: "last", many: 1, noun: { what: "st" }, beyond });
  return node;
}
var nextStitches = (many) => ({ at: "next", many, noun: { what: "st" } });

// packages/core/src/stitch/overStitches.ts
function rowOverStitches({ rows: rows2 }) {
  const [first] = rows2;
  const later2 = rows2.find(({ nodes: [chain2] }) => chain2?.op === "chain" && chain2.many > 1);
  return first.nodes.flatMap((node, i) => {
    if (node.op === "skip" && node.counts && i === 0 && node.counts.as !== "nothing")
      return [
        {
          op: "chain",
          many: heightOf(node.counts.as) + node.counts.across,
          counts: node.counts,
          span: node.span
        }
      ];
    if (!("place" in node) || node.place.at !== "from hook") return [overNode(node)];
    const { nth } = node.place;
    const kind = node.op === "work" ? node.stitch.kind : tallest(node.op === "group" ? node.body : [node]);
    const rest = first.nodes.slice(i + 1);
    const counts = "counts" in node && node.counts || foundationCounts(nth, kind, rest, later2);
    const { counts: _, ...plain2 } = node;
    const skips = counts.as === "nothing" ? foundationSkips(nth, kind, rest) : nth - 1 - heightOf(counts.as) - counts.across;
    const many = counts.as === "nothing" ? nth - 1 - skips : heightOf(counts.as) + counts.across;
    const skip2 = skips > 0 ? [{ op: "skip", place: stitches(skips), span: node.span }] : [];
    const place = counts.as === "nothing" && skips === 0 ? { at: "first", many: 1, noun: { what: "st" } } : stitches(1);
    return [{ op: "chain", many, counts, span: node.span }, ...skip2, { ...plain2, place }];
  });
}
var stitches = (many) => ({ at: "next", many, noun: { what: "st" } });
function overNode(node) {
  const noun = (one2) => one2.what === "ch" ? { what: "st" } : one2;
  if (node.op === "repeat") {
    const { times } = node;
    return {
      ...node,
      body: node.body.map(overNode),
      times: typeof times === "object" && times.to === "last" ? { ...times, noun: noun(times.noun) } : times
    };
  }
  if (!("place" in node)) return node;
  const { place } = node;
  if (place.at === "each") {
    const reach = place.reach.to === "last" ? { ...place.reach, noun: noun(place.reach.noun) } : place.reach;
    return { ...node, place: { ...place, noun: noun(place.noun), reach } };
  }
  return "noun" in place ? { ...node, place: { ...place, noun: noun(place.noun) } } : node;
}
function withSkippedSaid({ rows: rows2 }) {
  const [first] = rows2;
  const later2 = rows2.find(({ nodes: [chain2] }) => chain2?.op === "chain" && chain2.many > 1);
  return first.nodes.map((node, i) => {
    if (node.op !== "work" && node.op !== "group" || node.place.at !== "from hook" || node.counts)
      return node;
    const kind = node.op === "work" ? node.stitch.kind : tallest(node.body);
    const counts = foundationCounts(node.place.nth, kind, first.nodes.slice(i + 1), later2);
    return counts.as === "nothing" && heightOf(kind) < 2 ? node : { ...node, counts };
  });
}
function overStitchesInWords(text2, index, beside) {
  const nodes = index === 0 ? rowOverStitches(text2) : text2.rows[index].nodes;
  return withoutEnd(printRow(embed(nodes, beside ? "next" : null, null), { round: text2.work === "round" }));
}
function withoutEnd(words) {
  return words.replace(/; (?:turn|join with a sl st to the first st(?:; turn)?)$/, "");
}

// packages/core/src/stitch/stitchedRow.ts
function repeatsIn({ repeats }) {
  return repeats.reduce((sum2, many) => sum2 + many, 0);
}
function directionOf({ side, round: round4 }) {
  return round4 !== void 0 && round4 !== "turned" || side === "RS" ? 1 : -1;
}
function fromTheRight({ plain: plain2, repeats }, row) {
  return directionOf(row) === 1 ? { plain: plain2, repeats } : { plain: [...plain2].reverse(), repeats: [...repeats].reverse() };
}
function placesInWords(row, seen) {
  const { plain: plain2, repeats } = fromTheRight(row, seen);
  return plain2.flatMap((many, i) => [
    ...many > 0 ? [`${many} plain`] : [],
    ...repeats[i] === void 0 ? [] : [countOf(repeats[i], "repeat")]
  ]).join(", ");
}

// packages/core/src/passages/inPattern.ts
function roundsOrRows(stitches2, way) {
  return (way && roundsOfFabric(stitches2, way)?.text) ?? stitches2.text;
}
function countLine(counts, soFar) {
  const { unit: unit2 } = soFar.fabric;
  const units = counts.map((count) => unitsInWords(count, unit2));
  if (units.some((words) => words === null)) return line`(${counts} sts)`;
  const many = units.map((words) => words.split(" ")[0]);
  const name2 = units.find((words) => !words.startsWith("1 "))?.split(" ").slice(1).join(" ") ?? units[0].split(" ").slice(1).join(" ");
  return line`(${many} ${name2}, ${counts} sts)`;
}
function firstRowWords(text2) {
  return withoutEnd(printRow(withSkippedSaid(text2), { round: text2.work === "round" }));
}
function rowsInPattern(part, from, to, counts, stitches2, soFar) {
  const words = soFar.wordsOf(part);
  const at = rowsOfPart(part, soFar);
  if (to.every((last, size2) => last < from[size2])) return [];
  const ranges = (begins2, ends2) => ends2.map((last, size2) => rangeInWords(begins2[size2], last));
  const lines2 = [];
  let begins = [...from];
  for (let stretch = 0; stretch < MOST_STRETCHES && begins.some((n, size2) => n <= to[size2]); stretch += 1) {
    const plain2 = begins.map((first, size2) => lastOf2(first, to[size2], (n) => at(size2, n)?.pattern === null));
    if (plain2.some((n, size2) => n >= begins[size2]))
      lines2.push(
        line`${words.one}s ${ranges(begins, plain2)}: ${soFar.stitch} in each st; ${words.end}. (${counts} sts)`
      );
    begins = plain2.map((n) => n + 1);
    for (const ring of [true, false]) {
      const own = begins.map(
        (first, size2) => lastOf2(first, to[size2], (n) => at(size2, n)?.ring === ring && at(size2, n).pattern !== null)
      );
      if (own.every((last, size2) => last < begins[size2])) continue;
      const text2 = ring ? roundsOrRows(stitches2, soFar.wayOf(part)) : stitches2.text;
      lines2.push(...repeatedRows(part, begins, own, counts, text2, soFar));
      begins = own.map((last, size2) => Math.max(begins[size2], last + 1));
    }
  }
  if (begins.some((n, size2) => n <= to[size2]))
    lines2.push(line`${words.one}s ${ranges(begins, to)}: in pattern; ${words.end}. (${counts} sts)`);
  return lines2;
}
var MOST_STRETCHES = 6;
function lastOf2(first, to, isOfKind) {
  let n = first;
  while (n <= to && isOfKind(n)) n += 1;
  return n - 1;
}
function rowsOfPart(part, soFar) {
  const rows2 = soFar.stitchedRows();
  return (size2, n) => rows2[size2].get(`${part}:${n}`) ?? null;
}
function repeatedRows(part, from, to, counts, text2, soFar) {
  const words = soFar.wordsOf(part);
  const at = rowsOfPart(part, soFar);
  const count = countLine(counts, soFar);
  const worked2 = to.map((last2, size2) => last2 >= from[size2]);
  const sizes2 = to.flatMap((_, size2) => worked2[size2] ? [size2] : []);
  const index = (size2, n) => at(size2, n).pattern;
  const round4 = text2.work === "round";
  const { first: repeated } = text2.repeat;
  const lines2 = [];
  const name2 = `${soFar.fabric.name}${round4 ? " in the round" : ""}`;
  const numbers = text2.rows.map(({ n }, i) => n ?? i + 1);
  const one2 = round4 ? "rnd" : "row";
  const facing = isAlwaysFront(soFar.wayOf(part)) && !round4 ? ", always from the right side" : "";
  let begins = [...from];
  for (let i = 0; i < repeated; i += 1) {
    const now = begins.map((n, size2) => worked2[size2] === true && n <= to[size2] && index(size2, n) === i);
    if (!now.includes(true)) continue;
    const rows2 = begins.map((n, size2) => now[size2] ? at(size2, n) : null);
    const over = i === 0 ? rowOverStitches(text2) : text2.rows[i].nodes;
    const which2 = begins.map((n, size2) => now[size2] ? n : "\u2013");
    if (rows2.every((row) => row === null || isWhole(row)))
      lines2.push(
        line`${words.one} ${which2}: ${withoutEnd(printRow(over, { round: round4 }))}; ${words.end}. ${{ inline: count }}`
      );
    else {
      const said2 = overStitchesInWords(
        text2,
        i,
        rows2.some((row) => (row?.plain[0] ?? 0) > 0)
      );
      lines2.push(
        line`${words.one} ${which2}: work ${one2} ${numbers[i]} of ${name2} over the sts between, “${said2}”${facing}${{ inline: besideWords(rows2, begins, part, soFar) }}; ${words.end}. ${{ inline: count }}`,
        ...placesLine(rows2, begins, part, soFar)
      );
    }
    begins = begins.map((n, size2) => now[size2] ? n + 1 : n);
  }
  if (sizes2.every((size2) => begins[size2] > to[size2])) return lines2;
  const { first, last } = text2.repeat;
  const which = first === last ? line`repeat ${one2} ${numbers[first]} of ${name2}${facing}` : line`work ${one2}s ${numbers[first]} ${last === first + 1 ? "and" : "to"} ${numbers[last]} of ${name2} in turn${facing}, beginning with ${one2} ${begins.map((n, size2) => worked2[size2] && n <= to[size2] ? numbers[index(size2, n)] : "\u2013")} and ending with ${one2} ${to.map((n, size2) => worked2[size2] && begins[size2] <= n ? numbers[index(size2, n)] : "\u2013")}`;
  const ends2 = to.map((n, size2) => worked2[size2] ? at(size2, n) : null);
  const beside = besideWords(ends2, to, part, soFar);
  lines2.push(
    line`${words.one}s ${to.map((n, size2) => rangeInWords(begins[size2], n))}${{ inline: soFar.lengthBeside(to) }}: ${{ inline: which }}${{ inline: beside }}; ${words.end}. ${{ inline: count }}`,
    ...placesLine(ends2, to, part, soFar)
  );
  return lines2;
}
function isAlwaysFront(way) {
  return way !== void 0 && way !== "turned";
}
function isWhole(row) {
  return row !== null && row.plain.every((many) => many === 0);
}
function seenAt(n, part, soFar) {
  const round4 = soFar.wayOf(part);
  return { side: soFar.isRightSide(n) ? "RS" : "WS", ...round4 ? { round: round4 } : {} };
}
function besideWords(rows2, to, part, soFar) {
  const round4 = soFar.wayOf(part) !== void 0;
  if (rows2.every((row) => row === null || isWhole(row))) return [];
  if (rows2.every((row) => row === null || row.repeats.length === 1)) {
    const plain2 = rows2.map(
      (row, size2) => row ? fromTheRight(row, seenAt(to[size2], part, soFar)).plain : [0, 0]
    );
    const [first, last] = round4 ? ["beginning of the rnd", "its end"] : ["right edge", "the left"];
    return line`, with ${plain2.map(([right]) => right)} plain ${soFar.stitch} at the ${first} and ${plain2.map((all) => all.at(-1))} at ${last}`;
  }
  return [`, with plain ${soFar.stitch} beside and between the repeats`];
}
function placesLine(rows2, to, part, soFar) {
  if (rows2.every((row) => row === null || row.repeats.length === 1 || isWhole(row))) return [];
  const lists = rows2.map((row, size2) => row ? placesInWords(row, seenAt(to[size2], part, soFar)) : "\u2013");
  const [edge2, many] = soFar.wayOf(part) === void 0 ? ["the right edge", "rows"] : ["the beginning of the rnd", "rnds"];
  return [line`The last of these ${many} has, from ${edge2}: ${{ lists }}`];
}
function afterShaping(part, to, way, soFar) {
  const { stitches: stitches2, fabric: fabric2, stitch } = soFar;
  if (stitches2.is !== "rows" || stitches2.text.work === "tunisian") return [];
  const at = rowsOfPart(part, soFar);
  const rows2 = to.map((n, size2) => at(size2, n));
  const round4 = soFar.wayOf(part) !== void 0;
  const one2 = round4 ? "rnd" : "row";
  const { name: name2 } = fabric2;
  const rings = soFar.unitOf(part) !== null;
  const whole = fabric2.shaping === "units" && way === "edges" && !round4;
  const keep = rings ? `Shape by whole repeats of ${name2}: every rnd is one of its rnds.` : whole ? `Shape by whole repeats of ${name2}: each row begins and ends as its rows do.` : way === "spread" ? `Work each ${one2} that shapes in plain ${stitch}, and begin ${name2} anew above it.` : way === "lines" ? `Keep the repeats of ${name2} above each other between the lines; sts beside a line that make no whole repeat are plain ${stitch}.` : `Keep the repeats of ${name2} above each other; sts at an edge that make no whole repeat are plain ${stitch}.`;
  return withLast([keep], rows2, to, part, soFar, whole || rings || round4);
}
function withLast(keep, rows2, to, part, soFar, bare) {
  const round4 = soFar.wayOf(part) !== void 0;
  const many = round4 ? "rnds" : "rows";
  if (rows2.some((row) => row === null)) return [keep];
  const followed = rows2.map((row) => row);
  if (followed.every(({ pattern: pattern3 }) => pattern3 === null))
    return [line`${{ inline: keep }} The last of these ${many} is plain throughout.`];
  const places = placesLine(followed, to, part, soFar);
  if (places.length > 0) return [keep, ...places];
  const plain2 = followed.map((row, size2) => fromTheRight(row, seenAt(to[size2], part, soFar)).plain);
  const beside = bare && plain2.every(([right, left]) => right === 0 && left === 0) ? [] : line`, ${plain2.map(([right]) => right)} plain sts at the ${round4 ? "beginning of the rnd" : "right edge"} and ${plain2.map((all) => all.at(-1))} at ${round4 ? "its end" : "the left"}`;
  return [
    line`${{ inline: keep }} The last of these ${many} has ${followed.map(repeatsIn)} repeats${{ inline: beside }}.`
  ];
}
function shortInPattern(part, from, to, soFar) {
  const { stitches: stitches2, fabric: fabric2, stitch } = soFar;
  if (stitches2.is !== "rows" || stitches2.text.work === "tunisian") return [];
  const at = rowsOfPart(part, soFar);
  const begins = from.map(
    (n, size2) => 1 + lastOf2(n + 1, to[size2], (row) => at(size2, row)?.pattern === null)
  );
  const ends2 = to.map((n, size2) => at(size2, n)?.pattern === null ? n - 1 : n);
  const numbers = stitches2.text.rows.map(({ n }, i) => n ?? i + 1);
  const followed = begins.every(
    (n, size2) => n <= ends2[size2] && lastOf2(n, ends2[size2], (row) => (at(size2, row)?.pattern ?? null) !== null && !at(size2, row).ring) === ends2[size2]
  );
  const plain2 = begins.every((n, size2) => n > to[size2]);
  const keep = followed ? line`Work rows ${begins.map((n, size2) => rangeInWords(n, ends2[size2]))} of the piece in ${fabric2.name}, beginning with row ${begins.map((n, size2) => numbers[at(size2, n).pattern])} and ending with row ${ends2.map((n, size2) => numbers[at(size2, n).pattern])} of it, the repeats above each other; sts beside a turn, and such as make no whole repeat, are plain ${stitch}.` : plain2 ? [`Work these rows in plain ${stitch}, and begin ${fabric2.name} anew above them.`] : [
    `Keep the repeats of ${fabric2.name} above each other; sts beside a turn, and such as make no whole repeat, are plain ${stitch}.`
  ];
  return withLast(
    keep,
    to.map((n, size2) => at(size2, n)),
    to,
    part,
    soFar,
    soFar.wayOf(part) !== void 0
  );
}
var LEFT_OUT = "(?:\u2013|\\d+)";
var BESIDE2 = `, with (?:(\\d+) plain ${STITCH} at the (?:right edge|beginning of the rnd) and (\\d+) at (?:the left|its end)|(plain) ${STITCH} beside and between the repeats)`;
var PATTERN_SENTENCES = [
  {
    form: new RegExp(
      `^${ROWS}: (?:(?:repeat|work) (?:row|rnd) (\\d+) of (.+?)(?: over the sts between, \u201C(.+?)\u201D)?|work (?:rows|rnds) (\\d+) (?:and|to) (\\d+) of (.+?) in turn)(?:, always from the right side)?(?:, beginning with (?:row|rnd) (${LEFT_OUT}) and ending with (?:row|rnd) (${LEFT_OUT}))?(?:${BESIDE2})?; ${END}\\. ${COUNT}$`
    ),
    read: ([, from, to, , only, name2, over, lowest, highest, names, first, last, right, left, between4, , stitches2], reader) => {
      if (from === "\u2013") return;
      if (over) reader.overStitches(Number(only), name2, over);
      reader.evenRows(from, to, Number(stitches2));
      reader.inPattern({
        of: name2 ?? names,
        from: Number(from),
        to: Number(to ?? from),
        first: Number(only ?? first),
        last: Number(only ?? last),
        turn: [Number(only ?? lowest), Number(only ?? highest)],
        // Where repeats lie in several stretches, a sentence of its own says where.
        edges: between4 ? null : [Number(right ?? 0), Number(left ?? 0)]
      });
    }
  },
  {
    form: new RegExp(
      `^(?:Keep the repeats of (.+?) above each other.*?; .+?|Shape by whole repeats of (.+?): .+?|Work each (?:row|rnd) that shapes in plain ${STITCH}, and begin (.+?) anew above it|Work these rows in plain ${STITCH}, and begin (.+?) anew above them|Work rows (\\d+)(?:\u2013(\\d+))? of the piece in (.+?), beginning with row (\\d+) and ending with row (\\d+) of it, .+?)\\.(?: The last of these (?:rows|rnds) (?:is (plain) throughout|has (\\d+) repeats?(?:, (\\d+) plain sts? at the (?:right edge|beginning of the rnd) and (\\d+) at (?:the left|its end))?)\\.)?$`
    ),
    read: ([, kept, whole, anew, above2, from, to, short2, first, last, plain2, repeats, right, left], reader) => {
      const of = kept ?? whole ?? anew ?? above2 ?? short2;
      reader.said.names.push({ of, from: reader.maker.now().n });
      if (short2 !== void 0)
        reader.inPattern({
          of,
          from: Number(from),
          to: Number(to ?? from),
          first: Number(first),
          last: Number(last),
          edges: null
        });
      if (plain2 !== void 0) reader.placesAfter(`${reader.maker.now().count} plain`);
      else if (repeats !== void 0)
        reader.placesAfter({ repeats: Number(repeats), edges: [Number(right ?? 0), Number(left ?? 0)] });
    }
  },
  {
    form: /^The last of these (?:rows|rnds) has, from (?:the right edge|the beginning of the rnd): (.+)$/,
    read: ([, list], reader) => {
      if (list !== "\u2013") reader.placesAfter(list);
    }
  },
  {
    form: new RegExp(
      `^(?:Row|Rnd) 1 \\(RS\\): work row 1 of your stitch pattern over (\\d+) sts?; ${END}\\. ${COUNT}$`
    ),
    read: ([, over, end, stitches2], reader) => reader.start(Number(stitches2), Number(over), WAYS[end])
  },
  {
    form: new RegExp(`^Row 1 \\(RS\\): (.+); (turn|return)\\. ${COUNT}$`),
    read: ([, words, end, stitches2], reader) => reader.start(Number(stitches2), reader.workFirstRow(words, end === "return"))
  },
  {
    form: new RegExp(`^(Row|Rnd) (\\d+)(?: \\(RS\\))?: (.+); ${END}\\. ${COUNT}$`),
    read: ([, , row, words, end, stitches2], reader) => {
      if (row === "1") {
        reader.start(Number(stitches2), reader.chain, WAYS[end]);
        reader.begunInPattern = true;
        return;
      }
      reader.evenRows(row, row, Number(stitches2));
      reader.writtenRow(Number(row), words);
    }
  },
  { form: new RegExp(`^(?:Row|Rnd) \u2013: .+; ${END}\\. ${COUNT}$`), read: () => void 0 }
];

// packages/core/src/passages/even.ts
var even = {
  rows: ({ part, to }, maker2) => maker2.even(maker2.part(part), to),
  words: (all, soFar) => evenWords(all, soFar),
  sentences: [
    {
      form: new RegExp(`^${ROWS}: (in pattern|${STITCH} in each st); ${END}\\. ${COUNT}$`),
      read: ([, from, to, , what, , stitches2], reader) => {
        reader.evenRows(from, to, Number(stitches2));
        if (what === "in pattern" && from !== "\u2013") reader.said.loose += Number(to ?? from) - Number(from) + 1;
      }
    },
    {
      form: new RegExp(`^${ROWS}: work even\\.(?: ${COUNT})?$`),
      read: ([, from, to, , stitches2], reader) => reader.evenRows(from, to, Number(stitches2 ?? reader.maker.now().count))
    }
  ],
  inShort: ({ to }) => `Work even to row ${to}`
};
function evenWords(all, soFar) {
  const { part } = all[0];
  const from = soFar.of(part).map(({ n }) => n + 1);
  const counts = soFar.of(part).map(({ count }) => count);
  const to = all.map((one3) => one3.to);
  soFar.reach(
    part,
    to.map((n, size2) => ({ n, count: counts[size2] }))
  );
  const { stitches: stitches2 } = soFar;
  if (stitches2.is === "rows") return rowsInPattern(part, from, to, counts, stitches2, soFar);
  const ranges = to.map((n, size2) => rangeInWords(from[size2], n));
  if (ranges.every((text2) => text2 === "\u2013")) return [];
  const { one: one2, end } = soFar.wordsOf(part);
  return [
    line`${one2}s ${ranges}${{ inline: soFar.lengthBeside(to) }}: ${soFar.even}; ${end}. (${counts} sts)`
  ];
}

// packages/core/src/read/maker.ts
var ReadFault = class extends Error {
  name = "ReadFault";
};

// packages/core/src/passages/goOn.ts
var ABOVE = /^Above /;
var OF_HALF = /^The (?:front|back)$/;
var opposite = (side) => side === "left" ? "right" : "left";
var goOn = {
  rows: ({ part, from, at, take, rejoin }, maker2) => {
    const { n, side } = maker2.part(from);
    maker2.begin({ name: part, n, count: take, first: [{ part: from, n, take, at }], side, rejoin });
  },
  words: (all, soFar) => {
    const before = all.map(({ from }, size2) => soFar.of(from)[size2]);
    const lines2 = writeGoOn(
      all,
      soFar.divided,
      before.map(({ n }) => n + 1),
      before.map(({ count }) => count)
    );
    soFar.reach(
      all[0].part,
      all.map(({ take }, size2) => ({ n: before[size2].n, count: take }))
    );
    soFar.divide(all);
    return lines2;
  },
  sentences: [
    {
      form: /^(.+), from row (\d+) on: fasten off, skip (\d+) sts? where the row begins, rejoin the yarn in the next st and work (\d+) sts?(?:; leave the last (\d+) sts? unworked)?\.$/,
      read: ([, label, row, skip2, take, leave], reader) => {
        const from = reader.maker.now();
        reader.agree(Number(row), from.n + 1, `the row of ${label}`);
        reader.agree(
          Number(skip2) + Number(take) + Number(leave ?? 0),
          from.count,
          `what ${label} leaves and takes`
        );
        const right = reader.maker.nextSide(from) === "RS";
        const begins = right ? "right" : "left";
        reader.goOn(
          from,
          right ? Number(leave ?? 0) : Number(skip2),
          Number(take),
          true,
          ABOVE.test(label) ? from.inner : begins
        );
      }
    },
    {
      form: /^(.+): go on over the first (\d+) sts? only from row (\d+) on; leave the other (\d+) sts? unworked\.$/,
      read: ([, label, take, row, leave], reader) => {
        const from = reader.maker.now();
        reader.agree(Number(row), from.n + 1, `the row of ${label}`);
        reader.agree(Number(take) + Number(leave), from.count, `what ${label} leaves and takes`);
        const right = reader.maker.nextSide(from) === "RS";
        const division = right ? "left" : "right";
        const inner = OF_HALF.test(label) ? opposite(division) : division;
        reader.goOn(
          from,
          right ? Number(leave) : 0,
          Number(take),
          false,
          ABOVE.test(label) ? from.inner : inner
        );
      }
    },
    {
      form: /^(.+): (?:skip (\d+) sts? of the last full row in the middle, )?rejoin the yarn in the next st and work the last (\d+) sts? from row (\d+) on\.$/,
      read: ([, label, skip2, take, row], reader) => {
        const other = reader.maker.now().parent;
        if (!other) throw new ReadFault(`${label} has no first part beside it`);
        const { part: from, at } = other;
        reader.agree(Number(row), from.n + 1, `the row of ${label}`);
        const onTheLeft = at > 0;
        const division = onTheLeft ? "right" : "left";
        const between4 = onTheLeft ? at - Number(take) : from.count - Number(take) - other.take;
        reader.agree(Number(skip2 ?? 0), between4, `what ${label} skips`);
        reader.goOn(
          from,
          onTheLeft ? 0 : from.count - Number(take),
          Number(take),
          true,
          OF_HALF.test(label) ? opposite(division) : division
        );
      }
    }
  ],
  inShort: ({ label, take, rejoin }, _, unit2) => `${label}: go on over ${countedInWords(take, unit2)}${rejoin ? " with the yarn rejoined" : ""}`
};
function writeGoOn(parts, before, rows2, counts) {
  const { label, rejoin } = parts[0];
  const takes = parts.map(({ take }) => take);
  const leaves = parts.map(({ leave }) => leave);
  const sibling = before.every((one2, size2) => one2?.from === parts[size2].from);
  if (rejoin && !sibling) {
    const skipped = parts.map(({ take, leave }, size2) => counts[size2] - take - leave);
    const rest = leaves.some((leave) => leave > 0) ? line`; leave the last ${leaves} sts unworked` : [];
    return [
      line`${label}, from row ${rows2} on: fasten off, skip ${skipped} sts where the row begins, rejoin the yarn in the next st and work ${takes} sts${{ inline: rest }}.`
    ];
  }
  if (rejoin) {
    const skipped = parts.map(({ at, take }, size2) => {
      const other = before[size2];
      return at > other.at ? at - other.at - other.take : other.at - at - take;
    });
    const skip2 = skipped.some((many) => many > 0) ? line`skip ${skipped} sts of the last full row in the middle, rejoin` : ["rejoin"];
    return [
      line`${label}: ${{ inline: skip2 }} the yarn in the next st and work the last ${takes} sts from row ${rows2} on.`
    ];
  }
  return [
    line`${label}: go on over the first ${takes} sts only from row ${rows2} on; leave the other ${leaves} sts unworked.`
  ];
}

// packages/core/src/read/rates.ts
function readRows(text2) {
  const rows2 = [];
  for (const part of text2.split(/, (?=\d|every)/)) {
    const every = /^every (\d+)(?:st|nd|rd|th) from (\d+) to (\d+)$/.exec(part);
    const range2 = /^(\d+)(?:–(\d+))?$/.exec(part);
    const [step, from, to] = every ? [Number(every[1]), Number(every[2]), Number(every[3])] : range2 ? [1, Number(range2[1]), Number(range2[2] ?? range2[1])] : [0, 0, 0];
    if (step < 1) return null;
    for (let row = from; row <= to; row += step) rows2.push(row);
  }
  return rows2;
}
function readRates(text2) {
  const said2 = /^(.*), counted from (?:row|rnd) (\d+)(?:, 2 sts in the (first|last) (\d+) of them)?$/.exec(
    text2
  );
  if (!said2) return null;
  const rows2 = [];
  let row = Number(said2[2]);
  for (const part of said2[1].split(", then ")) {
    const rate2 = /^every (?:(\d+)(?:st|nd|rd|th) )?(?:row|rnd) (?:(\d+) times?|(once)|(twice))$/.exec(part);
    if (!rate2) return null;
    const times = rate2[3] ? 1 : rate2[4] ? 2 : Number(rate2[2]);
    for (let i = 0; i < times; i += 1) rows2.push(row += Number(rate2[1] ?? 1));
  }
  const twice = Number(said2[4] ?? 0);
  const doubled2 = (i) => said2[3] === "last" ? i >= rows2.length - twice : i < twice;
  return new Map(rows2.map((one2, i) => [one2, doubled2(i) ? 2 : 1]));
}

// packages/core/src/read/pieceReader.ts
var sum = (numbers, group2 = 1) => [...numbers].reduce((all, found) => all + Number(found[group2] ?? 0), 0);

// packages/core/src/read/ofSize.ts
var FIGURE = String.raw`[\d–½¼¾][^\s(),]*`;
function tablesOf(text2) {
  return text2.split(" || ").slice(1).map((table) => {
    const [head, ...rows2] = table.split(" | ");
    return { head, rows: rows2.map((row) => row.split(" = ")) };
  });
}

// packages/core/src/text/aligned.ts
function aligned(all) {
  let columns = [];
  all.forEach((entries, size2) => {
    const merged = [];
    let [left, right] = [0, 0];
    const between4 = (untilLeft, untilRight) => {
      merged.push(...columns.slice(left, untilLeft));
      for (let i = right; i < untilRight; i += 1)
        merged.push({ entry: entries[i], places: /* @__PURE__ */ new Map([[size2, i]]) });
    };
    const known = columns.map(({ entry }) => entry);
    for (const [column, own] of longestCommon(known, entries)) {
      between4(column, own);
      columns[column].places.set(size2, own);
      merged.push(columns[column]);
      [left, right] = [column + 1, own + 1];
    }
    between4(columns.length, entries.length);
    columns = merged;
  });
  return columns.map(({ places }) => {
    const inOrder = [...places].sort(([a], [b]) => a - b);
    return { sizes: inOrder.map(([size2]) => size2), places: inOrder.map(([, place]) => place) };
  });
}
function longestCommon(a, b) {
  const best = Array.from({ length: a.length + 1 }, () => new Array(b.length + 1).fill(0));
  for (let i2 = a.length - 1; i2 >= 0; i2 -= 1)
    for (let k2 = b.length - 1; k2 >= 0; k2 -= 1)
      best[i2][k2] = a[i2] === b[k2] ? 1 + best[i2 + 1][k2 + 1] : Math.max(best[i2 + 1][k2], best[i2][k2 + 1]);
  const pairs = [];
  let [i, k] = [0, 0];
  while (i < a.length && k < b.length) {
    if (a[i] === b[k]) pairs.push([i++, k++]);
    else if (best[i + 1][k] >= best[i][k + 1]) i += 1;
    else k += 1;
  }
  return pairs;
}

// packages/core/src/passages/scheduleTables.ts
var MOST_RATES = 7;
var TWICE = { first: "2 sts in the first of these", last: "2 sts in the last of these" };
function scheduleTable(shaped2) {
  const byRate = ratesTable(shaped2);
  const ways = [
    ...byRate && byRate.rows.length <= MOST_RATES ? [byRate] : [],
    ...stretchesTable(shaped2),
    rowsTable(shaped2)
  ];
  return ways.reduce((best, one2) => one2.rows.length < best.rows.length ? one2 : best);
}
var STRETCHES = ", so many rows, then 1 row even";
function stretchesTable({ schedules, does, place, share, row }) {
  const amounts = schedules.flatMap((one2) => one2.events.map((_, i) => amountOf(one2, i) / share));
  const [each2] = amounts;
  const gaps = schedules.map(({ events }) => events.slice(1).map((n, i) => n - events[i]));
  if (amounts.some((many) => many !== each2) || gaps.flat().some((gap) => gap > 2)) return [];
  const stretches2 = schedules.map(({ events }, size2) => {
    const lengths = events.length === 0 ? [] : [1];
    for (const gap of gaps[size2]) {
      if (gap === 1) lengths[lengths.length - 1] += 1;
      else lengths.push(1);
    }
    return lengths;
  });
  const most = Math.max(0, ...stretches2.map(({ length: length2 }) => length2));
  return [
    tableOf(`${does}${each2 === 1 ? "" : ` ${each2} sts`} ${place}${STRETCHES.replaceAll("row", row)}`, [
      {
        label: `first in ${row}`,
        each: schedules.map(({ events }) => events[0] === void 0 ? NONE4 : String(events[0]))
      },
      ...Array.from({ length: most }, (_, i) => ({
        label: `${ordinal(i + 1)} time`,
        each: stretches2.map((lengths) => String(lengths[i] ?? NONE4))
      }))
    ])
  ];
}
function rowsTable({ schedules, from, does, place, share, row }) {
  const cells = schedules.map(
    (schedule2, size2) => new Map(
      schedule2.events.map((n, i) => [n - from[size2], String(amountOf(schedule2, i) / share)])
    )
  );
  const last = Math.max(0, ...cells.flatMap((of) => [...of.keys()]));
  const rows2 = [];
  for (let n = 1; n <= last; n += 1) {
    const each2 = cells.map((of) => of.get(n) ?? NONE4);
    const before = rows2.at(-1);
    if (before && String(before.each) === String(each2)) before.last = n;
    else rows2.push({ first: n, last: n, each: each2 });
  }
  return tableOf(
    `${does} ${place}, sts`,
    rows2.map(({ first, last: to, each: each2 }) => ({
      label: first === to ? `${row} ${first}` : `${row}s ${first}\u2013${to}`,
      each: each2
    }))
  );
}
function ratesTable({ schedules, does, place, share, row }) {
  if (schedules.every(({ events }) => events.length === 0)) return tableOf("", []);
  const amounts = schedules.flatMap((one2) => one2.events.map((_, i) => amountOf(one2, i) / share));
  const least = Math.min(...amounts);
  const twice = least === 1 && amounts.some((many) => many === 2) ? twiceOf(schedules, share) : null;
  if (amounts.some((many) => many !== least) && !twice) return null;
  const runs2 = schedules.map(({ events }) => ratesOf(events.slice(1).map((n, i) => n - events[i])));
  const columns = aligned(runs2.map((of) => of.map(({ every }) => String(every))));
  const rates = columns.map(({ sizes: sizes2, places }) => {
    const each2 = schedules.map(() => NONE4);
    sizes2.forEach((size2, i) => each2[size2] = `${runs2[size2][places[i]].times}\xD7`);
    const { every } = runs2[sizes2[0]][places[0]];
    return { label: `then every ${every === 1 ? row : `${ordinal(every)} ${row}`}`, each: each2 };
  });
  return tableOf(`${does}${least === 1 ? "" : ` ${least} sts`} ${place} in ${row}`, [
    {
      label: "first",
      each: schedules.map(({ events }) => events[0] === void 0 ? NONE4 : String(events[0]))
    },
    ...rates,
    ...twice ?? []
  ]);
}
function twiceOf(schedules, share) {
  for (const end of ["first", "last"]) {
    const many = schedules.map((one2) => one2.events.filter((_, i) => amountOf(one2, i) / share === 2).length);
    const fits = schedules.every(
      (one2, size2) => one2.events.every((_, i) => {
        const two = end === "first" ? i < many[size2] : i >= one2.events.length - many[size2];
        return amountOf(one2, i) / share === (two ? 2 : 1);
      })
    );
    if (fits) return [{ label: TWICE[end], each: many.map((of) => of === 0 ? NONE4 : String(of)) }];
  }
  return null;
}
function readScheduleTable({ head, rows: rows2 }, before) {
  const changes = /* @__PURE__ */ new Map();
  if (/, sts$/.test(head)) {
    for (const [label, figure2] of rows2) {
      const [, first, last] = /^(?:row|rnd)s? (\d+)(?:–(\d+))?$/.exec(label) ?? [];
      if (first === void 0 || !/^\d+$/.test(figure2)) return null;
      for (let n = Number(first); n <= Number(last ?? first); n += 1) changes.set(before + n, Number(figure2));
    }
    return changes;
  }
  const each2 = Number(/^(?:add|take off|increase|decrease) (\d+) sts /.exec(head)?.[1] ?? 1);
  let row = NaN;
  if (/, then 1 (?:row|rnd) even$/.test(head)) {
    for (const [label, figure2] of rows2) {
      if (!/^\d+$/.test(figure2)) return null;
      if (/^first in (?:row|rnd)$/.test(label)) row = Number(figure2);
      else {
        for (let i = 0; i < Number(figure2); i += 1) changes.set(row++, each2);
        row += 1;
      }
    }
    return Number.isNaN(row) && rows2.length > 0 ? null : changes;
  }
  for (const [label, figure2] of rows2) {
    const [, every] = /^then every (?:(\d+)(?:st|nd|rd|th) )?(?:row|rnd)$/.exec(label) ?? [];
    if (label === "first") changes.set(row = Number(figure2), each2);
    else if (label === TWICE.first || label === TWICE.last) {
      const all = [...changes.keys()];
      const some = label === TWICE.first ? all.slice(0, Number(figure2)) : all.slice(-Number(figure2));
      for (const one2 of some) changes.set(one2, 2 * each2);
    } else if (/^then every /.test(label) && /^\d+×$/.test(figure2))
      for (let i = 0; i < parseInt(figure2, 10); i += 1) changes.set(row += Number(every ?? 1), each2);
    else return null;
  }
  return [...changes.keys()].some(Number.isNaN) ? null : changes;
}

// packages/core/src/read/inFull.ts
var PIECES = [
  [
    new RegExp(`^row (\\d+) of (.+?) \\((\\d+) repeats?\\) over (that st and )?the next (\\d+) sts?`),
    ([, row, of, repeats, begun, over], said2) => {
      const width = Number(over) + (begun ? 1 : 0);
      said2.taken += Number(over);
      said2.made += width;
      said2.zones.push({ row: Number(row), of, repeats: Number(repeats), width });
      said2.plain.push(0);
    }
  ],
  [/^sl st over the first (\d+) sts?/, ([, many], said2) => said2.taken += Number(many)],
  [/^leave the last (\d+) sts? unworked/, ([, many], said2) => said2.left += Number(many)],
  [new RegExp(`^${STITCH} in the last of them again`), (_, said2) => plainStitches(said2, 1, 0)],
  [
    new RegExp(`^(\\d+) ${STITCH} in the (?:first|next|last) st`),
    ([, many], said2) => plainStitches(said2, Number(many), 1)
  ],
  [
    new RegExp(`^${STITCH}(\\d)tog(?: (\\d+) times)?`),
    ([, takes, times], said2) => plainStitches(said2, Number(times ?? 1), Number(takes) * Number(times ?? 1))
  ],
  [
    new RegExp(`^${STITCH} in the (?:first|last|next(?: (\\d+))?) sts?`),
    ([, many], said2) => plainStitches(said2, Number(many ?? 1), Number(many ?? 1))
  ]
];
function plainStitches(said2, made2, taken) {
  said2.made += made2;
  said2.taken += taken;
  said2.plain[said2.plain.length - 1] += made2;
}
function readInFull(words) {
  const said2 = { taken: 0, made: 0, left: 0, plain: [0], zones: [] };
  let rest = words;
  while (rest !== "") {
    const found = PIECES.map(([form, read2]) => ({ found: form.exec(rest), read: read2 })).find((one2) => one2.found);
    if (!found) return null;
    found.read(found.found, said2);
    rest = rest.slice(found.found[0].length).replace(/^, /, "");
  }
  return said2;
}

// packages/core/src/work/rows.ts
function isTake(source) {
  return source.along === void 0;
}

// packages/core/src/passages/rowsInFull.ts
function rowsInFull(part, from, to, beside, soFar) {
  const { stitches: stitches2, fabric: fabric2 } = soFar;
  if (stitches2.is !== "rows" || stitches2.text.work === "tunisian") return [];
  const { text: text2 } = stitches2;
  const all = soFar.stitchedRows();
  const shaped2 = from.map(
    (before, size2) => soFar.rowsOfPart(part, size2).flatMap((row, i, rows2) => {
      const stitched = all[size2].get(`${part}:${row.n}`);
      if (!stitched || stitched.ring || stitched.pattern === null) return [];
      if (row.n <= before || row.n > to[size2]) return [];
      const shapes = row.by !== 0 || row.add > 0 || i > 0 && rows2[i - 1].count !== row.count;
      const begins = row.n === before + 1 || stitched.pattern < text2.repeat.first || i > 0 && all[size2].get(`${part}:${rows2[i - 1].n}`)?.pattern === null;
      const under = row.from.reduce((sum2, source) => sum2 + (isTake(source) ? source.take : 0), 0);
      const left = i > 0 ? rows2[i - 1].count - under : 0;
      return shapes || begins ? [{ row, stitched, shapes, left }] : [];
    })
  );
  const overThese = ({ pattern: pattern3, plain: plain2 }) => pattern3 >= text2.repeat.first ? "" : ` over these sts, \u201C${overStitchesInWords(text2, pattern3, plain2[0] > 0)}\u201D`;
  const numberOf = ({ pattern: pattern3 }) => text2.rows[pattern3].n ?? pattern3 + 1;
  const words = soFar.wordsOf(part);
  const edge2 = soFar.wayOf(part) === void 0 ? "the right edge" : "the beginning of the rnd";
  if (shaped2.length === 1)
    return shaped2[0].map(({ row, stitched, shapes, left }) => {
      const over = overThese(stitched);
      const full = beside === "edges" && shapes && over === "" ? rowInWords(row, left, stitched, numberOf(stitched), stitches2.proof.base, soFar) : null;
      return full === null ? [
        `${words.one} ${row.n} is row ${numberOf(stitched)} of ${fabric2.name}${over}: from ${edge2} ${placesInWords(stitched, row)}. (${countOf(row.count, "st")})`
      ] : [`${words.one} ${row.n} in full: ${full}; ${words.end}. (${countOf(row.count, "st")})`];
    });
  const isOne = ({ stitched }) => stitched.repeats.length === 1;
  if (beside === "lines" || !shaped2.every((rows2) => rows2.every(isOne)) || shaped2.every(({ length: length2 }) => length2 === 0))
    return [];
  const isBare = ({ stitched }) => fabric2.shaping === "units" && stitched.plain.every((many) => many === 0) && overThese(stitched) === "";
  if (text2.repeat.first === text2.repeat.last && shaped2.flat().every(isBare)) return [];
  const most = Math.max(...shaped2.map(({ length: length2 }) => length2));
  const table = tableOf(
    `row (row of ${fabric2.name}): plain sts + repeats + plain sts`,
    Array.from({ length: most }, (_, i) => ({
      label: `${ordinal(i + 1)} of these`,
      each: shaped2.map((rows2) => {
        if (!rows2[i]) return NONE4;
        const { row, stitched } = rows2[i];
        const { plain: plain2, repeats } = fromTheRight(stitched, row);
        return `${row.n}(${numberOf(stitched)}):${plain2[0]}+${repeats[0]}+${plain2[1]}`;
      })
    }))
  );
  const [begun] = shaped2.flatMap((rows2) => rows2.filter(({ stitched }) => overThese(stitched) !== ""));
  return [
    ...begun ? [
      line`Row ${numberOf(begun.stitched)} of ${fabric2.name} goes over these sts as “${overStitchesInWords(text2, begun.stitched.pattern, begun.stitched.plain[0] > 0)}”.`
    ] : [],
    line`${words.one}s that shape and begin, from ${edge2}:${table}`
  ];
}
function rowInWords(row, left, { plain: plain2, repeats }, number2, base, { fabric: fabric2, stitch }) {
  const order = directionOf(row) === 1 ? [...row.steps].reverse() : row.steps;
  const isTold = ({ do: does }, i) => does === "work" || does === "increase" || does === "decrease" || does === "slip" && i === 0;
  if (!order.every(isTold)) return null;
  let at = 0;
  const zones = repeats.map((many, i) => {
    const from = at + plain2[i];
    at = from + widthOf({ repeats: many }, base);
    return { from, to: at, many };
  });
  const said2 = [];
  let [made2, taken] = [0, 0];
  const all = row.from.reduce((sum2, source) => sum2 + (isTake(source) ? source.take : 0), 0);
  const place = (many) => many > 1 ? `in the next ${many} sts` : taken === 0 ? "in the first st" : taken === all - 1 ? "in the last st" : "in the next st";
  let open = null;
  for (const step of order) {
    if (step.do === "slip") {
      said2.push(`sl st over the first ${countOf(step.times, "st")}`);
      taken += step.times;
      continue;
    }
    const [takes, makes] = [takesOf(step), makesOf(step)];
    if (step.do === "work") {
      let left2 = step.times;
      while (left2 > 0) {
        const zone = open ?? zones.find(({ from }) => from >= made2) ?? null;
        const until = open ? made2 : zone?.from ?? Infinity;
        const plainHere = Math.min(left2, until - made2);
        if (plainHere > 0) {
          said2.push(`${stitch} ${place(plainHere)}`);
          [made2, taken, left2] = [made2 + plainHere, taken + plainHere, left2 - plainHere];
          continue;
        }
        const begun = open !== null;
        const width = zone.to - made2;
        const inside2 = Math.min(width, left2);
        if (width - inside2 > 1) return null;
        said2.push(
          `row ${number2} of ${fabric2.name} (${countOf(zone.many, "repeat")}) over ${begun ? "that st and " : ""}the next ${countOf(width, "st")}`
        );
        [made2, taken, left2] = [made2 + inside2, taken + inside2, left2 - inside2];
        open = inside2 < width ? zone : null;
      }
      continue;
    }
    for (let i = 0; i < step.times; i += 1) {
      const zone = zones.find(({ from, to }) => from < made2 + makes && to > made2);
      if (!zone) {
        if (step.do === "increase") said2.push(`${makes} ${stitch} ${place(1)}`);
        else said2.push(`${stitch}${takes}tog`);
      } else if (step.do === "increase" && makes === 2 && zone.from === made2 + 1 && !open) {
        said2.push(`${stitch} ${place(1)}`);
        open = zone;
      } else if (step.do === "increase" && makes === 2 && zone.to === made2 + 1 && open === zone) {
        said2.push(`${stitch} in the last of them again`);
        open = null;
      } else return null;
      made2 += makes;
      taken += takes;
    }
  }
  if (left > 0) said2.push(`leave the last ${countOf(left, "st")} unworked`);
  return open ? null : gathered3(said2).join(", ");
}
function gathered3(said2) {
  const all = [];
  for (const words of said2) {
    const last = all.at(-1);
    if (last?.words === words && /tog$/.test(words)) last.times += 1;
    else all.push({ words, times: 1 });
  }
  return all.map(({ words, times }) => times > 1 ? `${words} ${times} times` : words);
}
var IN_FULL_SENTENCES = [
  {
    form: new RegExp(`^(?:Row|Rnd) (\\d+) in full: (.+); ${END}\\. ${COUNT}$`),
    read: ([, n, words, , stitches2], reader) => reader.inFull(Number(n), readInFull(words), Number(stitches2))
  },
  {
    form: new RegExp(
      `^(?:Row|Rnd) (\\d+) is row (\\d+) of (.+?)(?: over these sts, \u201C(.+)\u201D)?: from (?:the right edge|the beginning of the rnd) (.+)\\. ${COUNT}$`
    ),
    read: ([, n, row, of, over, places, stitches2], reader) => {
      if (over) reader.overStitches(Number(row), of, over);
      reader.rowHas(Number(n), Number(row), of, places);
      reader.agree(Number(stitches2), reader.countAfter(Number(n)), `the count after row ${n}`);
    }
  },
  {
    form: /^Row (\d+) of (.+) goes over these sts as “(.+)”\.$/,
    read: ([, row, of, words], reader) => reader.overStitches(Number(row), of, words)
  },
  {
    form: /^(?:Row|Rnd)s that shape and begin, from (?:the right edge|the beginning of the rnd):( \|\| .+)$/,
    read: ([, tables], reader) => {
      for (const { head, rows: rows2 } of tablesOf(tables)) {
        const of = /^row \(row of (.+)\): plain sts \+ repeats \+ plain sts$/.exec(head)?.[1];
        for (const [, figures] of rows2) {
          const [, n, row, right, repeats, left] = /^(\d+)\((\d+)\):(\d+)\+(\d+)\+(\d+)$/.exec(figures) ?? [];
          if (of === void 0 || n === void 0) throw new ReadFault(`\u201C${figures}\u201D cannot be read`);
          reader.rowHas(Number(n), Number(row), of, {
            repeats: Number(repeats),
            edges: [Number(right), Number(left)]
          });
        }
      }
    }
  }
];

// packages/core/src/passages/reasons.ts
function withSource(reason, quantity2) {
  return quantity2 ? { ...reason, from: { kind: "quantity", id: quantity2 } } : reason;
}

// packages/core/src/passages/lines.ts
function besideOne(words) {
  const losing = new RegExp(`${STITCH}2tog (before it)( and after it)?`).exec(words);
  if (losing) return { gained: -1, sides: losing[2] ? 2 : 1 };
  const gaining = [...words.matchAll(new RegExp(`(\\d+) ${STITCH} in (?:that|the)(?: next)? st`, "g"))];
  if (gaining.length > 0) return { gained: sum(gaining) - gaining.length > 0 ? 1 : 0, sides: gaining.length };
  return { gained: 1, sides: /the one side, .+ the other side|as the sides gain/.test(words) ? 2 : 0 };
}
var lines = {
  rows: (passage, maker2) => workLines(passage, maker2),
  words: (all, soFar) => {
    const { part } = all[0];
    const from = soFar.of(part).map(({ n }) => n + 1);
    soFar.reach(
      part,
      all.map(({ to: to2, sections, line: way }) => ({
        n: to2,
        count: stitchesOf(countsAfterRow(sections, to2), way)
      }))
    );
    const to = all.map((one2) => one2.to);
    const before = from.map((n) => n - 1);
    const full = rowsInFull(part, before, to, "lines", soFar);
    const words = soFar.wordsOf(part);
    return [
      ...writeLines(all, from, soFar, words, full.length === 0),
      ...afterShaping(part, to, "lines", soFar),
      ...full
    ];
  },
  sentences: [
    {
      form: new RegExp(
        `^(?:Increase|Shaping) (?:row|rnd): \\*(?:(.+); repeat from \\* at (?:each of the (\\d+) lines|the other side), work to the end)\\.`
      ),
      read: ([, atOne, places], reader) => {
        const { gained, sides } = besideOne(atOne);
        reader.agree(2, sides, "the sides of a line that shape");
        reader.lineSign = gained;
        reader.lineSchool = /ch-1 sp of the line/.test(atOne) ? "corner" : /marked st of the line/.test(atOne) ? "alternating" : "beside";
        reader.placesBeside = places ? Number(places) : 2 * sides;
      }
    },
    {
      form: new RegExp(
        `^At a front edge work (\\d+) ${STITCH} in the edge st for 1 st(, and ch as many as are to be gained for more, to be worked into in the next row)?\\.$`
      ),
      read: ([, into, chains], reader) => {
        reader.agree(1, Number(into) - 1, "what is worked at a front edge for 1 st");
        reader.chainsAtEdge = chains !== void 0;
      }
    },
    {
      form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?: go on with the (increases|decreases) at the lines as begun\.$/,
      read: ([, from, , way], reader) => {
        if (from !== "\u2013") reader.agree(Number(from), reader.maker.now().n + 1, "the next row");
        reader.agree(way === "increases" ? 1 : -1, reader.lineSign, "the way of the shaping as begun");
        if (reader.lines.size === 0) throw new ReadFault("no shaping at lines was begun");
      }
    },
    {
      form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?, the (?:row|rnd)s that (increase|decrease):$/,
      read: ([, , , way], reader) => reader.beginLines(way === "increase" ? 1 : -1)
    },
    {
      form: new RegExp(
        `^${ROWS}, (increase|decrease) beside the lines(?: as the tables? says?(?:, (?:row|rnd) (\\d+|\u2013) being their row 1)?)?, the other (?:row|rnd)s even:(.*)$`
      ),
      read: ([, from, , , way, first, tables], reader) => {
        if (from === "\u2013") return;
        const before = reader.maker.now().n;
        const begun = reader.unitedAt ?? before + 1;
        reader.agree(Number(from), begun, "the next row");
        reader.beginLines(way === "increase" ? 1 : -1);
        if (first !== void 0) reader.agree(Number(first), begun, "the row that is 1 of the table");
        for (const table of tablesOf(tables)) {
          const [, verb, side] = /^(increase|decrease)(?: \d+ sts)? (.+?)(?:, sts| in (?:row|rnd)|, so many (?:row|rnd)s, then 1 (?:row|rnd) even)$/.exec(
            table.head
          ) ?? [];
          const rows2 = readScheduleTable(table, begun - 1);
          if (verb !== way || !rows2) throw new ReadFault(`the table \u201C${table.head}\u201D cannot be read`);
          reader.besideRows(side, rows2);
        }
      }
    },
    {
      form: new RegExp(
        `^(?:Row|Rnd) (\\d+): (add|take off) ((?:\\d+ sts? (?:on|at) [^,;]+(?:, )?)+); ${END}\\. ${COUNT}$`
      ),
      read: ([, row, way, list, , stitches2], reader) => {
        reader.agree(way === "add" ? 1 : -1, reader.lineSign, "the way in which these rows shape");
        for (const [, many, side] of list.matchAll(/(\d+) sts? ((?:on|at) [^,;]+)/g))
          reader.besideRow(side, Number(row), Number(many));
        reader.lineCounts.set(Number(row), Number(stitches2));
      }
    },
    {
      form: /^(on the body’s side of each line|on the sleeve’s side of each line|at each front edge|at both sides of each side marker): (.+?)\.?$/,
      read: ([, side, rates], reader) => reader.beside(side, rates)
    },
    {
      form: /^Work the other (?:row|rnd)s even; each (?:row|rnd) ends: .+\. After (?:row|rnd) (\d+): (\d+) sts? \((.+)\)\.$/,
      read: ([, row, stitches2, parts], reader) => reader.lineRows(Number(row), Number(stitches2), parts)
    }
  ],
  inShort: linesInShort,
  reasons: explainLines
};
function workLines({ part, sections, line: way, to }, maker2) {
  const state = maker2.part(part);
  let counts = null;
  for (const { row, sides } of changesByRow(sections)) {
    if (row > to) break;
    if (row <= state.n) continue;
    maker2.even(state, row - 1);
    counts ??= countsAfterRow(sections, row - 1);
    const { steps, by, add } = stepsBesideLines(sections, counts, way, sides);
    maker2.row(state, steps, by, { add });
    for (let i = 0; i < sections.length; i += 1) counts[i] += sides[2 * i] + sides[2 * i + 1];
  }
  maker2.even(state, to);
}
function writeLines(all, from, soFar, words, counted) {
  const { stitch } = soFar;
  const first = all[0];
  const ranges = all.map(({ to }, size2) => rangeInWords(from[size2], to));
  const rows2 = line`${words.one}s ${ranges}`;
  const totals = all.map(({ sections, to, line: way }) => stitchesOf(countsAfterRow(sections, to), way));
  const names = sidesOf2(first.sections);
  const shaping = names.filter(
    ({ pick }) => all.some(({ sections }) => (pick(sections)?.events.length ?? 0) > 0)
  );
  if (shaping.length === 0)
    return [line`${{ inline: rows2 }}: ${stitch} in each st; ${words.end}. (${totals} sts)`];
  const grow2 = all.some(({ sections }) => shaping.some(({ pick }) => (pick(sections)?.direction ?? 0) > 0));
  const word = grow2 ? "increase" : "decrease";
  const begun = all.some(
    ({ sections }, size2) => shaping.some(({ pick }) => (pick(sections)?.events[0] ?? Infinity) < from[size2])
  );
  const after = all.map(({ sections, to }) => countsAfterRow(sections, to));
  const parts = first.sections.map(
    ({ label }, i) => line`${i > 0 ? ", " : ""}${label} ${after.map((counts2) => counts2[i])}`
  );
  const lineStitches = all.map(({ line: way }) => way.stitches);
  const between4 = lineStitches.some((many) => many > 0) ? line`, each line ${lineStitches}` : [];
  const ending = line`Work the other ${words.short}s even; each ${words.short} ends: ${words.end}. After ${words.short} ${all.map(({ to }) => to)}: ${totals} sts (${{ inline: parts.flat() }}${{ inline: between4 }}).`;
  const counts = soFar.isAlone && counted ? countsInRows(first, from[0], words) : [];
  if (begun)
    return [line`${{ inline: rows2 }}: go on with the ${word}s at the lines as begun.`, ending, ...counts];
  const how = [
    ...howTo(first, stitch, words, grow2),
    ...shaping.some(({ pick }) => pick === edgeOf2) ? [atEdge(all, stitch)] : []
  ];
  const schedulesOf = ({ pick }) => all.map(({ sections }) => pick(sections));
  const goesOn = shaping.some(({ pick }) => (pick(first.sections).events.at(-1) ?? 0) > first.to);
  if (soFar.rowByRow && !goesOn)
    return [
      ...how,
      line`${{ inline: rows2 }}, ${word} beside the lines, the other ${words.short}s even:`,
      ...eachRow(first, from[0], shaping, words, grow2),
      ending
    ];
  if (soFar.isAlone)
    return [
      ...how,
      line`${{ inline: rows2 }}, the ${words.short}s that ${word}:`,
      ...shaping.map((side) => line`${side.label}: ${{ inline: whenShaped(schedulesOf(side), words) }}`),
      ending,
      ...counts
    ];
  const tables = shaping.map(
    (side) => scheduleTable({
      schedules: schedulesOf(side),
      from: from.map((n) => n - 1),
      does: word,
      place: side.label,
      share: 1,
      row: words.short
    })
  );
  const counting = tables.some(({ head }) => head.endsWith(", sts")) ? line`, ${words.short} ${from} being their row 1` : [];
  return [
    ...how,
    [
      ...line`${{ inline: rows2 }}${{ inline: soFar.lengthBeside(all.map(({ to }) => to)) }}, ${word} beside the lines as the table${tables.length > 1 ? "s say" : " says"}${{ inline: counting }}, the other ${words.short}s even:`,
      ...tables
    ],
    ending
  ];
}
function eachRow({ sections, to, line: way }, from, shaping, words, grow2) {
  const sides = shaping.map(({ label, pick }) => {
    const schedule2 = pick(sections);
    return { label, rows: new Map(schedule2.events.map((n, i) => [n, amountOf(schedule2, i)])) };
  });
  const rows2 = [...new Set(sides.flatMap(({ rows: of }) => [...of.keys()]))].filter((n) => n >= from && n <= to).sort((a, b) => a - b);
  return rows2.map((n) => {
    const places = sides.flatMap(
      ({ label, rows: of }) => of.has(n) ? [`${countOf(of.get(n), "st")} ${label}`] : []
    );
    const count = stitchesOf(countsAfterRow(sections, n), way);
    return [
      `${words.one} ${n}: ${grow2 ? "add" : "take off"} ${places.join(", ")}; ${words.end}. (${countOf(count, "st")})`
    ];
  });
}
function sidesOf2(sections) {
  const sleeve3 = sections.findIndex(({ of }) => of === "sleeve");
  if (sleeve3 < 0)
    return [{ label: "at both sides of each side marker", pick: ([, middle2]) => middle2?.left ?? null }];
  const edge2 = sections[0].left ? [{ label: "at each front edge", pick: edgeOf2 }] : [];
  return [
    { label: "on the body\u2019s side of each line", pick: (all) => all[0].right },
    { label: "on the sleeve\u2019s side of each line", pick: (all) => all[sleeve3].left },
    ...edge2
  ];
}
function edgeOf2(sections) {
  return sections[0].left;
}
function howTo({ line: { school, stitches: stitches2 }, name: name2, sections }, stitch, words, grow2) {
  if (name2 === "side")
    return [
      line`Shaping ${words.short}: *work to 1 st before the side marker, ${grow2 ? `2 ${stitch} in the next st, slip the marker, 2 ${stitch} in the st after it` : `${stitch}2tog before it and after it`}; repeat from * at the other side, work to the end.`
    ];
  const twice = [...sections].some(
    ({ left, right }) => left?.amounts !== void 0 || right?.amounts !== void 0
  );
  const lineWords = stitches2 === 0 ? "the marker" : stitches2 === 1 ? "the st of the line" : `the ${stitches2} sts of the line`;
  switch (school) {
    case "beside":
      return [
        line`Increase ${words.short}: *work to 1 st before ${lineWords}, 2 ${stitch} in that st, ${stitches2 === 0 ? "slip the marker" : `${stitch} in ${lineWords}`}, 2 ${stitch} in the next st; repeat from * at each of the 4 lines, work to the end. Where only one side increases, work plainly on the other.${twice ? ` Where 2 sts are to be gained, work 3 ${stitch} in the one st.` : ""}`
      ];
    case "alternating":
      return [
        line`Increase ${words.short}: *work to the marked st of the line, work as many ${stitch} more into it as the sides gain; move the marker to the st that has the body’s new sts on the body’s side of it and the sleeve’s on the other, so that the line stays straight; repeat from * at each of the 4 lines, work to the end.`
      ];
    case "corner":
      return [
        line`Increase ${words.short}: *work to the ch-1 sp of the line, (the new sts of the one side, ch 1, the new sts of the other side) in the sp; repeat from * at each of the 4 lines, work to the end. In the other ${words.short}s work ch 1 over the sp.`
      ];
  }
}
function atEdge(all, stitch) {
  const several = all.some(({ sections }) => edgeOf2(sections)?.amounts?.some((amount) => amount > 1));
  return line`At a front edge work 2 ${stitch} in the edge st for 1 st${several ? ", and ch as many as are to be gained for more, to be worked into in the next row" : ""}.`;
}
function whenShaped([schedule2], words) {
  const { rates, amounts, order, events, after } = schedule2;
  const uneven = amounts !== void 0;
  if (order === "curve" || rates.length > 3 || uneven && order === "mixed")
    return [amountsInWords(schedule2, 1, words)];
  const twos = events.filter((_, i) => amountOf(schedule2, i) > 1).length;
  const doubled2 = uneven ? `, 2 sts in ${order === "slow first" ? "the last" : "the first"} ${twos} of them` : "";
  return [
    `${ratesInWords(schedule2).replaceAll("row", words.short)}, counted from ${words.short} ${after}${doubled2}`
  ];
}
function countsInRows({ sections, to, line: way }, from, words) {
  const rows2 = [
    ...new Set(sections.flatMap(({ left, right }) => [...left?.events ?? [], ...right?.events ?? []]))
  ].filter((row) => row >= from && row <= to).sort((a, b) => a - b);
  const counts = rows2.map(
    (row) => `${words.short} ${row}: ${countOf(stitchesOf(countsAfterRow(sections, row), way), "st")}`
  );
  return counts.length === 0 ? [] : [line`Counts after the shaping ${words.short}s: ${counts.join(", ")}.`];
}
function explainLines({ sections, line: way, to, name: name2, of }, label) {
  const sides = [
    { what: "Body", schedule: sections[0]?.right ?? null },
    { what: "Sleeve", schedule: sections.find(({ of: of2 }) => of2 === "sleeve")?.left ?? null }
  ];
  const before = stitchesOf(
    sections.map(({ count }) => count),
    way
  );
  const after = stitchesOf(countsAfterRow(sections, to), way);
  const reasons = [
    withSource(
      { label: say`${of.start ? label(of.start) : "Stitches to begin with"}`, figure: say`${before}` },
      of.start
    )
  ];
  for (const { what, schedule: schedule2 } of sides) {
    if (!schedule2 || schedule2.events.length === 0) continue;
    const { room, events } = schedule2;
    const rows2 = slots({ firstRow: room.first, lastRow: room.last, everyRow: room.everyRow });
    const total = Math.abs(schedule2.end - schedule2.start);
    const twos = total - events.length;
    reasons.push(
      withSource(
        {
          label: say`${what}’s side of each ${name2}: rows ${room.first} to ${room.last} may shape`,
          figure: say`${total} in ${rows2}`,
          note: say`${events.length} rows${twos > 0 ? `, in ${twos} of them two stitches` : ""}: ${ratesInWords(schedule2)}`
        },
        of.rows
      )
    );
  }
  return [
    ...reasons,
    {
      label: say`Stitches at row ${to}`,
      figure: say`${after}`,
      note: say`${after - before < 0 ? "\u2212" : "+"}${Math.abs(after - before)}`
    }
  ];
}
function linesInShort({ sections, line: way, name: name2, to }, _, unit2) {
  const [first] = sections;
  const sleeve3 = sections.find(({ of }) => of === "sleeve");
  const rates = [first?.right, sleeve3?.left].map((schedule2) => schedule2 && ratesInWords(schedule2));
  const said2 = sleeve3 ? `body ${rates[0]}; sleeve ${rates[1]}` : rates[0];
  return `Beside each ${name2}: ${said2}; ${countedInWords(stitchesOf(countsAfterRow(sections, to), way), unit2)} at row ${to}`;
}

// packages/core/src/passages/mark.ts
var mark = {
  rows: () => {
  },
  words: ([first], soFar) => [
    line`Place a marker at both ends of row ${soFar.of(first.part).map(({ n }) => n)}: ${first.meaning}.`
  ],
  sentences: [
    {
      form: /^Place a marker at both ends of row (\d+): .+\.$/,
      read: ([, row], reader) => reader.agree(Number(row), reader.maker.now().n, "the row with markers")
    }
  ],
  inShort: ({ meaning }) => `Mark both ends: ${meaning}`
};

// packages/core/src/work/runs.ts
function turns2({ round: round4 }) {
  return round4 === void 0 || round4 === "turned";
}
function sideOf3(row, i) {
  if (!turns2(row) || i % 2 === 0) return row.side;
  return row.side === "RS" ? "WS" : "RS";
}
function rowOf2({ row }, i) {
  if (i === 0) return row;
  const { part, count, round: round4 } = row;
  const n = row.n + i;
  const from = [{ part, n: n - 1, take: count, at: 0 }];
  return {
    n,
    part,
    side: sideOf3(row, i),
    from,
    steps: [{ do: "work", times: count }],
    count,
    by: 0,
    add: 0,
    ...round4 ? { round: round4 } : {}
  };
}
function lastRow(runs2) {
  const run = runs2.at(-1);
  return rowOf2(run, run.times - 1);
}
function heightOf3(runs2) {
  let height = 0;
  for (const { row, times } of runs2) height = Math.max(height, row.n + times - 1);
  return height;
}
function rowsOf(runs2) {
  const rows2 = [];
  for (const run of runs2) for (let i = 0; i < run.times; i += 1) rows2.push(rowOf2(run, i));
  return rows2;
}

// packages/core/src/passages/rowMaker.ts
var RowMaker = class {
  runs = [];
  parts = /* @__PURE__ */ new Map();
  /** @throws when a passage names a part that has not been started: a program error */
  part(name2) {
    const found = this.parts.get(name2);
    if (!found) throw new Error(`passage for the part ${name2} before it was started`);
    return found;
  }
  begin(state) {
    this.parts.set(state.name, state);
    return state;
  }
  /** Adds the next row of a part, over all its stitches unless `from` says otherwise. */
  row(state, steps, by, {
    add = 0,
    from,
    flat = false,
    spread: spread2 = false,
    graded,
    motif
  } = {}) {
    const sources = from ?? state.first ?? [{ part: state.name, n: state.n, take: state.count, at: 0 }];
    const round4 = flat ? void 0 : state.round;
    state.first = null;
    state.n += 1;
    let count = by + add;
    for (const source of sources) if (isTake(source)) count += source.take;
    state.count = count;
    state.side = round4 === "joined" || round4 === "spiral" ? "RS" : state.side === "RS" ? "WS" : "RS";
    const row = { n: state.n, part: state.name, side: state.side, from: sources, steps, count, by, add };
    if (spread2) row.spread = true;
    if (graded) row.graded = graded;
    if (motif) row.motif = motif;
    if (round4) row.round = round4;
    if (state.rejoin) row.rejoin = true;
    state.rejoin = false;
    this.runs.push({ row, times: 1 });
  }
  /** Rows worked even until a row of the part is done. */
  even(state, to) {
    if (state.n >= to) return;
    this.row(state, [{ do: "work", times: state.count }], 0);
    const more = to - state.n;
    this.runs.at(-1).times += more;
    state.side = sideOf3(state, more);
    state.n = to;
  }
};

// packages/core/src/passages/shapePassage.ts
function endOf({ schedule: schedule2, also }) {
  return schedule2.end + (also ? also.schedule.end - also.schedule.start : 0);
}

// packages/core/src/passages/shapeReasons.ts
function explainShaping(passage, label) {
  const { schedule: schedule2 } = passage;
  const { start: start2, end, events } = schedule2;
  const many = Math.abs(end - start2);
  const reasons = [startReason(passage, label), endReason(passage, label)];
  if (events.length === 0)
    return [...reasons, { label: say`Nothing to shape`, figure: say`${many} stitches` }];
  return [...reasons, ...schedule2.amounts ? alongLine(passage, label) : inRates(passage, label)];
}
function startReason({ schedule: schedule2, of, where }, label) {
  const name2 = of.start && where.at !== "one edge" ? label(of.start) : "Stitches to begin with";
  return withSource({ label: say`${name2}`, figure: say`${schedule2.start}` }, of.start);
}
function endReason({ schedule: { start: start2, end }, of }, label) {
  const change2 = end - start2;
  return withSource(
    {
      label: say`${of.end ? label(of.end) : "Stitches to end with"}`,
      figure: say`${change2 < 0 ? "\u2212" : "+"}${Math.abs(change2)} = ${end}`
    },
    of.end
  );
}
function inRates({ schedule: schedule2, of, where, part }, label) {
  const { start: start2, end, perEvent, events, room, order } = schedule2;
  const change2 = Math.abs(end - start2);
  const at = where.at === "both edges" ? "both edges" : where.at === "the round" ? "places round the round" : where.at === "across" ? "places across the row" : where.edge;
  const rows2 = slots({ firstRow: room.first, lastRow: room.last, everyRow: room.everyRow });
  const gap = Math.floor(rows2 / events.length);
  const wider = rows2 % events.length;
  const reasons = [
    {
      label: say`A shaping row changes ${perEvent} stitches (${at})`,
      figure: say`${change2} ÷ ${perEvent} = ${events.length}`,
      note: say`${events.length} shaping rows`
    },
    withSource(
      {
        label: say`${room.everyRow === 1 ? "Rows" : "Right-side rows"} ${room.first} to ${room.last} may shape`,
        figure: say`${rows2}`,
        note: of.rows ? say`of ${label(of.rows).toLowerCase()}, the rows at its ends worked even` : say`of the part ${part}`
      },
      of.rows
    )
  ];
  if (order === "phases")
    reasons.push({ label: say`In the phases set by you`, figure: say`${ratesInWords(schedule2)}` });
  else
    reasons.push({
      label: say`As even as whole rows allow, ${order}`,
      figure: say`${rows2} ÷ ${events.length} = ${gap}${wider > 0 ? ` rest ${wider}` : ""}`,
      note: shares(gap * room.everyRow, (gap + 1) * room.everyRow, events.length - wider, wider, schedule2)
    });
  return reasons;
}
function shares(every, wider, times, widerTimes, schedule2) {
  if (widerTimes === 0) return say`${ratesInWords(schedule2)}`;
  return say`${timesInWords(widerTimes)} every ${ordinal(wider)} row, ${timesInWords(times)} every ${every === 1 ? "" : ordinal(every)} row`;
}
function alongLine({ schedule: schedule2, line: line2, of, where }, label) {
  const { events, room } = schedule2;
  const rows2 = room.last - room.first + 1;
  const edge2 = where.at === "one edge" ? where.edge : "the edge";
  const taken = events.map((_, i) => amountOf(schedule2, i));
  const shape3 = line2 ? { round: "A round", scoop: "A scooped", V: "A V", square: "A square" }[line2.shape] : "The";
  return [
    withSource(
      {
        label: line2 ? say`${shape3} line of ${figure(line2.half, 1)} stitches in ${line2.drop} rows` : say`The line in ${rows2} rows`,
        figure: say`${rows2} rows`,
        ...of.rows ? { note: say`${label(of.rows)}` } : {}
      },
      of.rows
    ),
    {
      label: say`Each row ends where least lies between its step and the line, at ${edge2}`,
      figure: say`${taken.join(" + ")} = ${taken.reduce((sum2, many) => sum2 + many, 0)}`,
      note: say`in rows ${events.join(", ")}`
    }
  ];
}

// packages/core/src/passages/shapeRows.ts
function workShaped({ part, schedule: schedule2, to, where, also, motif }, maker2) {
  const state = maker2.part(part);
  if (where.at === "both edges" || where.at === "one edge") {
    const both = where.at === "both edges";
    const other = both ? schedule2 : also?.schedule;
    const share = both ? 0.5 : 1;
    const leftOwn = both || where.side === "left";
    let [i, k] = [0, 0];
    for (; ; ) {
      const row = Math.min(schedule2.events[i] ?? Infinity, other?.events[k] ?? Infinity);
      if (row > to) break;
      const one2 = schedule2.events[i] === row ? share * schedule2.direction * amountOf(schedule2, i++) : 0;
      const two = other?.events[k] === row ? share * other.direction * amountOf(other, k++) : 0;
      if (row <= state.n) continue;
      maker2.even(state, row - 1);
      atEdges(maker2, state, leftOwn ? one2 : two, leftOwn ? two : one2);
    }
    maker2.even(state, to);
    return;
  }
  let shapingRound = 0;
  schedule2.events.forEach((event, i) => {
    maker2.even(state, Math.min(event - 1, to));
    if (event > to) return;
    const change2 = schedule2.direction * amountOf(schedule2, i);
    if (where.at === "the round") {
      const steps = stepsInRound(placesInRound(state.count, change2, shapingRound));
      maker2.row(state, steps, change2, { spread: true, motif: motif?.[i] });
      shapingRound += 1;
    } else maker2.row(state, stepsAcross(state.count, change2), change2, { spread: true });
  });
  maker2.even(state, to);
}
function endShaping(change2, begins, round4) {
  const times = Math.abs(change2);
  if (times === 0) return { step: null, takes: 0, leaves: 0 };
  if (change2 > 0 && times > 1 && !round4) return { step: { do: "cast", times }, takes: 0, leaves: 0 };
  if (change2 > 0) return { step: { do: "increase", times }, takes: times, leaves: 0 };
  if (times === 1 || round4) return { step: { do: "decrease", times }, takes: 2 * times, leaves: 0 };
  return begins ? { step: { do: "slip", times }, takes: times, leaves: 0 } : { step: null, takes: 0, leaves: times };
}
function atEdges(maker2, state, left, right) {
  const beginsLeft = state.side === "RS";
  const round4 = state.round !== void 0;
  const atLeft = endShaping(left, beginsLeft, round4);
  const atRight = endShaping(right, !beginsLeft, round4);
  const leaves = atLeft.leaves + atRight.leaves;
  const steps = [];
  if (atLeft.step) steps.push(atLeft.step);
  steps.push({ do: "work", times: state.count - leaves - atLeft.takes - atRight.takes });
  if (atRight.step) steps.push(atRight.step);
  const add = (atLeft.step?.do === "cast" ? atLeft.step.times : 0) + (atRight.step?.do === "cast" ? atRight.step.times : 0);
  const by = left + right - add + leaves;
  if (leaves === 0) return maker2.row(state, steps, by, { add });
  const source = state.first?.[0];
  const whole = source && isTake(source) ? source : { part: state.name, n: state.n, take: state.count, at: 0 };
  maker2.row(state, steps, by, {
    add,
    from: [{ ...whole, at: whole.at + atLeft.leaves, take: state.count - leaves }]
  });
}

// packages/core/src/passages/plainRows.ts
function plainRowInWords(row, below, stitch) {
  const inOrder = row.side === "RS" ? [...row.steps].reverse() : row.steps;
  const middle2 = inOrder.findIndex(({ do: does }) => does === "work");
  const [before, after] = [inOrder.slice(0, middle2), inOrder.slice(middle2 + 1)];
  const taken = row.from.reduce((sum2, source) => sum2 + (isTake(source) ? source.take : 0), 0);
  const left = below - taken;
  const begin2 = before.map((step) => atBeginning(step, stitch));
  const { words: end, takes } = atEnd(after[0], left, stitch);
  const to = takes === 0 ? "to the end" : `to the last ${takes === 1 ? "st" : `${takes} sts`}`;
  return [...begin2, `${stitch} in each st ${to}`, ...end ? [end] : []].join(", ");
}
function atBeginning({ do: does, times }, stitch) {
  switch (does) {
    case "cast":
      return `${stitch} in each of the ${times} new ch`;
    case "increase":
      return `2 ${stitch} in the first st`;
    case "decrease":
      return `${stitch}2tog over the first 2 sts`;
    default:
      return `sl st over the first ${countOf(times, "st")}`;
  }
}
function atEnd(step, left, stitch) {
  if (left > 0) return { words: `leave ${left === 1 ? "it" : "these"} unworked`, takes: left };
  switch (step?.do) {
    case "cast":
      return { words: `${step.times} foundation ${stitch}`, takes: 0 };
    case "increase":
      return { words: `2 ${stitch} in it`, takes: 1 };
    case "decrease":
      return { words: `${stitch}2tog`, takes: 2 };
    default:
      return { words: null, takes: 0 };
  }
}
function chainsBefore(row) {
  const first = row.side === "RS" ? row.steps.at(-1) : row.steps[0];
  return first?.do === "cast" ? first.times : 0;
}
var BEGIN = `(?:(?:${STITCH} in each of the (\\d+) new ch|(2) ${STITCH} in the first st|${STITCH}(2)tog over the first 2 sts|sl st over the first (\\d+) sts?), )?`;
var TO = `to the (end|last (?:st|(\\d+) sts))`;
var AFTER = `(?:, (?:leave (?:it|these) (unworked)|(\\d+) foundation ${STITCH}|(2) ${STITCH} in it|${STITCH}(2)tog))?`;
var PLAIN_ROW_SENTENCES = [
  {
    form: new RegExp(
      `^(?:Row|Rnd) (\\d+) \\((RS|WS)\\): ${BEGIN}${STITCH} in each st ${TO}${AFTER}; ${END}\\. ${COUNT}$`
    ),
    read: ([
      ,
      row,
      side,
      chains,
      twice,
      together3,
      slipped,
      to,
      many,
      unworked,
      foundation2,
      endTwice,
      endTogether,
      ,
      stitches2
    ], reader) => {
      const part = reader.maker.now();
      reader.agree(Number(row), part.n + 1, "the next row");
      if (reader.maker.nextSide(part) !== side) throw new ReadFault(`row ${row} is not a ${side} row`);
      const left = to === "end" ? 0 : Number(many ?? 1);
      const takes = unworked ? left : endTwice ? 1 : endTogether ? 2 : 0;
      if (takes !== left) throw new ReadFault("its last stitches are not all worked");
      const begin2 = chains ? Number(chains) : twice ? 1 : together3 ? -1 : slipped ? -Number(slipped) : 0;
      const end = unworked ? -left : foundation2 ? Number(foundation2) : endTwice ? 1 : endTogether ? -1 : 0;
      reader.endsOfRow({ begin: begin2, end, chains: chains ? Number(chains) : 0 });
      reader.ends(Number(row), Number(stitches2));
    }
  },
  {
    form: /^Before turning ch (\d+) for the new sts, and the turning chain as usual\.$/,
    read: ([, many], reader) => reader.newChains = Number(many)
  }
];
function plainRowLines(row, below, stitch, { one: one2, end }) {
  const chains = chainsBefore(row);
  return [
    ...chains > 0 ? [[`Before turning ch ${chains} for the new sts, and the turning chain as usual.`]] : [],
    [
      `${one2} ${row.n} (${row.side}): ${plainRowInWords(row, below, stitch)}; ${end}. (${countOf(row.count, "st")})`
    ]
  ];
}

// packages/core/src/passages/shapeWords.ts
function writeShape(shapes, before, soFar, unit2, counted) {
  const { stitch, even: even2 } = soFar;
  const words = soFar.wordsOf(shapes[0].part);
  const schedules = shapes.map(({ schedule: schedule2 }) => schedule2);
  const ranges = shapes.map(({ to }, size2) => rangeInWords(before[size2].n + 1, to));
  const ends2 = shapes.map(endOf);
  if (shapes.every(({ schedule: schedule2, also }) => schedule2.events.length === 0 && !also))
    return [line`${words.one}s ${ranges}: ${even2}; ${words.end}. (${ends2} sts)`];
  const { where } = shapes[0];
  const grow2 = (schedules.find(({ direction }) => direction !== 0)?.direction ?? -1) > 0;
  const steps = schedules.some(({ amounts }) => amounts !== void 0);
  if (where.at === "one edge") return writeEdge(shapes, before, ranges, where.edge, grow2, soFar, counted);
  if (where.at === "both edges" && (steps || schedules.some(({ perEvent }) => perEvent > 2)) && words.one === "Row")
    return writeEdge(shapes, before, ranges, "each edge", grow2, soFar, counted);
  const word = grow2 ? "inc" : "dec";
  const { begin: begin2, rest, finish } = atBothEnds(
    Math.max(...schedules.map(({ perEvent }) => perEvent)) / 2,
    grow2,
    stitch,
    words.end === "return"
  );
  const places = schedules.map(({ perEvent }) => perEvent / (unit2 ?? 1));
  const many = steps ? ["so many places"] : line`${places} places`;
  const how = unit2 ? byRepeats(unit2, grow2, where.at === "both edges" ? null : many) : where.at === "both edges" ? [`${begin2}, ${even2} to the last ${rest}, ${finish}`] : line`${grow2 ? `2 ${stitch} in one st` : `${stitch}2tog`} at ${{ inline: many }} spread evenly${where.at === "the round" ? `, the places between those of the ${word} rnd before` : ", plain sts at both ends"}`;
  const place = where.at === "both edges" ? words.one === "Rnd" ? "at both sides of the underarm" : "at both edges" : where.at === "the round" ? "round the round" : "across the row";
  if (shapes[0].motif && unit2) return writeMotif(shapes, ranges, words, unit2, soFar);
  const lines2 = [line`${grow2 ? "Increase" : "Decrease"} ${words.short}: ${{ inline: how }}.`];
  if (steps) return [...lines2, ...writeSteps(schedules, ranges, word, words, unit2)];
  if (!soFar.isAlone && schedules.every(({ events }) => events.length === 1)) {
    const at = schedules.map(({ events }) => events[0]);
    lines2.push(
      line`${words.one}s ${ranges}${{ inline: soFar.lengthBeside(shapes.map(({ to }) => to)) }}: work ${grow2 ? "an increase" : "a decrease"} ${words.short} as ${words.short} ${at}, the other ${words.short}s even; ${words.end}. (${ends2} sts)`
    );
  } else if (!soFar.isAlone) {
    const table = scheduleTable({
      schedules,
      from: before.map(({ n }) => n),
      does: grow2 ? "increase" : "decrease",
      place,
      share: Math.max(...schedules.map(({ perEvent }) => perEvent)),
      row: words.short
    });
    lines2.push(
      line`${words.one}s ${ranges}${{ inline: soFar.lengthBeside(shapes.map(({ to }) => to)) }}: work ${grow2 ? "increase" : "decrease"} ${words.short}s as the table says, the other ${words.short}s even; ${words.end}. (${ends2} sts)${table}`
    );
  } else if (soFar.rowByRow) {
    lines2.push(...eachRow2(shapes[0], before[0], soFar, grow2));
  } else {
    const [only] = schedules;
    lines2.push(
      line`${words.one}s ${ranges}: ${word} ${place} ${ratesInWords(only).replaceAll("row", words.short)}, counted from ${words.short} ${only.after}; work the other ${words.short}s even. (${ends2} sts)`
    );
    if (counted) lines2.push(countsLine(only, words));
  }
  return lines2;
}
function eachRow2({ schedule: schedule2, to, part }, { n: before }, soFar, grow2) {
  const words = soFar.wordsOf(part);
  const after = countsAfter(schedule2);
  const way = grow2 ? "an increase" : "a decrease";
  const even2 = (first, last, count) => last < first ? [] : [
    line`${words.one}s ${rangeInWords(first, last)}${{ inline: last === to ? soFar.lengthBeside([to]) : [] }}: work even.${last === to ? ` (${countOf(count, "st")})` : ""}`
  ];
  let row = before;
  return [
    ...schedule2.events.flatMap((n, i) => {
      const from = row + 1;
      row = n;
      return [
        ...even2(from, n - 1, after[i - 1] ?? schedule2.start),
        line`${words.one} ${n}${{ inline: n === to ? soFar.lengthBeside([to]) : [] }}: work ${way} ${words.short}. (${after[i]} sts)`
      ];
    }),
    ...even2(row + 1, to, after.at(-1) ?? schedule2.start)
  ];
}
function byRepeats(stitches2, grow2, places) {
  const change2 = `${countOf(stitches2, "st")} ${grow2 ? "more" : "fewer"}`;
  const halves = "(its group half in the first place and half in the second, a single st closed over both)";
  if (places === null)
    return grow2 ? [
      `in the place of the first repeat work 2, in pattern to the last repeat, in its place work 2: ${change2} at each end`
    ] : [
      `over the first 2 repeats work 1 ${halves}, in pattern to the last 2 repeats, over these work 1: ${change2} at each end`
    ];
  const one2 = grow2 ? "2 repeats in the place of 1" : `1 repeat over 2 ${halves}`;
  return line`${one2}, each ${change2}, at ${{ inline: places }} spread evenly`;
}
function writeMotif(shapes, ranges, words, unit2, soFar) {
  const { fabric: fabric2, stitches: stitches2 } = soFar;
  const rounds = stitches2.is === "rows" ? roundsOfFabric(stitches2, soFar.wayOf(shapes[0].part)) : null;
  if (!rounds) throw new Error("a motif without rounds grows: a program error");
  const most = Math.max(...shapes.map(({ schedule: schedule2 }) => schedule2.events.length));
  const steps = Array.from({ length: most }, (_, i) => {
    const motif = shapes.find((one2) => one2.motif[i]).motif[i];
    const each2 = motif === "wider" ? WIDER : unit2 - WIDER;
    const rows2 = shapes.map(({ schedule: schedule2 }) => schedule2.events[i] ?? "\u2013");
    const many = shapes.map(
      ({ schedule: schedule2 }) => i < schedule2.events.length ? amountOf(schedule2, i) / each2 : "\u2013"
    );
    const after = shapes.map(({ schedule: schedule2 }) => countsAfter(schedule2)[i] ?? schedule2.end);
    return motif === "wider" ? line`${words.one} ${rows2}: widen ${many} repeats, spread evenly; ${words.end}. (${after} sts)` : line`${words.one} ${rows2}: part the ${many} wide repeats; ${words.end}. (${after} sts)`;
  });
  return [
    [
      `To widen a repeat of ${fabric2.name}: (${widerInWords(rounds)}) in its space, ${WIDER} sts more; in the rnds after it the same again in the space of the wide one.`
    ],
    [
      `To part a wide repeat: work 2 repeats of ${fabric2.name} in the place of it, ${countOf(unit2 - WIDER, "st")} more.`
    ],
    line`${words.one}s ${ranges}: work even but for these.`,
    ...steps
  ];
}
function atBothEnds(many, grow2, stitch, tunisian) {
  if (tunisian && grow2 && many === 1)
    return {
      begin: "a loop in the space after the first st",
      rest: "st",
      finish: "a loop in the space before the last st"
    };
  const at = (end) => {
    if (grow2)
      return many > 1 ? `2 ${stitch} in each of the ${end} ${many} sts` : `2 ${stitch} in the ${end} st`;
    return `${stitch}2tog ${many > 1 ? `${many} times ` : ""}over the ${end} ${2 * many} sts`;
  };
  const taken = grow2 ? many : 2 * many;
  return { begin: at("first"), rest: taken === 1 ? "st" : `${taken} sts`, finish: at("last") };
}
function gapsInWords(stitches2, by, round4) {
  const places = placesInRound(stitches2, by, round4);
  if (places.runs.length <= 4) return line`: ${roundInWords(places)}`;
  const times = /* @__PURE__ */ new Map();
  for (const run of places.runs) times.set(run.plain, (times.get(run.plain) ?? 0) + run.times);
  const gaps = [...times].map(([plain2, many]) => `${timesInWords(many)} ${countOf(plain2, "plain st")}`);
  const first = places.lead === 0 ? "in the first st" : `after ${countOf(places.lead, "st")}`;
  return line`, between them ${gaps.join(" and ")}, the two mixed as evenly as they go${places.lead < places.runs[0].plain ? `, the first place ${first}` : ""}`;
}
function writeSteps(schedules, ranges, word, words, unit2) {
  const most = Math.max(...schedules.map(({ events }) => events.length));
  const steps = Array.from({ length: most }, (_, i) => {
    const rows2 = schedules.map(({ events }) => events[i] ?? "\u2013");
    const by = schedules.map((one2) => i < one2.events.length ? amountOf(one2, i) : 0);
    const after = schedules.map((one2) => countsAfter(one2)[i] ?? one2.end);
    const spread2 = schedules.length === 1 && words.one === "Rnd" && unit2 === null ? gapsInWords(after[0] - schedules[0].direction * by[0], schedules[0].direction * by[0], i) : [];
    return line`${words.one} ${rows2}: ${word} at ${by.map((many) => many / (unit2 ?? 1))} places${{ inline: spread2 }}; ${words.end}. (${after} sts)`;
  });
  return [line`${words.one}s ${ranges}: work even but for these.`, ...steps];
}
function writeEdge(shapes, before, ranges, edge2, grow2, soFar, counted) {
  const { stitch } = soFar;
  const { part } = shapes[0];
  const words = soFar.wordsOf(part);
  const share = shapes[0].where.at === "both edges" ? 2 : 1;
  const places = [
    { place: edge2, share, schedules: shapes.map(({ schedule: schedule2 }) => schedule2) },
    ...shapes.some(({ also }) => also) ? [
      {
        place: shapes.find(({ also }) => also).also.edge,
        share: 1,
        schedules: shapes.map(({ also }) => also?.schedule ?? NOTHING2)
      }
    ] : []
  ];
  const which = whichEdge(shapes, edge2).filter((said3) => soFar.isNew(said3.join(""), edge2));
  if (soFar.rowByRow && words.end !== "return") return [...which, ...edgeRows(shapes[0], before[0], soFar)];
  const how = (more) => {
    const own = places.flatMap(
      ({ place: place2, schedules, share: of }) => schedules.filter(({ events, direction }) => events.length > 0 && direction > 0 === more).map((schedule2) => ({
        place: place2,
        most: Math.max(...schedule2.events.map((_, i) => amountOf(schedule2, i))) / of,
        least: Math.min(...schedule2.events.map((_, i) => amountOf(schedule2, i))) / of
      }))
    );
    if (own.length === 0) return [];
    const { place } = own[0];
    const between4 = more && words.end === "return";
    const single = between4 ? `a loop in the space beside the st at ${place}` : more ? `2 ${stitch} in the st at ${place}` : `${stitch}2tog over the 2 sts at ${place}`;
    const further = more ? `To add more: where a row begins at ${place} ch so many before turning, and the turning chain as usual, and work into them; where it ends there work so many foundation ${stitch}.` : `To take off more: sl st over them where a row begins at ${place}, leave them unworked where it ends there.`;
    return [
      ...own.some(({ least }) => least === 1) ? [line`To ${more ? "add" : "take off"} 1 st: ${single}.`] : [],
      ...own.some(({ most }) => most > 1) ? [[further]] : []
    ].filter((said3) => soFar.isNew(said3.join("")));
  };
  const rows2 = shapes.map(({ to }) => to);
  const does = (schedules) => schedules.some(({ direction }) => direction > 0) ? "add" : "take off";
  const said2 = [...which, ...how(grow2), ...how(!grow2)];
  if (soFar.isAlone) {
    const [only] = shapes;
    const at = places.flatMap(
      ({ place, schedules: [schedule2], share: of }) => schedule2.events.length === 0 ? [] : [`at ${place} ${does([schedule2])} ${amountsInWords(schedule2, of, words)}`]
    );
    return [
      ...said2,
      line`${words.one}s ${ranges}, shaped, the other ${words.short}s even (${endOf(only)} sts at the end): ${at.join("; at the same time, ") || "work even"}`,
      // Two edges at once have no count of their own after each row.
      ...!counted || only.also || only.schedule.events.length === 0 ? [] : [countsLine(only.schedule, words)]
    ];
  }
  if (places.length === 1 && shapes.every(({ schedule: schedule2 }) => schedule2.events.length === 1)) {
    const [{ schedules }] = places;
    const many = schedules.map((one2) => amountOf(one2, 0) / share);
    const at = schedules.map(({ events }) => events[0]);
    const only = shapes.every(({ to }, size2) => before[size2].n + 1 === to);
    return [
      ...said2,
      line`${words.one}s ${ranges}${{ inline: soFar.lengthBeside(rows2) }}: ${does(schedules)} ${many} sts at ${edge2}${{ inline: only ? [] : line` in ${words.short} ${at}, the other ${words.short}s even` }}; ${words.end}. (${shapes.map(endOf)} sts)`
    ];
  }
  const tables = places.map(
    ({ place, schedules, share: of }) => scheduleTable({
      schedules,
      from: before.map(({ n }) => n),
      does: does(schedules),
      place: `at ${place}`,
      share: of,
      row: words.short
    })
  ).filter((table) => table.rows.length > 0);
  const counting = tables.some(({ head }) => head.endsWith(", sts")) ? line`, ${words.short} ${before.map(({ n }, size2) => rows2[size2] > n ? n + 1 : NONE4)} being its ${words.short} 1` : [];
  return [
    ...said2,
    [
      ...line`${words.one}s ${ranges}${{ inline: soFar.lengthBeside(rows2) }}: shape as the table${tables.length > 1 ? "s say" : " says"}${{ inline: counting }}, the other ${words.short}s even; ${words.end}. (${shapes.map(endOf)} sts)`,
      ...tables
    ]
  ];
}
function whichEdge(shapes, edge2) {
  const sides = new Set(shapes.map(({ where }) => where.at === "one edge" ? where.side : null));
  const [side] = sides;
  if (sides.size > 1 || side === null || side === void 0) return [];
  return [
    [
      `${edge2[0].toUpperCase()}${edge2.slice(1)} lies where right-side rows ${side === "right" ? "begin" : "end"}.`
    ]
  ];
}
var NOTHING2 = {
  start: 0,
  end: 0,
  perEvent: 1,
  direction: 0,
  events: [],
  after: 0,
  room: { first: 1, last: 1, everyRow: 1 },
  rates: [],
  order: "curve"
};
function edgeRows({ part, to }, { n: before, count }, soFar) {
  const words = soFar.wordsOf(part);
  const own = soFar.rowsOfPart(part, 0);
  const lines2 = [];
  let [below, even2] = [count, before + 1];
  const evenTo = (last) => {
    if (last >= even2)
      lines2.push(
        line`${words.one}s ${rangeInWords(even2, last)}${{ inline: last === to ? soFar.lengthBeside([to]) : [] }}: work even. (${below} sts)`
      );
  };
  for (const row of own) {
    if (row.n <= before || row.n > to || row.count === below) continue;
    evenTo(row.n - 1);
    lines2.push(...plainRowLines(row, below, soFar.stitch, words));
    [below, even2] = [row.count, row.n + 1];
  }
  evenTo(to);
  return lines2;
}
function countsLine(schedule2, { short: short2 }) {
  const after = countsAfter(schedule2);
  const counts = schedule2.events.map((row, i) => `${short2} ${row}: ${countOf(after[i], "st")}`);
  return line`Counts after these ${short2}s: ${counts.join(", ")}.`;
}

// packages/core/src/passages/shape.ts
var atEnd2 = (end) => `(?:2 ${STITCH} in (?:the ${end} st|each of the ${end} (\\d+) sts?)|${STITCH}2tog (?:(\\d+) times )?over the ${end} \\d+ sts?)`;
function edgeTable(table, before) {
  const said2 = /^(add|take off)(?: \d+ sts)? at (.+?)(?:, sts| in (?:row|rnd)|, so many (?:row|rnd)s, then 1 (?:row|rnd) even)$/.exec(
    table.head
  );
  const rows2 = readScheduleTable(table, before);
  if (!said2 || !rows2) throw new ReadFault(`the table \u201C${table.head}\u201D cannot be read`);
  return { place: said2[2], sign: said2[1] === "add" ? 1 : -1, rows: rows2 };
}
var shape2 = {
  rows: (passage, maker2) => workShaped(passage, maker2),
  words: (all, soFar) => {
    const { part } = all[0];
    if (all.every(isEven)) return [...evenWords(all, soFar), ...fastenedOff(soFar)];
    const before = soFar.of(part);
    const { at } = all[0].where;
    const atEdges2 = at === "both edges" || at === "one edge";
    const to = all.map((one2) => one2.to);
    const from = before.map(({ n }) => n);
    const words = soFar.wordsOf(part);
    const full = atEdges2 ? rowsInFull(part, from, to, "edges", soFar) : [];
    const lines2 = asBefore(soFar) ? [
      line`${words.one}s ${to.map((n, size2) => rangeInWords(from[size2] + 1, n))}: work as the ${nameOf2(soFar.pieces[0].passages, part)}, with ${edgeOf3(all[0])} at its other end; ${words.end}. (${all.map(endOf)} sts)`
    ] : writeShape(all, before, soFar, soFar.unitOf(part), full.length === 0);
    soFar.reach(
      part,
      all.map((one2) => ({ n: one2.to, count: endOf(one2) }))
    );
    lines2.push(...afterShaping(part, to, atEdges2 ? "edges" : "spread", soFar), ...full);
    return [...lines2, ...fastenedOff(soFar)];
  },
  sentences: [
    {
      form: new RegExp(
        `^(Increase|Decrease) (?:row|rnd): ${atEnd2("first")}, .+ to the last (?:st|\\d+ sts?), ${atEnd2("last")}\\.$`
      ),
      read: ([, way, more, fewer, moreAfter, fewerAfter], reader) => {
        const many = Number(more ?? fewer ?? 1) + Number(moreAfter ?? fewerAfter ?? 1);
        reader.step = way === "Increase" ? many : -many;
        reader.atEnds = true;
      }
    },
    {
      form: /^Increase row: a loop in the space after the first st, .+ to the last st, a loop in the space before the last st\.$/,
      read: (_, reader) => {
        reader.step = 2;
        reader.atEnds = true;
      }
    },
    {
      form: /^(?:Increase|Decrease) rnd: (?:over|in the place of) the first .+: (\d+) sts? (more|fewer) at each end\.$/,
      read: ([, many, way], reader) => {
        reader.step = 2 * Number(many) * (way === "more" ? 1 : -1);
        reader.atEnds = true;
        reader.said.units = true;
      }
    },
    {
      form: /^(?:Increase|Decrease) rnd: (?:2 repeats in the place of 1|1 repeat over 2 .+), each (\d+) sts? (more|fewer), at (?:(\d+) places?|so many places) spread evenly\.$/,
      read: ([, each2, way, places], reader) => {
        reader.perPlace = Number(each2);
        reader.step = Number(places ?? 1) * reader.perPlace * (way === "more" ? 1 : -1);
        reader.atEnds = false;
        reader.said.units = true;
      }
    },
    {
      form: new RegExp(
        `^(Increase|Decrease) (?:row|rnd): (?:2 ${STITCH} in one st|${STITCH}2tog) at (?:(\\d+) places?|so many places) spread evenly`
      ),
      read: ([, way, places], reader) => {
        reader.step = Number(places ?? 1) * (way === "Increase" ? 1 : -1);
        reader.perPlace = 1;
        reader.atEnds = false;
      }
    },
    {
      form: new RegExp(
        `^(?:Row|Rnd)s? (\u2013|\\d+)(?:\u2013(\\d+))?: (?:inc|dec) [^:]*?(every .+, counted from (?:row|rnd) \\d+|work even, counted from (?:row|rnd) \\d+|in (?:row|rnd)s .+, counted from (?:row|rnd) \\d+); work the other (?:row|rnd)s even\\. ${COUNT}$`
      ),
      read: ([, from, to, rates, stitches2], reader) => {
        const listed2 = /^in (?:row|rnd)s (.+), counted/.exec(rates);
        const rows2 = rates.startsWith("work even") ? /* @__PURE__ */ new Map() : listed2 ? new Map(readRows(listed2[1])?.map((row) => [row, 1])) : readRates(rates);
        reader.shapedRows(from, to, rows2, Number(stitches2));
      }
    },
    {
      form: new RegExp(
        `^${ROWS}: work (increase|decrease) (?:row|rnd)s as the table says, the other (?:row|rnd)s even; ${END}\\. ${COUNT}(.*)$`
      ),
      read: ([, from, to, , way, , stitches2, table], reader) => {
        if (from === "\u2013") return;
        reader.agree(way === "increase" ? 1 : -1, Math.sign(reader.step), "the way of these rows");
        const [only] = tablesOf(table);
        const rows2 = only ? readScheduleTable(only, reader.maker.now().n) : /* @__PURE__ */ new Map();
        if (only && !only.head.startsWith(`${way} `)) throw new ReadFault("the table says another way");
        reader.shapedRows(from, to, rows2, Number(stitches2));
      }
    },
    {
      form: new RegExp(
        `^${ROWS}: work an? (increase|decrease) (?:row|rnd) as (?:row|rnd) (\\d+), the other (?:row|rnd)s even; ${END}\\. ${COUNT}$`
      ),
      read: ([, from, to, , way, at, , stitches2], reader) => {
        reader.agree(way === "increase" ? 1 : -1, Math.sign(reader.step), "the way of this row");
        reader.shapedRows(from, to, /* @__PURE__ */ new Map([[Number(at), 1]]), Number(stitches2));
      }
    },
    {
      form: new RegExp(
        `^${ROWS}: (add|take off) (\\d+) sts? at (?!both sides|each front edge)([^,]+?)(?: in (?:row|rnd) (\\d+), the other (?:row|rnd)s even)?; ${END}\\. ${COUNT}$`
      ),
      read: ([, from, to, , way, many, place, at, , stitches2], reader) => {
        const rows2 = /* @__PURE__ */ new Map([[Number(at ?? from), Number(many)]]);
        const change2 = { place, sign: way === "add" ? 1 : -1, rows: rows2 };
        reader.edgeTables(from, to, [change2], Number(stitches2));
      }
    },
    {
      form: new RegExp(
        `^(?:Row|Rnd) (\\d+)(?:, about [^:]+?)?: work an? (increase|decrease) (?:row|rnd)\\. ${COUNT}$`
      ),
      read: ([, row, way, stitches2], reader) => {
        reader.agree(way === "increase" ? 1 : -1, Math.sign(reader.step), "the way of this row");
        reader.shapingRow(Number(row), Number(stitches2));
      }
    },
    {
      form: new RegExp(
        `^To (add|take off) 1 st: (?:(\\d+) ${STITCH} in the st|(a loop) in the space beside the st|${STITCH}2tog over the (\\d+) sts) at .+\\.$`
      ),
      read: ([, way, into, loop, over], reader) => {
        const by = loop ? 1 : into ? Number(into) - 1 : 1 - Number(over);
        reader.agree(way === "add" ? 1 : -1, by, "what is worked at the edge for 1 st");
        reader.edgeWays.add(by > 0 ? "+1" : "-1");
      }
    },
    {
      form: /^(.+) lies where right-side rows (begin|end)\.$/,
      read: ([, edge2, where], reader) => {
        reader.edgeSides.set(edge2.toLowerCase(), where === "begin" ? "right" : "left");
      }
    },
    {
      form: new RegExp(
        `^To (?:(add) more: where a row begins at .+ ch so many before turning, and the turning chain as usual, and work into them; where it ends there work so many foundation ${STITCH}|(take off) more: sl st over them where a row begins at .+, leave them unworked where it ends there)\\.$`
      ),
      read: ([, add], reader) => {
        reader.edgeWays.add(add ? "+n" : "-n");
      }
    },
    {
      form: new RegExp(
        `^${ROWS}: shape as the tables? says?(?:, (?:row|rnd) (\\d+|\u2013) being its (?:row|rnd) 1)?, the other (?:row|rnd)s even; ${END}\\. ${COUNT}(.*)$`
      ),
      read: ([, from, to, , first, , stitches2, tables], reader) => {
        if (from === "\u2013") return;
        const before = reader.maker.now().n;
        if (first !== void 0) reader.agree(Number(first), before + 1, "the row that is 1 of the table");
        reader.edgeTables(
          from,
          to,
          tablesOf(tables).map((table) => edgeTable(table, before)),
          Number(stitches2)
        );
      }
    },
    {
      form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?, shaped, the other (?:row|rnd)s even \((\d+) sts? at the end\): (.+)$/,
      read: ([, from, to, stitches2, list], reader) => reader.edgeRows(from, to, list, Number(stitches2))
    },
    {
      form: new RegExp(`^${ROWS}: work as the .+, with .+ at its other end; ${END}\\. ${COUNT}$`),
      read: ([, from, to, , , stitches2], reader) => reader.asBefore(from, to, Number(stitches2))
    },
    {
      form: /^Counts after (?:these|the shaping) (?:row|rnd)s: (.+)\.$/,
      read: ([, list], reader) => {
        for (const [, row, stitches2] of list.matchAll(/(?:row|rnd) (\d+): (\d+) sts?/g))
          reader.agree(Number(stitches2), reader.countAfter(Number(row)), `the count after row ${row}`);
      }
    },
    {
      form: /^To widen a repeat of (.+?): \(.+\) in its space, (\d+) sts? more; in the rnds after it .+\.$/,
      read: ([, of, many], reader) => {
        reader.said.names.push({ of, from: reader.maker.now().n });
        reader.said.units = true;
        reader.agree(Number(many), WIDER, "what a wide repeat has more");
      }
    },
    {
      form: /^To part a wide repeat: work 2 repeats of .+ in the place of it, (\d+) sts? more\.$/,
      read: ([, many], reader) => reader.perPlace = Number(many)
    },
    {
      form: new RegExp(
        `^(?:Row|Rnd) (\u2013|\\d+): (?:widen (\\d+) repeats?, spread evenly|part the (\\d+) wide repeats?); ${END}\\. ${COUNT}$`
      ),
      read: ([, row, wider, parted, , stitches2], reader) => {
        if (row === "\u2013") return;
        reader.maker.even(Number(row) - 1);
        if (wider) reader.maker.change(Number(wider) * WIDER, "wider");
        else reader.maker.change(Number(parted) * reader.perPlace, "parted");
        reader.ends(Number(row), Number(stitches2));
      }
    },
    {
      form: /^(?:Row|Rnd)s (–|\d+)(?:–(\d+))?: work even but for these\.$/,
      read: ([, , to], reader) => reader.stepsUntil = Number(to ?? 0)
    },
    {
      form: new RegExp(`^(?:Row|Rnd) (\u2013|\\d+): (?:inc|dec) at (\\d+) places?(.*?); ${END}\\. ${COUNT}$`),
      read: ([, row, places, , , stitches2], reader) => {
        if (row === "\u2013") return;
        reader.maker.even(Number(row) - 1);
        reader.maker.change(Number(places) * reader.perPlace * Math.sign(reader.step));
        reader.ends(Number(row), Number(stitches2));
      }
    }
  ],
  inShort: shapeInShort,
  reasons: explainShaping
};
function isEven({ schedule: schedule2, also }) {
  return schedule2.events.length === 0 && (also?.schedule.events.length ?? 0) === 0;
}
function fastenedOff(soFar) {
  return soFar.divided.every((part) => part !== null) && isDone(soFar.pieces[0].passages, soFar.at[0]) ? [...soFar.closing, line`Fasten off.`] : [];
}
function nameOf2(passages, part) {
  const ways = passages.filter((passage) => passage.kind === "go on");
  const own = ways.find((passage) => passage.part === part);
  const other = ways.find((passage) => passage.from === own?.from && passage.part !== part);
  return (other?.label ?? "first part").toLowerCase();
}
function edgeOf3({ where }) {
  return where.at === "one edge" ? where.edge : "the shaped edge";
}
function isDone(passages, i) {
  const { part } = passages[i];
  const later2 = passages.slice(i + 1);
  const goesOn = later2.some(
    (passage) => passage.part === part || passage.kind === "go on" && passage.from === part
  );
  return !goesOn && passages.slice(0, i).some((passage) => passage.kind === "go on" && passage.part === part && siblings(passages, passage) > 1);
}
function siblings(passages, { from }) {
  return passages.filter((passage) => passage.kind === "go on" && passage.from === from).length;
}
function asBefore({ pieces, at }) {
  return pieces.every(({ passages }, size2) => {
    const here = passages[at[size2]];
    const first = passages.slice(0, at[size2]).find(({ kind }) => kind === "shape");
    return here.kind === "shape" && here.where.at === "one edge" && first?.kind === "shape" && first.part !== here.part && JSON.stringify([first.schedule, first.also]) === JSON.stringify([here.schedule, here.also]);
  });
}
function shapeInShort(passage, _, unit2) {
  const { schedule: schedule2, where, to } = passage;
  if (schedule2.events.length === 0 && !passage.also)
    return `Work even: ${countedInWords(schedule2.start, unit2)} to row ${to}`;
  const grow2 = schedule2.direction > 0;
  const end = endOf(passage);
  const whole = [schedule2.start, end].every((count) => unitsInWords(count, unit2) !== null);
  const ends2 = whole ? `${countedInWords(schedule2.start, unit2)} to ${countedInWords(end, unit2)}, to row ${to}` : `${schedule2.start} to ${end} stitches, to row ${to}`;
  if (passage.motif) {
    const rounds = (of) => rowsInWords(schedule2.events.filter((_2, i) => passage.motif[i] === of));
    return `Widen repeats in rnds ${rounds("wider")}, part them in rnds ${rounds("parted")}: ${ends2}`;
  }
  const verb = grow2 ? "Add" : "Take off";
  if (where.at === "one edge") {
    const also = passage.also ? `; at the same time ${passage.also.schedule.direction > 0 ? "add" : "take off"} at ${passage.also.edge} ${stepsInWords(passage.also.schedule)}` : "";
    return `${verb} at ${where.edge} ${stepsInWords(schedule2)}${also}: ${ends2}`;
  }
  if (where.at === "both edges" && schedule2.amounts)
    return `${verb} at each edge ${stepsInWords(schedule2, 2)}: ${ends2}`;
  const place = where.at === "both edges" ? "at both edges" : `at ${countOf(schedule2.perEvent, "place")}`;
  return `${grow2 ? "Increase" : "Decrease"} ${place} ${ratesInWords(schedule2)}: ${ends2}`;
}
function stepsInWords(schedule2, edges = 1) {
  const groups = [];
  schedule2.events.forEach((row, i) => {
    const amount = amountOf(schedule2, i) / edges;
    const group2 = groups.at(-1);
    const run = group2?.runs.at(-1);
    if (group2?.amount !== amount || !run) groups.push({ amount, runs: [[row, row]] });
    else if (run[1] === row - 1) run[1] = row;
    else group2.runs.push([row, row]);
  });
  return groups.map(({ amount, runs: runs2 }) => {
    const one2 = runs2.length === 1 && runs2[0][0] === runs2[0][1];
    return `${amount} in ${one2 ? "row" : "rows"} ${runs2.map(([first, last]) => first === last ? first : `${first}\u2013${last}`).join(", ")}`;
  }).join(", ");
}

// packages/core/src/passages/short.ts
var short = {
  rows: ({ part, shortRows, graded = 0 }, maker2) => workShort(maker2, maker2.part(part), shortRows, graded),
  words: (all, soFar) => {
    const { part } = all[0];
    const before = soFar.of(part);
    const reached = all.map(({ shortRows: { rows: rows2, closing } }, size2) => ({
      n: before[size2].n + rows2.length + (closing ? 1 : 0),
      count: before[size2].count
    }));
    soFar.reach(part, reached);
    const numbers = (of) => of.map(({ n }) => n);
    return [
      ...gradedWords(all, stitchOf(soFar.fabric)),
      ...writeShort(all, before, soFar.wordsOf(part)),
      ...shortInPattern(part, numbers(before), numbers(reached), soFar)
    ];
  },
  sentences: [
    {
      form: new RegExp(
        `^Leave no step where a short row turns inside the work: (.+) before the turn, (.+) after it\\.$`
      ),
      read: ([, before, after], reader) => {
        reader.graded = readGraded(before);
        if (readGraded([...after.split(", ")].reverse().join(", ")) !== reader.graded)
          throw new ReadFault("the stitches before and after a turn are not alike");
      }
    },
    {
      form: /^.+, short rows (\d+)–(\d+), turning at both ends, one after the other over these sts of the last full (?:row|rnd), counted from the left of its right side \(.+\): (.+)$/,
      read: ([, first, last, list], reader) => reader.shortRows(
        Number(first),
        Number(last),
        list.split(", ").map((span2) => {
          const [from, to] = span2.split("\u2013").map(Number);
          return { from: from - 1, to };
        })
      )
    },
    {
      form: /^.+, short rows (\d+)–(\d+): begin where the last (?:row|rnd) ended, turn at the end of each row, and work so many sts, one row after the other: (.+)$/,
      read: ([, first, last, list], reader) => reader.shortRowsFromYarn(Number(first), Number(last), list.split(", ").map(Number))
    },
    {
      form: /^.+, short rows (\d+)–(\d+), turning at both ends: begin at the beginning of the rnd in the centre back and work so many sts on its two sides, one row after the other: (.+)$/,
      read: ([, first, last, list], reader) => reader.shortRows(
        Number(first),
        Number(last),
        list.split(", ").map((span2) => {
          const [before, after] = span2.split(" + ").map(Number);
          return { from: -before, to: after };
        })
      )
    },
    {
      form: new RegExp(`^Next (?:row|rnd): work over all sts, closing the steps\\. ${COUNT}$`),
      read: ([, stitches2], reader) => reader.closeShortRows(Number(stitches2))
    }
  ],
  inShort: ({ label, shortRows: { rows: rows2, closing }, graded = 0 }) => `${label}: ${rows2.length} short ${rows2.length === 1 ? "row" : "rows"}${graded > 0 ? `, the last ${countOf(graded, "stitch", "stitches")} before and after each turn falling to the lowest` : ""}${closing ? ", closed by a row over all" : ""}`
};
function gradedWords(shorts, stitch) {
  if (shorts.every(({ graded = 0 }) => graded === 0)) return [];
  const falls3 = shorts.map(({ graded = 0 }) => {
    const kinds = gradedStitches(stitch, graded);
    const groups = [...new Set(kinds)].map((kind) => {
      const many = kinds.filter((one2) => one2 === kind).length;
      return many > 1 ? `${many} ${kind}` : kind;
    });
    return groups.length > 0 ? groups : [stitch];
  });
  return [
    line`Leave no step where a short row turns inside the work: ${falls3.map((all) => all.join(", "))} before the turn, ${falls3.map((all) => [...all].reverse().join(", "))} after it.`
  ];
}
function readGraded(words) {
  const groups = words.split(", ").map((one2) => {
    const [, many, kind] = /^(?:(\d+) )?(\S+)$/.exec(one2) ?? [];
    if (!kind || !isStitchKind(kind)) throw new ReadFault(`\u201C${one2}\u201D is no stitch`);
    return { many: Number(many ?? 1), height: heightOf(kind) };
  });
  if (groups.length === 1 && groups[0].height > 1) return 0;
  groups.forEach(({ height }, i) => {
    if (height >= (groups[i - 1]?.height ?? Infinity)) throw new ReadFault(`\u201C${words}\u201D does not fall`);
  });
  return groups.reduce((sum2, { many }) => sum2 + many, 0);
}
function workShort(maker2, state, { stitches: stitches2, rows: short2, closing }, graded) {
  const surface = Array.from({ length: stitches2 }, (_, at) => ({
    n: state.n,
    at
  }));
  const spanOf2 = (from, to) => {
    const takes = [];
    for (let i = from; i < to; i += 1) {
      const { n, at } = surface[(i + stitches2) % stitches2];
      const last2 = takes.at(-1);
      if (last2?.n === n && last2.at + last2.take === at) last2.take += 1;
      else takes.push({ part: state.name, n, take: 1, at });
    }
    return takes;
  };
  const cover = (from, to, flat) => {
    const fall = (place) => flat && place % stitches2 !== 0 ? graded : 0;
    const falls3 = [fall(from), fall(to)];
    maker2.row(state, [{ do: "work", times: to - from }], 0, {
      from: spanOf2(from, to),
      flat,
      ...falls3.some((many) => many > 0) ? { graded: falls3 } : {}
    });
    for (let i = from; i < to; i += 1) surface[(i + stitches2) % stitches2] = { n: state.n, at: i - from };
  };
  short2.forEach(({ from, to }, i) => {
    if (i === 0) {
      const yarn = state.round ? 0 : state.side === "RS" ? 0 : stitches2;
      const begin2 = state.side === "RS" ? from : to;
      state.rejoin ||= begin2 !== yarn;
    }
    cover(from, to, true);
  });
  if (!closing) return;
  const last = short2.at(-1);
  const end = state.side === "RS" ? last?.from ?? 0 : last?.to ?? stitches2;
  if (!state.round) state.rejoin ||= end !== (state.side === "RS" ? 0 : stitches2);
  cover(0, stitches2, false);
}
function writeShort(shorts, before, words) {
  const { label } = shorts[0];
  const ring = shorts.some(({ shortRows: { rows: rows2 } }) => rows2.some(({ from }) => from < 0));
  const going = shorts.every(({ shortRows }) => followsYarn(shortRows));
  const spans2 = shorts.map(
    ({ shortRows: { rows: rows2 } }) => rows2.map(({ from, to }) => ring ? `${-from} + ${to}` : going ? String(to - from) : `${from + 1}\u2013${to}`).join(", ")
  );
  const ranges = shorts.map(
    ({ shortRows: { rows: rows2 } }, size2) => rangeInWords(before[size2].n + 1, before[size2].n + rows2.length)
  );
  const lines2 = ring ? [
    line`${label}, short rows ${ranges}, turning at both ends: begin at the beginning of the rnd in the centre back and work so many sts on its two sides, one row after the other: ${{ lists: spans2 }}`
  ] : going ? [
    line`${label}, short rows ${ranges}: begin where the last ${words.short} ended, turn at the end of each row, and work so many sts, one row after the other: ${{ lists: spans2 }}`
  ] : [
    line`${label}, short rows ${ranges}, turning at both ends, one after the other over these sts of the last full ${words.short}, counted from the left of its right side (fasten off and join the yarn anew where a row begins away from it): ${{ lists: spans2 }}`
  ];
  if (shorts[0].shortRows.closing)
    lines2.push(
      line`Next ${words.short}: work over all sts, closing the steps. (${before.map(({ count }) => count)} sts)`
    );
  return lines2;
}
function followsYarn({ rows: rows2, stitches: stitches2 }) {
  const follows = (leftwards) => {
    let [yarn, left] = [leftwards ? stitches2 : 0, leftwards];
    return rows2.every(({ from, to }) => {
      const begins = (left ? to : from) === yarn;
      yarn = left ? from : to;
      left = !left;
      return begins;
    });
  };
  return follows(true) || follows(false);
}

// packages/core/src/passages/start.ts
var start = {
  rows: ({ part, round: round4, stitches: stitches2 }, maker2) => {
    const state = maker2.begin({
      name: part,
      n: 0,
      count: 0,
      first: null,
      side: "WS",
      rejoin: false,
      ...round4 ? { round: round4 } : {}
    });
    maker2.row(state, [{ do: "cast", times: stitches2 }], 0, { add: stitches2, from: [] });
  },
  words: (all, soFar) => {
    const { part, round: round4 } = all[0];
    soFar.reach(
      part,
      all.map(({ stitches: stitches2 }) => ({ n: 1, count: stitches2 }))
    );
    if (round4) soFar.inRounds(part, round4);
    return [...writeStart(all, soFar), ...panelLine(soFar.pieces, soFar.fabric)];
  },
  sentences: [
    { form: /^Ch (\d+)\.$/, read: ([, chains], reader) => reader.chain = Number(chains) },
    {
      form: /^Ch (\d+); join with a sl st to a ring without twisting it\.$/,
      read: ([, chains], reader) => reader.chain = Number(chains)
    },
    {
      form: new RegExp(
        `^Row 1 \\(RS\\): ${STITCH} in the (\\d+)(?:st|nd|rd|th) ch from the hook( \\(what is skipped counts as the first st\\))?(?: \\(without a chain before it\\))? and in each ch to the end; turn\\. ${COUNT}$`
      ),
      read: ([, first, counts, stitches2], reader) => reader.start(Number(stitches2), reader.chain - (Number(first) - 1) + (counts ? 1 : 0))
    },
    {
      form: new RegExp(`^Row 1 \\(RS\\): ${STITCH} in each st; turn\\. ${COUNT}$`),
      read: ([, stitches2], reader) => reader.start(Number(stitches2), reader.chain)
    },
    {
      form: new RegExp(
        `^Row 1 \\(RS\\): work (\\d+) foundation ${STITCH}, without a chain before; turn\\. ${COUNT}$`
      ),
      read: ([, made2, stitches2], reader) => reader.start(Number(stitches2), Number(made2))
    },
    {
      form: new RegExp(
        `^(?:Row|Rnd) 1 \\(RS\\): pick up and work (\\d+) ${STITCH} evenly along .+; ${END}\\. ${COUNT}$`
      ),
      read: ([, made2, end, stitches2], reader) => reader.start(Number(stitches2), Number(made2), WAYS[end])
    },
    {
      form: new RegExp(`^Rnd 1 \\(RS\\): ${STITCH} in each ch round; ${END}\\. ${COUNT}$`),
      read: ([, end, stitches2], reader) => reader.start(Number(stitches2), reader.chain, WAYS[end])
    },
    {
      form: new RegExp(`^(?:Row|Rnd) 1 \\(RS\\), over .+: join the yarn and work (.+); ${END}\\. ${COUNT}$`),
      read: ([, parts, end, stitches2], reader) => reader.start(
        Number(stitches2),
        sum(parts.matchAll(/in the (\d+) sts? of/g)) + sum(parts.matchAll(/ch (\d+) for/g)),
        WAYS[end]
      )
    },
    {
      form: /^Place a marker wherever the next part begins, .+?: (.+)\. Move the markers up in every (?:row|rnd)\.$/,
      read: ([, parts], reader) => reader.agree(
        sum(parts.matchAll(/(?:^|, )(\d+) /g)),
        reader.maker.now().count,
        "the parts between markers"
      )
    },
    {
      form: /^The panel of (\d+) sts? lies in the middle, (\d+) sts? plain on either side of it; /,
      read: ([, panel, beside], reader) => {
        reader.said.panel = Number(panel);
        reader.agree(
          Number(panel) + 2 * Number(beside),
          reader.maker.now().count,
          "panel and what lies beside it"
        );
      }
    }
  ],
  inShort: ({ along, over, stitches: stitches2, extra }, _, unit2) => {
    const many = countedInWords(stitches2, unit2);
    if (along === null) return `Chain ${stitches2 + extra}, row 1 has ${many}`;
    if (!over) return `Pick up ${many} along ${along}`;
    const parts = over.map(({ count, chain: chain2 }) => chain2 ? countOf(count, "chain") : count);
    return `Go on over ${along}: ${parts.join(" + ")} = ${many}`;
  }
};
function writeStart(starts, soFar) {
  const { fabric: fabric2, stitches: of } = soFar;
  const { part, along, over, round: round4 } = starts[0];
  const words = soFar.wordsOf(part);
  const { stitch } = soFar;
  const turning = turningOf(fabric2);
  const counts = starts.map(({ stitches: stitches2 }) => stitches2);
  if (along !== null && over) return writeOver(starts, stitch, words);
  const markers2 = over ? [writeMarkers(starts, words)] : [];
  if (along === null && of.is === "unknown") {
    const chain3 = round4 ? line`Ch ${counts}; join with a sl st to a ring without twisting it.` : line`Ch ${starts.map((start2) => start2.stitches + start2.extra)}.`;
    return [
      chain3,
      line`${words.one} 1 (RS): work row 1 of your stitch pattern over ${counts} sts; ${words.end}. (${counts} sts)`,
      ...markers2
    ];
  }
  if (of.is === "rows" && starts.every(({ stitches: stitches2 }) => !hasRoom(stitches2, of))) soFar.isPlain = true;
  if (of.is === "rows" && soFar.beginsInPattern(starts)) {
    const text2 = roundsOrRows(of, round4);
    const chain3 = round4 ? line`Ch ${counts}; join with a sl st to a ring without twisting it.` : line`Ch ${starts.map((start2) => start2.stitches + chainsBeyond(fabric2))}.`;
    return [
      chain3,
      line`${words.one} 1 (RS): ${firstRowWords(text2)}; ${words.end}. ${{ inline: countLine(counts, soFar) }}`,
      ...markers2
    ];
  }
  if (along !== null)
    return [
      line`${words.one} 1 (RS): pick up and work ${counts} ${stitch} evenly along ${along}; ${words.end}. (${counts} sts)`
    ];
  if (round4)
    return [
      line`Ch ${counts}; join with a sl st to a ring without twisting it.`,
      line`Rnd 1 (RS): ${stitch} in each ch round; ${words.end}. (${counts} sts)`,
      ...markers2
    ];
  if (fabric2.foundation === "stitches")
    return [
      line`Row 1 (RS): work ${counts} foundation ${stitch}, without a chain before; turn. (${counts} sts)`
    ];
  const { foundationExtra: _, ...usual } = fabric2;
  const extra = of.is === "rows" ? foundationExtra(usual) : starts[0].extra;
  const chain2 = line`Ch ${starts.map((start2) => start2.stitches + extra)}.`;
  if (extra === 0 && turning !== "counts")
    return [chain2, line`Row 1 (RS): ${stitch} in each st; turn. (${counts} sts)`, ...markers2];
  const first = turning === "counts" ? `the ${ordinal(extra + 2)} ch from the hook (what is skipped counts as the first st)` : `the ${ordinal(extra + 1)} ch from the hook${turning === "chainless" ? " (without a chain before it)" : ""}`;
  return [
    chain2,
    line`Row 1 (RS): ${stitch} in ${first} and in each ch to the end; turn. (${counts} sts)`,
    ...markers2
  ];
}
function hasRoom(stitches2, { proof }) {
  return stitches2 >= proof.base.multiple + proof.base.plus;
}
function writeMarkers(starts, words) {
  const parts = starts[0].over.map(
    ({ label }, i) => line`${starts.map(({ over }) => over[i].count)} ${label}`
  );
  const listed2 = parts.reverse().flatMap((one2, i) => i > 0 ? [", ", ...one2] : one2);
  return line`Place a marker wherever the next part begins, seen along a right-side ${words.short}: ${{ inline: listed2 }}. Move the markers up in every ${words.short}.`;
}
function writeOver(starts, stitch, words) {
  const { along, over } = starts[0];
  const counts = starts.map(({ stitches: stitches2 }) => stitches2);
  const parts = over.map(({ label, chain: chain2 }, i) => {
    const many = starts.map((start2) => start2.over[i].count);
    return chain2 ? line`ch ${many} for the ${label}` : line`${stitch} in the ${many} sts of the ${label}`;
  });
  const listed2 = parts.reverse().flatMap((one2, i) => i > 0 ? [", ", ...one2] : one2);
  return [
    line`${words.one} 1 (RS), over ${along}: join the yarn and work ${{ inline: listed2 }}; ${words.end}. (${counts} sts)`
  ];
}

// packages/core/src/passages/unite.ts
var unite = {
  rows: (passage, maker2) => workUnited(passage, maker2),
  words: (all, soFar) => {
    const { part, round: round4 } = all[0];
    const rows2 = all.map(({ from }, size2) => Math.max(...from.map((one2) => soFar.of(one2.part)[size2].n)) + 1);
    if (round4) soFar.inRounds(part, round4);
    soFar.reach(
      part,
      all.map((union, size2) => ({ n: rows2[size2], count: unitedCount(union, rows2[size2]) }))
    );
    return [writeUnite(all, rows2)];
  },
  sentences: [
    {
      form: new RegExp(
        `^.+, (?:row|rnd) (\\d+)( \\(fasten off; .+?\\))?: (work .+?)(, with the increases at the lines as they fall)?; ${END}\\. ${COUNT}$`
      ),
      read: ([, row, anew, parts, shaped2, end, stitches2], reader) => reader.unite(
        Number(row),
        [...parts.matchAll(/work (\d+) sts?(?:, ch (\d+))?/g)].map(([, take, chains]) => ({
          take: Number(take),
          chains: Number(chains ?? 0)
        })),
        { anew: anew !== void 0, shaped: shaped2 !== void 0, round: WAYS[end] },
        Number(stitches2)
      )
    }
  ],
  inShort: ({ label, from, chains }) => `${label}: join ${from.map(({ take }) => take).join(" + ")} stitches${chains.some((many) => many > 0) ? ` with ${chains.join(" and ")} chains` : ""}`
};
function workUnited({ part: name2, from, chains, round: round4, rejoin = false, lines: lines2 }, maker2) {
  const states = from.map((source) => maker2.part(source.part));
  const n = Math.max(...states.map((state2) => state2.n));
  const state = maker2.begin({
    name: name2,
    n,
    count: 0,
    first: null,
    side: states.at(-1).side,
    rejoin,
    ...round4 ? { round: round4 } : {}
  });
  const sources = from.map((source, i) => ({
    part: source.part,
    n: states[i].n,
    take: source.take,
    at: source.at
  }));
  const steps = sources.flatMap(({ take }, i) => [
    { do: "work", times: take },
    ...chains[i] > 0 ? [{ do: "cast", times: chains[i] }] : []
  ]);
  const add = chains.reduce((sum2, chain2) => sum2 + chain2, 0);
  if (!lines2) return maker2.row(state, steps, 0, { add, from: sources });
  const shaped2 = stepsBesideLines(
    lines2.sections,
    countsAfterRow(lines2.sections, n),
    lines2.line,
    changesIn(lines2.sections, n + 1)
  );
  let at = 0;
  const shapedSteps = sources.reduce((all, { take }, i) => {
    const before = at + take;
    at = before + chains[i];
    return castInside(all, before, chains[i]);
  }, shaped2.steps);
  maker2.row(state, shapedSteps, shaped2.by, { add, from: sources });
}
function unitedCount({ from, chains, lines: lines2 }, row) {
  if (lines2) return stitchesOf(countsAfterRow(lines2.sections, row), lines2.line);
  return from.reduce((sum2, { take }) => sum2 + take, 0) + chains.reduce((sum2, chain2) => sum2 + chain2, 0);
}
function writeUnite(unions, rows2) {
  const { label, from, round: round4, rejoin } = unions[0];
  const parts = from.flatMap((_, i) => {
    const takes = unions.map((union) => union.from[i].take);
    const chains = unions.map((union) => union.chains[i]);
    const chain2 = chains.some((many) => many > 0) ? line`, ch ${chains}` : [];
    return line`${i > 0 ? ", " : ""}work ${takes} sts${{ inline: chain2 }}`;
  });
  const counts = unions.map((union, size2) => unitedCount(union, rows2[size2]));
  const shaped2 = unions.some(
    ({ lines: lines2 }, size2) => lines2 && shapedRowsOf(lines2.sections).includes(rows2[size2])
  );
  return line`${label}, ${round4 ? "rnd" : "row"} ${rows2}${rejoin ? ` (fasten off; join the yarn anew where the ${round4 ? "round begins, in the centre back" : "row begins"})` : ""}: ${{ inline: parts }}${shaped2 ? ", with the increases at the lines as they fall" : ""}; ${round4 ? roundEnd(round4) : "turn"}. (${counts} sts)`;
}

// packages/core/src/passages/registry.ts
var KINDS = {
  start,
  mark,
  even,
  change,
  "go on": goOn,
  short,
  unite,
  shape: shape2,
  lines
};
function kindOf({ kind }) {
  return KINDS[kind];
}
function runsOf(passages) {
  const maker2 = new RowMaker();
  for (const passage of passages) kindOf(passage).rows(passage, maker2);
  return maker2.runs;
}
function passageLines(all, soFar) {
  return kindOf(all[0]).words(all, soFar);
}
var PASSAGE_SENTENCES = [
  ...IN_FULL_SENTENCES,
  ...PLAIN_ROW_SENTENCES,
  ...Object.values(KINDS).flatMap(({ sentences }) => sentences),
  // Rows in a stitch pattern may say anything: they are tried last.
  ...PATTERN_SENTENCES
];

// packages/core/src/work/boundary.ts
var LIVE = 0;
var BASE = 1;
var SLIPPED = 2;
var LEFT_END = 3;
var RIGHT_END = 4;
var NONE5 = -1;
var KIND = 0;
var ROW2 = 1;
var FROM = 2;
var TO2 = 3;
var BEFORE2 = 4;
var AFTER2 = 5;
var BESIDE3 = 6;
var WIDTH2 = 7;
var Boundary = class {
  fields;
  many = 0;
  /** The first stretch of live (and of cast) stitches of each row. */
  firstLive;
  firstBase;
  /**
   * @param rows how many rows the piece has
   * @param stretches how many stretches it will have, about
   */
  constructor(rows2, stretches2) {
    this.fields = new Int32Array(stretches2 * WIDTH2);
    this.firstLive = new Array(rows2).fill(NONE5);
    this.firstBase = new Array(rows2).fill(NONE5);
  }
  kind(stretch) {
    return this.fields[stretch * WIDTH2 + KIND];
  }
  row(stretch) {
    return this.fields[stretch * WIDTH2 + ROW2];
  }
  from(stretch) {
    return this.fields[stretch * WIDTH2 + FROM];
  }
  to(stretch) {
    return this.fields[stretch * WIDTH2 + TO2];
  }
  before(stretch) {
    return this.fields[stretch * WIDTH2 + BEFORE2];
  }
  after(stretch) {
    return this.fields[stretch * WIDTH2 + AFTER2];
  }
  /** The next stretch of live (or cast) stitches of the same row. */
  beside(stretch) {
    return this.fields[stretch * WIDTH2 + BESIDE3];
  }
  /** A new stretch that lies in no ring yet. */
  add(kind, row, from = 0, to = 0) {
    const made2 = this.many;
    const at = made2 * WIDTH2;
    this.reserve(1);
    const { fields } = this;
    this.many += 1;
    fields[at + KIND] = kind;
    fields[at + ROW2] = row;
    fields[at + FROM] = from;
    fields[at + TO2] = to;
    fields[at + BEFORE2] = made2;
    fields[at + AFTER2] = made2;
    fields[at + BESIDE3] = NONE5;
    if (kind === LIVE || kind === BASE) {
      const heads = this.headsOf(kind);
      fields[at + BESIDE3] = heads[row];
      heads[row] = made2;
    }
    return made2;
  }
  /**
   * A row's live stitches move up over `many` rows that are worked even on them, the rows at `row` + 1 and on: those rows' ends
   * come to lie beside them.
   *
   * @param ends whether the rows have ends: rounds have none
   * @returns the first of the rows' left ends, which their right ends follow; NONE without ends
   */
  raise(live, row, many, ends2) {
    this.forget(live);
    const top = row + many;
    this.fields[live * WIDTH2 + ROW2] = top;
    this.fields[live * WIDTH2 + BESIDE3] = NONE5;
    this.firstLive[top] = live;
    if (!ends2) return NONE5;
    const first = this.many;
    const [before, after] = [this.before(live), this.after(live)];
    this.reserve(2 * many);
    this.many += 2 * many;
    const { fields } = this;
    for (let i = 0; i < many; i += 1) {
      const left = first + i;
      const right = left + many;
      let at = left * WIDTH2;
      fields[at + KIND] = LEFT_END;
      fields[at + ROW2] = row + 1 + i;
      fields[at + BEFORE2] = left - 1;
      fields[at + AFTER2] = left + 1;
      fields[at + BESIDE3] = NONE5;
      at = right * WIDTH2;
      fields[at + KIND] = RIGHT_END;
      fields[at + ROW2] = row + 1 + i;
      fields[at + BEFORE2] = right + 1;
      fields[at + AFTER2] = right - 1;
      fields[at + BESIDE3] = NONE5;
    }
    this.link(first + many - 1, live);
    this.link(live, first + 2 * many - 1);
    if (before === live) this.link(first + many, first);
    else {
      this.link(before, first);
      this.link(first + many, after);
    }
    return first;
  }
  /** Makes room for so many stretches more. */
  reserve(more) {
    const needed = (this.many + more) * WIDTH2;
    if (needed <= this.fields.length) return;
    const wider = new Int32Array(Math.max(needed, 2 * this.fields.length));
    wider.set(this.fields);
    this.fields = wider;
  }
  headsOf(kind) {
    return kind === LIVE ? this.firstLive : this.firstBase;
  }
  link(a, b) {
    this.fields[a * WIDTH2 + AFTER2] = b;
    this.fields[b * WIDTH2 + BEFORE2] = a;
  }
  /** Links stretches one after another. */
  chain(stretches2) {
    for (let i = 0; i + 1 < stretches2.length; i += 1) this.link(stretches2[i], stretches2[i + 1]);
  }
  /** Links stretches one after another and the last to the first. */
  ring(stretches2) {
    this.chain(stretches2);
    this.link(stretches2.at(-1), stretches2[0]);
  }
  /** Takes a stretch out of the edge for good. */
  drop(stretch) {
    this.link(stretch, stretch);
  }
  /** Whether a stretch lies in a ring with others. */
  lies(stretch) {
    return this.before(stretch) !== stretch;
  }
  /** The stretch of a row's live (or cast) stitches that holds from..to; NONE where some of them are gone. */
  holding(kind, row, from, to) {
    let one2 = this.headsOf(kind)[row];
    while (one2 !== NONE5 && (this.from(one2) > from || this.to(one2) < to)) one2 = this.beside(one2);
    return one2;
  }
  /** The first stretch of a row's live (or cast) stitches, in no order; NONE where there are none. */
  firstOf(kind, row) {
    return this.headsOf(kind)[row];
  }
  /** Whether a row's live stitches are one stretch, which is then given; else NONE. */
  only(row) {
    const first = this.firstLive[row];
    return first !== NONE5 && this.beside(first) === NONE5 ? first : NONE5;
  }
  /** Takes a stretch from its row's list: it is about to be worked into. */
  forget(stretch) {
    const heads = this.headsOf(this.kind(stretch));
    const row = this.row(stretch);
    let one2 = heads[row];
    if (one2 === stretch) {
      heads[row] = this.beside(stretch);
      return;
    }
    while (this.beside(one2) !== stretch) one2 = this.beside(one2);
    this.fields[one2 * WIDTH2 + BESIDE3] = this.beside(stretch);
  }
  /**
   * Cuts the stitches from..to out of a stretch, which stands for them afterwards; what is left on both sides lies beside it
   * in its ring.
   */
  cut(stretch, from, to) {
    const row = this.row(stretch);
    const kind = this.kind(stretch);
    const [start2, end] = [this.from(stretch), this.to(stretch)];
    this.fields[stretch * WIDTH2 + FROM] = from;
    this.fields[stretch * WIDTH2 + TO2] = to;
    const lowerFirst = kind !== BASE;
    if (start2 < from) this.insert(this.add(kind, row, start2, from), stretch, lowerFirst);
    if (to < end) this.insert(this.add(kind, row, to, end), stretch, !lowerFirst);
  }
  insert(made2, beside, before) {
    const [a, b] = before ? [this.before(beside), beside] : [beside, this.after(beside)];
    this.link(a, made2);
    this.link(made2, b);
  }
};

// packages/core/src/work/edges.ts
function rowAt({ done }, part, n) {
  return done.get(part)?.[n];
}
function countEdge(piece, place) {
  switch (place.lies) {
    case "foundation": {
      const first = piece.rows.findIndex(({ part }) => part === place.part);
      if (first < 0 || piece.rows[first].from.length > 0) return NaN;
      const count = piece.counts[first];
      return piece.boundary.holding(BASE, first, 0, count) === NONE5 ? NaN : count;
    }
    case "live":
    case "base": {
      const row = rowAt(piece, place.part, place.n);
      if (row === void 0 || place.count < 0) return NaN;
      if (place.count === 0) return 0;
      const kind = place.lies === "live" ? LIVE : BASE;
      return piece.boundary.holding(kind, row, place.from, place.from + place.count) === NONE5 ? NaN : place.count;
    }
    case "row ends":
      return follow(piece, place) ? rowsIn(place) : NaN;
  }
}
function astrayRow(piece, place, path) {
  if (place.lies !== "row ends") return 0;
  const right = place.side === "right";
  let start2 = NaN;
  let i = 0;
  for (const { part, first, last } of place.spans) {
    const rows2 = piece.done.get(part);
    for (let n = first; n <= last; n += 1, i += 1) {
      const row = rows2?.[n];
      if (row === void 0) return i;
      const x = piece.lefts[row] + (right ? piece.counts[row] : 0);
      if (i === 0) start2 = x;
      if (x - start2 !== (path === "straight" ? 0 : path[i])) return i;
    }
  }
  return -1;
}
function lostStitches(piece, places) {
  const { boundary } = piece;
  const claims = { [LIVE]: [], [BASE]: [] };
  const claim = (kind, row, from, to) => {
    if (row !== void 0) claims[kind].push(row, from, to);
  };
  for (const place of places) {
    if (place.lies === "foundation") {
      const first = piece.rows.findIndex(({ part }) => part === place.part);
      if (first >= 0) claim(BASE, first, 0, piece.counts[first]);
    } else if (place.lies === "row ends") {
      const found = place.stepped ? follow(piece, place) : null;
      if (!found) continue;
      for (let one2 = found[0]; one2 !== found[1]; one2 = boundary.after(one2))
        if (boundary.kind(one2) === LIVE || boundary.kind(one2) === BASE)
          claim(boundary.kind(one2), boundary.row(one2), boundary.from(one2), boundary.to(one2));
    } else {
      const kind = place.lies === "live" ? LIVE : BASE;
      claim(kind, rowAt(piece, place.part, place.n), place.from, place.from + place.count);
    }
  }
  const lost = [];
  for (const kind of [LIVE, BASE])
    for (let row = 0; row < piece.rows.length; row += 1)
      for (let one2 = boundary.firstOf(kind, row); one2 !== NONE5; one2 = boundary.beside(one2)) {
        const stitch = firstUnclaimed(claims[kind], row, boundary.from(one2), boundary.to(one2));
        if (stitch === NONE5) continue;
        const { part, n: first } = piece.rows[row];
        const n = first + row - rowAt(piece, part, first);
        const what = kind === LIVE ? "is never worked into" : "has an open underside";
        lost.push(`${part} row ${n}: stitch ${stitch + 1} ${what}, and belongs to no edge`);
      }
  return lost;
}
function follow(piece, place) {
  const { boundary, rows: all } = piece;
  const { spans: spans2, side, stepped: stepped2 } = place;
  const ends2 = side === "left" ? piece.leftEnds : piece.rightEnds;
  const onwards = (stretch) => side === "left" ? boundary.after(stretch) : boundary.before(stretch);
  let first = NONE5;
  let before = NONE5;
  for (const { part, first: from, last: to } of spans2) {
    const rows2 = piece.done.get(part);
    for (let n = from; n <= to; n += 1) {
      const row = rows2?.[n];
      if (row === void 0 || all[row].round) return null;
      const end = ends2[row];
      if (!boundary.lies(end)) return null;
      if (before !== NONE5) {
        let next = onwards(before);
        while (stepped2 && next !== end && boundary.kind(next) < LEFT_END) next = onwards(next);
        if (next !== end) return null;
      } else first = end;
      before = end;
    }
  }
  if (first === NONE5) return null;
  return side === "left" ? [first, before] : [before, first];
}
function firstUnclaimed(claims, row, from, to) {
  let stitch = from;
  for (let again = true; again && stitch < to; ) {
    again = false;
    for (let i = 0; i < claims.length; i += 3)
      if (claims[i] === row && claims[i + 1] <= stitch && claims[i + 2] > stitch) {
        stitch = claims[i + 2];
        again = true;
      }
  }
  return stitch < to ? stitch : NONE5;
}
function rowsIn({ spans: spans2 }) {
  return spans2.reduce((sum2, { first, last }) => sum2 + Math.max(0, last - first + 1), 0);
}

// packages/core/src/work/layDown.ts
function layDown(piece, row, at, taken, made2) {
  const { boundary } = piece;
  const live = boundary.add(LIVE, at, 0, made2);
  if (taken.length === 0) {
    if (row.from.length > 0) return;
    const base = boundary.add(BASE, at, 0, made2);
    if (!row.round) boundary.ring([live, piece.rightEnds[at], base, piece.leftEnds[at]]);
    return;
  }
  const used2 = /* @__PURE__ */ new Set();
  for (const [first, last] of taken)
    for (let one2 = first; ; one2 = boundary.after(one2)) {
      used2.add(one2);
      if (one2 === last) break;
    }
  closeAround(piece, row, at, taken, used2, live);
  for (const one2 of used2) boundary.drop(one2);
}
function closeAround(piece, row, at, taken, used2, live) {
  const { boundary } = piece;
  const casts = castsOf(boundary, row, at, taken.length);
  const gaps = taken.map(([, last], i) => {
    const next = taken[(i + 1) % taken.length][0];
    return { from: boundary.after(last), to: boundary.before(next), casts: casts[i + 1] };
  });
  gaps.forEach(({ from, to, casts: between4 }, i) => {
    if (!row.round && i === taken.length - 1) return;
    if (used2.has(from) || used2.has(to)) return;
    boundary.chain(between4 === void 0 ? [to, from] : [to, between4, from]);
  });
  if (row.round) return;
  const outer = gaps.at(-1);
  const [leading, trailing] = slippedEnds(boundary, row, taken);
  const own = [
    leading,
    casts[0],
    piece.leftEnds[at],
    live,
    piece.rightEnds[at],
    casts[taken.length],
    trailing
  ].filter((one2) => one2 !== void 0);
  if (used2.has(outer.to) || used2.has(outer.from)) boundary.ring(own);
  else boundary.chain([boundary.before(taken[0][0]), ...own, boundary.after(taken.at(-1)[1])]);
}
function slippedEnds(boundary, { steps, from }, taken) {
  const [first, last] = [steps[0], steps.at(-1)];
  const start2 = taken[0][0];
  const end = taken.at(-1)[1];
  const isLive = (source) => source !== void 0 && isTake(source);
  const slipped = (stretch, a, b) => boundary.add(SLIPPED, boundary.row(stretch), a, b);
  return [
    first?.do === "slip" && isLive(from[0]) ? slipped(start2, boundary.from(start2), boundary.from(start2) + first.times) : void 0,
    last?.do === "slip" && steps.length > 1 && isLive(from.at(-1)) ? slipped(end, boundary.to(end) - last.times, boundary.to(end)) : void 0
  ];
}
function castsOf(boundary, row, at, sources) {
  const found = new Array(sources + 1).fill(void 0);
  const ends2 = [0];
  for (const source of row.from) ends2.push(ends2.at(-1) + (isTake(source) ? source.take : source.makes));
  let consumed = 0;
  let made2 = 0;
  for (const step of row.steps) {
    const gap = step.do === "cast" ? ends2.indexOf(consumed) : -1;
    if (gap >= 0 && row.from.length > 0) {
      const base = boundary.add(BASE, at, made2, made2 + step.times);
      found[row.round && gap === 0 ? sources : gap] = base;
    }
    consumed += takesOf(step) * step.times;
    made2 += makesOf(step) * step.times;
  }
  return found;
}

// packages/core/src/work/hook.ts
function workRuns(runs2) {
  const hook = new Hook(runs2);
  for (const run of runs2) hook.workRun(run);
  return {
    counts: hook.counts,
    faults: hook.faults,
    edge: (place) => countEdge(hook, place),
    astray: (place, path) => astrayRow(hook, place, path),
    lost: (places) => lostStitches(hook, places)
  };
}
var Hook = class {
  /** For each row by its place in working order the first row of its run. */
  rows;
  counts;
  faults = [];
  /** For each part its worked rows: from the row's number to its place in working order. */
  done = /* @__PURE__ */ new Map();
  boundary;
  /** The ends of each row, as stretches of the edge. */
  leftEnds;
  rightEnds;
  /** Where the first stitch of each row lies, in stitches from the left end of row 1. */
  lefts;
  /** How many rows have been worked. */
  worked = 0;
  /** The row worked last: the yarn hangs at its end. */
  last = null;
  constructor(runs2) {
    let rows2 = 0;
    let stretches2 = 8;
    for (const { row, times } of runs2) {
      rows2 += times;
      stretches2 += row.round ? 1 : 1 + 2 * times;
    }
    this.boundary = new Boundary(rows2, stretches2);
    this.rows = new Array(rows2);
    this.counts = new Array(rows2);
    this.lefts = new Array(rows2);
    this.leftEnds = new Array(rows2);
    this.rightEnds = new Array(rows2);
  }
  /** Works the rows of a run. */
  workRun(run) {
    this.work(run.row);
    if (run.times === 1 || this.workRest(run)) return;
    for (let i = 1; i < run.times; i += 1) this.work(rowOf2(run, i));
  }
  /** Works one row. */
  work(row) {
    const at = this.worked;
    this.rows[at] = row;
    this.leftEnds[at] = row.round ? NONE5 : this.boundary.add(LEFT_END, at);
    this.rightEnds[at] = row.round ? NONE5 : this.boundary.add(RIGHT_END, at);
    this.checkYarn(row);
    if (!this.workPlain(row, at)) {
      const taken = this.take(row);
      const made2 = this.makeStitches(row, this.waiting(row));
      this.counts[at] = made2;
      this.lefts[at] = this.leftOf(row);
      layDown(this, row, at, taken, made2);
    }
    this.note(row.part, row.n, at);
    this.worked = at + 1;
    this.last = row;
  }
  /** Notes where a row lies in working order. */
  note(name2, n, at) {
    let part = this.done.get(name2);
    if (!part) this.done.set(name2, part = []);
    if (part[n] !== void 0) this.fault({ part: name2, n }, "is worked twice");
    part[n] = at;
  }
  /**
   * Works all rows of a run but the first: each takes the whole of the one before off the edge and lies there in its place.
   * Does nothing and says false where the first row was not sound, or does not lie on the edge as a whole.
   */
  workRest({ row, times }) {
    const { boundary, counts, lefts } = this;
    const first = this.worked - 1;
    const live = boundary.only(first);
    const { count, part, n } = row;
    if (live === NONE5 || count === 0 || counts[first] !== count) return false;
    if (boundary.from(live) !== 0 || boundary.to(live) !== count) return false;
    if (row.round && boundary.lies(live)) return false;
    const many = times - 1;
    const ends2 = boundary.raise(live, first, many, !row.round);
    const left = lefts[first];
    for (let i = 1; i < times; i += 1) {
      const at = first + i;
      this.rows[at] = row;
      counts[at] = count;
      lefts[at] = left;
      this.leftEnds[at] = ends2 === NONE5 ? NONE5 : ends2 + i - 1;
      this.rightEnds[at] = ends2 === NONE5 ? NONE5 : ends2 + many + i - 1;
      this.note(part, n + i, at);
    }
    this.worked = first + times;
    this.last = rowOf2({ row, times }, many);
    return true;
  }
  /**
   * The usual row, without detours: over all of one stretch, its stitches in stitches; rounds over one that is a ring by
   * itself. Does nothing and says false for any other, and for one that is not sound.
   */
  workPlain(row, at) {
    const source = row.from[0];
    if (row.from.length !== 1 || !source || !isTake(source) || !isPlain2(row)) return false;
    const place = rowAt(this, source.part, source.n);
    if (place === void 0) return false;
    const { boundary } = this;
    const old = boundary.only(place);
    if (old === NONE5 || boundary.from(old) !== source.at || boundary.to(old) !== source.at + source.take)
      return false;
    if (row.round && boundary.lies(old)) return false;
    const made2 = this.makeStitches(row, source.take);
    this.counts[at] = made2;
    this.lefts[at] = this.lefts[place] + source.at + endShifts(row).left;
    boundary.forget(old);
    if (row.round) {
      boundary.add(LIVE, at, 0, made2);
      return true;
    }
    const left = this.leftEnds[at];
    const right = this.rightEnds[at];
    const before = boundary.before(old);
    const after = boundary.after(old);
    const live = boundary.add(LIVE, at, 0, made2);
    boundary.link(left, live);
    boundary.link(live, right);
    if (before === old) boundary.link(right, left);
    else {
      boundary.link(before, left);
      boundary.link(right, after);
    }
    boundary.drop(old);
    return true;
  }
  fault({ part, n }, what) {
    this.faults.push(`${part} row ${n} ${what}`);
  }
  /** Rows are turned and begin where the yarn hangs, unless it is joined anew; rounds go on from the round before. */
  checkYarn(row) {
    const { last: before } = this;
    if (!before || row.rejoin || row.from.length === 0) return;
    if (row.round) {
      if (!row.from.some((source) => lands(source, before))) this.fault(row, "begins away from the yarn");
      else if (before.round && row.round === "turned" === (row.side === before.side))
        this.fault(row, row.round === "turned" ? "is not turned" : "is turned although its rounds are not");
      return;
    }
    const fromRight = row.side === "RS";
    const start2 = row.from[fromRight ? row.from.length - 1 : 0];
    if (!before.round && before.side === row.side) this.fault(row, "is not turned");
    else if (!lands(start2, before) || (fromRight ? start2.at + start2.take !== this.counts[this.worked - 1] : start2.at !== 0))
      this.fault(row, "begins away from the yarn");
  }
  /** Takes what a row is worked into off the edge. */
  take(row) {
    const taken = [];
    for (const source of row.from) {
      const found = isTake(source) ? this.takeLive(row, source) : this.pickUp(row, source);
      if (found) taken.push(found);
    }
    return taken;
  }
  /** Stitches that a row has to work into, as far as they are there at all, or makes along edges. */
  waiting({ from }) {
    let sum2 = 0;
    for (const source of from) {
      if (!isTake(source)) {
        sum2 += source.makes;
        continue;
      }
      const place = rowAt(this, source.part, source.n);
      if (place !== void 0)
        sum2 += Math.max(0, Math.min(source.at + source.take, this.counts[place]) - Math.max(0, source.at));
    }
    return sum2;
  }
  takeLive(row, { part, n, take, at }) {
    const place = rowAt(this, part, n);
    if (place === void 0) {
      this.fault(row, `is worked into ${part} row ${n}, which has not been worked`);
      return null;
    }
    if (at < 0 || at + take > this.counts[place]) {
      this.fault(row, `reaches past the end of ${part} row ${n}`);
      return null;
    }
    if (take === 0) return null;
    const found = this.cutOut(LIVE, place, at, at + take);
    if (found) return found;
    let stitch = at;
    while (this.boundary.holding(LIVE, place, stitch, stitch + 1) !== NONE5) stitch += 1;
    this.fault(row, `works stitch ${stitch + 1} of ${part} row ${n} a second time`);
    return null;
  }
  pickUp(row, source) {
    const { part } = source;
    if (source.along === "base") {
      const place = rowAt(this, part, source.n);
      const found2 = place === void 0 ? null : this.cutOut(BASE, place, source.at, source.at + source.take);
      if (!found2) this.fault(row, `picks up under ${part} row ${source.n}, where no free chains are`);
      return found2;
    }
    const { along, first, last } = source;
    const found = follow(this, { lies: "row ends", side: along, spans: [{ part, first, last }] });
    if (!found)
      this.fault(
        row,
        `picks up along ${part} rows ${first} to ${last}, whose ${along} ends are not a free edge`
      );
    return found;
  }
  cutOut(kind, row, from, to) {
    const found = this.boundary.holding(kind, row, from, to);
    if (found === NONE5) return null;
    this.boundary.cut(found, from, to);
    this.boundary.forget(found);
    return [found, found];
  }
  /** Works the steps of a row over what was taken; returns how many stitches it makes. */
  makeStitches(row, taken) {
    let waiting = taken;
    let made2 = 0;
    let by = 0;
    let add = 0;
    let pickedUp2 = 0;
    for (const step of row.steps) {
      const takes = takesOf(step);
      const makes = makesOf(step);
      const worked2 = takes * step.times <= waiting ? step.times : Math.floor(waiting / takes);
      waiting -= worked2 * takes;
      made2 += worked2 * makes;
      if (step.do === "cast" || step.do === "pick up") add += worked2;
      else by += worked2 * (makes - takes);
      if (step.do === "pick up") pickedUp2 += worked2;
      if (worked2 < step.times) this.fault(row, "runs out of stitches to work into");
    }
    let wanted = 0;
    for (const source of row.from) if (!isTake(source)) wanted += source.makes;
    if (pickedUp2 !== wanted) this.fault(row, `picks up ${pickedUp2} stitches along edges for ${wanted}`);
    if (waiting > 0) this.fault(row, `leaves ${waiting} taken stitches without a stitch`);
    if (made2 !== row.count) this.fault(row, `ends with ${made2} stitches, not ${row.count}`);
    if (by !== row.by || add !== row.add) this.fault(row, "does not change by what it says");
    return made2;
  }
  /** Where the row's first stitch lies: shaping at an end moves that end, any other widens the row to both sides. */
  leftOf(row) {
    const take = row.from.find(isTake);
    const place = take && rowAt(this, take.part, take.n);
    return take && place !== void 0 ? this.lefts[place] + take.at + endShifts(row).left : 0;
  }
};
function lands(source, before) {
  return isTake(source) && source.n === before.n && source.part === before.part;
}
function isPlain2({ steps }) {
  for (const { do: what } of steps)
    if (what !== "work" && what !== "increase" && what !== "decrease") return false;
  return true;
}

// packages/core/src/work/markers.ts
function followMarkers(rows2, at) {
  const places = [...at];
  for (let i = 1; i < rows2.length; i += 1) {
    const row = rows2[i];
    if (row.steps.length === 1 && row.steps[0].do === "work") continue;
    for (let one2 = 0; one2 < places.length; one2 += 1) places[one2] = above(row, places[one2]);
  }
  return places;
}
function rowsBetween2(runs2, part, first, last) {
  const rows2 = [];
  for (const { row, times } of runs2)
    if (row.part === part && row.n <= last && row.n + times > first) rows2.push(row);
  return rows2;
}
function above({ steps }, place) {
  if (Number.isNaN(place)) return NaN;
  let consumed = 0;
  let made2 = 0;
  let seam2 = -1;
  for (const step of steps) {
    const takes = takesOf(step);
    const makes = makesOf(step);
    if (takes === 0) {
      made2 += makes * step.times;
      continue;
    }
    const last = consumed + takes * step.times;
    if (step.do === "increase" && step.line !== void 0) {
      if (place === consumed) return made2 + step.line;
      if (place === last) return made2 + step.line + 1;
    }
    if (place === consumed) seam2 = made2;
    if (place > consumed && place < last) {
      const inside2 = place - consumed;
      return inside2 % takes === 0 ? made2 + inside2 / takes * makes : NaN;
    }
    consumed = last;
    made2 += makes * step.times;
    if (place < consumed) return seam2;
  }
  return place === consumed ? made2 : seam2;
}

// packages/core/src/plannedPiece.ts
var PlanRefused = class extends Error {
  name = "PlanRefused";
};
function workAndCheck(piece, counts, known) {
  const runs2 = runsOf(piece.passages);
  const worked2 = workRuns(runs2);
  const refuse = (why) => new PlanRefused(`${piece.label}: ${why}`);
  if (worked2.faults.length > 0) throw refuse(worked2.faults[0]);
  const sections = sectionsOf(piece);
  const edges = piece.edges.map((wanted) => {
    const { id, role, side, downwards, label, axis, place, open, path, slant, along } = wanted;
    const count = worked2.edge(place);
    if (Number.isNaN(count)) throw refuse(`the edge ${id} is not there`);
    const astray = path && count > 0 ? worked2.astray(place, path) : -1;
    if (astray >= 0) throw refuse(`the edge ${id} is not where it should be in its row ${astray + 1}`);
    const edge2 = {
      id,
      piece: piece.id,
      role,
      ...side ? { side } : {},
      ...downwards ? { downwards } : {},
      label,
      axis,
      count,
      length: along ? runLength(along, sections[0].stitches, sections[0].rows) : edgeLength(place, count, sections, slant ?? path),
      open: open ?? false,
      place
    };
    known.set(id, edge2);
    return edge2;
  });
  for (const { part, first, last, from, to } of piece.markers ?? []) {
    const found = followMarkers(rowsBetween2(runs2, part, first, last), from);
    const wrong = to.findIndex((place, i) => place !== found[i]);
    if (wrong >= 0)
      throw refuse(
        `marker ${wrong + 1} comes to stitch ${found[wrong]} of row ${last}, planned ${to[wrong]}`
      );
  }
  const height = heightOf3(runs2);
  const planned = piece.rows.reduce((sum2, id) => sum2 + counts[id], piece.halfRows ?? 0);
  if (height !== planned) throw refuse(`it has ${height} rows, planned ${planned}`);
  const [lost] = worked2.lost(piece.edges.map(({ place }) => place));
  if (lost) throw refuse(lost);
  for (const { quantity: quantity2, edges: ids } of piece.expects) {
    let found = 0;
    for (const id of ids) found += known.get(id)?.count ?? NaN;
    if (found !== counts[quantity2])
      throw refuse(`${quantity2} came off the hook as ${found}, planned ${counts[quantity2]}`);
  }
  const start2 = piece.passages.find((passage) => passage.kind === "start");
  return {
    id: piece.id,
    role: piece.role,
    ...piece.side ? { side: piece.side } : {},
    label: piece.label,
    copies: piece.copies,
    shows: piece.shows ?? [],
    fabric: piece.fabric.id,
    sections,
    work: piece.work,
    foundation: start2.stitches + start2.extra,
    passages: piece.passages,
    runs: runs2,
    ends: { first: runs2[0].row, last: lastRow(runs2) },
    edges,
    height: piece.rows,
    ...piece.halfRows ? { halfRows: piece.halfRows } : {},
    quantities: [...new Set(piece.expects.map(({ quantity: quantity2 }) => quantity2))]
  };
}

// packages/core/src/finishing/finishing.ts
var SEAM_METHODS = [
  "whip stitch",
  "mattress stitch",
  "slip stitch",
  "sc ridge",
  "crocheted while working"
];
var USUAL_RESERVE = 10;
var MOST_STRIPES = 60;
var MOST_STEPS2 = 60;
function readFinishing(design2) {
  const reader = design2.inside("finishing", "The finishing", false);
  if (!reader) return;
  const methods = reader.inside("methods", "The list of seam methods", false);
  for (const join of Object.keys(methods?.object ?? {}))
    methods.choice(join, `The method of ${join}`, SEAM_METHODS, "whip stitch");
  if (reader.object["order"] !== void 0) readOrder(reader);
  const buttons = reader.inside("buttons", "The buttons", false);
  if (buttons) {
    buttons.number("count", { label: "The number of buttons", min: 1, max: 40, unit: "", whole: true });
    buttons.number("width", {
      label: "The width of a buttonhole",
      min: 1,
      max: 12,
      unit: "stitches",
      whole: true
    });
    buttons.number("fromLower", { label: "The first buttonhole\u2019s distance", min: 0, max: 60, unit: "cm" });
    buttons.number("fromUpper", { label: "The last buttonhole\u2019s distance", min: 0, max: 60, unit: "cm" });
    buttons.choice("side", "The side of the buttonholes", ["right", "left"], "right");
  }
  if (reader.object["colours"] !== void 0)
    for (const colours of reader.list("colours", "The list of colours", MOST_STRIPES)) {
      colours.text("fabric", "The fabric of the colours");
      colours.choice("yarn", "The yarn between stripes", ["carried", "cut"], "carried");
      for (const stripe of colours.list("stripes", "The list of stripes", MOST_STRIPES)) {
        stripe.text("colour", "The colour");
        stripe.number("rows", {
          label: "The rows of the stripe",
          min: 1,
          max: 400,
          unit: "rows",
          whole: true
        });
      }
    }
  reader.number("reserve", {
    label: "The yarn to spare",
    min: 0,
    max: 50,
    unit: "%",
    fallback: USUAL_RESERVE
  });
}
function readOrder(reader) {
  const order = reader.object["order"];
  if (!Array.isArray(order) || order.length > MOST_STEPS2 || order.some((step) => typeof step !== "string"))
    reader.problem("order", `The order of the assembly is a list of at most ${MOST_STEPS2} step names.`);
}

// packages/core/src/finishing/along.ts
function runsDown(edges, at) {
  const { role, side, axis, downwards } = edges[at];
  if (axis !== "rows") return false;
  if (role === "armhole") return edges.findIndex((other) => other.role === "armhole") < at;
  if (role === "neck" && side === "left") return true;
  return downwards ?? false;
}
function pointAt(edges, share) {
  const whole = edges.reduce((sum2, { length: length2 }) => sum2 + length2, 0);
  let left = share * whole;
  let at = 0;
  while (at < edges.length - 1 && left > edges[at].length + 1e-9) {
    left -= edges[at].length;
    at += 1;
  }
  const edge2 = edges[at];
  const after = edge2.length > 0 ? Math.min(edge2.count, Math.round(left / edge2.length * edge2.count)) : 0;
  const row = edge2.axis === "rows" && after > 0 ? rowAt2(edge2, after, runsDown(edges, at)) : void 0;
  return {
    edge: edge2.id,
    label: edge2.label,
    axis: edge2.axis,
    after,
    ...row === void 0 ? {} : { row }
  };
}
function rowAt2({ place }, nth, fromLast) {
  if (place.lies !== "row ends") return void 0;
  let left = nth;
  for (const { first, last } of fromLast ? [...place.spans].reverse() : place.spans) {
    const many = Math.max(0, last - first + 1);
    if (left <= many) return fromLast ? last - left + 1 : first + left - 1;
    left -= many;
  }
  return void 0;
}
function countBefore(edges, { edge: edge2, after }) {
  let sum2 = 0;
  for (const one2 of edges) {
    if (one2.id === edge2) return sum2 + after;
    sum2 += one2.count;
  }
  return sum2;
}
function shareAlong(many, edges) {
  const whole = edges.reduce((sum2, { length: length2 }) => sum2 + length2, 0);
  const exact = edges.map(({ length: length2 }) => whole > 0 ? many * length2 / whole : 0);
  const shares2 = exact.map(Math.floor);
  const left = many - shares2.reduce((sum2, share) => sum2 + share, 0);
  exact.map((share, i) => ({ i, rest: share - shares2[i] })).sort((a, b) => b.rest - a.rest || a.i - b.i).slice(0, left).forEach(({ i }) => shares2[i] += 1);
  return edges.map(({ id, label, axis, count }, i) => ({
    edge: id,
    label,
    axis,
    count,
    many: shares2[i],
    each: count > 0 ? spread(shares2[i], count) : []
  }));
}

// packages/core/src/finishing/seam.ts
var FACING = {
  "whip stitch": "edges side by side, wrong sides up",
  "mattress stitch": "edges side by side, right sides up",
  "slip stitch": "right sides together",
  "sc ridge": "wrong sides together, so that the ridge lies outside",
  "crocheted while working": "right side facing"
};
var SEWN = ["whip stitch", "mattress stitch", "slip stitch", "sc ridge"];
function methodsOf({ role, kind, a }) {
  if (kind === "pick-up" || kind === "live") return ["crocheted while working"];
  const usual = role === "shoulder" ? (
    // Slip stitches carry the weight of body and sleeves without giving.
    "slip stitch"
  ) : a.some((edge2) => edge2.role === "joined" || edge2.role === "end") ? "whip stitch" : "mattress stitch";
  return [usual, ...SEWN.filter((method) => method !== usual)];
}
function methodOf(join, { methods: wanted }) {
  const methods = methodsOf(join);
  return methods.find((method) => method === wanted?.[join.id]) ?? methods[0];
}
var QUARTERS_FROM = 20;
var EIGHTHS_FROM = 60;
function sharesMarked(length2) {
  const parts = length2 >= EIGHTHS_FROM ? 8 : length2 >= QUARTERS_FROM ? 4 : 1;
  return Array.from({ length: parts - 1 }, (_, i) => (i + 1) / parts);
}
function nameOf3(share) {
  if (share === 0.5) return "the centre";
  const eighths = Math.round(share * 8);
  return eighths % 2 === 0 ? `${eighths / 2}/4` : `${eighths}/8`;
}
function whereEased({ role }) {
  if (role === "armhole")
    return "over the top, between the two quarter marks beside the centre; none below them";
  if (["neckband", "neckband ends", "hood", "hood seam"].includes(role))
    return "round the curves of the neck, none across its back";
  return "evenly from end to end";
}
function seamOf(join, edges, finishing = {}) {
  const side = (of) => of.map(({ edge: edge2 }) => edges.get(edge2));
  const [a, b] = [side(join.a), side(join.b)];
  const method = methodOf(join, finishing);
  const marks = sharesMarked(join.bLength).map((share) => ({ name: nameOf3(share), share, a: pointAt(a, share), b: pointAt(b, share) })).filter(
    (mark2, i, all) => i === 0 || countBefore(a, mark2.a) > countBefore(a, all[i - 1].a) && countBefore(b, mark2.b) > countBefore(b, all[i - 1].b)
  );
  const band2 = join.kind === "pick-up" || join.a.some(({ role }) => role === "joined");
  const ends2 = [...marks, null];
  let before = { a: 0, b: 0 };
  const stretches2 = ends2.map((mark2) => {
    const now = mark2 ? { a: countBefore(a, mark2.a), b: countBefore(b, mark2.b) } : { a: join.aCount, b: join.bCount };
    const stretch = { a: now.a - before.a, b: now.b - before.b };
    before = now;
    return stretch;
  });
  return {
    join: join.id,
    method,
    methods: methodsOf(join),
    facing: FACING[method],
    marks,
    stretches: stretches2,
    shares: band2 ? shareAlong(join.aCount, b) : [],
    eased: Math.abs(join.eased) < UNSEEN_EASE ? null : {
      longer: join.eased > 0 ? "a" : "b",
      by: Math.abs(join.eased),
      where: whereEased(join)
    },
    length: join.bLength
  };
}

// packages/core/src/finishing/tails.ts
var SEAM_YARN = {
  "whip stitch": 2,
  "mattress stitch": 2,
  "slip stitch": 5,
  "sc ridge": 5,
  "crocheted while working": 0
};
var WEAVE_IN = 15;
function tailsOf(pieces, seams, joins6) {
  const free = pieces.flatMap(
    (piece) => Array.from(
      { length: piece.copies },
      (_, i) => ["starting", "ending"].map((end) => ({ piece, copy: i + 1, end, used: false }))
    ).flat()
  );
  const tails = [];
  for (const { join, method, length: length2 } of seams) {
    if (SEAM_YARN[method] === 0) continue;
    const { a, b, side } = joins6.get(join);
    const edges = new Set([...a, ...b].map(({ edge: edge2 }) => edge2));
    const found = free.find(
      ({ piece, copy, end, used: used2 }) => !used2 && isOnSide(side, piece.copies, copy) && piece.edges.some((edge2) => edges.has(edge2.id) && touches(piece, edge2, end))
    );
    if (!found) continue;
    found.used = true;
    tails.push({
      piece: found.piece.id,
      label: found.piece.label,
      copy: found.copy,
      end: found.end,
      join,
      length: Math.ceil((length2 * SEAM_YARN[method] + WEAVE_IN) / 5) * 5
    });
  }
  return tails;
}
function isOnSide(side, copies, copy) {
  if (copies !== 2 || side === void 0) return true;
  return copy === (side === "left" ? 1 : 2);
}
function touches({ ends: { first, last } }, { place }, end) {
  if (end === "starting") {
    if (place.lies === "foundation") return true;
    return place.lies === "row ends" && place.side === "left" && place.spans.some((span2) => span2.part === first.part && span2.first <= first.n && first.n <= span2.last);
  }
  const side = last.side === "RS" ? "left" : "right";
  if (place.lies === "live") {
    const { from, count } = place;
    const atEnd3 = side === "left" ? from === 0 : from + count === last.count;
    return place.part === last.part && place.n === last.n && atEnd3;
  }
  if (place.lies !== "row ends") return false;
  return place.side === side && place.spans.some((span2) => span2.part === last.part && span2.first <= last.n && last.n <= span2.last);
}

// packages/core/src/yarn/stripes.ts
function colourOfRow(stripes, row) {
  const repeat2 = stripes.reduce((sum2, { rows: rows2 }) => sum2 + rows2, 0);
  let left = ((row - 1) % repeat2 + repeat2) % repeat2;
  for (const { colour, rows: rows2 } of stripes) {
    if (left < rows2) return colour;
    left -= rows2;
  }
  return stripes.at(-1).colour;
}
function stripeOffset(piece, joins6, edges, rowsOf2) {
  const side = joins6.find(
    ({ role, kind, b }) => role === "side" && kind === "row-to-row" && b[0]?.piece === piece
  );
  if (side) {
    const first = (edge2) => {
      const place = edges.get(edge2)?.place;
      return place?.lies === "row ends" ? place.spans[0].first : 1;
    };
    return first(side.a[0].edge) - first(side.b[0].edge);
  }
  const live = joins6.find(({ kind, b }) => kind === "live" && b[0]?.piece === piece);
  return live ? rowsOf2(live.a[0].piece) : 0;
}
var CARRIED_OVER = 4;
function farCarried({ stripes, yarn }) {
  if (yarn === "cut" || stripes.length < 2) return [];
  const repeat2 = stripes.reduce((sum2, { rows: rows2 }) => sum2 + rows2, 0);
  const colours = [...new Set(stripes.map(({ colour }) => colour))];
  return colours.filter((colour) => {
    let longest = 0;
    let run = 0;
    for (let row = 1; row <= 2 * repeat2; row += 1) {
      run = colourOfRow(stripes, row) === colour ? 0 : run + 1;
      longest = Math.max(longest, run);
    }
    return longest > CARRIED_OVER;
  });
}

// packages/core/src/yarn/metres.ts
function areaOf(fabric2, stitches2) {
  return stitches2 / (perCm(fabric2.gauge, "stitches") * perCm(fabric2.gauge, "rows"));
}
function yarnNeeds(pieces, joins6, edges, fabrics, finishing = {}) {
  const rowsOf2 = (id) => heightOf3(pieces.find((piece) => piece.id === id)?.runs ?? []);
  const used2 = [...new Set(pieces.flatMap(({ sections }) => sections.map(({ fabric: fabric2 }) => fabric2)))];
  const seams = joins6.reduce(
    (sum2, join) => sum2 + join.bLength * SEAM_YARN[methodOf(join, finishing)] / 100,
    0
  );
  const spare = 1 + (finishing.reserve ?? USUAL_RESERVE) / 100;
  return used2.flatMap((id) => {
    const fabric2 = fabrics.get(id);
    const metres = swatchMetres(fabric2);
    if (!fabric2.swatch || metres === null) return [];
    const perStitch = areaOf(fabric2, 1) * (metres / (fabric2.swatch.width * fabric2.swatch.height));
    const colours = finishing.colours?.find((one2) => one2.fabric === id && one2.stripes.length > 0);
    const byColour = /* @__PURE__ */ new Map();
    const add = (colour, many) => byColour.set(colour, (byColour.get(colour) ?? 0) + many);
    const listed2 = [];
    let tails = 0;
    for (const piece of pieces) {
      if (!piece.sections.some((section) => section.fabric === id)) continue;
      let own = 0;
      let changes = 0;
      if (!colours) {
        eachRun(piece, id, (count, first2, last) => own += count * (last - first2 + 1));
        own *= perStitch * piece.copies;
        if (own > 0) add(null, own);
      } else {
        const offset = stripeOffset(piece.id, joins6, edges, rowsOf2);
        let before = null;
        eachRun(piece, id, (count, first2, last) => {
          for (let n = first2; n <= last; n += 1) {
            const colour = colourOfRow(colours.stripes, n + offset);
            const metresOfRow = count * perStitch * piece.copies;
            add(colour, metresOfRow);
            own += metresOfRow;
            if (before !== null && colour !== before) changes += 1;
            before = colour;
          }
        });
      }
      if (own === 0) continue;
      listed2.push({ piece: piece.id, label: piece.label, metres: own });
      const ends2 = (2 + (colours?.yarn === "cut" ? 2 * changes : 0)) * piece.copies;
      tails += ends2 * WEAVE_IN / 100;
    }
    const first = id === used2[0];
    const extra = tails + (first ? seams : 0);
    const [main] = [...byColour].sort(([, a], [, b]) => b - a);
    if (main) add(main[0], extra);
    const total = [...byColour.values()].reduce((sum2, many) => sum2 + many, 0) * spare;
    return [
      {
        fabric: id,
        metres: Math.ceil(total),
        colours: [...byColour].map(([colour, many]) => ({
          colour,
          metres: Math.ceil(many * spare),
          balls: fabric2.ball ? Math.ceil(many * spare / fabric2.ball.metres) : null
        })),
        pieces: listed2,
        seams: first ? seams : 0,
        tails
      }
    ];
  });
}
function eachRun({ sections, runs: runs2 }, fabric2, visit) {
  sections.forEach(({ fabric: of, first: from }, i) => {
    if (of !== fabric2) return;
    const end = sections[i + 1]?.first ?? Infinity;
    for (const { row, times } of runs2) {
      const first = Math.max(row.n, from);
      const last = Math.min(row.n + times, end) - 1;
      if (first <= last) visit(row.count, first, last);
    }
  });
}

// packages/core/src/sizePlan.ts
function workGarment(construction2, input, counts) {
  const program8 = construction2.program(input, countReader(counts));
  const edges = /* @__PURE__ */ new Map();
  const worked2 = program8.pieces.map((piece) => workAndCheck(piece, counts, edges));
  const joins6 = program8.joins.map((join) => auditJoin(join, edges));
  const { body: body2 } = input.body;
  const notes = [
    ...joinNotes(joins6),
    ...headNote(program8.facts, body2),
    ...armNote(program8.facts, body2),
    ...reachNote(program8.facts),
    ...stretchNotes(program8.facts),
    ...worked2.flatMap((piece) => cutPanelNotes(piece, input.fabrics))
  ];
  return { program: program8, worked: worked2, edges, joins: joins6, notes };
}
var NOTHING3 = {
  finished: [],
  quantities: [],
  pieces: [],
  joins: [],
  girths: { body: [], arm: [] },
  yarn: []
};
function notWorkable({ quantities }, { pinned }, error) {
  const held = quantities.filter(({ id }) => pinned.has(id)).map(({ label }) => label);
  const why = error instanceof PlanRefused ? ` (${error.message})` : "";
  return {
    level: "stop",
    code: "not-workable",
    where: quantities.find(({ id }) => pinned.has(id))?.id ?? "sizes",
    message: say`These counts agree, but no piece can be worked from them${why}. ${held.length > 0 ? `Let ${held.join(" or ")} go.` : "Lengths or a gauge nearer to each other would help."}`
  };
}
function planSize(construction2, input, draft7, fit, notes, finishing, neighbours) {
  const { size: size2, body: body2 } = input;
  const base = { id: size2.id, label: size2.label, group: size2.group, body: body2.body };
  const { counts } = fit;
  if (!counts) return { ...base, ...NOTHING3, notes };
  let garment;
  try {
    garment = workGarment(construction2, input, counts);
  } catch (error) {
    return { ...base, ...NOTHING3, notes: [...notes, notWorkable(draft7, fit, error)] };
  }
  const { program: program8, worked: worked2, edges, joins: joins6 } = garment;
  const reader = countReader(counts);
  return {
    ...base,
    finished: draft7.finished.map(({ id, label, target, actual }) => ({
      id,
      label,
      target,
      actual: actual(reader)
    })),
    quantities: draft7.quantities.map((quantity2) => {
      const { id, label, fabric: fabric2, axis, perCm: countsPerCm, target, rule: rule2, rounding } = quantity2;
      const count = counts[id];
      const pinned = fit.pinned.has(id);
      return {
        id,
        label,
        fabric: fabric2.id,
        axis,
        perCm: countsPerCm,
        target,
        count,
        actual: count / countsPerCm,
        onTheHook: lengthOnTheHook(fabric2, axis, count),
        rule: rule2,
        rounding,
        pinned,
        because: () => explain(quantity2, { ...draft7, counts, neighbours }, pinned)
      };
    }),
    pieces: worked2,
    joins: joins6,
    girths: program8.girths,
    yarn: yarnNeeds(worked2, joins6, edges, input.fabrics, finishing),
    notes: [...notes, ...garment.notes, ...missNotes(draft7.quantities, counts, fit.pinned)]
  };
}

// packages/core/src/fitDesign.ts
var DesignUnfit = class extends Error {
  constructor(problems) {
    super(problems.map(({ path, message }) => `${path}: ${message}`).join("\n"));
    this.problems = problems;
  }
  problems;
  name = "DesignUnfit";
};
function fitDesign(design2, memory) {
  const { construction: construction2, style } = readGarment(design2);
  const fabrics = new Map(design2.fabrics.map((fabric2) => [fabric2.id, fabric2]));
  const common2 = memory && JSON.stringify([construction2.id, style, design2.fabrics, design2.finishing]);
  const remembered = design2.sizes.map((size2) => {
    const from = common2 === void 0 ? "" : common2 + JSON.stringify(size2);
    const before = memory?.get(size2.id);
    if (before && before.from === from) return before;
    const input = { size: size2, body: bodyOf(size2), style, fabrics };
    const made2 = { from, drafted: { input, draft: construction2.draft(input) }, solved: {} };
    memory?.set(size2.id, made2);
    return made2;
  });
  const fits = fitAll(construction2, design2, remembered, memory !== void 0);
  const notes = notesOf(construction2, design2, remembered, fits);
  return {
    design: design2.name,
    construction: construction2.id,
    sizes: remembered.map((known, at) => {
      const { input, draft: draft7 } = known.drafted;
      const fit = fits[at];
      const neighbours = design2.graded ? neighboursOf(fits, at) : {};
      const work2 = () => planSize(
        construction2,
        input,
        { ...draft7, quantities: fit.quantities, helpers: fit.helpers, relations: fit.relations },
        fit,
        notes[at],
        design2.finishing,
        neighbours
      );
      const key = () => JSON.stringify([fit.counts, [...fit.pinned], notes[at], neighbours]);
      let planned;
      return {
        id: input.size.id,
        notes: notes[at],
        plan: () => planned ??= memory ? workedBefore(known, key(), work2) : work2()
      };
    })
  };
}
function workedBefore(known, fit, work2) {
  if (known.made?.fit !== fit) known.made = { fit, plan: work2() };
  return known.made.plan;
}
function readGarment({ garment, fabrics }) {
  const construction2 = constructionOf(garment.construction);
  if (!construction2)
    throw new DesignUnfit([
      { path: "garment.construction", message: `\u201C${garment.construction}\u201D is no construction known here.` }
    ]);
  const problems = [];
  const style = construction2.readStyle(
    garment,
    fabrics.map(({ id }) => id),
    problems
  );
  if (problems.length > 0) throw new DesignUnfit(problems);
  return {
    construction: construction2,
    style: withShapedRows(style, new Map(fabrics.map((fabric2) => [fabric2.id, fabric2])))
  };
}
function notesOf(construction2, design2, sizes2, fits) {
  const shared = design2.graded ? [...sharedCounts(fits), ...unevenSteps(fits)] : [];
  const firstChild = sizes2.findIndex(({ drafted: { input } }) => input.size.group !== "adult");
  return sizes2.map(({ drafted: { input, draft: draft7 } }, at) => {
    const { size: size2, body: body2 } = input;
    const before = design2.graded && at > 0 ? design2.sizes[at - 1].body : null;
    return [
      ...draft7.notes,
      ...fits[at].notes,
      ...at === 0 ? [
        ...unusedNotes(construction2, design2.garment),
        ...estimateNotes(design2.fabrics),
        ...stitchNotes(design2.fabrics),
        ...shared
      ] : [],
      ...bodyNotes(body2, usedBy(draft7), size2.body, size2.group, before),
      ...at === firstChild ? [childNote(size2.group)] : []
    ];
  });
}
function neighboursOf(fits, at) {
  const beside = (i) => {
    const fit = fits[i];
    return fit?.counts ? { size: fit.size, counts: fit.counts } : null;
  };
  const [smaller, larger] = [beside(at - 1), beside(at + 1)];
  return { ...smaller ? { smaller } : {}, ...larger ? { larger } : {} };
}
function fitAll(construction2, design2, sizes2, remember) {
  const wish2 = { graded: design2.graded, strength: (design2.range?.even ?? 0) / 100 * EVENEST };
  const pinsOf = (size2, edging, { edgings: edgings2 }) => design2.pins.filter(
    (pin) => pin.size === size2 && (edgings2?.ids.some((id) => id === pin.quantity) ?? false) === edging
  );
  const pieces = fitSizes(
    sizes2.map(({ drafted: { draft: draft7, input }, solved }) => ({
      problem: draft7,
      pins: pinsOf(input.size.id, false, draft7),
      works: trialsOf(construction2, { input, draft: draft7 }, pinsOf(input.size.id, true, draft7)),
      ...remember ? { memory: solved } : {}
    })),
    wish2
  );
  const whole = sizes2.map(({ drafted: { draft: draft7, input } }, i) => ({
    ...pieces[i],
    size: input.size.label,
    quantities: draft7.quantities,
    helpers: draft7.helpers,
    relations: draft7.relations
  }));
  const edged = sizes2.flatMap(({ drafted: { draft: draft7, input } }, i) => {
    const { counts } = pieces[i];
    return counts && draft7.edgings ? [{ i, problem: draft7.edgings.follow(countReader(counts)), pins: pinsOf(input.size.id, true, draft7) }] : [];
  });
  if (edged.length === 0) return whole;
  const edgings = fitSizes(edged, wish2);
  edged.forEach(({ i, problem: problem2 }, at) => {
    const { counts, pinned, notes } = edgings[at];
    const before = whole[i];
    whole[i] = {
      ...before,
      counts: counts && { ...before.counts, ...counts },
      pinned: /* @__PURE__ */ new Set([...before.pinned, ...pinned]),
      notes: [...before.notes, ...notes],
      quantities: [...before.quantities, ...problem2.quantities],
      helpers: [...before.helpers, ...problem2.helpers],
      relations: [...before.relations, ...problem2.relations]
    };
  });
  return whole;
}
function trialsOf(construction2, { input, draft: draft7 }, edgings) {
  const pins = heldAt(Object.fromEntries(edgings.map(({ quantity: quantity2, count }) => [quantity2, count])));
  const countsWith = (held) => {
    const pieces = solve(draft7, { bounds: heldAt(held) });
    if (pieces.kind !== "solved" || !draft7.edgings) return pieces.kind === "solved" ? pieces.counts : null;
    const followed = solve(draft7.edgings.follow(countReader(pieces.counts)), { bounds: pins });
    return followed.kind === "solved" ? { ...pieces.counts, ...followed.counts } : null;
  };
  const stopsWith = (held) => {
    const counts = countsWith(held);
    if (!counts) return null;
    try {
      const { notes } = workGarment(construction2, input, counts);
      return new Set(notes.filter(({ level }) => level === "stop").map(({ code }) => code));
    } catch {
      return null;
    }
  };
  let anyway;
  return (held) => {
    anyway ??= stopsWith({}) ?? /* @__PURE__ */ new Set();
    const stops = stopsWith(held);
    return stops !== null && [...stops].every((code) => anyway.has(code));
  };
}
var ALWAYS_USED = ["head", "upperArm"];
function usedBy({ quantities }) {
  const used2 = new Set(ALWAYS_USED);
  for (const { because } of quantities)
    for (const { from } of because) if (from?.kind === "measurement") used2.add(from.id);
  return used2;
}
function bodyOf(size2) {
  const body2 = completeBody(size2.body, size2.group);
  if (body2) return body2;
  throw new DesignUnfit([
    {
      path: `sizes.${size2.id}.body`,
      message: `Size ${size2.label} has no measurement from which a bust could be derived; give the bust.`
    }
  ]);
}

// packages/core/src/plan.ts
function plan(design2, memory) {
  return wholePlan(fitDesign(design2, memory));
}
function wholePlan({ sizes: sizes2, ...head }) {
  return { ...head, sizes: sizes2.map((size2) => size2.plan()) };
}

// packages/core/src/chart/chart.ts
var MOST_SIZES = 600;

// packages/core/src/stitch/symbols.ts
var round2 = (value) => Math.round(value * 10) / 10;
var point = ([x, y]) => `${round2(x)} ${round2(y)}`;
function oval(from, to) {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.min(8, Math.max(3, Math.hypot(dx, dy) * 0.46));
  const turn = Math.atan2(dy, dx) * 180 / Math.PI;
  const middle2 = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  const [ux, uy] = [Math.cos(turn * Math.PI / 180) * long, Math.sin(turn * Math.PI / 180) * long];
  const a = [middle2[0] - ux, middle2[1] - uy];
  const b = [middle2[0] + ux, middle2[1] + uy];
  const thin = Math.min(3.4, long * 0.6);
  return `M${point(a)}A${round2(long)} ${round2(thin)} ${round2(turn)} 1 1 ${point(b)}A${round2(long)} ${round2(thin)} ${round2(turn)} 1 1 ${point(a)}Z`;
}
function dot([x, y]) {
  return `M${round2(x - 2.4)} ${round2(y)}a2.4 2.4 0 1 1 4.8 0a2.4 2.4 0 1 1 -4.8 0Z`;
}
function legPath(kind, foot, head, bend, unit2) {
  const [dx, dy] = [head[0] - foot[0], head[1] - foot[1]];
  const length2 = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / length2, dy / length2];
  const [vx, vy] = [-uy, ux];
  const along = (share, aside = 0) => [
    foot[0] + dx * share + vx * aside,
    foot[1] + dy * share + vy * aside
  ];
  const height = heightOf(kind);
  if (height <= 1) {
    const middle2 = [foot[0] + dx * 0.55, foot[1] + dy * 0.55];
    const arm = 4.6;
    if (kind === "tss" || kind === "tks" || kind === "tps" || kind === "trs") {
      const tall = 5.5;
      const bar = `M${point([middle2[0] - ux * tall, middle2[1] - uy * tall])}L${point([middle2[0] + ux * tall, middle2[1] + uy * tall])}`;
      if (kind === "tks")
        return `${bar}M${point([middle2[0] - vx * 4 - ux * 5, middle2[1] - vy * 4 - uy * 5])}L${point([middle2[0] - ux * 5, middle2[1] - uy * 5])}`;
      if (kind === "tps")
        return `${bar}M${point([middle2[0] - vx * 5, middle2[1] - vy * 5])}L${point([middle2[0] + vx * 5, middle2[1] + vy * 5])}`;
      return bar;
    }
    const across = `M${point([middle2[0] - vx * arm, middle2[1] - vy * arm])}L${point([middle2[0] + vx * arm, middle2[1] + vy * arm])}`;
    const up = `M${point([middle2[0] - ux * arm, middle2[1] - uy * arm])}L${point([middle2[0] + ux * arm, middle2[1] + uy * arm])}`;
    const loop = kind === "loop st" ? `M${point([middle2[0], middle2[1] + 4])}c-4 6 4 6 0 0` : "";
    const wave = kind === "reverse sc" ? `M${point([middle2[0] - 5, middle2[1] - 7])}q2.5 -3 5 0t5 0` : "";
    const spike = unit2.stitch?.below ? `M${point(foot)}L${point(middle2)}` : "";
    return across + up + loop + wave + spike;
  }
  const post = bend === 0 ? `M${point(foot)}L${point(head)}` : `M${point(foot)}Q${point(along(0.5, bend * 16))} ${point(head)}`;
  const cap = `M${point(along(1, -5))}L${point(along(1, 5))}`;
  const bars = height - 2;
  const slants = Array.from({ length: Math.max(0, bars) }, (_, i) => {
    const at = 0.62 - (bars - 1) * 0.07 + i * 0.14;
    const shift = bend * 16 * 2 * at * (1 - at);
    return `M${point(along(at - 0.05, shift - 3.6))}L${point(along(at + 0.05, shift + 3.6))}`;
  }).join("");
  const extended = kind === "esc" || kind === "edc" ? `M${point(along(0.3, -3))}L${point(along(0.3, 3))}` : "";
  const side = unit2.stitch?.post;
  const way = side === "front" ? -1 : 1;
  const hook = side ? `M${point(foot)}q${round2(-vx * way * 1 + ux * -4)} ${round2(-vy * way * 1 + uy * -4)} ${round2(vx * way * 6)} ${round2(vy * way * 6)}` : "";
  return post + (kind === "esc" ? `M${point(along(0.85, -4))}L${point(along(0.85, 4))}` : cap) + slants + extended + hook;
}
function topMarks({ stitch, picots, name: name2 }, head, foot) {
  const marks = [];
  if (stitch?.loop) {
    const way = stitch.loop === "back" ? 3 : -3;
    marks.push(`M${point([foot[0] - 5, foot[1] + 1])}q5 ${way} 10 0`);
  }
  if (name2 === "popcorn" && stitch?.together)
    marks.push(`M${point([head[0] - 5, head[1] - 3])}a5 2.6 0 1 1 10 0a5 2.6 0 1 1 -10 0`);
  for (const chains of picots)
    for (let c = 0; c < Math.min(5, chains); c += 1) {
      const angle = Math.PI * (0.25 + 0.5 * c / Math.max(1, chains - 1));
      const at = [head[0] + 6 * Math.cos(angle) * 1.4, head[1] - 4 - 6 * Math.sin(angle)];
      marks.push(`M${point([at[0] - 2, at[1]])}a2 1.6 0 1 1 4 0a2 1.6 0 1 1 -4 0`);
    }
  return marks.join("");
}
var KEY_BOX = { width: 26, height: 60 };
function keySymbol(kind) {
  const middle2 = KEY_BOX.width / 2;
  const foot = KEY_BOX.height - 6;
  if (kind === "ch") return { path: oval([middle2 - 8, foot - 4], [middle2 + 8, foot - 4]), filled: false };
  if (kind === "sl st") return { path: dot([middle2, foot - 4]), filled: true };
  const found = /^(fp|bp)?([a-z ]+?)(?:(\d)tog)?( blo| flo)?$/.exec(kind);
  const raised = { bobble: "dc", popcorn: "dc", cluster: "dc", "puff st": "hdc" }[kind];
  const of = raised ?? found?.[2] ?? "dc";
  const together3 = raised ? kind === "puff st" ? 3 : 5 : found?.[3] ? Number(found[3]) : void 0;
  const stitch = {
    kind: of,
    ...found?.[1] ? { post: found[1] === "fp" ? "front" : "back" } : {},
    ...found?.[4] ? { loop: found[4] === " blo" ? "back" : "front" } : {},
    ...together3 ? { together: together3 } : {}
  };
  const unit2 = {
    t: "st",
    kind: of,
    group: 0,
    name: raised ? kind : null,
    run: -1,
    x: 0,
    feet: [0],
    turning: 0,
    stitch,
    picots: [],
    by: 0
  };
  const head = [middle2, Math.max(6, foot - Math.max(1.1, heightOf(of)) * 10)];
  const legs = together3 ?? 1;
  const paths = Array.from({ length: legs }, (_, leg) => {
    const share = legs === 1 ? 0 : leg / (legs - 1) - 0.5;
    const from = [middle2 + (raised ? 0 : share * 16), foot];
    return legPath(of, from, head, raised ? share : 0, unit2);
  });
  return { path: paths.join("") + topMarks(unit2, head, [middle2, foot]), filled: false };
}

// packages/core/src/stitch/chart.ts
var WIDE2 = 20;
var HIGH = 13;
var SIDE = 44;
var ABOVE2 = 16;
var BELOW = 18;
var HUB = 34;
var MOST_ROWS = 9;
function stitchChart(text2, proof, { repeats = 3, ring = false } = {}) {
  const { multiple, plus: plus2 } = proof.base;
  const { first, last } = text2.repeat;
  const times = Math.max(1, Math.min(2, Math.floor((MOST_ROWS - first) / (last - first + 1))));
  const { rows: rows2 } = workPattern(text2, multiple * repeats + proof.chains.plus, times);
  const width = multiple * repeats + plus2;
  const drawing = new Drawing(
    width,
    ring && text2.work === "round",
    rows2.map(({ course }) => course)
  );
  drawing.foundation(rows2[0].course);
  rows2.forEach(({ row, course }, i) => drawing.row(course, i, row));
  return drawing.done(text2, rows2, multiple);
}
var Drawing = class {
  constructor(width, ring, courses) {
    this.width = width;
    this.ring = ring;
    for (const course of courses) this.levels.push(this.levels.at(-1) + heightOfCourse(course));
    const top = this.levels.at(-1);
    this.radius = Math.max(HUB, width * WIDE2 / (2 * Math.PI));
    const across = 2 * (this.radius + top * HIGH + ABOVE2 + 14);
    this.widthPx = ring ? across : width * WIDE2 + 2 * SIDE;
    this.heightPx = ring ? across : top * HIGH + ABOVE2 + BELOW + 14;
  }
  width;
  ring;
  symbols = [];
  levels = [0];
  radius;
  widthPx;
  heightPx;
  /** A place of the pattern in the drawing: rows are read from the bottom, the first from right to left. */
  at(x, level) {
    if (this.ring) {
      const angle = -(x / this.width) * 2 * Math.PI - Math.PI / 2;
      const radius = this.radius + level * HIGH;
      return [this.widthPx / 2 + radius * Math.cos(angle), this.heightPx / 2 + radius * Math.sin(angle)];
    }
    return [SIDE + (this.width - 0.5 - x) * WIDE2, this.heightPx - BELOW - 8 - level * HIGH];
  }
  foundation({ low }) {
    for (let x = 0; x < this.width; x += 1)
      this.add(-1, -1, -1, "ch", oval(this.at(low + x - 0.5, -0.35), this.at(low + x + 0.5, -0.35)));
  }
  row(course, i, of) {
    const base = this.levels[i];
    const height = this.levels[i + 1] - base;
    let from = 0;
    const [first] = course.units;
    if (first && course.idle > 0 && i > 0) {
      const beside = first.x - course.direction * 0.6;
      this.column(beside, base, Math.min(course.idle, Math.max(1, height)), course.idle, i, of, 0);
    }
    for (const slip of course.slips) this.add(i, of, 0, "sl st", dot(this.at(slip, base + 0.2)), true);
    const { units } = course;
    while (from < units.length) {
      const unit2 = units[from];
      if (unit2.t === "ch") {
        let to = from;
        while (units[to + 1]?.t === "ch" && units[to + 1].run === unit2.run) to += 1;
        this.chains(units, from, to, base, height, i, of);
        from = to + 1;
        continue;
      }
      this.stitch(unit2, base, i, of);
      from += 1;
    }
  }
  column(x, base, height, chains, i, of, by) {
    for (let c = 0; c < chains; c += 1)
      this.add(
        i,
        of,
        by,
        "ch",
        oval(this.at(x, base + height * c / chains), this.at(x, base + height * (c + 1) / chains))
      );
  }
  /** Chains between stitches bow a little; long loops bow more. */
  chains(units, from, to, base, height, i, of) {
    const levelOf = (unit2) => unit2 ? base + topOf(unit2) : base + height;
    const [left, right] = [units[from - 1], units[to + 1]];
    const level = Math.min(levelOf(left), levelOf(right ?? units[0])) - 0.25;
    const start2 = left?.x ?? units[from].x;
    const end = right?.x ?? units[to].x + (units[to].x - start2) / Math.max(1, to - from + 1);
    const many = to - from + 1;
    const bow = Math.min(2.2, Math.max(0.15, (many - Math.abs(end - start2)) * 0.45));
    const point2 = (share) => this.at(start2 + (end - start2) * (0.12 + 0.76 * share), level + bow * 4 * share * (1 - share));
    for (let c = 0; c < many; c += 1)
      this.add(i, of, units[from].by, "ch", oval(point2(c / many), point2((c + 1) / many)));
  }
  stitch(unit2, base, i, of) {
    const { kind, x, feet, turning, stitch, by } = unit2;
    const top = base + topOf(unit2);
    if (turning > 0) return this.column(x, base, topOf(unit2), turning, i, of, by);
    const name2 = keyName(unit2);
    const places = feet.length > 0 ? feet : [x];
    const head = this.at(x, top);
    const legs = stitch?.together && places.length === 1 ? stitch.together : 1;
    const down = stitch?.below ? this.levels[Math.max(0, i - stitch.below)] : base;
    if (kind === "sl st") return this.add(i, of, by, name2, dot(this.at(x, base + 0.25)), true);
    const low = heightOf(kind) <= 1 && !stitch?.below;
    places.forEach((place) => {
      const foot = this.at(low && places.length === 1 ? x : place, down + 0.12);
      for (let leg = 0; leg < legs; leg += 1)
        this.add(
          i,
          of,
          by,
          name2,
          legPath(kind, foot, head, legs === 1 ? 0 : leg / (legs - 1) - 0.5, unit2)
        );
    });
    const marks = topMarks(unit2, head, this.at(places[0], down + 0.12));
    if (marks) this.add(i, of, by, name2, marks);
  }
  add(row, of, instruction, kind, path, filled = false) {
    this.symbols.push({ row, of, instruction, kind, path, filled });
  }
  done(text2, rows2, multiple) {
    const kinds = [...new Set(this.symbols.map(({ kind }) => kind))];
    const middle2 = Math.max(0, Math.floor((this.width / multiple - 1) / 2)) * multiple;
    const [right] = this.at(middle2 - 0.5, 0);
    const [left] = this.at(middle2 + multiple - 0.5, 0);
    return {
      width: round2(this.widthPx),
      height: round2(this.heightPx),
      symbols: this.symbols,
      rows: rows2.map(({ row, course }, i) => {
        const of = text2.rows[row];
        const label = row <= text2.repeat.last && i <= text2.repeat.last ? String(of.n ?? i + 1) : String(i + 1);
        return {
          label,
          side: text2.work === "flat" ? course.direction === 1 ? "RS" : "WS" : of.side,
          leftwards: course.direction === 1,
          of: row,
          from: round2(this.at(0, this.levels[i])[1]),
          to: round2(this.at(0, this.levels[i + 1])[1]),
          words: printRow(of.nodes, { round: text2.work === "round" })
        };
      }),
      repeat: this.ring ? null : { from: round2(left), to: round2(right), stitches: multiple },
      ring: this.ring,
      kinds
    };
  }
};
function heightOfCourse({ units, idle }) {
  return Math.max(1.3, idle * 0.8, ...units.map((unit2) => unit2.t === "st" ? topOf(unit2) : 0)) + 0.35;
}
function topOf({ kind, t }) {
  if (t === "ch") return 0;
  return Math.max(1.1, heightOf(kind));
}
function keyName({ kind, stitch, name: name2 }) {
  if (name2 && stitch?.together) return name2;
  const side = stitch?.post === "front" ? "fp" : stitch?.post === "back" ? "bp" : "";
  const loop = stitch?.loop ? ` ${stitch.loop === "back" ? "blo" : "flo"}` : "";
  return `${side}${kind}${stitch?.together ? `${stitch.together}tog` : ""}${loop}`;
}

// packages/core/src/stitch/chartSvg.ts
var INK = { RS: "#1f3038", WS: "#2b5c85" };
var ENTRY = { width: 170, height: 44 };
var SMALL = 0.65;
function chartSvg(chart, title, key = []) {
  const { height, symbols, rows: rows2, repeat: repeat2 } = chart;
  const columns = Math.max(1, Math.min(key.length, Math.floor(chart.width / ENTRY.width)));
  const width = Math.max(chart.width, key.length > 0 ? columns * ENTRY.width : 0);
  const whole = height + Math.ceil(key.length / columns) * ENTRY.height;
  const paths = symbols.map(({ path, row, filled }) => {
    const ink = INK[rows2[row]?.side ?? "RS"];
    return `<path d="${path}" stroke="${ink}" fill="${filled ? ink : "none"}"/>`;
  });
  const labels = chart.ring ? [] : rows2.map(({ label, side, leftwards, from, to }) => {
    const middle2 = (from + to) / 2;
    const x = leftwards ? chart.width - 36 : 36;
    const [tail, way] = leftwards ? [chart.width - 8, -1] : [8, 1];
    const arrow = `M${tail} ${middle2}h${way * 11}m${way * -4} -3.5l${way * 4} 3.5l${way * -4} 3.5`;
    return `<text x="${x}" y="${middle2 + 4}" text-anchor="${leftwards ? "start" : "end"}" fill="${INK[side]}">${label}</text><path d="${arrow}" stroke="${INK[side]}" fill="none"/>`;
  });
  const bracket = repeat2 ? `<path d="M${repeat2.from} ${height - 12}v6H${repeat2.to}v-6" stroke="#8a6100" fill="none"/>` : "";
  const entries = key.map(({ of, kind, name: name2 }, i) => {
    const { path, filled } = keySymbol(of);
    const [x, y] = [i % columns * ENTRY.width, height + Math.floor(i / columns) * ENTRY.height];
    return `<g transform="translate(${x} ${y})"><path transform="scale(${SMALL})" d="${path}" stroke="${INK.RS}" fill="${filled ? INK.RS : "none"}"/><text x="${KEY_BOX.width * SMALL + 8}" y="${KEY_BOX.height * SMALL - 6}" fill="${INK.RS}">${escape(kind === name2 ? kind : `${kind}: ${name2}`)}</text></g>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${whole}" width="${width}" height="${whole}" role="img" aria-label="${escape(title)}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="11" stroke-width="1.3" stroke-linecap="round"><title>${escape(title)}</title>${paths.join("")}<g>${labels.join("")}</g>${bracket}${entries.join("")}</svg>`;
}
function escape(text2) {
  return text2.replace(/&/g, "&amp;").replace(/</g, "&lt;").replace(/>/g, "&gt;").replace(/"/g, "&quot;");
}

// packages/core/src/stitch/key.ts
var ENTRIES = [
  [/^ch$/, "chain", "Yarn over, draw through the loop on the hook."],
  [
    /^sl st$/,
    "slip stitch",
    "Insert the hook, draw a loop through the stitch and the loop on the hook at once."
  ],
  [/^sc$/, "single crochet", "Draw up a loop, draw through both loops."],
  [/^reverse sc$/, "reverse single crochet", "Single crochet worked backwards, into the stitch before."],
  [/^loop st$/, "loop stitch", "Single crochet with the yarn drawn long behind the work, round a finger."],
  [/^esc$/, "extended single crochet", "Draw up a loop, draw through one loop, then through both."],
  [/^hdc$/, "half double crochet", "Yarn over, draw up a loop, draw through all three loops."],
  [/^dc$/, "double crochet", "Yarn over, draw up a loop, draw through two loops twice."],
  [
    /^edc$/,
    "extended double crochet",
    "Yarn over, draw up a loop, draw through one loop, then through two twice."
  ],
  [/^tr$/, "treble crochet", "Yarn over twice, draw up a loop, draw through two loops three times."],
  [
    /^dtr$/,
    "double treble crochet",
    "Yarn over three times, draw up a loop, draw through two loops four times."
  ],
  [/^fp/, "front post stitch", "The hook goes behind the post of the stitch below, from front to front."],
  [/^bp/, "back post stitch", "The hook goes before the post of the stitch below, from back to back."],
  [/ blo$/, "in the back loop only", "The hook goes under the loop that lies away from you."],
  [/ flo$/, "in the front loop only", "The hook goes under the loop that lies towards you."],
  [/tog$/, "stitches together", "Each stitch up to its last step, then one loop through all."],
  [/^bobble$/, "bobble", "Five double crochets in one place, closed together."],
  [/^puff st$/, "puff stitch", "Three long loops drawn up in one place, closed together."],
  [
    /^popcorn$/,
    "popcorn",
    "Five double crochets in one place; hook out, into the first, and the last loop through."
  ],
  [/^cluster$/, "cluster", "Stitches in one place, each up to its last step, closed together."],
  [/^tss$/, "Tunisian simple stitch", "Forward: a loop under the front vertical bar."],
  [/^tks$/, "Tunisian knit stitch", "Forward: a loop between the two vertical bars, from front to back."],
  [/^tps$/, "Tunisian purl stitch", "Forward: yarn in front, a loop under the front vertical bar."]
];
function stitchKey(kinds, terms = "us") {
  return kinds.map((kind) => {
    const found = ENTRIES.find(([of]) => of.test(kind));
    const [, name2, how] = found ?? [null, kind, ""];
    return {
      of: kind,
      kind: inTerms(kind, terms),
      name: terms === "us" ? name2 : ukName(name2),
      how: terms === "us" ? how : ukName(how)
    };
  });
}
function ukName(text2) {
  const names = [
    [/double treble crochet/gi, "\xA4triple treble"],
    [/treble crochet/gi, "\xA4double treble"],
    [/half double crochet/gi, "\xA4half treble"],
    [/extended double crochet/gi, "\xA4extended treble"],
    [/extended single crochet/gi, "\xA4extended double crochet"],
    [/double crochets/gi, "\xA4trebles"],
    [/(?<!¤extended )(?<!¤)double crochet/gi, "\xA4treble"],
    [/single crochet/gi, "\xA4double crochet"]
  ];
  return names.reduce((all, [us, uk]) => all.replace(us, uk), text2).replaceAll("\xA4", "");
}

// packages/core/src/passages/passage.ts
function beginsAslant([start2, next]) {
  return start2?.kind === "start" && start2.along !== null && next?.kind === "short";
}

// packages/core/src/format/migrate.ts
var DESIGN_VERSION = 1;
var STEPS2 = [
  // Version 0 was never published: files from before the first release had no version and called the pins "fixed".
  ({ fixed, ...design2 }) => ({ ...design2, pins: design2["pins"] ?? fixed ?? [], version: 1 })
];
function migrateDesign(raw) {
  const version = raw["version"] ?? 0;
  if (typeof version !== "number" || !Number.isInteger(version) || version < 0)
    return {
      ok: false,
      message: `The version is ${quote(version)}; a whole number like ${DESIGN_VERSION} belongs here.`
    };
  if (version > DESIGN_VERSION)
    return {
      ok: false,
      message: `The file has version ${version}, made by a newer Upfell; this one reads up to version ${DESIGN_VERSION}.`
    };
  let design2 = raw;
  for (let at = version; at < DESIGN_VERSION; at += 1) design2 = STEPS2[at](design2);
  return { ok: true, design: design2 };
}

// packages/core/src/write/style.ts
var USUAL_STYLE = {
  sizes: "brackets",
  shaping: "tables",
  rows: "row by row",
  stitches: "sts",
  rowNames: "Row",
  counts: "round brackets",
  countAt: "end"
};
var HOUSE_WAYS = {
  sizes: ["brackets", "slashes"],
  shaping: ["tables", "sentences"],
  rows: ["row by row", "condensed"],
  stitches: ["sts", "stitches"],
  rowNames: ["Row", "ROW"],
  counts: ["round brackets", "square brackets", "dash"],
  countAt: ["end", "beginning"]
};
var SKILLS = ["beginner", "easy", "easy, with shaping", "intermediate", "experienced"];

// packages/core/src/format/readSizes.ts
function readSizes(reader) {
  const sizes2 = reader.list("sizes", "The list of sizes", MOST_SIZES);
  if (Array.isArray(reader.object["sizes"]) && reader.object["sizes"].length === 0)
    reader.problem("sizes", "The list of sizes is empty; at least one size belongs here.");
  const ids = [];
  for (const size2 of sizes2) {
    const id = size2.text("id", "The size\u2019s id");
    if (ids.includes(id)) size2.problem("id", `Two sizes are called ${quote(id)}; each needs its own id.`);
    ids.push(id);
    size2.text("label", "The size\u2019s label", id);
    const group2 = size2.choice("group", "The group", GROUPS2, "adult");
    const body2 = size2.inside("body", "The body", true);
    if (!body2) continue;
    const found = readBody(body2);
    if (found && completeBody(found, group2) === null)
      body2.problem("bust", "Nothing here leads to a bust; give the bust or chest round.");
  }
  return ids;
}
function readBody(reader) {
  const before = reader.problems.length;
  const body2 = {};
  for (const { id, label, limits } of MEASUREMENTS) {
    if (reader.object[id] === void 0 || reader.object[id] === null) continue;
    body2[id] = reader.number(id, { label, min: limits[0], max: limits[1], unit: "cm" });
  }
  return reader.problems.length === before ? body2 : null;
}

// packages/core/src/format/readExtras.ts
var MOST_PEOPLE = 200;
var MOST_SENTENCES = 300;
var LONGEST_PARAGRAPH = 4e3;
function readChartOrigin(reader) {
  const chart = reader.inside("chart", "The chart", false);
  if (!chart) return;
  chart.text("id", "The chart\u2019s id");
  chart.text("name", "The chart\u2019s name");
  if (chart.object["revision"] !== void 0)
    chart.number("revision", { label: "The chart\u2019s revision", min: 0, max: 1e9, unit: "" });
  for (const size2 of chart.list("sizes", "The list of the chart\u2019s sizes", MOST_SIZES)) {
    size2.text("id", "The size\u2019s id");
    const body2 = size2.inside("body", "The body", true);
    if (body2) readBody(body2);
  }
}
function readPeople(reader) {
  if (reader.object["people"] === void 0) return;
  for (const person of reader.list("people", "The list of people", MOST_PEOPLE)) {
    person.text("id", "The person\u2019s id");
    person.text("name", "The person\u2019s name");
    person.choice("group", "The group", GROUPS2, "adult");
    person.choice("arm", "How the arm was held", ["flexed", "relaxed"], "flexed");
    const readings = person.inside("readings", "The readings", true);
    if (!readings) continue;
    for (const { id, label, limits } of MEASUREMENTS) {
      const pair = readings.object[id];
      if (pair === void 0) continue;
      if (!Array.isArray(pair) || pair.length < 1 || pair.length > 2) {
        readings.problem(id, `${label} has one or two readings in a list.`);
        continue;
      }
      for (const value of pair) {
        const sentence = checkNumber(value, { label, min: limits[0], max: limits[1], unit: "cm" });
        if (sentence) readings.problem(id, sentence);
      }
    }
  }
}
var STYLE_LABELS = {
  sizes: "How figures of several sizes are set",
  shaping: "How shaping is written",
  rows: "How rows of one size are written",
  stitches: "The word for stitches",
  rowNames: "The names of rows",
  counts: "How counts are set",
  countAt: "Where counts stand"
};
function readStyle(reader) {
  const style = reader.inside("style", "The style of the house", false);
  if (!style) return;
  for (const key of Object.keys(HOUSE_WAYS))
    if (style.object[key] !== void 0)
      style.choice(key, STYLE_LABELS[key], HOUSE_WAYS[key], HOUSE_WAYS[key][0]);
}
function readWords(reader) {
  const words = reader.inside("words", "The author\u2019s words", false);
  if (!words) return;
  const paragraph = (of, key, label) => {
    const value = of.object[key];
    if (value === void 0) return;
    if (typeof value !== "string" || value.length > LONGEST_PARAGRAPH)
      of.problem(key, `${label} is text of at most ${LONGEST_PARAGRAPH} characters.`);
  };
  paragraph(words, "care", "The care of the garment");
  paragraph(words, "intro", "The introduction");
  if (words.object["skill"] !== void 0) words.choice("skill", "The skill", SKILLS, "easy");
  readStyle(words);
  if (words.object["sentences"] === void 0) return;
  for (const sentence of words.list("sentences", "The list of sentences", MOST_SENTENCES)) {
    sentence.text("section", "The section of the sentence");
    paragraph(sentence, "text", "The sentence");
    paragraph(sentence, "after", "The line it stands after");
    if (sentence.object["line"] !== void 0)
      sentence.number("line", {
        label: "The line it stands after",
        min: 0,
        max: 1e3,
        unit: "",
        whole: true
      });
  }
}

// packages/core/src/format/readFabric.ts
var MOST_READINGS = 20;
var MOST_ROW_TYPES = 12;
var SPARSEST = 0.05;
var DENSEST = 30;
function readFabric(fabric2) {
  fabric2.text("name", "The fabric\u2019s name", fabric2.object["id"]);
  if (fabric2.object["yarn"] !== void 0 && fabric2.object["yarn"] !== "") fabric2.text("yarn", "The yarn");
  if (fabric2.object["weight"] !== void 0)
    fabric2.choice("weight", "The weight of the yarn", YARN_WEIGHTS, "worsted");
  if (fabric2.object["fibre"] !== void 0 && fabric2.object["fibre"] !== "")
    fabric2.text("fibre", "The fibre");
  fabric2.number("hook", { label: "The hook", min: 0.5, max: 40, unit: "mm" });
  const gauge = fabric2.inside("gauge", "The gauge", true);
  if (gauge) readGauge(gauge);
  const unblocked = fabric2.inside("unblocked", "The unblocked gauge", false);
  if (unblocked) readGauge(unblocked);
  for (const key of ["readings", "unblockedReadings"])
    if (fabric2.object[key] !== void 0)
      for (const reading of fabric2.list(key, "The list of readings", MOST_READINGS)) readGauge(reading);
  readRules(fabric2);
  fabric2.choice("estimated", "Whether the gauge is a usual figure", [true, false], false);
  if (fabric2.object["library"] !== void 0 && !isObject(fabric2.object["library"]))
    fabric2.problem(
      "library",
      "Where the fabric comes from is an object with the id of the library\u2019s fabric."
    );
  if (fabric2.object["stitch"] !== void 0) fabric2.choice("stitch", "The stitch", STITCHES, "hdc");
  fabric2.choice("turning", "The turning chain", TURNINGS, "does not count");
  fabric2.choice("foundation", "The foundation", FOUNDATIONS, "chain");
  fabric2.choice("shaping", "How the fabric is shaped", SHAPINGS, "stitches");
  fabric2.choice("shapedIn", "The rows that shape", SHAPED_IN, "any row");
  fabric2.number("foundationExtra", {
    label: "The extra foundation chains",
    min: 0,
    max: 20,
    unit: "chains",
    fallback: 1,
    whole: true
  });
  if (fabric2.object["panel"] !== void 0)
    fabric2.number("panel", {
      label: "The panel in the middle",
      min: 0,
      max: 80,
      unit: "stitches",
      whole: true
    });
  if (fabric2.object["edgeStitches"] !== void 0)
    fabric2.number("edgeStitches", {
      label: "The plain stitches at each edge",
      min: 0,
      max: 20,
      unit: "stitches",
      whole: true
    });
  if (fabric2.object["rowTypes"] !== void 0)
    for (const type of fabric2.list("rowTypes", "The list of row types", MOST_ROW_TYPES)) {
      type.text("name", "The row type\u2019s name");
      type.number("height", { label: "The row\u2019s height", min: 0.1, max: 20, unit: "cm" });
    }
  const unit2 = fabric2.inside("unit", "The unit of counting", false);
  if (unit2) {
    unit2.choice("name", "The unit of counting", COUNTED_IN, "stitches");
    unit2.number("stitches", { label: "The stitches of one unit", min: 1, max: 200, unit: "", whole: true });
    unit2.number("plus", { label: "The stitches beside the units", min: 0, max: 200, unit: "", whole: true });
  }
  const share = (key, label, max) => fabric2.number(key, { label, min: 0, max, unit: "(0.15 is 15 %)", fallback: 0 });
  share("stretch", "The stretch", 1);
  share("growth", "The growth in wear", 0.5);
  readYarn(fabric2);
  readPattern(fabric2);
  readRows2(fabric2);
}
function readGauge(reader) {
  const count = (label) => ({ label, min: 0.5, max: 500, unit: "counted" });
  const over = (label) => ({ label, min: 1, max: 200, unit: "cm" });
  for (const axis of ["stitches", "rows"]) {
    const before = reader.problems.length;
    const counted = reader.number(axis, count(`The ${axis} of the swatch`));
    const length2 = reader.number(`${axis}Over`, over(`The length the ${axis} were counted over`));
    const perCm2 = counted / length2;
    if (reader.problems.length === before && (perCm2 < SPARSEST || perCm2 > DENSEST))
      reader.problem(
        axis,
        `${tidy(counted)} ${axis} in ${tidy(length2)} cm is no fabric; it can be 1 in ${1 / SPARSEST} cm to ${DENSEST} in 1 cm.`
      );
  }
}
function readRules(fabric2) {
  const rule2 = fabric2.inside("rule", "The count rule", true);
  if (!rule2) return;
  for (const [key, label] of [
    ["flat", "The flat rule"],
    ["round", "The rule in the round"],
    ["rows", "The rule of the rows"]
  ]) {
    const one2 = rule2.inside(key, label, true);
    one2?.number("multiple", { label: `${label}\u2019s multiple`, min: 1, max: 200, unit: "", whole: true });
    one2?.number("plus", { label: `${label}\u2019s plus`, min: 0, max: 200, unit: "", whole: true });
  }
}
function readYarn(fabric2) {
  const swatch = fabric2.inside("swatch", "The swatch", false);
  if (swatch) {
    swatch.number("width", { label: "The swatch\u2019s width", min: 1, max: 200, unit: "cm" });
    swatch.number("height", { label: "The swatch\u2019s height", min: 1, max: 200, unit: "cm" });
    const amount = (key, label, unit2) => swatch.number(key, { label, min: 0.1, max: 5e3, unit: unit2, fallback: 1 });
    amount("metres", "The yarn in the swatch", "m");
    amount("grams", "The weight of the swatch", "g");
  }
  const ball = fabric2.inside("ball", "The ball", false);
  if (ball) {
    ball.number("grams", { label: "The weight of a ball", min: 1, max: 5e3, unit: "g" });
    ball.number("metres", { label: "The length of a ball", min: 1, max: 5e4, unit: "m" });
  }
}
function readPattern(fabric2) {
  const { pattern: pattern3 } = fabric2.object;
  const fits = pattern3 === void 0 || Array.isArray(pattern3) && pattern3.length <= 60 && pattern3.every((line2) => typeof line2 === "string" && line2.length <= 500);
  if (!fits)
    fabric2.problem(
      "pattern",
      "The stitch pattern is a list of up to 60 sentences of at most 500 characters."
    );
}
function readRows2(fabric2) {
  const { rows: rows2 } = fabric2.object;
  if (rows2 === void 0) return;
  const lines2 = Array.isArray(rows2) && rows2.every((line2) => typeof line2 === "string") ? rows2 : null;
  if (!lines2 || lines2.length > 400 || lines2.join("\n").length > LONGEST_STITCH_TEXT)
    fabric2.problem(
      "rows",
      `The rows of the stitch pattern are a list of up to 400 lines with ${LONGEST_STITCH_TEXT} characters in all.`
    );
}

// packages/core/src/format/readDesign.ts
var MOST_FABRICS = 40;
var MOST_PINS = 5e3;
function problem(message, path = "") {
  return { ok: false, problems: [{ path, message }] };
}
function readDesign(raw) {
  if (!isObject(raw)) return problem("This is not a design file: an object belongs here.");
  if (raw["format"] !== "upfell/design")
    return problem(`The format is ${quote(raw["format"])}; a design file says \u201Cupfell/design\u201D.`, "format");
  const migrated = migrateDesign(raw);
  if (!migrated.ok) return problem(migrated.message, "version");
  const problems = [];
  const reader = new FieldReader(migrated.design, "", problems);
  reader.text("name", "The name");
  const units = reader.choice("units", "The unit", ["cm", "in"], "cm");
  const graded = reader.choice("graded", "Graded", [true, false], true);
  const sizeIds = readSizes(reader);
  const fabricIds = readFabrics(reader);
  readGarment2(reader, fabricIds);
  reader.inside("range", "The range", false)?.number("even", {
    label: "The evenness of the steps",
    min: 0,
    max: 100,
    unit: "%",
    fallback: 0
  });
  readChartOrigin(reader);
  readPeople(reader);
  readFinishing(reader);
  readWords(reader);
  const pins = migrated.design["pins"] === void 0 ? [] : readPins(reader, sizeIds);
  if (problems.length > 0) return { ok: false, problems };
  const sizes2 = migrated.design["sizes"].map((size2) => ({
    group: "adult",
    label: size2["id"],
    ...size2
  }));
  const design2 = { ...migrated.design, units, graded, sizes: sizes2, pins };
  if (design2["people"] !== void 0)
    design2["people"] = design2["people"].map((person) => ({
      group: "adult",
      arm: "flexed",
      ...person
    }));
  for (const key of ["finishing", "words"]) if (migrated.design[key] === null) delete design2[key];
  return { ok: true, design: design2 };
}
function readFabrics(reader) {
  const fabrics = reader.list("fabrics", "The list of fabrics", MOST_FABRICS);
  if (Array.isArray(reader.object["fabrics"]) && reader.object["fabrics"].length === 0)
    reader.problem("fabrics", "The list of fabrics is empty; at least one fabric belongs here.");
  const ids = [];
  for (const fabric2 of fabrics) {
    const id = fabric2.text("id", "The fabric\u2019s id");
    if (ids.includes(id)) fabric2.problem("id", `Two fabrics are called ${quote(id)}; each needs its own id.`);
    ids.push(id);
    readFabric(fabric2);
  }
  return ids;
}
function readGarment2(reader, fabricIds) {
  const garment = reader.inside("garment", "The garment", true);
  if (!garment) return;
  const construction2 = constructionOf(garment.object["construction"]);
  if (construction2) construction2.readStyle(garment.object, fabricIds, reader.problems);
  else
    garment.problem(
      "construction",
      `The construction is ${quote(garment.object["construction"])}; it can be ${CONSTRUCTIONS.map(({ id }) => `\u201C${id}\u201D`).join(", ")}.`
    );
}
function readPins(reader, sizeIds) {
  const seen = /* @__PURE__ */ new Set();
  return reader.list("pins", "The list of held counts", MOST_PINS).map((pin) => {
    const size2 = pin.text("size", "The held count\u2019s size");
    const quantity2 = pin.text("quantity", "The held count\u2019s quantity");
    pin.number("count", { label: "The held count", min: 0, max: 1e5, unit: "", whole: true });
    if (size2 !== "" && !sizeIds.includes(size2))
      pin.problem("size", `A count is held for size ${quote(size2)}, which this design does not have.`);
    const key = `${size2}/${quantity2}`;
    if (seen.has(key))
      pin.problem(
        "quantity",
        `${quote(quantity2)} is held twice for size ${quote(size2)}; one of them must go.`
      );
    seen.add(key);
    return pin.object;
  });
}

// packages/core/src/write/lengths.ts
var PARTS = { cm: ["", "\xBD"], in: ["", "\xBC", "\xBD", "\xBE"] };
function unitsOf2(units) {
  return units === "both" ? ["cm", "in"] : [units];
}
function printedLength(cm2, units) {
  const length2 = units === "cm" ? cm2 : cm2 / CM_PER_INCH;
  const parts = PARTS[units];
  const rounded = Math.round(length2 * parts.length);
  if (rounded === 0) return figure(length2, 1);
  const whole = Math.floor(rounded / parts.length);
  return `${whole > 0 ? whole : ""}${parts[rounded % parts.length]}`;
}
function lengthsOf(lengths, units) {
  return unitsOf2(units).flatMap((unit2, i) => [
    ...i > 0 ? [" = "] : [],
    ...line`${lengths.map((cm2) => cm2 === null ? NONE4 : printedLength(cm2, unit2))} ${unit2}`
  ]);
}
function lengthOfRows(sections, n) {
  return sections.reduce((sum2, { first, rows: rows2 }, i) => {
    const end = Math.min(n, (sections[i + 1]?.first ?? Infinity) - 1);
    return sum2 + Math.max(0, end - first + 1) / rows2;
  }, 0);
}

// packages/core/src/write/skill.ts
function skillOf({ pieces }, fabrics) {
  const passages = pieces.flatMap((piece) => piece.passages);
  const shapes = passages.filter(({ kind }) => kind === "shape");
  const edges = shapes.some((one2) => one2.kind === "shape" && one2.where.at === "one edge");
  const hard = [
    passages.some(({ kind }) => kind === "lines"),
    passages.some(({ kind }) => kind === "short"),
    passages.some(({ kind }) => kind === "unite"),
    shapes.some((one2) => one2.kind === "shape" && (one2.where.at === "the round" || one2.motif !== void 0)),
    fabrics.some((fabric2) => fabricStitches(fabric2).is === "rows")
  ].filter(Boolean).length;
  const special = fabrics.some(
    (fabric2) => isTunisian(fabric2) || fabric2.rows?.some((row) => /\b[fb]p|cross/i.test(row))
  );
  if (hard > 2 || hard > 0 && special) return "experienced";
  if (hard > 0 || special) return "intermediate";
  if (edges) return "easy, with shaping";
  return shapes.length > 0 ? "easy" : "beginner";
}

// packages/core/src/write/about.ts
var NO_EASE = 0.5;
function aboutLines(sizes2, design2, used2, units) {
  const [size2] = sizes2;
  if (!size2) return [];
  return [
    [`${[bodyInWords(size2, design2), ...sleevesInWords(size2)].join("; ")}. ${frontInWords(size2)}`],
    easeLine(sizes2, units),
    [`Skill: ${design2.words?.skill ?? skillOf(size2, used2)}.`]
  ];
}
function bodyInWords({ pieces }, { garment }) {
  const says = constructionOf(garment.construction).says;
  const body2 = pieces.find(({ role }) => role === "body" || role === "tube");
  const yoke2 = pieces.find(({ role }) => role === "yoke");
  const main = yoke2 ?? body2;
  return main ? `${says}, in ${main.work}` : says;
}
function sleevesInWords({ pieces, joins: joins6 }) {
  const sleeve3 = pieces.find(({ role }) => role === "sleeve");
  if (!sleeve3) return [];
  const join = joins6.find(
    ({ role, a, b }) => [...a, ...b].some(({ piece }) => piece === sleeve3.id) && (role === "armhole" || role === "split")
  );
  if (join?.kind === "live") return [`sleeves go on from the yoke in ${sleeve3.work}`];
  if (join?.kind === "pick-up") return [`sleeves are worked down from the armhole in ${sleeve3.work}`];
  return ["sleeves are worked from the cuff up and sewn in"];
}
function frontInWords({ pieces }) {
  const bands = pieces.some(({ role }) => role === "front band");
  const open = bands || pieces.some(({ role }) => role === "open front" || role === "half") || pieces.some(({ edges }) => edges.some(({ role }) => role === "front edge"));
  const hood = pieces.some(({ role }) => role === "hood") ? " It has a hood." : "";
  return `${open ? `Open at the front${bands ? ", with bands" : ""}.` : "Closed: it is drawn over the head."}${hood}`;
}
function easeLine(sizes2, units) {
  const ease2 = sizes2.map(({ finished, body: body2 }) => finished[0].actual - body2.bust);
  const mean = ease2.reduce((sum2, cm2) => sum2 + cm2, 0) / ease2.length;
  if (Math.abs(mean) < NO_EASE)
    return ["To be worn without ease at the bust: it measures what the body does."];
  const way = mean > 0 ? "ease" : "negative ease: it stretches to the body";
  const alike = ease2.every((cm2) => Math.abs(cm2 - mean) <= 1.5);
  const said2 = alike ? ease2.map(() => Math.abs(mean)) : ease2.map(Math.abs);
  return line`To be worn with about ${{ inline: lengthsOf(said2, units) }} of ${way} at the bust.`;
}

// packages/core/src/finishing/assembly.ts
var STEP_OF = {
  split: "split",
  underarm: "split",
  "centre band": "centre",
  "centre seam": "centre",
  shoulder: "shoulders",
  neckband: "neck",
  "neckband ends": "neck",
  hood: "neck",
  "hood seam": "neck",
  armhole: "sleeves",
  "armhole step": "sleeves",
  side: "sides",
  "sleeve seam": "sides",
  "back seam": "sides",
  armband: "armbands",
  "armband ends": "armbands",
  hem: "hem",
  "hem ends": "hem",
  cuff: "cuffs",
  "cuff ends": "cuffs",
  "front band": "bands",
  strap: "straps"
};
var STEPS3 = {
  split: {
    title: "Body and sleeves from the yoke",
    says: "Take up the live stitches of the yoke; the sleeves begin in the underside of the underarm chains."
  },
  centre: {
    title: "Centre back",
    says: "Work the band at the centre back along one half and join it to the other; try on and add or leave out rows."
  },
  shoulders: {
    title: "Shoulders",
    says: "Join back and front at the shoulders, from the armhole to the neck."
  },
  neck: { title: "Neck", says: "Edge the neck, its middle to the middle of the back." },
  sleeves: {
    title: "Sleeves",
    says: "Set each sleeve in from the centre out: first centre to shoulder seam, then the ends, then what lies between."
  },
  sides: {
    title: "Sides and sleeve seams",
    says: "Close side and sleeve on each side in one run, row to row; pin every tenth row first."
  },
  armbands: { title: "Armhole ribs", says: "Edge the armholes from the underarm round." },
  hem: { title: "Lower edge", says: "Edge the lower edge and join the ends of its ribs." },
  cuffs: { title: "Cuffs", says: "Edge the sleeves and close the cuffs." },
  bands: { title: "Bands", says: "Work the bands along the front edges." },
  straps: { title: "Straps", says: "Pin the straps, try on, and sew them where they sit snug." }
};
var USUAL_ORDER = Object.keys(STEPS3);
function assemblyOf(joins6, wanted = []) {
  const steps = usualSteps(joins6);
  const inner = steps.map(({ id }) => id);
  const order = [...wanted.filter((id) => inner.includes(id)), ...inner.filter((id) => !wanted.includes(id))];
  const sorted = order.map((id) => steps.find((step) => step.id === id));
  const refused = sorted.flatMap(
    (step, i) => step.needs.filter(({ step: needed }) => sorted.findIndex(({ id }) => id === needed) > i).map(({ step: needed, why }) => {
      const other = steps.find(({ id }) => id === needed);
      return `${other.title} must come before ${step.title.toLowerCase()}: ${why}.`;
    })
  );
  return { steps: refused.length > 0 ? steps : sorted, refused };
}
function usualSteps(joins6) {
  const inStep = (id) => joins6.filter(({ role }) => STEP_OF[role] === id);
  const has = (id) => inStep(id).length > 0;
  const there = (role) => joins6.some((join) => join.role === role);
  const flat = there("sleeve seam");
  const picked = inStep("sleeves").some(({ kind }) => kind === "pick-up");
  const rounds = picked && !flat;
  const over = (role) => bandsRunOver(joins6, role);
  const needs2 = {
    neck: [["shoulders", "it runs over the shoulder seams", true]],
    sleeves: [
      ["shoulders", "the centre of the sleeve meets the shoulder seam", true],
      ["sides", "the sleeve is worked in rounds from a closed armhole", rounds]
    ],
    sides: [["sleeves", "the sleeves are set in flat, and side and sleeve are closed in one run", flat]],
    armbands: [
      ["shoulders", "they run over the shoulder seams", true],
      ["sides", "they run round the whole armhole", true]
    ],
    bands: [
      ["neck", "they run over its ends", over("neckband")],
      ["hem", "they run over its ends", over("hem")]
    ]
  };
  const usual = rounds ? swapped(USUAL_ORDER, "sleeves", "sides") : USUAL_ORDER;
  const inner = usual.filter(has).map((id) => {
    const { title, says } = STEPS3[id];
    return {
      id,
      title,
      says,
      ...id === "sleeves" && picked ? { says: "Work each sleeve from the stitches picked up round the armhole." } : {},
      ...id === "neck" && there("neckband ends") ? { says: `${says} After three rounds try it on: does the head pass?` } : {},
      ...id === "bands" ? { says: bandsOver(over("hem"), over("neckband")) } : {},
      ...id === "sides" ? sideSeams(there) : {},
      joins: inStep(id).map((join) => join.id),
      needs: [
        { step: "block", why: "blocked pieces lie flat and measure what they will measure" },
        ...(needs2[id] ?? []).filter(([step, , when]) => when && has(step)).map(([step, why]) => ({ step, why }))
      ]
    };
  });
  return [
    {
      id: "block",
      title: "Block the pieces",
      says: "Wash and pin every piece to its measurements; let it dry.",
      joins: [],
      needs: []
    },
    ...inner,
    {
      id: "ends",
      title: "Ends",
      says: "Weave in the ends that no seam has used.",
      joins: [],
      needs: inner.map(({ id }) => ({ step: id, why: "its tails are still wanted" }))
    }
  ];
}
function bandsOver(hem, neckband) {
  const ribs = [...hem ? ["hem"] : [], ...neckband ? ["neckband"] : []];
  return ribs.length > 0 ? `Work the bands along the front edges, over the ends of ${ribs.join(" and ")}.` : "Work the bands along the front edges.";
}
function bandsRunOver(joins6, role) {
  const bands = joins6.filter((join) => join.role === role).flatMap(({ a }) => a.map(({ piece }) => piece));
  return joins6.some(
    (join) => join.role === "front band" && join.b.some(({ piece }) => bands.includes(piece))
  );
}
function sideSeams(there) {
  if (there("sleeve seam")) return {};
  if (there("side"))
    return {
      title: "Side seams",
      says: "Close the sides from the lower edge up; pin every tenth row first."
    };
  return { title: "Back seam", says: "Close the seam at the centre back, row to row." };
}
function swapped(list, one2, other) {
  return list.map((id) => id === one2 ? other : id === other ? one2 : id);
}

// packages/core/src/finishing/buttonholes.ts
function buttonholes({ count, width, fromLower, fromUpper, side }, stitches2, rows2, fabric2) {
  const gauge = perCm(fabric2.gauge, "stitches");
  const first = Math.max(1, Math.round(fromLower * gauge));
  const last = Math.max(1, Math.round(fromUpper * gauge));
  const between4 = stitches2 - first - last - count * width;
  if (rows2 < 3)
    return {
      ok: false,
      message: `A band of ${rows2} rows has no row inside it for buttonholes; 3 are needed.`
    };
  if (between4 < count - 1 || stitches2 < first + last + width)
    return {
      ok: false,
      message: `${count} buttonholes of ${width} stitches do not fit into ${stitches2} stitches with ${first} before and ${last} after them; ${Math.max(0, Math.floor((stitches2 - first - last + 1) / (width + 1)))} would.`
    };
  const gaps = count === 1 ? [first, stitches2 - first - width] : [first, ...spread(between4, count - 1), last];
  let at = 0;
  const centres = gaps.slice(0, count).map((gap) => {
    at += gap;
    const centre = (at + width / 2) / gauge;
    at += width;
    return centre;
  });
  return { ok: true, row: { row: Math.ceil(rows2 / 2), side, gaps, width, centres } };
}

// packages/core/src/finishing/edging.ts
var PICKED_PER_ROW = { sc: 1, esc: 1, hdc: 1.5, dc: 2, tr: 3 };
var CORNER = { sc: 3, esc: 3, hdc: 3, dc: 5, tr: 5 };
function pickedByRule(stitch, rows2) {
  return { picked: Math.round(rows2 * PICKED_PER_ROW[stitch]), corner: CORNER[stitch] };
}

// packages/core/src/write/joining.ts
function seamsOf({ pieces, joins: joins6 }, { finishing }) {
  const edges = new Map(pieces.flatMap(({ edges: of }) => of.map((edge2) => [edge2.id, edge2])));
  return joins6.map((join) => seamOf(join, edges, finishing));
}
function tailsOfSize(size2, design2) {
  const { steps } = assemblyOf(size2.joins, design2.finishing?.order);
  const seams = seamsOf(size2, design2);
  const sewn = steps.flatMap(({ joins: joins6 }) => joins6.map((id) => seams.find(({ join }) => join === id)));
  return tailsOf(size2.pieces, sewn, new Map(size2.joins.map((join) => [join.id, join])));
}
function tailRows(sizes2, design2) {
  const all = sizes2.map((size2) => tailsOfSize(size2, design2));
  const joins6 = new Map(sizes2.flatMap((size2) => size2.joins.map((join) => [join.id, join])));
  const keyOf = ({ piece, copy, end, join }) => [piece, copy, end, join].join("/");
  const rows2 = [...new Map(all.flat().map((tail) => [keyOf(tail), tail])).values()].map((tail) => ({
    tail,
    join: joins6.get(tail.join),
    lengths: all.map((tails) => tails.find((one2) => keyOf(one2) === keyOf(tail))?.length ?? null)
  }));
  const copies = new Map(sizes2[0].pieces.map(({ id, copies: many }) => [id, many]));
  const order = sizes2[0].pieces.map(({ id }) => id);
  const alike = (a, b) => a.tail.piece === b.tail.piece && a.tail.end === b.tail.end && a.join.both !== void 0 && a.join.both === b.join.both && String(a.lengths) === String(b.lengths);
  return rows2.filter((row) => row.tail.copy !== 2 || !rows2.some((one2) => one2.tail.copy === 1 && alike(one2, row))).sort((a, b) => order.indexOf(a.tail.piece) - order.indexOf(b.tail.piece)).map(({ tail: { piece, label, copy, end }, join, lengths }) => {
    const both = rows2.some(
      (one2) => one2.tail.copy === 2 && alike(one2, { tail: { piece, label, copy, end, join: join.id, length: 0 }, join, lengths })
    );
    const which = copies.get(piece) === 1 ? "" : copy === 2 ? "second" : both ? "each" : "first";
    return {
      piece,
      label,
      copy: which,
      end,
      seam: which === "each" ? join.both.replace(/, both( sides)?$/, "") : join.label,
      lengths
    };
  });
}
var END_WORDS = { starting: "at the beginning", ending: "at the end" };
function tailsTable(sizes2, design2, units) {
  if (sizes2.length === 0) return [];
  const rows2 = tailRows(sizes2, design2);
  if (rows2.length === 0) return [];
  const tables = unitsOf2(units).map(
    (unit2) => tableOf(
      `${unit2} of yarn to leave`,
      rows2.map(({ label, copy, end, seam: seam2, lengths }) => ({
        label: `${label}${copy ? `, ${copy}` : ""}, ${END_WORDS[end]}: ${seam2}`,
        each: lengths.map((cm2) => cm2 === null ? NONE4 : tailLength(cm2, unit2))
      }))
    )
  );
  return [["So that these seams need no new yarn:", ...tables]];
}
function tailLength(cm2, unit2) {
  return String(unit2 === "cm" ? Math.ceil(cm2 / 5) * 5 : Math.ceil(cm2 / CM_PER_INCH));
}
function tailLines({ id }, sizes2, design2) {
  const own = tailRows(sizes2, design2).filter(({ piece }) => piece === id);
  if (own.length === 0) return [];
  const ends2 = ["starting", "ending"].flatMap(
    (end) => own.some((tail) => tail.end === end) ? [END_WORDS[end]] : []
  );
  return [[`Leave a long tail ${ends2.join(" and ")} (see Long tails).`]];
}
function buttonholeLines(group2, design2) {
  const buttons = design2.finishing?.buttons;
  const { piece } = group2[0];
  if (!buttons || piece.role !== "front band") return [];
  const fabric2 = design2.fabrics.find(({ id }) => id === piece.fabric);
  const rows2 = group2.map(
    ({ piece: of }) => buttonholes(buttons, of.ends.first.count, of.ends.last.n, fabric2)
  );
  const stitch = stitchOf(fabric2);
  const holes = rows2.map((one2) => one2.ok ? one2.row : null);
  const first = holes.find((one2) => one2 !== null);
  const labels = group2.map(({ size: size2 }) => size2.label);
  const without = rows2.flatMap(
    (one2, size2) => one2.ok ? [] : [
      group2.length > 1 ? lineFor([size2], labels, [`No buttonholes: ${one2.message}`]) : [`No buttonholes: ${one2.message}`]
    ]
  );
  if (!first) return without;
  const { width } = first;
  const gaps = holes.map((one2) => ratesOf(one2?.gaps.slice(1) ?? []));
  const most = Math.max(...gaps.map(({ length: length2 }) => length2));
  return [
    line`Buttonholes, on the ${buttons.side} front band only, in place of its row ${holes.map((one2) => one2?.row ?? NONE4)}: ${stitch} in the first ${holes.map((one2) => one2?.gaps[0] ?? NONE4)} sts, then (ch ${width}, skip the next ${width === 1 ? "st" : `${width} sts`}, ${stitch} in the next sts) as often as the table says:${tableOf(
      "sts after each hole, and how often",
      Array.from({ length: most }, (_, i) => ({
        label: i === 0 ? "first" : "then",
        each: gaps.map((of) => of[i] ? `${of[i].every}\xD7${of[i].times}` : NONE4)
      }))
    )}`,
    ...without
  ];
}
function joiningLines(sizes2, design2, units) {
  const [size2] = sizes2;
  if (!size2) return [];
  const { steps } = assemblyOf(size2.joins, design2.finishing?.order);
  const all = sizes2.map((one2) => new Map(seamsOf(one2, design2).map((seam2) => [seam2.join, seam2])));
  const lines2 = [];
  steps.forEach(({ title, says, joins: joins6 }, i) => {
    lines2.push([`${i + 1}. ${title}: ${says}`]);
    const inStep = joins6.map((id) => size2.joins.find((join) => join.id === id));
    const one2 = inStep.filter(({ side, both }) => side !== "right" || both === void 0);
    for (const { id, label, both } of one2) {
      const of = sizes2.map(({ joins: list }) => list.find((join) => join.id === id));
      const name2 = both ?? label;
      const seams = all.map((list) => list.get(id));
      lines2.push([...joinLine(name2, of), ...methodInWords(seams[0])]);
      lines2.push(...stretchLines(of, seams, units));
      if (sizes2.length === 1) lines2.push(...markLines(seams[0], of[0]));
    }
    lines2.push(...steadiedLines(steps[i].id, sizes2, design2));
    if (inStep.some(({ role }) => role === "strap")) lines2.push(...strapLines(sizes2));
    if (steps[i].id === "bands") lines2.push(...buttonLines(design2));
  });
  return lines2;
}
var STEADIED = {
  hem: { edge: "slit", name: "both slits", corner: true },
  neck: { edge: "face", name: "both sides of the face", corner: false }
};
function steadiedLines(step, sizes2, design2) {
  const wanted = STEADIED[step];
  if (!wanted) return [];
  const open = sizes2.map(
    ({ pieces }) => pieces.flatMap(
      ({ fabric: fabric2, edges }) => edges.filter(({ role, side }) => role === wanted.edge && side === "right").map((edge2) => ({ fabric: fabric2, edge: edge2 }))
    )
  );
  return open[0].map(({ fabric: fabric2, edge: { label } }, i) => {
    const stitch = stitchOf(design2.fabrics.find(({ id }) => id === fabric2));
    const rules = open.map((of) => pickedByRule(stitch, of[i].edge.count));
    const corner = wanted.corner ? `, with ${rules[0].corner} ${stitch} in the outer corner at the lower edge` : "";
    return line`${label.split(",")[0]}, ${wanted.name}: a row of ${stitch} steadies it; pick up ${rules.map(({ picked }) => picked)} sts along the ${open.map((of) => of[i].edge.count)} row ends of each${corner}.`;
  });
}
function methodInWords({ method, facing }) {
  const name2 = method === "sc ridge" ? method : `${method[0].toUpperCase()}${method.slice(1)}`;
  return method === "crocheted while working" ? [] : [` ${name2}, ${facing}.`];
}
var FELT = 1;
function stretchLines(joins6, seams, units) {
  const stretch = joins6.map(({ aLength, gather }) => aLength * (1 - gather));
  if (stretch.some((cm2) => cm2 > FELT))
    return [
      line`Stretch the band by about ${{ inline: lengthsOf(stretch, units) }} as it is joined, evenly all along.`
    ];
  const eased2 = seams.map((seam2) => seam2.eased && seam2.eased.by >= FELT ? seam2.eased : null);
  const some = eased2.find((one2) => one2 !== null);
  if (!some) return [];
  const side = (longer) => longer === "a" ? "first" : "second";
  if (!eased2.every((one2) => one2 === null || one2.longer === some.longer)) return [];
  return [
    line`Ease in about ${{
      inline: lengthsOf(
        eased2.map((one2) => one2?.by ?? null),
        units
      )
    }} of the ${side(some.longer)}: ${some.where}.`
  ];
}
function markLines({ stretches: stretches2, shares: shares2 }, { kind, aCount, bCount }) {
  const lines2 = [];
  if (stretches2.length > 1 && kind !== "live" && aCount !== bCount)
    lines2.push([
      `Pin at the ${stretches2.length === 8 ? "eighths" : "quarters"}: ${stretches2.map(({ a, b }) => `${a} to ${b}`).join(", ")}.`
    ]);
  if (shares2.length > 1)
    lines2.push([
      `Of these go ${shares2.map(({ label, many, count }) => `${many} to the ${count} of ${label}`).join(", ")}.`
    ]);
  return lines2;
}
function buttonLines(design2) {
  const buttons = design2.finishing?.buttons;
  if (!buttons) return [];
  const other = buttons.side === "right" ? "left" : "right";
  return [[`Sew the ${countOf(buttons.count, "button")} to the ${other} band, opposite the buttonholes.`]];
}
function strapLines(sizes2) {
  const edgesOf2 = ({ pieces }) => pieces.flatMap(
    ({ edges }) => edges.filter(({ role }) => role === "upper edge" || role === "strap place")
  );
  const all = sizes2.map(edgesOf2);
  if (all.some((edges) => edges.length === 0) || all.length === 0) return [];
  const parts = all[0].flatMap(({ role }, i) => {
    const counts = all.map((edges) => edges[i].count);
    return [...i > 0 ? [", "] : [], ...line`${counts}${role === "strap place" ? " for a strap" : ""}`];
  });
  return [line`Along the upper edge, from the centre back round to it again: ${{ inline: parts }} sts.`];
}
function joinLine(name2, joins6) {
  const a = joins6.map(({ aCount }) => aCount);
  const b = joins6.map(({ bCount }) => bCount);
  const { kind, role, says, a: sideA, b: sideB, bAxis } = joins6[0];
  const along = { stitches: "sts", rows: "row ends", both: "sts and row ends" }[bAxis];
  const joined2 = sideA[0]?.role === "joined";
  const aAxis = kind === "row-to-row" || joined2 ? "rows" : "stitches";
  const meet = joins6.length === 1 ? joins6[0].meet : bAxis === "both" ? null : meetForAll(
    joins6.map(({ aCount, bCount }) => [aCount, bCount]),
    aAxis,
    bAxis
  );
  const repeat2 = meet === null ? "" : `, ${shortened(meet)}`;
  switch (kind) {
    case "live":
      if (role === "underarm")
        return line`${name2}: work the ${a} sts of the sleeve at the underarm into the underside of the ${b} underarm chains.`;
      return line`${name2}: the ${a} live sts of the yoke go on as ${b} sts.`;
    case "stitch-to-stitch":
      return line`${name2}: ${a} sts to ${b} sts, stitch to stitch.`;
    case "row-to-row":
      return line`${name2}: ${a} rows to ${b} rows, ${says ?? "row to row from row 1"}.`;
    case "pick-up":
      if (role === "front band" || role === "centre band")
        return line`${name2}: pick up ${a} sts along the ${b} ${along} of the edge${repeat2}, from the hem to the neck.`;
      if (role === "hood")
        return line`${name2}: pick up ${a} sts along the ${b} ${along} of the neck${repeat2}, from one front edge (or the centre of the front) round to it again.`;
      if (joined2) return line`${name2}: pick up ${a} sts along the ${b} ${along} of the edge${repeat2}.`;
      if (sideB.length > 2)
        return line`${name2}: pick up ${a} sts along the ${b} sts and row ends of base and curve, as many before the shoulder as after it; closer on the flat parts, wider on the steep ones.`;
      return line`${name2}: pick up ${a} sts along the ${b} ${along}${repeat2}, as many before the shoulder as after it.`;
    case "stitch-to-row":
      if (role === "centre seam")
        return line`${name2}: the ${a} sts of its last row along ${b} ${along}${repeat2}, hem to hem.`;
      if (sideA.some((edge2) => edge2.role === "cap top"))
        return line`${name2}: set the cap in, the ${joins6.map(({ a: side }) => side[0].count)} bound-off sts at its base to those of the armhole, the middle of its top to the shoulder seam; ease in what the cap has over between them.`;
      if (role === "armhole step")
        return line`${name2}: ${a} sts of front and back along the ${b} row ends at the top of the sleeve${repeat2}, from the side seam outwards.`;
      return joined2 ? line`${name2}: ${a} rows of rib along ${b} ${along}${repeat2}.` : line`${name2}: ${a} sts along ${b} ${along}${repeat2}; centre of the sleeve to the shoulder seam, ends at the underarm markers.`;
  }
}
function shortened(meet) {
  return meet.replace(/stitch(es)?/g, (_, many) => many ? "sts" : "st");
}

// packages/core/src/work/outline.ts
var PLAIN3 = [{ first: 1, stitches: 1, rows: 1 }];
function rowSpans(rows2, scales = PLAIN3) {
  return blocksOf(
    rows2.map((row) => ({ row, times: 1 })),
    scales
  );
}
function blocksOf(runs2, scales) {
  const scaleAt = (n) => scales.findLast(({ first }) => first <= n) ?? scales[0];
  const heightAt = (n) => scales.reduce((sum2, { first, rows: perUnit }, i) => {
    const last = Math.min(n, (scales[i + 1]?.first ?? Infinity) - 1);
    return sum2 + Math.max(0, last - first + 1) / perUnit;
  }, 0);
  const known = /* @__PURE__ */ new Map();
  return runs2.map(({ row, times }) => {
    const source = row.from.find(isTake);
    const below = source && known.get(source.part)?.get(source.n);
    const scale = scaleAt(row.n);
    const width = row.count / scale.stitches;
    const changed = source && scaleAt(source.n) !== scale;
    const left = changed && below ? (below.left + below.right - width) / 2 : below ? below.left + (source.at - wrapped(row, below) + endShifts(row).left) / scale.stitches : 0;
    const { part, n } = row;
    const block = {
      part,
      n,
      last: n + times - 1,
      left,
      right: left + width,
      low: heightAt(n - 1),
      high: heightAt(n + times - 1),
      count: row.count,
      ring: row.round !== void 0
    };
    const ofPart = known.get(part);
    if (ofPart) ofPart.set(block.last, block);
    else known.set(part, /* @__PURE__ */ new Map([[block.last, block]]));
    return block;
  });
}
function cutAt(runs2, firsts) {
  return runs2.flatMap((run) => {
    const { n } = run.row;
    const cuts = [...new Set(firsts)].map((first) => first - n).filter((at) => at > 0 && at < run.times).sort((a, b) => a - b);
    return [0, ...cuts].map((at, i) => ({ row: rowOf2(run, at), times: (cuts[i] ?? run.times) - at }));
  });
}
function wrapped({ from, round: round4 }, below) {
  const [first, second] = from;
  if (round4 || !below.ring || !first || !second || !isTake(first)) return 0;
  return first.at * 2 >= below.count ? below.count : 0;
}
function outlines(runs2, scales = PLAIN3, first = 1) {
  const parts = /* @__PURE__ */ new Map();
  const cut2 = cutAt(runs2, [...scales.map((scale) => scale.first), first]);
  for (const block of blocksOf(cut2, scales)) {
    if (block.n < first) continue;
    const list = parts.get(block.part);
    if (list) list.push(block);
    else parts.set(block.part, [block]);
  }
  return [...parts].map(([part, list]) => ({ part, points: trace(list) }));
}
function trace(list) {
  const up = [];
  const down = [];
  for (const { low, high, left, right } of list) {
    for (const y of [low, high]) {
      up.push([left, y]);
      down.push([right, y]);
    }
  }
  return [...straightened(up), ...straightened(down).reverse()];
}
function straightened(points) {
  return points.filter(([x], i) => {
    const before = points[i - 1];
    const after = points[i + 1];
    return !before || !after || before[0] !== x || after[0] !== x;
  });
}

// packages/core/src/write/schematic.ts
var SHORTEST_SHOWN = 1.5;
function schematicOf(piece) {
  const { id, label, copies, runs: runs2, sections, edges } = piece;
  const spans2 = rowSpans(rowsOf(runs2), sections);
  const at = new Map(spans2.map((span2) => [`${span2.part}/${span2.n}`, span2]));
  const spanOf2 = (part, n) => at.get(`${part}/${n}`);
  const height = Math.max(...spans2.map(({ high }) => high));
  const stitchesAt = (n) => sections.findLast(({ first: first2 }) => first2 <= n).stitches;
  const dimensions = [];
  const add = (dimension) => {
    const length2 = dimension.to - dimension.from;
    const shown = dimensions.some(
      ({ lies, from, to }) => lies === "below" && dimension.lies === "above" && from === dimension.from && to === dimension.to
    );
    const mirrored3 = dimension.side !== void 0 && dimensions.some(
      ({ role, side, length: other }) => role === dimension.role && side !== void 0 && side !== dimension.side && Math.abs(other - length2) < 0.01
    );
    if (length2 >= SHORTEST_SHOWN && !shown && !mirrored3) dimensions.push({ ...dimension, length: length2 });
  };
  const [first] = spans2;
  add({ id: `${id}.lower`, label: "lower edge", lies: "below", from: first.left, to: first.right });
  add({ id: `${id}.height`, label: "height", lies: "right", from: 0, to: height });
  for (const { id: edge2, role, side, label: called, place } of edges) {
    const of = { id: edge2, role, ...side ? { side } : {} };
    if (place.lies === "live") {
      const span2 = spanOf2(place.part, place.n);
      const from = span2.left + place.from / stitchesAt(place.n);
      const to = from + place.count / stitchesAt(place.n);
      add({ ...of, label: called, lies: "above", from, to });
    }
    if (place.lies !== "row ends") continue;
    const list = place.spans.filter((one2) => one2.last >= one2.first);
    if (list.length === 0) continue;
    const low = spanOf2(list[0].part, list[0].first).low;
    const high = spanOf2(list.at(-1).part, list.at(-1).last).high;
    const neck = role === "neck";
    if (place.side !== "left" && !neck) continue;
    if (high - low > height - 0.1) continue;
    if (neck && dimensions.some(({ role: other, lies }) => lies === "right" && other === "neck")) continue;
    add({ ...of, label: neck ? "neck drop" : called, lies: neck ? "right" : "left", from: low, to: high });
  }
  return {
    id,
    label,
    copies,
    outlines: outlines(runs2, sections, beginsAslant(piece.passages) ? 2 : 1),
    left: Math.min(...spans2.map(({ left }) => left)),
    right: Math.max(...spans2.map(({ right }) => right)),
    height,
    dimensions
  };
}
function letterOf(i) {
  return i < 26 ? String.fromCharCode(65 + i) : letterOf(Math.floor(i / 26) - 1) + letterOf(i % 26);
}
function letterTable(sizes2) {
  const named2 = /* @__PURE__ */ new Map();
  for (const pieces of sizes2)
    for (const { label: piece, dimensions } of pieces)
      for (const { id, label } of dimensions) if (!named2.has(id)) named2.set(id, { piece, label });
  return [...named2].map(([id, { piece, label }], i) => ({
    id,
    letter: letterOf(i),
    piece,
    label,
    lengths: sizes2.map(
      (pieces) => pieces.flatMap(({ dimensions }) => dimensions).find((dimension) => dimension.id === id)?.length ?? null
    )
  }));
}
var MOST_SCALE = 6;
var ROOM = { left: 58, right: 78, top: 46, bottom: 44 };
var GAP = 12;
var LINE = 15;
function schematicSvg(pieces, wish2) {
  const widest2 = Math.max(1, ...pieces.map(({ left, right }) => right - left));
  const scale = Math.min(MOST_SCALE, ((wish2.width - GAP) / 2 - ROOM.left - ROOM.right) / widest2);
  let [x, y, rowHeight] = [0, 0, 0];
  const drawn2 = [];
  for (const piece of pieces) {
    const stack = (lies) => levelsOf(piece.dimensions.filter((one2) => one2.lies === lies));
    const above2 = LINE * Math.max(0, ...stack("above").values());
    const width = ROOM.left + ROOM.right + (piece.right - piece.left) * scale;
    const height2 = ROOM.top + above2 + ROOM.bottom + piece.height * scale;
    if (x > 0 && x + width > wish2.width) {
      x = 0;
      y += rowHeight + GAP;
      rowHeight = 0;
    }
    drawn2.push(
      drawPiece(
        piece,
        { x: x + ROOM.left - piece.left * scale, y: y + ROOM.top + above2 + piece.height * scale, scale },
        wish2
      )
    );
    x += width + GAP;
    rowHeight = Math.max(rowHeight, height2);
  }
  const height = Math.ceil(y + rowHeight);
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${wish2.width} ${height}" width="${wish2.width}" height="${height}" data-scale="${scale}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="11" fill="#26231f">${drawn2.join("")}</svg>`;
}
function levelsOf(dimensions) {
  const levels = /* @__PURE__ */ new Map();
  const ends2 = [];
  for (const { id, from, to } of [...dimensions].sort(
    (a, b) => a.to - a.from - (b.to - b.from) || a.from - b.from
  )) {
    const free = ends2.findIndex(
      (_, level2) => dimensions.every(
        (other) => levels.get(other.id) !== level2 || other.to <= from + 0.01 || other.from >= to - 0.01
      )
    );
    const level = free < 0 ? ends2.length : free;
    ends2[level] = to;
    levels.set(id, level);
  }
  return levels;
}
function drawPiece(piece, { x, y, scale }, { units, letters: letters2 }) {
  const [px, py] = [(cm2) => round3(x + cm2 * scale), (cm2) => round3(y - cm2 * scale)];
  const shapes = piece.outlines.map(
    ({ points }) => `<polygon points="${points.map(([a, b]) => `${px(a)},${py(b)}`).join(" ")}" fill="#f6f1e6" stroke="#26231f" stroke-width="1"/>`
  );
  const lines2 = ["below", "above", "left", "right"].flatMap((lies) => {
    const of = piece.dimensions.filter((one2) => one2.lies === lies);
    const levels = levelsOf(of);
    return of.map((one2) => {
      const offset = 8 + LINE * levels.get(one2.id);
      const across = lies === "below" || lies === "above";
      const at = across ? lies === "below" ? py(0) + offset : py(piece.height) - offset : lies === "left" ? px(piece.left) - offset : px(piece.right) + offset;
      const [a, b] = across ? [px(one2.from), px(one2.to)] : [py(one2.from), py(one2.to)];
      const said2 = letters2?.get(one2.id) ?? formatLength(one2.length, units);
      const middle2 = round3((a + b) / 2);
      const text2 = across ? `<text x="${middle2}" y="${round3(at + (lies === "below" ? 13 : -3))}" text-anchor="middle">${said2}</text>` : `<text x="${round3(lies === "left" ? at - 3 : at + 3)}" y="${middle2 + 4}" text-anchor="${lies === "left" ? "end" : "start"}">${said2}</text>`;
      const line2 = across ? `<line x1="${a}" y1="${round3(at)}" x2="${b}" y2="${round3(at)}" data-dimension="${escapeXml(one2.id)}"/>` : `<line x1="${round3(at)}" y1="${a}" x2="${round3(at)}" y2="${b}" data-dimension="${escapeXml(one2.id)}"/>`;
      return `<g stroke="#7a746b" stroke-width="1">${line2}${tick(across, a, at)}${tick(across, b, at)}</g>${text2}`;
    });
  });
  const name2 = `${piece.label}${piece.copies > 1 ? ` \xD7 ${piece.copies}` : ""}`;
  const foot = `<text x="${px((piece.left + piece.right) / 2)}" y="${round3(py(0) + 36)}" text-anchor="middle" font-weight="600">${escapeXml(name2)}</text>`;
  return [...shapes, ...lines2, foot].join("");
}
function tick(across, along, at) {
  return across ? `<line x1="${along}" y1="${round3(at - 3)}" x2="${along}" y2="${round3(at + 3)}"/>` : `<line x1="${round3(at - 3)}" y1="${along}" x2="${round3(at + 3)}" y2="${along}"/>`;
}
var round3 = (value) => Math.round(value * 100) / 100;
function escapeXml(text2) {
  return text2.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
}

// packages/core/src/write/key.ts
var KINDS2 = /(?<![\w-])(?:ch|sl st|reverse sc|loop st|bobble|puff st|popcorn|(?:fp|bp)?(?:esc|hdc|sc|dc|edc|tr|dtr|tss|tks|tps|trs)(?:\dtog)?(?: blo| flo)?)(?![\w])/g;
var ORDER = ["ch", "sl st", "sc", "esc", "hdc", "dc", "edc", "tr", "dtr"];
function kindsIn(usText) {
  const found = /* @__PURE__ */ new Set();
  for (const [kind] of usText.matchAll(KINDS2)) {
    found.add(kind);
    const base = /^(?:fp|bp)?([a-z ]+?)(?:\dtog)?(?: blo| flo)?$/.exec(kind)?.[1];
    if (base) found.add(base);
  }
  const place = (kind) => {
    const at = ORDER.indexOf(kind);
    return at < 0 ? ORDER.length : at;
  };
  return [...found].sort((a, b) => place(a) - place(b) || a.localeCompare(b));
}
var UP_TO_LAST = {
  sc: "draw up a loop",
  esc: "draw up a loop, draw through one loop",
  hdc: "yarn over, draw up a loop",
  dc: "yarn over, draw up a loop, draw through two loops",
  tr: "yarn over twice, draw up a loop, draw through two loops twice"
};
function together2(kind) {
  const [, stitch, many] = /^([a-z]+)(\d)tog$/.exec(kind) ?? [];
  if (stitch?.startsWith("t") && stitch !== "tr")
    return `The hook goes behind the bars of ${many} stitches: one loop for all of them.`;
  const step = stitch === void 0 ? void 0 : UP_TO_LAST[stitch];
  return step ? `In each of ${many} stitches ${step}; then yarn over and draw through all loops.` : null;
}
function keyLines(kinds, terms) {
  const entries = stitchKey(kinds, terms);
  return {
    lines: entries.map(({ of, kind, name: name2, how }) => {
      const own = together2(of);
      const said2 = own === null ? how : own;
      const [, stitch = "", many = ""] = /^([a-z]+)(\d)tog$/.exec(of) ?? [];
      const named2 = own === null ? name2 : `${many} ${inTerms(stitch, terms)} together`;
      return [`${kind}${named2 === kind ? "" : ` (${named2})`}: ${said2}`];
    }),
    drawings: entries.map(({ of, kind }, line2) => ({
      line: line2,
      alt: `Symbol of ${kind}`,
      svg: symbolSvg(of)
    }))
  };
}
function symbolSvg(kind) {
  const { path, filled } = keySymbol(kind);
  const { width, height } = KEY_BOX;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width * 0.6}" height="${height * 0.6}" role="img" aria-label="${escapeXml(kind)}"><path d="${path}" stroke="#1f3038" stroke-width="1.6" fill="${filled ? "#1f3038" : "none"}" stroke-linecap="round"/></svg>`;
}

// packages/core/src/write/techniques.ts
var [WIDTH3, HEIGHT] = [150, 64];
var INK2 = "#1f3038";
var NOW = "#b4541f";
var posts = (from, to, foot, head, step = 14) => {
  let path = "";
  for (let x = from; x <= to; x += step) path += `M${x} ${foot}V${head}M${x - 4} ${head}h8`;
  return path;
};
var rowEnds = (x, from, to, out) => {
  let path = `M${x} ${from}`;
  for (let y = from; y < to; y += 12) path += `q${out} 6 0 12`;
  return path;
};
var chain = (from, to, y) => {
  let path = "";
  for (let x = from; x < to; x += 12) path += `M${x} ${y}a6 3 0 1 0 12 0a6 3 0 1 0 -12 0`;
  return path;
};
var seam = (method) => ({ methods }) => methods.has(method);
var said = (words) => ({ usText }) => words.test(usText);
var TECHNIQUES = [
  {
    name: "Foundation stitches",
    says: "Each makes its own chain. Draw up a loop in the last chain made, draw through one loop: that is the chain for the next one. Then finish the stitch as usual. They stretch as the fabric does, and they can be added at the end of a row.",
    isUsed: said(/\bfoundation (?:sc|esc|hdc|dc|tr)\b/),
    drawing: {
      there: posts(20, 62, 50, 24) + chain(14, 66, 54),
      now: posts(76, 90, 50, 24) + chain(70, 92, 54),
      alt: "Stitches that stand on chains made one by one with them"
    }
  },
  {
    name: "Rounds that are joined",
    says: "At the end of the round slip stitch into its first stitch (into the turning chain where that counts). Where the round is turned as well, the next one begins from the other side; where it is not, the right side always faces you.",
    isUsed: said(/; join(?:, turn)?\. \(/),
    drawing: {
      there: "M75 8a36 24 0 1 1 -8 .6",
      now: "M67 8.6q4 -5 8 -.6M71 2v10",
      alt: "A round that is closed where it began"
    }
  },
  {
    name: "Rounds that go on",
    says: "Nothing is joined: the first stitch of the next round goes into the first of this one. Move a marker up in it, so that rounds can be counted.",
    isUsed: said(/; go on\. \(/),
    drawing: {
      there: "M75 54a30 20 0 1 1 20 -34",
      now: "M95 20q10 10 2 24q-8 10 -22 10",
      alt: "A spiral of rounds"
    }
  },
  {
    name: "Front and back posts",
    says: "The hook goes round the post of the stitch below instead of under its top: in front of the work and out again for a front post, behind it for a back post. The top of the stitch below stays on the other side and stands out.",
    isUsed: said(/\b[fb]p(?:sc|hdc|dc|tr)/),
    drawing: {
      there: posts(40, 110, 56, 26, 18),
      now: "M50 40q8 8 16 0M58 40V8M54 8h8",
      alt: "A stitch whose loop goes behind the post of the one below"
    }
  },
  {
    name: "Crossed stitches and cables",
    says: "Pass over the stitches that are to lie behind, work the next ones, then come back and work those that were passed, behind or in front as the row says. Keep both loose: they lean.",
    isUsed: said(/\bbehind (?:it|them|these)|in front of (?:it|them|these)|cross/i),
    drawing: {
      there: "M60 56L92 14M88 14h8",
      now: "M92 56L60 14M56 14h8",
      alt: "Two stitches that cross"
    }
  },
  {
    name: "Short rows",
    says: "A short row turns before the end and leaves the rest of the row unworked, so that the piece grows longer at one place than at another. At the next row over all stitches work across the step in one go: draw it together with the stitch beside it if a hole shows.",
    isUsed: said(/short rows \d/),
    drawing: {
      there: "M10 54H140M10 44H140",
      now: "M24 34H126M38 24H112M52 14H98",
      alt: "Rows that grow shorter towards the top"
    }
  },
  {
    name: "Going on over a part of the stitches",
    says: "Where the text says so fasten off, pass over the stitches that stay as they are, and draw up a new loop in the next one. Begin there with the turning chain. What was passed over stays live or is sewn later, as its piece says.",
    isUsed: said(/rejoin the yarn|join the yarn and work/),
    drawing: {
      there: posts(20, 130, 56, 34, 14),
      now: "M76 34V12M72 12h8M90 34V12M86 12h8M104 34V12M100 12h8M118 34V12M114 12h8",
      alt: "A row that begins in the middle of the one below"
    }
  },
  {
    name: "Picking up along an edge",
    says: "With the right side facing, draw each loop up under two threads of the edge, not in its holes. Over stitches take one for each. Along row ends take them as the ratio says: count, and spread what is more or fewer where nobody looks.",
    isUsed: said(/pick up and work|pick up \d/),
    drawing: {
      there: rowEnds(60, 8, 56, 10) + "M20 8H60M20 56H60",
      now: "M63 14H90M63 24H90M63 34H90M63 44H90M90 10v8M90 20v8M90 30v8M90 40v8",
      alt: "Stitches that are drawn out of row ends"
    }
  },
  {
    name: "Mattress stitch",
    says: "Lay the edges side by side, right sides up. Take up one thread at the edge of one side, then its partner on the other, row by row; after every few stitches pull the yarn until the edges meet, not tighter than the fabric.",
    isUsed: seam("mattress stitch"),
    drawing: {
      there: "M20 8H64V56H20M130 8H86V56H130",
      now: "M64 14H86L64 26H86L64 38H86L64 50H86",
      alt: "A thread that goes to and fro between two edges"
    }
  },
  {
    name: "Whip stitch",
    says: "Lay the edges side by side and go from back to front through both, always from the same side, so that the thread lies in slanting stitches over the edge.",
    isUsed: seam("whip stitch"),
    drawing: {
      there: "M20 20H130M20 44H130",
      now: "M30 48L42 16M54 48L66 16M78 48L90 16M102 48L114 16",
      alt: "Slanting stitches over two edges"
    }
  },
  {
    name: "Slip-stitch seam",
    says: "Right sides together, go through both edges at once and slip stitch, loosely: the seam must give as much as the fabric.",
    isUsed: seam("slip stitch"),
    drawing: {
      there: "M20 24H130M20 40H130",
      now: chain(24, 126, 32),
      alt: "A chain of slip stitches through two edges"
    }
  },
  {
    name: "Single-crochet ridge",
    says: "Wrong sides together, go through both edges at once and work a single crochet, stitch by stitch. The ridge lies outside and is meant to be seen.",
    isUsed: seam("sc ridge"),
    drawing: {
      there: "M20 50H130M20 42H130",
      now: posts(30, 128, 46, 26) + "M26 26H130",
      alt: "A ridge of stitches over two edges"
    }
  }
];
function techniqueLines(used2) {
  const some = TECHNIQUES.filter(({ isUsed }) => isUsed(used2));
  return {
    lines: some.map(({ name: name2, says }) => [`${name2}: ${says}`]),
    drawings: some.map(({ drawing }, line2) => ({
      line: line2,
      alt: drawing.alt,
      svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH3} ${HEIGHT}" width="${WIDTH3}" height="${HEIGHT}" role="img" aria-label="${escapeXml(drawing.alt)}" fill="none" stroke-width="1.6" stroke-linecap="round" stroke-linejoin="round"><path d="${drawing.there}" stroke="${INK2}"/><path d="${drawing.now}" stroke="${NOW}" stroke-width="2.4"/></svg>`
    }))
  };
}

// packages/core/src/write/house.ts
var COUNT_SIGNS = {
  "round brackets": ["(", ")"],
  "square brackets": ["[", "]"],
  dash: ["\u2014 ", ""]
};
function inHouse(parts, style) {
  const worded = withCount(style.shaping === "sentences" ? parts.flatMap(tableInWords) : parts, style);
  if (style.stitches === "sts" && style.rowNames === "Row") return worded;
  return worded.map((part) => {
    if (typeof part === "string") return wordsInHouse(part, style);
    if ("lists" in part) return { lists: part.lists.map((text2) => wordsInHouse(text2, style)) };
    if ("head" in part)
      return {
        head: wordsInHouse(part.head, style),
        rows: part.rows.map((row) => ({ ...row, label: wordsInHouse(row.label, style) }))
      };
    return part;
  });
}
function tableInWords(part) {
  if (typeof part === "string" || !("head" in part) || part.head.includes(":")) return [part];
  const rows2 = part.rows.flatMap(({ label, each: of }, i) => [
    `${i > 0 ? "; " : ""}${label} `,
    each(of)
  ]);
  return [` [${part.head}: `, ...rows2, "]"];
}
function wordsInHouse(text2, { stitches: stitches2, rowNames }) {
  const named2 = rowNames === "Row" ? text2 : text2.replace(/\b(?:Row|Rnd)(?=s?\b)/g, (name2) => name2.toUpperCase());
  return stitches2 === "sts" ? named2 : named2.replace(/(?<!\bsl )\bst(s?)\b/g, (_, many) => many ? "stitches" : "stitch");
}
function withCount(parts, { counts, countAt }) {
  if (counts === "round brackets" && countAt === "end") return parts;
  const tables = parts.findIndex((part) => typeof part !== "string" && "head" in part);
  const inline = parts.findIndex((part) => typeof part === "string" && part.startsWith(" ["));
  const below = tables >= 0 ? tables : inline;
  if (below >= 0) return [...withCount(parts.slice(0, below), { counts, countAt }), ...parts.slice(below)];
  const last = parts.at(-1);
  if (typeof last !== "string" || !/ sts?\)$/.test(last)) return parts;
  const opens = parts.findLastIndex((part) => typeof part === "string" && /(?:^| )\($/.test(part));
  if (opens < 0) return parts;
  const [open, close2] = COUNT_SIGNS[counts];
  const count = [open, ...parts.slice(opens + 1, -1), last.slice(0, -1), close2];
  const before = parts[opens].replace(/ *\($/, "");
  const told = [...parts.slice(0, opens), before].filter((part) => part !== "");
  const ending = told.at(-1);
  if (typeof ending === "string") told[told.length - 1] = ending.trimEnd();
  if (countAt === "end") return [...told, " ", ...count];
  const colon = told.findIndex((part) => typeof part === "string" && /^[^,.;]*?: /.test(part));
  const row = /^(?:Row|Rnd)/.test(String(told[0]));
  if (!row || colon < 0) return [...told, " ", ...count];
  const [, head, rest] = /^([^,.;]*?): ([^]*)$/.exec(told[colon]);
  return [...told.slice(0, colon), `${head} `, ...count, `: ${rest}`, ...told.slice(colon + 1)];
}
function sizesInHouse([first, ...others], { sizes: sizes2 } = USUAL_STYLE) {
  return sizes2 === "slashes" ? [first, ...others].join("/") : `${first} (${others.join(", ")})`;
}

// packages/core/src/write/materials.ts
function sizeLines(sizes2, units) {
  if (sizes2.length === 0) return [];
  const fit = line`${sizes2.map(({ label }) => label)}`;
  const measures = [
    { label: "To fit bust or chest", lengths: sizes2.map(({ body: body2 }) => body2.bust) },
    ...sizes2[0].finished.map(({ label }, i) => ({
      label,
      lengths: sizes2.map(({ finished }) => finished[i].actual)
    }))
  ];
  if (sizes2.length === 1)
    return [
      [`Size: ${sizes2[0].label}`],
      ...measures.map(({ label, lengths }) => [`${label}: `, ...lengthsOf(lengths, units)])
    ];
  return unitsOf2(units).map((unit2, i) => [
    ...i === 0 ? fit : [],
    tableOf(
      `finished, ${unit2}`,
      measures.map(({ label, lengths }) => ({
        label,
        each: lengths.map((cm2) => printedLength(cm2, unit2))
      }))
    )
  ]);
}
function materialLines(sizes2, used2, { finishing = {} }) {
  const yarn = used2.filter((fabric2) => swatchMetres(fabric2) !== null).flatMap(({ id, name: name2, yarn: called, weight, fibre, ball }) => {
    const needs2 = sizes2.map((size2) => size2.yarn.find(({ fabric: fabric2 }) => fabric2 === id));
    const colours = [...new Set(needs2.flatMap((need) => need?.colours.map(({ colour }) => colour) ?? []))];
    const what = [called, weight, fibre].filter(Boolean).join(", ");
    return colours.map((colour) => {
      const of = needs2.map((need) => need?.colours.find((one2) => one2.colour === colour));
      const balls = of.map((one2) => one2?.balls ?? 0);
      const many = balls.some((count) => count > 0) ? line`, ${balls} balls${ball ? ` of ${figure(ball.grams)} g = ${figure(ball.metres)} m` : ""}` : [];
      return line`Yarn for ${name2}${colour === null ? "" : `, ${colour}`}${what ? ` (${what})` : ""}: about ${of.map((one2) => one2?.metres ?? 0)} m${{ inline: many }}`;
    });
  });
  const spare = yarn.length > 0 ? [[`Seams, tails and ${finishing.reserve ?? USUAL_RESERVE} % to spare are included.`]] : [];
  const stripes = (finishing.colours ?? []).filter(({ fabric: fabric2, stripes: of }) => of.length > 0 && used2.some(({ id }) => id === fabric2)).map((colours) => {
    const name2 = used2.find(({ id }) => id === colours.fabric).name;
    const far = farCarried(colours);
    return [
      `Stripes of ${name2}, from the lower edge: ${colours.stripes.map(({ colour, rows: rows2 }) => `${countOf(rows2, "row")} ${colour}`).join(", ")}; repeat. Rows of the same number meet at the side seams, and so do their colours. ${colours.yarn === "cut" ? "Cut the yarn at each change." : far.length > 0 ? `Carry the yarn up the edge; cut ${far.join(" and ")}, which would be carried too far.` : "Carry the yarn up the edge."}`
    ];
  });
  const hooks = used2.map((fabric2) => [
    `${figure(fabric2.hook)} mm hook for ${fabric2.name}, or the hook that gives the gauge`
  ]);
  return [...yarn, ...spare, ...stripes, ...hooks, ...notionLines(sizes2, finishing, used2)];
}
var BUTTONS = [8, 10, 11, 12, 13, 15, 18, 20, 23, 25, 28, 30, 34, 38];
function notionLines(sizes2, { buttons }, used2) {
  const [size2] = sizes2;
  if (!size2) return [];
  const band2 = size2.pieces.find(({ role }) => role === "front band");
  const bandFabric = used2.find(({ id }) => id === band2?.fabric);
  const lines2 = [];
  if (buttons && bandFabric) {
    const hole = 10 * buttons.width / perCm(bandFabric.gauge, "stitches");
    const mm = BUTTONS.find((one2) => one2 >= hole) ?? BUTTONS.at(-1);
    lines2.push([`${countOf(buttons.count, "button")} of ${mm} mm`]);
  }
  const markers2 = size2.pieces.reduce((sum2, { passages, copies }) => {
    const marked = passages.filter(({ kind }) => kind === "mark").length;
    const parts = passages.flatMap((one2) => one2.kind === "start" && one2.over ? [one2.over.length] : []);
    const between4 = passages.some(({ kind }) => kind === "lines") ? Math.max(0, (parts[0] ?? 0) - 1) : 0;
    return sum2 + 2 * marked * copies + between4;
  }, 0);
  if (markers2 > 0) lines2.push([countOf(markers2, "stitch marker")]);
  const sewn = size2.joins.some(({ kind }) => kind !== "live" && kind !== "pick-up");
  lines2.push([sewn ? "Yarn needle and pins" : "Yarn needle"]);
  return lines2;
}
function gaugeLines(fabric2, units) {
  const { name: name2, gauge, unblocked } = fabric2;
  const of = fabricStitches(fabric2);
  const stitch = of.is === "plain" ? ` of ${of.stitch}` : of.is === "rows" ? " in pattern" : "";
  const counts = unitsOf2(units).flatMap((unit2) => {
    const span2 = GAUGE_OVER[unit2];
    const per = (count, over2) => figure(count / over2 * span2, 1);
    const over = GAUGE_OVER_IN_WORDS[unit2];
    return [
      [
        `${name2}: ${per(gauge.stitches, gauge.stitchesOver)} sts and ${per(gauge.rows, gauge.rowsOver)} rows${stitch} in ${over}, washed and blocked${unblocked ? `; on the hook ${per(unblocked.stitches, unblocked.stitchesOver)} and ${per(unblocked.rows, unblocked.rowsOver)}` : ""}`
      ]
    ];
  });
  if (of.is !== "rows") return counts;
  const { multiple } = of.proof.base;
  const rows2 = of.text.repeat.last - of.text.repeat.first + 1;
  if (multiple === 1 && rows2 === 1) return counts;
  return [
    ...counts,
    [
      `One repeat of ${countOf(multiple, "st")} is `,
      ...lengthsOf([multiple / perCm(gauge, "stitches")], units),
      ` wide${rows2 > 1 ? `, its ${rows2} rows are ` : ""}`,
      ...rows2 > 1 ? [...lengthsOf([rows2 / perCm(gauge, "rows")], units), " high"] : []
    ]
  ];
}
function careLines({ words }) {
  return words?.care ? words.care.split("\n").map((text2) => [text2]) : [
    [
      "Wash as the swatch was washed and as the label of the yarn says; dry flat, drawn to the finished measurements."
    ]
  ];
}
var TURNING_WORDS = {
  "does not count": "the turning chain does not count as a stitch",
  counts: "the turning chain counts as the first stitch",
  chainless: "rows begin without a turning chain"
};
function turningLine(all) {
  const used2 = all.filter((fabric2) => !isTunisian(fabric2));
  if (all.length > 0 && used2.length === 0)
    return "Rows are forward and return passes; the right side always faces you.";
  const schools = [...new Set(used2.map(turningOf))];
  const said2 = schools.length <= 1 ? TURNING_WORDS[schools[0] ?? "does not count"] : used2.map((fabric2) => `${fabric2.name}: ${TURNING_WORDS[turningOf(fabric2)]}`).join("; ");
  return `${said2.charAt(0).toUpperCase()}${said2.slice(1)}. Odd rows are right-side rows unless a piece says otherwise.`;
}
function readingLines(sizes2, used2, { sizes: set }) {
  const lines2 = [[turningLine(used2)]];
  if (sizes2.length > 1)
    lines2.unshift([
      `Sizes are in the order ${sizesInHouse(
        sizes2.map(({ label }) => label),
        { sizes: set }
      )} throughout; one figure alone is for all of them, a dash stands where a size has nothing to do.`
    ]);
  if (sizes2.length > 0)
    lines2.push([
      "\u201CAbout\u201D beside rows is what the piece measures to there, blocked, from where it was begun."
    ]);
  return lines2;
}

// packages/core/src/passages/alignedPassages.ts
function alignedPassages(all) {
  return aligned(all.map((passages) => passages.map(formOf2)));
}
function formOf2(passage) {
  const { kind, part } = passage;
  if (kind === "shape") {
    const { where, motif } = passage;
    const edge2 = where.at === "one edge" ? where.edge : where.at;
    return `shape ${part} at ${edge2}${motif ? " by its motif" : ""}`;
  }
  const anew = kind === "go on" && passage.rejoin ? " anew" : "";
  return `${kind} ${part}${anew}`;
}

// packages/core/src/stitch/rings.ts
var RingWorker = class {
  constructor(stitches2, { panel, units }) {
    this.stitches = stitches2;
    this.panel = panel;
    this.units = units;
  }
  stitches;
  panel;
  units;
  /** Whether whole rounds of the pattern, shaped by its repeats, are to begin over so many stitches. */
  beginsAnew(way, count) {
    return this.units && this.roundsFor(way, count) !== null;
  }
  /**
   * Round 1 into a ring of chains, or as a plain round that is the first of the pattern.
   *
   * @param ahead lines that the part is soon to be shaped beside
   * @returns null where it is no round of the pattern
   */
  first(row, way, onChain, ahead) {
    const rounds = this.roundsFor(way, row.count);
    if (!rounds || !(onChain || ahead.length === 0 && isPlainRow(rounds.text.rows[0]))) return null;
    const { row: pattern3 } = patternRowAt(rounds.text, 0);
    return worked(
      row,
      workRow(pattern3, plainFoundation(row.count), { turned: false, round: true }),
      rounds,
      0,
      0
    );
  }
  /**
   * The next round over one.
   *
   * @returns null where it is no round of the pattern
   */
  next(row, way, below, ahead) {
    const even2 = row.steps.length === 1 && row.steps[0].do === "work";
    if (even2 && !below.wide) return this.nextEven(row, way, below, ahead);
    return this.units ? this.nextShaped(row, way, below) : null;
  }
  nextEven(row, way, below, ahead) {
    const rounds = this.roundsFor(way, row.count);
    const begins = isUnbegun(below) && ahead.length === 0 && below.lines.length === 0;
    if (!rounds || !(below.ring || begins)) return null;
    const { row: pattern3, index } = patternRowAt(rounds.text, below.done);
    const course = begins ? plainFoundation(row.count) : below.course;
    const made2 = workRow(pattern3, course, { turned: isTurned(way, below), round: true });
    return worked(row, made2, rounds, index, below.done);
  }
  nextShaped(row, way, below) {
    const rounds = this.panel > 0 ? null : roundsOfFabric(this.stitches, way);
    if (!rounds || !(below.ring || isUnbegun(below))) return null;
    const turned = isTurned(way, below);
    const shaped2 = row.motif || below.wide ? byMotif(row, rounds, below, turned) : byRepeats2(row, rounds, below);
    if (!shaped2) return null;
    const { index } = patternRowAt(rounds.text, below.done);
    try {
      const course = workUnitRound(rounds, index, below.course, shaped2.repeats, turned);
      return worked(row, course, rounds, index, below.done, shaped2.wide);
    } catch (error) {
      if (error instanceof StitchError || error instanceof RowFault) return null;
      throw error;
    }
  }
  /** The rounds of the pattern, where so many stitches are whole repeats of them. */
  roundsFor(way, count) {
    const rounds = this.panel > 0 ? null : roundsOfFabric(this.stitches, way);
    return rounds && count % rounds.proof.base.multiple === 0 ? rounds : null;
  }
};
function isUnbegun({ done, zones }) {
  return done === 0 && zones.length === 0;
}
function isTurned(way, { done }) {
  return way === "turned" && done > 0;
}
function byRepeats2(row, { proof }, { course }) {
  const { multiple } = proof.base;
  if (row.count % multiple !== 0 || course.width % multiple !== 0) return null;
  const repeats = shapedRepeats(row, multiple, course.width / multiple);
  return repeats && { repeats, wide: [] };
}
function byMotif(row, rounds, below, turned) {
  if (!canWiden(rounds)) return null;
  const { multiple } = rounds.proof.base;
  const before = below.wide ?? [];
  const repeats = (below.course.width - WIDER * before.length) / multiple;
  if (row.motif === "wider") {
    const wide2 = before.length === 0 ? placesOfWider(row.by / WIDER, repeats) : null;
    return wide2 && { repeats: aroundWider(repeats, wide2, "begins"), wide: wide2 };
  }
  const wide = turned ? before.map((place) => repeats - 1 - place).reverse() : before;
  const parts = row.motif === "parted";
  if (row.by !== (parts ? (multiple - WIDER) * wide.length : 0)) return null;
  return { repeats: aroundWider(repeats, wide, parts ? "parts" : "stays"), wide: parts ? [] : wide };
}
function worked(row, course, { proof }, index, done, wide = []) {
  const more = WIDER * wide.length;
  const repeats = (row.count - more) / proof.base.multiple;
  const { multiple, plus: plus2 } = proof.rows[index].stitches;
  const found = stitchesIn(course);
  const wanted = multiple * repeats + plus2 + more;
  if (found !== wanted)
    throw new StitchError({ from: 0, to: 0 }, `it comes to ${found} stitches, not ${wanted}`);
  const state = { course, zones: [], ring: true, rounds: true, done: done + 1, mirrored: false, lines: [] };
  const made2 = { pattern: index, ring: true, repeats: [repeats], plain: [0, 0], stitches: found };
  return wide.length === 0 ? { state, row: made2 } : { state: { ...state, wide }, row: { ...made2, wide: wide.length } };
}

// packages/core/src/stitch/stretches.ts
var WIDEST_LINE = 4;
function stretchesOf({ steps, from, spread: spread2 }, near) {
  const parts = [];
  let [under, at] = [0, 0];
  const add = (does, takes, makes) => {
    if (takes > 0 || makes > 0) parts.push({ does, under, takes, at, makes });
    under += takes;
    at += makes;
  };
  const order = [...steps].reverse();
  const shaping = order.flatMap((step, i) => step.do === "increase" || step.do === "decrease" ? [i] : []);
  const isWork = (i) => order[i]?.do === "work" || order[i]?.do === "pick up";
  const lastWork = order.findLastIndex((_, i) => isWork(i));
  const firstWork = order.findIndex((_, i) => isWork(i));
  order.forEach((step, i) => {
    const [takes, makes] = [step.times * takesOf(step), step.times * makesOf(step)];
    if (step.do === "work" || step.do === "pick up") return add("work", takes, makes);
    if (step.do === "cast")
      return add(from.length > 1 ? "chain" : "work", from.length > 1 ? 0 : makes, makes);
    if (step.do !== "increase" || step.times > 1 || step.line !== void 0)
      return add("shape", takes, makes);
    const before = shaping.filter((other) => other < i).at(-1);
    const after = shaping.find((other) => other > i);
    const close2 = (other) => other !== void 0 && widthBetween(order, Math.min(i, other), Math.max(i, other)) <= WIDEST_LINE;
    const lineAbove = i > lastWork || i >= firstWork && (close2(after) ? !close2(before) : !close2(before) && isLineAbove(under, near));
    if (lineAbove) {
      add("work", 1, 1);
      add("shape", 0, makes - 1);
    } else {
      add("shape", 0, makes - 1);
      add("work", 1, 1);
    }
  });
  const merged = mergeWork(parts);
  const found = linesOf3(merged, { under, at });
  return { stretches: merged, lines: spread2 ? [] : found, spread: spread2 === true };
}
function widthBetween(order, from, to) {
  return order.slice(from + 1, to).reduce((sum2, step) => sum2 + step.times, 0);
}
function isLineAbove(place, lines2) {
  const nearest4 = [...lines2].sort((a, b) => distance(place, a) - distance(place, b))[0];
  return nearest4 === void 0 || (nearest4.from + nearest4.to) / 2 > place;
}
var distance = (place, { from, to }) => Math.abs((from + to) / 2 - place);
function mergeWork(parts) {
  const merged = [];
  for (const part of parts) {
    const last = merged.at(-1);
    if (last?.does === "work" && part.does === "work") {
      last.takes += part.takes;
      last.makes += part.makes;
    } else merged.push({ ...part });
  }
  return merged;
}
function linesOf3(stretches2, all) {
  const groups = [];
  for (const one2 of stretches2) {
    if (one2.does !== "shape") continue;
    const last = groups.at(-1)?.at(-1);
    if (last && one2.at - last.at - last.makes <= WIDEST_LINE) groups.at(-1).push(one2);
    else groups.push([one2]);
  }
  return groups.filter((group2) => {
    const [first, last] = [group2[0], group2.at(-1)];
    const atEdge2 = first.under === 0 && first.at === 0 || last.under + last.takes === all.under && last.at + last.makes === all.at;
    return !atEdge2;
  }).map((group2) => {
    const [first, last] = [group2[0], group2.at(-1)];
    if (group2.length === 1)
      return { under: middle(first.under, first.takes), at: middle(first.at, first.makes) };
    return {
      under: { from: first.under + first.takes, to: last.under },
      at: { from: first.at + first.makes, to: last.at }
    };
  });
}
function middle(from, many) {
  const at = Math.floor(from + many / 2);
  return { from: at, to: at };
}

// packages/core/src/stitch/under.ts
var SPAN5 = { from: 0, to: 0 };
function joinUnder(under, base, plain2) {
  const surfaces = [];
  const zones = [];
  const lines2 = [];
  const known = under.flatMap((one2) => "state" in one2 ? [one2.state] : []);
  const done = Math.max(0, ...known.map((state) => state.done));
  const leading = known.find((state) => state.done === done);
  let high = null;
  for (const one2 of under) {
    if ("picked" in one2) {
      surfaces.push(laid(plain2, high ?? 0, one2.picked));
      high = (high ?? 0) + one2.picked;
      continue;
    }
    const { state, at, take } = one2;
    const whole = surfaceOf(state.course, state.ring);
    const from = whole.low + whole.width - at - take;
    const by = high === null ? 0 : high - from;
    const taken = state.course.foundation ? laid(plain2, from, take) : cut(whole, from, from + take);
    surfaces.push(moved(taken, by));
    if (state.done === done && state.mirrored === leading?.mirrored)
      for (const zone of state.zones) {
        const kept = clipped(zone, from, from + take, base);
        if (kept) zones.push({ ...kept, low: kept.low + by });
      }
    lines2.push(...state.lines.map(({ from: first, to }) => ({ from: first + by, to: to + by })));
    high = from + by + take;
  }
  return {
    rounds: known.length > 0 && known.every((state) => state.rounds),
    surface: joined(surfaces),
    zones: inOne(zones, base),
    lines: lines2,
    done,
    mirrored: leading?.mirrored ?? false
  };
}
function withLaid(surface, { stretches: stretches2 }, { from, steps }, plain2) {
  const takes = stretches2.reduce((sum2, one2) => sum2 + one2.takes, 0);
  if (takes === surface.width) return surface;
  if (from.length > 1)
    throw new StitchError(SPAN5, `the row takes ${takes} stitches; there are ${surface.width}`);
  const right = steps.at(-1).do === "cast" ? steps.at(-1).times : 0;
  const left = steps[0].do === "cast" ? steps[0].times : 0;
  if (surface.width + right + left !== takes)
    throw new StitchError(SPAN5, `the row takes ${takes} stitches; there are ${surface.width}`);
  const low = surface.low - right;
  return joined([
    ...right > 0 ? [laid(plain2, low, right)] : [],
    surface,
    ...left > 0 ? [laid(plain2, surface.low + surface.width, left)] : []
  ]);
}
function lowOf(surface, { stretches: stretches2 }) {
  const first = stretches2.find(({ does }) => does === "work");
  return first ? surface.low + first.under - first.at : surface.low;
}
function linesFor({ lines: lines2, spread: spread2, stretches: stretches2 }, below, ahead, low) {
  if (spread2) return { cut: [], next: [] };
  const own = lines2.map(({ at }) => ({ from: at.from + low, to: at.to + low }));
  const shifted = below.lines.map(({ from, to }) => {
    const shift = shiftAt(stretches2, from - below.surface.low) + low - below.surface.low;
    return { from: from + shift, to: to + shift };
  });
  const kept = shifted.filter((line2) => own.every((other) => distanceOf(line2, other) > 3));
  const seen = own.length + kept.length > 0 ? [] : ahead.map(({ from, to }) => ({ from: from + low, to: to + low }));
  const cut2 = [...own, ...kept, ...seen].sort((a, b) => a.from - b.from);
  return { cut: cut2, next: cut2 };
}
function distanceOf(a, b) {
  return Math.max(0, a.from - b.to, b.from - a.to);
}
function shiftAt(stretches2, under) {
  const found = stretches2.findLast((one2) => one2.under <= under) ?? stretches2[0];
  return found ? found.at - found.under : 0;
}
function between3(lines2, low, high) {
  const parts = [];
  let at = low;
  for (const { from, to } of lines2) {
    if (to < low || from > high) continue;
    if (from > at) parts.push([at, Math.min(from, high)]);
    at = Math.max(at, to);
  }
  if (at < high) parts.push([at, high]);
  return parts;
}

// packages/core/src/stitch/pieceWorker.ts
var SPAN6 = { from: 0, to: 0 };
var PieceWorker = class {
  constructor(stitches2, { plain: plain2, panel, edges, units }) {
    this.stitches = stitches2;
    this.rings = new RingWorker(stitches2, { panel, units });
    this.plain = plain2;
    this.panel = panel;
    this.edges = edges;
    this.sided = stitches2.text.rows.some(({ nodes }) => hasSides(nodes));
  }
  stitches;
  sided;
  plain;
  panel;
  edges;
  rings;
  /**
   * Row 1 into the foundation chain, or a plain row over what is there.
   *
   * @param ahead lines that the part is soon to be shaped beside
   */
  first(row, beginning, ahead) {
    const { base } = this.stitches.proof;
    if (row.round)
      return this.rings.first(row, row.round, beginning === "chain", ahead) ?? this.plainStart(row);
    const fits = isWholeRepeats(row.count, this.stitches);
    const whole = { low: 0, repeats: (row.count - base.plus) / base.multiple };
    if (beginning === "plain row" || !fits || this.panel > 0 || this.edges > 0) {
      const plain2 = this.plainStart(row);
      const counts = fits && this.panel + this.edges === 0 && isPlainRow(this.stitches.text.rows[0]);
      const zones = this.panel > 0 ? this.panelZones(row.count) : counts && ahead.length === 0 ? [whole] : [];
      const state2 = { ...plain2.state, zones, done: counts ? 1 : 0 };
      return { state: state2, row: counts ? { ...plain2.row, pattern: 0 } : plain2.row };
    }
    const { row: pattern3, way } = patternRowAt(this.stitches.text, 0);
    const extra = this.stitches.proof.chains.plus - base.plus;
    const course = workRow(pattern3, foundationChain(row.count + extra), way);
    this.check(course.units, 0, [whole], 0);
    const state = { course, zones: [whole], ring: false, rounds: false, done: 1, mirrored: false, lines: [] };
    return { state, row: this.stitched(row.count, 0, [whole], course, 1) };
  }
  plainStart(row) {
    const direction = directionOf(row);
    const { units } = laid(this.plain, 0, row.count);
    const course = {
      ...plainCourse(0, "sc"),
      units: direction === 1 ? units : [...units].reverse(),
      direction,
      foundation: false,
      width: row.count
    };
    const state = {
      course,
      zones: [],
      ring: false,
      rounds: row.round !== void 0,
      done: 0,
      mirrored: false,
      lines: []
    };
    return { state, row: this.stitched(row.count, null, [], course, direction) };
  }
  /** A panel lies in the middle of the row. */
  panelZones(count) {
    const beside = (count - this.panel) / 2;
    return beside >= 0 && Number.isInteger(beside) ? [{ low: beside, repeats: this.panelRepeats() }] : [];
  }
  panelRepeats() {
    const { multiple, plus: plus2 } = this.stitches.proof.base;
    return (this.panel - plus2) / multiple;
  }
  /** A row of the same pattern row over the same repeats, a whole number of turns of pattern and side ago. */
  sameAs(before, below) {
    const { first, last } = this.stitches.text.repeat;
    const turn = (last - first + 1) * ((last - first + 1) % 2 === 0 ? 1 : 2);
    const period = below.ring ? 2 * turn : turn;
    const then = before.at(-period);
    const under = before.at(-period - 1);
    if (!then || !under || below.done - period <= last + 1) return null;
    const name2 = ({ zones, ring, done, course, wide }) => `${ring}:${wide?.join(",")}:${done > 0}:${course.low}:${zones.map(({ low, repeats }) => `${low}+${repeats}`).join(",")}`;
    if (name2(under.state) !== name2(below) || name2(then.state) !== name2(below)) return null;
    return { row: then.row, state: { ...then.state, done: below.done + 1 } };
  }
  /**
   * The next row over worked ones.
   *
   * @param under what it is worked into, from right to left
   * @param ahead lines that the part is soon to be shaped beside, from the right edge of the row
   */
  next(row, under, ahead) {
    const [only, ...others] = under;
    const alone = others.length === 0 && only && "state" in only ? only.state : null;
    const ring = row.round && alone ? this.rings.next(row, row.round, alone, ahead) : null;
    if (ring) return ring;
    return this.nextOver(row, joinUnder(under, this.stitches.proof.base, this.plain), ahead);
  }
  nextOver(row, below, ahead) {
    const { text: text2 } = this.stitches;
    const near = below.lines.map(({ from, to }) => ({
      from: from - below.surface.low,
      to: to - below.surface.low
    }));
    const shaping = stretchesOf(row, near);
    const surface = withLaid(below.surface, shaping, row, this.plain);
    const made2 = shaping.stretches.reduce((sum2, one2) => sum2 + one2.makes, 0);
    if (made2 !== row.count)
      throw new StitchError(SPAN6, `row ${row.n} comes to ${made2} stitches, not ${row.count}`);
    const low = lowOf(surface, shaping);
    const direction = directionOf(row);
    const pattern3 = patternRowAt(text2, below.done);
    const joinedRound = row.round !== void 0 && row.round !== "turned";
    const closesPlain = below.rounds && row.round !== void 0 && row.from.length > 1 && this.rings.beginsAnew(row.round, row.count);
    const waits = closesPlain || below.done === 0 && !joinedRound && pattern3.row.side !== row.side && this.sided;
    const [fallsLeft, fallsRight] = row.graded ?? [0, 0];
    const natural = pattern3.row.side === "RS" ? 1 : -1;
    const mirrored3 = below.done === 0 ? !joinedRound && natural !== direction : below.mirrored;
    const context = {
      index: pattern3.index,
      done: below.done,
      direction,
      mirrored: mirrored3 && !this.sided,
      joinedRound,
      flat: row.round === void 0,
      low,
      high: low + row.count,
      keptPlain: [Math.max(this.edges, fallsRight), Math.max(this.edges, fallsLeft)]
    };
    const lines2 = linesFor(shaping, below, ahead, low);
    const parts = [];
    const zones = [];
    for (const stretch of shaping.stretches) {
      const at = low + stretch.at;
      const from = surface.low + stretch.under;
      if (stretch.does === "chain") parts.push(laid("sc", at, stretch.makes));
      else if (stretch.does === "shape") {
        const reach = stretch.takes > 0 ? [from, from + stretch.takes] : [from - 1, from + 1];
        parts.push(plainOver(cut(surface, reach[0], reach[1]), this.plain, at, stretch.makes));
      } else {
        const own = moved(cut(surface, from, from + stretch.takes), at - from);
        const kept = below.zones.map((zone) => ({ ...zone, low: zone.low + at - from }));
        parts.push(
          ...shaping.spread || waits ? [plainOver(own, this.plain, at, stretch.makes)] : this.workStretch(own, kept, lines2.cut, context, zones)
        );
      }
    }
    const all = this.graded(joined(parts), fallsRight, fallsLeft);
    const width = this.zonesWidth(zones);
    this.check(all.units, pattern3.index, zones, row.count - width);
    const course = {
      units: direction === 1 ? all.units : [...all.units].reverse(),
      foundation: false,
      direction,
      idle: 0,
      low,
      width: row.count,
      slips: []
    };
    const state = {
      course,
      zones,
      ring: false,
      // Behind shaping that is spread over a row, and where no repeat is left, the pattern begins anew.
      done: shaping.spread || zones.length === 0 || closesPlain ? 0 : below.done + 1,
      rounds: below.rounds || row.round !== void 0,
      mirrored: context.mirrored,
      lines: lines2.next
    };
    const index = zones.length > 0 ? pattern3.index : null;
    return { state, row: this.stitched(row.count, index, zones, course, direction) };
  }
  /** The row with the stitches at its ends as low as they fall towards a turn. */
  graded(row, right, left) {
    if (right + left === 0) return row;
    const [towardsRight, towardsLeft] = [right, left].map((many) => gradedStitches(this.plain, many));
    const high = row.low + row.width;
    const units = row.units.map((unit2) => {
      const kind = towardsRight[row.low + right - 1 - unit2.x] ?? towardsLeft[unit2.x - (high - left)];
      return kind ? { ...unit2, kind, stitch: { kind } } : unit2;
    });
    return { ...row, units };
  }
  /** A stretch that is not shaped: repeats that go on, grow or begin in it, and plain stitches beside them. */
  workStretch(surface, below, lines2, context, zones) {
    const { base } = this.stitches.proof;
    const parts = [];
    const high = surface.low + surface.width;
    let at = surface.low;
    const plainTo = (to) => {
      if (to > at) parts.push(plainOver(cut(surface, at, to), this.plain, at, to - at));
      at = to;
    };
    const take = (ways, kept) => {
      for (const zone of ways) {
        const made2 = this.tryZone(zone, kept, surface, context);
        if (!made2 || kept === null && !this.tryZone(zone, zone, made2, this.contextAfter(context))) continue;
        plainTo(zone.low);
        parts.push(made2);
        zones.push(zone);
        at = zone.low + widthOf(zone, base);
        return true;
      }
      return false;
    };
    const room = context.flat ? [
      Math.max(at, context.low + context.keptPlain[0]),
      Math.min(high, context.high - context.keptPlain[1])
    ] : [at, high];
    for (const [from, to] of between3(lines2, room[0], room[1])) {
      const kept = below.flatMap((zone) => clipped(zone, from, to, base) ?? []);
      if (this.panel > 0) {
        const whole = this.panelRepeats();
        for (const zone of kept) if (zone.repeats === whole) take([zone], zone);
      } else if (kept.length === 0) {
        const centred = !context.flat || from > context.low || to < context.high;
        take(waysToBegin(Math.max(from, at), to, base, centred, this.stitches.proof.from), null);
      } else if (
        // What lies between zones that were parted may be filled: they are one again.
        !(kept.length > 1 && take(waysToJoin(kept, Math.max(from, at), to, base), null))
      )
        kept.forEach(
          (zone, i) => take(waysToGrow(zone, Math.max(from, at), kept[i + 1]?.low ?? to, base), zone)
        );
    }
    plainTo(high);
    return parts;
  }
  /** The next row over the same stitches. */
  contextAfter(context) {
    const done = context.done + 1;
    const { index } = patternRowAt(this.stitches.text, done);
    const direction = context.joinedRound ? context.direction : -context.direction;
    return { ...context, index, done, direction };
  }
  /** A row of the pattern over some repeats, from the right edge on; null where it cannot be worked there. */
  tryZone(zone, kept, surface, context) {
    const { text: text2, proof } = this.stitches;
    const { index, direction, joinedRound } = context;
    const width = widthOf(zone, proof.base);
    const below = cut(surface, zone.low, zone.low + width);
    const course = {
      units: direction === -1 ? below.units : [...below.units].reverse(),
      foundation: false,
      direction: -direction,
      idle: 0,
      low: zone.low,
      width,
      slips: []
    };
    const [right, left] = [zone.low === context.low, zone.low + width === context.high];
    const begins = context.flat && (direction === 1 ? right : left);
    const ends2 = context.flat && (direction === 1 ? left : right);
    const inner = (nodes2) => {
      const own = embed(nodes2, begins ? null : "next", ends2 ? null : 0);
      return begins ? own : [this.idleChain(), ...own];
    };
    const { nodes } = text2.rows[index];
    const byNames = context.done === 0 && index === 0 ? rowOverStitches(text2) : kept && !joinedRound && zone.low >= kept.low && zone.repeats <= kept.repeats ? nodes : null;
    const attempts = [
      ...byNames ? [() => inner(byNames)] : [],
      // Over the first row the places may be others than over those that repeat.
      ...[context.done > text2.rows.length, context.done <= text2.rows.length].map((again) => () => {
        const sample = sampleOf(
          text2,
          proof,
          index,
          zone.repeats,
          { direction, mirrored: context.mirrored, alwaysFront: joinedRound, again },
          this.sided
        );
        if (!sample) throw new StitchError(SPAN6, "this row of the pattern is not worked from this side");
        return placed(sample, zone.low, [...course.units].reverse());
      })
    ];
    for (const attempt of attempts) {
      try {
        const made2 = workRow({ nodes: attempt() }, course, { turned: true, round: false });
        this.check(made2.units, index, [zone], 0);
        return { units: direction === 1 ? made2.units : [...made2.units].reverse(), low: zone.low, width };
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
      }
    }
    return null;
  }
  idleChain() {
    return { op: "chain", many: Math.max(1, heightOf(this.plain)), counts: { as: "nothing" }, span: SPAN6 };
  }
  zonesWidth(zones) {
    return zones.reduce((sum2, zone) => sum2 + widthOf(zone, this.stitches.proof.base), 0);
  }
  /** What the row comes to must be what its repeats and its plain stitches come to. */
  check(units, index, zones, plain2) {
    const { multiple, plus: plus2 } = this.stitches.proof.rows[index].stitches;
    const wanted = zones.reduce((sum2, { repeats }) => sum2 + multiple * repeats + plus2, plain2);
    const found = stitchesIn({ units });
    if (found !== wanted) throw new StitchError(SPAN6, `it comes to ${found} stitches, not ${wanted}`);
  }
  stitched(count, pattern3, zones, course, direction) {
    const plain2 = [];
    let at = course.low;
    for (const zone of zones) {
      plain2.push(zone.low - at);
      at = zone.low + widthOf(zone, this.stitches.proof.base);
    }
    plain2.push(course.low + count - at);
    const repeats = zones.map((zone) => zone.repeats);
    if (direction === -1) {
      plain2.reverse();
      repeats.reverse();
    }
    return {
      pattern: pattern3,
      ring: false,
      repeats,
      plain: plain2,
      stitches: zones.length === 0 ? count : stitchesIn(course)
    };
  }
};
function isWholeRepeats(count, { proof }, round4) {
  const { multiple, plus: plus2 } = proof.base;
  const rest = count - (round4 ? 0 : plus2);
  return rest > 0 && rest % multiple === 0;
}

// packages/core/src/stitch/workPiece.ts
var MOST_ALIKE = 24;
function workPieceStitches(runs2, sections, beginning) {
  const states = /* @__PURE__ */ new Map();
  const result = { rows: [], fault: null };
  const key = (part, n) => `${part}:${n}`;
  const workers = /* @__PURE__ */ new Map();
  const ahead = linesAhead(runs2);
  for (const run of runs2) {
    let same = [];
    for (let i = 0; i < run.times; i += 1) {
      const row = rowOf2(run, i);
      const section = sections.findLast(({ from }) => from <= row.n);
      const { stitches: stitches2 } = section;
      if (stitches2.is !== "rows") {
        result.rows.push({
          pattern: null,
          ring: false,
          repeats: [],
          plain: [row.count],
          stitches: row.count
        });
        continue;
      }
      if (stitches2.text.work === "tunisian") {
        const { index } = patternRowAt(stitches2.text, row.n - section.from);
        result.rows.push({
          pattern: index,
          ring: false,
          repeats: [row.count],
          plain: [0, 0],
          stitches: row.count
        });
        continue;
      }
      try {
        const worker = workers.get(section) ?? new PieceWorker(stitches2, section);
        workers.set(section, worker);
        const changes = section.from > 1 && row.n === section.from;
        const lines2 = ahead(row);
        let made2 = null;
        if (changes || !row.from.some(isTake))
          made2 = worker.first(row, row.from.length > 0 || changes ? "plain row" : beginning, lines2);
        else {
          const under = underOf(row, (part, n) => states.get(key(part, n)));
          const [only] = under ?? [];
          if (i > 1 && only && "state" in only) made2 = worker.sameAs(same, only.state);
          if (under) made2 ??= worker.next(row, under, lines2);
        }
        result.rows.push(made2?.row ?? null);
        if (!made2) continue;
        same = [...same.slice(-MOST_ALIKE), made2];
        states.set(key(row.part, row.n), made2.state);
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
        result.fault ??= { row, message: error.message };
        result.rows.push(null);
        same = [];
      }
    }
  }
  return result;
}
function underOf({ from }, stateOf) {
  const under = [];
  for (const source of [...from].reverse()) {
    if (!isTake(source)) under.push({ picked: source.makes });
    else {
      const state = stateOf(source.part, source.n);
      if (!state) return null;
      under.push({ state, at: source.at, take: source.take });
    }
  }
  return under;
}
var SOON = 8;
function linesAhead(runs2) {
  const shaped2 = [];
  for (const { row } of runs2) {
    if (row.steps.length === 1) continue;
    const lines2 = stretchesOf(row, []).lines.map(({ under }) => under);
    if (lines2.length > 0) shaped2.push({ part: row.part, n: row.n, lines: lines2 });
  }
  return ({ part, n }) => shaped2.find((one2) => one2.part === part && one2.n > n && one2.n <= n + SOON)?.lines ?? [];
}

// packages/core/src/passages/pieceSoFar.ts
var PieceSoFar = class {
  constructor(all, fabrics, fabric2, runsOf2, wish2) {
    this.all = all;
    this.fabrics = fabrics;
    this.fabric = fabric2;
    this.runsOf = runsOf2;
    this.wish = wish2;
    this.sizes = all.map((_, size2) => size2);
    this.places = all.map(() => 0);
    this.divisions = all.map(() => null);
  }
  all;
  fabrics;
  fabric;
  runsOf;
  wish;
  /** The sizes that the passage is written for, and its place in each. */
  sizes;
  places;
  /** The parts that the piece was last divided into, for each size. */
  divisions;
  reached = /* @__PURE__ */ new Map();
  rounds = /* @__PURE__ */ new Map();
  /** Turns to a passage: the sizes that have it, and its place in each. */
  turnTo({ sizes: sizes2, places }) {
    this.sizes = sizes2;
    this.places = places;
  }
  /** The pieces that the passage is written for. */
  get pieces() {
    return this.sizes.map((size2) => this.all[size2]);
  }
  /** Whether one size alone is written. */
  get isAlone() {
    return this.all.length === 1;
  }
  /** Whether rows that shape are told one by one: of one size alone, in plain stitches. */
  get rowByRow() {
    return this.isAlone && this.wish.style.rows === "row by row" && this.stitches.is === "plain";
  }
  heard = /* @__PURE__ */ new Map();
  /**
   * Whether something has not been said of the piece to all of the sizes that it is now said to.
   *
   * @param of what it is said of, where the last word of that counts
   */
  isNew(words, of = words) {
    const heard = this.heard.get(of) ?? /* @__PURE__ */ new Map();
    this.heard.set(of, heard);
    const known = this.sizes.every((size2) => heard.get(size2) === words);
    for (const size2 of this.sizes) heard.set(size2, words);
    return !known;
  }
  /** The place of the passage in each of its sizes. */
  get at() {
    return this.places;
  }
  /** The parts that the piece was last divided into; null where a size was not. */
  get divided() {
    return this.sizes.map((size2) => this.divisions[size2]);
  }
  divide(parts) {
    this.sizes.forEach((size2, i) => this.divisions[size2] = parts[i]);
  }
  get stitch() {
    return plainStitchOf(this.fabric);
  }
  /** The piece has no room for its fabric's repeats. */
  isPlain = false;
  /** What the fabric is worked in. */
  get stitches() {
    return this.isPlain ? { is: "plain", stitch: this.stitch } : stitchesOfPieces(this.all, this.fabric);
  }
  /** What is said before yarn is cut: in Tunisian the last loops want a row that closes them (common practice). */
  get closing() {
    const { stitches: stitches2 } = this;
    return stitches2.is === "rows" && stitches2.text.work === "tunisian" ? [["Close the last row: sl st in each st."]] : [];
  }
  /** What is worked in rows that are not shaped. */
  get even() {
    return this.stitches.is === "plain" ? `${this.stitches.stitch} in each st` : "in pattern";
  }
  /** Whether row 1 is worked into a chain as the first of the pattern, which all sizes then have whole repeats of. */
  beginsInPattern(starts) {
    const { fabric: fabric2 } = this.all[0].sections[0] ?? {};
    const first = fabric2 === void 0 ? this.fabric : this.fabrics.get(fabric2);
    const of = fabricStitches(first);
    return starts.every(
      (one2) => one2.kind === "start" && one2.along === null && (one2.round !== void 0 || first.foundation !== "stitches") && !first.panel && (one2.round !== void 0 || !first.edgeStitches) && of.is === "rows" && isWholeRepeats(one2.stitches, of, one2.round)
    );
  }
  stitched = null;
  /** Every row of the piece in its stitch pattern, by part and number, for each size. */
  stitchedRows() {
    const stitched = this.stitched ??= this.workAll();
    return this.sizes.map((size2) => stitched[size2]);
  }
  workAll() {
    const chain2 = this.beginsInPattern(this.all.map(({ passages }) => passages[0]));
    const all = (units2) => this.all.map((piece) => stitchedOf(piece, this.fabrics, this.runsOf, { chain: chain2, units: units2 }));
    if (![...this.fabrics.values()].some(({ shaping }) => shaping === "units")) return all(false);
    const units = all(true);
    const byUnits = this.all.every(
      (piece, size2) => this.runsOf(piece.passages).every(
        ({ row }) => !row.round || row.by === 0 || units[size2].get(`${row.part}:${row.n}`)?.ring
      )
    );
    this.shapesByUnits = byUnits;
    return byUnits ? units : all(false);
  }
  shapesByUnits = false;
  /** Stitches that a shaped round of a part changes by at each place: a repeat; null where it is shaped by stitches. */
  unitOf(part) {
    const { stitches: stitches2 } = this;
    if (stitches2.is !== "rows" || this.wayOf(part) === void 0) return null;
    this.stitchedRows();
    return this.shapesByUnits ? stitches2.proof.base.multiple : null;
  }
  rows = /* @__PURE__ */ new Map();
  /** The rows of a part in a size. */
  rowsOfPart(part, own) {
    const size2 = this.sizes[own];
    const rows2 = this.rows.get(size2) ?? rowsOf(this.runsOf(this.all[size2].passages));
    this.rows.set(size2, rows2);
    return rows2.filter((row) => row.part === part);
  }
  /** How far a part has come, for each size. */
  of(part) {
    const reached = this.reached.get(part);
    return this.sizes.map((size2) => reached[size2]);
  }
  reach(part, reached) {
    const all = this.reached.get(part) ?? [];
    this.sizes.forEach((size2, i) => all[size2] = reached[i]);
    this.reached.set(part, all);
  }
  /**
   * How long the piece is after a row in each size, from where it was begun: ", about 33 (34) cm". Nothing where short rows make it longer
   * at one place than at another.
   */
  lengthBeside(rows2) {
    const uneven = this.all.some(({ passages }) => passages.some(({ kind }) => kind === "short"));
    if (uneven || rows2.some((n) => n === 0)) return [];
    const lengths = rows2.map((n, i) => lengthOfRows(this.all[this.sizes[i]].sections, n));
    return line`, about ${{ inline: lengthsOf(lengths, this.wish.units) }}`;
  }
  inRounds(part, way) {
    this.rounds.set(part, way);
  }
  /** How the rounds of a part close; nothing where it is worked in rows. */
  wayOf(part) {
    return this.rounds.get(part);
  }
  /** Whether a row shows its right side while it is worked: rows begin with a right-side one and turn. */
  isRightSide(n) {
    return n % 2 === 1;
  }
  /** What the rows of a part are called. */
  wordsOf(part) {
    const way = this.rounds.get(part);
    const { stitches: stitches2 } = this;
    const tunisian = stitches2.is === "rows" && stitches2.text.work === "tunisian";
    return way === void 0 ? { one: "Row", short: "row", end: tunisian ? "return" : "turn" } : { one: "Rnd", short: "rnd", end: roundEnd(way) };
  }
};
function stitchesOfPieces(pieces, fabric2) {
  const of = fabricStitches(fabric2);
  return of.is === "rows" && fabric2.panel && !hasPanel(pieces, fabric2) ? { is: "plain", stitch: stitchOf(fabric2) } : of;
}
var STITCHED = /* @__PURE__ */ new WeakMap();
function stitchedOf(piece, all, runsOf2, { chain: chain2, units }) {
  const { sections, passages } = piece;
  const fabrics = sections.map(({ fabric: fabric2 }) => all.get(fabric2));
  const ways = STITCHED.get(passages) ?? /* @__PURE__ */ new Map();
  STITCHED.set(passages, ways);
  const way = `${chain2} ${units}`;
  const known = ways.get(way);
  if (known && known.fabrics.every((fabric2, i) => fabric2 === fabrics[i])) return known.rows;
  const runs2 = runsOf2(passages);
  const worked2 = workPieceStitches(
    runs2,
    fabrics.map((of, i) => ({
      from: sections[i].first,
      stitches: stitchesOfPieces([piece], of),
      plain: stitchOf(of),
      panel: of.panel ?? 0,
      edges: of.edgeStitches ?? 0,
      units
    })),
    chain2 ? "chain" : "plain row"
  );
  const rows2 = new Map(rowsOf(runs2).map(({ part, n }, i) => [`${part}:${n}`, worked2.rows[i] ?? null]));
  ways.set(way, { fabrics, rows: rows2 });
  return rows2;
}

// packages/core/src/write/piece.ts
function writePiece(pieces, labels, fabrics, wish2) {
  const { role, fabric: fabric2 } = pieces[0];
  const soFar = new PieceSoFar(pieces, fabrics, fabrics.get(fabric2), runsOf, wish2);
  const to = pieces.map(() => 0);
  const passages = alignedPassages(pieces.map((piece) => piece.passages)).map((passage) => {
    soFar.turnTo(passage);
    const { sizes: sizes2, places } = passage;
    const own = sizes2.map((size2, i) => pieces[size2].passages[places[i]]);
    const lines2 = passageLines(own, soFar);
    soFar.of(own[0].part).forEach(({ n }, i) => to[sizes2[i]] = n);
    return {
      lines: sizes2.length < pieces.length ? lines2.map((one2) => lineFor(sizes2, labels, one2)) : lines2,
      short: soFar.wordsOf(own[0].part).short,
      to: [...to],
      marks: own[0].kind === "mark"
    };
  });
  const last = passages.at(-1).lines.at(-1);
  if (role === "yoke") {
    const { short: short2 } = soFar.wordsOf(pieces[0].passages.at(-1).part);
    return {
      passages,
      end: [line`Fasten off. The sts of the last ${short2} stay live for body and sleeves.`]
    };
  }
  if (last?.join("") === "Fasten off.") return { passages, end: [] };
  return {
    passages,
    end: [...soFar.closing, line`Fasten off.`]
  };
}
var FEWEST4 = 3;
function endsWithRows(passages, many) {
  const { marks, to } = passages[many - 1];
  return marks || String(to) !== String(passages[many - 2]?.to ?? "");
}
function pieceLines(piece, earlier, mirrors) {
  const form = (of) => mirrors ? JSON.stringify(of).replaceAll(/right-side rows (?:begin|end)\b/g, "right-side rows") : JSON.stringify(of);
  const same = (a, b) => form(a) === form(b);
  const all = ({ passages, end }) => [...passages.flatMap(({ lines: lines2 }) => lines2), ...end];
  const own = all(piece);
  let best = null;
  for (const [name2, other] of earlier) {
    if (same(own, all(other)) && own.length >= FEWEST4)
      return [
        line`Work as the ${name2}${mirrors ? ", mirrored: the same rows, with every edge at the other end" : ""}.`
      ];
    let shared = 0;
    while (shared < piece.passages.length && same(piece.passages[shared], other.passages[shared]))
      shared += 1;
    while (shared > 0 && !endsWithRows(piece.passages, shared)) shared -= 1;
    const lines2 = piece.passages.slice(0, shared).flatMap((one2) => one2.lines).length;
    if (shared > 1 && lines2 >= FEWEST4 && lines2 > (best?.lines ?? 0)) best = { name: name2, passages: shared, lines: lines2 };
  }
  if (!best) return own;
  const alike = piece.passages.slice(0, best.passages);
  const { to, short: short2 } = alike.at(-1);
  const marked = alike.some(({ marks }) => marks) ? ", markers included" : "";
  return [
    line`Work as the ${best.name}${mirrors ? ", mirrored," : ""} to the end of ${short2} ${to}${marked}.`,
    ...piece.passages.slice(best.passages).flatMap(({ lines: lines2 }) => lines2),
    ...piece.end
  ];
}

// packages/core/src/write/stitchSections.ts
function ruleLine({ multiple, plus: plus2 }) {
  return [
    multiple === 1 ? "Any number of stitches." : `Worked over a multiple of ${multiple}${plus2 > 0 ? ` plus ${plus2}` : ""} stitches.`
  ];
}
function patternLines({ specials, rows: rows2, repeat: repeat2, work: work2 }) {
  const round4 = work2 === "round";
  const one2 = round4 ? "Rnd" : "Row";
  const words = rows2.map((row, i) => printRow(i === 0 ? withSkippedSaid({ rows: rows2 }) : row.nodes, { round: round4 }));
  const end = work2 === "tunisian" ? "; return." : ".";
  const [first, last] = [rows2[repeat2.first].n ?? repeat2.first + 1, rows2[repeat2.last].n ?? repeat2.last + 1];
  return [
    ...work2 === "tunisian" ? [["Tunisian: each row is a forward and a return pass; the right side always faces you."]] : [],
    ...[...specials.values()].map((special) => [`Special stitch: ${special.name} = ${special.words}`]),
    ...rows2.map(({ n, side }, i) => [`${one2} ${n ?? i + 1} (${side}): ${words[i]}${end}`]),
    [
      first === last ? `Repeat ${one2.toLowerCase()} ${first}.` : `Repeat ${one2.toLowerCase()}s ${first} ${last === first + 1 ? "and" : "to"} ${last}.`
    ]
  ];
}
function stitchSections(fabric2, sizes2) {
  const of = fabricStitches(fabric2);
  const section = (heading, id, lines2) => ({
    id: `fabric-${fabric2.id}${id}`,
    heading: `Stitch pattern: ${heading}`,
    lines: lines2
  });
  if (of.is === "plain") return [];
  if (of.is === "unknown")
    return fabric2.pattern?.length ? [
      section(fabric2.name, "", [
        ruleLine(fabric2.rule.flat),
        ...fabric2.pattern.map((text2) => [text2])
      ])
    ] : [];
  const { used: used2, round: round4 } = stitchWays(fabric2, of, sizes2);
  if (!used2) return [];
  return [
    section(fabric2.name, "", [ruleLine(of.proof.base), ...edgeLine(fabric2), ...patternLines(of.text)]),
    ...round4?.text ? [
      section(`${fabric2.name} in the round`, "-round", [
        ruleLine(round4.base),
        ...patternLines(round4.text)
      ])
    ] : []
  ];
}
function edgeLine({ edgeStitches = 0, ...fabric2 }) {
  if (edgeStitches === 0) return [];
  return [
    [
      `Keep ${countOf(edgeStitches, "st")} at each edge of pieces worked in rows in plain ${stitchOf(fabric2)}, outside the repeats.`
    ]
  ];
}
function stitchWays({ id }, { text: text2, proof }, sizes2) {
  const pieces = sizes2.flatMap(
    (size2) => size2.pieces.filter(({ sections }) => sections.some(({ fabric: fabric2 }) => fabric2 === id))
  );
  const way = pieces.flatMap(
    ({ passages }) => passages.flatMap((passage) => "round" in passage && passage.round ? [passage.round] : [])
  )[0];
  return {
    used: pieces.length > 0,
    round: way === void 0 ? null : roundVersion(text2, proof, way === "turned" ? "turned" : "joined")
  };
}

// packages/core/src/write/text.ts
function lineToText(parts, labels, style = USUAL_STYLE) {
  return parts.map((part) => {
    if (typeof part === "string") return part;
    if ("each" in part) return sizesInHouse(part.each, style);
    if ("head" in part) return tableToText(part, labels);
    return part.lists.map((text2, size2) => `
- ${labels[size2]}: ${text2}`).join("");
  }).join("");
}
function tableToText({ head, rows: rows2 }, labels) {
  const row = (cells) => `
| ${cells.join(" | ")} |`;
  return [
    row([head, ...labels]),
    row(["---", ...labels.map(() => "--:")]),
    ...rows2.map(({ label, each: each2 }) => row([label, ...each2]))
  ].join("");
}
function usTextOf(parts) {
  return parts.map((part) => {
    if (typeof part === "string") return part;
    if ("head" in part) return [part.head, ...part.rows.map(({ label }) => label)].join(" ");
    return "lists" in part ? part.lists.join(" ") : " ";
  }).join("");
}

// packages/core/src/write/pattern.ts
function pattern2(plan2, design2, wish2) {
  const wanted = wish2.size === void 0 ? plan2.sizes : plan2.sizes.filter(({ id }) => id === wish2.size);
  if (wanted.length === 0)
    throw new RangeError(
      `there is no size ${wish2.size}; the sizes are ${plan2.sizes.map(({ id }) => id).join(", ")}`
    );
  const sizes2 = wanted.filter(({ pieces: pieces2 }) => pieces2.length > 0);
  const fabrics = new Map(design2.fabrics.map((fabric2) => [fabric2.id, fabric2]));
  const used2 = [
    ...new Set(
      sizes2.flatMap(({ pieces: pieces2 }) => pieces2.flatMap(({ sections: sections2 }) => sections2.map(({ fabric: fabric2 }) => fabric2)))
    )
  ].map((id) => fabrics.get(id));
  const style = { ...USUAL_STYLE, ...wish2.style, ...design2.words?.style };
  const pieces = pieceSections(sizes2, fabrics, design2, { units: wish2.units, style });
  const stitchPatterns = used2.flatMap((fabric2) => stitchSections(fabric2, sizes2));
  const about = aboutLines(sizes2, design2, used2, wish2.units);
  const front2 = [
    {
      id: "intro",
      heading: "About",
      lines: about,
      ...design2.words?.intro ? { own: [{ text: design2.words.intro, line: 0, at: null }] } : {}
    },
    { id: "sizes", heading: "Sizes", lines: sizeLines(sizes2, wish2.units) },
    { id: "materials", heading: "You need", lines: materialLines(sizes2, used2, design2) },
    { id: "gauge", heading: "Gauge", lines: used2.flatMap((fabric2) => gaugeLines(fabric2, wish2.units)) }
  ];
  const joining = {
    id: "joining",
    heading: "Joining",
    lines: joiningLines(sizes2, design2, wish2.units)
  };
  const longTails = tailsTable(sizes2, design2, wish2.units);
  const cautions = sizes2.flatMap(({ notes: notes2 }) => notes2).find(({ code }) => code === "child-safety");
  const back2 = [
    ...sizes2.length > 0 ? [
      joining,
      ...longTails.length > 0 ? [{ id: "tails", heading: "Long tails", lines: longTails }] : [],
      { id: "care", heading: "Care", lines: careLines(design2) }
    ] : [],
    ...cautions ? [{ id: "cautions", heading: "For the youngest", lines: [[cautions.message.join("")]] }] : []
  ];
  const usText = [...stitchPatterns, ...pieces, joining].flatMap(({ lines: lines2 }) => lines2.map(usTextOf)).join("\n").replace(/\bCh\b/g, "ch");
  const kinds = kindsIn(usText);
  const key = keyLines(kinds, wish2.terms);
  const words = [
    { id: "key", heading: "Stitch key", ...key },
    {
      id: "abbreviations",
      heading: "Abbreviations",
      lines: abbreviations(usText, wish2.terms, kinds).map((text2) => [text2])
    }
  ];
  const methods = new Set(
    sizes2.slice(0, 1).flatMap((size2) => seamsOf(size2, design2).map(({ method }) => method))
  );
  const techniques = techniqueLines({ usText, methods });
  const notes = [
    { id: "reading", heading: "Notes", lines: readingLines(sizes2, used2, style) }
  ];
  const appendix = techniques.lines.length > 0 ? [{ id: "techniques", heading: "Techniques", ...techniques }] : [];
  const inWish = (section) => ({
    ...section,
    heading: inTerms(section.heading, wish2.terms),
    lines: section.lines.map((parts) => parts.map((part) => partInTerms(part, wish2.terms)))
  });
  const sections = [
    ...front2.map(inWish),
    ...words,
    ...[...stitchPatterns, ...notes, ...pieces, ...back2, ...appendix].map(inWish)
  ];
  const ids = new Set(sections.map(({ id }) => id));
  return {
    title: design2.name,
    sizes: sizes2.map(({ label }) => label),
    sizeIds: sizes2.map(({ id }) => id),
    style,
    sections: sections.map((section) => withSentences(section, ids, design2))
  };
}
function withSentences(section, ids, { words }) {
  const own = (words?.sentences ?? []).flatMap(({ section: of, text: text2, line: line2, after }, at) => {
    const sentence = { text: text2, line: line2 ?? null, at, ...after === void 0 ? {} : { after } };
    if (of === section.id) return [sentence];
    return section.id === "reading" && !ids.has(of) ? [{ text: text2, line: null, at, astray: true }] : [];
  });
  return own.length > 0 ? { ...section, own: [...section.own ?? [], ...own] } : section;
}
function partInTerms(part, terms) {
  if (typeof part === "string") return inTerms(part, terms);
  if ("head" in part)
    return {
      head: inTerms(part.head, terms),
      rows: part.rows.map((row) => ({ ...row, label: inTerms(row.label, terms) }))
    };
  return "each" in part ? part : { lists: part.lists.map((text2) => inTerms(text2, terms)) };
}
var PANELS2 = ["back", "front", "open front", "half", "back and front"];
function pieceSections(sizes2, fabrics, design2, wish2) {
  const labels = sizes2.map(({ label }) => label);
  const panels2 = /* @__PURE__ */ new Map();
  return (sizes2[0]?.pieces ?? []).map(({ id, label, copies, role, side }) => {
    const group2 = sizes2.map((size2) => ({ size: size2, piece: size2.pieces.find((other) => other.id === id) }));
    const text2 = writePiece(
      group2.map(({ piece }) => piece),
      labels,
      fabrics,
      wish2
    );
    const isPanel = PANELS2.includes(role);
    const lines2 = [
      ...tailLines(group2[0].piece, sizes2, design2),
      ...pieceLines(text2, isPanel ? panels2 : /* @__PURE__ */ new Map(), side !== void 0),
      ...buttonholeLines(group2, design2)
    ];
    if (isPanel) panels2.set(label.toLowerCase(), text2);
    return {
      id,
      heading: `${label}${copies > 1 ? ` (make ${copies})` : ""}`,
      lines: lines2.map((one2) => inHouse(one2, wish2.style))
    };
  });
}

// packages/core/src/write/tables.ts
function lengthsRow(lengths, units) {
  return lengths.map((cm2) => cm2 === null ? NONE4 : printedLength(cm2, units));
}

// packages/core/src/write/charts.ts
var WIDE3 = 18;
function patternCharts(fabrics, sizes2, terms) {
  const drawn2 = (chart, title) => chartSvg(chart, title, stitchKey(chart.kinds, terms));
  return fabrics.flatMap((fabric2) => {
    const of = fabricStitches(fabric2);
    if (of.is !== "rows") return [];
    const repeats = Math.max(1, Math.min(4, Math.round(WIDE3 / of.proof.base.multiple)));
    const { used: used2, round: round4 } = stitchWays(fabric2, of, sizes2);
    if (!used2) return [];
    const flat = {
      section: `fabric-${fabric2.id}`,
      title: `Chart of ${fabric2.name}`,
      svg: drawn2(stitchChart(of.text, of.proof, { repeats }), `Chart of ${fabric2.name}`)
    };
    if (!round4?.text) return [flat];
    const title = `Chart of ${fabric2.name} in the round`;
    const ends2 = { base: round4.base, chains: round4.base };
    return [
      flat,
      {
        section: `fabric-${fabric2.id}-round`,
        title,
        svg: drawn2(stitchChart(round4.text, ends2, { repeats }), title)
      }
    ];
  });
}

// packages/core/src/write/strips.ts
var TALLEST = 64;
var STRIP = 112;
var THINNEST = 1.2;
var COUNT_ROOM = 22;
function stripsSvg(pieces, width) {
  const most = Math.max(1, ...pieces.flatMap(({ runs: runs2 }) => runs2.map(({ row }) => row.count)));
  const strips = pieces.map(({ label, copies, runs: runs2 }, at) => {
    const rows2 = rowsOf(runs2);
    const step = Math.max(THINNEST, Math.min(18, (width - 40) / rows2.length));
    const base = at * STRIP + 24 + TALLEST;
    const before = /* @__PURE__ */ new Map();
    let free = -Infinity;
    const bars = rows2.map(({ part, n, count }, i) => {
      const shaped2 = before.has(part) && before.get(part) !== count;
      before.set(part, count);
      const x = round3(10 + i * step);
      const tall = round3(count / most * TALLEST);
      const labelled = (shaped2 || i === 0 || i === rows2.length - 1) && x >= free;
      if (labelled) free = x + COUNT_ROOM;
      const bar = `<rect x="${x}" y="${round3(base - tall)}" width="${round3(Math.max(1, step - (step > 3 ? 1 : 0)))}" height="${tall}" fill="${shaped2 ? "#20303a" : "#d9ccb0"}" data-row="${n}" data-count="${count}"/>`;
      return labelled ? `${bar}<text x="${round3(x + step / 2)}" y="${round3(base - tall - 3)}" text-anchor="middle">${count}</text>` : bar;
    });
    const name2 = `<text x="10" y="${at * STRIP + 12}" font-weight="600">${escapeXml(`${label}${copies > 1 ? ` \xD7 ${copies}` : ""}`)}, ${countOf(rows2.length, "row")}</text>`;
    const ends2 = `<text x="10" y="${base + 13}">row ${rows2[0].n}</text><text x="${round3(10 + rows2.length * step)}" y="${base + 13}" text-anchor="end">row ${rows2.at(-1).n}</text>`;
    return name2 + bars.join("") + (rows2.length * step > 90 ? ends2 : "");
  });
  const height = pieces.length * STRIP;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="10" fill="#26231f">${strips.join("")}</svg>`;
}

// apps/web/src/pattern/lead.ts
var LEAD = /^((?:Row|Rnd|ROW|RND)s?(?: [\d–][^,:]*)?(?: \((?:RS|WS)\))?(?=[,: ])|(?:Increase|Decrease|Shaping) (?:row|rnd)(?=:)|\d+\. [^:]+(?=:)|[^:.“]{2,40}(?=: ))([^]*)$/;
function leadOf(text2) {
  const [, lead, rest] = LEAD.exec(text2) ?? [];
  return lead === void 0 ? ["", text2] : [lead, rest];
}

// apps/web/src/pattern/documents.ts
var KEPT_TOGETHER = 24;
var MARGIN = 54;
var WIDTHS = { A4: 595, LETTER: 612 };
var USUAL_SIZE = 10;
var LARGE_SIZE = 15;
var PICTURE = 170;
var FIRST = ["intro"];
var LEFT = ["materials", "gauge"];
var RIGHT = ["key", "abbreviations"];
function printedPattern(text2, schematic, { units, paper, large: large2 = false, picture }) {
  const size2 = large2 ? LARGE_SIZE : USUAL_SIZE;
  const width = WIDTHS[paper] - 2 * MARGIN;
  const of = (ids) => text2.sections.filter(({ id }) => ids.includes(id));
  const printed = (section) => sectionOf(section, text2, schematic, width);
  const onFirst = [...FIRST, "sizes", ...LEFT, ...RIGHT];
  const title = { text: text2.title, style: "title", headlineLevel: 1, outline: true };
  const about = of(FIRST).flatMap(
    ({ lines: lines2, own = [] }) => flowOf({ id: "", heading: "", lines: lines2, own }).map((line2) => lineOf(line2, text2))
  );
  const beside = picture ? { columns: [{ width: "*", stack: [title, ...about] }, pictureOf(picture, text2.title)], columnGap: 24 } : { stack: [title, ...about] };
  const lists = (ids) => ({ width: "*", stack: of(ids).flatMap(printed) });
  return {
    pageSize: paper,
    pageMargins: [MARGIN, MARGIN, MARGIN, 60],
    info: { title: text2.title, creator: "Upfell", producer: "Upfell" },
    // What a screen reader says of the document.
    language: "en",
    displayTitle: true,
    content: [
      beside,
      ...of(["sizes"]).flatMap(printed),
      // In large print two columns would be too narrow.
      ...large2 ? of([...LEFT, ...RIGHT]).flatMap(printed) : [{ columns: [lists(LEFT), lists(RIGHT)], columnGap: 24 }],
      ...drawingOf(schematic, units, width),
      ...text2.sections.filter(({ id }) => !onFirst.includes(id)).flatMap(printed)
    ],
    header: (page) => page === 1 ? "" : {
      text: text2.title,
      alignment: "right",
      fontSize: 8.5,
      color: "#52606a",
      margin: [MARGIN, 26, MARGIN, 0]
    },
    footer: (page, pages) => ({
      columns: [
        { text: text2.title, width: "*" },
        { text: `${page} of ${pages}`, width: "auto" }
      ],
      fontSize: 8.5,
      color: "#52606a",
      margin: [MARGIN, 22, MARGIN, 0]
    }),
    // A heading is not left alone at the foot of a page.
    pageBreakBefore: (node, { getFollowingNodesOnPage }) => node.headlineLevel === 2 && getFollowingNodesOnPage().length === 0,
    defaultStyle: { font: "Atkinson", fontSize: size2, lineHeight: 1.25, color: "#1f2a30" },
    styles: {
      title: { font: "Vollkorn", fontSize: size2 * 2.4, bold: true, lineHeight: 1.05, margin: [0, 0, 0, 8] },
      heading: { font: "Vollkorn", fontSize: size2 * 1.5, bold: true, margin: [0, 12, 0, 4] },
      aside: { font: "Atkinson", fontSize: size2, bold: false, color: "#52606a" },
      line: { margin: [0, 0, 0, 2.5] },
      own: { italics: true, margin: [0, 0, 0, 2.5] }
    }
  };
}
function sectionOf(section, text2, { charts }, width) {
  const [, name2, aside] = /^(.+?)( \(.+\))?$/.exec(section.heading);
  const heading = {
    text: [name2, ...aside ? [{ text: ` ${aside.trim()}`, style: "aside" }] : []],
    style: "heading",
    headlineLevel: 2,
    outline: true,
    outlineText: section.heading
  };
  const lines2 = flowOf(section).map((line2) => {
    const drawing = isOwn(line2) ? void 0 : section.drawings?.find((one2) => section.lines[one2.line] === line2);
    if (!drawing) return lineOf(line2, text2);
    const small = Number(/ width="([\d.]+)"/.exec(drawing.svg)?.[1]) < 40;
    return {
      unbreakable: true,
      columns: [
        { svg: drawing.svg, width: small ? 13 : 110, alignment: "center" },
        { ...lineOf(line2, text2), width: "*" }
      ],
      columnGap: 10,
      margin: [0, 0, 0, small ? 0 : 4]
    };
  });
  return [
    heading,
    ...lines2,
    ...charts.filter((chart) => chart.section === section.id).map((chart) => chartOf(chart, width))
  ];
}
function lineOf(line2, text2) {
  if (isOwn(line2)) return { text: line2.text, style: "own" };
  const isBelow = (part) => typeof part !== "string" && !("each" in part);
  const below = line2.filter(isBelow);
  const said2 = lineToText(
    line2.filter((part) => !isBelow(part)),
    text2.sizes,
    text2.style
  );
  const [lead, rest] = leadOf(said2);
  const words = { text: lead ? [{ text: lead, bold: true }, rest] : rest, style: "line" };
  if (below.length === 0) return words;
  const rows2 = below.reduce(
    (sum2, part) => sum2 + (typeof part !== "string" && "head" in part ? part.rows.length + 1 : 1),
    1
  );
  return {
    unbreakable: rows2 <= KEPT_TOGETHER,
    stack: [
      ...said2 === "" ? [] : [words],
      ...below.map(
        (part) => typeof part !== "string" && "head" in part ? sizesTable(part, text2.sizes) : { ul: text2.sizes.map((label, i) => ({ text: `${label}: ${inSize(part, i)}`, style: "line" })) }
      )
    ]
  };
}
var LINES = {
  hLineWidth: (i, node) => i === 0 || i === node.table.body.length ? 0 : 0.5,
  vLineWidth: () => 0,
  hLineColor: () => "#b8ad97",
  paddingTop: () => 1.5,
  paddingBottom: () => 1.5,
  paddingLeft: (i) => i === 0 ? 0 : 4,
  paddingRight: () => 0
};
function sizesTable({ head, rows: rows2 }, labels) {
  const right = (text2) => ({ text: text2, alignment: "right" });
  return {
    margin: [0, 1, 0, 7],
    fontSize: labels.length > 6 ? 8.5 : 9.5,
    layout: LINES,
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: ["*", ...labels.map(() => "auto")],
      body: [
        [{ text: head, color: "#52606a" }, ...labels.map((label) => ({ ...right(label), bold: true }))],
        ...rows2.map(({ label, each: each2 }) => [label, ...each2.map(right)])
      ]
    }
  };
}
function pictureOf(picture, title) {
  return "photo" in picture ? { image: picture.photo, fit: [PICTURE, PICTURE * 1.3], width: PICTURE, alt: title } : { svg: picture.svg, width: PICTURE };
}
function chartOf({ svg: svg2, title }, width) {
  const own = Number(/ width="([\d.]+)"/.exec(svg2)?.[1] ?? width);
  return {
    unbreakable: true,
    margin: [0, 4, 0, 4],
    stack: [
      { text: title, style: "line", italics: true },
      { svg: svg2, width: Math.min(width, own * 0.85) }
    ]
  };
}
function drawn(heading, svg2, width) {
  return {
    unbreakable: true,
    stack: [{ text: heading, style: "heading", headlineLevel: 2, outline: true }, { svg: svg2, width }]
  };
}
function drawingOf({ svg: svg2, strips, letters: letters2, sizes: sizes2 }, units, width) {
  const table = (rows2) => ({
    unbreakable: rows2.length <= KEPT_TOGETHER,
    margin: [0, 6, 0, 6],
    fontSize: 8.5,
    layout: LINES,
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: [16, "*", ...sizes2.map(() => "auto")],
      body: [
        [
          "",
          { text: `in ${units}` },
          ...sizes2.map((label) => ({ text: label, bold: true, alignment: "right" }))
        ],
        ...rows2.map(({ letter, piece, label, lengths }) => [
          { text: letter, bold: true },
          `${piece}: ${label}`,
          ...lengthsRow(lengths, units).map((text2) => ({ text: text2, alignment: "right" }))
        ])
      ]
    }
  });
  const parts = [];
  for (let i = 0; i < letters2.length; i += KEPT_TOGETHER) parts.push(letters2.slice(i, i + KEPT_TOGETHER));
  return [drawn("Schematic", svg2, width), ...parts.map(table), drawn("Rows and stitches", strips, width)];
}

// apps/web/src/pattern/picture.ts
function sketchPicture({ garment }) {
  const { outlines: outlines2, inner = [] } = constructionOf(garment.construction).sketch;
  const path = (d, look) => `<path d="${d}" ${look}/>`;
  return {
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 96" width="120" height="96">${outlines2.map((d) => path(d, 'fill="#efe6d1" stroke="#20303a" stroke-width="1" stroke-linejoin="round"')).join("")}${inner.map((d) => path(d, 'fill="none" stroke="#20303a" stroke-width="0.8" stroke-dasharray="2 2"')).join("")}</svg>`
  };
}

// ../../tmp/s/pdfdoc.ts
var [, , name, size, large] = process.argv;
var read = readDesign(JSON.parse(readFileSync(`/work/main/demo/${name}.upfell.json`, "utf8")));
var design = read.design;
var { sizes } = plan(design);
var wish = { terms: "us", units: design.units, ...size && size !== "all" ? { size } : {} };
var text = pattern2({ sizes }, design, wish);
var used = sizes.filter((s) => !wish.size || s.id === wish.size);
var drawings = used.map(({ pieces }) => pieces.map(schematicOf));
var letters = letterTable(drawings);
var svg = schematicSvg(drawings[0], { width: 740, units: "cm", letters: new Map(letters.map(({ id, letter }) => [id, letter])) });
var f = "/work/main/node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-";
var v = "/work/main/node_modules/@fontsource/vollkorn/files/vollkorn-latin-600-normal.woff";
var maker = pdfmake;
maker.setLocalAccessPolicy(() => true);
maker.setUrlAccessPolicy(() => false);
maker.addFonts({ Atkinson: { normal: f + "400-normal.woff", bold: f + "700-normal.woff", italics: f + "400-italic.woff", bolditalics: f + "700-normal.woff" }, Vollkorn: { normal: v, bold: v, italics: v, bolditalics: v } });
var made = maker.createPdf(printedPattern(text, { svg, strips: stripsSvg(used[0].pieces, 740), letters: used.length > 1 ? letters : [], sizes: used.map((s) => s.label), charts: patternCharts(design.fabrics, used, "us") }, { units: "cm", paper: "A4", large: large === "large", picture: sketchPicture(design) }));
writeFileSync("/tmp/p.pdf", await made.getBuffer());
