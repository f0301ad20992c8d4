import { writeFileSync } from 'node:fs';
import { roomsPage } from './rooms-page';

/** `npm run rooms`: draws the rooms and who imports whom into docs/rooms.md, from the code as it is. */
writeFileSync('docs/rooms.md', roomsPage());
