/**
 * Colour, measured: from pictures with a white sheet in them, with intervals. Refuses: decoding files (a worker does), and a figure from a picture
 * that shows no usable white.
 */
export * from './difference';
export * from './read';
export * from './spaces';
export * from './whitening';
