// Made by npm run freeze -- language 3 from 3c52d8938f0e; never changed afterwards.
// @ts-nocheck
var graphemes = new Intl.Segmenter(void 0, { granularity: "grapheme" });
function cut(text, most) {
  return text.length <= most ? text : text.slice(0, graphemes.segment(text).containing(most)?.index ?? most);
}

var TO_A_SIDE = ["front corner", "rear corner"];

var NOTATION_LIMITS = { characters: 2e4, times: 1e3, depth: 12, metres: 10, turn: 720, name: 40, errors: 50 };
var METRES_OF = { cm: 0.01, m: 1, in: 0.0254, ft: 0.3048 };

var ahead = { way: "bearing", usual: 0 }, toASide = { way: "turn", usual: null }, round = { ...toASide, family: "turn", size: "step", round: !0 }, inPlace = { way: "none", usual: null, size: "none" }, MOVES = {
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
  "step-out quarter": { ...round, example: "step-out quarter right", usual: 90, foot: !1 },
  "slip-side quarter": {
    family: "turn",
    example: "slip-side quarter left",
    ...toASide,
    usual: 90,
    size: "none",
    foot: !1
  },
  cut: { ...round, example: "cut right 50 cm", usual: 45, foot: !0 },
  "side step and turn": { ...round, example: "side step and turn left 60 cm", usual: 90, foot: !1 },
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

function bothSides(strokes) {
  return ["forehand", "backhand"].flatMap((side) => strokes.map((stroke) => `${side} ${stroke}`));
}
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
    "push",
    "loop",
    "flick",
    "chop",
    "dink",
    "drop shot",
    ...bothSides([
      "drive",
      "topspin",
      "loop",
      "push",
      "flick",
      "block",
      "chop",
      "slice",
      "volley",
      "smash",
      "clear",
      "lift",
      "lob",
      "return"
    ])
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
    times: ["times", "steps"],
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
    floor: ["floor"],
    tall: ["tall"],
    stance: ["stance"],
    leading: ["leading"],
    handed: ["right-handed", "left-handed"],
    reach: ["reach"],
    follows: ["follows", "following"],
    keep: ["keep", "keeps", "keeping"],
    within: ["within"],
    reaction: ["reaction"]
  },
  feetAlone: { left: ["lf"], right: ["rf"] },
  strikes: Object.values(STRIKES).flat(),
  feints: ["feint", "fake"],
  evasions: ["slip", "bob", "roll", "duck"],
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
    grapevine: ["crossover, cross behind", "cross behind", "crossover"],
    carioca: ["crossover, cross behind", "cross behind", "crossover"]
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
  beatOf: "beat of",
  flatTempo: "tempo flat",
  engine: "engine"
};

function printPattern(parsed, vocabulary = ENGLISH) {
  let line = (items) => print(items, vocabulary);
  return [
    ...printManner(parsed, vocabulary),
    ...parsed.things.map((thing) => printThing(thing, vocabulary)),
    ...parsed.definitions.map((one) => `${one.name} = ${line(one.items)}`),
    ...parsed.intended.length > 0 ? [joined(vocabulary.keys.intended[0], ...parsed.intended.map((one) => one.code))] : [],
    ...parsed.items.length > 0 ? [line(parsed.items)] : []
  ].join(`
`);
}
var printManner = ({ engine, flat }, vocabulary = ENGLISH) => [
  ...engine === null ? [] : [`${vocabulary.engine} ${engine}`],
  ...flat ? [vocabulary.flatTempo] : []
];
function print(items, vocabulary = ENGLISH) {
  return items.map((item) => printItem(item, vocabulary)).join(", ");
}
function printItem(item, vocabulary) {
  let { keys } = vocabulary;
  switch (item.kind) {
    case "group":
      return joined(`(${printBranches(item, vocabulary)})`, ...printRepeated(item, vocabulary));
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
var printBranches = ({ branches, names }, vocabulary) => branches.map((branch, i) => {
  let name = names[i] ?? null;
  return `${name === null ? "" : `${name}: `}${print(branch, vocabulary)}`;
}).join(" | "), joined = (...parts) => parts.filter((part) => part !== "").join(" ");
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
  let { directions, keys } = vocabulary, place = (size, plus, minus) => size === null ? "" : `${printSize({ ...size, value: Math.abs(size.value) }, vocabulary)} ${directions[size.value < 0 ? minus : plus][0]}`, at2 = joined(place(thing.right, "right", "left"), place(thing.ahead, "ahead", "back"));
  return joined(
    vocabulary.things[thing.thing][0],
    thing.name === null ? "" : `"${thing.name}"`,
    at2 === "" ? "" : `${keys.at[0]} ${at2}`,
    thing.other ? printOther(thing.other, vocabulary) : "",
    thing.doing ? `${keys.doing[0]} (${print(thing.doing, vocabulary)})` : ""
  );
}
function printOther({ tall, stance, lead, hand, reach, follows }, vocabulary) {
  let { keys, directions } = vocabulary, sized = (key, size) => size === null ? "" : `${key} ${printSize(size, vocabulary)}`;
  return joined(
    sized(keys.tall[0], tall),
    stance === null ? "" : `${keys.stance[0]} "${stance}"`,
    lead === null ? "" : `${directions[lead][0]} ${keys.foot[0]} ${keys.leading[0]}`,
    hand === null ? "" : keys.handed[hand === "right" ? 0 : 1] ?? "",
    sized(keys.reach[0], reach),
    follows === null ? "" : keys.follows[0],
    sized(keys.keep[0], follows?.keep ?? null),
    sized(keys.within[0], follows?.within ?? null),
    follows?.reaction == null ? "" : `${keys.reaction[0]} ${follows.reaction} ${keys.seconds[0]}`
  );
}
function printAct(act, vocabulary = ENGLISH) {
  if (act.word === "hit" && act.name !== null) return `"${act.name}"`;
  let { directions, keys } = vocabulary;
  return joined(
    vocabulary.moves[act.word][0],
    act.bearing === null ? "" : bearingWords(act.bearing, vocabulary),
    printTurn(act, vocabulary),
    act.side ? `${vocabulary.feet[act.side][0]} ${keys.side[0]}` : "",
    act.style === null ? "" : vocabulary.styles[act.style][0],
    printSize(act.size, vocabulary),
    act.second ? `${keys.then[0]} ${printSize(act.second, vocabulary)}` : "",
    act.foot ? printFoot(act.foot, vocabulary) : "",
    act.seconds === null ? "" : `${act.seconds} ${keys.seconds[0]}`,
    act.aim ? printAim(act.aim, vocabulary) : "",
    act.short ? `${keys.short[0]} ${printSize(act.short, vocabulary)}` : "",
    act.floor ? joined(keys.on[0], vocabulary.fillers[0] ?? "", keys.floor[0]) : "",
    act.turning === null ? "" : `${keys.turning[0]} ${directions[act.turning < 0 ? "left" : "right"][0]} ${Math.abs(act.turning)}\xB0`,
    printToe(act.toe, vocabulary),
    act.weight ? `${keys.weight[0]} ${printFoot(act.weight, vocabulary)}` : ""
  );
}
function printTurn({ word, turn, exact, side }, { directions }) {
  if (turn === null) return "";
  let { round: round2, usual } = ruleOf(word), degrees = round2 && !exact && Math.abs(turn) === usual ? "" : `${Math.abs(turn)}\xB0`;
  return joined(side ? "" : directions[turn < 0 ? "left" : "right"][0], degrees);
}
var printFoot = (foot, { directions, feet, keys }) => `${foot === "left" || foot === "right" ? directions[foot][0] : feet[foot][0]} ${keys.foot[0]}`;
function printToe(toe, vocabulary) {
  if (toe === null) return "";
  let { keys, toes } = vocabulary;
  return "at" in toe ? joined(keys.toe[0], printAim(toe.at, vocabulary)) : `${keys.toe[0]} ${Math.abs(toe.out)}\xB0 ${toes[toe.out < 0 ? "in" : "out"][0]}`;
}
function printAim({ thing, name, side }, { keys, things: things2, spots, feet, directions }) {
  let known = { home: keys.home, ...things2, ...spots }, [what] = thing === null ? [""] : known[thing] ?? [""], to = side === null ? "" : side === "left" || side === "right" ? directions[side][0] : `${feet[side][0]} ${keys.side[0]}`;
  return joined(keys.to[0], what, name === null ? "" : `"${name}"`, to);
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
function printTied(tied, { events, moves: moves2, keys }) {
  let word = (tied.kind === "event" ? events : { hit: moves2.hit, "guard check": moves2["guard check"] })[tied.word]?.[0] ?? `"${tied.word}"`, anchor = tied.tie === "first landing" ? `${keys.first[0]} ${keys.landing[0]}` : keys[tied.tie][0];
  return tied.offsetMs === 0 ? `+ ${word} ${keys.on[0]} ${anchor}` : `+ ${word} ${Math.abs(tied.offsetMs)} ${keys.ms[0]} ${keys[tied.offsetMs < 0 ? "before" : "after"][0]} ${anchor}`;
}

var TWO_FEET = ["advance", "retreat", "shuffle"];
function actOf({ head, whole }, word, quoted, parts, reading) {
  let rule = ruleOf(word), { vocabulary } = reading.lexicon, said2 = parts.head, no = (code, values, expected = [], nearest = null) => reading.errors.add(head, code, values, expected, nearest), none2 = (code, values, expected = [], nearest = null) => reading.errors.add(whole, code, values, expected, nearest);
  parts.size && rule.size === "none" && no("takes-no-size", { word: said2 }), parts.foot && !rule.foot && no("takes-no-foot", { word: said2 });
  let [, next] = parts.sizes, second = parts.second ?? (TWO_FEET.includes(word) ? next ?? null : null);
  parts.second && !TWO_FEET.includes(word) && no("no-second-foot", {}), rule.size !== "none" && parts.sizes.length > (parts.second || !TWO_FEET.includes(word) ? 1 : 2) && no("two-sizes", { word: said2 }), (rule.way === "none" || rule.fixed) && parts.side !== null && no("takes-no-way", { word: said2 }), rule.way === "none" && (parts.bearings.length > 0 || parts.degrees !== null || parts.aim !== null) && no("takes-no-way", { word: said2 });
  let { aim } = parts;
  aim && aim.side === null && TO_A_SIDE.some((one) => one === aim.thing) && cornerAsks(whole, aim.thing, reading), parts.floor && (rule.way !== "bearing" || aim !== null) && no("takes-no-more", { word: said2 }), parts.label !== null && no("takes-no-name", { word: said2 }), parts.feet.length > 1 && !(second && areBoth(parts.feet)) && no("two-feet", { word: said2 }), bareNumber(rule, whole, parts, reading), (parts.at !== null || parts.every !== null) && no("no-own-time", {});
  let turn = rule.way === "turn" ? turnOf(rule, parts, no, none2, vocabulary, said2) : null;
  if (rule.way === "turn" && turn === void 0) return null;
  let bearing = rule.way === "bearing" ? bearingOf(rule, word, parts, no, none2, vocabulary) : null;
  return bearing === void 0 ? null : {
    word,
    bearing,
    turn: turn ?? null,
    exact: rule.round === !0 && parts.degrees !== null,
    size: rule.size === "none" ? null : parts.size,
    second: TWO_FEET.includes(word) ? second : null,
    foot: rule.foot ? parts.foot : null,
    side: rule.way === "none" || rule.fixed ? null : parts.side,
    style: word === "split" ? parts.style : null,
    seconds: word === "hold" && parts.tempo && "seconds" in parts.tempo ? parts.tempo.seconds : null,
    name: quoted === null ? null : cut(quoted.slice(1, -1).trim(), NOTATION_LIMITS.name) || null,
    aim: rule.way === "none" ? null : parts.aim,
    short: parts.short,
    floor: rule.way === "bearing" && aim === null && (parts.floor || reading.floor),
    ...landedAs(rule, parts, no, vocabulary)
  };
}
var LANDS = ["load", "gather", "pass", "reach", "air"];
function landedAs(rule, parts, no, { directions }) {
  let { turning, toe, weight } = parts, lands = LANDS.includes(rule.family);
  (turning !== null && rule.way !== "bearing" || !lands && (toe !== null || weight !== null)) && no("takes-no-more", { word: parts.head });
  let turns = rule.way === "bearing" && turning !== null;
  turns && turning.side === null && no("turning-side", { word: parts.head }, [directions.left[0], directions.right[0]]);
  let degrees = turning && turning.side !== null ? turning.side * Math.min(turning.degrees, NOTATION_LIMITS.turn) : null;
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
  let { bare, head: word } = parts;
  if (bare === null) return;
  if (parts.turning !== null && !parts.turning.said && bare.value >= BARE.degrees) {
    parts.times = 1, parts.turning = { ...parts.turning, degrees: bare.value, said: !0 };
    return;
  }
  let said2 = text.slice(bare.node.from, bare.node.to), times = `${bare.value} ${vocabulary.keys.times[0]}`;
  if (parts.holds && parts.tempo === null)
    parts.times = 1, errors.ask(bare.node, "bare-number", { said: said2, word }, [`${bare.value} ${vocabulary.keys.seconds[0]}`, times], step);
  else if (rule.way === "turn" && parts.degrees === null) {
    if (bare.value <= BARE.turns) return;
    parts.times = 1, bare.value >= BARE.degrees ? parts.degrees = parts.bareDegrees = bare.value : errors.ask(bare.node, "bare-number", { said: said2, word }, [`${bare.value}\xB0`, times], step);
  } else (rule.size === "step" || rule.size === "lunge") && parts.size === null && bare.value > BARE.steps && (parts.times = 1, errors.ask(bare.node, "bare-number", { said: said2, word }, [`${bare.value} ${vocabulary.units.cm[0]}`, times], step));
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
function bearingOf(rule, word, parts, no, none2, vocabulary) {
  let { moves: moves2, directions } = vocabulary, said2 = written(parts), asked = parts.aim?.thing === "home" && said2 === 180 ? null : said2, [one, two] = parts.bearings;
  if (one !== void 0 && two !== void 0 && Math.abs(one - two) === 180 && no("opposite", { one: bearingWords(one, vocabulary), two: bearingWords(two, vocabulary) }), rule.fixed) {
    if (asked !== null && asked !== rule.usual) {
      let [other] = moves2[word === "shift" || word === "back step" ? "pass" : "shuffle"];
      no("fixed-way", { word: parts.head, way: rule.usual === 0 ? "ahead" : "back", other }, [other], other);
    }
    return null;
  }
  if (word === "recover" && asked !== null && asked !== 0 && asked !== 180 && no("recover-way", {}, [directions.ahead[0], directions.back[0]]), parts.side !== null && asked !== null && asked !== 0 && asked !== 180 && no("takes-no-way", { word: parts.head }), asked === null && rule.usual === null && parts.aim === null && parts.side === null) {
    let [left, right] = [directions.left[0], directions.right[0]];
    none2("needs-way", { word: parts.head }, [left, right, directions.ahead[0], directions.back[0], `45\xB0 ${left}`]);
    return;
  }
  return parts.side !== null ? asked === 0 || asked === 180 ? asked : null : word === "recover" && asked !== 0 ? null : asked;
}
function turnOf(rule, parts, no, none2, { directions }, said2) {
  let side = parts.bearings.find((bearing) => Math.abs(bearing) === 90);
  parts.bearings.some((bearing) => Math.abs(bearing) !== 90) && no("takes-side", { word: said2 }, [directions.left[0], directions.right[0]]);
  let degrees = parts.degrees ?? rule.usual ?? 90;
  if (parts.side !== null) return parts.degrees === null ? null : Math.min(Math.abs(degrees), NOTATION_LIMITS.turn);
  let unsided = parts.degrees === null || parts.bareDegrees !== null && parts.bareDegrees !== 180;
  if (side === void 0 && unsided) {
    if (rule.usual === 0 || parts.aim !== null) return null;
    let [left, right] = [directions.left[0], directions.right[0]];
    none2("needs-turn", { word: said2 }, [left, right, `${right} 90\xB0`]);
    return;
  }
  if (Math.abs(degrees) > NOTATION_LIMITS.turn) {
    none2("turns-far", { word: said2, most: NOTATION_LIMITS.turn, degrees });
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

function wordOf(text) {
  let small = text.toLowerCase();
  return /[^\S ]| {2}/.test(small) ? small.replace(/\s+/g, " ") : small;
}
var printed = (sayings) => Object.values(sayings).map(([first]) => first);
function byWord(sayings) {
  let meanings = Object.entries(sayings);
  return new Map(meanings.flatMap(([meaning, words]) => words.map((word) => [word, meaning])));
}
function spellings(phrase) {
  let plural = /(?:s|x|ch|sh)$/.test(phrase) ? `${phrase}es` : /[^aeiou]y$/.test(phrase) ? `${phrase.slice(0, -1)}ies` : `${phrase}s`;
  return [phrase, plural].flatMap((one) => one.includes(" ") ? [one, one.replaceAll(" ", "-")] : [one]);
}
var singularOf = (word) => [word.replace(/ies$/, "y"), word.replace(/s$/, ""), word.replace(/es$/, "")].filter((one) => one !== word && one !== "");
function spelled(phrases2) {
  let said2 = [...phrases2];
  return new Map([...said2.flatMap(([phrase, meaning]) => spellings(phrase).map((one) => [one, meaning])), ...said2]);
}
function spotsOf({ spots, feet, directions, keys }) {
  let sides = [
    ["left", directions.left],
    ["right", directions.right],
    ["playing", feet.playing],
    ["other", feet.other]
  ], found = new Map([...byWord(spots)].map(([phrase, spot]) => [phrase, { spot, side: null }]));
  for (let [phrase, { spot }] of [...found]) {
    let [first = "", last = "", ...more] = phrase.split(" ");
    if (!(!TO_A_SIDE.includes(spot) || more.length > 0))
      for (let [side, words] of sides)
        for (let word of words.flatMap((one) => [one, `${one} ${keys.side[0]}`]))
          for (let said2 of [`${word} ${phrase}`, `${first} ${word} ${last}`]) found.set(said2, { spot, side });
  }
  return found;
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
    spots: spotsOf(vocabulary),
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
  let end = from, word = "", plain = !0;
  for (let code = input.peek(end); code >= 0; code = input.peek(++end)) {
    let small = code >= 97 && code <= 122, one = String.fromCharCode(code);
    if (!small && !isLetter(one)) break;
    plain &&= small, word += one;
  }
  return { word: plain ? word : word.toLowerCase(), end };
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
  floor: 52,
  tall: 53,
  stance: 53,
  leading: 53,
  handed: 53,
  reach: 53,
  follows: 53,
  keep: 53,
  within: 53,
  reaction: 53
}, SEPARATORS = /[,;·→\n/.(|[]/, LONGEST_EVENT = 48;
function wordClassOf(vocabulary) {
  let { feet, feetAlone, directions, tempos, sizes, styles, units, things: things2, numbers, keys } = lexiconOf(vocabulary), classes = /* @__PURE__ */ new Map(), all = (words, term) => {
    for (let word of words) classes.set(word, term);
  };
  all(feet.keys(), 17), all(feetAlone.keys(), 33);
  for (let [word, way] of directions) classes.set(word, way === "left" || way === "right" ? 15 : 16);
  all(tempos.keys(), 21), all(sizes.keys(), 20);
  for (let style of styles.keys()) all(style.split(" "), 22);
  all(units.keys(), 23), all(things2.keys(), 46), all(numbers.keys(), 32);
  for (let [word, key] of keys) classes.set(word, KEY_TERMS[key]);
  let joined2 = (word) => word.includes("-") && word.split("-").every((one) => directions.has(one));
  return (typed) => {
    let word = typed.toLowerCase();
    return classes.get(word) ?? (joined2(word) ? 16 : -1);
  };
}
function behindBracket(input) {
  let back = -1;
  for (; isSpace(at(input, back)); ) back--;
  return "([|".includes(at(input, back));
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
  let { moves: moves2, events, strikes: strikes2, directions, feet, feetAlone, sizes, tempos, keys, units, things: things2, spots, numbers, composed: composed2, asked, own } = lexiconOf(vocabulary), classOf = wordClassOf(vocabulary), known = /* @__PURE__ */ new Map();
  for (let phrase of [...moves2.keys(), ...composed2.keys(), ...asked.keys()]) known.set(phrase, [1]);
  for (let phrase of [...events.keys(), vocabulary.beatOf, vocabulary.flatTempo, vocabulary.engine]) known.set(phrase, [2]);
  for (let phrase of spots.keys()) known.set(phrase, [11]);
  for (let phrase of tempos.keys()) phrase.includes(" ") && known.set(phrase, [12]);
  for (let phrase of vocabulary.inPlace) known.set(phrase, [13]);
  for (let phrase of strikes2.keys()) known.set(phrase, [...known.get(phrase) ?? [], 3]);
  let longest = /* @__PURE__ */ new Map();
  for (let phrase of [...known.keys(), ...Object.keys(vocabulary.eithers)]) {
    let [first = "", ...more] = phrase.split(" ");
    longest.set(first, Math.max(longest.get(first) ?? 0, more.length + 1));
  }
  let [and, then] = [new Set(vocabulary.and), new Set([...keys].flatMap(([word, key]) => key === "then" ? [word] : []))], [articles, measured] = [new Set(vocabulary.articles), new Set(vocabulary.measured)], [fillers, eithers] = [new Set(vocabulary.fillers), new Map(Object.entries(vocabulary.eithers))], measures = /* @__PURE__ */ new Set([
    ...units.keys(),
    ...[...keys].flatMap(([word, key]) => ["seconds", "beats", "ms", "degrees"].includes(key) ? [word] : [])
  ]), [ties, footWords] = [/* @__PURE__ */ new Set([...vocabulary.keys.on, ...vocabulary.keys.with]), new Set(vocabulary.keys.foot)], sides = /* @__PURE__ */ new Set([...vocabulary.directions.left, ...vocabulary.directions.right]), isHand = (word) => strikes2.has(word) || moves2.get(word) === "hit" || word.split("-").every((one) => strikes2.has(one)), isPart = (word) => directions.has(word) || feet.has(word) || feetAlone.has(word) || sizes.has(word) || tempos.has(word), decimal = (input) => {
    let end = 0;
    for (; isDigit(at(input, end)); ) end++;
    if (end === 0 || at(input, end) !== "," || !isDigit(at(input, end + 1))) return 0;
    for (end++; isDigit(at(input, end)); ) end++;
    let next = pastSpaces(input, end);
    return measures.has(wordFrom(input, next).word) || at(input, next) === "\xB0" ? end : 0;
  }, beginsMove = (word) => known.get(word)?.includes(1) ?? !1, goesOn = (input, from) => {
    let next = pastSpaces(input, from);
    if (isDigit(at(input, next)) || at(input, next) === ".") {
      for (; isDigit(at(input, next)) || at(input, next) === "."; ) next++;
      let behind = wordFrom(input, pastSpaces(input, next)).word;
      return !known.has(behind);
    }
    let { word, end } = wordFrom(input, next), key = keys.get(word);
    return key !== "in" && beginsMove(wordFrom(input, pastSpaces(input, end)).word) ? !1 : isPart(word) || key === "in" || numbers.has(word) && measures.has(wordFrom(input, pastSpaces(input, next + word.length)).word);
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
  }, joinedStrikes = (word) => word.includes("-") && word.split("-").every((one) => strikes2.has(one)), behindPlus = (input) => {
    let back = -1;
    for (; isSpace(at(input, back)); ) back--;
    return at(input, back) === "+";
  }, token = (input, stack) => {
    let first = at(input, 0), named = behindBracket(input) ? nameEnd(input) : 0;
    if (named > 0 && stack.canShift(10)) return input.acceptToken(10, named);
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
    if (one.word.length === 1 && things2.has(wordBefore(input)) && stack.canShift(7)) {
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
    if ((found ? found.term === 1 : moves2.has(one.word)) && !stack.canShift(1) && stack.canShift(4) && eventBefore(input)) return input.acceptToken(4, 0);
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
    let sided = keys.get(wordFrom(input, pastSpaces(input, end)).word) === "side", strike = strikes2.has(phrase) && !sided && stack.canShift(3);
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
  states: "2lO#PQROOOOQP'#Er'#ErOOQP'#Es'#EsO#lQRO'#DgO%UQRO'#DgO%aQRO'#DkO)OQRO'#DjO)WQRO'#DjO,uQRO'#DkO-QQRO'#DkO-cQRO'#DnOOQP'#Do'#DoO.sQRO'#DpOOQP'#Et'#EtOOQP'#Eg'#EgO.xQRO'#DfOOQP'#Dq'#DqOOQP'#Ev'#EvO0VQRO'#EvO6yQRO'#DfO7^QRO'#DfO7eQRO'#E`O7rQRO'#EcO7wQRO'#EeOOQP'#Eq'#EqOOQP'#E|'#E|O9jQRO'#ElO9}QRO'#EpO9}QRO'#EpQOQROOOOQP,5:R,5:ROOQP'#Dm'#DmOOQP,5:W,5:WOOQP,5:Y,5:YOOQP,5:Z,5:ZO:`QRO,5:UOOQP,5:V,5:VOOQP,5:U,5:UO=}QRO,5:VOAlQRO,5:ZOOQP,5:[,5:[O#WQRO'#DlOOQP-E8e-E8eOEZQRO,5:QOEnQRO,5:}OIUQRO'#E]OIoQRO'#DkOJZQRO'#E]OJtQRO'#DuO!$QQRO'#EWO!$XQRO'#DtO%UQRO'#DuOOQP'#Du'#DuO!'pQRO'#DvOOQP'#Dw'#DwO!+XQRO'#ExOOQP'#Dx'#DxOOQP'#Dy'#DyOOQP'#Dz'#DzOOQP'#D{'#D{OOQP'#D|'#D|O!.pQRO'#D}OOQP'#EO'#EOO!2XQRO'#EPOOQP'#EQ'#EQO!2aQRO'#ERONiQRO'#EWOOQP'#EX'#EXOOQP'#EY'#EYOOQP'#EZ'#EZOOQP'#E]'#E]OOQP'#Ew'#EwOOQP'#Ey'#EyO!2wQRO'#E^OOQP'#Eh'#EhOEZQRO,5:QO.xQRO,5:QO7eQRO,5:zOOQP'#ET'#ETO7hQRO'#ETO!6XQRO,5:zOOQP'#Ek'#EkO!6aQRO,5;POOQP,5;W,5;WOOQP-E8j-E8jO!6uQRO,5;[OOQP1G/p1G/pOOQP1G/q1G/qOOQP1G/u1G/uO!7WQRO1G/lO!7kQRO'#DgO!7yQRO'#E`OOQP1G0i1G0iOOQP,5:d,5:dOOQP,5:`,5:`OOQP,5:a,5:aOOQP,5:q,5:qOOQP,5:r,5:rO!8OQRO,5:rOOQP,5:b,5:bOOQP,5;d,5;dOOQP,5:i,5:iOOQP,5:k,5:kO!8TQRO,5:mOOQP'#Ez'#EzOOQP,5:x,5:xO!2fQRO,5:xOOQP-E8f-E8fO!7WQRO1G/lO!8_QRO1G0fOOQP,5:o,5:oO7eQRO'#EiO!8_QRO1G0fO!9RQRO1G0fOOQP-E8i-E8iOOQP1G0^1G0^O!9fQRO1G0XOOQP1G0d1G0dO!9kQRO7+%WO!:OQRO7+&QO!:WQRO7+&QOOQP,5;T,5;TOOQP-E8g-E8gO!:kQRO'#EbO%UQRO'#EbOOQP'#Eb'#EbOOQP'#E{'#E{OOQP'#Ej'#EjO!:WQRO7+&QOOQP7+%s7+%sO!;iQRO<<IlO!;iQRO<<IlOOQP,5:|,5:|OOQP-E8h-E8hO!;|QROAN?W",
  stateData: "!<e~O#cOS!WOSWOS~OPaOQaOR`OSiOTPOXfO[ZO_TO`TOaUOdYOeZOhXOmQOpPOqVOsWO{[O!OaO!QgO![PO!]QO!f`O!gbO!veO#YiO~O#a#dP~P]OUqOgqOhqOjrOkoO#ioO~OlnOmQO!]QOP!ZXQ!ZXR!ZXT!ZX[!ZX_!ZX`!ZXa!ZXd!ZXe!ZXp!ZXq!ZXs!ZX{!ZX!O!ZX![!ZX!f!ZX!g!ZX!v!ZX~P#WOTPOpPO![PO~ObsOP!_XQ!_XR!_XT!_X[!_X_!_X`!_Xa!_Xd!_Xe!_Xh!_Xp!_Xq!_Xs!_X{!_X!O!_X![!_X!f!_X!g!_XS!_XV!_XZ!_X]!_X^!_Xc!_Xf!_Xg!_Xi!_Xj!_Xm!_Xn!_Xo!_Xr!_Xt!_Xu!_Xv!_Xw!_Xx!_Xy!_Xz!_X|!_X}!_X!P!_X!R!_X!S!_X!T!_X!V!_X!]!_X#O!_X#R!_X#Y!_X#a!_X!x!_X#T!_X~ObsOxtO~OcuOP!^XQ!^XR!^XT!^X[!^X_!^X`!^Xa!^Xd!^Xe!^Xh!^Xp!^Xq!^Xs!^X{!^X!O!^X![!^X!f!^X!g!^XS!^XV!^XZ!^X]!^X^!^Xb!^Xf!^Xg!^Xi!^Xj!^Xm!^Xn!^Xo!^Xr!^Xt!^Xu!^Xv!^Xw!^Xx!^Xy!^Xz!^X|!^X}!^X!P!^X!R!^X!S!^X!T!^X!V!^X!]!^X#O!^X#R!^X#Y!^X#a!^X!x!^X#T!^X~O_tO`tOavO~OTPO_tO`tOpPO![PO~OoqOP!bXQ!bXR!bXT!bX[!bX_!bX`!bXa!bXd!bXe!bXh!bXp!bXq!bXs!bX{!bX!O!bX![!bX!f!bX!g!bX~O!UxO~OPaOQaOR`OTPO[ZO_TO`TOaUOdYOeZOhXOpPOqVOsWO{[O!OaO![PO!f`O!gaO~O#W|OQ#jXS#jXT#jXV#jXZ#jX[#jX]#jX^#jX_#jX`#jXa#jXb#jXc#jXd#jXe#jXf#jXg#jXh#jXi#jXj#jXm#jXn#jXo#jXp#jXq#jXr#jXs#jXt#jXu#jXv#jXw#jXx#jXy#jXz#jX{#jX|#jX}#jX!O#jX!P#jX!R#jX!S#jX!T#jX!V#jX![#jX!]#jX!f#jX!g#jX#O#jX#R#jX#Y#jX#a#jX!x#jX#T#jX~OQ!fOTPOV!eOZ!YO[ZO]!iO^!jO_TO`TOa}Ob!hOc!hOd!SOeZOf!VOg!hOh!POi!hOj!hOmQOn!UOo!hOpPOqVOr!WOs!OOt!ZOu![Ov!]Ow!aOx!hOy!bOz!cO{!RO|!dO}!hO!O!XO!P!YO!R!^O!S!_O!T!`O!V!gO![PO!]QO!f!eO!g!hO#O!gO#R!jO~OS!YX#Y!YX#a!YX!x!YX#T!YX~P3qO!v!oO~P.xOY!qO!x#dP#T#dP~P]O#W|O~O!g!sO~OPaOQaOR`OTPOXfO[ZO_TO`TOaUOdYOeZOhXOmQOpPOqVOsWO{[O!OaO!QgO![PO!]QO!f`O!gbO!veO~OS#`X#Y#`X#a#`X!x#`X#T#`X~P7|OSiO#YiO#a#dX!x#dX#T#dX~Oc!xOP!^aQ!^aR!^aT!^a[!^a_!^a`!^aa!^ad!^ae!^ah!^ap!^aq!^as!^a{!^a!O!^a![!^a!f!^a!g!^aS!^aV!^aZ!^a]!^a^!^ab!^af!^ag!^ai!^aj!^am!^an!^ao!^ar!^at!^au!^av!^aw!^ax!^ay!^az!^a|!^a}!^a!P!^a!R!^a!S!^a!T!^a!V!^a!]!^a#O!^a#R!^a#Y!^a#a!^a!x!^a#T!^a~Ox!yOP!_aQ!_aR!_aT!_a[!_a_!_a`!_aa!_ad!_ae!_ah!_ap!_aq!_as!_a{!_a!O!_a![!_a!f!_a!g!_aS!_aV!_aZ!_a]!_a^!_ab!_ac!_af!_ag!_ai!_aj!_am!_an!_ao!_ar!_at!_au!_av!_aw!_ay!_az!_a|!_a}!_a!P!_a!R!_a!S!_a!T!_a!V!_a!]!_a#O!_a#R!_a#Y!_a#a!_a!x!_a#T!_a~Oj!zOP!caQ!caR!caT!ca[!ca_!ca`!caa!cad!cae!cah!cap!caq!cas!ca{!ca!O!ca![!ca!f!ca!g!caS!caV!caZ!ca]!ca^!cab!cac!caf!cag!cai!cam!can!cao!car!cat!cau!cav!caw!cax!cay!caz!ca|!ca}!ca!P!ca!R!ca!S!ca!T!ca!V!ca!]!ca#O!ca#R!ca#Y!ca#a!ca!x!ca#T!ca~OS!Ya#Y!Ya#a!Ya!x!Ya#T!Ya~P3qOTPOmQOpPO![PO!]QO!veO~OQ#PXS#PXV#PXZ#PX[#PX]#PX^#PXa#PXc#PXd#PXe#PXf#PXg#PXh#PXi#PXj#PXm#PXn#PXo#PXq#PXr#PXs#PXt#PXu#PXv#PXw#PXy#PXz#PX{#PX|#PX}#PX!O#PX!P#PX!R#PX!S#PX!T#PX!V#PX!]#PX!f#PX!g#PX#O#PX#R#PX#Y#PX#a#PX!x#PX#T#PX~ObsOxtOT#PX_#PX`#PXp#PX![#PX~PFSOZ#PO_tO`tOavO!O!XO!P#PO!f#PO!g#PO~OTPO_tO`tOpPO![POb#PXx#PX~PFSOU#QOg#QOh#QOi#SOjrOkoOl#ROmQO!]QO#ioOQ!iXS!iXT!iXV!iXZ!iX[!iX]!iX^!iX_!iX`!iXa!iXb!iXc!iXd!iXe!iXf!iXn!iXo!iXp!iXq!iXr!iXs!iXt!iXu!iXv!iXw!iXx!iXy!iXz!iX{!iX|!iX}!iX!O!iX!P!iX!R!iX!S!iX!T!iX!V!iX![!iX!f!iX!g!iX#O!iX#R!iX#Y!iX#a!iX!x!iX#T!iX~Oc#UO}#TOQ!zXS!zXT!zXV!zXZ!zX[!zX]!zX^!zX_!zX`!zXa!zXb!zXd!zXe!zXf!zXg!zXh!zXi!zXj!zXm!zXn!zXo!zXp!zXq!zXr!zXs!zXt!zXu!zXv!zXw!zXx!zXy!zXz!zX{!zX|!zX!O!zX!P!zX!R!zX!S!zX!T!zX!V!zX![!zX!]!zX!f!zX!g!zX#O!zX#R!zX#Y!zX#a!zX!x!zX#T!zX~O!UxO~PNiOo#QOQ!hXS!hXT!hXV!hXZ!hX[!hX]!hX^!hX_!hX`!hXa!hXb!hXc!hXd!hXe!hXf!hXg!hXh!hXi!hXj!hXm!hXn!hXp!hXq!hXr!hXs!hXt!hXu!hXv!hXw!hXx!hXy!hXz!hX{!hX|!hX}!hX!O!hX!P!hX!R!hX!S!hX!T!hX!V!hX![!hX!]!hX!f!hX!g!hX#O!hX#R!hX#Y!hX#a!hX!x!hX#T!hX~Of#VOQ!jXS!jXT!jXV!jXZ!jX[!jX]!jX^!jX_!jX`!jXa!jXb!jXc!jXd!jXe!jXg!jXh!jXi!jXj!jXm!jXn!jXo!jXp!jXq!jXr!jXs!jXt!jXu!jXv!jXw!jXx!jXy!jXz!jX{!jX|!jX}!jX!O!jX!P!jX!R!jX!S!jX!T!jX!V!jX![!jX!]!jX!f!jX!g!jX#O!jX#R!jX#Y!jX#a!jX!x!jX#T!jX~OV#WO!f#WOQ#lXS#lXT#lXZ#lX[#lX]#lX^#lX_#lX`#lXa#lXb#lXc#lXd#lXe#lXf#lXg#lXh#lXi#lXj#lXm#lXn#lXo#lXp#lXq#lXr#lXs#lXt#lXu#lXv#lXw#lXx#lXy#lXz#lX{#lX|#lX}#lX!O#lX!P#lX!R#lX!S#lX!T#lX!V#lX![#lX!]#lX!g#lX#O#lX#R#lX#Y#lX#a#lX!x#lX#T#lX~Oh#XOQ!qXS!qXT!qXV!qXZ!qX[!qX]!qX^!qX_!qX`!qXa!qXb!qXc!qXd!qXe!qXf!qXg!qXi!qXj!qXm!qXn!qXo!qXp!qXq!qXr!qXs!qXt!qXu!qXv!qXw!qXx!qXy!qXz!qX{!qX|!qX}!qX!O!qX!P!qX!R!qX!S!qX!T!qX!V!qX![!qX!]!qX!f!qX!g!qX#O!qX#R!qX#Y!qX#a!qX!x!qX#T!qX~Oa#YOx#YO~O!v#ZO~OP#[OQ#[OR`O!f`O!g#[O~O_#^OS#QXT#QXV#QXZ#QX[#QX]#QX^#QX`#QXa#QXb#QXc#QXd#QXe#QXf#QXg#QXh#QXi#QXj#QXm#QXn#QXo#QXp#QXq#QXr#QXs#QXt#QXu#QXv#QXw#QXx#QXy#QXz#QX{#QX|#QX}#QX!O#QX!P#QX!R#QX!S#QX!T#QX!V#QX![#QX!]#QX#O#QX#R#QX#Y#QX#a#QX!x#QX#T#QX~P!2fO!x#eO#T#cO~O!g!sOS#Xa#Y#Xa#a#Xa!x#Xa#T#Xa~OSiO#YiO#a#da!x#da#T#da~OS!Yi#Y!Yi#a!Yi!x!Yi#T!Yi~P3qOlnOmQO!]QO!v!ZX~O!v!oO~O}#gO~OY!qO!x#dP~P]O!x#lO#T#cO~OTPOmQOn#qOpPOw!aOy!bO![PO!]QO~OS#Si#Y#Si#a#Si!x#Si#T#Si~P!8gO!x#uO~OS!Yq#Y!Yq#a!Yq!x!Yq#T!Yq~P3qO!x#vO#T#cO~OS#Sq#Y#Sq#a#Sq!x#Sq#T#Sq~P!8gOl#xOmQO!]QOS#UXT#UXn#UXp#UXw#UXy#UX![#UX#Y#UX#a#UX!x#UX#T#UX~OS#Sy#Y#Sy#a#Sy!x#Sy#T#Sy~P!8gOS#S!R#Y#S!R#a#S!R!x#S!R#T#S!R~P!8gO![#Y#R~",
  goto: "+x#qPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPP#r#{PP$X$X$X$m$r$X$X%OPP$e$e$e$e$e$e$e$e$e$e$e%`%`$eP%pP$e$e$e$e$eP$e%|P&UP%h#rP#rP&b&r'Q'['j'pPPP(P(](h)h*^P*j%|*z+V+_+e+m_hOej!o!q#Z#c^dOej!o!q#Z#cR!}|d]O_dej!n!o!q#Z#c]!ic{!m!{#`#jVpRy!Qe]O_dej!n!o!q#Z#cdaO_dej!n!o!q#Z#cT#[!k#^[!ic{!m!{#`#j]#r#e#l#t#v#w#zQ!reQ#a!oQ#h#ZR#m#c]!lc{!m!{#`#j^hOej!o!q#Z#cR#O|^_Oej!o!q#Z#cSz_!nR!ndQ!mcQ!{{U#_!m!{#jR#j#`Q#d!rQ#k#aT#n#d#kQ#t#eQ#w#lU#y#t#w#zR#z#vQ!tgR#f!t[kOe!o!q#Z#cS!vk!wR!wlQmOW!pe!o#Z#cR#b!q[lOe!o!q#Z#cR!uj^ROej!o!q#Z#cQnSSwX!PUy_d!n[!Qc{!m!{#`#jQ!||Q#R!T[#o#e#l#t#v#w#zR#x#p`SOej|!o!q#Z#cSnR!|[!Tc{!m!{#`#jQ#Q!Q[#p#e#l#t#v#w#zR#x#oe^O_dej!n!o!q#Z#c^cOej!o!q#Z#cS{_dR#`!n[!Yc{!m!{#`#jR#P!O]!kc{!m!{#`#jQ#]!kR#i#^]#s#e#l#t#v#w#zcjOekl!o!q!w#Z#c",
  nodeNames: "\u26A0 Move Event HandWord Next Decimal Mark Letter Filler NewName BranchName Spot TempoPhrase InPlace WithHand Side Along FootName FootKey First SizeWord TempoWord StyleWord Unit In Ms Seconds DegreeKey TimesKey XKey Twice StepKey NumberWord FootAlone ThenKey To ShortKey AtKey EveryKey EachKey StepSide MirroredKey DoingKey On TieKey Anchor Thing HomeKey IntendedKey TurningKey ToeKey WeightKey FloorKey OtherKey Comment Pattern Step LeadCount Number Times Foot Direction Degrees Degree Size Tempo OnFloor Named Quoted Name Size Count Style Then Aim Short At Every Turning Toe Weight Each Mirrored Doing Open Branch Close Offset Tie Label When Other PlusMinus Stray Hand Plus Group Or GroupCount Definition Equals Intended Sep",
  maxTerm: 124,
  skippedNodes: [0, 8, 54],
  repeatNodeCount: 6,
  tokenData: ")a~RxXY#oYZ$Q]^#opq#ors$Vst%dxy%{yz&Q{|&V|}$Q}!O&{!O!P'Z!P!Q$Q!Q![&p!]!^$Q!_!`'c!c!}'h!}#O%{#P#Q&Q#T#o'h#p#q({$f$g#o$p$q'h$v$w)Q$w$x)V${$|'h$}%O$Q%Q%R'h%W%o'h%o%p)[%p&a'h&b$IS'h$Ig$Ih$Q$Ih$Ii$Q$Ip$Iq$V%#v%#w$Q&/x;'S'h;'S;=_(o;=_;=`(u?&rO'h~#tS#c~XY#o]^#opq#o$f$g#o~$VO#Y~~$YUOY$lZr$ls$Iq$l$Ir;'S$l;'S;=`%^<%lO$l~$oWOY$lZr$lrs%Xs$Iq$l$Iq$Ir%X$Ir;'S$l;'S;=`%^<%lO$l~%^O!f~~%aP;=`<%l$l~%iS!W~OY%dZ;'S%d;'S;=`%u<%lO%d~%xP;=`<%l%d~&QO!v~~&VO!x~~&[Q#R~!O!P&b!Q![&p~&eP!Q![&h~&mP![~!Q![&h~&uQ![~!O!P&b!Q![&p~'QR#Y~!O!P&b!Q![&p!`!a$Q~'`P#Y~!Q![&h~'hO#W~~'m`!g~wx'h}!O'h!c!}'h#R#S'h#T#o'h$p$q'h${$|'h%Q%R'h%W%o'h%p&a'h&b$IS'h$Im$In'h&/x;'S'h;'S;=_(o;=_;=`(u?&rO'h~(rP;=`<%l'h~(xP;=`<%k'h~)QO#T~~)VO#i~~)[O#O~~)aO!]~",
  tokenizers: [phrases, 0],
  topRules: { Pattern: [0, 55] },
  specialized: [{ term: 69, get: (value, stack) => wordClass(value, stack) << 1, external: wordClass }],
  tokenPrec: 3375
});

function shallow(text) {
  if (!isDeep(text)) return text;
  let [lineEnd, quoteEnd] = [finder(text, /\n/g), finder(text, /["”\n]/g)], result = "", [depth, taken] = [0, 0];
  for (let at2 = 0; at2 < text.length; at2++) {
    let one = text.charAt(at2);
    one === "#" ? at2 = lineEnd(at2) : one === '"' || one === "\u201C" ? at2 = /["”]/.test(text.charAt(quoteEnd(at2 + 1))) ? quoteEnd(at2 + 1) : at2 : (/[([]/.test(one) ? depth++ >= 100 : /[)\]]/.test(one) && depth > 0 && depth-- > 100) && (result += `${text.slice(taken, at2)} `, taken = at2 + 1);
  }
  return result + text.slice(taken);
}
function isDeep(text) {
  let opened = 0;
  for (let at2 = 0; at2 < text.length; at2++) {
    let code = text.charCodeAt(at2);
    if ((code === 40 || code === 91) && ++opened > 100) return !0;
  }
  return !1;
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

var OTHER_FOOT = {
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

var BEARING_OF = { ahead: 0, right: 90, back: 180, left: -90 }, FACTOR_OF = { slow: 2, quick: 0.7 };

function childrenOf(node) {
  let children = [];
  for (let child = node.firstChild; child; child = child.nextSibling) children.push(child);
  return children;
}

var unquoted = (text) => cut(text.slice(1, -1).trim(), NOTATION_LIMITS.name), SIDE_REFS = ["playing", "other", "lead", "rear"], LONGEST_TIME = 3600, HOLD = { least: 0, most: 600 }, STEP = { least: 0.05, most: 60 }, FURTHEST_HIT = 5, SLOWEST = 5, USUAL_TURNING = 45, USUAL_TOE = 20, STAYS = [
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
], OTHER_SIZES = ["tall", "reach", "keep", "within"], isOtherSize = (pending) => OTHER_SIZES.some((one) => one === pending), SOMEBODY = { tall: null, stance: null, lead: null, hand: null, reach: null, follows: null }, FOLLOWS = { keep: null, within: null, reaction: null }, PartReader = class {
  constructor(reading, head = "", move = null, away = !1) {
    this.reading = reading;
    this.head = head;
    this.move = move;
    this.away = away;
  }
  reading;
  head;
  move;
  away;
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
  /** The size that was read last. */
  justSized = null;
  degreesNode = null;
  meant = null;
  counted = null;
  each = null;
  mirrored = !1;
  /** Directions that came after each size, for the place of a thing. */
  places = [];
  pending = null;
  /** What is said of another body; null: nothing. */
  other = null;
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
    for (let i = 0; i < said2.length; i++) {
      let strike = this.ownStrike(said2, i);
      strike === null ? this.part(said2[i], said2[i + 1]) : i = strike;
    }
    return this.unanswered(), this.meant !== null && this.bearings.length === 0 && this.bearings.push(this.meant), this.corner(), this.closeHand(), this;
  }
  /** ‘To the rear corner, playing side’: a side that is said beside a corner is the corner's. */
  corner() {
    let spot = TO_A_SIDE.find((one) => one === this.aim?.thing);
    if (!this.aim || spot === void 0 || this.aim.side !== null) return;
    let across = this.bearings.findIndex((one) => Math.abs(one) === 90), side = this.side ?? (across < 0 ? null : this.bearings[across] === 90 ? "right" : "left");
    this.side === null && across >= 0 && this.bearings.splice(across, 1), this.side = null, this.aim = { ...this.aim, side };
  }
  /** Where a thing stands: metres as written, to the right and ahead, signed by their directions. */
  coordinates() {
    let [only] = this.places.length === 0 ? this.sizes : [];
    if (only) return { right: null, ahead: only };
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
    switch (node.name !== "Size" && node.name !== "Other" && (this.justSized = null), node.name) {
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
        if (this.pending === "stance") {
          this.other = { ...this.other ?? SOMEBODY, stance: unquoted(this.of(node)).toLowerCase() }, this.pending = null;
          return;
        }
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
      case "Other":
        this.somebody(node);
        return;
      case "OnFloor":
        if (this.floor) return this.again(node);
        this.floor = !0;
        return;
      case "Stray":
        this.stray(node, said2);
    }
  }
  /** What another body is, or how it keeps its distance. */
  somebody(node) {
    let said2 = wordOf(this.of(node)), key = node.getChild("PlusMinus") ? "within" : this.lexicon.keys.get(said2);
    if (!this.away) return this.unknown(node, said2);
    let other = this.other ?? SOMEBODY, side = (is) => is ? "left" : "right";
    if (key === "handed") {
      if (other.hand !== null) return this.again(node);
      this.other = { ...other, hand: side(said2 === this.lexicon.vocabulary.keys.handed[1]) };
    } else if (key === "leading") {
      let foot = this.feet.pop();
      if (foot !== "left" && foot !== "right") return this.unknown(node, said2);
      this.other = { ...other, lead: foot };
    } else key === "follows" ? this.other = { ...other, follows: other.follows ?? FOLLOWS } : key === "tall" && this.justSized !== null && this.sizes.at(-1) === this.justSized ? this.other = { ...other, tall: this.sizes.pop() ?? null } : (key === "stance" || key === "reaction" || isOtherSize(key ?? null)) && (this.await(key, node), this.other = other);
  }
  /** A size of another body, where one is awaited. */
  sizedOf(what, size) {
    let other = this.other ?? SOMEBODY;
    what === "keep" || what === "within" ? this.other = { ...other, follows: { ...other.follows ?? FOLLOWS, [what]: size } } : this.other = { ...other, [what]: size };
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
    let along = node.getChild("Along");
    if (along) return this.lexicon.directions.get(wordOf(this.of(along))) === "back" ? "rear" : "lead";
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
    this.pending === "then" ? this.second = size : this.pending === "short" ? this.short = size : feet?.unit === "ft" && size.unit === "in" ? this.sizes[this.sizes.length - 1] = { value: feet.value * 12 + size.value, unit: "in" } : isOtherSize(this.pending) ? this.sizedOf(this.pending, size) : (this.sizes.push(size), this.justSized = size), (this.pending === "toe" && this.toe === null || this.pending === "weight") && this.unanswered(), this.pending !== "every" && (this.pending = null);
  }
  sizeOf(node) {
    let word = node.getChild("SizeWord");
    if (word) return { value: 1, unit: this.lexicon.sizes.get(wordOf(this.of(word))) ?? "even" };
    let value = this.number(node) ?? 0, measure = node.getChild("Unit") ?? node.getChild("In"), mark = node.getChild("Mark"), unit = mark ? /["”″]/.test(this.of(mark)) ? "in" : "ft" : measure ? this.lexicon.units.get(wordOf(this.of(measure))) : "own";
    if (unit === void 0)
      return this.unknown(node, this.of(node)), null;
    let metres = unit in METRES_OF ? value * METRES_OF[unit] : value * 0.3;
    if ((value > 0 || this.away && value === 0) && metres <= NOTATION_LIMITS.metres) return { value, unit };
    let said2 = this.of(node);
    return value > 0 ? this.errors.add(node, "size-large", { said: said2, most: NOTATION_LIMITS.metres }, ["40 cm"]) : this.errors.add(node, "size-none", { said: said2 }, ["40 cm"]), null;
  }
  timed(node, after) {
    let word = node.getChild("TempoWord") ?? node.getChild("TempoPhrase"), unit = node.getChild("Seconds"), number = this.number(node), seconds = number === null ? null : number * (this.key(unit) === "beats" ? this.reading.beat : 1);
    if (!word && this.open && !node.getChild("In") && after?.name === "Tie") {
      this.offset(node, seconds === null ? null : seconds * 1e3);
      return;
    }
    if (!word && this.pending === "reaction") {
      let follows = { ...this.other?.follows ?? FOLLOWS, reaction: seconds };
      seconds !== null && seconds >= 0 && seconds <= SLOWEST ? this.other = { ...this.other ?? SOMEBODY, follows } : this.errors.add(node, "time", { most: SLOWEST }), this.pending = null;
      return;
    }
    if (!word && (this.pending === "at" || this.pending === "every")) {
      seconds !== null && seconds >= 0 && seconds <= LONGEST_TIME ? this[this.pending] = seconds : this.errors.add(node, "time", { most: LONGEST_TIME }), this.pending = null;
      return;
    }
    if (number !== null && node.getChild("In") && unit === null) return this.askTime(node, number);
    let tempo = word ? { factor: FACTOR_OF[this.lexicon.tempos.get(wordOf(this.of(word))) ?? "slow"] } : this.secondsOf(node, seconds);
    this.pending === "then" ? this.then = tempo : this.tempo !== null ? this.again(node) : this.tempo = tempo, this.pending = null;
  }
  askTime(node, number) {
    let { seconds, beats, in: within } = this.lexicon.vocabulary.keys, readings = [seconds[0], number === 1 ? beats[1] ?? beats[0] : beats[0]].map((unit) => `${within[0]} ${number} ${unit}`);
    this.errors.ask(node, "bare-number", { said: this.of(node), word: this.head }, readings, null), this.pending = null;
  }
  secondsOf(node, seconds) {
    let holds = this.move === "hold", { least, most } = holds ? HOLD : STEP;
    return seconds !== null && seconds > 0 && seconds >= least && seconds <= most ? { seconds } : (holds ? this.errors.add(node, "hold-time", { most }) : this.errors.add(node, "step-time", { least, most }), null);
  }
  aimOf(node) {
    if (node.getChild("HomeKey")) return { thing: "home", name: null, side: null };
    let spot = node.getChild("Spot");
    if (spot) {
      let said2 = this.lexicon.spots.get(wordOf(this.of(spot)));
      return { thing: said2?.spot ?? null, name: null, side: said2?.side ?? null };
    }
    let thing = node.getChild("Thing"), quoted = node.getChild("Quoted"), bare = node.getChild("Name"), letter = node.getChild("Letter"), name = quoted ? unquoted(this.of(quoted)) : letter ? this.of(letter).toUpperCase() : bare ? wordOf(this.of(bare)) : null;
    return { thing: thing ? this.lexicon.things.get(wordOf(this.of(thing))) ?? null : null, name, side: null };
  }
  hand(node) {
    this.closeHand();
    let { moves: moves2, events, vocabulary } = this.lexicon, children = childrenOf(node).filter(({ name: name2 }) => name2 !== "Filler"), sided = node.getChild("Side"), said2 = children[sided ? 2 : 1], word = said2 ? wordOf(this.of(said2)) : "", event = events.get(word) ?? null, move = moves2.get(word), hand = move === "hit" || move === "guard check" ? move : null, own = said2?.name === "Name" ? this.reading.strikes.get(word) : void 0;
    if (!said2 || !(said2.name === "Named" || hand !== null || event !== null || own !== void 0)) {
      let [hit] = vocabulary.moves.hit;
      this.errors.add(node, "after-plus", {}, [hit, '"jab"', ...printed(vocabulary.events)], hit);
      return;
    }
    let strike = said2.getChild("HandWord"), quoted = strike ? wordOf(this.of(strike)) : unquoted(this.of(said2)), name = said2.name === "Named" ? this.sided(sided, strike ? this.lexicon.strikes.get(quoted) ?? quoted : quoted) || "hit" : own !== void 0 ? this.sided(sided, own) : event ?? hand ?? "hit";
    sided && said2.name !== "Named" && own === void 0 && this.unknown(sided, wordOf(this.of(sided))), this.openHand(event === null ? "hand" : "event", name, { from: node.from, to: node.to });
  }
  /** ‘+ left hook’: the side belongs to the strike's name. */
  sided(side, strike) {
    let way = side && this.lexicon.directions.get(wordOf(this.of(side)));
    return way ? `${this.lexicon.vocabulary.directions[way][0]} ${strike}` : strike;
  }
  /** ‘With a left teep’, where a teep is a strike of the line's own or the club's; where it ends, or null where it is none. */
  ownStrike(nodes, at2) {
    let first = nodes[at2];
    if (wordOf(this.of(first)) !== this.say("with")) return null;
    let i = at2 + 1, word = () => nodes[i] ? wordOf(this.of(nodes[i])) : "";
    this.lexicon.vocabulary.articles.includes(word()) && i++;
    let side = nodes[i]?.name === "Direction" ? nodes[i]?.getChild("Side") ?? null : null;
    side && i++;
    let own = nodes[i]?.name === "Stray" ? this.reading.strikes.get(word()) : void 0;
    return own === void 0 ? null : (this.closeHand(), this.openHand("hand", this.sided(side, own), { from: first.from, to: nodes[i].to }), i);
  }
  openHand(kind, word, span) {
    this.open = { tied: { kind, word, tie: "landing", offsetMs: 0, span }, from: span.from };
  }
  offset(node, ms) {
    ms === null ? this.errors.add(node, "hit-time", {}, ["80 ms"]) : !this.open && this.holds && this.tempo === null ? this.tempo = this.secondsOf(node, ms / 1e3) : this.open ? Math.abs(ms) > 1e3 * FURTHEST_HIT ? this.errors.add(node, "hit-far", { most: FURTHEST_HIT }) : this.open.tied = { ...this.open.tied, offsetMs: ms, span: { from: this.open.from, to: node.to } } : this.errors.add(node, "hit-alone", {}, [`+ ${this.lexicon.vocabulary.moves.hit[0]}`]);
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
    return errors.add({ from: 0, to: text.length }, "too-long", { most: NOTATION_LIMITS.characters, length: text.length }), { items: [], things: [], definitions: [], intended: [], engine: null, flat: !1, errors: errors.list };
  let items = reader.items(treeOf(text, vocabulary).topNode, 0);
  errors.list.sort((a, b) => a.from - b.from);
  let { things: things2, definitions, intended, engine, flat } = reader;
  return { items, things: things2, definitions, intended, engine, flat, errors: errors.list };
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
var HEADLESS = ["Foot", "Direction", "Size", "Tempo"], BARE2 = ["Direction", "Size", "Tempo", "Count"], isNowhere = ({ thing, right, ahead: ahead2, doing, other }) => right === null && ahead2 === null && doing === null && other === null && thing !== "partner" && thing !== "feeder", isBareNumber = ({ name, lastChild }) => name === "Degrees" && lastChild?.type.isError === !0, PARTED = ["Tempo", "Size", "Foot", "Direction"], FREED = ["preload hop", "split"], WAYS = ["shuffle", "run"], BEAT = { least: 0.1, most: 5 }, Reader = class {
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
  engine = null;
  flat = !1;
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
    return branches.every((branch) => branch.length === 0) ? (this.errors.list.some(({ readings, from, to }) => readings.length > 0 && from >= node.from && to <= node.to) || this.errors.add(node, "bracket-empty", {}), []) : [{
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
    let children = childrenOf(node);
    if (this.isSeveral(children, node)) return [];
    let named = this.namedIn(children), head = named ?? children.find((child) => ["Move", "Named", "Event", "Thing", "Name"].includes(child.name)), said2 = children.filter((child) => child !== head && !child.type.isError);
    for (let child of children) child.type.isError && this.stray(child);
    if (!head) {
      let [first2, ...others] = said2;
      return first2?.name === "OnFloor" && others.length === 0 ? (this.reading.floor = !0, []) : (first2?.name === "LeadCount" && others.length === 0 ? this.errors.add(first2, "count-alone", {}, this.heads) : said2.some(({ name }) => name === "Foot") && said2.every(({ name }) => HEADLESS.includes(name)) ? this.askWhich(node, ["single step", "lunge"]) : first2?.name === "Direction" && !first2.getChild("FootName") && said2.every((part) => BARE2.includes(part.name) || isBareNumber(part)) && said2.filter(({ name }) => name === first2.name).length === 1 ? this.askWhich(node, WAYS) : first2 && this.errors.add(node, "no-beginning", { word: this.of(node) }, this.heads), []);
    }
    let [before] = said2.filter(({ name }) => name !== "LeadCount"), span = { from: Math.min(before?.from ?? head.from, head.from), to: node.to }, word = wordOf(this.of(head));
    if (head === named) return this.call(head, said2, span, word);
    if (head.name === "Thing") {
      let thing = this.thing(head, said2, depth, span);
      return this.begun && isNowhere(thing) ? this.askWhich(node, WAYS, `${this.reading.lexicon.vocabulary.keys.to[0]} `) : this.things.push(thing), [];
    }
    if (head.name === "Name") return this.call(head, said2, span, word);
    let { vocabulary, events, moves: moves2, composed: composed2, asked, byFoot } = this.reading.lexicon, readings = head.name === "Move" ? asked.get(word) : void 0;
    if (readings)
      return this.ask(head, node, word, readings), [];
    let more = composed2.get(word), either = Object.hasOwn(vocabulary.eithers, word) ? vocabulary.eithers[word] : void 0, move = head.name === "Named" ? "hit" : moves2.get(word) ?? more?.move ?? either ?? null, parts = new PartReader(this.reading, word, move).with(more).read(said2);
    if (word === vocabulary.beatOf)
      return this.setBeat(head, parts), [];
    if (word === vocabulary.flatTempo || word === vocabulary.engine)
      return this.setManner(word, span, parts), [];
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
  /** ‘Advance lunge’: moves with nothing between them. Asks whether they come one after the other. */
  isSeveral(children, { from, to }) {
    let first = children.find(({ name }) => name === "Move"), others = children.filter((child) => child.type.isError && child.firstChild?.name === "Move" && first && child.from > first.from), [second] = others;
    if (!first || !second) return !1;
    let { text } = this.reading, cutAt = (places2, by) => {
      let parts = [from, ...places2, to];
      return parts.slice(1).map((end, i) => text.slice(parts[i], end).trim()).join(by);
    }, places = others.map((one) => one.from), before = others.map(({ prevSibling: part, from: at2 }) => part && PARTED.includes(part.name) ? part.from : at2), readings = [...["hit", "guard check"].includes(this.reading.lexicon.moves.get(wordOf(this.of(second))) ?? "") ? [cutAt(places, " + ")] : [], cutAt(places, ", "), cutAt(before, ", ")];
    return this.errors.ask({ from, to }, "two-moves", { one: this.of(first), two: this.of(second) }, [...new Set(readings)], { from, to }), !0;
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
      readings.map((one) => this.inTurn(one.split(", "), before, behind)),
      { from, to }
    );
  }
  /** Moves that take turns in a step: ‘grapevine right 4’ is two of each, ‘four grapevines’ four; without a number it is one of each. */
  inTurn(moves2, before, behind) {
    let [only = ""] = moves2;
    if (moves2.length === 1) return `${before}${only}${behind}`;
    let numberOf3 = (said2) => /^\d{1,3}$/.test(said2) ? Number(said2) : this.reading.lexicon.numbers.get(said2) ?? null, words = behind.trim().split(/\s+/), often = numberOf3(words.at(-1) ?? ""), steps = moves2.map(
      (move) => `${numberOf3(before.trim()) === null ? before : ""}${[move, ...words.slice(0, often === null ? void 0 : -1)].join(" ").trim()}`
    );
    if (numberOf3(before.trim()) !== null) return `${before}(${steps.join(", ")})`;
    let count = often ?? moves2.length, turns = Math.floor(count / moves2.length);
    return [...turns === 0 ? [] : [turns === 1 ? steps.join(", ") : `(${steps.join(", ")}) ${turns}`], ...steps.slice(0, count % moves2.length)].join(", ");
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
    let { moves: moves2 } = this.reading.lexicon.vocabulary, said2 = this.of(node).trim(), readings = words.map((move) => `${moves2[move][0]} ${between}${said2}`);
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
    let { strikes: strikes2, vocabulary } = this.reading.lexicon, word = head.getChild("HandWord") ? wordOf(this.of(head)) : null, joined2 = word === null || strikes2.has(word) ? [word] : word.split("-"), said2 = word === null ? null : strikes2.get(word) ?? word;
    if (said2 !== null && vocabulary.feints.includes(said2) && (parts.bearings.length > 0 || parts.side !== null)) {
      let feint = { kind: "hand", word: said2, tie: "start", offsetMs: 0, span }, act = actOf({ head, whole: span }, "half step", null, parts, this.reading), step = act && this.stepOf(act, parts, span);
      return step ? [{ ...step, hands: [feint, ...step.hands] }] : [];
    }
    let side = word !== null && joined2.length === 1 ? this.strikeSide(parts) : "", named = (one) => one === null ? this.of(head) : `"${side}${strikes2.get(one) ?? one}"`, acts = joined2.flatMap((one) => actOf({ head, whole: span }, "hit", named(one), parts, this.reading) ?? []), either = word !== null && Object.hasOwn(vocabulary.eithers, word) ? vocabulary.eithers[word] : void 0;
    if (word !== null && either && !besideStrike(head)) {
      let { moves: moves2, directions } = vocabulary, sides = [directions.left, directions.right].map(([side2]) => `${moves2[either][0]} ${side2}`);
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
  /** What a line says of all of its steps. */
  setManner(word, span, parts) {
    let { bare } = parts, engine = word === this.reading.lexicon.vocabulary.engine;
    engine ? bare !== null && bare.value <= 2 ? this.engine = bare.value : this.errors.add(span, "engine", { most: 2 }, [`${word} ${2}`]) : this.flat = !0, this.andNoMore(parts.saysMoreThan(...engine ? ["again"] : []), span, word);
  }
  /** A named part, if somebody has said what it is. */
  call(head, said2, span, word) {
    let named = this.names();
    if (!named.includes(word)) {
      let { events, things: things2 } = this.reading.lexicon.vocabulary, known = [...this.heads, ...printed(events), ...printed(things2), ...named];
      return this.errors.add(head, "no-beginning", { word }, known, () => nearestWord(word, known)), [];
    }
    let parts = new PartReader(this.reading, word).read(said2);
    this.andNoMore(parts.saysMoreThan("size", "tempo", "again"), span, word);
    let { size } = parts;
    size && size.unit !== "own" && this.errors.add(head, "named-size", {}, ["1.2\xD7"]);
    let scale = size?.unit === "own" && size.value > 0 ? size.value : 1;
    return [{ kind: "call", name: word, scale, tempo: parts.tempo, ...parts.repeated, span }];
  }
  thing(head, rest, depth, span) {
    let { things: things2, vocabulary } = this.reading.lexicon, kind = things2.get(wordOf(this.of(head))) ?? "place", parts = new PartReader(this.reading, vocabulary.things[kind][0], null, !0).read(rest);
    this.andNoMore(parts.saysMoreThan("size", "way", "name"), span, parts.head);
    let doing = rest.find((child) => child.name === "Doing"), line = doing ? (this.branches(doing, depth) ?? [])[0] : void 0, named = doing?.getChild("Branch")?.getChild("BranchName");
    named && this.errors.add(named, "takes-no-name", { word: vocabulary.keys.doing[0] }), doing && kind !== "partner" && this.errors.add(doing, "only-partner", {}, [vocabulary.things.partner[0]]);
    let { other, label } = parts;
    other !== null && kind !== "partner" && this.errors.add(head, "only-partner", {}, [vocabulary.things.partner[0]]), other?.follows && line && this.errors.add(doing ?? head, "follows-or-does", {});
    let does = kind === "partner" && line && !other?.follows ? line : null;
    return { thing: kind, name: label, ...parts.coordinates(), doing: does, other: kind === "partner" ? other : null, span };
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
  beats: [],
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
  chimes: 6,
  beats: 24,
  errors: 20
};

import { LRParser as LRParser2 } from "@lezer/lr";

import { ExternalTokenizer as ExternalTokenizer2 } from "@lezer/lr";

var ENGLISH_DOSES = {
  keys: {
    set: ["set", "series"],
    round: ["round", "bout"],
    times: ["x", "times", "by"],
    twice: ["twice"],
    once: ["once"],
    minutes: ["min", "minute", "m"],
    seconds: ["s", "sec", "second"],
    hours: ["h", "hour", "hr"],
    half: ["half"],
    article: ["a", "an"],
    rest: ["rest", "break", "pause", "recovery", "resting"],
    off: ["off"],
    on: ["on"],
    work: ["work", "working"],
    no: ["no", "without"],
    between: ["between"],
    each: ["each", "per"],
    both: ["both"],
    sides: ["side", "leg", "foot", "feet", "way", "direction", "hand"],
    leads: ["lead", "stance"],
    left: ["left", "backhand"],
    right: ["right", "forehand"],
    in: ["in", "within"],
    all: ["all", "total", "altogether"],
    or: ["or"],
    to: ["to"],
    at: ["at"],
    least: ["least"],
    until: ["until", "till"],
    comfortable: ["comfortable", "easy", "confident"],
    every: ["every"],
    cycle: ["cycle"],
    end: ["end"],
    and: ["and", "then", "plus"],
    bell: ["bell"],
    ladder: ["ladder"],
    pyramid: ["pyramid"],
    alternating: ["alternating"],
    count: ["count", "counting"],
    down: ["down"],
    countdown: ["countdown"],
    aloud: ["aloud", "spoken"],
    beats: ["beat"],
    challenge: ["challenge"],
    ratio: ["ratio"],
    equal: ["as", "equal", "long", "like"],
    row: ["row"],
    repetition: [
      "repetition",
      "rep",
      "ball",
      "shot",
      "feed",
      "stroke",
      "step",
      "single",
      "attempt",
      "turn",
      "strike",
      "punch",
      "shuttle",
      "rally",
      "rallies",
      "serve",
      "point",
      "touch",
      "combination",
      "combo"
    ],
    double: ["double"],
    triple: ["triple"],
    call: ["call"]
  },
  numbers: { couple: 2, dozen: 12 },
  tens: { twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90 },
  fillers: ["then", "of", "the", "with", "for", "do", "it", "is", "are", "they", "feels", "feel", "exactly", "just"]
};

var KEY_TERMS2 = {
  set: 5,
  round: 6,
  times: 7,
  twice: 8,
  once: 35,
  minutes: 11,
  seconds: 12,
  hours: 13,
  half: 14,
  article: 15,
  rest: 16,
  off: 17,
  on: 18,
  work: 19,
  no: 20,
  between: 21,
  each: 22,
  both: 23,
  sides: 24,
  leads: 24,
  left: 25,
  right: 25,
  in: 26,
  all: 27,
  or: 28,
  to: 29,
  at: 30,
  least: 31,
  until: 32,
  comfortable: 33,
  every: 34,
  cycle: 36,
  end: 37,
  and: 38,
  bell: 39,
  ladder: 40,
  pyramid: 40,
  alternating: 41,
  count: 42,
  down: 43,
  countdown: 44,
  aloud: 45,
  beats: 46,
  challenge: 47,
  ratio: 48,
  equal: 49,
  row: 50,
  repetition: 51,
  double: 51,
  triple: 51,
  call: 51
};
function doseLexicon({ numbers }, doses) {
  let keys = /* @__PURE__ */ new Map();
  for (let [key, words] of Object.entries(doses.keys)) for (let word of words) keys.set(word, key);
  let values = new Map([...numbers.map((word, i) => [word, i + 1]), ...Object.entries({ ...doses.numbers, ...doses.tens })]), fillers = new Set(doses.fillers);
  return {
    keyOf: (word) => keys.get(word) ?? singularOf(word).map((one) => keys.get(one)).find((key) => key !== void 0) ?? null,
    numberOf: (word) => values.get(word) ?? null,
    isTens: (word) => Object.hasOwn(doses.tens, word),
    isFiller: (word) => fillers.has(word),
    words: [...keys.keys()]
  };
}
var ENGLISH_DOSE_LEXICON = doseLexicon(ENGLISH, ENGLISH_DOSES), { keyOf, numberOf, isTens, isFiller } = ENGLISH_DOSE_LEXICON;
function doseClass(typed) {
  let word = typed.toLowerCase(), key = keyOf(word);
  return key !== null ? KEY_TERMS2[key] : isTens(word) ? 10 : numberOf(word) === null ? -1 : 9;
}
var TIMES_OF = ["minutes", "seconds", "hours"], SIDES_OF = ["sides", "leads"];
function countable(input, from) {
  let start = pastSpaces(input, from), first = at(input, start);
  if (isDigit(first) || first === "(" || first === "\xBD" || /[-–—]/.test(first)) return !0;
  let { word } = wordFrom(input, start), key = keyOf(word);
  return numberOf(word) !== null || key === "half" || key === "article" || key === "work" || isFiller(word);
}
var placed = new ExternalTokenizer2((input) => {
  if (/[×*]/.test(at(input, 0))) {
    countable(input, 1) || input.acceptToken(2, 1);
    return;
  }
  let { word, end } = wordFrom(input, 0);
  if (word === "") return;
  let key = keyOf(word);
  if (key === "times" && !countable(input, end)) {
    input.acceptToken(2, end);
    return;
  }
  let behind = keyOf(wordFrom(input, pastSpaces(input, end)).word);
  (key === "article" ? TIMES_OF.includes(behind) || SIDES_OF.includes(behind) : key === "on" ? behind !== "each" && behind !== "both" : key === "in" ? behind !== "between" : !isFiller(word)) || input.acceptToken(1, end);
});
function blockEnd(input) {
  let depth = 0, end = 0;
  do
    at(input, end) === "(" ? depth++ : at(input, end) === ")" && depth--, end++;
  while (depth > 0 && at(input, end) !== "");
  return end;
}
var raw = new ExternalTokenizer2(
  (input, stack) => {
    let first = at(input, 0);
    if (stack.canShift(3) && first !== "" && !isSpace(first)) {
      let end = 0;
      for (let depth = 0; at(input, end) !== "" && (depth > 0 || !/[,;\n]/.test(at(input, end))); end++)
        at(input, end) === "(" ? depth++ : at(input, end) === ")" && (depth = Math.max(0, depth - 1));
      end > 0 && input.acceptToken(3, end);
    } else first === "(" && stack.canShift(4) && input.acceptToken(4, blockEnd(input));
  },
  { contextual: !0 }
);

var parser2 = LRParser2.deserialize({
  version: 14,
  states: ">`QYQVOOOOQR'#Dd'#DdO#xQVO'#DeOOQR'#Dg'#DgOOQR'#Eo'#EoO&nQVO'#DmOOQR'#Eq'#EqO)yQTO'#DoO*sQVO'#DkOOQR'#Dk'#DkO0jQVO'#DjOOQR'#Dq'#DqO1aQTO'#DqO1oQTO'#DqO4|QVO'#EsO1}QVO'#EsO5dQTO'#D|OOQR'#Dw'#DwOOQR'#Ep'#EpO5oQVO'#DhO8eQVO'#DhOOQR'#Dh'#DhO9PQVO'#DyOOQR'#Dz'#DzO;rQTO'#D|O<SQVO'#EtO>xQTO'#EQO?VQTO'#EQO?^QTO'#ETOOQR'#EO'#EOO?cQTO'#EUOOQR'#EW'#EWO?nQTO'#EWO?xQVO'#EVOBnQTO'#EVO1jQTO'#EVOOQR'#EV'#EVOBuQTO'#EXOB}QTO'#EZOCSQTO'#EZOCXQTO'#E[OCgQVO'#EiOFYQTO'#E]OFbQVO'#E^OFgQTO'#E_OOQR'#E_'#E_OFoQVO'#E_OOQR'#E`'#E`OOQR'#Eb'#EbOOQR'#En'#EnOOQR'#Ed'#EdQYQVOOOOQR,5:q,5:qOIeQTO,5:XOOQR,5:X,5:XOOQR,5:Z,5:ZO)yQTO,5:VOIjQTO,5:]OOQR'#Ee'#EeOJOQVO,5:UOM`QVO,5:_OOQR'#Er'#ErO!!cQTO'#DqOOQR,5:],5:]O!!jQTO'#DqO!%eQVO,5:]O!%rQTO,5:]OOQR,5:e,5:eO!%wQTO,5:gOOQR,5:f,5:fO!%|QVO,5:]O!!jQTO,5:]O!&^QVO,5:kO!)PQTO,5:kOOQR,5:k,5:kO!)UQTO,5:uO!)ZQTO,5:uO8hQTO,5:bOOQR,5:h,5:hO8eQVO'#EfO!)`QVO,5:SO!,UQVO'#DxOOQR,5:S,5:SO!.zQVO'#DjO!/XQVO'#EsO5jQTO'#DvO!)`QVO,5:SO!1}QTO,5:lOOQR'#Es'#EsO!2[QTO,5:hO!2cQTO,5:pO!2nQTO,5:pOOQR,5;`,5;`O!2sQVO,5:mO!3ZQVO,5:lO8hQTO,5:lO!5|QTO,5:lOOQP'#Eg'#EgO!6TQTO,5:nOOQR,5:l,5:lO8hQTO,5:lO!6]QVO,5:oO!9OQTO,5:pOOQR,5:p,5:pO!9TQTO,5:pOOQR,5:r,5:rOOQR,5:t,5:tOOQR,5:{,5:{O!9]QVO,5:wO!<RQVO,5:sO!>wQTO,5:sO!?bQTO,5:uO!?iQVO,5:uO!B[QVO,5:vO)yQTO,5:vOOQR'#Ei'#EiOOQR-E8g-E8gO8hQTO,5:wOOQR,5:x,5:xOOQR,5:y,5:yO!EQQVO,5:yOOQR-E8b-E8bOOQR1G/s1G/sOOQR1G/q1G/qOOQR1G/w1G/wOOQR-E8c-E8cO!GvQVO'#DtOOQR1G/y1G/yO!!jQTO1G/wOOQR1G0R1G0RO!JuQTO1G/wOOQR1G0V1G0VOOQR1G0a1G0aO!JzQTO1G0aOOQR1G/|1G/|OOQR,5;Q,5;QOOQR-E8d-E8dOOQR1G/n1G/nOOQR,5:d,5:dO!KPQVO1G/nO!MuQVO1G0XOOQR1G0W1G0WO8hQTO1G0WO!N]QTO1G0XO!NnQTO1G0YOOQR1G0S1G0SO!NvQTO1G0[O# RQTO1G0[OOQR1G0[1G0[O# WQTO1G0[O# `QVO1G0XOOQR1G0X1G0XO#$RQVO1G0WO8hQTO1G0WOOQP-E8e-E8eOOQR1G0Y1G0YOOQR1G0Z1G0ZO#&tQTO1G0[O#)oQVO1G0cO#)yQTO'#EuO#*RQTO'#EuO#*WQTO'#EuOOQR'#Ej'#EjO#&yQVO1G0cOOQR1G0_1G0_O#*]QVO1G0_O#-RQTO1G0aO8hQTO1G0aO)yQTO'#EhO#-ZQVO1G0bO)yQTO1G0bO#-ZQVO1G0bO#&yQVO1G0cOOQR1G0e1G0eOOQR,5:`,5:`OOQR7+%c7+%cOOQR7+%{7+%{OOQR7+%Y7+%YO#/|QVO7+%sOOQR7+%s7+%sO#2oQVO7+%sOOQR7+%r7+%rO#3VQTO7+%sO#3bQTO7+%sOOQR7+%t7+%tO#3pQTO7+%vOOQR7+%v7+%vO#3uQTO7+%vO#3}QTO7+%vO#4SQVO7+%rO#6uQVO7+%}OOQR,5;a,5;aO#9kQTO,5;aO#9pQTO,5;aOOQR-E8h-E8hOOQR7+%y7+%yO#9uQTO7+%{O#9zQTO7+%{OOQR,5;S,5;SOOQR-E8f-E8fOOQR7+%|7+%|O#:PQVO7+%|OOQR<<I_<<I_O#<rQVO<<I_O#?eQTO<<I_O#?pQTO<<IbO#?uQTO<<IbOOQR<<Ib<<IbOOQR<<I^<<I^OOQR1G0{1G0{OOQR<<Ig<<IgO#?zQTO<<IgOOQRAN>yAN>yO#@PQVOAN>yOOQRAN>|AN>|O#BrQTOAN>|OOQRAN?RAN?ROOQRG24eG24eOOQRG24hG24hO*UQTO'#DkO#BwQTO'#DkOLzQTO,5:_O#C]QTO'#DqO#CdQTO,5:]O!!jQTO'#Dq",
  stateData: "#DO~O#aOSPOS~OQROSaOTfOUgOVSOWeOXUOYTO^]O_[O`jOchOdlOeiOfqOgsOiuOjpOkoOlPOnvOpwOrrOseOv!SOxxOy{Oz|O|}O!O!OO!P!PO!QnO!V!SO!YQO!]SO!`UO!bVO!dyO!fZO#V!QO~Oh!UOQ!XXS!XXT!XXU!XXV!XXW!XXX!XXY!XX^!XX_!XX`!XXc!XXd!XXe!XXf!XXg!XXi!XXj!XXk!XXl!XXn!XXp!XXr!XXs!XXv!XXx!XXy!XXz!XX|!XX!O!XX!P!XX!Q!XX!V!XX!Y!XX!]!XX!`!XX!b!XX!d!XX!f!XX#V!XX#_!XX~OX!WO!b!VOQ!aXS!aXT!aXU!aXV!aXW!aXY!aXZ!aX[!aX]!aX^!aX_!aX`!aXa!aXb!aXc!aXd!aXe!aXf!aXg!aXi!aXj!aXk!aXl!aXm!aXn!aXp!aXr!aXs!aXv!aXx!aXy!aXz!aX|!aX!O!aX!P!aX!Q!aX!T!aX!V!aX!Y!aX!]!aX!`!aX!d!aX!f!aX!i!aX#V!aX#_!aX~OXUOYTO!`UO~Ol!YOm!YO!b!YOZ!_X[!_X]!_Xv!_X!b!_X!i!_X~OQ!_XS!_XT!_XU!_XV!_XW!_XX!_XY!_X^!_X_!_X`!_Xa!_Xb!_Xc!_Xd!_Xe!_Xf!_Xg!_Xi!_Xj!_Xk!_Xl!_Xn!_Xp!_Xr!_Xs!_Xx!_Xy!_Xz!_X|!_X!O!_X!P!_X!Q!_X!T!_X!V!_X!Y!_X!]!_X!`!_X!d!_X!f!_X#V!_X#_!_X~P*UOZ!^O[!_O]!_Ov!dO!T![O!d![O!i!cOQ!^XS!^XV!^XW!^XX!^XY!^X^!^X_!^X`!^Xc!^Xd!^Xe!^Xf!^Xg!^Xi!^Xj!^Xk!^Xl!^Xn!^Xp!^Xr!^Xs!^Xv!^Xx!^Xy!^Xz!^X|!^X!O!^X!P!^X!Q!^X!V!^X!Y!^X!]!^X!`!^X!b!^X!f!^X#V!^X#_!^X~OT!eOU!gOXUOYTO^]O_!bO!`UO!b!ZO!fZOa!^Xb!^X~P-kOZ!_O[!_O]!_Oh!UO~OZ!_O[!_O]!_O_!iO~Oa!lOQ#dXS#dXT#dXU#dXV#dXW#dXX#dXY#dX^#dX_#dX`#dXb#gXc#dXc#gXd#dXe#dXf#dXg#dXi#dXj#dXk#dXl#dXn#dXp#dXr#dXs#dXv#dXx#dXy#dXz#dX|#dX!O#dX!P#dX!Q#dX!V#dX!Y#dX!Y#gX!]#dX!`#dX!b#dX!d#dX!f#dX#V#dX#_#dX~OT!kOU!gO`!jOeiOl!nOp!mO~P1}Ob!pOc!pO!Y!oO~OVSOi!sO!]SOQ![XS![XT![XU![XW![XX![XY![X^![X_![X`![Xc![Xd![Xe![Xf![Xg![Xi![Xj![Xk![Xl![Xn![Xp![Xr![Xs![Xv![Xx![Xy![Xz![X|![X!O![X!P![X!Q![X!V![X!Y![X!`![X!b![X!d![X!f![X#V![X#_![X~OSaOXUOYTO^]O_%xO!`UO!bVO!fZO~O`!yOQ!mXS!mXT!mXU!mXV!mXW!mXX!mXY!mX^!mX_!mXc!mXd!mXe!mXf!mXg!mXi!mXj!mXk!mXl!mXn!mXp!mXr!mXs!mXv!mXx!mXy!mXz!mX|!mX!O!mX!P!mX!Q!mX!V!mX!Y!mX!]!mX!`!mX!b!mX!d!mX!f!mX#V!mX#_!mX~O`!|Om!}O!Y!}O!q!{O~P8hOT#OOU#OOX#hXY#hX^#hX_#hX!`#hX!b#hX!f#hX!q#hXQ#hXS#hXV#hXW#hX`#hXc#hXd#hXe#hXf#hXg#hXi#hXj#hXk#hXl#hXn#hXp#hXr#hXs#hXv#hXx#hXy#hXz#hX|#hX!O#hX!P#hX!Q#hX!V#hX!Y#hX!]#hX!d#hX#V#hX#_#hX~OeiO!R#TO!q#RO~P8hO!q#WO~P8hO`#XO~O!`#YO!f#ZO!q#[O~Ok#]O!S#_O~P8hOh!UOQ!yXS!yXT!yXU!yXV!yXW!yXX!yXY!yX^!yX_!yX`!yXc!yXd!yXe!yXf!yXg!yXi!yXj!yXk!yXl!yXn!yXp!yXr!yXs!yXv!yXx!yXy!yXz!yX|!yX!O!yX!P!yX!Q!yX!V!yX!Y!yX!]!yX!`!yX!b!yX!d!yX!f!yX#V!yX#_!yX~Oh!UO~P8hOi#aOv#bO~Oo#cO~Oq#dO~OXUOYTOm#fO!`UO~OQ#UXS#UXT#UXU#UXV#UXW#UXX#UXY#UX^#UX_#UX`#UXc#UXd#UXe#UXf#UXg#UXi#UXj#UXk#UXl#UXn#UXp#UXr#]Xs#UXv#UXx#UXy#UXz#UX|#UX!O#UX!P#UX!Q#UX!V#UX!Y#UX!]#UX!`#UX!b#UX!d#]X!f#UX#V#UX#_#UX~Or#iO!d#gO~OR#jO~O{#kO}#kO~OS#lO}#kOQ#RXT#RXU#RXV#RXW#RXX#RXY#RX^#RX_#RX`#RXc#RXd#RXe#RXf#RXg#RXi#RXj#RXk#RXl#RXn#RXp#RXr#RXs#RXv#RXx#RXy#RXz#RX|#RX!O#RX!P#RX!Q#RX!V#RX!Y#RX!]#RX!`#RX!b#RX!d#RX!f#RX#V#RX#_#RX~OX#nO~OXUOYTOZ!_O[!_O]!_O!`UO~O!T![OQ!^aS!^aT!^aU!^aV!^aW!^aX!^aY!^a^!^a_!^a`!^aa!^ab!^ac!^ad!^ae!^af!^ag!^ai!^aj!^ak!^al!^an!^ap!^ar!^as!^av!^ax!^ay!^az!^a|!^a!O!^a!P!^a!Q!^a!V!^a!Y!^a!]!^a!`!^a!b!^a!d!^a!f!^a#V!^a#_!^a~OXUOYTO!`UOU#fXl#fXp#fX~OQ#fXS#fXT#fXV#fXW#fXX#fXY#fX^#fX_#fX`#fXa#fXb#fXc#fXd#fXe#fXf#fXg#fXi#fXj#fXk#fXn#fXr#fXs#fXv#fXx#fXy#fXz#fX|#fX!O#fX!P#fX!Q#fX!V#fX!Y#fX!]#fX!`#fX!b#fX!d#fX!f#fX#V#fX#_#fX~PLzO[!_O]!_Ov!dO!b!iO!i!cO~OZ%uO~P!!QOZ!_O[!_O]!_O~OQ!eaS!eaT!eaU!eaV!eaW!ea^!ea_!ea`!eaa!eab!eac!ead!eae!eaf!eag!eai!eaj!eak!eal!ean!eap!ear!eas!eav!eax!eay!eaz!ea|!ea!O!ea!P!ea!Q!ea!V!ea!Y!ea!]!ea!b!ea!d!ea!f!ea#V!ea#_!ea~OXUOYTO!`UO~P!!uO^#tO~OU#uO~Ov#vOX!eaY!ea!`!ea~P!!uOeiOQ!saS!saT!saU!saV!saW!saX!saY!sa^!sa_!sa`!sac!sad!saf!sag!sai!saj!sak!sal!san!sap!sar!sas!sav!sax!say!saz!sa|!sa!O!sa!P!sa!Q!sa!V!sa!Y!sa!]!sa!`!sa!b!sa!d!sa!f!sa#V!sa#_!sa~O`#wO~Oq#xO~Op#yO~OVSOi!sO!]SOQ![aS![aT![aU![aW![aX![aY![a^![a_![a`![ac![ad![ae![af![ag![ai![aj![ak![al![an![ap![ar![as![av![ax![ay![az![a|![a!O![a!P![a!Q![a!V![a!Y![a!`![a!b![a!d![a!f![a#V![a#_![a~Oh$OOQ!lXS!lXT!lXU!lXV!lXW!lXX!lXY!lX^!lX_!lX`!lXc!lXd!lXe!lXf!lXg!lXi!lXj!lXk!lXl!lXn!lXp!lXr!lXs!lXv!lXx!lXy!lXz!lX|!lX!O!lX!P!lX!Q!lX!V!lX!Y!lX!]!lX!`!lX!b!lX!d!lX!f!lX#V!lX#_!lX~O!b!iOT!^XU!^X~P-kOQ#dXS#dXT#dXU#dXV#dXW#dXX#dXY#dX^#dX_#dX`#dXc#dXd#dXe#dXf#dXg#dXi#dXj#dXk#dXl#dXn#dXp#dXr#dXs#dXv#dXx#dXy#dXz#dX|#dX!O#dX!P#dX!Q#dX!V#dX!Y#dX!Y#gX!]#dX!`#dX!b#dX!d#dX!f#dX#V#dX#_#dX~OeiO!R#TO!q$SO~P8hO`$WO~P8hO!`$XO!f$YO!q$ZO~O`$WO~OQ$]OVSO!]SO!b!iOT!^XU!^X~P-kOeiOQ!taS!taT!taU!taV!taW!taX!taY!ta^!ta_!ta`!tac!tad!taf!tag!tai!taj!tak!tal!tan!tap!tar!tas!tav!tax!tay!taz!ta|!ta!O!ta!P!ta!Q!ta!V!ta!Y!ta!]!ta!`!ta!b!ta!d!ta!f!ta#V!ta#_!ta~O!q$_O~P8hOc$aO!R#TO~OeiOQ!waS!waT!waU!waV!waW!waX!waY!wa^!wa_!wa`!wac!wad!waf!wag!wai!waj!wak!wal!wan!wap!war!was!wav!wax!way!waz!wa|!wa!O!wa!P!wa!Q!wa!V!wa!Y!wa!]!wa!`!wa!b!wa!d!wa!f!wa#V!wa#_!wa~O!q$cO~O!`$XO!f$YO~OS$dOb$gOn$eOv$fO!d#gOQ#PaT#PaU#PaV#PaW#PaX#PaY#Pa^#Pa_#Pa`#Pac#Pad#Pae#Paf#Pag#Pai#Paj#Pak#Pal#Pap#Par#Pas#Pax#Pay#Paz#Pa|#Pa!O#Pa!P#Pa!Q#Pa!V#Pa!Y#Pa!]#Pa!`#Pa!b#Pa!f#Pa#V#Pa#_#Pa~Oh$jOQ!{aS!{aT!{aU!{aV!{aW!{aX!{aY!{a^!{a_!{a`!{ac!{ad!{ae!{af!{ag!{ai!{aj!{ak!{al!{an!{ap!{ar!{as!{av!{ax!{ay!{az!{a|!{a!O!{a!P!{a!Q!{a!V!{a!Y!{a!]!{a!`!{a!b!{a!d!{a!f!{a#V!{a#_!{a~Oi$kO~OXUOYTO^]O!`UO!bVO!fZO~O_!bO~P!>|Ol$mOQ!}aS!}aT!}aU!}aV!}aW!}aX!}aY!}a^!}a_!}a`!}ac!}ad!}ae!}af!}ag!}ai!}aj!}ak!}an!}ap!}ar!}as!}av!}ax!}ay!}az!}a|!}a!O!}a!P!}a!Q!}a!V!}a!Y!}a!]!}a!`!}a!b!}a!d!}a!f!}a#V!}a#_!}a~Om$pO!b$nOQ#OaS#OaT#OaU#OaV#OaW#OaX#OaY#Oa^#Oa_#Oa`#Oac#Oad#Oae#Oaf#Oag#Oai#Oaj#Oak#Oal#Oan#Oap#Oar#Oas#Oav#Oax#Oay#Oaz#Oa|#Oa!O#Oa!P#Oa!Q#Oa!V#Oa!Y#Oa!]#Oa!`#Oa!d#Oa!f#Oa#V#Oa#_#Oa~O}$sOQ#RaS#RaT#RaU#RaV#RaW#RaX#RaY#Ra^#Ra_#Ra`#Rac#Rad#Rae#Raf#Rag#Rai#Raj#Rak#Ral#Ran#Rap#Rar#Ras#Rav#Rax#Ray#Raz#Ra|#Ra!O#Ra!P#Ra!Q#Ra!V#Ra!Y#Ra!]#Ra!`#Ra!b#Ra!d#Ra!f#Ra#V#Ra#_#Ra~O[$tO!i$tOQ!hXS!hXT!hXU!hXV!hXW!hXX!hXY!hX^!hX_!hX`!hXa!hXb!hXc!hXd!hXe!hXf!hXg!hXi!hXj!hXk!hXl!hXn!hXp!hXr!hXs!hXv!hXx!hXy!hXz!hX|!hX!O!hX!P!hX!Q!hX!V!hX!Y!hX!]!hX!`!hX!b!hX!d!hX!f!hX#V!hX#_!hX~O^$uO~Oq$vO~OVSOi!sO!]SOQ![iS![iT![iU![iW![iX![iY![i^![i_![i`![ic![id![ie![if![ig![ii![ij![ik![il![in![ip![ir![is![iv![ix![iy![iz![i|![i!O![i!P![i!Q![i!V![i!Y![i!`![i!b![i!d![i!f![i#V![i#_![i~OQ$yOVSO!]SO!b!iOT!^XU!^X~P-kOXUOYTO!`UO!bVO!q$}O~Oc%OO!R#TO~O!`%PO!f%QO!q%RO~O!q%SO~O!`%PO!f%QO~Oc$yOQ!uiS!uiT!uiU!uiV!uiW!uiX!uiY!ui^!ui_!ui`!uid!uie!uif!uig!uii!uij!uik!uil!uin!uip!uir!uis!uiv!uix!uiy!uiz!ui|!ui!O!ui!P!ui!Q!ui!V!ui!Y!ui!]!ui!`!ui!b!ui!d!ui!f!ui#V!ui#_!ui~OeiOQ!tiS!tiT!tiU!tiV!tiW!tiX!tiY!ti^!ti_!ti`!tic!tid!tif!tig!tii!tij!tik!til!tin!tip!tir!tis!tiv!tix!tiy!tiz!ti|!ti!O!ti!P!ti!Q!ti!V!ti!Y!ti!]!ti!`!ti!b!ti!d!ti!f!ti#V!ti#_!ti~O!`%QO~Ob$gOn$eOv$fOQ#PiS#PiT#PiU#PiV#PiW#PiX#PiY#Pi^#Pi_#Pi`#Pic#Pid#Pie#Pif#Pig#Pii#Pij#Pik#Pil#Pip#Pir#Pis#Pix#Piy#Piz#Pi|#Pi!O#Pi!P#Pi!Q#Pi!V#Pi!Y#Pi!]#Pi!`#Pi!b#Pi!d#Pi!f#Pi#V#Pi#_#Pi~On#Piv#Pi~P#&yOs%VOt%WO~Ob%XO~Ow%VO~Oh%ZOQ!{iS!{iT!{iU!{iV!{iW!{iX!{iY!{i^!{i_!{i`!{ic!{id!{ie!{if!{ig!{ii!{ij!{ik!{il!{in!{ip!{ir!{is!{iv!{ix!{iy!{iz!{i|!{i!O!{i!P!{i!Q!{i!V!{i!Y!{i!]!{i!`!{i!b!{i!d!{i!f!{i#V!{i#_!{i~Ol%]Op%[O~O!b$nOQ#OiS#OiT#OiU#OiV#OiW#OiX#OiY#Oi^#Oi_#Oi`#Oic#Oid#Oie#Oif#Oig#Oii#Oij#Oik#Oil#Oin#Oip#Oir#Ois#Oiv#Oix#Oiy#Oiz#Oi|#Oi!O#Oi!P#Oi!Q#Oi!V#Oi!Y#Oi!]#Oi!`#Oi!d#Oi!f#Oi#V#Oi#_#Oi~Oc%bOQ!uqS!uqT!uqU!uqV!uqW!uqX!uqY!uq^!uq_!uq`!uqd!uqe!uqf!uqg!uqi!uqj!uqk!uql!uqn!uqp!uqr!uqs!uqv!uqx!uqy!uqz!uq|!uq!O!uq!P!uq!Q!uq!V!uq!Y!uq!]!uq!`!uq!b!uq!d!uq!f!uq#V!uq#_!uq~OQ%bOVSO!]SO!b!iOT!^XU!^X~P-kOQ%bOVSO!]SO~OXUOYTO!`UO!bVO~O!q%eO~O!`%fO!f%gO~O!`%gO~OeiOQ!tqS!tqT!tqU!tqV!tqW!tqX!tqY!tq^!tq_!tq`!tqc!tqd!tqf!tqg!tqi!tqj!tqk!tql!tqn!tqp!tqr!tqs!tqv!tqx!tqy!tqz!tq|!tq!O!tq!P!tq!Q!tq!V!tq!Y!tq!]!tq!`!tq!b!tq!d!tq!f!tq#V!tq#_!tq~Ob$gOn$eOv$fOQ#PqS#PqT#PqU#PqV#PqW#PqX#PqY#Pq^#Pq_#Pq`#Pqc#Pqd#Pqe#Pqf#Pqg#Pqi#Pqj#Pqk#Pql#Pqp#Pqr#Pqs#Pqx#Pqy#Pqz#Pq|#Pq!O#Pq!P#Pq!Q#Pq!V#Pq!Y#Pq!]#Pq!`#Pq!b#Pq!d#Pq!f#Pq#V#Pq#_#Pq~Ou%iO~Ow%iO~Oq%jO~Op%kO~O!b$nOQ#OqS#OqT#OqU#OqV#OqW#OqX#OqY#Oq^#Oq_#Oq`#Oqc#Oqd#Oqe#Oqf#Oqg#Oqi#Oqj#Oqk#Oql#Oqn#Oqp#Oqr#Oqs#Oqv#Oqx#Oqy#Oqz#Oq|#Oq!O#Oq!P#Oq!Q#Oq!V#Oq!Y#Oq!]#Oq!`#Oq!d#Oq!f#Oq#V#Oq#_#Oq~Oc%lOQ!uyS!uyT!uyU!uyV!uyW!uyX!uyY!uy^!uy_!uy`!uyd!uye!uyf!uyg!uyi!uyj!uyk!uyl!uyn!uyp!uyr!uys!uyv!uyx!uyy!uyz!uy|!uy!O!uy!P!uy!Q!uy!V!uy!Y!uy!]!uy!`!uy!b!uy!d!uy!f!uy#V!uy#_!uy~OQ%lOVSO!]SO~O!`%nO~O!q%oO~Oq%pO~Oc%qOQ!u!RS!u!RT!u!RU!u!RV!u!RW!u!RX!u!RY!u!R^!u!R_!u!R`!u!Rd!u!Re!u!Rf!u!Rg!u!Ri!u!Rj!u!Rk!u!Rl!u!Rn!u!Rp!u!Rr!u!Rs!u!Rv!u!Rx!u!Ry!u!Rz!u!R|!u!R!O!u!R!P!u!R!Q!u!R!V!u!R!Y!u!R!]!u!R!`!u!R!b!u!R!d!u!R!f!u!R#V!u!R#_!u!R~O!`%rO~Ol!YOm!YO!b!YOQ!_XV!_X!]!_X~OZ!^O~P!!QOv#vOU!eal!eap!ea~O#a!f!`!V!]!Y!q!b!i!d#V~",
  goto: "-{#jPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPPP#k#kP#k#oP#s$YP%TP%xP&cP'['sP'z'z(Q#o#o([#oP#o(`(`(`(`(`#o#o(d#o#o#o#o#o#o#o#o#o#oP(h(n(x)S)^)h)rPPP#k)}*f*p+w,a-W-tT!SO!TT!RO!TS_O!TS!vd!qg!zhjk!o!y!{#R#S#W$S$_SYO!TS!`Y#c^!udhk!o!q!{#WQ#PjU$Q!y#R#SS$z$S$_Q$|$TQ%d$}X%vpr#i$m!eUOVYdhjkprx!T!Y!Z!^!c!o!q!y!{#R#S#W#c#f#i$S$T$_$m$n$p$}%u!PXOYdhjkpr!T!o!q!y!{#R#S#W#c#i$S$T$_$m$}S^O!TQ!fYS!vd!qf!zhjk!o!y!{#R#S#W$S$_Q#^pQ#`rQ$l#cQ$r#iR$v$m{ZOYdhjkpr!T!o!q!y!{#R#S#W#c#i$S$_$mQ#p!cT#s!^%uXbOd!T!qQ!tcS#}!r!xR$w$PTgO!TTmO!TTtO!TQ!TOR#m!TY!]Y!u#P$Q$zR#q!]Q!rcS#|!r$PR$P!xQ#UjQ$U!yT$`#U$UQ$o#eS%_$o%aR%a$qSzO!TQ#hzR$d#`Q$i#`S%U$d$rT%Y$i%USdO!TW!qc!r!x$PQ$[#PQ$x$QS%c$z$|R%m%dScO!TQ!xdR#{!qnWOdhjk!T!o!q!y!{#R#S#W$S$_S!XV!ZQ#exQ#o!YU#r!^!c%uQ$q#fQ%^$nQ%`$p[%sYpr#c#i$mT%t$T$}`!aY]!`!u#P$Q$z%vS!h[%xS#p!Z!iQ$u#tR%w!bS`O!TQ!phS!wd!qQ#QjQ#VkQ#z!oS$R!y#WQ$V!{S$^#R#SQ${$SR%T$_SkO!TQ!l^Q#SjQ#w!jQ$R#QQ$T!yQ$b#XQ${$^R%h%TZ$h#`$d$i$r%U",
  nodeNames: "\u26A0 Filler XEnd Raw Block SetKey RoundKey X Twice NumberWord Tens Minutes Seconds Hours Half Article RestKey Off On WorkKey No Between Each Both SideWord Side In All Or To At Least UntilKey Comfortable Every Once Cycle End And Bell LadderKey AlternatingKey CountKey Down Countdown AloudKey BeatsKey Challenge RatioKey Equal Row Unit Dose Sep Either Over Slash Hanging Product Times Count Range Number Spelled Dash Negative Name Time Clock Compound MoreSeconds Mark Pair Inner OneSide Sets Rounds Timed Worked Colon Rest RestTail RestLead RestTimes RestEqual NoRest Ratio Sides InAll TwoSides Within Open Ladder Chime Alternating Aloud Extra InARow Stray Symbol",
  maxTerm: 117,
  skippedNodes: [0, 1],
  repeatNodeCount: 7,
  tokenData: "*e~R!]OX$zXY%PYZ%bZ]$z]^%P^p$zpq%Pqr$zrs%isw$zwx%ixz$zz{%p{|$z|}%b}!O%w!O!P%b!P!Q&O!Q![&V![!]'l!]!^%b!^!c$z!c!}'s!}#R$z#R#S's#S#T$z#T#o's#o$f$z$f$g%P$g$p$z$p$q's$q${$z${$|'s$|%Q$z%Q%R's%R%T$z%T%U)}%U%W$z%W%o's%o%p%p%p&a's&a&b$z&b$IS's$IS$Ig$z$Ig$Ih%w$Ih$Ii%w$Ii$Im$z$Im$In%i$In$Iq$z$Iq$Ir%i$Ir$JW$z$JW$JX%i$JX$JY%i$JY&/x$z&/x;'S's;'S;=_*U;=_;=`*[<%l?&r$z?&rO's~%PO#V~~%US#a~XY%P]^%Ppq%P$f$g%P~%iO!V~#V~~%pO!i~#V~~%wO!]~#V~~&OO!b~#V~~&VO!Y~#V~~&^S!`~#V~|}&j!O!P&j!Q![&x![!]'Z~&mP!Q![&p~&uP!`~!Q![&p~&}S!`~|}&j!O!P&j!Q![&x![!]'Z~'^P!Q!['a~'dP!Q!['g~'lO!f~~'sO!q~#V~~'z]!d~#V~!c!}(s#R#S(s#T#o(s$p$q(s${$|(s%Q%R(s%W%o(s%p&a(s&b$IS(s&/x;'S(s;'S;=_)q;=_;=`)w?&rO(s~(x]!d~!c!}(s#R#S(s#T#o(s$p$q(s${$|(s%Q%R(s%W%o(s%p&a(s&b$IS(s&/x;'S(s;'S;=_)q;=_;=`)w?&rO(s~)tP;=`<%l(s~)zP;=`<%k(s~*UO!`~#V~~*XP;=`<%l's~*_Q;=`<%k's<%k<%l$z",
  tokenizers: [placed, raw, 0],
  topRules: { Dose: [0, 52] },
  dynamicPrecedences: { 54: -5, 55: -5, 65: -5, 67: 1, 69: 4, 74: 1, 77: 3, 81: 1, 82: 2, 83: 3 },
  specialized: [{ term: 66, get: (value, stack) => doseClass(value, stack) << 1, external: doseClass }],
  tokenPrec: 5830
});

function beyond(range, most) {
  let within = (n) => Math.min(most, Math.max(1, Number.isFinite(n) ? n : 1));
  return range.low > range.high ? { why: "downwards", instead: { low: within(range.high), high: within(range.low) } } : range.low <= 0 ? { why: "under-one", instead: { low: within(range.low), high: within(range.high) } } : range.high > most ? { why: "too-much", instead: { low: within(range.low), high: most } } : null;
}
var rangeText = ({ low, high }) => low === high ? `${low}` : `${low}\u2013${high}`;
function secondsText(range) {
  return range.low >= 120 && range.low % 60 === 0 && range.high % 60 === 0 ? `${rangeText({ low: range.low / 60, high: range.high / 60 })} min` : `${rangeText(range)} s`;
}

function printDose(dose) {
  let { work, sides, sets, rounds } = dose, many = (range) => range.low !== 1 || range.high !== 1, claim = "within" in work ? work.within?.for ?? null : null, setsText = many(sets) ? `${rangeText(sets)}${claim === "all" ? " \xD7 " : " sets of "}` : "", perRound = (claim === "round" || dose.rest === null && dose.setRest !== null) && setsText === "" && many(rounds), roundsText = many(rounds) || claim === "all" && setsText !== "" ? `${rangeText(rounds)}${perRound ? " rounds of " : " \xD7 "}` : "", sidesText = sides === null ? "" : ` ${sides.share === "each" ? "each" : "both"} ${sides.of}${sides.share === "each" ? "" : "s"}${sides.share === "all" ? " in all" : ""}`, rest = (value) => value === null ? "" : typeof value == "number" ? secondsText(exactly(value)) : "times" in value ? `${value.times} \xD7 work` : secondsText(value), single = many(sets) && !many(rounds) && work.by !== "ladder" && dose.setRest === null;
  return [
    `${setsText}${roundsText}${workText(work)}${sidesText}`,
    dose.rest === null ? "" : `rest ${single ? "between rounds " : ""}${rest(dose.rest)}`,
    dose.setRest === null ? "" : `set rest ${rest(dose.setRest)}`,
    ...dose.chimes.map(
      (chime) => `every ${secondsText(exactly(chime.every))} (${chime.does}) ${chime.when}${chime.onBell ? " and on the bell" : ""}`
    ),
    dose.alternate ? `alternating ${dose.alternate.a} and ${dose.alternate.b}` : "",
    spokenText(dose),
    dose.challenge ? "challenge" : ""
  ].filter((part) => part !== "").join(", ");
}
function spokenText({ speaks, beats }) {
  return speaks === null ? "" : speaks === "down" ? "count down" : speaks === "beats" && beats.length > 0 ? `beats (${beats.join(", ")}) aloud` : `${speaks} aloud`;
}
function workText(work) {
  switch (work.by) {
    case "time":
      return secondsText(work.seconds);
    case "calls":
      return `${rangeText(work.count)} calls${claimText(work.within)}`;
    case "open":
      return work.least === 15 ? "until comfortable" : `at least ${secondsText(exactly(work.least))} until comfortable`;
    case "ladder":
      return work.counts.length === 1 ? `ladder ${work.counts[0] ?? 1}` : `ladder ${work.counts.join("-")}`;
    case "count":
      return `${rangeText(work.count)}${work.of === 2 ? " doubles" : work.of === 3 ? " triples" : ""}${claimText(work.within)}`;
  }
}
var claimText = (within) => within === null ? "" : ` in ${secondsText(exactly(within.seconds))}`;

var textOf = (text, node) => text.slice(node.from, node.to);
function numberOf2(text, node) {
  if (node.name === "Spelled")
    return childrenOf(node).reduce((sum, one) => sum + (ENGLISH_DOSE_LEXICON.numberOf(textOf(text, one).toLowerCase()) ?? 0), 0);
  let typed = textOf(text, node).toLowerCase();
  return typed === "\xBD" ? 0.5 : ENGLISH_DOSE_LEXICON.numberOf(typed) ?? Number(typed.replace(",", "."));
}
var isNumber = ({ name }) => name === "Number" || name === "NumberWord" || name === "Spelled";
function rangeOf(text, node) {
  let negative = node.getChild("Negative"), [low = 0, high = low] = numbersOf(text, negative ?? node);
  return negative ? { low: -low, high: -low } : { low, high };
}
var FACTORS = { Minutes: 60, Seconds: 1, Hours: 3600 }, markOf = (typed) => /["”″]/.test(typed) ? 1 : 60;
function timeOf(text, node) {
  if (node.name !== "Time") return rangeOf(text, node);
  let parts = childrenOf(node.getChild("Compound") ?? node), clock = parts.find(({ name }) => name === "Clock");
  if (clock) {
    let [minutes = 0, seconds = 0] = textOf(text, clock).split(":").map(Number);
    return { low: minutes * 60 + seconds, high: minutes * 60 + seconds };
  }
  let range = parts.find(({ name }) => name === "Range"), base = range ? rangeOf(text, range) : parts[0]?.name === "Half" ? { low: 0, high: 0 } : { low: 1, high: 1 }, unit = parts.find(({ name }) => name in FACTORS), mark = parts.find(({ name }) => name === "Mark"), factor = unit ? FACTORS[unit.name] ?? 1 : mark ? markOf(textOf(text, mark)) : 1, half = parts.some(({ name }) => name === "Half") ? factor / 2 : 0, more = parts.find(({ name }) => name === "MoreSeconds"), number = more && childrenOf(more).find(isNumber), beside = half + (number ? numberOf2(text, number) : 0);
  return { low: base.low * factor + beside, high: base.high * factor + beside };
}
var numbersOf = (text, node) => childrenOf(node).filter(isNumber).map((one) => numberOf2(text, one));

var { moves, strikes, composed, things } = lexiconOf(ENGLISH), isCounted = (words) => [words, ...singularOf(words)].some((one) => moves.has(one) || strikes.has(one) || composed.has(one) || things.has(one)), DoseReader = class {
  constructor(text, inner) {
    this.text = text;
    this.inner = inner;
  }
  text;
  inner;
  errors = [];
  works = [];
  factors = [];
  chimes = [];
  oneSides = [];
  rest = null;
  setRest = null;
  restSaid = !1;
  sides = null;
  /** ‘each’ without a word for what. */
  each = null;
  inAll = !1;
  within = null;
  more = {};
  either = null;
  /** Takes one clause of the tree; what is none is marked word by word. */
  take(node) {
    if (node.type.isError || node.name === "Stray") {
      for (let one of node.firstChild ? childrenOf(node) : [node]) this.mark(one);
      return;
    }
    let clause = this.clauses[node.name];
    if (clause !== void 0) {
      if (broken(node)) {
        node.name === "Rest" ? this.add(node, "rest-no-time", { said: this.said(node) }, "rest 30 s") : this.mark(node);
        return;
      }
      this.commas(node), clause(node);
    }
  }
  /** ‘1,5 min’: one and a half, or one and then five. */
  commas(node) {
    node.cursor().iterate((one) => {
      let typed = this.said(one);
      one.name === "Number" && typed.includes(",") && this.add(one, "decimal-comma", { said: typed }, null, [typed.replace(",", "."), typed.replace(",", " \xD7 ")]);
    });
  }
  clauses = {
    Product: (node) => this.product(node),
    Sets: (node) => this.counted(node, "set"),
    Rounds: (node) => this.counted(node, "round"),
    Worked: (node) => this.worked(node),
    Rest: (node) => this.rests(node),
    Ratio: (node) => this.ratio(node),
    Sides: (node) => this.bothSides(node),
    TwoSides: (node) => this.saySides(node, { of: "side", share: null }),
    Within: (node) => this.claim(node),
    Open: (node) => this.open(node),
    Ladder: (node) => this.ladder(node),
    Chime: (node) => this.chime(node),
    Alternating: (node) => this.alternating(node),
    Aloud: (node) => this.aloud(node),
    Extra: (node) => this.once(node, "challenge", !0),
    InARow: (node) => {
      let before = this.works.at(-1);
      this.add(before ? { from: before.from, to: node.to } : node, "in-a-row", { said: this.said(node) }, null, [
        before ? this.text.slice(before.from, before.to) : "10"
      ]);
    },
    Either: (node) => this.either = node,
    Hanging: (node) => this.hanging(node)
  };
  /** The dose that was said; null where it does not say how much. */
  dose() {
    this.sideBySide(), this.works.sort((a, b) => a.from - b.from);
    let counted = this.manifold(), first = this.works[0], second = this.works[1];
    if (first && second && this.either && first.to <= this.either.from && this.either.from < second.from) this.ask(first, second);
    else {
      for (let other of this.works.slice(1)) this.add(other, "said-twice", { said: this.said(other) });
      this.either && this.mark(this.either);
    }
    let work = first?.work ?? counted?.work ?? null;
    if (work === null) return null;
    let [sets, rounds] = counted?.work && !first ? counted.rest : counted?.rest ?? [exactly(1), exactly(1)];
    return doseBy(this.claimed(work), {
      sides: this.sidesOf(work),
      sets,
      rounds,
      ...this.restsOf(sets, rounds, work),
      chimes: this.chimes,
      ...this.more
    });
  }
  /** What was understood besides how much, for the nearest dose that says it. */
  besides() {
    return { sides: this.sides, rest: this.rest?.value ?? null, setRest: this.setRest, chimes: this.chimes, ...this.more };
  }
  ask(a, b) {
    this.add({ from: a.from, to: b.to }, "either", { said: this.text.slice(a.from, b.to) }, null, [this.said(a), this.said(b)]);
  }
  /** Sets and rounds; and what is done so often, where nothing else is said: ‘three rounds’, ‘4x’. */
  manifold() {
    let said2 = [...this.factors], work = null;
    if (this.works.length === 0) {
      let last = said2.pop();
      if (!last) return null;
      work = { by: "count", count: this.bounded(last.range, DOSE_LIMITS.count, last), of: 1, within: null };
    }
    let named = said2.findIndex(({ kind }) => kind === "set"), setsOnly = said2.length === 1 && said2[0]?.kind === "times" && this.setRest !== null && this.rest === null, ladder = this.works[0]?.work.by === "ladder", set = named >= 0 ? said2.splice(named, 1)[0] : said2.length > 1 || ladder || setsOnly ? said2.shift() : void 0, round2 = ladder ? void 0 : said2.shift();
    for (let more of said2) this.add(more, "said-twice", { said: this.said(more) });
    return {
      work,
      rest: [
        set ? this.bounded(set.range, DOSE_LIMITS.sets, set) : exactly(1),
        round2 ? this.bounded(round2.range, DOSE_LIMITS.rounds, round2) : exactly(1)
      ]
    };
  }
  restsOf(sets, rounds, work) {
    let { rest, setRest } = this;
    return rest === null ? { rest: null, setRest } : sets.high > 1 && rounds.high === 1 && work.by !== "ladder" && rest.between === null && setRest === null ? { rest: null, setRest: rest.value } : { rest: rest.value, setRest };
  }
  sidesOf(work) {
    let { sides, each } = this;
    return sides ? sides.share === null && each ? { ...sides, share: "each" } : (each && this.add(each, "said-twice", { said: this.said(each) }), this.inAll && sides.share === null ? { ...sides, share: "all" } : sides) : each === null || work.by === "time" && this.factors.some(({ kind }) => kind !== "times") ? null : { of: "side", share: "each" };
  }
  claimed(work) {
    let { within } = this;
    if (within === null) return work;
    let all = this.factors.every(({ kind }) => kind === "times") && this.factors.some(({ range }) => range.high > 1);
    return work.by === "count" || work.by === "calls" ? { ...work, within: { seconds: within.seconds, for: all ? "all" : "round" } } : (this.add(within, "not-understood", { said: this.said(within) }), work);
  }
  /** ‘5 left 5 right’, ‘1 min left, 1 min right’: as much on both sides, or it is asked. */
  sideBySide() {
    let [one, other] = this.oneSides;
    if (!one) return;
    if (!other && one.unit !== null) {
      this.works.push({ from: one.from, to: one.to, work: this.oneSided(one, one) });
      return;
    }
    for (let more of this.oneSides.slice(2)) this.add(more, "said-twice", { said: this.said(more) });
    let span = { from: one.from, to: other?.to ?? one.to }, amounts = [
      ...new Set([one, ...other ? [other] : []].map(({ by, amount }) => by === "time" ? secondsText(amount) : rangeText(amount)))
    ];
    (!other || amounts.length > 1 || one.side === other.side) && this.add(span, "uneven-sides", { said: this.said(span) }, null, [...amounts.map((n) => `${n} each side`), ...other ? [] : amounts]), this.saySides(span, { of: "side", share: "each" }), this.works.push({ ...span, work: this.oneSided(one, span) });
  }
  oneSided({ by, amount }, span) {
    return by === "time" ? { by, seconds: this.bounded(amount, DOSE_LIMITS.seconds, span, secondsText) } : { by, count: this.bounded(amount, DOSE_LIMITS.count, span), of: 1, within: null };
  }
  product(node) {
    let parts = childrenOf(node), once = parts.find(({ name }) => name === "Twice" || name === "Once");
    if (once) return this.factor(once, "times", exactly(once.name === "Twice" ? 2 : 1));
    let factors = parts.filter(({ name }) => ["Count", "Time", "Pair", "Inner"].includes(name));
    if (factors.length === 0) return this.mark(node);
    let unitless = (one) => one.name === "Count" && childrenOf(one).length === 1, often = factors.length === 1 && /^(?:X|Times)$/.test(parts[0]?.name ?? ""), main = factors.find(({ name }) => name !== "Count") ?? factors.find((one) => !unitless(one)) ?? (often ? null : factors.at(-1));
    often && main && this.mark(parts[0]);
    let side = node.getChild("OneSide"), sided = side && (main?.name === "Time" || main?.name === "Count") ? side : null;
    side && !sided && this.mark(side);
    for (let one of factors)
      one === main && sided ? this.oneSide(one, sided) : one === main ? this.main(one) : this.factor(one, "times", rangeOf(this.text, one.firstChild));
  }
  /** ‘4x’: what stands before it is how often, and not how much. */
  hanging(node) {
    let before = this.works.at(-1), counted = before?.work.by === "count" && before.to <= node.from && !/\p{L}/u.test(this.said(before)) ? before.work : null;
    if (!before || counted === null) return this.mark(node);
    this.works.pop(), this.factors.push({ from: before.from, to: node.to, kind: "times", range: counted.count });
  }
  /** What of a product is the work. */
  main(node) {
    node.name === "Time" ? this.works.push({ ...spanOf(node), work: this.timed(node) }) : node.name === "Pair" ? this.pair(node) : node.name === "Inner" ? this.brackets(node) : this.works.push({ ...spanOf(node), work: this.count(node) });
  }
  timed(node) {
    return { by: "time", seconds: this.bounded(timeOf(this.text, node), DOSE_LIMITS.seconds, node, secondsText) };
  }
  count(node) {
    let [range, ...unit] = childrenOf(node), typed = unit.map((one) => this.said(one).toLowerCase());
    if (!(isCounted(typed.join(" ")) || typed.every((one) => isCounted(one) || ENGLISH_DOSE_LEXICON.keyOf(one) !== null))) for (let one of unit) this.mark(one);
    let kinds = unit.filter((_, i) => !["repetition", null].includes(ENGLISH_DOSE_LEXICON.keyOf(typed[i] ?? "")));
    for (let more of kinds.slice(1)) this.add(more, "said-twice", { said: this.said(more) });
    let key = kinds[0] ? ENGLISH_DOSE_LEXICON.keyOf(this.said(kinds[0]).toLowerCase()) : null, write = (one) => [rangeText(one), ...typed].join(" "), count = this.bounded(rangeOf(this.text, range), DOSE_LIMITS.count, node, write);
    return key === "call" ? { by: "calls", count, within: null } : { by: "count", count, of: key === "double" ? 2 : key === "triple" ? 3 : 1, within: null };
  }
  /** ‘3:00/1:00’, ‘20/10’: work and rest. */
  pair(node) {
    let [work, rest] = childrenOf(node).filter(({ name }) => name === "Time" || name === "Count"), minutes = [work, rest].find((one) => childrenOf(one).some(({ name }) => name === "Minutes")), bare = work.name === "Count" && rest.name === "Count", [a, b] = [work, rest].map((one) => {
      let range = timeOf(this.text, one.name === "Count" ? one.firstChild : one), factor = one.name === "Count" && minutes ? 60 : 1;
      return { low: range.low * factor, high: range.high * factor };
    });
    for (let one of [work, rest]) if (one.name === "Count") for (let more of childrenOf(one).slice(1)) this.mark(more);
    bare && Math.max(a.high, b.high) < 6 && this.add(node, "bare-pair", { said: this.said(node) }, null, [
      `${rangeText(a)} min/${rangeText(b)} min`,
      `${rangeText(a)} s/${rangeText(b)} s`
    ]), this.works.push({ ...spanOf(node), work: { by: "time", seconds: this.bounded(a, DOSE_LIMITS.seconds, node, secondsText) } }), this.sayRest(node, this.boundedRest(b, rest, null), null);
  }
  /** What stands in brackets: a dose of its own, which is done several times, or more of this one. */
  brackets(node) {
    let block = this.said(node), inside = block.slice(1, block.endsWith(")") ? -1 : void 0), inner = this.inner(inside);
    if (inner === null) return this.mark(node);
    let dose = inner.dose(), from = node.from + 1;
    if (this.errors.push(...inner.errors.map((error) => ({ ...error, from: error.from + from, to: error.to + from }))), dose === null) {
      let { rest, setRest, sides, chimes = [], ...more } = inner.besides();
      this.chimes.push(...chimes), rest != null && this.sayRest(node, rest, null), setRest != null && this.sayRest(node, setRest, "set"), sides && this.saySides(node, sides), this.more = { ...more, ...this.more };
      return;
    }
    this.works.push({ ...spanOf(node), work: dose.work });
    let own = { ...spanOf(node) };
    dose.rounds.high > 1 && this.factors.push({ ...own, kind: "round", range: dose.rounds }), dose.sets.high > 1 && this.factors.push({ ...own, kind: "set", range: dose.sets }), dose.rest !== null && this.sayRest(node, dose.rest, "round"), dose.setRest !== null && this.sayRest(node, dose.setRest, "set"), dose.sides && this.saySides(node, dose.sides), this.chimes.push(...dose.chimes), this.inside = !0;
  }
  /** Whether brackets said the rounds: a rest behind them is between sets. */
  inside = !1;
  counted(node, kind) {
    let parts = childrenOf(node.getChild("Timed") ?? node), range = parts.find(({ name }) => name === "Range"), time = parts.find(({ name }) => name === "Time");
    this.factor(node, kind, range ? rangeOf(this.text, range) : exactly(1)), time && this.works.push({ ...spanOf(time), work: this.timed(time) });
  }
  factor(span, kind, range) {
    this.factors.push({ ...spanOf(span), kind, range });
  }
  worked(node) {
    let amount = childrenOf(node).find(({ name }) => name === "Time" || name === "Count");
    if (!amount) return this.mark(node);
    let bare = amount.name === "Count" && childrenOf(amount).length === 1, seconds = bare ? amount.firstChild : amount;
    this.works.push({ ...spanOf(node), work: bare || amount.name === "Time" ? this.timed(seconds) : this.count(amount) });
  }
  rests(node) {
    let form = node.firstChild, parts = childrenOf(form), named = (name) => parts.find((one) => one.name === name), between = named("SetKey") ? "set" : named("RoundKey") ? "round" : null;
    if (form.name === "NoRest") {
      between !== "round" && (this.setRest ??= 0), between !== "set" && this.sayRest(node, 0, between);
      return;
    }
    if (form.name === "RestEqual") return this.sayRest(node, { times: 1 }, between);
    if (form.name === "RestTimes") {
      let { low } = rangeOf(this.text, named("Range"));
      low < 0 ? this.add(node, "rest-negative", {}, between === "set" ? "set rest 30 s" : "rest 30 s") : this.sayRest(node, { times: low }, between);
      return;
    }
    let amount = named("Time") ?? named("Count");
    if (!amount) return this.mark(node);
    if (amount.name === "Count" && childrenOf(amount).length > 1)
      return void this.add(node, "rest-no-time", { said: this.said(node) }, "rest 30 s");
    let range = timeOf(this.text, amount.name === "Count" ? amount.firstChild : amount);
    this.sayRest(node, this.boundedRest(range, node, between), between);
  }
  boundedRest(range, span, between) {
    let word = between === "set" ? "set rest" : "rest";
    if (Math.min(range.low, range.high) < 0) return this.add(span, "rest-negative", {}, `${word} 30 s`);
    if (Math.max(range.low, range.high) > 86400) return this.add(span, "rest-long", {}, `${word} 60 s`);
    if (range.low <= range.high) return range.low === range.high ? range.low : range;
    let turned = { low: range.high, high: range.low };
    return this.add(span, "downwards", { said: this.said(span) }, `${word} ${secondsText(turned)}`), turned;
  }
  sayRest(span, value, between) {
    let set = between === "set" || between === null && this.inside;
    if (set ? this.setRest !== null && this.restSaid : this.rest !== null) {
      this.add(span, "said-twice", { said: this.said(span) });
      return;
    }
    set ? this.setRest = value : this.rest = { value, between }, this.restSaid ||= set;
  }
  ratio(node) {
    let clock = childrenOf(node).find(({ name }) => name === "Clock"), [work = 0, rest = 0] = clock ? this.said(clock).split(":").map(Number) : numbersOf(this.text, node);
    work > 0 ? this.sayRest(node, { times: rest / work }, null) : this.mark(node);
  }
  bothSides(node) {
    let parts = childrenOf(node), word = parts.find(({ name }) => name === "SideWord"), all = parts.some(({ name }) => name === "InAll");
    if (!word) {
      (all ? this.inAll : this.each !== null) ? this.add(node, "said-twice", { said: this.said(node) }) : all ? this.inAll = !0 : this.each = node;
      return;
    }
    let of = ENGLISH_DOSE_LEXICON.keyOf(this.said(word).toLowerCase()) === "leads" ? "lead" : "side", both = parts.some(({ name }) => name === "Both");
    this.saySides(node, { of, share: both ? all ? "all" : null : "each" });
  }
  saySides(span, sides) {
    let answered = this.sides?.share === null && this.sides.of === sides.of && sides.share !== null;
    this.sides && !answered ? this.add(span, "said-twice", { said: this.said(span) }) : this.sides = sides;
  }
  oneSide(amount, node) {
    let side = node.firstChild, by = amount.name === "Time" ? "time" : "count";
    if (by === "count")
      for (let word2 of childrenOf(amount).slice(1))
        !isCounted(this.said(word2).toLowerCase()) && ENGLISH_DOSE_LEXICON.keyOf(this.said(word2)) !== "repetition" && this.mark(word2);
    let unit = isCounted(this.said(side).toLowerCase()) ? this.said(side) : null, word = node.getChild("SideWord");
    unit !== null && word && this.mark(word), this.oneSides.push({
      from: amount.from,
      to: node.to,
      side: ENGLISH_DOSE_LEXICON.keyOf(this.said(side).toLowerCase()) === "left" ? "left" : "right",
      unit,
      amount: by === "time" ? timeOf(this.text, amount) : rangeOf(this.text, amount.firstChild),
      by
    });
  }
  claim(node) {
    if (this.within) return void this.add(node, "said-twice", { said: this.said(node) });
    let { low } = timeOf(this.text, childrenOf(node).at(-1)), seconds = this.bounded(exactly(low), DOSE_LIMITS.seconds, node, (range) => `in ${rangeText(range)} s`).low;
    this.within = { seconds, ...spanOf(node) };
  }
  open(node) {
    let time = childrenOf(node).find(({ name }) => name === "Time");
    this.works.push({ ...spanOf(node), work: { by: "open", least: time ? timeOf(this.text, time).low : 15 } });
  }
  ladder(node) {
    let parts = childrenOf(node), numbers = numbersOf(this.text, node), [first = 1, last] = numbers, kind = ENGLISH_DOSE_LEXICON.keyOf(this.said(parts[0]).toLowerCase()), run = last !== void 0 && parts.some(({ name }) => name === "To") && Math.abs(last - first) < 100 ? Array.from({ length: Math.abs(last - first) + 1 }, (_, i) => first + i * Math.sign(last - first)) : numbers, counts = kind === "pyramid" && run.length === 1 ? pyramid(Math.min(20, Math.max(1, first))) : run, kept = counts.filter((n) => Number.isInteger(n) && n >= 1 && n <= DOSE_LIMITS.count).slice(0, DOSE_LIMITS.ladder);
    (kept.length < counts.length || kind === "pyramid" && first > 20) && this.add(node, "ladder", { said: this.said(node), most: DOSE_LIMITS.count }), this.works.push({ ...spanOf(node), work: { by: "ladder", counts: kept.length > 0 ? kept : [1] } });
  }
  chime(node) {
    let parts = childrenOf(node), every = timeOf(this.text, parts.find(({ name }) => name === "Time")).low;
    if (every < 1) return void this.add(node, "chime", {}, "every 20 s (\u2026)");
    let block = parts.find(({ name }) => name === "Block"), words = parts.filter(({ name }) => name === "Name"), [first, last] = [words[0], words.at(-1)], does = block ? this.said(block).replace(/^\(|\)$/g, "") : first && last ? this.text.slice(first.from, last.to) : "";
    if (does.trim() === "") return void this.add(node, "chime-what", { said: this.said(node) }, null);
    let has = (name) => parts.some((one2) => one2.name === name), one = { every, does: does.trim(), when: has("Cycle") ? "at cycle end" : "at once", onBell: has("Bell") };
    this.chimes.length < DOSE_LIMITS.chimes ? this.chimes.push(one) : this.add(node, "said-twice", { said: this.said(node) });
  }
  alternating(node) {
    let raw2 = childrenOf(node).find(({ name }) => name === "Raw"), [a = "", b = "", more] = raw2 ? this.said(raw2).split(/\sand\s/i).map((one) => one.trim()) : [];
    a === "" || b === "" || more !== void 0 ? this.mark(node) : this.once(node, "alternate", { a, b });
  }
  aloud(node) {
    let parts = childrenOf(node), block = parts.find(({ name }) => name === "Block"), has = (name) => parts.some((one) => one.name === name), speaks = has("Down") || has("Countdown") ? "down" : has("BeatsKey") ? "beats" : "counts";
    if (speaks === "beats" && !block && !has("AloudKey")) return this.mark(node);
    if (this.more.speaks) return void this.add(node, "said-twice", { said: this.said(node) });
    let beats = block ? this.said(block).replace(/^\(|\)$/g, "").split(/[,;]/).map((one) => one.trim()).filter((one) => one !== "") : [];
    beats.length > DOSE_LIMITS.beats && this.add(block, "too-much", { said: this.said(block), most: DOSE_LIMITS.beats }), this.more = { ...this.more, speaks, beats: beats.slice(0, DOSE_LIMITS.beats) };
  }
  once(span, key, value) {
    key in this.more ? this.add(span, "said-twice", { said: this.said(span) }) : this.more = { ...this.more, [key]: value };
  }
  /** A range within its limits and whole where it counts; what is not is said. */
  bounded(range, most, span, write = rangeText) {
    let wrong = beyond(range, most);
    wrong && this.add(span, wrong.why, { said: this.said(span), most }, write(wrong.instead));
    let kept = wrong?.instead ?? range;
    if (most === DOSE_LIMITS.seconds || Number.isInteger(kept.low) && Number.isInteger(kept.high)) return kept;
    let whole = { low: Math.max(1, Math.floor(kept.low)), high: Math.max(1, Math.floor(kept.high)) };
    return this.add(span, "not-whole", { said: this.said(span) }, write(whole)), whole;
  }
  said({ from, to }) {
    return this.text.slice(from, to).trim();
  }
  /** Marks what says nothing here, with the nearest word. */
  mark(span) {
    let typed = this.said(span);
    typed !== "" && this.add(span, "not-understood", { said: typed }, /^\p{L}{3,}$/u.test(typed) ? nearestWord(typed.toLowerCase(), ENGLISH_DOSE_LEXICON.words) : null);
  }
  add({ from, to }, code, values, instead = null, readings = []) {
    return this.errors.length < DOSE_LIMITS.errors && this.errors.push({ ...said(code, values), from, to, instead, readings }), null;
  }
}, spanOf = ({ from, to }) => ({ from, to });
function broken(node) {
  let found = !1;
  return node.cursor().iterate((one) => {
    found ||= one.type.isError;
  }), found;
}

var DEEPEST = 3;
function readDose(text) {
  if (text.length > DOSE_LIMITS.characters)
    return none(text, said("too-long", { most: DOSE_LIMITS.characters }), null);
  if (text.trim() === "") return none(text, { code: "empty", values: {} }, "3 \xD7 30 s");
  let reader = readerOf(text), dose = reader.dose();
  if (dose !== null) return { dose, errors: reader.errors };
  let { errors } = reader, near = errors.filter(({ code, instead }) => code !== "not-understood" || instead !== null);
  return { dose, errors: [...near, ...none(text, { code: "no-dose", values: { said: text } }, nearestTo(text, reader)).errors] };
}
function nearestTo(text, reader) {
  let respelled = reader.errors.reduceRight(
    (now, { from, to, instead }) => instead === null ? now : now.slice(0, from) + instead + now.slice(to),
    text
  ), dose = respelled === text ? null : readerOf(respelled).dose();
  return printDose(dose ?? doseBy({ by: "time", seconds: exactly(30) }, { rounds: exactly(3), ...reader.besides() }));
}
var none = (text, message, instead) => ({
  dose: null,
  errors: [{ ...message, from: 0, to: text.length, instead, readings: [] }]
});
function readerOf(text, depth = 0) {
  let reader = new DoseReader(text, (inside) => depth < DEEPEST ? readerOf(inside, depth + 1) : null);
  for (let clause of childrenOf(parser2.parse(text).topNode)) reader.take(clause);
  return reader;
}
export {
  parse,
  printDose,
  printPattern,
  readDose
};
