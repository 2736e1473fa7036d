// Fails when the catalogue does not hold just what is said on the screen.
import { getCatalogs } from '@lingui/cli/api';
import { getConfig } from '@lingui/conf';

const [catalog] = await getCatalogs(getConfig());
const said = Object.keys(await catalog.collect());
const kept = Object.keys(await catalog.read('en'));
const missing = said.filter((id) => !kept.includes(id));
const more = kept.filter((id) => !said.includes(id));
if (missing.length + more.length > 0) {
  console.error(`src/words/en.po lacks ${missing.length} sentences and has ${more.length} that nothing says. Run: npm run words`);
  process.exit(1);
}
