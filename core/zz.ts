import { parse } from './language/parse.js';
import { simulate } from './motion/simulate.js';
import { bodyOf } from './body/body.js';
import { schoolOf } from './body/school.js';
import { distance } from './body/vec.js';
import { originOf } from './body/stance.js';
import { feetAt } from './motion/motion.js';
import { whereIs } from './motion/things.js';
for (const school of ['staggered-striking','fencing','square-ready','blade-long','long-bladed']) { const s = schoolOf(school); if (!s) { console.log('no', school); continue; }
for (const line of ['partner at 1.4 m ahead doing (advance 30 cm, hold 1 s, retreat 30 cm 2, hold 0.5 s, cut right 40 cm, hold 1 s), keep 1.4 m for 10 s','partner at 1.4 m ahead doing (advance 30 cm, hold 1 s, retreat 30 cm 2)\nkeep 5 s, lunge, recover','keep 2 m','partner at 1.4 m ahead follows, keep 1 m for 3 s']) {
 const sim = simulate(parse(line), { body: bodyOf({}), school: s, lead: s.staggered ? 'left' : null, playing: 'right' });
 console.log(line.slice(0,60), sim.seconds.toFixed(2), sim.moves.map(m=>m.step.act.word+' '+(m.step.act.size?.value.toFixed(2)??'')+' '+(m.end-m.start).toFixed(2)).join('; '), sim.problems.map(p=>p.code).join());
 const p = sim.things[0]; if (p) console.log('  apart', [0,1,2,3,4,5,6,8,10].map(t=>distance(originOf(feetAt(sim,t)), whereIs(p,t)).toFixed(2)).join(' '));
}}
const heavy='partner at 1.4 m ahead doing (shuffle left 5 cm 590)\nkeep 600 s 600';
let t=performance.now(); const sim=simulate(parse(heavy),{ body: bodyOf({}), school: schoolOf('square-ready')!, lead: null, playing: 'right' }); console.log(performance.now()-t, sim.moves.length, sim.seconds);
