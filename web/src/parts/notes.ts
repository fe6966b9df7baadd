/**
 * Sentences for somebody who is in a place for the first time: three notes for each place, in the order in which they are
 * read, each beside what it speaks of.
 */
export const NOTES = {
  'bench.next': 'What comes next stands here. Plan an evening, and it goes by the clock.',
  'bench.setups': 'A set-up is one way to press one design. Open it to see what it will give.',
  'bench.pulls': 'Each pull you log is kept here, with its picture and how it came out.',
  'job.pieces': 'A job is a number of cards of one kind. Each card is made of these pieces.',
  'job.operations': 'Each piece goes through these operations, from the top down.',
  'job.bill': 'What the whole job uses. What you are short of comes first.',
  'layout.sheet':
    'On the left is the card as it will be read, on the right how you load it. Drag a design on either.',
  'layout.place': 'You can also type where a design goes: how far from which edge, or “centred”.',
  'layout.print': 'Print a sheet in true size to lay your plates by.',
  'stack.layers':
    'This is what goes through the press, from top to bottom. Choose a layer to swap or move it.',
  'stack.forecast':
    'Each mark is one of twenty pulls with this stack. The forecast follows each change you make.',
  'stack.advice': 'Changes with what you own that would give better pulls. Each says what it brings.',
  'run.step': 'One step at a time, in large type. Press the space bar when it is done.',
  'run.clock': 'The clock counts for you. It warns before a step is cut short.',
  'run.log': 'After the pull, say how it came out. This is how Glanzen learns your press.',
  'pulls.wall': 'Every pull you logged, newest first. Open one to see why it came out as it did.',
  'pulls.filters': 'Show only pulls of one plate, one foil or one outcome.',
  'pulls.read': 'Take a picture of a pull, and Glanzen measures how much of the design has foil.',
  'card.space': 'The finished card. Pull its pieces apart with the slider; drag a piece to move it.',
  'card.section': 'The card cut through along the line: is it thin enough for its envelope?',
  'card.steps': 'How to put it together, from the bottom up, with drying times.',
  'kit.shelf': 'Everything you own stands here. Choose a thing to see or change its figures.',
  'kit.begin': 'The quickest way to fill your shelves: choose what looks like yours.',
  'kit.measure': 'A measured press is forecast better than one that goes by its label.',
  'drills.case': 'A case from the bench, and a question about it. Nothing here touches your logbook.',
  'drills.sure': 'Say so when you are sure: what you were sure of and got wrong comes back soon.',
  'drills.progress': 'How often you were right, skill by skill.',
} as const;

export type NoteName = keyof typeof NOTES;

const names = Object.keys(NOTES) as NoteName[];
const placeOf = (name: string) => name.split('.')[0];

/** True when a note is the next one of its place for somebody who has read these; "every" stands for all of them. */
export function isNext(name: NoteName, read: readonly string[]): boolean {
  if (read.includes('every')) return false;
  return names.find((other) => placeOf(other) === placeOf(name) && !read.includes(other)) === name;
}
