import { speak } from '../words/words';

await speak('en-GB');
