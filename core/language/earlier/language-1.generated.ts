// Made by npm run freeze -- 1 from 5047ab96486e; never changed afterwards.
// @ts-nocheck
var graphemes = new Intl.Segmenter(void 0, { granularity: "grapheme" });
function cut(text, most) {
  return text.length <= most ? text : text.slice(0, graphemes.segment(text).containing(most)?.index ?? most);
}

var NOTATION_LIMITS = { characters: 2e4, times: 1e3, depth: 12, metres: 10, turn: 720, name: 40, errors: 50 };
var METRES_OF = { cm: 0.01, m: 1, in: 0.0254, ft: 0.3048 };

var ahead = { way: "bearing", usual: 0 }, toASide = { way: "turn", usual: null }, inPlace = { way: "none", usual: null, size: "none" }, MOVES = {
  "square up": { family: "set", example: "square up", ...inPlace, foot: !1 },
  "other lead": { family: "set", example: "other lead", ...inPlace, foot: !1 },
  hold: { family: "set", example: "hold 1 s", ...inPlace, foot: !1 },
  split: {
    family: "load",
    example: "split",
    ...ahead,
    size: "aside",
    foot: !0
  },
  bounce: {
    family: "load",
    example: "bounce 4",
    ...inPlace,
    foot: !1
  },
  "heel raise": { family: "load", example: "heel raise 3", ...inPlace, foot: !1 },
  "weight shift": { family: "load", example: "weight shift right foot", ...inPlace, foot: !0 },
  "preload hop": { family: "load", example: "preload hop", ...inPlace, foot: !1 },
  advance: {
    family: "gather",
    example: "advance 20 cm",
    ...ahead,
    fixed: !0,
    size: "step",
    foot: !0
  },
  retreat: {
    family: "gather",
    example: "retreat 20 cm",
    way: "bearing",
    usual: 180,
    fixed: !0,
    size: "step",
    foot: !0
  },
  shuffle: {
    family: "gather",
    example: "shuffle right 30 cm",
    way: "bearing",
    usual: null,
    size: "step",
    foot: !0
  },
  "half step": {
    family: "gather",
    example: "half step ahead 30 cm right foot",
    ...ahead,
    size: "step",
    foot: !0
  },
  chass\u00E9: {
    family: "gather",
    example: "chass\xE9 right 50 cm",
    way: "bearing",
    usual: null,
    size: "step",
    foot: !1
  },
  gallop: {
    family: "gather",
    example: "gallop left 50 cm",
    way: "bearing",
    usual: null,
    size: "step",
    foot: !1
  },
  pendulum: {
    family: "gather",
    example: "pendulum ahead",
    ...ahead,
    size: "step",
    foot: !1
  },
  pass: {
    family: "pass",
    example: "pass ahead",
    ...ahead,
    size: "step",
    foot: !0
  },
  shift: { family: "pass", example: "shift", ...ahead, fixed: !0, size: "step", foot: !0 },
  "back step": {
    family: "pass",
    example: "back step",
    way: "bearing",
    usual: 180,
    fixed: !0,
    size: "step",
    foot: !0
  },
  run: {
    family: "pass",
    example: "run right 60 cm 3",
    ...ahead,
    size: "step",
    foot: !0
  },
  crossover: {
    family: "pass",
    example: "crossover right 60 cm",
    way: "bearing",
    usual: null,
    size: "step",
    foot: !0
  },
  "cross behind": {
    family: "pass",
    example: "cross behind right 60 cm",
    way: "bearing",
    usual: null,
    size: "step",
    foot: !0
  },
  "drop step": {
    family: "pass",
    example: "drop step right",
    ...toASide,
    usual: 45,
    size: "step",
    foot: !1
  },
  pivot: {
    family: "turn",
    example: "pivot lead foot right 90\xB0",
    ...toASide,
    usual: 90,
    size: "none",
    foot: !0
  },
  quarter: {
    family: "turn",
    example: "quarter right",
    ...toASide,
    usual: 90,
    size: "none",
    foot: !1
  },
  "step-out quarter": {
    family: "turn",
    example: "step-out quarter right",
    ...toASide,
    usual: 90,
    size: "step",
    foot: !1
  },
  "slip-side quarter": {
    family: "turn",
    example: "slip-side quarter left",
    ...toASide,
    usual: 90,
    size: "none",
    foot: !1
  },
  cut: {
    family: "turn",
    example: "cut right 50 cm",
    ...toASide,
    usual: 45,
    size: "step",
    foot: !0
  },
  "side step and turn": {
    family: "turn",
    example: "side step and turn left 60 cm",
    ...toASide,
    usual: 90,
    size: "step",
    foot: !1
  },
  orbit: {
    family: "turn",
    example: "orbit right 30\xB0",
    ...toASide,
    usual: 30,
    size: "step",
    foot: !1
  },
  face: {
    family: "turn",
    example: "face right",
    ...toASide,
    usual: 90,
    size: "none",
    foot: !0
  },
  switch: {
    family: "turn",
    example: "switch",
    ...ahead,
    size: "aside",
    foot: !1
  },
  lunge: { family: "reach", example: "lunge ahead 90 cm", ...ahead, size: "lunge", foot: !0 },
  recover: {
    family: "reach",
    example: "recover back",
    way: "bearing",
    usual: 180,
    size: "none",
    foot: !1
  },
  "step-lunge": {
    family: "reach",
    example: "step-lunge ahead",
    ...ahead,
    size: "lunge",
    foot: !0
  },
  "jump-lunge": {
    family: "reach",
    example: "jump-lunge ahead",
    ...ahead,
    size: "lunge",
    foot: !0
  },
  "running attack": {
    family: "reach",
    example: "running attack ahead",
    ...ahead,
    size: "lunge",
    foot: !1
  },
  "reaching step": {
    family: "reach",
    example: "reaching step right",
    way: "bearing",
    usual: null,
    size: "lunge",
    foot: !0
  },
  "step in": {
    family: "reach",
    example: "step in ahead 40 cm",
    ...ahead,
    size: "step",
    foot: !0
  },
  "pull back": {
    family: "reach",
    example: "pull back",
    ...inPlace,
    foot: !1
  },
  jump: { family: "air", example: "jump ahead 30 cm", ...ahead, size: "aside", foot: !1 },
  "scissor jump": {
    family: "air",
    example: "scissor jump left 90\xB0",
    ...toASide,
    usual: 0,
    size: "none",
    foot: !1
  },
  "block jump": {
    family: "air",
    example: "block jump right 40 cm",
    way: "bearing",
    usual: null,
    size: "step",
    foot: !1
  },
  "side jump": {
    family: "air",
    example: "side jump back right 60 cm",
    way: "bearing",
    usual: null,
    size: "step",
    foot: !1
  },
  hit: { family: "hand", example: "hit", ...inPlace, foot: !1 },
  "guard check": { family: "hand", example: "guard check", ...inPlace, foot: !1 }
}, MOVE_WORDS = Object.keys(MOVES), ruleOf = (word) => MOVES[word];

var ENGLISH = {
  moves: {
    "square up": ["square up", "ready", "stance"],
    "other lead": ["other lead", "other-lead"],
    hold: ["hold"],
    split: ["split"],
    bounce: ["bounce"],
    "heel raise": ["heel raise"],
    "weight shift": ["weight shift"],
    "preload hop": ["preload hop"],
    advance: ["advance"],
    retreat: ["retreat"],
    shuffle: ["shuffle"],
    "half step": ["half step"],
    chass\u00E9: ["chass\xE9", "chasse"],
    gallop: ["gallop"],
    pendulum: ["pendulum"],
    pass: ["pass"],
    shift: ["shift"],
    "back step": ["back step"],
    run: ["run"],
    crossover: ["crossover"],
    "cross behind": ["cross behind"],
    "drop step": ["drop step"],
    pivot: ["pivot"],
    quarter: ["quarter"],
    "step-out quarter": ["step-out quarter", "step out quarter"],
    "slip-side quarter": ["slip-side quarter", "slip side quarter"],
    cut: ["cut"],
    "side step and turn": ["side step and turn"],
    orbit: ["orbit"],
    face: ["face"],
    switch: ["switch"],
    lunge: ["lunge"],
    recover: ["recover"],
    "step-lunge": ["step-lunge", "step lunge"],
    "jump-lunge": ["jump-lunge", "jump lunge"],
    "running attack": ["running attack"],
    "reaching step": ["reaching step"],
    "step in": ["step in", "step-in"],
    "pull back": ["pull back", "pull-back"],
    jump: ["jump"],
    "scissor jump": ["scissor jump"],
    "block jump": ["block jump"],
    "side jump": ["side jump"],
    hit: ["hit"],
    "guard check": ["guard check"]
  },
  events: {
    "ball hit": ["ball hit"],
    "ball released": ["ball released"],
    call: ["call"],
    "opponent steps in": ["opponent steps in"],
    "opponent stops": ["opponent stops"],
    "opponent leaves": ["opponent leaves"]
  },
  things: {
    place: ["place"],
    cone: ["cone"],
    line: ["line"],
    ladder: ["ladder"],
    bag: ["bag"],
    wall: ["wall"],
    net: ["net"],
    feeder: ["feeder"],
    partner: ["partner", "opponent"]
  },
  feet: {
    lead: ["lead"],
    rear: ["rear"],
    near: ["near"],
    far: ["far"],
    playing: ["playing"],
    other: ["other"],
    outside: ["outside"],
    inside: ["inside"]
  },
  directions: { ahead: ["ahead"], right: ["right"], back: ["back"], left: ["left"] },
  sizes: { small: ["small"], even: ["even"], big: ["big"] },
  tempos: { slow: ["slow"], quick: ["quick"] },
  styles: { drop: ["drop"], "low hop": ["low hop"], "high hop": ["high hop"], several: ["several"] },
  units: { cm: ["cm"], m: ["m"], in: ["in", "inch", "inches"], ft: ["ft", "feet"], shoe: ["shoe", "shoes"] },
  keys: {
    foot: ["foot"],
    first: ["first"],
    in: ["in"],
    ms: ["ms"],
    seconds: ["s"],
    beats: ["beats", "beat"],
    degrees: ["degrees", "deg"],
    times: ["times"],
    x: ["x"],
    twice: ["twice"],
    step: ["step"],
    then: ["then"],
    to: ["to"],
    short: ["short"],
    at: ["at"],
    every: ["every"],
    each: ["each"],
    side: ["side"],
    mirrored: ["mirrored"],
    doing: ["doing"],
    on: ["on"],
    after: ["after"],
    before: ["before"],
    with: ["with"],
    start: ["start"],
    landing: ["landing"],
    home: ["home"],
    intended: ["intended"]
  },
  beatOf: "beat of"
};

function printPattern(parsed, vocabulary = ENGLISH) {
  let line = (items) => print(items, vocabulary);
  return [
    ...parsed.things.map((thing) => printThing(thing, vocabulary)),
    ...parsed.definitions.map((one) => `${one.name} = ${line(one.items)}`),
    ...parsed.intended.length > 0 ? [joined(vocabulary.keys.intended[0], ...parsed.intended.map((one) => one.code))] : [],
    ...parsed.items.length > 0 ? [line(parsed.items)] : []
  ].join(`
`);
}
function print(items, vocabulary = ENGLISH) {
  return items.map((item) => printItem(item, vocabulary)).join(", ");
}
function printItem(item, vocabulary) {
  let { keys } = vocabulary;
  switch (item.kind) {
    case "group":
      return joined(`(${item.branches.map((branch) => print(branch, vocabulary)).join(" | ")})`, ...printRepeated(item, vocabulary));
    case "call":
      return joined(
        item.name,
        item.scale === 1 ? "" : `${item.scale}\xD7`,
        printTempo(item.tempo, vocabulary),
        ...printRepeated(item, vocabulary)
      );
    case "event":
      return printHappening(item, vocabulary);
    case "step":
      return joined(
        printAct(item.act, vocabulary),
        printTempo(item.act.word === "hold" ? null : item.tempo, vocabulary),
        item.then ? `${keys.then[0]} ${printTempo(item.then, vocabulary)}` : "",
        ...printRepeated(item, vocabulary),
        ...item.hands.map((tied) => printTied(tied, vocabulary))
      );
  }
}
var joined = (...parts) => parts.filter((part) => part !== "").join(" ");
function printRepeated(item, { keys, feet }) {
  let [other] = item.each === "lead" ? feet.lead : keys.side;
  return [
    item.times === 1 ? "" : `${item.times} ${keys.times[0]}`,
    item.each ? `${keys.each[0]} ${other}` : "",
    item.mirrored ? keys.mirrored[0] : ""
  ];
}
function printHappening(item, { events, keys }) {
  let time = (word, seconds) => seconds === null ? "" : `${word} ${seconds} ${keys.seconds[0]}`;
  return joined(
    events[item.event][0],
    item.name === null ? "" : `"${item.name}"`,
    time(keys.at[0], item.at),
    time(keys.every[0], item.every)
  );
}
function printThing(thing, vocabulary) {
  let { directions, keys } = vocabulary, place = (size, plus, minus) => size === null ? "" : `${printSize({ ...size, value: Math.abs(size.value) }, vocabulary)} ${directions[size.value < 0 ? minus : plus][0]}`, at = joined(place(thing.right, "right", "left"), place(thing.ahead, "ahead", "back"));
  return joined(
    vocabulary.things[thing.thing][0],
    thing.name === null ? "" : `"${thing.name}"`,
    at === "" ? "" : `${keys.at[0]} ${at}`,
    thing.doing ? `${keys.doing[0]} (${print(thing.doing, vocabulary)})` : ""
  );
}
function printAct(act, vocabulary = ENGLISH) {
  if (act.word === "hit" && act.name !== null) return `"${act.name}"`;
  let { directions, keys } = vocabulary;
  return joined(
    vocabulary.moves[act.word][0],
    act.bearing === null ? "" : bearingWords(act.bearing, vocabulary),
    act.turn === null ? "" : `${directions[act.turn < 0 ? "left" : "right"][0]} ${Math.abs(act.turn)}\xB0`,
    act.style === null ? "" : vocabulary.styles[act.style][0],
    printSize(act.size, vocabulary),
    act.second ? `${keys.then[0]} ${printSize(act.second, vocabulary)}` : "",
    act.foot ? `${act.foot === "left" || act.foot === "right" ? directions[act.foot][0] : vocabulary.feet[act.foot][0]} ${keys.foot[0]}` : "",
    act.seconds === null ? "" : `${act.seconds} ${keys.seconds[0]}`,
    act.aim ? printAim(act.aim, vocabulary) : "",
    act.short ? `${keys.short[0]} ${printSize(act.short, vocabulary)}` : ""
  );
}
function printAim({ thing, name }, { keys, things }) {
  let [what] = thing === null ? [""] : thing === "home" ? keys.home : things[thing];
  return joined(keys.to[0], what, name === null ? "" : `"${name}"`);
}
var PLAIN = {
  0: ["ahead"],
  90: ["right"],
  180: ["back"],
  "-180": ["back"],
  "-90": ["left"],
  45: ["ahead", "right"],
  "-45": ["ahead", "left"],
  135: ["back", "right"],
  "-135": ["back", "left"]
};
function bearingWords(bearing, { directions } = ENGLISH) {
  let plain = PLAIN[bearing];
  return plain ? plain.map((direction) => directions[direction][0]).join(" ") : `${Math.abs(bearing)}\xB0 ${directions[bearing < 0 ? "left" : "right"][0]}`;
}
function printSize(size, { sizes, units }) {
  if (size === null) return "";
  switch (size.unit) {
    case "own":
      return `${size.value}\xD7`;
    case "small":
    case "even":
    case "big":
      return sizes[size.unit][0];
    default:
      return `${size.value} ${units[size.unit][0]}`;
  }
}
function printTempo(tempo, { keys, tempos }) {
  return tempo === null ? "" : "seconds" in tempo ? `${keys.in[0]} ${tempo.seconds} ${keys.seconds[0]}` : tempos[tempo.factor > 1 ? "slow" : "quick"][0];
}
function printTied(tied, { events, moves, keys }) {
  let word = (tied.kind === "event" ? events : { hit: moves.hit, "guard check": moves["guard check"] })[tied.word]?.[0] ?? `"${tied.word}"`, [anchor] = keys[tied.tie];
  return tied.offsetMs === 0 ? `+ ${word} ${keys.on[0]} ${anchor}` : `+ ${word} ${Math.abs(tied.offsetMs)} ${keys.ms[0]} ${keys[tied.offsetMs < 0 ? "before" : "after"][0]} ${anchor}`;
}

var TWO_FEET = ["advance", "retreat", "shuffle"];
function actOf(head, word, quoted, parts, reading) {
  let rule = ruleOf(word), { vocabulary } = reading.lexicon, [said2] = vocabulary.moves[word], no = (code, values, expected = [], nearest = null) => reading.errors.add(head, code, values, expected, nearest);
  parts.size && rule.size === "none" && no("takes-no-size", { word: said2 }), parts.foot && !rule.foot && no("takes-no-foot", { word: said2 }), parts.second && !TWO_FEET.includes(word) && no("no-second-foot", {}), (parts.at !== null || parts.every !== null) && no("no-own-time", {});
  let turn = rule.way === "turn" ? turnOf(rule, parts, no, vocabulary, said2) : null;
  return rule.way === "turn" && turn === void 0 ? null : {
    word,
    bearing: rule.way === "bearing" ? bearingOf(rule, word, parts, no, vocabulary) : null,
    turn: turn ?? null,
    size: rule.size === "none" ? null : parts.size,
    second: TWO_FEET.includes(word) ? parts.second : null,
    foot: rule.foot ? parts.foot : null,
    style: word === "split" ? parts.style : null,
    seconds: word === "hold" && parts.tempo && "seconds" in parts.tempo ? parts.tempo.seconds : null,
    name: quoted === null ? null : cut(quoted.slice(1, -1).trim(), NOTATION_LIMITS.name) || null,
    aim: parts.aim,
    short: parts.short
  };
}
function written(parts) {
  let [one, two] = parts.bearings;
  if (parts.degrees !== null) {
    let off = Math.max(-180, Math.min(180, parts.degrees));
    return one === -90 ? -off : off;
  }
  if (one === void 0) return null;
  if (two === void 0 || Math.abs(Math.abs(one) - Math.abs(two)) !== 90) return one;
  let side = Math.abs(one) === 90 ? one : two, along = side === one ? two : one;
  return Math.sign(side) * (along === 0 ? 45 : 135);
}
function bearingOf(rule, word, parts, no, vocabulary) {
  let { moves, directions } = vocabulary, [said2] = moves[word], asked = written(parts), [one, two] = parts.bearings;
  if (one !== void 0 && two !== void 0 && Math.abs(one - two) === 180 && no("opposite", { one: bearingWords(one, vocabulary), two: bearingWords(two, vocabulary) }), rule.fixed) {
    if (asked !== null && asked !== rule.usual) {
      let [other] = moves[word === "shift" || word === "back step" ? "pass" : "shuffle"];
      no("fixed-way", { word: said2, way: rule.usual === 0 ? "ahead" : "back", other }, [other], other);
    }
    return null;
  }
  if (word === "recover" && asked !== null && asked !== 0 && asked !== 180 && no("recover-way", {}, [directions.ahead[0], directions.back[0]]), asked === null && rule.usual === null && parts.aim === null) {
    let [left, right] = [directions.left[0], directions.right[0]];
    return no("needs-way", { word: said2 }, [left, right, directions.ahead[0], directions.back[0], `45\xB0 ${left}`]), 90;
  }
  return word === "recover" && asked !== 0 ? null : asked;
}
function turnOf(rule, parts, no, { directions }, said2) {
  let side = parts.bearings.find((bearing) => Math.abs(bearing) === 90), degrees = parts.degrees ?? rule.usual ?? 90;
  if (side === void 0 && parts.degrees === null) {
    if (rule.usual === 0 || parts.aim !== null) return null;
    let [left, right] = [directions.left[0], directions.right[0]];
    no("needs-turn", { word: said2 }, [left, right, `${right} 90\xB0`]);
    return;
  }
  if (Math.abs(degrees) > NOTATION_LIMITS.turn) {
    no("turns-far", { word: said2, most: NOTATION_LIMITS.turn, degrees });
    return;
  }
  return side === -90 ? -degrees : degrees;
}

var said = (code, values) => ({
  code,
  values
});

function placeOf(text, offset) {
  let before = text.slice(0, offset), lineStart = before.lastIndexOf(`
`) + 1;
  return { line: before.split(`
`).length, column: [...before.slice(lineStart)].length + 1 };
}

var Errors = class {
  constructor(text) {
    this.text = text;
  }
  text;
  list = [];
  add(span, code, values, expected = [], nearest = null) {
    if (this.list.length >= NOTATION_LIMITS.errors) return;
    let message = said(code, values);
    this.list.push({
      ...message,
      from: span.from,
      to: span.to,
      ...placeOf(this.text, span.from),
      expected,
      nearest: typeof nearest == "function" ? nearest() : nearest
    });
  }
};

var wordOf = (text) => text.toLowerCase().replace(/[\s\u{a0}]+/gu, " "), printed = (sayings) => Object.values(sayings).map(([first]) => first);
function byWord(sayings) {
  let meanings = Object.entries(sayings);
  return new Map(meanings.flatMap(([meaning, words]) => words.map((word) => [word, meaning])));
}
var made = /* @__PURE__ */ new WeakMap();
function lexiconOf(vocabulary) {
  let known = made.get(vocabulary);
  if (known) return known;
  let { directions, keys, feet } = vocabulary, sides = { left: directions.left, right: directions.right }, key = (...words) => words.map((word) => keys[word][0]), [each] = keys.each, lexicon = {
    vocabulary,
    moves: byWord(vocabulary.moves),
    events: byWord(vocabulary.events),
    things: byWord(vocabulary.things),
    feet: byWord({ ...sides, ...feet }),
    directions: byWord(directions),
    sizes: byWord(vocabulary.sizes),
    tempos: byWord(vocabulary.tempos),
    styles: byWord(vocabulary.styles),
    units: byWord(vocabulary.units),
    keys: byWord(keys),
    heads: printed(vocabulary.moves),
    inStep: [
      ...printed(sides),
      ...printed(feet),
      ...printed({ ahead: directions.ahead, back: directions.back }),
      ...key("foot", "first"),
      ...printed(vocabulary.sizes),
      ...printed(vocabulary.tempos),
      ...new Set(printed(vocabulary.styles).flatMap((style) => style.split(" "))),
      ...key("in", "then", "to"),
      vocabulary.moves.hit[0],
      ...key("after", "before", "with", "start", "landing", "twice"),
      `${each} ${keys.side[0]}`,
      `${each} ${feet.lead[0]}`,
      ...key("mirrored")
    ]
  };
  return made.set(vocabulary, lexicon), lexicon;
}

import { LRParser } from "@lezer/lr";

import { ExternalTokenizer } from "@lezer/lr";
var KEY_TERMS = {
  foot: 6,
  first: 7,
  in: 12,
  ms: 13,
  seconds: 14,
  beats: 14,
  degrees: 15,
  times: 16,
  x: 17,
  twice: 18,
  step: 19,
  then: 20,
  to: 21,
  short: 22,
  at: 23,
  every: 24,
  each: 25,
  side: 26,
  mirrored: 27,
  doing: 28,
  on: 29,
  after: 30,
  before: 30,
  with: 30,
  start: 31,
  landing: 31,
  home: 33,
  intended: 34
};
function wordClassOf(vocabulary) {
  let { feet, directions, tempos, sizes, styles, units, things, keys } = lexiconOf(vocabulary), classes = /* @__PURE__ */ new Map(), all = (words, term) => {
    for (let word of words) classes.set(word, term);
  };
  all(feet.keys(), 5);
  for (let [word, way] of directions) classes.set(word, way === "left" || way === "right" ? 3 : 4);
  all(tempos.keys(), 9), all(sizes.keys(), 8);
  for (let style of styles.keys()) all(style.split(" "), 10);
  all(units.keys(), 11), all(things.keys(), 32);
  for (let [word, key] of keys) classes.set(word, KEY_TERMS[key]);
  return (word) => classes.get(word.toLowerCase()) ?? -1;
}
var isLetter = (code) => code > 32 && /[\p{L}\p{M}'’_-]/u.test(String.fromCodePoint(code)), isSpace = (code) => code === 32 || code === 9 || code === 160;
function phrasesOf(vocabulary) {
  let { moves, events } = lexiconOf(vocabulary), known = /* @__PURE__ */ new Map();
  for (let word of moves.keys()) known.set(word, 1);
  for (let word of [...events.keys(), vocabulary.beatOf]) known.set(word, 2);
  let longest = Math.max(...[...known.keys()].map((phrase) => phrase.split(" ").length));
  return new ExternalTokenizer((input) => {
    let text = "", found = null, length = 0;
    for (let words = 0; words < longest; words++) {
      let start = length;
      for (; words > 0 && isSpace(input.peek(length)); ) length++;
      if (words > 0 && length === start) break;
      let word = "";
      for (let code = input.peek(length); code >= 0 && isLetter(code); code = input.peek(length))
        word += String.fromCharCode(code), length++;
      if (word === "") break;
      text = text === "" ? word.toLowerCase() : `${text} ${word.toLowerCase()}`;
      let term = known.get(text);
      term !== void 0 && (found = { term, length });
    }
    found && input.acceptToken(found.term, found.length);
  });
}
var wordClass = wordClassOf(ENGLISH), phrases = phrasesOf(ENGLISH);

var parser = LRParser.deserialize({
  version: 14,
  states: ",xOwQROOO!OQRO'#DSOOQO'#DV'#DVOOQO'#EV'#EVO!jQQO'#EVO'cQQO'#DRO'sQRO'#DRO(UQRO'#DsO(`QQO'#DxOOQO'#ET'#ETO)PQRO'#EOO)aQQO'#ESO)aQQO'#ESQOQQOOOOQP'#EU'#EUOOQP,59n,59nO(zQQO,5:bO)oQQO'#DZO,XQQO'#DpOOQO'#DZ'#DZO.qQQO'#D`O1dQQO'#D^OOQO'#D_'#D_O3|QQO'#D_O4RQQO'#D`OOQO'#D`'#D`O4WQQO'#DaOOQO'#Db'#DbO6pQQO'#EYO9YQQO'#DcOOQO'#Dc'#DcOOQO'#Dd'#DdOOQO'#De'#DeOOQO'#Df'#DfO9hQQO'#DgOOQO'#Dh'#DhO9pQQO'#DiO9uQQO'#DnOOQO'#Do'#DoOOQO'#Dp'#DpOOQO'#EW'#EWO<_QRO'#DqOOQO'#Dz'#DzO>}QQO,59mO>}QQO,59mOOQO'#Dk'#DkO?_QQO,5:_OOQO'#D}'#D}O?gQQO,5:dOOQO,5:j,5:jOOQO-E7|-E7|O?xQQO,5:nOOQO1G/|1G/|O@WQQO,59tOOQO'#D]'#D]OOQO,59v,59vOOQO,59x,59xOOQO,59y,59yOOQO,59z,59zOOQO,5:X,5:XOBpQQO,59yOOQO,59{,59{OOQO,5:t,5:tOOQO,59},59}OOQO,5:R,5:ROBuQRO,5:TOOQO,5:Y,5:YOOQO'#EZ'#EZOOQO,5:],5:]OOQO-E7x-E7xOB|QQO1G/XO(UQRO'#D{OC^QQO1G/yOCzQQO1G/yOOQO-E7{-E7{OOQO1G/`1G/`OOQO1G/e1G/eOD[QQO1G/oOOQO,5:g,5:gOOQO-E7y-E7yODaQQO7+%eODqQQO'#DuOEfQQO'#DuOOQO'#Du'#DuOOQO'#E['#E[OOQO'#D|'#D|ODaQQO7+%eOOQO7+%Z7+%ZOEkQQO<<IPOOQO,5:a,5:aOOQO-E7z-E7z",
  stateData: "FO~O!uOSsOS~OPROQROpROrWOwPOzQO{SO!^VO!mYO~O!s!vP~PYO`_Oa^Ox^OPvXQvXpvXzvX{vX~O!k`OR!yXS!yXT!yXU!yXV!yXW!yXX!yXY!yXZ!yX[!yX]!yX^!yXa!yXb!yXc!yXd!yXe!yXf!yXg!yXh!yXi!yXj!yXk!yXl!yXm!yXn!yXo!yXp!yXq!yXw!yXx!yXz!yX{!yX!f!yX!m!yX!s!yX!`!yX!h!yX~ORaOScOTbOUwOVwOWeOXfOYjOZwO[gO]wO^wOa^ObiOcwOdkOemOfoOgpOhqOirOjwOksOltOmuOnuOowOplOqnOwdOx^OzvO{wO!fyO~O!muX!suX!`uX!huX~P%VOPROQROpROzQO{RO~O!`!vP!h!vP~PYO{!PO~OPROQROpROrWOwPOzQO{SO!^VO~O!m!rX!s!rX!`!rX!h!rX~P(eO!mYO!s!vX!`!vX!h!vX~OU!VOR}XS}XT}XV}XW}XX}XY}XZ}X[}X]}X^}Xa}Xb}Xc}Xd}Xe}Xf}Xg}Xh}Xi}Xj}Xk}Xl}Xm}Xn}Xo}Xp}Xq}Xw}Xx}Xz}X{}X!f}X!m}X!s}X!`}X!h}X~OU!VOR!dXS!dXT!dXV!dXW!dXX!dXY!dXZ!dX[!dX]!dX^!dXa!dXb!dXc!dXd!dXe!dXf!dXg!dXh!dXi!dXj!dXk!dXl!dXm!dXn!dXo!dXp!dXq!dXw!dXx!dXz!dX{!dX!f!dX!m!dX!s!dX!`!dX!h!dX~OZ!YO[!YO]!]O^!ZO_!WO`![Oa^Ox^O!{!WOR!SXS!SXT!SXU!SXV!SXW!SXX!SXY!SXb!SXc!SXd!SXe!SXf!SXg!SXh!SXi!SXj!SXk!SXl!SXm!SXn!SXo!SXp!SXq!SXw!SXz!SX{!SX!f!SX!m!SX!s!SX!`!SX!h!SX~Oc!YOR!QXS!QXT!QXU!QXV!QXW!QXX!QXY!QXZ!QX[!QX]!QX^!QXa!QXb!QXd!QXe!QXf!QXg!QXh!QXi!QXj!QXk!QXl!QXm!QXn!QXo!QXp!QXq!QXw!QXx!QXz!QX{!QX!f!QX!m!QX!s!QX!`!QX!h!QX~Ow!^O~Ow![O~OY!_OR!TXS!TXT!TXU!TXV!TXW!TXX!TXZ!TX[!TX]!TX^!TXa!TXb!TXc!TXd!TXe!TXf!TXg!TXh!TXi!TXj!TXk!TXl!TXm!TXn!TXo!TXp!TXq!TXw!TXx!TXz!TX{!TX!f!TX!m!TX!s!TX!`!TX!h!TX~Oz!`OR!|XS!|XT!|XU!|XV!|XW!|XX!|XY!|XZ!|X[!|X]!|X^!|Xa!|Xb!|Xc!|Xd!|Xe!|Xf!|Xg!|Xh!|Xi!|Xj!|Xk!|Xl!|Xm!|Xn!|Xo!|Xp!|Xq!|Xw!|Xx!|X{!|X!f!|X!m!|X!s!|X!`!|X!h!|X~OplOq!aOz!aO{!aO~OT!bOj!bO~O!^!cO~Oo!dOR!bXS!bXT!bXU!bXV!bXW!bXX!bXY!bXZ!bX[!bX]!bX^!bXa!bXb!bXc!bXd!bXe!bXf!bXg!bXh!bXi!bXj!bXk!bXl!bXm!bXn!bXp!bXq!bXw!bXx!bXz!bX{!bX!f!bX!m!bX!s!bX!`!bX!h!bX~OP!eOQ!eOzQO{!eOR!eXS!eXT!eXU!eXV!eXW!eXX!eXY!eXZ!eX[!eX]!eX^!eXa!eXb!eXc!eXd!eXe!eXf!eXg!eXh!eXi!eXj!eXk!eXl!eXm!eXn!eXo!eXp!eXq!eXw!eXx!eX!f!eX!m!eX!s!eX!`!eX!h!eX~O!mua!sua!`ua!hua~P%VO!`!kO!h!iO~O{!PO!m!la!s!la!`!la!h!la~O!mYO!s!va!`!va!h!va~OV!mOR|aS|aT|aU|aW|aX|aY|aZ|a[|a]|a^|aa|ab|ac|ad|ae|af|ag|ah|ai|aj|ak|al|am|an|ao|ap|aq|aw|ax|az|a{|a!f|a!m|a!s|a!`|a!h|a~O^!nO~O!`!vP~PYO!mui!sui!`ui!hui~P%VO!`!rO!h!iO~Oa^Ob!uOirOksOw!sOx^O~O!m!gi!s!gi!`!gi!h!gi~PCfO!`!yO~O!m!gq!s!gq!`!gq!h!gq~PCfO`!{Oa^Ox^Ob!iXi!iXk!iXw!iX!m!iX!s!iX!`!iX!h!iX~Ow!{O~O!m!gy!s!gy!`!gy!h!gy~PCfOw!f~",
  goto: "'O#PPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPP#Q#XPP#`PP#k#k#k#q#k#k#k#k#k#k#k#k#k#t#t#kP$QP#k#k#k#k$ZP$aP#z#QP#QP$k$u${%V%]PPP%j%r%{&b$ZP&l&u&xZXOVY!c!iZUOVY!c!i[ROUVY!c!iR!eyXxT{|!hR!XdWxT{|!hX!v!k!r!x!zQ!OVQ!o!cR!p!iXzT{|!hYXOVY!c!iR!U`Q{TS!g{!hR!h|Q!j!OR!q!jQ!x!kQ!z!rT!|!x!zQ!QWR!l!QWZOV!c!iS!SZ!TR!T[Q]OV}V!c!iW[OV!c!iR!RYQ_PWhT{|!hQ!YdW!t!k!r!x!zR!{!sYTOVY!c!iR|UWnT{|!hR!amR!fyX!w!k!r!x!z",
  nodeNames: "\u26A0 Move Event Side Along FootName FootKey First SizeWord TempoWord StyleWord Unit In Ms Seconds DegreeKey TimesKey XKey Twice StepKey ThenKey To ShortKey AtKey EveryKey EachKey StepSide MirroredKey DoingKey On TieKey Anchor Thing HomeKey IntendedKey Comment Pattern Step LeadCount Number Times Named Quoted Name Foot Direction Degrees Degree Size Tempo Count Style Then Aim Short At Every Each Mirrored Doing Open Branch Close Offset Tie Label Stray Hand Plus Group Or GroupCount Definition Equals Intended Sep",
  maxTerm: 92,
  skippedNodes: [0, 35],
  repeatNodeCount: 5,
  tokenData: "(q~RtXY#cYZ#t]^#cpq#crs#yst%Wxy%oyz%t{|%y|}#t}!O&o!O!P&U!Q![&d!]!^#t!_!`&x!c!}&}!}#O%o#P#Q%t#T#o&}#p#q(b$f$g#c$p$q&}$v$w(g${$|&}$}%O#t%Q%R&}%W%o&}%o%p(l%p&a&}&b$IS&}$Ip$Iq#y%#v%#w#t&/x;'S&};'S;=_(U;=_;=`([?&rO&}~#hS!u~XY#c]^#cpq#c$f$g#c~#yO!m~~#|UOY$`Zr$`s$Iq$`$Ir;'S$`;'S;=`%Q<%lO$`~$cWOY$`Zr$`rs${s$Iq$`$Iq$Ir${$Ir;'S$`;'S;=`%Q<%lO$`~%QOz~~%TP;=`<%l$`~%]Ss~OY%WZ;'S%W;'S;=`%i<%lO%W~%lP;=`<%l%W~%tO!^~~%yO!`~~&OQ!f~!O!P&U!Q![&d~&XP!Q![&[~&aPw~!Q![&[~&iQw~!O!P&U!Q![&d~&rQ!O!P&U!Q![&d~&}O!k~~'S`{~wx&}}!O&}!c!}&}#R#S&}#T#o&}$p$q&}${$|&}%Q%R&}%W%o&}%p&a&}&b$IS&}$Im$In&}&/x;'S&};'S;=_(U;=_;=`([?&rO&}~(XP;=`<%l&}~(_P;=`<%k&}~(gO!h~~(lO!{~~(qOx~",
  tokenizers: [phrases, 0],
  topRules: { Pattern: [0, 36] },
  specialized: [{ term: 43, get: (value, stack) => wordClass(value, stack) << 1, external: wordClass }],
  tokenPrec: 1699
});

function shallow(text) {
  let [lineEnd, quoteEnd] = [finder(text, /\n/g), finder(text, /["”\n]/g)], result = "", [depth, taken] = [0, 0];
  for (let at = 0; at < text.length; at++) {
    let one = text.charAt(at);
    one === "#" ? at = lineEnd(at) : one === '"' || one === "\u201C" ? at = /["”]/.test(text.charAt(quoteEnd(at + 1))) ? quoteEnd(at + 1) : at : (/[([]/.test(one) ? depth++ >= 100 : /[)\]]/.test(one) && depth > 0 && depth-- > 100) && (result += `${text.slice(taken, at)} `, taken = at + 1);
  }
  return result + text.slice(taken);
}
function finder(text, what) {
  let at = -1;
  return (from) => (at < from && (what.lastIndex = from, at = what.exec(text)?.index ?? text.length), at);
}

var made2 = new WeakMap([[ENGLISH, parser]]);
function parserOf(vocabulary) {
  let known = made2.get(vocabulary);
  if (known) return known;
  let own = parser.configure({
    tokenizers: [{ from: phrases, to: phrasesOf(vocabulary) }],
    specializers: [{ from: wordClass, to: wordClassOf(vocabulary) }]
  });
  return made2.set(vocabulary, own), own;
}
var treeOf = (text, vocabulary) => parserOf(vocabulary).parse(shallow(text));

function editDistance(a, b) {
  let rows = [Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    let row = [i];
    for (let j = 1; j <= b.length; j++) {
      let above = rows[i - 1], change = above[j - 1] + (a[i - 1] === b[j - 1] ? 0 : 1), best = Math.min(change, above[j] + 1, row[j - 1] + 1);
      i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1] && (best = Math.min(best, rows[i - 2][j - 2] + 1)), row.push(best);
    }
    rows.push(row);
  }
  return rows[a.length][b.length];
}
function nearestWord(word, known) {
  let best = null, least = Math.max(1, Math.floor(word.length / 2));
  for (let candidate of known) {
    let d = editDistance(word.slice(0, 30), candidate);
    (d < least || d === least && best === null) && (best = candidate, least = d);
  }
  return best;
}

var BEARING_OF = { ahead: 0, right: 90, back: 180, left: -90 }, FACTOR_OF = { slow: 2, quick: 0.7 };

function childrenOf(node) {
  let children = [];
  for (let child = node.firstChild; child; child = child.nextSibling) children.push(child);
  return children;
}

var unquoted = (text) => cut(text.slice(1, -1).trim(), NOTATION_LIMITS.name), LONGEST_TIME = 3600, HOLD = { least: 0, most: 600 }, STEP = { least: 0.05, most: 60 }, FURTHEST_HIT = 5, PartReader = class {
  constructor(reading, head = "", move = null) {
    this.reading = reading;
    this.head = head;
    this.move = move;
  }
  reading;
  head;
  move;
  bearings = [];
  degrees = null;
  foot = null;
  sizes = [];
  second = null;
  short = null;
  tempo = null;
  then = null;
  style = null;
  aim = null;
  label = null;
  at = null;
  every = null;
  hands = [];
  times = 1;
  each = null;
  mirrored = !1;
  /** Directions that came after each size, for the place of a thing. */
  places = [];
  pending = null;
  open = null;
  get errors() {
    return this.reading.errors;
  }
  get size() {
    return this.sizes[0] ?? null;
  }
  get repeated() {
    return { times: this.times, each: this.each, mirrored: this.mirrored };
  }
  read(nodes) {
    return nodes.forEach((node, i) => this.part(node, nodes[i + 1])), this.closeHand(), this;
  }
  /** Where a thing stands: metres as written, to the right and ahead, signed by their directions. */
  coordinates() {
    let along = (sign) => {
      let found = this.places.find(({ bearing }) => sign(bearing) !== 0);
      return found ? { ...found.size, value: found.size.value * sign(found.bearing) } : null;
    };
    return {
      right: along((bearing) => bearing === 90 ? 1 : bearing === -90 ? -1 : 0),
      ahead: along((bearing) => bearing === 0 ? 1 : bearing === 180 ? -1 : 0)
    };
  }
  part(node, after) {
    let said2 = this.said(node);
    switch (node.name) {
      case "Direction": {
        let bearing = BEARING_OF[this.lexicon.directions.get(said2) ?? "ahead"], size = this.sizes.at(-1);
        size && this.places.push({ size, bearing }), this.bearings.push(bearing);
        return;
      }
      case "Degrees":
        this.degrees = this.number(node), this.degrees === null && this.errors.add(node, "angle", {}, ["90\xB0"]);
        return;
      case "Foot":
        this.foot = this.footOf(node);
        return;
      case "Size":
        this.sized(node);
        return;
      case "Tempo":
        this.timed(node, after);
        return;
      case "Count":
      case "LeadCount":
      case "GroupCount":
        this.times = this.count(node);
        return;
      case "Style":
        this.style = this.lexicon.styles.get(said2) ?? this.style, (!this.lexicon.styles.has(said2) || this.move !== "split") && this.unknown(node, said2);
        return;
      case "Then":
        this.pending = "then";
        return;
      case "Short":
        this.pending = "short";
        return;
      case "At":
        this.pending = "at";
        return;
      case "Every":
        this.pending = "every";
        return;
      case "Each":
        this.each = node.getChild("StepSide") ? "side" : "lead", this.each === "lead" && this.footOf(node) !== "lead" && this.errors.add(node, "each", {}, this.eaches());
        return;
      case "Mirrored":
        this.mirrored = !0;
        return;
      case "Aim":
        this.aim = this.aimOf(node);
        return;
      case "Label":
        this.label = unquoted(this.of(node));
        return;
      case "Hand":
        this.hand(node);
        return;
      case "Offset":
        this.offset(node, this.number(node));
        return;
      case "Tie":
        this.tie(node, said2);
        return;
      case "Stray":
        this.unknown(node, said2);
    }
  }
  /** The words of a part without what the grammar could not place in it; that is said as left out. */
  said(node) {
    let children = childrenOf(node), odd = children.filter((child) => child.type.isError && child.to > child.from);
    if (odd.length === 0) return wordOf(this.of(node));
    for (let child of odd) this.unknown(child, wordOf(this.of(child)));
    return wordOf(
      children.filter((child) => !child.type.isError).map((child) => this.of(child)).join(" ")
    );
  }
  unknown(node, said2) {
    let { inStep } = this.lexicon, foot = this.say("foot");
    node.firstChild?.name === "FootName" ? this.errors.add(node, "names-foot", { word: said2 }, [foot], `${said2} ${foot}`) : this.errors.add(node, "not-understood-in", { word: said2, head: this.head }, inStep, () => nearestWord(said2, inStep));
  }
  footOf(node) {
    let named = node.getChild("Side") ?? node.getChild("FootName");
    return named ? this.lexicon.feet.get(wordOf(this.of(named))) ?? null : null;
  }
  key(node) {
    return node ? this.lexicon.keys.get(wordOf(this.of(node))) ?? null : null;
  }
  /** A word of the grammar as it is printed. */
  say(key) {
    return this.lexicon.vocabulary.keys[key][0];
  }
  eaches() {
    return [this.say("side"), this.lexicon.vocabulary.feet.lead[0]].map((one) => `${this.say("each")} ${one}`);
  }
  /** The number that stands there; null where there is none, or one larger than can be reckoned with. */
  number(node) {
    let number = node.getChild("Number"), value = number ? Number(this.of(number)) : null;
    return value !== null && Number.isFinite(value) ? value : null;
  }
  count(node) {
    if (node.getChild("Twice")) return 2;
    let value = this.number(node);
    if (value !== null && Number.isInteger(value) && value >= 1 && value <= NOTATION_LIMITS.times) return value;
    let said2 = this.of(node.getChild("Number") ?? node);
    return this.errors.add(node, "count", { said: said2, most: NOTATION_LIMITS.times }), 1;
  }
  sized(node) {
    let size = this.sizeOf(node);
    if (size === null) return;
    let feet = this.sizes.at(-1);
    this.pending === "then" ? this.second = size : this.pending === "short" ? this.short = size : feet?.unit === "ft" && size.unit === "in" ? this.sizes[this.sizes.length - 1] = { value: feet.value * 12 + size.value, unit: "in" } : this.sizes.push(size), (this.pending === "then" || this.pending === "short") && (this.pending = null);
  }
  sizeOf(node) {
    let word = node.getChild("SizeWord");
    if (word) return { value: 1, unit: this.lexicon.sizes.get(wordOf(this.of(word))) ?? "even" };
    let value = this.number(node) ?? 0, measure = node.getChild("Unit") ?? node.getChild("In"), unit = measure ? this.lexicon.units.get(wordOf(this.of(measure))) : "own";
    if (unit === void 0)
      return this.unknown(node, this.of(node)), null;
    let metres = unit in METRES_OF ? value * METRES_OF[unit] : value * 0.3;
    if (value > 0 && metres <= NOTATION_LIMITS.metres) return { value, unit };
    let said2 = this.of(node);
    return value > 0 ? this.errors.add(node, "size-large", { said: said2, most: NOTATION_LIMITS.metres }, ["40 cm"]) : this.errors.add(node, "size-none", { said: said2 }, ["40 cm"]), null;
  }
  timed(node, after) {
    let word = node.getChild("TempoWord"), unit = node.getChild("Seconds"), number = this.number(node), seconds = number === null ? null : number * (this.key(unit) === "beats" ? this.reading.beat : 1);
    if (!word && this.open && !node.getChild("In") && after?.name === "Tie") {
      this.offset(node, seconds === null ? null : seconds * 1e3);
      return;
    }
    if (!word && (this.pending === "at" || this.pending === "every")) {
      seconds !== null && seconds >= 0 && seconds <= LONGEST_TIME ? this[this.pending] = seconds : this.errors.add(node, "time", { most: LONGEST_TIME }), this.pending = null;
      return;
    }
    let tempo = word ? { factor: FACTOR_OF[this.lexicon.tempos.get(wordOf(this.of(word))) ?? "slow"] } : this.secondsOf(node, seconds);
    this.pending === "then" ? this.then = tempo : this.tempo = tempo, this.pending = null;
  }
  secondsOf(node, seconds) {
    let holds = this.move === "hold", { least, most } = holds ? HOLD : STEP;
    return seconds !== null && seconds > 0 && seconds >= least && seconds <= most ? { seconds } : (holds ? this.errors.add(node, "hold-time", { most }) : this.errors.add(node, "step-time", { least, most }), null);
  }
  aimOf(node) {
    if (node.getChild("HomeKey")) return { thing: "home", name: null };
    let thing = node.getChild("Thing"), quoted = node.getChild("Quoted"), bare = node.getChild("Name"), name = quoted ? unquoted(this.of(quoted)) : bare ? wordOf(this.of(bare)) : null;
    return { thing: thing ? this.lexicon.things.get(wordOf(this.of(thing))) ?? null : null, name };
  }
  hand(node) {
    this.closeHand();
    let { moves, events, vocabulary } = this.lexicon, said2 = childrenOf(node)[1], word = said2 ? wordOf(this.of(said2)) : "", event = events.get(word) ?? null, move = moves.get(word), hand = move === "hit" || move === "guard check" ? move : null;
    if (!said2 || !(said2.name === "Named" || hand !== null || event !== null)) {
      let [hit] = vocabulary.moves.hit;
      this.errors.add(node, "after-plus", {}, [hit, '"jab"', ...printed(vocabulary.events)], hit);
      return;
    }
    let name = said2.name === "Named" ? unquoted(this.of(said2)) || "hit" : event ?? hand ?? "hit", tied = {
      kind: event === null ? "hand" : "event",
      word: name,
      tie: "landing",
      offsetMs: 0,
      span: { from: node.from, to: node.to }
    };
    this.open = { tied, from: node.from };
  }
  offset(node, ms) {
    ms === null ? this.errors.add(node, "hit-time", {}, ["80 ms"]) : this.open ? Math.abs(ms) > 1e3 * FURTHEST_HIT ? this.errors.add(node, "hit-far", { most: FURTHEST_HIT }) : this.open.tied = { ...this.open.tied, offsetMs: ms, span: { from: this.open.from, to: node.to } } : this.errors.add(node, "hit-alone", {}, [`+ ${this.lexicon.vocabulary.moves.hit[0]}`]);
  }
  tie(node, said2) {
    let anchor = node.getChild("Anchor");
    if (!this.open) {
      this.lexicon.keys.get(said2) !== "on" && this.unknown(node, said2);
      return;
    }
    anchor || this.errors.add(node, "hit-tie", {}, [this.say("start"), this.say("landing")]);
    let tie = this.key(anchor) === "start" ? "start" : "landing", offsetMs = this.key(node.getChild("TieKey")) === "before" ? -this.open.tied.offsetMs : this.open.tied.offsetMs;
    this.open.tied = { ...this.open.tied, tie, offsetMs: offsetMs === 0 ? 0 : offsetMs, span: { from: this.open.from, to: node.to } }, this.closeHand();
  }
  closeHand() {
    this.open && this.hands.push(this.open.tied), this.open = null;
  }
  of(node) {
    return this.reading.text.slice(node.from, node.to);
  }
  get lexicon() {
    return this.reading.lexicon;
  }
};

function parse(text, own = [], vocabulary = ENGLISH) {
  let errors = new Errors(text), reader = new Reader({ text, errors, lexicon: lexiconOf(vocabulary), beat: 0.5 }, own);
  if (text.length > NOTATION_LIMITS.characters)
    return errors.add({ from: 0, to: text.length }, "too-long", { most: NOTATION_LIMITS.characters, length: text.length }), { items: [], things: [], definitions: [], intended: [], errors: errors.list };
  let items = reader.items(treeOf(text, vocabulary).topNode, 0);
  return errors.list.sort((a, b) => a.from - b.from), { items, things: reader.things, definitions: reader.definitions, intended: reader.intended, errors: errors.list };
}
var BEAT = { least: 0.1, most: 5 }, Reader = class {
  constructor(reading, own) {
    this.reading = reading;
    this.own = own;
    this.errors = reading.errors;
  }
  reading;
  own;
  things = [];
  definitions = [];
  intended = [];
  errors;
  items(node, depth) {
    return childrenOf(node).flatMap((child) => this.item(child, depth));
  }
  item(node, depth) {
    switch (node.name) {
      case "Step":
        return this.step(node, depth);
      case "Group":
        return this.group(node, depth);
      case "Definition":
        return this.define(node, depth), [];
      case "Intended":
        for (let name of node.getChildren("Name")) this.intended.push({ code: this.of(name).toLowerCase(), span: name });
        return [];
      default:
        return node.type.isError && this.stray(node), [];
    }
  }
  /** What the grammar could not place. */
  stray(node) {
    let text = this.of(node).trim();
    /^[)\]]/.test(text) ? this.errors.add(node, "bracket-closes-nothing", {}) : text !== "" && this.errors.add(node, "not-understood", { word: text }, this.heads, () => nearestWord(text, this.heads));
  }
  group(node, depth) {
    let branches = this.branches(node, depth);
    if (branches === null) return [];
    let parts = new PartReader(this.reading).read(childrenOf(node));
    return branches.every((branch) => branch.length === 0) ? (this.errors.add(node, "bracket-empty", {}), []) : [{ kind: "group", branches, ...parts.repeated, span: { from: node.from, to: node.to } }];
  }
  /** The branches of a bracket; null where it is too deep to read. */
  branches(node, depth) {
    if (depth >= NOTATION_LIMITS.depth)
      return this.errors.add(node, "bracket-deep", { most: NOTATION_LIMITS.depth }), null;
    node.getChild("Close") === null && this.errors.add(node.getChild("Open") ?? node, "bracket-open", {}, [")"]);
    for (let child of childrenOf(node)) child.type.isError && this.stray(child);
    return node.getChildren("Branch").map((branch) => this.items(branch, depth + 1));
  }
  define(node, depth) {
    let name = node.getChild("Name"), group = node.getChild("Group");
    if (!name || !group) return;
    let said2 = this.of(name).toLowerCase();
    if (this.definitions.some((known) => known.name === said2)) {
      this.errors.add(name, "name-taken", { word: said2 });
      return;
    }
    let items = this.group(group, depth);
    items.length > 0 && this.definitions.push({ name: said2, items, span: { from: node.from, to: node.to } });
  }
  step(node, depth) {
    let children = childrenOf(node), head = children.find((child) => ["Move", "Named", "Event", "Thing", "Name"].includes(child.name)), lead = children.find((child) => child.name === "LeadCount") ?? null;
    for (let child of children) child.type.isError && this.stray(child);
    if (!head)
      return this.errors.add(lead ?? node, "count-alone", {}, this.heads), [];
    let rest = children.slice(children.indexOf(head) + 1), span = { from: head.from, to: node.to }, word = wordOf(this.of(head));
    if (head.name === "Thing")
      return this.things.push(this.thing(head, rest, depth, span)), [];
    if (head.name === "Name") return this.call(head, lead, rest, span, word);
    let { vocabulary, events, moves } = this.reading.lexicon, move = head.name === "Named" ? "hit" : moves.get(word) ?? null, called = move ? vocabulary.moves[move][0] : word, parts = new PartReader(this.reading, called, move).read(lead ? [lead, ...rest] : rest);
    if (word === vocabulary.beatOf)
      return this.setBeat(head, parts), [];
    let said2 = events.get(word);
    if (said2 !== void 0 && move === null) {
      let { at, every, label } = parts;
      return [{ kind: "event", event: said2, name: label, at, every, span }];
    }
    let act = move && actOf(head, move, head.name === "Named" ? this.of(head) : null, parts, this.reading);
    return act === null ? [] : [{
      kind: "step",
      act,
      tempo: act.seconds === null ? parts.tempo : null,
      then: parts.then,
      hands: parts.hands,
      ...parts.repeated,
      span
    }];
  }
  /** The beat counts from here on. */
  setBeat(head, { tempo }) {
    tempo && "seconds" in tempo && tempo.seconds >= BEAT.least && tempo.seconds <= BEAT.most ? this.reading.beat = tempo.seconds : this.errors.add(head, "beat", BEAT, [`0.6 ${this.reading.lexicon.vocabulary.keys.seconds[0]}`]);
  }
  /** A named part, if somebody has said what it is. */
  call(head, lead, rest, span, word) {
    let named = [...this.own, ...this.definitions].map((one) => one.name);
    if (!named.includes(word)) {
      let { events, things } = this.reading.lexicon.vocabulary, known = [...this.heads, ...printed(events), ...printed(things), ...named];
      return this.errors.add(head, "no-beginning", { word }, known, () => nearestWord(word, known)), [];
    }
    let parts = new PartReader(this.reading, word).read(lead ? [lead, ...rest] : rest), { size } = parts;
    size && size.unit !== "own" && this.errors.add(head, "named-size", {}, ["1.2\xD7"]);
    let scale = size?.unit === "own" && size.value > 0 ? size.value : 1;
    return [{ kind: "call", name: word, scale, tempo: parts.tempo, ...parts.repeated, span }];
  }
  thing(head, rest, depth, span) {
    let { things, vocabulary } = this.reading.lexicon, kind = things.get(wordOf(this.of(head))) ?? "place", parts = new PartReader(this.reading, vocabulary.things[kind][0]).read(rest), doing = rest.find((child) => child.name === "Doing"), line = doing ? (this.branches(doing, depth) ?? [])[0] : void 0;
    return doing && kind !== "partner" && this.errors.add(doing, "only-partner", {}, [vocabulary.things.partner[0]]), { thing: kind, name: parts.label, ...parts.coordinates(), doing: kind === "partner" && line ? line : null, span };
  }
  of(node) {
    return this.reading.text.slice(node.from, node.to);
  }
  get heads() {
    return this.reading.lexicon.heads;
  }
};

var exactly = (n) => ({ low: n, high: n }), doseBy = (work, more = {}) => ({
  work,
  sides: null,
  rounds: exactly(1),
  sets: exactly(1),
  rest: null,
  setRest: null,
  chimes: [],
  alternate: null,
  speaks: null,
  challenge: !1,
  ...more
});
var pyramid = (n) => [
  ...Array.from({ length: n }, (_, i) => i + 1),
  ...Array.from({ length: Math.max(0, n - 1) }, (_, i) => n - 1 - i)
];
var DOSE_LIMITS = {
  characters: 400,
  seconds: 3600,
  count: 1e3,
  rounds: 100,
  sets: 50,
  rest: 86400,
  ladder: 40,
  chimes: 6
};

function split(text) {
  let clauses = [], depth = 0, from = 0, close = (to) => {
    let raw = text.slice(from, to), before = raw.length - raw.trimStart().length;
    raw.trim() !== "" && clauses.push({ text: raw.trim(), from: from + before }), from = to + 1;
  };
  for (let i = 0; i < text.length; i++)
    text[i] === "(" ? depth++ : text[i] === ")" ? depth = Math.max(0, depth - 1) : (text[i] === "," || text[i] === `
`) && depth === 0 && !/\d,\d/.test(text.slice(i - 1, i + 2)) && close(i);
  return close(text.length), clauses;
}
var numberOf = (text) => Number(text.trim().replace(",", ".")), BETWEEN = /[–-]|to/;
function parted(text, word) {
  let found = word.exec(text), parts = found && [text.slice(0, found.index).trim(), text.slice(found.index + found[0].length).trim()];
  return parts?.every((part) => part !== "") ? parts : null;
}
function count(text) {
  let said2 = text.trim();
  if (said2.startsWith("-")) return exactly(numberOf(said2));
  let [low = "", high] = said2.split(BETWEEN);
  return { low: numberOf(low), high: numberOf(high ?? low) };
}
function secondsOf(text) {
  let clock = /^(\d+):(\d\d)$/.exec(text.trim());
  if (clock) return exactly(Number(clock[1]) * 60 + Number(clock[2]));
  let said2 = /^(-?[\d.,]+(?:\s*(?:[–-]|to)\s*[\d.,]+)?)\s*(s|sec|seconds?|min|minutes?|h)$/i.exec(text.trim());
  if (!said2) return null;
  let unit = (said2[2] ?? "").toLowerCase(), factor = unit.startsWith("h") ? 3600 : unit.startsWith("m") ? 60 : 1, range = count(said2[1] ?? "");
  return Number.isFinite(range.low) && Number.isFinite(range.high) ? { low: range.low * factor, high: range.high * factor } : null;
}
function beyond(range, most) {
  let within = (n) => Math.min(most, Math.max(1, Number.isFinite(n) ? n : 1));
  return range.low > range.high ? { why: "downwards", instead: { low: within(range.high), high: within(range.low) } } : range.low <= 0 ? { why: "under-one", instead: { low: within(range.low), high: within(range.high) } } : range.high > most ? { why: "too-much", instead: { low: within(range.low), high: most } } : null;
}
var rangeText = ({ low, high }) => low === high ? `${low}` : `${low}\u2013${high}`;
function secondsText(range) {
  return range.low >= 120 && range.low % 60 === 0 && range.high % 60 === 0 ? `${rangeText({ low: range.low / 60, high: range.high / 60 })} min` : `${rangeText(range)} s`;
}

var TIME = String.raw`\d+:\d\d|\d+(?:[.,]\d+)?(?:\s*(?:[–-]|to)\s*\d+(?:[.,]\d+)?)?\s*(?:s|sec|seconds?|min|minutes?|h)\b`, UNIT = String.raw`(?:reps?|repetitions?|times|balls?|feeds?|steps?|singles?)`, WHOLE = String.raw`-?\d+(?:\s*(?:[–-]|to)\s*\d+)?`, SIDES = /\b(?:(each)|both)\s+(sides?|leads?|legs?|ways?)(\s+in\s+all)?$/i, SETS_OF = new RegExp(String.raw`^(${WHOLE})\s+sets?\s+of\s+`, "i"), TIMES_ = new RegExp(String.raw`^(${WHOLE})\s*(?:[x×*]|rounds?\s+of)\s*`, "i");
function readDose(text) {
  let errors = [];
  if (text.length > DOSE_LIMITS.characters)
    return {
      dose: null,
      errors: [
        { ...said("too-long", { most: DOSE_LIMITS.characters }), from: 0, to: text.length, instead: null }
      ]
    };
  let [head, ...rest] = split(text);
  if (!head || head.text === "")
    return { dose: null, errors: [{ code: "empty", values: {}, from: 0, to: text.length, instead: "3 \xD7 30 s" }] };
  let dose = headOf(head, errors);
  for (let clause of rest) dose = withClause(dose, clause, errors);
  return { dose, errors };
}
function say(errors, { from, text }, code, values, instead = null) {
  return errors.push({ ...said(code, values), from, to: from + text.length, instead }), null;
}
function headOf(clause, errors) {
  let rest = clause.text, sidesSaid = SIDES.exec(rest.trimEnd()), sides = sidesSaid ? { of: /lead/i.test(sidesSaid[2] ?? "") ? "lead" : "side", share: sidesSaid[1] ? "each" : sidesSaid[3] ? "all" : null } : null;
  sidesSaid && (rest = rest.slice(0, sidesSaid.index).trim().replace(/,$/, "").trimEnd());
  let factors = [], setsOf = SETS_OF.exec(rest);
  setsOf && (factors.push(countOf(clause, setsOf[1] ?? "", DOSE_LIMITS.sets, "sets", errors)), rest = rest.slice(setsOf[0].length));
  for (let found = TIMES_.exec(rest); found && factors.length < 2; found = TIMES_.exec(rest))
    factors.push(countOf(clause, found[1] ?? "", DOSE_LIMITS.rounds, "rounds", errors)), rest = rest.slice(found[0].length);
  let work = workOf({ ...clause, text: rest.trim() }, clause, errors);
  if (work === null) return null;
  let [first, second] = factors, sets = setsOf || second ? first ?? exactly(1) : exactly(1), rounds = second ?? (setsOf ? exactly(1) : first ?? exactly(1));
  return doseBy(work, { sides, sets, rounds });
}
function countOf(clause, typed, most, what, errors) {
  let range = count(typed), wrong = beyond(range, most);
  return wrong === null ? range : (say(errors, clause, wrong.why, { said: `${typed.trim()} ${what}`, most }, `${rangeText(wrong.instead)} ${what}`), wrong.instead);
}
function workOf(clause, whole, errors) {
  let { text } = clause, open = new RegExp(`^(?:at least (${TIME})\\s+)?until (?:comfortable|easy|confident)$`, "i").exec(text);
  if (open) return { by: "open", least: open[1] ? secondsOf(open[1])?.low ?? 15 : 15 };
  let climb = /^(ladder|pyramid)\s(.*)$/is.exec(text), numbers = climb?.[2]?.split(/[-–]/).map((one) => one.trim()) ?? [];
  if (climb && numbers.every((one) => /^\d+$/.test(one))) return ladderOf(climb[1] ?? "", numbers.map(Number), clause, errors);
  let within = new RegExp(`^(${WHOLE})(?:\\s*${UNIT})?\\s+in\\s+(${TIME})$`, "i").exec(text);
  if (within) {
    let seconds = secondsOf(within[2] ?? "");
    return {
      by: "count",
      count: countOf(clause, within[1] ?? "", DOSE_LIMITS.count, "repetitions", errors),
      of: 1,
      within: seconds?.low ?? null
    };
  }
  if (new RegExp(`^-?(?:${TIME})$`, "i").test(text)) return timeOf(clause, errors);
  let counted = new RegExp(`^(${WHOLE})\\s*(${UNIT}|doubles?|triples?|calls?)?$`, "i").exec(text);
  if (counted) {
    let unit = (counted[2] ?? "").toLowerCase(), range = countOf(clause, counted[1] ?? "", DOSE_LIMITS.count, unit || "repetitions", errors);
    return unit.startsWith("call") ? { by: "calls", count: range } : { by: "count", count: range, of: unit.startsWith("double") ? 2 : unit.startsWith("triple") ? 3 : 1, within: null };
  }
  return say(errors, whole, "no-dose", { said: whole.text }, "3 \xD7 30 s");
}
function timeOf(clause, errors) {
  let range = secondsOf(clause.text);
  if (range === null) return say(errors, clause, "no-time", { said: clause.text }, "30 s");
  let wrong = beyond(range, DOSE_LIMITS.seconds);
  return wrong && say(errors, clause, wrong.why, { said: clause.text, most: DOSE_LIMITS.seconds }, `${rangeText(wrong.instead)} s`), { by: "time", seconds: wrong?.instead ?? range };
}
function ladderOf(kind, typed, clause, errors) {
  let top = Math.min(20, Math.max(1, typed[0] ?? 1)), counts = /pyramid/i.test(kind) && typed.length === 1 ? pyramid(top) : typed, kept = counts.filter((n) => n >= 1 && n <= DOSE_LIMITS.count).slice(0, DOSE_LIMITS.ladder);
  return (kept.length < counts.length || (typed[0] ?? 0) > 20) && say(errors, clause, "ladder", { said: clause.text, most: DOSE_LIMITS.count }), { by: "ladder", counts: kept.length > 0 ? kept : [1] };
}
var CHIME = new RegExp(`^every\\s+(${TIME})\\s*\\((.*)\\)\\s*(?:(at once|at cycle end)\\s*)?(and on the bell)?$`, "is");
function withClause(dose, clause, errors) {
  if (dose === null) return null;
  let { text } = clause, rest = /^(?:(set)\s+rest|rest\s+(between\s+sets)|between\s+(sets)|rest(?:\s+between\s+rounds)?)\s+(\S.*)$/is.exec(text);
  if (rest) {
    let value = restOf(rest[4] ?? "", clause, errors);
    return rest[1] || rest[2] || rest[3] ? { ...dose, setRest: value } : { ...dose, rest: value };
  }
  if (/^no rest$/i.test(text)) return { ...dose, rest: 0, setRest: dose.setRest ?? 0 };
  let ratio = /^work\s*:\s*rest\s+(\d+(?:\.\d+)?)\s*:\s*(\d+(?:\.\d+)?)$/i.exec(text);
  if (ratio && Number(ratio[1]) > 0) return { ...dose, rest: { times: Number(ratio[2]) / Number(ratio[1]) } };
  let turns = /^alternating\s/i.test(text) ? parted(text.slice(11), /\sand\s/i) : null;
  if (turns) return { ...dose, alternate: { a: turns[0], b: turns[1] } };
  if (/^count(?:s|ing)? (?:aloud|spoken)$/i.test(text)) return { ...dose, speaks: "counts" };
  if (/^beats (?:aloud|spoken)$/i.test(text)) return { ...dose, speaks: "beats" };
  if (/^challenge$/i.test(text)) return { ...dose, challenge: !0 };
  let chime = CHIME.exec(text);
  if (chime) {
    let every = secondsOf(chime[1] ?? "")?.low ?? 0;
    if (every < 1)
      return say(errors, clause, "chime", {}, "every 20 s (\u2026)"), dose;
    let one = {
      every,
      does: (chime[2] ?? "").trim(),
      when: /at cycle end/i.test(chime[3] ?? "") ? "at cycle end" : "at once",
      onBell: chime[4] !== void 0
    };
    return { ...dose, chimes: [...dose.chimes, one].slice(0, DOSE_LIMITS.chimes) };
  }
  return say(errors, clause, "not-understood", { said: text }, "rest 30 s"), dose;
}
function restOf(typed, clause, errors) {
  let times = /^(\d+(?:\.\d+)?)\s*(?:[x×]|times)(?:\s+(?:the\s+)?work)?$/i.exec(typed);
  if (times) return { times: Number(times[1]) };
  let bare = /^-?\d+(?:\.\d+)?$/.test(typed.trim()) ? exactly(numberOf(typed)) : null, seconds = secondsOf(typed) ?? bare;
  if (seconds === null) return say(errors, clause, "rest-no-time", { said: typed }, "rest 30 s");
  if (seconds.low < 0) return say(errors, clause, "rest-negative", {}, "rest 30 s");
  if (Math.max(seconds.low, seconds.high) > 86400) return say(errors, clause, "rest-long", {}, "rest 60 s");
  if (seconds.low > seconds.high) {
    let { high: low, low: high } = seconds;
    return say(errors, clause, "downwards", { said: typed.trim() }, `rest ${secondsText({ low, high })}`), { low, high };
  }
  return seconds.low === seconds.high ? seconds.low : seconds;
}
function printDose(dose) {
  let { work, sides, sets, rounds } = dose, many = (range) => range.low !== 1 || range.high !== 1, setsText = many(sets) ? `${rangeText(sets)} sets of ` : "", roundsText = many(rounds) ? `${rangeText(rounds)} \xD7 ` : "", sidesText = sides === null ? "" : ` ${sides.share === "each" ? "each" : "both"} ${sides.of}${sides.share === "each" ? "" : "s"}${sides.share === "all" ? " in all" : ""}`, rest = (value) => value === null ? "" : typeof value == "number" ? secondsText(exactly(value)) : "times" in value ? `${value.times} \xD7 work` : secondsText(value);
  return [
    `${setsText}${roundsText}${workText(work)}${sidesText}`,
    dose.rest === null ? "" : `rest ${rest(dose.rest)}`,
    dose.setRest === null ? "" : `set rest ${rest(dose.setRest)}`,
    ...dose.chimes.map(
      (chime) => `every ${secondsText(exactly(chime.every))} (${chime.does}) ${chime.when}${chime.onBell ? " and on the bell" : ""}`
    ),
    dose.alternate ? `alternating ${dose.alternate.a} and ${dose.alternate.b}` : "",
    dose.speaks ? `${dose.speaks} aloud` : "",
    dose.challenge ? "challenge" : ""
  ].filter((part) => part !== "").join(", ");
}
function workText(work) {
  switch (work.by) {
    case "time":
      return secondsText(work.seconds);
    case "calls":
      return `${rangeText(work.count)} calls`;
    case "open":
      return work.least === 15 ? "until comfortable" : `at least ${secondsText(exactly(work.least))} until comfortable`;
    case "ladder":
      return work.counts.length === 1 ? `ladder ${work.counts[0] ?? 1}` : `ladder ${work.counts.join("-")}`;
    case "count":
      return `${rangeText(work.count)}${work.of === 2 ? " doubles" : work.of === 3 ? " triples" : ""}${work.within === null ? "" : ` in ${secondsText(exactly(work.within))}`}`;
  }
}
export {
  parse,
  printDose,
  printPattern,
  readDose
};
