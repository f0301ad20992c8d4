import { faultLine, readDayRequest } from '../src/core/formats';
import { planDay } from '../src/core/washday';
import { answer, fail, readText } from './input';

/** `npm run -s day -- request.json`: reads a request, prints one wash day and nothing else. */
const [file, ...more] = process.argv.slice(2);
if (file === undefined || more.length > 0) fail(['usage: npm run -s day -- request.json   (- reads standard input)']);
const result = readDayRequest(readText(file));
if (result.status !== 'read') fail(result.faults.map((fault) => faultLine(fault, 'request')));
answer(planDay(result.request));
