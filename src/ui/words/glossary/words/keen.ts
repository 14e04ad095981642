import type { WordsOf } from '../word';

export const ofKeenness = {
  'pops-hair': {
    name: 'hair springs off',
    group: 'How keen',
    line: 'hairs jump off without a touch of the skin',
    says: 'Hold it a little over the skin of your arm: hairs jump off. The keenest of the tests; few jobs need it.',
    next: ['shaves'],
  },
  shaves: {
    name: 'shaves both ways',
    group: 'How keen',
    line: 'the arm is bare, drawn there and back',
    says: 'It shaves the hair of the arm, whichever way it is drawn. If it shaves one way only, a burr stands.',
    next: ['pops-hair', 'push-cuts', 'burr'],
  },
  'push-cuts': {
    name: 'push-cuts newsprint',
    group: 'How keen',
    line: 'straight down into thin paper, no slicing',
    says: 'Push it straight down into a hanging sheet of newsprint, without slicing: it cuts clean.',
    next: ['shaves', 'slices-paper'],
  },
  'slices-paper': {
    name: 'slices printer paper',
    group: 'How keen',
    line: 'drawn through a sheet, clean from heel to tip',
    says: 'Draw it through a hanging sheet of printer paper. It cuts clean from heel to tip; where it catches, the edge is blunt or chipped.',
    next: ['push-cuts', 'tears-paper'],
  },
  'tears-paper': {
    name: 'tears paper',
    group: 'How keen',
    line: 'it gets through, with a torn edge',
    says: 'It gets through a sheet of paper, but tears more than it cuts. Fine for a splitting axe, tired for a knife.',
    next: ['slices-paper', 'slides-on-nail'],
  },
  'slides-on-nail': {
    name: 'slides on a nail',
    group: 'How keen',
    line: 'on the thumbnail it slides, not bites',
    says: 'Rest it on your thumbnail, tilted, without any pressure. A keen edge bites and stays; this one slides off.',
    next: ['tears-paper', 'glint'],
  },
  tests: {
    name: 'the seven tests',
    group: 'How keen',
    line: 'the finest one that it passes',
    says: 'Tests that need nothing but paper, the hair of an arm and a nail. Try them from coarse to fine; the finest one that the edge passes says how keen it is.',
    next: [
      'pops-hair',
      'shaves',
      'push-cuts',
      'slices-paper',
      'tears-paper',
      'slides-on-nail',
      'glint',
    ],
  },
  'edge-states': {
    name: 'keen, works, tired, blunt',
    group: 'How keen',
    line: 'how an edge stands against its work',
    says: 'How an edge stands against what its work asks for. Keen: leave it alone. Works: a strop at most. Tired: a touch-up. Blunt: it takes steel.',
    next: ['target', 'touch-up'],
  },
} satisfies WordsOf;
