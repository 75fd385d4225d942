/** Prints the demo's makes as JSON: they are enacted when the app is built, and laid relative to the clock when it is opened. */
import { enactedDemo } from '../src/app/demo/enacted';

process.stdout.write(JSON.stringify(enactedDemo()));
