// Made by npm run freeze -- engine 1 from 12e506b80183; never changed afterwards.
// @ts-nocheck
var graphemes = new Intl.Segmenter(void 0, { granularity: "grapheme" });
function cut(text, most) {
  return text.length <= most ? text : text.slice(0, graphemes.segment(text).containing(most)?.index ?? most);
}

var SPOT_WORDS = ["front corner", "rear corner", "service line", "own middle", "ring centre", "fence"], TO_A_SIDE = ["front corner", "rear corner"];

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
  stamp: { family: "load", example: "stamp", ...inPlace, foot: !0 },
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
  "single step": { family: "gather", example: "single step ahead 30 cm left foot", ...ahead, size: "step", foot: !0 },
  "feet together": { family: "gather", example: "feet together", ...inPlace, foot: !0 },
  "feet apart": { family: "gather", example: "feet apart", ...inPlace, foot: !0 },
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
  "one-foot hop": { family: "air", example: "one-foot hop right foot", ...ahead, size: "aside", foot: !0 },
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

var STRIKES = {
  hands: [
    "jab",
    "cross",
    "hook",
    "uppercut",
    "one-two",
    "slip",
    "bob",
    "roll",
    "duck",
    "feint",
    "fake",
    "overhand",
    "body shot",
    "block",
    "counter",
    "elbow"
  ],
  kicks: ["kick", "knee", "roundhouse", "roundhouse kick", "front kick", "side kick", "push kick"],
  racket: [
    "forehand",
    "backhand",
    "smash",
    "drop",
    "clear",
    "volley",
    "serve",
    "topspin",
    "slice",
    "return",
    "lob",
    "drive",
    "lift",
    "net shot",
    "overhead",
    "push"
  ],
  blade: ["point", "thrust", "cut", "parry", "riposte"]
};

var HOMES = ["home", "base", "middle", "centre", "center"], WAYS_HOME = ["run home", "shuffle home", "recover back"], ways = (...before) => Object.fromEntries(before.flatMap((words) => HOMES.map((home) => [`${words} ${home}`, WAYS_HOME]))), ENGLISH = {
  moves: {
    "square up": ["square up", "ready", "stance", "ready position", "ready stance", "en garde", "on guard", "guard"],
    "other lead": ["other lead", "other-lead"],
    hold: ["hold", "pause", "wait", "rest"],
    split: ["split", "split step"],
    bounce: ["bounce"],
    "heel raise": ["heel raise"],
    "weight shift": ["weight shift", "weight", "weight on", "weight onto", "shift weight", "load"],
    "preload hop": ["preload hop", "pogo hop", "pogo", "ankle hop"],
    stamp: ["stamp", "appel", "stomp"],
    advance: ["advance"],
    retreat: ["retreat"],
    shuffle: [
      "shuffle",
      "step",
      "side step",
      "box step",
      "slide",
      "side shuffle",
      "lateral shuffle",
      "lateral step",
      "sidestep",
      "push step",
      "step and drag",
      "step drag",
      "adjustment step"
    ],
    "half step": ["half step"],
    "single step": ["single step", "one-foot step", "one foot step"],
    "feet together": ["feet together", "bring feet together", "feet closed"],
    "feet apart": ["feet apart", "open up", "open feet"],
    chass\u00E9: ["chass\xE9", "chasse"],
    gallop: ["gallop", "skip"],
    pendulum: ["pendulum"],
    pass: ["pass", "step through"],
    shift: ["shift"],
    "back step": ["back step"],
    run: ["run"],
    crossover: ["crossover", "cross over", "cross step"],
    "cross behind": ["cross behind"],
    "drop step": ["drop step"],
    pivot: ["pivot"],
    quarter: ["quarter", "quarter turn"],
    "step-out quarter": ["step-out quarter", "step out quarter"],
    "slip-side quarter": ["slip-side quarter", "slip side quarter"],
    cut: ["cut"],
    "side step and turn": ["side step and turn"],
    orbit: ["orbit", "circle"],
    face: ["face", "turn", "turning"],
    switch: ["switch", "switch stance", "switch feet"],
    lunge: ["lunge", "side lunge", "lateral lunge"],
    recover: ["recover"],
    "step-lunge": ["step-lunge", "step lunge"],
    "jump-lunge": ["jump-lunge", "jump lunge"],
    "running attack": ["running attack", "fl\xE8che", "fleche"],
    "reaching step": ["reaching step"],
    "step in": ["step in", "step-in"],
    "pull back": ["pull back", "pull-back"],
    jump: ["jump", "hop"],
    "one-foot hop": ["one-foot hop", "one foot hop", "single-leg hop", "single leg hop"],
    "scissor jump": ["scissor jump"],
    "block jump": ["block jump"],
    "side jump": ["side jump"],
    hit: ["hit"],
    "guard check": ["guard check"]
  },
  events: {
    "ball hit": [
      "ball hit",
      "when ball hit",
      "when the ball is hit",
      "ball is hit",
      "on the hit",
      "at contact",
      "on contact",
      "opponent hits",
      "when opponent hits",
      "when the opponent hits",
      "as opponent hits",
      "as the opponent hits",
      "when they hit",
      "as they hit",
      "as the ball is hit",
      "when the ball is struck"
    ],
    "ball released": ["ball released", "ball thrown", "ball is thrown", "when the ball is thrown", "on the release", "at release"],
    call: ["call", "on call", "on the call", "wait for call", "wait for the call", "on command"],
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
  spots: {
    "front corner": ["front corner", "net corner", "fore corner"],
    "rear corner": ["rear corner", "back corner", "deep corner"],
    "service line": ["service line", "short line", "short service line", "non-volley line"],
    "own middle": ["own middle", "own side\u2019s middle", "own side's middle", "middle of own side", "centre of own side"],
    "ring centre": ["ring centre", "ring center", "centre of the ring", "center of the ring", "centre of the mat", "centre of the floor"],
    fence: ["fence", "cage", "ropes"]
  },
  feet: {
    lead: ["lead"],
    rear: ["rear", "hind"],
    near: ["near"],
    far: ["far"],
    playing: ["playing", "forehand", "racket", "racquet", "dominant", "weapon"],
    other: ["other", "backhand"],
    outside: ["outside"],
    inside: ["inside"]
  },
  directions: {
    ahead: ["ahead", "forward", "forwards", "fwd", "front"],
    right: ["right", "r"],
    back: ["back", "backward", "backwards", "rearward", "rearwards", "behind"],
    left: ["left", "l"]
  },
  sizes: { small: ["small", "tiny"], even: ["even"], big: ["big", "long"] },
  tempos: { slow: ["slow", "slowly"], quick: ["quick", "quickly", "fast", "faster", "explosive", "double time", "double-time"] },
  styles: { drop: ["drop"], "low hop": ["low hop"], "high hop": ["high hop"], several: ["several"] },
  units: {
    cm: ["cm", "centimetres", "centimeters"],
    m: ["m", "metre", "metres", "meter", "meters"],
    in: ["in", "inch", "inches"],
    ft: ["ft", "feet"],
    shoe: ["shoe", "shoes"]
  },
  keys: {
    foot: ["foot", "leg"],
    first: ["first"],
    in: ["in"],
    ms: ["ms"],
    seconds: ["s", "sec", "secs", "second", "seconds"],
    beats: ["beats", "beat"],
    degrees: ["degrees", "deg"],
    times: ["times"],
    x: ["x"],
    once: ["once"],
    twice: ["twice", "couple"],
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
    home: HOMES,
    intended: ["intended"],
    turning: ["turning"],
    toe: ["toe", "toes"],
    weight: ["loading", "weight", "weighting"],
    floor: ["floor"]
  },
  feetAlone: { left: ["lf"], right: ["rf"] },
  strikes: Object.values(STRIKES).flat(),
  feints: ["feint", "fake"],
  eithers: { cross: "crossover", drop: "drop step" },
  composed: {
    "small split": { move: "split", style: "several" },
    "big split": { move: "split", style: "high hop" },
    "half turn": { move: "face", degrees: 180 },
    "about turn": { move: "face", degrees: 180 },
    "turn around": { move: "face", degrees: 180 },
    "turn round": { move: "face", degrees: 180 },
    "reverse lunge": { move: "lunge", bearing: 180 },
    backpedal: { move: "run", bearing: 180 },
    sprint: { move: "run" },
    balestra: { move: "jump", bearing: 0 },
    unweight: { move: "weight shift", otherFoot: !0 }
  },
  toes: { out: ["out", "outward", "outwards"], in: ["inward", "inwards", "in"] },
  byFoot: { step: "single step", hop: "one-foot hop" },
  asked: {
    go: ["shuffle", "run"],
    move: ["shuffle", "run"],
    "change lead": ["other lead", "switch"],
    southpaw: ["other lead", "switch"],
    orthodox: ["other lead", "switch"],
    ...ways("back to", "back to the", "return to", "return to the", "come back to", "come back to the", "go to", "go back to"),
    home: WAYS_HOME,
    "home to": ["run to", "shuffle to"],
    "go home": WAYS_HOME,
    "return home": WAYS_HOME,
    "back home": WAYS_HOME,
    "come back": WAYS_HOME,
    grapevine: ["cross behind", "crossover"]
  },
  numbers: [
    "one",
    "two",
    "three",
    "four",
    "five",
    "six",
    "seven",
    "eight",
    "nine",
    "ten",
    "eleven",
    "twelve",
    "thirteen",
    "fourteen",
    "fifteen",
    "sixteen",
    "seventeen",
    "eighteen",
    "nineteen",
    "twenty"
  ],
  multiples: { double: 2, triple: 3 },
  and: ["and"],
  inPlace: ["in place", "on the spot", "where you are", "where you stand"],
  articles: ["a", "an"],
  measured: ["for", "by"],
  fillers: ["the", "your", "my", "his", "her", "their"],
  loosely: { in: "ahead", out: "back" },
  beatOf: "beat of"
};

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

var bare = (word) => ({
  word,
  bearing: null,
  turn: null,
  size: null,
  second: null,
  foot: null,
  side: null,
  style: null,
  seconds: null,
  name: null,
  aim: null,
  short: null,
  floor: !1,
  turning: null,
  toe: null,
  weight: null
}), TWO_FEET = ["advance", "retreat", "shuffle"];
function actOf({ head, whole }, word, quoted, parts, reading) {
  let rule = ruleOf(word), { vocabulary } = reading.lexicon, said2 = parts.head, no = (code, values, expected = [], nearest = null) => reading.errors.add(head, code, values, expected, nearest), none = (code, values, expected = [], nearest = null) => reading.errors.add(whole, code, values, expected, nearest);
  parts.size && rule.size === "none" && no("takes-no-size", { word: said2 }), parts.foot && !rule.foot && no("takes-no-foot", { word: said2 });
  let [, next] = parts.sizes, second = parts.second ?? (TWO_FEET.includes(word) ? next ?? null : null);
  parts.second && !TWO_FEET.includes(word) && no("no-second-foot", {}), rule.size !== "none" && parts.sizes.length > (parts.second || !TWO_FEET.includes(word) ? 1 : 2) && no("two-sizes", { word: said2 }), (rule.way === "none" || rule.fixed) && parts.side !== null && no("takes-no-way", { word: said2 }), rule.way === "none" && (parts.bearings.length > 0 || parts.degrees !== null || parts.aim !== null) && no("takes-no-way", { word: said2 });
  let { aim } = parts;
  aim && aim.side === null && TO_A_SIDE.some((one) => one === aim.thing) && cornerAsks(whole, aim.thing, reading), parts.floor && rule.way !== "bearing" && no("takes-no-more", { word: said2 }), parts.label !== null && no("takes-no-name", { word: said2 }), parts.feet.length > 1 && !(second && areBoth(parts.feet)) && no("two-feet", { word: said2 }), bareNumber(rule, whole, parts, reading), (parts.at !== null || parts.every !== null) && no("no-own-time", {});
  let turn = rule.way === "turn" ? turnOf(rule, parts, no, none, vocabulary, said2) : null;
  if (rule.way === "turn" && turn === void 0) return null;
  let bearing = rule.way === "bearing" ? bearingOf(rule, word, parts, no, none, vocabulary) : null;
  return bearing === void 0 ? null : {
    word,
    bearing,
    turn: turn ?? null,
    size: rule.size === "none" ? null : parts.size,
    second: TWO_FEET.includes(word) ? second : null,
    foot: rule.foot ? parts.foot : null,
    side: rule.way === "none" || rule.fixed ? null : parts.side,
    style: word === "split" ? parts.style : null,
    seconds: word === "hold" && parts.tempo && "seconds" in parts.tempo ? parts.tempo.seconds : null,
    name: quoted === null ? null : cut(quoted.slice(1, -1).trim(), NOTATION_LIMITS.name) || null,
    aim: rule.way === "none" ? null : parts.aim,
    short: parts.short,
    floor: rule.way === "bearing" && (parts.floor || reading.floor),
    ...landedAs(rule, parts, no, vocabulary)
  };
}
var LANDS = ["load", "gather", "pass", "reach", "air"];
function landedAs(rule, parts, no, { directions }) {
  let { turning: turning2, toe, weight } = parts, lands = LANDS.includes(rule.family);
  (turning2 !== null && rule.way !== "bearing" || !lands && (toe !== null || weight !== null)) && no("takes-no-more", { word: parts.head });
  let turns = rule.way === "bearing" && turning2 !== null;
  turns && turning2.side === null && no("turning-side", { word: parts.head }, [directions.left[0], directions.right[0]]);
  let degrees = turning2 && turning2.side !== null ? turning2.side * Math.min(turning2.degrees, NOTATION_LIMITS.turn) : null;
  return { turning: turns && degrees !== 0 ? degrees : null, toe: lands ? toe : null, weight: lands ? weight : null };
}
function cornerAsks(step, spot, { errors, text, lexicon: { vocabulary } }) {
  let said2 = text.slice(step.from, step.to), { feet, keys } = vocabulary, readings = [feet.playing[0], feet.other[0]].map((side) => `${said2} ${side} ${keys.side[0]}`);
  errors.ask(step, "corner-side", { word: vocabulary.spots[spot][0] }, readings, step);
}
var PAIRS = [
  ["left", "right"],
  ["lead", "rear"],
  ["near", "far"],
  ["playing", "other"],
  ["outside", "inside"]
], areBoth = (feet) => feet.length === 2 && PAIRS.some((pair) => pair.every((foot) => feet.includes(foot))), BARE = { degrees: 15, turns: 8, steps: 12 };
function bareNumber(rule, step, parts, { errors, text, lexicon: { vocabulary } }) {
  let { bare: bare2, head: word } = parts;
  if (bare2 === null) return;
  if (parts.turning !== null && !parts.turning.said && bare2.value >= BARE.degrees) {
    parts.times = 1, parts.turning = { ...parts.turning, degrees: bare2.value, said: !0 };
    return;
  }
  let said2 = text.slice(bare2.node.from, bare2.node.to), times = `${bare2.value} ${vocabulary.keys.times[0]}`;
  if (parts.holds && parts.tempo === null)
    parts.times = 1, errors.ask(bare2.node, "bare-number", { said: said2, word }, [`${bare2.value} ${vocabulary.keys.seconds[0]}`, times], step);
  else if (rule.way === "turn" && parts.degrees === null) {
    if (bare2.value <= BARE.turns) return;
    parts.times = 1, bare2.value >= BARE.degrees ? parts.degrees = parts.bareDegrees = bare2.value : errors.ask(bare2.node, "bare-number", { said: said2, word }, [`${bare2.value}\xB0`, times], step);
  } else (rule.size === "step" || rule.size === "lunge") && parts.size === null && bare2.value > BARE.steps && (parts.times = 1, errors.ask(bare2.node, "bare-number", { said: said2, word }, [`${bare2.value} ${vocabulary.units.cm[0]}`, times], step));
}
function written(parts) {
  let [one, two] = parts.bearings;
  if (parts.degrees !== null) {
    let off = Math.max(-180, Math.min(180, parts.degrees));
    return one === -90 ? -off : off;
  }
  if (one === void 0) return null;
  if (two === void 0 || Math.abs(Math.abs(one) - Math.abs(two)) !== 90) return one;
  let side = Math.abs(one) === 90 ? one : two, along2 = side === one ? two : one;
  return Math.sign(side) * (along2 === 0 ? 45 : 135);
}
function bearingOf(rule, word, parts, no, none, vocabulary) {
  let { moves, directions } = vocabulary, said2 = written(parts), asked = parts.aim?.thing === "home" && said2 === 180 ? null : said2, [one, two] = parts.bearings;
  if (one !== void 0 && two !== void 0 && Math.abs(one - two) === 180 && no("opposite", { one: bearingWords(one, vocabulary), two: bearingWords(two, vocabulary) }), rule.fixed) {
    if (asked !== null && asked !== rule.usual) {
      let [other] = moves[word === "shift" || word === "back step" ? "pass" : "shuffle"];
      no("fixed-way", { word: parts.head, way: rule.usual === 0 ? "ahead" : "back", other }, [other], other);
    }
    return null;
  }
  if (word === "recover" && asked !== null && asked !== 0 && asked !== 180 && no("recover-way", {}, [directions.ahead[0], directions.back[0]]), parts.side !== null && asked !== null && asked !== 0 && asked !== 180 && no("takes-no-way", { word: parts.head }), asked === null && rule.usual === null && parts.aim === null && parts.side === null) {
    let [left, right] = [directions.left[0], directions.right[0]];
    none("needs-way", { word: parts.head }, [left, right, directions.ahead[0], directions.back[0], `45\xB0 ${left}`]);
    return;
  }
  return parts.side !== null ? asked === 0 || asked === 180 ? asked : null : word === "recover" && asked !== 0 ? null : asked;
}
function turnOf(rule, parts, no, none, { directions }, said2) {
  let side = parts.bearings.find((bearing) => Math.abs(bearing) === 90);
  parts.bearings.some((bearing) => Math.abs(bearing) !== 90) && no("takes-side", { word: said2 }, [directions.left[0], directions.right[0]]);
  let degrees = parts.degrees ?? rule.usual ?? 90;
  if (parts.side !== null) return parts.degrees === null ? null : Math.min(Math.abs(degrees), NOTATION_LIMITS.turn);
  let unsided = parts.degrees === null || parts.bareDegrees !== null && parts.bareDegrees !== 180;
  if (side === void 0 && unsided) {
    if (rule.usual === 0 || parts.aim !== null) return null;
    let [left, right] = [directions.left[0], directions.right[0]];
    none("needs-turn", { word: said2 }, [left, right, `${right} 90\xB0`]);
    return;
  }
  if (Math.abs(degrees) > NOTATION_LIMITS.turn) {
    none("turns-far", { word: said2, most: NOTATION_LIMITS.turn, degrees });
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
  add(span, code, values, expected = [], nearest = null, readings = [], step = null) {
    if (this.list.length >= NOTATION_LIMITS.errors) return;
    let message = said(code, values);
    this.list.push({
      ...message,
      from: span.from,
      to: span.to,
      ...placeOf(this.text, span.from),
      expected,
      nearest: typeof nearest == "function" ? nearest() : nearest,
      readings,
      step: step && { from: step.from, to: step.to }
    });
  }
  /** What was asked of a piece of the text is answered. */
  answered({ from }, code) {
    let at2 = this.list.findLastIndex((one) => one.code === code && one.from === from);
    at2 >= 0 && this.list.splice(at2, 1);
  }
  /** Asks which of several is meant. */
  ask(span, code, values, readings, step = null) {
    this.add(span, code, values, [], null, readings, step);
  }
};

var wordOf = (text) => text.toLowerCase().replace(/[\s\u{a0}]+/gu, " "), printed = (sayings) => Object.values(sayings).map(([first]) => first);
function byWord(sayings) {
  let meanings = Object.entries(sayings);
  return new Map(meanings.flatMap(([meaning, words]) => words.map((word) => [word, meaning])));
}
function spellings(phrase) {
  let plural = /(?:s|x|ch|sh)$/.test(phrase) ? `${phrase}es` : /[^aeiou]y$/.test(phrase) ? `${phrase.slice(0, -1)}ies` : `${phrase}s`;
  return [phrase, plural].flatMap((one) => one.includes(" ") ? [one, one.replaceAll(" ", "-")] : [one]);
}
function spelled(phrases2) {
  let said2 = [...phrases2];
  return new Map([...said2.flatMap(([phrase, meaning]) => spellings(phrase).map((one) => [one, meaning])), ...said2]);
}
var made = /* @__PURE__ */ new WeakMap();
function lexiconOf(vocabulary) {
  let known = made.get(vocabulary);
  if (known) return known;
  let { directions, keys, feet } = vocabulary, sides = { left: directions.left, right: directions.right }, key = (...words) => words.map((word) => keys[word][0]), [each] = keys.each, lexicon = {
    vocabulary,
    moves: spelled(byWord(vocabulary.moves)),
    events: byWord(vocabulary.events),
    things: byWord(vocabulary.things),
    spots: byWord(vocabulary.spots),
    feet: byWord({ ...sides, ...feet }),
    directions: byWord(directions),
    sizes: byWord(vocabulary.sizes),
    tempos: byWord(vocabulary.tempos),
    styles: byWord(vocabulary.styles),
    units: byWord(vocabulary.units),
    keys: byWord(keys),
    feetAlone: byWord(vocabulary.feetAlone),
    numbers: new Map([...vocabulary.numbers.map((word, i) => [word, i + 1]), ...Object.entries(vocabulary.multiples)]),
    strikes: spelled(vocabulary.strikes.map((word) => [word, word])),
    composed: spelled(Object.entries(vocabulary.composed)),
    asked: spelled(Object.entries(vocabulary.asked)),
    byFoot: spelled(Object.entries(vocabulary.byFoot)),
    toes: byWord(vocabulary.toes),
    own: /* @__PURE__ */ new Set([
      ...[vocabulary.moves, vocabulary.events, vocabulary.things, vocabulary.feet, vocabulary.sizes, vocabulary.tempos].flatMap(printed),
      ...[vocabulary.directions, vocabulary.styles, vocabulary.units, vocabulary.keys].flatMap(printed)
    ]),
    heads: printed(vocabulary.moves),
    inStep: [
      ...printed(sides),
      ...printed(feet),
      ...printed({ ahead: directions.ahead, back: directions.back }),
      ...key("foot", "first"),
      ...printed(vocabulary.sizes),
      ...printed(vocabulary.tempos),
      ...new Set(printed(vocabulary.styles).flatMap((style) => style.split(" "))),
      ...key("in", "then", "to", "turning", "toe", "weight"),
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

var at = (input, offset) => {
  let code = input.peek(offset);
  return code < 0 ? "" : String.fromCharCode(code);
};
function isLetter(one) {
  return one >= "a" && one <= "z" || one >= "A" && one <= "Z" ? !0 : one <= "~" ? one === "'" || one === "_" || one === "-" : /[\p{L}\p{M}’]/u.test(one);
}
var isDigit = (one) => one >= "0" && one <= "9", isSpace = (one) => one === " " || one === "	" || one === "\xA0";
function wordFrom(input, from) {
  let end = from, word = "";
  for (let one = at(input, end); isLetter(one); one = at(input, end))
    word += one, end++;
  return { word: word.toLowerCase(), end };
}
function wordBefore(input) {
  let back = -1;
  for (; isSpace(at(input, back)); ) back--;
  let word = "";
  for (let one = at(input, back); isLetter(one); one = at(input, back))
    word = one + word, back--;
  return word.toLowerCase();
}
function pastSpaces(input, from) {
  let end = from;
  for (; isSpace(at(input, end)); ) end++;
  return end;
}

var KEY_TERMS = {
  foot: 18,
  first: 19,
  in: 24,
  ms: 25,
  seconds: 26,
  beats: 26,
  degrees: 27,
  times: 28,
  x: 29,
  once: 30,
  twice: 30,
  step: 31,
  then: 34,
  to: 35,
  short: 36,
  at: 37,
  every: 38,
  each: 39,
  side: 40,
  mirrored: 41,
  doing: 42,
  on: 43,
  after: 44,
  before: 44,
  with: 44,
  start: 45,
  landing: 45,
  home: 47,
  intended: 48,
  turning: 49,
  toe: 50,
  weight: 51,
  floor: 52
}, SEPARATORS = /[,;·→\n/.(|[]/, LONGEST_EVENT = 48;
function wordClassOf(vocabulary) {
  let { feet, feetAlone, directions, tempos, sizes, styles, units, things, numbers, keys } = lexiconOf(vocabulary), classes = /* @__PURE__ */ new Map(), all = (words, term) => {
    for (let word of words) classes.set(word, term);
  };
  all(feet.keys(), 17), all(feetAlone.keys(), 33);
  for (let [word, way] of directions) classes.set(word, way === "left" || way === "right" ? 15 : 16);
  all(tempos.keys(), 21), all(sizes.keys(), 20);
  for (let style of styles.keys()) all(style.split(" "), 22);
  all(units.keys(), 23), all(things.keys(), 46), all(numbers.keys(), 32);
  for (let [word, key] of keys) classes.set(word, KEY_TERMS[key]);
  let joined = (word) => word.includes("-") && word.split("-").every((one) => directions.has(one));
  return (typed) => {
    let word = typed.toLowerCase();
    return classes.get(word) ?? (joined(word) ? 16 : -1);
  };
}
function nameEnd(input) {
  if (!isLetter(at(input, 0)) && !isDigit(at(input, 0))) return 0;
  for (let end = 1; end <= NOTATION_LIMITS.name; end++) {
    let one = at(input, end);
    if (one === ":") return end + 1;
    if (!isLetter(one) && !isDigit(one) && !isSpace(one)) return 0;
  }
  return 0;
}
function phrasesOf(vocabulary) {
  let { moves, events, strikes, directions, feet, feetAlone, sizes, tempos, keys, units, things, spots, numbers, composed, asked, own } = lexiconOf(vocabulary), classOf = wordClassOf(vocabulary), known = /* @__PURE__ */ new Map();
  for (let phrase of [...moves.keys(), ...composed.keys(), ...asked.keys()]) known.set(phrase, [1]);
  for (let phrase of [...events.keys(), vocabulary.beatOf]) known.set(phrase, [2]);
  for (let phrase of spots.keys()) known.set(phrase, [11]);
  for (let phrase of tempos.keys()) phrase.includes(" ") && known.set(phrase, [12]);
  for (let phrase of vocabulary.inPlace) known.set(phrase, [13]);
  for (let phrase of strikes.keys()) known.set(phrase, [...known.get(phrase) ?? [], 3]);
  let longest = /* @__PURE__ */ new Map();
  for (let phrase of [...known.keys(), ...Object.keys(vocabulary.eithers)]) {
    let [first = "", ...more] = phrase.split(" ");
    longest.set(first, Math.max(longest.get(first) ?? 0, more.length + 1));
  }
  let [and, then] = [new Set(vocabulary.and), new Set([...keys].flatMap(([word, key]) => key === "then" ? [word] : []))], [articles, measured] = [new Set(vocabulary.articles), new Set(vocabulary.measured)], [fillers, eithers] = [new Set(vocabulary.fillers), new Map(Object.entries(vocabulary.eithers))], measures = /* @__PURE__ */ new Set([
    ...units.keys(),
    ...[...keys].flatMap(([word, key]) => ["seconds", "beats", "ms", "degrees"].includes(key) ? [word] : [])
  ]), [ties, footWords] = [/* @__PURE__ */ new Set([...vocabulary.keys.on, ...vocabulary.keys.with]), new Set(vocabulary.keys.foot)], sides = /* @__PURE__ */ new Set([...vocabulary.directions.left, ...vocabulary.directions.right]), isHand = (word) => strikes.has(word) || moves.get(word) === "hit" || word.split("-").every((one) => strikes.has(one)), isPart = (word) => directions.has(word) || feet.has(word) || feetAlone.has(word) || sizes.has(word) || tempos.has(word), decimal = (input) => {
    let end = 0;
    for (; isDigit(at(input, end)); ) end++;
    if (end === 0 || at(input, end) !== "," || !isDigit(at(input, end + 1))) return 0;
    for (end++; isDigit(at(input, end)); ) end++;
    let next = pastSpaces(input, end);
    return measures.has(wordFrom(input, next).word) || at(input, next) === "\xB0" ? end : 0;
  }, goesOn = (input, from) => {
    let next = pastSpaces(input, from);
    if (isDigit(at(input, next)) || at(input, next) === ".") {
      for (; isDigit(at(input, next)) || at(input, next) === "."; ) next++;
      let behind = wordFrom(input, pastSpaces(input, next)).word;
      return !known.has(behind);
    }
    let { word } = wordFrom(input, next), key = keys.get(word);
    return isPart(word) || key === "in" || numbers.has(word) && measures.has(wordFrom(input, pastSpaces(input, next + word.length)).word);
  }, separated = (input) => {
    let back = -1;
    for (; isSpace(at(input, back)); ) back--;
    let before = at(input, back);
    return before === "" || SEPARATORS.test(before);
  }, eventBefore = (input) => {
    let said2 = "";
    for (let back = -1; back >= -LONGEST_EVENT && !SEPARATORS.test(at(input, back)) && at(input, back) !== ""; back--)
      said2 = at(input, back) + said2;
    return events.has(wordOf(said2.trim()));
  }, pastFillers = (input, from) => {
    for (let start = pastSpaces(input, from); ; ) {
      let { word, end } = wordFrom(input, start);
      if (!articles.has(word) && !fillers.has(word)) return { word, start, end };
      start = pastSpaces(input, end);
    }
  }, strikeFollows = (input, from) => {
    let { word, end } = pastFillers(input, from), next = sides.has(word) ? wordFrom(input, pastSpaces(input, end)) : { word, end };
    return isHand(next.word) && !footWords.has(wordFrom(input, pastSpaces(input, next.end)).word);
  }, footFollows = (input, from) => {
    let { word, end } = pastFillers(input, from);
    return feetAlone.has(word) || (feet.has(word) || directions.has(word)) && footWords.has(wordFrom(input, pastSpaces(input, end)).word);
  }, joinedStrikes = (word) => word.includes("-") && word.split("-").every((one) => strikes.has(one)), behindPlus = (input) => {
    let back = -1;
    for (; isSpace(at(input, back)); ) back--;
    return at(input, back) === "+";
  }, token = (input, stack) => {
    let first = at(input, 0), named2 = nameEnd(input);
    if (named2 > 0 && stack.canShift(10)) return input.acceptToken(10, named2);
    if (isDigit(first)) {
      let end2 = decimal(input);
      end2 > 0 && input.acceptToken(5, end2);
      return;
    }
    if (/["”″'’′]/.test(first) && isDigit(at(input, -1))) {
      stack.canShift(6) && input.acceptToken(6, 1);
      return;
    }
    let one = wordFrom(input, 0);
    if (one.word === "") return;
    if (one.word.length === 1 && things.has(wordBefore(input)) && stack.canShift(7)) {
      input.acceptToken(7, 1);
      return;
    }
    if (at(input, pastSpaces(input, one.end)) === "=" && !own.has(one.word) && classOf(one.word) === -1 && stack.canShift(9)) {
      input.acceptToken(9, one.end);
      return;
    }
    let text = "", end = 0, found = null, most = longest.get(one.word) ?? (one.word.includes("-") ? 1 : 0);
    for (let words = 0; words < most; words++) {
      let start = words === 0 ? 0 : pastSpaces(input, end);
      if (words > 0 && start === end) break;
      let next2 = wordFrom(input, start);
      if (next2.word === "") break;
      text = text === "" ? next2.word : `${text} ${next2.word}`, end = next2.end;
      let term = termOf(text, end, input, stack);
      term !== null && (found = { term, length: end });
    }
    if ((found ? found.term === 1 : moves.has(one.word)) && !stack.canShift(1) && stack.canShift(4) && eventBefore(input)) return input.acceptToken(4, 0);
    if (found) return input.acceptToken(found.term, found.length);
    if (then.has(one.word) && (separated(input) || !goesOn(input, one.end)) && stack.canShift(4))
      return input.acceptToken(4, one.end);
    if (one.word === vocabulary.keys.with[0] && stack.canShift(14) && strikeFollows(input, one.end))
      return input.acceptToken(14, one.end);
    if (ties.has(one.word) && stack.canShift(1) && footFollows(input, one.end)) return input.acceptToken(8, one.end);
    if (and.has(one.word)) {
      let behind2 = wordFrom(input, pastSpaces(input, one.end)).word, term = directions.has(behind2) && directions.has(wordBefore(input)) ? 8 : 4;
      (term === 8 || stack.canShift(term)) && input.acceptToken(term, one.end);
      return;
    }
    let next = pastSpaces(input, one.end), behind = wordFrom(input, next).word, handBehind = sides.has(behind) && isHand(wordFrom(input, pastSpaces(input, next + behind.length)).word), article = articles.has(one.word) && (known.has(behind) || sizes.has(behind) || handBehind || keys.get(behind) === "twice" && !own.has(behind)), measure = measured.has(one.word) && !stack.canShift(1) && (numbers.has(behind) || isDigit(at(input, next)));
    (fillers.has(one.word) || article || measure) && input.acceptToken(8, one.end);
  }, termOf = (phrase, end, input, stack) => {
    if (joinedStrikes(phrase)) return stack.canShift(3) ? 3 : null;
    if (spots.has(phrase)) return stack.canShift(11) ? 11 : null;
    let all = known.get(phrase);
    if (all === void 0 && !eithers.has(phrase)) return null;
    let sided = keys.get(wordFrom(input, pastSpaces(input, end)).word) === "side", strike = strikes.has(phrase) && !sided && stack.canShift(3);
    if (strike && behindPlus(input)) return 3;
    if (eithers.has(phrase)) {
      let behind = wordFrom(input, pastSpaces(input, end)).word;
      if ((directions.has(behind) || feet.has(behind)) && stack.canShift(1)) return 1;
    }
    let other = all?.find((term) => term !== 3) ?? null;
    return other !== null && (classOf(phrase.split(" ", 1)[0] ?? phrase) === -1 || stack.canShift(other)) ? other : strike ? 3 : null;
  };
  return new ExternalTokenizer(token, { contextual: !0 });
}
var wordClass = wordClassOf(ENGLISH), phrases = phrasesOf(ENGLISH);

var parser = LRParser.deserialize({
  version: 14,
  states: "2fO#PQROOOOQP'#Eo'#EoOOQP'#Ep'#EpO#lQRO'#DfO%UQRO'#DfO%aQRO'#DjO(xQRO'#DiO)QQRO'#DiO,iQRO'#DjO,tQRO'#DjO-VQRO'#DmOOQP'#Dn'#DnO.gQRO'#DoOOQP'#Eq'#EqOOQP'#Ed'#EdO.lQRO'#DeOOQP'#Dp'#DpOOQP'#Es'#EsO/yQRO'#EsO6aQRO'#DeO6tQRO'#DeO6{QRO'#E]O7YQRO'#E`O7_QRO'#EbOOQP'#En'#EnOOQP'#Ey'#EyO9QQRO'#EiO9eQRO'#EmO9eQRO'#EmQOQROOOOQP,5:Q,5:QOOQP'#Dl'#DlOOQP,5:V,5:VOOQP,5:X,5:XOOQP,5:Y,5:YO9vQRO,5:TOOQP,5:U,5:UOOQP,5:T,5:TO=_QRO,5:UO@vQRO,5:YOOQP,5:Z,5:ZO#WQRO'#DkOOQP-E8b-E8bO@{QRO,5:POA`QRO,5:zODpQRO'#EYOEZQRO'#DjOEuQRO'#EYOF`QRO'#DtOM`QRO'#EVOMgQRO'#DsO%UQRO'#DtOOQP'#Dt'#DtO!!xQRO'#DuOOQP'#Dv'#DvO!&ZQRO'#EuOOQP'#Dw'#DwOOQP'#Dx'#DxOOQP'#Dy'#DyOOQP'#Dz'#DzOOQP'#D{'#D{O!)lQRO'#D|OOQP'#D}'#D}O!,}QRO'#EOOOQP'#EP'#EPO!-VQRO'#EQOI}QRO'#EVOOQP'#EW'#EWOOQP'#EX'#EXOOQP'#EY'#EYOOQP'#Et'#EtOOQP'#Ev'#EvO!-mQRO'#EZOOQP'#Ee'#EeO@{QRO,5:PO.lQRO,5:PO6{QRO,5:wOOQP'#ES'#ESO7OQRO'#ESO!0wQRO,5:wOOQP'#Eh'#EhO!1PQRO,5:|OOQP,5;T,5;TOOQP-E8g-E8gO!1eQRO,5;XOOQP1G/o1G/oOOQP1G/p1G/pOOQP1G/t1G/tO!1vQRO1G/kO!2ZQRO'#DfO!2iQRO'#E]OOQP1G0f1G0fOOQP,5:c,5:cOOQP,5:_,5:_OOQP,5:`,5:`OOQP,5:p,5:pOOQP,5:q,5:qO!2nQRO,5:qOOQP,5:a,5:aOOQP,5;a,5;aOOQP,5:h,5:hOOQP,5:j,5:jO!2sQRO,5:lOOQP'#Ew'#EwOOQP,5:u,5:uO!-[QRO,5:uOOQP-E8c-E8cO!1vQRO1G/kO!2}QRO1G0cOOQP,5:n,5:nO6{QRO'#EfO!2}QRO1G0cO!3qQRO1G0cOOQP-E8f-E8fOOQP1G0]1G0]O!4UQRO1G0WOOQP1G0a1G0aO!4ZQRO7+%VO!4nQRO7+%}O!4vQRO7+%}OOQP,5;Q,5;QOOQP-E8d-E8dO!5ZQRO'#E_O%UQRO'#E_OOQP'#E_'#E_OOQP'#Ex'#ExOOQP'#Eg'#EgO!4vQRO7+%}OOQP7+%r7+%rO!6XQRO<<IiO!6XQRO<<IiOOQP,5:y,5:yOOQP-E8e-E8eO!6lQROAN?T",
  stateData: "!7T~O#`OS!VOSWOS~OPaOQaOR`OSiOTPOXfO[ZO_TO`TOaUOdYOeZOhXOmQOpPOqVOsWO{[O!OaO!QgO!ZPO![QO!e`O!fbO!ueO#ViO~O#^#aP~P]OUqOgqOhqOjrOkoO#foO~OlnOmQO![QOP!YXQ!YXR!YXT!YX[!YX_!YX`!YXa!YXd!YXe!YXp!YXq!YXs!YX{!YX!O!YX!Z!YX!e!YX!f!YX!u!YX~P#WOTPOpPO!ZPO~ObsOP!^XQ!^XR!^XT!^X[!^X_!^X`!^Xa!^Xd!^Xe!^Xh!^Xp!^Xq!^Xs!^X{!^X!O!^X!Z!^X!e!^X!f!^XS!^XV!^XZ!^X]!^X^!^Xc!^Xf!^Xg!^Xi!^Xj!^Xm!^Xn!^Xo!^Xr!^Xt!^Xu!^Xv!^Xw!^Xx!^Xy!^Xz!^X|!^X}!^X!P!^X!R!^X!S!^X!T!^X![!^X#O!^X#V!^X#^!^X!w!^X#Q!^X~ObsOxtO~OcuOP!]XQ!]XR!]XT!]X[!]X_!]X`!]Xa!]Xd!]Xe!]Xh!]Xp!]Xq!]Xs!]X{!]X!O!]X!Z!]X!e!]X!f!]XS!]XV!]XZ!]X]!]X^!]Xb!]Xf!]Xg!]Xi!]Xj!]Xm!]Xn!]Xo!]Xr!]Xt!]Xu!]Xv!]Xw!]Xx!]Xy!]Xz!]X|!]X}!]X!P!]X!R!]X!S!]X!T!]X![!]X#O!]X#V!]X#^!]X!w!]X#Q!]X~O_tO`tOavO~OTPO_tO`tOpPO!ZPO~OoqOP!aXQ!aXR!aXT!aX[!aX_!aX`!aXa!aXd!aXe!aXh!aXp!aXq!aXs!aX{!aX!O!aX!Z!aX!e!aX!f!aX~O!UxO~OPaOQaOR`OTPO[ZO_TO`TOaUOdYOeZOhXOpPOqVOsWO{[O!OaO!ZPO!e`O!faO~O#T|OQ#gXS#gXT#gXV#gXZ#gX[#gX]#gX^#gX_#gX`#gXa#gXb#gXc#gXd#gXe#gXf#gXg#gXh#gXi#gXj#gXm#gXn#gXo#gXp#gXq#gXr#gXs#gXt#gXu#gXv#gXw#gXx#gXy#gXz#gX{#gX|#gX}#gX!O#gX!P#gX!R#gX!S#gX!T#gX!Z#gX![#gX!e#gX!f#gX#O#gX#V#gX#^#gX!w#gX#Q#gX~OQ!fOTPOV!eOZ!YO[ZO]!hO^!iO_TO`TOa}Ob!gOc!gOd!SOeZOf!VOg!gOh!POi!gOj!gOmQOn!UOo!gOpPOqVOr!WOs!OOt!ZOu![Ov!]Ow!aOx!gOy!bOz!cO{!RO|!dO}!gO!O!XO!P!YO!R!^O!S!_O!T!`O!ZPO![QO!e!eO!f!gO#O!iO~OS!XX#V!XX#^!XX!w!XX#Q!XX~P3_O!u!nO~P.lOY!pO!w#aP#Q#aP~P]O#T|O~O!f!rO~OPaOQaOR`OTPOXfO[ZO_TO`TOaUOdYOeZOhXOmQOpPOqVOsWO{[O!OaO!QgO!ZPO![QO!e`O!fbO!ueO~OS#]X#V#]X#^#]X!w#]X#Q#]X~P7dOSiO#ViO#^#aX!w#aX#Q#aX~Oc!wOP!]aQ!]aR!]aT!]a[!]a_!]a`!]aa!]ad!]ae!]ah!]ap!]aq!]as!]a{!]a!O!]a!Z!]a!e!]a!f!]aS!]aV!]aZ!]a]!]a^!]ab!]af!]ag!]ai!]aj!]am!]an!]ao!]ar!]at!]au!]av!]aw!]ax!]ay!]az!]a|!]a}!]a!P!]a!R!]a!S!]a!T!]a![!]a#O!]a#V!]a#^!]a!w!]a#Q!]a~Ox!xOP!^aQ!^aR!^aT!^a[!^a_!^a`!^aa!^ad!^ae!^ah!^ap!^aq!^as!^a{!^a!O!^a!Z!^a!e!^a!f!^aS!^aV!^aZ!^a]!^a^!^ab!^ac!^af!^ag!^ai!^aj!^am!^an!^ao!^ar!^at!^au!^av!^aw!^ay!^az!^a|!^a}!^a!P!^a!R!^a!S!^a!T!^a![!^a#O!^a#V!^a#^!^a!w!^a#Q!^a~Oj!yO~OS!Xa#V!Xa#^!Xa!w!Xa#Q!Xa~P3_OTPOmQOpPO!ZPO![QO!ueO~OQ!|XS!|XV!|XZ!|X[!|X]!|X^!|Xa!|Xc!|Xd!|Xe!|Xf!|Xg!|Xh!|Xi!|Xj!|Xm!|Xn!|Xo!|Xq!|Xr!|Xs!|Xt!|Xu!|Xv!|Xw!|Xy!|Xz!|X{!|X|!|X}!|X!O!|X!P!|X!R!|X!S!|X!T!|X![!|X!e!|X!f!|X#O!|X#V!|X#^!|X!w!|X#Q!|X~ObsOxtOT!|X_!|X`!|Xp!|X!Z!|X~PAtOZ#OO_tO`tOavO!O!XO!P#OO!e#OO!f#OO~OTPO_tO`tOpPO!ZPOb!|Xx!|X~PAtOU#POg#POh#POi#ROjrOkoOl#QOmQO![QO#foOQ!hXS!hXT!hXV!hXZ!hX[!hX]!hX^!hX_!hX`!hXa!hXb!hXc!hXd!hXe!hXf!hXn!hXo!hXp!hXq!hXr!hXs!hXt!hXu!hXv!hXw!hXx!hXy!hXz!hX{!hX|!hX}!hX!O!hX!P!hX!R!hX!S!hX!T!hX!Z!hX!e!hX!f!hX#O!hX#V!hX#^!hX!w!hX#Q!hX~Oc#TO}#SOQ!yXS!yXT!yXV!yXZ!yX[!yX]!yX^!yX_!yX`!yXa!yXb!yXd!yXe!yXf!yXg!yXh!yXi!yXj!yXm!yXn!yXo!yXp!yXq!yXr!yXs!yXt!yXu!yXv!yXw!yXx!yXy!yXz!yX{!yX|!yX!O!yX!P!yX!R!yX!S!yX!T!yX!Z!yX![!yX!e!yX!f!yX#O!yX#V!yX#^!yX!w!yX#Q!yX~O!UxO~PI}Oo#POQ!gXS!gXT!gXV!gXZ!gX[!gX]!gX^!gX_!gX`!gXa!gXb!gXc!gXd!gXe!gXf!gXg!gXh!gXi!gXj!gXm!gXn!gXp!gXq!gXr!gXs!gXt!gXu!gXv!gXw!gXx!gXy!gXz!gX{!gX|!gX}!gX!O!gX!P!gX!R!gX!S!gX!T!gX!Z!gX![!gX!e!gX!f!gX#O!gX#V!gX#^!gX!w!gX#Q!gX~Of#UOQ!iXS!iXT!iXV!iXZ!iX[!iX]!iX^!iX_!iX`!iXa!iXb!iXc!iXd!iXe!iXg!iXh!iXi!iXj!iXm!iXn!iXo!iXp!iXq!iXr!iXs!iXt!iXu!iXv!iXw!iXx!iXy!iXz!iX{!iX|!iX}!iX!O!iX!P!iX!R!iX!S!iX!T!iX!Z!iX![!iX!e!iX!f!iX#O!iX#V!iX#^!iX!w!iX#Q!iX~OV#VO!e#VOQ#iXS#iXT#iXZ#iX[#iX]#iX^#iX_#iX`#iXa#iXb#iXc#iXd#iXe#iXf#iXg#iXh#iXi#iXj#iXm#iXn#iXo#iXp#iXq#iXr#iXs#iXt#iXu#iXv#iXw#iXx#iXy#iXz#iX{#iX|#iX}#iX!O#iX!P#iX!R#iX!S#iX!T#iX!Z#iX![#iX!f#iX#O#iX#V#iX#^#iX!w#iX#Q#iX~Oh#WOQ!pXS!pXT!pXV!pXZ!pX[!pX]!pX^!pX_!pX`!pXa!pXb!pXc!pXd!pXe!pXf!pXg!pXi!pXj!pXm!pXn!pXo!pXp!pXq!pXr!pXs!pXt!pXu!pXv!pXw!pXx!pXy!pXz!pX{!pX|!pX}!pX!O!pX!P!pX!R!pX!S!pX!T!pX!Z!pX![!pX!e!pX!f!pX#O!pX#V!pX#^!pX!w!pX#Q!pX~Oa#XOx#XO~O!u#YO~OP#ZOQ#ZOR`O!e`O!f#ZO~O_#]OS!}XT!}XV!}XZ!}X[!}X]!}X^!}X`!}Xa!}Xb!}Xc!}Xd!}Xe!}Xf!}Xg!}Xh!}Xi!}Xj!}Xm!}Xn!}Xo!}Xp!}Xq!}Xr!}Xs!}Xt!}Xu!}Xv!}Xw!}Xx!}Xy!}Xz!}X{!}X|!}X}!}X!O!}X!P!}X!R!}X!S!}X!T!}X!Z!}X![!}X#O!}X#V!}X#^!}X!w!}X#Q!}X~P!-[O!w#dO#Q#bO~O!f!rOS#Ua#V#Ua#^#Ua!w#Ua#Q#Ua~OSiO#ViO#^#aa!w#aa#Q#aa~OS!Xi#V!Xi#^!Xi!w!Xi#Q!Xi~P3_OlnOmQO![QO!u!YX~O!u!nO~O}#fO~OY!pO!w#aP~P]O!w#kO#Q#bO~OTPOmQOn#pOpPOw!aOy!bO!ZPO![QO~OS#Pi#V#Pi#^#Pi!w#Pi#Q#Pi~P!3VO!w#tO~OS!Xq#V!Xq#^!Xq!w!Xq#Q!Xq~P3_O!w#uO#Q#bO~OS#Pq#V#Pq#^#Pq!w#Pq#Q#Pq~P!3VOl#wOmQO![QOS#RXT#RXn#RXp#RXw#RXy#RX!Z#RX#V#RX#^#RX!w#RX#Q#RX~OS#Py#V#Py#^#Py!w#Py#Q#Py~P!3VOS#P!R#V#P!R#^#P!R!w#P!R#Q#P!R~P!3VO!Z#V#O~",
  goto: "+u#nPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPP#o#xPP$U$U$U$j$o$U$U${PP$b$b$b$b$b$b$b$b$b$b$b%]%]$bP%mP$b$b$b$b$b%yP&RP%e#oP#oP&_&o&}'X'g'mPPP'|(Y(e)e*ZP*g%y*w+S+[+b+j_hOej!n!p#Y#b^dOej!n!p#Y#bR!||d]O_dej!m!n!p#Y#b]!hc{!l!z#_#iVpRy!Qe]O_dej!m!n!p#Y#bdaO_dej!m!n!p#Y#bT#Z!j#][!hc{!l!z#_#i]#q#d#k#s#u#v#yQ!qeQ#`!nQ#g#YR#l#b]!kc{!l!z#_#i^hOej!n!p#Y#bR!}|^_Oej!n!p#Y#bSz_!mR!mdQ!lcQ!z{U#^!l!z#iR#i#_Q#c!qQ#j#`T#m#c#jQ#s#dQ#v#kU#x#s#v#yR#y#uQ!sgR#e!s[kOe!n!p#Y#bS!uk!vR!vlQmOW!oe!n#Y#bR#a!p[lOe!n!p#Y#bR!tj^ROej!n!p#Y#bQnSSwX!PUy_d!m[!Qc{!l!z#_#iQ!{|Q#Q!T[#n#d#k#s#u#v#yR#w#o`SOej|!n!p#Y#bSnR!{[!Tc{!l!z#_#iQ#P!Q[#o#d#k#s#u#v#yR#w#ne^O_dej!m!n!p#Y#b^cOej!n!p#Y#bS{_dR#_!m[!Yc{!l!z#_#iR#O!O]!jc{!l!z#_#iQ#[!jR#h#]]#r#d#k#s#u#v#ycjOekl!n!p!v#Y#b",
  nodeNames: "\u26A0 Move Event HandWord Next Decimal Mark Letter Filler NewName BranchName Spot TempoPhrase InPlace WithHand Side Along FootName FootKey First SizeWord TempoWord StyleWord Unit In Ms Seconds DegreeKey TimesKey XKey Twice StepKey NumberWord FootAlone ThenKey To ShortKey AtKey EveryKey EachKey StepSide MirroredKey DoingKey On TieKey Anchor Thing HomeKey IntendedKey TurningKey ToeKey WeightKey FloorKey Comment Pattern Step LeadCount Number Times Foot Direction Degrees Degree Size Tempo OnFloor Named Quoted Name Size Count Style Then Aim Short At Every Turning Toe Weight Each Mirrored Doing Open Branch Close Offset Tie Label When Stray Hand Plus Group Or GroupCount Definition Equals Intended Sep",
  maxTerm: 121,
  skippedNodes: [0, 8, 53],
  repeatNodeCount: 6,
  tokenData: ")X~RwXY#lYZ#}]^#lpq#lrs$Sst%axy%xyz%}{|&S|}#}}!O&x!O!P'W!P!Q#}!Q![&m!]!^#}!_!`'`!c!}'e!}#O%x#P#Q%}#T#o'e#p#q(x$f$g#l$p$q'e$v$w(}${$|'e$}%O#}%Q%R'e%W%o'e%o%p)S%p&a'e&b$IS'e$Ig$Ih#}$Ih$Ii#}$Ip$Iq$S%#v%#w#}&/x;'S'e;'S;=_(l;=_;=`(r?&rO'e~#qS#`~XY#l]^#lpq#l$f$g#l~$SO#V~~$VUOY$iZr$is$Iq$i$Ir;'S$i;'S;=`%Z<%lO$i~$lWOY$iZr$irs%Us$Iq$i$Iq$Ir%U$Ir;'S$i;'S;=`%Z<%lO$i~%ZO!e~~%^P;=`<%l$i~%fS!V~OY%aZ;'S%a;'S;=`%r<%lO%a~%uP;=`<%l%a~%}O!u~~&SO!w~~&XQ#O~!O!P&_!Q![&m~&bP!Q![&e~&jP!Z~!Q![&e~&rQ!Z~!O!P&_!Q![&m~&}R#V~!O!P&_!Q![&m!`!a#}~']P#V~!Q![&e~'eO#T~~'j`!f~wx'e}!O'e!c!}'e#R#S'e#T#o'e$p$q'e${$|'e%Q%R'e%W%o'e%p&a'e&b$IS'e$Im$In'e&/x;'S'e;'S;=_(l;=_;=`(r?&rO'e~(oP;=`<%l'e~(uP;=`<%k'e~(}O#Q~~)SO#f~~)XO![~",
  tokenizers: [phrases, 0],
  topRules: { Pattern: [0, 54] },
  specialized: [{ term: 68, get: (value, stack) => wordClass(value, stack) << 1, external: wordClass }],
  tokenPrec: 3129
});

function shallow(text) {
  let [lineEnd, quoteEnd] = [finder(text, /\n/g), finder(text, /["”\n]/g)], result = "", [depth, taken] = [0, 0];
  for (let at2 = 0; at2 < text.length; at2++) {
    let one = text.charAt(at2);
    one === "#" ? at2 = lineEnd(at2) : one === '"' || one === "\u201C" ? at2 = /["”]/.test(text.charAt(quoteEnd(at2 + 1))) ? quoteEnd(at2 + 1) : at2 : (/[([]/.test(one) ? depth++ >= 100 : /[)\]]/.test(one) && depth > 0 && depth-- > 100) && (result += `${text.slice(taken, at2)} `, taken = at2 + 1);
  }
  return result + text.slice(taken);
}
function finder(text, what) {
  let at2 = -1;
  return (from) => (at2 < from && (what.lastIndex = from, at2 = what.exec(text)?.index ?? text.length), at2);
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
  let best = null, least = word.length > 5 ? 2 : 1;
  for (let candidate of known) {
    let d = editDistance(word.slice(0, 30), candidate);
    d > 0 && (d < least || d === least && best === null) && (best = candidate, least = d);
  }
  return best;
}

var swapped = (foot) => foot === "left" ? "right" : foot === "right" ? "left" : foot, OTHER_REF = { playing: "other", other: "playing", lead: "rear", rear: "lead" }, OTHER_FOOT = {
  left: "right",
  right: "left",
  lead: "rear",
  rear: "lead",
  near: "far",
  far: "near",
  playing: "other",
  other: "playing",
  outside: "inside",
  inside: "outside"
}, otherFoot = (foot) => OTHER_FOOT[foot];
function otherSideRef(side, what) {
  return side === null || what === "all" ? side : what === "directions" || (side === "playing" || side === "other") ? OTHER_REF[side] : side;
}
function mirrorAim(aim, what) {
  if (aim === null || aim.side === null) return aim;
  let side = aim.side === "left" || aim.side === "right" ? swapped(aim.side) : otherSideRef(aim.side, what);
  return { ...aim, side };
}
var negative = (degrees) => degrees === null || degrees === 0 ? degrees : -degrees;
function mirrorAct(act, what) {
  let bearing = act.bearing !== null && Math.abs(act.bearing) === 180 ? act.bearing : negative(act.bearing), feet = what === "directions" ? {} : { foot: swapped(act.foot), weight: swapped(act.weight) }, turn = act.side === null ? negative(act.turn) : act.turn;
  return {
    ...act,
    bearing,
    turn,
    turning: negative(act.turning),
    side: otherSideRef(act.side, what),
    aim: mirrorAim(act.aim, what),
    ...feet
  };
}
var exchangeFeet = (act) => ({ ...act, foot: swapped(act.foot), weight: swapped(act.weight) }), OTHER_SIDE = { left: "right", right: "left" }, otherName = (name) => name.replace(/\p{L}+/gu, (word) => OTHER_SIDE[word.toLowerCase()] ?? word), MEASURED = ["cm", "m", "in", "ft", "shoe", "own"];
function scaleAct(act, factor) {
  if (factor === 1) return act;
  let scaled = (size2) => size2 !== null && MEASURED.includes(size2.unit) ? { ...size2, value: size2.value * factor } : size2, size = act.size ?? (act.word === "split" ? null : { value: 1, unit: "own" });
  return { ...act, size: scaled(size), second: scaled(act.second) };
}

var BEARING_OF = { ahead: 0, right: 90, back: 180, left: -90 }, FACTOR_OF = { slow: 2, quick: 0.7 };

function childrenOf(node) {
  let children = [];
  for (let child = node.firstChild; child; child = child.nextSibling) children.push(child);
  return children;
}

var unquoted = (text) => cut(text.slice(1, -1).trim(), NOTATION_LIMITS.name), SIDE_REFS = ["playing", "other", "lead", "rear"], LONGEST_TIME = 3600, HOLD = { least: 0, most: 600 }, STEP = { least: 0.05, most: 60 }, FURTHEST_HIT = 5, USUAL_TURNING = 45, USUAL_TOE = 20, STAYS = [
  "jump",
  "one-foot hop",
  "split",
  "bounce",
  "heel raise",
  "preload hop",
  "stamp",
  "hold",
  "weight shift",
  "hit"
], PartReader = class {
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
  /** Degrees that were said without a word for them. */
  bareDegrees = null;
  /** Feet in the order in which they are named. */
  feet = [];
  sizes = [];
  /** A side by stroke or by lead. */
  side = null;
  /** Whether directions are the hall's. */
  floor = !1;
  /** A number alone, with its place: a count, unless what it belongs to has it otherwise. */
  bare = null;
  second = null;
  short = null;
  /** The side is −1 (left), 1 or not yet said; degrees are the usual ones until they are said. */
  turning = null;
  toe = null;
  weight = null;
  /** What of a toe was said. */
  toeSaid = { degrees: !1, way: !1 };
  tempo = null;
  then = null;
  style = null;
  aim = null;
  label = null;
  /** A name that was taken for a direction. */
  loose = null;
  at = null;
  every = null;
  hands = [];
  times = 1;
  /** Words that say nothing here. */
  marked = 0;
  pendingNode = null;
  degreesNode = null;
  meant = null;
  counted = null;
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
  get foot() {
    return this.feet[0] ?? null;
  }
  /** Whether something was said besides these. */
  saysMoreThan(...known) {
    let said2 = {
      way: this.bearings.length > 0 || this.degrees !== null || this.side !== null,
      size: this.sizes.length > 0,
      tempo: this.tempo !== null,
      name: this.label !== null,
      time: this.at !== null || this.every !== null,
      again: this.times !== 1 || this.each !== null || this.mirrored
    }, others = [
      this.feet.length > 0,
      this.style !== null,
      this.aim !== null,
      this.second !== null,
      this.short !== null,
      this.then !== null,
      this.turning !== null,
      this.toe !== null,
      this.weight !== null,
      this.floor
    ];
    return this.hands.length > 0 || others.includes(!0) || Object.entries(said2).some(([what, is]) => is && !known.includes(what));
  }
  get repeated() {
    return { times: this.times, each: this.each, mirrored: this.mirrored };
  }
  /** What a phrase says besides its move, before what stands behind it. */
  with(more) {
    return more?.style !== void 0 && (this.style = more.style), more?.degrees !== void 0 && (this.degrees = more.degrees), this.meant = more?.bearing ?? null, this;
  }
  read(nodes) {
    let said2 = nodes.filter(({ name }) => name !== "Filler" && name !== "Comment");
    return said2.forEach((node, i) => this.part(node, said2[i + 1])), this.unanswered(), this.meant !== null && this.bearings.length === 0 && this.bearings.push(this.meant), this.corner(), this.closeHand(), this;
  }
  /** ‘To the rear corner, playing side’: a side that is said beside a corner is the corner's. */
  corner() {
    let spot = TO_A_SIDE.find((one) => one === this.aim?.thing);
    if (!this.aim || spot === void 0) return;
    let across = this.bearings.findIndex((one) => Math.abs(one) === 90), side = this.side ?? (across < 0 ? null : this.bearings[across] === 90 ? "right" : "left");
    this.side === null && across >= 0 && this.bearings.splice(across, 1), this.side = null, this.aim = { ...this.aim, side };
  }
  /** Where a thing stands: metres as written, to the right and ahead, signed by their directions. */
  coordinates() {
    let [only] = this.places.length === 0 ? this.sizes : [];
    if (only) return { right: null, ahead: only };
    let along2 = (sign) => {
      let found = this.places.find(({ bearing }) => sign(bearing) !== 0);
      return found ? { ...found.size, value: found.size.value * sign(found.bearing) } : null;
    };
    return {
      right: along2((bearing) => bearing === 90 ? 1 : bearing === -90 ? -1 : 0),
      ahead: along2((bearing) => bearing === 0 ? 1 : bearing === 180 ? -1 : 0)
    };
  }
  part(node, after) {
    let said2 = this.said(node);
    switch (node.name) {
      case "Direction": {
        if (node.getChild("FootName")) return this.sideOf(node, said2);
        let word = node.getChild("Side") ?? node.getChild("Along");
        if (!word) return this.unknown(node, said2);
        if (this.pending === "turning" && this.turning?.side === null && node.getChild("Side")) {
          this.turning = { ...this.turning, side: this.lexicon.directions.get(wordOf(this.of(word))) === "left" ? -1 : 1 };
          return;
        }
        for (let one of wordOf(this.of(word)).split("-")) this.direct(node, BEARING_OF[this.lexicon.directions.get(one) ?? "ahead"]);
        return;
      }
      case "Degrees":
        if (this.pending === "toe" || this.pending === "turning" && this.turning?.said === !1)
          return this.degreesOf(this.pending, node);
        if (this.degreesNode !== null) return this.again(node);
        this.degreesNode = node, this.degrees = this.number(node), this.degrees === null && this.errors.add(node, "angle", {}, ["90\xB0"]);
        return;
      case "Foot": {
        let foot = this.footOf(node);
        this.pending === "weight" ? (this.weight = foot, this.pending = null) : foot !== null && this.feet.push(foot);
        return;
      }
      case "Size":
        this.sized(node);
        return;
      case "Tempo":
        this.timed(node, after);
        return;
      case "Count":
      case "LeadCount":
      case "GroupCount":
        this.repeat(node);
        return;
      case "Style":
        if (this.style !== null) return this.again(node);
        this.style = this.lexicon.styles.get(said2) ?? null, (!this.lexicon.styles.has(said2) || this.move !== "split") && this.unknown(node, said2);
        return;
      case "Then":
        return this.await("then", node);
      case "Short":
        return this.await("short", node);
      case "At":
        return this.await("at", node);
      case "Every":
        return this.await("every", node);
      case "Turning":
        if (this.turning !== null) return this.again(node);
        this.await("turning", node), this.turning = { side: null, degrees: USUAL_TURNING, said: !1 };
        return;
      case "Toe":
        if (this.toe !== null) return this.again(node);
        this.await("toe", node), node.getChild("In") && (this.toeSaid.way = !0, this.toe = { out: -USUAL_TOE });
        return;
      case "Weight":
        return this.weight !== null ? this.again(node) : this.await("weight", node);
      case "Each":
        if (this.each !== null) return this.again(node);
        this.each = node.getChild("StepSide") ? "side" : "lead", this.each === "lead" && this.footOf(node) !== "lead" && this.errors.add(node, "each", {}, this.eaches());
        return;
      case "Mirrored":
        if (this.mirrored) return this.again(node);
        this.mirrored = !0;
        return;
      case "Aim":
        if (this.pending === "toe") {
          this.toe = { at: this.aimOf(node) }, this.pending = null;
          return;
        }
        if (this.aim !== null) return this.again(node);
        this.aim = this.aimOf(node);
        return;
      case "Label":
        if (this.label !== null) return this.again(node);
        this.label = node.getChild("Letter") ? this.of(node).toUpperCase() : unquoted(this.of(node));
        return;
      case "Hand":
        this.hand(node);
        return;
      case "Offset":
        this.offset(node, this.number(node));
        return;
      case "Tie":
        this.tie(node, said2, after);
        return;
      case "InPlace":
        (this.move === null || !STAYS.includes(this.move) || this.bearings.length > 0) && this.unknown(node, said2);
        return;
      case "OnFloor":
        if (this.floor) return this.again(node);
        this.floor = !0;
        return;
      case "Stray":
        this.stray(node, said2);
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
  /** ‘To the forehand side’, ‘rear side’; ‘to the rear’ alone says none. */
  sideOf(node, said2) {
    let name = node.getChild("FootName"), typed = wordOf(this.of(name)), foot = this.lexicon.feet.get(typed) ?? null, side = SIDE_REFS.find((one) => one === foot) ?? null, whole = node.getChild("StepSide") !== null || this.lexicon.strikes.has(typed);
    side === null || !whole ? this.unknown(node, said2) : this.side !== null ? this.again(node) : this.side = side;
  }
  loosely(node, bearing) {
    this.bearings.push(bearing), this.loose = node;
  }
  direct(node, bearing) {
    if (this.loose !== null && this.loose.to <= node.from && this.bearings.length === 1 && bearing % 180 !== 0) {
      let [way, to] = [this.lexicon.vocabulary.directions[this.bearings[0] === 0 ? "ahead" : "back"][0], this.of(node)];
      this.bearings.length = 0, this.errors.ask({ from: this.loose.from, to: node.to }, "asked", { word: this.reading.text.slice(this.loose.from, node.to) }, [
        to,
        `${way} ${to}`
      ]), this.loose = null;
    }
    let size = this.sizes.at(-1);
    size && this.places.push({ size, bearing }), this.bearings.length === 2 || this.bearings.includes(bearing) ? this.again(node) : this.bearings.push(bearing);
  }
  /** What is said again, or against what was said. */
  again(node) {
    this.errors.add(node, "said-twice", { word: this.of(node), head: this.head });
  }
  /** A word that says what the next size or time is of. */
  await(what, node) {
    this.unanswered(), this.pending = what, this.pendingNode = node;
  }
  /** Degrees of a body that turns, or of a toe. */
  degreesOf(what, node) {
    let degrees = this.number(node);
    degrees === null || Math.abs(degrees) > NOTATION_LIMITS.turn ? this.errors.add(node, "angle", {}, ["45\xB0"]) : what === "turning" && this.turning ? this.turning = { ...this.turning, degrees: Math.abs(degrees), said: !0 } : this.toeSaid.degrees ? this.again(node) : (this.toeSaid.degrees = !0, this.toe = { out: this.toe && "out" in this.toe ? Math.sign(this.toe.out) * Math.abs(degrees) : degrees });
  }
  unanswered() {
    (this.pending === "turning" || this.pending === "toe" && this.toe !== null) && (this.pending = null), this.pending !== null && this.pendingNode !== null && this.unknown(this.pendingNode, wordOf(this.of(this.pendingNode))), this.pending = null;
  }
  unknown(node, said2) {
    this.marked++;
    let { inStep } = this.lexicon, foot = this.say("foot");
    node.firstChild?.name === "FootName" ? this.errors.add(node, "names-foot", { word: said2 }, [foot], `${said2} ${foot}`) : this.errors.add(node, "not-understood-in", { word: said2, head: this.head }, inStep, () => nearestWord(said2, inStep));
  }
  /** A word that is a direction where a move takes one and has none yet. */
  stray(node, said2) {
    let way = this.lexicon.toes.get(said2);
    if (this.pending === "toe" && way !== void 0) {
      if (this.toeSaid.way) return this.again(node);
      this.toeSaid.way = !0;
      let degrees = this.toe && "out" in this.toe ? this.toe.out : USUAL_TOE;
      this.toe = { out: way === "in" ? -Math.abs(degrees) : Math.abs(degrees) };
      return;
    }
    let loosely = Object.hasOwn(this.lexicon.vocabulary.loosely, said2) ? this.lexicon.vocabulary.loosely[said2] : void 0;
    loosely !== void 0 && this.move !== null && ruleOf(this.move).way === "bearing" && this.bearings.length === 0 ? this.loosely(node, BEARING_OF[loosely]) : this.unknown(node, said2);
  }
  /** Whether it lasts as long as is said. */
  get holds() {
    return this.move === "hold";
  }
  footOf(node) {
    let alone = node.getChild("FootAlone");
    if (alone) return this.lexicon.feetAlone.get(wordOf(this.of(alone))) ?? null;
    let along2 = node.getChild("Along");
    if (along2) return this.lexicon.directions.get(wordOf(this.of(along2))) === "back" ? "rear" : "lead";
    let named2 = node.getChild("Side") ?? node.getChild("FootName");
    return named2 ? this.lexicon.feet.get(wordOf(this.of(named2))) ?? null : null;
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
    let number = node.getChild("Number") ?? node.getChild("Decimal"), word = node.getChild("NumberWord");
    if (word) return this.lexicon.numbers.get(wordOf(this.of(word))) ?? null;
    let value = number ? Number(this.of(number).replace(",", ".")) : null;
    return value !== null && Number.isFinite(value) ? value : null;
  }
  repeat(node) {
    let times = this.count(node), before = this.counted;
    if (before) {
      let [one, two] = [this.of(before), this.of(node)], reading = `${this.reading.text.slice(before.to, node.from).trim()} ${this.times * times} ${this.say("times")}`.trim();
      this.errors.ask({ from: before.from, to: node.to }, "two-counts", { one, two }, [reading]);
      return;
    }
    this.counted = node, this.times = times, ["TimesKey", "Times", "XKey", "Twice"].every((name) => node.getChild(name) === null) && node.name === "Count" && (this.bare = { value: times, node });
  }
  count(node) {
    let said2 = node.getChild("Twice");
    if (said2) return this.key(said2) === "once" ? 1 : 2;
    let value = this.number(node);
    if (value !== null && Number.isInteger(value) && value >= 1 && value <= NOTATION_LIMITS.times) return value;
    let number = this.of(node.getChild("Number") ?? node);
    return this.errors.add(node, "count", { said: number, most: NOTATION_LIMITS.times }), 1;
  }
  sized(node) {
    if (node.getChild("XKey") && Number.isInteger(this.number(node))) {
      this.repeat(node);
      return;
    }
    let size = this.sizeOf(node);
    if (size === null) return;
    let feet = this.sizes.at(-1);
    this.pending === "then" ? this.second = size : this.pending === "short" ? this.short = size : feet?.unit === "ft" && size.unit === "in" ? this.sizes[this.sizes.length - 1] = { value: feet.value * 12 + size.value, unit: "in" } : this.sizes.push(size), this.pending !== "every" && (this.pending = null);
  }
  sizeOf(node) {
    let word = node.getChild("SizeWord");
    if (word) return { value: 1, unit: this.lexicon.sizes.get(wordOf(this.of(word))) ?? "even" };
    let value = this.number(node) ?? 0, measure = node.getChild("Unit") ?? node.getChild("In"), mark = node.getChild("Mark"), unit = mark ? /["”″]/.test(this.of(mark)) ? "in" : "ft" : measure ? this.lexicon.units.get(wordOf(this.of(measure))) : "own";
    if (unit === void 0)
      return this.unknown(node, this.of(node)), null;
    let metres = unit in METRES_OF ? value * METRES_OF[unit] : value * 0.3;
    if (value > 0 && metres <= NOTATION_LIMITS.metres) return { value, unit };
    let said2 = this.of(node);
    return value > 0 ? this.errors.add(node, "size-large", { said: said2, most: NOTATION_LIMITS.metres }, ["40 cm"]) : this.errors.add(node, "size-none", { said: said2 }, ["40 cm"]), null;
  }
  timed(node, after) {
    let word = node.getChild("TempoWord") ?? node.getChild("TempoPhrase"), unit = node.getChild("Seconds"), number = this.number(node), seconds = number === null ? null : number * (this.key(unit) === "beats" ? this.reading.beat : 1);
    if (!word && this.open && !node.getChild("In") && after?.name === "Tie") {
      this.offset(node, seconds === null ? null : seconds * 1e3);
      return;
    }
    if (!word && (this.pending === "at" || this.pending === "every")) {
      seconds !== null && seconds >= 0 && seconds <= LONGEST_TIME ? this[this.pending] = seconds : this.errors.add(node, "time", { most: LONGEST_TIME }), this.pending = null;
      return;
    }
    let tempo = word ? { factor: FACTOR_OF[this.lexicon.tempos.get(wordOf(this.of(word))) ?? "slow"] } : this.secondsOf(node, seconds);
    this.pending === "then" ? this.then = tempo : this.tempo !== null ? this.again(node) : this.tempo = tempo, this.pending = null;
  }
  secondsOf(node, seconds) {
    let holds = this.move === "hold", { least, most } = holds ? HOLD : STEP;
    return seconds !== null && seconds > 0 && seconds >= least && seconds <= most ? { seconds } : (holds ? this.errors.add(node, "hold-time", { most }) : this.errors.add(node, "step-time", { least, most }), null);
  }
  aimOf(node) {
    if (node.getChild("HomeKey")) return { thing: "home", name: null, side: null };
    let spot = node.getChild("Spot");
    if (spot) return { thing: this.lexicon.spots.get(wordOf(this.of(spot))) ?? null, name: null, side: null };
    let thing = node.getChild("Thing"), quoted = node.getChild("Quoted"), bare2 = node.getChild("Name"), letter = node.getChild("Letter"), name = quoted ? unquoted(this.of(quoted)) : letter ? this.of(letter).toUpperCase() : bare2 ? wordOf(this.of(bare2)) : null;
    return { thing: thing ? this.lexicon.things.get(wordOf(this.of(thing))) ?? null : null, name, side: null };
  }
  hand(node) {
    this.closeHand();
    let { moves, events, vocabulary } = this.lexicon, children = childrenOf(node).filter(({ name: name2 }) => name2 !== "Filler"), sided = node.getChild("Side"), said2 = children[sided ? 2 : 1], word = said2 ? wordOf(this.of(said2)) : "", event = events.get(word) ?? null, move = moves.get(word), hand = move === "hit" || move === "guard check" ? move : null, own = said2?.name === "Name" ? this.reading.strikes.get(word) : void 0;
    if (!said2 || !(said2.name === "Named" || hand !== null || event !== null || own !== void 0)) {
      let [hit] = vocabulary.moves.hit;
      this.errors.add(node, "after-plus", {}, [hit, '"jab"', ...printed(vocabulary.events)], hit);
      return;
    }
    let strike = said2.getChild("HandWord"), quoted = strike ? wordOf(this.of(strike)) : unquoted(this.of(said2)), name = said2.name === "Named" ? this.sided(sided, strike ? this.lexicon.strikes.get(quoted) ?? quoted : quoted) || "hit" : own !== void 0 ? this.sided(sided, own) : event ?? hand ?? "hit";
    sided && said2.name !== "Named" && own === void 0 && this.unknown(sided, wordOf(this.of(sided)));
    let tied = {
      kind: event === null ? "hand" : "event",
      word: name,
      tie: "landing",
      offsetMs: 0,
      span: { from: node.from, to: node.to }
    };
    this.open = { tied, from: node.from };
  }
  /** ‘+ left hook’: the side belongs to the strike's name. */
  sided(side, strike) {
    let way = side && this.lexicon.directions.get(wordOf(this.of(side)));
    return way ? `${this.lexicon.vocabulary.directions[way][0]} ${strike}` : strike;
  }
  offset(node, ms) {
    ms === null ? this.errors.add(node, "hit-time", {}, ["80 ms"]) : this.open ? Math.abs(ms) > 1e3 * FURTHEST_HIT ? this.errors.add(node, "hit-far", { most: FURTHEST_HIT }) : this.open.tied = { ...this.open.tied, offsetMs: ms, span: { from: this.open.from, to: node.to } } : this.errors.add(node, "hit-alone", {}, [`+ ${this.lexicon.vocabulary.moves.hit[0]}`]);
  }
  tie(node, said2, after) {
    let anchor = node.getChild("Anchor");
    if (!this.open) {
      let key = this.lexicon.keys.get(said2);
      key !== "on" && !(key === "with" && after?.name === "Foot") && this.unknown(node, said2);
      return;
    }
    anchor || this.errors.add(node, "hit-tie", {}, [this.say("start"), this.say("landing")]);
    let tie = this.key(anchor) === "start" ? "start" : node.getChild("First") ? "first landing" : "landing", offsetMs = this.key(node.getChild("TieKey")) === "before" ? -this.open.tied.offsetMs : this.open.tied.offsetMs;
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
  let errors = new Errors(text), reader = new Reader({ text, errors, lexicon: lexiconOf(vocabulary), beat: 0.5, floor: !1, strikes: strikesIn(own) }, own);
  if (text.length > NOTATION_LIMITS.characters)
    return errors.add({ from: 0, to: text.length }, "too-long", { most: NOTATION_LIMITS.characters, length: text.length }), { items: [], things: [], definitions: [], intended: [], errors: errors.list };
  let items = reader.items(treeOf(text, vocabulary).topNode, 0);
  return errors.list.sort((a, b) => a.from - b.from), { items, things: reader.things, definitions: reader.definitions, intended: reader.intended, errors: errors.list };
}
function strikesIn(definitions) {
  let found = /* @__PURE__ */ new Map();
  for (let { name, items } of definitions) {
    let [only, ...others] = items.flatMap(
      (one) => one.kind === "group" && one.branches.length === 1 && one.times === 1 ? one.branches[0] ?? [] : [one]
    );
    others.length === 0 && only?.kind === "step" && only.act.name !== null && only.hands.length === 0 && only.times === 1 && found.set(name, only.act.name);
  }
  return found;
}
function besideStrike({ parent: step }) {
  return [step?.prevSibling?.prevSibling, step?.nextSibling?.nextSibling].some((one) => (one?.getChild("Named") ?? null) !== null);
}
var HEADLESS = ["Foot", "Direction", "Size", "Tempo"], BARE2 = ["Direction", "Size", "Tempo", "Count"], isNowhere = ({ thing, right, ahead: ahead2, doing }) => right === null && ahead2 === null && doing === null && thing !== "partner" && thing !== "feeder", isBareNumber = ({ name, lastChild }) => name === "Degrees" && lastChild?.type.isError === !0, FREED = ["preload hop", "split"], WAYS = ["shuffle", "run"], BEAT = { least: 0.1, most: 5 }, Reader = class {
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
  /** Whether a step has been done. */
  begun = !1;
  errors;
  items(node, depth) {
    let items = [];
    for (let child of childrenOf(node)) {
      let answered = this.cornerSide(items.at(-1), child);
      answered ? items[items.length - 1] = answered : items.push(...this.item(child, depth));
    }
    return items;
  }
  /** ‘To the rear corner, playing side’: what stands alone behind a corner says which one. */
  cornerSide(before, node) {
    if (before?.kind !== "step" || before.act.aim === null || before.act.aim.side !== null || node.name !== "Step") return null;
    let { aim } = before.act, [direction, ...more] = childrenOf(node).filter(({ name, type }) => name !== "Filler" && !type.isError);
    if (!TO_A_SIDE.some((one) => one === aim.thing) || direction?.name !== "Direction" || more.length > 0) return null;
    let parts = new PartReader(this.reading).read([direction]), across = parts.bearings.length === 1 && Math.abs(parts.bearings[0] ?? 0) === 90 ? parts.bearings[0] === 90 ? "right" : "left" : null, side = parts.side ?? across;
    return side === null ? null : (this.errors.answered(before.span, "corner-side"), { ...before, act: { ...before.act, aim: { ...aim, side } } });
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
    return branches.every((branch) => branch.length === 0) ? (this.errors.add(node, "bracket-empty", {}), []) : [{
      kind: "group",
      branches,
      names: this.branchNames(node),
      ...parts.repeated,
      span: { from: node.from, to: node.to }
    }];
  }
  /** The branches of a bracket; null where it is too deep to read. */
  branches(node, depth) {
    if (depth >= NOTATION_LIMITS.depth)
      return this.errors.add(node, "bracket-deep", { most: NOTATION_LIMITS.depth }), null;
    node.getChild("Close") === null && this.errors.add(node.getChild("Open") ?? node, "bracket-open", {}, [")"]);
    for (let child of childrenOf(node)) child.type.isError && this.stray(child);
    return node.getChildren("Branch").map((branch) => this.items(branch, depth + 1));
  }
  /** What the branches of a bracket are called; each by a name of its own. */
  branchNames(node) {
    let known = /* @__PURE__ */ new Set();
    return node.getChildren("Branch").map((branch) => {
      let name = branch.getChild("BranchName");
      if (!name) return null;
      let said2 = this.of(name).slice(0, -1).trim().replace(/\s+/g, " ");
      return known.size === known.add(said2.toLowerCase()).size && this.errors.add(name, "name-taken", { word: said2 }), said2;
    });
  }
  define(node, depth) {
    let name = node.getChild("Name") ?? node.getChild("NewName"), group = node.getChild("Group");
    if (!name || !group) return;
    let said2 = this.of(name).toLowerCase();
    if (this.definitions.some((known) => known.name === said2)) {
      this.errors.add(name, "name-taken", { word: said2 });
      return;
    }
    let items = this.group(group, depth);
    if (items.length === 0) return;
    let definition = { name: said2, items, span: { from: node.from, to: node.to } };
    this.definitions.push(definition);
    for (let [known, strike] of strikesIn([definition])) this.reading.strikes.set(known, strike);
  }
  step(node, depth) {
    let children = childrenOf(node), named2 = this.namedIn(children), head = named2 ?? children.find((child) => ["Move", "Named", "Event", "Thing", "Name"].includes(child.name)), said2 = children.filter((child) => child !== head && !child.type.isError);
    for (let child of children) child.type.isError && this.stray(child);
    if (!head) {
      let [first2, ...others] = said2;
      return first2?.name === "OnFloor" && others.length === 0 ? (this.reading.floor = !0, []) : (first2?.name === "LeadCount" && others.length === 0 ? this.errors.add(first2, "count-alone", {}, this.heads) : said2.some(({ name }) => name === "Foot") && said2.every(({ name }) => HEADLESS.includes(name)) ? this.askWhich(node, ["single step", "lunge"]) : first2?.name === "Direction" && !first2.getChild("FootName") && said2.every((part) => BARE2.includes(part.name) || isBareNumber(part)) && said2.filter(({ name }) => name === first2.name).length === 1 ? this.askWhich(node, WAYS) : first2 && this.errors.add(node, "no-beginning", { word: this.of(node) }, this.heads), []);
    }
    let [before] = said2.filter(({ name }) => name !== "LeadCount"), span = { from: Math.min(before?.from ?? head.from, head.from), to: node.to }, word = wordOf(this.of(head));
    if (head === named2) return this.call(head, said2, span, word);
    if (head.name === "Thing") {
      let thing = this.thing(head, said2, depth, span);
      return this.begun && isNowhere(thing) ? this.askWhich(node, WAYS, `${this.reading.lexicon.vocabulary.keys.to[0]} `) : this.things.push(thing), [];
    }
    if (head.name === "Name") return this.call(head, said2, span, word);
    let { vocabulary, events, moves, composed, asked, byFoot } = this.reading.lexicon, readings = head.name === "Move" ? asked.get(word) : void 0;
    if (readings)
      return this.ask(head, node, word, readings), [];
    let more = composed.get(word), either = Object.hasOwn(vocabulary.eithers, word) ? vocabulary.eithers[word] : void 0, move = head.name === "Named" ? "hit" : moves.get(word) ?? more?.move ?? either ?? null, parts = new PartReader(this.reading, word, move).with(more).read(said2);
    if (word === vocabulary.beatOf)
      return this.setBeat(head, parts), [];
    let happens = events.get(word), first = this.happeningBefore(said2, head.name === "Event");
    if (happens !== void 0 && move === null) {
      this.andNoMore(parts.saysMoreThan("name", "time"), span, word);
      let { at: at2, every, label } = parts;
      return [{ kind: "event", event: happens, name: label, at: at2, every, span }];
    }
    if (head.name === "Named") return [...first, ...this.strikes(head, parts, span)];
    let single = parts.feet.length === 1 && !said2.some((part) => part.getChild("First")) ? byFoot.get(word) : void 0;
    if (more?.otherFoot && !this.otherFoot(head, node, parts)) return [];
    let act = move && actOf({ head, whole: span }, single ?? move, null, parts, this.reading);
    return act === null ? [] : [...first, this.stepOf(act, parts, span)];
  }
  /** ‘Split when the ball is hit’: what happens, before the step that answers it. */
  happeningBefore(said2, isEvent) {
    return said2.flatMap((part) => {
      let event = part.name === "When" ? this.reading.lexicon.events.get(wordOf(this.of(part))) : void 0;
      return event === void 0 ? [] : (isEvent && this.errors.add(part, "takes-no-more", { word: this.of(part) }), isEvent ? [] : [{ kind: "event", event, name: null, at: null, every: null, span: { from: part.from, to: part.to } }]);
    });
  }
  /** What is said and says nothing there. */
  andNoMore(more, span, word) {
    more && this.errors.add(span, "takes-no-more", { word });
  }
  names() {
    return [...this.own, ...this.definitions].map((one) => one.name);
  }
  /** A name that the line, or the club, gave a meaning, where a step begins. */
  namedIn(children) {
    let first = children.find(({ name }) => name !== "LeadCount" && name !== "Filler");
    return first && this.names().includes(wordOf(this.of(first))) ? first : void 0;
  }
  /** Which of several ways a step is meant, each with all that was said of it. */
  ask(head, { from, to }, word, readings) {
    let { text } = this.reading, [before, behind] = [text.slice(from, head.from), text.slice(head.to, to)];
    this.errors.ask(
      { from, to },
      "asked",
      { word },
      readings.map((one) => `${before}${one}${behind}`),
      { from, to }
    );
  }
  /** ‘Unweight the right foot’ is weight on the other; without a foot it is asked what is meant. Whether a foot was named. */
  otherFoot(head, { from, to }, parts) {
    let [foot] = parts.feet;
    return foot ? parts.feet[0] = otherFoot(foot) : this.ask(
      head,
      { from, to },
      wordOf(this.of(head)),
      FREED.map((move) => this.reading.lexicon.vocabulary.moves[move][0])
    ), foot !== void 0;
  }
  /** What was said without a move, or of a thing: which of these moves it is meant with. */
  askWhich(node, words, between = "") {
    let { moves } = this.reading.lexicon.vocabulary, said2 = this.of(node).trim(), readings = words.map((move) => `${moves[move][0]} ${between}${said2}`);
    this.errors.ask(node, "asked", { word: said2 }, readings, { from: node.from, to: node.to });
  }
  stepOf(act, parts, span) {
    return this.begun = !0, {
      kind: "step",
      act,
      tempo: act.seconds === null ? parts.tempo : null,
      then: parts.then,
      hands: parts.hands,
      ...parts.repeated,
      span
    };
  }
  /** Strikes, one after the other; several that are done again are one bracket. */
  strikes(head, parts, span) {
    let { strikes, vocabulary } = this.reading.lexicon, word = head.getChild("HandWord") ? wordOf(this.of(head)) : null, joined = word === null || strikes.has(word) ? [word] : word.split("-"), said2 = word === null ? null : strikes.get(word) ?? word;
    if (said2 !== null && vocabulary.feints.includes(said2) && (parts.bearings.length > 0 || parts.side !== null)) {
      let feint = { kind: "hand", word: said2, tie: "start", offsetMs: 0, span }, act = actOf({ head, whole: span }, "half step", null, parts, this.reading), step = act && this.stepOf(act, parts, span);
      return step ? [{ ...step, hands: [feint, ...step.hands] }] : [];
    }
    let side = word !== null && joined.length === 1 ? this.strikeSide(parts) : "", named2 = (one) => one === null ? this.of(head) : `"${side}${strikes.get(one) ?? one}"`, acts = joined.flatMap((one) => actOf({ head, whole: span }, "hit", named2(one), parts, this.reading) ?? []), either = word !== null && Object.hasOwn(vocabulary.eithers, word) ? vocabulary.eithers[word] : void 0;
    if (word !== null && either && !besideStrike(head)) {
      let { moves, directions } = vocabulary, sides = [directions.left, directions.right].map(([side2]) => `${moves[either][0]} ${side2}`);
      this.errors.ask(head, "strike", { word }, [`"${word}"`, ...sides], span);
    }
    let [first, ...others] = acts;
    if (first === void 0) return [];
    if (others.length === 0) return [this.stepOf(first, parts, span)];
    let once = { times: 1, each: null, mirrored: !1, span }, steps = acts.map((act, i) => ({
      ...this.stepOf(act, parts, span),
      ...once,
      hands: i === acts.length - 1 ? parts.hands : []
    })), { repeated } = parts;
    return repeated.times === 1 && repeated.each === null && !repeated.mirrored ? steps : [{ kind: "group", branches: [steps], names: [null], ...repeated, span }];
  }
  /** ‘Left hook’, ‘kick right leg’: the side belongs to the strike's name. */
  strikeSide(parts) {
    let { directions, feet } = this.reading.lexicon.vocabulary, [foot] = parts.feet, bearing = parts.bearings.find((one) => Math.abs(one) === 90);
    return parts.bearings.length + parts.feet.length !== 1 || foot === void 0 && bearing === void 0 ? "" : (parts.bearings.length = 0, parts.feet.length = 0, bearing !== void 0 ? `${directions[bearing < 0 ? "left" : "right"][0]} ` : foot === void 0 ? "" : `${foot === "left" || foot === "right" ? directions[foot][0] : feet[foot][0]} `);
  }
  /** The beat counts from here on. */
  setBeat(head, { tempo }) {
    tempo && "seconds" in tempo && tempo.seconds >= BEAT.least && tempo.seconds <= BEAT.most ? this.reading.beat = tempo.seconds : this.errors.add(head, "beat", BEAT, [`0.6 ${this.reading.lexicon.vocabulary.keys.seconds[0]}`]);
  }
  /** A named part, if somebody has said what it is. */
  call(head, said2, span, word) {
    let named2 = this.names();
    if (!named2.includes(word)) {
      let { events, things } = this.reading.lexicon.vocabulary, known = [...this.heads, ...printed(events), ...printed(things), ...named2];
      return this.errors.add(head, "no-beginning", { word }, known, () => nearestWord(word, known)), [];
    }
    let parts = new PartReader(this.reading, word).read(said2);
    this.andNoMore(parts.saysMoreThan("size", "tempo", "again"), span, word);
    let { size } = parts;
    size && size.unit !== "own" && this.errors.add(head, "named-size", {}, ["1.2\xD7"]);
    let scale2 = size?.unit === "own" && size.value > 0 ? size.value : 1;
    return [{ kind: "call", name: word, scale: scale2, tempo: parts.tempo, ...parts.repeated, span }];
  }
  thing(head, rest, depth, span) {
    let { things, vocabulary } = this.reading.lexicon, kind = things.get(wordOf(this.of(head))) ?? "place", parts = new PartReader(this.reading, vocabulary.things[kind][0]).read(rest);
    this.andNoMore(parts.saysMoreThan("size", "way", "name"), span, parts.head);
    let doing = rest.find((child) => child.name === "Doing"), line = doing ? (this.branches(doing, depth) ?? [])[0] : void 0, named2 = doing?.getChild("Branch")?.getChild("BranchName");
    return named2 && this.errors.add(named2, "takes-no-name", { word: vocabulary.keys.doing[0] }), doing && kind !== "partner" && this.errors.add(doing, "only-partner", {}, [vocabulary.things.partner[0]]), { thing: kind, name: parts.label, ...parts.coordinates(), doing: kind === "partner" && line ? line : null, span };
  }
  of(node) {
    return this.reading.text.slice(node.from, node.to);
  }
  get heads() {
    return this.reading.lexicon.heads;
  }
};

var RAD = Math.PI / 180, add = (a, b) => ({ x: a.x + b.x, y: a.y + b.y }), sub = (a, b) => ({ x: a.x - b.x, y: a.y - b.y }), scale = (a, k) => ({ x: a.x * k, y: a.y * k }), dot = (a, b) => a.x * b.x + a.y * b.y, midway = (a, b) => scale(add(a, b), 0.5), distance = (a, b) => Math.hypot(a.x - b.x, a.y - b.y), mix = (a, b, share) => a + (b - a) * share;
function wayOf(heading) {
  return { x: Math.sin(heading * RAD), y: Math.cos(heading * RAD) };
}
function turned(v, degrees) {
  let c = Math.cos(degrees * RAD), s = Math.sin(degrees * RAD);
  return { x: v.x * c + v.y * s, y: -v.x * s + v.y * c };
}
function turnedAbout(p, centre, degrees) {
  return add(centre, turned(sub(p, centre), degrees));
}
function normalised(heading) {
  let h = (heading % 360 + 360) % 360;
  return h > 180 ? h - 360 : h;
}

var SIDES = ["left", "right"], otherSide = (side) => side === "left" ? "right" : "left", BALL_FROM_HEEL = 0.72;
var BIG_TOE_INWARD = 0.25;
function outlineOf(foot, body) {
  let length = body.foot.metres, half = body.breadth.metres / 2, cut2 = half * 0.6, back = -BALL_FROM_HEEL * length, front = (1 - BALL_FROM_HEEL) * length, ahead2 = wayOf(foot.toe), right = wayOf(foot.toe + 90), corner = (x, y) => add(foot, add(scale(right, x), scale(ahead2, y)));
  return [
    corner(half - cut2, back),
    corner(half, back + cut2),
    corner(half, front - cut2),
    corner(half - cut2, front),
    corner(-half + cut2, front),
    corner(-half, front - cut2),
    corner(-half, back + cut2),
    corner(-half + cut2, back)
  ];
}

var RAD2 = Math.PI / 180;
function spanMetres(span, school, body) {
  let foot = body.foot.metres, { lead, rear } = school.toes;
  switch (span.rule) {
    case "times":
      return span.n * body[span.of].metres;
    case "metres":
      return span.metres;
    case "big-toe-through-rear-heel":
      return BIG_TOE_INWARD * body.breadth.metres * Math.cos(lead * RAD2) - (1 - BALL_FROM_HEEL) * foot * Math.sin(lead * RAD2) + BALL_FROM_HEEL * foot * Math.sin(rear * RAD2);
    case "heels-on-one-line":
      return BALL_FROM_HEEL * foot * (Math.sin(rear * RAD2) + Math.sin(lead * RAD2));
    case "heels-apart":
      return span.feet * foot + BALL_FROM_HEEL * foot * (Math.cos(lead * RAD2) - Math.cos(rear * RAD2));
  }
}

var feetWith = (side, its, others) => side === "left" ? { left: its, right: others } : { left: others, right: its }, STANCE_TOLERANCE = { share: 0.15, toe: 10, movingFactor: 2 };
function stanceTarget(school, body) {
  let width = spanMetres(school.width, school, body), length = spanMetres(school.length, school, body);
  return {
    school,
    width,
    length,
    tolerance: STANCE_TOLERANCE.share * Math.max(width, length),
    toeTolerance: STANCE_TOLERANCE.toe
  };
}
function standIn(school, body, lead) {
  let target = stanceTarget(school, body), leading2 = school.staggered ? lead ?? "left" : null, ahead2 = (side) => leading2 === null ? 0 : (side === leading2 ? 0.5 : -0.5) * target.length, toe = (side) => leading2 === null || side === leading2 ? school.toes.lead : school.toes.rear, share = leading2 === "right" ? 1 - school.leadShare : school.leadShare;
  return {
    feet: {
      left: { x: -target.width / 2, y: ahead2("left"), toe: -toe("left") },
      right: { x: target.width / 2, y: ahead2("right"), toe: toe("right") }
    },
    heading: 0,
    lead: leading2,
    leftShare: share
  };
}
var originOf = (feet) => midway(feet.left, feet.right);
function inStanceFrame(p, posture) {
  return turned(sub(p, originOf(posture.feet)), -posture.heading);
}
function sizeOf(feet, heading) {
  let across = turned(sub(feet.right, feet.left), -heading);
  return { width: across.x, leftAhead: -across.y, apart: distance(feet.left, feet.right) };
}
function movedFoot(foot, by) {
  return { ...add(foot, by), toe: foot.toe };
}

var LEVEL_SHARE = 0.2, STRAIGHT = 30;
function nearFoot(posture, bearing, playing) {
  let { feet } = posture, along2 = dot(sub(feet.right, feet.left), wayOf(posture.heading + bearing)), size = sizeOf(feet, posture.heading), longer = Math.max(Math.abs(size.width), Math.abs(size.leftAhead));
  if (Math.abs(along2) >= LEVEL_SHARE * longer) return along2 > 0 ? "right" : "left";
  let b = normalised(bearing);
  return Math.abs(b) <= STRAIGHT ? posture.lead ?? playing : Math.abs(b) >= 180 - STRAIGHT ? posture.lead === null ? playing : otherSide(posture.lead) : b > 0 ? "right" : "left";
}
function footOf(ref, posture, bearing, playing) {
  switch (ref) {
    case "left":
    case "right":
      return ref;
    case "playing":
      return playing;
    case "other":
      return otherSide(playing);
    case "lead":
      return posture.lead ?? playing;
    case "rear":
      return otherSide(posture.lead ?? playing);
    case "outside":
    case "inside": {
      let b = normalised(bearing), outside = Math.abs(b) < 1e-9 || Math.abs(b) > 180 - 1e-9 ? playing : b > 0 ? "right" : "left";
      return ref === "outside" ? outside : otherSide(outside);
    }
    case "near":
      return nearFoot(posture, bearing, playing);
    case "far":
      return otherSide(nearFoot(posture, bearing, playing));
  }
}

function bearingTo(posture, point) {
  let way = sub(point, originOf(posture.feet));
  return normalised(Math.atan2(way.x, way.y) * 180 / Math.PI - posture.heading);
}

var OWN_STEP = { small: 0.15, even: 0.3, big: 0.5, lunge: 0.9 }, USUAL_TIME = {
  gatherFoot: 0.22,
  splitDrop: 0.15,
  splitPush: 0.2,
  pivotQuarter: 0.4,
  pivotLeast: 0.2,
  lunge: 0.5,
  recover: 0.55,
  chass\u00E9: 0.4,
  gallop: 0.36,
  pendulum: 0.4,
  halfStep: 0.4,
  pass: 0.35,
  switch: 0.3,
  jump: 0.55,
  squareFoot: 0.22,
  hand: 0.3,
  bounce: 0.3,
  heelRaise: 0.6,
  weightShift: 0.4,
  preloadHop: 0.25,
  smallSplit: 0.12,
  run: 0.28,
  cross: 0.35,
  dropStep: 0.35,
  turnOut: 0.6,
  orbitFoot: 0.22,
  stepIn: 0.35,
  pullBack: 0.4,
  guardJump: 0.3,
  sideJump: 0.6,
  singleStep: 0.3,
  feetMeet: 0.3,
  stamp: 0.25,
  oneFootHop: 0.5
}, SPLIT_FLIGHT = { drop: 0, "low hop": 0.15, "high hop": 0.25, several: 0.15 }, SMALL_SPLITS = 3, FLIGHT = { gallop: 0.1, hop: 0.1, guard: 0.2, jump: 0.3 }, STRIDE_RANGE = { gather: 1, lunge: 1.5 };
function metresOf(size, body, usual) {
  let leg = body.leg.metres;
  if (size === null) return OWN_STEP[usual] * leg;
  switch (size.unit) {
    case "own":
      return size.value * OWN_STEP[usual] * leg;
    case "shoe":
      return size.value * body.foot.metres;
    case "small":
    case "even":
    case "big":
      return OWN_STEP[size.unit] * leg;
    default:
      return size.value * METRES_OF[size.unit];
  }
}
function secondsOf(usual, tempo, flight = 0) {
  return tempo === null ? usual : "seconds" in tempo ? Math.max(tempo.seconds, flight + 0.05) : flight + (usual - flight) * tempo.factor;
}

function minimumJerk(tau) {
  let t = Math.max(0, Math.min(1, tau));
  return t * t * t * (10 - 15 * t + 6 * t * t);
}
function alongAction({ start, end, from, to, about, bow }, t, inAir) {
  let share = minimumJerk((t - start) / (end - start)), toe = mix(from.toe, to.toe, share);
  if (about) {
    let { x: x2, y: y2 } = turnedAbout(from, about, (to.toe - from.toe) * share);
    return { x: x2, y: y2, toe, inAir, moving: !0 };
  }
  let out = 4 * share * (1 - share), [x, y] = [mix(from.x, to.x, share) + (bow?.x ?? 0) * out, mix(from.y, to.y, share) + (bow?.y ?? 0) * out];
  return { x, y, toe, inAir, moving: !0 };
}
function moveAt(sim, t) {
  let low = 0, high = sim.moves.length - 1;
  for (; low < high; ) {
    let middle = Math.ceil((low + high) / 2);
    (sim.moves[middle]?.start ?? 0) <= t ? low = middle : high = middle - 1;
  }
  return sim.moves.length === 0 ? -1 : low;
}
function feetAt(sim, t) {
  let move = sim.moves[moveAt(sim, t)];
  return move ? feetDuring(move, t) : { left: still(sim.start.feet.left), right: still(sim.start.feet.right), heading: 0, move: -1 };
}
function feetDuring(move, t) {
  let turned2 = move.start;
  for (let { end } of move.actions) turned2 = Math.max(turned2, end);
  let share = turned2 > move.start ? minimumJerk((t - move.start) / (turned2 - move.start)) : 1;
  return {
    left: footDuring(move, "left", t),
    right: footDuring(move, "right", t),
    heading: mix(move.before.heading, move.after.heading, share),
    move: move.index
  };
}
var INSTANT = 1e-9;
function footDuring(move, side, t) {
  let now = move.before.feet[side];
  for (let action of move.actions)
    if (!(action.foot !== side || t <= action.start + INSTANT)) {
      if (t < action.end - INSTANT) return alongAction(action, t, action.kind === "step" || (action.airborneUntil ?? 0) > t);
      now = action.to;
    }
  return still(now);
}
var still = ({ x, y, toe }) => ({ x, y, toe, inAir: !1, moving: !1 });

var OPPONENT_AHEAD = 1.5, HALF_ROOM = {
  place: 0,
  cone: 0.12,
  line: 0,
  ladder: 0.25,
  bag: 0.2,
  wall: 0.05,
  net: 0.05,
  feeder: 0.25,
  partner: 0.25
};
function placeThings(things, performer, simulateOwn) {
  return things.map((one) => {
    let at2 = { x: along(one.right, performer.body), y: along(one.ahead, performer.body) }, spot = one.right === null && one.ahead === null ? { x: 0, y: OPPONENT_AHEAD } : at2, facing = spot.x === 0 && spot.y === 0 ? 180 : Math.atan2(-spot.x, -spot.y) * 180 / Math.PI;
    return { thing: one.thing, name: one.name, at: spot, facing, span: one.span, doing: one.doing ? simulateOwn(one.doing) : null };
  });
}
var along = (size, body) => size === null ? 0 : Math.sign(size.value) * metresOf({ ...size, value: Math.abs(size.value) }, body, "even");
function whereIs(thing, t) {
  return thing.doing === null ? thing.at : add(thing.at, turned(originOf(feetAt(thing.doing, t)), thing.facing));
}
function thingFor(aim, things) {
  let named2 = aim.name?.toLowerCase() ?? null;
  return things.find((one) => (aim.thing === null || one.thing === aim.thing) && (named2 === null || one.name?.toLowerCase() === named2)) ?? null;
}
var partnerOf = (things) => things.find((one) => one.thing === "partner") ?? null;

var FAR_FOOT = ["run", "crossover", "cross behind"], LEADING_FOOT = ["lunge", "reaching step", "step in", "pass"], TOE_ROOM = 0.28;
function targetOf(thing, t, act, body) {
  let room = HALF_ROOM[thing.thing], usual = room === 0 ? 0 : room + TOE_ROOM * body.foot.metres;
  return { point: whereIs(thing, t), stop: act.short === null ? usual : metresOf(act.short, body, "even") };
}
function aimed(act, target, before, playing, left) {
  let { way, size } = ruleOf(act.word), origin = originOf(before.feet);
  if (way === "turn") return act.word === "orbit" ? act : { ...act, turn: bearingTo(before, target.point) };
  if (way !== "bearing" || size === "none") return act;
  let straight = bearingTo(before, target.point), foot = movingFoot(act, before, straight, playing);
  if (foot === null) {
    let metres = Math.max(0, distance(origin, target.point) - target.stop) / left;
    return fitted(act, metres, straight);
  }
  let { left: l, right: r } = before.feet, ahead2 = distance(l, target.point) <= distance(r, target.point) ? l : r, from = left === 1 ? before.feet[foot] : ahead2, far = distance(from, target.point), landing2 = add(from, scale(sub(target.point, from), (far === 0 ? 0 : Math.max(0, far - target.stop) / far) / left)), go = sub(landing2, before.feet[foot]), heading = Math.atan2(go.x, go.y) * 180 / Math.PI;
  return fitted(act, Math.hypot(go.x, go.y), normalised(heading - before.heading));
}
function fitted(act, metres, bearing) {
  let size = { value: Math.max(metres, 1e-3), unit: "m" };
  return ruleOf(act.word).fixed ? { ...act, size } : { ...act, size, bearing };
}
function movingFoot(act, before, bearing, playing) {
  if (FAR_FOOT.includes(act.word))
    return act.foot === null ? otherSide(nearFoot(before, bearing, playing)) : footOf(act.foot, before, bearing, playing);
  if (!LEADING_FOOT.includes(act.word)) return null;
  if (act.foot !== null) return footOf(act.foot, before, bearing, playing);
  let leading2 = before.lead ?? playing;
  return act.word === "pass" ? otherSide(leading2) : leading2;
}

var hopOf = (foot, from, to, start, end) => ({
  foot,
  kind: "hop",
  start,
  end,
  from: from[foot],
  to: to[foot],
  airborneUntil: end,
  contact: !0
});

var SHIFTED = 0.75;
function onTheSpot(before, seconds) {
  return { seconds, actions: [], after: before, landing: seconds, units: ["step"], means: [], moving: !0 };
}
function weightShift(before, foot, seconds) {
  let leftShare = foot === "left" ? SHIFTED : 1 - SHIFTED;
  return { ...onTheSpot(before, seconds), after: { ...before, leftShare } };
}
function stamp(before, foot, seconds) {
  let at2 = before.feet[foot], actions = [{ foot, kind: "step", start: 0, end: seconds, from: at2, to: at2, contact: !0 }];
  return { ...onTheSpot(before, seconds), actions };
}
function hop(before, seconds, flight) {
  let { feet } = before, actions = [hopOf("left", feet, feet, 0, flight), hopOf("right", feet, feet, 0, flight)];
  return { seconds, actions, after: before, landing: flight, units: ["step"], means: [], moving: !0, tally: { landing: "hop" } };
}

function landedAs2(done, { act, before, playing }, at2) {
  if (!done.moving) return done;
  let result = done;
  if (act.turning !== null && (result = turnedOnTheWay(result, before.feet, act.turning, playing)), act.toe !== null && (result = withToe(result, act.toe, at2)), act.weight === null) return result;
  let foot = footOf(act.weight, result.after, act.bearing ?? 0, playing);
  return { ...result, after: { ...result.after, leftShare: weightShift(result.after, foot, 0).after.leftShare } };
}
var lastOf = (actions, foot) => actions.findLastIndex((one) => one.foot === foot);
function landing({ actions, seconds }, from, feet, first) {
  let last = SIDES.map((side) => lastOf(actions, side)), changed = actions.map((one, i) => last.includes(i) ? { ...one, to: feet[one.foot] } : one), stood = [first, otherSide(first)].filter((side) => lastOf(actions, side) === -1 && feet[side] !== from[side]);
  return [
    ...changed,
    ...stood.map((foot) => ({ foot, kind: "turn", start: 0, end: seconds, from: from[foot], to: feet[foot], contact: !1 }))
  ];
}
function turnedOnTheWay(done, from, degrees, first) {
  let { after, actions } = done, whole = SIDES.every((side) => lastOf(actions, side) >= 0), middle = originOf(after.feet), turn = (side) => {
    let foot = after.feet[side];
    return { ...whole ? turnedAbout(foot, middle, degrees) : foot, toe: foot.toe + degrees };
  }, feet = { left: turn("left"), right: turn("right") };
  return {
    ...done,
    actions: landing(done, from, feet, first),
    after: { ...after, feet, heading: after.heading + degrees },
    units: done.units.includes("turn") ? done.units : [...done.units, "turn"]
  };
}
function withToe(done, toe, at2) {
  let { actions, after } = done, [first] = actions;
  if (!first) return done;
  let both = actions.filter(({ kind, end }) => kind === "hop" && end === first.end).map(({ foot }) => foot), feet = after.feet;
  for (let foot of new Set(both.length > 0 ? both : [first.foot])) {
    let own = feet[foot], way = at2 ? sub(at2, own) : null, aimed2 = way ? own.toe + normalised(Math.atan2(way.x, way.y) * 180 / Math.PI - own.toe) : own.toe, degrees = "out" in toe ? after.heading + (foot === "right" ? toe.out : -toe.out) : aimed2;
    feet = feetWith(foot, { ...own, toe: degrees }, feet[foot === "left" ? "right" : "left"]);
  }
  return { ...done, actions: landing(done, after.feet, feet, first.foot), after: { ...after, feet } };
}

var THERE = { metres: 0.01, degrees: 2 };
function squareUp(before, footSeconds, school, body, lead) {
  let wanted = standIn(school, body, lead), origin = originOf(before.feet), place = (foot) => ({ ...turnedAbout(add(foot, origin), origin, before.heading), toe: foot.toe + before.heading }), feet = { left: place(wanted.feet.left), right: place(wanted.feet.right) }, off = (side) => distance(before.feet[side], feet[side]), moved = SIDES.filter((side) => off(side) > THERE.metres || Math.abs(before.feet[side].toe - feet[side].toe) > THERE.degrees).sort((a, b) => Math.abs(off(a) - off(b)) < 1e-9 ? a === before.lead ? 1 : -1 : off(b) - off(a)), actions = moved.map((foot, i) => ({
    foot,
    kind: "step",
    start: i * footSeconds,
    end: (i + 1) * footSeconds,
    from: before.feet[foot],
    to: feet[foot],
    contact: !0
  })), seconds = Math.max(1, moved.length) * footSeconds, stands = {
    left: moved.includes("left") ? feet.left : before.feet.left,
    right: moved.includes("right") ? feet.right : before.feet.right
  };
  return {
    seconds,
    actions,
    after: { ...before, feet: stands, lead: wanted.lead, leftShare: wanted.leftShare },
    landing: seconds,
    units: ["step"],
    means: ["wide", "pass", "touch"],
    moving: !0
  };
}

function stay(before, seconds, units = []) {
  return { seconds, actions: [], after: before, landing: 0, units, means: [], moving: units.length > 0 };
}

var bearingOf2 = ({ act }) => act.bearing ?? ruleOf(act.word).usual ?? 0, turnOf2 = ({ act }) => act.turn ?? ruleOf(act.word).usual ?? 90, near = (doing) => nearFoot(doing.before, bearingOf2(doing), doing.playing), footOr = (doing, usual) => doing.act.foot === null ? usual : footOf(doing.act.foot, doing.before, bearingOf2(doing), doing.playing), leading = ({ before, playing }) => before.lead ?? playing;
function sized(doing, usual, range) {
  return inRange(doing, metresOf(doing.act.size, doing.body, usual), range);
}
function inRange({ body, note }, metres, range) {
  let limit = STRIDE_RANGE[range] * body.leg.metres;
  return metres > limit + 1e-9 && note({ code: "stride", values: { of: "step", metres, most: limit } }, metres, limit), metres;
}
var asideOf = (doing) => doing.act.size === null && doing.act.bearing === null ? 0 : sized(doing, "small", "lunge"), usually = (doing, seconds, flight = 0) => secondsOf(seconds, doing.tempo, flight);
function refused(doing, why, seconds, value = 0, limit = 0) {
  return doing.note({ code: "refused", values: { why } }, value, limit), stay(doing.before, seconds);
}

var SET = {
  "square up": (doing) => squareUp(doing.before, usually(doing, USUAL_TIME.squareFoot), doing.school, doing.body, doing.before.lead),
  "other lead": (doing) => doing.before.lead === null ? refused(doing, "square-lead", usually(doing, USUAL_TIME.squareFoot)) : squareUp(doing.before, usually(doing, USUAL_TIME.squareFoot), doing.school, doing.body, otherSide(doing.before.lead)),
  hold: (doing) => stay(doing.before, doing.act.seconds ?? 1)
};

function split(before, style, seconds, ahead2 = null) {
  let flight = SPLIT_FLIGHT[style], small = style === "several" ? SMALL_SPLITS : 0, lead = small * USUAL_TIME.smallSplit, push = USUAL_TIME.splitPush * ((seconds - lead) / (USUAL_TIME.splitDrop + USUAL_TIME.splitPush)), landing2 = flight > 0 ? lead + flight : seconds - push, feet = ahead2 ? { ...before.feet, [ahead2.foot]: movedFoot(before.feet[ahead2.foot], ahead2.by) } : before.feet, actions = [], hop2 = (from, to, start, end) => {
    for (let foot of SIDES) actions.push(hopOf(foot, from, to, start, end));
  };
  for (let i = 0; i < small; i++) hop2(before.feet, before.feet, i * USUAL_TIME.smallSplit, i * USUAL_TIME.smallSplit + FLIGHT.hop);
  if (flight > 0) hop2(before.feet, feet, lead, landing2);
  else if (ahead2) {
    let { foot } = ahead2;
    actions.push({ foot, kind: "step", start: 0, end: landing2, from: before.feet[foot], to: feet[foot], contact: !0 });
  }
  return {
    seconds,
    actions,
    after: { ...before, feet },
    landing: landing2,
    units: ["split"],
    means: ahead2 ? ["wide", "pass"] : [],
    moving: !0,
    tally: flight > 0 ? { landing: "split", landings: 1 + small } : {}
  };
}
function splitSeconds(style) {
  return (style === "several" ? SMALL_SPLITS * USUAL_TIME.smallSplit : 0) + Math.max(SPLIT_FLIGHT[style], USUAL_TIME.splitDrop) + USUAL_TIME.splitPush;
}

var LOAD = {
  split: (doing) => {
    let style = doing.act.style ?? "low hop", seconds = usually(doing, splitSeconds(style), SPLIT_FLIGHT[style]), { act, before } = doing;
    if (act.foot === null && act.bearing === null && act.size === null) return split(before, style, seconds);
    let by = scale(wayOf(before.heading + bearingOf2(doing)), sized(doing, "small", "gather"));
    return split(before, style, seconds, { foot: footOr(doing, near(doing)), by });
  },
  bounce: (doing) => onTheSpot(doing.before, usually(doing, USUAL_TIME.bounce)),
  "heel raise": (doing) => onTheSpot(doing.before, usually(doing, USUAL_TIME.heelRaise)),
  "weight shift": (doing) => weightShift(doing.before, footOr(doing, doing.before.leftShare > 0.5 ? "right" : "left"), usually(doing, USUAL_TIME.weightShift)),
  stamp: (doing) => stamp(doing.before, footOr(doing, leading(doing)), usually(doing, USUAL_TIME.stamp)),
  "preload hop": (doing) => hop(doing.before, usually(doing, USUAL_TIME.preloadHop, FLIGHT.hop), FLIGHT.hop)
};

function gather(before, leading2, bearing, first, second, one, two = one) {
  let way = wayOf(before.heading + bearing), following = otherSide(leading2), step = (foot, metres, start, end) => ({
    foot,
    kind: "step",
    start,
    end,
    from: before.feet[foot],
    to: movedFoot(before.feet[foot], scale(way, metres)),
    contact: !0
  }), seconds = one + two, [out, up] = [step(leading2, first, 0, one), step(following, second, one, seconds)], actions = [out, up], feet = feetWith(leading2, out.to, up.to);
  return { seconds, actions, after: { ...before, feet }, landing: seconds, units: ["step"], means: [], moving: !0 };
}

function overlap(a, b) {
  return !hasSeparatingAxis(a, b) && !hasSeparatingAxis(b, a);
}
function hasSeparatingAxis(a, b) {
  return a.some((p, i) => {
    let q = a[(i + 1) % a.length], axis = { x: q.y - p.y, y: p.x - q.x }, [minA, maxA] = spanAlong(a, axis), [minB, maxB] = spanAlong(b, axis);
    return maxA <= minB + 1e-9 || maxB <= minA + 1e-9;
  });
}
function spanAlong(polygon, axis) {
  let along2 = polygon.map((p) => dot(p, axis));
  return [Math.min(...along2), Math.max(...along2)];
}

var LEAST = 5e-3;
function separation(posture, near2, bearing) {
  return dot(sub(posture.feet[near2], posture.feet[otherSide(near2)]), wayOf(posture.heading + bearing));
}
function untilTouching(foot, other, way, most, body) {
  let standing = outlineOf(other, body), free = (metres) => !overlap(outlineOf(movedFoot(foot, scale(way, metres)), body), standing);
  if (free(most)) return most;
  let low = 0, high = most;
  for (let i = 0; i < 24; i++) {
    let middle = (low + high) / 2;
    free(middle) ? low = middle : high = middle;
  }
  return most - low < LEAST && free(most - LEAST) ? most : low;
}
function meeting(before, near2, bearing, metres, seconds, flight, body) {
  let far = otherSide(near2), way = wayOf(before.heading + bearing), room = Math.max(0, Math.min(metres, separation(before, near2, bearing))), free = untilTouching(before.feet[far], before.feet[near2], way, room, body), first = free < LEAST ? 0 : free, rest = metres - first, parts = (first > 0 ? 1 : 0) + 1 + (rest > 0 ? 1 : 0), part = (seconds + (parts > 1 ? flight : 0)) / parts, actions = [], feet = { ...before.feet }, at2 = 0, go = (foot, by) => {
    let to = movedFoot(feet[foot], scale(way, by));
    actions.push({ foot, kind: "step", start: at2, end: at2 + part, from: feet[foot], to, contact: !0 }), feet[foot] = to, at2 += part - (actions.length === 1 ? flight : 0);
  };
  first > 0 && go(far, first), go(near2, metres), rest > 0 && go(far, rest);
  let end = actions.at(-1)?.end ?? seconds;
  return {
    seconds: end,
    actions,
    after: { ...before, feet },
    landing: end,
    units: ["step"],
    means: ["touch"],
    moving: !0,
    tally: flight > 0 ? { landing: "gallop" } : {}
  };
}
function pendulum(before, near2, bearing, metres, seconds, body) {
  let apart = separation(before, near2, bearing);
  if (apart < body.breadth.metres / 2) return null;
  let far = otherSide(near2), way = wayOf(before.heading + bearing), landed = movedFoot(before.feet[far], scale(way, apart)), out = movedFoot(before.feet[near2], scale(way, metres ?? apart)), actions = [
    { foot: far, kind: "step", start: 0, end: seconds / 2, from: before.feet[far], to: landed, contact: !0 },
    { foot: near2, kind: "step", start: seconds * 0.4, end: seconds, from: before.feet[near2], to: out, contact: !0 }
  ], feet = feetWith(far, landed, out);
  return { seconds, actions, after: { ...before, feet }, landing: seconds, units: ["step"], means: ["touch"], moving: !0 };
}
function halfStep(before, foot, bearing, metres, seconds) {
  let from = before.feet[foot], out = movedFoot(from, scale(wayOf(before.heading + bearing), metres)), half = seconds / 2;
  return {
    seconds,
    actions: [
      { foot, kind: "step", start: 0, end: half, from, to: out, contact: !0 },
      { foot, kind: "step", start: half, end: seconds, from: out, to: from, contact: !0 }
    ],
    after: before,
    landing: half,
    units: ["step"],
    means: ["wide", "pass"],
    moving: !0
  };
}

function goes(before, foot, by, seconds) {
  let from = before.feet[foot], to = movedFoot(from, by);
  return {
    seconds,
    actions: [{ foot, kind: "step", start: 0, end: seconds, from, to, contact: !0 }],
    after: { ...before, feet: feetWith(foot, to, before.feet[otherSide(foot)]) },
    landing: seconds,
    units: ["step"],
    means: ["wide", "pass", "touch"],
    moving: !0
  };
}
var singleStep = (before, foot, bearing, metres, seconds) => goes(before, foot, scale(wayOf(before.heading + bearing), metres), seconds);
function sideways(before, foot, width, along2, seconds) {
  let size = sizeOf(before.feet, before.heading), across = (foot === "right" ? 1 : -1) * (width - size.width), own = inStanceFrame(before.feet[foot], before), ahead2 = along2 === "level" ? -2 * own.y : 0;
  return goes(before, foot, turned({ x: across, y: ahead2 }, before.heading), seconds);
}

var gathering = (doing) => {
  let first = sized(doing, "even", "gather"), second = doing.act.second === null ? first : metresOf(doing.act.second, doing.body, "even"), { tempo, then } = doing, one = secondsOf(USUAL_TIME.gatherFoot, tempo && "seconds" in tempo ? { seconds: tempo.seconds / 2 } : tempo), two = then === null ? one : secondsOf(USUAL_TIME.gatherFoot, then);
  return gather(doing.before, footOr(doing, near(doing)), bearingOf2(doing), first, second, one, two);
}, meetingAt = (usual, flight) => (doing) => meeting(doing.before, near(doing), bearingOf2(doing), sized(doing, "even", "gather"), usually(doing, usual, flight), flight, doing.body), GATHER = {
  advance: gathering,
  retreat: gathering,
  shuffle: gathering,
  "half step": (doing) => halfStep(
    doing.before,
    footOr(doing, near(doing)),
    bearingOf2(doing),
    sized(doing, "even", "gather"),
    usually(doing, USUAL_TIME.halfStep)
  ),
  "single step": (doing) => singleStep(
    doing.before,
    footOr(doing, near(doing)),
    bearingOf2(doing),
    sized(doing, "even", "lunge"),
    usually(doing, USUAL_TIME.singleStep)
  ),
  "feet together": (doing) => sideways(
    doing.before,
    footOr(doing, otherSide(leading(doing))),
    doing.body.breadth.metres,
    "level",
    usually(doing, USUAL_TIME.feetMeet)
  ),
  "feet apart": (doing) => {
    let { width } = stanceTarget(doing.school, doing.body);
    return sideways(doing.before, footOr(doing, otherSide(leading(doing))), width, "as it is", usually(doing, USUAL_TIME.feetMeet));
  },
  chass\u00E9: meetingAt(USUAL_TIME.chass\u00E9, 0),
  gallop: meetingAt(USUAL_TIME.gallop, FLIGHT.gallop),
  pendulum: (doing) => {
    let metres = doing.act.size === null ? null : metresOf(doing.act.size, doing.body, "even"), seconds = usually(doing, USUAL_TIME.pendulum), least = doing.body.breadth.metres / 2;
    return pendulum(doing.before, near(doing), bearingOf2(doing), metres, seconds, doing.body) ?? refused(doing, "level-swing", seconds, 0, least);
  }
};

var SWING_OUT = 0.9, beyond = (before, moving, bearing, metres) => Math.max(0, separation(before, otherSide(moving), bearing)) + metres;
function stepPast(before, foot, bearing, metres, how, seconds, body) {
  let from = before.feet[foot], to = { ...add(from, scale(wayOf(before.heading + bearing), metres)), toe: from.toe }, out = wayOf(before.heading + (how === "behind" ? 180 : 0)), room = dot(sub(before.feet[otherSide(foot)], from), out), bow = how === "past" ? null : scale(out, Math.max(0, SWING_OUT * body.foot.metres + room));
  return {
    seconds,
    actions: [{ foot, kind: "step", start: 0, end: seconds, from, to, contact: !0, ...bow && { bow } }],
    after: { ...before, feet: { ...before.feet, [foot]: to } },
    landing: seconds,
    units: ["step"],
    means: ["wide", "pass", "cross"],
    moving: !0
  };
}

var aheadBy = (posture, foot, bearing) => dot(sub(posture.feet[foot], posture.feet[otherSide(foot)]), wayOf(posture.heading + bearing));
function toeIn(school, side, heading, leads) {
  let out = leads ? school.toes.lead : school.toes.rear;
  return heading + (side === "left" ? -out : out);
}
var otherShare = (before) => 1 - before.leftShare;
function passes(before, foot, bearing, metres, body) {
  return aheadBy(before, foot, bearing) + metres >= body.breadth.metres / 2 - 1e-9;
}
var fullPass = (before, foot, bearing) => 2 * Math.max(0, -aheadBy(before, foot, bearing));
function pass(before, foot, bearing, metres, seconds, school, body) {
  let other = otherSide(foot), from = before.feet[foot], gone = movedFoot(from, scale(wayOf(before.heading + bearing), metres)), done = passes(before, foot, bearing, metres, body), forward = Math.abs(bearing) <= 90, lead = done ? forward ? foot : other : before.lead, turns = done && school.staggered && lead !== before.lead, to = turns ? { ...gone, toe: toeIn(school, foot, before.heading, lead === foot) } : gone, standing = turns ? { ...before.feet[other], toe: toeIn(school, other, before.heading, lead === other) } : before.feet[other], actions = [{ foot, kind: "step", start: 0, end: seconds, from, to, contact: !0 }];
  return turns && actions.push({ foot: other, kind: "turn", start: 0, end: seconds, from: before.feet[other], to: standing, contact: !1 }), {
    seconds,
    actions,
    after: {
      ...before,
      feet: feetWith(foot, to, standing),
      lead,
      leftShare: turns ? otherShare(before) : before.leftShare
    },
    landing: seconds,
    units: ["step"],
    means: ["wide", "pass"],
    moving: !0
  };
}
function switchFeet(before, bearing, metres, seconds, school) {
  if (before.lead === null) return null;
  let lead = otherSide(before.lead), origin = originOf(before.feet), drift = scale(wayOf(before.heading + bearing), metres), land = (side) => {
    let own = inStanceFrame(before.feet[side], before);
    return { ...add(add(origin, turned({ x: own.x, y: -own.y }, before.heading)), drift), toe: toeIn(school, side, before.heading, side === lead) };
  }, feet = { left: land("left"), right: land("right") };
  return {
    seconds,
    actions: [hopOf("left", before.feet, feet, 0, seconds), hopOf("right", before.feet, feet, 0, seconds)],
    after: { ...before, feet, lead, leftShare: otherShare(before) },
    landing: seconds,
    units: ["step"],
    means: ["pass"],
    moving: !0
  };
}

function stepAndTurn(before, foot, bearing, metres, degrees, seconds) {
  let other = otherSide(foot), by = scale(wayOf(before.heading + bearing), metres), half = seconds / 2, out = movedFoot(before.feet[foot], by), turned2 = { ...out, toe: out.toe + degrees }, gathered = movedFoot(before.feet[other], by), to = { ...turnedAbout(gathered, out, degrees), toe: gathered.toe + degrees }, actions = [
    { foot, kind: "step", start: 0, end: half, from: before.feet[foot], to: out, contact: !0 },
    { foot, kind: "turn", start: half, end: seconds, from: out, to: turned2, contact: !1 },
    { foot: other, kind: "step", start: half, end: seconds, from: before.feet[other], to, contact: !0 }
  ], feet = feetWith(foot, turned2, to);
  return {
    seconds,
    actions,
    after: { ...before, feet, heading: before.heading + degrees },
    landing: seconds,
    units: ["turn"],
    means: ["wide", "pass"],
    moving: !0,
    tally: degrees === 0 ? {} : { pivot: degrees < 0 ? "left" : "right" }
  };
}
function orbit(before, first, centre, degrees, footSeconds) {
  let place = (foot) => ({ ...turnedAbout(foot, centre, -degrees), toe: foot.toe - degrees }), feet = { left: place(before.feet.left), right: place(before.feet.right) }, step = (foot, start) => ({
    foot,
    kind: "step",
    start,
    end: start + footSeconds,
    from: before.feet[foot],
    to: feet[foot],
    contact: !0
  }), seconds = 2 * footSeconds;
  return {
    seconds,
    actions: [step(first, 0), step(otherSide(first), footSeconds)],
    after: { ...before, feet, heading: before.heading - degrees },
    landing: seconds,
    units: ["step", "turn"],
    means: [],
    moving: !0
  };
}
function orbitDegrees(before, centre, metres) {
  let r = distance(originOf(before.feet), centre);
  return 2 * Math.asin(Math.min(1, metres / (2 * r))) * 180 / Math.PI;
}
function dropStep(before, metres, degrees, seconds) {
  let foot = degrees < 0 ? "left" : "right", other = otherSide(foot), bearing = degrees < 0 ? -135 : 135, from = before.feet[foot], to = { ...add(from, scale(wayOf(before.heading + bearing), metres)), toe: from.toe + degrees }, standing = { ...before.feet[other], toe: before.feet[other].toe + degrees };
  return {
    seconds,
    actions: [
      { foot, kind: "step", start: 0, end: seconds, from, to, contact: !0 },
      { foot: other, kind: "turn", start: 0, end: seconds, from: before.feet[other], to: standing, contact: !1 }
    ],
    after: { ...before, feet: feetWith(foot, to, standing), heading: before.heading + degrees },
    landing: seconds,
    units: ["step"],
    means: ["wide", "pass"],
    moving: !0
  };
}

var passing = (doing) => {
  let { before, body, school, act } = doing, bearing = bearingOf2(doing), usual = before.lead === null ? doing.playing : Math.abs(bearing) <= 90 ? otherSide(before.lead) : before.lead, foot = footOr(doing, usual), full = fullPass(before, foot, bearing), metres = act.size === null && full >= body.breadth.metres ? full : sized(doing, "even", "lunge");
  return passes(before, foot, bearing, metres, body) || doing.note({ code: "short-pass", values: { foot } }, metres, full / 2 + body.breadth.metres / 2), pass(before, foot, bearing, inRange(doing, metres, "lunge"), usually(doing, USUAL_TIME.pass), school, body);
}, crossing = (how, seconds) => (doing) => {
  let { before, body, act } = doing, bearing = bearingOf2(doing), foot = footOr(doing, otherSide(near(doing))), metres = act.size === null ? beyond(before, foot, bearing, metresOf(null, body, "even")) : metresOf(act.size, body, "even");
  return stepPast(before, foot, bearing, inRange(doing, metres, "lunge"), how, usually(doing, seconds), body);
}, PASS = {
  pass: passing,
  shift: passing,
  "back step": passing,
  run: crossing("past", USUAL_TIME.run),
  crossover: crossing("front", USUAL_TIME.cross),
  "cross behind": crossing("behind", USUAL_TIME.cross),
  "drop step": (doing) => dropStep(doing.before, sized(doing, "even", "gather"), turnOf2(doing), usually(doing, USUAL_TIME.dropStep))
};

function pivot(before, on, degrees, seconds, swing = 0) {
  let free = otherSide(on), centre = before.feet[on], pivotTo = { ...centre, toe: centre.toe + degrees }, freeFrom = before.feet[free], freeTo = { ...turnedAbout(freeFrom, centre, degrees + swing), toe: freeFrom.toe + degrees + swing };
  return {
    seconds,
    actions: [
      { foot: on, kind: "turn", start: 0, end: seconds, from: centre, to: pivotTo, contact: !1 },
      { foot: free, kind: "slide", start: 0, end: seconds, from: freeFrom, to: freeTo, about: centre, contact: !0 }
    ],
    after: { ...before, feet: feetWith(on, pivotTo, freeTo), heading: before.heading + degrees },
    landing: seconds,
    units: ["turn"],
    means: [],
    moving: !0,
    tally: { pivot: degrees < 0 ? "left" : "right" }
  };
}

function turning(doing, on, degrees) {
  let usual = Math.max(USUAL_TIME.pivotLeast, USUAL_TIME.pivotQuarter * Math.abs(degrees) / 90);
  return pivot(doing.before, on, degrees, usually(doing, usual), doing.swing);
}
var outAndRound = (bearing, choose) => (doing) => {
  let turn = turnOf2(doing), side = turn < 0 ? "left" : "right", out = side === "left" ? -bearing : bearing, metres = sized(doing, "even", "gather"), foot = choose(doing, side, out), moved = scale(wayOf(doing.before.heading + out), metres), there = {
    ...doing.before,
    feet: {
      left: { ...doing.before.feet.left, x: doing.before.feet.left.x + moved.x, y: doing.before.feet.left.y + moved.y },
      right: { ...doing.before.feet.right, x: doing.before.feet.right.x + moved.x, y: doing.before.feet.right.y + moved.y }
    }
  }, round = doing.opposed ? bearingTo(there, doing.opponent) : -turn;
  return stepAndTurn(doing.before, foot, out, metres, round, usually(doing, USUAL_TIME.turnOut));
}, TURN = {
  pivot: (doing) => turning(doing, footOf(doing.act.foot ?? "lead", doing.before, turnOf2(doing), doing.playing), turnOf2(doing)),
  quarter: (doing) => turning(doing, leading(doing), turnOf2(doing)),
  "slip-side quarter": (doing) => turning(doing, leading(doing), turnOf2(doing)),
  "step-out quarter": outAndRound(90, (_doing, side) => side),
  cut: outAndRound(45, ({ act, before, playing }, _side, bearing) => footOf(act.foot ?? "near", before, bearing, playing)),
  "side step and turn": outAndRound(90, ({ before, playing }, _side, bearing) => nearFoot(before, bearing, playing)),
  orbit: (doing) => {
    let { act, before, opponent, playing } = doing, asked = act.size === null ? turnOf2(doing) : orbitDegrees(before, opponent, metresOf(act.size, doing.body, "even")), degrees = act.size === null ? asked : asked * Math.sign(turnOf2(doing));
    return orbit(before, nearFoot(before, degrees < 0 ? -90 : 90, playing), opponent, degrees, usually(doing, USUAL_TIME.orbitFoot));
  },
  face: (doing) => turning(doing, footOf(doing.act.foot ?? "lead", doing.before, turnOf2(doing), doing.playing), turnOf2(doing)),
  switch: (doing) => (
    // All of a switch is flight, which keeps its time.
    switchFeet(doing.before, bearingOf2(doing), asideOf(doing), USUAL_TIME.switch, doing.school) ?? refused(doing, "square-switch", USUAL_TIME.switch)
  )
};

function jump(before, bearing, metres, seconds, flight) {
  let by = scale(wayOf(before.heading + bearing), metres), feet = { left: movedFoot(before.feet.left, by), right: movedFoot(before.feet.right, by) };
  return {
    seconds,
    actions: [hopOf("left", before.feet, feet, 0, flight), hopOf("right", before.feet, feet, 0, flight)],
    after: { ...before, feet },
    landing: flight,
    units: ["arrival"],
    means: [],
    moving: !0,
    tally: { landing: "jump" }
  };
}
function sideJump(before, foot, bearing, metres, seconds, flight) {
  let by = scale(wayOf(before.heading + bearing), metres), other = otherSide(foot), feet = { left: movedFoot(before.feet.left, by), right: movedFoot(before.feet.right, by) };
  return {
    seconds,
    actions: [hopOf(foot, before.feet, feet, 0, flight), hopOf(other, before.feet, feet, 0, (flight + seconds) / 2)],
    after: { ...before, feet },
    landing: flight,
    units: ["arrival"],
    means: ["wide"],
    moving: !0,
    tally: { landing: "jump" }
  };
}
function scissorJump(before, degrees, seconds, flight, body) {
  let level = Math.abs(sizeOf(before.feet, before.heading).leftAhead) < body.breadth.metres / 2;
  if (level && degrees === 0) return null;
  let origin = originOf(before.feet), heading = before.heading + degrees, land = (side) => {
    let own = inStanceFrame(before.feet[side], before), outward = before.feet[otherSide(side)].toe - before.heading;
    return { ...add(origin, turned({ x: own.x, y: level ? own.y : -own.y }, heading)), toe: heading - outward };
  }, feet = { left: land("left"), right: land("right") }, exchanged = !level && before.lead !== null;
  return {
    seconds,
    actions: [hopOf("left", before.feet, feet, 0, flight), hopOf("right", before.feet, feet, 0, flight)],
    after: {
      feet,
      heading,
      lead: exchanged ? otherSide(before.lead) : before.lead,
      leftShare: exchanged ? 1 - before.leftShare : before.leftShare
    },
    landing: flight,
    units: ["arrival"],
    means: ["pass", "wide"],
    moving: !0,
    tally: { landing: "jump" }
  };
}

var LUNGE_LOAD = 0.75, REACH_LOAD = 0.65;
function lunge(before, foot, bearing, metres, seconds, reach = "lunge") {
  let heading = before.heading + bearing, from = before.feet[foot], toe = reach === "lunge" ? heading : reach === "reaching step" ? before.heading : from.toe, load = reach === "lunge" ? LUNGE_LOAD : REACH_LOAD, to = { ...add(from, scale(wayOf(heading), metres)), toe };
  return {
    seconds,
    actions: [{ foot, kind: "step", start: 0, end: seconds, from, to, contact: !0 }],
    after: { ...before, feet: { ...before.feet, [foot]: to }, leftShare: foot === "left" ? load : 1 - load },
    landing: seconds,
    units: ["arrival"],
    means: ["wide", "pass"],
    moving: !0,
    tally: reach === "lunge" ? { reach: foot, lunge: foot } : { reach: foot }
  };
}
function recover(before, origin, foot, way, seconds) {
  let moving = way === "back" ? foot : otherSide(foot), gone = sub(before.feet[foot], origin.feet[foot]), to = way === "back" ? origin.feet[foot] : { ...add(origin.feet[moving], gone), toe: origin.feet[moving].toe }, standing = way === "back" ? before.feet[otherSide(foot)] : { ...before.feet[foot], toe: origin.feet[foot].toe }, turnBack = way === "ahead" && before.feet[foot].toe !== standing.toe ? [{ foot, kind: "turn", start: 0, end: seconds, from: before.feet[foot], to: standing, contact: !1 }] : [];
  return {
    seconds,
    actions: [{ foot: moving, kind: "step", start: 0, end: seconds, from: before.feet[moving], to, contact: !0 }, ...turnBack],
    after: { ...origin, feet: moving === "left" ? { left: to, right: standing } : { left: standing, right: to } },
    landing: seconds,
    units: ["back"],
    means: ["wide", "pass"],
    moving: !0
  };
}

var later = (action, seconds) => ({
  ...action,
  start: action.start + seconds,
  end: action.end + seconds,
  ...action.airborneUntil === void 0 ? {} : { airborneUntil: action.airborneUntil + seconds }
});
function inSequence(before, ...parts) {
  let all = { seconds: 0, actions: [], after: before, landing: 0, units: [], means: [], moving: !0 };
  for (let part of parts) {
    let next = part(all.after);
    all = {
      seconds: all.seconds + next.seconds,
      actions: [...all.actions, ...next.actions.map((action) => later(action, all.seconds))],
      after: next.after,
      landing: all.seconds + next.landing,
      units: next.units,
      means: [.../* @__PURE__ */ new Set([...all.means, ...next.means])],
      moving: !0,
      tally: { ...all.tally, ...next.tally }
    };
  }
  return all;
}

var reaching = (reach, usual, seconds) => (doing) => {
  let foot = footOr(doing, leading(doing)), metres = sized(doing, usual, "lunge");
  return { ...lunge(doing.before, foot, bearingOf2(doing), metres, usually(doing, seconds), reach), open: { foot, from: doing.before } };
}, intoLunge = (before) => (doing) => {
  let foot = footOr(doing, leading(doing)), metres = sized(doing, "lunge", "lunge"), stood = doing.before;
  return { ...inSequence(
    doing.before,
    (from) => before(doing, from),
    (from) => (stood = from, lunge(from, foot, bearingOf2(doing), metres, secondsOf(USUAL_TIME.lunge, doing.then ?? doing.tempo)))
  ), open: { foot, from: stood } };
}, recovering = (way, seconds) => (doing) => {
  let { open, before, note } = doing, takes = usually(doing, seconds);
  return open ? recover(before, open.from, open.foot, way(doing), takes) : (note({ code: "nothing-to-recover", values: {} }, 0, 0), stay(before, takes));
}, REACH = {
  lunge: reaching("lunge", "lunge", USUAL_TIME.lunge),
  recover: recovering(({ act }) => act.bearing === 0 ? "ahead" : "back", USUAL_TIME.recover),
  "step-lunge": intoLunge((doing, from) => {
    let metres = metresOf(null, doing.body, "small"), first = nearFoot(from, bearingOf2(doing), doing.playing), foot = secondsOf(USUAL_TIME.gatherFoot, doing.tempo && "seconds" in doing.tempo ? null : doing.tempo);
    return gather(from, first, bearingOf2(doing), metres, metres, foot, foot);
  }),
  "jump-lunge": intoLunge(
    (doing, from) => jump(from, bearingOf2(doing), metresOf(null, doing.body, "small"), USUAL_TIME.guardJump, FLIGHT.guard)
  ),
  "running attack": (doing) => {
    let { before, body, school } = doing, bearing = bearingOf2(doing), rear = otherSide(leading(doing)), seconds = usually(doing, USUAL_TIME.pass), out = inRange(doing, Math.max(metresOf(doing.act.size, body, "lunge"), beyond(before, rear, bearing, body.foot.metres)), "lunge");
    return inSequence(
      before,
      (from) => pass(from, rear, bearing, out, seconds, school, body),
      (from) => {
        let back = -dot(sub(from.feet[otherSide(rear)], from.feet[rear]), wayOf(from.heading + bearing)), length = dot(sub(before.feet[otherSide(rear)], before.feet[rear]), wayOf(before.heading + bearing));
        return pass(from, otherSide(rear), bearing, back + length, seconds, school, body);
      }
    );
  },
  "reaching step": reaching("reaching step", "big", USUAL_TIME.lunge),
  "step in": reaching("step in", "even", USUAL_TIME.stepIn),
  "pull back": recovering(() => "back", USUAL_TIME.pullBack)
};

var AIR = {
  jump: (doing) => jump(doing.before, bearingOf2(doing), asideOf(doing), usually(doing, USUAL_TIME.jump, FLIGHT.jump), FLIGHT.jump),
  "one-foot hop": (doing) => {
    let foot = footOr(doing, leading(doing)), seconds = usually(doing, USUAL_TIME.oneFootHop, FLIGHT.guard);
    return { ...sideJump(doing.before, foot, bearingOf2(doing), asideOf(doing), seconds, FLIGHT.guard), means: ["wide", "touch"] };
  },
  "scissor jump": (doing) => {
    let seconds = usually(doing, USUAL_TIME.jump, FLIGHT.jump);
    return scissorJump(doing.before, doing.act.turn ?? 0, seconds, FLIGHT.jump, doing.body) ?? refused(doing, "level-exchange", seconds);
  },
  "block jump": (doing) => jump(doing.before, bearingOf2(doing), sized(doing, "even", "lunge"), usually(doing, USUAL_TIME.jump, FLIGHT.jump), FLIGHT.jump),
  "side jump": (doing) => {
    let bearing = bearingOf2(doing), b = normalised(bearing), foot = footOr(doing, Math.abs(b) < 1e-9 || Math.abs(b) > 180 - 1e-9 ? doing.playing : b > 0 ? "right" : "left"), metres = sized(doing, "big", "lunge");
    return sideJump(doing.before, foot, bearing, metres, usually(doing, USUAL_TIME.sideJump, FLIGHT.jump), FLIGHT.jump);
  }
};

var HAND = {
  hit: (doing) => stay(doing.before, usually(doing, USUAL_TIME.hand), ["strike"]),
  "guard check": (doing) => stay(doing.before, usually(doing, USUAL_TIME.hand), ["strike"])
};

var RECIPES = { ...SET, ...LOAD, ...GATHER, ...PASS, ...TURN, ...REACH, ...AIR, ...HAND }, KEEPS_REACH = ["hold", "hit", "guard check", "weight shift"];

function seeded(seed) {
  let state = seed >>> 0;
  return () => {
    state = state + 1831565813 >>> 0;
    let t = state;
    return t = Math.imul(t ^ t >>> 15, t | 1), t ^= t + Math.imul(t ^ t >>> 7, t | 61), ((t ^ t >>> 14) >>> 0) / 4294967296;
  };
}

var MOST_OPENED = 2e4;
function* unfold(items, definitions, choose, taken) {
  let parts = new Map(definitions.map((one) => [one.name, one.items])), footNamed = new Map(definitions.map((one) => [one.name, !1]));
  for (let one of definitions) footNamed.set(one.name, one.items.some(namesAFoot));
  let opened = 0;
  function namesAFoot(item) {
    return item.kind === "step" ? item.act.foot === "left" || item.act.foot === "right" : item.kind === "group" ? item.branches.some((branch) => branch.some(namesAFoot)) : item.kind === "call" && (footNamed.get(item.name) ?? !1);
  }
  function* all(list, around) {
    for (let item of list)
      item.kind === "event" ? yield { kind: "event", event: item } : yield* both(item, item.mirrored ? { ...around, ways: !around.ways, feet: !around.feet } : around);
  }
  function* both(item, around) {
    let span = around.at ?? item.span;
    item.each === "side" && namesAFoot(item) && (yield { kind: "asks", span, asks: { code: "names-a-foot", values: {} } }), yield* times(item, around), item.each === "side" && (yield* times(item, { ...around, ways: !around.ways })), item.each === "lead" && (yield otherLead(span), yield* times(item, { ...around, ways: !around.ways, feet: !around.feet }), yield otherLead(span));
  }
  function* times(item, around) {
    for (let i = 0; i < item.times; i++) {
      if (++opened > MOST_OPENED) {
        opened === MOST_OPENED + 1 && (yield {
          kind: "asks",
          span: around.at ?? item.span,
          asks: { code: "too-many", values: { counted: "brackets", most: MOST_OPENED } }
        });
        return;
      }
      if (item.kind === "step")
        yield { kind: "step", step: { ...item, act: inside(item.act, around), tempo: item.tempo ?? around.tempo }, left: item.times - i, span: around.at ?? item.span };
      else if (item.kind === "group") {
        let { length } = item.branches, branch = length < 2 ? 0 : choose(length);
        length > 1 && taken.push({ taken: branch, of: length, name: named(item.names[branch] ?? null, around), span: item.span }), yield* all(item.branches[branch] ?? [], around);
      } else {
        let { scale: scale2, tempo, at: at2 } = around, within = { ...around, scale: scale2 * item.scale, tempo: item.tempo ?? tempo, at: at2 ?? item.span };
        yield* all(parts.get(item.name) ?? [], within);
      }
    }
  }
  yield* all(items, { ways: !1, feet: !1, scale: 1, tempo: null, at: null });
}
var named = (name, { ways: ways2 }) => name !== null && ways2 ? otherName(name) : name;
function inside(act, { ways: ways2, feet, scale: scale2 }) {
  let turned2 = ways2 ? mirrorAct(act, feet ? "lead" : "directions") : feet ? exchangeFeet(act) : act;
  return scaleAct(turned2, scale2);
}
function otherLead(span) {
  return { kind: "step", step: {
    kind: "step",
    act: bare("other lead"),
    tempo: null,
    then: null,
    hands: [],
    times: 1,
    each: null,
    mirrored: !1,
    span
  }, left: 1, span };
}

var MOST_MOVES = 600, MOST = { things: 40, partners: 4, hits: 2e3, events: 1e3 };
function simulate(script, performer, options = {}) {
  return simulated(script, performer, options, MOST_MOVES);
}
function simulated(script, performer, options, most) {
  let chance = seeded(options.seed ?? 1), asked = 0, choose = (branches) => {
    let said2 = options.choices?.[asked++];
    return said2 !== void 0 && said2 >= 0 && said2 < branches ? Math.floor(said2) : Math.floor(chance() * branches);
  }, partners = { steps: MOST_MOVES, left: MOST.partners }, things = placeThings(script.things.slice(0, MOST.things), performer, (items) => {
    if (partners.left-- <= 0) return null;
    let own = simulated({ items, things: [], definitions: script.definitions }, performer, { seed: options.seed ?? 1 }, partners.steps);
    return partners.steps -= own.moves.length, own;
  }), start = standIn(performer.school, performer.body, performer.lead), run = new Run(performer, start, things, options.slip ?? ((step) => ({ step, swing: 0 })), most, options.places), [unplaced, still2] = [script.things[MOST.things], script.things.filter(({ doing }) => doing !== null)[MOST.partners]];
  unplaced && run.tooMany("things", MOST.things, unplaced.span), still2 && run.tooMany("partners", MOST.partners, still2.span);
  for (let { doing, span } of things)
    for (let one of doing?.problems ?? []) one.code === "too-many" && run.tooMany(one.values.counted, one.values.most, span);
  let choices = [];
  for (let one of unfold(script.items, script.definitions, choose, choices)) if (!run.take(one)) break;
  return {
    performer,
    target: stanceTarget(performer.school, performer.body),
    start,
    end: run.posture,
    moves: run.moves,
    actions: run.moves.flatMap((move) => move.actions.map((action) => ({ ...action, move: move.index }))),
    hands: run.hands.sort((a, b) => a.at - b.at),
    events: run.allEvents(),
    things,
    choices,
    problems: run.problems,
    seconds: run.now
  };
}
var Run = class {
  constructor(performer, start, things, slip, most, places) {
    this.performer = performer;
    this.start = start;
    this.things = things;
    this.slip = slip;
    this.most = most;
    this.places = places;
    this.posture = start;
  }
  performer;
  start;
  things;
  slip;
  most;
  places;
  now = 0;
  posture;
  moves = [];
  hands = [];
  problems = [];
  said = /* @__PURE__ */ new Set();
  events = [];
  recurring = [];
  open = null;
  /** Does one thing; false when nothing more is followed. */
  take(one) {
    if (one.kind === "asks") this.problem(one.asks, one.span);
    else if (one.kind === "event") this.happen(one.event);
    else {
      if (this.moves.length >= this.most)
        return this.tooMany("moves", MOST_MOVES, one.span), !1;
      this.one(one.step, one.left, one.span);
    }
    return !0;
  }
  /** All events in time order, those that come again and again up to the end. */
  allEvents() {
    let all = [...this.events];
    for (let { event, from } of this.recurring) {
      let every = Math.max(0.05, event.every ?? 0);
      for (let at2 = from; at2 <= this.now + 1e-9; at2 += every) {
        if (all.length >= MOST.events) {
          this.tooMany("events", MOST.events, event.span);
          break;
        }
        all.push(moment(event, at2));
      }
    }
    return all.sort((a, b) => a.at - b.at);
  }
  happen(event) {
    let from = event.at ?? this.now;
    event.every === null ? this.event(moment(event, from)) : this.recurring.length < MOST.events ? this.recurring.push({ event, from }) : this.tooMany("events", MOST.events, event.span);
  }
  one(written2, left, span) {
    let before = this.posture, sided = byFloor(bySide(written2.act, this.posture, this.performer.playing), this.start, this.posture), { step, swing } = this.slip({ ...written2, act: this.aim(sided, left, span) }, this.performer), result = this.done(step, span, swing);
    this.base(span, before, result.after);
    let start = this.now, move = {
      index: this.moves.length,
      step,
      span,
      start,
      end: start + result.seconds,
      landing: start + result.landing,
      before,
      after: result.after,
      actions: result.actions.map((action) => later(action, start)),
      units: step.hands.some((hand) => hand.kind === "hand") ? [...result.units, "strike"] : result.units,
      means: result.means,
      moving: result.moving,
      tally: result.tally ?? {}
    };
    this.moves.push(move), this.tied(step, move), this.posture = result.after, this.now = move.end;
  }
  done(step, span, swing) {
    let partner = this.target(step.act) ?? partnerOf(this.things), { body, school, playing } = this.performer, doing = {
      act: step.act,
      before: this.posture,
      body,
      school,
      playing,
      tempo: step.tempo,
      then: step.then,
      swing,
      open: this.open,
      opponent: partner === null ? this.ahead() : whereIs(partner, this.now),
      opposed: partner !== null,
      note: (problem, value, limit) => this.problem(problem, span, value, limit)
    }, result = landedAs2(RECIPES[step.act.word](doing), doing, this.toeAt(step.act, span));
    return result.open ? this.open = result.open : KEEPS_REACH.includes(step.act.word) || (this.open = null), result;
  }
  /** The point that a toe is turned to. */
  toeAt({ toe }, span) {
    if (toe === null || "out" in toe) return null;
    if (toe.at.thing === "home") return originOf(this.start.feet);
    let thing = thingFor(toe.at, this.things);
    return thing ? whereIs(thing, this.now) : (this.noSuchThing(toe.at, span), null);
  }
  ahead() {
    return add(originOf(this.posture.feet), scale(wayOf(this.posture.heading), OPPONENT_AHEAD));
  }
  /** The thing an act names, if it stands on the floor. */
  target(act) {
    return act.aim === null || act.aim.thing === "home" ? null : thingFor(act.aim, this.things);
  }
  aim(act, left, span) {
    if (act.aim === null) return act;
    let { body, playing } = this.performer, thing = this.target(act), spot = SPOT_WORDS.find((one) => one === act.aim?.thing);
    if (spot !== void 0) {
      let from = originOf(this.posture.feet), point = this.places?.(act.aim, from, (ref) => footOf(ref, this.posture, 0, playing)) ?? null;
      return point ? aimed(act, { point, stop: 0 }, this.posture, playing, left) : (this.problem({ code: "no-such-thing", values: { thing: spot } }, span), act);
    }
    if (act.aim.thing === "home") {
      if (act.word === "face") return { ...act, turn: this.start.heading - this.posture.heading };
      let home = { point: originOf(this.start.feet), stop: 0 };
      return aimed(act, home, this.posture, playing, left);
    }
    return thing ? aimed(act, targetOf(thing, this.now, act, body), this.posture, playing, left) : (this.noSuchThing(act.aim, span), act);
  }
  noSuchThing({ thing, name }, span) {
    let named2 = [thing, name === null ? null : `\u201C${name}\u201D`].filter((word) => word !== null).join(" ");
    this.problem({ code: "no-such-thing", values: { thing: named2 } }, span);
  }
  tied(step, move) {
    let { act } = step;
    (act.word === "hit" || act.word === "guard check") && this.hit({ word: act.name ?? act.word, at: move.start, tiedTo: null, move: move.index }, move.span);
    let busy = /* @__PURE__ */ new Map();
    for (let one of step.hands) {
      let tiedTo = one.tie === "start" ? move.start : one.tie === "landing" ? move.landing : firstLanding(move), moment2 = `${one.tie} ${one.offsetMs}`, before = one.kind === "hand" ? busy.get(moment2) ?? 0 : 0;
      one.kind === "hand" && busy.set(moment2, before + USUAL_TIME.hand);
      let at2 = Math.max(0, tiedTo + one.offsetMs / 1e3) + before;
      if (!(one.kind === "hand" ? this.hit({ word: one.word, at: at2, tiedTo, move: move.index }, one.span) : this.event({ event: one.word, name: null, at: at2, move: move.index, span: one.span }))) break;
    }
  }
  /** Whether there was room for one more. */
  hit(one, span) {
    let room = this.hands.length < MOST.hits;
    return room ? this.hands.push(one) : this.tooMany("hits", MOST.hits, span), room;
  }
  event(one) {
    let room = this.recurring.length + this.events.length < MOST.events;
    return room ? this.events.push(one) : this.tooMany("events", MOST.events, one.span), room;
  }
  /** Feet further apart than two legs reach are nobody's; named at the move that makes it so. */
  base(span, before, after) {
    let limit = 2 * this.performer.body.leg.metres, apart = distance(after.feet.left, after.feet.right);
    apart <= limit + 1e-9 || apart <= distance(before.feet.left, before.feet.right) + 1e-9 || this.problem({ code: "stride", values: { of: "stand", metres: apart, most: limit } }, span, apart, limit);
  }
  /** Said once of each kind: of what comes after the first too much, nothing is followed either. */
  tooMany(counted, most, span) {
    this.problem({ code: "too-many", values: { counted, most } }, span, most + 1, most);
  }
  problem(problem, span, value = 0, limit = 0) {
    let place = `${problem.code} ${problem.code === "too-many" ? problem.values.counted : span.from}`;
    this.said.size !== this.said.add(place).size && this.problems.push({ ...problem, move: this.moves.length, span, value, limit });
  }
}, firstLanding = ({ actions, landing: landing2 }) => Math.min(landing2, ...actions.flatMap(({ contact, end }) => contact ? [end] : []));
function bySide(act, before, playing) {
  if (act.side === null) return act;
  let sign = footOf(act.side, before, 0, playing) === "right" ? 1 : -1, { way, usual } = ruleOf(act.word);
  if (way === "turn") return { ...act, side: null, turn: sign * Math.abs(act.turn ?? usual ?? 90) };
  let off = act.bearing === 0 ? 45 : act.bearing === 180 ? 135 : 90;
  return { ...act, side: null, bearing: sign * off };
}
function byFloor(act, start, before) {
  if (!act.floor || act.aim !== null) return act;
  let bearing = act.bearing ?? ruleOf(act.word).usual ?? 0;
  return { ...act, bearing: normalised(bearing + start.heading - before.heading) };
}
var moment = ({ event, name, span }, at2) => ({ event, name, at: at2, move: null, span });
export {
  parse,
  simulate
};
