import { spoken } from '../../../ui/words/closedWords';
import { kitCardWords as say } from './words';
import type { MarkdownBlock } from '../../../formats/markdown';
import { planText } from '../../../ui/words/planText';
import type { CardLine, CardSide } from './cardSides';

/** The field card as a text: edge by edge, then what is packed, then the cautions. */
export function cardText(sides: readonly CardSide[]): MarkdownBlock[] {
  return [
    { heading: sides[0]!.title, level: 1 },
    ...sides
      .flatMap(({ rows }) => rows)
      .map(({ name, what, stands, angle, hold, lines }): MarkdownBlock => ({
        text: [
          `${name}, ${what}, ${stands}`,
          `${planText.perSide(angle)}: ${hold}`,
          ...lines.map(lineText),
        ].join('\n'),
      })),
    ...sides.flatMap(({ tools, mats }) =>
      [...tools, ...mats].map(({ name, grams, things }): MarkdownBlock => ({
        text: `${[name, grams].filter(Boolean).join(', ')}: ${things.join(', ')}`,
      })),
    ),
    { text: sides.flatMap(({ cautions }) => cautions).join('\n') },
  ];
}

function lineText({ when, angle, steps, words }: CardLine): string {
  const own = steps.map(({ strokes, name }) => `${strokes} ${name}`).join(say.then);
  return [`${spoken(when)}:`, angle, own || words].filter(Boolean).join(' ');
}
