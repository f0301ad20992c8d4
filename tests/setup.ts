import fc from 'fast-check';
import 'fake-indexeddb/auto';

/* The same seed every time, so that a change is judged by itself; FC_SEED looks elsewhere. A failure prints its seed. */
fc.configureGlobal({ seed: Number(process.env.FC_SEED ?? 20270103) });
