import { makeApp } from '../server/app';
import { buildApp } from './build-app';

/** Builds the app and starts it with the demo kit. PORT chooses the port; 4173 and the next free ones are tried otherwise. */
const wished = process.env.PORT;
if (wished !== undefined && !(/^\d{1,5}$/.test(wished) && Number(wished) < 65_536)) {
  console.error(`PORT=${wished} is no port. Choose a number from 0 to 65535: PORT=5000 npm run demo`);
  process.exit(1);
}
const PORTS = wished ? [Number(wished)] : [4173, 4174, 4175, 0];

console.log('Building Umbrastic …');
if (!buildApp({ level: 'warn' })) process.exit(1);

const app = makeApp({ dist: 'dist', demo: true, now: Date.now });

function listen(ports: readonly number[]): void {
  const [port, ...rest] = ports;
  const server = app.listen(port ?? 0, '127.0.0.1', (error?: Error) => {
    if (error) {
      if ((error as NodeJS.ErrnoException).code === 'EADDRINUSE' && rest.length > 0) listen(rest);
      else {
        console.error(`Port ${port} cannot be used (${error.message}). Choose another: PORT=5000 npm run demo`);
        process.exit(1);
      }
      return;
    }
    const address = server.address();
    console.log(
      `Umbrastic with the demo kit: http://127.0.0.1:${typeof address === 'object' && address ? address.port : port}/   (Ctrl+C stops it)`,
    );
  });
}
listen(PORTS);
