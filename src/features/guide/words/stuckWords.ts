import type { StuckCause } from '../../../core/touchUp/index';
import { newtons, um } from '../../../ui/format';

/** A cause as a person reads it: what it is, its sign, and what its button does. */
export interface StuckWords {
  cause: string;
  sign: string;
  remedy: string;
}

export function stuckWords(cause: StuckCause, isStrop: boolean): StuckWords {
  switch (cause.kind) {
    case 'not at the apex':
      return {
        cause: 'The strokes do not reach the apex',
        sign:
          cause.inkSeen === null
            ? 'Ink on the bevel stays at the very edge.'
            : 'The last ink said so: hold it as the answer told you, and look again.',
        remedy: 'Ink it and look',
      };
    case 'past it already':
      return {
        cause: 'It is done already',
        sign: cause.burrFelt
          ? 'You felt a burr along the whole length.'
          : 'A burr along the whole length, both sides in turn, and a quiet stroke.',
        remedy: 'Go to the next step',
      };
    case 'loaded':
      return {
        cause: isStrop
          ? 'The compound has glazed, or is a cake'
          : 'The surface is loaded or glazed',
        sign: isStrop
          ? 'It shines, and nothing turns grey. Scrape it back, rub in a little.'
          : 'It is grey and slides. Rinse and scrub it; rub a glazed one open.',
        remedy: 'It is clean now',
      };
    case 'too light':
      return {
        cause: 'Too little weight',
        sign: `It skates. This step counts on about ${newtons(cause.forceN)}.`,
        remedy: 'I press as planned now',
      };
    case 'too fine':
      return {
        cause: 'The stone is too fine for what is left',
        sign: `Scratches of the step before still show under ${um(cause.sizeUm)}.`,
        remedy: 'Take another stone',
      };
  }
}
