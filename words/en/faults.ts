import type { FaultSaid } from '@hopsk/core/catalogue/fault';

/** Faults by their code (common practice, no source). */
export const faults: { readonly faults: Readonly<Record<string, FaultSaid>> } = {
  faults: {
    'stance-narrow': {
      label: 'stance narrow',
      says: 'base too narrow, feet nearly on one line where the school is not',
      cue: 'two rails, not one',
    },
    'stance-wide': {
      label: 'stance wide',
      says: 'base too wide or long',
      cue: 'back under you',
    },
    'stance-bladed': {
      label: 'stance bladed',
      says: 'too side-on for the school',
      cue: 'show the chest',
    },
    'stance-square': {
      label: 'stance square',
      says: 'too square for the school',
      cue: 'hide a hip',
    },
    tall: {
      label: 'tall',
      says: 'too upright, legs straight',
      usually: 'tired legs',
      cue: 'soften the knees',
    },
    deep: {
      label: 'deep',
      says: 'too bent, only thighs work',
      usually: 'overcorrected tall',
      cue: 'spring, not squat',
    },
    stiff: {
      label: 'stiff',
      says: 'static, no rhythm',
      usually: 'new, tense',
      cue: 'breathe and sway',
    },
    'guard-drops': {
      label: 'guard drops',
      says: 'hand, guard, blade or racket leaves its place',
      usually: 'tired shoulders late in rounds',
      cue: 'touch base',
    },
    eyes: {
      label: 'eyes',
      says: 'gaze fixed in the wrong place',
      cue: 'wide eyes',
    },
    'heels-down': {
      label: 'heels down',
      says: 'heels down where the school wants them light',
      usually: 'tired calves',
      cue: 'paper under the heel',
    },
    'weight-off': {
      label: 'weight off',
      says: 'weight not shared as the school wants',
      cue: 'could you lift either foot?',
    },
    'no-split': {
      label: 'no split',
      says: 'no split',
      usually: 'attention on the ball',
      cue: 'feet with their hit',
    },
    'split-late': {
      label: 'split late',
      says: 'still in the air, or dropping, at the event',
      cue: 'smaller, sooner',
    },
    'split-early': {
      label: 'split early',
      says: 'landed and dead before the event',
      usually: 'guessing',
      cue: 'with, not before',
    },
    'split-high': {
      label: 'split high',
      says: 'jumps up where the school drops',
      usually: 'effort',
      cue: 'drop',
    },
    'split-long': {
      label: 'split long',
      says: 'sits on the floor after landing',
      cue: 'hot floor',
    },
    'split-direction': {
      label: 'split direction',
      says: 'square when the direction is known',
      cue: 'one foot ahead',
    },
    sway: {
      label: 'sway',
      says: 'rocks from leg to leg where the school wants small splits',
      cue: 'small hops',
    },
    'hand-unready': {
      label: 'hand unready',
      says: 'racket or blade not out at the split',
      cue: 'hand up with the feet',
    },
    facing: {
      label: 'facing',
      says: 'does not face feeder or opponent',
      cue: 'chest to them',
    },
    waits: {
      label: 'waits',
      says: 'dead between calls',
      usually: 'thinking',
      cue: 'stay alive',
    },
    'wrong-first': {
      label: 'wrong first',
      says: 'wrong foot starts',
      cue: 'nearest goes',
    },
    'slow-first': {
      label: 'slow first',
      says: 'pause between call or split and first step',
      cue: 'gone at once',
    },
    tell: {
      label: 'tell',
      says: 'shows the move before it starts',
      cue: 'same face',
    },
    'heavy-foot': {
      label: 'heavy foot',
      says: 'weight stuck on the foot that must go',
      cue: 'unweight first',
    },
    'push-jump': {
      label: 'push jump',
      says: 'jumps where a step is wanted',
      cue: 'step, then gather',
    },
    'trunk-turn-late': {
      label: 'trunk turn late',
      says: 'hips and shoulders turn late',
      cue: 'turn, then run',
    },
    crossed: {
      label: 'crossed',
      says: 'feet cross, pass or touch where they may not',
      cue: 'never swap rails',
    },
    'follow-uneven': {
      label: 'follow uneven',
      says: 'second foot travels further or less',
      cue: 'same again',
    },
    'long-step': {
      label: 'long step',
      says: 'one huge step, committed',
      usually: 'hurry',
      cue: 'two small',
    },
    'short-steps': {
      label: 'short steps',
      says: 'too little ground per step',
      cue: 'bigger first',
    },
    rises: {
      label: 'rises',
      says: 'comes up while moving',
      cue: 'low ceiling',
    },
    'foot-lift': {
      label: 'foot lift',
      says: 'foot lifted high, wrong part lands',
      usually: 'walking habit',
      cue: 'skim',
    },
    'retreat-short': {
      label: 'retreat short',
      says: 'backward steps shorter than forward',
      usually: 'human habit',
      cue: 'long back',
    },
    'tempo-flat': {
      label: 'tempo flat',
      says: 'no change of tempo inside the step',
      cue: 'slow, then snap',
    },
    creeps: {
      label: 'creeps',
      says: 'standing foot moves in a half step',
      cue: 'nail it down',
    },
    freeze: {
      label: 'freeze',
      says: 'stops between parts',
      usually: 'thinking',
      cue: 'keep bouncing',
    },
    'far-leg-idle': {
      label: 'far leg idle',
      says: 'far leg does not drive',
      usually: 'weak or tired leg',
      cue: 'push both',
    },
    'no-approach': {
      label: 'no approach',
      says: 'lunges without the step that brings near',
      usually: 'late read',
      cue: 'step, then lunge',
    },
    'trunk-pitch': {
      label: 'trunk pitch',
      says: 'trunk tips or changes shape',
      cue: 'level shoulders',
    },
    'wrong-choice': {
      label: 'wrong choice',
      says: 'right step, badly chosen for the situation',
      cue: 'what was there?',
    },
    'wrong-leg': {
      label: 'wrong leg',
      says: 'arrives on the wrong leg',
      usually: 'wrong count',
      cue: 'last one outside',
    },
    'toe-angle': {
      label: 'toe angle',
      says: 'landing toe at a harmful or slow angle',
      cue: 'toe a little out',
    },
    'knee-line': {
      label: 'knee line',
      says: 'front knee not over the foot’s line',
      cue: 'knee over laces',
    },
    'rear-leg': {
      label: 'rear leg',
      says: 'rear leg bent in the lunge (blade schools)',
      cue: 'long behind',
    },
    'turn-short': {
      label: 'turn short',
      says: 'turn ends short',
      cue: 'finish the turn',
    },
    'turn-far': {
      label: 'turn far',
      says: 'turn ends too far, or the free foot swings too far',
      cue: 'stop at the line',
    },
    'wrong-side': {
      label: 'wrong side',
      says: 'turned to the wrong side',
      cue: 'turn where you slip',
    },
    'land-early': {
      label: 'land early',
      says: 'plants long before the hit',
      usually: 'guessing',
      cue: 'just before',
    },
    'land-late': {
      label: 'land late',
      says: 'hits before the foot is down',
      cue: 'down, then hit',
    },
    'not-in-stance': {
      label: 'not in stance',
      says: 'does not arrive in the stance the next part needs',
      cue: 'land ready',
    },
    'leans-back': {
      label: 'leans back',
      says: 'leans back, head off the base',
      cue: 'get to it',
    },
    reaches: {
      label: 'reaches',
      says: 'stretches instead of adjusting',
      cue: 'make room with feet',
    },
    jammed: {
      label: 'jammed',
      says: 'too close, no room',
      cue: 'leave a gap',
    },
    'swings-round': {
      label: 'swings round',
      says: 'carried around by the stroke',
      cue: 'in and back',
    },
    'out-of-time': {
      label: 'out of time',
      says: 'strike not with the feet as the school wants',
      cue: 'foot, hand',
    },
    'out-of-zone': {
      label: 'out of zone',
      says: 'ball met outside hip to shoulder, or past the top',
      cue: 'up to it, or give ground',
    },
    'out-of-range': {
      label: 'out of range',
      says: 'strikes from where it cannot land, or circles too far off',
      cue: 'touching distance',
    },
    'same-stance': {
      label: 'same stance',
      says: 'always the same stance or leg, whatever the ball',
      usually: 'feed too easy',
      cue: 'use the other door',
    },
    'finish-line': {
      label: 'finish line',
      says: 'knees, toes or rear heel not to the target at the finish',
      cue: 'laces to the target',
    },
    'steps-in': {
      label: 'steps in',
      says: 'goes ahead again where the counter wants the ground',
      usually: 'habit',
      cue: 'hold the ground',
    },
    'no-recovery': {
      label: 'no recovery',
      says: 'does not come back, or walks',
      usually: 'tired, thinks it is over',
      cue: 'finish the loop',
    },
    'recovery-step': {
      label: 'recovery step',
      says: 'wrong first step of the way back',
      cue: 'cross first (or as the school)',
    },
    'recovery-place': {
      label: 'recovery place',
      says: 'comes back to the wrong place',
      cue: 'your tape',
    },
    backpedals: {
      label: 'backpedals',
      says: 'more steps straight back than allowed',
      usually: 'fear',
      cue: 'one, then out',
    },
    'no-angle': {
      label: 'no angle',
      says: 'leaves on the opponent’s line',
      cue: 'off the rail',
    },
    'lets-out': {
      label: 'lets out',
      says: 'lets the opponent escape along the edge',
      cue: 'shoulder to shoulder',
    },
    'foot-exposed': {
      label: 'foot exposed',
      says: 'front foot left in reach going back (blades)',
      cue: 'tuck it',
    },
    'same-exit': {
      label: 'same exit',
      says: 'same exit or way back each time',
      usually: 'habit',
      cue: 'other door',
    },
  },
};
