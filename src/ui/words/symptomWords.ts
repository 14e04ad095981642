import type { SymptomId } from '../../core/inspection';

/** What is seen or felt, what it comes from, and what to do. */
export const SYMPTOM_WORDS: Record<SymptomId, { seen: string; cause: string; remedy: string }> = {
  'ink-at-edge': {
    seen: 'ink left at the very edge',
    cause: 'held too low',
    remedy: 'raise the hold a little',
  },
  'ink-gone-apex': {
    seen: 'ink gone only at the apex',
    cause: 'held too high',
    remedy: 'lower the hold',
  },
  'shoulder-polished': {
    seen: 'shoulder polished, still dull',
    cause: 'too low on stone or strop',
    remedy: 'raise it until it bites',
  },
  'no-burr': {
    seen: 'no burr after many strokes',
    cause: 'not at the apex; stone too fine or loaded; too little pressure',
    remedy: 'check with ink, clean the stone, go coarser',
  },
  'burr-in-places': {
    seen: 'burr in places only',
    cause: 'uneven reach, a flat spot, a hollow stone',
    remedy: 'work that section',
  },
  'shaves-one-way': {
    seen: 'shaves one way only',
    cause: 'a burr stands on one side',
    remedy: 'light strokes on that side, then strop',
  },
  'strop-torn': {
    seen: 'the strop is scored or torn',
    cause: 'burr, or edge leading by mistake',
    remedy: 'remove the burr; always edge trailing',
  },
  'dies-at-once': {
    seen: 'sharp, then dull within minutes',
    cause: 'foil burr broke off, or the apex is too fine for the work',
    remedy: 'deburr properly; set a micro-bevel',
  },
  wedges: {
    seen: 'sharp apex, cuts poorly',
    cause: 'the edge has thickened',
    remedy: 'lay the stone lower and thin the shoulders',
  },
  'worse-after-strop': {
    seen: 'worse after stropping',
    cause: 'too steep, too much pressure, too many strokes, soft strop',
    remedy: 'lower, lighter, fewer; back to the fine stone',
  },
  'no-change-strop': {
    seen: 'no change on the strop',
    cause: 'too flat, or the compound has glazed',
    remedy: 'raise it until it bites; renew the compound',
  },
  catches: {
    seen: 'a catching spot while cutting paper',
    cause: 'a chip or a roll there',
    remedy: 'work that section',
  },
  'scratched-flat': {
    seen: 'scratches up the flat',
    cause: 'lying too low, or grit on the stone',
    remedy: 'raise it, rinse the stone',
  },
  'chips-from-work': {
    seen: 'chips from normal work',
    cause: 'too thin or too hard for it',
    remedy: 'coarser stone or file, then a steeper angle',
  },
  'chips-from-misuse': {
    seen: 'chips from a stone, a nail, prying',
    cause: 'misuse: the angle is not to blame',
    remedy: 'grind out at the same angle, or leave on purpose',
  },
  rolled: {
    seen: 'a roll or a dent',
    cause: 'soft or thin edge, side load',
    remedy: 'hone or strop if slight, else stone',
  },
  'new-chips': {
    seen: 'a new knife chips at once',
    cause: 'stressed factory edge',
    remedy: 'the first proper sharpening usually cures it',
  },
  'dull-band': {
    seen: 'polished near the shoulder, dull band in the middle or at the apex',
    cause: 'a facet of the convex edge was missed',
    remedy: 'look across the bevel and work that facet',
  },
  'off-centre': {
    seen: 'apex off the centre line',
    cause: 'unequal strokes',
    remedy: 'more on the other side',
  },
  'rounded-scandi': {
    seen: 'scandi bevel gone rounded',
    cause: 'wobble, soft backing',
    remedy: 'back on a flat coarse stone, or accept it',
  },
};
